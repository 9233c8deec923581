import fc from 'fast-check';
import { onBody, polarOf, resolve, ResolvedPlace, type Place } from '../address';
import { newPair } from '../feature';
import { holePlace, movedJoin, newJoin, pieceKey, type SewnJoin } from '../join';
import { planOf } from '../plan';
import { addParts, changePart, newToy, setFeature, setJoin, typeInPart, type Toy } from '../toy';
import { hangWords, headOf, modelToy, saidOfJoin, type ToyModel } from './index';

let n = 0;
const newId = () => `h${++n}`;

// A stated toy: a tube of 30 stitches that stands on its ring, 25 rounds of 4 mm, with a ridge at R12 and navy from R16 on.
const BODY = `Body (1x, cream, 3.0 mm hook, ring = sole)
R1: 6 sc in ring
R2: inc x6
R3: (sc, inc) x6
R4: (2 sc, inc) x6
R5: (3 sc, inc) x6
R6-11: sc around
R12: BLO sc around
R13-15: sc around
R16: with navy: sc around
R17-25: sc around
leave open`;
const edge = (n: number) =>
  ({
    6: 'R1: 6 sc in ring\nR2-6: sc around',
    9: 'R1: 6 sc in ring\nR2: (sc, inc) x3\nR3-6: sc around',
    12: 'R1: 6 sc in ring\nR2: inc x6\nR3-8: sc around',
  })[n]!;

/** Arms of 12 at R18·19 on both sides, a bow of 6 at R10·11 in front, eyes between R21 and R22, and a tail of 9 whose place is said. */
function stated(): { toy: Toy; tail: SewnJoin } {
  let toy = addParts(
    newToy('T', newId),
    `${BODY}\n\nArm (2x, 3.0 mm hook, ring = tip)\n${edge(12)}\nopen\n\nBow (3.0 mm hook, ring = tip)\n${edge(6)}\nopen\n\nTail (3.0 mm hook, ring = tip)\n${edge(9)}\nopen`,
    newId,
  );
  for (const part of toy.parts) toy = changePart(toy, part.id, { fill: 'empty' });
  const model = modelToy(toy);
  const [body, arm, , bow, tail] = model.pieces;
  const at = (round: number, deg: number): Place => {
    const want = body.frontRad - (deg * Math.PI) / 180;
    const polar = polarOf(body.form, round, 0, 'hole');
    const turns = (want - polar.angleRad) / (2 * Math.PI);
    return holePlace(body, round, Math.round((turns - Math.floor(turns)) * 30));
  };
  const arms = model.parts[1].copies;
  toy = setJoin(
    toy,
    newJoin({
      id: 'arm',
      guest: { part: arm.part, copy: arms[0].id },
      at: at(18, 90),
      twin: { copy: arms[1].id, at: null },
    }),
  );
  toy = setJoin(toy, newJoin({ id: 'bow', guest: { part: bow.part, copy: bow.copy }, at: at(10, 0) }));
  const sewn = newJoin({ id: 'tail', guest: { part: tail.part, copy: tail.copy }, at: at(7, 180) });
  toy = setJoin(toy, sewn);
  const pair = newPair(headOf(modelToy(toy), modelToy(toy).parts[0]), {
    id: 'eyes',
    part: body.part,
    copy: null,
  })!;
  const course = at(21, 0).course;
  return { toy: setFeature(toy, { ...pair, pair: { ...pair.pair, course } }), tail: sewn };
}

const { toy, tail } = stated();
const model = modelToy(toy);

/** The round below a place and its angle from the face towards the toy's left, degrees. */
function whereIs(of: ToyModel, place: Place): { round: number; deg: number } | 'start' | 'last' {
  const body = of.pieces[0];
  const found = resolve(body.form, place);
  if (!(found instanceof ResolvedPlace)) throw new Error('homeless');
  if (place.at === 'edge') return found.round === 0 ? 'start' : 'last';
  // Right-handed and standing on the ring, numbers grow to the toy's right: the angle grows the other way.
  const turn = ((body.frontRad - onBody(found)!.polar.angleRad) * 180) / Math.PI;
  return { round: found.round, deg: turn - 360 * Math.round(turn / 360) };
}

