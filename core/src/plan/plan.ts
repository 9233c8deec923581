import { formOfLayer, holeTag, positionOf, resolvePlace, type HoleName } from '../address';
import { pairTag } from '../feature';
import { DISC_OVER_WASHER_MM, ENDS, OPENINGS, TIME } from '../figures';
import { distance, fillGrams, worstOpening, type WorkWindow } from '../form';
import type { Ranged } from '../gauge';
import type { JoinSite } from '../join';
import type { FabricLayer } from '../fabric';
import { nameKey, printItems, type Terms } from '../notation';
import { copyName, modelOf, type PartModel, type ToyModel } from '../toy';
import { planWords as say, unitWords, type UnitWords } from '../words';
import { gatherTail, roundMinutes, seamTail, stuffMinutes, threadLength, volumeShare } from './figures';
import type {
  CloseStep,
  EyesStep,
  LayerStep,
  LookStep,
  Plan,
  RoundsStep,
  SewStep,
  Step,
  StuffStep,
  EmbroiderStep,
  WashersStep,
} from './step';

/** The whole plan of a toy: every step in an order in which it can still be done, with its reason. */
export function planOf(model: ToyModel): Plan {
  const order = makingOrder(model);
  const trouble: string[] = [];
  const steps: Step[] = [];
  for (const { part, copy } of order) steps.push(...pieceSteps(model, part, copy, trouble));
  const seams = sewSteps(model, trouble);
  steps.push(...seams);
  if (steps.length > 0) steps.push(...lastSteps(steps));
  const fill = steps.filter((s): s is StuffStep => s.kind === 'stuff').map((s) => s.fillG);
  const tails = steps
    .filter((s): s is CloseStep => s.kind === 'close' || s.kind === 'fasten-off')
    .map((s) => s.tailMm);
  return {
    steps,
    trouble,
    totals: {
      pauses: steps.filter((s) => s.kind === 'eyes' || s.kind === 'stuff').length,
      fillG: sum(fill),
      tailsMm: tails.reduce((a, b) => a + b, 0),
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

/** "the head", but "ear 2" where there are several. */
function pieceName(part: PartModel, copy: string): string {
  return part.copies.length > 1 ? copyName(part, copy) : say.the(part.name);
}

const stepKey = (kind: string, copy: string, what: string): string => `${kind}:${copy}:${what}`;

/** Everything done to one piece before it is sewn. */
function pieceSteps(model: ToyModel, part: PartModel, copy: string, trouble: string[]): Step[] {
  const { form, fabric, reading } = part;
  const units = unitWords(model.toy.settings.units);
  const name = pieceName(part, copy);
  const base = { part: part.part.id, copy };
  const steps: Step[] = [];
  const last = fabric.rounds.length;
  if (!part.addsUp && copy === part.copies[0]?.id) trouble.push(say.notAddingUp(part.name));
  const pauses = new Map<number, Step[]>();
  const pauseAt = (afterRounds: number, step: Step) =>
    pauses.set(afterRounds, [...(pauses.get(afterRounds) ?? []), step]);
  const stuffAt = stuffingRounds(part);
  for (const layer of fabric.layers) {
    const step = layerStep(part, base, layer, name);
    pauseAt(bodyRounds(part, layer.rounds[0].reading), step);
  }
  for (const posts of postsOn(model, part, copy, units)) {
    if (posts.state === 'homeless') {
      trouble.push(say.homeless(posts.called, part.name));
      continue;
    }
    const step = eyesStep(part, base, posts, stuffAt, trouble, units);
    const index = part.fabric.rounds.findIndex((r) => r.number === step.afterRound) + 1;
    pauseAt(index, step);
    if (posts.plastic) pauseAt(index, washersStep(base, posts, step.afterRound));
  }
  for (const f of model.toy.features) {
    if (f.kind === 'embroidery' && f.part === part.part.id && f.copy === copy)
      pauseAt(stuffAt[0] ?? last, embroiderStep(part, base, f, name, stuffAt[0] ?? last, units));
  }
  let filled = 0;
  stuffAt.forEach((after, i) => {
    const share = i === stuffAt.length - 1 ? 1 : volumeShare(form, after - 1);
    const all = fillGrams(
      form.innerCm3,
      part.part.fill,
      model.toy.settings.fillWith,
      form.gauge.rangePercent,
    );
    const part_ = share - filled;
    filled = share;
    const fillG: Ranged = { ...all, value: all.value * part_, low: all.low * part_, high: all.high * part_ };
    const opening = worstOpening(form, after - 1);
    const first = i === 0;
    const step: StuffStep = {
      kind: 'stuff',
      ...base,
      key: stepKey('stuff', copy, `${fabric.rounds[after - 1].mark}.${fabric.rounds[after - 1].nth}`),
      afterRound: fabric.rounds[after - 1].number,
      fillG,
      openingMm: opening,
      title: first
        ? say.stuff(name, units.weight(fillG.value))
        : say.stuffLast(name, units.weight(fillG.value)),
      detail: say.stuffDetail(fabric.rounds[after - 1].label, units.length(opening), part.part.fill),
      reason: say.stuffReason,
      minutes: stuffMinutes(fillG.value),
      content: `${after}:${part.part.fill}:${unitWords('mm').bareWeight(fillG.value)}`,
    };
    pauseAt(after, step);
    const seen = model.eyes.find(
      (e) => e.eyes.part === part.part.id && e.eyes.copy === copy && e.state.state !== 'homeless',
    );
    if (first && seen) {
      const look: LookStep = {
        kind: 'look-again',
        ...base,
        feature: seen.eyes.id,
        key: stepKey('look-again', copy, seen.eyes.id),
        title: say.lookAgain,
        detail: say.lookAgainDetail,
        reason: say.lookAgainDetail,
        minutes: 0,
        content: '',
      };
      pauseAt(after, look);
    }
  });
  let from = 0;
  const stops = [...new Set([...pauses.keys(), last])].sort((a, b) => a - b);
  for (const stop of stops) {
    if (stop > from) steps.push(roundsStep(part, base, from, stop, units));
    from = stop;
    steps.push(...(pauses.get(stop) ?? []).sort((a, b) => rank(a) - rank(b)));
  }
  steps.push(closeStep(model, part, base, name, reading.closed));
  return steps;
}

/** At one pause: what is still worked first, then eyes and embroidery before the fill, a second look after it. */
const rank = (step: Step): number =>
  ['layer', 'eyes', 'washers', 'embroider', 'stuff', 'look-again'].indexOf(step.kind);

/** After how many rounds the part is stuffed: where the text says, else at the last wide opening and before the last round. */
function stuffingRounds(part: PartModel): number[] {
  const { form, fabric, reading } = part;
  if (part.part.fill === 'empty' || fabric.rounds.length === 0) return [];
  const said = [...new Set(reading.stuffedAfter.map((n) => bodyRounds(part, n)))].filter((n) => n > 0);
  const last = fabric.rounds.length;
  if (said.length > 0) return reading.closed && said[said.length - 1] < last - 1 ? [...said, last - 1] : said;
  if (!reading.closed) return [last];
  let wide = 0;
  for (let i = Math.floor(last / 2); i < last && worstOpening(form, i) >= OPENINGS.fill.comfortableMm; i++)
    wide = i + 1;
  const ends = Math.max(1, last - 1);
  return wide > 0 && wide < ends ? [wide, ends] : [ends];
}

/** How many rounds of the part itself are among the first so many rounds as read. */
const bodyRounds = (part: PartModel, readings: number): number =>
  part.fabric.rounds.filter((r) => r.reading < readings).length;

function layerStep(
  part: PartModel,
  base: { part: string; copy: string },
  layer: FabricLayer,
  name: string,
): LayerStep {
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
    reason: say.layerReason,
    minutes: stitches / TIME.stitchesAMinute.value,
    content: words('us'),
  };
}

function roundsStep(
  part: PartModel,
  base: { part: string; copy: string },
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
  return {
    kind: 'rounds',
    ...base,
    key: stepKey('rounds', base.copy, `${rounds[0].mark}.${rounds[0].nth}`),
    ticks,
    stitches,
    title: say.rounds(copyName(part, base.copy), rounds[0].label, rounds[rounds.length - 1].label),
    detail: say.stitches(stitches) + (from === 0 ? `, ${say.startTail(units.end(ENDS.startMm))}` : ''),
    reason: say.roundsReason,
    minutes: roundMinutes(part.fabric, from, to),
    content: ticks.map((t) => t.content).join(';'),
  };
}

/** What goes through the fabric on posts, or is embroidered in the same place: a pair of eyes or a nose. */
type Posts = { state: 'homeless'; called: string } | PostsAt;
interface PostsAt {
  state: 'there';
  called: string;
  feature: string;
  plastic: boolean;
  names: readonly HoleName[];
  window: WorkWindow;
  washerMm: number;
  backing: boolean;
  /** "2 × 9 mm" */
  size: string;
  tag: string;
  titles: { comfortable: string; possible: string; early: string; late: string; embroider: string };
  minutes: number;
  content: string;
  checks: EyesStep['checks'];
}

function postsOn(model: ToyModel, part: PartModel, copy: string, units: UnitWords): Posts[] {
  const mine = (f: { part: string; copy: string }) => f.part === part.part.id && f.copy === copy;
  const eyes = model.eyes
    .filter((e) => mine(e.eyes))
    .map(({ eyes: e, state }): Posts => {
      if (state.state === 'homeless') return { state: 'homeless', called: say.eyesCalled };
      const tag = pairTag(state.names);
      const plastic = e.making === 'safety eye';
      const checks: EyesStep['checks'] = [
        {
          id: 'front',
          words: say.checkFront(
            typeof e.pair.centre.by === 'string' ? 'marker' : 'patch' in e.pair.centre.by ? 'patch' : 'part',
          ),
        },
        { id: 'posts', words: say.checkPosts(tag) },
        {
          id: 'count',
          words:
            state.rounds[0] === state.rounds[1]
              ? say.checkCount(state.spacing.stitchesBetween)
              : say.checkCountEach(...(state.names.map((n) => holeTag(n).stitches) as [string, string])),
        },
        { id: 'level', words: say.checkLevel(units.fine(state.levelErrorMm)) },
        { id: 'compared', words: say.checkCompared(units.length(state.spacing.straightMm.value)) },
        { id: 'looked', words: say.checkLooked },
      ];
      return {
        state: 'there',
        called: say.eyesCalled,
        feature: e.id,
        plastic,
        names: state.names,
        window: state.window,
        washerMm: e.washerMm,
        backing: state.retention.band < 3,
        size: say.eyesSize(String(e.eyeMm)),
        tag,
        titles: say.eyesTitles,
        minutes: plastic ? TIME.eyesPair.value : 2 * TIME.embroider.value,
        content: `${tag}:${e.eyeMm}:${e.making}`,
        checks: plastic ? checks : [],
      };
    });
  const noses = model.noses
    .filter((n) => mine(n.nose))
    .map(({ nose, state }): Posts => {
      if (state.state === 'homeless') return { state: 'homeless', called: say.noseCalled };
      const { rounds, stitches } = holeTag(state.name);
      const tag = `${rounds} | ${stitches}`;
      const plastic = nose.making === 'safety nose';
      return {
        state: 'there',
        called: say.noseCalled,
        feature: nose.id,
        plastic,
        names: [state.name],
        window: state.window,
        washerMm: nose.washerMm,
        backing: state.retention.band < 3,
        size: say.noseSize(String(nose.widthMm), String(nose.heightMm)),
        tag,
        titles: say.noseTitles,
        minutes: plastic ? TIME.eyesPair.value / 2 : TIME.embroider.value,
        content: `${tag}:${nose.widthMm}:${nose.making}`,
        checks: plastic
          ? [
              { id: 'posts', words: say.checkPosts(tag) },
              { id: 'looked', words: say.checkLooked },
            ]
          : [],
      };
    });
  return [...eyes, ...noses];
}

function eyesStep(
  part: PartModel,
  base: { part: string; copy: string },
  posts: PostsAt,
  stuffAt: number[],
  trouble: string[],
  units: UnitWords,
): EyesStep {
  const { window } = posts;
  const indexOfNumber = (n: number) => part.fabric.rounds.findIndex((r) => r.number === n);
  const chosen = window.lastComfortable ?? window.lastPossible;
  if (chosen === null && posts.plastic) trouble.push(say.tooSmall(part.name));
  const first = indexOfNumber(window.first) + 1;
  let after = indexOfNumber(chosen ?? window.first) + 1;
  const beforeStuffing = stuffAt.length > 0 && stuffAt[0] < after;
  if (beforeStuffing) {
    if (stuffAt[0] < first) {
      trouble.push(say.wrongOrder(part.name));
      // Eyes cannot wait for a hole that is not there yet; the fill waits instead.
      for (let i = 0; i < stuffAt.length; i++) stuffAt[i] = Math.max(stuffAt[i], first);
    }
    after = Math.max(first, stuffAt[0]);
  }
  const round = part.fabric.rounds[after - 1];
  const late = chosen === null ? 'too late' : window.lastComfortable === null ? 'possible' : 'comfortable';
  const { titles } = posts;
  const title = !posts.plastic
    ? titles.embroider
    : late === 'too late'
      ? titles.late
      : beforeStuffing
        ? titles.early
        : late === 'possible'
          ? titles.possible
          : titles.comfortable;
  const n = (x: number | null) => (x === null ? '' : `R${x}`);
  const reason =
    late === 'too late'
      ? say.eyesTooLateReason
      : say.eyesReason(
          n(window.lastComfortable ?? window.lastPossible),
          window.lastComfortable !== null && window.lastPossible !== window.lastComfortable
            ? n(window.lastPossible)
            : '',
        );
  return {
    kind: 'eyes',
    ...base,
    feature: posts.feature,
    key: stepKey('eyes', base.copy, posts.feature),
    afterRound: round.number,
    names: posts.names,
    window,
    late,
    title,
    checks: posts.checks,
    detail: say.eyesDetail(
      round.label,
      units.length(worstOpening(part.form, after - 1)),
      posts.size,
      posts.tag,
    ),
    reason: posts.plastic
      ? window.into
        ? `${reason} ${say.eyesInto(n(window.into.round), window.into.stitches)}`
        : reason
      : say.embroiderReason,
    minutes: posts.minutes,
    content: posts.content,
  };
}

function washersStep(base: { part: string; copy: string }, posts: PostsAt, afterRound: number): WashersStep {
  return {
    kind: 'washers',
    ...base,
    feature: posts.feature,
    key: stepKey('washers', base.copy, posts.feature),
    afterRound,
    title: say.washers(posts.names.length),
    detail: posts.backing
      ? say.washersBacked(String(posts.washerMm), String(posts.washerMm + DISC_OVER_WASHER_MM))
      : say.washersDetail(String(posts.washerMm)),
    reason: say.washersReason,
    minutes: posts.names.length * TIME.washer.value,
    content: String(posts.washerMm),
  };
}

function embroiderStep(
  part: PartModel,
  base: { part: string; copy: string },
  f: Extract<ToyModel['toy']['features'][number], { kind: 'embroidery' }>,
  name: string,
  after: number,
  units: UnitWords,
): EmbroiderStep {
  const points = f.path.flatMap((p) => {
    const found = resolvePlace(part.fabric, p);
    return (found.state === 'at' || found.state === 'moved') && (p.at === 'hole' || p.at === 'middle')
      ? [positionOf(formOfLayer(part.form, found.layer), found.round, p.at, found.index)]
      : [];
  });
  let path = 0;
  for (let i = 1; i < points.length; i++) path += distance(points[i - 1], points[i]);
  const threadMm = threadLength(path * f.strokes);
  const round = part.fabric.rounds[after - 1];
  return {
    kind: 'embroider',
    ...base,
    feature: f.id,
    key: stepKey('embroider', base.copy, f.id),
    afterRound: round.number,
    threadMm,
    title: say.embroider(f.name, name),
    detail: say.embroiderDetail(units.end(threadMm)),
    reason: say.embroiderReason,
    minutes: TIME.embroider.value,
    content: `${f.name}:${f.path.length}`,
  };
}

/** Which join uses the end of yarn of this piece: its own, or edge to edge the guest's. */
function sewnBy(model: ToyModel, part: PartModel, copy: string): { site: JoinSite } | null {
  for (const { join, sites } of model.sites) {
    const site = sites.find((s) => s.copy === copy);
    if (join.guest.part === part.part.id && site) return { site };
  }
  return null;
}

function closeStep(
  model: ToyModel,
  part: PartModel,
  base: { part: string; copy: string },
  name: string,
  closed: boolean,
): CloseStep {
  const fold = part.fabric.layers.find((l) => l.kind === 'fold')?.rounds[0];
  const last = fold ?? part.fabric.rounds[part.fabric.rounds.length - 1];
  const small = ['under 18 months', '18 to 36 months', 'unknown'].includes(model.toy.settings.age);
  const sewn = sewnBy(model, part, base.copy);
  const w = part.gauge.stitchMm;
  const units = unitWords(model.toy.settings.units);
  const gather = closed ? gatherTail(last.count, w, small) : 0;
  const seam = sewn ? seamTail(sewn.site.guestEdge, w, sewn.site.join.edge, small) : 0;
  const tailMm = Math.max(gather, seam, closed || sewn ? 0 : 150);
  const tailFor = sewn ? 'sewing' : closed ? 'closing' : 'weaving in';
  const job = tailFor === 'sewing' ? say.toSew : tailFor === 'closing' ? say.toClose : say.toWeave;
  return {
    kind: closed ? 'close' : 'fasten-off',
    ...base,
    key: stepKey(closed ? 'close' : 'fasten-off', base.copy, last.mark),
    count: last.count,
    tailMm,
    tailFor,
    title: closed ? say.close(name, last.label, last.count) : say.fastenOff(name),
    detail: closed
      ? say.closeDetail(units.end(tailMm), job)
      : say.fastenOffOpen(last.count, units.end(tailMm), job),
    reason: closed ? say.closeReason : say.fastenOffReason,
    minutes: closed ? TIME.close.value : 0,
    content: `${last.count}:${tailMm}`,
  };
}

/** Seams from the middle of the toy outwards: edge to edge first, then what sits on each host. */
function sewSteps(model: ToyModel, trouble: string[]): SewStep[] {
  const order = [...model.sites].sort(
    (a, b) => Number(b.join.at.at === 'edge') - Number(a.join.at.at === 'edge'),
  );
  return order.flatMap(({ join, sites }) => {
    const host = modelOf(model, join.at.part);
    const guest = modelOf(model, join.guest.part);
    if (sites.length === 0) trouble.push(say.homeless(guest.name, host.name));
    return sites.map((site): SewStep => {
      const name = pieceName(guest, site.copy);
      const hostName = pieceName(host, join.at.copy);
      const tag = site.name
        ? say.at(holeTag(site.name).rounds, holeTag(site.name).stitches)
        : endWords(host, site);
      return {
        kind: 'sew',
        part: join.guest.part,
        copy: site.copy,
        join: join.id,
        host: { part: join.at.part, copy: join.at.copy },
        key: stepKey('sew', site.copy, join.id),
        name: site.name,
        pins: site.pins,
        stitches: site.guestEdge,
        title: say.sew(name, hostName),
        detail: say.sewDetail(site.guestEdge, tag),
        reason: say.sewReason,
        minutes: TIME.seamPerStitch.value * site.guestEdge + TIME.seamPlus.value,
        content: `${tag}:${site.guestEdge}`,
      };
    });
  });
}

/** Where an edge centred on the host's end is sewn. */
function endWords(host: PartModel, site: JoinSite): string {
  return host.fabric.closed
    ? say.roundTheEnd(host.fabric.rounds[site.round].label)
    : say.edgeToEdge(site.guestEdge, site.hostEdge);
}

function lastSteps(steps: readonly Step[]): Step[] {
  const ends = steps.filter((s) => s.kind === 'close' || s.kind === 'fasten-off').length * 2;
  const base = { part: '', copy: '' };
  return [
    {
      kind: 'ends',
      ...base,
      key: 'ends',
      title: say.ends(ends),
      detail: say.endsDetail,
      reason: say.endsReason,
      minutes: ends * TIME.weaveIn.value,
      content: String(ends),
    },
    {
      kind: 'inspect',
      ...base,
      key: 'inspect',
      title: say.inspect,
      detail: say.inspectDetail,
      reason: say.inspectReason,
      minutes: 0,
      content: '',
    },
  ];
}
