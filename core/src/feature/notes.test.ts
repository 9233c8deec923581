import { read } from '../notation';
import { bareHead } from './head';
import { formFrom, HEAD } from './cases';
import { firstPair, hardwareOf, pairsOfNote, type NoteOffer } from './index';

/** 36 stitches in R6 to R10, 15 rounds; gauge 5 mm and measured. */
const head = bareHead(formFrom(HEAD));
const ids = { id: 'e', part: 'p', copy: 'c' };

/** What a note on a line of its own comes to; null where it speaks of no feature. */
function offer(note: string): NoteOffer | null {
  const [part] = read(`R1: 6 sc in ring (6)\n${note}`, { terms: 'us' }).parts;
  const { node } = part.lines[1];
  if (node.type !== 'note') throw new Error(`${note} is a ${node.type}`);
  return node.feature ? pairsOfNote(head, node.feature, ids) : null;
}
/** Stitches between of every reading, how it is made and how large; and why nothing is offered, or what is left open. */
function told(note: string) {
  const found = offer(note);
  if (!found) return 'nothing';
  const betweens = found.readings.map((r) => r.between);
  const first = found.readings[0]?.pair;
  return first
    ? { betweens, making: first.making, mm: first.eyeMm, at: first.pair.at, why: found.said?.why ?? null }
    : found.said?.why;
}

const eyes = (
  betweens: number[],
  more: Partial<{ making: string; mm: number; at: string; why: string | null }> = {},
) => ({ betweens, why: null, ...more });

