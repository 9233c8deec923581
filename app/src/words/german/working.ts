import type { Said } from '@hoppla/core/words';
import type { working as english } from '../working';

/** Häkeln und Schreiben zugleich, auf Deutsch. */
export const working: Said<typeof english> = {
  title: 'Häkeln und schreiben',
  key: 'Tippen',
  keyName: 'Maschen tippen: häkeln und schreiben',
  begin: 'Oder erfinde es an der Nadel',
  name: 'Was es ist',
  namePlaceholder: 'Blatt, Ohr, Pfote',
  unnamed: 'Teil',
  how: 'Es beginnt',
  begins: {
    ring: 'Ring',
    rows: 'Kette, in Reihen',
    tube: 'geschlossene Kette',
    oval: 'um eine Kette',
  },
  stitches: 'Maschen',
  fewest: (least, most) => `Eine ganze Zahl von ${least} bis ${most}.`,
  start: 'Beginnen',
  row: (n) => `Reihe ${n}`,
  made: (n) => `${n} gehäkelt`,
  left: (n) => `noch ${n} darunter`,
  full: 'die Runde ist voll',
  moves: {
    inc: 'zwei in eine',
    dec: 'zwei zusammen',
    invdec: 'vordere Glieder',
    front: 'Relief vorn',
    back: 'Relief hinten',
  },
  move: (word, means) => (means === '' ? word : `${word}: ${means}`),
  more: 'Mehr Maschen, Glieder, Garn',
  through: 'Durch',
  loops: { both: 'beide Glieder', back: 'hinteres Glied', front: 'vorderes Glied' },
  yarn: 'Auf der Nadel',
  another: 'Ein anderes Garn',
  takeYarn: 'Nehmen',
  noYarn: (name) => `„${name}“ würde in den Runden als etwas anderes gelesen: gib ihm einen anderen Namen.`,
  done: (n, row) => `${row ? 'Reihe' : 'Runde'} ${n} ist fertig`,
  again: 'Wie die letzte Runde',
  back: 'Eine zurücknehmen',
  close: 'Zum Text',
  allTheSame: 'Trotzdem fertig',
  leftOver: (n) =>
    n === 1
      ? 'Eine Masche der Runde darunter ist übrig. Häkle in sie, oder lass sie absichtlich.'
      : `${n} Maschen der Runde darunter sind übrig. Häkle in sie, oder lass sie absichtlich.`,
  begun: 'Diese Runde ist begonnen: mach sie fertig, oder nimm sie zuerst zurück.',
  otherCount: (takes, offered) =>
    `Die letzte Runde braucht ${takes} Maschen, und es sind ${offered} da: tippe diese.`,
  notTold: 'Die letzte Runde lässt sich nicht noch einmal tippen: schreib sie.',
  cannot:
    'Tippen geht hier nicht weiter: das Teil ist geschlossen, oder seine letzte Zeile ist von Hand geschrieben und hat noch keine Zahl. Schreib es.',
};
