import * as english from '../index';
import { compared, sentencesIn } from '../cases';
import { germanOfCore } from './index';

const found = germanOfCore.map(([own, said]) => compared(own, said));

describe('German of the core', () => {
  it('tells of every sentence the same things, whatever is handed to it', () =>
    expect(found.flatMap((f) => f.unlike)).toEqual([]));

  it('a sentence that is handed over wrong is found', () => {
    const own = { both: (a: string, n: number) => `${a}, ${n} of them`, gone: 'Gone', same: 'Same' };
    const said = { both: (a: string) => `${a}`, same: 'Same' };
    expect(compared(own, said)).toMatchObject({
      missing: ['gone'],
      unlike: [{ path: 'both' }],
      same: ['Same'],
    });
  });

  it('leaves only places as they are typed in the words in which they are read again', () => {
    const missing = found.flatMap((f) => f.missing);
    expect(missing.filter((path) => !/^(hang|pinAt)\b/.test(path))).toEqual([
      'one',
      'all',
      'between',
      'onRound',
      'fromRing',
      'onFromRing',
      'fromEdge',
      'onFromEdge',
      'afterMark',
      'betweenStitches',
      'inStitch',
      'holesBeforeEnd',
      'stitchFromEnd',
      'inTheMiddle',
      'besideMiddle',
      'stitchesBetween',
      'stitchesOn',
      'holesOn',
      'holesShowing',
      'countingBoth',
      'eachSide',
      'mmStraight',
      'mmAlong',
      'degrees',
      'onSide',
      'end',
    ]);
  });

  it('knows every catalogue of the core', () => {
    const known = new Set(germanOfCore.map(([own]) => own));
    const catalogues = Object.entries(english).filter(
      ([name, it]) => typeof it === 'object' && name !== 'LANGUAGES' && sentencesIn(it).length > 0,
    );
    expect(catalogues.length).toBeGreaterThan(18);
    expect(catalogues.filter(([, it]) => !known.has(it)).map(([name]) => name)).toEqual([]);
  });
});

describe('speaking', () => {
  it('whoever holds a catalogue speaks the new language, numbers and days too; and the old one again', () => {
    const { planWords, unitWords, daySaid, decimals, language, speak, spokenPlace, lengthMm } = english;
    const say = planWords.posts;
    const told = () => [
      language(),
      say.eyes.titles.inTime,
      planWords.ends(1),
      planWords.ends(2),
      unitWords('mm').fine(4.25),
      unitWords('mm').weight(0.01),
      unitWords('inch').length(30),
      decimals(2.5, 1),
      daySaid('2026-12-10'),
      spokenPlace('R13·14', '18·19'),
    ];
    const first = told();
    const back = speak('de', germanOfCore);
    expect(told()).toEqual([
      'de',
      'Jetzt die Augen',
      '1 Faden vernähen',
      '2 Fäden vernähen',
      '4,3 mm',
      'unter 0,1 g',
      '1,18 in',
      '2,5',
      'Do. 10. Dez.',
      'zwischen Runde 13 und 14, zwischen Masche 18 und 19',
    ]);
    // What is printed is read again where it is typed.
    expect(lengthMm(unitWords('inch').bare(30), 'inch')).toBeCloseTo(30, 0);
    back();
    expect(told()).toEqual(first);
    expect(first.slice(0, 3)).toEqual(['en', 'Eyes now', 'Weave in 1 end']);
  });
});
