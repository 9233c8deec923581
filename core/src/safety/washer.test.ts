import { courseOf } from '../address';
import { bareHead, hardwareOf, newPair, resolveEyes } from '../feature';
import { addParts, changeGauge, changeSettings, newToy, setFeature, type NamedGauge } from '../toy';
import { modelToy } from '../model';
import { checkToy } from './index';

let n = 0;
const newId = () => `i${++n}`;

describe('washer and fabric', () => {
  const BALL =
    'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6: (4 sc, inc) x6\nR7-11: sc around\nR12: (4 sc, dec) x6\nR13: (3 sc, dec) x6';
  /** Check 2 of a pair of 9 mm (washer 12) in R8·9 of a head. */
  function washer(title: string, body = BALL, gauge: Partial<NamedGauge> = {}) {
    let toy = changeSettings(addParts(newToy('T', newId), `${title}\n${body}`, newId), {
      age: '3 years and over',
    });
    toy = changeGauge(toy, toy.gauges[0].id, gauge);
    const { part, form, copies } = modelToy(toy).parts[0];
    const usual = newPair(bareHead(form), { id: 'e', part: part.id, copy: copies[0].id })!;
    const pair = {
      ...usual.pair,
      course: courseOf(form.fabric, 8),
      between: 7,
      centre: { coord: 20.5, of: form.fabric.rounds[8].count, by: 'chosen' as const },
    };
    const found = checkToy(
      modelToy(setFeature(toy, { ...usual, ...hardwareOf(9), making: 'safety eye', pair })),
    ).find((p) => p.check === 2)!;
    mend = found.mend;
    return [found.weight, found.title] as const;
  }
  let mend = '';
  const BY = 'Washer against fabric';
  it.each<[string, readonly [string, string], ReturnType<typeof washer>]>([
    // 12 / (3 x 1.45 x 1.6) = 1.72: 1.54 to 1.96 by an assumed gauge
    [
      'an assumed gauge that a measured one could lift is open',
      washer('Head (3.0 mm hook)'),
      ['open', `${BY} between 1.53 and 1.95: measure your gauge first`],
    ],
    // 12 / (5 x 1.45 x 1.6) = 1.03: 0.92 to 1.18, a stop whatever is measured
    [
      'an assumed gauge that no measuring lifts is a stop',
      washer('Head (5 mm hook)'),
      ['stop', `${BY} 0.92: stop`],
    ],
    ['a hook on its own line counts', washer('Head\nHook: 5 mm'), ['stop', `${BY} 0.92: stop`]],
    ['a hook that is not known', washer('Head (hook size purple)'), ['open', `${BY}: not known`]],
    ['a hook that nobody said', washer('Head'), ['open', `${BY}: not known`]],
    // 12 / (4 x 1.6 x 1.03) = 1.82
    [
      'a measured gauge decides: covers well',
      washer('Head (3.0 mm hook)', BALL, { stitchMm: 4, roundMm: 3.7 }),
      ['advice', `${BY} 1.82: covers well`],
    ],
    [
      'a measured gauge decides: backing',
      washer('Head (3.0 mm hook)', BALL, { stitchMm: 5, roundMm: 4.5 }),
      ['open', `${BY} 1.45: backing disc advised`],
    ],
    [
      'a swatch of another hook is none',
      washer('Head (6 mm hook)', BALL, { stitchMm: 4, roundMm: 3.7 }),
      ['stop', `${BY} 0.76: stop`],
    ],
    // Plush at a 4 mm hook: 7.6 mm a stitch, 12 / (7.6 x 1.6) = 0.99, at best 1.2
    [
      'plush is wider than its hook says',
      washer('Head (plush yarn, 4 mm hook)'),
      ['open', `${BY} between 0.83 and 1.2: measure your gauge first`],
    ],
    // Double crochet is 2 x 0.92 as high as a stitch is wide: 12 / (1.84 x 4 x 1.6 x 1.03) = 0.99
    [
      'tall stitches open wider',
      washer('Head (3.0 mm hook)', BALL.replace('R7-11: sc around', 'R7-11: dc around'), {
        stitchMm: 4,
        roundMm: 3.68,
      }),
      ['stop', `${BY} 0.98: stop`],
    ],
    [
      'a chain space opens too far',
      washer('Head (3.0 mm hook)', BALL.replace('R7-11: sc around', 'R7-11: (sc, ch 1, skip 1) x18'), {
        stitchMm: 2,
        roundMm: 1.84,
      }),
      ['open', `${BY}: not known`],
    ],
    [
      'a wide one is a stop whatever the gauge',
      washer('Head (3.0 mm hook)', BALL.replace('R7-11: sc around', 'R7-11: (sc, ch 2, skip 2) x12'), {
        stitchMm: 4,
        roundMm: 3.7,
      }),
      ['stop', `${BY} 0.6: stop`],
    ],
  ])('%s', (_, found, wanted) => expect(found).toEqual(wanted));

  it('eyes beyond the table have a washer that nobody knows', () => {
    expect(hardwareOf(24)).toMatchObject({ washerKnown: false });
    expect(hardwareOf(18)).toMatchObject({ washerMm: 20, washerKnown: true });
  });

  it('a pair offered by default never fails its own washer check: where none of the table fits it is embroidered', () => {
    for (const [hook, making] of [
      [3, 'safety eye'],
      [5, 'safety eye'],
      [15, 'embroidered'],
    ] as const) {
      const toy = addParts(newToy('T', newId), `Head (${hook} mm hook)\n${BALL}`, newId);
      const { form } = modelToy(toy).parts[0];
      const pair = newPair(bareHead(form), { id: 'e', part: 'p', copy: 'c' })!;
      const at = resolveEyes(bareHead(form), pair);
      expect([hook, pair.making]).toEqual([hook, making]);
      if (pair.making === 'safety eye') expect(at.state !== 'homeless' && at.retention.band !== 1).toBe(true);
    }
  });
  it('a stop says what would hold: 5 mm hook, 5 x 1.45 x 1.6 x 1.12 = 12.99 mm open, 1.2 times that is 15.6; 0.923 of 1.2 is a hook of 3.85', () => {
    washer('Head (5 mm hook)');
    expect(mend).toBe('A washer of at least 16 mm, a hook of at most 3.8 mm, or embroider them instead.');
    // With those it is none.
    expect(washer('Head (3.8 mm hook)')[0]).toBe('open');
  });
});
