import { guestsOf } from '../join';
import type { PartModel, ToyModel } from '../model';
import { nameKey } from '../notation';
import type { MoveSaid } from '../toy';
import { roundsWorked } from '../safety';
import { fillGoes } from './fill';
import { fullAt } from './moment';
import { pieceBlock, type Due, type Need, type OfPiece, type PieceAtHand, type Why } from './task';
import { kindOf, KINDS, type Step } from './tasks';
import { beginRoundTask } from './tasks/beginRound';
import { roundsTask } from './tasks/rounds';
import type { Trouble } from './trouble';

/** Steps that stay together in the order: all that is done to one piece by itself, or one step of the whole toy. */
export interface Block {
  key: string;
  steps: readonly Step[];
  /** blocks that must be done before, and why */
  needs: readonly Need[];
}

/** Pieces that a round of this one catches, or that it is begun on: they are made before it. */
function caughtBy(model: ToyModel, part: PartModel, of: OfPiece): string[] {
  const known = model.caught.flatMap(({ join }) =>
    join.at.part === of.part && join.at.copy === of.copy ? guestsOf(join).map((g) => g.copy) : [],
  );
  const named = part.reading.caught.flatMap((name) => {
    const caught = model.parts.find((p) => p !== part && nameKey(p.name) === nameKey(name));
    const told = caught && model.caught.some(({ join }) => join.guest.part === caught.part.id);
    // Where no round can be told to catch which copy, all of them.
    return caught && !told ? caught.copies.map((c) => c.id) : [];
  });
  return [...new Set([...known, ...named])];
}

/** Everything done to each piece by itself, as its part stands in the text. */
export function pieceBlocks(model: ToyModel, trouble: Trouble[]): Block[] {
  return model.parts.flatMap((part) =>
    part.fabric.rounds.length === 0
      ? []
      : part.copies.map((copy): Block => {
          const of = { part: part.part.id, copy: copy.id };
          return {
            key: pieceBlock(copy.id),
            steps: pieceSteps(model, part, of, trouble),
            needs: caughtBy(model, part, of).map((guest) => ({ key: pieceBlock(guest), why: 'caught' })),
          };
        }),
  );
}

/** Each step of the whole toy as a block of its own. */
export const toyBlocks = (steps: readonly Step[], others: readonly Block[]): Block[] =>
  steps.map((step) => ({
    key: step.key,
    steps: [step],
    needs: needsOf(step, [...others.map((b) => b.key), ...steps.map((s) => s.key)]),
  }));

const needsOf = (step: Step, all: readonly string[]): readonly Need[] => {
  const { needs, last } = kindOf(step.kind);
  const before = last
    ? all.filter((key) => key !== step.key && !(last === 'but one' && key === 'inspect'))
    : [];
  return [
    ...(needs?.(step) ?? []),
    ...before.map((key): Need => ({ key, why: last === 'but one' ? 'ends last' : 'looked over last' })),
  ];
};

/** Blocks as they come, each after what it needs: what is needed is fetched before it, and nothing else moves. */
export function inOrder(blocks: readonly Block[]): Block[] {
  const byKey = new Map(blocks.map((b) => [b.key, b]));
  const done = new Set<string>();
  const order: Block[] = [];
  const visit = (block: Block, trail: ReadonlySet<string>): void => {
    if (done.has(block.key) || trail.has(block.key)) return;
    const on = new Set([...trail, block.key]);
    for (const { key } of block.needs) {
      const needed = byKey.get(key);
      if (needed) visit(needed, on);
    }
    done.add(block.key);
    order.push(block);
  };
  for (const block of blocks) visit(block, new Set());
  return order;
}

/** Each step of the whole toy as soon as what it needs is there, instead of at the end. */
export function asSoon(order: readonly Block[]): Block[] {
  const soon: Block[] = [];
  for (const block of order) {
    const { last } = kindOf(block.steps[0]?.kind ?? 'inspect');
    const earliest = 1 + Math.max(-1, ...block.needs.map((n) => soon.findIndex((b) => b.key === n.key)));
    const isOwn = block.key.startsWith('piece:');
    if (isOwn || last || earliest === 0) soon.push(block);
    else soon.splice(afterAlike(soon, earliest), 0, block);
  }
  return soon;
}

/** Behind the steps of the whole toy that stand there already. */
function afterAlike(order: readonly Block[], from: number): number {
  let at = from;
  while (at < order.length && !order[at].key.startsWith('piece:') && !kindOf(order[at].steps[0].kind).last)
    at++;
  return at;
}

