import type { Said } from '@hoppla/core/words';
import type { trainer as english } from '../trainer';

/** Zählen lernen, auf Deutsch. */
export const trainer: Said<typeof english> = {
  title: 'Zählen lernen',
  nothing: 'Diese Figur hat noch keine Runden zum Zählen. Schreib zuerst ein Teil.',
  score: (right, asked) => `${right} von ${asked}`,
  level: (n) => ['erste Schritte', 'weiter herum', 'überall'][n - 1] ?? '',
  asks: {
    stitch: 'Welche Masche leuchtet?',
    between: 'Wie viele Maschen liegen zwischen den beiden?',
    fault: 'Welche Zeile geht nicht auf?',
    missed: 'Welche Zunahme fehlt?',
  },
  how: {
    stitch:
      'Zähle Runden ab dem Ring; der rote Markierer hängt am Anfang der Runde. Die erste Masche nach ihm ist Nummer 1.',
    between: 'Nur die, die dazwischen liegen: die beiden leuchtenden zählen nicht.',
    fault: 'Was eine Runde ergibt, ist das, in was die nächste häkelt.',
    missed:
      'Wo sich zwei Maschen auf einen Fuß lehnen, sind beide in einer Masche. Dazwischen liegen so viele, wie die Runde sagt.',
  },
  round: 'Runde',
  stitch: 'Masche',
  apart: 'Dazwischen',
  check: 'Prüfen',
  next: 'Die nächste',
  right: 'Richtig.',
  wrong: 'Nicht ganz.',
  stitchIs: (round, stitch) => `Es ist Masche ${stitch} von ${round}.`,
  betweenIs: (between, on, showing) =>
    `${between} dazwischen; wer von Masche zu Masche zählt, sagt ${on} auseinander, wer die leuchtenden mitzählt, sagt ${showing}.`,
  missedIs: (which, round, made, planned) =>
    `Es ist Nummer ${which} von ${round}: ${made} Maschen kamen von der Nadel und nicht ${planned}.`,
  asWritten: (round, words) => `${round}: ${words}`,
  asMade: (words) => `Wie es von der Nadel kam: ${words}`,
  faultIs: (line) => `Es ist ${line}`,
  picture: (part) => `${part} mit einer leuchtenden Masche`,
};
