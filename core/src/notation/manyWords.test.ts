import { read } from './index';

/** The parts of a page: counts of their rounds, and the codes of their errors. */
const told = (...lines: string[]) =>
  read(lines.join('\n')).parts.map((p) => ({
    made: p.rounds.map((r) => r.made),
    errors: p.problems.filter((x) => x.severity === 'error').map((x) => x.code),
  }));
/** One part after two rounds of 6 and 12. */
const after12 = (...lines: string[]) => told('R1: 6 sc in ring', 'R2: inc x6 (12)', ...lines)[0];

describe('a number that is said is never replaced by what is there', () => {
  it.each([
    ['R3: 10 sc around', 'too-few'],
    ['R3: 14 sc around', 'too-many'],
    ['R3: 14 sc evenly around', 'too-many'],
    ['R3: 10 sc across', 'too-few'],
    ['R3: 10 sc to end', 'too-few'],
    ['fold, 7 sc through both layers', 'too-many'],
    ['R3: fold and 5 sc through both layers', 'too-few'],
  ])('%s on twelve: %s', (line, code) => expect(after12(line).errors).toEqual([code]));

  it.each([
    ['R3: 12 sc around', 12],
    ['R3: 1 sc around', 12],
    ['fold, 6 sc through both layers', 6],
    ['fold, sc through both layers', 6],
  ])('%s on twelve: %i', (line, made) => expect(after12(line)).toEqual({ made: [6, 12, made], errors: [] }));

  it('nor by what the round said that is repeated, where it was worked into other stitches', () => {
    const rows = [
      'Row 3: ch 1, 2 sc in first st, sc in each rem st across, turn (4)',
      'Row 4: rep row 2 (4)',
    ];
    const [sail] = told(
      'Row 1: ch 4, sc in 2nd ch from hook and in each ch across, turn (3)',
      'Row 2: ch 1, sc in each st across, turn (3)',
      ...rows,
      'Rows 5-8: rep rows 3 and 4 twice (6)',
    );
    expect(sail).toEqual({ made: [3, 3, 4, 4, 5, 5, 6, 6], errors: [] });
  });

  it('and a wrong count at the end of such a repeat is found', () =>
    expect(after12('R3: inc around (24)', 'R4: repeat R3 (47)').errors).toEqual(['count-mismatch']));
});

describe('rounds until there are so many', () => {
  it.each([
    ['Repeat Row 2 until you have 9 rows.', 9],
    ['Repeat row 2 until there are 5 rows', 5],
    ['Rep row 2 until row 12', 12],
  ])('%s', (line, rows) =>
    expect(
      told(
        'Row 1: ch 9, sc in 2nd ch from hook and in each ch across, turn (8)',
        'Row 2: ch 1, sc across, turn (8)',
        line,
      ),
    ).toEqual([{ made: Array.from({ length: rows }, () => 8), errors: [] }]),
  );

  it('said where there are as many already is told', () =>
    expect(after12('R3: sc around (12)', 'repeat R3 until you have 3 rounds')).toEqual({
      made: [6, 12, 12],
      errors: ['unknown-word'],
    }));

  it('and until so many stitches are left, as before', () =>
    expect(after12('R3: dec around (6)', 'repeat R3 until 3 remain').made).toEqual([6, 12, 6, 3]));

  it('what never comes to so many is said, and not worked on and on', () => {
    const part = after12('R3: sc around (12)', 'repeat R3 until 3 remain');
    expect(part.errors).toEqual(['does-not-divide']);
    expect(part.made.length).toBeLessThan(6);
  });
});

describe('another part’s rounds', () => {
  const head = [
    'HEAD AND BODY',
    '1st round: 6 sc in ring',
    '2nd round: inc in each st (12)',
    '3rd round: sc around',
    '',
  ];
  it.each([
    ['Work as given for head to end of 2nd round. 12 sts.', [6, 12]],
    ['With B, make 2ch. Work as given for head to end of 2nd round. 12 sts.', [6, 12]],
    [
      'With B, make 2ch and work first 2 rounds as given for head. 12 sts. Work 2 rounds straight.',
      [6, 12, 12, 12],
    ],
    ['R1: 6 sc in ring\nR2: inc around\nR3: as 2nd round. 24 sts.', [6, 12, 24]],
  ])('%s', (line, made) => {
    const parts = told(...head, 'NOSE', ...line.split('\n'));
    expect(parts[1]).toEqual({ made, errors: [] });
  });

  it('of a part that is not there is said', () =>
    expect(told('NOSE', 'Work as given for trunk to end of 2nd round.')[0].errors).toEqual(['unknown-word']));
});

