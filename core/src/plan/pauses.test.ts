import { courseOf } from '../address';
import { bareHead, faceCentre, newPair, resolveEyes, type EyesAt } from '../feature';
import type { Moment } from '../form';
import { headOf, modelToy, type PartModel } from '../model';
import {
  addParts,
  changePart,
  changePlan,
  changeSettings,
  newToy,
  setFeature,
  setPause,
  type Toy,
} from '../toy';
import { pauseMove, planOf, stepWords, troubleWords, type Step } from './index';

let n = 0;
const newId = () => `p${++n}`;
const HEAD =
  'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6: (4 sc, inc) x6\nR7-12: sc around\nR13: (4 sc, dec) x6\nR14: (3 sc, dec) x6\nR15: (2 sc, dec) x6\nR16: (sc, dec) x6\nR17: dec x6';
const DOLL =
  'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-8: sc around\nR9: (2 sc, dec) x6\nR10: (sc, dec) x6\nR11: (sc, inc) x6\nR12: (2 sc, inc) x6\nR13-14: sc around\nR15: (2 sc, dec) x6\nR16: (sc, dec) x6';
const page = (text: string, own?: number): Toy =>
  changeSettings(addParts(newToy('T', newId), `Head (3.0 mm hook)\n${text}\nclose`, newId), {
    age: '3 years and over',
    ...(own === undefined ? {} : { ownSmallestMm: own }),
  });

/** The window of a pair whose later round is R11 (of a doll R7), with a washer of so many mm. */
function windowAt(text: string, washer: number, own?: number): EyesAt['window'] {
  const { form } = modelToy(page(text)).parts[0];
  const head = bareHead(form, 'crown', own);
  const index = text === HEAD ? 10 : 6;
  const pair = newPair(head, { id: 'e', part: 'p', copy: null })!;
  return (
    resolveEyes(head, {
      ...pair,
      washerMm: washer,
      pair: {
        ...pair.pair,
        course: courseOf(form.fabric, index),
        between: 5,
        centre: faceCentre(head, 'marker', index, 5, washer),
      },
    }) as EyesAt
  ).window;
}

const said = (m: Moment | null) => (m ? [m.round, m.stitches] : null);

/**
 * By hand. A stitch of the edge opens 4.35 / pi x 1.25 x 0.88 = 1.523 mm. A washer of d wants max(24, d + 10) in comfort and d + 4 at all;
 * an own smallest hole replaces the first. A decrease takes one stitch off the edge: in R16 every second stitch is one, in R15 every third, in R17 each.
 */
