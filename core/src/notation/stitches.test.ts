import { STITCH_KINDS, STITCHES } from '../figures';
import { convertTerms, read } from './index';
import type { Terms } from './syntax';

const TERMS: readonly Terms[] = ['us', 'uk'];
/** A round of 12 in plain stitches of these terms, and below it one that says `said`. */
const below = (said: string, terms: Terms) =>
  `Ball\nR1: 12 ${terms === 'us' ? 'sc' : 'dc'} in ring\nR2: ${said}`;
const second = (text: string, terms: Terms) => {
  const [part] = read(text, { terms }).parts;
  const errors = part.problems.filter((p) => p.severity === 'error').map((p) => p.message);
  return { count: part.rounds[1]?.made ?? null, errors, worked: part.rounds[1]?.items };
};
const converted = (text: string, from: Terms, to: Terms): string =>
  [...convertTerms(text, from, to)]
    .sort((a, b) => b.from - a.from)
    .reduce((s, c) => s.slice(0, c.from) + c.insert + s.slice(c.to), text);

const NAMES = TERMS.flatMap((terms) =>
  STITCH_KINDS.filter((kind) => kind !== 'ch').flatMap((kind) => {
    const {
      print,
      words,
      phrases = [],
    }: { print: string; words: readonly string[]; phrases?: readonly string[] } = STITCHES[kind][terms];
    return [...new Set([print, ...words, ...phrases])].map((name) => ({ terms, kind, name }));
  }),
);

describe('every stitch of the table by every name', () => {
  it.each(NAMES)('$terms: $name is $kind', ({ terms, kind, name }) => {
    for (const said of [`12 ${name}`, `${name} in each st around`]) {
      const { count, errors, worked } = second(below(said, terms), terms);
      expect([said, errors, count]).toEqual([said, [], 12]);
      expect(
        worked?.filter((i) => i.type === 'stitch').map((i) => (i.type === 'stitch' ? i.kind : null)),
      ).toEqual([kind]);
    }
  });

  it.each(NAMES)(
    '$terms: $name keeps its stitch in the other terms, and comes back',
    ({ terms, kind, name }) => {
      const other = terms === 'us' ? 'uk' : 'us';
      const text = below(`12 ${name}`, terms);
      const there = converted(text, terms, other);
      const { count, errors, worked } = second(there, other);
      expect([there, errors, count]).toEqual([there, [], 12]);
      expect(worked?.find((i) => i.type === 'stitch')).toMatchObject({ kind });
      const back = second(converted(there, other, terms), terms);
      expect(back.worked?.find((i) => i.type === 'stitch')).toMatchObject({ kind });
    },
  );

  it('no name is two stitches in one hand’s terms', () => {
    for (const terms of TERMS) {
      const all = NAMES.filter((n) => n.terms === terms && n.name !== 'st').map((n) => n.name);
      expect(all.filter((n, i) => all.indexOf(n) !== i)).toEqual([]);
    }
  });
});

describe('in the other terms', () => {
  it.each([
    ['Bobble st, 11 sc', 'Bobble st, 11 dc'],
    ['popcorn stitch in each st', 'popcorn stitch in each st'],
    ['crab stitch around', 'crab stitch around'],
    ['Reverse sc around', 'Reverse double crochet around'],
    ['12 esc', '12 edc'],
    ['(Loop st, sc) x6', '(Loop st, dc) x6'],
  ])('%s', (us, uk) => expect(converted(below(us, 'us'), 'us', 'uk')).toBe(below(uk, 'uk')));
});

describe('through the back loop, said short', () => {
  it.each([
    ['12 sc tbl', 'back'],
    ['12 sc tfl', 'front'],
  ])('%s', (said, loops) => {
    const { errors, count, worked } = second(below(said, 'us'), 'us');
    expect([errors, count]).toEqual([[], 12]);
    expect(JSON.stringify(worked)).toContain(`"${loops}"`);
  });
});

describe('as many stitches as the chain has, below it', () => {
  const rounds = (...lines: string[]) => {
    const [part] = read(['Flag', ...lines].join('\n')).parts;
    return { counts: part.rounds.map((r) => r.made), problems: part.problems.map((p) => p.severity) };
  };
  it.each([
    ['Ch 9', 'Row 1: 8 sc in 2nd ch from hook (8)', 8],
    ['Ch 10', 'Row 1: 8 hdc in 3rd ch from hook', 8],
    ['Ch 12, turn.', 'Row 1: 11 sc in 2nd ch from hook', 11],
  ])('%s / %s', (chain, row, n) => {
    expect(rounds(chain, row, `Row 2: ${n} sc (${n})`)).toEqual({ counts: [n, n], problems: [] });
  });
  it('fewer go into that one chain: a ring', () => {
    expect(rounds('Ch 2', 'R1: 6 sc in 2nd ch from hook', 'R2: inc x6 (12)').counts).toEqual([6, 12]);
  });
});
