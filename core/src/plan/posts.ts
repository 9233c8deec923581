import { holeTag, type HoleName } from '../address';
import { pairTag } from '../feature';
import { DISC_OVER_WASHER_MM, TIME } from '../figures';
import { worstOpening, type WorkWindow } from '../form';
import type { SafetyPoint } from '../safety';
import type { PartModel, ToyModel } from '../toy';
import { planWords as say, type UnitWords } from '../words';
import { satinThreadMm } from './figures';
import { stepKey, type OfPiece } from './naming';
import { pointWords } from './points';
import type { EyesStep, WashersStep } from './step';

/** What goes through the fabric on posts, or is embroidered in the same place: a pair of eyes or a nose. */
export type Posts = { state: 'homeless'; called: string } | PostsAt;
export interface PostsAt {
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
  titles: {
    comfortable: string;
    possible: string;
    early: string;
    late: string;
    embroider: string;
    notKnown: string;
  };
  minutes: number;
  content: string;
  /** thread of an embroidered outline, mm; 0 for plastic */
  threadMm: number;
  checks: EyesStep['checks'];
}

/** Eyes and noses on one copy of a part. */
export function postsOn(model: ToyModel, part: PartModel, copy: string, units: UnitWords): Posts[] {
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
        backing: state.retention.band !== 3,
        size: say.eyesSize(String(e.eyeMm)),
        tag,
        titles: say.eyesTitles,
        minutes: plastic ? TIME.eyesPair.value : 2 * TIME.embroider.value,
        content: `${tag}:${e.eyeMm}:${e.making}`,
        threadMm: plastic ? 0 : 2 * satinThreadMm(e.eyeMm, e.eyeMm),
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
        backing: state.retention.band !== 3,
        size: say.noseSize(String(nose.widthMm), String(nose.heightMm)),
        tag,
        titles: say.noseTitles,
        minutes: plastic ? TIME.eyesPair.value / 2 : TIME.embroider.value,
        content: `${tag}:${nose.widthMm}:${nose.making}`,
        threadMm: plastic ? 0 : satinThreadMm(nose.widthMm, nose.heightMm),
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

/** When posts go in, or an outline is embroidered. Under a stop nothing is put in: the step says why and what to do instead. */
export function eyesStep(
  part: PartModel,
  base: OfPiece,
  posts: PostsAt,
  stuffAt: number[],
  trouble: string[],
  units: UnitWords,
  points: readonly SafetyPoint[],
): EyesStep {
  const { window } = posts;
  const stop = posts.plastic ? points.find((p) => p.weight === 'stop') : undefined;
  const indexOfNumber = (n: number) => part.fabric.rounds.findIndex((r) => r.number === n);
  const chosen = window.lastComfortable ?? window.lastPossible;
  if (chosen === null && posts.plastic)
    trouble.push(window.known ? say.tooSmall(part.name) : say.windowNotKnown(part.name));
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
  const late = !window.known
    ? 'not known'
    : chosen === null
      ? 'too late'
      : window.lastComfortable === null
        ? 'possible'
        : 'comfortable';
  const { titles } = posts;
  const title = !posts.plastic
    ? titles.embroider
    : late === 'not known'
      ? titles.notKnown
      : late === 'too late'
        ? titles.late
        : beforeStuffing
          ? titles.early
          : late === 'possible'
            ? titles.possible
            : titles.comfortable;
  const n = (x: number | null) => (x === null ? '' : `R${x}`);
  const reason =
    late === 'not known'
      ? say.windowNotKnown(part.name)
      : late === 'too late'
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
    title: stop ? say.stopTitle(stop.title) : title,
    checks: stop ? [] : posts.checks,
    threadMm: posts.threadMm,
    stopped: stop ? { point: stop.id, reason: stop.reason, mend: stop.mend } : null,
    notes: pointWords(points.filter((p) => p !== stop)),
    detail: stop
      ? `${stop.reason} ${stop.mend}.`.replace('..', '.')
      : say.eyesDetail(
          round.label,
          window.known ? units.length(worstOpening(part.form, after - 1)) : null,
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

/** The click. */
export function washersStep(
  base: OfPiece,
  posts: PostsAt,
  afterRound: number,
  points: readonly SafetyPoint[],
): WashersStep {
  return {
    kind: 'washers',
    ...base,
    feature: posts.feature,
    key: stepKey('washers', base.copy, posts.feature),
    afterRound,
    title: say.washers(posts.names.length),
    notes: pointWords(points.filter((p) => p.check === 2)),
    detail: posts.backing
      ? say.washersBacked(String(posts.washerMm), String(posts.washerMm + DISC_OVER_WASHER_MM))
      : say.washersDetail(String(posts.washerMm)),
    reason: say.washersReason,
    minutes: posts.names.length * TIME.washer.value,
    content: String(posts.washerMm),
  };
}
