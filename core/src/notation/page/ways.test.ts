import { read } from '../index';

/** Parts of a page: name, how many, stitches of each round. */
const parts = (page: string) => {
  const { parts: found } = read(page);
  return found.map((p) => `${p.name} x${p.make}: ${p.rounds.map((r) => r.made).join(' ')}`);
};
const errors = (page: string) =>
  read(page).parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error').map((x) => x.message));
const as = (page: string) => read(page).page.map((l) => l.as);

const BODY = 'Body\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\n';

describe('ways to write a page', () => {
  it.each<[string, string, string[]]>([
    [
      'colours behind labels',
      'Tail\n1st round (white): 4 sc in a magic ring (4)\nRnd 2 [red]: sc 1, inc 1, twice (6)',
      ['Tail x1: 4 6'],
    ],
    ['colours before labels', `${BODY}(black) R3-4 | sc 12 | 12`, ['Body x1: 6 12 12 12']],
    [
      'the letter behind the number',
      'Body\n1R: MR, 6sc [6]\n2R: 6inc [12]\n3R~5R: 12sc [12]',
      ['Body x1: 6 12 12 12 12'],
    ],
    ['two labels with a stroke', `${BODY}3./4. 12 sc`, ['Body x1: 6 12 12 12']],
    [
      'a table with bars',
      '## Wing (make 2)\n| Round | Work | Sts |\n|---|---|---|\n| 1 | 6 sc in MR | 6 |\n| 2-3 | 6 sc | 6 |',
      ['Wing x2: 6 6 6'],
    ],
    [
      'counts behind arrows',
      'Cap\n1. 6 x sc in MR\n2. inc all around → 12\n3. sc, inc → 18',
      ['Cap x1: 6 12 18'],
    ],
    [
      'a heading with its work in one line',
      `${BODY}close\n\nAntenna: black, 2x: ch 4, sl st back along the ch (3), fo`,
      ['Body x1: 6 12', 'Antenna x2: 3'],
    ],
    [
      'another part’s rounds, its name first',
      `${BODY}close\n\nBelly\nWork as body R1 to R2, ending with 12 stitches.`,
      ['Body x1: 6 12', 'Belly x1: 6 12'],
    ],
    [
      'stars over several lines',
      `${BODY}*Change to green.\nR3: sc around (12)\nChange to blue.\nR4: sc around (12)*\nRepeat from * to * twice more.`,
      ['Body x1: 6 12 12 12 12 12 12 12'],
    ],
    [
      'legs joined, the chain first and worked along on both sides',
      'Body\nR3: Ch 3, join to first leg with sc, sc in next 11 sts around the leg, sc along 3 chs, sc 12 around second leg, sc along the other side of the 3 chs (30)',
      ['Body x1: 30'],
    ],
    [
      'legs joined, the chain between them counted',
      'Body\nR3: 12 sc around the first leg, ch 3, join to second leg with sc, 11 sc, 3 sc along the ch (30)',
      ['Body x1: 30'],
    ],
    [
      'legs by their numbers',
      'Body\nR3: (on leg 2) ch 2, then sc 12 around leg 1, 2 sc over the ch-2, sc 12 around leg 2, 2 sc over the ch-2 (28)',
      ['Body x1: 28'],
    ],
    [
      'every copy caught',
      'Leg (make 3)\nR1: 4 sc in ring (4)\n\nBody\nR1: sc 2 through each leg (6)\nR2: inc x6 (12)',
      ['Leg x3: 4', 'Body x1: 6 12'],
    ],
    [
      'joined rounds with a ring said at length',
      'Snout\n1st Round: Make a magic circle, 1ch, 6dc into circle, ss to first dc. (6dc)\n2nd Round: 1ch, 2dc into each dc, ss to first dc. (12dc)',
      ['Snout x1: 6 12'],
    ],
    [
      'a chain of two on its own line',
      'Body\nCh2.\nRnd 1: 6 sc in 2nd ch from hook. (6)\nRnd 2: inc in ea st. (12)',
      ['Body x1: 6 12'],
    ],
    [
      'legs that go on as a body',
      'LEG (x 2)\nRnd 1: 6 sc in ring (6)\nRnd 2: sc around (6)\nCut yarn.\n\nBODY\nRnd 3: inc x6 (12)',
      ['LEG x2: 6 6', 'BODY x1: 12'],
    ],
    [
      'a fold that is only said as both layers',
      `${BODY}R3: sc 6 through both layers (6)`,
      ['Body x1: 6 12 6'],
    ],
    [
      'a round behind what is said of it',
      'Stem\nI begin with the stem. With beige yarn, make a magic ring and crochet 6 stitches into it.\nRound 2: inc around (12)',
      ['Stem x1: 6 12'],
    ],
    [
      'turning chains that count',
      'Fin\nR1: ch 8, hdc in 3rd ch from hook, hdc in next 5 (7)\nR2: ch 2, turn, hdc in next 6 (7)',
      ['Fin x1: 7 7'],
    ],
  ])('%s', (_, page, want) => {
    expect(parts(page)).toEqual(want);
    expect(errors(page)).toEqual([]);
  });

  it('a copy of rounds begins with the colour of the written one', () => {
    const page = `${BODY}*Change to green.\nR3-4: sc around (12)*\nChange to blue.\nR5: sc (12)\nRepeat R3-R5 once`;
    const [body] = read(page).parts;
    expect(body.rounds.map((r) => r.colour)).toEqual([
      null,
      null,
      'green',
      null,
      'blue',
      'green',
      null,
      'blue',
    ]);
  });

  it('stars that are not there are said', () =>
    expect(errors(`${BODY}Repeat from * to * twice.`)).toEqual([
      expect.stringMatching(/No line above begins with a star/),
    ]));

  it.each([
    ['in its label', 'R3-5 (4 rounds): sc around (12)'],
    ['behind its work', 'R3-5: sc around (12) - 4 rounds'],
  ])('a range that is not as many rounds as it says is an error: %s', (_, line) =>
    expect(errors(BODY + line)).toEqual(['R3-5 are 3 rounds, the line says 4. Which of the two is meant?']),
  );

  it('labelled work outside the parts is never only words', () =>
    expect(as(`${BODY}close\n\nAssembly\nSew all.\nR7: sc around (12)`).slice(-3)).toEqual([
      'assembly',
      'assembly',
      'unread',
    ]));

  it('work behind sentences that decide something is not passed over', () =>
    expect(as(`${BODY}Fasten off. Leaves: join green, (ch 6, sl st in base) three times.`).at(-1)).toBe(
      'unread',
    ));

  it('a page’s only hook, said where its first part begins, is that of all parts', () => {
    const page =
      'HEAD\nUsing 3.00mm hook and black yarn, make a magic loop.\nR1: 6 sc into loop (6)\n\nEAR\nR1: 4 sc in ring (4)';
    expect(read(page).parts.map((p) => p.hookMm)).toEqual([3, 3]);
  });

  it('a head that goes on into the body did not begin at the sole; a leg did', () => {
    const page = (name: string) =>
      `${name}\nR1: 6 sc in ring (6)\nDon't cut the yarn, continue with the body.`;
    expect([page('Head'), page('Leg')].map((p) => read(p).parts[0].ringIs)).toEqual([null, 'sole']);
  });

  it.each([
    [
      'one round that grows, with plain ones behind it, is a dome',
      'R1: 9 sc in ring\nR2: inc x9\nR3-6: sc around (18)',
      0,
    ],
    [
      '8 more in each of four rounds ruffle',
      'R1: 8 sc in ring\nR2: inc x8\nR3: (sc, inc) x8\nR4: (2 sc, inc) x8\nR5: (3 sc, inc) x8',
      1,
    ],
    [
      '7 more in each of six do not',
      'R1: 7 sc in ring\nR2: inc x7\nR3: (sc, inc) x7\nR4: (2 sc, inc) x7\nR5: (3 sc, inc) x7\nR6: (4 sc, inc) x7\nR7: (5 sc, inc) x7',
      0,
    ],
    ['a doubled edge ruffles', 'R1: 6 sc in ring\nR2: inc x6\nR3: sc (12)\nR4: inc x12', 1],
  ])('%s', (_, rounds, times) =>
    expect(read(`Body\n${rounds}`).parts[0].problems.filter((p) => p.code === 'ruffle')).toHaveLength(times),
  );
});

