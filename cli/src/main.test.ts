import { resolve } from 'node:path';
import { run } from './main';

const EAR = 'Ear\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4: (2 sc, inc) x5 (24)\n';
const RILL = resolve(__dirname, '../../core/src/toy/fixtures/toy-v1.json');

describe('hoppla', () => {
  it('reads as the contract says', () => {
    const { out, code } = run(['read', '-', '--json'], () => EAR);
    expect(code).toBe(1);
    const [part] = JSON.parse(out).parts;
    expect(part).toMatchObject({ name: 'Ear', make: 1, stitches: 56 });
    expect(part.rounds[3]).toEqual({
      label: 'R4',
      line: 5,
      offered: 18,
      eaten: 15,
      made: 20,
      stated: 24,
      carried: 24,
    });
    expect(part.problems).toEqual([
      {
        line: 5,
        column: 5,
        endColumn: 19,
        severity: 'error',
        code: 'too-few',
        message: '5 repeats of (2 sc, inc) use 15 of the 18 stitches; 3 are left.',
        mend: { title: 'Repeat 6 times', edits: [{ line: 5, column: 17, endColumn: 19, text: 'x6' }] },
      },
    ]);
  });
  it('checks line by line', () => {
    expect(run(['check', '-'], () => EAR)).toEqual({
      out: '-:5:5: too-few: 5 repeats of (2 sc, inc) use 15 of the 18 stitches; 3 are left.\n',
      err: '',
      code: 1,
    });
    expect(run(['check', '-'], () => 'R1: 6 sc in ring (6)')).toEqual({ out: '', err: '', code: 0 });
  });
  it('writes the clean form in the terms asked, and keeps what it cannot read', () => {
    const text =
      'EARS - make 2\n1. MR 6\n2. 2 sc in each st = 12\n3. sc in each st = 12\n4. sc around (12)\n-- eyes later --\nstuff firmly please\n';
    expect(run(['write', '-', '--terms', 'uk'], () => text).out).toBe(
      'EARS (2x)\nR1: 6 dc in ring\nR2: inc around (12)\nR3-4 (2 rounds): dc around (12)\n-- eyes later --\nstuff firmly please\n',
    );
    expect(run(['write', '-'], () => 'R1: 6 sc in ring (6)\nR2: icn x6 (12)')).toMatchObject({
      out: 'R1: 6 sc in ring (6)\nR2: icn x6 (12)\n',
      code: 1,
    });
  });
  it('shapes a tube worked out by hand: 30 x 5 / pi = 47.7 mm', () => {
    const { out } = run(
      ['shape', '-', '--stitch', '5', '--round', '4.5', '--fill', 'none', '--json'],
      () => 'R1: ch 30, join (30)\nR2-11: sc around (30)',
    );
    expect(JSON.parse(out).parts[0].widthMm).toBeCloseTo(47.75, 1);
    expect(JSON.parse(out).parts[0]).toMatchObject({
      basis: 'ring model',
      depthMm: expect.closeTo(47.75, 1),
      gauge: { stitchMm: 5, roundMm: 4.5, source: 'measured' },
      fillG: 0,
    });
    expect(JSON.parse(out).parts[0].rounds[3]).toMatchObject({
      label: 'R4',
      count: 30,
      ringMm: expect.closeTo(47.75, 1),
      pulledMm: expect.closeTo(59.68, 1),
    });
  });
  it('shapes a whole toy with its own gauge and fill, in words', () => {
    const { out, code } = run(['shape', RILL], () => '');
    expect(code).toBe(0);
    expect(out).toMatch(
      /^Head: 71 x 57 mm \(wide x tall; 62-80 x 46-69\), 624 stitches\n {2}ring model; 4\.35 mm a stitch/m,
    );
    expect(out).toMatch(/Ear x 2: .*\n.*\n {2}holds 0\.3 cm3; /);
  });
  it('shapes what is not a ball: rows have no opening, an oval is deep as well, a frill ruffles', () => {
    const { out } = run(
      ['shape', '-'],
      () =>
        'Sole\nR1: ch 7, sc in 2nd ch from hook, 4 sc, 4 sc in last ch, 4 sc, 3 sc in last ch (16)\nR2: 16 sc (16)\nR3: BLO: 16 sc (16)\nin the front loops of R2: inc around (32)\n\nLeaf\nch 6\nRow 1: sc in 2nd ch from hook, 4 sc (5)\nRow 2: ch 1, turn, 5 sc (5)\nRow 3: ch 1, turn, 5 sc (5)',
    );
    expect(out).toMatch(/Sole: \d+ x \d+ x \d+ mm \(wide x deep x tall/);
    expect(out).toMatch(/worked on R2: \d+ mm across, ruffles 1\.\d times/);
    expect(out).toMatch(/Leaf: 22 x \d+ mm \(wide x tall.*\n {2}flat rows/);
    expect(out.slice(out.indexOf('Leaf'))).not.toContain('pulled');
  });
  const HEAD =
    'Head (1x, 3.0 mm hook, ring = crown)\nR1: 6 sc in ring, sl st to join\nR2: inc x6, sl st to join\nR3: (sc, inc) x6, sl st to join\nR4: (2 sc, inc) x6, sl st to join\nR5: (3 sc, inc) x6, sl st to join\nR6: (4 sc, inc) x6, sl st to join\nR7: 36 sc, sl st to join\nR8: 36 sc, sl st to join\nR9: 36 sc, sl st to join\nR10: 36 sc, sl st to join\nR11: (4 sc, dec) x6, sl st to join\nR12: (3 sc, dec) x6, sl st to join';
  it('says where a pair goes, as the contract says: on a tube of 36 six stitches are 60 degrees, r = 36 x 5 / 2 pi = 28.6 mm', () => {
    const { out, code } = run(
      [
        'face',
        '-',
        '--part',
        'head',
        '--at',
        'between R8 and R9, 6 between',
        '--eye',
        '9',
        '--stitch',
        '5',
        '--round',
        '4.5',
        '--lean',
        '0',
        '--fill',
        'none',
        '--json',
      ],
      () => HEAD,
    );
    const answer = JSON.parse(out);
    expect(code).toBe(0);
    expect(answer.posts.map((p: { round: number[]; of: number }) => [p.round, p.of])).toEqual([
      [[8, 9], 36],
      [[8, 9], 36],
    ]);
    expect(answer.posts[1].stitch[0] - answer.posts[0].stitch[0]).toBe(6);
    expect(answer).toMatchObject({
      part: 'Head',
      spacing: {
        stitchesBetween: 6,
        holesOn: 6,
        holesShowing: 5,
        angleDeg: expect.closeTo(60, 3),
        middle: 'hole',
      },
      fromFinishedEnd: [5, 4],
      levelErrorMm: expect.closeTo(0, 6),
      washer: { mm: 12, band: 2 },
      window: { first: 9, lastComfortable: 12, lastPossible: 12 },
      range: { percent: 3, source: 'measured' },
      questions: [],
      // 12 / (5 x 1.6) = 1.5: a backing disc is advised.
      problems: ['Washer against fabric 1.45: backing disc advised.'],
    });
    expect(answer.spacing.straightMm).toBeCloseTo(28.6, 0);
  });
  it('lists the readings of words that are counted in several ways; another one is chosen by number', () => {
    const say = (...more: string[]) =>
      run(['face', '-', '--at', '4 rounds from the end, 7 holes apart', '--json', ...more], () => HEAD);
    const answer = JSON.parse(say().out);
    // The edge at the pause is the finished one here, so only the holes are in doubt.
    expect(answer.questions.map((q: { stitchesBetween: number }) => q.stitchesBetween)).toEqual([7, 8, 6]);
    expect(answer.spacing.stitchesBetween).toBe(7);
    expect(JSON.parse(say('--reading', '3').out).spacing.stitchesBetween).toBe(6);
    expect(say('--reading', '4').code).toBe(2);
  });
  it('answers wishes that cannot be in a sentence', () => {
    expect(run(['face', '-', '--at', 'between R30 and R31, 3 between'], () => HEAD)).toMatchObject({
      code: 1,
      out: '',
      err: '1:1: There is no R31: this part ends at R12.\nThe nearest that can be: between R11 and R12, 3 between\n',
    });
    expect(run(['face', '-', '--at', 'in R9, in stitch 7'], () => HEAD)).toMatchObject({
      code: 1,
      err: expect.stringMatching(/not a pair/),
    });
    expect(run(['face', '-', '--at', 'between R8 and R9, 1 between'], () => HEAD).err).toMatch(
      /The posts are 5 mm apart and need 12 mm.*Put them at R8·9 \|/,
    );
    expect(run(['face', '-', '--part', 'tail', '--at', 'x'], () => HEAD)).toMatchObject({
      code: 2,
      err: 'There is no part tail here. There are: Head.\n',
    });
    expect(
      run(
        ['face', '-', '--at', 'between R11 and R12, 6 between', '--eye', '18', '--hook', '1.75'],
        () => HEAD,
      ).err,
    ).toMatch(
      /No round from the eyes’ own on leaves a hole that a 20 mm washer can go through\. Put them at R\d+·\d+ \|/,
    );
  });
  it('plans a toy file as text, JSON and HTML', () => {
    const say = (flag: string) => run(['plan', RILL, flag], () => '').out;
    expect(say('--text')).toContain('Eyes now\n    after R17');
    expect(JSON.parse(say('--json')).totals.tailsMm).toBe(6100); // satin of 125 mm2 50 cm, a mouth 30
    expect(say('--html')).toContain('<h1>Rill</h1>');
  });
  it.each([
    [['read']],
    [['read', '/no/such/file']],
    [['frobnicate']],
    [['read', '-', '--terms', 'xx']],
    [['shape', '-', '--stitch', '-3']],
    [['shape', '-', '--fill', 'rock']],
    [['shape', '-', '--hand', 'both']],
    [['shape', '-', '--hook', 'A']],
    [['plan', '-', '--terms', 'xx']],
    [['safety']],
    [['safety', '-', '--age', 'teen']],
    [['safety', '-', '--region', 'Mars']],
  ])('answers a wrong call %j with 2 and a sentence', (argv) => {
    const answer = run(argv, () => 'R1: 6 sc in ring');
    expect(answer.code).toBe(2);
    expect(answer.err.trim()).not.toBe('');
    expect(answer.err).not.toMatch(/ at .*\.(ts|js)/);
  });
  it('exports the fabric: every stitch of every piece a point, as wide as the toy is said to be', () => {
    const answer = run(['export', RILL, '--to', 'obj', 'out'], () => '');
    expect([answer.code, answer.out, answer.files!.length]).toEqual([0, 'out/rill.obj\n', 1]);
    const lines = answer.files![0].text.split('\n');
    expect(lines.filter((l) => l.startsWith('o '))).toHaveLength(10);
    const xs = lines.filter((l) => l.startsWith('v ')).map((l) => Number(l.split(' ')[1]));
    // Seven parts of 108, 24, 624, 906, 126, 120, 208 stitches, three of them twice, each with its closed start; the head is closed at its end too.
    expect(xs.length).toBe(
      108 + 2 * 24 + 624 + 906 + 2 * 126 + 2 * 120 + 208 + lines.filter((l) => l.startsWith('o ')).length + 1,
    );
    expect(Math.abs(Math.max(...xs) - Math.min(...xs) - 145)).toBeLessThan(4);
    expect(run(['export', RILL, '--to', 'stone', 'out'], () => '')).toMatchObject({
      code: 2,
      err: '--to takes json, html, md, txt, csv, svg, cut, lanes, shopping, card, obj, gltf, ics; stone is none of them.\n',
    });
  });

  const PAGE = `Auk the puffin

Materials
3 mm hook, 8 mm eyes

Head
R1: 6 sc in MR (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4-8: sc around (18)
Put the eyes between R4 and R5, 5 between.
Work on for as long as you like.
R9: dec x9 (9)
Fasten off, gather the last 9 stitches, leave 20 cm.

Assembly
Give him a name.`;

  it('reads a whole page for programs: title, materials, parts with ends and pauses, every line', () => {
    const { out, code } = run(['read', '-', '--json'], () => PAGE);
    const page = JSON.parse(out);
    expect(code).toBe(0);
    expect(page).toMatchObject({
      title: 'Auk the puffin',
      materials: { hookMm: 3, strands: 1, eyesMm: [8], fill: null },
      parts: [
        {
          name: 'Head',
          copies: [{ name: '1' }],
          end: { how: 'gathered', count: 9, tailMm: 200 },
          pauses: [{ round: 8, stitch: null, what: 'eyes' }],
        },
      ],
    });
    expect(page.lines).toHaveLength(14);
    expect(page.lines.find((l: { line: number }) => l.line === 12)).toEqual({
      line: 12,
      as: 'unread',
      part: 'Head',
      offer: null,
    });
  });

  it('--lines says of every line what it is; what sounds like work and is not read is told there and by check, behind the faults', () => {
    const { out } = run(['read', '-', '--lines'], () => PAGE);
    expect(out).toMatch(/ 4 {2}materials .*\[hook 3 mm\]/);
    expect(out).toMatch(/12 {2}not read .*This sounds like work/);
    const more = PAGE.replace('(9)\n', '(9). Keep working even a while.\n');
    expect(run(['read', '-'], () => more).out).toMatch(/2 lines not read/);
    const check = run(['check', '-'], () => PAGE.replace('(18)', '(19)'));
    const told = check.out.trim().split('\n');
    expect(check.code).toBe(1);
    expect(told[0]).toMatch(/^-:9:\d+: count-mismatch/);
    expect(told.at(-1)).toMatch(/^-:12:1: unread/);
  });

  it('makes a toy of a page, the same bytes each time; --accept places its eyes', () => {
    const plain = run(['toy', '-'], () => PAGE);
    expect(plain).toEqual(run(['toy', '-'], () => PAGE));
    const file = JSON.parse(plain.out);
    expect(file.toy).toMatchObject({
      name: 'Auk the puffin',
      features: [],
      page: expect.stringContaining('3 mm hook'),
    });
    expect(plain.err).toMatch(/^12: This sounds like work/m);
    const taken = run(['toy', '-', '--accept'], () => PAGE);
    expect(JSON.parse(taken.out).toy.features).toMatchObject([{ kind: 'eyes', eyeMm: 8 }]);
    expect(taken.err).toMatch(/Head: eyes of 8 mm placed as the page says/);
    // What comes out goes in again.
    expect(run(['plan', '-', '--json'], () => taken.out).code).toBe(0);
    expect(run(['toy', '-'], () => taken.out)).toMatchObject({ code: 2 });
  });

  it('says that there is nothing in an empty text', () => {
    for (const command of ['read', 'toy'])
      expect(run([command, '-'], () => '').err).toMatch(/nothing in this text/);
    expect(run(['check', '-'], () => ' \n').out).toMatch(/nothing in this text/);
  });
});
