import { courseOf } from '../address';
import { DARK, newPair, newStitching, ownTwin, STITCH_WORKS, type Embroidery } from '../feature';
import { planOf, stepWords, troubleWords } from '../plan';
import { addParts, changeGauge, newToy, removeFeature, setFeature, type Toy } from '../toy';
import { evennessOf, headOf, marksOn, modelToy, stitchings } from './index';

let n = 0;
const newId = () => `w${++n}`;
const BALL =
  'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-9: sc around\nR10: (2 sc, dec) x6\nR11: (sc, dec) x6';
const TEXTS = [
  BALL,
  `${BALL}\nR12: dec x6\nclose`,
  'R1: ch 8, inc in 2nd ch, 5 sc, 4 sc in last ch, other side: 5 sc, inc (18)\nR2-8: sc around',
  'R1: ch 24, join (24)\nR2-9: sc around\nleave open',
  'R1: 6 sc in ring\nR2: inc x6\nR3: (hdc, inc) x6\nR4-8: 6 hdc, 12 sc\nR9: 6 hdc, 12 sc',
];
const POSES = ['crown', 'chin', 'nose', 'sole', 'back', 'tip', 'mouth'] as const;
const only = (toy: Toy) => modelToy(toy).parts[0];
const toyOf = (text: string, hand: 'left' | 'right', ring: (typeof POSES)[number]): Toy => {
  const toy = addParts(newToy('T', newId), `Thing (2x, 3.0 mm hook, ring = ${ring})\n${text}`, newId);
  return changeGauge(toy, toy.gauges[0].id, { hand });
};