describe('a legend is used to read its page', () => {
  const PAGE =
    'Abbreviations: KN = bobble, VM = invisible decrease, EX = single crochet\n\nHead\nR1: 6 EX in ring (6)\nR2: inc x6 (12)\nR3: 3 EX, KN, 8 EX (12)\nR4: VM x6 (6)';

  it('its words are stitches, and the part that the page becomes has those of the house', () => {
    expect(parts(PAGE)).toEqual(['Head x1: 6 12 12 6']);
    expect(errors(PAGE)).toEqual([]);
    const { rounds } = read(PAGE).parts[0];
    expect(rounds[2].items).toMatchObject([
      { kind: 'sc', times: 3 },
      { kind: 'bob' },
      { kind: 'sc', times: 8 },
    ]);
    expect(rounds[3].items).toMatchObject([{ eats: 2, makes: 1, invisible: true }]);
  });

  it.each([
    ['a word of the craft stays what it is', 'sc = double crochet', 'R2: sc around (6)', 6],
    ['the label of a round is no word', 'R2: increase', 'R3: inc x6 (12)', 12],
  ])('%s', (_, legend, line, made) =>
    expect(read(`${legend}\n\nBody\nR1: 6 sc in ring (6)\n${line}`).parts.at(-1)!.rounds.at(-1)!.made).toBe(
      made,
    ),
  );

  it('a word that nothing explains is still asked about', () =>
    expect(errors(PAGE.replace('KN = bobble, ', ''))).toEqual(['“kn” is not a word I know.']));
});

