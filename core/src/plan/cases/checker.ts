import { stretchesOf, type PartModel, type ToyModel } from '../../model';
import type { Step } from '../index';

/**
 * An independent checker: from the toy's parts, features and joins alone (it knows nothing of how plans are made) it
 * says what a list of steps does wrong.
 */
export function faults(model: ToyModel, steps: readonly Step[]): string[] {
  return [
    ...model.parts.flatMap((part) =>
      part.copies.flatMap((copy) => pieceFaults(model, steps, { part, copy: copy.id })),
    ),
    ...seamFaults(model, steps),
    ...toyFaults(model, steps),
  ];
}

interface Piece {
  part: PartModel;
  copy: string;
}

type Placed = { step: Step; i: number };

/** Steps that are done to the piece by itself. */
const WHOLE: readonly Step['kind'][] = [
  'sew',
  'draw-through',
  'thread',
  'surface',
  'strands-last',
  'hang-last',
  'ends',
  'inspect',
];

const isEnd = (s: Step): boolean => s.kind === 'close' || s.kind === 'fasten-off';

function pieceFaults(model: ToyModel, steps: readonly Step[], { part, copy }: Piece): string[] {
  const mine = steps
    .map((step, i) => ({ step, i }))
    .filter((x) => x.step.copy === copy && !WHOLE.includes(x.step.kind));
  const end = mine.find((x) => isEnd(x.step));
  if (!end) return [`${part.name} is never finished`];
  return [
    ...roundFaults(part, mine, end),
    ...afterFaults(part, mine, end),
    ...fillFaults(part, mine),
    ...eyeFaults(model, part, copy, mine),
    ...colourFaults(part, mine),
    ...closingFaults(part, mine, end),
  ];
}

const worksRound = ({ step }: Placed): number[] =>
  step.kind === 'rounds' ? step.ticks.map((t) => t.round) : [];

/** Full rounds and stitches of the next that are worked before a step. */
function workedBefore(mine: readonly Placed[], i: number): { full: number; inside: number } {
  const before = mine.filter((x) => x.i < i);
  const full = before.flatMap(worksRound).length;
  const begun = before.flatMap(({ step }) =>
    step.kind === 'begin-round' && step.round === full ? [step.stitches] : [],
  );
  return { full, inside: Math.max(0, ...begun) };
}

function roundFaults(part: PartModel, mine: readonly Placed[], end: Placed): string[] {
  const worked = mine.flatMap(worksRound);
  const gather = part.part.ending?.gather;
  const all = part.fabric.rounds.map((_, i) => i);
  const until = gather
    ? part.fabric.rounds.findIndex((r) => r.mark === gather.mark && r.nth === gather.nth) + 1
    : 0;
  const wanted = gather && part.reading.closed && until > 0 ? all.slice(0, until) : all;
  const last = Math.max(-1, ...mine.filter((x) => worksRound(x).length > 0).map((x) => x.i));
  return [
    ...(worked.join() === wanted.join() ? [] : [`rounds of ${part.name}`]),
    ...(end.i < last ? [`${part.name} is finished before its last round`] : []),
  ];
}

/** What needs the end made comes after it, and nothing else does. */
function afterFaults(part: PartModel, mine: readonly Placed[], end: Placed): string[] {
  const after: readonly Step['kind'][] = ['sculpt', 'embroider-last', 'push-in'];
  return mine.flatMap(({ step, i }) =>
    i !== end.i && after.includes(step.kind) !== i > end.i
      ? [`${step.kind} on the wrong side of the end of ${part.name}`]
      : [],
  );
}

/** The hole with so many stitches worked, by hand: what is worked of a round and what it has left of the one below, pulled open, at the worst end. */
function holeMm(part: PartModel, full: number, inside: number): number {
  const { fabric, gauge } = part;
  const round = fabric.rounds[full];
  let edge = full > 0 ? fabric.rounds[full - 1].count : 0;
  const taken = new Set<number>();
  for (let s = round?.from ?? 0; s < (round?.from ?? 0) + inside; s++) {
    edge++;
    for (let p = fabric.parentFrom[s]; p < fabric.parentTo[s]; p++) taken.add(p);
  }
  return ((edge - taken.size) * gauge.stitchMm * 1.25 * (1 - gauge.rangePercent / 100)) / Math.PI;
}

