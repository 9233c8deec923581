import { modelOf, yarnColour, type PartModel, type ToyModel } from '../model';
import type { Moment, WorkWindow } from '../form';
import { told, type Told } from './lane';
import { outsideName } from './naming';
import type { Plan } from './plan';
import { stepWords } from './sentences';
import type { Sign } from './task';
import { kindOf, type Step } from './tasks';

/** Something done on a lane: where along it, and between which moments it could be done. Along is in rounds from the chart's left. */
export interface Knot {
  key: string;
  along: number;
  sign: Sign;
  short: string;
  title: string;
  window: { first: number; comfortable: number | null; last: number | null } | null;
  rests: boolean;
}

/** One part's strand: its rounds in proportion, what is done on them, and until when it waits. */
export interface ChartLane {
  part: string;
  name: string;
  lane: number;
  /** #rrggbb */
  yarn: string;
  from: number;
  rounds: number;
  /** labels of every fifth round, where they stand */
  marks: readonly { along: number; label: string }[];
  knots: readonly Knot[];
  /** it lies beside until here: where it is joined, or the end of the chart */
  until: number;
  /** the loose ends of its yarn, mm */
  startMm: number;
  lastMm: number;
}

/** A piece joined to another one, or a step of the whole toy. */
export interface Merge {
  key: string;
  along: number;
  /** lanes; both the same where something is only done on it, null for the whole toy */
  from: number | null;
  to: number | null;
  sign: Sign;
  short: string;
  title: string;
  yarn: string | null;
}

/** All parts of a toy as strands side by side, from the first ring to the last look. */
export interface Chart {
  lanes: readonly ChartLane[];
  merges: readonly Merge[];
  /** in rounds */
  long: number;
}

/** Room for a step of the whole toy, and between two parts, in rounds. */
const STEP = 3;
const BETWEEN = 2;

const along = (part: PartModel, from: number, { round, stitches, of }: Moment): number => {
  const index = part.fabric.rounds.findIndex((r) => r.number === round);
  return from + Math.max(0, index) + (of > 0 ? stitches / of : 0);
};

const windowAlong = (part: PartModel, from: number, window: WorkWindow | null): Knot['window'] =>
  window?.known
    ? {
        first: along(part, from, window.begins),
        comfortable: window.comfortable && along(part, from, window.comfortable),
        last: window.possible && along(part, from, window.possible),
      }
    : null;

/** A part's lane while the plan is walked through. */
interface Walked {
  part: PartModel;
  lane: number;
  from: number;
  worked: number;
  knots: Knot[];
  until: number | null;
}

function knotOn(walked: Walked, { step, together }: Told, model: ToyModel): void {
  const at = walked.from + walked.worked;
  const { title, short } = stepWords(step, model, together);
  walked.knots.push({
    key: step.key,
    along: at,
    sign: kindOf(step.kind).sign,
    short,
    title,
    window: windowAlong(walked.part, walked.from, 'window' in step ? step.window : null),
    rests: kindOf(step.kind).rests,
  });
}

/** How many rounds of its part are worked when a step of rounds is done. */
const workedBy = (step: Step): number | null => {
  if (step.kind === 'rounds') return step.ticks[step.ticks.length - 1].round + 1;
  return step.kind === 'begin-round' ? step.round + step.stitches / Math.max(1, step.of) : null;
};

const endMm = (plan: Plan, part: string, what: 'start' | 'last'): number =>
  Math.max(0, ...plan.ends.filter((e) => e.part === part && e.what === what).map((e) => e.eachMm));

/** Where signs stand that would lie on each other: each at its own place, or pushed on until it is so far from the one before. */
export function spreadOut(at: readonly number[], gap: number): number[] {
  let before = -Infinity;
  return at.map((x) => (before = Math.max(x, before + gap)));
}

/** The way of a strand into another one. */
export const mergePath = ([x0, y0]: readonly [number, number], [x1, y1]: readonly [number, number]): string =>
  `M${x0.toFixed(1)} ${y0.toFixed(1)}C${x1.toFixed(1)} ${y0.toFixed(1)} ${x0.toFixed(1)} ${y1.toFixed(1)} ${x1.toFixed(1)} ${y1.toFixed(1)}`;

/** The whole plan as strands side by side; copies share one. */
export function chartOf(model: ToyModel, plan: Plan): Chart {
  const walked = new Map<string, Walked>();
  const merges: Merge[] = [];
  let long = 0;
  const laneOf = (part: string): number | null => walked.get(part)?.lane ?? null;
  for (const one of told(model, plan)) {
    const { step, together } = one;
    const own = walked.get(step.part);
    const isOfPiece =
      step.part !== '' && (kindOf(step.kind).ofPiece !== undefined || workedBy(step) !== null);
    if (isOfPiece && !own) {
      const part = modelOf(model, step.part);
      walked.set(step.part, { part, lane: walked.size, from: long, worked: 0, knots: [], until: null });
      long += part.fabric.rounds.length + BETWEEN;
    }
    const lane = walked.get(step.part);
    const worked = workedBy(step);
    if (lane && worked !== null) lane.worked = Math.max(lane.worked, worked);
    else if (isOfPiece && lane) {
      // Of copies that differ the first is shown.
      if (together || step.copy === lane.part.copies[0]?.id) knotOn(lane, one, model);
    } else {
      const host = 'host' in step ? step.host.part : step.part;
      merges.push({
        key: step.key,
        along: long,
        from: laneOf(step.part),
        to: laneOf(host),
        sign: kindOf(step.kind).sign,
        ...shortWords(step, model, together),
        yarn: step.part ? yarnOf(model, step.part) : null,
      });
      if (lane && host !== step.part) lane.until = long;
      long += STEP;
    }
  }
  return { lanes: [...walked.values()].map((w) => laneFrom(model, plan, w, long)), merges, long };
}

const shortWords = (step: Step, model: ToyModel, together: boolean): Pick<Merge, 'short' | 'title'> => {
  const { title, short } = stepWords(step, model, together);
  return { title, short };
};

const yarnOf = (model: ToyModel, part: string): string =>
  yarnColour(model, part, modelOf(model, part).copies[0]?.id ?? '');

function laneFrom(
  model: ToyModel,
  plan: Plan,
  { part, lane, from, knots, until }: Walked,
  long: number,
): ChartLane {
  const { rounds } = part.fabric;
  const id = part.part.id;
  return {
    part: id,
    name: outsideName(part, part.copies[0]?.id ?? '', true),
    lane,
    yarn: yarnOf(model, id),
    from,
    rounds: rounds.length,
    marks: rounds.flatMap((r, i) => ((i + 1) % 5 === 0 ? [{ along: from + i + 1, label: r.label }] : [])),
    knots,
    until: until ?? long,
    startMm: endMm(plan, id, 'start'),
    lastMm: endMm(plan, id, 'last'),
  };
}
