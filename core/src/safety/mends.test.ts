import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import fc from 'fast-check';
import { hardwareOf } from '../feature';
import { dappleFile, modelToy, rill, rubyFile } from '../model';
import { soundToy, wilfulToy } from '../plan/cases/soundToys';
import {
  addParts,
  answerPoint,
  changePart,
  changeSafety,
  changeSettings,
  newToy,
  sayYarn,
  secureStart,
  setFeature,
  USUAL_END,
  type AgeGroup,
  type Toy,
} from '../toy';
import { checkToy, mended, shieldOf, type ToldPoint } from './index';

let n = 0;
const newId = () => `m${++n}`;
const forAge = (toy: Toy, age: AgeGroup): Toy => changeSettings(toy, { age });
const baby = (toy: Toy): Toy => forAge(toy, 'under 18 months');
const page = (text: string): Toy => baby(addParts(newToy('T', newId), text, newId));
const pointsOf = (toy: Toy): ToldPoint[] => checkToy(modelToy(toy));
const idsOf = (toy: Toy) => pointsOf(toy).map((p) => p.id);
const find = (toy: Toy, id: RegExp): ToldPoint | undefined => pointsOf(toy).find((p) => id.test(p.id));

const ball = (hook = '3.0', dec = 'dec') => `Ball (rust, ${hook} mm hook)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4-6: sc around (18)
R7: (sc, ${dec}) x6 (12)
stuff
R8: ${dec} x6 (6)
close`;
const BALL = page(ball());
const otter = baby(rill(newId));
const eyes = otter.features.find((f) => f.kind === 'eyes')!;
const ruby = baby(rubyFile(newId).toy);
const hanger = ruby.features.find((f) => f.kind === 'hanger')!;
const strands = (cutMm: number): Toy => {
  const { part, fabric } = modelToy(BALL).parts[0];
  const place = {
    part: part.id,
    copy: part.copies[0].id,
    course: { mark: fabric.rounds[2].mark, nth: 0, layer: 0 },
    at: 'hole' as const,
    index: 3,
    of: 18,
  };
  return setFeature(BALL, {
    kind: 'strands',
    id: 'hair',
    part: part.id,
    copy: null,
    name: 'Hair',
    place,
    rounds: 1,
    halfDeg: 60,
    everyStitch: 1,
    everyRound: 1,
    together: 1,
    cutMm,
    fix: 'looped in',
    before: 'nothing',
    colour: '#9a5a3c',
  });
};
const cored = (is: 'wire' | 'wood' | 'felt'): Toy => {
  const { part, fabric } = modelToy(BALL).parts[0];
  const at = { mark: fabric.rounds[3].mark, nth: 0, layer: 0 };
  return changePart(BALL, part.id, { core: { is, lengthMm: 20, widthMm: 6, at } });
};
const times = (toy: Toy, t: 1 | 2): Toy =>
  changePart(toy, toy.parts[0].id, { ending: { ...USUAL_END, times: t } });
const chainStart = page(
  'Ball (3.0 mm hook)\nR1: ch 4, join to form a ring, 6 sc in ring (6)\nR2: inc x6 (12)\nR3-5: sc around (12)\nstuff\nR6: dec x6 (6)\nclose',
);
const shedding = (sheds: boolean | null): Toy => sayYarn(BALL, BALL.palette[0], { sheds });
const onceSewn = forAge(otter, '3 years and over');

