import { sheetHtml, planText } from '@hoppla/core/files';
import type { Moment, WorkWindow } from '@hoppla/core/form';
import { NOTHING, plusRange, type Ranged } from '@hoppla/core/gauge';
import { bothFillings, copyName, fillBetween, modelOf, zonesOf, type ToyModel } from '@hoppla/core/model';
import {
  alongWords,
  costOf,
  kindOf,
  materialsOf,
  planOf,
  stepWords,
  troubleWords,
  type Plan,
  type Step,
  type YarnEnds,
} from '@hoppla/core/plan';
import { minutesAt, paceOf, timeOf, type Pace } from '@hoppla/core/record';
import type { LogEvent } from '@hoppla/core/toy';
import { terms, type Answer, type Call } from './call';

/** The whole plan of a toy: text, a printed sheet, or all of it for programs. Exit 1 where a part does not add up. */
export function planAnswer(model: ToyModel, log: readonly LogEvent[], call: Call): Answer {
  const code = model.parts.every((p) => p.addsUp) ? 0 : 1;
  if (call.flags.has('--html')) return { out: sheetHtml(model, { terms: terms(call) }), err: '', code };
  if (call.flags.has('--json'))
    return { out: `${JSON.stringify(planJson(model, log), null, 2)}\n`, err: '', code };
  return { out: planText(model), err: '', code };
}

/** The plan with its words, in the toy's own units; lengths in mm, yarn in m, weights in g, each with its range. */
function planJson(model: ToyModel, log: readonly LogEvent[]) {
  const plan = planOf(model);
  const pace = paceOf(plan, log);
  const { totals } = plan;
  return {
    steps: stepsJson(model, plan, pace),
    ends: plan.ends.map((end) => endJson(model, end)),
    materials: materialsJson(model, plan),
    stretches: model.parts.flatMap((part) =>
      zonesOf(part).map((z) => ({
        part: part.name,
        name: z.is,
        from: part.fabric.rounds[z.from].label,
        to: part.fabric.rounds[z.to].label,
        fill: z.fill,
        by: z.by,
        fillG: bothFillings(fillBetween(model, part, z.from, z.to)),
      })),
    ),
    minutes: timeOf(plan, pace).minutes,
    totals,
    trouble: plan.trouble.map((t) => troubleWords(t, model)),
  };
}

const momentJson = (m: Moment | null) => m && { round: m.round, stitch: m.stitches };

const windowJson = (window: WorkWindow | null | undefined) =>
  window
    ? {
        first: window.known ? momentJson(window.begins) : null,
        comfortable: momentJson(window.comfortable),
        last: momentJson(window.possible),
        openingMm: window.openingMm,
      }
    : null;

/** Where its piece stands when a step is done: the last round that is worked, and how many of its stitches; null before the first, and for the whole toy. */
function standings(model: ToyModel, steps: readonly Step[]): (Moment | null)[] {
  const at = new Map<string, Moment>();
  return steps.map((step) => {
    if (step.part === '') return null;
    const { rounds } = modelOf(model, step.part).fabric;
    if (step.kind === 'rounds') {
      const last = rounds[step.ticks[step.ticks.length - 1].round];
      at.set(step.copy, { round: last.number, stitches: last.count, of: last.count });
    }
    if (step.kind === 'begin-round')
      at.set(step.copy, { round: rounds[step.round].number, stitches: step.stitches, of: step.of });
    return at.get(step.copy) ?? null;
  });
}

const nameOf = (model: ToyModel, step: Pick<Step, 'part' | 'copy'>) =>
  step.part === ''
    ? { part: null, copy: null }
    : { part: modelOf(model, step.part).name, copy: copyName(modelOf(model, step.part), step.copy) };

function stepsJson(model: ToyModel, plan: Plan, pace: Pace) {
  const stood = standings(model, plan.steps);
  const blocks = new Map(plan.blocks.flatMap((b) => b.steps.map((s) => [s.key, b.needs] as const)));
  return plan.steps.map((step, i) => {
    const { points, ...data } = step;
    return {
      ...data,
      ...stepWords(step, model),
      along: alongWords(step, model),
      ...nameOf(model, step),
      afterRound: momentJson(stood[i]),
      window: 'window' in step ? windowJson(step.window) : null,
      needs: (blocks.get(step.key) ?? []).map((n) => n.why),
      minutes: minutesAt(pace, step),
      fillG: fillOf(step),
      uses: usesOf(step),
      points: points.map((p) => p.id),
    };
  });
}

const fillOf = (step: Step): Ranged | null => {
  if (step.kind === 'stuff') return step.fillG;
  return step.kind === 'sew' && step.fill ? step.fill.fillG : null;
};

const usesOf = (step: Step) => kindOf(step.kind).uses?.(step) ?? [];

function endJson(model: ToyModel, end: YarnEnds) {
  return {
    ...nameOf(model, end),
    from: end.what,
    at: end.at,
    job: end.job,
    side: end.side,
    count: end.count,
    lengthMm: { ...end.needMm, value: end.eachMm },
    needMm: end.needMm.value,
    textMm: end.textMm,
    thread: end.thread,
    leaves: end.leaves,
  };
}

function materialsJson(model: ToyModel, plan: Plan) {
  const m = materialsOf(model, plan);
  const total = m.fill.map((f) => f.grams);
  return {
    yarns: m.yarns.map(({ name, colour, ...yarn }) => ({
      name,
      colour,
      ...yarn,
      balls: yarn.balls?.count ?? null,
      ball: yarn.balls,
    })),
    eyes: m.eyes,
    felt: m.felt,
    fillG: total.reduce(plusRange, NOTHING),
    fill: m.fill,
    hooksMm: m.hooksMm,
    other: [
      ...m.noses.map((x) => ({ what: 'nose', ...x })),
      ...m.discs.map((x) => ({ what: 'disc', ...x })),
      ...m.floss.map((x) => ({ what: 'floss', ...x })),
      ...m.hardware.map((x) => ({ what: 'hardware', ...x })),
      ...m.cores.map((x) => ({ what: 'core', ...x })),
    ],
    tools: m.tools,
    cost: costOf(model, m),
  };
}
