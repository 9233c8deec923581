import { buildFabric } from '../fabric';
import { read, type PartReading, type Terms } from './index';

const part = (text: string, terms: Terms = 'us'): PartReading => read(text, { terms }).parts[0];
const last = (text: string, terms: Terms = 'us') => {
  const { rounds } = part(text, terms);
  const { offered, eaten, made, carried } = rounds[rounds.length - 1];
  return { offered, eaten, made, carried };
};
/** Works a form into a round of so many. */
const into = (n: number, form: string, terms: Terms = 'us') =>
  last(`R1: ${n} ${terms === 'uk' ? 'dc' : 'sc'} in ring\nR2: ${form}`, terms);
const errors = (text: string, terms: Terms = 'us') =>
  read(text, { terms }).parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error'));

describe('every form: what it uses and leaves', () => {
  it.each<[form: string, offered: number, eaten: number, made: number]>([
    // counts
    ['3 sc, 3 sc', 6, 6, 6],
    ['sc 6', 6, 6, 6],
    ['sc in next 6', 6, 6, 6],
    ['sc x6', 6, 6, 6],
    ['6sc', 6, 6, 6],
    ['1 sc in each of the next 6', 6, 6, 6],
    ['sc in the next 6 sts', 6, 6, 6],
    ['sc next 6', 6, 6, 6],
    ['sc6', 6, 6, 6],
    ['sc round', 6, 6, 6],
    ['ch1, sc around, sl st to join', 6, 6, 6],
    ['sc around', 6, 6, 6],
    ['sc in each st', 6, 6, 6],
    ['sc in each st around', 6, 6, 6],
    ['sc in every st', 6, 6, 6],
    ['even', 6, 6, 6],
    ['6 SC.', 6, 6, 6],
    ['2 sc, then sc to end', 6, 6, 6],
    ['six single crochet', 6, 6, 6],
    // stitches
    ['6 sl st', 6, 6, 6],
    ['SS 6', 6, 6, 6],
    ['sl. st. in next 6', 6, 6, 6],
    ['6 hdc', 6, 6, 6],
    ['2 hdc, 2 dc, 2 tr', 6, 6, 6],
    ['3 ch, 6 sc', 6, 6, 9],
    ['3 sc, ch 2, 3 sc', 6, 6, 8],
    ['inc x6', 6, 6, 12],
    ['6 inc', 6, 6, 12],
    ['inc 6', 6, 6, 12],
    ['inc around', 6, 6, 12],
    ['2 sc in each st', 6, 6, 12],
    ['2 sc in next 6', 6, 6, 12],
    ['3 sc in next, 5 sc', 6, 6, 8],
    ['2 sc in same st, 5 sc', 6, 6, 7],
    ['inc3, 5 sc', 6, 6, 8],
    ['3 inc, 3 sc', 6, 6, 9],
    ['inc 3, 3 sc', 6, 6, 9],
    ['inc x3, 3 sc', 6, 6, 9],
    ['2 hdc in next, 5 sc', 6, 6, 7],
    ['inc hdc, 5 sc', 6, 6, 7],
    ['hdc inc, 5 sc', 6, 6, 7],
    ['dec x3', 6, 6, 3],
    ['dec 3 times', 6, 6, 3],
    ['sc2tog x3', 6, 6, 3],
    ['invdec x3', 6, 6, 3],
    ['inv dec x3', 6, 6, 3],
    ['inv. dec. x3', 6, 6, 3],
    ['sc3tog x2', 6, 6, 2],
    ['hdc2tog x3', 6, 6, 3],
    ['sc 2 tog x3', 6, 6, 3],
    ['bob, 5 sc', 6, 6, 6],
    ['(sc, bobble) x3', 6, 6, 6],
    ['popcorn, 5 sc', 6, 6, 6],
    ['5-dc bobble, 5 sc', 6, 6, 6],
    ['skip 2, 4 sc', 6, 6, 4],
    ['sk 1, 5 sc', 6, 6, 5],
    ['(skip 1, 2 sc) around', 6, 6, 4],
    ['FPsc x6', 6, 6, 6],
    ['3 BPdc, 3 sc', 6, 6, 6],
    ['spike sc, 5 sc', 6, 6, 6],
    ['spike stitch, 5 sc', 6, 6, 6],
    ['sl st next 2 FLO tog x3', 6, 6, 3],
    ['(hdc, dc, tr, dc, hdc) in next, 5 sc', 6, 6, 10],
    ['(hdc, dc, hdc) in each st', 6, 6, 18],
    ['picot, 6 sc', 6, 6, 6],
    ['3 sc, ch 3 picot, 3 sc', 6, 6, 6],
    ['3 sc, ch 3, sl st in first ch, 3 sc', 6, 6, 6],
    ['(sc, ch 6, sl st in 2nd ch from hook, sc in next 4, sl st in same st) x6', 6, 6, 6],
    ['6 sc, surface sl st along R1', 6, 6, 6],
    // repeats
    ['(sc, inc) x3', 6, 6, 9],
    ['[sc, inc] * 3', 6, 6, 9],
    ['(sc, inc) 3 times', 6, 6, 9],
    ['(sc, inc) three times', 6, 6, 9],
    ['(2 sc, inc) twice', 6, 6, 8],
    ['*sc, inc; rep from * 2 more times', 6, 6, 9],
    ['*sc, inc* around', 6, 6, 9],
    ['sc, inc, repeat around', 6, 6, 9],
    ['*sc, inc; rep from * around', 6, 6, 9],
    ['*sc in next st, inc in next st; repeat from * to end', 6, 6, 9],
    ['(sc, inc) around', 6, 6, 9],
    ['((sc, inc) x2, 2 sc) x2', 12, 12, 16],
    ['sc in next st, inc, repeat from * around', 6, 6, 9],
    ['(sc, dec) around', 9, 9, 6],
    ['*sc, inc; rep from * 3 times', 6, 6, 9],
    ['*sc, inc; rep from * 2 times', 6, 6, 9],
    // loops
    ['BLO: sc around', 6, 6, 6],
    ['sc around BLO', 6, 6, 6],
    ['FLO sc 6', 6, 6, 6],
    ['in back loops only: sc around', 6, 6, 6],
    ['3 sc in FLO, 3 sc', 6, 6, 6],
    ['sc around in 3rd loop', 6, 6, 6],
    ['hdc BLO across', 6, 6, 6],
    ['sc in BLO in each st around', 6, 6, 6],
    ['(sc, inc) x3, through front loops only', 6, 6, 9],
    // joined, rows, colour, remarks
    ['ch 1, sc around, sl st to join', 6, 6, 6],
    ['ch 1, sc around, sl st in first st', 6, 6, 6],
    ['ch 1 counts, 5 sc, sl st to join', 6, 6, 6],
    ['ch 1, sc around, turn', 6, 6, 6],
    ['ch 3 (counts as dc), 5 dc, sl st to join', 6, 6, 6],
    ['ch 2, hdc around, join', 6, 6, 6],
    ['sc around, change to cream', 6, 6, 6],
    ['with white, 6 sc', 6, 6, 6],
    ['in B: 3 sc, (A) 3 sc', 6, 6, 6],
    ['3 sc, last pull-through in B, 3 sc', 6, 6, 6],
    ['3 sc in white, 3 sc', 6, 6, 6],
    ['3 sc, place marker here, 3 sc', 6, 6, 6],
    ['6 sc (do not stuff)', 6, 6, 6],
    // join rounds
    ['4 sc, wing over 2', 6, 6, 6],
    ['wing over 2, left foot over 2, 2 sc', 6, 6, 6],
    // what does not add up is still counted
    ['5 sc', 6, 5, 5],
    ['7 sc', 6, 7, 7],
  ])('%s', (form, offered, eaten, made) =>
    expect(into(offered, form)).toMatchObject({ offered, eaten, made }),
  );

  it.each([
    'sc around (6)',
    'sc around [6]',
    'sc around = 6',
    'sc around - 6 stitches',
    'sc around – 6 sts',
    'sc around 6 sts',
    'sc around (6 sts)',
    'sc around (6), turn',
    'sc around = 6.',
    'sc around (6) -- eyes next round',
  ])('the count of “%s” is stated', (line) =>
    expect(part(`R1: 6 sc in ring\nR2: ${line}`).rounds[1]).toMatchObject({ stated: 6, made: 6 }),
  );

  it.each<[line: string, labels: string[]]>([
    ['R2: sc around', ['R2']],
    ['Rnd 2: sc around', ['R2']],
    ['Round 2: sc around', ['R2']],
    ['2. sc around', ['R2']],
    ['2) sc around', ['R2']],
    ['Row 2: sc around', ['R2']],
    ['Line 2: sc around', ['R2']],
    ['2nd round: sc around', ['R2']],
    ['R2-4: sc around', ['R2', 'R3', 'R4']],
    ['Rounds 2 to 4: sc around', ['R2', 'R3', 'R4']],
    ['R2 and 3: sc around', ['R2', 'R3']],
    ['R2-R4 (3 rounds): sc around', ['R2', 'R3', 'R4']],
    ['R2-3 (to taste): sc around', ['R2', 'R3']],
    ['R2 – sc around', ['R2']],
    ['• R2 – sc around', ['R2']],
    ['sc around', ['R2']],
  ])('the label of “%s”', (line, labels) =>
    expect(
      part(`R1: 6 sc in ring (6)\n${line}`)
        .rounds.slice(1)
        .map((r) => r.label),
    ).toEqual(labels),
  );

  it.each<[form: string, made: number, start: string]>([
    ['6 sc in ring', 6, 'ring'],
    ['6 sc in magic ring', 6, 'ring'],
    ['6 sc into a magic circle', 6, 'ring'],
    ['MR 6', 6, 'ring'],
    ['ring, 6 sc', 6, 'ring'],
    ['ch 2, 6 sc in 2nd ch from hook', 6, 'ring'],
    ['ch 2, 6 sc in first ch', 6, 'ring'],
    ['ch 5, join, 9 sc in loop', 9, 'loop'],
    ['ch 4, sl st to form a ring, 8 sc in ring', 8, 'loop'],
    ['ch 10, join', 10, 'tube'],
    ['40 sc', 40, 'given'],
    ['3 sc in ring, ch 1, turn', 3, 'ring'],
    ['ch 18, sc in 2nd ch from hook and each ch (17), turn', 17, 'chain'],
    ['ch 8, starting in 2nd ch from hook: 7 sc', 7, 'chain'],
    ['ch 8, hdc in back bump of each ch', 7, 'chain'],
    ['ch 9, dc in 4th ch from hook and each ch', 6, 'chain'],
    ['ch 5, hdc in 2nd ch from hook and in next 3 ch', 4, 'chain'],
    ['ch 6, inc in 2nd ch, 3 sc, 4 sc in last ch, other side: 3 sc, inc', 14, 'chain'],
    ['ch 6, sc in 2nd ch from hook, 3 sc, 3 sc in last ch, other side: 4 sc', 11, 'chain'],
  ])('the start “%s”', (form, made, start) => {
    const reading = part(`R1: ${form}\nR2: sc around`);
    expect(reading.rounds.map((r) => [r.offered, r.eaten, r.made])).toEqual([
      [0, 0, made],
      [made, made, made],
    ]);
    expect(reading.problems.filter((p) => p.severity === 'error')).toEqual([]);
    expect(buildFabric(reading, ['a', 'b']).start.how).toBe(start);
  });

  it.each<[name: string, text: string, made: (number | null)[]]>([
    ['a bare chain', 'R1: ch 30\nfasten off', [30]],
    ['a row on a bare chain', 'R1: ch 8\nR2: sc in 2nd ch from hook and each ch (7), turn', [8, 7]],
    [
      'rows from a ring',
      'Row 1: 3 sc in ring, ch 1, turn\nRow 2: inc x3, ch 1, turn\nRow 3: (sc, inc) x3',
      [3, 6, 9],
    ],
    [
      'an edging',
      'Row 1: ch 6, sc in 2nd ch from hook and each ch (5), turn\nRow 2-5: ch 1, sc across (5), turn\nsc around edge: 5 up the side, 3 in corner, 3 across the bottom, 3 in corner (14)',
      [5, 5, 5, 5, 5, 14],
    ],
    [
      'legs joined',
      'Leg (2x)\nR1: 6 sc in ring\nR2: inc x6 (12)\n\nBody\nR1: leg 1: sc 12, ch 3, leg 2: sc 12, back along ch: 3 sc (30)\nR2: sc around (30)',
      [6, 12, 30, 30],
    ],
    ['a fold', 'R1: ch 12, join\nR2: sc around (12)\nflatten and sc across (6)', [12, 12, 6]],
    ['an odd fold', 'R1: ch 13, join\nR2: sc around\nfold, sc through both (6)', [13, 13, 6]],
    [
      'a repeat of rounds',
      'R1: 6 sc in ring\nR2: inc x6\nR3: sc around\nR4: BLO: sc around\nrepeat R3-R4 twice\nR9: dec x6',
      [6, 12, 12, 12, 12, 12, 12, 12, 6],
    ],
    [
      'a labelled repeat',
      'R1: 12 sc\nR2: (sc, dec) x4\nR3: (sc, inc) x4\nR4-5: repeat R2-3 twice',
      [12, 8, 12, 8, 12],
    ],
    // 20 decreases: 6 repeats use up 30; then 4 and three sc of the next, whose dec takes the last and the first; and so on, 1 of 12 unworked at the end
    ['until, in the middle of a round', 'R1: 30 sc\n(3 sc, dec) until 10 remain', [30, 24, 19, 16, 12, 9]],
    [
      'a layer with rounds of its own',
      'R1: 6 sc in ring\nR2: inc x6\nR3: BLO: sc around\nin the free front loops of R2: inc around (24)\nsc around\nR4: sc around (12)',
      [6, 12, 12, 24, 24, 12],
    ],
    [
      'yarn joined to a layer',
      'R1: 6 sc in ring\nR2: inc x6\nR3: BLO: sc around\njoin yarn in free front loop of R2\nsc around (12)',
      [6, 12, 12, 12],
    ],
    [
      'the base continued in the other loops',
      'R1: 6 sc in ring\nR2: inc x6\nR3: FLO: (sc, inc) x6 (18)\nR4: in free back loops of R2: sc around (12)\nR5: sc around (12)',
      [6, 12, 18, 12, 12],
    ],
    [
      'an option',
      'Ear\nR1: 6 sc in ring\n\nOption "tall ears":\nR2: 9 sc\nR3-5: sc around (9)',
      [6, 9, 9, 9, 9],
    ],
  ])('%s', (_, text, made) => {
    expect(errors(text)).toEqual([]);
    expect(read(text, { terms: 'us' }).parts.flatMap((p) => p.rounds.map((r) => r.made))).toEqual(made);
  });

  it.each<[line: string, wanted: Partial<PartReading>]>([
    [
      'Head (2x, rust, 3.5 mm hook, ring = crown)',
      { name: 'Head', make: 2, colour: 'rust', hookMm: 3.5, ringIs: 'crown' },
    ],
    ['EARS - make 2', { name: 'EARS', make: 2 }],
    ['Ears (make 2, mirrored)', { make: 2, mirrored: true }],
    ['Arm x2', { name: 'Arm', make: 2 }],
    ['Left leg:', { name: 'Left leg' }],
    ['Tail (E hook, cream yarn)', { name: 'Tail', hookMm: 3.5, yarn: 'cream yarn' }],
    ['Option "tall ears":', { name: 'tall ears', option: true }],
  ])('the heading “%s”', (line, wanted) =>
    expect(part(`${line}\nR1: 6 sc in ring (6)`)).toMatchObject(wanted),
  );

  it.each<[line: string, facts: object[]]>([
    ['stuff', [{ fact: 'stuff', firmness: null }]],
    ['stuff firmly', [{ fact: 'stuff', firmness: 'firm' }]],
    ['close', [{ fact: 'shut', how: 'gathered' }]],
    ['fasten off, leave 30 cm', [{ fact: 'off' }, { fact: 'tail', tailMm: 300 }]],
    ['sl st in next st, fasten off', [{ fact: 'off' }]],
    ['leave open', [{ fact: 'open' }]],
    ['cut', [{ fact: 'off' }]],
    ['make 2, mirrored', [{ fact: 'make', make: 2, mirrored: true }]],
    ['eyes between R1 and R2', [{ fact: 'feature' }]],
    ['-- a note --', []],
    ['Sew the ears to the head, four rounds apart.', [{ fact: 'feature' }]],
    ['The snout is worked first and sewn on later', [{ fact: 'feature' }]],
  ])('between lines: “%s” decides what it says', (line, facts) => {
    const { node } = part(`R1: 6 sc in ring (6)\n${line}`).lines[1];
    expect(node).toMatchObject({ type: 'note', facts });
  });

  it.each<[note: string, wanted: object]>([
    [
      '-- eyes between R9 and R10, 5 between --',
      { rounds: [9, 10], many: [5], counted: 'between', holes: false },
    ],
    [
      'Insert safety eyes between rounds 9 & 10, 6 sts apart',
      { rounds: [9, 10], many: [6], counted: 'apart' },
    ],
    ['eyes between R4 and R5', { rounds: [4, 5], many: null, unread: null }],
  ])('the note “%s” is a placement', (note, wanted) => {
    const { node } = part(`R1: 6 sc in ring (6)\n${note}`).lines[1];
    expect(node.type === 'note' && node.feature).toMatchObject(wanted);
  });

  it('reads UK words with UK meanings and warns when the text looks like the other', () => {
    expect(into(6, '(dc, inc) x3', 'uk')).toMatchObject({ eaten: 6, made: 9 });
    expect(into(6, 'dc2tog x3', 'uk')).toMatchObject({ eaten: 6, made: 3 });
    expect(
      buildFabric(part('R1: 6 dc in ring\nR2: 2 htr, 2 tr, miss 1, half treble', 'uk'), [
        'a',
        'b',
      ]).rounds[1].worked.map((w) => w.kind),
    ).toEqual(['hdc', 'dc']);
    expect(part('R1: 6 sc in ring', 'uk').problems.map((p) => p.code)).toContain('terms-suspect');
    expect(part('R1: 6 dc in ring\nR2: dc around').problems.map((p) => p.code)).toContain('terms-suspect');
    expect(read('R1: 6 dc in ring\nR2: dc around').terms).toBe('uk');
  });

  it('reads symbols and says so; a text with words does not take X for a stitch', () => {
    const [reading] = read('R1: 6X (6)\nR2: 6V (12)\nR3: (X, V) x6 (18)\nR4: (X, A) x6 (12)').parts;
    expect(reading.rounds.map((r) => r.made)).toEqual([6, 12, 18, 12]);
    expect(reading.problems.map((p) => p.code)).toEqual(['assumed']);
  });

  it('reads copied text: ligatures, full-width digits, bullets, no-break spaces, wrapped lines', () => {
    const text = '• R1 — ６ sc in ring (6)\nR2:\u00a0(sc, inc,\nsc, inc) (8)\nR3: sc in ﬁrst st, 7 sc';
    expect(
      errors(text.replace('(sc, inc,\nsc, inc) (8)', '(sc, inc, sc,\ninc) x1, 2 sc (8)')).map(
        (p) => p.message,
      ),
    ).toEqual([]);
    expect(read('R1: 6 sc in ring\nR2: oﬀ x6').parts[0].problems[0].span).toEqual({ from: 21, to: 23 });
  });

  it('carries the stated count on, then the mend’s, then what was made, and says when it was not certain', () => {
    const { rounds, problems } = part('R1: 6 sc in ring\nR2: icn x6 (12)\nR3: sc around\nR4: sc around');
    expect(rounds.map((r) => [r.made, r.carried])).toEqual([
      [6, 6],
      [null, 12],
      [12, 12],
      [12, 12],
    ]);
    expect(problems.map((p) => p.code)).toEqual(['unknown-word', 'assumed']);
    expect(last('R1: 6 sc in ring\nR2: inc x6\nR3: (2 sc, inc) x3')).toMatchObject({ made: 12, carried: 16 });
  });

  it('goes on in an unlabelled line after a bracket, a comma or a label without count', () => {
    for (const broken of [
      'R2: (sc,\ninc) x3 (9)',
      'R2: sc, inc,\nsc, inc, sc, inc (9)',
      'R2: (sc, inc) x2\n(sc, inc) (9)',
    ])
      expect(part(`R1: 6 sc in ring (6)\n${broken}\nR3: sc around (9)`).rounds.map((r) => r.made)).toEqual([
        6, 9, 9,
      ]);
  });
});
