import { polarOf } from '../address';
import type { PartForm } from '../form';
import type { PartModel, ToyModel } from '../model';
import { stitchRow, type RowStitch } from '../record';

/** What is asked of who learns to count. Rounds are indices of the part's own; stitches count from 1. */
export type Question =
  /** a stitch is lit: which round, and which of its stitches is it? */
  | { ask: 'stitch'; part: string; round: number; stitch: number }
  /** two stitches of a round are lit: how many stitches lie between them? */
  | { ask: 'between'; part: string; round: number; from: number; to: number }
  /** one line of the text does not add up: which one? */
  | { ask: 'fault'; part: string; lines: readonly string[]; wrong: number }
  /** a round as it came off the hook, with one of its increases missed: which of them, from 1? */
  | { ask: 'missed'; part: string; round: number; missed: number };

/** How hard the questions are, from 1. */
export const MOST_LEVEL = 3;
/** So many right ones in a row make the next ones harder. */
const RISE_AFTER = 3;

/** What is kept of a learner. */
export interface Learner {
  level: number;
  right: number;
  asked: number;
  /** right ones since the last that was not */
  inARow: number;
}

export const NEW_LEARNER: Learner = { level: 1, right: 0, asked: 0, inARow: 0 };

/** The learner after an answer: harder after three right ones in a row, easier after one that was not. */
export function learned(so: Learner, right: boolean): Learner {
  const inARow = right ? so.inARow + 1 : 0;
  const rises = right && inARow % RISE_AFTER === 0;
  const level = right ? so.level + (rises ? 1 : 0) : so.level - 1;
  return {
    level: Math.max(1, Math.min(MOST_LEVEL, level)),
    right: so.right + (right ? 1 : 0),
    asked: so.asked + 1,
    inARow,
  };
}

const pick = <T>(list: readonly T[], random: () => number): T =>
  list[Math.min(list.length - 1, Math.floor(random() * list.length))];
const between = (from: number, to: number, random: () => number): number =>
  from + Math.min(to - from, Math.floor(random() * (to - from + 1)));

/** Parts on which can be counted: rounds of a plain piece, enough of them. */
export const countable = (model: ToyModel): PartModel[] =>
  model.parts.filter((p) => p.fabric.shape === 'rounds' && p.addsUp && p.fabric.rounds.length >= 4);

/** How far from the marker a lit stitch may lie, as a share of the way round: what can be seen from one side. */
const IN_SIGHT = 0.3;

/** A stitch that is seen together with the marker, the further away the higher the level. */
function stitchIn({ fabric }: PartModel, round: number, level: number, random: () => number): number {
  const { count } = fabric.rounds[round];
  const most = Math.max(2, Math.floor(count * Math.min(IN_SIGHT, 0.1 * level)));
  return between(1, Math.min(count, most), random);
}

/** The next question; null where the toy has nothing to count on. `random` from 0 to 1. */
export function nextQuestion(model: ToyModel, level: number, random: () => number): Question | null {
  const parts = countable(model);
  if (parts.length === 0) return null;
  const part = pick(parts, random);
  const { rounds } = part.fabric;
  const last = Math.min(rounds.length - 1, 2 + 3 * level);
  const round = between(1, last, random);
  const asks =
    level === 1
      ? (['stitch', 'stitch', 'fault', 'missed'] as const)
      : (['stitch', 'between', 'fault', 'missed'] as const);
  const ask = pick(asks, random);
  const id = part.part.id;
  if (ask === 'missed') return missedIn(part, level, random) ?? { ask: 'stitch', part: id, round, stitch: 1 };
  if (ask === 'fault') return faultIn(part, random) ?? { ask: 'stitch', part: id, round, stitch: 1 };
  const stitch = stitchIn(part, round, level, random);
  if (ask === 'stitch' || rounds[round].count < 4) return { ask: 'stitch', part: id, round, stitch };
  const other = Math.min(rounds[round].count, stitch + between(1, 1 + level, random));
  return { ask: 'between', part: id, round, from: stitch, to: other };
}

/** Lines of the part in which one says another count than it makes: a missed increase, or one too many. */
function faultIn(part: PartModel, random: () => number): Question | null {
  const told = part.reading.rounds
    .filter((r) => r.label !== null && r.stated !== null)
    .map((r) => part.part.text.split('\n')[r.line - 1]?.trim() ?? '');
  const lines = [...new Set(told)].filter((l) => /\(\d+\)\s*$/.test(l)).slice(0, 6);
  if (lines.length < 3) return null;
  const wrong = between(1, lines.length - 1, random);
  const off = random() < 0.5 ? 1 : -1;
  const spoiled = lines.map((l, k) =>
    k === wrong ? l.replace(/\((\d+)\)\s*$/, (_, n: string) => `(${Number(n) + off})`) : l,
  );
  return { ask: 'fault', part: part.part.id, lines: spoiled, wrong };
}

/** Where the second stitches of the increases of a round are, from the first on. */
const increasesOf = (part: PartModel, round: number): number[] =>
  stitchRow(part.fabric, round).flatMap((stitch, k) => (stitch.shares ? [k] : []));

/** Of fewer there is nothing to compare one with. */
const FEWEST_INCREASES = 3;

/** A round with increases, of which one was not made; a longer one the higher the level. */
function missedIn(part: PartModel, level: number, random: () => number): Question | null {
  const found = part.fabric.rounds.flatMap(({ count }, round) => {
    const found = increasesOf(part, round);
    const many = found.length;
    // Three in one are two increases on one foot: which of them was missed nobody can tell.
    const told = found.every((at, k) => at - found[k - 1] !== 1);
    return told && many >= FEWEST_INCREASES && count <= LONGEST_ROUND * level ? [{ round, many }] : [];
  });
  if (found.length === 0) return null;
  const { round, many } = pick(found, random);
  return { ask: 'missed', part: part.part.id, round, missed: between(1, many, random) };
}

/** Stitches of a round that one can look over at the first level. */
const LONGEST_ROUND = 24;

/** The round as it came off the hook: the increase that was missed is one stitch. */
export function rowMade(part: PartModel, { round, missed }: { round: number; missed: number }): RowStitch[] {
  const gone = increasesOf(part, round)[missed - 1];
  return stitchRow(part.fabric, round).filter((_, k) => k !== gone);
}

/** How many increases the round should have. */
export const increasesIn = (part: PartModel, round: number): number => increasesOf(part, round).length;

/** Whether an answer is right: round as its number and stitch, how many lie between, the line from 0, or the increase from 1. */
export function isRight(model: ToyModel, q: Question, answer: readonly number[]): boolean {
  if (q.ask === 'missed') return answer[0] === q.missed;
  if (q.ask === 'fault') return answer[0] === q.wrong;
  if (q.ask === 'between') return answer[0] === q.to - q.from - 1;
  const part = model.parts.find((p) => p.part.id === q.part);
  return part !== undefined && answer[0] === part.fabric.rounds[q.round].number && answer[1] === q.stitch;
}

/** Where a stitch lies on its part, to be lit. */
export const litAt = (form: PartForm, round: number, stitch: number) =>
  polarOf(form, round, stitch - 0.5, 'middle');
/** Where the marker hangs: at the start of a round. */
export const markerAt = (form: PartForm, round: number) => polarOf(form, round, 0, 'hole');
