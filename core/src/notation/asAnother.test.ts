import { addParts, newToy } from '../toy';
import { read } from '.';
import { right, told } from './cases/told';

const HEAD = [
  'Head, grey',
  'R1: 6 sc in ring (6)',
  'R2: inc x6 (12)',
  'R3: sc around (12)',
  'FO, close.',
  '',
];
const ARM = ['', 'Arm', 'R1: 5 sc in ring (5)', 'FO'];
const page = (...lid: string[]) => ['Rivet', '', ...HEAD, ...lid, ...ARM];
const lidOf = (...lid: string[]) => read(page(...lid).join('\n')).parts.find((p) => /lid/i.test(p.name))!;

describe('a part that is as another one', () => {
  it.each([
    [['Lid: as head.']],
    [['Lid', 'Same as head.', 'FO, leave a tail.']],
    [['Lid', 'Work the same as for the head.']],
    [['Lid: same as the head, but in red. FO.']],
    [['Lid', 'Like head in red, fasten off.']],
  ])('all of it: %j', (lid) => {
    expect(told(...page(...lid))).toEqual(right([[6, 12, 12], [6, 12, 12], [5]]));
  });

  it.each([
    [['LID, grey: Rd 1-2 as for head. FO, sew over the opening.']],
    [['LID, grey: same as head Rd 1-2. FO.']],
    [['Lid', 'Rnd 1-2: see head - 12 st', 'FO']],
    [['Lid', 'Work rnds 1-2 of head, FO.']],
  ])('some of its rounds, and it comes off the hook: %j', (lid) => {
    expect(told(...page(...lid))).toEqual(right([[6, 12, 12], [6, 12], [5]]));
    expect(lidOf(...lid).end.how).toBe('open');
  });

  it('its colour is that of its own sentence', () => {
    const lid = lidOf('Lid: same as head, but in red. FO.');
    expect([lid.colour, lid.rounds.length]).toEqual(['red', 3]);
  });

  it.each([
    [['Lid', 'As head, but one round longer.']],
    [['Lid: like head but smaller']],
    [['Second head: work the same.']],
  ])('where it differs it is marked, never passed over: %j', (lid) => {
    expect(told(...page(...lid)).unread.length).toBeGreaterThan(0);
  });

  it('a part that nobody named is an error', () => {
    expect(told(...page('Lid: same as tail.')).errors).toEqual(['unknown-word']);
  });

  it.each([
    ['As the head is heavy, stuff it well.'],
    ['Same as before.'],
    ['See photo.'],
    ['As usual, weave in the ends.'],
  ])('is none in a part that has begun: %s', (said) => {
    const [head] = read([...HEAD.slice(0, 4), said].join('\n')).parts;
    expect(head.rounds.map((r) => r.made)).toEqual([6, 12, 12]);
  });

  it('its own text has the rounds themselves, and the rest as a note', () => {
    let n = 0;
    const id = () => `p${n++}`;
    const toy = addParts(
      newToy('T', id),
      page('LID, grey: Rd 1-2 as for head. FO with a long tail.').join('\n'),
      id,
    );
    expect(toy.parts[1].text.split('\n')).toEqual([
      'LID, grey:',
      'R1: 6 sc in ring (6)',
      'R2: inc x6 (12)',
      '-- Rd 1-2 as for head',
      'FO with a long tail.',
    ]);
    expect(read(toy.parts[1].text).parts[0].end.how).toBe('open');
  });
});

describe('small hands', () => {
  it('the bracket behind the stitches tells how often they go', () => {
    expect(
      told(
        'Ear',
        'Rnd 1: 6 sc in MC — 6 st',
        'Rnd 2: 1 sc, 1 inc (3x) — 9 st',
        'Rnd 3: 2 sc, 1 dec (2 times), 1 sc',
      ),
    ).toMatchObject({ made: [[6, 9, expect.anything()]] });
    const [, wrong] = read('Ear\nR1: 6 sc in ring\nR2: 1 sc, 1 inc (3x) — 8 st').parts[0].problems.concat([]);
    expect(
      wrong ?? read('Ear\nR1: 6 sc in ring\nR2: 1 sc, 1 inc (3x) — 8 st').parts[0].problems[0],
    ).toMatchObject({
      severity: 'error',
    });
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
  });
});
