import {
  MOST_PATCHED,
  type Embroidery,
  type Patch,
  type PatchShape,
  type PatchWork,
  type Sculpt,
  type SculptWork,
} from '../feature';
import { colourOf, setFeature, type NewId, type Toy } from '../toy';
import { lengthMm, patchWords } from '../words';
import { usualPatch, usualSculpt } from './patching';
import type { PartModel } from './part';
import { acceptStitches } from './stitchOffers';
import { modelToy, type ToyModel } from './toy';

/** Something that a part's text asks to be laid on, or to be shaped with a needle. */
export interface PatchOffer {
  /** line of the part's text, from 1 */
  line: number;
  words: string;
  what: { kind: 'patch'; work: PatchWork } | { kind: 'sculpt'; work: SculptWork };
  feature: Patch | Sculpt;
  /** its size and what it hangs on are said; what is not is asked */
  placed: boolean;
}

/** What felt is for, by what its line speaks of; the more special before the plain. */
const FOR: readonly (readonly [PatchWork, RegExp])[] = [
  ['lids', /\beye ?lids?\b|\blids?\b/],
  ['under the eyes', /\beyes?\b|\bposts?\b/],
  ['cheeks', /\bcheeks?\b|\bblush\b/],
  ['beak', /\bbeak\b|\bbill\b/],
  ['muzzle', /\bmuzzle\b|\bsnout\b/],
  ['belly', /\bbell(?:y|ies)\b|\btumm(?:y|ies)\b|\bchest\b/],
  ['spots', /\bspots?\b|\bdots?\b|\bpatch(?:es)?\b/],
];
const SHAPES: readonly (readonly [PatchShape, RegExp])[] = [
  ['half', /\b(?:half|semi)[- ]?(?:circles?|rounds?)\b/],
  ['circle', /\bcircles?\b|\bdiscs?\b|\bdisks?\b|\brounds?\b(?!\s*\d)/],
  ['oval', /\bovals?\b|\begg[- ]shaped?\b/],
  ['drop', /\b(?:tear)?drops?\b/],
  ['triangle', /\btriangles?\b/],
  ['strip', /\bstrips?\b|\brectangles?\b/],
];

const LENGTH = String.raw`(\d+\s+\d+/\d+|\d+/\d+|\d*[½¼¾]|\d+(?:[.,]\d+)?)`;
/** A unit of length. A bare `in` is one only where a length can end there: in "cut 2 in white felt" it is none. */
export const LENGTH_UNIT = String.raw`(mm\b|cm\b|inch(?:es)?\b|"|in\b(?=\s*(?:$|[.,;:)]|(?:x|×|by|long|wide|across|high|tall|diameter|on)\b)))`;
const BY = new RegExp(String.raw`${LENGTH}\s*(?:mm|cm|in|")?\s*(?:x|×|by)\s*${LENGTH}\s*${LENGTH_UNIT}`);
const ACROSS = new RegExp(String.raw`${LENGTH}\s*${LENGTH_UNIT}`);
const FRACTIONS: Record<string, string> = { '½': '1/2', '¼': '1/4', '¾': '3/4' };

/** A size in words: width and height, or one measure for both; mm. Null where none is said, or none that cloth has. */
export function sizeIn(words: string): { widthMm: number; heightMm: number; one: boolean } | null {
  const [two, one] = [BY.exec(words), ACROSS.exec(words)];
  const found = two ?? one;
  if (!found) return null;
  const unit = found[found.length - 1];
  const mm = (n: string) => {
    const plain = n.replace(/[½¼¾]/, (sign) => ` ${FRACTIONS[sign]}`);
    return Math.round((lengthMm(`${plain} ${unit}`, 'mm') ?? 0) * 10) / 10;
  };
  const [widthMm, heightMm] = two ? [mm(two[1]), mm(two[2])] : [mm(found[1]), mm(found[1])];
  if (Math.min(widthMm, heightMm) < 1 || Math.max(widthMm, heightMm) > MOST_PATCHED.mm) return null;
  return { widthMm, heightMm, one: !two };
}

/** Felt as a line tells of it. */
export interface Felt {
  work: PatchWork | null;
  shape: PatchShape | null;
  size: ReturnType<typeof sizeIn>;
}

/** What a line asks to be laid on: for what, in what outline and size; null where it speaks of no felt. */
export function patchSaid(line: string): Felt | null {
  const plain = line.toLowerCase();
  if (!/\bfelt\b/.test(plain) || /\b(?:felting|felted (?:wool|ball)|needle felt)/.test(plain)) return null;
  return {
    work: FOR.find(([, pattern]) => pattern.test(plain))?.[0] ?? null,
    shape: SHAPES.find(([, pattern]) => pattern.test(plain))?.[0] ?? null,
    size: sizeIn(plain),
  };
}

/** What a line asks a needle to shape; null where it asks for nothing of the kind. */
export function sculptSaid(line: string): SculptWork | null {
  const plain = line.toLowerCase();
  if (
    /\bsculpt|\beye (?:indent|socket)|\b(?:sink|pull|draw)\w* the eyes (?:in\b|inwards?|together|closer)/.test(
      plain,
    )
  )
    return 'eyes';
  if (
    /\b(?:dimple|navel|belly button)\b/.test(plain) &&
    /\b(?:stitch|needle|pull|thread|tighten)/.test(plain)
  )
    return 'divot';
  if (
    /\bshaping tie\b|\b(?:pull|draw)\w* (?:the |its )?(?:base|bottom) (?:up|in)\b|\bthrough the (?:base|bottom) (?:up )?to the top\b/.test(
      plain,
    )
  )
    return 'tie';
  return null;
}