describe('each check: a toy that raises it, a twin that does not, and the mend between them', () => {
  it.each<[string, number, Toy, RegExp, Toy | 'mend']>([
    ['1, plastic eyes: embroidered', 1, otter, /^plastic:/, 'mend'],
    [
      '2, a washer that needs a disc: a disc',
      2,
      forAge(
        setFeature(otter, { ...eyes, ...hardwareOf(9), washerMm: 11 } as typeof eyes),
        '3 years and over',
      ),
      /^washer:/,
      setFeature(otter, { ...eyes, making: 'embroidered' } as typeof eyes),
    ],
    [
      '3, a loose iris: left off',
      3,
      setFeature(otter, { ...eyes, making: 'embroidered', loose: [{ name: 'iris', mm: 7 }] } as typeof eyes),
      /^loose:/,
      'mend',
    ],
    ['4, ends whose depth nobody said: 40 mm', 4, BALL, /^buried$/, 'mend'],
    ['4, ends buried too short: 40 mm', 4, changeSafety(BALL, { buriedMm: 25 }), /^buried$/, 'mend'],
    ['4, seams sewn once: twice', 4, onceSewn, /^seams:once$/, 'mend'],
    ['6, hair that hangs too long: none', 6, strands(600), /^hair:/, BALL],
    ['7, wire: a roll of fabric', 7, cored('wire'), /^core:/, 'mend'],
    ['7, a stick of wood: a roll of fabric', 7, cored('wood'), /^core:/, 'mend'],
    ['9, gaps of a loose gauge: a smaller hook', 9, page(ball('6.0')), /^gap:/, 'mend'],
    [
      '9, an open end: closed',
      9,
      page(ball().replace('\nR8: dec x6 (6)\nclose', '\nfasten off')),
      /^open end:/,
      BALL,
    ],
    ['10, a ring of chain: its tail once more', 10, chainStart, /^starts$/, 'mend'],
    ['10, gathered once: twice', 10, times(BALL, 1), /^closings$/, 'mend'],
    [
      '11, a ring on its tail: sewn in is no mend for a baby',
      11,
      ruby,
      /^hanger:/,
      { ...ruby, features: [] },
    ],
    ['12, yarn that sheds: another', 12, shedding(true), /^sheds$/, shedding(false)],
    ['12, yarn of which nobody said it: said', 12, shedding(null), /^shedding$/, shedding(false)],
    ['14, washing not said: not washed', 14, BALL, /^washing$/, changeSafety(BALL, { washable: false })],
  ])('%s', (_, check, toy, id, twin) => {
    const raised = find(toy, id)!;
    expect(raised).toMatchObject({ check });
    if (check !== 4 || !/once/.test(raised.id)) expect(raised.weight === 'advice').toBe(false);
    const then = twin === 'mend' ? mended(toy, raised.does!) : twin;
    expect(then).not.toBe(toy);
    const left = find(then, id);
    expect(left?.weight ?? 'advice').toBe('advice');
    if (twin === 'mend') expect(idsOf(then)).not.toContain(raised.id);
  });

  it('a mend of what is gone changes nothing', () => {
    for (const does of [
      { do: 'embroider', feature: 'x' },
      { do: 'disc', feature: 'x', mm: 20 },
      { do: 'leave off', feature: 'x' },
      { do: 'cut shorter', feature: 'x', hangsMm: 300, mm: 220 },
      { do: 'shorter loop', feature: 'x', chain: 3 },
      { do: 'sew in', feature: 'x' },
      { do: 'fabric core', part: 'x' },
      { do: 'sew twice', joins: ['x'] },
      { do: 'close twice', parts: ['x'] },
    ] as const)
      expect(mended(BALL, does)).toBe(BALL);
  });

  it('hair cut shorter hangs no longer than it may; a loop has so many chains fewer', () => {
    const long = strands(600);
    const then = mended(long, find(long, /^hair:/)!.does!);
    expect(find(then, /^hair:/)!.weight).toBe('open');
    const loop = setFeature(ruby, { ...hanger, loop: { chain: 120 } } as typeof hanger);
    const over = find(loop, /^loop:/)!;
    expect(over.weight).toBe('stop');
    expect(find(mended(loop, over.does!), /^loop:/)!.weight).toBe('open');
  });

  it('a disc lies under the washer once it is tapped', () => {
    const toy = forAge(otter, '3 years and over');
    const measured = {
      ...toy,
      gauges: toy.gauges.map((g) => ({ ...g, over10StitchesMm: undefined })),
    };
    const backed = mended(measured, { do: 'disc', feature: eyes.id, mm: 20 });
    expect(backed.features.find((f) => f.id === eyes.id)).toMatchObject({ backing: 20 });
  });
});

describe('answers are kept, and settle only what they may', () => {
  it('a question is settled at every age, an open point only from three years on, a stop and a look never', () => {
    const asked = answerPoint(BALL, 'ask:8', 'nothing is glued');
    expect(find(asked, /^ask:8$/)).toMatchObject({ settled: true, answered: 'nothing is glued' });
    const said = (age: AgeGroup) => answerPoint(forAge(otter, age), 'buried', 'they are knotted twice');
    expect(find(said('under 18 months'), /^buried$/)).toMatchObject({
      settled: false,
      answered: 'they are knotted twice',
    });
    expect(find(said('3 years and over'), /^buried$/)).toMatchObject({ settled: true });
    const stop = answerPoint(otter, `plastic:${eyes.id}`, 'it is fine');
    expect(find(stop, /^plastic:/)).toMatchObject({ settled: false, weight: 'stop' });
    const look = answerPoint(forAge(ruby, 'accessory'), 'look', 'only a key ring');
    expect(find(look, /^look$/)).toMatchObject({ settled: false, answered: 'only a key ring' });
  });

  it('the shield counts stops and what is open and not settled', () => {
    const before = shieldOf(pointsOf(BALL));
    const after = shieldOf(pointsOf(answerPoint(BALL, 'ask:8', 'none')));
    expect(after).toEqual({ stops: before.stops, open: before.open - 1 });
  });
});

