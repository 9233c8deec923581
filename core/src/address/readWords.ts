import { type Along, type Clause, type Where } from './clauseParts';
import { placeWords as say } from '../words';
import { CLAUSES } from './clauses';
import type { AlongSchool, PlaceContext, RoundSchool, Said, SaidPair } from './said';

/** One way to understand a phrase: what it would be, and how it was counted. */
export interface PlaceReading {
  said: Said;
  round: RoundSchool;
  along: AlongSchool;
}

/** What a phrase means, most usual reading first; several when its words are counted in several ways (decisions 22 and 23). */
export interface PlaceWordsRead {
  readings: PlaceReading[];
  /** why there is no reading, with the place in the phrase */
  problem: { sentence: string; from: number; to: number } | null;
}

const LONGEST = 300;
/** One word, or the signs between words, that says nothing of the place. */
const FILLERS =
  /^(?:[\s,;:.|()+&]+|(?:the|eyes?|safety|posts?|place|put|a|an|pair|insert|of|them|with|and|at|is|are|stand|sit|go|goes|toy|about|centred|centered|on|in|by|exactly|leave|about|roughly|so|that)(?![\p{L}\p{N}]))/u;

/**
 * Reads a place, or a pair of posts, said in any school of counting: rounds from the ring, from an edge, after a ridge or
 * a feature, between or in rounds; stitches from the start, the end or the middle of the face; pairs by stitches, holes, mm, degrees or as on a
 * tag. Every reading that the words allow is given, most usual first. Linear in the phrase.
 */
export function readPlaceWords(phrase: string, context: PlaceContext): PlaceWordsRead {
  if (context.form.rounds.length === 0) return problem(say.noRoundSaid, 0, phrase.length);
  const clauses = clausesIn(phrase, context);
  return 'problem' in clauses ? clauses : together(phrase, context, clauses);
}

const problem = (sentence: string, from: number, to: number): PlaceWordsRead => ({
  readings: [],
  problem: { sentence, from, to },
});

/** What of a phrase is about the round, and what is along it. */
interface Clauses {
  wheres: Piece<Where>[];
  alongs: Piece<Along>[];
}

