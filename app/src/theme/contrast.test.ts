import { DARK, LIGHT, type Palette } from './palette';

type Token = keyof Palette;

/** Letters and what they stand on: WCAG 2.2, 1.4.3, 4.5 to 1. */
const WORDS: readonly (readonly [Token, ...Token[]])[] = [
  ['ink', 'paper', 'raise', 'sunk'],
  ['ink2', 'paper', 'raise', 'sunk'],
  ['matInk', 'mat', 'matDeep', 'nav'],
  ['matInk2', 'mat', 'matDeep'],
  ['tapeInk', 'tape', 'tapeHi', 'tapeLo'],
  ['tapeInk2', 'tape', 'tapeHi'],
  ['onCoral', 'coral'],
  ['coralInk', 'paper', 'raise', 'coralWash'],
  ['pinInk', 'paper', 'raise', 'pinWash'],
  ['pinMat', 'mat', 'matDeep'],
  ['threadInk', 'paper', 'raise', 'threadWash'],
  ['threadMat', 'mat', 'matDeep'],
  ['navInk', 'nav'],
  ['navOn', 'nav'],
];
/** Edges of what can be pressed, and signs: WCAG 2.2, 1.4.11, 3 to 1. */
const SIGNS: readonly (readonly [Token, ...Token[]])[] = [
  ['edge', 'paper', 'raise', 'sunk'],
  ['tape', 'mat', 'matDeep', 'nav'],
  ['coral', 'mat', 'matDeep'],
  ['pin', 'paper', 'raise'],
  ['thread', 'paper', 'raise'],
];
/** Lines that only part what words tell already. */
const ONLY_PARTING: readonly Token[] = ['line', 'matLine', 'grid5', 'grid10', 'grid50'];

/** Relative luminance of #rrggbb: WCAG 2.2. */
function luminance(colour: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const share = parseInt(colour.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(a: string, b: string): number {
  const [dark, light] = [luminance(a), luminance(b)].sort((x, y) => x - y);
  return (light + 0.05) / (dark + 0.05);
}

describe.each([
  ['light', LIGHT],
  ['dark', DARK],
])('colours, %s', (_, palette) => {
  it.each([
    ['words', WORDS, 4.5],
    ['signs', SIGNS, 3],
  ] as const)('%s stand out from every ground they stand on', (__, pairs, least) => {
    const short = pairs.flatMap(([token, ...grounds]) =>
      grounds
        .map((ground) => ({ token, ground, to1: contrast(palette[token], palette[ground]) }))
        .filter(({ to1 }) => to1 < least),
    );
    expect(short).toEqual([]);
  });
});

it('black on white is 21 to 1, and no colour is left out', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 9);
  const told = new Set([...WORDS.flat(), ...SIGNS.flat(), ...ONLY_PARTING]);
  expect(Object.keys(LIGHT).filter((token) => !told.has(token as Token))).toEqual([]);
});