/** Everything that a maker can say away. */
const allSaid = (toy: Toy): Toy => {
  const told = { ...toy, palette: toy.palette.map((y) => ({ ...y, sheds: false })) };
  const secured = changeSafety(told, {
    washable: false,
    buriedMm: 50,
    startsSecured: toy.parts.map((p) => p.id),
  });
  return pointsOf(secured).reduce((so, p) => answerPoint(so, p.id, 'fine by me'), secured);
};

/** A share of the five hundred that `npm run fuzz` makes. */
const SHIELDS = Number(process.env.HOPPLA_SHIELDS ?? 12);

describe('no clear shield where something dangerous is', () => {
  it(`${SHIELDS} generated toys under 36 months: none with plastic, a loose piece, wire or an unknown measure is clear`, () => {
    let dangerous = 0;
    fc.assert(
      fc.property(fc.oneof(soundToy, wilfulToy), fc.nat(3), fc.boolean(), (made, kind, young) => {
        const toy = forAge(made, young ? 'under 18 months' : '18 to 36 months');
        const [first] = toy.parts;
        const plastic = toy.features.some(
          (f) => (f.kind === 'eyes' || f.kind === 'nose') && f.making.startsWith('safety'),
        );
        const spoiled = [
          toy,
          changePart(toy, first.id, {
            core: {
              is: 'wire',
              lengthMm: 10,
              widthMm: 2,
              at: { mark: first.marks[1] ?? '', nth: 0, layer: 0 },
            },
          }),
          {
            ...toy,
            parts: toy.parts.map((p) =>
              p === first ? { ...p, text: `${p.text}\nR99: 5 sc (999)`, marks: [...p.marks, 'm99'] } : p,
            ),
          },
          { ...toy, features: toy.features.filter((f) => f.kind !== 'eyes' && f.kind !== 'nose') },
        ][kind];
        if (kind === 3 || (kind === 0 && !plastic)) return;
        dangerous++;
        const { stops, open } = shieldOf(pointsOf(allSaid(spoiled)));
        expect(stops + open).toBeGreaterThan(0);
      }),
      { numRuns: SHIELDS, seed: 20261128 },
    );
    expect(dangerous).toBeGreaterThan(SHIELDS / 2);
  });
});

describe('no sentence about a toy calls it what only a laboratory can', () => {
  it('safe, compliant and the like stand in no point of any demo toy at any age', () => {
    const toys = [
      rill(newId),
      dappleFile(newId).toy,
      rubyFile(newId).toy,
      allSaid(otter),
      secureStart(BALL, 'x', true),
    ];
    const ages: AgeGroup[] = [
      'unknown',
      'under 18 months',
      '18 to 36 months',
      '3 years and over',
      'accessory',
      'display only',
    ];
    for (const toy of toys)
      for (const age of ages)
        for (const p of pointsOf(forAge(toy, age)))
          expect(`${p.title} ${p.reason} ${p.mend}`).not.toMatch(
            /\bis safe\b|\bsafely\b|compl(?:y|ies|iant)|NaN|undefined/i,
          );
  });

  it('nor in any catalogue of words, of the core or of the screens', () => {
    const folders = ['core/src/words', 'app/src/words'].map((f) => resolve(__dirname, '../../..', f));
    const files = folders.flatMap((f) =>
      readdirSync(f, { recursive: true, encoding: 'utf8' })
        .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
        .map((name) => join(f, name)),
    );
    expect(files.length).toBeGreaterThan(90);
    for (const file of files) {
      const words = readFileSync(file, 'utf8').replace(/\/\*[\s\S]*?\*\/|\/\/.*$/gm, '');
      expect([
        file,
        /\b(?:is|are) safe\b|\bcompl(?:ies|iant)\b|\b(?:ist|sind) sicher\b|konform|\berfüllt/i.exec(
          words,
        )?.[0],
      ]).toEqual([file, undefined]);
    }
  });
});
