import { read } from './index';

/** The rounds of the first part of a text, and the codes of its errors. */
function told(lines: readonly string[]) {
  const [part] = read(lines.join('\n')).parts;
  return {
    made: part.rounds.map((r) => r.made),
    errors: part.problems.filter((p) => p.severity === 'error').map((p) => p.code),
  };
}
const factsOf = (line: string) =>
  read(`Head\nR1: 6 sc in ring\n${line}`).page.find((l) => l.line === 3)!.facts;

describe('rounds in columns', () => {
  it.each([
    ['bars', '01 | mr 6 | 6', '02 | inc*6 | 12', '03-04 | 12 sc | 12'],
    [
      'arrows',
      'Round 1 → 6 sc into MR → 6 sts',
      'Round 2 → 2 sc in every stitch → 12 sts',
      'Rounds 3–4 → 1 sc in every stitch → 12 sts each',
    ],
    ['labels in brackets', '(1) MR, sc 6 {6}', '(2) inc in ea st {12}', '(3-4) sc in ea st {12} (2 rnds)'],
    [
      'labels in words',
      'First round: 6 sc in ring',
      'Second round: inc in each st (12)',
      'Third round: sc around',
      'Fourth round: same as the third',
    ],
    ['counts behind the repeat', 'R1 6sc MC', 'R2 1inc rep x6 12', 'R3-R4 12sc'],
    [
      'old books',
      '1st rnd: 6 s c in ring',
      '2nd rnd: 2 s c in each s c around (12 s c)',
      '3rd and 4th rnds: S c in each s c around',
    ],
    ['long arrows', 'R1 ⟶ 6 sc in MR ⟶ 6', 'R2 ⟶ 6 inc ⟶ 12', 'R3 to R4 ⟶ sc in every st ⟶ 12'],
    [
      'bold labels',
      '- **Round 1** – 6 sc into a ring. → 6',
      '- **Round 2** – 2 sc into each. → 12',
      '- **Round 3** – sc all round. → 12',
      '- **Round 4** – the same again. → 12',
    ],
    [
      'a bracket behind the label',
      'Rd 1) magic ring with 6 sc',
      'Rd 2) double every st = 12',
      'Rd 3) - Rd 4) = 12',
    ],
    ['rounds by their number', '1 rnd: 6sc in mc', '2 rnd: 6inc (12)', '3 rnd BLO: 12sc', '4 rnd: 12sc'],
    [
      'counts and rounds in a bracket',
      'R1: 6 sc in ring',
      'R2: inc x6',
      'R3-4: sc in each st (12 sts, 2 rnds)',
    ],
    ['slashes', 'HEAD rust: r1 6 in ring / r2 inc all (12) / stuff / r3 even blo / r4 even'],
  ])('%s', (_, ...lines) => expect(told(lines)).toEqual({ made: [6, 12, 12, 12], errors: [] }));

  it('what stands between rounds behind slashes is done there', () => {
    const [head] = read(
      'HEAD rust: r1 6 in ring / r2 inc all (12) / eyes r1-2, 4 sts apart / cream: r3 1+inc (18) / open, tail',
    ).parts;
    expect(head.rounds.map((r) => r.made)).toEqual([6, 12, 18]);
    expect(head.pauses.map((p) => [p.what, p.round])).toEqual([['eyes', 2]]);
    expect(head.end.how).toBe('open');
    expect(head.colours).toEqual(['rust', 'cream']);
  });

  it('a count in brackets at the start of a line is no label', () =>
    expect(told(['R1: 6 sc in ring', 'R2: inc in each st around', '(12) (1 round)']).errors).toEqual([]));
});

