import type { Reading } from './index';
import { read } from './index';
import everyday from './cases/everyday.json';

/** Every way in which the table of words says one thing, crossed with the ways of what stands around it: all of them must be read alike. */

/** Rounds up to so many stitches, and the number of the next. */
const UP_TO = {
  6: ['R1: 6 sc in mr (6)'],
  12: ['R1: 6 sc in mr (6)', 'R2: inc x6 (12)'],
  18: ['R1: 6 sc in mr (6)', 'R2: inc x6 (12)', 'R3: (sc, inc) x6 (18)'],
  24: ['R1: 6 sc in mr (6)', 'R2: inc x6 (12)', 'R3: (sc, inc) x6 (18)', 'R4: (2 sc, inc) x6 (24)'],
} as const;
const CLOSING = ['R4-8: sc around (18)', 'R9: (sc, dec) x6 (12)', 'R10: dec x6 (6)'];

/** What is wrong with a page that must have one part with these rounds, no error and no line unread; null when nothing is. */
function wrongIn(reading: Reading, want: readonly number[]): string | null {
  const [part, ...others] = reading.parts;
  if (!part || others.length > 0) return `parts ${reading.parts.map((p) => p.name).join()}`;
  const error = part.problems.find((p) => p.severity === 'error')?.message;
  const made = part.rounds.map((r) => r.made).join(' ');
  const unread = reading.page.some((l) => l.as === 'unread') ? 'a line is not read' : null;
  return error ?? (made === want.join(' ') ? unread : `makes ${made}`);
}

type Page = readonly [lines: readonly string[], want: readonly number[]];
/** Pages that are read otherwise, with what is wrong. */
const otherwise = (pages: readonly Page[], also: (reading: Reading) => string | null = () => null) =>
  pages.flatMap(([lines, want]) => {
    const reading = read(['Body', ...lines].join('\n'));
    const wrong = wrongIn(reading, want) ?? also(reading);
    return wrong ? [`${lines.at(-1)}: ${wrong}`] : [];
  });

/** A round behind those before it, with its count and without. */
const round = (offered: keyof typeof UP_TO, words: string, makes: number): Page[] => {
  const before = UP_TO[offered];
  const made = before.map((_, k) => 6 * (k + 1));
  return ['', ` (${makes})`].map((count) => [
    [...before, `R${before.length + 1}: ${words}${count}`],
    [...made, makes],
  ]);
};
const plain = (n: number) => everyday['plain stitches'].map((words) => words.replaceAll('_', String(n)));
const six = (worked: string) => everyday['six repeats'].map((words) => words.replace('…', worked));

