import { NOTHING, plusRange, type Ranged } from '../gauge';
import { dappleFile, modelToy, rill, rubyFile } from '../model';
import { addParts, changeSettings, newToy, type Toy } from '../toy';
import { materialsOf, planOf } from './index';

/**
 * The demo toys and five stated ones, recomputed from the house's numbers (numbers.md) with the sums a maker would do
 * on paper: stitches counted in the texts, shares of yarn and minutes written out. Nothing here asks the program's own figures.
 */
let n = 0;
const newId = () => `d${++n}`;
const said = (text: string): Toy =>
  changeSettings(addParts(newToy('T', newId), text, newId), { age: '3 years and over' });

/** Metres of so many single crochets at a stitch of w mm, 6.5 w each; slip stitches are 4 w, chains 3.5, hdc 8.5, dc 11. */
const metres = (w: number, { sc = 0, slst = 0, ch = 0, hdc = 0, dc = 0 }) =>
  ((6.5 * sc + 4 * slst + 3.5 * ch + 8.5 * hdc + 11 * dc) * w) / 1000;
/** A stitch at hooks of 3.0 and 2.5 mm: 1.45 times the hook. */
const [W3, W25] = [4.35, 3.625];
/** Minutes in rounds of ten and more, and in smaller ones. */
const wide = (stitches: number) => stitches / 22;
const small = (stitches: number) => stitches / 14;

function planned(toy: Toy) {
  const model = modelToy(toy);
  const plan = planOf(model);
  const name = (id: string) => model.parts.find((p) => p.part.id === id)?.name ?? '';
  const yarns = materialsOf(model, plan).yarns;
  return {
    model,
    plan,
    yarn: (of: string) => yarns.find((y) => y.name === of)!.metres,
    /** minutes of a kind of step on a part, all its copies */
    minutes: (kind: string, part: string) =>
      plan.steps.reduce((sum, s) => sum + (s.kind === kind && name(s.part) === part ? s.minutes : 0), 0),
    fillG: (part: string) =>
      plan.steps.flatMap((s) => (s.kind === 'stuff' && name(s.part) === part ? [s.fillG] : [])),
    ends: plan.ends.map((e) => [name(e.part), e.what, e.count, e.eachMm].join(' ')),
  };
}

/**
 * Grams by hand: the rounds as a stack of cones whose rings are n w / 2 pi and whose slant is a round of 0.92 w, as the
 * craft lays them; blown up by the filling as the house's ball of 36 is (90 cm3 empty, 105 soft, 118 medium, 131 firm:
 * geometry.md, section 5; medium lies between); less half the fabric's 0.6 w of wall.
 */
function gramsByHand(counts: readonly number[], closed: boolean, firm: 'soft' | 'medium' | 'firm', w = W3) {
  const h = 0.92 * w;
  const rings = [0, ...counts.map((c) => (c * w) / (2 * Math.PI)), ...(closed ? [0] : [])];
  let [volume, area] = [0, 0];
  for (let i = 1; i < rings.length; i++) {
    const [a, b] = [rings[i - 1], rings[i]];
    const rise = Math.sqrt(Math.max(0, h * h - (b - a) ** 2));
    volume += (Math.PI / 3) * rise * (a * a + a * b + b * b);
    area += Math.PI * (a + b) * h;
  }
  const blown = volume * { soft: 105 / 90, medium: 118 / 90, firm: 131 / 90 }[firm];
  return ((blown - (area * 0.6 * w) / 2) / 1000) * { soft: 0.022, medium: 0.035, firm: 0.05 }[firm];
}

const sum = (all: readonly Ranged[]) => all.reduce(plusRange, NOTHING);
const upTo = (...runs: readonly (readonly [count: number, rounds: number])[]) =>
  runs.flatMap(([count, rounds]) => Array.from({ length: rounds }, () => count));

