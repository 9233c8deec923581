import { View } from 'react-native';
import { wanderOf, type Source } from '@hoppla/core/gauge';
import { changeGauge, gaugeSettingsOf, measureGauge, type NamedGauge, type Toy } from '@hoppla/core/toy';
import { modelPart, type PartModel, type Said } from '@hoppla/core/model';
import { decimals, inSentence, numberSaid, type UnitWords } from '@hoppla/core/words';
import { Num, Press, Quiet, Words } from '../../controls';
import { edit, newId } from '../../documents';
import { usePalette } from '../../theme';
import { screenWords as words } from '../../words';

const say = words.gauge;

/** A measurement within more than so many percent says little. */
const WIDE_RANGE = 5;

/** What the measurement makes of the part. */
export function Becomes({
  part,
  toy,
  said,
  units,
}: {
  part: PartModel;
  toy: Toy;
  said: Extract<Said, { state: 'good' }>;
  units: UnitWords;
}) {
  const changed = measureGauge(toy, part.part.id, said.change, newId);
  const after = modelPart(changed, changed.parts.find((p) => p.id === part.part.id) ?? part.part);
  const size = (p: PartModel) =>
    words.bench.size(units.bare(p.form.widthMm), units.bare(p.form.heightMm), units.of);
  const percent = said.change.stitchRangePercent ?? said.change.roundRangePercent;
  return (
    <View aria-live="polite">
      <Words>{say.becomes(part.name, size(part), size(after))}</Words>
      {percent === undefined ? null : <Quiet>{say.within(decimals(percent, 1), percent > WIDE_RANGE)}</Quiet>}
    </View>
  );
}

/** The four figures of a gauge as they stand, each measured or assumed, with its range and a way back. */
export function Standing({ part, gauge, units }: { part: PartModel; gauge: NamedGauge; units: UnitWords }) {
  return (
    <View style={{ gap: 2 }}>
      <Words fontWeight="600">{say.now}</Words>
      {factsOf(part, gauge, units).map((f) => (
        <FactRow key={f.id} fact={f} part={part} gauge={gauge} />
      ))}
    </View>
  );
}

interface GaugeFact {
  id: keyof typeof say.facts;
  value: string;
  note?: string;
  source: Source;
  percent: number | null;
  /** what is taken away to forget it */ forget: Partial<NamedGauge>;
}

function factsOf(part: PartModel, gauge: NamedGauge, units: UnitWords): GaugeFact[] {
  const g = part.gauge;
  const lean = wanderOf(g.leanStitches, g.hand, part.part.pose.out === 'wrong side');
  const unmeasured = g.source === 'not known' ? 'not known' : 'assumed';
  const round = gaugeSettingsOf(gauge, part.reading).roundMm === undefined ? unmeasured : 'measured';
  return [
    {
      id: 'stitch',
      value: units.fine(g.stitchMm),
      source: g.stitchSource,
      percent: g.stitchRangePercent,
      forget: { stitchMm: undefined, stitchRangePercent: undefined },
    },
    {
      id: 'round',
      value: units.fine(g.roundMm),
      source: round,
      percent: g.roundRangePercent,
      forget: { roundMm: undefined, roundRangePercent: undefined },
    },
    {
      id: 'lean',
      value: say.moves(numberSaid(Math.round(lean.stitches * 10) / 10), say[lean.side]),
      note: say.inTenRounds,
      source: g.leanSource,
      percent: null,
      forget: { leanStitches: undefined },
    },
    {
      id: 'yarn',
      value: say.yarnEach(units.length(g.yarnWidths * g.stitchMm)),
      source: g.yarnSource,
      percent: null,
      forget: { yarnPerStitchMm: undefined },
    },
    ...(part.fill === 'empty'
      ? []
      : [
          {
            id: 'give' as const,
            value: decimals(g.postGive, 2),
            note: say.giveNote,
            source: g.postSource,
            percent: g.postSource === 'measured' ? g.postRangePercent : null,
            forget: { postGive: undefined, postRangePercent: undefined },
          },
        ]),
  ];
}

function Forget({ label, part, forget }: { label: string; part: PartModel; forget: (toy: Toy) => Toy }) {
  return (
    <Press
      label={label}
      onPress={() => edit(label, { station: 'gauge', part: part.part.id }, forget)}
      style={{ alignItems: 'center' }}
    >
      <Words aria-hidden fontSize={22}>
        ×
      </Words>
    </Press>
  );
}

/** One figure, where it is from, and the way to forget it. */
function FactRow({ fact, part, gauge }: { fact: GaugeFact; part: PartModel; gauge: NamedGauge }) {
  const c = usePalette();
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        flexWrap: 'wrap',
        alignContent: 'center',
        columnGap: 12,
        minHeight: 46,
        borderTopWidth: 1,
        borderTopColor: c.line,
      }}
    >
      <Words width={66} color={c.ink2}>
        {say.facts[fact.id]}
      </Words>
      <Num fontSize={15} lineHeight={20} flexShrink={1}>
        {fact.value}
      </Num>
      <Quiet
        flexGrow={1}
      >{`${fact.note ? `${fact.note}, ` : ''}${say.sources[fact.source]}${fact.percent === null ? '' : `, ${say.range(decimals(fact.percent, fact.percent < 10 ? 1 : 0))}`}`}</Quiet>
      {fact.source === 'measured' ? (
        <Forget
          label={say.forget(inSentence.name(say.facts[fact.id]))}
          part={part}
          forget={(toy) => changeGauge(toy, gauge.id, fact.forget)}
        />
      ) : null}
    </View>
  );
}