describe('sentences of tutorials', () => {
  it.each([
    ['In the second round you make two single crochet into every stitch, so you end up with 24.', 24],
    [
      'Third round: one single crochet in the first stitch, two in the second, and so on, all the way. That makes 18.',
      18,
    ],
    [
      'The third round is special: crochet only into the back loops. One single crochet in each. Still 12.',
      12,
    ],
    ['Then a round in which you crochet every second and third stitch together, so that 8 are left.', 8],
    ['Round three: double every second stitch. 18 stitches.', 18],
    ['R3: 1 dec over every 2 sts [6]', 6],
    ['R3: *sc in 1 st, inc in next st*, repeat ** to end, sl st. (18)', 18],
  ])('%s', (line, made) => expect(after12(line)).toEqual({ made: [6, 12, made], errors: [] }));

  it.each([
    ['Now make three rounds with one single crochet in each stitch. 12 stitches.', [12, 12, 12]],
    ['Rounds three to five: just go round, three times. 12 stitches.', [12, 12, 12]],
    ['Then you work two more rounds with one single crochet in every stitch.', [12, 12]],
  ])('%s', (line, more) => expect(after12(line)).toEqual({ made: [6, 12, ...more], errors: [] }));

  it.each([
    "With white, make a magic ring, chain one (it doesn't count), and make eight single crochet into the ring.",
    'Make a magic ring, chain 1, then work eight single crochet stitches into it.',
  ])('%s', (line) => expect(told(line)).toEqual([{ made: [8], errors: [] }]));
});

describe('chains and edges in the hands of books and kits', () => {
  it.each([
    ['CH 5, SL 4, FO', [4]],
    ['Ch 20 with sand, 19 slst back. Attach a bunch of rust threads at the tip.', [19]],
    ['ch 10, sl st back in the first 3 ch, leave the others', [3]],
    ['ch 5, 3 sc starting from 2nd ch, 3 sc in last ch, on the other side 2 sc, 2 sc in last ch (10)', [10]],
    ['ch 12, join to a ring with sl st', [12]],
  ])('%s', (line, made) => expect(told('Tail', line)).toEqual([{ made, errors: [] }]));

  it('an edge that counts its sides makes what it says', () =>
    expect(
      told(
        'LID',
        'Row 1: ch 9, sc in 2nd ch from hook and in each ch across, turn (8)',
        'Rows 2-6: ch 1, sc across, turn (8)',
        'Edging: ch 1, sc evenly along the side: 6 sc, 3 sc in corner, 6 sc along the bottom, 3 sc in corner, 6 sc up the other side, 3 sc in corner, 6 sc across the top, 3 sc in the last corner. Join. (36)',
      )[0],
    ).toEqual({ made: [8, 8, 8, 8, 8, 8, 36], errors: [] }));

  it('a hull grows out of a flat sole', () =>
    expect(
      told(
        'HULL',
        'Row 1: ch 7; sc in 2nd ch from hook; sc in each rem ch across; turn. [6 sc]',
        'Rnd 2: Ch 1; 3 sc in first sc, sc in next 4 sc, 3 sc in last sc; work 1 sc evenly along side; working in unused lps of foundation ch, 3 sc in first ch, sc in next 4 chs, 3 sc in last ch; 1 sc evenly along other side; join with sl st in first sc. [22 sc]',
        'Rnd 3: ch 1; sc in each sc around; join. [22 sc]',
      )[0],
    ).toEqual({ made: [6, 22, 22], errors: [] }));
});

describe('a chain that stands for the first of two in one stitch', () => {
  const tall = ['R1: 12 dc in ring (12)'];
  it.each([
    ['R2: ch 3, dc in same st, 2 dc in each st around, sl st to top of ch 3 (24)', 24],
    ['R2: ch 3 (counts as dc), dc in same st, 2 dc in each st around (24)', 24],
    ['R2: ch 3 (does not count), 2 dc in same st, 2 dc in each st around (24)', 24],
    ['R2: ch 3, dc in each st around (12)', 12],
  ])('%s', (line, made) => {
    const [disc] = told('US terms.', '', 'Disc', ...tall, line);
    expect(disc).toEqual({ made: [12, made], errors: [] });
  });
});

describe('several sentences of rounds in one line', () => {
  it.each([
    ['27th round: As 2nd round. 28th round: sc around. Stuff body.', [24, 24]],
    ['Work 1 round straight. Next round: [dec] 6 times. 6 sts. Stuff.', [12, 6]],
    [
      'Work 2 rounds straight. Stuff lightly. Fold top flat and work 6 sc through both layers. Fasten off.',
      [12, 12, 6],
    ],
  ])('%s', (line, more) => {
    const [part] = told('1st round: 6 sc in ring', '2nd round: inc in each st', line);
    expect(part).toEqual({ made: [6, 12, ...more], errors: [] });
  });

  it.each([
    '[sc2tog] 6 times. Stuff. Fasten off.',
    'Work 8 rounds straight. Stuff lightly. Fasten off.',
    'R3-4: sc around (12). Stuff. R5: dec x6 (6). Fasten off and close.',
  ])('work beside what the hands do is not lost: %s', (line) => {
    const [part] = told('R1: 6 sc in ring', 'R2: inc x6 (12)', line);
    expect(part.made.length).toBeGreaterThan(2);
  });
});

