import { View } from 'react-native';
import { courseOf } from '@hoppla/core/address';
import { bothFillings, fillBetween, type PartModel, type Zone } from '@hoppla/core/model';
import { fillShowsMm, gapsOf } from '@hoppla/core/safety';
import { changePart, type ZoneFill } from '@hoppla/core/toy';
import { Choice, Nudge, Num, PlainButton, Quiet, Title } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import type { Span } from './Silhouette';

const say = words.plan;
const FILLS: readonly ZoneFill[] = ['empty', 'soft', 'medium', 'firm', 'yarn ends'];

/** The length that is chosen: from where to where, how firm, how many grams. */
export function FillLength({
  part,
  zones,
  span,
  setSpan,
}: {
  part: PartModel;
  zones: readonly Zone[];
  span: Span;
  setSpan: (span: Span) => void;
}) {
  const inside = zones.filter((z) => z.from <= span.to && z.to >= span.from);
  const { id } = part.part;
  const put = (chosen: ZoneFill) =>
    edit(say.filled(part.name, say.fills[chosen]), { station: 'plan', part: id }, (so) => {
      const zone = {
        from: courseOf(part.fabric, span.from),
        to: courseOf(part.fabric, span.to),
        fill: chosen,
      };
      return changePart(so, id, { zones: [...part.part.zones, zone] });
    });
  return (
    <>
      <Grams part={part} span={span} />
      <Shows part={part} />
      <Choice
        label={say.howFirm}
        options={FILLS.map((fill) => ({ id: fill, label: say.fills[fill] }))}
        chosen={inside.length === 1 ? inside[0].fill : null}
        onChoose={put}
      />
      <Ends part={part} span={span} setSpan={setSpan} />
      {part.part.zones.length > 0 ? (
        <View style={{ flexDirection: 'row' }}>
          <PlainButton
            label={say.fillAsText}
            onPress={() =>
              edit(say.fillAsText, { station: 'plan', part: id }, (so) => changePart(so, id, { zones: [] }))
            }
          />
        </View>
      ) : null}
    </>
  );
}

/** Whether filling shows through the part's widest gap, at this gauge and as firm as it is filled. */
function Shows({ part }: { part: PartModel }) {
  const { model, units } = useToy();
  const gaps = gapsOf(part);
  if (gaps === null) return <Quiet>{say.gapNotKnown}</Quiet>;
  const widest = gaps.reduce<(typeof gaps)[number] | null>(
    (best, g) => (best && best.mm >= g.mm ? best : g),
    null,
  );
  if (!widest) return null;
  const limit = fillShowsMm(model, part);
  const shows = widest.mm > limit;
  return (
    <Quiet>
      {`${shows ? '! ' : ''}${(shows ? say.fillShows : say.fillHides)(units.fine(widest.mm), widest.label, units.fine(limit))}`}
    </Quiet>
  );
}

/** What goes into a length, with its range. */
function Grams({ part, span }: { part: PartModel; span: Span }) {
  const { model, units } = useToy();
  const { rounds } = part.fabric;
  const grams = bothFillings(fillBetween(model, part, span.from, span.to));
  const some = grams.value > 0;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10, flexWrap: 'wrap' }}>
      <Title role="heading" aria-level={2}>
        {`${rounds[span.from].label}–${rounds[span.to].label.slice(1)}`}
      </Title>
      <Num fontSize={26} lineHeight={32}>
        {some ? units.weight(grams.value) : say.nothing}
      </Num>
      {some ? <Quiet>{say.range(units.bareWeight(grams.low), units.weight(grams.high))}</Quiet> : null}
    </View>
  );
}

/** Both ends of a length, moved by rounds; each says where it would be. */
function Ends({ part, span, setSpan }: { part: PartModel; span: Span; setSpan: (span: Span) => void }) {
  const { rounds } = part.fabric;
  const steps: readonly { end: 'from' | 'to'; by: 1 | -1 }[] = [
    { end: 'from', by: -1 },
    { end: 'from', by: 1 },
    { end: 'to', by: -1 },
    { end: 'to', by: 1 },
  ];
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {steps.map(({ end, by }) => {
        const next = { ...span, [end]: span[end] + by };
        const can = next.from >= 0 && next.from <= next.to && next.to < rounds.length;
        return (
          <Nudge
            key={`${end}${by}`}
            direction={say[end]}
            arrow={by < 0 ? '◂' : '▸'}
            result={rounds[can ? next[end] : span[end]].label}
            onPress={() => setSpan(next)}
            disabled={!can}
            basis="47%"
            repeats
          />
        );
      })}
    </View>
  );
}
