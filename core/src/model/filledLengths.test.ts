import { courseOf } from '../address';
import { relaxes, type Firmness } from '../form';
import { plainRings } from '../form/cases/plainRings';
import { addParts, changePart, newToy, type Toy, type ZoneFill } from '../toy';
import { bothFillings, fillBetween, fillingOf, looksInput, modelToy, relaxedLooks } from './index';

let n = 0;
const newId = () => `l${++n}`;
const SHELL =
  'Shell (3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6: (4 sc, inc) x6\nR7: BLO sc around\nR8-11: sc around\nR12: (4 sc, dec) x6\nR13: (3 sc, dec) x6\nR14: (2 sc, dec) x6\nR15: (sc, dec) x6\nR16: dec x6';
const ARM = 'Arm (3.0 mm hook, ring = tip)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4-20: sc around';
const page = (text: string) => addParts(newToy('T', newId), text, newId);
const first = (toy: Toy) => modelToy(toy).parts[0];
const zoned = (toy: Toy, ...zones: readonly (readonly [from: number, to: number, fill: ZoneFill])[]): Toy => {
  const { part, fabric } = first(toy);
  return changePart(toy, part.id, {
    zones: zones.map(([from, to, fill]) => ({
      from: courseOf(fabric, from),
      to: courseOf(fabric, to),
      fill,
    })),
  });
};

describe('a part that is filled in lengths has the shape of it', () => {
  const full = page(`${SHELL}\nstuff firmly\nclose`);
  const flat = zoned(full, [0, 5, 'empty']);

  it('the side of a ridge that is not filled lies flat, the other is as round as before', () => {
    const [a, b] = [first(full).form, first(flat).form];
    const rise = (f: typeof a, to: number) => f.z[to] - f.z[0];
    expect(rise(a, 6)).toBeGreaterThan(10);
    expect(Math.abs(rise(b, 6))).toBeLessThan(1);
    expect(b.z[16] - b.z[7]).toBeCloseTo(a.z[16] - a.z[7], 0);
    expect(b.heightMm).toBeLessThan(a.heightMm - 9);
    expect(b.widthMm).toBeCloseTo(a.widthMm, 0);
  });

  it('from the text as well, and as soon as it is said otherwise it is as it was', () => {
    const said = first(page(`${SHELL}\nstuff firmly\ndo not stuff R1-6\nclose`)).form;
    expect(Array.from(said.z)).toEqual(Array.from(first(flat).form.z));
    const { part } = first(flat);
    const back = first(changePart(flat, part.id, { zones: [] })).form;
    expect(Array.from(back.z)).toEqual(Array.from(first(full).form.z));
    expect(back.fills).toBeNull();
  });

  it('an empty half of a limb keeps the gauge’s width: 18 x 4.35 / pi = 24.9 mm', () => {
    const arm = first(zoned(page(`${ARM}\nstuff firmly\nfasten off`), [10, 19, 'empty'])).form;
    expect(2 * arm.r[20]).toBeCloseTo((18 * 4.35) / Math.PI, 1);
    expect(2 * arm.r[8]).toBeGreaterThan(26);
    // Posts give under filling alone: an empty round is 0.92 x 4.35 = 4.0 mm.
    expect(arm.z[18] - arm.z[17]).toBeCloseTo(0.92 * 4.35, 1);
    expect(arm.z[8] - arm.z[7]).toBeGreaterThan(4.2);
  });

  const firmness = { empty: 0, soft: 0.01, medium: 0.03, firm: 0.06 } satisfies Record<Firmness, number>;
  it.each<[string, string, readonly (readonly [number, number, ZoneFill])[]]>([
    ['a flat base', SHELL, [[0, 5, 'empty']]],
    ['soft below, firm above', SHELL, [[0, 7, 'soft']]],
    ['an empty middle', SHELL, [[6, 9, 'empty']]],
    ['half a limb', ARM, [[10, 19, 'empty']]],
    ['yarn ends in the tip: they press as medium filling', ARM, [[0, 4, 'yarn ends']]],
  ])('%s: a second, plain solver finds the same rings', (_, text, zones) => {
    const closed = text === SHELL;
    const { form, gauge } = first(
      zoned(page(`${text}\nstuff firmly\n${closed ? 'close' : 'fasten off'}`), ...zones),
    );
    const fillAt = (i: number) => {
      const said = zones.find(([from, to]) => from <= i && i <= to)?.[2] ?? 'firm';
      return said === 'yarn ends' ? 'medium' : said;
    };
    const counts = form.fabric.rounds.map((r) => r.count);
    const plain = plainRings({
      counts,
      heightsMm: counts.map(() => gauge.roundMm),
      stitchMm: gauge.stitchMm,
      roundMm: gauge.roundMm,
      startRadiusMm: 0,
      closed,
      stretch: counts.map((_c, i) => firmness[fillAt(i)]),
      postGive: gauge.postGive,
    });
    const tall = (z: Float64Array) => Math.max(...z) - Math.min(...z);
    // Small steps downhill end a little early where a softly filled start is nearly flat.
    expect(Math.abs(tall(form.z) / tall(plain.z) - 1)).toBeLessThan(0.02);
    form.r.forEach((r, i) => expect(Math.abs(r - plain.r[i])).toBeLessThan(0.01 * form.widthMm));
  });

  it('only what is filled takes grams, and its looks are those of its rings', () => {
    const model = modelToy(flat);
    const [part] = model.parts;
    expect(bothFillings(fillBetween(model, part, 0, 5)).value).toBe(0);
    expect(bothFillings(fillingOf(model, part)).value).toBeGreaterThan(1);
    expect(relaxes(part.form)).toBe(false);
    // What the worker is asked with gives the same part: its points lie between the same heights.
    const { middles } = relaxedLooks(looksInput(flat, part));
    const z = middles.filter((_, k) => k % 3 === 2);
    expect(Math.max(...z) - Math.min(...z)).toBeLessThan(part.form.heightMm + 4.35);
    expect(Math.max(...z) - Math.min(...z)).toBeGreaterThan(part.form.heightMm - 2 * 4.35);
  });
});
