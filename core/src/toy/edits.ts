import type { Course, RingIs } from '../address';
import {
  changeText,
  convertTerms,
  markText,
  type LineMeaning,
  read,
  replaceText,
  type PartReading,
  type Reading,
  type Rewriting,
  type Terms,
  type TextChange,
} from '../notation';
import { onRounds, partsOf, withoutJoins, type Feature } from '../feature';
import type { Firmness } from '../form';
import { onPlaces, sameClamp, type ClampSaid, type StoredJoin } from '../join';
import { gaugeOfPage } from './gaugeOfPart';
import { textsOfPage } from './pageTexts';
import { mentions, otherTitles } from './titles';
import { type Copy, type NewId, type Part, type Settings, type Toy } from './types';
import { colourOf, slotOf, withSlot } from './newToy';

/**
 * Takes the parts of a page into a toy. What the page says of a part stands in the part's text: what is done at the end is a
 * note at the part that it speaks of. What belongs to no part is kept beside them, as it was written. `as` is what the maker
 * says that lines are.
 */
export function addParts(
  toy: Toy,
  text: string,
  newId: NewId,
  as: Readonly<Record<number, LineMeaning>> = {},
): Toy {
  const reading = read(text, { terms: toy.parts.length ? toy.settings.terms : undefined, as });
  const settings = toy.parts.length ? toy.settings : { ...toy.settings, terms: reading.terms };
  const { parts, rest } = textsOfPage(reading, text, as);
  const page = gaugeOfPage({ ...toy, settings }, reading, text, newId);
  const kept = { ...page.toy, page: [toy.page, rest].filter((words) => words !== '').join('\n\n') };
  if (reading.parts.length === 0) return withPart(kept, text, {}, page.gauge, newId);
  const added = parts.reduce((so, own, i) => {
    const { ringIs, firmness, copyColours } = reading.parts[i];
    // What the page says of all parts is not in the part's own text.
    const fill = firmness ?? reading.materials.fill ?? undefined;
    return withPart(so, own, { ringIs, fill, copyColours }, page.gauge, newId);
  }, kept);
  return withYarns(added, reading.materials.yarns, toy.palette);
}

/** Names the yarns behind letters as the page's list of materials does: A is pale grey. What the maker has set stays. */
function withYarns(toy: Toy, yarns: Reading['materials']['yarns'], before: Toy['palette']): Toy {
  const palette = toy.palette.map((own) => {
    const listed = yarns.find((y) => y.slot === own.slot);
    if (!listed || before.some((y) => y.slot === own.slot)) return own;
    return { ...own, name: listed.name, colour: colourOf(listed.name) ?? own.colour };
  });
  return { ...toy, palette };
}

/** What a page says of a part that its own text does not. */
interface SaidOfPart {
  ringIs?: string | null;
  fill?: Firmness;
  copyColours?: readonly string[] | null;
}

function withPart(toy: Toy, text: string, said: SaidOfPart, gauge: string, newId: NewId): Toy {
  const { marks } = markText(text, newId);
  const part: Part = {
    id: newId(),
    text,
    marks,
    copies: [],
    pose: { ringIs: (said.ringIs as RingIs | null | undefined) ?? 'crown', start: 'back', out: 'right side' },
    fill: said.fill ?? 'medium',
    shaping: { how: 'as worked' },
    gauge,
    stretches: [],
    zones: [],
    core: null,
    goes: null,
    ending: null,
    weighedG: null,
  };
  return coloured(settled(toy, part, newId), part.id, said.copyColours ?? null);
}

/** Gives each copy the colour that the page gives it. */
function coloured(toy: Toy, partId: string, colours: readonly string[] | null): Toy {
  if (!colours) return toy;
  const palette = colours.reduce(withSlot, toy.palette);
  const reading = readingOfPart(toy, partOf(toy, partId));
  const slot = reading ? slotOf(palette, reading) : '';
  const dyed = (copy: Copy, k: number): Copy => {
    const name = colours[k];
    const yarn = palette.find((y) => y.slot === name);
    return yarn ? { ...copy, name, palette: { ...copy.palette, [slot]: yarn.colour } } : copy;
  };
  return {
    ...toy,
    palette,
    parts: toy.parts.map((p) => (p.id === partId ? { ...p, copies: p.copies.map(dyed) } : p)),
  };
}

