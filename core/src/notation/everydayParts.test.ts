import { read } from './index';
import everyday from './cases/everyday.json';
import { UP_TO } from '../../bench/everydayPages';
import { someOf } from '../../bench/share';

describe('how many of a part, in everyday words', () => {
  const page = (heading: string) => read(['Body', ...UP_TO[18], '', heading, ...UP_TO[12]].join('\n'));
  const told = (heading: string) => page(heading).parts.map((p) => `${p.name.toLowerCase()} x${p.make}`);
  it.each(everyday['two of them, behind a name'])('behind its name:%s', (words) => {
    const names = someOf([
      'Ears',
      'EARS',
      'Front Legs',
      'Left wing',
      'Legs & feet',
      'Tail fin',
      'Outer ear',
      'Small petals',
    ]);
    expect(names.map((name) => told(name + words))).toEqual(
      names.map((name) => ['body x1', `${name.toLowerCase()} x2`]),
    );
  });
  it.each(everyday['two ears'])('around it: %j', (heading) => {
    const { parts } = page(heading);
    expect(parts).toHaveLength(2);
    expect(parts[1]).toMatchObject({ make: 2, name: expect.stringMatching(/ears/i) });
  });
});

describe('another part behind one, however its heading is said', () => {
  const page = (heading: string) =>
    [...UP_TO[18], 'Fasten off.', '', heading, ...UP_TO[12], 'Fasten off.'].join('\n');
  it.each(everyday['the ears begin'])('%s', (heading) => {
    const { parts } = read(`Rabbit\n\nBody\n${page(heading)}`);
    expect(parts.map((p) => p.rounds.length)).toEqual([3, 2]);
    expect(parts[1].name).toMatch(/ears?/i);
  });
  it.each(['Carry on like this', 'Turn the piece'])('where rounds go on there is none: %s', (line) => {
    const { parts } = read(['Body', ...UP_TO[12], '', line, 'R3: (sc, inc) x6 (18)'].join('\n'));
    expect(parts).toHaveLength(1);
  });
});

describe('what only looks like them', () => {
  const after = (...lines: string[]) => read(['Body', ...UP_TO[12], ...lines].join('\n'));
  it.each([
    ['R3: 5 sc 2 in next st, 6 sc (13)', 13],
    ['R3: sc 2 in next 2 sts, sc 10', 14],
    ['R3: 2 sc in next 2 sts, sc 10', 14],
    ['R3: (sc, inc) x 6; 18 sc', 18],
    ['R3: sc around; 12 sc', 12],
    ['R3: (sc, dec) until 8 sts remain', 8],
  ])('%s makes %d', (line, makes) => expect(after(line).parts[0].rounds.at(-1)!.made).toBe(makes));
  it.each(['#4 worsted yarn', 'Make 2 rounds of it if you like.', 'Attach eyes', 'Two stitches are left.'])(
    'is no round, part or colour: %s',
    (line) => {
      const { parts, page } = after(line);
      expect(parts.map((p) => [p.name, p.rounds.length])).toEqual([['Body', 2]]);
      expect(page[3].facts.filter((f) => f.fact === 'colour')).toEqual([]);
    },
  );
  it.each([
    ['R3: straight hdc', 'hdc', 12],
    ['R3: 2 hdc in next 3 sts each, 9 hdc', 'hdc', 15],
    ['R3: front post dc around', 'dc', 12],
  ])('the stitch stays what it is: %s', (line, kind, makes) => {
    const [part] = after(line).parts;
    expect(JSON.stringify(part.lines.at(-1)!.node)).not.toContain('"kind":"sc"');
    expect(JSON.stringify(part.lines.at(-1)!.node)).toContain(`"kind":"${kind}`);
    expect(part.rounds.at(-1)!.made).toBe(makes);
  });
  it('yarn in a needle closes nothing', () =>
    expect(after('Cut the yarn and thread yarn through a needle.').parts[0].end.how).toBe('open'));
  it('rounds counted from somewhere are no round', () => {
    const [fact] = after('Eyes at 7 rounds from the top, 5 stitches apart.').page[3].facts;
    expect(fact).toMatchObject({ fact: 'feature', feature: { onRound: null, rounds: null } });
  });
  it.each([
    ['Fasten off, leave a tail of 2 in.', 50.8],
    ['Ears (make 2 in white)', null],
  ])('an end of yarn: %s', (line, mm) => expect(after(line).parts[0].tailMm).toBe(mm));
  it.each([
    ['hook no. 3', null],
    ['hook no. 10.5', null],
    ['hook no. 3.5', 3.5],
  ])('%s', (line, mm) =>
    expect(read(`Frog\n\nMaterials:\n${line}\n\nBody\n${UP_TO[12].join('\n')}`).hook?.mm ?? null).toBe(mm),
  );
  it('brackets that hold nothing to work are said', () =>
    expect(after('R3: (BLO,) sc around').parts[0].problems.some((p) => p.severity === 'error')).toBe(true));
});
