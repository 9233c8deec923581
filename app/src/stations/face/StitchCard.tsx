import { useState } from 'react';
import { View } from 'react-native';
import { holeTag, type HoleName } from '@hoppla/core/address';
import {
  endSaid,
  leftOfFace,
  ownTwin,
  readEnd,
  SATIN_SHAPES,
  STITCHERIES,
  type Embroidery,
  type ThreadEnd,
} from '@hoppla/core/feature';
import { removeFeature } from '@hoppla/core/toy';
import type { PartModel, Stitched } from '@hoppla/core/model';
import { threadLength } from '@hoppla/core/plan';
import { stitchWords, type UnitWords } from '@hoppla/core/words';
import { Choice, Field, Nudge, PlainButton, ProblemLine, Quiet, Tag, Title, Words } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { change } from './change';
import { DARK } from './StitchList';

const say = words.stitching;

/** Which end of embroidery a step or a touch moves: its number, and on which side where that has places of its own. */
export interface EndAt {
  side: 0 | 1;
  end: number;
}

/** The ends of a side. */
export const endsOf = (f: Embroidery, side: 0 | 1): readonly ThreadEnd[] =>
  side === 1 && typeof f.twin !== 'string' ? f.twin : f.ends;

/** Embroidery with one of its ends put elsewhere. */
export function withEnd(f: Embroidery, { side, end }: EndAt, to: ThreadEnd): Embroidery {
  const ends = endsOf(f, side).map((e, i) => (i === end ? to : e));
  return side === 1 ? { ...f, twin: ends } : { ...f, ends };
}

interface StitchProps {
  part: PartModel;
  stitched: Stitched;
  units: UnitWords;
  at: EndAt;
  setAt: (at: EndAt) => void;
}

/** Steps that follow each other on the same thing are one in the history. */
const put = (name: string, part: PartModel, f: Embroidery) => change(name, part, f, `stitch:${f.id}:${name}`);

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
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {all.map((e) => (
          <Tag
            key={`${e.side} ${e.end}`}
            kind="thread"
            of={`${f.name} ${say.end(e.end + 1, e.side === 1 ? say.otherSide : '')}`}
            {...holeTag(e.name)}
          />
        ))}
      </View>
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

/** How even it is, and ends that stand in holes. */
function Readings({ part, stitched, units }: Pick<StitchProps, 'part' | 'stitched' | 'units'>) {
  const { feature: f, head, marks, sides } = stitched;
  if (sides.length === 0) return null;
  const holes: HoleName[] = sides[0].places.filter((p) => p.in === 'hole').map((p) => p.name);
  const lefts = sides.flatMap((s) => s.places.map((p) => leftOfFace(head, marks, p.point)));
  const mean = lefts.reduce((a, b) => a + b, 0) / lefts.length;
  const [own, twin] = sides.map((s) => s.places.map((p) => leftOfFace(head, marks, p.point)));
  const off = twin ? Math.max(...own.map((x, i) => Math.abs(x + twin[i]))) : null;
  const crossing = !twin && Math.min(...lefts) < 0 && Math.max(...lefts) > 0;
  return (
    <View style={{ gap: 4 }}>
      {off === null ? null : <Quiet>{stitchWords.mirror(units.fine(off))}</Quiet>}
      {crossing ? (
        <Quiet>
          {Math.abs(mean) < 0.5
            ? stitchWords.even
            : stitchWords.nearer(units.fine(Math.abs(mean)), mean > 0 ? 'left' : 'right')}
        </Quiet>
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
              onPress: () =>
                put(say.halfOver, part, {
                  ...f,
                  ends: f.ends.map((e, i) =>
                    sides[0].places[i]?.in === 'hole' ? { ...e, down: e.down + 0.5 } : e,
                  ),
                }),
            },
          ]}
        />
      ) : null}
    </View>
  );
}

