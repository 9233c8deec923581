import { useState } from 'react';
import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import { endSaid, MOST_STITCHED, readEnd } from '@hoppla/core/feature';
import type { PartModel } from '@hoppla/core/model';
import { stitchWords } from '@hoppla/core/words';
import { Choice, Field, Nudge, Num, PlainButton, ProblemLine, Tag } from '../../controls';
import { screenWords as words } from '../../words';
import { endsOf, put, rimOf, withEnd, type EndAt, type NeedledState } from './stitchEnds';

const say = words.stitching;

export interface EndsProps {
  part: PartModel;
  stitched: NeedledState;
  at: EndAt;
  setAt: (at: EndAt) => void;
}

/** Every end with its place; the chosen one moves. */
export function Ends({ stitched: { feature: f, sides }, at, setAt }: EndsProps) {
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
export function Steps({ part, stitched: { feature: f }, at }: Pick<EndsProps, 'part' | 'stitched' | 'at'>) {
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
export function Where({
  part,
  stitched: { feature: f, marks },
  at,
}: Pick<EndsProps, 'part' | 'stitched' | 'at'>) {
  const end = endsOf(f, at.side)[at.end];
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  if (!end) return null;
  const rim = rimOf(marks, part);
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
