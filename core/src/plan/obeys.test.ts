import { pairsOfNote, type EyePair } from '../feature';
import { addParts, changeSettings, newToy, setFeature, type AgeGroup, type Toy } from '../toy';
import { headOf, modelToy, rill } from '../model';
import { planText, sheetHtml } from '../files';
import { ticksOf } from '../record';
import { planOf, stepWords, troubleWords } from './index';

let n = 0;
const newId = () => `o${++n}`;
const page = (text: string, age: AgeGroup = '3 years and over'): Toy =>
  changeSettings(addParts(newToy('T', newId), text, newId), { age });
const otter = rill(newId);
const of = (toy: Toy) => planOf(modelToy(toy));
/** A plan in words. */
const told = (toy: Toy) => {
  const model = modelToy(toy);
  const { steps, trouble } = planOf(model);
  return {
    steps: steps.map((s) => ({ ...s, ...stepWords(s, model) })),
    trouble: trouble.map((t) => troubleWords(t, model)),
  };
};
const BALL =
  'R1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4: (2 sc, inc) x6 (24)\nR5-8: sc around (24)\nR9: (2 sc, dec) x6 (18)\nR10: (sc, dec) x6 (12)\nR11: dec x6 (6)';

describe('the plan obeys stops', () => {
  it.each(['under 18 months', '18 to 36 months', 'unknown'] as const)(
    'plastic eyes for %s: nothing is clicked on, in steps, text, sheet and ticks',
    (age) => {
      const toy = changeSettings(otter, { age });
      const { steps, trouble } = told(toy);
      expect(steps.some((s) => s.kind === 'washers')).toBe(false);
      const eyes = steps.find((s) => s.kind === 'eyes')!;
      expect(eyes.title).toMatch(/^Stop: Plastic eyes of 9 mm/);
      expect(eyes.checks).toEqual([]);
      expect(eyes.stopped).toMatchObject({ mend: 'Embroider the eyes at the same place' });
      expect(trouble).toContainEqual(expect.stringMatching(/^Head: Stop: .*Nothing is clicked on/));
      const [text, sheet] = [planText(modelToy(toy)), sheetHtml(modelToy(toy))];
      for (const paper of [text, sheet]) {
        expect(paper).toMatch(/Stop: Plastic eyes of 9 mm/);
        expect(paper).not.toMatch(/click both on/);
        expect(paper).toMatch(/15 of 15 checks made/);
      }
      expect(ticksOf(of(toy)).some((t) => t.step.kind === 'washers')).toBe(false);
    },
  );

  it('a washer that the fabric lets through is a stop as well', () => {
    const eyes = otter.features.find((f) => f.kind === 'eyes') as EyePair;
    const small = setFeature(otter, { ...eyes, eyeMm: 5, postMm: 2.5, washerMm: 6 });
    expect(told(small).steps.find((s) => s.kind === 'eyes')!.title).toMatch(
      /^Stop: Washer against fabric 0\.76: stop/,
    );
    expect(of(small).steps.some((s) => s.kind === 'washers')).toBe(false);
  });

  it('open points stand once, under the steps that they are about, and the toy’s own under the last look', () => {
    const { steps } = told(otter);
    const notes = (kind: string) => steps.filter((s) => s.kind === kind).flatMap((s) => s.notes);
    expect(notes('eyes')).toEqual(['Open: Pull test of the 9 mm eyes is not logged yet']);
    expect(notes('washers')).toEqual([expect.stringMatching(/^Open: Washer against fabric between 1\.5/)]);
    expect(notes('inspect')).toEqual(['Open: The toy’s look decides as well as the label']);
  });

  it('eyes that the text names and nobody placed are trouble; placed from the note they are none', () => {
    const toy = page(
      `Head (3.0 mm hook)\n${BALL.replace('R9:', 'Insert 9 mm safety eyes between R6 and R7, 6 between\nR9:')}\nclose`,
    );
    expect(told(toy).trouble).toEqual([
      expect.stringMatching(/^Head: the text asks for eyes .*closed without them/),
    ]);
    const model = modelToy(toy);
    const [part] = model.parts;
    const note = part.reading.lines.flatMap((l) =>
      l.node.type === 'note' && l.node.feature ? [l.node.feature] : [],
    )[0];
    const [reading] = pairsOfNote(headOf(model, part), note, {
      id: 'e',
      part: part.part.id,
      copy: part.copies[0].id,
    }).readings;
    expect(told(setFeature(toy, reading.pair)).trouble).toEqual([]);
  });
});

