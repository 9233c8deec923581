import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { share } from '../../bench/share';
import { modelToy } from '../model';
import { read } from '../notation';
import { HANDS, pageIn, type PlainPart } from '../notation/cases/hands';
import { plainToy } from '../notation/cases/plainToys';
import { addParts, newToy } from './index';

let n = 0;
const newId = () => `id${++n}`;
const taken = (text: string) => addParts(newToy('T', newId), text, newId);
const faults = (problems: readonly { severity: string; message: string }[]): string[] =>
  problems.filter((x) => x.severity === 'error').map((x) => x.message);
const made = ({ start, rounds }: PlainPart): number[] => [start, ...rounds.map((r) => r.makes)];

describe('a part has its own text, and nothing of its page is needed to read it', () => {
  it.each(Object.keys(HANDS))('in the hand “%s”: the same rounds, no fault, the same copies', (hand) => {
    fc.assert(
      fc.property(plainToy, ({ head, fin, name }) => {
        const toy = taken(pageIn(HANDS[hand], name, [head, fin]));
        const parts = modelToy(toy).parts;
        expect(parts.map(({ reading }) => reading.make)).toEqual([head.make, fin.make]);
        parts.forEach(({ reading }, i) => {
          expect(faults(reading.problems)).toEqual([]);
          expect(reading.rounds.map((r) => r.made)).toEqual(made([head, fin][i]));
        });
      }),
      { numRuns: share(24), seed: 20261129 },
    );
  });

  it.each(Object.keys(HANDS))('in the hand “%s”: every number is kept', (hand) => {
    fc.assert(
      fc.property(plainToy, ({ head, fin, name }) => {
        const page = pageIn(HANDS[hand], name, [head, fin]);
        const toy = taken(page);
        const numbers = (text: string) => (text.match(/\d+/g) ?? []).sort();
        expect(numbers([toy.page, ...toy.parts.map((p) => p.text)].join('\n'))).toEqual(numbers(page));
      }),
      { numRuns: share(12), seed: 20261129 },
    );
  });
});

it('the numbers of other sizes are kept with what belongs to no part, and the first part says which is read', () => {
  const round = 'Rnd 1: 6 (7, 8) sc in magic ring.';
  const page = [
    'Sizes: small (medium, large)',
    'BODY',
    round,
    'Rnd 2: inc around. 12 (14, 16)',
    'Rnds 3-5 (3-6, 3-7): sc around. 12 (14, 16)',
  ];
  const toy = taken(page.join('\n'));
  expect(toy.page).toContain(round);
  expect(toy.parts[0].text).toMatch(/^-- .*3 sizes: the first is read, small/m);
  expect(modelToy(toy).parts[0].reading.rounds.map((r) => r.made)).toEqual([6, 12, 12, 12, 12]);
});

describe('the pages of many hands', () => {
  const dir = join(__dirname, '../notation/cases/pages');
  const pages = readdirSync(dir).filter((f) => f.endsWith('.txt'));

  it.each(pages)('%s: each part reads alone as it does on its page', (file) => {
    const text = readFileSync(join(dir, file), 'utf8');
    const whole = read(text).parts;
    modelToy(taken(text)).parts.forEach(({ reading }, i) => {
      expect(reading.rounds.map((r) => r.made)).toEqual(whole[i].rounds.map((r) => r.made));
    });
  });
});
