import { read } from '.';
import { right, told } from './cases/told';

describe('signs of other hands', () => {
  it.each([
    ['counts between angles', 'R1: 6 sc in ring <6>', 'R2: inc x6 <12 sts>', 'R3: sc around <12>'],
    ['an arrow behind the label', 'R1> 6sc in mr', 'R2> inc*6 =12', 'R3> 12'],
    ['numbers in circles', '① 6 sc in ring (6)', '❷ inc x6 (12)', '③ sc around'],
    [
      'counts behind a colon, with the word for a stitch',
      'Rnd 1 Make a magic ring, 6 sc in ring.',
      'Rnd 2 2 Sc in each sc around: 12 sc.',
      'Rnd 3 Sc in each sc around: 12 sc. Fasten off.',
    ],
  ])('%s', (_, ...rounds) => expect(told('BODY', ...rounds)).toEqual(right([[6, 12, 12]])));

  it('a range is counted again behind its count, and must be as long', () => {
    const page = (times: number) => told('BODY', 'R1: 6 sc in ring (6)', `R2–R4 6sc (6) ×${times}`);
    expect(page(3)).toEqual(right([[6, 6, 6, 6]]));
    expect(page(4).errors).toHaveLength(1);
  });

  it('words between stars do not go on in the next line', () =>
    expect(
      told(
        'BODY',
        '* Worked from the nose to the back *',
        'Using oatmeal',
        'R1: 6 sc in ring (6)',
        '>> Eyes: R5/R6, 6 sts in between',
        'R2: inc x6 (12)',
      ),
    ).toEqual(right([[6, 12]])));

  it('the same rounds of another part stand behind a range of labels, with and without a chain', () => {
    const [leg, arm] = told(
      'Leg',
      '1. round: 6 sc in ring (6)',
      '2. round: inc x6 (12)',
      'Arm',
      '1. - 2. round: same as leg (12)',
      '3. round: sc around (12)',
    ).made;
    expect([leg, arm]).toEqual([
      [6, 12],
      [6, 12, 12],
    ]);
    const hull = [
      'Hull',
      'Ch 5.',
      'Rnd 1: sc in 2nd ch from hook, sc in next 3',
      'Rnd 2: ch 1, turn, sc across',
    ];
    const deck = (chain: number) =>
      told(...hull, 'Deck', `Ch ${chain} and work as hull up to and including Rnd 2.`);
    expect(deck(5)).toEqual(
      right([
        [4, 4],
        [4, 4],
      ]),
    );
    expect(deck(6).errors).toEqual(['count-mismatch']);
  });

  it('counts in a column of their own, behind blanks', () =>
    expect(
      told(
        'BODY',
        'r1  mr 6 sc              6',
        'r2  inc in ea            12',
        'r3-4  sc in ea             12',
      ),
    ).toEqual(right([[6, 12, 12, 12]])));

  it('a list of how often each part is made is marked where their headings do not say it', () => {
    const page = (eyes: string) =>
      told('Body', 'R1: 6 sc in ring', '', eyes, 'R1: 6 sc in ring', '', 'Body x1, eyes x2').unread;
    expect(page('Eyes')).toEqual([7]);
    expect(page('Eyes (make 2)')).toEqual([]);
  });

  it('a fold in a table is a round', () =>
    expect(told('Ear', '1\t6 sc in ring\t6', '2\tfold, 3 sc through both layers\t3')).toEqual(
      right([[6, 3]]),
    ));
});

describe('words of other hands', () => {
  it('a legend may name the stitches of the house, and what a count counts', () => {
    const page = told(
      'Troll',
      'Abbr: m = stitch, fm = sc, inc, dec, MR',
      '',
      'HEAD',
      '1: 6 fm in MR = 6 m',
      '2: 6 inc = 12 m',
      '3-4: 12 fm',
      '5: (1 fm, 1 dec) x 4 = 8 m',
    );
    expect(page).toEqual(right([[6, 12, 12, 12, 8]]));
  });

  it('a word with a colon before its stitch tells where it is worked, and explains nothing', () => {
    const legend = (line: string) =>
      read(`Box\n\n${line}\n\nBody\nR1: 6 sc in ring\nR2: fm around, sides last`).legend;
    expect(legend('sides: sc, fm = sc')).toEqual({ fm: 'sc' });
    expect(legend('sides: single crochet')).toEqual({ sides: 'sc' });
  });

  it('a magazine: the yarn behind the heading, rounds without a colon, the next row', () => {
    const { terms, parts } = read(
      [
        'PARSNIP Using cream, make a slip ring.',
        'Round 1 (RS) 1 ch (does not count as a st), 4 dc into ring, join with ss. 4 sts.',
        'Round 2 1 ch, 2 dc in each dc, join. 8 sts.',
        '',
        'LEAVES (make 3) Using leaf, make 6 ch.',
        'Next row 1 dc in 2nd ch from hook, 1 htr in next ch, 1 tr in each of next 2 ch, ss in last ch. 5 sts.',
      ].join('\n'),
    );
    expect(terms).toBe('uk');
    expect(parts.map((p) => [p.name, p.make, p.rounds.map((r) => r.made)])).toEqual([
      ['PARSNIP', 1, [4, 8]],
      ['LEAVES', 3, [5]],
    ]);
  });

  it.each([
    'Do not turn. Sc evenly around the other three sides, 2 down the side, 4 along the bottom, 2 up the side. Fasten off.',
    'sc evenly around: 2 down the side, 4 along the bottom, 2 up the side (8)',
  ])('an edging by its sides: %s', (line) =>
    expect(
      told(
        'Letter',
        'Ch 5.',
        'Row 1: sc in 2nd ch and each ch across (4)',
        'Row 2: ch 1, turn, sc across',
        line,
      ),
    ).toEqual(right([[4, 4, 8]])),
  );

  it('equal rounds without a label are counted behind their count', () =>
    expect(
      told('Shell', 'MR, 7', '7 inc (14)', '(1, inc) x7 (21)', '21 (21) x2', '(1, dec) x7 (14)'),
    ).toEqual(right([[7, 14, 21, 21, 21, 14]])));

  it('a colour may come with the last loop of the round before', () =>
    expect(
      read('Body\nR1: 6 sc in ring\nWith white, in the last pull-through of R1:\nR2: inc x6').page.map(
        (l) => l.as,
      ),
    ).toEqual(['heading', 'round', 'colour', 'round']));
});
