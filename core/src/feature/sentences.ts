import type { WorkWindow } from '../form';
import { decimals, faceWords as say, type UnitWords } from '../words';
import type { Advice } from './advice';
import type { EyesAt } from './eyes';
import type { EyePair } from './feature';
import { roomOf } from './moves';
import type { NoteSilence } from './notes';
import type { Refusal } from './refusal';
import { indexSaid, RETENTION_BANDS, type Retention } from './retention';

/** One piece of advice in words. Source of the figures it names: `figures`, FACE_ADVICE. */
export function adviceSentence(advice: Advice, at: EyesAt, units: UnitWords): string {
  const post = (k: 0 | 1) => say.post(at.sides[k]);
  switch (advice.about) {
    case 'size':
      return say.advice[advice.verdict](
        advice.percent.toFixed(0),
        units.bare(advice.lowMm),
        units.length(advice.highMm),
      );
    case 'angle':
      return say.advice[advice.verdict](advice.deg.toFixed(0), String(advice.low), String(advice.high));
    case 'line':
      return say.advice[advice.verdict](
        advice.percent.toFixed(0),
        advice.low.toFixed(0),
        advice.high.toFixed(0),
      );
    case 'colour step':
    case 'increase':
    case 'decrease':
      return say.advice[advice.about](post(advice.post));
    case 'washers close':
      return say.advice['washers close'](units.fine(advice.gapMm));
    case 'off the head':
      return say.advice['off the head'];
    case 'fill':
      return say.advice.fill(units.fine(advice.proudMm));
    case 'turned':
      return say.advice.turned(decimals(advice.stitches, 1), advice.from);
    case 'covers':
      return say.advice.covers(post(advice.post), advice.thing.name, units.length(advice.overlapMm));
  }
}

/** How deep the hand goes in, through what, and what ends it, in words; null where no round is named. */
export function reachSentence({ reach, ends, ...window }: WorkWindow, units: UnitWords): string | null {
  const after = window.lastComfortable ?? window.lastPossible;
  if (!reach || !ends || after === null) return null;
  const way = say.reach(`R${after}`, units.length(reach.deepMm), units.length(reach.throughMm), reach.by);
  return `${way}; ${say.reachEnds[ends]}.`;
}

/** What a note leaves open, or why it offers no pair, in words. */
export function noteSentence(said: NoteSilence): string {
  const { note } = say;
  switch (said.why) {
    case 'not eyes':
      return note.notEyes(note.what[said.what]);
    case 'other eyes':
      return note.otherEyes;
    case 'which round':
      return note.whichRound;
    case 'no such round':
      return note.noSuchRound(said.round, said.last);
    case 'not understood':
      return note.notUnderstood(said.words);
    case 'one hole':
      return note.oneHole;
    case 'too wide':
      return note.tooWide(said.many, said.of);
    case 'how far':
      return note.howFar(said.between);
    case 'size not known':
      return note.sizeNotKnown(String(said.mm));
  }
}

/** How a washer fits the fabric, in words, with its number where there is one. */
export function retentionSentence(retention: Retention): string {
  if (retention.why !== null) return say.washerWhy[retention.why];
  const low = indexSaid(retention.worst);
  if (retention.band !== 3 && retention.liftable && retention.best >= RETENTION_BANDS.backing)
    return say.washerLies(low, indexSaid(retention.best));
  return `${low}: ${say.bands[retention.band!]}`;
}

/** Why a pair cannot be where it is, in words. */
export function refusalSentence(refusal: Refusal, eyes: EyePair, at: EyesAt, units: UnitWords): string {
  if (refusal.why === 'no room')
    return say.refusal['no room'](units.length(roomOf(eyes)), units.length(at.spacing.straightMm.value));
  return refusal.why === 'past the window'
    ? say.refusal['past the window'](String(eyes.washerMm))
    : say.refusal['gathered end'];
}
