import {
  DARK,
  MOST_STITCHED,
  newStitching,
  resolveStitching,
  type Embroidery,
  type StitchWork,
} from '../feature';
import { featureIn, numberSaid, NUMBERS } from '../notation';
import { setFeature, type NewId, type Toy } from '../toy';
import { stitchWords } from '../words';
import { headOf } from './head';
import type { PartModel } from './part';
import { marksOn } from './stitching';
import { modelToy, type ToyModel } from './toy';

/** Something that a part's text asks to be stitched, at the place that it says or else at its usual one. */
export interface StitchOffer {
  /** line of the part's text, from 1 */
  line: number;
  /** that line as it is written */
  words: string;
  work: StitchWork;
  feature: Embroidery;
  /** the text says on or between which rounds */
  placed: boolean;
}

/** What words mean a work; the more special before the plain. */
const WORDS: readonly (readonly [StitchWork, RegExp])[] = [
  ['mouth V', /\bv[- ]?(?:shaped?)?\s*(?:mouth|smile)|\b(?:mouth|smile)\b.*\bv\b/],
  ['smile', /\b(?:smiles?|smiling|grin|curved mouth)\b/],
  ['lips', /\blips\b/],
  ['mouth line', /\b(?:mouth|lip)\b/],
  ['brows', /\b(?:eye ?)?brows?\b/],
  ['lashes', /\b(?:eye ?)?lash(?:es)?\b/],
  ['cheeks', /\bcheeks?\b|\bblush\b/],
  ['whiskers', /\bwhiskers?\b/],
  ['freckles', /\bfreckles?\b/],
  // A nose is what much else is told from: only what is said to be stitched is.
  ['nose', /\b(?:embroider|stitch)\w*\b[^.;]*\bnose\b|\bnose\b[^.;]*\b(?:embroider|stitch)/],
];
/** Needle and thread. */
const STITCHED =
  /\b(?:embroider\w*|stitch(?:es|ed|ing)?|sew|sewn|thread|floss|strands?|straight line|add|draw)\b/;
/** What is of plastic, felt or crochet, or a part that is sewn on. */
const OTHERWISE =
  /\b(?:safety|plastic|felt|crochet(?:ed)?|button|bead|attach)\b|\bsew (?:the |both |on )*(?!mouth|smile|(?:eye ?)?brow|(?:eye ?)?lash|cheek|whisker|freckle)\w+ (?:on|to|onto)\b/;
const STRANDS = new RegExp(String.raw`\b(\d{1,2}|${NUMBERS.join('|')})\s+(?:strands?|plies|threads)\b`);

/** How makers call what is a work already: a mouth is one, however it goes. */
const CALLED: Record<StitchWork, RegExp> = {
  'mouth V': /mouth|smile|lip/,
  smile: /mouth|smile|lip/,
  'mouth line': /mouth|smile|lip/,
  lips: /mouth|smile|lip/,
  nose: /nose/,
  brows: /brow/,
  lashes: /lash/,
  cheeks: /cheek|blush/,
  whiskers: /whisker/,
  freckles: /freckle/,
  'stitched eyes': /eyes/,
};

/** It is stitched there, or is a part of its own, such as crocheted cheeks. */
const isThere = ({ toy, parts }: ToyModel, part: PartModel, work: StitchWork): boolean =>
  [
    ...toy.features.flatMap((f) => (f.kind === 'embroidery' && f.part === part.part.id ? [f.name] : [])),
    ...parts.map((p) => p.name),
  ].some((name) => CALLED[work].test(name.toLowerCase()));

/** The works that a line in words asks for. */
export function worksSaid(line: string): StitchWork[] {
  const plain = line.toLowerCase().replace(/[’]/g, "'");
  if (!STITCHED.test(plain) || OTHERWISE.test(plain)) return [];
  const found = WORDS.filter(([, pattern]) => pattern.test(plain)).map(([work]) => work);
  // One mouth is one thing, however many words there are for it.
  const isMouth = (w: StitchWork) => w === 'smile' || w === 'lips' || w.startsWith('mouth');
  const [mouth] = found.filter(isMouth);
  return found.filter((w) => w === mouth || !isMouth(w));
}

