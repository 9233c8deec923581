import type { LineNode, PlacementNote } from './syntax';

const COUNT_WORDS: Record<string, number> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
};

const LONGEST_PLACEMENT = 400;

/** Reads a placement out of a note: `eyes between R9 and R10, 5 between`, `insert safety eyes between rounds 9 & 10, 6 sts apart`. */
export function placementIn(note: string): PlacementNote | null {
  const plain = note.slice(0, LONGEST_PLACEMENT).replace(/\s+/g, ' ');
  if (!/\beyes?\b/.test(plain)) return null;
  const rounds =
    /\b(?:between|at|in)\s+(?:rounds?|rnds?|rows?|r)\s*\.?\s*(\d{1,4})\s*(?:and|&|\+|-|to)\s*(?:rounds?|rnds?|rows?|r)?\s*\.?\s*(\d{1,4})/.exec(
      plain,
    );
  if (!rounds) return null;
  const [a, b] = [Number(rounds[1]), Number(rounds[2])];
  if (Math.abs(a - b) !== 1) return null;
  const rest = plain.slice(rounds.index + rounds[0].length);
  const many =
    /(\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten)\s*(?:(st|sts|stitch|stitches|hole|holes)\s*)?(between|apart|in between|showing)/.exec(
      rest,
    );
  return {
    what: 'eyes',
    rounds: [Math.min(a, b), Math.max(a, b)],
    many: many ? (COUNT_WORDS[many[1]] ?? Number(many[1])) : null,
    counted: many && many[3] === 'apart' ? 'apart' : 'between',
    holes: many?.[2]?.startsWith('hole') ?? false,
  };
}

/** A line that makes no stitch and is no heading: stuffing, closing, ends, notes; null when it is something else. */
export function betweenLine(line: string, plain: string): LineNode | null {
  const text = plain.trim();
  const lead = /^(?:--+|#+|\/\/|notes?\b:?|tip\b:?)\s*/.exec(text);
  if (lead) {
    const from = plain.length - plain.trimStart().length + lead[0].length;
    return { type: 'note', text: withoutEnd(line.slice(from).trim()), placement: placementIn(text) };
  }
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
  if (/^(leave (it )?open|do not close|leave unstuffed)/.test(text)) return { type: 'open' };
  const make = /^make\s+(\d{1,2})\b\s*(?:,?\s*(mirrored|mirror-wise))?\s*\.?$/.exec(text);
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
    return { type: 'note', text: line.trim(), placement: placementIn(text) };
  return null;
}

/** `-- a note --` without the dashes at its end. */
function withoutEnd(text: string): string {
  let end = text.length;
  while (end > 0 && text[end - 1] === '-') end--;
  return end < text.length - 1 ? text.slice(0, end).trimEnd() : text;
}
