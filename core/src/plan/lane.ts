import { modelOf, yarnColour, type ToyModel } from '../model';
import type { Plan } from './plan';
import { alongWords, stepWords } from './sentences';
import { pieceBlock, type Sign, type TaskWords } from './task';
import { kindOf, type Step } from './tasks';

/** What a part's strand does while a row lasts. */
export interface Strand {
  lane: number;
  yarn: string;
  state: 'starts' | 'worked' | 'parked' | 'ends';
}

/** One row of the plan: its words, its sign, and what every lane does while it lasts. Yarns are #rrggbb. */
export interface LaneRow extends TaskWords {
  key: string;
  step: Step;
  /** what the hand does between its rounds */
  moves: readonly string[];
  /** and within them */
  along: readonly string[];
  /** the blocks that are moved with it, one a copy where copies are told together */
  blocks: readonly string[];
  sign: Sign;
  lane: number;
  /** yarn of the row's own lane; null for the whole toy */
  yarn: string | null;
  band: boolean;
  strands: readonly Strand[];
  /** the lane that this row joins into its own */
  joins: { lane: number; yarn: string } | null;
}

/** A step as it is told: the first of the copies that do the same, whether all of the part's copies do, and what the hand does between its rounds. */
export interface Told {
  step: Step;
  together: boolean;
  moves: readonly Step[];
}

/** Steps that several copies do alike are told once, and rounds in one run with what is only a move of the hand between them. */
export function told(model: ToyModel, plan: Plan): Told[] {
  const alike = new Map<string, Step[]>();
  for (const step of plan.steps) {
    const key = JSON.stringify([step.kind, step.part, step.about]);
    alike.set(key, [...(alike.get(key) ?? []), step]);
  }
  const once = [...alike.values()].flatMap((steps) => {
    const copies = steps[0].part === '' ? 1 : modelOf(model, steps[0].part).copies.length;
    const together = copies > 1 && steps.length === copies;
    const shown = together ? steps.slice(0, 1) : steps;
    return shown.map((step): Told => ({ step, together, moves: [] }));
  });
  return once.reduce(inOneRun, []);
}

/** Adds a step to what is told: a move of the hand to the rounds before it, rounds to rounds of the same piece that only such a move parts from them. */
function inOneRun(run: Told[], next: Told): Told[] {
  const last = run.at(-1);
  const same =
    last &&
    last.step.kind === 'rounds' &&
    last.step.copy === next.step.copy &&
    last.together === next.together;
  if (!last || last.step.kind !== 'rounds' || !same) return [...run, next];
  const before = run.slice(0, -1);
  if (kindOf(next.step.kind).small) return [...before, { ...last, moves: [...last.moves, next.step] }];
  if (next.step.kind !== 'rounds' || next.step.ticks[0].begun > 0) return [...run, next];
  const step: Step = {
    ...last.step,
    ticks: [...last.step.ticks, ...next.step.ticks],
    stitches: last.step.stitches + next.step.stitches,
    minutes: last.step.minutes + next.step.minutes,
  };
  return [...before, { ...last, step }];
}

const ownerOf = (step: Step): string => (step.kind === 'sew' ? step.host.part : step.part);
const guestOf = (step: Step): string | null => (step.kind === 'sew' ? step.part : null);

/** The last row that each part is in. */
function lastRows(rows: readonly Told[]): Map<string, number> {
  const last = new Map<string, number>();
  rows.forEach(({ step }, i) => {
    for (const part of [step.part, ownerOf(step)]) if (part) last.set(part, i);
  });
  return last;
}

/** Which part is on which lane: a lane is free again once its part has been joined. */
class Lanes {
  private readonly busy: (string | null)[] = [];
  private readonly of = new Map<string, number>();
  most = 0;

  /** Gives a part a lane; true when it has none yet. */
  begin(part: string): boolean {
    if (part === '' || this.of.has(part)) return false;
    const free = this.busy.indexOf(null);
    const lane = free < 0 ? this.busy.length : free;
    this.busy[lane] = part;
    this.of.set(part, lane);
    this.most = Math.max(this.most, this.busy.length);
    return true;
  }

  end(part: string): void {
    const lane = this.of.get(part);
    if (lane !== undefined && this.busy[lane] === part) this.busy[lane] = null;
  }

  at = (part: string | null): number | null => (part ? (this.of.get(part) ?? null) : null);

  shown = (): { part: string; lane: number }[] =>
    this.busy.flatMap((part, lane) => (part === null ? [] : [{ part, lane }]));
}

/** Copies of a part share a lane, and a row where they do the same. */
export function lanesOf(model: ToyModel, plan: Plan): { rows: LaneRow[]; lanes: number } {
  const yarn = (part: string) => yarnColour(model, part, modelOf(model, part).copies[0]?.id ?? '');
  const all = told(model, plan);
  const lastOf = lastRows(all);
  const lanes = new Lanes();
  const blockOf = new Map(plan.blocks.flatMap((b) => b.steps.map((s) => [s.key, b.key] as const)));
  const rows = all.map(({ step, together, moves }, i): LaneRow => {
    const [own, guest] = [ownerOf(step), guestOf(step)];
    const starts = lanes.begin(own);
    const state = (part: string): Strand['state'] => {
      if (part !== own) return 'parked';
      if (starts) return 'starts';
      return lastOf.get(part) === i ? 'ends' : 'worked';
    };
    const joined = lanes.at(guest);
    const words = stepWords(step, model, together);
    const row: LaneRow = {
      key: step.key,
      ...words,
      moves: moves.map((move) => moveWords(move, model)),
      along: alongWords(step, model),
      step,
      blocks: blocksOf(model, step, together, blockOf.get(step.key)),
      sign: kindOf(step.kind).sign,
      lane: lanes.at(own) ?? 0,
      yarn: own ? yarn(own) : null,
      band: step.kind === 'eyes',
      strands: lanes
        .shown()
        .filter(({ part }) => part !== guest)
        .map(({ part, lane }) => ({ lane, yarn: yarn(part), state: state(part) })),
      joins: guest !== null && joined !== null ? { lane: joined, yarn: yarn(guest) } : null,
    };
    for (const part of [guest, own]) if (part && lastOf.get(part) === i) lanes.end(part);
    return row;
  });
  return { rows, lanes: Math.max(1, lanes.most) };
}

/** What is moved with a row: its block, or those of all copies of a part that are told together. */
function blocksOf(model: ToyModel, step: Step, together: boolean, own: string | undefined): string[] {
  if (own === undefined) return [];
  const isPiece = own === pieceBlock(step.copy);
  return isPiece && together ? modelOf(model, step.part).copies.map((c) => pieceBlock(c.id)) : [own];
}

/** A move of the hand in one sentence. */
function moveWords(move: Step, model: ToyModel): string {
  const { title, detail } = stepWords(move, model);
  return `${title}: ${detail}`;
}
