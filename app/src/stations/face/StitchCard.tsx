import { useState } from 'react';
import { View } from 'react-native';
import { holeTag, type HoleName } from '@hoppla/core/address';
import {
  endSaid,
  evened,
  MOST_STITCHED,
  readEnd,
  type Embroidery,
  type ThreadEnd,
} from '@hoppla/core/feature';
import { removeFeature } from '@hoppla/core/toy';
import { evennessOf, type PartModel, type Stitched } from '@hoppla/core/model';
import { threadLength } from '@hoppla/core/plan';
import { stitchWords, type UnitWords } from '@hoppla/core/words';
import {
  Choice,
  Field,
  Nudge,
  Num,
  PlainButton,
  ProblemLine,
  Quiet,
  Tag,
  Title,
  Words,
} from '../../controls';
import { edit } from '../../documents';
import { screenWords as words } from '../../words';
import { endsOf, put, withEnd, type EndAt } from './stitchEnds';
import { OtherSide, Satin, Thread } from './StitchThread';

const say = words.stitching;

interface StitchProps {
  part: PartModel;
  stitched: Stitched;
  units: UnitWords;
  at: EndAt;
  setAt: (at: EndAt) => void;
}

/** One piece of embroidery: how much thread, where each end goes in, small steps, words, its other side and its thread. */
export function StitchCard({
  part,
  stitched,
  units,
  at,
  setAt,
  onBack,
}: StitchProps & { onBack: () => void }) {
  const { feature: f, fault, sides } = stitched;
  const each = sides.length > 1;
  const mm = sides[0]?.mm ?? 0;
  return (
    <>
      <Title role="heading" aria-level={2}>
        {say.on(f.name, part.name)}
      </Title>
      {fault ? (
        <ProblemLine where={f.name} sentence={stitchWords.faults[fault](f.name)} severity="error" />
      ) : (
        <Words fontWeight="600">
          {(each ? stitchWords.wayEach : stitchWords.way)(units.length(mm), units.end(threadLength(mm)))}
        </Words>
      )}
      <Ends part={part} stitched={stitched} units={units} at={at} setAt={setAt} />
      <Steps part={part} stitched={stitched} units={units} at={at} setAt={setAt} />
      <Where key={`${f.id} ${at.side} ${at.end}`} part={part} stitched={stitched} at={at} />
      <Readings part={part} stitched={stitched} units={units} />
      <OtherSide part={part} stitched={stitched} setAt={setAt} />
      {f.satin ? <Satin part={part} f={f} units={units} /> : null}
      <Thread part={part} f={f} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton
          label={say.remove}
          onPress={() => (
            onBack(),
            edit(say.remove, { station: 'face', part: part.part.id }, (toy) => removeFeature(toy, f.id))
          )}
        />
      </View>
    </>
  );
}

/** Every end with its place; the chosen one moves. */
function Ends({ stitched: { feature: f, sides }, at, setAt }: StitchProps) {
  const all = sides.flatMap((run, side) =>
    run.places.map((place, end) => ({ side: side as 0 | 1, end, name: place.name })),
  );
  const own = (e: { side: 0 | 1 }) => e.side === 0 || typeof f.twin !== 'string';
  return (
    <View style={{ gap: 6 }}>
      {all.filter(own).length > 1 ? (
        <Choice
          label={say.which}
          options={all.filter(own).map((e) => ({
            id: `${e.side} ${e.end}`,
            label: say.end(e.end + 1, e.side === 1 ? say.otherSide : ''),
          }))}
          chosen={`${at.side} ${at.end}`}
          onChoose={(id) => {
            const [side, end] = id.split(' ').map(Number);
            setAt({ side: side as 0 | 1, end });
          }}
        />
      ) : null}
      {(sides[0]?.places ?? []).map((_, end) => (
        <View key={end} style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <Num aria-hidden width={18}>
            {String(end + 1)}
          </Num>
          {all
            .filter((e) => e.end === end)
            .map((e) => (
              <Tag
                key={e.side}
                kind="thread"
                of={`${f.name} ${say.end(e.end + 1, e.side === 1 ? say.otherSide : '')}`}
                {...holeTag(e.name)}
              />
            ))}
        </View>
      ))}
    </View>
  );
}

const WAYS = [
  { way: 'right', arrow: '←', left: -0.5, down: 0 },
  { way: 'left', arrow: '→', left: 0.5, down: 0 },
  { way: 'up', arrow: '↑', left: 0, down: -0.5 },
  { way: 'down', arrow: '↓', left: 0, down: 0.5 },
] as const;

