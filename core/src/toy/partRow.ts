import { convertTerms } from '../notation';
import { addParts } from './edits';
import { freeName } from './naming';
import { titleOf } from './titles';
import type { NamedGauge, NewId, Part, Toy } from './types';

/** A part moved along the row of parts, by so many places; at the ends it stays. */
export function movePart(toy: Toy, partId: string, by: number): Toy {
  const from = toy.parts.findIndex((p) => p.id === partId);
  const to = Math.max(0, Math.min(toy.parts.length - 1, from + by));
  if (from < 0 || from === to) return toy;
  const parts = toy.parts.filter((p) => p.id !== partId);
  return { ...toy, parts: [...parts.slice(0, to), toy.parts[from], ...parts.slice(to)] };
}

/**
 * The same part once more behind it, called `to` where its heading begins with `from`: its text, pose, fill, gauge and shape, and nothing that is
 * put on it or joined to it.
 */
export function duplicatePart(
  toy: Toy,
  partId: string,
  { from, to }: { from: string; to: string },
  newId: NewId,
): Toy {
  const at = toy.parts.findIndex((p) => p.id === partId);
  if (at < 0) return toy;
  const { text, gauge } = toy.parts[at];
  const added = addParts(toy, calledAnew(text, from, to), newId);
  const [made] = added.parts.slice(toy.parts.length);
  const copy = { ...made, gauge, ...asBefore(toy.parts[at], made) };
  return { ...added, parts: [...toy.parts.slice(0, at + 1), copy, ...toy.parts.slice(at + 1)] };
}

/** A text with another name. Only a heading that begins with the name can be given another one. */
function calledAnew(text: string, from: string, to: string): string {
  const begins = from !== '' && text.trimStart().startsWith(from);
  return begins ? to + text.trimStart().slice(from.length) : text;
}

/** What a part that is made once more has of the first one. A rim that is pushed in hangs on the rounds of the first one. */
const asBefore = ({ pose, fill, shaping }: Part, made: Part): Pick<Part, 'pose' | 'fill' | 'shaping'> => ({
  pose,
  fill,
  shaping: shaping.how === 'pushed in' ? made.shaping : shaping,
});

/**
 * A part of one toy as the last one of another toy: its text in that toy's terms, with a name that is free there, its pose, fill and shape, its gauge
 * and its yarns. What is put on it, joined to it or filled length by length stays behind.
 */
export function partInto(from: Toy, partId: string, into: Toy, newId: NewId): Toy {
  const part = from.parts.find((p) => p.id === partId);
  if (!part) return into;
  const { terms } = from.settings;
  // A toy without parts has no terms of its own yet.
  const there = into.parts.length === 0 ? { ...into, settings: { ...into.settings, terms } } : into;
  const name = titleOf(part, terms);
  const taken = there.parts.map((p) => titleOf(p, there.settings.terms));
  const text = calledAnew(part.text, name, freeName(name, taken));
  const spoken = convertTerms(text, terms, there.settings.terms).reduceRight(
    (so, { from: at, to, insert }) => so.slice(0, at) + insert + so.slice(to),
    text,
  );
  const added = addParts(there, spoken, newId);
  const { gauges, gauge } = withGauge(
    there,
    from.gauges.find((g) => g.id === part.gauge) ?? from.gauges[0],
    newId,
  );
  const [made] = added.parts.slice(there.parts.length);
  const known = new Set(there.palette.map((y) => y.slot));
  return {
    ...added,
    settings: there.settings,
    gauges,
    palette: added.palette.map((yarn) =>
      known.has(yarn.slot) ? yarn : (from.palette.find((y) => y.slot === yarn.slot) ?? yarn),
    ),
    parts: [...there.parts, { ...made, gauge, ...asBefore(part, made) }],
  };
}

/** The gauges of a toy with one more, unless one of them is the same; and the id of it there. */
function withGauge(
  { gauges }: Toy,
  gauge: NamedGauge,
  newId: NewId,
): { gauges: readonly NamedGauge[]; gauge: string } {
  const same = gauges.find((g) => JSON.stringify({ ...g, id: '' }) === JSON.stringify({ ...gauge, id: '' }));
  if (same) return { gauges, gauge: same.id };
  const id = newId();
  return { gauges: [...gauges, { ...gauge, id }], gauge: id };
}
