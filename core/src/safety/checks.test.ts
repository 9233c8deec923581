import { hardwareOf } from '../feature';
import { addParts, changeSettings, newToy, setFeature, type AgeGroup, type Toy } from '../toy';
import { modelToy, rill } from '../model';
import { BANDS } from '../toy';
import { checkToy, profileOf, REGIONS } from './index';

let n = 0;
const newId = () => `i${++n}`;
const base = rill(newId);
const points = (toy: Toy, age: AgeGroup) => checkToy(modelToy(changeSettings(toy, { age })));
/** Of the points that are about one thing of the toy; what is asked and what is looked at on the whole is told elsewhere. */
const weights = (toy: Toy, age: AgeGroup) =>
  points(toy, age)
    .filter((p) => p.check === 'look' || p.check === 'age' || p.check < 4)
    .map((p) => `${p.check}:${p.weight}`);

describe('safety', () => {
  it('stops plastic eyes under 36 months, and unknown counts as under 18', () => {
    for (const age of ['under 18 months', '18 to 36 months', 'unknown'] as const)
      expect(points(base, age)[0]).toMatchObject({ check: 1, weight: 'stop' });
    // The otter's ears, arms, legs and tail can lie in the cylinder: told, and open for a small child.
    const small = ['3:advice', '3:advice', '3:advice', '3:advice'];
    expect(weights(base, '3 years and over')).toEqual(['look:open', '1:open', '2:open', ...small]);
    expect(weights(base, 'display only')).toEqual(['look:open', '1:open', '2:open', ...small]);
    expect(weights(base, 'accessory')).toEqual(['look:open', '1:open', '2:open', ...small]);
  });

  it('embroidered eyes leave what hangs by its seam', () => {
    const eyes = base.features.find((f) => f.kind === 'eyes')!;
    const mended = setFeature(base, { ...eyes, making: 'embroidered' } as typeof eyes);
    expect(weights(mended, '18 to 36 months')).toEqual(['3:open', '3:open', '3:open', '3:open']);
    // Ear 12 x 8 mm is inside 31.7 x 57.1; the snout, 34 mm across, at the small end 30 mm, is 13 mm tall.
    expect(
      points(mended, '18 to 36 months')
        .filter((p) => p.check === 3)
        .map((p) => p.title.split(',')[0]),
    ).toEqual(['Snout', 'Ear × 2', 'Arm × 2', 'Leg × 2']);
  });

  it('tells what is on the toy in the maker’s units; a figure that is given in mm is said in mm too', () => {
    const cords = `${'Cord\nch 60'}\n\nBody\nR1: 6 sc in ring\nR2: inc x6\nR3-5: 2 tr, ch 4, sk 2, 8 sc`;
    const eyes = base.features.find((f) => f.kind === 'eyes')!;
    const more = { loose: [{ name: 'iris', mm: 7 }], felt: { mm: 13, colour: '#f1eee6' } };
    const toys = [
      addParts(newToy('T', newId), cords, newId),
      base,
      setFeature(base, { ...eyes, ...more } as typeof eyes),
    ];
    const made = (units: 'mm' | 'inch') =>
      toys.flatMap((toy) =>
        points(changeSettings(toy, { units }), '18 to 36 months').flatMap((p) => [p.title, p.reason, p.mend]),
      );
    const [mm, inch] = [made('mm'), made('inch')];
    expect(mm.length).toBe(inch.length);
    // Every length that is said in mm alone is said in inches, to a hundredth, but for hooks.
    const lengths = (words: string) =>
      [...words.matchAll(/(?<!hook of at most )\b([\d.]+) mm/g)].map((m) => Number(m[1]));
    const inches = (words: string) => [...words.matchAll(/([\d.]+) in\b/g)].map((m) => Number(m[1]));
    expect(mm.flatMap(lengths).length).toBeGreaterThan(12);
    for (const words of [...mm, ...inch].filter((w) => w.includes('cylinder (')))
      expect(words).toContain('31.7 mm');
    mm.forEach((words, i) => {
      // What is bought has its size in mm.
      if (/plastic|loose piece|felt|washer/i.test(words) && !words.includes('cylinder')) return;
      const told = lengths(words);
      if (told.length === 0) return;
      const read = inches(inch[i]);
      expect(read).toHaveLength(told.length);
      told.forEach((value, k) => expect(Math.abs(read[k] * 25.4 - value)).toBeLessThan(0.65));
      expect(inch[i].replace(/\([\d.]+ mm\b/g, '')).not.toMatch(/(?<!hook of at most [\d.]*)\b\d[\d.]* mm/);
    });
  });

  it('looks at a nose and at each loose piece as parts of their own, on embroidered eyes too', () => {
    const eyes = base.features.find((f) => f.kind === 'eyes')!;
    const { part, copy, pair } = eyes as Extract<typeof eyes, { kind: 'eyes' }>;
    const iris = setFeature(base, { ...eyes, loose: [{ name: 'iris', mm: 7 }] } as typeof eyes);
    const ofEyes = (toy: Toy, age: AgeGroup) =>
      points(toy, age)
        .filter((p) => p.feature !== undefined)
        .map((p) => `${p.check}:${p.weight}`);
    expect(ofEyes(iris, '3 years and over')).toEqual(['1:open', '2:open', '3:open']);
    expect(ofEyes(iris, 'under 18 months')).toEqual(['1:stop', '3:stop', '2:open']);
    const thread = setFeature(iris, {
      ...eyes,
      making: 'embroidered',
      loose: [{ name: 'iris', mm: 7 }],
      felt: { mm: 13, colour: '#f1eee6' },
    } as typeof eyes);
    expect(ofEyes(thread, 'under 18 months')).toEqual(['3:stop', '3:open']);
    const nosed = setFeature(base, {
      kind: 'nose',
      id: 'n',
      part,
      copy,
      place: { course: pair.course, at: 'hole', index: 20, of: 48 },
      making: 'safety nose',
      widthMm: 12,
      heightMm: 9,
      postMm: 4.5,
      washerMm: 14,
      loose: [],
      colour: '#33231d',
      felt: null,
      backing: 'as needed',
    });
    expect(
      points(nosed, 'under 18 months')
        .filter((p) => p.check === 1)
        .map((p) => p.title),
    ).toEqual([expect.stringMatching(/Plastic eyes/), expect.stringMatching(/plastic nose of 12 mm/)]);
  });

  it('says of eyes of 40 mm that they are wider than the cylinder, of 9 mm that they fit', () => {
    const eyes = base.features.find((f) => f.kind === 'eyes')!;
    const of = (eyeMm: number) =>
      points(setFeature(base, { ...eyes, ...hardwareOf(eyeMm) } as typeof eyes), 'under 18 months').find(
        (p) => p.check === 1,
      )!.reason;
    expect(of(9)).toMatch(/fits entirely/);
    expect(of(40)).toMatch(/is wider than/);
  });

  it('gives every profile a source and a year, and never says that a toy is safe', () => {
    const of = (region: (typeof REGIONS)[number]) => profileOf(changeSettings(base, { region }));
    for (const p of REGIONS.map(of)) expect(p.source.length * p.year).toBeGreaterThan(0);
    // Own rules are the stricter of both, band by band.
    const own = of('own').limits;
    expect(BANDS.map((b) => [own[b].cordMm, own[b].loopMm, own[b].pullLargeN, own[b].torqueNm])).toEqual([
      [220, 360, 90, 0.34],
      [null, null, 90, 0.34],
      [null, null, 90, 0.45],
    ]);
    expect(own['3 years and over'].pullSmallN).toBe(66.7);
    const words = JSON.stringify(
      (['unknown', '3 years and over', 'accessory', 'display only'] as const).map((age) => points(base, age)),
    );
    expect(words).not.toMatch(/is safe|complies|holds/i);
  });
});

describe('cords, in stitches of 4.35 mm (hook 3 mm said, 12 % either way)', () => {
  const of = (rounds: string, age: AgeGroup = 'under 18 months') =>
    points(addParts(newToy('Cord', newId), `Tail (3.0 mm hook)\n${rounds}`, newId), age)
      .filter((p) => p.check === 6)
      .map((p) => [p.weight, p.title]);
  const R = 'R1: 6 sc in ring\nR2: inc x6\nR3-4: sc around\n';
  it.each<[what: string, rounds: string, found: [string, string][]]>([
    [
      'six strands of 79 stitches',
      `${R}R5: (ch 80, sl st in 2nd ch from hook and each ch, sl st in next 2) x6`,
      [['stop', 'Tail: 6 cords of 344 mm, up to 385 mm']],
    ],
    [
      'the same on a layer',
      `${R}R5: BLO: sc around\nin the free front loops of R4: (ch 80, sl st in 2nd ch from hook and each ch, sl st in next 2) x6`,
      [['stop', 'Tail: 6 cords of 344 mm, up to 385 mm']],
    ],
    [
      'a chain of 60 at the end of a round',
      `${R}R5: 12 sc, ch 60`,
      [['stop', 'Tail: a cord of 261 mm, up to 292 mm']],
    ],
    [
      'neighbouring chains',
      `${R}R5: 12 sc, ch 40, ch 20`,
      [['stop', 'Tail: a cord of 261 mm, up to 292 mm']],
    ],
    ['repeated chains', `${R}R5: 12 sc, (ch 10) x6`, [['stop', 'Tail: a cord of 261 mm, up to 292 mm']]],
    [
      'a short chain: twice 97 mm is still below 220',
      `${R}R5: 12 sc, ch 20`,
      [['advice', 'Tail: a cord of 87 mm, up to 97 mm']],
    ],
    [
      'a longer one: how far it stretches is not known',
      `${R}R5: 12 sc, ch 27`,
      [['open', 'Tail: a cord of 117 mm, up to 132 mm']],
    ],
    [
      'a cord of one row, without "turn"',
      'Row 1: ch 100, sc in 2nd ch from hook and in each ch (99)',
      [['stop', 'Tail: a cord of 431 mm, up to 482 mm']],
    ],
    ['a bare chain', 'R1: ch 100', [['stop', 'Tail: a cord of 435 mm, up to 487 mm']]],
    [
      'a thin tube of 6',
      `R1: 6 sc in ring\nR2-60: sc around`,
      [['stop', expect.stringMatching(/^Tail: a cord of 2\d\d mm/) as unknown as string]],
    ],
    [
      'a ring of chain, by its perimeter',
      'R1: ch 88, join (88)',
      [['stop', 'Tail: 1 loop of 383 mm round, up to 429 mm']],
    ],
    ['no cord at all', `${R}R5: sc around`, []],
    ['an ear as long as it is wide is none', 'R1: 6 sc in ring\nR2-3: sc around', []],
  ])('%s', (_, rounds, found) => expect(of(rounds)).toEqual(found));

  it('of rounds that do not add up no length is told, and whether it is a small part is open', () => {
    const page =
      'Head (3 mm hook)\nR1: 6 sc in ring\nR2: inc x6\n\nCord\nRow 1: (ch 80, sl st in 2nd ch from hook and each ch) x6';
    const cord = points(addParts(newToy('Cord', newId), page, newId), 'under 18 months').filter((p) =>
      p.title.startsWith('Cord'),
    );
    expect(cord.map((p) => [p.check, p.weight, p.title])).toEqual(
      expect.arrayContaining([
        [3, 'open', 'Cord: not known whether it is a small part'],
        [6, 'stop', 'Cord: 6 cords of 344 mm, up to 385 mm'],
      ]),
    );
    expect(cord.filter((p) => p.check === 6)).toHaveLength(1);
  });

  it('a long cord is told also where its count is not the one that is stated', () => {
    expect(of('Row 1: ch 100, sc in 2nd ch from hook and in each ch (98)')).toEqual([
      ['stop', 'Tail: a cord of 431 mm, up to 482 mm'],
    ]);
  });

  it('a toy of one piece is looked at as it is: in the cylinder, perhaps in it, of a size that nobody knows', () => {
    const alone = (rounds: string, age: AgeGroup) =>
      points(addParts(newToy('Bit', newId), `Bit (3.0 mm hook)\n${rounds}`, newId), age)
        .filter((p) => p.check === 3)
        .map((p) => [p.weight, p.title.replace(/^Bit.*: /, '')]);
    const own = 'the toy itself is a small part';
    // 12 x 4.35 / pi = 17 mm across: in the cylinder whatever is measured.
    expect(alone('R1: 6 sc in ring\nR2: inc x6\nR3: sc around', '18 to 36 months')).toEqual([['stop', own]]);
    // 24 x 4.35 / pi = 33 mm, 29 at the small end: perhaps.
    expect(alone(`${R.replace('R3-4: sc around', 'R3: inc x12')}R4-7: sc around`, 'under 18 months')).toEqual(
      [['open', own]],
    );
    expect(alone('R1: 6 sc in ring\nR2: inc x6 (13)', 'under 18 months')).toEqual([
      ['open', 'not known whether it is a small part'],
    ]);
    expect(alone('R1: 6 sc in ring\nR2: inc x6\nR3: sc around', '3 years and over')).toEqual([
      ['advice', own],
    ]);
  });

  it('from 18 to 36 months it stays open, for older children a long one is told', () => {
    expect(of(`${R}R5: 12 sc, ch 60`, '18 to 36 months')).toEqual([
      ['open', 'Tail: a cord of 261 mm, up to 292 mm'],
    ]);
    expect(of(`${R}R5: 12 sc, ch 60`, '3 years and over')).toEqual([
      ['advice', 'Tail: a cord of 261 mm, up to 292 mm'],
    ]);
    expect(of(`${R}R5: 12 sc, ch 20`, '3 years and over')).toEqual([]);
  });
});

describe('what a text names', () => {
  const checksOf = (line: string) =>
    points(
      addParts(
        newToy('T', newId),
        `Body (3 mm hook)\nR1: 6 sc in ring\nR2: inc x6\n${line}\nR3: 12 sc`,
        newId,
      ),
      'under 18 months',
    )
      .filter((p) => p.title.includes('names'))
      .map((p) => p.check);
  it.each<[line: string, checks: number[]]>([
    ['Attach a D-ring', [11]],
    ['Attach a key ring to the top', [11]],
    ['insert floral wire in the tail', [7]],
    ['Do not use wire here', [7]],
    ['hot glue the felt', [8]],
    ['Sew a jingle bell inside', [11]],
    ['Hide the magnets in the paws', [11]],
    ['ring of stitches: mark the first', []],
    ['Start with a magic ring', []],
    ['mark the beginning of the round', []],
  ])('“%s”: checks %j', (line, checks) => expect(checksOf(line)).toEqual(checks));
});
