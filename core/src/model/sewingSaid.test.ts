import { onBody, resolve, ResolvedPlace } from '../address';
import { addParts, newToy, setJoin, type Toy } from '../toy';
import {
  joinedUsually,
  modelToy,
  acceptSewing,
  sewingSaid,
  sewnElsewhere,
  type SewingSaid,
  type ToyModel,
} from './index';

let n = 0;
const newId = () => `s${++n}`;

// A tube of 30 that stands on its ring, 25 rounds; arms of 12, an ear of 9.
const BODY = `Body (ring = sole)
R1: 6 sc in ring
R2: inc x6
R3: (sc, inc) x6
R4: (2 sc, inc) x6
R5: (3 sc, inc) x6
R6-25: sc around
leave open`;
const ARM = 'Arm (2x, ring = tip)\nR1: 6 sc in ring\nR2: inc x6\nR3-8: sc around\nleave open';
const EAR = 'Ear (ring = tip)\nR1: 6 sc in ring\nR2: (sc, inc) x3\nR3-6: sc around\nleave open';

/** A toy whose page says something below its arms, or behind all its parts. */
const toyOf = (below: string, behind = ''): Toy =>
  joinedUsually(
    addParts(newToy('T', newId), [BODY, `${ARM}\n${below}`, EAR, behind].filter(Boolean).join('\n\n'), newId),
    newId,
  );
const joinOf = (model: ToyModel, name: string) =>
  model.toy.joins.find((j) => model.parts.find((p) => p.part.id === j.guest.part)?.name === name)!;
const saidOf = (toy: Toy, name = 'Arm'): SewingSaid[] => {
  const model = modelToy(toy);
  return sewingSaid(model, joinOf(model, name));
};
/** The round below a place and its angle from the face towards the toy's left, degrees. */
function whereOf(toy: Toy, { said }: SewingSaid): { round: number; deg: number } | null {
  const place = said?.place;
  const [body] = modelToy(toy).pieces;
  if (!place || typeof place === 'string') return null;
  const found = resolve(body.form, place);
  if (!(found instanceof ResolvedPlace)) return null;
  const turn = ((body.frontRad - onBody(found)!.polar.angleRad) * 180) / Math.PI;
  return { round: found.round, deg: turn - 360 * Math.round(turn / 360) };
}