/** Felt that the materials speak of, with its outline and size; a note on the part often leaves them out. */
const feltOfPage = (page: string) =>
  page.split('\n').flatMap((line) => {
    const said = patchSaid(line);
    return said?.size ? [said] : [];
  });

/** Everything that the text of a part asks to be laid on or shaped, and that is not there yet. */
export function patchOffers(model: ToyModel, part: PartModel, newId: NewId): PatchOffer[] {
  const lines = part.part.text.split('\n');
  const seen = new Set<string>();
  return part.reading.lines.flatMap(({ node, line }): PatchOffer[] => {
    if (node.type === 'round' || node.type === 'heading' || node.type === 'blank') return [];
    const words = (lines[line - 1] ?? '').replace(/^[\s#/-]+|[\s-]+$/g, '');
    return [feltOffer(model, part, words, newId), sculptOffer(model, part, words, newId)].flatMap((offer) => {
      if (!offer) return [];
      const key = `${offer.what.kind} ${offer.what.work}`;
      if (seen.has(key) || isThere(model, offer.feature)) return [];
      seen.add(key);
      return [{ line, words, ...offer }];
    });
  });
}

/** What a line says, with outline and size from the materials where it has none and they speak of one such piece. */
function withListed(page: string, said: Felt): Pick<Felt, 'shape' | 'size'> {
  if (said.size) return said;
  const alike = feltOfPage(page).filter((l) => l.work === null || l.work === said.work);
  return alike.length === 1 ? { shape: said.shape ?? alike[0].shape, size: alike[0].size } : said;
}

const isThere = ({ toy }: ToyModel, { part, kind, name }: Patch | Sculpt): boolean =>
  toy.features.some((f) => f.kind === kind && f.part === part && (f as Patch).name === name);

function feltOffer(
  model: ToyModel,
  part: PartModel,
  words: string,
  newId: NewId,
): Omit<PatchOffer, 'line' | 'words'> | null {
  const said = patchSaid(words);
  if (!said?.work) return null;
  const { shape, size } = withListed(model.toy.page, said);
  const ids = {
    id: newId(),
    name: patchWords.works[said.work],
    part: part.part.id,
    copy: null,
    colour: colourOf(/(\p{L}+)\s+felt\b/iu.exec(words)?.[1]?.toLowerCase() ?? '') ?? WHITE,
  };
  const usual = usualPatch(model, part, ids, said.work);
  const round = shape ?? (size?.one ? 'circle' : usual.shape);
  const sized = size
    ? { ...usual, shape: round, widthMm: size.widthMm, heightMm: size.heightMm }
    : { ...usual, shape: round };
  const eyed = said.work === 'under the eyes' || said.work === 'lids';
  const hasEyes = model.eyes.some((e) => e.eyes.part === part.part.id && e.state.state !== 'homeless');
  // Where a piece goes is clear only where it goes with the eyes.
  return {
    what: { kind: 'patch', work: said.work },
    feature: sized,
    placed: size !== null && eyed && hasEyes,
  };
}

/** Felt whose colour nobody has said. */
const WHITE = '#f1eee6';

function sculptOffer(
  model: ToyModel,
  part: PartModel,
  words: string,
  newId: NewId,
): Omit<PatchOffer, 'line' | 'words'> | null {
  const work = sculptSaid(words);
  const hasEyes = model.eyes.some((e) => e.eyes.part === part.part.id && e.state.state !== 'homeless');
  if (!work || (work === 'eyes' && !hasEyes)) return null;
  const ids = {
    id: newId(),
    name: patchWords.sculpt.names[work],
    part: part.part.id,
    copy: null,
    colour: '#33231d',
  };
  return { what: { kind: 'sculpt', work }, feature: usualSculpt(model, part, ids, work), placed: false };
}

/** What was taken of a page, or was left to the maker: on which line, and what it is. */
export interface NeedleTaken {
  line: number;
  feature: Embroidery | Patch | Sculpt;
}

/** Puts on what the texts of a toy ask for by needle, where they say it clearly: stitches with their round, felt with its size at the eyes. The rest is told as left. */
export function acceptNeedle(
  toy: Toy,
  newId: NewId,
): { toy: Toy; taken: NeedleTaken[]; left: NeedleTaken[] } {
  const stitched = acceptStitches(toy, newId);
  const model = modelToy(stitched.toy);
  const all = model.parts.flatMap((part) =>
    part.fabric.shape === 'rounds' && part.fabric.rounds.length > 2 ? patchOffers(model, part, newId) : [],
  );
  const clear = all.filter((o) => o.placed);
  return {
    toy: clear.reduce((now, o) => setFeature(now, o.feature), stitched.toy),
    taken: [...stitched.taken, ...clear],
    left: [...stitched.left, ...all.filter((o) => !o.placed)],
  };
}
