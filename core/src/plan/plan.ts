import { NOTHING, plusRange, type Ranged } from '../gauge';
import { kept } from '../kept';
import {
  hangersOf,
  patches,
  sculptings,
  stitchings,
  strandWorks,
  surfaceWorks,
  zonesLost,
  type ToyModel,
} from '../model';
import { nameKey } from '../notation';
import { eyesNamed } from '../safety';
import { asSoon, inOrder, moved, pieceBlocks, stepsOf, toyBlocks, type Block } from './order';
import type { YarnEnds } from './ends';
import { kindOf, KINDS, type Step } from './tasks';
import type { Trouble } from './trouble';

export interface Totals {
  pauses: number;
  fillG: Ranged;
  tailsMm: number;
  minutes: number;
}

export interface Plan {
  steps: readonly Step[];
  /** the same in the runs that are moved as one */
  blocks: readonly Block[];
  ends: readonly YarnEnds[];
  totals: Totals;
  trouble: readonly Trouble[];
}

/** The whole plan of a toy: every step in an order in which it can still be done, the maker's own as far as reasons allow, with the safety points that belong to it, and what cannot be planned. */
export const planOf = kept((model: ToyModel): Plan => {
  const trouble: Trouble[] = [];
  const pieces = pieceBlocks(model, trouble);
  const made = pieces.flatMap((b) => b.steps);
  const left = made.flatMap(endsOf);
  const whole =
    made.length > 0 ? KINDS.flatMap((kind) => (kindOf(kind).ofToy?.(model, left) ?? []) as Step[]) : [];
  const ends = [...left, ...whole.flatMap(endsOf)];
  const blocks = ordered(model, [...pieces, ...toyBlocks(whole, pieces)], trouble);
  const steps = stepsOf(blocks, model.toy.plan.copies);
  trouble.push(
    ...lostTrouble(model, steps, blocks),
    ...zoneTrouble(model),
    ...eyesTrouble(model),
    ...joinTrouble(model),
    ...workTrouble(model),
  );
  return {
    steps,
    blocks,
    ends,
    trouble: once(trouble),
    totals: {
      pauses: steps.filter((s) => kindOf(s.kind).rests).length,
      fillG: steps.flatMap((s) => kindOf(s.kind).fillG?.(s) ?? []).reduce(plusRange, NOTHING),
      tailsMm: ends.reduce((all, e) => all + e.count * e.eachMm, 0),
      minutes: steps.reduce((a, s) => a + s.minutes, 0),
    },
  };
});

/** Blocks in an order in which all can be done; what the maker has moved stands where they put it, or as near as reasons allow. */
function ordered({ toy }: ToyModel, all: readonly Block[], trouble: Trouble[]): Block[] {
  const usual = inOrder(all);
  return toy.plan.moves.reduce(
    (order, move) => {
      const found = moved(order, move);
      if (found?.refusal) trouble.push({ what: 'move bent', ...found.refusal });
      return found?.order ?? order;
    },
    toy.plan.seams === 'soon' ? asSoon(usual) : usual,
  );
}

/** Pauses and moves of the maker whose step or round is no more. */
function lostTrouble({ toy }: ToyModel, steps: readonly Step[], blocks: readonly Block[]): Trouble[] {
  const marks = new Set(toy.parts.flatMap((p) => p.marks));
  const keys = new Set(steps.map((s) => s.key));
  const own = new Set(blocks.map((b) => b.key));
  const pauses = toy.plan.pauses.filter((p) => !keys.has(p.key) || !marks.has(p.at.mark)).length;
  const moves = toy.plan.moves.filter(
    (m) => !own.has(m.key) || (m.after !== null && !own.has(m.after)),
  ).length;
  return pauses + moves > 0 ? [{ what: 'wishes lost', pauses, moves }] : [];
}

/** Lengths that a text fills otherwise, and nobody can tell which they are. */
const zoneTrouble = (model: ToyModel): Trouble[] =>
  model.parts.flatMap((part) =>
    zonesLost(part).map((where): Trouble => ({ what: 'zone not found', part: part.part.id, where })),
  );

/** Every end of yarn and thread that a step leaves. */
const endsOf = (step: Step): readonly YarnEnds[] => kindOf(step.kind).ends?.(step) ?? [];

/** Copies tell the same trouble; it is told once. */
function once(trouble: readonly Trouble[]): Trouble[] {
  const told = new Map(trouble.map((t) => [JSON.stringify(t), t]));
  return [...told.values()];
}

/** Eyes that the text asks for and nobody placed: the part would be closed without them. */
const eyesTrouble = (model: ToyModel): Trouble[] =>
  model.parts.flatMap((part) =>
    eyesNamed(model, part).map(({ words }) => ({ what: 'eyes not placed', part: part.part.id, words })),
  );

/** Embroidery, work on the surface, strands and hangers that cannot be as they are said. */
const workTrouble = (model: ToyModel): Trouble[] => [
  ...surfaceWorks(model).flatMap(({ feature, fault, words }): Trouble[] =>
    fault ? [{ what: 'work', name: feature.name, fault, words }] : [],
  ),
  ...strandWorks(model).flatMap(({ feature, fault }): Trouble[] =>
    fault ? [{ what: 'strands', name: feature.name }] : [],
  ),
  ...[...stitchings(model), ...patches(model), ...sculptings(model)].flatMap(
    ({ feature, fault }): Trouble[] => (fault ? [{ what: 'stitches', name: feature.name, fault }] : []),
  ),
  ...hangersOf(model).flatMap(({ feature, fault }): Trouble[] =>
    fault ? [{ what: 'hanger', is: feature.is, fault }] : [],
  ),
];

/** Joins that cannot be made as they are written, and pieces that nothing holds. */
function joinTrouble(model: ToyModel): Trouble[] {
  const faults = model.joinFaults.map(({ join, fault }): Trouble => ({
    what: 'join',
    fault,
    guest: join.guest.part,
    host: join.at.part,
  }));
  faults.push(
    ...model.unfollowed.map(({ join, fault }): Trouble => ({
      what: 'not followed',
      fault,
      guest: join.guest.part,
      host: join.at.part,
    })),
  );
  faults.push(
    ...model.caughtFaults.map(({ host, name, caught, made }): Trouble => ({
      what: 'more caught',
      part: host.part,
      name,
      caught,
      made,
    })),
  );
  const catching = model.parts.filter((p) => p.reading.caught.length > 0);
  if (model.toy.joins.length === 0 && catching.length === 0) return faults;
  const caught = new Set(catching.flatMap((p) => p.reading.caught.map(nameKey)));
  // Of a toy that is only caught in rounds, the part that catches is the toy itself.
  const held = (part: string) => {
    const p = model.parts.find((x) => x.part.id === part);
    return !p || catching.includes(p) || caught.has(nameKey(p.name));
  };
  const parts = [...new Set(model.loose.map((piece) => piece.part))].filter((part) => !held(part));
  return parts.length > 0 ? [...faults, { what: 'loose', parts }] : faults;
}
