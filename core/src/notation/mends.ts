import { notationWords as say } from '../words';
import { countItems, isPlain, onceOf, sumOf } from './count';
import { printItems } from './printer';
import { applied, type Mend } from './problems';
import type { GroupItem, Item, RoundNode, Stated, StitchItem, Terms, TextChange } from './syntax';
import { evenCandidates } from './evenMends';

/** A possible way to write the round: what it would make, and the changes that write it. */
export interface Candidate {
  made: number;
  title: string;
  changes: TextChange[];
  /** how far it is from what was written; smaller is closer to the maker's rhythm */
  cost: number;
  /** keeps the repeat that was written */
  rhythm: boolean;
}

const MOST_MENDS = 3;

const LONGEST_LINE = 2000;

/** Reads a changed line again; null when it is no round any more. */
export type Reread = (line: string) => RoundNode | null;

/**
 * Ways to make a round use exactly the stitches offered, best first: those that reach the stated count by the repeat
 * that is written, then those that keep its rhythm, then any even spread that reaches the count. Where the stated
 * count cannot be reached the count is rewritten too. Each is written, read again and counted before it is offered.
 */
export function mendsOf(
  node: RoundNode,
  line: string,
  offered: number,
  terms: Terms,
  reread: Reread,
): Mend[] {
  if (line.length > LONGEST_LINE || node.unclosed) return [];
  const { stated } = node;
  const all = [
    ...groupCandidates(node, offered, terms),
    ...nestedCandidates(node, offered, terms),
    ...runCandidates(node, offered, terms),
    ...restCandidates(node, offered, terms),
    ...evenCandidates(node, offered, terms),
  ].filter((c) => c.made > 0);
  const reaches = (c: Candidate) => stated === null || c.made === stated.count;
  all.sort(
    (a, b) =>
      Number(b.rhythm && reaches(b)) - Number(a.rhythm && reaches(a)) ||
      Number(b.rhythm) - Number(a.rhythm) ||
      a.cost - b.cost,
  );
  const kept: Mend[] = [];
  for (const c of all) {
    if (kept.length >= MOST_MENDS) break;
    if (kept.some((m) => m.title === c.title)) continue;
    const mend = {
      title: c.title,
      changes: reaches(c) ? c.changes : [...c.changes, writeCount(stated!, c.made)],
      makes: c.made,
    };
    if (addsUp(mend, line, offered, reread)) kept.push(mend);
  }
  return kept;
}

/** Whether the line, mended, uses what is offered and makes what it says. */
export function addsUp(mend: Mend, line: string, offered: number, reread: Reread): boolean {
  const node = reread(applied(line, mend.changes));
  if (!node) return false;
  const count = countItems(node.items, offered);
  return (
    count.fault === null &&
    count.eaten === offered &&
    count.made === mend.makes &&
    (node.stated === null || node.stated.count === count.made)
  );
}

/** The change that writes another stated count. */
export function writeCount(stated: Stated, count: number): TextChange {
  return { ...stated.span, insert: String(count) };
}

/** The one repeat of a round: a group, or a stitch that is repeated and not plain. */
function repeatOf(node: RoundNode): GroupItem | StitchItem | null {
  const repeats = node.items.filter(
    (i): i is GroupItem | StitchItem =>
      (i.type === 'group' && i.until === undefined) ||
      (i.type === 'stitch' && (i.times === 'around' || i.timesSpan !== undefined) && !i.skipped),
  );
  const group = repeats.find(
    (i) => i.type === 'group' && (i.times === 'around' || i.timesSpan !== undefined),
  );
  return group ?? (repeats.length === 1 && !isPlain(repeats[0]) ? repeats[0] : null);
}

/** The plain run with another length: alone, or inside its whole group that is worked so many times. */
function withRun(item: StitchItem | GroupItem, run: StitchItem, k: number, times: number | null): Item {
  const changed: StitchItem = { ...run, times: k };
  if (times === null || item.type !== 'group') return changed;
  return {
    ...item,
    items: item.items.map((i) => (i === run ? changed : i)),
    times: item.times === 'around' ? 'around' : times,
  };
}

