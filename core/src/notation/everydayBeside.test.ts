import type { Reading } from './index';
import { read } from './index';
import everyday from './cases/everyday.json';
import { otherwise, UP_TO, type Page } from '../../bench/everydayPages';
import { someOf } from '../../bench/share';

const CLOSING = ['R4-8: sc around (18)', 'R9: (sc, dec) x6 (12)', 'R10: dec x6 (6)'];

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
  it.each(everyday['eyes are put in'])('%s: where, and how far from each other', (put) => {
    const places = [
      ...everyday['between rounds 7 and 8'].map((where) => ({ where, rounds: [7, 8], onRound: null })),
      ...everyday['on round 7'].map((where) => ({ where, rounds: null, onRound: 7 })),
    ];
    const distances = [
      ...everyday['6 from eye to eye'].map((far) => ({ far, counted: 'apart' })),
      ...everyday['6 between the eyes'].map((far) => ({ far, counted: 'between' })),
    ];
    for (const { where, ...place } of someOf(places))
      for (const { far, counted } of distances) {
        const line = `${put} ${where}, ${far}.`;
        const { page } = read(['Head', ...UP_TO[24], 'R5-12: sc around (24)', line].join('\n'));
        const feature = page.at(-1)!.facts.find((f) => f.fact === 'feature')?.feature;
        const { rounds, onRound, many, counted: is, unread } = feature!;
        expect({ line, rounds, onRound, many, is, unread }).toEqual({
          line,
          ...place,
          many: [6],
          is: counted,
          unread: null,
        });
      }
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
    expect(someOf(lines).flatMap((line) => pages(line).flatMap((page) => wrong(line, ...page)))).toEqual([]),
  );
});
