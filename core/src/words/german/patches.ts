import type { Said } from '../language';
import type { patchWords as english } from '../patches';
import { wort, zahl } from './counter';

const MEHRERE: Record<string, string> = {
  Kreis: 'Kreise',
  Oval: 'Ovale',
  Halbkreis: 'Halbkreise',
  Tropfen: 'Tropfen',
  Dreieck: 'Dreiecke',
  Streifen: 'Streifen',
};

/** Was aufgelegt wird, und Formen mit der Nadel, auf Deutsch. */
export const patchWords: Said<typeof english> = {
  works: {
    'under the eyes': 'Augenweiß',
    lids: 'Lider',
    cheeks: 'Wangen',
    muzzle: 'Schnauze',
    belly: 'Bauch',
    beak: 'Schnabel',
    spots: 'Flecken',
  },
  of: { felt: 'Filz', crochet: 'Gehäkeltem' },
  shapes: {
    circle: 'Kreis',
    oval: 'Oval',
    half: 'Halbkreis',
    drop: 'Tropfen',
    triangle: 'Dreieck',
    strip: 'Streifen',
    own: 'eigener Umriss',
  },
  seams: { whip: 'überwendlicher Stich', blanket: 'Schlingstich', back: 'Rückstich' },
  pieces: (n, shape, of, size) => `${zahl(n, shape, MEHRERE[shape] ?? shape)} aus ${of}, ${size}`,
  thread: (edge, cut) => `Rand ${edge}; Faden zum Aufnähen, ${cut} abschneiden`,
  threadEach: (edge, cut) => `Rand je ${edge}; Faden für jedes, ${cut} abschneiden`,
  hole: (of, across, up) => `Der Stift (${of}) geht ${across} hindurch, ${up}.`,
  holeAcross: (length, side) =>
    side === null
      ? 'in der Mitte'
      : `${length} ${wort({ left: 'links', right: 'rechts' })(side)} (der Figur) von seiner Mitte`,
  holeUp: (length, up) =>
    up === null ? 'auf Höhe seiner Mitte' : `${length} ${up ? 'darüber' : 'darunter'}`,
  over: (length) => `Es hängt ${length} über das Ende der Maschen: es ist größer als das, was da ist.`,
  notRead: (path) =>
    `„${path}“ ist als Umriss nicht verstanden; es bleibt, wie es war. Es ist eine geschlossene Linie in den Buchstaben eines SVG-Pfades, etwa „M0 0 L20 0 L10 14 Z“.`,
  badOutline: 'Der eigene Umriss ist nicht verstanden: ein Oval seiner Größe liegt da.',
  partOver: (names) =>
    `${names} ist dort angenäht, wo es liegt, und bedeckt etwas davon: nähe dies zuerst auf, oder verschiebe es.`,
  scattered: (there, wanted) =>
    there < wanted
      ? `${there} von ${wanted} passen bei diesem Abstand; mach ihn kleiner, oder streue weiter.`
      : `${zahl(there, 'Stück', 'Stück')} gelegt, keines näher am anderen als der Abstand.`,
  task: {
    title: (name, part, under) =>
      under ? `${name} auf die Stifte legen, auf ${part}` : `${name} auf ${part} nähen`,
    under: 'Auf die Stifte vor den Scheiben: danach geht nichts mehr unter ein Auge.',
    over: 'Über die Augen, wenn sie fest sind: das Lid zeigt, wie weit sie herausschauen.',
    open: 'Solange das Teil offen und leer ist, liegt es flach, und die Enden werden innen verknotet.',
    through: 'Das Loch ist dann zu klein für eine Hand: die Enden werden innen versenkt.',
    crochet: 'Zuerst als eigenes Stück gehäkelt.',
  },
  cut: {
    title: 'Zum Ausschneiden, wahre Größe',
    how: 'Mit 100 Prozent drucken (nicht an die Seite anpassen). Der Balken ist 50 mm; miss ihn, bevor du schneidest. Der Pfeil zeigt an der Figur nach oben.',
    label: (n, what, size) => `${n} ausschneiden: ${what}, ${size}`,
    make: (n, what, size) => `${n} häkeln: ${what}, ${size}`,
    disc: 'Filzscheibe innen',
    under: (what) => `Filz unter ${what}`,
    wide: (what) => `${what}: größer als eine Seite; miss es aus.`,
    none: 'An dieser Figur wird nichts ausgeschnitten.',
  },
  sculpt: {
    works: { eyes: 'Augen einziehen', divot: 'Eine Delle', tie: 'Formfaden' },
    names: { eyes: 'Eingezogene Augen', divot: 'Delle', tie: 'Formfaden' },
    leg: (i, isIn) => (isIn ? `${i} hinein, durch das Innere` : `${i} heraus, über die Maschen`),
    back: (first) => `und zurück zu ${first}, wo beide Enden verknotet und versenkt werden`,
    thread: (cut, way, needle) =>
      `Faden von ${cut} (sein Weg ist ${way}), eine Nadel von mindestens ${needle}.`,
    apart: (now, after, low, high) =>
      `Schätzung: Augen jetzt ${now} auseinander, nach dem Ziehen etwa ${after} (${low} bis ${high}).`,
    sunk: (deep, low, high) => `Schätzung: Augen etwa ${deep} tiefer (${low} bis ${high}).`,
    dip: (deep, low, high) => `Schätzung: etwa ${deep} tief (${low} bis ${high}).`,
    rise: (deep, low, high) => `Schätzung: der Boden hebt sich um etwa ${deep} (${low} bis ${high}).`,
    judged: 'Niemand hat es gemessen: der Zug entscheidet. Hör auf, wenn es richtig aussieht.',
    notFilled: 'Dieses Teil ist nicht gefüllt: ein Zug würde es falten. Forme, was gefüllt ist.',
    task: (name, part) => `${name} auf ${part}`,
    detail: (thread, passes) =>
      `${thread} ${zahl(passes, 'Durchgang', 'Durchgänge')}; wenig auf einmal ziehen, und hinsehen`,
    reason: 'Nach dem Schließen: die Füllung hält gegen den Zug.',
    left: 'Nadel heraus: zähle sie.',
  },
};
