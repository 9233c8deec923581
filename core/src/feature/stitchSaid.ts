import { numberSaid, NUMBERS } from '../notation';
import { stitchWords } from '../words';
import { MOST_STITCHED, type ThreadEnd, type ThreadFrom } from './feature';

/** An end in words, such as `1½ stitches inside the left eye, 2 rounds lower`. */
export const endSaid = ({ from, across, down }: ThreadEnd): string =>
  stitchWords.end(typeof from === 'string' ? from : 'place', across, down);

const N = `(\\d{1,3}(?:[.,]5)?\\s*½?|½|(?:${NUMBERS.join('|')}|a|an)(?:\\s+and\\s+a\\s+half)?|half\\s+a)`;
const THING =
  "(?:the\\s+)?(?:toy’s\\s+|toy's\\s+)?(left\\s+eye|right\\s+eye|nose|middle(?:\\s+of\\s+the\\s+face)?|face|its\\s+place)";

const ACROSS = new RegExp(
  `${N}\\s*(?:stitch(?:es)?|sts?)\\s+(?:to\\s+the\\s+)?(inside|outside|left|right)(?:\\s+of)?\\s+${THING}`,
);
const EDGE = new RegExp(`(inner|outer)\\s+(?:edge|corner|rim)\\s+of\\s+${THING}`);
const AT = new RegExp(`(?:at|on|under|below|above|over)\\s+${THING}`);
const DOWN = new RegExp(`${N}\\s*(?:rounds?|rnds?|rows?)\\s*(lower|higher|below|above|down|up|under|over)`);

function amount(said: string): number {
  const words = said.trim().replace(',', '.');
  if (words === '½' || words === 'half a') return 0.5;
  if (/and\s+a\s+half$/.test(words)) return amount(words.replace(/\s+and\s+a\s+half$/, '')) + 0.5;
  if (words.endsWith('½')) return Number.parseFloat(words) + 0.5;
  if (words === 'a' || words === 'an') return 1;
  const n = Number(words);
  return Number.isFinite(n) ? n : (numberSaid(words) ?? 0);
}

const thing = (said: string, like: ThreadFrom): ThreadFrom => {
  if (said.endsWith('eye')) return said.startsWith('left') ? 'left eye' : 'right eye';
  if (said === 'nose') return 'nose';
  return said.endsWith('place') ? like : 'face';
};

/**
 * Reads where an end of thread goes; `like` is the end as it is: what hangs on its own place stays there, and what is not said of
 * height stays. `rim` is how far an eye reaches from its middle, in stitches. Null where it is not understood, or further off than any toy.
 */
export function readEnd(words: string, like: ThreadEnd, rim: number): ThreadEnd | null {
  const end = readClauses(words, like, rim);
  return end && Math.max(Math.abs(end.across), Math.abs(end.down)) <= MOST_STITCHED.off ? end : null;
}

function readClauses(words: string, like: ThreadEnd, rim: number): ThreadEnd | null {
  const text = words.toLowerCase().trim();
  const far = DOWN.exec(text);
  const level = /\blevel\b/.test(text) ? 0 : null;
  const down = far ? amount(far[1]) * (/lower|below|down|under/.test(far[2]) ? 1 : -1) : level;
  const across = ACROSS.exec(text);
  if (across) {
    const from = thing(across[3], like.from);
    const eye = from === 'left eye' || from === 'right eye';
    const outwards = eye ? 'outside' : 'left';
    if (eye !== /inside|outside/.test(across[2])) return null;
    return { from, across: amount(across[1]) * (across[2] === outwards ? 1 : -1), down: down ?? like.down };
  }
  const edge = EDGE.exec(text);
  if (edge) {
    const from = thing(edge[2], like.from);
    if (from !== 'left eye' && from !== 'right eye') return null;
    return { from, across: edge[1] === 'outer' ? rim : -rim, down: down ?? like.down };
  }
  const at = AT.exec(text);
  if (at) return { from: thing(at[1], like.from), across: 0, down: down ?? like.down };
  return down === null ? null : { ...like, down };
}