describe('Rill, by hand', () => {
  const { plan, yarn, minutes, fillG, ends, model } = planned(rill(newId));
  it('yarn: stitches of each part, a decrease as 1.4 of one, and the ends', () => {
    // Head 624 with 42 decreases, body 906 with 24, arms 126 with 3, legs 120 with 6, ears 24, tail 208.
    const rust = 624 + 0.4 * 42 + 906 + 0.4 * 24 + 2 * (126 + 0.4 * 3) + 2 * (120 + 0.4 * 6) + 2 * 24 + 208;
    const rustEnds = 9 * 0.15 + 2 * 0.3 + 0.2 + 0.55 + 2 * 0.35 + 2 * 0.4 + 0.4;
    expect(yarn('rust').value).toBeCloseTo(metres(W3, { sc: rust }) + rustEnds, 6);
    expect(yarn('cream').value).toBeCloseTo(metres(W3, { sc: 108 }) + 0.15 + 0.55, 6);
  });

  it('ends: as long as the text leaves them, the head’s as long as closing takes (1.6 x 6 x 4.35 + 150 = 191.8)', () => {
    const own = (part: string, last: number) => [`${part} start 1 150`, `${part} last 1 ${last}`];
    expect(ends.filter((e) => !e.includes('thread'))).toEqual([
      ...own('Snout', 550),
      ...own('Ear', 300),
      ...own('Ear', 300),
      ...own('Head', 200),
      ...own('Body', 550),
      ...own('Arm', 350),
      ...own('Arm', 350),
      ...own('Leg', 400),
      ...own('Leg', 400),
      ...own('Tail', 400),
    ]);
    // Each seam needs 3 x its edge x 4.35 + 200, and never more than the text leaves.
    for (const [part, edge] of [
      ['Snout', 24],
      ['Body', 24],
      ['Arm', 9],
      ['Leg', 12],
      ['Tail', 15],
    ] as const) {
      const end = plan.ends.find(
        (e) => e.what === 'last' && model.parts.find((p) => p.part.id === e.part)!.name === part,
      )!;
      expect(end.needMm.value).toBeCloseTo(3 * edge * W3 + 200, 6);
    }
  });

  it.each<[string, number]>([
    ['Snout', small(6) + wide(12 + 18 + 3 * 24)],
    ['Ear', 2 * small(6 + 9 + 9)],
    ['Head', 2 * small(6) + wide(624 - 12)],
    ['Body', small(6) + wide(900)],
    ['Arm', 2 * (small(6 + 8 * 9) + wide(4 * 12))],
    ['Leg', 2 * (small(6) + wide(114))],
    ['Tail', small(5 + 5 + 6 + 6 + 6 + 4 * 8) + wide(148)],
  ])('time of the rounds of %s', (part, wanted) => expect(minutes('rounds', part)).toBeCloseTo(wanted, 6));

  it('time of everything else: ten rings, eyes, needlework, nine goes, a closing, nine seams, 24 ends', () => {
    const rest = plan.steps.filter((s) => s.kind !== 'rounds' && s.kind !== 'stuff');
    const seams = [24, 24, 5, 5, 9, 9, 12, 12, 15].map((stitches) => 0.25 * stitches + 2);
    const wanted = 10 * 0.5 + 3 + 2 + 2 * 4 + 2 + seams.reduce((a, b) => a + b, 0) + 24;
    expect(rest.reduce((a, s) => a + s.minutes, 0)).toBeCloseTo(wanted, 6);
    const goes = plan.steps.filter((s) => s.kind === 'stuff');
    expect(goes.reduce((a, s) => a + s.minutes, 0)).toBeCloseTo(9 + plan.totals.fillG.value / 10, 1);
  });

  /** Filled firmly a head is as round as its widest round: a ball of 48 stitches round. */
  const ballByHand = (round: number) => {
    const r = (round * W3) / (2 * Math.PI);
    return (((4 / 3) * Math.PI * r ** 3 - (4 * Math.PI * r ** 2 * 0.6 * W3) / 2) / 1000) * 0.05;
  };

  it.each<[string, number]>([
    ['Head', ballByHand(48)],
    [
      'Body',
      gramsByHand(
        [6, 12, 18, 24, 30, 36, 42, ...upTo([48, 6], [42, 4], [36, 4], [30, 3], [24, 2])],
        false,
        'medium',
      ),
    ],
  ])('filling of %s lies in its range, and within a fifth of what a hand works out', (part, byHand) => {
    const grams = sum(fillG(part));
    expect(byHand).toBeGreaterThan(grams.low);
    expect(byHand).toBeLessThan(grams.high);
    expect(Math.abs(grams.value / byHand - 1)).toBeLessThan(0.2);
  });
});