/**
 * The steps of blocks as they are worked. In runs, copies of a part that follow each other and do not need each other are worked stage by stage: all
 * their rounds up to the first pause, then all that is done there, and so on; each copy keeps the order of its own steps.
 */
export function stepsOf(order: readonly Block[], copies: 'piece by piece' | 'in runs'): Step[] {
  if (copies === 'piece by piece') return order.flatMap((b) => b.steps);
  return alike(order).flatMap((group) => {
    const staged = group.flatMap((block, copy) => {
      let stage = 0;
      return block.steps.map((step) => {
        if (step.kind === 'rounds') stage += 1;
        return { step, stage: step.kind === 'rounds' ? 2 * stage : 2 * stage + 1, copy };
      });
    });
    return staged.sort((a, b) => a.stage - b.stage || a.copy - b.copy).map((s) => s.step);
  });
}

/** Blocks gathered where copies of one part follow each other and none needs another of them. */
function alike(order: readonly Block[]): Block[][] {
  return order.reduce<Block[][]>((groups, block) => {
    const group = groups.at(-1);
    const part = block.steps[0]?.part;
    const goesOn =
      group !== undefined &&
      block.key.startsWith('piece:') &&
      group[0].key.startsWith('piece:') &&
      group[0].steps[0]?.part === part &&
      !block.needs.some((n) => group.some((b) => b.key === n.key));
    if (goesOn) group.push(block);
    else groups.push([block]);
    return groups;
  }, []);
}

/** Why a block cannot stand where somebody wants it: what must come before it, or what needs it before itself. */
export interface Refusal {
  key: string;
  /** the other block */
  other: string;
  /** the other one comes first, or this one does */
  first: 'other' | 'this';
  why: Why;
}

/** A block put right behind another one, or first of all: as near to it as reasons allow, and the reason where they do not. */
export function moved(
  order: readonly Block[],
  { key, after }: MoveSaid,
): { order: Block[]; refusal: Refusal | null } | null {
  const block = order.find((b) => b.key === key);
  const rest = order.filter((b) => b.key !== key);
  const wanted = after === null ? 0 : rest.findIndex((b) => b.key === after) + 1;
  if (!block || (after !== null && wanted === 0)) return null;
  const needed = block.needs.map((n) => ({ ...n, at: rest.findIndex((b) => b.key === n.key) }));
  const late = needed.filter((n) => n.at >= wanted).sort((a, b) => b.at - a.at)[0];
  const dependents = rest.flatMap((b, at) =>
    b.needs.flatMap((n) => (n.key === key ? [{ key: b.key, why: n.why, at }] : [])),
  );
  const early = dependents.find((d) => d.at < wanted);
  const to = late ? late.at + 1 : (early?.at ?? wanted);
  const other = late ?? early;
  return {
    order: [...rest.slice(0, to), block, ...rest.slice(to)],
    refusal: other ? { key, other: other.key, first: late ? 'other' : 'this', why: other.why } : null,
  };
}

/** Everything done to one piece before it is sewn: its rounds, cut where something else is done. */
export function pieceSteps(model: ToyModel, part: PartModel, of: OfPiece, trouble: Trouble[]): Step[] {
  if (!part.addsUp) trouble.push({ what: 'does not add up', part: of.part });
  const due: Due<Step>[] = [];
  const piece: PieceAtHand = { model, part, of, goes: fillGoes(model, part, of, trouble), due, trouble };
  for (const kind of KINDS) due.push(...((kindOf(kind).ofPiece?.(piece) ?? []) as Due<Step>[]));
  const steps: Step[] = [];
  let worked = fullAt(0);
  for (const { after, stitches = 0, task } of inTurn(due, roundsWorked(part))) {
    if (after > worked.after) {
      steps.push(roundsTask(piece, worked, after));
      worked = fullAt(after);
    }
    if (after === worked.after && stitches > worked.stitches) {
      steps.push(beginRoundTask(piece, worked, stitches));
      worked = { after, stitches };
    }
    steps.push(task);
  }
  return steps;
}

/** What is due in turn; sorting keeps the order of the table among what is done at one pause. What is left out as the end is gathered early is not worked for anything. */
const inTurn = (due: readonly Due<Step>[], last: number): Due<Step>[] =>
  due
    .map((one) => (one.after >= last ? { ...one, after: last, stitches: 0 } : one))
    .sort((a, b) => a.after - b.after || (a.stitches ?? 0) - (b.stitches ?? 0));
