import { ENDS } from '../figures';
import type { FabricLayer } from '../fabric';
import { printItems, type Terms } from '../notation';
import { copyName, type PartModel, type ToyModel } from '../toy';
import { planWords as say, unitWords, type UnitWords } from '../words';
import { embroiderStep } from './embroidery';
import { colourJoins, roundMinutes } from './figures';
import { pieceName, stepKey, type OfPiece } from './naming';
import { pointsOfFeature, pointsOfRounds, pointWords } from './points';
import { eyesStep, postsOn, washersStep } from './posts';
import { closeStep } from './sewing';
import type { LayerStep, LookStep, RoundsStep, Step } from './step';
import { bodyRounds, stuffingRounds, stuffSteps } from './stuffing';

/** Everything done to one piece before it is sewn. */
export function pieceSteps(model: ToyModel, part: PartModel, copy: string, trouble: string[]): Step[] {
  const { fabric, reading } = part;
  const units = unitWords(model.toy.settings.units);
  const name = pieceName(part, copy);
  const base: OfPiece = { part: part.part.id, copy };
  const last = fabric.rounds.length;
  if (!part.addsUp && copy === part.copies[0]?.id) trouble.push(say.notAddingUp(part.name));
  const pauses = new Map<number, Step[]>();
  const pauseAt = (after: number, step: Step) => pauses.set(after, [...(pauses.get(after) ?? []), step]);
  const stuffAt = stuffingRounds(part, trouble);
  for (const layer of fabric.layers)
    pauseAt(bodyRounds(part, layer.rounds[0].reading), layerStep(part, base, layer, name));
  for (const posts of postsOn(model, part, copy, units)) {
    if (posts.state === 'homeless') {
      trouble.push(say.homeless(posts.called, part.name));
      continue;
    }
    const points = pointsOfFeature(model, posts.feature);
    const step = eyesStep(part, base, posts, stuffAt, trouble, units, points);
    const index = fabric.rounds.findIndex((r) => r.number === step.afterRound) + 1;
    pauseAt(index, step);
    if (step.stopped) trouble.push(say.stopTrouble(part.name, step.title));
    else if (posts.plastic) pauseAt(index, washersStep(base, posts, step.afterRound, points));
  }
  for (const f of model.toy.features) {
    if (f.kind !== 'embroidery' || f.part !== part.part.id || f.copy !== copy) continue;
    const { after, ...step } = embroiderStep(model, part, base, f, name, stuffAt, units);
    pauseAt(after, step);
  }
  stuffSteps(model, part, base, name, stuffAt).forEach(({ after, step }, i) => {
    pauseAt(after, step);
    const look = i === 0 ? lookStep(model, base) : null;
    if (look) pauseAt(after, look);
  });
  const steps: Step[] = [];
  let from = 0;
  for (const stop of [...new Set([...pauses.keys(), last])].sort((a, b) => a - b)) {
    if (stop > from) steps.push(roundsStep(model, part, base, from, stop, units));
    from = stop;
    steps.push(...(pauses.get(stop) ?? []).sort((a, b) => rank(a) - rank(b)));
  }
  steps.push(closeStep(model, part, base, name, reading.closed));
  return steps;
}

/** At one pause: what is still worked first, then eyes and embroidery before the fill, a second look after it. */
const rank = (step: Step): number =>
  ['layer', 'eyes', 'washers', 'embroider', 'stuff', 'look-again'].indexOf(step.kind);

function lookStep(model: ToyModel, base: OfPiece): LookStep | null {
  const seen = model.eyes.find(
    (e) => e.eyes.part === base.part && e.eyes.copy === base.copy && e.state.state !== 'homeless',
  );
  if (!seen) return null;
  return {
    kind: 'look-again',
    ...base,
    feature: seen.eyes.id,
    key: stepKey('look-again', base.copy, seen.eyes.id),
    title: say.lookAgain,
    detail: say.lookAgainDetail,
    notes: [],
    reason: say.lookAgainDetail,
    minutes: 0,
    content: '',
  };
}

function layerStep(part: PartModel, base: OfPiece, layer: FabricLayer, name: string): LayerStep {
  const stitches = layer.rounds.reduce((sum, r) => sum + r.count, 0);
  const on = part.fabric.rounds[Math.max(0, layer.on)];
  const words = (terms: Terms) =>
    layer.rounds.map((r) => printItems(part.reading.rounds[r.reading].items, terms)).join('; ');
  const title =
    layer.kind === 'fold'
      ? say.foldShut(name)
      : layer.kind === 'edging'
        ? say.edgeRound(name)
        : say.layerOn(name, on.label, layer.loop ?? 'front');
  return {
    kind: 'layer',
    ...base,
    key: stepKey('layer', base.copy, `${layer.rounds[0].mark}.${layer.rounds[0].nth}`),
    afterRound: on.number,
    stitches,
    title,
    detail: say.layerDetail(words(part.terms), stitches),
    notes: [],
    reason: say.layerReason,
    minutes: roundMinutes(layer.rounds),
    content: words('us'),
  };
}

function roundsStep(
  model: ToyModel,
  part: PartModel,
  base: OfPiece,
  from: number,
  to: number,
  units: UnitWords,
): RoundsStep {
  const rounds = part.fabric.rounds.slice(from, to);
  const ticks = rounds.map((round, i) => ({
    key: stepKey('round', base.copy, `${round.mark}.${round.nth}`),
    round: from + i,
    reading: round.reading,
    label: round.label,
    count: round.count,
    content: `${printItems(part.reading.rounds[round.reading].items, 'us')}=${round.count}`,
  }));
  const stitches = rounds.reduce((a, r) => a + r.count, 0);
  const first = from === 0;
  return {
    kind: 'rounds',
    ...base,
    key: stepKey('rounds', base.copy, `${rounds[0].mark}.${rounds[0].nth}`),
    ticks,
    stitches,
    startTailMm: first ? ENDS.startMm : 0,
    colourJoins: first ? colourJoins(part.fabric) : 0,
    title: say.rounds(copyName(part, base.copy), rounds[0].label, rounds[rounds.length - 1].label),
    detail: say.stitches(stitches) + (first ? `, ${say.startTail(units.end(ENDS.startMm))}` : ''),
    notes: first && base.copy === part.copies[0]?.id ? pointWords(pointsOfRounds(model, base.part)) : [],
    reason: say.roundsReason,
    minutes: roundMinutes(rounds),
    content: ticks.map((t) => t.content).join(';'),
  };
}