describe('embroidery on any part', () => {
  it('of any pose, hand and start, with eyes or without: it has places, a way and a length in numbers, or it says why not', () => {
    let [placed, told] = [0, 0];
    for (const text of TEXTS)
      for (const ring of POSES)
        for (const hand of ['left', 'right'] as const)
          for (const eyed of [false, true]) {
            let toy = toyOf(text, hand, ring);
            const part = only(toy);
            const pair = newPair(headOf(modelToy(toy), part), {
              id: newId(),
              part: part.part.id,
              copy: null,
            });
            if (eyed && pair) toy = setFeature(toy, pair);
            const model = modelToy(toy);
            const [head, marks] = [headOf(model, model.parts[0]), marksOn(model, model.parts[0])];
            const ids = { part: part.part.id, copy: null, colour: DARK };
            for (const work of STITCH_WORKS)
              toy = setFeature(toy, newStitching(head, marks, { ...ids, id: newId(), name: work }, work));
            for (const { fault, sides } of stitchings(modelToy(toy))) {
              if (fault) {
                told++;
                expect(sides).toEqual([]);
                continue;
              }
              placed++;
              for (const { places, lines, mm } of sides) {
                expect(Number.isFinite(mm) && mm >= 0 && mm < 2000).toBe(true);
                const all = [
                  ...places.flatMap((p) => [...p.point, p.coord]),
                  ...lines.flat().flatMap((p) => [p.angleRad, p.row]),
                ];
                expect(all.every(Number.isFinite)).toBe(true);
                for (const { name } of places) {
                  expect(name.stitch.every((s) => s >= 1 && s <= name.of)).toBe(true);
                  expect(Math.abs(name.round[1] - name.round[0])).toBeLessThanOrEqual(1);
                }
              }
            }
          }
    process.stdout.write(`  ${placed} works stitched, ${told} told that they have no place\n`);
    expect(placed).toBeGreaterThan(4 * told);
  });

  it('how even it is: a mirrored pair by its whole distance, up and down too; what lies over the middle by its ends’ mean', () => {
    let toy = toyOf(`${BALL}\nR12: dec x6\nclose`, 'right', 'crown');
    const part = only(toy);
    const pair = newPair(headOf(modelToy(toy), part), { id: 'eyes', part: part.part.id, copy: null })!;
    toy = setFeature(toy, pair);
    const model = modelToy(toy);
    const [head, marks] = [headOf(model, model.parts[0]), marksOn(model, model.parts[0])];
    const on = { part: part.part.id, copy: null, colour: DARK };
    const of = (f: Embroidery) =>
      evennessOf(stitchings(modelToy(setFeature(toy, f))).find((s) => s.feature.id === f.id)!);
    const brows = newStitching(head, marks, { ...on, id: 'b', name: 'Brows' }, 'brows');
    const even = of(brows);
    expect([even.leftMm, even.mirrorMm! < 2.5]).toEqual([null, true]);
    // One end of the other side two rounds higher: two rounds of about 4 mm more, though nothing is nearer to a side.
    const twin = ownTwin(head, brows, marks).map((e, i) => (i === 0 ? { ...e, down: e.down - 2 } : e));
    expect(of({ ...brows, twin }).mirrorMm!).toBeGreaterThan(5);
    const mouth = newStitching(head, marks, { ...on, id: 'm', name: 'Mouth' }, 'mouth line');
    expect(Math.abs(of(mouth).leftMm!)).toBeLessThan(1.2);
    // Both ends half a stitch to the toy's left: of the stretched round, which is 2 pi r long.
    const moved = { ...mouth, ends: mouth.ends.map((e) => ({ ...e, across: e.across + 0.5 })) };
    const { round } = stitchings(modelToy(setFeature(toy, mouth))).find((s) => s.feature.id === 'm')!.sides[0]
      .places[0];
    const { form } = head;
    const step =
      (2 * Math.PI * Math.max(form.r[round], form.r[round + 1])) / form.fabric.rounds[round].count / 2;
    expect(Math.abs((of(moved).leftMm! - of(mouth).leftMm!) / step - 1)).toBeLessThan(0.2);
  });

  it('on a flat piece a line of three stitches is three stitches long', () => {
    const flag =
      'Flag (3.0 mm hook)\nch 11\nRow 1: sc in 2nd ch from hook, 9 sc, turn (10)\nRows 2-20: ch 1, 10 sc, turn (10)';
    const toy = addParts(newToy('T', newId), flag, newId);
    const { part, fabric, gauge } = only(toy);
    const end = (index: number) => ({
      from: { course: courseOf(fabric, 5), at: 'hole' as const, index, of: 10 },
      across: 0,
      down: 0,
    });
    const on = { id: 'line', name: 'Line', part: part.id, copy: null, colour: DARK };
    const thread = { of: 'yarn', strands: 1, passes: 1 } as const;
    const line = {
      kind: 'embroidery',
      how: 'line',
      twin: 'none',
      satin: null,
      when: 'before filling',
      thread,
      ...on,
    } as const;
    const [{ sides }] = stitchings(modelToy(setFeature(toy, { ...line, ends: [end(3), end(6)] })));
    expect(sides[0].mm).toBeCloseTo(3 * gauge.stitchMm, 6);
  });

  it('is in the plan of every copy with its thread; of eyes that are taken off it tells, keeps what was written, and comes back with them', () => {
    let toy = toyOf(`${BALL}\nR12: dec x6\nclose`, 'right', 'crown');
    const part = only(toy);
    const pair = newPair(headOf(modelToy(toy), part), { id: 'eyes', part: part.part.id, copy: null })!;
    toy = setFeature(toy, pair);
    const model = modelToy(toy);
    const [head, marks] = [headOf(model, model.parts[0]), marksOn(model, model.parts[0])];
    const brows = newStitching(
      head,
      marks,
      { id: 'brows', name: 'Brows', part: part.part.id, copy: null, colour: DARK },
      'brows',
    );
    toy = setFeature(toy, { ...brows, twin: ownTwin(head, brows, marks) });
    const steps = (of: Toy) => planOf(modelToy(of)).steps.filter((s) => s.kind === 'embroider');
    expect(steps(toy)).toHaveLength(2);
    expect(stepWords(steps(toy)[0], modelToy(toy)).detail).toMatch(
      /^2 strands of \d+ cm, yarn; anchor the knot in a stitch/,
    );
    const without = removeFeature(toy, 'eyes');
    expect(stitchings(modelToy(without)).map((s) => s.fault)).toEqual(['no eyes']);
    expect(steps(without)).toEqual([]);
    const { trouble } = planOf(modelToy(without));
    expect(trouble.map((t) => troubleWords(t, modelToy(without)))).toContain(
      'Brows hangs on the eyes, and there are none here.',
    );
    expect(without.features.find((f) => f.id === 'brows')).toEqual(
      toy.features.find((f) => f.id === 'brows'),
    );
    expect(stitchings(modelToy(setFeature(without, pair))).map((s) => s.fault)).toEqual([null]);
  });
});
