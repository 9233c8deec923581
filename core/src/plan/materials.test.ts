import { modelToy } from '../model';
import {
  addParts,
  changePart,
  changePlan,
  changeSettings,
  newToy,
  sayYarn,
  setMove,
  type LogEvent,
  type Toy,
} from '../toy';
import { paceOf, ticksOf, timeOf } from '../record';
import { compareYarn, costOf, materialLines, materialsOf, planOf, yarnOfLine } from './index';

let n = 0;
const newId = () => `m${++n}`;
const page = (text: string): Toy =>
  changeSettings(addParts(newToy('T', newId), text, newId), { age: '3 years and over' });
const needs = (toy: Toy) => {
  const model = modelToy(toy);
  return materialsOf(model, planOf(model));
};
const yarn = (toy: Toy) => needs(toy).yarns.map((y) => [y.name, Number(y.metres.value.toFixed(3))]);

/** A single crochet takes 6.5 w; an increase two, a decrease 1.4 of one; w is 4.35 mm at a hook of 3. */
const SC = (6.5 * 4.35) / 1000;

describe('yarn, by hand', () => {
  it.each<[string, string, [string, number][]]>([
    [
      'a tube of one colour: 6 + 12 + 8 x 12 sc, and ends of 15 cm before and behind',
      'Tube (rust, 3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3-10: sc around\nfasten off',
      [['rust', 114 * SC + 0.3]],
    ],
    [
      'two of them: twice that',
      'Tube (2x, rust, 3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3-10: sc around\nfasten off',
      [['rust', 2 * (114 * SC + 0.3)]],
    ],
    [
      'decreases, gathered: 1.6 x 6 x 4.35 + 150 is 191.8, so 20 cm',
      'Ball (rust, 3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3: sc around\nR4: dec x6\nclose',
      [['rust', (6 + 12 + 12 + 6 * 1.4) * SC + 0.15 + 0.2]],
    ],
    [
      'taller stitches: 12 hdc are 12 x 8.5 w',
      'Cap (rust, 3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3: 12 hdc\nfasten off',
      [['rust', 18 * SC + (12 * 8.5 * 4.35) / 1000 + 0.3]],
    ],
    [
      'two colours: rounds by their own, two ends of 10 cm of the change shared',
      'Sock (3.0 mm hook)\nR1: with white: 6 sc in ring\nR2: inc x6\nR3: with red: 12 sc\nR4-5: 12 sc\nfasten off',
      [
        ['white', 18 * SC + 0.15 + 0.1],
        ['red', 36 * SC + 0.15 + 0.1],
      ],
    ],
  ])('%s', (_, text, wanted) => {
    const found = yarn(page(text));
    expect(found.map(([name]) => name)).toEqual(wanted.map(([name]) => name));
    found.forEach(([, metres], i) => expect(metres).toBeCloseTo(wanted[i][1], 2));
  });

  it('strands held together are counted; balls have a margin of a tenth; what is at home is enough, perhaps or not', () => {
    const toy = page('Tube (rust, 3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3-60: sc around\nfasten off');
    const palette = toy.palette.map((y) => ({ ...y, strands: 2, ball: { grams: 10, metres: 21 } }));
    const two = { ...toy, palette };
    const [need] = needs(two).yarns;
    const metres = 2 * ((6 + 12 + 58 * 12) * SC + 0.3);
    expect(need.metres.value).toBeCloseTo(metres, 2);
    expect(need.balls!.count).toBe(Math.ceil((metres * 1.1) / 21));
    expect(need.grams.value).toBeCloseTo((metres * 10) / 21, 2);
    const enough = (grams: number) =>
      needs(changePlan(two, { have: { [need.key]: grams } })).yarns[0].have!.enough;
    expect([enough(need.grams.high + 1), enough(need.grams.value), enough(need.grams.low - 1)]).toEqual([
      'yes',
      'perhaps',
      'no',
    ]);
  });
});