describe('where the text says that a part is sewn', () => {
  it.each([
    ['Sew to the body between rounds 18 and 19.', 18, ''],
    ['Sew the arms to the body between rnds 18 and 19, 8 stitches apart.', 18, '8 stitches apart'],
    ['Do not stuff. Sew to the body between R18 and R19.', 18, ''],
    ['Stuff lightly, sew on the sides over rounds 17 to 20.', 18, ''],
    ['Pin the arms on R19 and sew.', 18, ''],
    ['Attach both arms over R18 and R19, one on each side.', 18, ''],
    ['Sew to the body seven rounds from the open edge.', 18, ''],
    ['sew the arms to R19, one each side, 9 sts apart', 18, '9 sts apart'],
    ['Sew the arms to the sides, R19.', 18, ''],
    ['R9: sc around. Fasten off. Sew to the sides of the body at R19.', 18, ''],
    ['Stuff a little and sew on between rounds 17 and 20.', 18, ''],
    ['Sew to the body between rnds 19 & 18.', 18, ''],
    ['Sew across rounds 16-21.', 18, ''],
  ])('%s', (sentence, round, left) => {
    const toy = toyOf(sentence);
    const [told, ...more] = saidOf(toy);
    expect(more).toEqual([]);
    expect(sentence).toContain(told.words);
    expect(told).toMatchObject({ left, followed: false });
    const where = whereOf(toy, told)!;
    expect(where.round).toBe(round);
    // What says nothing of the side leaves them where they usually are.
    expect(Math.abs(where.deg)).toBeGreaterThan(60);
    expect(Math.abs(where.deg)).toBeLessThan(120);
  });

  it('is followed once it was put there, and told again when the join is elsewhere', () => {
    const toy = toyOf('Sew to the body between R18 and R19.');
    const join = joinOf(modelToy(toy), 'Arm');
    const [{ said }] = saidOf(toy);
    const put = setJoin(toy, {
      ...join,
      at: said!.place as typeof join.at,
      hang: said!.read.hang,
    } as typeof join);
    expect(saidOf(put).map((s) => s.followed)).toEqual([true]);
    expect(saidOf(setJoin(put, { ...join, hang: null } as typeof join)).map((s) => s.followed)).toEqual([
      false,
    ]);
  });

  it('copies of a part that stand elsewhere are put where it says together; then nothing is told of them', () => {
    const [four, sentence] = ['Arm (4x', 'Sew to the body between R18 and R19.'];
    const toy = toyOf(`${sentence}`);
    const more = addParts(
      newToy('T', newId),
      [BODY, `${ARM.replace('Arm (2x', four)}\n${sentence}`].join('\n\n'),
      newId,
    );
    for (const made of [toy, joinedUsually(more, newId)]) {
      const model = modelToy(made);
      const [told, ...others] = sewnElsewhere(model);
      expect(others).toEqual([]);
      expect(told.put.map((j) => j.id)).toEqual(
        model.toy.joins.filter((j) => j.guest.part === made.parts[1].id).map((j) => j.id),
      );
      expect(sewnElsewhere(modelToy(told.put.reduce(setJoin, made)))).toEqual([]);
    }
  });

  it('is taken from a page where host and place are plain; what is not is left, and nothing else is sewn', () => {
    const taken = (below: string) => {
      const toy = addParts(
        newToy('T', newId),
        [BODY, `${ARM}\n${below}`, `${EAR}\nSew to the body.`].join('\n\n'),
        newId,
      );
      const { toy: sewn, ...told } = acceptSewing(toy, newId);
      const words = (list: readonly { words: string }[]) => list.map((t) => t.words);
      return { joins: sewn.joins.length, taken: words(told.taken), left: words(told.left) };
    };
    const plain = 'Sew to the body between R18 and R19.';
    expect(taken(plain)).toEqual({ joins: 1, taken: [plain], left: ['Sew to the body.'] });
    for (const more of ['Sew between R18 and R19.', 'Sew to the body between R18 and R19, 8 sts apart.'])
      expect(taken(more)).toEqual({ joins: 0, taken: [], left: [more, 'Sew to the body.'] });
  });

  it.each(['Ear+', 'E|r', 'Ear^', 'a)b', 'The'])('a part may be called “%s”', (name) => {
    const ear = `${name}\n${EAR.split('\n').slice(1).join('\n')}\nSew to the body between R18 and R19.`;
    const toy = joinedUsually(addParts(newToy('T', newId), [BODY, ear].join('\n\n'), newId), newId);
    expect(modelToy(toy).parts[1].name).toBe(name);
    expect(saidOf(toy, name).map((told) => whereOf(toy, told)?.round)).toEqual([18]);
  });

  it('is found behind all the parts, under the part that it names, and only there', () => {
    const toy = toyOf(
      '',
      'Assembly\nSew the ear on the back, 4 rounds from the open edge.\nWeave in all ends.',
    );
    expect(saidOf(toy, 'Arm')).toEqual([]);
    const [told] = saidOf(toy, 'Ear');
    expect(whereOf(toy, told)!.round).toBe(21);
    expect(Math.abs(whereOf(toy, told)!.deg)).toBeGreaterThan(170);
  });

  it.each([
    ['Sew the ear in the centre of the face, over rnds 9 and 10.', 9, 0],
    ['Sew the ear at the back, R9.', 8, 180],
  ])('%s', (sentence, round, deg) => {
    const toy = toyOf('', `Assembly\n${sentence}`);
    const where = whereOf(toy, saidOf(toy, 'Ear')[0])!;
    expect([where.round, Math.round(Math.abs(where.deg) / 20) * 20]).toEqual([round, deg]);
  });

  it.each([
    'Sew to the body.',
    'Sew the arms to the body, sloping towards its middle on R5, and up on the back on R9.',
    'Sew the arms to the body over round 40.',
    'Do not sew the arms to the body between R18 and R19 yet.',
    'If you like, sew the arms to the body between R18 and R19.',
    'Sew the arms on the front at R9, 4 sts apart.',
    'Sew the arms to the ear between R3 and R4.',
    'Sew rnd 8 of each arm to rnd 19 of the body.',
    'Sew one end of the arm to the body at round 15, the other end at round 7.',
  ])('what is not understood, or in two ways, is told and puts nothing anywhere: %s', (sentence) => {
    const toy = toyOf(sentence);
    const [told] = saidOf(toy);
    expect(told.words).toBe(sentence);
    expect(whereOf(toy, told)).toBeNull();
  });

  it.each([
    'Leave a long tail for sewing.',
    'Insert the eyes between R18 and R19.',
    'Stuff the arms between R2 and R5.',
    'Fasten off.',
    'Mark the line from R5 to R9 with a pin at each end.',
  ])('says nothing of it: %s', (sentence) => expect(saidOf(toyOf(sentence))).toEqual([]));
});
