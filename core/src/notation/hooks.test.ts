import { addParts, newToy } from '../toy';
import { modelToy } from '../model';
import { read } from './index';

let n = 0;
const newId = () => `h${++n}`;
const ROUNDS = 'R1: 6 sc in ring (6)\nR2: inc x6 (12)';

/** What a page with this title, or this line, comes to: the hook in mm, or that it is not known. */
const inTitle = (title: string) => modelToy(addParts(newToy('T', newId), `${title}\n${ROUNDS}`, newId)).parts;
const inLine = (line: string) =>
  modelToy(addParts(newToy('T', newId), `Head\n${line}\n${ROUNDS}`, newId)).parts;
const abovePage = (line: string) =>
  modelToy(addParts(newToy('T', newId), `${line}\n\nHead\n${ROUNDS}`, newId)).parts;

const NOT = null;
/** By hand: the size as it is stamped, or that the words are no one hook. */
const SIZES: [said: string, mm: number | null][] = [
  ['5 mm hook', 5],
  ['3.0 mm hook', 3],
  ['2,5 mm hook', 2.5],
  ['3.5mm crochet hook', 3.5],
  ['2 mm steel hook', 2],
  ['H-8 (5 mm) hook', 5],
  ['G/6 hook', 4],
  ['US G-6 hook', 4],
  ['6/G hook', 4],
  ['E/3.5mm hook', 3.5],
  ['#7 hook', 4.5],
  ['M/13 hook', 9],
  ['N/P hook', 10],
  ['P hook', 11.5],
  ['Q hook', 15],
  ['K-10.5 hook', 6.5],
  ['I-9 hook', 5.5],
  ['F = 3.75 mm hook', 3.75],
  ['about 4 mm hook', 4],
  ['E-4 or 3.5 mm hook', 3.5],
  ['2.5 - 3 mm hook', NOT],
  ['2.5-3 mm hook', NOT],
  ['3.5 or 4 mm hook', NOT],
  ['3 hook', NOT],
  ['size 8 hook', NOT],
  ['no. 10 hook', NOT],
  ['steel #7 hook', NOT],
  ['H-8 (4 mm) hook', NOT],
  ['G/7 hook', NOT],
  ['0.1 mm hook', NOT],
];
/** Ways that stand on a line of their own. */
const LINES: [said: string, mm: number | null][] = [
  ['Hook: 5 mm', 5],
  ['hook size E', 3.5],
  ['Hook - 2.25mm (B/1)', 2.25],
  ['I used a 3,5 mm crochet hook and worsted yarn', 3.5],
  ['Hook size: 3.25 mm', 3.25],
  ['Crochet hook H-8 (5 mm)', 5],
  ['Size E/3.5mm crochet hook or size needed to obtain gauge', 3.5],
  ['• 2.75 mm hook (US C-2)', 2.75],
  ['- an 8 mm hook', 8],
  ['Hook\t2.5 mm\t\t', 2.5],
  ['* hook: F = 3.75 mm', 3.75],
  ['hook G (4 mm)', 4],
  ['Use a 4 mm hook throughout.', 4],
  ['3.5 mm hook (and a 3 mm for the fins)', 3.5],
  ['Materials: DK yarn, 3.25 mm hook, 9 mm eyes', 3.25],
  ['Yarn: DK in black, cream and brown. Hook: 3.25 mm. Safety eyes: 9 mm.', 3.25],
  ['cotton 8/4 rust + a bit of black, hook 2,5 mm, eyes 5 mm, fibre fill', 2.5],
  ['You need a ball of yarn, a 4 mm crochet hook (that is a G in the US), two safety eyes of 10 mm', 4],
  ['Hook: US 7', 4.5],
  ['Hook: J', 6],
  ['Hook: 2.5 - 3 mm', NOT],
  ['hooks 2.5 mm and 3.5 mm', NOT],
  ['Hook: 3', NOT],
  ['Hook: no. 10', NOT],
  ['Hook: bamboo, medium', NOT],
  ['Hook size purple', NOT],
];
/** Lines that speak of the hook in the hand and say no size. */
const NO_SIZE = [
  'Put in a pinch of stuffing with the end of the hook.',
  'Work until 2 loops remain on hook.',
  'Pull the yarn through with your hook.',
  'Pick up the hook again.',
];

