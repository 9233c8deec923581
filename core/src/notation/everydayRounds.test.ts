import type { Reading } from './index';
import { read } from './index';
import everyday from './cases/everyday.json';
import counts from './cases/everydayCounts.json';
import hands from './cases/everydayHands.json';
import { otherwise, round, UP_TO, type Page } from '../../bench/everydayPages';

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
    [12, counts['of twelve']],
    [18, counts['of eighteen']],
  ])('on %d stitches', (offered, makes) =>
    expect(otherwise(Object.entries(makes).flatMap(([words, made]) => round(offered, words, made)))).toEqual(
      [],
    ),
  );
  it('what could be read in two ways is read by its count', () => {
    const pages = Object.entries(counts['of eighteen, with its count']).map(
      ([words, made]) => round(18, words, made)[1],
    );
    expect(otherwise(pages)).toEqual([]);
  });
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
  it.each(hands)('a ball in one hand, in every way to number and count: %s', (...ball) => {
    const made = [6, 12, 18, 24, 24, 18, 12, 6];
    const numbers = ['1', '2', '3', '4', '5-7', '8', '9', '10'];
    const labels = ['R_: ', 'R_. ', '_: ', '_. ', 'R_ ', '_R: ', 'R_) ', '_) ', '(_) ', 'Round _: '];
    const pages = labels.flatMap((label) =>
      ['', ' (_)', ' [_]', '=_', ' {_}'].map((count): Page => [
        ball.map((work, k) => label.replace('_', numbers[k]) + work + count.replace('_', String(made[k]))),
        [6, 12, 18, 24, 24, 24, 24, 18, 12, 6],
      ]),
    );
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
  it.each([
    'ch 12, join',
    'ch 12, sl st to join',
    'Ch 12 and join with a sl st to form a ring',
    'ch 12, join to first ch with sl st',
    'ch 12, sl st in first ch',
  ])('a closed chain and the round on it in one line: %s', (closed) => {
    for (const label of ['R1: ', 'Rnd 1: ', ''])
      for (const between of [', ', ', ch 1, ', ', then '])
        for (const work of ['sc in each ch (12)', '12 sc (12)', 'sc in each ch around', 'sc around (12)'])
          for (const next of ['R2: 12 sc (12)', 'R2: sc around (12)']) {
            const { parts } = read(`Cuff\n${label}${closed}${between}${work}\n${next}`);
            expect([label, between, work, parts[0].problems]).toEqual([label, between, work, []]);
            const [chain, first, second] = parts[0].rounds.map((r) => [r.number, r.made]);
            expect([chain, first, second]).toEqual([
              [0, 12],
              [1, 12],
              [2, 12],
            ]);
          }
    const wrong = read(`Cuff\nR1: ${closed}, 11 sc (12)`).parts[0];
    expect(wrong.problems.some((p) => p.severity === 'error')).toBe(true);
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
