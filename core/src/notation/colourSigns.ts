import type { Cursor } from './cursor';
import { craftWord } from './stitches';
import { type Sign } from './signs';

/** Colours that a maker names without saying that they are colours. */
const COLOURS = new Set([
  'white',
  'black',
  'cream',
  'rust',
  'brown',
  'sand',
  'grey',
  'gray',
  'red',
  'green',
  'blue',
  'yellow',
  'pink',
  'coral',
  'teal',
  'purple',
  'orange',
  'slate',
  'beige',
  'tan',
  'gold',
  'silver',
  'navy',
  'mint',
  'lilac',
  'turquoise',
  'ivory',
]);

const NOT_A_COLOUR = new Set([
  'next',
  'same',
  'each',
  'the',
  'back',
  'front',
  'both',
  'first',
  'last',
  'ring',
  'free',
  'loop',
  'loops',
  'hook',
  'marker',
  'it',
  'all',
  'every',
  'yarn',
  'a',
  'corner',
  'a',
  'one',
  'sl',
  'blo',
  'flo',
]);

/** `with white`, `in B:`, `(A)`, `change to B`, `last pull-through in B`. */
export function colourSign(c: Cursor): Sign | null {
  const start = c.at;
  if (c.takeAny('(')) {
    const colour = colourName(c);
    if (colour && isColour(colour) && c.takeAny(')')) return { sign: 'colour', colour };
    c.at = start;
    return null;
  }
  if (
    c.takeWords('change', 'to') ||
    c.takeWords('switch', 'to') ||
    c.takeWords('change', 'colour', 'to') ||
    c.takeWords('change', 'color', 'to') ||
    c.takeAny('with', 'using')
  ) {
    c.takeAny('colour', 'color', 'yarn');
    const colour = colourName(c);
    if (colour) {
      c.takeAny(':');
      return { sign: 'colour', colour };
    }
  }
  c.at = start;
  if (c.takeWords('last', 'pull', '-', 'through', 'in') || c.takeWords('last', 'pull', 'through', 'in')) {
    const colour = colourName(c);
    if (colour) return { sign: 'colour', colour };
  }
  c.at = start;
  if (c.takeAny('in')) {
    const colour = colourName(c);
    if (colour && (c.takeAny(':') || isColour(colour))) return { sign: 'colour', colour };
  }
  c.at = start;
  const bare = colourName(c);
  if (bare && isColour(bare) && c.takeAny(':')) return { sign: 'colour', colour: bare };
  c.at = start;
  return null;
}

const isColour = (name: string): boolean =>
  /^[a-h]$/.test(name) || name.split(' ').some((w) => COLOURS.has(w));

function colourName(c: Cursor): string | null {
  const words: string[] = [];
  while (
    words.length < 3 &&
    c.peek()?.type === 'word' &&
    !NOT_A_COLOUR.has(c.peek()!.text) &&
    !craftWord(c.peek()!.text, c.terms)
  ) {
    words.push(c.peek()!.text);
    c.at++;
    if (/^[a-h]$/.test(words[0])) break;
  }
  return words.length ? words.join(' ') : null;
}
