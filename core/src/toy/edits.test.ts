import { gatherRange, unfoldRange } from '../notation';
import { modelToy, rill } from '../model';
import {
  EMPTY_HISTORY,
  addGauge,
  addParts,
  changeGauge,
  changeSettings,
  changeTerms,
  changeYarn,
  editBetween,
  mendPart,
  newToy,
  record,
  redo,
  removeGauge,
  removePart,
  rewritePart,
  rewriteRounds,
  typeInPart,
  undo,
  type Toy,
} from './index';

let n = 0;
const newId = () => `i${++n}`;
const EAR = 'Ear (2x, sand)\nR1: 6 sc in ring';

describe('edits', () => {
  it('split a pasted page at its headings, with copies, colours and hooks as the text says', () => {
    const toy = addParts(
      newToy('T', newId),
      `${EAR}\n\nHead (1x, cream, 3.5 mm hook)\nR1: 6 sc in ring\nclose`,
      newId,
    );
    expect(toy.parts.map((p) => [p.text.split('\n')[0], p.copies.length, p.marks.length])).toEqual([
      ['Ear (2x, sand)', 2, 2],
      ['Head (1x, cream, 3.5 mm hook)', 1, 3],
    ]);
    expect(toy.palette.map((y) => y.slot)).toEqual(['sand', 'cream']);
    // The hook of a heading is the text's: 1.45 x 3.5 mm; without one the toy's own 3 mm.
    expect(modelToy(toy).parts.map((p) => p.gauge.stitchMm)).toEqual([
      expect.closeTo(4.35, 9),
      expect.closeTo(5.075, 9),
    ]);
  });
  it('take the terms of the first page that is pasted', () =>
    expect(addParts(newToy('T', newId), 'R1: 6 dc in ring\nR2: dc around', newId).settings.terms).toBe('uk'));

  it('change the yarn of a whole toy: hooks in headings are written anew, measurements are assumed again, another yarn is left alone', () => {
    let toy = addParts(
      newToy('T', newId),
      'Ear (2x, sand)\nR1: 6 sc in ring\n\nHead (1x, cream, E hook)\nR1: 6 sc in ring\n\nFoot (1x)\nR1: 8 sc in ring',
      newId,
    );
    toy = changeGauge(addGauge(toy, toy.parts[2].id, 'thick', newId), toy.gauges[0].id, {
      stitchMm: 5,
      roundMm: 4.5,
      leanStitches: -0.3,
    });
    expect(toy.gauges.map((g) => g.stitchMm)).toEqual([5, undefined]);
    const other = changeYarn(toy, toy.gauges[0].id, { hookMm: 5, yarn: 'bulky' }, newId);
    expect(other.parts.map((p) => p.text.split('\n')[0])).toEqual([
      'Ear (2x, sand)',
      'Head (1x, cream, 5 mm hook)',
      'Foot (1x)',
    ]);
    expect(other.parts.map((p) => p.marks)).toEqual(toy.parts.map((p) => p.marks));
    expect(other.gauges[0]).toEqual({
      id: toy.gauges[0].id,
      name: '',
      hookMm: 5,
      hookBy: 'said',
      yarn: 'bulky',
      hand: 'right',
      yarnUnder: false,
    });
    expect(modelToy(other).parts.map((p) => p.gauge.stitchMm)).toEqual([
      expect.closeTo(7.25, 9),
      expect.closeTo(7.25, 9),
      expect.closeTo(4.35, 9),
    ]);
    expect(removeGauge(other, other.gauges[1].id)).toBe(other);
  });

  it('let the text own make n: copies are added, never thrown away', () => {
    let toy = addParts(newToy('T', newId), EAR, newId);
    const { id } = toy.parts[0];
    const copies = toy.parts[0].copies;
    toy = rewritePart(toy, id, EAR.replace('2x', '1x'), newId);
    expect(modelToy(toy).parts[0].copies).toEqual(copies.slice(0, 1));
    toy = rewritePart(toy, id, EAR.replace('2x', '3x'), newId);
    expect(modelToy(toy).parts[0].copies.slice(0, 2)).toEqual(copies);
    expect(modelToy(toy).parts[0].copies).toHaveLength(3);
  });
  it('apply all changes of a mend against the text as given', () => {
    const toy = addParts(
      newToy('T', newId),
      'R1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (16)',
      newId,
    );
    const [fault] = modelToy(toy).parts[0].problems;
    expect(mendPart(toy, toy.parts[0].id, fault.mends[0].changes, newId).parts[0].text).toMatch(
      /R3: \(2 sc, inc\) x4 \(16\)$/,
    );
  });
  it('change the terms of every part and back, byte for byte, marks kept', () => {
    const toy = rill(newId);
    const uk = changeTerms(toy, 'uk', newId);
    expect(uk.parts[0].text).toContain('R3: (dc, inc) x6 (18)');
    expect(uk.parts.map((p) => p.marks)).toEqual(toy.parts.map((p) => p.marks));
    expect(modelToy(uk).parts.every((p) => p.addsUp)).toBe(true);
    expect(changeTerms(uk, 'us', newId)).toEqual(toy);
  });
  it('unfold a range and gather it again: the same fabric, and the eyes stay on their round', () => {
    const toy = rill(newId);
    const head = modelToy(toy).parts.find((p) => p.name === 'Head')!;
    const line = head.part.text.split('\n').findIndex((l) => l.startsWith('R9-13')) + 1;
    const onRange = {
      ...toy,
      features: toy.features.map((f) =>
        f.kind === 'eyes'
          ? { ...f, pair: { ...f.pair, course: { mark: head.part.marks[line - 1], nth: 3, layer: 0 } } }
          : f,
      ),
    };
    const roundOfEyes = (t: Toy) => {
      const { state } = modelToy(t).eyes[0];
      return state.state === 'homeless' ? null : state.round;
    };
    const apart = rewriteRounds(onRange, head.part.id, unfoldRange(head.part.text, line)!, newId);
    const text = apart.parts.find((p) => p.id === head.part.id)!.text;
    expect(text).toContain(
      'R9: sc around (48)\nR10: sc around (48)\nR11: sc around (48)\nR12: sc around (48)\nR13: sc around (48)\nR14:',
    );
    const together = rewriteRounds(apart, head.part.id, gatherRange(text, line + 2)!, newId);
    expect(together.parts.find((p) => p.id === head.part.id)!.text).toBe(head.part.text);
    expect([onRange, apart, together].map(roundOfEyes)).toEqual([11, 11, 11]);
  });
  it('remove a part with everything that stands on it or is made from it', () => {
    const toy = rill(newId);
    const head = modelToy(toy).parts.find((p) => p.name === 'Head')!.part.id;
    const without = removePart(toy, head);
    expect(without.features.some((f) => f.part === head)).toBe(false);
    expect(without.joins.some((j) => j.at.part === head || j.guest.part === head)).toBe(false);
    expect(without.joins.length).toBeGreaterThan(0);
  });
  it('refuse a change outside the text as a programmer’s fault', () => {
    const toy = addParts(newToy('T', newId), EAR, newId);
    expect(() => typeInPart(toy, toy.parts[0].id, { from: 0, to: 999, insert: '' }, newId)).toThrow(
      RangeError,
    );
    expect(() => typeInPart(toy, 'nobody', { from: 0, to: 0, insert: '' }, newId)).toThrow(RangeError);
  });
  it('change numbers only where they should: a wider gauge widens every part, nothing else of the design', () => {
    const toy = rill(newId);
    const wider = changeGauge(toy, toy.gauges[0].id, { stitchMm: 6, roundMm: 5.5 });
    modelToy(wider).parts.forEach((p, i) =>
      expect(p.form.widthMm).toBeGreaterThan(modelToy(toy).parts[i].form.widthMm),
    );
    expect({ ...wider, gauges: toy.gauges }).toEqual(toy);
  });
});

