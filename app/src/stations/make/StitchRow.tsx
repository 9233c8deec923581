import { useMemo } from 'react';
import { View } from 'react-native';
import { WORD_OF } from '@hoppla/core/notation';
import { stitchRow, stitchWithin, type RowStitch, type Tick } from '@hoppla/core/record';
import type { PartModel } from '@hoppla/core/model';
import { Nudge, Num, Quiet, StitchLine } from '../../controls';
import { note } from '../../documents';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.make;
const FIVE = 5;

/** The round stitch by stitch as it is worked: what is made, what is made now, and how much of the round below is left. */
export function StitchRow({ tick: t, part, made }: { tick: Tick; part: PartModel; made: number }) {
  const { wide, width } = useRoom();
  const { writing } = useToy();
  const row = useMemo(() => stitchRow(part.fabric, t.round!.round), [part, t]);
  const now = Math.min(made, row.length);
  const go = (by: number) => note(stitchWithin(t, Math.max(0, Math.min(row.length, now + by))));
  const room = (wide ? Math.min(620, width * 0.5) : width) - 32;
  const left = now === 0 ? firstLeft(row) : row[now - 1].left;
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', gap: 10 }}>
        <Num fontSize={20} lineHeight={26}>
          {say.stitchRow(now, row.length)}
        </Num>
        <Quiet aria-live="polite">{leftWords(left, now, row.length)}</Quiet>
      </View>
      <StitchLine row={row} now={now} width={room} left={part.gauge.hand === 'left'} />
      {now < row.length ? <Quiet>{nowWords(row, now, part)}</Quiet> : null}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <Nudge
          direction={say.oneBack}
          arrow="◂"
          result={String(Math.max(0, now - 1))}
          disabled={now === 0 || !writing}
          onPress={() => go(-1)}
          repeats
        />
        <Nudge
          direction={say.oneMore}
          arrow="▸"
          result={String(Math.min(row.length, now + 1))}
          disabled={now === row.length || !writing}
          onPress={() => go(1)}
          repeats
        />
        <Nudge
          direction={say.fiveMore}
          arrow="▸▸"
          result={String(Math.min(row.length, now + FIVE))}
          disabled={now === row.length || !writing}
          onPress={() => go(FIVE)}
          repeats
        />
      </View>
    </View>
  );
}

const firstLeft = ([first]: readonly RowStitch[]): number | null =>
  first && first.left !== null ? first.left + first.into : null;

function leftWords(left: number | null, now: number, count: number): string {
  if (now === count) return say.leftNone;
  return left === null ? '' : say.left(left);
}

/** The stitch that is made now, its colour where the part has several, and where the next colour comes. */
function nowWords(row: readonly RowStitch[], now: number, part: PartModel): string {
  const { colours } = part.fabric;
  const yarn = colours[row[now].colour];
  const said = `${say.thisStitch}: ${stitchWords(row[now], part)}${yarn && colours.length > 1 ? `, ${yarn}` : ''}`;
  if (colours.length < 2) return said;
  const next = row.findIndex((s, k) => k > now && s.colour !== row[now].colour);
  const coming = next < 0 ? '' : `; ${say.colourComes(next + 1, colours[row[next].colour])}`;
  return `${said}${coming}`;
}

/** One stitch in words: into how many, and whether into the same one again. */
function stitchWords({ kind, into, shares, invisible, loop }: RowStitch, part: PartModel): string {
  const name = loop ? say.throughLoop(WORD_OF[part.terms][kind], loop) : WORD_OF[part.terms][kind];
  if (into > 1) return invisible ? say.stitchNow.hidden(name, into) : say.stitchNow.together(name, into);
  return shares ? say.stitchNow.second(name) : say.stitchNow.plain(name);
}
