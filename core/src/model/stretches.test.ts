import { addParts, changePart, newToy, rewriteRounds, type Toy } from '../toy';
import { gatherRange } from '../notation';
import { modelToy } from './toy';
import { stretchesOf } from './stretches';
import type { PartModel } from './part';

let n = 0;
const newId = () => `s${++n}`;
const toyOf = (title: string, rounds: readonly string[]): Toy =>
  addParts(newToy('T', newId), `${title}\n${rounds.join('\n')}\nclose`, newId);
const only = (toy: Toy): PartModel => modelToy(toy).parts[0];
const HEAD = ['R1: 6 sc in ring', 'R2: inc x6', 'R3: (sc, inc) x6', 'R4: (2 sc, inc) x6', 'R5-8: sc around'];
const NECK = ['R9: (2 sc, dec) x6', 'R10: (sc, dec) x6'];
const BODY = [
  'R11: (sc, inc) x6',
  'R12: (2 sc, inc) x6',
  'R13-16: sc around',
  'R17: (2 sc, dec) x6',
  'R18: (sc, dec) x6',
];
const DOLL = [...HEAD, ...NECK, ...BODY];
const rounds = (part: PartModel) =>
  stretchesOf(part).map((s) => [s.is, part.fabric.rounds[s.from].label, part.fabric.rounds[s.to].label]);

describe('stretches of a part', () => {
  it('a ball is one; so is a cone, an egg and a row', () => {
    expect(rounds(only(toyOf('Ball', [...HEAD, 'R9: (2 sc, dec) x6', 'R10: (sc, dec) x6'])))).toEqual([
      ['other', 'R1', 'R10'],
    ]);
    expect(stretchesOf(only(toyOf('Cone', HEAD)))).toHaveLength(1);
    expect(
      stretchesOf(
        only(toyOf('Scarf', ['Row 1: ch 9, sc in 2nd ch from hook and each ch, turn', 'Row 2: 8 sc'])),
      ),
    ).toHaveLength(1);
  });
  it('a doll begun at its crown is a head down to its neck of 12, and a body; begun at its sole the head is above', () => {
    expect(rounds(only(toyOf('Doll', DOLL)))).toEqual([
      ['head', 'R1', 'R10'],
      ['body', 'R11', 'R18'],
    ]);
    expect(rounds(only(toyOf('Doll (ring = sole)', DOLL))).map(([is]) => is)).toEqual(['body', 'head']);
  });
  it('a shallow waist is none: 24 to 21 is 0.88 of it', () => {
    const waist = [...HEAD, 'R9: (6 sc, dec) x3', 'R10: (6 sc, inc) x3', 'R11-14: sc around'];
    expect(stretchesOf(only(toyOf('Body', waist)))).toHaveLength(1);
  });
  it('what the maker says cuts what the shape says, and nothing is counted twice or left out', () => {
    const toy = toyOf('Doll', DOLL);
    const { part } = only(toy);
    const mark = (line: number, nth = 0) => ({ mark: part.marks[line], nth, layer: 0 });
    const said = changePart(toy, part.id, {
      stretches: [{ from: mark(5, 3), to: mark(7), is: 'neck' }],
    });
    expect(rounds(only(said))).toEqual([
      ['head', 'R1', 'R7'],
      ['neck', 'R8', 'R10'],
      ['body', 'R11', 'R18'],
    ]);
    const covered = stretchesOf(only(said)).flatMap((s) =>
      Array.from({ length: s.to - s.from + 1 }, (_, i) => s.from + i),
    );
    expect(covered).toEqual(only(said).fabric.rounds.map((_, i) => i));
  });
  it('a correction follows its rounds when they are written as a range, and is left out when they are gone', () => {
    const toy = toyOf('Doll', [...DOLL.slice(0, 5), 'R9: 24 sc', 'R10: 24 sc', 'R11: (2 sc, dec) x6']);
    const { part } = only(toy);
    const at = (line: number) => ({ mark: part.marks[line], nth: 0, layer: 0 });
    const said = changePart(toy, part.id, {
      stretches: [{ from: at(6), to: at(7), is: 'neck' }],
    });
    const gathered = rewriteRounds(said, part.id, gatherRange(part.text, 7)!, newId);
    expect(rounds(only(gathered))).toContainEqual(['neck', 'R9', 'R10']);
    const gone = changePart(toy, part.id, {
      stretches: [{ from: { mark: 'nowhere', nth: 0, layer: 0 }, to: at(7), is: 'neck' }],
    });
    expect(rounds(only(gone)).map(([is]) => is)).not.toContain('neck');
  });
});