describe('windows inside rounds, by hand', () => {
  it.each<[string, number, number | undefined, number[], number[]]>([
    ['12 mm: 24 needs 16 stitches, 16 needs 11', 12, undefined, [16, 5], [17, 1]],
    ['9 mm: 24 needs 16, 13 needs 9', 9, undefined, [16, 5], [17, 3]],
    ['8 mm: 24 needs 16, 12 needs 8', 8, undefined, [16, 5], [17, 4]],
    ['14 mm: 24 needs 16, 18 needs 12', 14, undefined, [16, 5], [16, 12]],
    ['16 mm: 26 needs 18, 20 needs 14', 16, undefined, [16, 1], [16, 9]],
    ['17 mm: 27 needs 18, 21 needs 14', 17, undefined, [16, 1], [16, 9]],
    ['20 mm: 30 needs 20, 24 needs 16', 20, undefined, [15, 14], [16, 5]],
    ['24 mm: 34 needs 23, 28 needs 19', 24, undefined, [15, 5], [15, 17]],
    ['own 40 mm needs 27', 12, 40, [14, 15], [17, 1]],
    ['own 30 mm needs 20', 12, 30, [15, 14], [17, 1]],
    ['own 20 mm needs 14', 12, 20, [16, 9], [17, 1]],
    ['own 17 mm needs 12', 12, 17, [16, 12], [17, 1]],
  ])('a head, %s', (_, washer, own, comfortable, last) => {
    const window = windowAt(HEAD, washer, own);
    expect([said(window.comfortable), said(window.possible)]).toEqual([comfortable, last]);
  });

  it.each<[string, number, number | undefined, number[], number[]]>([
    ['12 mm: the neck of 12 lets 16 through', 12, undefined, [10, 5], [16, 12]],
    ['9 mm', 9, undefined, [10, 5], [16, 12]],
    ['16 mm: 14 stitches, four of the neck’s six decreases', 16, undefined, [10, 1], [10, 9]],
    ['20 mm: 20 in comfort, 16 at all', 20, undefined, [9, 14], [10, 5]],
    ['own 30 mm needs 20', 9, 30, [9, 14], [16, 12]],
    ['own 24 mm needs 16', 9, 24, [10, 5], [16, 12]],
  ])('a doll in one piece, %s', (_, washer, own, comfortable, last) => {
    const window = windowAt(DOLL, washer, own);
    expect([said(window.comfortable), said(window.possible)]).toEqual([comfortable, last]);
  });

  it('a larger washer or a larger own hole is never later, on heads and dolls', () => {
    const when = (m: Moment | null) => (m ? m.round + m.stitches / m.of : 0);
    for (const text of [HEAD, DOLL]) {
      let before = [99, 99];
      for (let washer = 6; washer < 40; washer++) {
        const { comfortable, possible } = windowAt(text, washer);
        expect(when(comfortable)).toBeLessThanOrEqual(before[0]);
        expect(when(possible)).toBeLessThanOrEqual(before[1]);
        before = [when(comfortable), when(possible)];
      }
      let last = 99;
      for (let own = 10; own < 60; own += 2) {
        const now = when(windowAt(text, 8, own).comfortable);
        expect(now).toBeLessThanOrEqual(last);
        last = now;
      }
    }
  });
});

const withEyes = (toy: Toy): Toy => {
  const model = modelToy(toy);
  const pair = newPair(headOf(model, model.parts[0]), { id: 'eyes', part: toy.parts[0].id, copy: null })!;
  return setFeature(toy, { ...pair, washerMm: 12, eyeMm: 9 });
};
const eyesOf = (toy: Toy) => planOf(modelToy(toy)).steps.find((s) => s.kind === 'eyes')!;
const partOf = (toy: Toy): PartModel => modelToy(toy).parts[0];
const keyOf = (toy: Toy) => `eyes:${toy.parts[0].copies[0].id}:eyes`;

