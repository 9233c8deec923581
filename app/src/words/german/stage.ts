import type { Said } from '@hoppla/core/words';
import type { stage as english } from '../stage';
import { maschen, zahl } from './counter';

/** Die Matte und die Figur darauf, auf Deutsch. */
export const stage: Said<typeof english> = {
  how: 'Pfeiltasten gehen von Masche zu Masche und von Runde zu Runde, mit Umschalt drehen sie die Figur.',
  look: 'Ansehen',
  lookTitle: 'Sieh sie an',
  view: 'Von',
  views: {
    front: 'vorn',
    back: 'hinten',
    left: 'ihrer Linken',
    right: 'ihrer Rechten',
    top: 'oben',
    under: 'unten',
  },
  turned: 'gedreht',
  toFront: 'Wieder vorn',
  inside: 'Innen',
  cut: 'Die vordere Hälfte wegschneiden',
  whole: 'Ganz lassen',
  measure: 'Messen',
  measureFrom: 'Zwischen zwei Maschen messen',
  measureFirst: 'Tippe die erste Masche an',
  measureSecond: 'Tippe die zweite Masche an',
  measureEnd: 'Messen beenden',
  straight: (mm) => `${mm} gerade`,
  along: (mm) => `${mm} entlang der Maschen`,
  apart: (stitches, rounds) =>
    [stitches ? maschen(stitches) : '', rounds ? zahl(rounds, 'Runde', 'Runden') : '']
      .filter(Boolean)
      .join(', ') || 'dieselbe Masche',
  size: 'Größe auf diesem Bildschirm',
  lifeSize: 'Wahre Größe',
  fit: 'Auf die Matte passend',
  calibrate: 'Eine Karte auf den Bildschirm legen',
  calibrateHow:
    'Halte eine Bankkarte an den gelben Umriss und ändere ihn, bis beide gleich breit sind. Sie misst 85,6 mm mal 54 mm.',
  calibrated: 'Es ist gleich breit',
  narrower: 'schmaler',
  wider: 'breiter',
  cardWidth: (mm) => `${mm} mm nach dem eigenen Wort dieses Bildschirms`,
  round: (label, count) => `${label} · ${count} M`,
  spoken: (label, n, count, kind) => `${label}, Masche ${n} von ${count}${kind ? `, ${kind}` : ''}`,
  spokenHole: (label, a, b, count) => `Am Fuß von ${label}, Loch zwischen Masche ${a} und ${b} von ${count}`,
  kinds: {
    inc: 'Zunahme',
    dec: 'Abnahme',
    front: 'vorderes Glied frei',
    back: 'hinteres Glied frei',
    layer: 'behäkelt',
  },
  onPiece: (name, rest) => `${name}, ${rest}`,
};
