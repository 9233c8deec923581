import { applied, read, takeUp, type PartReading, type Terms } from './index';

const part = (text: string, terms: Terms = 'us'): PartReading => read(text, { terms }).parts[0];
const errors = (text: string, terms: Terms = 'us') =>
  read(text, { terms }).parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error'));

const R12 = 'R1: 6 sc in ring (6)\nR2: inc x6 (12)\n';
const R18 = `${R12}R3: (sc, inc) x6 (18)\n`;
const RIDGE = `${R12}R3: BLO: sc around (12)\n`;

describe('every code: where, in which words, and how it is mended', () => {
  it.each<
    [code: string, text: string, words: string, message: RegExp, mend: string | null, mended: string | null]
  >([
    // 18 on offer, (2 sc, inc) eats 3: six times, and six times makes the stated 24
    [
      'too-few',
      `${R18}R4: (2 sc, inc) x5 (24)`,
      '(2 sc, inc) x5',
      /5 repeats of \(2 sc, inc\) use 15 of the 18 stitches; 3 are left/,
      'Repeat 6 times',
      'R4: (2 sc, inc) x6 (24)',
    ],
    // 18 on offer, 10 + 1 = 11 used: ten plain become seventeen
    [
      'too-few',
      `${R18}R4: 10 sc, inc (19)`,
      '10 sc, inc',
      /Uses 11 of the 18 stitches: 7 left/,
      'Write 17 sc',
      'R4: 17 sc, inc (19)',
    ],
    [
      'too-few',
      `${R12}(sc, ch 6, sl st in 2nd ch from hook, sc in next 3, sl st in same st) x12`,
      'ch 6, sl st in 2nd ch from hook, sc in next 3, sl st in same st',
      /A chain of 6 offers 5 stitches here; 4 are used/,
      null,
      null,
    ],
    // 12 on offer, eats 3: four times; 20 cannot be reached by that repeat, so the count follows
    [
      'too-many',
      `${R12}R3: (2 sc, inc) x5 (20)`,
      '(2 sc, inc) x5',
      /need 15 stitches; only 12 are there/,
      'Repeat 4 times',
      'R3: (2 sc, inc) x4 (16)',
    ],
    ['too-many', `${R12}R3: 13 sc`, '13 sc', /Needs 13 stitches; only 12/, 'Write 12 sc', 'R3: 12 sc'],
    // 12 on offer must give 16: four increases, each after two plain
    [
      'count-mismatch',
      `${R12}R3: (sc, inc) x6 (16)`,
      '(sc, inc) x6',
      /Makes 18, the line says 16. Write \(2 sc, inc\) x4/,
      'Write (2 sc, inc) x4',
      'R3: (2 sc, inc) x4 (16)',
    ],
    [
      'count-mismatch',
      'R1: 6 sc in ring (7)',
      '6 sc in ring',
      /Makes 6, the line says 7/,
      'Write 7',
      'R1: 7 sc in ring (7)',
    ],
    // 16 = 5 x 3 + 1
    [
      'does-not-divide',
      'R1: 8 sc in ring\nR2: inc x8 (16)\nR3: (2 sc, inc) around',
      '(2 sc, inc) around',
      /16 is 5 times \(2 sc, inc\), which uses 3, and 1 left/,
      'Write (3 sc, inc) around',
      'R3: (3 sc, inc) around',
    ],
    [
      'does-not-divide',
      'R1: 9 sc in ring\nR2: (dec) around',
      '(dec) around',
      /9 is 4 times \(dec\), which uses 2, and 1 left/,
      'Write (dec) x4, sc',
      'R2: (dec) x4, sc',
    ],
    [
      'does-not-divide',
      `${R12}R3: (2 sc, dec) until 20 remain`,
      '(2 sc, dec) until 20 remain',
      /From 12, this repeat never leaves exactly 20/,
      null,
      null,
    ],
    [
      'loop-missing',
      `${R12}R3: sc around (12)\nin the free front loops of R2: sc around (12)`,
      'in the free front loops of R2:',
      /R3 works through both loops of R2: no front loop is left/,
      'Work R3 BLO',
      'R3: BLO: sc around (12)',
    ],
    [
      'loop-missing',
      `${R12}in free front loops of R9: sc around`,
      'in free front loops of R9:',
      /There is no R9/,
      null,
      null,
    ],
    [
      'loop-used-twice',
      `${RIDGE}in the free front loops of R2: sc around (12)\nin the free front loops of R2: sc around (12)`,
      'in the free front loops of R2:',
      /taken already, by the layer in line 4/,
      null,
      null,
    ],
    [
      'loop-used-twice',
      `${R12}in the front loops of R2: sc around\nR3: sc around`,
      'sc around',
      /front loops below are taken by the layer in line 3/,
      'Work this round BLO',
      'R3: BLO: sc around',
    ],
    [
      'unknown-word',
      `${R18}R4: sx around`,
      'sx',
      /“sx” is not a word I know. Did you mean “sc”/,
      'Write sc',
      'R4: sc around',
    ],
    [
      'unknown-word',
      `${R12}R3: (sc, inc x6 (18)`,
      '(',
      /bracket “\(” is never closed/,
      'Write )',
      'R3: (sc, inc) x6 (18)',
    ],
    [
      'unknown-part',
      `${R12}R3: 8 sc, wing over 4 (12)`,
      'wing over 4',
      /No part is called “wing”/,
      null,
      null,
    ],
    ['unknown-part', 'R1: leg 1: sc 12, leg 2: sc 12 (24)', 'leg 1:', /No part is called “leg”/, null, null],
    [
      'not-finished',
      `Body\n${R12}R3: 8 sc, wing over 4 (12)\n\nWing (2x)\nR1: ch 8, join`,
      'wing over 4',
      /must be made before/,
      null,
      null,
    ],
    [
      'not-finished',
      `Body\nR1: leg 1: sc 12 (12)\n\nLeg\nR1: 12 sc`,
      'leg 1:',
      /written further down/,
      null,
      null,
    ],
    ['label-gap', `${R12}R4: sc around (12)`, 'R4: ', /R3 should come next/, null, null],
    ['label-gap', 'R1: 6 sc in ring\nR3-4: sc around', 'R3-4: ', /R2 should come next/, null, null],
    ['label-repeat', `${R12}R2: sc around (12)`, 'R2: ', /R2 is already written/, null, null],
    [
      'label-repeat',
      'R1: 6 sc in ring\nR2-4: sc around\nR3: sc around',
      'R3: ',
      /R3 is already written/,
      null,
      null,
    ],
    ['terms-suspect', 'R1: 6 dc in ring (6)', 'R1: 6 dc in ring (6)', /looks like UK terms/, null, null],
    ['terms-suspect', 'R1: 6 dc in ring\nR2: 6 htr', 'R1: 6 dc in ring', /looks like UK terms/, null, null],
    // 12 more in one round; 6 lie flat, 1.35 x 6 = 8.1
    [
      'ruffle',
      `${R12}R3: inc x12 (24)`,
      'inc x12',
      /From 12 to 24 in one round is more than lies flat/,
      null,
      null,
    ],
    // half double crochet lies flat with 8 more; 12 more is over 1.35 x 8 = 10.8
    ['ruffle', 'R1: 12 hdc in ring\nR2: 2 hdc in each st', '2 hdc in each st', /From 12 to 24/, null, null],
    ['cup', 'R1: 12 sc\nR2: sc3tog x4 (4)', 'sc3tog x4', /more than halves/, null, null],
    ['cup', 'R1: 9 sc\nR2: sc3tog x3', 'sc3tog x3', /more than halves/, null, null],
    [
      'stacked',
      `${R18}R4: (2 sc, inc) x6 (24)`,
      '(2 sc, inc) x6',
      /6 increases stand above/,
      'Stagger the increases',
      'R4: sc, inc, (2 sc, inc) x5, sc (24)',
    ],
    [
      'stacked',
      'R1: 14 sc\nR2: (sc, inc) x7 (21)\nR3: (2 sc, inc) x7 (28)',
      '(2 sc, inc) x7',
      /7 increases/,
      'Stagger the increases',
      'R3: sc, inc, (2 sc, inc) x6, sc (28)',
    ],
    ['assumed', `${R12}R3: icn x6\nR4: sc around`, 'sc around', /Counted on from 12/, null, null],
    [
      'assumed',
      `${R12}R3: *sc, inc; rep from * 5 times (18)`,
      '*sc, inc; rep from * 5 times',
      /read as 5 more, 6 in all/,
      null,
      null,
    ],
  ])('%s in %j', (code, text, words, message, title, mended) => {
    const found = read(text, { terms: 'us' })
      .parts.flatMap((p) => p.problems)
      .find((p) => p.code === code);
    expect([found?.code, found && text.slice(found.span.from, found.span.to)]).toEqual([code, words]);
    expect(found!.message).toMatch(message);
    expect(found!.mends[0]?.title ?? null).toBe(title);
    if (!mended) return;
    const after = applied(text, found!.mends[0].changes);
    expect(after.split('\n')).toContain(mended);
    expect(errors(after)).toEqual([]);
  });

  it('offers no mend that leaves a new problem, in the round or in a later one', () => {
    let tried = 0;
    for (let offered = 6; offered <= 48; offered += 6)
      for (const line of [
        '(2 sc, inc) x5 (24)',
        '(3 sc, dec) x6 (20)',
        '(sc, inc) around',
        '7 sc, inc, 3 sc, dec (14)',
        'inc x5',
        'sc around (20)',
      ])
        for (const then of ['', '\nR3: sc around', `\nR3: (3 sc, dec) around`, '\nR3: (4 sc, inc) x4 (24)']) {
          const text = `R1: ${offered} sc\nR2: ${line}${then}`;
          const before = errors(text).map(
            (p) => `${p.code} ${text.slice(0, p.span.from).split('\n').length}`,
          );
          for (const p of errors(text))
            for (const mend of p.mends) {
              tried++;
              const mended = applied(text, mend.changes);
              const after = errors(mended).map(
                (x) => `${x.code} ${mended.slice(0, x.span.from).split('\n').length}`,
              );
              expect([text, mend.title, after.filter((x) => !before.includes(x))]).toEqual([
                text,
                mend.title,
                [],
              ]);
              expect(after.length).toBeLessThan(before.length);
            }
        }
    expect(tried).toBeGreaterThan(100);
  });
});

describe('one too many, one too few', () => {
  const R36 = 'R1: 30 sc\nR2: ';
  it.each<[round: string, more: number, work: string, instead: string, makes: number]>([
    // (4 sc, inc) x6: 30 become 36; with 31, one increase less
    ['(4 sc, inc) x6', 1, '2 sc', 'inc', 36],
    ['(4 sc, inc) x6', -1, 'inc', '2 sc', 36],
    // (3 sc, dec) x6: 30 become 24; with 29, one decrease less
    ['(3 sc, dec) x6', -1, 'sc', 'dec', 24],
    ['(3 sc, dec) x6', 2, 'dec', 'sc', 24],
    ['sc around', 1, 'dec', 'sc', 30],
    ['sc around', -2, 'inc', '2 sc', 30],
  ])('%s with %i more: work %s instead of %s', (round, more, work, instead, makes) => {
    const { items } = part(R36 + round).rounds[1];
    const found = takeUp(items, 30, more, 'us')!;
    expect(found).toMatchObject({ work, instead, times: Math.abs(more), uses: 30 + more, makes });
    // Worked so, stitch by stitch: what is exchanged uses `more` others and makes the same.
    const eats = { sc: 1, '2 sc': 2, inc: 1, dec: 2 } as Record<string, number>;
    expect((eats[work] - eats[instead]) * found.times).toBe(more);
  });
  it('says nothing where nothing can be exchanged', () =>
    expect(takeUp(part('R1: 6 sc in ring\nR2: 6 sl st').rounds[1].items, 6, 1, 'us')).toBeNull());
});