describe('the pause for the eyes', () => {
  const plain = withEyes(page(HEAD));
  it('is at the end of the last comfortable round; before that where the filling goes in, while the hole is wide', () => {
    const { part } = partOf(plain);
    expect(eyesOf(changePart(plain, part.id, { fill: 'empty' })).at).toMatchObject({
      round: 15,
      stitches: 18,
    });
    expect(eyesOf(plain).at).toMatchObject({ round: 14, stitches: 24 });
  });

  it('inside a round, moved there by the maker: the round is begun, then the eyes and washers, then the rest', () => {
    const { fabric } = partOf(plain);
    const toy = setPause(plain, keyOf(plain), { at: courseOf(fabric, 15), stitches: 4 });
    const { steps, trouble } = planOf(modelToy(toy));
    expect(trouble).toEqual([]);
    const at = steps.findIndex((s) => s.kind === 'begin-round');
    expect(steps.slice(at, at + 4).map((s) => s.kind)).toEqual(['begin-round', 'eyes', 'washers', 'stuff']);
    // Of 18 stitches two decreases are gone: 16 in the edge, 24.4 mm.
    expect(steps[at]).toMatchObject({ stitches: 4, of: 12, edge: 16, decreases: [2, 6] });
    expect((steps[at] as Extract<Step, { kind: 'begin-round' }>).openingMm).toBeCloseTo(16 * 1.523, 1);
    const rest = steps.slice(at).find((s) => s.kind === 'rounds')!;
    expect(rest.ticks[0]).toMatchObject({ label: 'R16', begun: 4 });
    expect(stepWords(steps[at], modelToy(toy)).detail).toMatch(
      /after 2 of 6 decreases, 16 stitches in the edge/,
    );
  });

  it('is where the text has it, when its window allows; else the plan says why not', () => {
    const at = (note: string, before: string) =>
      withEyes(page(HEAD.replace(`${before}:`, `${note}\n${before}:`)));
    expect(eyesOf(at('Insert 9 mm safety eyes', 'R14')).at).toMatchObject({ round: 13 });
    const late = at('Insert 9 mm safety eyes', 'R17');
    expect(eyesOf(late).at).toMatchObject({ round: 16, stitches: 12 });
    const tooLate = withEyes(page(`${HEAD}\nInsert 9 mm safety eyes`));
    expect(eyesOf(tooLate).at).toMatchObject({ round: 15, stitches: 18 });
    const model = modelToy(tooLate);
    expect(
      planOf(model)
        .trouble.map((t) => troubleWords(t, model))
        .join(),
    ).toMatch(
      /the text puts them in after R17; by then the hole is too small or too deep. The plan does it after R15/,
    );
  });

  it('whose step or round is gone is told, never forgotten in silence', () => {
    const { fabric } = partOf(plain);
    const at = courseOf(fabric, 14);
    const lost = (toy: Toy) => planOf(modelToy(toy)).trouble.filter((t) => t.what === 'wishes lost');
    expect(lost(setPause(plain, keyOf(plain), { at, stitches: null }))).toEqual([]);
    expect(lost(setPause(plain, 'eyes:no:body', { at, stitches: null }))).toEqual([
      { what: 'wishes lost', pauses: 1, moves: 0 },
    ]);
    const gone = { ...at, mark: 'nowhere' };
    expect(lost(setPause(plain, keyOf(plain), { at: gone, stitches: null }))).toHaveLength(1);
    expect(lost(changePlan(plain, { moves: [{ key: 'piece:gone', after: null }] }))).toEqual([
      { what: 'wishes lost', pauses: 0, moves: 1 },
    ]);
  });

  it('of embroidered eyes waits no longer than filling still passes', () => {
    const eyes = plain.features.find((f) => f.kind === 'eyes')!;
    const sewn = setFeature(plain, { ...eyes, making: 'embroidered' } as typeof eyes);
    const { fabric } = partOf(sewn);
    const late = setPause(sewn, keyOf(sewn), { at: courseOf(fabric, 16), stitches: 5 });
    const goes = planOf(modelToy(late)).steps.filter((s) => s.kind === 'stuff');
    // R17 goes down to 6 stitches: 9.1 mm at its end, 7 of the edge 10.7 mm; the last tufts are before it.
    expect(goes.map((s) => s.openingMm! >= 9)).not.toContain(false);
  });

  it('of the school of early eyes is before the first decreases', () =>
    expect(eyesOf(changePlan(plain, { eyes: 'early' })).at).toMatchObject({ round: 12, stitches: 36 }));

  it('moved too far stays, and says what is in the way', () => {
    const empty = changePart(plain, plain.parts[0].id, { fill: 'empty' });
    const model = modelToy(empty);
    const eyes = eyesOf(empty);
    const far = { ...eyes, at: { round: 17, stitches: 1, of: 6 } };
    expect(pauseMove(model, far, 'stitch later')).toMatchObject({ ok: false, why: 'hole' });
    const early = { ...eyes, at: eyes.window.begins };
    expect(pauseMove(model, early, 'stitch earlier')).toMatchObject({ ok: false, why: 'not there yet' });
    expect(pauseMove(model, eyes, 'stitch later')).toMatchObject({
      ok: true,
      moment: { round: 16, stitches: 1 },
    });
    expect(pauseMove(model, eyes, 'round earlier')).toMatchObject({
      ok: true,
      moment: { round: 14, stitches: 24 },
    });
  });
});
