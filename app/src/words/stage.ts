import { plural } from '@hoppla/core/words';

/** What the mat and the toy on it say. */
export const stage = {
  how: 'Arrow keys walk from stitch to stitch and from round to round, with Shift they turn the toy.',
  look: 'Look',
  lookTitle: 'Look at it',
  view: 'From',
  views: {
    front: 'front',
    back: 'back',
    left: 'its left',
    right: 'its right',
    top: 'top',
    under: 'under',
  } as Record<string, string>,
  turned: 'turned',
  toFront: 'Front again',
  inside: 'Inside',
  cut: 'Cut away the near half',
  whole: 'Leave it whole',
  measure: 'Measure',
  measureFrom: 'Measure between two stitches',
  measureFirst: 'Tap the first stitch',
  measureSecond: 'Tap the second stitch',
  measureEnd: 'End measuring',
  straight: (mm: string) => `${mm} straight`,
  along: (mm: string) => `${mm} along the fabric`,
  apart: (stitches: number, rounds: number) =>
    [stitches ? plural(stitches, 'stitch', 'stitches') : '', rounds ? plural(rounds, 'round') : '']
      .filter(Boolean)
      .join(', ') || 'the same stitch',
  size: 'Size on this screen',
  lifeSize: 'Life size',
  fit: 'Fit to the mat',
  calibrate: 'Lay a card on the screen',
  calibrateHow:
    'Hold a bank card to the yellow outline and change it until both are as wide. It is 85.6 mm by 54 mm.',
  calibrated: 'It is as wide',
  narrower: 'narrower',
  wider: 'wider',
  cardWidth: (mm: string) => `${mm} mm by this screen’s own word`,
  round: (label: string, count: number) => `${label} · ${count} st`,
  spoken: (label: string, n: number, count: number, kind: string) =>
    `${label}, stitch ${n} of ${count}${kind ? `, ${kind}` : ''}`,
  spokenHole: (label: string, a: number, b: number, count: number) =>
    `At the base of ${label}, hole between stitches ${a} and ${b} of ${count}`,
  kinds: {
    inc: 'increase',
    dec: 'decrease',
    front: 'front loop free',
    back: 'back loop free',
    layer: 'worked on',
  } as Record<string, string>,
  onPiece: (name: string, rest: string) => `${name}, ${rest}`,
};
