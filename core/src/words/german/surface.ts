import type { Said } from '../language';
import type { surfaceWords as english } from '../surface';
import { zahl } from './counter';

/** Arbeit auf der Fläche: Linien, Fäden, und was an einer Figur hängt, auf Deutsch. */
export const surfaceWords: Said<typeof english> = {
  noMotif:
    'Nichts steht da, was gehäkelt wird: schreib die Maschen, zum Beispiel sl st, (hdc, dc, hdc) in one, sl st.',
  motifNotRead: 'Einige dieser Worte sind nicht gelesen: schreib nur die Maschen von einem davon.',
  motifAround: 'Sag, wie viele Maschen eines davon braucht; „around“ hat hier kein Ende.',
  over: {
    outside: 'geradeaus',
    top: 'oben herum',
    back: 'hinten herum',
    front: 'vorn herum',
    left: 'links herum',
    right: 'rechts herum',
  },
  fault: {
    homeless: (name) => `${name}: eine Runde, auf der es stand, gibt es nicht mehr.`,
    'not joined': (name) =>
      `${name}: kein Gehäkeltes führt vom Anfang zum Ende; verbinde zuerst die Teile, oder wähle ein anderes Ende.`,
    'no way out': (name) =>
      `${name}: seine Enden schauen voneinander weg, also ist nicht gesagt, über welche Seite es geht. Wähle eine.`,
    motif: (name, words) => `${name}: ${words}`,
  },
  stations: (n, gap) => `${n}, je ${gap} voneinander`,
  one: 'eines allein, in der Mitte',
  free: (n) => `${n} frei dazwischen`,
  tight: 'keine Masche ist frei dazwischen',
  doesNotFit: (n, most) => `${n} passen nicht: sie lägen übereinander. ${most} passen.`,
  seams: (n) =>
    `geht über ${zahl(n, 'Naht', 'Nähte')}: je ein Stich darüber, nachdem sie genäht ${n === 1 ? 'ist' : 'sind'}`,
  onSeam: (which) =>
    which.length === 1
      ? `Nummer ${which[0]} steht auf einer Naht`
      : `Nummern ${which.join(', ')} stehen auf einer Naht`,
  overFeature: (name, what) => `${name} geht über: ${what}.`,
  buried: (name, length) => `${name}: ${length} davon liegen unter einem anderen Teil.`,
  offMiddle: (length) => `höchstens ${length} von der Mitte der Figur`,
  mirrored: (length) => `links gegen rechts: höchstens ${length}`,
  mark: 'Zeichne es zuerst an: zieh mit der Nadel an jeder dieser Stellen eine Schlinge hoch, oder zieh einen Faden.',
  work: (name, part) => `${name} auf ${part} häkeln`,
  workDetail: (n, motif, yarn) => `${n} × ${motif}; ${yarn} Garn`,
  workReason: 'Nach den Nähten, über die es geht, damit ein Stich jede fasst; Enden gehen darunter.',
  strands: (name, part) => `${name} auf ${part} einziehen`,
  strandsDetail: (yarns, cut, hangs, metres) =>
    `${yarns} Fäden zu ${cut} schneiden, zusammen ${metres}; ${hangs === null ? 'kein Ende hängt außen' : `jedes Ende hängt ${hangs}`}`,
  strandsOpen:
    'Solange es offen ist, können die Enden innen verknotet werden; halte sie beim Weiterarbeiten mit einem Band zur Seite.',
  strandsLast: 'Wenn alles andere genäht ist, damit sich nichts darin verfängt.',
  strandsHomeless: (name) => `${name}: die Runde, in der es begann, gibt es nicht mehr.`,
  fixes: {
    'looped in': 'eingeschlungen, zur Hälfte gefaltet',
    'looped in and knotted': 'eingeschlungen und verknotet',
    'pulled through': 'nur durchgezogen',
    'sewn through': 'durchgenäht, innen verknotet',
    'knotted as a dot': 'als Punkt geknotet, innen verknotet',
  },
  hangerIs: { 'split ring': 'Schlüsselring', clip: 'Karabiner', bell: 'Glocke' },
  by: {
    'starting tail': 'am Anfangsfaden',
    'loop of chain': 'an einer Luftmaschenschlaufe',
    'sewn in': 'eingenäht',
  },
  hang: (what, part) => `${what} an ${part} befestigen`,
  hangDetail: (size, by, loop) => `${size}, ${by}${loop ? `, ${loop} Umfang` : ''}`,
  hangTail:
    'Der Anfangsfaden geht hindurch und zurück nach innen, um mehrere Maschen, und wird dort verknotet.',
  hangLoop:
    'Durch den Ring geschlossen, dann durch mehrere Maschen angenäht; die Enden werden versenkt. Nichts hängt an einer Masche.',
  hangSewn: 'Durch mehrere Maschen, mehrere Male, und innen verknotet, solange eine Hand hineinreicht.',
  hangLate: 'Dann reicht keine Hand mehr hinein: mach es früher, oder mit einer Luftmaschenschlaufe.',
  hangerHomeless: (what) => `${what}: die Runde, auf der es war, gibt es nicht mehr.`,
  noLoop: (what) => `${what}: was die Schlaufe sein sollte, ist keine Luftmaschenkette.`,
};
