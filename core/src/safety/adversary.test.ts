import { hardwareOf } from '../feature';
import { modelToy, rill } from '../model';
import { addParts, changeSettings, newToy, setFeature, setJoin, type AgeGroup, type Toy } from '../toy';
import { checkToy, shieldOf, type ToldPoint } from './index';

let n = 0;
const newId = () => `a${++n}`;
const forAge = (toy: Toy, age: AgeGroup): Toy => changeSettings(toy, { age });
const baby = (toy: Toy): Toy => forAge(toy, 'under 18 months');
const page = (text: string): Toy => baby(addParts(newToy('T', newId), text, newId));
const pointsOf = (toy: Toy): ToldPoint[] => checkToy(modelToy(toy));
const find = (toy: Toy, id: RegExp): ToldPoint | undefined => pointsOf(toy).find((p) => id.test(p.id));
const ball = () => `Ball (rust, 3.0 mm hook)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4-6: sc around (18)
R7: (sc, dec) x6 (12)
stuff
R8: dec x6 (6)
close`;
const BALL = page(ball());
const otter = baby(rill(newId));
const eyes = otter.features.find((f) => f.kind === 'eyes')!;

const cord = `Cord (3.0 mm hook)\nRow 1: ch 70, sc in 2nd ch from hook and in each ch (69)\nfasten off`;
const withLoop = (): Toy => {
  const toy = page(`${ball()}\n\n${cord}`);
  const [body, guest] = toy.parts;
  const { fabric } = modelToy(toy).parts[0];
  const sewn = (id: string, which: 'first' | 'last', index: number) => ({
    kind: 'sewn' as const,
    id,
    guest: { part: guest.id, copy: guest.copies[0].id },
    at: {
      part: body.id,
      copy: body.copies[0].id,
      course: { mark: fabric.rounds[3].mark, nth: 0, layer: 0 },
      at: 'hole' as const,
      index,
      of: 18,
    },
    edge: { which, nth: 1, from: 1, to: null, layers: 1 as const, pinched: false },
    aim: { way: null, tiltDeg: 0, towardDeg: 0, turnDeg: 0 },
    twin: null,
    hang: null,
    seam: { twice: false, yarn: 'guest' as const, startAt: null },
  });
  return setJoin(setJoin(toy, sewn('a', 'first', 3)), sewn('b', 'last', 9));
};

describe('an adversary: dangerous toys made to look harmless, each caught or said to be not known', () => {
  it.each<[string, Toy, RegExp, boolean]>([
    [
      'loops of yarn all around, as a stitch of a round',
      page(ball().replace('R4-6: sc around (18)', 'R4-6: loop st in each st (18)')),
      /:loops$/,
      false,
    ],
    [
      'plastic eyes named in the text of a part and never placed',
      page(ball().replace('stuff', 'insert 9 mm safety eyes between R5 and R6\nstuff')),
      /^named:/,
      false,
    ],
    [
      'plastic eyes named in the materials only',
      baby({ ...BALL, page: 'Materials: DK yarn, 8 mm safety eyes' }),
      /^named:page$/,
      false,
    ],
    [
      'a cord in a note',
      page(ball().replace('stuff', '-- tie a ribbon of 60 cm round its neck --\nstuff')),
      /^text:.*:ribbon$/,
      false,
    ],
    [
      'hardware in words of the page only',
      baby({ ...BALL, page: 'Finishing: hang it on a key ring.' }),
      /^text:page:ring$/,
      false,
    ],
    [
      'wire in words of the page only',
      baby({ ...BALL, page: 'Put a pipe cleaner through the neck.' }),
      /^text:page:wire$/,
      false,
    ],
    ['a loop made by two joins', withLoop(), /^joined loop:/, true],
    ['an age left open', forAge(otter, 'unknown'), /^plastic:/, true],
    [
      'a washer of a size of its own',
      setFeature(otter, { ...eyes, ...hardwareOf(24) } as typeof eyes),
      /^washer:/,
      false,
    ],
    [
      'limbs that nobody has fixed',
      page(
        `${ball()}\n\nArm (2x, 3.0 mm hook)\nR1: 6 sc in ring (6)\nR2-8: sc around (6)\nstuff\nfasten off`,
      ),
      /^loose pieces$/,
      false,
    ],
    ['glue in a note', page(`${ball()}\nGlue the felt mouth on.`), /^text:.*:glue$/, false],
    ['rounds that do not add up', page(ball().replace('(12)\nstuff', '(99)\nstuff')), /^small:/, false],
    ['a hook that nobody knows', page(ball().replace('3.0 mm hook', 'size 7 hook')), /^gap:/, false],
  ])('%s', (_, toy, id, stops) => {
    const found = find(toy, id)!;
    expect([found?.id ?? 'not found', found?.weight]).toEqual([
      expect.stringMatching(id),
      stops ? 'stop' : 'open',
    ]);
    expect(shieldOf(pointsOf(toy)).open + shieldOf(pointsOf(toy)).stops).toBeGreaterThan(0);
  });
});
