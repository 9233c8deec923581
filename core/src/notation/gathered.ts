/** Words of a round in the order of work, as they are gathered: `count` of one word, or a block so many times. */
type Piece = { word: string; count: number } | { block: readonly Piece[]; times: number };

/** Runs of one word. */
function runs(words: readonly string[]): Piece[] {
  const out: { word: string; count: number }[] = [];
  for (const word of words) {
    const last = out.at(-1);
    if (last?.word === word) last.count += 1;
    else out.push({ word, count: 1 });
  }
  return out;
}

const same = (a: Piece, b: Piece): boolean => JSON.stringify(a) === JSON.stringify(b);

/** The block of pieces that comes most often one after the other, where gathering it saves most. */
function bestBlock(pieces: readonly Piece[]): { at: number; size: number; times: number } | null {
  let best: { at: number; size: number; times: number; saves: number } | null = null;
  for (let size = 2; 2 * size <= pieces.length; size++)
    for (let at = 0; at + 2 * size <= pieces.length; at++) {
      let times = 1;
      while (
        at + (times + 1) * size <= pieces.length &&
        Array.from({ length: size }, (_, k) => k).every((k) =>
          same(pieces[at + k], pieces[at + times * size + k]),
        )
      )
        times += 1;
      const saves = (times - 1) * size;
      if (times > 1 && saves > (best?.saves ?? 0)) best = { at, size, times, saves };
    }
  return best;
}

function printed(piece: Piece): string {
  if ('block' in piece) return `(${inLine(piece.block)}) x${piece.times}`;
  const { word, count } = piece;
  if (word === SKIP) return `skip ${count}`;
  if (count === 1) return word;
  // An increase or a decrease is a figure of its own: it is told how often, not how many.
  const figure = /^(inc|dec|invdec)(?= |$)/.exec(word)?.[0];
  return figure ? `${figure} x${count}${word.slice(figure.length)}` : `${count} ${word}`;
}

/** One stitch left out. */
const SKIP = 'skip 1';

/** Words one behind the other; one that ends with a colon stands right before the next. */
const inLine = (pieces: readonly Piece[]): string => pieces.map(printed).join(', ').replaceAll(':, ', ': ');

/**
 * Stitches one by one as a maker would write the round: runs counted, and what repeats in brackets. `sc, sc, inc` four times gives
 * `(2 sc, inc) x4`; a word that ends with a colon (`with red:`) is for what follows it.
 */
export function gatheredWords(words: readonly string[]): string {
  const pieces = runs(words);
  const block = bestBlock(pieces);
  if (!block) return inLine(pieces);
  const { at, size, times } = block;
  const whole: Piece[] = [
    ...pieces.slice(0, at),
    { block: pieces.slice(at, at + size), times },
    ...pieces.slice(at + size * times),
  ];
  return inLine(whole);
}
