import { knownByText } from '../kept';
import { endingsIn, isStar, tailIn } from './endings';
import { zonesIn } from './fillZones';
import { featureIn } from './featureNote';
import { hookIn, type HookSaid } from './hooks';
import { countSaid, NUMBER_PATTERN as N } from './numberWords';
import { colourIn, goesOnToBody, ringIn } from './poseWords';
import { stuffingIn } from './stuffing';
import type { Fact } from './syntax';

const MAKE = new RegExp(
  String.raw`^(?:then\s+)?(?:make|work|crochet)\s+(${N})(?:\s+(?:of\s+(?:them|these|those|each)|pieces|copies|alike|times|the\s+same|the\s+same\s+way))?\s*(?:,?\s*(mirrored|mirror-wise))?$|^(${N})\s+(?:the\s+same|alike|of\s+(?:these|them|each))$|^(?:you\s+(?:will\s+)?need|again,?)\s+(${N})(?:\s+of\s+(?:them|these|those))(?:,.*)?$`,
);
/** `stop after the first 15 stitches of this round`, `after 12 stitches of this round`. */
const WITHIN = new RegExp(
  String.raw`\b(?:stop|pause|halt|wait|break off|leave off|before\s+\w+ing)?\s*\bafter\s+(?:the\s+)?(?:first\s+|working\s+)?(${N})\s+(?:st|sts|stitches|sc|dc|decreases?)\b(?:\s+(?:of|in|on)\s+(?:this|the|that)\s+(?:round|rnd|row))?`,
);
const STOPS = /\b(?:stop|pause|halt|wait|leave off)\b/;
/** What is only done in one case, or instead of something else, is told and decides nothing. */
const CONDITION =
  /^(?:if|or|option|optional|optionally|alternatively|unless|some|when you want|for a)\b|\binstead\b/;
/** `the nose between R1 and R2, and the eyes between R6 and R7` */
const ALSO_EYES =
  /(?<=\S),?\s+and\s+((?:the\s+|both\s+|two\s+)?(?:[\d.]+\s?mm\s+)?(?:safety\s+)?eyes?\s+(?:between|on|over|at|in)\b.*)$/;
const LONGEST = 600;

/**
 * What one sentence of a page decides, in lower case and without its full stop: `stuff firmly`, `fasten off and leave 30 cm`,
 * `change to navy`, `start at the nose`, `stop after the first 15 stitches of this round`. Empty when it decides nothing.
 */
export const factsIn = knownByText((sentence: string): readonly Fact[] => {
  const said = sentence
    .slice(0, LONGEST)
    .trim()
    .replace(/\s+/g, ' ')
    .replace(/[.!?;:,]+$/, '')
    .replace(/^\(([^()]*)\)$/, '$1')
    .replace(/\s[&+]\s/g, ' and ')
    .replace(/^(?:finish(?:ing)?|finally|to finish|at the end)\s*[:,-]\s*/, '');
  if (said === '' || CONDITION.test(said)) return [];
  const facts: Fact[] = [];
  const make = MAKE.exec(said);
  if (make)
    facts.push({
      fact: 'make',
      make: Math.max(1, countSaid(make[1] ?? make[3] ?? make[4])),
      mirrored: make[2] !== undefined,
    });
  const within = WITHIN.exec(said);
  if (within && STOPS.test(said)) facts.push({ fact: 'stop', stitch: countSaid(within[1]) });
  // `stuff + eyes between R7 and R8` is about both.
  const apart = said.replace(/^(stuff|fill)\s+and\s+(?=(?:[a-z]+\s+)?eyes?\b)/, '$1, ');
  const feature = featureIn(apart);
  const also = feature && feature.what !== 'eyes' ? ALSO_EYES.exec(said) : null;
  const features = also ? [featureIn(said.slice(0, also.index)), featureIn(also[1])] : [feature];
  const placed = features.flatMap((f): Fact[] => (f ? [{ fact: 'feature', feature: f }] : []));
  // What is said first is done first.
  const eyesFirst = said.indexOf('eye') < said.search(/\b(?:stuff|fill)/);
  if (eyesFirst) facts.push(...placed);
  facts.push(...stuffingIn(said), ...zonesIn(said));
  facts.push(...endingsIn(said));
  if (isStar(said)) facts.push({ fact: 'star' });
  const tailMm = tailIn(said);
  if (tailMm !== null) facts.push({ fact: 'tail', tailMm });
  // "Eyes 4 rounds up from the bottom" is about the eyes.
  const ring = feature?.what === 'eyes' ? null : ringIn(said);
  if (ring) facts.push({ fact: 'ring', ringIs: ring });
  else if (goesOnToBody(said)) facts.push({ fact: 'ring', ringIs: 'sole', of: 'leg' });
  const colour = colourIn(said);
  if (colour) facts.push({ fact: 'colour', colour });
  if (!eyesFirst) facts.push(...placed);
  const hook: HookSaid | null = said.includes('hook') ? hookIn(said) : null;
  if (hook) facts.push({ fact: 'hook', hook });
  return facts;
});