/** 80 notes as makers write them; what each must come to is worked out by hand. */
const NOTES: [note: string, wanted: object | string][] = [
  // the round and the count are both said
  ['eyes between R8 and R9, 7 between', eyes([7], { at: 'hole' })],
  ['-- eyes between R8 and R9, 7 between --', eyes([7])],
  ['Place eyes between rounds 8 and 9, 7 stitches between', eyes([7])],
  ['Insert safety eyes between rounds 8 & 9, 6 sts apart', eyes([6, 5], { making: 'safety eye' })],
  ['Eyes: between rows 8 and 9, six stitches apart.', eyes([6, 5])],
  ['place the safety eyes between Rnd 8 and Rnd 9 with 8 stitches in between', eyes([8])],
  ['put eyes between R8-9, twelve stitches apart', eyes([12, 11])],
  ['eyes between the 8th and 9th round, 7 sts between', eyes([7])],
  ['eyes between rounds 9 and 8, 7 between', eyes([7])],
  ['add eyes between R8 and R9, 7 holes apart', eyes([7, 8, 6])],
  ['eyes between R8 and R9, 6 holes between', eyes([7])],
  ['eyes between R8 and R9, 6 holes showing', eyes([7])],
  ['eyes between R8 and R9 with 5 visible stitches between', eyes([5])],
  ['eyes between R8 and R9, leave 7 stitches between them', eyes([7])],
  ['eyes on round 8, 7 stitches between', eyes([7], { at: 'middle' })],
  ['eyes in R8, 7 sts apart', eyes([7, 6], { at: 'middle' })],
  ['6 mm safety eyes between R8 and R9, 7 between', eyes([7], { making: 'safety eye', mm: 6 })],
  ['12mm safety eyes between rounds 8 and 9, 9 stitches between', eyes([9], { mm: 12 })],
  ['Safety eyes (10 mm) between R8 and R9, 7 between', eyes([7], { mm: 10 })],
  ['black safety eyes of 9 mm, between rounds 8 and 9, 6 between', eyes([6], { mm: 9 })],
  ['eyes 5mm between R8 and R9 7 sts between', eyes([7], { mm: 5 })],
  // made of thread
  ['embroider the eyes between R8 and R9, 5 between', eyes([5], { making: 'embroidered' })],
  [
    'Embroider eyes with black yarn between rounds 8 and 9, 5 stitches between',
    eyes([5], { making: 'embroidered' }),
  ],
  ['With black thread stitch the eyes between R8 and R9, 6 between', eyes([6], { making: 'embroidered' })],
  ['eyes: French knots between R8 and R9, 4 between', eyes([4], { making: 'embroidered' })],
  ['embroidered eyes between R8 and R9, 5 sts apart', eyes([5, 4], { making: 'embroidered' })],
  ['sew the eyes with black yarn between R8 and R9, 5 between', eyes([5], { making: 'embroidered' })],
  // two numbers are both asked for
  ['eyes between R8 and R9, about 6-7 between', eyes([6, 7])],
  ['eyes between R8 and R9, 6 or 7 stitches between', eyes([6, 7])],
  ['eyes between R8 and R9, 6 to 7 sts apart', eyes([6, 5, 7, 6])],
  // lengths
  ['eyes between R8 and R9, 30 mm apart', { why: null }],
  ['eyes between R8 and R9, 3 cm apart', { why: null }],
  ['9 mm eyes between R8 and R9, 30 mm apart', { mm: 9, why: null }],
  ['eyes between R8 and R9, 60 degrees apart', { why: null }],
  // the note does not say how far: that is told beside the usual count
  ['eyes between R8 and R9', { why: 'how far' }],
  ['Safety eyes go between rounds 8 and 9.', { why: 'how far' }],
  ['embroider the eyes between R8 and R9', { making: 'embroidered', why: 'how far' }],
  ['eyes on round 8', { at: 'middle', why: 'how far' }],
  // eyes no table has
  ['24 mm safety eyes between R8 and R9, 7 between', { mm: 24, why: 'size not known' }],
  ['30 mm safety eyes between R8 and R9, 7 between', { mm: 30, why: 'size not known' }],
  // where is not said
  ['embroider the eyes', 'which round'],
  ['6 mm safety eyes', 'which round'],
  ['Attach the safety eyes', 'which round'],
  ['eyes, 7 between', 'which round'],
  ['Two 9 mm safety eyes', 'which round'],
  ['Put the eyes in now.', 'which round'],
  ['Eyes now, before you close it', 'which round'],
  // what is said is not understood, and not replaced
  ['eyes between R8 and R12, 7 between', 'not understood'],
  ['eyes between R8 and R9, a finger apart', 'not understood'],
  ['eyes between R8 and R9, close together', 'not understood'],
  ['eyes between R8 and R9 with a few stitches between', 'not understood'],
  ['eyes between R8 and R9, half an inch between', 'not understood'],
  ['eyes between R8 and R9, next to each other', 'not understood'],
  ['eyes three rows above the snout, some stitches apart', 'not understood'],
  ['eyes two rounds above the color change', 'not understood'],
  ['eyes between rounds eight and nine, 7 between', 'not understood'],
  // what cannot be
  ['eyes between R8 and R9, 0 between', 'one hole'],
  ['eyes between R8 and R9, 25 between', 'too wide'],
  ['eyes between R8 and R9, 30 stitches apart', 'too wide'],
  ['eyes between R40 and R41, 7 between', 'no such round'],
  ['eyes on round 99', 'no such round'],
  // neither plastic nor thread
  ['Glue felt eyes between R8 and R9, 7 between', 'other eyes'],
  ['button eyes between R8 and R9, 7 between', 'other eyes'],
  ['crochet eyes between R8 and R9', 'other eyes'],
  ['googly eyes between R8 and R9, 7 between', 'other eyes'],
  ['safety eyes or embroider the eyes between R8 and R9, 7 between', 'other eyes'],
  // other features are no pair of eyes
  ['embroider the nose between R9 and R10, 3 between', 'not eyes'],
  ['Nose between the eyes, two rounds below', 'not eyes'],
  ['Embroider the nose centred between the eyes over 3 stitches', 'not eyes'],
  ['Embroider a mouth 2 rounds below the eyes', 'not eyes'],
  ['Embroider a smile from eye to eye', 'not eyes'],
  ['Sew the ears 5 rounds above the eyes, 8 stitches apart', 'not eyes'],
  ['Sew the ears between R3 and R4, 8 between', 'not eyes'],
  ['Embroider eyebrows above the eyes', 'not eyes'],
  ['Sew the snout between rounds 8 and 12, below the eyes', 'not eyes'],
  ['Embroider cheeks beside the eyes', 'not eyes'],
  ['Embroider eyelashes between R7 and R8', 'not eyes'],
  ['Sew the arms 2 rounds under the neck, in line with the eyes', 'not eyes'],
  // not about eyes at all
  ['-- thread the tail through the eye of the needle --', 'nothing'],
  ['-- measure by eye --', 'nothing'],
];