describe('history', () => {
  const step = (h: typeof EMPTY_HISTORY, before: Toy, after: Toy, gather: string | null, pause = false) =>
    record(h, editBetween('x', { station: 'parts' }, before, after, gather), !pause);
  it('gathers typing until a pause or another kind of edit', () => {
    const a = newToy('A', newId);
    const [b, c, d, e] = ['B', 'C', 'D', 'E'].map((name) => ({ ...a, name }));
    let h = step(EMPTY_HISTORY, a, b, 'type');
    h = step(h, b, c, 'type');
    h = step(h, c, d, 'type', true);
    h = step(h, d, e, null);
    expect(h.past).toHaveLength(3);
    const back = undo(h, e)!;
    expect(back.toy.name).toBe('D');
    const more = undo(undo(back.history, back.toy)!.history, c)!;
    expect(more.toy).toEqual(a);
    expect(undo(more.history, more.toy)).toBeNull();
    expect(redo(more.history, more.toy)!.toy.name).toBe('C');
  });
  it('goes back through 5,000 edits, and through a text of 20,000 letters that was typed without a pause', () => {
    const named = (k: number): Toy => ({ ...first, name: `${k}` });
    const first = newToy('0', newId);
    let h = EMPTY_HISTORY;
    for (let k = 1; k <= 5000; k++) h = step(h, named(k - 1), named(k), null);
    let toy = named(5000);
    for (let k = 4999; k >= 0; k--) {
      const back = undo(h, toy)!;
      ({ history: h, toy } = back);
      expect(toy.name).toBe(`${k}`);
    }
    for (let k = 1; k <= 20_000; k++) h = step(h, named(k - 1), named(k), 'type');
    const [back, again] = [undo(h, named(20_000))!, redo(undo(h, named(20_000))!.history, first)!];
    expect([back.toy.name, again.toy.name, back.history.past.length]).toEqual(['0', '20000', 0]);
  });
  it('forgets what was undone once something new is done', () => {
    const a = newToy('A', newId);
    const b = changeSettings(a, { age: 'accessory' });
    const back = undo(step(EMPTY_HISTORY, a, b, null), b)!;
    expect(step(back.history, a, { ...a, name: 'C' }, null).future).toEqual([]);
  });
});
