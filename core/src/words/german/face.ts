import type { faceWords as english } from '../face';
import type { Said } from '../language';
import { numberSaid } from '../number';
import { maschen, wort, zahl } from './counter';

const MITTEN: Record<string, string | undefined> = {
  marker: 'der Stelle gegenüber dem Markierer',
  patch: 'der Mitte des Flecks',
  part: 'dem Teil, über das es schaut',
};

/** Das Gesicht: Rat mit Grund, was nicht geht und warum, was sich unterscheidet, auf Deutsch. */
export const faceWords: Said<typeof english> = {
  retention: 'Scheibe gegen Maschen',
  post: (side) => `das ${wort({ left: 'linke', right: 'rechte' })(side)} Auge der Figur`,
  advice: {
    small: (percent, low, high) =>
      `kleine Augen: ${percent} % der Kopfbreite; üblich sind hier ${low} bis ${high}`,
    large: (percent, low, high) =>
      `große Augen: ${percent} % der Kopfbreite; üblich sind hier ${low} bis ${high}`,
    close: (deg, low, high) =>
      `${deg}° auseinander, von oben gesehen: nah beieinander; üblich sind ${low}° bis ${high}° für Augen, die nach vorn schauen`,
    wide: (deg, low, high) =>
      `${deg}° auseinander, von oben gesehen: weit auseinander; üblich sind ${low}° bis ${high}° für Augen, die nach vorn schauen`,
    low: (percent, low, high) =>
      `Augenlinie bei ${percent} % der Kopfhöhe: tief, das wirkt sehr jung; üblich sind ${low} bis ${high} %`,
    high: (percent, low, high) =>
      `Augenlinie bei ${percent} % der Kopfhöhe: hoch, das wirkt erwachsen; üblich sind ${low} bis ${high} %`,
    'off the head':
      'sie stehen auf dem Körper, unter dem Hals: was für ein Gesicht üblich ist, wird dort nicht gefragt',
    'colour step': (post) =>
      `${post} steht auf einem Farbversatz: der Versatz ist daneben zu sehen; eine Masche weiter nicht`,
    increase: (post) =>
      `${post} steht zwischen den zwei Maschen einer Zunahme, wo kein offenes Loch ist; eine Masche weiter ist eines`,
    decrease: (post) => `${post} steht neben einer Abnahme, wo das Loch weiter ist als seine Nachbarn`,
    'washers close': (gap) =>
      `${gap} zwischen den Scheiben innen: die erste ganz andrücken, bevor die zweite daraufkommt`,
    fill: (proud) =>
      `die flache Scheibe steht ${proud} von den runden Maschen ab: Füllung hinter und um die Stifte schieben`,
    turned: (n, from) =>
      `die Mitte des Gesichts ist ${n === '1' ? '1 Masche' : `${n} Maschen`} entfernt von ${MITTEN[from] ?? MITTEN.part}`,
    covers: (post, thing, mm) => `${post} reicht ${mm} unter oder über den Rand von ${thing}`,
  },
  refusal: {
    'past the window': (washer) =>
      `Ab der Runde der Augen lässt keine Runde ein Loch, durch das eine Scheibe von ${washer} mm geht.`,
    'gathered end': 'Die letzte Runde wird zugezogen: dort bleibt kein Loch offen.',
    'no room': (room, apart) =>
      `Die Stifte stehen ${apart} auseinander und brauchen ${room}: einer stünde auf dem anderen.`,
  },
  note: {
    notEyes: (what) =>
      `Diese Notiz handelt von etwas anderem (${what}): sie setzt keine Augen. Das wird auf Gesicht oder Verbinden von Hand gesetzt.`,
    what: { eyes: 'Augen', nose: 'Nase', mouth: 'Mund', ears: 'Ohren', other: 'etwas anderes' },
    otherEyes:
      'Augen aus Filz, Knöpfen, Perlen oder Kleber kennt Hoppla hier nicht: nichts wird gesetzt. Sicherheit führt sie auf.',
    whichRound: 'Zwischen welchen Runden? Schreib zum Beispiel “between R9 and R10”.',
    noSuchRound: (n, last) => `R${n} gibt es hier für Augen nicht: dieses Teil endet bei R${last}.`,
    notUnderstood: (words) =>
      `„${words}“ ist nicht verstanden, darum wird nichts gesetzt. Schreib zum Beispiel “between R9 and R10, 7 between”.`,
    oneHole: 'Mit nichts dazwischen stünden beide Stifte in einem Loch.',
    tooWide: (many, of) => `${many} dazwischen ist mehr als die Hälfte dieser Runde von ${of}.`,
    howFar: (between) => `Die Notiz sagt nicht, wie weit: ${between} dazwischen ist nur üblich.`,
    sizeNotKnown: (mm) =>
      `Augen von ${numberSaid(mm)} mm stehen in keiner Tabelle: ihre Scheibe ist nicht bekannt, bis du sie eingibst.`,
  },
  washerWhy: {
    'hook not known': 'nicht bekannt: die Häkelnadel ist nicht bekannt',
    'hook not said': 'nicht bekannt: niemand hat die Häkelnadel gesagt',
    'washer not known': 'nicht bekannt: keine Tabelle hat eine Scheibe für dieses Auge',
    'chain space': 'nicht bekannt: ein Luftmaschenbogen öffnet sich zu weit',
    'skipped stitches': 'nicht bekannt: übersprungene Maschen öffnen sich zu weit',
  },
  bands: {
    1: 'Halt: fester häkeln oder größere Scheibe',
    2: 'Filzscheibe dahinter empfohlen',
    3: 'deckt gut; Zupfen und Zugprüfung entscheiden',
  },
  washerLies: (low, high) => `zwischen ${low} und ${high} bei angenommener Maschenprobe: zuerst messen`,
  windowNotKnown:
    'Bis wann sie eingesetzt werden können, ist nicht bekannt: die Häkelnadel ist nicht bekannt.',
  reach: (after, deep, through, by) =>
    `Nach ${after}, ${deep} tief durch ${through}: ${by === 'hand' ? 'eine Hand geht hinein' : 'die Finger reichen hin'}`,
  reachEnds: {
    hole: 'später ist das Loch zu klein',
    depth: 'später ist es zu tief',
    fill: 'dann füllt es der Text',
    rounds: 'es bleibt offen',
  },
  none: 'Kein Sicherheitsauge der Tabelle hält in diesen Maschen: sie werden gestickt angeboten.',
  nearest: (tag) => `Setze sie auf ${tag}, die nächste mögliche Stelle`,
  noNearest: 'Keine Stelle dieses Teils kann sie aufnehmen; ein kleineres Auge findet vielleicht eine',
  faces: {
    'as it is': 'wie es ist',
    higher: 'höher',
    lower: 'tiefer',
    wider: 'weiter',
    closer: 'enger',
    'lower and wider': 'tiefer, weiter',
  },
  differences: {
    'round from the ring': 'Runden ab dem Ring',
    'stitches between': 'Maschen dazwischen',
    straight: 'Stift zu Stift',
    'rim to rim': 'Rand zu Rand',
    angle: 'Winkel von oben',
    line: 'Augenlinie, von der Höhe',
    uneven: 'aus der Waage',
    eye: 'Auge',
    washer: 'Scheibe',
    'made as': 'gemacht als',
  },
  likes: { 'same counts': 'dieselben Zahlen', 'same face': 'dasselbe Gesicht auf diesem Kopf' },
  questions: {
    'holes apart': 'Wie zählst du Löcher auseinander?',
    'stitches apart': 'Wie zählst du Maschen auseinander?',
    'mm apart': 'Gerade gemessen, oder entlang der Maschen?',
    apart: 'Was wird gezählt?',
    'from the edge': 'Von welchem Rand?',
  },
  habit: (what) => `Auf deine Art gelesen: ${what}.`,
  map: {
    title: 'Gesichtskarte',
    heading: (part) => `Gesichtskarte: ${part}`,
    trueSize:
      'Wahre Größe. Mit 100 % drucken, nicht „an Seite anpassen“, und ein Lineal an den Balken legen.',
    bar: (mm) => `${mm} mm`,
    seen: 'Von vorn gesehen; links und rechts sind die der Figur.',
    straight: (length, low, high) => `${length} von Stift zu Stift (${low}–${high})`,
    schools: 'Dieselben Stellen, anders gezählt',
    window: 'Wann',
    windowOf: (first, comfortable, possible) =>
      `Einsetzen ab ${first}, bequem bis ${comfortable}, überhaupt bis ${possible}.`,
    into: (round, n) => `Allerspätestens, wenn ${maschen(n)} von ${round} gearbeitet sind.`,
    never: 'nie',
    ready: 'Bereitlegen',
    needle: 'Mit Nadel und Faden',
    transfer: 'Von hinten durchzeichnen: gespiegelt, in wahrer Größe; die Kreuze sind die Augen',
    stitched: (name, twin, ends, cut, strands, of) =>
      `${name}${twin ? ', andere Seite' : ''}: ${ends.join(' → ')}; ${strands === 1 ? '' : `${strands} Fäden `}${of}, ${cut} abschneiden`,
    eyes: (mm, post, washer) =>
      `2 Sicherheitsaugen von ${mm} mm (Stift ${post} mm) und ihre Scheiben von ${washer} mm`,
    nose: (width, height, post, washer) =>
      `1 Sicherheitsnase von ${width} × ${height} mm (Stift ${post} mm) und ihre Scheibe von ${washer} mm`,
    embroidered: (mm, thread) => `Faden für 2 Augen von ${mm} mm, je ${thread}, und eine stumpfe Nadel`,
    embroideredNose: (width, height, thread) =>
      `Faden für eine Nase von ${width} × ${height} mm, ${thread}, und eine stumpfe Nadel`,
    felt: (n, mm) => `${zahl(n, 'Filzkreis', 'Filzkreise')} von ${mm} mm`,
    discs: (n, mm) => `${zahl(n, 'Filzscheibe', 'Filzscheiben')} für dahinter, ${mm} mm`,
    always: 'ein Maschenmarkierer auf der Gesichtslinie, Schere, etwas Füllung',
    checks: 'Vor dem Klick',
    cut: 'Ausschneiden, wahre Größe',
    patch: (name, twin, tags, pieces) =>
      `${name}${twin ? ', andere Seite' : ''}: ${pieces}, Mitte bei ${tags}`,
    felts: 'Aufgelegt',
    sculpt: 'Mit der Nadel, wenn es gefüllt und geschlossen ist',
    sculptWay: (name, tags, passes, cut, needle) =>
      `${name}: hinein bei ${tags.map((tag, i) => (i === 0 ? tag : `${i % 2 ? 'heraus' : 'hinein'} bei ${tag}`)).join(', ')}, und zurück zum ersten; ${zahl(passes, 'Durchgang', 'Durchgänge')}, Faden von ${cut}, eine Nadel von mindestens ${needle}`,
    crooked: 'Absichtlich schief: auf jedem Stück gleich.',
    cropped: 'Der Kopf ist größer als die Seite; gezeigt wird das Gesicht.',
    age: 'Augen und Nasen aus Kunststoff sind nichts für Kinder unter 36 Monaten.',
  },
};
