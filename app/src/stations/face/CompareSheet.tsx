import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { pairTag } from '@hoppla/core/address';
import {
  compareFaces,
  pairsLike,
  resolveEyes,
  type Difference,
  type EyePair,
  type Face,
  type Head,
} from '@hoppla/core/feature';
import {
  copyName,
  headOf,
  modelOf,
  modelToy,
  sculptings,
  sculptLines,
  type PartModel,
  type ToyModel,
} from '@hoppla/core/model';
import { faceWords, type UnitWords } from '@hoppla/core/words';
import { Choice, Num, PlainButton, Quiet, Sheet, Words } from '../../controls';
import { useShelf } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { change } from './change';
import { screenWords as words } from '../../words';

const say = words.face;

/** The face that is compared with: said when it is the only one, chosen when there are more. */
function OtherFace({
  others,
  chosen,
  onChoose,
}: {
  others: ReturnType<typeof useOtherFaces>;
  chosen: { id: string; label: string } | null;
  onChoose: (id: string) => void;
}) {
  if (chosen === null) return <Words>{say.compareNone}</Words>;
  if (others.length === 1) return <Words fontWeight="600">{chosen.label}</Words>;
  return (
    <Choice
      label={say.compareWith}
      options={others.map((o) => ({ id: o.id, label: o.label }))}
      chosen={chosen.id}
      onChoose={onChoose}
    />
  );
}

/** This face beside another one of the bench: what differs, in places and mm; and "like on that toy". */
export function CompareSheet({
  part,
  head,
  eyes,
  own,
  onClose,
}: {
  part: PartModel;
  head: Head;
  eyes: EyePair;
  /** whether the eyes are there already */ own: boolean;
  onClose: () => void;
}) {
  const { units, model } = useToy();
  const others = useOtherFaces(eyes.id);
  const [id, setId] = useState<string | null>(null);
  const other = others.find((o) => o.id === id) ?? others[0] ?? null;
  const at = resolveEyes(head, eyes);
  const differ = own && other && at.state !== 'homeless' ? compareFaces({ head, eyes, at }, other.face) : [];
  const likes = other
    ? pairsLike(head, { id: eyes.id, part: part.part.id, copy: eyes.copy }, other.face)
    : [];
  return (
    <Sheet title={say.compareTitle} onClose={onClose}>
      <OtherFace others={others} chosen={other} onChoose={setId} />
      <Differences differ={differ} units={units} />
      <DrawnIn model={model} part={part.part.id} name={part.name} units={units} />
      {other ? (
        <DrawnIn model={other.model} part={other.face.eyes.part} name={other.label} units={units} />
      ) : null}
      {likes.map((like) => {
        const label = say.placeLike(faceWords.likes[like.how]);
        const there = resolveEyes(head, like.eyes);
        return (
          <View key={like.how} style={{ gap: 4 }}>
            <PlainButton label={label} onPress={() => (onClose(), change(label, part, like.eyes))} />
            <Quiet>
              {there.state === 'homeless'
                ? ''
                : `${pairTag(there.names)}, ${units.length(there.spacing.straightMm.value)}`}
            </Quiet>
          </View>
        );
      })}
    </Sheet>
  );
}

/** What needle sculpting is thought to do to the eyes of a face that is compared; an estimate, beside what is counted. */
function DrawnIn({
  model,
  part,
  name,
  units,
}: {
  model: ToyModel;
  part: string;
  name: string;
  units: UnitWords;
}) {
  return sculptings(model)
    .filter((s) => s.feature.part === part && s.feature.work === 'eyes')
    .flatMap((s) => sculptLines(s, units))
    .map((line) => <Quiet key={line}>{`${name}: ${line}`}</Quiet>);
}

/** In what the two differ. */
function Differences({ differ, units }: { differ: Difference[]; units: UnitWords }) {
  const c = usePalette();
  return (
    <View role="list">
      {differ.map((d) => (
        <View
          key={d.about}
          role="listitem"
          style={{
            flexDirection: 'row',
            alignItems: 'baseline',
            gap: 10,
            paddingVertical: 7,
            borderTopWidth: 1,
            borderTopColor: c.line,
          }}
        >
          <Words flex={1}>{faceWords.differences[d.about]}</Words>
          <Num fontSize={19} lineHeight={24}>
            {valueOf(d.own, d, units)}
          </Num>
          <Quiet width={112} textAlign="right">
            {differenceOf(d, units)}
          </Quiet>
        </View>
      ))}
    </View>
  );
}

/** Every other face of this toy and of the toys on the bench. */
function useOtherFaces(mine: string): { id: string; label: string; face: Face; model: ToyModel }[] {
  const { model, toy } = useToy();
  const shelf = useShelf();
  return useMemo(() => {
    const models = [
      model,
      ...(shelf.data ?? []).flatMap((s) =>
        s.file && s.file.toy.id !== toy.id ? [modelToy(s.file.toy)] : [],
      ),
    ];
    return models.flatMap((m) =>
      m.eyes.flatMap(({ eyes, state }) => {
        if (state.state === 'homeless' || (m === model && eyes.id === mine)) return [];
        const part = modelOf(m, eyes.part);
        return [
          {
            id: `${m.toy.id}/${eyes.id}`,
            label: m === model ? copyName(part, eyes.copy) : `${m.toy.name}, ${copyName(part, eyes.copy)}`,
            face: { head: headOf(m, part), eyes, at: state },
            model: m,
          },
        ];
      }),
    );
  }, [model, shelf.data, toy.id, mine]);
}

function valueOf(value: Difference['own'], { unit }: Difference, units: UnitWords): string {
  if (typeof value === 'string') return value;
  return unit === 'mm'
    ? units.fine(value)
    : unit === 'deg'
      ? `${value.toFixed(0)}°`
      : unit === 'percent'
        ? `${value.toFixed(0)} %`
        : String(value);
}

/** Below half of what is printed two numbers are the same. */
const SAME: Record<Difference['unit'], number> = {
  rounds: 0.5,
  stitches: 0.5,
  mm: 0.05,
  deg: 0.5,
  percent: 0.5,
  word: 0.5,
};

function differenceOf(d: Difference, units: UnitWords): string {
  if (Math.abs(d.by) < SAME[d.unit]) return say.same;
  if (d.unit === 'word') return `${say.different}: ${d.other}`;
  const n = valueOf(Math.abs(d.by), d, units);
  return d.by < 0 ? say.less(n) : say.more(n);
}