/** Takes a phrase apart clause by clause; or says which word is none. */
function clausesIn(phrase: string, context: PlaceContext): Clauses | PlaceWordsRead {
  const text = phrase
    .slice(0, LONGEST)
    .toLowerCase()
    .replace(/[\u2019']/g, '’')
    .replace(/rounds?\s+r(?=\d)/g, (m) => `r${' '.repeat(m.length - 1)}`);
  let at = 0;
  const wheres: Piece<Where>[] = [];
  const alongs: Piece<Along>[] = [];
  while (at < text.length) {
    const rest = text.slice(at);
    const hit = match(rest);
    if (!hit) {
      const filler = FILLERS.exec(rest);
      if (filler && filler[0].length > 0) {
        at += filler[0].length;
        continue;
      }
      const word = /^\S+/.exec(rest)?.[0] ?? rest;
      return problem(say.unknown(phrase.slice(at, at + word.length)), at, at + word.length);
    }
    const [{ where: asWhere, along: asAlong }, m] = hit;
    const found = asWhere ? asWhere(m, context) : asAlong ? asAlong(m, context) : [];
    const span = { from: at, to: at + m[0].length };
    if (!Array.isArray(found)) return problem(found.fault, span.from, span.to);
    if (asWhere) wheres.push({ found: found as Where[], ...span });
    else alongs.push({ found: found as Along[], ...span });
    at = span.to;
  }
  return { wheres, alongs };
}

/** What the clauses of a phrase mean together. */
function together(phrase: string, context: PlaceContext, { wheres, alongs }: Clauses): PlaceWordsRead {
  if (!wheres.length) return problem(say.noRoundSaid, 0, phrase.length);
  if (!alongs.length) return problem(say.noStitchSaid, 0, phrase.length);
  const said = (s: { from: number; to: number }) => phrase.slice(s.from, s.to).trim();
  // The same round may be said with each post; two different ones cannot both be meant.
  const across = alongs.length === 2 && wheres.length === 2 ? acrossTheStart(context, wheres, alongs) : null;
  if (across) return { readings: [{ said: across, round: 'tag', along: 'tag' }], problem: null };
  const other = wheres.find((w) => JSON.stringify(w.found) !== JSON.stringify(wheres[0].found));
  if (other) return problem(say.saidTwice(said(wheres[0]), said(other)), other.from, other.to);
  const posts = alongs.length === 2 ? twoPosts(alongs[0].found, alongs[1].found) : null;
  if (alongs.length > 1 && !posts)
    return problem(say.saidTwice(said(alongs[0]), said(alongs[1])), alongs[1].from, alongs[1].to);
  return combine(
    context,
    wheres[0],
    posts ? { found: posts, from: alongs[0].from, to: alongs[1].to } : alongs[0],
  );
}

/** A clause of the phrase with what it may mean. */
interface Piece<T> {
  found: T[];
  from: number;
  to: number;
}

/** A pair that straddles the start of a round, as on its tag: the one post on the end of a round, the other on the beginning of the next. */
function acrossTheStart(
  context: PlaceContext,
  [w1, w2]: Piece<Where>[],
  [a1, a2]: Piece<Along>[],
): SaidPair | null {
  const [r1, r2] = [w1.found, w2.found].map((w) => (w.length === 1 && w[0].at === 'hole' ? w[0].round : NaN));
  if (r2 !== r1 + 1 || a1.found.length !== 1 || a2.found.length !== 1) return null;
  const [p, q] = (
    [
      [a1, r1],
      [a2, r2],
    ] as const
  ).map(([a, round]) => a.found[0].on(context, round, 'hole'));
  if (typeof p === 'string' || typeof q === 'string' || p.what !== 'place' || q.what !== 'place') return null;
  const low = p.index - context.form.fabric.rounds[r1].count;
  return low < 0 && q.index >= 0
    ? { what: 'pair', round: r2, at: 'hole', on: q.index - low, low, high: q.index }
    : null;
}

/** Two single places along a round are the posts of a pair; null when one of them is a pair already. */
function twoPosts(a: readonly Along[], b: readonly Along[]): Along[] | null {
  if (a.length !== 1 || b.length !== 1 || (a[0].at !== null && b[0].at !== null && a[0].at !== b[0].at))
    return null;
  if (![a[0], b[0]].every((x) => ['from-start', 'from-end', 'from-middle', 'tag'].includes(x.school)))
    return null;
  return [
    {
      school: 'tag',
      at: a[0].at ?? b[0].at,
      on: (context, round, at) => {
        const [p, q] = [a[0].on(context, round, at), b[0].on(context, round, at)];
        if (typeof p === 'string') return p;
        if (typeof q === 'string') return q;
        if (p.what !== 'place' || q.what !== 'place') return say.noStitchSaid;
        const { count } = context.form.fabric.rounds[round];
        const coord = (index: number) => (at === 'hole' ? index : index - 0.5);
        const low = coord(p.index);
        const on = (((coord(q.index) - low) % count) + count) % count;
        return { what: 'pair', round, at, on, low, high: low + on };
      },
    },
  ];
}

function match(rest: string): [Clause, RegExpExecArray] | null {
  for (const c of CLAUSES) {
    const m = c.pattern.exec(rest);
    if (m) return [c, m];
  }
  return null;
}

/** Every round that was said with every stitch that was said; the same place found twice is one reading. */
function combine(context: PlaceContext, wheres: Piece<Where>, alongs: Piece<Along>): PlaceWordsRead {
  const readings: PlaceReading[] = [];
  let fault = '';
  const seen = new Set<string>();
  for (const w of wheres.found)
    for (const a of alongs.found)
      for (const at of kinds(w, a)) {
        const said = a.on(context, w.round, at);
        if (typeof said === 'string') {
          fault ||= said;
          continue;
        }
        const key = JSON.stringify(said);
        if (!seen.has(key)) readings.push({ said, round: w.school, along: a.school });
        seen.add(key);
      }
  return readings.length
    ? { readings, problem: null }
    : { readings, problem: { sentence: fault || say.noStitchSaid, from: alongs.from, to: alongs.to } };
}

/** Whether a place is a hole or a middle: both clauses may say it; where they disagree the one about the rounds gives way, and the other reading is kept. */
function kinds(w: Where, a: Along): ('hole' | 'middle')[] {
  if (w.at && a.at && w.at !== a.at) return [a.at];
  const one = a.at ?? w.at;
  // "On R14, 7 stitches apart": in R14's own stitches.
  return [one ?? 'middle'];
}
