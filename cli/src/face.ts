import { directionsOf, frontAngle, readPlaceWords, type AlongSchool, type PlaceContext, type RingIs, type SaidPair } from '@hoppla/core/address';
import { buildFabric } from '@hoppla/core/fabric';
import { eyeRow, eyesContext, newPair, pairSaid, resolveEyes, schoolsOf, type EyePair, type EyesAt } from '@hoppla/core/feature';
import { formOf, type PartForm } from '@hoppla/core/form';
import { markText, read } from '@hoppla/core/notation';
import { firmnessOf, gaugeOfCall, Misuse, number, terms, type Answer, type Call } from './call';
import { cliWords as say } from './words';

/** Where a pair of eyes goes, in every school, with its checks. Words that can be read in several ways list their readings as questions; the first is used, or `--reading K`. */
export function faceCommand(text: string, call: Call): Answer {
  const reading = read(text, { terms: terms(call) });
  let line = 0;
  const { marks } = markText(text, () => `line${++line}`);
  const wanted = call.flags.get('--part');
  const part = wanted === undefined ? reading.parts[0] : reading.parts.find((p) => p.name.toLowerCase() === wanted.toLowerCase());
  if (!part) throw new Misuse(say.noPart(wanted ?? '', reading.parts.map((p) => p.name || say.unnamed)));
  const words = call.flags.get('--at');
  if (words === undefined) throw new Misuse(say.needsValue('--at'));
  const form = formOf(buildFabric(part, marks), gaugeOfCall(call, part.hookMm), { fill: firmnessOf(call) });
  const usual = newPair(form, { id: 'eyes', part: 'part', copy: 'copy' });
  if (!usual || form.section !== 'ring') return { out: '', err: `${say.noEyesHere(part.name || say.unnamed)}\n`, code: 1 };
  const eyeMm = number(call, '--eye');
  const eyes: EyePair = eyeMm === undefined ? usual : { ...usual, eyeMm, washerMm: eyeRow(eyeMm).washerMm };
  const ringIs = (part.ringIs as RingIs | null) ?? 'crown';
  const found = readPlaceWords(words, contextFor(form, ringIs, eyes));
  const pairs = found.readings.flatMap((r) => (r.said.what === 'pair' && r.said.at === 'hole' ? [{ said: r.said, along: r.along }] : []));
  if (!pairs.length) return { out: '', err: `${found.problem ? `1:${found.problem.from + 1}: ${found.problem.sentence}` : say.notAPair}\n`, code: 1 };
  const k = (number(call, '--reading') ?? 1) - 1;
  if (!Number.isInteger(k) || k >= pairs.length) throw new Misuse(say.noReading(k + 1, pairs.length));
  const answers = pairs.map((p) => answerOf(form, ringIs, eyes, p, part.name));
  const chosen = { ...answers[k].json, questions: pairs.length > 1 ? answers.map((a, i) => ({ reading: i + 1, stitchesBetween: a.json.spacing.stitchesBetween, words: a.words })) : [], problems: answers[k].problems };
  if (call.flags.has('--json')) return { out: `${JSON.stringify(chosen, null, 2)}\n`, err: '', code: 0 };
  const err = pairs.length > 1 ? say.readings(answers.map((a) => a.words.slice(0, 1).concat(a.words.slice(-4)).join('; ')), k) : '';
  return { out: say.face(answers[k].words, chosen), err: err + answers[k].problems.map((p) => `${p}\n`).join(''), code: 0 };
}

/** What the words rest on: the face of a usual pair, and the pause at which its washers go in. */
function contextFor(form: PartForm, ringIs: RingIs, eyes: EyePair): PlaceContext {
  const at = resolveEyes(form, eyes, undefined, ringIs);
  if (at.state !== 'homeless') return eyesContext(form, ringIs, at, eyes.washerMm, pauseOf(at));
  const frontRad = frontAngle(form, form.rounds.length - 1);
  return { form, own: directionsOf(form, ringIs, frontRad), frontRad, pause: form.rounds.length - 1, features: [] };
}

const pauseOf = ({ window }: EyesAt): number => window.lastComfortable ?? window.lastPossible ?? window.first;

function answerOf(form: PartForm, ringIs: RingIs, eyes: EyePair, { said, along }: { said: SaidPair; along: AlongSchool }, part: string) {
  const pair = pairSaid(form, eyes, said, along);
  const at = resolveEyes(form, pair, undefined, ringIs) as EyesAt;
  const { spacing, window, retention } = at;
  const last = form.rounds[form.rounds.length - 1].number;
  const [low, high] = at.names[0].round;
  const pause = Math.max(pauseOf(at), high);
  const context = eyesContext(form, ringIs, at, pair.washerMm, pauseOf(at));
  const problems = [...(window.lastPossible === null ? [say.neverFits(pair.washerMm)] : []), ...(retention.band === 1 ? [say.washerStops(retention.worst.toFixed(1))] : [])];
  return {
    words: schoolsOf(context, at).map((s) => s.words), problems,
    json: {
      part, posts: at.names.map((n, i) => ({ round: n.round, stitch: n.stitch, of: n.of, point: at.points[i] })),
      spacing: {
        stitchesBetween: spacing.stitchesBetween, holesOn: spacing.holesOn, holesShowing: spacing.holesShowing, straightMm: spacing.straightMm.value, rimMm: spacing.rimMm.value, surfaceMm: spacing.alongMm.value, angleDeg: spacing.angleDeg, middle: spacing.middle,
      },
      fromFinishedEnd: [last - low + 1, last - high + 1], fromPauseEdge: [pause - low + 1, pause - high + 1], levelErrorMm: at.levelErrorMm, washer: { mm: pair.washerMm, retention: retention.worst, band: retention.band },
      window: { first: window.first, lastComfortable: window.lastComfortable, lastPossible: window.lastPossible }, range: { percent: form.gauge.stitchRangePercent, source: form.gauge.stitchSource },
    },
  };
}
