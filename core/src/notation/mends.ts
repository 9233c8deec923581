import { notationWords as say } from '../words';
import { onceOf } from './count';
import { printItems } from './printer';
import type { Mend } from './problems';
import type { GroupItem, Item, LineNode, Stated, StitchItem, Terms, TextChange } from './syntax';

type RoundNode = Extract<LineNode, { type: 'round' }>;

/** A possible way to write the round: what it would make, and the changes that write it. */
interface Candidate {
  made: number;
  title: string;
  changes: TextChange[];
  /** how far it is from what was written; smaller is closer to the maker's rhythm */
  cost: number;
}

const MOST_MENDS = 3;

/**
 * Ways to make a round use exactly the stitches offered, best first: those that reach the stated count, then those
 * that keep the rhythm of the repeat. Where the stated count cannot be reached the count is rewritten too.
 */
export function mendsOf(node: RoundNode, offered: number, terms: Terms): Mend[] {
  const stated = node.stated;
  const all = [...groupCandidates(node, offered, terms), ...runCandidates(node, offered, terms)].filter((c) => c.made > 0);
  const reaches = (c: Candidate) => stated === null || c.made === stated.count;
  all.sort((a, b) => Number(reaches(b)) - Number(reaches(a)) || a.cost - b.cost);
  const kept = all.filter((c, i) => all.findIndex((o) => o.title === c.title) === i).slice(0, MOST_MENDS);
  return kept.map((c) => ({ title: c.title, changes: reaches(c) ? c.changes : [...c.changes, writeCount(stated!, c.made)] }));
}

/** The change that writes another stated count. */
export function writeCount(stated: Stated, count: number): TextChange {
  return { ...stated.span, insert: String(count) };
}

/** Changes of the repeat count and of the plain run inside the one repeated group (or of a repeated stitch). */
function groupCandidates(node: RoundNode, offered: number, terms: Terms): Candidate[] {
  const repeats = node.items.filter((i): i is GroupItem | StitchItem => (i.type === 'group' || i.type === 'stitch') && (i.times === 'around' || i.timesSpan !== undefined));
  const item = repeats.find((i) => i.type === 'group') ?? (repeats.length === 1 && !isPlain(repeats[0]) ? repeats[0] : undefined);
  if (!item) return [];
  const once = onceOf(item);
  if (once.eats === 0) return [];
  const others = sumOthers(node.items, item);
  const room = offered - others.eats;
  const written = item.times === 'around' ? Math.max(1, Math.floor(room / once.eats)) : item.times;
  const run = item.type === 'group' ? item.items.find((i): i is StitchItem => i.type === 'stitch' && isPlain(i) && typeof i.times === 'number') : undefined;
  const found: Candidate[] = [];
  for (const times of divisors(room)) {
    const eats = room / times;
    const k = run ? (run.times as number) + eats - once.eats : 0;
    const sameRun = eats === once.eats;
    if (!sameRun && (!run || k < 1)) continue;
    const made = others.makes + times * (once.makes + eats - once.eats);
    const changes: TextChange[] = [];
    if (item.times !== 'around' && times !== item.times) changes.push({ ...item.timesSpan!, insert: `${item.timesSign ?? ''}${times}` });
    if (!sameRun) changes.push(writeRun(run!, k));
    if (changes.length === 0) continue;
    const rewritten = sameRun || item.type !== 'group' ? null : printItems([{ ...item, items: item.items.map((i) => (i === run ? { ...run!, times: k } : i)), times: item.times === 'around' ? 'around' : times }], terms);
    const title = rewritten && (changes.length > 1 || item.times === 'around') ? say.mendWrite(rewritten) : sameRun ? say.mendRepeat(times) : say.mendWrite(printItems([{ ...run!, times: k }], terms));
    found.push({ made, title, changes, cost: (sameRun ? 0 : 2 + Math.abs(k - (run!.times as number))) + Math.abs(times - written) * 1.5 });
  }
  return found;
}

/** Changes of one plain run of the round, for rounds that are not one repeat. */
function runCandidates(node: RoundNode, offered: number, terms: Terms): Candidate[] {
  if (node.items.some((i) => 'times' in i && i.times === 'around')) return [];
  const whole = sumOthers(node.items, null);
  const missing = offered - whole.eats;
  if (missing === 0) return [];
  return node.items.flatMap((item, i): Candidate[] => {
    if (item.type !== 'stitch' || !isPlain(item) || typeof item.times !== 'number') return [];
    const k = item.times + missing;
    if (k < 1) return [];
    return [{ made: whole.makes + missing, title: say.mendWrite(printItems([{ ...item, times: k }], terms)), changes: [writeRun(item, k)], cost: 4 + Math.abs(missing) + (node.items.length - i) * 0.01 }];
  });
}

const isPlain = (item: Item): boolean => item.type === 'stitch' && item.eats === 1 && item.makes === 1;

function writeRun(run: StitchItem, k: number): TextChange {
  return run.timesSpan ? { ...run.timesSpan, insert: String(k) } : { from: run.span.from, to: run.span.from, insert: `${k} ` };
}

function sumOthers(items: readonly Item[], left: Item | null): { eats: number; makes: number } {
  let eats = 0;
  let makes = 0;
  for (const item of items) {
    if (item === left || item.type === 'sign') continue;
    const once = onceOf(item);
    const n = 'times' in item && typeof item.times === 'number' ? item.times : 1;
    eats += once.eats * n;
    makes += once.makes * n;
  }
  return { eats, makes };
}

function divisors(n: number): number[] {
  if (n <= 0 || n > 1e6) return [];
  const found: number[] = [];
  for (let d = 1; d * d <= n; d++) if (n % d === 0) found.push(d, ...(d * d === n ? [] : [n / d]));
  return found.sort((a, b) => a - b);
}
