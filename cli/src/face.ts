import {
  nearestWords,
  readPlaceWords,
  type AlongSchool,
  type RingIs,
  type SaidPair,
  pairTag,
} from '@hoppla/core/address';
import { buildFabric } from '@hoppla/core/fabric';
import {
  adviceOn,
  adviceSentence,
  bareHead,
  hardwareOf,
  newPair,
  pairSaid,
  pauseOf,
  refusalOf,
  refusalSentence,
  resolveEyes,
  retentionSentence,
  schoolsOf,
  wordsContext,
  type EyePair,
  type EyesAt,
  type Head,
} from '@hoppla/core/feature';
import { formOf, insideRound } from '@hoppla/core/form';
import { headOf, type PartModel } from '@hoppla/core/model';
import { markText, read } from '@hoppla/core/notation';
import { faceWords, unitWords } from '@hoppla/core/words';
import { firmnessOf, gaugeOfCall, Misuse, number, terms, type Answer, type Call } from './call';
import { openedToy } from './opened';
import { cliWords as say } from './words';

const UNITS = unitWords('mm');

/** The head that is asked about, with the pair that its eyes are of. */
interface Asked {
  name: string;
  head: Head;
  eyes: EyePair;
}

/** Where a pair of eyes goes, in every school, with its checks. Words that can be read in several ways list their readings as questions; the first is used, or `--reading K`. Words that cannot be are answered with the nearest that can. */
export function faceCommand(text: string, call: Call): Answer {
  const phrase = call.flags.get('--at');
  if (phrase === undefined) throw new Misuse(say.needsValue('--at'));
  const asked = text.trimStart().startsWith('{') ? inToy(text, call) : onPage(text, call);
  if ('err' in asked) return asked;
  const eyeMm = number(call, '--eye');
  const eyes: EyePair =
    eyeMm === undefined ? asked.eyes : { ...asked.eyes, ...hardwareOf(eyeMm), making: 'safety eye' };
  return placed(phrase, { ...asked, eyes }, call);
}

const noEyes = (name: string): Answer => ({
  out: '',
  err: `${say.noEyesHere(name || say.unnamed)}\n`,
  code: 1,
});

/** The part with the name that was asked for, else the first that `suits`, else the first with rounds. */
function partAsked<P>(
  parts: readonly P[],
  call: Call,
  of: { name: (part: P) => string; rounds: (part: P) => number; suits: (part: P) => boolean },
): P {
  const wanted = call.flags.get('--part');
  const worked = parts.filter((p) => of.rounds(p) > 0);
  const part =
    wanted === undefined
      ? (worked.find(of.suits) ?? worked[0] ?? parts[0])
      : parts.find((p) => of.name(p).toLowerCase() === wanted.toLowerCase());
  if (part === undefined)
    throw new Misuse(
      say.noPart(
        wanted ?? '',
        parts.map((p) => of.name(p) || say.unnamed),
      ),
    );
  return part;
}

function onPage(text: string, call: Call): Asked | Answer {
  const reading = read(text, { terms: terms(call) });
  let line = 0;
  const { marks } = markText(text, () => `line${++line}`);
  const part = partAsked(reading.parts, call, {
    name: (p) => p.name,
    rounds: (p) => p.rounds.length,
    suits: () => true,
  });
  const form = formOf(buildFabric(part, marks), gaugeOfCall(call, part), { fill: firmnessOf(call) });
  const head = bareHead(form, (part.ringIs as RingIs | null) ?? 'crown');
  const eyes = form.section === 'ring' ? newPair(head, { id: 'eyes', part: 'part', copy: null }) : null;
  return eyes ? { name: part.name, head, eyes } : noEyes(part.name);
}

/** The eyes of a toy, or those that would be usual on its part. */
function inToy(text: string, call: Call): Asked | Answer {
  const model = openedToy(text);
  if ('err' in model) return model;
  const eyesOf = (part: PartModel) => model.eyes.find((e) => e.eyes.part === part.part.id)?.eyes;
  const part = partAsked(model.parts, call, {
    name: (p) => p.name,
    rounds: (p) => p.fabric.rounds.length,
    suits: (p) => eyesOf(p) !== undefined,
  });
  const head = headOf(model, part);
  const usual =
    part.form.section === 'ring' ? newPair(head, { id: 'eyes', part: part.part.id, copy: null }) : null;
  const eyes = eyesOf(part) ?? usual;
  return eyes ? { name: part.name, head, eyes } : noEyes(part.name);
}