function fillFaults(part: PartModel, mine: readonly Placed[]): string[] {
  const fills = mine.filter((x) => x.step.kind === 'stuff');
  const firms = part.fabric.rounds.map((_, i) => firmAt(part, i));
  const folds = mine.filter((x) => x.step.kind === 'fold');
  return [
    ...fills.flatMap(({ step, i }) => {
      const { full, inside } = workedBefore(mine, i);
      return [
        ...(holeMm(part, full, inside) < 9 - 1e-6 ? [`${part.name} cannot be stuffed any more`] : []),
        ...(step.kind === 'stuff' && part.form.innerCm3 > 0 && step.fillG.value <= 0
          ? [`a step of nothing in ${part.name}`]
          : []),
        ...(folds.some((f) => f.i < i) ? [`${part.name} is folded before it is filled`] : []),
      ];
    }),
    ...(firms.every((f) => f === 'empty') && fills.length > 0
      ? [`${part.name} is stuffed but should be empty`]
      : []),
    ...(firms.some((f, i) => f !== 'empty' && isTall(part, i)) && fills.length === 0 && !onlyInSeam(part)
      ? [`${part.name} is never stuffed`]
      : []),
  ];
}

/** Rounds that lie flat hold nothing. */
const isTall = ({ form, gauge }: PartModel, i: number): boolean =>
  Math.abs(form.z[i + 1] - form.z[i]) > gauge.roundMm / 2;

/** What holds filling lies next to the edge that is sewn: it goes in inside the seam. */
const onlyInSeam = (part: PartModel): boolean =>
  !part.reading.closed &&
  part.fabric.rounds.every(
    (_, i) => i >= part.fabric.rounds.length - 3 || firmAt(part, i) === 'empty' || !isTall(part, i),
  );

/** What the maker or the part says of a round's filling; the texts of these toys say nothing. */
function firmAt(part: PartModel, round: number): string {
  const index = (c: { mark: string; nth: number }) =>
    part.fabric.rounds.findIndex((r) => r.mark === c.mark && r.nth === c.nth);
  const said = part.part.zones.filter((z) => index(z.from) <= round && round <= index(z.to)).at(-1);
  return said?.fill ?? part.fill;
}

function eyeFaults(model: ToyModel, part: PartModel, copy: string, mine: readonly Placed[]): string[] {
  const on = model.eyes.filter((e) => e.eyes.part === part.part.id && (e.eyes.copy ?? copy) === copy);
  return on.flatMap(({ eyes, state }) => {
    const eye = mine.find((x) => x.step.kind === 'eyes' && x.step.feature === eyes.id);
    if (!eye || state.state === 'homeless') return ['eyes are never placed'];
    const { full, inside } = workedBefore(mine, eye.i);
    const later = Math.max(...state.names.map((n) => n.round[1]));
    const index = part.fabric.rounds.findIndex((r) => r.number === later);
    const stitch = Math.max(...state.names.filter((n) => n.round[1] === later).flatMap((n) => n.stitch));
    const there = full > index || (full === index && inside >= stitch);
    const washers = mine.find((x) => x.step.kind === 'washers' && x.step.feature === eyes.id);
    const narrow =
      eyes.making === 'safety eye' && tooNarrow(part, { index, full, inside, needMm: eyes.washerMm + 4 });
    return [
      ...(there ? [] : ['eyes before their round']),
      ...(narrow ? ['eyes through too small a hole'] : []),
      ...(mine.some((x) => x.step.kind === 'stuff' && x.i < eye.i) ? ['eyes after stuffing'] : []),
      ...(washers &&
      (washers.i < eye.i || mine.some((x) => x.i > eye.i && x.i < washers.i && worksRound(x).length > 0))
        ? ['washers not with their eyes']
        : []),
    ];
  });
}

/** Whether the hole was too small at any full round from the posts' own on, or is at the pause. */
function tooNarrow(
  part: PartModel,
  { index, full, inside, needMm }: { index: number; full: number; inside: number; needMm: number },
): boolean {
  const rounds = Array.from({ length: Math.max(0, full - index) }, (_, k) => index + k);
  const atPause = inside > 0 ? holeMm(part, full, inside) : Infinity;
  return rounds.some((k) => holeMm(part, k + 1, 0) < needMm) || atPause < needMm;
}

/** A colour is changed right before its first round. */
function colourFaults(part: PartModel, mine: readonly Placed[]): string[] {
  const { rounds, colour } = part.fabric;
  return mine.flatMap(({ step, i }) => {
    if (step.kind !== 'colour') return [];
    const { full, inside } = workedBefore(mine, i);
    const round = rounds[full];
    const wrong = inside > 0 || !round || colour[round.from] === colour[round.from - 1];
    return wrong ? [`colour of ${part.name} changed at the wrong place`] : [];
  });
}