/** Everything that the text of a part asks to be stitched and that is not there yet. */
export function stitchOffers(model: ToyModel, part: PartModel, newId: NewId): StitchOffer[] {
  const lines = part.part.text.split('\n');
  const seen = new Set<StitchWork>();
  return part.reading.lines.flatMap(({ node, line }) => {
    if (node.type === 'round' || node.type === 'heading' || node.type === 'blank') return [];
    const words = (lines[line - 1] ?? '').replace(/^[\s#/-]+|[\s-]+$/g, '');
    return worksSaid(words).flatMap((work): StitchOffer[] => {
      if (seen.has(work) || isThere(model, part, work)) return [];
      seen.add(work);
      const feature = offered(model, part, work, words, newId);
      return feature ? [{ line, words, work, ...feature }] : [];
    });
  });
}

function offered(
  model: ToyModel,
  part: PartModel,
  work: StitchWork,
  words: string,
  newId: NewId,
): { feature: Embroidery; placed: boolean } | null {
  const head = headOf(model, part);
  const marks = marksOn(model, part);
  const said = words.toLowerCase();
  const yarn = model.toy.palette.find(
    (y) => y.slot && new RegExp(`\\b${y.slot.toLowerCase()}\\b`).test(said),
  );
  const name = stitchWords.works[work].split(',')[0];
  const ids = { id: newId(), name, part: part.part.id, copy: null, colour: yarn?.colour ?? DARK };
  const usual = newStitching(head, marks, ids, work);
  const strands = Math.min(MOST_STITCHED.strands, numberOf(STRANDS.exec(said)?.[1]) ?? 0);
  const threaded = strands ? { ...usual, thread: { ...usual.thread, strands } } : usual;
  const note = featureIn(said);
  const wanted = note?.onRound ?? (note?.rounds ? Math.max(...note.rounds) - 0.5 : null);
  if (wanted === null) return { feature: threaded, placed: false };
  const moved = onRound(model, part, threaded, wanted);
  return moved ? { feature: moved, placed: true } : { feature: threaded, placed: false };
}

const numberOf = (said: string | undefined): number | null =>
  said === undefined ? null : (numberSaid(said) ?? Number(said)) || null;

/** All of it moved up or down so that its first end is on a round, its number, or between it and the one before where that is a half. */
function onRound(model: ToyModel, part: PartModel, f: Embroidery, number: number): Embroidery | null {
  const head = headOf(model, part);
  const marks = marksOn(model, part);
  const rowOf = (tried: Embroidery): number | null => {
    const state = resolveStitching(head, tried, marks);
    if (state.state !== 'at') return null;
    const [a, b] = state.runs[0].places[0].name.round;
    return (a + b) / 2;
  };
  const lower = (by: number): Embroidery => ({
    ...f,
    ends: f.ends.map((e) => ({ ...e, down: e.down + by })),
  });
  const most = 2 * Math.min(part.fabric.rounds.length, MOST_STITCHED.off / 2);
  for (let k = 0; k <= 2 * most; k++) {
    // Nearest first: 0, half a round lower, half a round higher, and so on.
    const by = (k % 2 ? 1 : -1) * Math.ceil(k / 2) * 0.5;
    if (rowOf(lower(by)) === number) return lower(by);
  }
  return null;
}

/** Stitches what the texts of a toy ask for, where they say on which round; the rest is left to the maker. */
export function acceptStitches(
  toy: Toy,
  newId: NewId,
): { toy: Toy; taken: StitchOffer[]; left: StitchOffer[] } {
  const all = modelToy(toy).parts.flatMap((part) =>
    part.fabric.shape === 'rounds' && part.fabric.rounds.length > 2
      ? stitchOffers(modelToy(toy), part, newId)
      : [],
  );
  const taken = all.filter((o) => o.placed);
  return {
    toy: taken.reduce((now, o) => setFeature(now, o.feature), toy),
    taken,
    left: all.filter((o) => !o.placed),
  };
}
