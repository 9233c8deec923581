import type { Said } from '@hoppla/core/words';
import type { meanings as english } from '../meanings';

/** Was Wörter des Hauses bedeuten, auf Deutsch. */
export const meanings: Said<typeof english> = {
  tag: {
    word: 'Wie eine Adresse zu lesen ist',
    how: [
      'R10·11 ist zwischen Runde 10 und 11, R10 ist in Runde 10. Runden werden vom Anfang des Teils gezählt.',
      'Hinter dem Strich stehen Maschen: 18·19 ist das Loch zwischen Masche 18 und 19, 18 ist in Masche 18. Gezählt wird ab dem Markierer, in Häkelrichtung.',
      'Links und rechts sind immer die der Figur.',
    ],
  },
  hand: {
    word: 'In der Hand, an der Figur',
    how: [
      'An der Figur steht ein Teil so, wie es angenäht wird: ein Kopf hat den Scheitel oben.',
      'In der Hand ist es, wie du es beim Häkeln hältst: der offene Rand oben.',
      'Nur das Bild dreht sich. Runden und Maschen sind dieselben.',
    ],
  },
  pause: {
    word: 'Was eine Pause ist',
    how: [
      'In einer Pause ruht die Nadel, und etwas kommt hinein, solange das Loch weit genug dafür ist: Augen, Füllung, ein Kern.',
      'Sie liegt nicht immer am Ende einer Runde. Zieh die Schlinge lang, setz einen Markierer in die letzte Masche, und mach danach weiter.',
      'Was zu spät kommt, geht nicht mehr hinein. Darum sagt der Plan, wann.',
    ],
  },
  gauge: {
    word: 'Was eine angenommene Maschenprobe ist',
    how: [
      'Niemand hat bisher deine Maschen gemessen: Längen kommen allein aus der Häkelnadel, wie die meisten damit arbeiten.',
      'Der Bereich neben jeder Zahl sagt, wie weit sie daneben liegen kann.',
      'Zehn Maschen unter einem Lineal machen sie zu deiner eigenen, und die Bereiche werden enger.',
    ],
  },
};