/** Colours inside rounds: each change of the fabric is told once, where it is, and nothing else. */
function insideFaults({ name, fabric }: PartModel, mine: readonly Placed[]): string[] {
  const { rounds, colour } = fabric;
  const told = mine.flatMap(({ step }) => {
    if (step.kind === 'begin-round') return step.changes.map((c) => rounds[step.round].from + c.after);
    return step.kind === 'rounds'
      ? step.ticks.flatMap((t) => t.changes.map((c) => rounds[t.round].from + c.after))
      : [];
  });
  const last = Math.max(-1, ...mine.flatMap(worksRound));
  const real = rounds
    .slice(0, last + 1)
    .flatMap((r) => Array.from({ length: Math.max(0, r.count - 1) }, (_, k) => r.from + k + 1))
    .filter((s) => colour[s] !== colour[s - 1]);
  return told.sort((a, b) => a - b).join() === real.join() ? [] : [`colours inside rounds of ${name}`];
}

/** The closing end is as long as its loops take, and twice across them at the least where it is a star; a part of one length is filled in no more goes than the maker says. */
function closingFaults(part: PartModel, mine: readonly Placed[], { step }: Placed): string[] {
  const faults = insideFaults(part, mine);
  if (step.kind !== 'close') return faults;
  const { count } = step;
  const star = part.part.ending?.way === 'star';
  const round = count * part.gauge.stitchMm;
  const least = 1.6 * round + 150 + (star ? (2 * round) / Math.PI : 0);
  if (step.tailMm < least) faults.push(`end of ${part.name} too short to close`);
  if (star !== (step.gather?.way === 'star')) faults.push(`${part.name} is not closed as it is said`);
  const goes = mine.filter((x) => x.step.kind === 'stuff').length;
  if (part.part.goes !== null && stretchesOf(part).length === 1 && goes > part.part.goes)
    faults.push(`${part.name} is filled in more goes than are said`);
  return faults;
}

function seamFaults(model: ToyModel, steps: readonly Step[]): string[] {
  const finishedAt = (copy: string) => steps.findIndex((s) => s.copy === copy && isEnd(s));
  const lastOf = (copy: string) =>
    Math.max(-1, ...steps.flatMap((s, i) => (s.copy === copy && !WHOLE.includes(s.kind) ? [i] : [])));
  const sewn = model.sites.flatMap(({ join, sites }) =>
    sites.flatMap((site) => {
      const sew = steps.findIndex((s) => s.kind === 'sew' && s.join === join.id && s.copy === site.copy);
      if (sew < 0) return ['a join is never sewn'];
      const early = sew < finishedAt(site.copy) || sew < finishedAt(join.at.copy) || sew < lastOf(site.copy);
      const tail = steps[finishedAt(site.copy)];
      const w = model.parts.find((p) => p.part.id === join.guest.part)!.gauge.stitchMm;
      const short = tail && 'tailMm' in tail && tail.tailMm < 3 * site.guestEdge * w + 200;
      return [...(early ? ['sewn before it is finished'] : []), ...(short ? ['tail too short to sew'] : [])];
    }),
  );
  const caught = model.caught.flatMap(({ join }) => {
    const round = steps.findIndex(
      (s) => s.kind === 'rounds' && s.copy === join.at.copy && s.ticks.some((t) => t.round === join.round),
    );
    const ready = steps.findIndex(
      (s) =>
        s.kind === 'ready' && s.copy === join.at.copy && s.guests.some((g) => g.copy === join.guest.copy),
    );
    const late = ready < 0 || ready > round || lastOf(join.guest.copy) > ready;
    return late ? ['caught before it is ready'] : [];
  });
  const worked = steps.flatMap((s, i) => {
    const pieces = s.kind === 'surface' ? s.over.map((o) => o.copy) : [s.copy];
    const on = ['surface', 'draw-through', 'thread', 'strands-last', 'hang-last'].includes(s.kind);
    return on && pieces.some((copy) => finishedAt(copy) > i) ? [`${s.kind} on what is not finished`] : [];
  });
  const over = steps.flatMap((s, i) => {
    if (s.kind !== 'surface') return [];
    const on = new Set(s.over.map((o) => o.copy));
    const open = steps.some((o, k) => o.kind === 'sew' && k > i && on.has(o.copy) && on.has(o.host.copy));
    return open ? ['a line over a seam that is not sewn'] : [];
  });
  return [...sewn, ...caught, ...worked, ...over];
}

function toyFaults(model: ToyModel, steps: readonly Step[]): string[] {
  const ends = steps.findIndex((s) => s.kind === 'ends');
  const late = steps.some((s, i) => i > ends && s.kind !== 'inspect');
  const keys = steps.map((s) => s.key);
  return [
    ...(late ? ['ends woven in before the last seam'] : []),
    ...(steps[steps.length - 1]?.kind === 'inspect' ? [] : ['not looked over at the end']),
    ...(new Set(keys).size === keys.length ? [] : ['a step twice']),
    ...(model.parts.length > 0 && steps.length === 0 ? ['nothing is planned'] : []),
  ];
}