type Expected = { round: number; deg: number; within?: number } | 'start' | 'last';
const BACK = 180;
// Reaches in rounds: arm 8.3 mm = 2.1, bow 4.2 mm = 1, tail 6.2 mm = 1.6; a stitch round the tube is 12 degrees.
const PHRASES: readonly (readonly [string, Expected])[] = [
  ['between R9 and R10', { round: 9, deg: BACK }],
  ['between round 9 and round 10', { round: 9, deg: BACK }],
  ['between R9 and R10, on the front', { round: 9, deg: 0 }],
  ['on R9', { round: 8, deg: BACK }],
  ['in round 14 at the back', { round: 13, deg: BACK }],
  ['six rounds from the ring', { round: 6, deg: BACK }],
  ['6 rounds up from the ring', { round: 6, deg: BACK }],
  ['8 rounds above the ring, on the back', { round: 8, deg: BACK }],
  ['ten rounds after the start', { round: 10, deg: BACK }],
  ['four rounds from the open end', { round: 21, deg: BACK }],
  ['3 rounds below the open edge', { round: 22, deg: BACK }],
  ['two rounds down from the neck, behind', { round: 23, deg: BACK }],
  ['5 rounds from the last round', { round: 20, deg: BACK }],
  ['7 rounds from the bottom', { round: 7, deg: BACK }],
  ['7 rounds up from the bottom, in front', { round: 7, deg: 0 }],
  ['5 rounds down from the top', { round: 20, deg: BACK }],
  ['five rounds below the top, on the side', { round: 20, deg: 90 }],
  ['just above the ridge', { round: 11, deg: BACK }],
  ['first round above the ridge', { round: 11, deg: BACK }],
  ['third round above the ridge, on the back line', { round: 13, deg: BACK }],
  ['2 rounds above the ridge', { round: 13, deg: BACK }],
  ['where navy begins', { round: 15, deg: BACK }],
  ['first round of navy', { round: 15, deg: BACK }],
  ['on the second round of navy, in front', { round: 16, deg: 0 }],
  ['straight above the bow, 2 rounds free', { round: 15, deg: 0, within: 1 }],
  ['straight above the bow with 2 rounds free', { round: 15, deg: 0, within: 1 }],
  ['above the bow, leaving three rounds free', { round: 16, deg: 0, within: 1 }],
  ['2 rounds above the bow', { round: 15, deg: 0, within: 1 }],
  ['just above the bow', { round: 13, deg: 0, within: 1 }],
  ['right below the bow', { round: 7, deg: 0, within: 1 }],
  ['straight under the bow, 1 round free', { round: 6, deg: 0, within: 1 }],
  ['above the bow, 2 rounds free, on the back', { round: 15, deg: BACK, within: 1 }],
  ['where the bow ends', { round: 7, deg: 0, within: 1 }],
  ['where the arms end, on the back', { round: 14, deg: BACK, within: 1 }],
  ['below the arms', { round: 14, deg: BACK, within: 1 }],
  ['2 rounds below the arms, in front', { round: 12, deg: 0, within: 1 }],
  ['straight below the arm, on the left side', { round: 14, deg: 90, within: 1 }],
  ['level with the arms', { round: 18, deg: BACK, within: 1 }],
  ['level with the bow, on the side', { round: 10, deg: 90, within: 1 }],
  ['at the same height as the arms, in front', { round: 18, deg: 0, within: 1 }],
  ['at the height of the bow', { round: 10, deg: BACK, within: 1 }],
  ['even with the eyes, on the back', { round: 21, deg: BACK, within: 1 }],
  ['below the eyes', { round: 18, deg: BACK, within: 1 }],
  ['four rounds below the eyes, in the middle of the face', { round: 14, deg: 0, within: 1 }],
  ['half way up', { round: 13, deg: BACK, within: 1 }],
  ['half way up the back', { round: 13, deg: BACK, within: 1 }],
  ['a third of the way up, on the front', { round: 10, deg: 0, within: 1 }],
  ['two thirds up, at 45 degrees', { round: 17, deg: 45, within: 1 }],
  ['a quarter of the way down', { round: 19, deg: BACK, within: 1 }],
  ['at 120 degrees', { round: 7, deg: 120, within: 1 }],
  ['at 30° to the right', { round: 7, deg: -30, within: 1 }],
  ['45 degrees to the left of the front', { round: 7, deg: 45, within: 1 }],
  ['on the left side', { round: 7, deg: 90, within: 1 }],
  ['on the toy’s right side, 9 rounds from the ring', { round: 9, deg: -90 }],
  ['along the back line, 12 rounds from the ring', { round: 12, deg: BACK }],
  ['beside the bow', { round: 10, deg: 29, within: 1 }],
  ['beside the bow, 3 stitches free', { round: 10, deg: 65, within: 1 }],
  ['3 stitches to the left of the bow', { round: 10, deg: 65, within: 1 }],
  ['2 stitches to the toy’s right of the bow', { round: 10, deg: -53, within: 1 }],
  ['next to the bow with one stitch free', { round: 10, deg: 41, within: 1 }],
  ['round the ring end', 'start'],
  ['around the start', 'start'],
  ['at the open end', 'last'],
  ['on the neck edge', 'last'],
];

