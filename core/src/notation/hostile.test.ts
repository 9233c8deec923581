import { addParts, newToy } from '../toy';
import { modelToy, yarnColour } from '../model';
import { materialsOf, planOf } from '../plan';
import { cleanText, read } from './index';

let n = 0;
const newId = () => `h${++n}`;

/** Words that every object answers to by itself. */
const NAMES = Object.getOwnPropertyNames(Object.prototype).filter((name) => /^[a-z]+$/i.test(name));
const PAGES = [
  'R1: 6 WORD in ring',
  'R1: WORD sc in ring\nR2: inc x6',
  'R1: 6 sc in ring\nR2: 3 WORD, 3 sc\nR3: WORD around',
  'R1: 6 sc in ring\nR2: *sc, rep from * WORD times',
  'Head (1x, WORD, WORD hook, ring = WORD)\nR1: 6 sc in ring\nchange to WORD\nR2: in WORD: inc x6',
  'WORD (2x)\nR1: 6 sc in ring\n\nBody\nR1: 6 sc in ring\nR2: 3 sc, WORD over 3',
  'Materials\nWORD: DK yarn in WORD\n\nHead\nR1: 6 sc in ring\nstuff WORD\nuntil WORD remain',
];

describe('a word that the language itself knows is a word like any other', () => {
  it.each(NAMES)('%s is read just as a word that nobody knows', (name) => {
    expect(NAMES).toContain('constructor');
    const nobody = 'q'.repeat(name.length);
    for (const page of PAGES) {
      const said = (word: string) => {
        const text = page.replaceAll('WORD', word.toLowerCase());
        return JSON.stringify([read(text), cleanText(text)]).replaceAll(word.toLowerCase(), 'WORD');
      };
      expect(said(name)).toBe(said(nobody));
    }
  });

  it('yarn of such a name has a colour, an amount and no price', () => {
    for (const name of ['constructor', 'valueOf', '__proto__', 'hasOwnProperty']) {
      const page = `Head (1x, ${name})\nR1: 6 sc in ring\nR2: inc x6\nR3-9: sc around\nchange to ${name}\nR10: sc around`;
      const toy = addParts(newToy(name, newId), page, newId);
      const model = modelToy(toy);
      expect(yarnColour(model, toy.parts[0].id, toy.parts[0].copies[0].id)).toMatch(/^#[0-9a-f]{6}$/);
      const { yarns } = materialsOf(model, planOf(model));
      expect(yarns.length).toBeGreaterThan(0);
      for (const y of yarns) {
        expect(y.metres.value).toBeGreaterThan(0);
        expect(y.colour ?? '#000000').toMatch(/^#[0-9a-f]{6}$/);
      }
    }
  });
});

/** Four times as much takes no more than twice four times as long, or no longer than anybody minds: a slow machine is no fault. */
function growsEvenly(took: (share: number) => number, ms: number): void {
  const quarter = took(1 / 4);
  expect(took(1)).toBeLessThan(Math.max(ms, 8 * quarter));
}
const timed = (work: () => void): number => {
  const began = performance.now();
  work();
  return performance.now() - began;
};

describe('a quarter of a megabyte', () => {
  it('in one line is printed clean, and as headings becomes parts, in seconds: neither grows with its square', () => {
    growsEvenly((of) => {
      const line = `R1: 6 sc in ring\nR2: ${'2 sc, inc, '.repeat(22_000 * of)}`;
      return timed(() => expect(cleanText(line).length).toBeGreaterThan(200_000 * of));
    }, 5_000);
    growsEvenly((of) => {
      const page = 'Ear (1x)\nR1: 6 sc in ring\n\n'.repeat(9000 * of);
      return timed(() => expect(addParts(newToy('T', newId), page, newId).parts).toHaveLength(9000 * of));
    }, 10_000);
  }, 60_000);
});

describe('one thing over and over', () => {
  // Each of these took from 4 to 50 seconds when its time grew with the square of the letters.
  it.each([
    ['digits', '', '1', '(6)'],
    ['digits in a heading', 'Head\n', '1', 'b'],
    ['spaces before a count', 'R1: 6 sc in ring', ' ', '(6)'],
    ['spaces in a note', '-- a', ' ', 'b'],
    ['spaces behind a bracket below a heading', 'Head\nR1: 6 sc in ring\n\nTail (x2)\n(', ' ', 'b'],
    ['counts and cuts', 'R1: ', '(6) cut ', 'x'],
    ['tabs', 'R1: 6 sc in ring\nR2: ', '\t', 'x'],
    ['tabs after words', 'R1: 6 sc in ring ', '\t', '6\tb'],
    ['dashes', '-- ', '-', 'b'],
    ['equals signs', 'Eyes: ', '=', ' x6'],
    ['words that nobody knows', 'R1: ', 'foo ', ''],
    ['colours with a colon', 'R1: 6 sc in ring\nR2: ', 'A: ', ''],
    ['empty lines', '', '\n', 'R1: 6 sc in ring'],
    ['sizes of eyes', 'Materials:\n', 'eyes ', 'b'],
    ['spaces behind a number', 'R1: 6 sc in ring\nr2 1', ' ', ',inc'],
    ['pictures', 'R1: 6 sc in ring\n', '🧶 ', 'x'],
  ])(
    '%s: 60,000 letters are read in under two seconds, or as evenly as they grow',
    (_, before, piece, behind) =>
      growsEvenly((of) => {
        const text = before + piece.repeat((60_000 * of) / piece.length) + behind;
        return timed(() => expect(read(text).lines).toBeGreaterThan(0));
      }, 2000),
  );

  it('a row of a spreadsheet keeps its columns: the count behind tabs is the count', () => {
    const count = (row: string) => read(`R1: 6 sc in ring\n${row}`).parts[0].rounds[1].stated;
    expect([count('R2\tinc x6\t12'), count('R2\tinc x6\t\t12\t'), count('R2\tinc x6 \t 12')]).toEqual([
      12, 12, 12,
    ]);
  });
});