describe('one round on twelve stitches', () => {
  it.each([
    ['1 sc 2 in next, around (18)', 18],
    ['sc, inc around (18)', 18],
    ['2 in each (24)', 24],
    ['one sc into each of the first two stitches, two into the next, all the way round (16)', 16],
    ['12', 12],
    ['back loops only, 12', 12],
    ['[1 sc, inc] 6 (18)', 18],
    ['6 sc-inc, 6 sc (18)', 18],
    ['2 sc, then two together, all the way round (9)', 9],
    ['sc in next 2 sc, work off next 2 sc as one sc. Repeat from * around (9)', 9],
    ['2 sc in first sc, 1 sc in each sc to last sc, 2 sc in last sc (14)', 14],
    ['sc2tog, sc in every stitch until 2 are left, sc2tog (10)', 10],
    ['white, sc in each st (12)', 12],
    ['sc in each BL around', 12],
    ['dec all the way around. 6 sc.', 6],
    ['sc in every stitch. 12 again.', 12],
    ['(1 sc - inc) x6', 18],
    ['every 3rd + 4th st together = 9', 9],
    ['always 2 together = 6', 6],
    ['one single crochet, then two in the next, repeated round; eighteen.', 18],
    ['two single crochets, then one decrease, repeated round; nine.', 9],
    ['inc all (24)', 24],
    ['as rnd 2 but without increases (12 sts)', 12],
    ['1 sc in each sc. 12 sc each round', 12],
  ])('%s makes %i', (work, made) =>
    expect(told(['R1: 6 sc in ring', 'R2: inc x6', `R3: ${work}`])).toEqual({
      made: [6, 12, made],
      errors: [],
    }),
  );

  it.each([
    // what goes into one is not what goes all around
    ['sc, inc around (23)', 23],
    ['sc, inc around', 23],
  ])('%s stays what it says: %i', (work, made) =>
    expect(told(['R1: 6 sc in ring', 'R2: inc x6', `R3: ${work}`])).toEqual({
      made: [6, 12, made],
      errors: [],
    }),
  );

  it.each([
    ['18', 'too-many'],
    ['every 3rd + 4th st together = 8', 'count-mismatch'],
    ['one single crochet, then two in the next, repeated round; seventeen.', 'count-mismatch'],
    ['[1 sc, inc] 5 (15)', 'too-few'],
    ['2 in each (20)', 'count-mismatch'],
    ['1 sc 2 in next, around (17)', 'count-mismatch'],
  ])('%s does not add up: %s', (work, code) =>
    expect(told(['R1: 6 sc in ring', 'R2: inc x6', `R3: ${work}`]).errors).toEqual([code]),
  );
});

describe('several rounds in a line', () => {
  it.each([
    [
      ['R1: ch 3, 6 hdc in 3rd ch from hook (7 hdc, counting the ch)', 'R2: sc around (7)'],
      [7, 7],
    ],
    [
      [
        '1. 6 sc in ring (6)',
        '2. inc in each st (12)',
        '3.-5. sc in each (12) x3 rounds',
        '6. sc in each (12)',
      ],
      [6, 12, 12, 12, 12, 12],
    ],
    [
      ['R1: 6 sc in ring', 'change to red, 3 rounds'],
      [6, 6, 6, 6],
    ],
    [
      ['R1: 6 sc in ring', 'now change to blue for 2 rounds'],
      [6, 6, 6],
    ],
    [
      ['R1: 6 sc in ring', 'Change to white for one round, then black for two rounds. (6)'],
      [6, 6, 6, 6],
    ],
    [
      ['mr 6 sc', 'inc around', 'then 3 rounds of 12'],
      [6, 12, 12, 12, 12],
    ],
    [
      ['3 sc in magic ring. 3 sc', '2 sc in each sc. 6 sc'],
      [3, 6],
    ],
  ])('%j', (lines, made) => expect(told(lines)).toEqual({ made, errors: [] }));

  it('the colours of the rounds are those that are said', () => {
    const [part] = read('R1: 6 sc in ring\nChange to white for one round, then black for 2 rounds.').parts;
    const colours = part.rounds.map((r) =>
      r.items.flatMap((i) => (i.type === 'sign' && i.sign === 'colour' ? [i.colour] : [])).join(),
    );
    expect(colours).toEqual(['', 'white', 'black', 'black']);
  });
});

describe('a heading with its work behind it', () => {
  it.each([
    ['TAIL—Ch 25. Break off.', 'TAIL', [25]],
    ['FEET x2: in mr 4 sc. *sc in next, inc* 2 times (6). FO.', 'FEET', [4, 6]],
    [
      'Radish. With pink, work 6 sc into an adjustable ring (6 sts). Round 2: inc in each st (12 sts). Round 3: sc in each st (12 sts). Fasten off.',
      'Radish',
      [6, 12, 12],
    ],
  ])('%s', (line, name, made) => {
    const { parts } = read(`A toy\n\nHook 3 mm.\n\n${line}\n`);
    expect(parts.map((p) => p.name)).toEqual([name]);
    expect(parts[0].rounds.map((r) => r.made)).toEqual(made);
  });

  it.each([
    ['The ears, two', 'The ears', 2],
    ['[LEGS] umber, 4 pcs', 'LEGS', 4],
    ['== SHELL == (green)', 'SHELL', 1],
    ['*EAR* (2x)', 'EAR', 2],
    ['PIECE 2 — COMB — make 3 — color: red', 'COMB', 3],
    ['BARE FEET (2, mint)', 'BARE FEET', 2],
    ['Shell:', 'Shell', 1],
  ])('%s', (heading, name, make) => {
    const [part] = read(`A toy\n\n${heading}\nRnd 1: 6 sc in ring (6)\nRnd 2: inc x6 (12)`).parts;
    expect([part.name, part.make]).toEqual([name, make]);
  });

  it('rounds of another part, up to one of them', () => {
    const page =
      'Hull\nRnd 1: 6 sc in ring\nRnd 2: inc x6\nRnd 3: sc around\nFasten off.\n\nDeck\nWork as for the hull up to the end of Rnd 2. (12)\nFasten off.';
    expect(read(page).parts[1].rounds.map((r) => r.made)).toEqual([6, 12]);
  });

  it('loops of another part give no number of their own, and that is said', () => {
    const [, rim] = read(
      'Shell\nR1: 6 sc in ring\nR2: inc x6\nR3: BLO: sc around\nclose\n\nRim\njoin at any front loop of rd 2\n01 | sc in each FL around | 12\n02 | (sc, inc)*6 | 18',
    ).parts;
    expect(rim.rounds.map((r) => r.made)).toEqual([12, 18]);
    expect(rim.problems.map((p) => p.message).join()).toContain('R2 of another part');
  });
});