describe('places in a maker’s own words', () => {
  it('there are more than sixty of them', () => expect(PHRASES.length).toBeGreaterThanOrEqual(60));
  it.each(PHRASES)('%s', (phrase, expected) => {
    const said = saidOfJoin(model, tail, phrase)!;
    expect(said.read.unread).toEqual([]);
    const { place } = said;
    if (place === null || typeof place === 'string') throw new Error(`${phrase}: ${place}`);
    const is = whereIs(model, place);
    if (typeof expected === 'string') return expect(is).toBe(expected);
    if (typeof is === 'string') throw new Error(is);
    expect(Math.abs(is.round - expected.round)).toBeLessThanOrEqual(expected.within ?? 0);
    const off = is.deg - expected.deg;
    // Half a stitch of 12 degrees where it was put, and half a stitch more where it is put now.
    expect(Math.abs(off - 360 * Math.round(off / 360))).toBeLessThan(12.1);
  });
  it.each(PHRASES.map(([phrase]) => [phrase]))(
    '“%s” is printed in words that are read as the same',
    (phrase) => {
      const { hang } = saidOfJoin(model, tail, phrase)!.read;
      const again = saidOfJoin(model, tail, hangWords(model, hang))!.read;
      expect([again.unread, again.unknown, again.twice]).toEqual([[], null, false]);
      const share = (h: typeof hang.height) =>
        h?.by === 'share' ? { by: h.by, percent: Math.round(100 * h.of) } : h;
      expect([share(again.hang.height), again.hang.along]).toEqual([share(hang.height), hang.along]);
    },
  );
  it('what is not understood is given back, and a name that is not there is told', () => {
    expect(saidOfJoin(model, tail, 'purple monkey')!.read).toMatchObject({
      hang: { height: null, along: null },
      unread: ['purple', 'monkey'],
    });
    expect(saidOfJoin(model, tail, 'above the trunk')!).toMatchObject({
      read: { unknown: 'trunk' },
      place: null,
    });
    expect(saidOfJoin(model, tail, '40 rounds from the ring')!.place).toBe('no such round');
    expect(saidOfJoin(model, tail, 'first round of orange')!.place).toBeNull();
    expect(saidOfJoin(model, tail, '6 rounds from the ring, 4 rounds from the open end')!.read.twice).toBe(
      true,
    );
  });
});