/** Small steps of the chosen end, half a stitch or half a round each, as one looks at the face. */
function Steps({ part, stitched: { feature: f }, at }: StitchProps) {
  const end = endsOf(f, at.side)[at.end];
  if (!end) return null;
  const outwards = end.from === 'right eye' ? -1 : 1;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {WAYS.map(({ way, arrow, left, down }) => {
        const next = { ...end, across: end.across + outwards * left, down: end.down + down };
        return (
          <Nudge
            key={way}
            direction={say.nudges[way]}
            arrow={arrow}
            result={left ? halfWords(next.across) : halfWords(next.down)}
            disabled={Math.max(Math.abs(next.across), Math.abs(next.down)) > MOST_STITCHED.off}
            repeats
            onPress={() => put(say.moves, part, withEnd(f, at, next))}
          />
        );
      })}
    </View>
  );
}

const halfWords = (n: number): string =>
  `${n < 0 ? '−' : ''}${Math.floor(Math.abs(n)) || (n % 1 ? '' : 0)}${n % 1 ? '½' : ''}`;

/** The chosen end in words, which can be typed otherwise. */
function Where({ part, stitched: { feature: f, marks }, at }: Pick<StitchProps, 'part' | 'stitched' | 'at'>) {
  const end = endsOf(f, at.side)[at.end];
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  if (!end) return null;
  const { stitchMm } = part.gauge;
  const rim = marks.eyes
    ? Math.round((marks.eyes.spacing.straightMm.value - marks.eyes.spacing.rimMm.value) / stitchMm) / 2
    : 1;
  const submit = () => {
    if (typed === null) return;
    const next = readEnd(typed, end, rim);
    setWrong(next ? null : typed);
    if (!next) return;
    setTyped(null);
    put(say.put, part, withEnd(f, at, next));
  };
  return (
    <View style={{ gap: 6 }}>
      <Field label={say.where} value={typed ?? endSaid(end)} onChange={setTyped} onDone={submit} />
      {wrong === null ? null : (
        <ProblemLine where={f.name} sentence={stitchWords.notRead(wrong)} severity="error" />
      )}
      <View style={{ flexDirection: 'row' }}>
        <PlainButton label={say.put} disabled={typed === null} onPress={submit} />
      </View>
    </View>
  );
}

/** Nearer to one side by less is seen by nobody, mm. */
const EVEN_MM = 0.8;

/** How even it is, and ends that stand in holes. */
function Readings({ part, stitched, units }: Pick<StitchProps, 'part' | 'stitched' | 'units'>) {
  const { feature: f, head, marks, sides } = stitched;
  if (sides.length === 0) return null;
  const places = sides.flatMap((s) => s.places);
  const holes: HoleName[] = places.filter((p) => p.in === 'hole').map((p) => p.name);
  const { mirrorMm, leftMm } = evennessOf(stitched);
  return (
    <View style={{ gap: 4 }}>
      {mirrorMm === null ? null : <Quiet>{stitchWords.mirror(units.fine(mirrorMm))}</Quiet>}
      {leftMm !== null && Math.abs(leftMm) < EVEN_MM ? <Quiet>{stitchWords.even}</Quiet> : null}
      {leftMm !== null && Math.abs(leftMm) >= EVEN_MM ? (
        <ProblemLine
          where={f.name}
          sentence={stitchWords.nearer(units.fine(Math.abs(leftMm)), leftMm > 0 ? 'left' : 'right')}
          severity="note"
          mends={[{ title: say.centre, onPress: () => put(say.centre, part, evened(head, f, marks)) }]}
        />
      ) : null}
      {holes.length > 0 && f.how !== 'satin' ? (
        <ProblemLine
          where={f.name}
          sentence={stitchWords.inHole(
            holes.map((h) => `${holeTag(h).rounds} | ${holeTag(h).stitches}`).join(', '),
          )}
          severity="note"
          mends={[
            {
              title: say.halfOver,
              onPress: () => put(say.halfOver, part, outOfHoles(f, sides)),
            },
          ]}
        />
      ) : null}
    </View>
  );
}

/** Every end that stands in a hole, on either side, half a round lower. */
function outOfHoles(f: Embroidery, [own, twin]: Stitched['sides']): Embroidery {
  const lower = (ends: readonly ThreadEnd[], inHole: (i: number) => boolean) =>
    ends.map((e, i) => (inHole(i) ? { ...e, down: e.down + 0.5 } : e));
  const holed = (side: typeof own | undefined, i: number) => side?.places[i]?.in === 'hole';
  if (typeof f.twin !== 'string')
    return { ...f, ends: lower(f.ends, (i) => holed(own, i)), twin: lower(f.twin, (i) => holed(twin, i)) };
  // A mirrored side goes with its own.
  return { ...f, ends: lower(f.ends, (i) => holed(own, i) || holed(twin, i)) };
}