describe('the same stitch, and what stands free', () => {
  const made = (line: string) => read(`Body\nR1: 6 sc in ring (6)\n${line}`).parts[0].rounds[1];
  it.each<[string, string, number, number]>([
    ['one more into the stitch before', 'R2: sc in next st, sc in same st, sc in next 5', 6, 7],
    ['two in one stitch, the next', 'R2: 3 sc, 2 sc in the same st, 2 sc', 6, 7],
    ['chains go in with it', 'R2: sl st in next st, ch 2, 2 dc in same st, sl st in next 5', 6, 10],
    ['the stitch of the join is the next', 'R2: ch 1, sc in same st as join, sc in next 5', 6, 6],
    ['petals', 'R2: (ch 6, sl st in same st, sl st in next st) 6 times', 6, 6],
    ['a stitch word twice', 'R2: sc2tog twice, sc in 2', 6, 4],
    ['numbers alone are of stitches', 'R2: (sc in 1, inc in next) x3 (9)', 6, 9],
    ['left free', 'R2: 4 sc, leave last 2 sts unworked', 6, 4],
    ['a star that nothing closes goes around', 'R2: *1 sc, inc (9)', 6, 9],
    ['a number behind the star', 'R2: *1 sc, inc *3 (9)', 6, 9],
  ])('%s: “%s” uses %i and makes %i', (_, line, eaten, stitches) => {
    const round = made(line);
    expect(errors(`Body\nR1: 6 sc in ring (6)\n${line}`)).toEqual([]);
    expect([round.eaten, round.made]).toEqual([eaten, stitches]);
  });

  it('what is left without saying that it stays free is no stitch: a length, a distance', () => {
    expect(made('R2: 6 sc (6), leaving a tail of 30 cm').made).toBe(6);
    expect(as(`${BODY}Place the eyes between R1 and R2, leaving 2 sc between them.`).at(-1)).toBe(
      'placement',
    );
  });

  it.each(['R2: 1 sc, inc x3 (9)', 'R2: sc1, inc1 *3 (9)'])(
    '%s: read of all before it, and that is said',
    (line) =>
      expect(read(`Body\nR1: 6 sc in ring (6)\n${line}`).parts[0].problems.map((p) => p.message)).toEqual([
        '3 times is read of all that stands before it: that adds up.',
      ]),
  );

  it('two edges of one kind are worked in one round, and that is said; one stitch too many is still found', () => {
    const fins = (n: number) =>
      `Fin\nR1: 4 sc in ring (4)\nR2: inc x4 (8)\nR3: sc ${n} around the first fin, sc 8 around second fin (16)`;
    expect(errors(fins(8))).toEqual([]);
    expect(read(fins(8)).parts[0].problems.map((p) => p.message)).toContain(
      'Read as joining two edges of 8 stitches each.',
    );
    expect(errors(fins(9))).toHaveLength(1);
  });

  it('where rounds are counted from the one behind the start, the start is R0', () => {
    const { parts: found } = read(
      'Nose\nBegin by 5 sc into ring (5)\nRnd 1: inc x5 (10)\nRnd 2: sc around (10)',
    );
    expect(found[0].rounds.map((r) => [r.label, r.number])).toEqual([
      ['R0', 0],
      ['R1', 1],
      ['R2', 2],
    ]);
    expect(found[0].problems).toEqual([]);
  });
});

it.each<[string, number[]]>([
  ['Kit: 1 pair 6mm eyes, toy stuffing, 3.5mm hook', [6]],
  ['You need: safety eyes, black, 8 mm', [8]],
  ['You need: safety eyes (2), 9 mm, hook 3 mm', [9]],
  ['You need: eyes, 4 mm hook, stuffing', []],
  ['You need: 10 mm eyes, 5 mm felt, 3 mm hook', [10]],
])('in “%s” the eyes are %j mm: the size of the hook is not theirs', (line, eyes) =>
  expect(read(`Owl\n\n${line}\n\n${BODY}`).materials.eyesMm).toEqual(eyes),
);