describe('rounds in everyday words', () => {
  it.each(everyday.increases)('an increase: %s', (words) => {
    const worked = [...plain(1), 'sc', '1 sc', 'one sc'].map((before) => `(${before}, ${words}) x 6`);
    const again = plain(2).map((before) => `*${before}, ${words}* 6 times`);
    expect(otherwise(worked.flatMap((w) => round(12, w, 18)))).toEqual([]);
    expect(otherwise(again.flatMap((w) => round(18, w, 24)))).toEqual([]);
    expect(otherwise(six(`sc, ${words}`).flatMap((w) => round(12, w, 18)))).toEqual([]);
  });
  it.each(everyday.decreases)('a decrease: %s', (words) => {
    expect(otherwise(six(`sc, ${words}`).flatMap((w) => round(18, w, 12)))).toEqual([]);
    const again = plain(2).map((before) => `*${before}, ${words}* 6 times`);
    expect(otherwise(again.flatMap((w) => round(24, w, 18)))).toEqual([]);
  });
  it.each(plain(2))('two plain stitches: %s', (words) => {
    expect(otherwise(six(`${words}, inc`).flatMap((w) => round(18, w, 24)))).toEqual([]);
  });
  it.each<[keyof typeof everyday, keyof typeof UP_TO, number]>([
    ['twelve plain', 12, 12],
    ['six increases around', 6, 12],
    ['six decreases around', 12, 6],
    ['two increases in twelve', 12, 14],
    ['five increases in twelve', 12, 17],
    ['twelve plain in white', 12, 12],
  ])('%s', (words, offered, makes) =>
    expect(otherwise(everyday[words].flatMap((w) => round(offered, w, makes)))).toEqual([]),
  );

  it.each<[keyof typeof UP_TO, Record<string, number>]>([
    [12, everyday['what it makes of twelve']],
    [18, everyday['what it makes of eighteen']],
  ])('on %d stitches', (offered, makes) =>
    expect(otherwise(Object.entries(makes).flatMap(([words, made]) => round(offered, words, made)))).toEqual(
      [],
    ),
  );
  it('in British terms', () => {
    const british = (words: string) =>
      words.replace(/(?<![a-z])sc|sc(?![a-z])/g, 'dc').replace('single crochet', 'double crochet');
    const lists = [
      'twelve plain',
      'six increases around',
      'six decreases around',
      'two increases in twelve',
    ] as const;
    const wrong = lists.flatMap((list) =>
      everyday[list].flatMap((words) => {
        const { parts } = read(british(['Body', ...UP_TO[12], `R3: ${words}`].join('\n')), { terms: 'uk' });
        const { parts: us } = read(['Body', ...UP_TO[12], `R3: ${words}`].join('\n'));
        const made = [parts, us].map(([part]) => part.rounds.map((r) => r.made).join(' '));
        return made[0] === made[1] ? [] : [`${words}: ${made.join(', ')}`];
      }),
    );
    expect(wrong).toEqual([]);
  });

  it.each(everyday['first rounds of six'])('a first round: %s', (words) => {
    const pages = ['R1: ', '1. ', 'Round 1 - '].flatMap((label): Page[] =>
      ['', ' (6)'].map((count) => [
        [`${label}${words}${count}`, `${label.replace('1', '2')}inc x6 (12)`],
        [6, 12],
      ]),
    );
    expect(otherwise(pages)).toEqual([]);
  });

  it.each(everyday.labels)('labels and counts: %s', (label) => {
    const line = (n: number, work: string, count: string) =>
      label.replace('_', String(n)) + work + count.replace('_', String(6 * n));
    const pages = everyday.counts.map((count): Page => [
      [line(1, '6 sc in magic ring', count), line(2, 'inc x 6', count), line(3, '(sc, inc) x 6', count)],
      [6, 12, 18],
    ]);
    expect(otherwise(pages)).toEqual([]);
  });
  it.each(everyday['labels of rounds 3 to 5'])('three rounds with one label: %s', (label) => {
    const one = /^(?:R(?=[\d(])|[A-Z][a-z]+ ?|)/.exec(label)![0];
    const pages = ['sc around', 'sc in each st (12)', '12 sc'].map((work): Page => [
      [`${one}1: 6 sc in mr (6)`, `${one}2: inc x6 (12)`, label + work, `${one}6: dec x6 (6)`],
      [6, 12, 12, 12, 12, 6],
    ]);
    expect(otherwise(pages)).toEqual([]);
  });

  it.each(everyday.joined)('joined rounds: %s', (join) => {
    const pages = everyday.begun.flatMap((begun): Page[] =>
      ['', '.'].map((stop) => [
        [
          `R1: 6 sc in mr, ${join}${stop} (6)`,
          `R2: ${begun}2 sc in each st, ${join}${stop} (12)`,
          `R3: ${begun}(sc, inc) x 6, ${join}${stop} (18)`,
        ],
        [6, 12, 18],
      ]),
    );
    const joined = ({ parts }: Reading) =>
      parts[0].rounds.every((r) => r.joined) ? null : 'its rounds are not joined';
    expect(otherwise(pages, joined)).toEqual([]);
  });

  it.each(everyday['back loops'])('the back loops are taken: %s', (loops) => {
    const pages = everyday['twelve plain in …'].flatMap((w) =>
      round(12, w.replace('…', loops).replace('((', '(').replace('))', ')'), 12),
    );
    const taken = ({ parts }: Reading) =>
      parts[0].lines.some((l) => /"loops":"back"/.test(JSON.stringify(l.node))) ? null : 'no loops';
    expect(otherwise(pages, taken)).toEqual([]);
  });
});

describe('rounds that are worked again', () => {
  const three = [...UP_TO[12], 'R3: sc around (12)'];
  it('behind a label', () => {
    const pages = everyday['round 3 again'].map((words): Page => [
      [...three, `R4: ${words}`, 'R5: dec x6 (6)'],
      [6, 12, 12, 12, 6],
    ]);
    expect(otherwise(pages)).toEqual([]);
  });
  it('three of them behind a label', () => {
    const pages = everyday['round 3 again, three times, behind a label'].flatMap((words): Page[] =>
      ['R4-6: ', 'Rounds 4-6: ', 'Rnds 4 to 6: '].map((label) => [
        [...three, label + words, 'R7: dec x6 (6)'],
        [6, 12, 12, 12, 12, 12, 6],
      ]),
    );
    expect(otherwise(pages)).toEqual([]);
  });
  it.each(everyday['three rounds more'])('without one: %s', (words) => {
    const pages = ['', '.', ' (12)'].map((stop): Page => [
      [...three, words + stop],
      [6, 12, 12, 12, 12, 12],
    ]);
    expect(otherwise(pages)).toEqual([]);
  });
});

describe('what stands beside rounds, in everyday words', () => {
  const to8 = [...UP_TO[18], CLOSING[0]];
  const made8 = [6, 12, 18, 18, 18, 18, 18, 18];
  it('behind a count', () => {
    const pages = everyday['behind a count'].flatMap((words): Page[] =>
      ['(12)', '[12]'].map((count) => [
        [...UP_TO[12], `R3: sc around ${count} ${words}`],
        [6, 12, 12],
      ]),
    );
    expect(otherwise(pages)).toEqual([]);
  });
  it.each<['closed' | 'left open', readonly string[]]>([
    ['closed', ['gathered', 'sewn shut']],
    ['left open', ['open']],
  ])('an end: %s', (words, ends) => {
    const closes = words === 'closed';
    const pages = everyday[words].flatMap((end): Page[] =>
      ['', '.'].map((stop) => [
        [...to8, ...(closes ? CLOSING.slice(1) : []), end + stop],
        [...made8, ...(closes ? [12, 6] : [])],
      ]),
    );
    const how = ({ parts }: Reading) => (ends.includes(parts[0].end.how) ? null : parts[0].end.how);
    expect(otherwise(pages, how)).toEqual([]);
  });
  it('filling', () => {
    const put = everyday.stuffed.map((words): Page => [[...to8, words], made8]);
    const pauses = ({ parts }: Reading) =>
      parts[0].pauses.some((p) => p.what === 'stuff' && p.round === 8) ? null : 'nothing is filled';
    expect(otherwise(put, pauses)).toEqual([]);
    const empty = everyday['left unstuffed'].map((words): Page => [
      [...UP_TO[12], `Fasten off. ${words}.`],
      [6, 12],
    ]);
    expect(otherwise(empty, ({ parts }) => (parts[0].unstuffed ? null : 'it is filled'))).toEqual([]);
  });
  it('eyes', () => {
    const pages = everyday['eyes at 6 and 7, 5 stitches'].map((words): Page => [
      [...to8, `${words}.`],
      made8,
    ]);
    const offered = ({ page }: Reading) => {
      const feature = page.at(-1)!.facts.find((f) => f.fact === 'feature');
      const said = JSON.stringify(feature ?? null);
      return page.at(-1)!.as === 'placement' && /\b5\b/.test(said) && /\b6\b/.test(said) ? null : said;
    };
    expect(otherwise(pages, offered)).toEqual([]);
  });
  it('colours', () => {
    const line = everyday['white from here'].map((words): Page => [
      ['R1: With red, 6 sc in mr (6)', UP_TO[12][1], words, 'R3: sc around (12)'],
      [6, 12, 12],
    ]);
    const white = ({ page }: Reading) =>
      page.some((l) => l.facts.some((f) => f.fact === 'colour' && f.colour === 'white')) ? null : 'no white';
    expect(otherwise(line, white)).toEqual([]);
    const label = everyday['round 3 in white'].map((words): Page => [
      [...UP_TO[12], `${words}sc around (12)`],
      [6, 12, 12],
    ]);
    expect(otherwise(label)).toEqual([]);
  });
  it('the hook', () => {
    const wrong = everyday['hook of 3.5 mm'].flatMap((words) => {
      const { hook, parts } = read(
        ['Little frog', '', 'Materials:', words, '', 'Body', ...UP_TO[12]].join('\n'),
      );
      return hook?.mm === 3.5 && parts.length === 1 ? [] : [`${words}: ${hook?.mm}`];
    });
    expect(wrong).toEqual([]);
  });
});

describe('chains in everyday words', () => {
  it.each(everyday['rows of ten'])('rows: %s', (words) => {
    const second = [
      'ch 1, turn, sc across (10)',
      'Ch 1, turn. Sc in each st across. (10)',
      'turn, ch 1, 10 sc (10)',
    ];
    for (const next of second) {
      const { parts } = read(`Scarf\nRow 1: ${words}\nRow 2: ${next}`);
      expect(parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error'))).toEqual([]);
      expect(parts[0].rounds.map((r) => r.made).filter((made) => made !== 11)).toEqual([10, 10]);
    }
  });
  it.each(everyday['ovals of twelve'])('an oval: %s', (words) => {
    const { parts } = read(`Shoe\nR1: ${words}\nR2: sc around (12)`);
    expect(parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error'))).toEqual([]);
    expect(parts[0].rounds.map((r) => r.made).slice(-2)).toEqual([12, 12]);
  });
});

describe('legs that are joined, in everyday words', () => {
  const leg = [...UP_TO[12], 'R3-5: sc around (12)'];
  it.each(everyday['two legs of twelve joined to thirty'])('%j', (joined) => {
    const legs = [
      ['Leg 1', ...leg, 'Fasten off.', '', 'Leg 2', ...leg, 'Do not fasten off.'],
      ['Second leg', ...leg, 'Do not cut the yarn.'],
      ['Legs (make 2)', ...leg, 'Cut the yarn on the first leg only.'],
    ];
    for (const made of legs) {
      const { parts } = read([...made, '', joined, 'R7: sc around (30)'].join('\n'));
      expect(parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error'))).toEqual([]);
      expect(parts.at(-1)!.rounds.map((r) => r.made)).toEqual([30, 30]);
    }
  });
  it('a wrong number is found in them', () => {
    const round = 'R6: 12 sc on leg 2, ch 3, 13 sc on leg 1, 3 sc in ch (30)';
    const { parts } = read(['Legs (make 2)', ...leg, '', 'Body', round].join('\n'));
    expect(parts[1].problems.map((p) => p.message)).toEqual([expect.stringMatching(/^Makes 31/)]);
  });
});

describe('how many of a part, in everyday words', () => {
  const page = (heading: string) => read(['Body', ...UP_TO[18], '', heading, ...UP_TO[12]].join('\n'));
  const told = (heading: string) => page(heading).parts.map((p) => `${p.name.toLowerCase()} x${p.make}`);
  it.each(everyday['two of them, behind a name'])('behind its name:%s', (words) => {
    const names = [
      'Ears',
      'EARS',
      'Front Legs',
      'Left wing',
      'Legs & feet',
      'Tail fin',
      'Outer ear',
      'Small petals',
    ];
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

describe('everyday lines that work nothing leave the parts as they are', () => {
  const BODY = [...UP_TO[18], 'R4-6: sc around (18)', 'R7: (sc, dec) x 6 (12)', 'R8: dec x 6 (6)', 'Close.'];
  const EARS = [
    'Ears (make 2)',
    'R1: 5 sc in mr (5)',
    'R2: inc x 5 (10)',
    'R3-4: sc around (10)',
    'Fasten off.',
  ];
  const AS_THEY_ARE = ['Body x1: 6 12 18 18 18 18 12 6', 'Ears x2: 5 10 10 10'];
  /** What is wrong with a page into which a line was put. */
  const wrong = (line: string, ...page: readonly string[]) => {
    const { parts, page: lines } = read(page.join('\n'));
    const told = parts.map((p) => `${p.name} x${p.make}: ${p.rounds.map((r) => r.made).join(' ')}`);
    const is = lines[page.indexOf(line)].as;
    const errors = parts.flatMap((p) =>
      p.problems.filter((x) => x.severity === 'error').map((x) => x.message),
    );
    const asWork = ['round', 'heading', 'unread'].includes(is) ? [is] : [];
    const otherParts = told.join('; ') === AS_THEY_ARE.join('; ') ? [] : told;
    return [...errors, ...asWork, ...otherParts].map((what) => `${line}: ${what}`);
  };
  it.each<[string, readonly string[], (line: string) => readonly (readonly string[])[]]>([
    [
      'before the parts',
      everyday['before the parts'],
      (line) => [
        ['Little mouse', '', line, '', 'Body', ...BODY, '', ...EARS],
        ['Little mouse', '', 'Materials:', '- brown yarn', line, '', 'Body', ...BODY, '', ...EARS],
      ],
    ],
    [
      'between rounds',
      everyday['between rounds'],
      (line) => [
        ['Body', ...BODY.slice(0, 3), line, ...BODY.slice(3), '', ...EARS],
        ['Body', ...BODY.slice(0, 3), '', line, '', ...BODY.slice(3), '', ...EARS],
      ],
    ],
    ['below a heading', everyday['below a heading'], (line) => [['Body', line, ...BODY, '', ...EARS]]],
    [
      'behind the parts',
      everyday['behind the parts'],
      (line) => [
        ['Body', ...BODY, '', ...EARS, '', line],
        ['Body', ...BODY, '', ...EARS, '', 'Assembly', line, 'Sew on the ears.'],
      ],
    ],
  ])('%s', (_, lines, pages) =>
    expect(lines.flatMap((line) => pages(line).flatMap((page) => wrong(line, ...page)))).toEqual([]),
  );
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
