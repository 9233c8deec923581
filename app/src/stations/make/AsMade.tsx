import { View } from 'react-native';
import { flatEdge, gaugeFromEdge, largerBy, type Tick } from '@hoppla/core/record';
import type { PartModel } from '@hoppla/core/model';
import { measureGauge } from '@hoppla/core/toy';
import { Amount, PlainButton, Quiet, Words } from '../../controls';
import { edit, newId, note } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.make;
/** Less than so much off is as planned, percent: a ruler tells no more. */
const ALIKE = 2;

/** The piece as it is after its last round beside the plan: its edge counted, and pressed flat on the ruler. */
export function AsMade({
  last,
  part,
  counted,
  acrossMm,
}: {
  /** the last round of the piece that is done */
  last: Tick;
  part: PartModel;
  counted: number | undefined;
  acrossMm: number | undefined;
}) {
  const { units } = useToy();
  const { key } = last;
  const { round, label } = last.round!;
  const should = flatEdge(part, round);
  return (
    <View style={{ gap: 8 }}>
      <View style={{ gap: 2 }}>
        <Words fontWeight="600">{say.measureNow(label)}</Words>
        <Quiet>
          {say.measureShould(units.length(should.mm), units.length(should.low), units.length(should.high))}
        </Quiet>
      </View>
      <View style={{ flexDirection: 'row' }}>
        <Amount
          key={`across${key}`}
          label={say.measureIs}
          unit={units.of}
          value={acrossMm === undefined ? null : acrossMm / units.oneMm}
          note={say.countedNote}
          onSay={(value) =>
            value !== null && value > 0
              ? note({ what: 'measured', key, acrossMm: value * units.oneMm })
              : undefined
          }
        />
      </View>
      {acrossMm === undefined ? null : <Off part={part} round={round} acrossMm={acrossMm} />}
      <Count tick={last} counted={counted} />
    </View>
  );
}

/** How many stitches the edge really has. */
function Count({ tick: { key, round }, counted }: { tick: Tick; counted: number | undefined }) {
  const { label, count } = round!;
  return (
    <>
      <View style={{ flexDirection: 'row' }}>
        <Amount
          key={`count${key}`}
          label={`${say.countedIs}, ${label}`}
          unit=""
          value={counted ?? null}
          note={say.countedNote}
          onSay={(value) =>
            value === null ? undefined : note({ what: 'counted', key, stitches: Math.round(value) })
          }
        />
      </View>
      {counted === undefined || counted === count ? null : (
        <Words fontWeight="600">{say.countedOff(counted, count)}</Words>
      )}
    </>
  );
}

/** How far off it is, and planning the rest with it. */
function Off({ part, round, acrossMm }: { part: PartModel; round: number; acrossMm: number }) {
  const { toy, writing } = useToy();
  const off = largerBy(part, round, acrossMm);
  const named = toy.gauges.find((g) => g.id === part.part.gauge) ?? toy.gauges[0];
  const found = gaugeFromEdge(part, named, round, acrossMm);
  if (Math.abs(off) < ALIKE) return <Words fontWeight="600">{say.asPlanned}</Words>;
  const told = Math.abs(off).toFixed(0);
  return (
    <View style={{ gap: 6 }}>
      <Words fontWeight="600" aria-live="polite">
        {off > 0 ? say.larger(told) : say.smaller(told)}
      </Words>
      {found.fault === undefined ? (
        <View style={{ flexDirection: 'row' }}>
          <PlainButton
            label={say.planRest}
            disabled={!writing}
            onPress={() =>
              edit(say.planRestSaid, { station: 'make' }, (so) =>
                measureGauge(so, part.part.id, found.change, newId),
              )
            }
          />
        </View>
      ) : (
        <Words role="alert">{say.notBelieved}</Words>
      )}
    </View>
  );
}
