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

/** The text of the lid as a part by itself. */
function ownText(...lid: string[]): string {
  let n = 0;
  const id = () => `p${n++}`;
  return addParts(newToy('T', id), page(...lid).join('\n'), id).parts[1].text;
}

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
    const own = ownText('Lid: same as head, but in red. FO.');
    expect(own.split('\n')[1]).toBe('With red:');
    expect(read(own).parts[0]).toMatchObject({ colour: 'red', end: { how: 'open' } });
    expect(read(own).parts[0].rounds.map((r) => r.made)).toEqual([6, 12, 12]);
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
    const own = ownText('LID, grey: Rd 1-2 as for head. FO with a long tail.');
    expect(own.split('\n')).toEqual([
      'LID, grey:',
      'R1: 6 sc in ring (6)',
      'R2: inc x6 (12)',
      '-- Rd 1-2 as for head',
      'FO with a long tail.',
    ]);
    expect(read(own).parts[0].end.how).toBe('open');
  });
});
