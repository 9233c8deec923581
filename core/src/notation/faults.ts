import { staggered } from './evenMends';
import { RUFFLES, STITCHES } from '../figures';
import { notationWords as say } from '../words';
import { countItems, sumOf, type Count } from './count';
import { addsUp, mendsOf, writeCount, type Reread } from './mends';
import { printItems } from './printer';
import { applied, problem, type Mend, type Problem } from './problems';
import { nearestWord } from './stitches';
import type { GroupItem, Item, RoundNode, Span, Terms } from './syntax';

/** A round, counted, with all that is needed to say what is wrong with it. */
export interface Judged {
  node: RoundNode;
  count: Count;
  offered: number;
  stated: number | null;
  isStart: boolean;
  /** the first round of a text that begins in the middle */
  given: boolean;
  terms: Terms;
  /** the line as it is written */
  line: () => string;
  reread: Reread;
}

/** From this many on, increases in line are seen as corners. */
const STACKED_FROM = 5;

/** What is wrong with the arithmetic of a round: one fault, one primary code, eaten before counts (decision 20). */
export function blame(j: Judged): Problem[] {
  const { node, count, offered, stated, isStart } = j;
  if (
    !count.fault &&
    !node.unclosed &&
    count.made !== null &&
    (isStart || count.eaten === offered) &&
    count.made !== 0 &&
    (stated === null || stated === count.made)
  )
    return [];
  const span = workedSpan(node);
  const { fault } = count;
  if (fault?.type === 'unknown') return [unknownWord(j, fault.word, fault.span)];
  if (fault?.type === 'chain')
    return [
      problem(
        fault.eaten < fault.offered ? 'too-few' : 'too-many',
        fault.item.span,
        say.chainUse(fault.chain, fault.offered, fault.eaten),
      ),
    ];
  if (node.unclosed)
    return [
      problem(
        'unknown-word',
        node.unclosed,
        say.unclosed(j.line().slice(node.unclosed.from, node.unclosed.to)),
        closeBracket(j),
      ),
    ];
  if (count.made === 0 && !fault && (isStart || count.eaten !== offered || offered > 0))
    return [problem('too-few', span, say.makesNothing)];
  if (j.given)
    return count.made === null && stated === null
      ? [problem('unknown-word', span, say.givenUnknown)]
      : mismatch(j, span);
  if (fault?.type === 'does-not-divide') return [notDivided(j, fault, span)];
  if (fault?.type === 'on-the-ring') return [problem('too-many', fault.item.span, say.onTheRing)];
  if (fault?.type === 'around-again') return [problem('too-many', fault.item.span, say.aroundAgain)];
  if (fault?.type === 'eats-nothing')
    return [problem('does-not-divide', span, say.nothingEaten(printItems([fault.item], j.terms)))];
  if (count.eaten !== offered && !isStart && !isEdging(node)) return [wrongEaten(j, span)];
  return mismatch(j, span);
}

/** A group that goes around does not come out even. */
function notDivided(
  j: Judged,
  fault: Extract<NonNullable<Judged['count']['fault']>, { type: 'does-not-divide' }>,
  span: Span,
): Problem {
  const group = printItems([{ ...(fault.item as GroupItem), times: 1 }], j.terms).replace(/ x1$/, '');
  const left = j.offered - (j.count.eaten - fault.fits * fault.eats);
  if (fault.left < 0)
    return problem('too-many', span, say.tooMany(fault.offered - fault.left, fault.offered), mends(j));
  return problem(
    'does-not-divide',
    span,
    say.doesNotDivide(j.isStart ? fault.offered : left, group, fault.eats, fault.fits, fault.left),
    mends(j),
  );
}

const isEdging = (node: RoundNode): boolean =>
  node.items.some((i) => i.type === 'sign' && i.sign === 'edging');

const mends = (j: Judged): Mend[] =>
  j.isStart || j.node.items.some((i) => i.type === 'sign' && i.sign === 'fold')
    ? []
    : mendsOf(j.node, j.line(), j.offered, j.terms, j.reread);

function mismatch(j: Judged, span: Span): Problem[] {
  const { made } = j.count;
  const { stated, node } = j;
  if (made === null || stated === null || made === stated) return [];
  const own = j.isStart ? startMends(node, stated) : mends(j).filter((m) => m.makes === stated);
  const fits = own[0] ? say.countMismatchMend(made, stated, own[0].title) : say.countMismatch(made, stated);
  return [
    problem('count-mismatch', span, fits, [
      ...own,
      { title: say.mendCount(made), changes: [writeCount(node.stated!, made)], makes: made },
    ]),
  ];
}

function wrongEaten(j: Judged, span: Span): Problem {
  const { node, offered, terms } = j;
  const { eaten } = j.count;
  const few = eaten < offered;
  const code = few ? 'too-few' : 'too-many';
  const only = node.items.filter((i) => i.type !== 'sign');
  const group =
    only.length === 1 && only[0].type === 'group' && typeof only[0].times === 'number' ? only[0] : null;
  if (!group)
    return problem(code, span, few ? say.tooFew(eaten, offered) : say.tooMany(eaten, offered), mends(j));
  const words = printItems([{ ...group, times: 1 }], terms).replace(/ x1$/, '');
  return problem(
    code,
    group.span,
    (few ? say.tooFewRepeat : say.tooManyRepeat)(group.times as number, words, eaten, offered),
    mends(j),
  );
}

