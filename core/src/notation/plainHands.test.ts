import fc from 'fast-check';
import { read } from '.';
import { right, told } from './cases/told';
import { numbersByBlanks, withColon } from './numberedLines';

describe('rounds that are numbered with nothing but blanks', () => {
  it('are rounds where the numbers follow each other', () => {
    expect(told('Tail', '1  6 sc in ring', '2  inc x6', '3-4  sc around', '5 dec x6')).toEqual(
      right([[6, 12, 12, 12, 6]]),
    );
  });

  it('are none in a list of what is needed, and not out of order', () => {
    expect(numbersByBlanks('1 ball of wool\n2 eyes\n3 buttons\n4 cm of ribbon')).toBe(false);
    expect(numbersByBlanks('4  sc around\n9  sc around\n2  inc x6 (12)')).toBe(false);
    expect(numbersByBlanks('r1: 6 sc in ring\nr2: 2 sc in each (12)')).toBe(false);
  });

  it('keep their places: a colon or a tab stands where the blank was', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 99 }), fc.constantFrom(' ', '  ', '   '), (n, blanks) => {
        const line = `${n}${blanks}(sc, inc) x6`;
        expect(withColon(line)).toHaveLength(line.length);
        expect(withColon(line)).toMatch(new RegExp(`^${n}[:\\t] {0,2}\\(sc, inc\\) x6$`));
      }),
    );
    expect(withColon('2 dc in next st')).toBe('2 dc in next st');
    expect(withColon('3 times (12)')).toBe('3 times (12)');
  });
});

describe('colours count stitches', () => {
  const ring = ['Body', 'R1: 6 sc in ring', 'R2: inc x6'];
  it.each([
    ['R3: 4 brown, 4 red, 4 brown', []],
    ['R3: 4 brown 4 red 4 brown (12)', []],
    ['R3: (2 red, 2 white) x3', []],
    ['R3: 5 brown, 4 red', ['too-few']],
    ['R3: 5 brown, 4 red, 4 white', ['too-many']],
  ])('%s', (round, errors) => expect(told(...ring, round).errors).toEqual(errors));

  it('by the letters that the page explains, before a round and in it', () => {
    const page = [
      'Colours: K = black, Y = yellow',
      '',
      'Body',
      '1 K: mr 6 (6)',
      '2 Y: inc x6 (12)',
      '3 K: 6K 6Y (12)',
    ];
    expect(told(...page)).toEqual(right([[6, 12, 12]]));
    expect(read(page.join('\n')).legend).toMatchObject({ k: 'black', y: 'yellow' });
  });

  it('are not counted where no round is numbered: what is needed stays so', () => {
    expect(told('Toy', '2 red, 1 white', '', 'Body', 'R1: 6 sc in ring').made).toEqual([[6]]);
  });
});

describe('one round on twelve stitches, in plain hands', () => {
  it.each([
    ['(1 sc inc) x6', 18],
    ['(2sc dec)x3', 9],
    ['6x(1 sc, inc)', 18],
    ['6(1 sc, inc)', 18],
    ['6(1 sc, inc) 18', 18],
    ['inc 12 times', 24],
    ['increase in every 2nd st', 18],
    ['decrease in every 3rd and 4th st', 9],
    ['crochet always 2 sts together', 6],
    ['without increase', 12],
    ['2 sc in same st and in each st around', 24],
    ['2 sc in every sc 24 sc', 24],
    ['*sc 1, 2 sc in next* 18 sc', 18],
    ['(1 sc, inc) x6. (18 sts.)', 18],
    ['1 single crochet, then an increase, and you do that all the way around', 18],
    ["we don't increase at all, we just go around. 12 stitches each time", 12],
    ['6×inc, 6 sc', 18],
  ])('%s makes %i', (work, made) =>
    expect(told('Body', 'R1: 6 sc in ring', 'R2: inc x6', `R3: ${work}`)).toEqual(right([[6, 12, made]])),
  );

  it.each([
    ['*2dctog* around', 6],
    ['2dctog, 8 dc, 2dctog', 10],
  ])('%s in British words makes %i', (work, made) =>
    expect(told('Body', 'R1: 6 dc in ring', 'R2: 2 dc in each dc', `R3: ${work}`)).toEqual(
      right([[6, 12, made]]),
    ),
  );
});

describe('how a part begins', () => {
  it.each([
    ['6 mr', 6],
    ['MR(6)', 6],
    ['mr6', 6],
    ['6 s. c. in ring', 6],
    ['Begin at top with white. Ch 2, work 6 sc in 2nd ch from hook.', 6],
    ['we make a magic ring and put six single crochets into it', 6],
    ['Foundation: 6 ch + 1 ch to turn', 7],
  ])('%s', (start, made) => expect(told('Body (1x)', start)).toEqual(right([[made]])));

  it('a ring does not go around what it has just made', () => {
    const { errors } = told('Body', 'R1: 6 sc in magic ring, inc in every stitch');
    expect(errors).toEqual(['too-many']);
    expect(told('Body', '6 sc in magic ring, and then an increase in every stitch (12)')).toEqual(
      right([[6, 12]]),
    );
  });

  it('what begins with a ring is worked: among words it is marked, never passed over', () => {
    expect(told('ok so the head first. ring with 6', 'R2: inc x6').unread).toEqual([1]);
    expect(told('Body', 'R1: 6 sc in ring', '', 'For fun', '6 in a loop.').unread).toEqual([5]);
  });
});

