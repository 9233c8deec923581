import { addParts } from './edits';
import type { NewId, Toy } from './types';

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
  const { text, pose, fill, gauge, shaping } = toy.parts[at];
  // Only a heading that begins with the name can be given another one.
  const begins = from !== '' && text.trimStart().startsWith(from);
  const again = begins ? to + text.trimStart().slice(from.length) : text;
  const added = addParts(toy, again, newId);
  const [made] = added.parts.slice(toy.parts.length);
  // A rim that is pushed in hangs on the rounds of the first one.
  const shape = shaping.how === 'pushed in' ? made.shaping : shaping;
  const copy = { ...made, pose, fill, gauge, shaping: shape };
  return { ...added, parts: [...toy.parts.slice(0, at + 1), copy, ...toy.parts.slice(at + 1)] };
}