describe('a hook that is stated is never lost', () => {
  it.each(SIZES)('in a bracket behind a title: “%s”', (said, mm) => {
    const [part] = inTitle(`Head (1x, rust, ${said}, ring = crown)`);
    expect([part.name, part.reading.ringIs, part.gauge.hookBy, part.reading.hookMm]).toEqual([
      'Head',
      'crown',
      mm === null ? 'not known' : 'said',
      mm,
    ]);
    if (mm !== null) expect(part.gauge.stitchMm).toBeCloseTo(mm * 1.45, 6);
  });

  it.each(SIZES)('behind a title and a dash: “%s”', (said, mm) => {
    const [part] = inTitle(`Head - ${said}`);
    expect([part.name, part.gauge.hookBy, part.reading.hookMm]).toEqual([
      'Head',
      mm === null ? 'not known' : 'said',
      mm,
    ]);
  });

  it.each(LINES)('on a line of its own, in a part and above the page: “%s”', (line, mm) => {
    const [inPart] = inLine(line);
    expect([inPart.gauge.hookBy, inPart.reading.hookMm]).toEqual([mm === null ? 'not known' : 'said', mm]);
    const last = abovePage(line).at(-1)!;
    expect([last.name, last.gauge.hookBy]).toEqual(['Head', mm === null ? 'not known' : 'said']);
    if (mm !== null) expect(last.gauge.hookMm).toBe(mm);
  });

  it.each(NO_SIZE)('“%s” names no hook', (line) => expect(inLine(line)[0].gauge.hookBy).toBe('assumed'));

  it('among the stitches of a round it is read and the stitches stay', () => {
    const { parts } = read('R1: with a 2 mm hook, 6 sc in ring (6)\nR2: inc x6 (12)', { terms: 'us' });
    expect([parts[0].hookMm, parts[0].rounds.map((r) => r.made), parts[0].problems.length]).toEqual([
      2,
      [6, 12],
      0,
    ]);
  });

  it.each([
    'Hat, make 2 (4.5mm hook)',
    'Hat, make 2 (hook: 4.5mm)',
    'Hat - make 2 (4.5 mm hook)',
    'Hat (make 2) (4.5mm hook)',
    'Hat x2 (4.5mm hook)',
    'Hat x 2 (4.5mm hook)',
  ])('beside how many to make, which is no size: “%s”', (title) => {
    const [hat] = inTitle(title);
    expect([hat.name, hat.reading.make, hat.reading.hookMm]).toEqual(['Hat', 2, 4.5]);
  });

  it('in a second bracket behind a title: the title stays a title, with its copies', () => {
    const [ear] = inTitle('Ear (2x) (G/6 hook)');
    expect([ear.name, ear.reading.make, ear.reading.hookMm]).toEqual(['Ear', 2, 4]);
  });

  it('“in 2nd ch from hook” is no hook, nor is a bracket behind it', () => {
    const [part] = read('Row 1: ch 9, sc in 2nd ch from hook (2 sc, inc), turn', { terms: 'us' }).parts;
    expect([part.hookMm, part.hookNotKnown]).toEqual([null, null]);
  });

  it('a second hook on the way leaves the part’s hook not known, and says both', () => {
    const [part] = read('Leg (3 mm hook)\nR1: 6 sc in ring\nChange to 2.5 mm hook\nR2: inc x6', {
      terms: 'us',
    }).parts;
    expect([part.hookMm, part.hookNotKnown]).toEqual([null, '3 mm, 2.5 mm hook']);
  });

  it('with a hook that is not known no washer passes, no window is named, and the way out is to say it', () => {
    const toy = addParts(newToy('T', newId), `Head (hook size purple)\n${ROUNDS}\nR3: (sc, inc) x6`, newId);
    const { gauge } = modelToy(toy).parts[0];
    expect([gauge.source, gauge.stitchSource]).toEqual(['not known', 'not known']);
  });
});
