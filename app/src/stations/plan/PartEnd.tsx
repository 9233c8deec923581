import { View } from 'react-native';
import { courseOf, roundOf } from '@hoppla/core/address';
import type { PartModel } from '@hoppla/core/model';
import { gatherInstead, holeLeftMm, wayOf } from '@hoppla/core/plan';
import { roundsWorked, timesGathered } from '@hoppla/core/safety';
import { changePart, USUAL_END, type EndingSaid } from '@hoppla/core/toy';
import { Choice, Nudge, Num, PlainButton, Quiet, Title } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.plan;

/** How a part is gathered shut: after which round, how often, through which loops, from which side. */
export function PartEnd({ part }: { part: PartModel }) {
  const { model } = useToy();
  if (!part.reading.closed) return null;
  const { id } = part.part;
  const said = part.part.ending ?? USUAL_END;
  const put = (change: Partial<EndingSaid> | null) =>
    edit(say.endingSaid(part.name), { station: 'plan', part: id }, (so) =>
      changePart(so, id, { ending: change && { ...said, ...change } }),
    );
  return (
    <View style={{ gap: 12 }}>
      <Title role="heading" aria-level={2}>
        {say.ending}
      </Title>
      <Gathered part={part} onSay={(round) => put({ gather: round })} />
      <Choice
        label={say.way}
        options={(['drawn together', 'star'] as const).map((w) => ({ id: w, label: say.ways[w] }))}
        chosen={wayOf(part)}
        onChoose={(way) => put({ way })}
      />
      <Choice
        label={say.times}
        options={(['1', '2'] as const).map((t) => ({ id: t, label: say.timesMany[t] }))}
        chosen={timesGathered(model, part) === 2 ? '2' : '1'}
        onChoose={(t) => put({ times: t === '2' ? 2 : 1 })}
      />
      <Choice
        label={say.loops}
        options={(['front', 'back'] as const).map((l) => ({ id: l, label: say.loopsOf[l] }))}
        chosen={said.loops}
        onChoose={(loops) => put({ loops })}
      />
      <Choice
        label={say.side}
        options={(['outside', 'inside'] as const).map((s) => ({ id: s, label: say.sides[s] }))}
        chosen={said.from}
        onChoose={(from) => put({ from })}
      />
      {part.part.ending ? (
        <View style={{ flexDirection: 'row' }}>
          <PlainButton label={say.endingUsual} onPress={() => put(null)} />
        </View>
      ) : null}
    </View>
  );
}

/** Which round is gathered, and the hole that it leaves. */
function Gathered({ part, onSay }: { part: PartModel; onSay: (round: EndingSaid['gather']) => void }) {
  const { model, units } = useToy();
  const { rounds } = part.fabric;
  const at = roundsWorked(part) - 1;
  const early = gatherInstead(model, part);
  const to = (index: number) => onSay(index === rounds.length - 1 ? null : courseOf(part.fabric, index));
  const lost = part.part.ending?.gather && roundOf(part.fabric, part.part.ending.gather) < 0;
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10, flexWrap: 'wrap' }}>
        <Num fontSize={26} lineHeight={32}>
          {say.gathered(rounds[at].label, rounds[at].count)}
        </Num>
        <Quiet>{say.holeLeft(units.length(holeLeftMm(part, at)))}</Quiet>
      </View>
      {lost ? <Quiet>{say.gatherLost}</Quiet> : null}
      {early ? (
        <Quiet>{say.gatherEarly(early.label, early.count, units.length(early.holeMm), early.twice)}</Quiet>
      ) : null}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        {([-1, 1] as const).map((by) => {
          const next = at + by;
          const can = next > 0 && next < rounds.length;
          return (
            <Nudge
              key={by}
              direction={by < 0 ? say.gatherEarlier : say.gatherLater}
              arrow={by < 0 ? '◂' : '▸'}
              result={rounds[can ? next : at].label}
              onPress={() => to(next)}
              disabled={!can}
              basis="47%"
              repeats
            />
          );
        })}
      </View>
    </View>
  );
}