/** What is on the other side of the face. */
function OtherSide({
  part,
  stitched: { feature: f, head, marks },
  setAt,
}: Pick<StitchProps, 'part' | 'stitched' | 'setAt'>) {
  const chosen = typeof f.twin === 'string' ? f.twin : 'own';
  return (
    <Choice
      label={say.twin}
      options={(['none', 'mirrored', 'own'] as const).map((id) => ({ id, label: say.twins[id] }))}
      chosen={chosen}
      onChoose={(id) => {
        const from = f.twin === 'none' ? { ...f, twin: 'mirrored' as const } : f;
        const twin = id === 'own' ? ownTwin(head, from, marks) : id;
        setAt(id === 'own' ? { side: 1, end: 0 } : { side: 0, end: 0 });
        change(say.twin, part, { ...f, twin });
      }}
    />
  );
}

/** The outline that satin fills. */
function Satin({ part, f, units }: { part: PartModel; f: Embroidery; units: UnitWords }) {
  const { satin } = f;
  if (!satin) return null;
  return (
    <>
      <Choice
        label={say.shape}
        options={SATIN_SHAPES.map((id) => ({ id, label: say.shapes[id] }))}
        chosen={satin.shape}
        onChoose={(shape) => put(say.shape, part, { ...f, satin: { ...satin, shape } })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {(['widthMm', 'heightMm'] as const).flatMap((side) =>
          [-1, 1].map((by) => {
            const what = side === 'widthMm' ? say.width : say.height;
            const mm = satin[side] + by;
            return (
              <Nudge
                key={`${side}${by}`}
                direction={by < 0 ? say.less(what) : say.more(what)}
                arrow={by < 0 ? '−' : '+'}
                result={units.length(mm)}
                disabled={mm < 1}
                basis="40%"
                repeats
                onPress={() => put(say.size, part, { ...f, satin: { ...satin, [side]: mm } })}
              />
            );
          }),
        )}
      </View>
    </>
  );
}

/** Colour, yarn or floss, strands in the needle, how often it goes along. */
function Thread({ part, f }: { part: PartModel; f: Embroidery }) {
  const { toy } = useToy();
  const { thread } = f;
  const own = toy.palette.map((y) => ({ id: y.colour, label: y.name || y.slot }));
  const usual = [
    { id: DARK, label: say.colours.dark },
    { id: '#111214', label: say.colours.black },
    { id: '#ffffff', label: say.colours.white },
    { id: '#d96f8e', label: say.colours.pink },
  ];
  const colours = [...own, ...usual.filter((u) => !own.some((o) => o.id === u.id))];
  return (
    <>
      <Choice
        label={say.colour}
        options={colours}
        chosen={f.colour}
        onChoose={(colour) => put(say.colour, part, { ...f, colour })}
      />
      {f.satin ? null : (
        <Choice
          label={say.how}
          options={STITCHERIES.filter((h) => h !== 'satin').map((id) => ({ id, label: stitchWords.how[id] }))}
          chosen={f.how}
          onChoose={(how) => put(say.how, part, { ...f, how })}
        />
      )}
      <Choice
        label={say.of}
        options={(['yarn', 'floss'] as const).map((id) => ({ id, label: say.threads[id] }))}
        chosen={thread.of}
        onChoose={(of) => put(say.of, part, { ...f, thread: { ...thread, of } })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {(['strands', 'passes'] as const).flatMap((what) =>
          [-1, 1].map((by) => (
            <Nudge
              key={`${what}${by}`}
              direction={by < 0 ? say.less(say[what]) : say.more(say[what])}
              arrow={by < 0 ? '−' : '+'}
              result={String(thread[what] + by)}
              disabled={thread[what] + by < 1 || thread[what] + by > MOST[what]}
              basis="40%"
              repeats
              onPress={() =>
                put(say.thread, part, { ...f, thread: { ...thread, [what]: thread[what] + by } })
              }
            />
          )),
        )}
      </View>
    </>
  );
}

const MOST = { strands: 24, passes: 50 };