/** The nearest known word, if the round adds up with it. */
function unknownWord(j: Judged, word: string, span: Span): Problem {
  const near = nearestWord(word, j.terms);
  const found: Mend[] = [];
  if (near) {
    const changes = [{ ...span, insert: near }];
    const node = j.reread(applied(j.line(), changes));
    const count = node ? countItems(node.items, j.offered) : null;
    if (node && count?.made != null) {
      const mend = { title: say.mendWrite(near), changes, makes: count.made };
      const start = node.items.some((i) => i.type === 'start');
      if (
        start
          ? count.fault === null && (node.stated === null || node.stated.count === count.made)
          : addsUp(mend, j.line(), j.offered, j.reread)
      )
        found.push(mend);
    }
  }
  // Words without a label may be words to people.
  if (!j.node.label && j.line().length < 400)
    found.push({ title: say.mendNote, changes: [{ from: 0, to: 0, insert: '-- ' }], makes: null });
  return problem('unknown-word', span, say.unknownWord(word, near), found);
}

/** The bracket closed before the repeat count or at the end, if the round adds up so. */
function closeBracket(j: Judged): Mend[] {
  const open = j.line()[j.node.unclosed!.from];
  const close = open === '[' ? ']' : open === '*' ? '*' : ')';
  const ends = [
    ...j
      .line()
      .slice(j.node.unclosed!.to, j.node.body.to)
      .matchAll(/\s*[x×*]\s*\d+/g),
  ].map((m) => j.node.unclosed!.to + m.index);
  for (const at of [...ends, j.line().slice(0, j.node.body.to).trimEnd().length]) {
    const changes = [{ from: at, to: at, insert: close }];
    const node = j.reread(applied(j.line(), changes));
    const count = node && !node.unclosed ? countItems(node.items, j.offered) : null;
    if (
      count?.made != null &&
      addsUp({ title: '', changes, makes: count.made }, j.line(), j.offered, j.reread)
    )
      return [{ title: say.mendWrite(close), changes, makes: count.made }];
  }
  return [];
}

function startMends(node: RoundNode, stated: number): Mend[] {
  const start = node.items.find((i) => i.type === 'start');
  if (
    start?.type !== 'start' ||
    !start.countSpan ||
    start.start === 'chain' ||
    node.items.some((i) => i !== start && i.type !== 'sign')
  )
    return [];
  return [
    {
      title: say.mendWrite(String(stated)),
      changes: [{ ...start.countSpan, insert: String(stated) }],
      makes: stated,
    },
  ];
}

/** What is worked, without label, count and the spaces around it. */
export function workedSpan(node: RoundNode): Span {
  if (node.items.length === 0) return node.body;
  return node.items.reduce(
    (all, { span }) => ({ from: Math.min(all.from, span.from), to: Math.max(all.to, span.to) }),
    node.items[0].span,
  );
}

/** How much a round grows, beside what lies flat. */
export interface Growth {
  /** index among the part's rounds */
  round: number;
  offered: number;
  made: number;
  flat: number;
  span: Span;
}

export const growthOf = (round: number, node: RoundNode, offered: number, made: number): Growth => ({
  round,
  offered,
  made,
  flat: flatGrowth(node.items),
  span: workedSpan(node),
});

/**
 * Where rounds that follow each other grow faster than lies flat: over two to four on end, and at an edge where no plain
 * round takes the fullness up. Each stretch is told once, at the round where it shows.
 */
export function rufflesIn(growths: readonly Growth[], last: number): { round: number; problem: Problem }[] {
  const found: { round: number; problem: Problem }[] = [];
  let told = -1;
  growths.forEach((g, i) => {
    const grows = (rounds: number, from: number): boolean => {
      const run = growths.slice(i - rounds + 1, i + 1);
      const onEnd = run.length === rounds && run.every((r, k) => k === 0 || r.round === run[k - 1].round + 1);
      const flat = run.reduce((sum, r) => sum + r.flat, 0);
      return onEnd && run.reduce((sum, r) => sum + r.made - r.offered, 0) > flat * from;
    };
    const edge = g.round === last && grows(1, RUFFLES[0].from);
    if (g.round <= told || g.made <= g.offered) return;
    const run = edge ? 1 : RUFFLES.find((r) => grows(r.rounds, r.from))?.rounds;
    if (run === undefined) return;
    // The rounds of a run that goes on are told with it.
    told = g.round + 1;
    const { offered } = growths[i - run + 1];
    found.push({ round: g.round, problem: problem('ruffle', g.span, say.ruffle(g.made, offered, run)) });
  });
  return found;
}

/** Puckers and stacked increases of a round that adds up; gives how many increases stand in line, for the next round. */
export function shapeProblems(
  node: RoundNode,
  offered: number,
  made: number,
  before: number,
  terms: Terms,
): { problems: Problem[]; increases: number } {
  const problems: Problem[] = [];
  if (made * 2 < offered) problems.push(problem('cup', workedSpan(node), say.cup(made, offered)));
  const increases =
    made > offered && node.items.length === 1 && node.items[0].type === 'group' ? made - offered : 0;
  if (increases >= STACKED_FROM && increases === before) {
    const mend = staggered(node, made, terms);
    problems.push(problem('stacked', workedSpan(node), say.stacked(increases), mend ? [mend] : []));
  }
  return { problems, increases };
}

/** Stitches a round that lie flat, over the stitches worked. Source: `figures`, STITCHES. */
function flatGrowth(items: readonly Item[]): number {
  let sum = 0;
  let n = 0;
  const walk = (list: readonly Item[], times: number): void => {
    for (const item of list) {
      const many = times * ('times' in item && typeof item.times === 'number' ? item.times : 1);
      if (item.type === 'group' || item.type === 'fan') walk(item.items, many);
      else if (item.type === 'stitch' && item.makes > 0) {
        sum += STITCHES[item.kind].flatGrowth * item.makes * many;
        n += item.makes * many;
      }
    }
  };
  walk(items, 1);
  return n > 0 && sumOf(items).makes > 0 ? sum / n : STITCHES.sc.flatGrowth;
}