describe('what sentences decide', () => {
  it.each([
    ['STUFF → no', [{ fact: 'unstuffed' }]],
    ['Stuffing: none', [{ fact: 'unstuffed' }]],
    ['Now switch to white, do not cut mint.', [{ fact: 'colour', colour: 'white' }]],
    ['Color B:', [{ fact: 'colour', colour: 'b' }]],
    ['Leave the thread for sewing.', [{ fact: 'off' }]],
    ['off, 20 cm', [{ fact: 'off' }, { fact: 'tail', tailMm: 200 }]],
    ['ss and cut, 20 cm', [{ fact: 'off' }, { fact: 'tail', tailMm: 200 }]],
    ['FO + close', [{ fact: 'off' }, { fact: 'shut', how: 'gathered', count: null }]],
    [
      'Fasten off and draw up the remaining stitches.',
      [{ fact: 'off' }, { fact: 'shut', how: 'gathered', count: null }],
    ],
    ['--- stuff ---', [{ fact: 'stuff', firmness: null, toRound: null }]],
  ])('%s', (line, facts) => expect(factsOf(line)).toEqual(facts));

  it.each([
    ['Insert eyes: rnd 8/9, 5 sts apart.', [8, 9], [5]],
    ['put your eyes in now: Rd 10/11, nine stitches apart', [10, 11], [9]],
    ['Place eyes b/t rnds 7 & 8, 6 sts apart.', [7, 8], [6]],
    ['SAFETY EYES → between rounds 10 and 11, 10 sts apart', [10, 11], [10]],
    ['We insert the eyes between the 10 and 11 rounds at a distance of 8 loops.', [10, 11], [8]],
    ['eyes rd 7-10', null, null],
    ['Eyes: rounds 6|7, with 10 sc between', [6, 7], [10]],
  ])('%s', (line, rounds, many) => {
    const found = factsOf(line).find((f) => f.fact === 'feature');
    expect(found?.fact === 'feature' && [found.feature.rounds, found.feature.many]).toEqual([rounds, many]);
  });

  it('stitches whose part in a distance nobody says are told as not understood', () => {
    const found = factsOf('eyes rd 7-8 / 6 sts').find((f) => f.fact === 'feature');
    expect(found?.fact === 'feature' && found.feature.unread).toContain('6 sts');
  });
});

describe('nothing is lost in silence', () => {
  it.each([
    '2 as you like (16)',
    'Put grey and rose together, connect with sc around. (24) Leave the thread.',
    'Apron strings: CH 25, 24 SL back. x2',
    'Chain 4, sl st in 2nd ch from hook, sl st in next 2 ch - do this three times for the toes.',
  ])('%s is marked', (line) => {
    const { page } = read(`Leg\nR1: 8 sc in ring\n${line}`);
    expect(page.find((l) => l.line === 3)!.as).toBe('unread');
  });

  it.each([
    ['US terms.', 'us'],
    ['Terms: American', 'us'],
    ['UK terminology', 'uk'],
    ['US terms, British terms in brackets', 'uk'],
    ['Hello.', 'uk'],
    ['UK terms are used (dc = US sc, htr = US hdc).', 'uk'],
    ['dc: double crochet, single crochet (US)', 'uk'],
  ])('%s with double crochets alone is %s', (said, terms) => {
    const reading = read(
      `${said}\n\nBow\nRound 1: 6 dc into a magic ring (6)\nRound 2: 2 dc in each st (12)`,
    );
    expect(reading.terms).toBe(terms);
    expect(reading.parts.at(-1)!.rounds.map((r) => r.made)).toEqual([6, 12]);
  });

  it.each(['For 2 rounds the colours change, see photo.', 'Arms. Sew at round 12.', 'white, for the belly'])(
    '%s makes no round and no fault',
    (line) => {
      const { parts } = read(`Head\nR1: 6 sc in ring (6)\n${line}`);
      expect(parts[0].rounds.map((r) => r.made)).toEqual([6]);
      expect(parts[0].problems.filter((p) => p.severity === 'error')).toEqual([]);
    },
  );

  it('a page in spelled double crochets without any single crochet is British', () =>
    expect(
      read('Round 1: make an adjustable loop and crochet six double crochet into the loop. (6)').terms,
    ).toBe('uk'));
});