/** A toy of worsted yarn, 15 cm high: head, body, arms and legs as they are usually made. */
const WORSTED = `Head (brown, 3.5 mm hook)
R1: 6 sc in ring
R2: inc x6
R3: (sc, inc) x6
R4: (2 sc, inc) x6
R5: (3 sc, inc) x6
R6: (4 sc, inc) x6
R7: (5 sc, inc) x6
R8-14: sc around
R15: (5 sc, dec) x6
R16: (4 sc, dec) x6
R17: (3 sc, dec) x6
R18: (2 sc, dec) x6
R19: (sc, dec) x6
R20: dec x6
close

Body (brown, 3.5 mm hook)
R1: 6 sc in ring
R2: inc x6
R3: (sc, inc) x6
R4: (2 sc, inc) x6
R5: (3 sc, inc) x6
R6: (4 sc, inc) x6
R7-14: sc around
R15: (4 sc, dec) x6
R16-17: sc around
R18: (3 sc, dec) x6
fasten off

Arm (2x, brown, 3.5 mm hook)
R1: 6 sc in ring
R2: inc x6
R3-12: sc around
fasten off

Leg (2x, brown, 3.5 mm hook)
R1: 6 sc in ring
R2: inc x6
R3: (sc, inc) x6
R4-11: sc around
fasten off`;

describe('a whole toy of worsted yarn, about 15 cm', () => {
  it('takes what makers find: 25 to 60 g (a rule of thumb of hand work, no printed source)', () => {
    const model = modelToy(page(WORSTED));
    const high = model.parts.slice(0, 2).reduce((sum, p) => sum + p.form.heightMm, 0);
    expect(high).toBeGreaterThan(120);
    expect(high).toBeLessThan(180);
    const [{ grams, metres }] = materialsOf(model, planOf(model)).yarns;
    // By hand: 1,641 stitches of 6.5 x 5.075 mm, as increases and decreases nearly make up for one another.
    expect(metres.value).toBeGreaterThan(1641 * 6.5 * 5.075e-3);
    expect(grams.low).toBeGreaterThan(20);
    expect(grams.high).toBeLessThan(60);
  });

  it('in another yarn, side by side: each colour, the time, the pauses', () => {
    const model = modelToy(page(WORSTED));
    const { yarns, minutes, pauses } = compareYarn(model, model.toy.gauges[0].id, {
      hookMm: 1.75,
      yarn: 'thread',
    });
    const [{ name, metres, grams }] = yarns;
    expect(name).toBe('brown');
    expect(metres[1].value / metres[0].value).toBeCloseTo(1.75 / 3.5, 1);
    expect(grams[1].value).toBeLessThan(grams[0].value / 4);
    // Not a stitch less is worked.
    expect(minutes[1]).toBeGreaterThan(0.85 * minutes[0]);
    expect(pauses).toEqual([planOf(model).totals.pauses, pauses[1]]);
  });

  it('a yarn that no text names is said all the same, and comes into the palette', () => {
    const toy = page('Tube (3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3-10: sc around\nfasten off');
    const line = () => {
      const model = modelToy(toy);
      return materialLines(model, materialsOf(model, planOf(model))).find((l) => l.group === 'yarn')!;
    };
    const said = sayYarn(toy, yarnOfLine(toy, line()), { ball: { grams: 10, metres: 5 } });
    expect(needs(said).yarns[0].balls).toMatchObject({ grams: 10, metres: 5, count: 1 });
  });
});