describe('the fill is what the text says, and goes through a hole', () => {
  const fill = (text: string) => modelToy(page(text)).parts[0].fill;
  it.each([
    ['stuff firmly', 'firm'],
    ['stuff softly', 'soft'],
    ['stuff the head lightly', 'soft'],
    ['stuff', 'medium'],
    ['leave unstuffed', 'empty'],
    ['do not stuff', 'empty'],
    ['Do not stuff it.', 'empty'],
    ['leave it empty', 'empty'],
    ['do not stuff the last rounds', 'medium'],
  ])('“%s”: %s', (words, wanted) =>
    expect(fill(`Head (3.0 mm hook)\n${BALL}\n${words}\nfasten off`)).toBe(wanted),
  );

  it('leave unstuffed: no step of fill; stuff firmly: as many grams as that', () => {
    expect(
      of(page(`Head (3.0 mm hook)\n${BALL}\nleave unstuffed\nclose`)).steps.some((s) => s.kind === 'stuff'),
    ).toBe(false);
    const grams = (words: string) =>
      of(page(`Head (3.0 mm hook)\n${BALL.replace('R10:', `${words}\nR10:`)}\nclose`)).totals.fillG.value;
    // 0.050 against 0.022 g/cm3, and a firm one is larger.
    expect(grams('stuff firmly') / grams('stuff softly')).toBeGreaterThan(0.05 / 0.022);
  });

  it('an open disc that lies flat is not stuffed into a bowl; a sole that says so is', () => {
    const disc = 'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6';
    const flat = modelToy(page(`Patch (3.0 mm hook)\n${disc}\nfasten off`)).parts[0];
    expect(flat.fill).toBe('empty');
    // Four rounds of 4 mm that lie flat: hardly taller than the fabric.
    expect(flat.form.heightMm).toBeLessThan(8);
    expect(fill(`Sole (3.0 mm hook)\n${disc}\nstuff\nfasten off`)).toBe('medium');
  });

  it('fill does not pass a hole of 3 mm: the plan goes back to the last that lets it through, and says so', () => {
    const late = page(`Head (2 mm hook)\n${BALL}\nR12: (dec) x3 (3)\nstuff\nclose`);
    const { steps, trouble } = told(late);
    // 3 x 2.9 / pi x 1.25 x 0.88 = 3.0 mm after R12; R10 leaves 12.2, R11 6.1.
    expect(trouble).toEqual([
      expect.stringMatching(/the text stuffs after R12, where the hole is 3 mm.*does it after R10/),
    ]);
    expect(steps.flatMap((s) => (s.kind === 'stuff' ? [s.afterRound] : []))).toEqual([10]);
    const never = told(page('Stalk (2 mm hook)\nR1: 4 sc in ring\nR2-8: sc around\nstuff\nclose'));
    expect(never.steps.some((s) => s.kind === 'stuff')).toBe(false);
    expect(never.trouble).toContainEqual(expect.stringMatching(/no round leaves a hole to fill through/));
  });
});

describe('parts are called as they are', () => {
  it('a part whose name has its article gets no second one', () => {
    const titles = told(page(`The Body\n${BALL}\nstuff\nclose`)).steps.map((s) => s.title);
    expect(titles.some((t) => /^Stuff the body, /.test(t))).toBe(true);
    expect(titles.filter((t) => /the the/i.test(t))).toEqual([]);
  });
});

describe('ends and minutes are of what is worked', () => {
  it('a round of eight legs that come back is about six minutes, not half a one', () => {
    // 8 x (12 chains at 0.4 and 11 slip stitches at 0.6 of a single crochet) and 8 slip stitches: 96 at 14 a minute.
    const toy = page(
      'Squid (3.0 mm hook)\nR1: 8 sc in ring (8)\nR2: (ch 12, sl st in 2nd ch from hook and each ch, sl st in next) x8',
    );
    const rounds = of(toy).steps.find((s) => s.kind === 'rounds')!;
    expect(rounds.minutes).toBeCloseTo((8 + 8 * (12 * 0.4 + 11 * 0.6) + 8 * 0.6) / 14, 6);
    expect(rounds.minutes).toBeGreaterThan(6);
  });

  it('a colour change leaves two ends of 10 cm; a colour taken up again within a round none', () => {
    const colours = (text: string) =>
      of(page(text))
        .ends.filter((e) => e.what === 'colour')
        .map((e) => [e.count, e.eachMm]);
    expect(
      colours(
        'Sock (3.0 mm hook)\nR1: with white: 6 sc in ring\nR2: inc x6\nR3: with red: 12 sc\nR4-5: 12 sc',
      ),
    ).toEqual([[2, 100]]);
    expect(
      colours(
        'Sock (3.0 mm hook)\nR1: with white: 6 sc in ring\nR2: inc x6\nR3: with red: 12 sc\nR4-5: 12 sc\nR6: with white: 12 sc',
      ),
    ).toEqual([[4, 100]]);
    expect(
      colours(
        'Sock (3.0 mm hook)\nR1: with white: 6 sc in ring\nR2: inc x6\nR3: 3 sc, with red: 3 sc, with white: 3 sc, with red: 3 sc',
      ),
    ).toEqual([[2, 100]]);
  });

  it('the longer of two lengths for one end counts, and both are said', () => {
    const [long] = told(
      page('Ear (3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nfasten off, leave 45 cm'),
    ).steps.filter((s) => 'tailMm' in s);
    expect([long.tailMm, long.notes]).toEqual([
      450,
      ['The text leaves 45 cm, its job needs 15 cm: the longer counts.'],
    ]);
  });

  it('is embroidered while a hand can tie ends inside: a hole of 25 mm', () => {
    // 12 stitches of 4.35: 12 x 4.35 / pi x 1.25 x 0.88 = 18.3 mm after R10; 18: 27.4 after R9.
    const toy = page(`Head (3.0 mm hook)\n${BALL}\nclose`);
    const { part } = modelToy(toy).parts[0];
    const place = (index: number) => ({
      course: { mark: part.marks[5], nth: 1, layer: 0 },
      at: 'hole' as const,
      index,
      of: 24,
    });
    const toyWith = setFeature(toy, {
      kind: 'embroidery',
      id: 'm',
      name: 'Mouth',
      part: part.id,
      copy: null,
      how: 'line',
      ends: [place(10), place(14)].map((from) => ({ from, across: 0, down: 0 })),
      twin: 'none',
      satin: null,
      when: 'before filling',
      thread: { of: 'yarn', strands: 1, passes: 1 },
      colour: '#000000',
    });
    const step = of(toyWith).steps.find((s) => s.kind === 'embroider')!;
    expect(step.afterRound).toBeLessThanOrEqual(9);
    expect(step.threadMm).toBeGreaterThan(200);
  });
});
