import { read } from '.';
import { right, told } from './cases/told';

describe('small hands', () => {
  it('the bracket behind the stitches tells how often they go', () => {
    const rows = [
      'Rnd 1: 6 sc in MC — 6 st',
      'Rnd 2: 1 sc, 1 inc (3x) — 9 st',
      'Rnd 3: 1 sc, 1 dec (3 times) — 6 st',
    ];
    expect(told('Ear', ...rows)).toEqual(right([[6, 9, 6]]));
    expect(told('Ear', rows[0], 'Rnd 2: 1 sc, 1 inc (3x) — 8 st').errors).toEqual(['count-mismatch']);
  });

  it.each([
    ['5 to 8: sc around', [6, 6, 6, 6]],
    ['5-8: sc around', [6, 6, 6, 6]],
    ['5, 6: sc around', [6, 6]],
    ['5 and 6: sc around', [6, 6]],
  ])('bare labels: %s', (said, counts) => {
    const made = told('Ear', '1: 6 sc in ring', '2: sc', '3: sc', '4: sc', said).made[0];
    expect(made.slice(4)).toEqual(counts);
  });

  it('numbers that do not follow each other are no label', () => {
    const { made, errors, unread } = told('Ear', '1: 6 sc in ring', '2, 5: sc around');
    expect(made[0].slice(0, 1)).toEqual([6]);
    expect(errors.length + unread.length).toBeGreaterThan(0);
  });

  it.each([
    ['Size 7 (4.5 mm) hook', 4.5, []],
    ['3mm hook · 6mm eyes · stuffing', 3, [6]],
    ['hook 3 mm 6 mm eyes', 3, [6]],
    ['hook size 7/4.5mm', 4.5, []],
    ['8 mm hook, 9 mm safety eyes', 8, [9]],
    ['#7 (6 mm) hook', null, []],
  ])('%s: the hook, and the eyes', (said, hook, eyes) => {
    const { materials } = read(`Bee\n\n${said}\n\nBody\nR1: 6 sc in ring (6)`);
    expect([materials.hook?.mm ?? null, materials.eyesMm]).toEqual([hook, eyes]);
  });

  it.each([
    ['ch 16, sl st back along from 2nd ch (15)', 15],
    ['chain 16, sl st back along from the 2nd chain from hook', 15],
    ['ch 16, work back in sl st (15)', 15],
    ['ch 16, sl st in 2nd ch and back along (15)', 15],
    ['ch 6, sl st back to start in each (5)', 5],
  ])('%s', (said, n) => expect(told('Stalk', said)).toEqual(right([[n]])));

  it('a numbered line of stitches that ends a part is worked, or marked', () => {
    const rows = ['1. 6 sc in ring (6)', '2. inc x6 (12)'];
    expect(told('Cap', ...rows, '3. sl st loosely all round, fasten off').made).toEqual([[6, 12, 12]]);
    expect(told('Cap', ...rows, '3. sl st so and so all round nicely, fasten off')).not.toEqual(
      right([[6, 12]]),
    );
  });

  it.each([
    ['Rivet the Robot – crochet pattern – page 1/2', 'Rivet the Robot'],
    ['Tulip, page 2 of 3', 'Tulip'],
    ['Patterned Pony', 'Patterned Pony'],
  ])('%s: the name without its paper', (said, title) => {
    expect(read(`${said}\n\nBody\nR1: 6 sc in ring (6)`).title).toBe(title);
  });

  it('yarns are known by their letters', () => {
    const { materials } = read('Bee\n\nYarn A = cream, Yarn B = dark grey\n\nBody (A)\nR1: 6 sc in ring (6)');
    expect(materials.yarns).toEqual([
      { name: 'cream', slot: 'a' },
      { name: 'dark grey', slot: 'b' },
    ]);
    const said = read('Bee\n\nMC = magic circle\nCC = rust\n\nBody\nR1: 6 sc in MC (6)').materials.yarns;
    expect(said).toEqual([{ name: 'rust', slot: 'cc' }]);
  });

  it.each([
    ['1st: 6 sc into ring', '2nd: inc x6 (12)', '3rd - 5th: sc (12)'],
    ['1st: 6 sc into ring......(6)', '2nd: 2 sc in every sc....(12)', '3rd to 5th: sc.........12'],
    ['R1: 6 sc in ring (6)', 'R2: inc x6 (12), then R3-5: sc around (12)'],
  ])('labels and counts: %s / %s', (...rows) =>
    expect(told('Ear', ...rows)).toEqual(right([[6, 12, 12, 12, 12]])),
  );

  it('ordinals before what the hands do are no rounds', () => {
    const rows = ['R1: 6 sc in ring (6)', '1st: sew the ears on', '2nd: weave in the ends'];
    expect(told('Ear', ...rows).made).toEqual([[6]]);
  });

  it('a name between stars is a heading, whatever stands behind it', () => {
    const table = ['| Rnd | | sts |', '|---|---|---|', '| 1 | 6 sc in MR | 6 |', '| 2 | inc x6 | 12 |', ''];
    const rows = [
      'Snowdrop',
      '',
      '**Bulb** (white)',
      '',
      ...table,
      '**Petals** (white, make 3)',
      '',
      ...table,
    ];
    expect(told(...rows)).toEqual(
      right([
        [6, 12],
        [6, 12],
      ]),
    );
    expect(read(rows.join('\n')).parts.map((p) => [p.name, p.make])).toEqual([
      ['Bulb', 1],
      ['Petals', 3],
    ]);
  });

  it('rounds that are told by their counts in one line are marked, and head no part', () => {
    const rows = ['HEAD  6-12-18-24-30, 6 rds even, 24-18-12-6', 'ARMS x2  5-10, 1 rd even, 8, 8 rds even'];
    expect(told('Bear card', '', ...rows)).toMatchObject({ unread: [3, 4] });
    expect(told('Bear', '', 'Ear', 'R1: 6 sc in ring', '', ...rows)).toMatchObject({
      made: [[6]],
      unread: [6, 7],
    });
  });

  it.each([
    [
      'ch 9; from 2nd ch: sl st, sc, hdc, 2 dc, hdc, sc, sl st (8). Carry on along the other side of the ch: sl st, sc, hdc, 2 dc, hdc, sc, sl st (16).',
      16,
      0,
    ],
    ['ch 9; from 2nd ch: 7 sc, 3 sc in last ch; other side: 6 sc, 2 sc in last (18)', 18, 0],
    // What is turned round in the last stitch takes it: as many again are one too many.
    ['ch 9; from 2nd ch: 7 sc, 3 sc in last ch; other side: 8 sc', 18, 1],
    ['ch 9; from 2nd ch: 8 sc; other side: 9 sc', 17, 1],
  ])('both sides of a chain: %s', (said, made, errors) => {
    const read = told('Leaf', said);
    expect([read.made, read.errors.length]).toEqual([[[made]], errors]);
  });

  it.each([['dec rep 3'], ['dec repeat 3 times (3)'], ['dec, repeat 3 times'], ['dec repeat 3x']])(
    '%s',
    (said) => expect(told('Ear', 'R1: 6 sc in ring (6)', `R2: ${said}`)).toEqual(right([[6, 3]])),
  );

  it('two into every second stitch', () => {
    const rows = [
      'R1: 6 sc in ring (6)',
      'R2: 2 sc into every second sc (9)',
      'R3: two sc in every 3rd st (12)',
    ];
    expect(told('Ear', ...rows)).toEqual(right([[6, 9, 12]]));
  });

  it('a name and how the ring is made head the rounds below', () => {
    const part = (name: string) => [
      `${name}: Start with a magic ring.`,
      '1st round: 6 sc into the ring.',
      '2nd round: 2 sc into every sc (12 sc).',
      '',
    ];
    const rows = ['Bunny', '', ...part('The Head'), ...part('The Ears (2)')];
    expect(told(...rows)).toEqual(
      right([
        [6, 12],
        [6, 12],
      ]),
    );
    expect(read(rows.join('\n')).parts.map((p) => [p.name, p.make])).toEqual([
      ['The Head', 1],
      ['The Ears', 2],
    ]);
  });

  it('a colour and where it begins, in one bracket', () => {
    const [face] = read('Face and body (begin with oatmeal at the nose)\nR1: 6 sc in ring (6)').parts;
    expect([face.name, face.colour, face.ringIs]).toEqual(['Face and body', 'oatmeal', 'nose']);
  });

  it.each([
    ['LEGS (2) / ARMS (2)', 'LEGS and ARMS', 4],
    ['Arms (2x) and Legs (2x)', 'Arms and Legs', 4],
    ['Legs x2 and arms x3', 'Legs and arms', 5],
    ['Make 2 ears and 2 arms', 'ears and arms', 4],
    ['Arms & legs (make 2 each)', 'Arms & legs', 4],
    ['Arms and legs (2 of each)', 'Arms and legs', 4],
    ['ARMS / LEGS (make 4)', 'ARMS / LEGS', 4],
    ['Ears (make 2)', 'Ears', 2],
  ])('%s: several names over one text', (heading, name, make) => {
    const rows = [
      'Toy',
      '',
      'Head',
      'R1: 6 sc in mr (6)',
      'FO',
      '',
      heading,
      'R1: 5 sc in mr (5)',
      'R2: sc (5)',
    ];
    expect(read(rows.join('\n')).parts.map((p) => [p.name, p.make])).toEqual([
      ['Head', 1],
      [name, make],
    ]);
    expect(told(...rows)).toEqual(right([[6], [5, 5]]));
  });

  it('a list of what is made, by itself, is no heading', () => {
    const rows = [
      'Toy',
      '',
      'Head x1, ears x2',
      '',
      'Head',
      'R1: 6 sc in mr (6)',
      '',
      'Ears (2)',
      'R1: 5 sc in mr (5)',
    ];
    expect(read(rows.join('\n')).parts.map((p) => [p.name, p.make])).toEqual([
      ['Head', 1],
      ['Ears', 2],
    ]);
  });

  it('a chain that comes off the hook in the same breath', () => {
    expect(told('Legs (x6)', 'ch 8, F/O.')).toEqual(right([[8]]));
  });

  it('an arrow to a count tells of work: it is marked where it is not read', () => {
    const rows = ['R1: 6 sc in ring (6)', 'R2: inc x6 (12)'];
    expect(told('Ear', ...rows, 'tog all -> 6 & close')).not.toEqual(right([[6, 12]]));
    expect(told('Ear', ...rows, '3,tog -> 24')).not.toEqual(right([[6, 12]]));
  });

  it('a part that is named by a piece of its name, in labels with full stops', () => {
    const rows = ['Clam', '', 'Shell, lower half', '1.R: 6 sc in ring (6)', '2.R: inc x6 (12)', ''];
    const upper = ['Shell, upper half', '1.-2.R: as lower half. Do not fasten off.', '3.-4.R: sc (12)'];
    expect(told(...rows, ...upper)).toEqual(
      right([
        [6, 12],
        [6, 12, 12, 12],
      ]),
    );
  });

  it.each([
    [['Work 3 rounds without shaping.'], [6, 6, 6, 6]],
    [['Next round: 2 together three times (3)'], [6, 3]],
    [['R2: two together all round'], [6, 3]],
  ])('%j', (rows, counts) => expect(told('Ear', 'R1: 6 sc in ring (6)', ...rows)).toEqual(right([counts])));

  it('copies in another colour each have none of their own', () => {
    const [mouse] = read('MOUSE (make 5, each in another colour)\nR1: 6 sc in ring (6)').parts;
    expect([mouse.make, mouse.colour]).toEqual([5, null]);
  });
});
