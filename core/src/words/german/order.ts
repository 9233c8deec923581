import type { Said } from '../language';
import type { orderWords as english } from '../order';
import { upperFirst } from '../plural';
import { zahl } from './counter';

/** Wann etwas getan wird und warum nicht anders, auf Deutsch. */
export const orderWords: Said<typeof english> = {
  lost: (pauses, moves) =>
    `Nicht alles Verschobene gibt es noch (${zahl(pauses, 'Pause', 'Pausen')}, ${zahl(moves, 'Schritt', 'Schritte')}): Schritt oder Runde sind weg, und der Plan macht es wie üblich.`,
  pauseRefused: {
    'not there yet': (moment) => `Nicht nach ${moment}: dort ist noch kein Maschenwerk darum.`,
    hole: (moment, opening) =>
      `Nicht nach ${moment}: das Loch ist dann zu klein oder zu tief${opening === null ? '' : `, ${opening}`}.`,
    filled: (moment) => `Nicht nach ${moment}: dann ist es schon gefüllt. Verschiebe zuerst das Füllen.`,
    'no more rounds': () => 'Diese Runde gibt es nicht.',
  },
  window: (first, comfortable, last) =>
    [
      `ab ${first}`,
      ...(comfortable ? [`bequem bis ${comfortable}`] : []),
      last ? `überhaupt bis ${last}` : 'kein Loch ist weit genug',
    ].join(', '),
  blocks: {
    'draw-through': (piece) => `das Durchziehen von ${piece}`,
    thread: (piece) => `das Auffädeln von ${piece}`,
    surface: (piece, named) => `das Arbeiten von ${named ?? 'der Linie'} auf ${piece}`,
    strands: (_, named) => `das Einziehen von ${named ?? 'Fäden'}`,
    hang: (piece) => `was an ${piece} hängt`,
    ends: () => 'das Vernähen der Fäden',
    inspect: () => 'das Durchsehen',
  },
  why: {
    caught: 'eine Runde geht hindurch, und danach kommt niemand mehr hinein',
    finished: 'beide sind fertig, bevor sie verbunden werden',
    'over a seam': 'die Linie läuft über diese Naht',
    'ends last': 'es lässt ein Ende zurück, oder das Ende wäre im Weg',
    'looked over last': 'es ist die letzte Gelegenheit, sie zu sehen, bevor ein Kind es tut',
  },
  refused: (one, other, why) => `${upperFirst(one)} wartet auf ${other}: ${why}. Es kommt gleich danach.`,
  refusedLate: (one, other, why) => `${upperFirst(one)} kommt vor ${other}: ${why}. Es bleibt gleich davor.`,
};