describe('80 notes that mention eyes, noses, mouths, ears', () => {
  it(`there are ${NOTES.length}`, () => expect(NOTES.length).toBeGreaterThanOrEqual(80));

  it.each(NOTES)('%s', (note, wanted) => {
    if (typeof wanted === 'string') expect(told(note)).toBe(wanted);
    else expect(told(note)).toMatchObject(wanted);
  });

  it('30 mm apart is the pair that comes nearest to 30 mm, straight and along the fabric, not the usual one', () => {
    const { readings } = offer('eyes between R8 and R9, 30 mm apart')!;
    // 36 stitches of 5 mm: r is about 30 mm; k stitches apart are 2 r sin(pi k / 36) straight and about 5 k along.
    const r = head.form.rounds[8].radiusMm;
    const straight = (k: number) => Math.abs(2 * r * Math.sin((Math.PI * k) / 36) - 30);
    const best = Array.from({ length: 17 }, (_, i) => i + 1).reduce((a, b) =>
      straight(b) < straight(a) ? b : a,
    );
    // Where both ways come to the same holes, that is one reading.
    expect(readings[0]).toMatchObject({ along: 'mm-straight', between: best });
    for (const along of readings.slice(1)) expect(along.between).toBeLessThanOrEqual(best);
  });
});

describe('the pair that is offered first', () => {
  const first = (text: string, pageMm: number | null = null) => {
    const { node } = read(`R1: 6 sc in ring (6)\n${text}`, { terms: 'us' }).parts[0].lines[1];
    return firstPair(head, node.type === 'note' && node.feature ? [node.feature] : [], ids, pageMm);
  };
  it('is where and of what the text says, where that is one thing', () => {
    const { pair } = first('embroider eyes between R8 and R9, 7 stitches between');
    expect([pair!.making, pair!.pair.between]).toEqual(['embroidered', 7]);
  });
  it('keeps making and size of a note whose place is open, and says what is', () => {
    const { pair, offer } = first('embroider the eyes, twelve fingers apart');
    expect([pair!.making, offer!.said === null]).toEqual(['embroidered', false]);
    expect(first('12 mm safety eyes').pair).toMatchObject({ making: 'safety eye', eyeMm: 12 });
  });
  it('has the size that its text names, else the one that its page needs, wherever it stands', () => {
    const open = 'safety eyes between R8 and R9, 7 sts apart';
    expect(first(open).offer!.readings.length).toBeGreaterThan(1);
    for (const text of [
      open,
      'embroider the nose over R9',
      'safety eyes between R8 and R9, 7 stitches between',
    ]) {
      const { eyeMm, washerMm } = first(text, 12).pair!;
      expect([eyeMm, washerMm]).toEqual([12, hardwareOf(12).washerMm]);
    }
    expect(first('10 mm safety eyes between R8 and R9, 7 sts apart', 12).pair!.eyeMm).toBe(10);
    expect(first('10 mm safety eyes between R8 and R9, 7 stitches between', 12).pair!.eyeMm).toBe(10);
  });
  it('is usual where no note names eyes', () => {
    expect(first('embroider the nose over R9')).toMatchObject({ note: null, offer: null });
  });
});
