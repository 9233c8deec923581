import type { Said } from '../language';
import type { moves as english } from '../planMoves';

/** Was die Hand zwischen und in den Runden tut, auf Deutsch. */
export const moves: Said<typeof english> = {
  drawShut: 'Den Ring zuziehen',
  drawShutDetail: (label, count, twice) =>
    `nach ${label}: am Anfangsfaden ziehen, bis sich die ${count} Maschen der ersten Runde treffen${twice ? '; ein doppelter Ring, oder den Faden noch einmal herumgeführt' : ''}`,
  drawShutReason:
    'Er blieb locker, damit die Nadel seine Schlingen fand; jetzt kann der Faden innen befestigt werden.',
  colour: (to) => `Wechsel zu ${to}`,
  colourDetail: (before, end) =>
    `beim letzten Durchziehen von ${before}; ${end === null ? 'der Faden liegt in Reichweite und wird wieder aufgenommen' : `zwei Enden von ${end}, mitgehäkelt oder innen verknotet`}`,
  coloursInside: (label, changes, joined, end) =>
    `${label}: ${changes.join(', ')}${joined > 0 ? `; ${joined === 1 ? 'neuer Faden' : `${joined} × neuer Faden`}, zwei Enden von ${end}` : ''}`,
  eachBefore: 'Jede Farbe beginnt beim letzten Durchziehen der Masche davor.',
  colourAfter: (to, after) => `${to} nach ${after}`,
  counted: (rounds, marker) =>
    `Zähle ${rounds.join(', ')}${marker ? '; der Markierer wandert mit jeder Runde hinauf' : ''}`,
  colourReason: 'Das letzte Durchziehen einer Masche bildet den Kopf der nächsten.',
  pushIn: (part, rim) => `Das Ende von ${part} entlang ${rim} hineindrücken`,
  pushInDetail: (rim) => `${rim} wird der Rand; alles dahinter nach innen falten`,
  pushInReason: 'Wenn es fertig ist: was innen liegt, ist nicht mehr zu erreichen.',
};
