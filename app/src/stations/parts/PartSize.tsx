import { type Course } from '@hoppla/core/address';
import { type PartShaping } from '@hoppla/core/toy';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { changePart } from '@hoppla/core/toy';
import { bothFillings, fillingOf, type PartModel } from '@hoppla/core/model';
import { courseOf, marksOf } from '@hoppla/core/address';
import { hardwareGrams } from '@hoppla/core/feature';
import { massOf, rimsOf, sizeOf } from '@hoppla/core/form';
import type { Ranged } from '@hoppla/core/gauge';
import { Meaning, PlainButton, Quiet, Words } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { hrefOf } from '../stations';
import { screenWords as say } from '../../words';

/** The size with its range and what it rests on, and what may be done to it after it is worked. */
export function PartSize({ part }: { part: PartModel }) {
  const { units, toy, model } = useToy();
  const router = useRouter();
  const { width, depth, height } = sizeOf(part.form);
  const id = part.part.id;
  if (part.fabric.rounds.length === 0) return null;
  const range = (r: Ranged) => say.parts.about(units.bare(r.low), units.bare(r.high));
  const flat = part.form.widthMm - part.form.depthMm > 1;
  const sizes = [
    `${range(width)} ${say.parts.wide(units.of)}`,
    ...(flat && part.form.section === 'ring' ? [`${range(depth)} ${say.parts.deep(units.of)}`] : []),
    `${range(height)} ${say.parts.tall(units.of)}`,
  ].join(', ');
  const { shaping } = part.part;
  const mass = massOf(
    part.form,
    bothFillings(fillingOf(model, part)),
    hardwareGrams(toy.features, id, part.copies[0]?.id ?? ''),
  );
  const shape = (next: typeof shaping) =>
    edit(`${say.parts.shaping}: ${say.parts.shapings[next.how]}`, { station: 'parts', part: id }, (so) =>
      changePart(so, id, { shaping: next }),
    );
  const rims = rimsOf(part.form);
  // A ridge is where one pushes in; else the first round that leaves room for the rest.
  const usual =
    marksOf(part.form, 'ridge')
      .map((i) => i - 1)
      .find((i) => rims.includes(i)) ?? rims[0];
  const rim = (round: number) => ({ how: 'pushed in' as const, rim: courseOf(part.fabric, round) });
  return (
    <>
      <Quiet>{`${sizes}; ${say.parts.from(say.parts.basis[part.form.basis], part.gauge.source)}${part.form.innerCm3 >= 0.5 ? `; ${say.parts.holds(String(Math.round(part.form.innerCm3)))}` : ''}${mass ? `; ${say.parts.weighs(units.weight(mass.value), units.bareWeight(mass.low), units.bareWeight(mass.high))}` : ''}.`}</Quiet>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16 }}>
        <PlainButton label={say.parts.measure} onPress={() => router.push(hrefOf(toy.id, 'gauge', id))} />
        {part.gauge.source === 'assumed' ? <Meaning of="gauge" /> : null}
        {part.form.section === 'ring' ? <Meaning of="hand" /> : null}
      </View>
      {part.form.section === 'ring' ? (
        <>
          <Words fontWeight="600">{say.parts.shaping}</Words>
          <ShapingChoice shaping={shaping} shape={shape} usual={usual} rim={rim} />
          {shaping.how === 'pushed in' ? (
            <RimChoice rims={rims} part={part} shaping={shaping} shape={shape} rim={rim} />
          ) : null}
        </>
      ) : null}
    </>
  );
}

/** Along which round it is pushed in. */
function RimChoice({
  rims,
  part,
  shaping,
  shape,
  rim,
}: {
  rims: number[];
  part: PartModel;
  shaping: { how: 'pushed in'; rim: Course };
  shape: (next: PartShaping) => void;
  rim: (round: number) => { how: 'pushed in'; rim: Course };
}) {
  return (
    <View
      role="radiogroup"
      aria-label={say.parts.rim}
      style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' }}
    >
      <Words>{say.parts.rim}</Words>
      {rims.map((i) => {
        const round = part.fabric.rounds[i];
        return (
          <PlainButton
            key={`${round.mark}.${round.nth}`}
            label={round.label}
            chosen={round.mark === shaping.rim.mark && round.nth === shaping.rim.nth}
            onPress={() => shape(rim(i))}
          />
        );
      })}
    </View>
  );
}

/** What it is made into. */
function ShapingChoice({
  shaping,
  shape,
  usual,
  rim,
}: {
  shaping: PartShaping;
  shape: (next: PartShaping) => void;
  usual: number;
  rim: (round: number) => { how: 'pushed in'; rim: Course };
}) {
  return (
    <View
      role="radiogroup"
      aria-label={say.parts.shaping}
      style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
    >
      {(['as worked', 'flattened', 'folded'] as const).map((how) => (
        <PlainButton
          key={how}
          label={say.parts.shapings[how]}
          chosen={shaping.how === how}
          onPress={() => shape({ how })}
        />
      ))}
      {usual !== undefined ? (
        <PlainButton
          label={say.parts.shapings['pushed in']}
          chosen={shaping.how === 'pushed in'}
          onPress={() => shape(rim(usual))}
        />
      ) : null}
    </View>
  );
}
