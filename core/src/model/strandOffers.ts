import type { Strands } from '../feature';
import { numberSaid, NUMBERS } from '../notation';
import type { NewId } from '../toy';
import { lengthMm } from '../words';
import { newStrands } from './newWork';
import type { PartModel } from './part';
import { LENGTH_UNIT } from './patchOffers';
import { strandCount } from './strandWork';
import type { ToyModel } from './toy';

/** Strands that a part's text asks for, as near to its number as even rows come. */
export interface StrandOffer {
  /** line of the part's text, from 1 */
  line: number;
  words: string;
  feature: Strands;
  /** yarns that it takes, and how many the words ask for */
  yarns: number;
  said: number;
}

const COUNT = new RegExp(String.raw`\b(\d{1,3}|${NUMBERS.join('|')})\s+(?:strands?|pieces|lengths|yarns)\b`);
const LENGTH = new RegExp(String.raw`(\d+/\d+|\d+(?:[.,]\d+)?)\s*${LENGTH_UNIT}`);
const NAMES: readonly (readonly [string, RegExp])[] = [
  ['Mane', /\bmane\b/],
  ['Beard', /\bbeard\b/],
  ['Fringe', /\bfringe\b|\bbangs\b/],
  ['Hair', /\bhair\b/],
];

/** What a line says of strands: what they are, how many, how long each is cut, mm; null where it does not say all three. */
export function strandsSaid(line: string): { name: string; count: number; cutMm: number } | null {
  const plain = line.toLowerCase();
  const name = NAMES.find(([, pattern]) => pattern.test(plain))?.[0];
  const count = COUNT.exec(plain)?.[1];
  const length = LENGTH.exec(plain);
  const cutMm = length && lengthMm(`${length[1]} ${length[2]}`, 'mm');
  const n = count === undefined ? 0 : (numberSaid(count) ?? Number(count));
  return name && n > 0 && cutMm ? { name, count: n, cutMm: Math.round(cutMm * 10) / 10 } : null;
}

/** Even rows that come nearest to so many yarns: how many rounds of it, and which of their stitches. */
function near(model: ToyModel, usual: Strands, rounds: number, wanted: number): Strands {
  const tried = Array.from({ length: Math.max(1, Math.ceil(rounds * MOST_OF_PART)) }, (_, r) =>
    [1, 2].flatMap((everyRound) =>
      [1, 2, 3, 4].map((everyStitch) => ({ ...usual, rounds: r + 1, everyRound, everyStitch })),
    ),
  ).flat();
  const off = (f: Strands) => Math.abs(strandCount(model, f) - wanted);
  return tried.reduce((best, f) => (off(f) < off(best) ? f : best), usual);
}

/** Hair reaches over no more than this share of a part's rounds. */
const MOST_OF_PART = 0.6;

/** The strands that the text of a part asks for and that are not there yet. */
export function strandOffers(model: ToyModel, part: PartModel, newId: NewId): StrandOffer[] {
  const lines = part.part.text.split('\n');
  return part.reading.lines.flatMap(({ node, line }): StrandOffer[] => {
    if (node.type === 'round' || node.type === 'heading' || node.type === 'blank') return [];
    const words = (lines[line - 1] ?? '').replace(/^[\s#/-]+|[\s-]+$/g, '');
    const said = strandsSaid(words);
    const isThere = model.toy.features.some((f) => f.kind === 'strands' && f.part === part.part.id);
    const usual = said && !isThere ? newStrands(model, part.part.id, newId) : null;
    if (!said || !usual) return [];
    const sized = { ...usual, name: said.name, cutMm: said.cutMm };
    const feature = near(model, sized, part.fabric.rounds.length, said.count);
    return [{ line, words, feature, yarns: strandCount(model, feature), said: said.count }];
  });
}