describe('Dapple, by hand', () => {
  const { yarn, minutes, fillG, ends, plan } = planned(dappleFile(newId).toy);
  it('yarn: stalks at a hook of 2.5, the rest at 3.0; the foot’s chain and its frill of slip stitches and doubles', () => {
    const sage =
      metres(W25, { sc: 2 * 20 }) +
      // Neck 180 with 6 decreases, tail 54, foot 100 on a chain of 8, frill 14 slip stitches and 42 tall ones.
      metres(W3, { sc: 180 + 0.4 * 6 + 54 + 100, ch: 8, slst: 14, dc: 42 });
    const sageEnds = 2 * 0.3 + 0.3 + 0.3 + 0.3;
    expect(yarn('sage').value).toBeCloseTo(sage + sageEnds, 6);
    // Two ends of 10 cm of the change are one of each colour.
    expect(yarn('berry').value).toBeCloseTo(metres(W3, { sc: 256 - 28 }) + 0.15 + 0.2 + 0.1, 6);
    expect(yarn('cream').value).toBeCloseTo(metres(W3, { sc: 28 }) + 0.1, 6);
  });

  it('time: rounds, the frill by its movements, eyes with the needle, clamps of what is caught', () => {
    expect(minutes('rounds', 'Stalk')).toBeCloseTo(2 * small(20), 6);
    expect(minutes('rounds', 'Neck')).toBeCloseTo(small(6) + wide(174), 6);
    expect(minutes('rounds', 'Tail')).toBeCloseTo(small(54), 6);
    expect(minutes('rounds', 'Foot')).toBeCloseTo(wide(100 + 0.4 * 8), 6);
    expect(minutes('layer', 'Foot')).toBeCloseTo(wide(14 * 0.6 + 42 * 1.5), 6);
    expect(minutes('rounds', 'Shell')).toBeCloseTo(small(6) + wide(250), 6);
    expect(minutes('eyes', 'Neck')).toBe(8);
    expect(minutes('colour', 'Shell')).toBe(0.5);
    // The stalks' and the tail's ends, the neck's, the foot's: woven in before a round goes through them.
    expect(minutes('ready', 'Neck') + minutes('ready', 'Shell')).toBe(6 + 9);
    expect(plan.steps.find((s) => s.kind === 'ends')!.minutes).toBe(4);
  });

  it('ends and filling', () => {
    expect(ends).toEqual(
      expect.arrayContaining([
        'Stalk last 1 150',
        'Neck last 1 150',
        'Shell last 1 200',
        'Shell colour 2 100',
      ]),
    );
    const shell = sum(fillG('Shell'));
    const byHand = gramsByHand([6, 12, 18, 24, ...upTo([28, 7])], false, 'medium');
    expect(byHand).toBeGreaterThan(shell.low);
    expect(byHand).toBeLessThan(shell.high);
    expect(Math.abs(shell.value / byHand - 1)).toBeLessThan(0.25);
    expect(fillG('Tail')).toEqual([]);
    expect(fillG('Foot')).toEqual([]);
  });
});

describe('Ruby, by hand', () => {
  const { yarn, minutes, fillG, plan } = planned(rubyFile(newId).toy);
  it('yarn: leaves in rows on a chain, the loop of chain, joined rounds with their slip stitches and chains', () => {
    // A leaf: 9 chains, 2 sc 4 hdc 2 dc; 1 chain, 2 slip stitches, 4 sc, 2 hdc.
    const leaf = metres(W25, { ch: 9 + 1, sc: 2 + 4, hdc: 4 + 2, dc: 2, slst: 2 });
    expect(yarn('green').value).toBeCloseTo(3 * (leaf + 0.3) + metres(W25, { ch: 30 }) + 0.3, 6);
    // White: R1 to R4, 4 + 4 + 6 + 6; the root: 12 chains, 11 slip stitches back and one in the same stitch.
    const white = metres(W25, { sc: 4 + 4 + 6 + 6, ch: 3 + 12, slst: 4 + 12 });
    expect(yarn('white').value).toBeCloseTo(white + 0.15 + 0.1, 6);
    // Ruby: 12 + 18 + 24 + 4 x 24 + 18 + 12 + 12 + 6, decreases 6 + 6 + 6; eleven rounds joined, each with its chain.
    const ruby = metres(W25, { sc: 198 + 0.4 * 18, ch: 11, slst: 11 });
    expect(yarn('ruby').value).toBeCloseTo(ruby + 0.2 + 0.1, 6);
  });

  it('time: rows and the loop by their movements, in rows of eight at the slower pace', () => {
    expect(minutes('rounds', 'Leaf')).toBeCloseTo(3 * small(10 * 0.4 + 6 + 6 * 1.2 + 2 * 1.5 + 2 * 0.6), 6);
    expect(minutes('rounds', 'Loop')).toBeCloseTo(wide(30 * 0.4), 6);
    const chained = (sc: number) => sc + 0.4 + 0.6;
    const root = 12 * 0.4 + 12 * 0.6;
    const radish =
      small(4 + 0.6 + chained(4) + root + chained(6) + chained(6) + chained(6)) +
      wide([12, 18, 24, 24, 24, 24, 24, 18, 12, 12].reduce((a, b) => a + chained(b), 0));
    expect(minutes('rounds', 'Radish')).toBeCloseTo(radish, 6);
    expect(plan.totals.pauses).toBe(3);
  });

  it('filling lies in its range', () => {
    const grams = sum(fillG('Radish'));
    const byHand = gramsByHand([4, 4, 6, 6, 12, 18, ...upTo([24, 5]), 18, 12, 12, 6], true, 'firm', W25);
    expect(byHand).toBeGreaterThan(grams.low);
    expect(byHand).toBeLessThan(grams.high);
  });
});

