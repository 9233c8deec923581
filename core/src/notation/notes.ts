import { featureIn } from './featureNote';
import { hookIn } from './hooks';
import type { LineNode } from './syntax';

/** The whole part stays empty; "do not stuff the last rounds" says less. */
const UNSTUFFED =
  /^(?:leave (?:it |them |this |the part )?(?:unstuffed|empty|hollow)|(?:do not|don't|never) (?:stuff|fill)|not stuffed|unstuffed|no (?:stuffing|filling))(?: (?:it|them|this|this part|at all|the [a-z]+|needed))?(?: open| and (?:leave|flatten).*)?\s*[.!,;]*\s*$/;

/** A line that makes no stitch and is no heading: stuffing, closing, ends, notes; null when it is something else. */
export function betweenLine(line: string, plain: string): LineNode | null {
  const text = plain.trim();
  const lead = /^(?:--+|#+|\/\/|notes?\b:?|tip\b:?)\s*/.exec(text);
  if (lead) {
    const from = plain.length - plain.trimStart().length + lead[0].length;
    return noteOf(withoutEnd(line.slice(from).trim()), plain);
  }
  if (UNSTUFFED.test(text)) return { type: 'unstuffed' };
  const stuff =
    /^(?:(?:start|begin|finish)\s+)?(?:re-?)?(?:stuff|fill)(?:ing)?\b\s*(?:it\s*|the \w+\s*)?(soft|medium|firm|light)?(?:ly)?(?![a-z])/.exec(
      text,
    );
  if (stuff)
    return {
      type: 'stuff',
      firmness: stuff[1] === 'light' ? 'soft' : ((stuff[1] as 'soft' | 'medium' | 'firm') ?? null),
    };
  if (/^(close|gather|draw (the )?hole shut|weave (the )?tail through)\b/.test(text))
    return { type: 'close' };
  if (/^(leave (it )?open|do not close)/.test(text)) return { type: 'open' };
  const make = /^make\s+(\d{1,3})\b\s*(?:,?\s*(mirrored|mirror-wise))?\s*\.?$/.exec(text);
  if (make) return { type: 'make', make: Math.max(1, Number(make[1])), mirrored: make[2] !== undefined };
  if (
    /^((sl st|ss|slst|sl st to (first|next)[a-z ]*|sl st in next[a-z ]*)\s*(,|and|then)\s*)?(fasten off|cut|finish off|break off|f\/?o\b)/.test(
      text,
    )
  ) {
    const tail = /(\d+(?:\.\d+)?)\s*(cm|mm|in)\b/.exec(text);
    return {
      type: 'end',
      tailMm: tail ? Number(tail[1]) * (tail[2] === 'cm' ? 10 : tail[2] === 'in' ? 25.4 : 1) : null,
    };
  }
  if (
    /^((safety |insert |place |add |put )*(the )?(safety )?eyes?|embroider|sew|pin|do not|don't|colou?rs?:|hooks?:|yarn:|materials?:|size:|gauge:|abbreviations?:|sl st to first st and)\b/.test(
      text,
    ) ||
    /^(colou?rs?|hooks?|yarn|materials?|size|gauge|abbreviations?):/.test(text)
  )
    return noteOf(line.trim(), plain);
  return null;
}

/** A note with what it offers: a feature and its place, a hook. `plain` is the line in lower case. */
export function noteOf(text: string, plain: string): Extract<LineNode, { type: 'note' }> {
  const hook = hookIn(plain);
  return { type: 'note', text, feature: featureIn(plain.trim()), ...(hook ? { hook } : {}) };
}

/** `-- a note --` without the dashes at its end. */
function withoutEnd(text: string): string {
  let end = text.length;
  while (end > 0 && text[end - 1] === '-') end--;
  return end < text.length - 1 ? text.slice(0, end).trimEnd() : text;
}
