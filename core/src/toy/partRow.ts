import { addParts } from './edits';
import { freeName } from './naming';
import type { NewId, Toy } from './types';

/** A part moved along the row of parts, by so many places; at the ends it stays. */
export function movePart(toy: Toy, partId: string, by: number): Toy {
  const from = toy.parts.findIndex((p) => p.id === partId);
  const to = Math.max(0, Math.min(toy.parts.length - 1, from + by));
  if (from < 0 || from === to) return toy;
  const parts = toy.parts.filter((p) => p.id !== partId);
  return { ...toy, parts: [...parts.slice(0, to), toy.parts[from], ...parts.slice(to)] };
}

/** The same part once more behind it, under a name of its own: its text, pose, fill, gauge and shape, and nothing that is put on it or joined to it. */
export function duplicatePart(toy: Toy, partId: string, name: string, newId: NewId): Toy {
  const at = toy.parts.findIndex((p) => p.id === partId);
  if (at < 0) return toy;
  const { text, pose, fill, gauge, shaping } = toy.parts[at];
  const names = toy.parts.map((p) => p.text.split('\n', 1)[0].trim());
  const own = names[at].startsWith(name)
    ? freeName(name, names.map((n) => n.slice(0, name.length)).concat(names))
    : null;
  // Only a heading that begins with the name can be given another one.
  const again = own === null ? text : own + text.slice(text.indexOf(name) + name.length);
  const added = addParts(toy, again, newId);
  const [made] = added.parts.slice(toy.parts.length);
  // A rim that is pushed in hangs on the rounds of the first one.
  const shape = shaping.how === 'pushed in' ? made.shaping : shaping;
  const copy = { ...made, pose, fill, gauge, shaping: shape };
  return { ...added, parts: [...toy.parts.slice(0, at + 1), copy, ...toy.parts.slice(at + 1)] };
}
