import { hardwareOf } from '../feature';
import { addParts, changeSettings, newToy, setFeature, type AgeGroup, type Settings, type Toy } from '../toy';
import { modelToy, rill, rubyFile, dappleFile } from '../model';
import { safetyWords } from '../words';
import { CHECKS, checksMade, checkToy, lookedAt, shieldOf } from './index';

let n = 0;
const newId = () => `t${++n}`;
const AGES: AgeGroup[] = [
  'under 18 months',
  '18 to 36 months',
  '3 years and over',
  'accessory',
  'display only',
];
const REGIONS: Settings['region'][] = ['eu-uk', 'us', 'own'];

const page = (text: string): Toy => addParts(newToy('T', newId), text, newId);
const BALL =
  'R1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4-6: sc around (18)\nR7: (sc, dec) x6 (12)\nstuff\nR8: dec x6 (6)\nclose';
const otter = rill(newId);
const otterEyes = otter.features.find((f) => f.kind === 'eyes')! as Extract<
  Toy['features'][number],
  { kind: 'eyes' }
>;
const withEyes = (change: object): Toy => setFeature(otter, { ...otterEyes, ...change } as typeof otterEyes);

/** Twelve toys, the dangerous ones among them, and the check that each must not pass in silence. */
const TOYS: [name: string, toy: Toy, check: number | 'small' | null][] = [
  ['Rill with plastic eyes', otter, 1],
  [
    'Rill with loose irises on embroidered eyes',
    withEyes({ making: 'embroidered', loose: [{ name: 'iris', mm: 7 }] }),
    3,
  ],
  [
    'Rill with felt under embroidered eyes',
    withEyes({ making: 'embroidered', felt: { mm: 13, colour: '#ffffff' } }),
    3,
  ],
  ['Rill with 24 mm eyes of no table', withEyes(hardwareOf(24)), 2],
  ['Dapple the snail', dappleFile(newId).toy, 3],
  ['Ruby the charm with a ring', rubyFile(newId).toy, 11],
  [
    'ears that fit the cylinder',
    page(`Head (3.0 mm hook)\n${BALL}\n\nEar (2x, 3.0 mm hook)\nR1: 6 sc in ring (6)\nR2: sc around (6)`),
    3,
  ],
  [
    'a text with wire',
    page(`Body (3.0 mm hook)\n${BALL.replace('stuff', '-- push a pipe cleaner through the neck --\nstuff')}`),
    7,
  ],
  [
    'a text with magnets',
    page(`Body (3.0 mm hook)\n${BALL.replace('stuff', '-- put the magnets in --\nstuff')}`),
    11,
  ],
  ['a text with superglue', page(`Body (3.0 mm hook)\n${BALL}\nGlue the felt on with superglue.`), 8],
  [
    'a text with a bell, and eyes nobody placed',
    page(
      `Body (3.0 mm hook)\n${BALL.replace('stuff', 'Insert 9 mm safety eyes between R5 and R6\nPut the bell in the middle of the filling.\nstuff')}`,
    ),
    1,
  ],
  [
    'six long strands',
    page(
      `Jelly (3.0 mm hook)\n${BALL.replace('R7:', 'R6a: BLO: sc around\nR7:')}\nin the free front loops of R6: (ch 80, sl st in 2nd ch from hook and each ch, sl st in next 3) x6`,
    ),
    6,
  ],
];

describe('age x region x toy: no tick, no silent pass', () => {
  it('all fifteen checks are made', () => {
    expect([...checksMade].sort((a, b) => a - b)).toEqual([...CHECKS]);
  });

  it('a check that was not made is told by its name, and is not among those that found nothing', () => {
    const made = CHECKS.filter((n) => n !== 8);
    const [count, not, nothing] = lookedAt([{ check: 1 }], { parts: [] }, made);
    expect([count, not]).toEqual(['14 of 15 checks made', `Not looked at: ${safetyWords.checks[8]}`]);
    expect(nothing).toContain(safetyWords.checks[2]);
    expect(nothing).not.toContain(safetyWords.checks[8]);
    expect(nothing).not.toContain(safetyWords.checks[1]);
  });

  it.each([
    ['a round that is not known', 'R3: frobnicate all round (12)', '1 line of the texts is not read'],
    ['a line that sounds like work', 'increase as you like\nR3: 11 sc', '2 lines of the texts are not read'],
    ['all of it read', 'R3: 12 sc (12)', null],
  ])('what nobody could read was not looked at: %s', (_, row, said) => {
    const model = modelToy(page(`Ball\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\n${row}`));
    const told = lookedAt(checkToy(model), model).filter((line) => line.includes('not read'));
    expect(told.map((line) => line.startsWith(said ?? ''))).toEqual(said === null ? [] : [true]);
  });

  const cases = TOYS.flatMap(([name, toy, check]) =>
    AGES.flatMap((age) => REGIONS.map((region) => [name, age, region, toy, check] as const)),
  );
  it(`the table has ${cases.length} cells`, () => expect(cases).toHaveLength(5 * 3 * 12));

  it.each(cases)('%s, %s, %s', (_, age, region, toy, check) => {
    const model = modelToy(changeSettings(toy, { age, region }));
    const points = checkToy(model);
    const { stops, open } = shieldOf(points);
    // The shield never says that all is well: it counts.
    const shield = safetyWords.shield(stops, open);
    expect(shield).not.toMatch(/✓|nothing open|all clear|fine/i);
    // Every check has a point, or is named among those that found nothing: none is left out, none is both.
    const said = lookedAt(points, model).join('; ').split(/[:;] /);
    const found = new Set(points.map((p) => p.check));
    CHECKS.forEach((n) => expect([n, said.includes(safetyWords.checks[n])]).toEqual([n, !found.has(n)]));
    const own = points.filter((p) => p.check === check);
    expect(own.length).toBeGreaterThan(0);
    const small = age === 'under 18 months' || age === '18 to 36 months';
    if (small) expect(own.some((p) => p.weight !== 'advice')).toBe(true);
    // An accessory, a display piece and a toy for 3 and over keep their open point whatever is on them.
    else expect(points.some((p) => p.check === 'look' && p.weight === 'open')).toBe(true);
    for (const p of points) expect(`${p.title}${p.reason}${p.mend}`).not.toMatch(/NaN|undefined|Infinity/);
  });

  it('plastic, loose pieces and over-long cords stop for the youngest in every region', () => {
    for (const region of REGIONS)
      for (const i of [0, 1, 11]) {
        const points = checkToy(modelToy(changeSettings(TOYS[i][1], { age: 'under 18 months', region })));
        expect([TOYS[i][0], points[0].weight]).toEqual([TOYS[i][0], 'stop']);
      }
  });

  it('a word of a hazard in the rounds is no alarm where it is the craft’s: rings that begin, hooks, front loops', () => {
    const points = checkToy(
      modelToy(
        changeSettings(
          page(
            `Body (3.0 mm hook, ring = crown)\n${BALL.replace('6 sc in ring', 'magic ring, 6 sc')}\n-- draw the ring shut --`,
          ),
          { age: 'under 18 months' },
        ),
      ),
    );
    expect(points.filter((p) => p.check === 11 && !p.asks)).toEqual([]);
  });
});