function placed(phrase: string, { name, head, eyes }: Asked, call: Call): Answer {
  const context = wordsContext(head, eyes.pair.centre.by === 'chosen' ? 'marker' : eyes.pair.centre.by, eyes);
  const found = readPlaceWords(phrase, context);
  const pairs = found.readings.flatMap((r) =>
    r.said.what === 'pair' ? [{ said: r.said, along: r.along }] : [],
  );
  if (!pairs.length) {
    const nearest = nearestWords(phrase, context);
    return {
      out: '',
      err: `${found.problem ? `1:${found.problem.from + 1}: ${found.problem.sentence}` : say.notAPair}\n${nearest ? `${say.nearest(nearest.phrase)}\n` : ''}`,
      code: 1,
    };
  }
  const k = (number(call, '--reading') ?? 1) - 1;
  if (!Number.isInteger(k) || k >= pairs.length) throw new Misuse(say.noReading(k + 1, pairs.length));
  const answers = pairs.map((p) => answerOf(head, eyes, p, name));
  const chosen = {
    ...answers[k].json,
    questions:
      pairs.length > 1
        ? answers.map((a, i) => ({
            reading: i + 1,
            stitchesBetween: a.json.spacing.stitchesBetween,
            words: a.words,
          }))
        : [],
    problems: answers[k].problems,
  };
  if (call.flags.has('--json')) return { out: `${JSON.stringify(chosen, null, 2)}\n`, err: '', code: 0 };
  const err =
    pairs.length > 1
      ? say.readings(
          answers.map((a) => a.words.slice(0, 1).concat(a.words.slice(-4)).join('; ')),
          k,
        )
      : '';
  return {
    out: say.face(pairTag(answers[k].names), answers[k].words, chosen),
    err: err + answers[k].problems.map((p) => `${p}\n`).join(''),
    code: 0,
  };
}

function answerOf(
  head: Head,
  eyes: EyePair,
  { said, along }: { said: SaidPair; along: AlongSchool },
  part: string,
) {
  const pair = pairSaid(head, eyes, said, along);
  const at = resolveEyes(head, pair) as EyesAt;
  const { window, retention } = at;
  const last = head.form.rounds[head.form.rounds.length - 1].number;
  const [low, high] = at.names[0].round;
  const pause = Math.max(pauseOf(window), high);
  const refusal = refusalOf(head, pair, at);
  const problems = [
    ...(refusal
      ? [
          `${refusalSentence(refusal, pair, at, UNITS)} ${refusal.nearest ? faceWords.nearest(pairTag((resolveEyes(head, refusal.nearest) as EyesAt).names)) : faceWords.noNearest}.`,
        ]
      : []),
    ...(retention.band === 3 ? [] : [`${faceWords.retention} ${retentionSentence(retention)}.`]),
  ];
  const json = {
    part,
    posts: at.names.map((n, i) => ({ round: n.round, stitch: n.stitch, of: n.of, point: at.points[i] })),
    ...distancesOf(at),
    fromFinishedEnd: [last - low + 1, last - high + 1],
    fromPauseEdge: [pause - low + 1, pause - high + 1],
    washer: {
      mm: pair.washerMm,
      retention: retention.worst,
      best: retention.best,
      band: retention.band,
      why: retention.why,
    },
    range: { percent: head.form.gauge.stitchRangePercent, source: head.form.gauge.stitchSource },
    advice: adviceOn(head, pair, at).map((a) => adviceSentence(a, at, UNITS)),
  };
  return {
    words: schoolsOf(wordsContext(head, pair.pair.centre.by, pair), at).map((s) => s.words),
    problems,
    names: at.names,
    json,
  };
}

/** How far apart the posts stand, and when they go in. */
const distancesOf = ({ spacing, window, levelErrorMm }: EyesAt) => ({
  spacing: {
    stitchesBetween: spacing.stitchesBetween,
    holesOn: spacing.on,
    holesShowing: spacing.showing,
    straightMm: spacing.straightMm.value,
    rimMm: spacing.rimMm.value,
    surfaceMm: spacing.alongMm.value,
    angleDeg: spacing.angleDeg,
    middle: spacing.middle,
  },
  levelErrorMm,
  window: {
    first: window.first,
    lastComfortable: window.lastComfortable,
    lastPossible: window.lastPossible,
    comfortable: window.comfortable,
    into: insideRound(window.possible),
  },
});