describe('everything else', () => {
  const rows = (toy: Toy) => {
    const model = modelToy(toy);
    return materialLines(model, materialsOf(model, planOf(model))).map((l) =>
      [l.name, l.amount, ...l.notes].join(' | '),
    );
  };
  it('no plastic at all: polyester and safety eyes say so', () => {
    const toy = changeSettings(
      page(
        'Ball (rust, 3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3-8: sc around\nR9: dec x6\nstuff\nclose',
      ),
      { noPlastic: true },
    );
    expect(rows(toy).join('\n')).toMatch(/Polyester filling.*Polyester is plastic/);
    expect(rows(changeSettings(toy, { fillWith: 'wool' })).join('\n')).not.toMatch(/is plastic/);
  });

  it('a hook is called assumed only where neither part nor page names one', () => {
    const ball = (more: string) => `Ball${more}\nR1: 6 sc in ring\nR2: inc x6\nR3: dec x6\nclose`;
    const hook = (text: string) => rows(page(text)).find((row) => row.startsWith('Hook'))!;
    expect(hook(ball(''))).toMatch(/assumed/);
    expect(hook(ball(' (3.0 mm hook)'))).not.toMatch(/assumed/);
    for (const mm of ['3', '4'])
      expect(hook(`Toad\n\nYou need: a ${mm} mm hook and green yarn\n\n${ball('')}`)).not.toMatch(/assumed/);
  });

  it('a price for each kind: balls, and filling by 100 g; what has none is counted', () => {
    const toy = page(
      'Tube (rust, 3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3-10: sc around\nstuff\nfasten off',
    );
    const palette = toy.palette.map((y) => ({ ...y, ball: { grams: 50, metres: 105 } }));
    const priced = changePlan({ ...toy, palette }, { prices: { 'yarn:rust': 4 } });
    const model = modelToy(priced);
    expect(costOf(model, materialsOf(model, planOf(model)))).toEqual({ sum: 4, without: 1 });
    expect(costOf(modelToy({ ...toy, palette }), needs({ ...toy, palette }))).toBeNull();
  });

  it('wire is for display pieces only; another core goes in with the round that is said', () => {
    const toy = page(
      'Neck (rust, 3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3-20: sc around\nstuff\nfasten off',
    );
    const { part, fabric } = modelToy(toy).parts[0];
    const at = { mark: fabric.rounds[9].mark, nth: fabric.rounds[9].nth, layer: 0 };
    const cored = (is: 'wire' | 'felt') =>
      changePart(toy, part.id, { core: { is, lengthMm: 50, widthMm: 8, at } });
    const plan = planOf(modelToy(cored('wire')));
    expect(plan.trouble).toContainEqual({ what: 'core', part: part.id, fault: 'wire' });
    expect(needs(cored('wire')).cores).toEqual([]);
    expect(needs(changeSettings(cored('wire'), { age: 'display only' })).cores).toHaveLength(1);
    expect(planOf(modelToy(cored('felt'))).steps.find((s) => s.kind === 'core')).toMatchObject({
      afterRound: 12 - 2,
    });
  });
});

describe('the order and the clock', () => {
  const three = ['Head', 'Ear', 'Tail']
    .map((name) => `${name} (rust, 3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3-4: sc around\nfasten off`)
    .join('\n\n');
  it('parts stand as the text has them; one that is moved stands where it was put', () => {
    const toy = page(three);
    const order = (t: Toy) =>
      planOf(modelToy(t)).blocks.flatMap((b) => (b.key.startsWith('piece:') ? [b.key] : []));
    const keys = toy.parts.map((p) => `piece:${p.copies[0].id}`);
    expect(order(toy)).toEqual(keys);
    expect(order(setMove(toy, { key: keys[2], after: null }))).toEqual([keys[2], keys[0], keys[1]]);
  });

  it('is the log’s own after three pieces: rounds at half the speed take twice as long', () => {
    const plan = planOf(modelToy(page(three)));
    let at = Date.parse('2026-01-01T20:00:00Z');
    const log = ticksOf(plan).flatMap((t): LogEvent[] => {
      at += (t.round ? 2 * t.round.minutes : t.step.minutes) * 60_000;
      return [{ what: 'done', key: t.key, content: t.content, at: new Date(at).toISOString() }];
    });
    const pace = paceOf(plan, log);
    expect(pace.get('rounds')).toMatchObject({ pieces: 3 });
    expect(pace.get('rounds')!.times).toBeCloseTo(2, 1);
    const rounds = plan.steps.filter((s) => s.kind === 'rounds').reduce((sum, s) => sum + s.minutes, 0);
    expect(timeOf(plan, pace).minutes).toBeGreaterThan(plan.totals.minutes + 0.8 * rounds);
    expect(timeOf(plan, paceOf(plan, log.slice(0, 4))).minutes).toBeCloseTo(plan.totals.minutes, 9);
  });
});