/** Changes of the repeat count and of the plain run inside the one repeated group (or of a repeated stitch). */
function groupCandidates(node: RoundNode, offered: number, terms: Terms): Candidate[] {
  const item = repeatOf(node);
  if (!item) return [];
  const once = onceOf(item);
  if (once.eats === 0) return [];
  const others = othersOf(node.items, item);
  const room = offered - others.eats;
  const written = item.times === 'around' ? Math.max(1, Math.floor(room / once.eats)) : item.times;
  const run =
    item.type === 'group'
      ? item.items.find(
          (i): i is StitchItem => isPlain(i) && typeof i.times === 'number' && i.fromHook === undefined,
        )
      : undefined;
  const found: Candidate[] = [];
  for (const times of divisors(room)) {
    const eats = room / times;
    const k = run ? (run.times as number) + eats - once.eats : 0;
    const sameRun = eats === once.eats;
    if (!sameRun && (!run || k < 1)) continue;
    const made = others.makes + times * (once.makes + eats - once.eats);
    const changes: TextChange[] = [];
    if (item.times !== 'around' && times !== item.times)
      changes.push({ ...item.timesSpan!, insert: `${item.timesSign ?? ''}${times}` });
    if (!sameRun) changes.push(writeRun(run!, k));
    if (changes.length === 0) continue;
    const whole = changes.length > 1 || item.times === 'around';
    found.push({
      made,
      title: sameRun
        ? say.mendRepeat(times)
        : say.mendWrite(printItems([withRun(item, run!, k, whole ? times : null)], terms)),
      changes,
      rhythm: true,
      cost: (sameRun ? 0 : 2 + Math.abs(k - (run!.times as number))) + Math.abs(times - written) * 1.5,
    });
  }
  return found;
}

/** Another count for a repeat inside the repeat. */
function nestedCandidates(node: RoundNode, offered: number, terms: Terms): Candidate[] {
  const whole = sumOf(node.items);
  return node.items.flatMap((outer) => {
    if (outer.type !== 'group' || typeof outer.times !== 'number') return [];
    const often = outer.times;
    return outer.items.flatMap((inner): Candidate[] => {
      if (inner.type !== 'group' || typeof inner.times !== 'number' || !inner.timesSpan) return [];
      const once = onceOf(inner);
      const times = inner.times + (offered - whole.eats) / (often * once.eats);
      if (!Number.isInteger(times) || times < 1 || times === inner.times) return [];
      const made = whole.makes + (times - inner.times) * often * once.makes;
      return [
        {
          made,
          title: say.mendWrite(printItems([{ ...inner, times }], terms)),
          changes: [{ ...inner.timesSpan, insert: `${inner.timesSign ?? ''}${times}` }],
          rhythm: true,
          cost: 3 + Math.abs(times - inner.times),
        },
      ];
    });
  });
}

/** Changes of one plain run of the round, for rounds that are not one repeat. */
function runCandidates(node: RoundNode, offered: number, terms: Terms): Candidate[] {
  if (node.items.some((i) => 'times' in i && i.times === 'around')) return [];
  const whole = othersOf(node.items, null);
  const missing = offered - whole.eats;
  if (missing === 0) return [];
  return node.items.flatMap((item, i): Candidate[] => {
    if (!isPlain(item) || typeof item.times !== 'number' || item.fromHook !== undefined) return [];
    const k = item.times + missing;
    if (k < 1) return [];
    return [
      {
        made: whole.makes + missing,
        title: say.mendWrite(printItems([{ ...item, times: k }], terms)),
        changes: [writeRun(item, k)],
        rhythm: true,
        cost: 4 + Math.abs(missing) + (node.items.length - i) * 0.01,
      },
    ];
  });
}

/** The repeat as often as it fits, and plain stitches for the rest. */
function restCandidates(node: RoundNode, offered: number, terms: Terms): Candidate[] {
  const item = repeatOf(node);
  if (!item || item.type !== 'group') return [];
  const once = onceOf(item);
  const others = othersOf(node.items, item);
  const room = offered - others.eats;
  if (once.eats === 0 || room <= 0) return [];
  const fits = Math.floor(room / once.eats);
  const left = room - fits * once.eats;
  if (fits < 1 || left === 0) return [];
  const plain: StitchItem = { type: 'stitch', kind: 'sc', eats: 1, makes: 1, times: left, span: item.span };
  const rewritten = printItems([{ ...item, times: fits, orTimes: undefined }, plain], terms);
  return [
    {
      made: others.makes + fits * once.makes + left,
      title: say.mendWrite(rewritten),
      changes: [{ ...item.span, insert: rewritten }],
      rhythm: true,
      cost: 6 + left,
    },
  ];
}

function writeRun(run: StitchItem, k: number): TextChange {
  return run.timesSpan
    ? { ...run.timesSpan, insert: String(k) }
    : { from: run.span.from, to: run.span.from, insert: `${k} ` };
}

const othersOf = (items: readonly Item[], left: Item | null) => sumOf(items.filter((i) => i !== left));

export const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

function divisors(n: number): number[] {
  if (n <= 0 || n > 1e6) return [];
  const found: number[] = [];
  for (let d = 1; d * d <= n; d++) if (n % d === 0) found.push(d, ...(d * d === n ? [] : [n / d]));
  return found.sort((a, b) => a - b);
}