const readingOfPart = (toy: Toy, part: Part): PartReading | undefined =>
  read(part.text, {
    terms: toy.settings.terms,
    parts: mentions(part.text) ? otherTitles(toy, part.id) : [],
  }).parts[0];

/** Brings copies and colour slots into line with what the part's text says; adds, never takes away. */
function settled(toy: Toy, part: Part, newId: NewId): Toy {
  const reading = readingOfPart(toy, part);
  const make = reading?.make ?? 1;
  const copies = [...part.copies];
  while (copies.length < make) copies.push({ id: newId(), name: `${copies.length + 1}`, palette: {} });
  const grown = copies.length === part.copies.length ? part : { ...part, copies };
  const parts = toy.parts.some((p) => p.id === part.id)
    ? toy.parts.map((p) => (p.id === part.id ? grown : p))
    : [...toy.parts, grown];
  return { ...toy, parts, palette: (reading?.colours ?? []).reduce(withSlot, toy.palette) };
}

/** One change of a part's text; marks follow. @throws RangeError outside the text */
export function typeInPart(toy: Toy, partId: string, change: TextChange, newId: NewId): Toy {
  const part = partOf(toy, partId);
  return settled(toy, { ...part, ...changeText(part, change, newId) }, newId);
}

/** A whole new text for a part (a paste, a mend of many lines), compared line by line with the old one. */
export function rewritePart(toy: Toy, partId: string, text: string, newId: NewId): Toy {
  const part = partOf(toy, partId);
  return settled(toy, { ...part, ...replaceText(part, text, newId) }, newId);
}

/** Applies the changes of a mend, all against the text as given. */
export function mendPart(toy: Toy, partId: string, changes: readonly TextChange[], newId: NewId): Toy {
  return [...changes]
    .sort((a, b) => b.from - a.from)
    .reduce((so, change) => typeInPart(so, partId, change, newId), toy);
}

/** Reads all parts in the other terms and writes their stitch words so; nothing else changes. */
export function changeTerms(toy: Toy, to: Terms, newId: NewId): Toy {
  const from = toy.settings.terms;
  const parts = toy.parts.map((p) => {
    const changes = convertTerms(p.text, from, to);
    return changes.length
      ? {
          ...p,
          ...[...changes]
            .reverse()
            .reduce((so, change) => changeText(so, change, newId), { text: p.text, marks: p.marks }),
        }
      : p;
  });
  const features = toy.features.map((f) =>
    f.kind === 'surface' ? { ...f, motif: inTerms(f.motif, from, to) } : f,
  );
  return { ...toy, parts, features, settings: { ...toy.settings, terms: to } };
}

/** What is worked at a station, its stitch words in the other terms. */
const inTerms = (written: string, from: Terms, to: Terms): string =>
  convertTerms(`R1: ${written}`, from, to)
    .reduceRight((text, c) => text.slice(0, c.from) + c.insert + text.slice(c.to), `R1: ${written}`)
    .slice('R1: '.length);

/** Writes rounds as a range or as single lines. Places stay on their rounds: round n of the old lines is round n of the new ones. */
export function rewriteRounds(toy: Toy, partId: string, rewriting: Rewriting, newId: NewId): Toy {
  const before = partOf(toy, partId);
  const changed = typeInPart(toy, partId, rewriting.change, newId);
  const after = partOf(changed, partId);
  const at = rewriting.firstLine - 1;
  const olds = before.marks.slice(at, at + rewriting.lines);
  const marks = after.marks.slice(at, at + rewriting.becomes);
  const rename = (course: Course): Course => {
    const k = olds.indexOf(course.mark);
    if (k < 0) return course;
    const nth = k + course.nth;
    return rewriting.becomes > 1
      ? { ...course, mark: marks[nth] ?? course.mark, nth: marks[nth] ? 0 : course.nth }
      : { ...course, mark: marks[0], nth };
  };
  return {
    ...changed,
    features: changed.features.map((f) =>
      onRounds(f, (part) => (part === partId ? rename : (course) => course)),
    ),
    joins: changed.joins.map((j) =>
      j.at.part === partId ? onPlaces(j, (at) => ({ ...at, course: rename(at.course) })) : j,
    ),
    clamps: changed.clamps.map((c) => (c.part === partId ? { ...c, course: rename(c.course) } : c)),
    parts: changed.parts.map((p) => (p.id === partId ? partOnRounds(p, rename) : p)),
    plan: {
      ...changed.plan,
      pauses: changed.plan.pauses.map((p) => ({ ...p, at: rename(p.at) })),
    },
  };
}