describe('headings and lists', () => {
  it.each([
    ['FINISHED SIZE: 5" long x 6" tall', 1],
    ['Make 4. Yarn: start with BLACK', 1],
  ])('%s heads no part', (line, parts) =>
    expect(told('A toy', '', line, '', 'HEAD', 'R1: 6 sc in ring (6)')).toHaveLength(parts),
  );

  it.each([
    ['3.50mm (UK 9) hook', 3.5],
    ['3.50mm (UK 9) hook and 4 mm hook', null],
  ])('%s', (line, mm) =>
    expect(read(`A toy\n\n${line}\n\nHead\nR1: 6 sc in ring`).hook?.mm ?? null).toBe(mm),
  );

  it('rows of a sheet are counted under their heading', () => {
    const [wing] = told(
      'WING\t2x\tcream',
      'Rw\tWhat\tSts\tNotes',
      '0\tch 9',
      '1\tsc in 2nd ch, 7 sc\t8\tturn',
      '2-4\tch 1, sc\t8\tturn',
    );
    expect(wing).toEqual({ made: [8, 8, 8, 8], errors: [] });
  });

  it.each(['CC2', 'MC', 'cc'])('a colour that is called %s makes no round', (slot) => {
    const [part] = told(
      'Leg',
      `With ${slot}`,
      'R1: 6 sc in ring (6)',
      `Change to ${slot}`,
      'R2: sc around (6)',
    );
    expect(part).toEqual({ made: [6, 6], errors: [] });
  });
});

describe('what is said at the end of a page', () => {
  it.each([
    'Nose: orange, ch 3, sl st in 2nd ch from hook + next\nch, fasten off & sew between rounds 9 and 10',
    'Leg 2: the same, but do not finish off.',
  ])('%s is marked as not read', (line) => {
    const { page } = read(`Head\nR1: 6 sc in ring (6)\nfasten off + close\n\n${line}`);
    expect(page.find((l) => l.line === 5)!.as).toBe('unread');
  });

  it.each([
    ['sl st around, fasten off', 12],
    ['Press top flat and join with 6 sc worked through both thicknesses.', 6],
    ['1 sc in back loop of each st. 12 sts', 12],
    ['Work 1 rnd sc without shaping.', 12],
    ['2nd Rnd: (1 sc in next sc, 2 sc in next sc) to end. .... 18 sc.', 18],
    ['14th Rnd: As 1st to 2nd rnds once.', 12],
  ])('%s', (line, made) => expect(after12(line).made.at(-1)).toBe(made));

  it('a count behind dots is held against the round', () =>
    expect(after12('3rd Rnd: (1 sc in next sc, 2 sc in next sc) to end. .... 17 sc.').errors).toEqual([
      'count-mismatch',
    ]));

  it.each([
    ['R3: (sc, inc) x6. 17 sts. Fix eyes between 1st and 2nd rounds, 4 sts apart.', 'count-mismatch'],
    ['R3: *sc, inc* around. – 17', 'count-mismatch'],
    ['3-4. Sc all around. [13] (2 rounds)', 'count-mismatch'],
    ['R3: dec, sc to last 3 sts, dec (10)', 'too-few'],
    ['R3: sc in every stitch until 3 are left, sc2tog (11)', 'too-few'],
    ['R3: as R2. 23 sts', 'too-few'],
  ])('%s: %s', (line, code) => expect(after12(line).errors).toContain(code));

  it('two edges with different names are worked round in one', () => {
    const branch = (line: string) => told('small branch', 'R1: 5 sc in ring (5)', line)[0];
    expect(branch('R2: 5 sc around big branch, 5 sc around small branch (10)')).toEqual({
      made: [5, 10],
      errors: [],
    });
    expect(
      branch(
        'R2: sc 3 on leg 2, ch 1, sc 5 around leg 1, sc 1 along the ch, sc 2 on leg 2, sc 1 along the ch (12)',
      ),
    ).toEqual({
      made: [5, 12],
      errors: [],
    });
    expect(branch('R2: 5 sc around the tip, 5 sc around the top (10)').errors).not.toEqual([]);
  });

  it('a second thing in a line is not wound into the first', () => {
    const [legs] = told(
      'LEGS, red, 2 pcs: ch 22, turn, sl st x 21. For the toes: ch 5, sl st x 4, repeat twice more.',
    );
    expect(legs.made).toEqual([21]);
  });
});