describe('parts and their copies', () => {
  it.each([
    [['Eyes (make 2)', 'R1: 6 sc in ring'], 'Eyes', 2],
    [['### Eyes (make 2)', 'R1: 6 sc in ring'], 'Eyes', 2],
    [['★ GILLS (make 6) ★', 'R1: 6 sc in ring'], 'GILLS', 6],
    [['FIN ~ grey ~ make 3', 'R1: 6 sc in ring'], 'FIN', 3],
    [['For the ears, make two of these. 6 sc in ring'], 'ears', 2],
    [['Body', '2 the same:', 'R1: 6 sc in ring'], 'Body', 2],
    [['Pillow', '', 'Make two.', 'R1: 6 sc in ring'], '', 2],
  ])('%j', (lines, name, make) => {
    const { parts } = read((lines as string[]).join('\n'));
    expect(parts.map((p) => [p.name, p.make])).toEqual([[name, make]]);
  });

  it('eyes that are bought are no part', () => {
    const text = 'Toad\nEYES: 9 mm, 2 pcs\n\nBody\nR1: 6 sc in ring';
    expect(read(text).parts.map((p) => p.name)).toEqual(['Body']);
  });

  it('a sheet names the part in each of its rows', () => {
    const rows = [
      'Part\tRound\tStitches\tCount',
      'Body\t1\t6 sc in ring\t6',
      'Body\t2\tinc x6\t12',
      'Ear\t1\t5 sc in ring\t5',
    ];
    expect(read(rows.join('\n')).parts.map((p) => p.name)).toEqual(['Body', 'Ear']);
    expect(told(...rows)).toEqual(right([[6, 12], [5]]));
  });

  it.each(['- [ ] ', '- [x] ', '[19:02] Nele: ', '🧶 ', '✦ '])('a round behind %j', (lead) => {
    expect(told('Body', `${lead}R1: 6 sc in ring`, `${lead}R2: inc x6 (12)`)).toEqual(right([[6, 12]]));
  });

  it('a list of rounds has numbers before their labels', () => {
    expect(
      told('Body', '1. Round 1: 6 sc in ring', '2. Round 2: inc x6 (12)', '3. Rounds 3-4: sc around'),
    ).toEqual(right([[6, 12, 12, 12]]));
    expect(told('Body', '1. round: 6 sc in ring', '2. round: inc x6 (12)', '3. round: (sc, inc) x6')).toEqual(
      right([[6, 12, 18]]),
    );
  });

  it('a size before a word with a colon is no time', () => {
    expect(read('Toad\n2.50 mm hook: bamboo\n\nBody\nR1: 6 sc in ring').hook).toMatchObject({ mm: 2.5 });
  });

  it('keys are digits, and every place stays where it is written', () => {
    const text = 'Body\nR1️⃣ 6 sc in ring\nR2️⃣-R1️⃣2️⃣ 6 scc';
    const [part] = read(text).parts;
    expect(part.rounds.map((r) => r.label)).toContain('R12');
    const [fault] = part.problems.filter((x) => x.code === 'unknown-word');
    expect(text.slice(fault.span.from, fault.span.to)).toBe('scc');
  });
});

describe('what sentences decide', () => {
  const ends = (line: string) => read(`Body\nR1: 6 sc in ring\n${line}`).parts[0];
  it.each([
    ['Fasten off. Draw up and secure.', 'gathered'],
    ['Cut the wool and draw up.', 'gathered'],
    ['F.O. + close', 'gathered'],
    ['fo. weave end thru sts, pull tight.', 'gathered'],
  ])('%s', (line, how) => expect(ends(line).end.how).toBe(how));

  it('work before an ending is worked', () => {
    expect(told('Leg', 'R1: 6 sc in ring', 'Work even for 3 rounds. Fasten off.')).toEqual(
      right([[6, 6, 6, 6]]),
    );
    expect(ends('Work even for 3 rounds. Fasten off.').end.how).toBe('open');
  });

  it('a chain behind what the hands do is marked', () => {
    expect(told('Leaf', 'R1: 6 sc in ring', "don't cut, ch 7 and repeat for the next leaf").unread).toEqual([
      3,
    ]);
  });

  it('filling by other words, and in the tip alone', () => {
    expect(ends('pop in some stuffing').pauses).toMatchObject([{ what: 'stuff' }]);
    const facts = read('Tail\nR1: 6 sc in ring\nfo. tiny bit of stuffing in the tip only').page[2].facts;
    expect(facts).toContainEqual({
      fact: 'zone',
      where: { end: 'first', share: 0.5 },
      fill: 'as the part',
      only: true,
    });
  });

  it.each([
    ['Place safety eyes between rd 7 and rd 8 with 6 sts space.', [6], 'between'],
    ['Place the eyes between rounds 8 and 9 with an interspace of 7 stitches.', [7], 'between'],
    ['Place the eyes between rounds 8 and 9 at a distance of 7 stitches.', [7], 'apart'],
    ['eyes at 9/10, 6 sc between', [6], 'between'],
    ['Put the eyes between rnd 7 and 8 with 6 sts distance.', [6], 'apart'],
  ])('%s', (line, many, counted) => {
    const [fact] = read(`Head\nR1: 6 sc in ring\n${line}`).page[2].facts;
    expect(fact).toMatchObject({ fact: 'feature', feature: { what: 'eyes', many, counted } });
    expect(fact.fact === 'feature' && fact.feature.rounds).not.toBeNull();
  });
});