/** A part whose own rounds are called otherwise now. */
const partOnRounds = (part: Part, rename: (course: Course) => Course): Part => ({
  ...part,
  stretches: part.stretches.map((s) => ({ ...s, from: rename(s.from), to: rename(s.to) })),
  zones: part.zones.map((z) => ({ ...z, from: rename(z.from), to: rename(z.to) })),
  core: part.core && { ...part.core, at: rename(part.core.at) },
  ending: part.ending && { ...part.ending, gather: part.ending.gather && rename(part.ending.gather) },
  shaping:
    part.shaping.how === 'pushed in' ? { ...part.shaping, rim: rename(part.shaping.rim) } : part.shaping,
});

/** Removes a part with everything that stands on it or is made from it. */
export function removePart(toy: Toy, partId: string): Toy {
  const gone = toy.joins.filter((j) => j.at.part === partId || j.guest.part === partId);
  return {
    ...gone.reduce((so, join) => removeJoin(so, join.id), toy),
    parts: toy.parts.filter((p) => p.id !== partId),
    clamps: toy.clamps.filter((c) => c.part !== partId && c.guest !== partId),
    features: toy.features
      .filter((f) => !partsOf(f).includes(partId))
      .map((f) =>
        withoutJoins(
          f,
          gone.map((j) => j.id),
        ),
      ),
  };
}

export function changePart(
  toy: Toy,
  partId: string,
  change: Partial<Omit<Part, 'id' | 'text' | 'marks'>>,
): Toy {
  return { ...toy, parts: toy.parts.map((p) => (p.id === partId ? { ...p, ...change } : p)) };
}

/** Adds a feature or puts a changed one in its place. */
export function setFeature(toy: Toy, feature: Feature): Toy {
  const known = toy.features.some((f) => f.id === feature.id);
  return {
    ...toy,
    features: known
      ? toy.features.map((f) => (f.id === feature.id ? feature : f))
      : [...toy.features, feature],
  };
}

export function removeFeature(toy: Toy, id: string): Toy {
  return { ...toy, features: toy.features.filter((f) => f.id !== id) };
}

/** Adds a join or puts a changed one in its place. */
export function setJoin(toy: Toy, join: StoredJoin): Toy {
  const known = toy.joins.some((j) => j.id === join.id);
  return {
    ...toy,
    joins: known ? toy.joins.map((j) => (j.id === join.id ? join : j)) : [...toy.joins, join],
  };
}

export function removeJoin(toy: Toy, id: string): Toy {
  return {
    ...toy,
    joins: toy.joins.filter((j) => j.id !== id),
    features: toy.features.map((f) => withoutJoins(f, [id])),
  };
}

/** Says something of a clamp of a join round, in place of what was said of it. */
export function setClamp(toy: Toy, said: ClampSaid): Toy {
  return { ...toy, clamps: [...toy.clamps.filter((c) => !sameClamp(c, said)), said] };
}

/** Forgets what was said of clamps. */
export function forgetClamps(toy: Toy, forgotten: readonly ClampSaid[]): Toy {
  return { ...toy, clamps: toy.clamps.filter((c) => !forgotten.some((f) => sameClamp(c, f))) };
}

export function changeSettings(toy: Toy, change: Partial<Settings>): Toy {
  return { ...toy, settings: { ...toy.settings, ...change } };
}

/** The toy with a picture beside its face, or with none. */
export const setPhoto = (toy: Toy, photo: string | null): Toy => ({ ...toy, photo });

export function rename(toy: Toy, name: string): Toy {
  return { ...toy, name };
}

/** The part with this id. @throws RangeError when there is none */
export function partOf(toy: Toy, partId: string): Part {
  const part = toy.parts.find((p) => p.id === partId);
  if (!part) throw new RangeError(`no part ${partId}`);
  return part;
}
