import type { Ranged } from '../gauge';
import { nameKey } from '../notation';
import { eyesNamed } from '../safety';
import { modelOf, type PartModel, type ToyModel } from '../toy';
import { planWords as say } from '../words';
import { ENDS, TIME } from '../figures';
import { pieceSteps } from './pieceSteps';
import { pointsOfToy, pointWords } from './points';
import { sewSteps } from './sewing';
import type { Plan, Step, YarnEnds } from './step';

/** The whole plan of a toy: every step in an order in which it can still be done, with its reason, the safety points that belong to it, and what cannot be planned. */
export function planOf(model: ToyModel): Plan {
  const trouble: string[] = [];
  const steps: Step[] = [];
  for (const { part, copy } of makingOrder(model)) steps.push(...pieceSteps(model, part, copy, trouble));
  steps.push(...sewSteps(model));
  const ends = yarnEnds(steps);
  if (steps.length > 0) steps.push(...lastSteps(model, ends));
  trouble.push(...eyesTrouble(model), ...joinTrouble(model));
  return {
    steps,
    trouble: [...new Set(trouble)],
    ends,
    totals: {
      pauses: steps.filter((s) => s.kind === 'eyes' || s.kind === 'stuff').length,
      fillG: sum(steps.flatMap((s) => (s.kind === 'stuff' ? [s.fillG] : []))),
      tailsMm: ends.reduce((all, e) => all + e.count * e.eachMm, 0),
      minutes: steps.reduce((a, s) => a + s.minutes, 0),
    },
  };
}

function sum(all: readonly Ranged[]): Ranged {
  return all.reduce(
    (a, b) => ({ ...a, value: a.value + b.value, low: a.low + b.low, high: a.high + b.high }),
    { value: 0, low: 0, high: 0, source: 'assumed' } as Ranged,
  );
}

/** Pieces in the order of making: what is sewn on comes before what it is sewn to; otherwise as the parts are listed. */
function makingOrder(model: ToyModel): { part: PartModel; copy: string }[] {
  const done = new Set<string>();
  const order: { part: PartModel; copy: string }[] = [];
  const visit = (part: PartModel, trail: readonly string[]): void => {
    if (done.has(part.part.id) || trail.includes(part.part.id)) return;
    for (const { join } of model.sites) {
      if (join.at.part === part.part.id && join.at.at !== 'edge' && join.guest.part !== part.part.id)
        visit(modelOf(model, join.guest.part), [...trail, part.part.id]);
    }
    // What a join round catches is made before it.
    for (const caught of part.reading.caught) {
      const guest = model.parts.find((p) => p !== part && nameKey(p.name) === nameKey(caught));
      if (guest) visit(guest, [...trail, part.part.id]);
    }
    done.add(part.part.id);
    if (part.fabric.rounds.length > 0) for (const copy of part.copies) order.push({ part, copy: copy.id });
  };
  for (const part of model.parts) visit(part, []);
  return order;
}

/** Every end of yarn and thread that the steps leave: starting and last tails, threads of what is embroidered, new colours. */
function yarnEnds(steps: readonly Step[]): YarnEnds[] {
  return steps.flatMap((s): YarnEnds[] => {
    const of = { part: s.part, copy: s.copy };
    if (s.kind === 'rounds')
      return [
        ...(s.startTailMm > 0 ? [{ ...of, what: 'start' as const, count: 1, eachMm: s.startTailMm }] : []),
        ...(s.colourJoins > 0
          ? [
              {
                ...of,
                what: 'colour' as const,
                count: s.colourJoins * ENDS.colourChange.ends,
                eachMm: ENDS.colourChange.mm,
              },
            ]
          : []),
      ];
    if (s.kind === 'close' || s.kind === 'fasten-off')
      return [{ ...of, what: 'last', count: 1, eachMm: s.tailMm }];
    if ((s.kind === 'embroider' || s.kind === 'eyes') && s.threadMm > 0)
      return [{ ...of, what: 'thread', count: 1, eachMm: s.threadMm }];
    return [];
  });
}

function lastSteps(model: ToyModel, ends: readonly YarnEnds[]): Step[] {
  // A thread has two ends of its own.
  const count = ends.reduce((n, e) => n + e.count * (e.what === 'thread' ? 2 : 1), 0);
  const base = { part: '', copy: '' };
  return [
    {
      kind: 'ends',
      ...base,
      key: 'ends',
      title: say.ends(count),
      detail: say.endsDetail,
      notes: [],
      reason: say.endsReason,
      minutes: count * TIME.weaveIn.value,
      content: String(count),
    },
    {
      kind: 'inspect',
      ...base,
      key: 'inspect',
      title: say.inspect,
      detail: say.inspectDetail,
      notes: pointWords(pointsOfToy(model)),
      reason: say.inspectReason,
      minutes: 0,
      content: '',
    },
  ];
}

/** Eyes that the text asks for and nobody placed: the part would be closed without them. */
const eyesTrouble = (model: ToyModel): string[] =>
  model.parts.flatMap((part) =>
    eyesNamed(model, part).map(({ words }) => say.eyesNotPlaced(part.name, words)),
  );

/** Joins that cannot be made as they are written, and pieces that nothing holds. */
function joinTrouble(model: ToyModel): string[] {
  const name = (id: string) => model.parts.find((p) => p.part.id === id)?.name ?? '';
  const faults = model.joinFaults.map(({ join, fault }) =>
    say.joinFault[fault](name(join.guest.part), name(join.at.part)),
  );
  const caught = new Set(model.parts.flatMap((p) => p.reading.caught.map(nameKey)));
  const hosts = model.parts.some((p) => p.reading.caught.length > 0);
  const loose = model.loose.filter((piece) => !caught.has(nameKey(name(piece.part))));
  const joined = model.toy.joins.length > 0 || hosts;
  const names = [...new Set(loose.map((piece) => name(piece.part)))];
  // Of a toy that is only caught in rounds, the part that catches is the toy itself.
  const lonely = names.filter((n) => !model.parts.some((p) => p.name === n && p.reading.caught.length > 0));
  return [...faults, ...(joined && lonely.length > 0 ? [say.loose(lonely)] : [])];
}