describe('what hangs on something follows it', () => {
  const hung = (phrase: string): Toy => {
    const said = saidOfJoin(model, tail, phrase)!;
    return setJoin(toy, { ...tail, at: said.place as Place, hang: said.read.hang });
  };
  const tailAt = (of: ToyModel) => {
    const { join } = of.sites.find((s) => s.join.id === 'tail')!;
    return whereIs(of, join.at) as { round: number; deg: number };
  };
  it('rounds from the ring and from the open end follow rounds that are added', () => {
    const grow = (t: Toy) => {
      const body = t.parts[0];
      const at = body.text.indexOf('R13-15');
      return typeInPart(t, body.id, { from: at, to: at + 'R13-15'.length, insert: 'R13-18' }, newId);
    };
    const renumbered = (t: Toy) => modelToy(grow(t));
    expect(tailAt(renumbered(hung('six rounds from the ring'))).round).toBe(6);
    // Three rounds more before it: the same distance from the open end.
    expect(tailAt(renumbered(hung('four rounds from the open end'))).round).toBe(24);
  });
  it('after each of twenty edits it has followed, or says why not', () => {
    const edits = fc.array(
      fc.record({
        what: fc.constantFrom('bow up' as const, 'bow down' as const, 'eyes' as const, 'arm' as const),
        by: fc.integer({ min: 1, max: 2 }),
      }),
      { minLength: 20, maxLength: 20 },
    );
    fc.assert(
      fc.property(
        edits,
        fc.constantFrom(
          'straight above the bow, 1 round free',
          'level with the bow, on the side',
          '3 stitches to the left of the bow',
        ),
        (all, phrase) => {
          let now = hung(phrase);
          const away = (t: Toy) => {
            const of = modelToy(t);
            const bow = whereIs(of, of.sites.find((s) => s.join.id === 'bow')!.join.at) as {
              round: number;
              deg: number;
            };
            const is = tailAt(of);
            return { rounds: is.round - bow.round, told: of.unfollowed.length };
          };
          const first = away(now);
          for (const { what, by } of all) {
            const of = modelToy(now);
            const id = what === 'arm' ? 'arm' : 'bow';
            const found = of.sites.find((s) => s.join.id === id)!;
            const host = of.placed.find((p) => pieceKey(p) === pieceKey(found.join.at))!;
            if (what === 'eyes') {
              const eyes = now.features.find((f) => f.kind === 'eyes');
              if (eyes?.kind === 'eyes')
                now = setFeature(now, {
                  ...eyes,
                  pair: { ...eyes.pair, course: { ...eyes.pair.course, nth: by } },
                });
              continue;
            }
            const { round } = found.sites[0];
            // The bow stays where the tube is even, so that the same words mean the same rounds.
            const up = what === 'bow up' ? round + by < 13 : false;
            const moved = movedJoin(host, found.join, found.sites[0], up || round < 9 ? 'up' : 'down');
            if (moved && (id === 'bow' ? round > 8 || up : true)) now = setJoin(now, moved.join);
            const is = away(now);
            if (is.told === 0) expect(Math.abs(is.rounds - first.rounds)).toBeLessThanOrEqual(1);
          }
        },
      ),
      { numRuns: 5, seed: 20261127 },
    );
  });
  it('a thing that is gone is told, and the place stays', () => {
    const on = hung('straight above the bow, 2 rounds free');
    const before = tailAt(modelToy(on));
    const off = modelToy({ ...on, joins: on.joins.filter((j) => j.id !== 'bow') });
    expect(off.unfollowed.map((u) => [u.join.id, u.fault])).toEqual([['tail', 'thing gone']]);
    expect(planOf(off).trouble).toContainEqual(expect.objectContaining({ fault: 'thing gone' }));
    expect(tailAt(off)).toEqual(before);
  });
  it('two that go by each other stay where they are and are told; words that would make them are refused', () => {
    const on = hung('level with the bow, on the side');
    const bow = on.joins.find((j) => j.id === 'bow')!;
    const away: Place = { ...bow.at, index: bow.at.index + 5 };
    const circle = modelToy(
      setJoin(on, {
        ...bow,
        at: away,
        hang: { height: { by: 'thing', of: 'tail', way: 'level', freeRounds: 0 }, along: null },
      }),
    );
    expect(circle.unfollowed.map((u) => `${u.join.id}: ${u.fault}`).sort()).toEqual([
      'bow: circle',
      'tail: circle',
    ]);
    const at = (of: ToyModel, id: string) => of.sites.find((s) => s.join.id === id)!.join.at;
    expect(at(circle, 'bow')).toEqual(away);
    expect(at(circle, 'tail')).toEqual(on.joins.find((j) => j.id === 'tail')!.at);
    expect(saidOfJoin(modelToy(on), bow, 'level with the tail')!.place).toBe('circle');
  });
});
