import { roundOf } from '../address';
import { at, form, formFrom, HEAD, head, IDS, pairOn } from './cases';
import {
  bareHead,
  compareFaces,
  facesOf,
  lineOf,
  newPair,
  pairsLike,
  reachOf,
  refusalOf,
  withBetween,
  type EyePair,
} from './index';

describe('wishes that cannot be', () => {
  it.each<[string, (eyes: EyePair) => EyePair, string]>([
    ['the last round, drawn shut', () => pairOn(head, 14, 2), 'gathered end'],
    ['two washers on one spot', () => pairOn(head, 8, 1), 'no room'],
    [
      'a washer of 32 mm on a round of 18, pulled to 34.7',
      () => pairOn(head, 12, 7, { washerMm: 32 }),
      'past the window',
    ],
    [
      'embroidered outlines that overlap',
      () => pairOn(head, 8, 2, { making: 'embroidered', eyeMm: 15 }),
      'no room',
    ],
  ])('%s: refused, and the nearest that is offered can be', (_, wish, why) => {
    const eyes = wish(newPair(head, IDS)!);
    const refusal = refusalOf(head, eyes, at(head, eyes))!;
    expect(refusal.why).toBe(why);
    const nearest = refusal.nearest!;
    expect(refusalOf(head, nearest, at(head, nearest))).toBeNull();
    // No nearer round can be, at any number of stitches.
    const moved = Math.abs(
      roundOf(form.fabric, nearest.pair.course) - roundOf(form.fabric, eyes.pair.course),
    );
    for (let by = -moved + 1; by < moved; by++) {
      const round = roundOf(form.fabric, eyes.pair.course) + by;
      if (round < 1 || round >= form.fabric.rounds.length) continue;
      for (let between = 1; between <= form.fabric.rounds[round].count / 2; between++) {
        const tried = {
          ...pairOn(head, round, between),
          washerMm: eyes.washerMm,
          making: eyes.making,
          eyeMm: eyes.eyeMm,
        };
        expect(refusalOf(head, tried, at(head, tried))).not.toBeNull();
      }
    }
  });
  it('is answered with nothing where no place can be', () => {
    const eyes = pairOn(head, 8, 8, { washerMm: 90 });
    expect(refusalOf(head, eyes, at(head, eyes))).toEqual({ why: 'past the window', nearest: null });
  });
  it('nudging closer stops where the washers have room', () => {
    const eyes = pairOn(head, 8, 8);
    const { least } = reachOf(head, eyes);
    expect(refusalOf(head, withBetween(head, eyes, 0), at(head, withBetween(head, eyes, 0)))).toBeNull();
    expect(at(head, pairOn(head, 8, least - 1)).spacing.straightMm.value).toBeLessThan(eyes.washerMm);
  });
});

describe('faces to choose from', () => {
  it.each(['crown', 'chin', 'nose'] as const)(
    '%s first: each is another real pair, goes the way it says, and can be made',
    (ringIs) => {
      const on = bareHead(form, ringIs);
      const faces = facesOf(on, newPair(on, IDS)!);
      const [now] = faces;
      expect(faces.length).toBeGreaterThanOrEqual(4);
      expect(new Set(faces.map((f) => JSON.stringify([f.at.rounds, f.at.coords]))).size).toBe(faces.length);
      for (const { name, eyes, at: there, line } of faces.slice(1)) {
        expect(refusalOf(on, eyes, there)).toBeNull();
        if (name.startsWith('lower')) expect(line).toBeLessThan(now.line);
        if (name === 'higher') expect(line).toBeGreaterThan(now.line);
        if (name === 'wider' || name === 'lower and wider')
          expect(there.spacing.angleDeg).toBeGreaterThan(now.at.spacing.angleDeg);
        if (name === 'closer') expect(there.spacing.angleDeg).toBeLessThan(now.at.spacing.angleDeg);
      }
    },
  );
});

describe('like on another toy', () => {
  const large = bareHead(formFrom(HEAD, { stitchMm: 8, roundMm: 7.2 }, 'firm'));
  it('the same text in thicker yarn: the same counts are the same face, and only mm differ', () => {
    const theirs = pairOn(head, 8, 8);
    const [like, ...more] = pairsLike(
      large,
      { ...IDS, id: 'new' },
      { head, eyes: theirs, at: at(head, theirs) },
    );
    expect(more).toEqual([]);
    expect(like.how).toBe('same counts');
    expect(like.eyes.id).toBe('new');
    const differ = compareFaces(
      { head: large, eyes: like.eyes, at: at(large, like.eyes) },
      { head, eyes: theirs, at: at(head, theirs) },
    );
    expect(differ.filter((d) => Math.abs(d.by) > 0.6).map((d) => d.about)).toEqual([
      'straight',
      'rim to rim',
      'uneven',
    ]);
    const straight = differ.find((d) => d.about === 'straight')!;
    expect((straight.own as number) / (straight.other as number)).toBeCloseTo(8 / 5, 2);
  });
  it('on a head of another shape the same counts and the same face are two things, both offered', () => {
    const small = bareHead(
      formFrom(
        [
          'R1: 6 sc in ring',
          'R2: inc x6',
          'R3: (sc, inc) x6',
          'R4-9: sc around',
          'R10: (sc, dec) x6',
          'R11: dec x6',
          'close',
        ].join('\n'),
        {},
        'firm',
      ),
    );
    const theirs = pairOn(head, 8, 6);
    const found = pairsLike(small, IDS, { head, eyes: theirs, at: at(head, theirs) });
    expect(found.map((f) => f.how)).toEqual(['same counts', 'same face']);
    const face = at(small, found[1].eyes);
    expect(Math.abs(face.spacing.angleDeg - at(head, theirs).spacing.angleDeg)).toBeLessThan(12);
    expect(
      Math.abs(lineOf(small, found[1].eyes, face) - lineOf(head, theirs, at(head, theirs))),
    ).toBeLessThan(0.08);
  });
});