describe('five stated toys, by hand', () => {
  const START = 'R1: 6 sc in ring\nR2: inc x6\n';
  it.each<{ name: string; text: string; minutes: number; lastMm: number; sc: number; grams: number | null }>([
    {
      name: 'a ball, filled softly',
      // A ball of 24 stitches: two ends, a ring, a closing.
      text: `Ball (rust, 3.0 mm hook)\n${START}R3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-8: sc around\nR9: (2 sc, dec) x6\nR10: (sc, dec) x6\nR11: dec x6\nstuff softly\nclose`,
      minutes: small(6 + 6) + wide(12 + 18 + 24 + 4 * 24 + 18 + 12) + 0.5 + 2 + 2,
      // 1.6 x 6 x 4.35 + 150 = 191.8.
      lastMm: 200,
      sc: 6 + 12 + 18 + 24 + 4 * 24 + 18 + 12 + 6 + 0.4 * 18,
      grams: gramsByHand([6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6], true, 'soft'),
    },
    {
      name: 'a tube, filled and left open',
      text: `Tube (rust, 3.0 mm hook)\n${START}R3-22: sc around\nstuff\nfasten off`,
      minutes: small(6) + wide(12 + 20 * 12) + 0.5 + 2,
      lastMm: 150,
      sc: 18 + 240,
      grams: gramsByHand([6, ...upTo([12, 21])], false, 'medium'),
    },
    {
      name: 'a cone that stays empty, with a long end',
      text: `Cone (rust, 3.0 mm hook)\nR1: 5 sc in ring\nR2: sc around\nR3: inc x5\nR4-5: sc around\nR6: (sc, inc) x5\nR7-8: sc around\ndo not stuff\nfasten off, leave 30 cm`,
      minutes: small(5 + 5) + wide(3 * 10 + 3 * 15) + 0.5 + 2,
      lastMm: 300,
      sc: 5 + 5 + 30 + 45,
      grams: null,
    },
    {
      name: 'two ears',
      // Two copies: everything twice but the inspection.
      text: `Ear (2x, rust, 3.0 mm hook)\n${START}R3-6: sc around\ndo not stuff\nfasten off`,
      minutes: 2 * (small(6) + wide(12 * 5) + 0.5 + 2),
      lastMm: 150,
      sc: 2 * (6 + 60),
      grams: null,
    },
    {
      name: 'joined rounds',
      // Joined rounds: a slip stitch each and a chain from the second on, 0.6 and 0.4 of a single crochet of time.
      text: `Cup (rust, 3.0 mm hook)\nR1: 6 sc in ring, sl st to join\nR2: ch 1, inc x6, sl st to join\nR3-6: ch 1, sc around, sl st to join\ndo not stuff\nfasten off`,
      minutes: small(6 + 0.6) + wide(5 * (12 + 1)) + 0.5 + 2,
      lastMm: 150,
      // In yarn a chain is 3.5 and a slip stitch 4 of 6.5.
      sc: 6 + 60 + (6 * 4 + 5 * 3.5) / 6.5,
      grams: null,
    },
  ])('$name', ({ text, minutes, lastMm, sc, grams }) => {
    const { plan, yarn, ends, fillG, model } = planned(said(text));
    const copies = model.parts[0].copies.length;
    const goes = plan.steps.filter((s) => s.kind === 'stuff');
    const filled = sum(fillG(model.parts[0].name));
    // Filling takes a minute a go and one for ten grams.
    expect(plan.totals.minutes).toBeCloseTo(minutes + goes.length + filled.value / 10, 6);
    expect(ends.filter((e) => e.includes(' last '))).toEqual(
      Array.from({ length: copies }, () => `${model.parts[0].name} last 1 ${lastMm}`),
    );
    const worked = metres(W3, { sc });
    const cut = copies * (0.15 + lastMm / 1000);
    expect(yarn('rust').value).toBeCloseTo(worked + cut, 6);
    // The yarn of a stitch is known to 15 percent, the gauge to 12: together 19.2.
    const off = Math.hypot(0.15, 0.12);
    expect(yarn('rust').low).toBeCloseTo(worked * (1 - off) + cut, 6);
    expect(yarn('rust').high).toBeCloseTo(worked * (1 + off) + cut, 6);
    if (grams === null) expect(goes).toEqual([]);
    else {
      expect(grams).toBeGreaterThan(filled.low);
      expect(grams).toBeLessThan(filled.high);
    }
  });
});
