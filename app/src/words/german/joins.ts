import type { Said } from '@hoppla/core/words';
import type { joins as english } from '../joins';
import { zahl } from './counter';

/** Verbinden, auf Deutsch. */
export const joins: Said<typeof english> = {
  title: (guest, host) => `${guest} an ${host}`,
  pair: (guest) => `${guest} × 2`,
  add: 'Ein Teil ansetzen',
  whole: 'Ganze Figur',
  guest: 'Welches Teil?',
  host: 'An welches Teil?',
  notJoined: '! nicht verbunden',
  none: 'Noch ist nichts verbunden',
  noneHow:
    'Jedes Teil kommt nach Namen und Form dorthin, wo es gewöhnlich sitzt; dann tippe die Figur dort an, wo du es willst.',
  needTwo: 'Zwei Teile mit Runden braucht es, bevor eines an das andere genäht werden kann.',
  attach: (guest, host) => `${guest} an ${host} ansetzen`,
  all: (n) => `Alle ${n} wie üblich`,
  here: (guest) => `${guest} hierher setzen`,
  twin: (length) => `Zwilling im Raum gespiegelt, ${length} von seinem Spiegelbild`,
  ownTwin: 'das andere hat seine eigene Stelle, absichtlich schief',
  mirrored: 'Das Paar spiegelt sich',
  which: 'Welches wandert',
  where: 'Wo, mit deinen Worten (auf Englisch)',
  whereHint: 'straight above the arm, 2 rounds free',
  put: 'Dorthin setzen',
  said: 'Gesetzt, wo gesagt',
  follows: (words) => `Folgt: ${words}.`,
  letGo: 'Loslassen',
  points: 'Wohin es zeigt',
  ways: {
    out: 'gerade heraus',
    up: 'nach oben',
    down: 'hängend',
    forward: 'nach vorn',
    back: 'nach hinten',
    side: 'zur Seite',
  },
  moves: { up: 'höher', down: 'tiefer', left: 'links', right: 'rechts', closer: 'enger', further: 'weiter' },
  heldOff: (deg) => `Sein Träger ist im Weg: um ${deg}° angehoben.`,
  turn: 'Um sich selbst drehen',
  turnLeft: 'nach links drehen',
  turnRight: 'nach rechts drehen',
  edge: 'Welcher Rand genäht wird',
  lies: 'Wie der Rand liegt',
  how: { surface: 'auf der Fläche', end: 'um das Ende', rim: 'Rand an Rand' },
  sewing: 'Wie es genäht wird',
  end: (length, part) => `Lass ${length} Garn: ${part}.`,
  pause: (after, of) => `Halte nach Stich ${after} von ${of} an: dort kommt die letzte Füllung hinein.`,
  begin: 'Wo die Naht beginnt',
  beginAt: (stitch) => `Bei Masche ${stitch} beginnen`,
  beginAtTail: 'Bei seinem Faden beginnen',
  yarn: 'Wessen Garn näht',
  twice: 'Zweimal herum',
  seam: (guest, host) => `Naht von ${guest} an ${host}, Stich für Stich`,
  seamHow: 'Pfeiltasten gehen die Naht entlang',
  seamStitch: (guest, edge, under, host, tag) =>
    `${guest}, Masche ${edge}${under === null ? '' : ` mit ${under}`}, an ${host} bei ${tag}`,
  apart: 'An den Nähten auseinandergenommen',
  sides: 'Links über rechts gelegt',
  sidesApart: (pair, length) => `${pair}: links und rechts höchstens ${length} auseinander`,
  tip: 'Spitze: zieh sie, oder nimm die Pfeiltasten, damit das Teil anders zeigt',
  tipAt: (tilt, toward) => `${tilt} Grad von gerade heraus, Richtung ${toward}`,
  tilt: 'Neigung, von gerade heraus',
  toward: 'Richtung: 0 oben, 90 Seite, 180 unten',
  degrees: '°',
  degreesFrom: (least, most) => `Eine Zahl Grad von ${least} bis ${most}.`,
  set: 'Alle Stücke als Satz',
  setHint: '6 around',
  setHow: 'Auf Englisch, etwa “6 around” oder “2 for each segment, 4 on the first”.',
  setPut: 'Setzen',
  setNotRead: (words) =>
    `„${words}“ ist nicht verstanden. Sag “6 around” oder “2 for each segment, 4 on the first”.`,
  setTooMany: (asked, made) =>
    `Das sind ${asked}, und der Text macht ${made}. Ändere die Worte, oder die Zahl hinter dem Namen des Teils.`,
  caughtTitle: (label, host, names) => `${label} von ${host} fasst ${[...new Set(names)].join(', ')} ein`,
  begunOn: (host, guest) => `${host} beginnt auf ${guest}`,
  caughtOver: (n) => `über ${n}`,
  caughtWhole: (guest, label) => `Ganz ${label} geht auch durch den Rand von ${guest}.`,
  caughtOnto: (guest, label, over) =>
    `${label} beginnt auf ${guest}: ${over} seiner Maschen gehen um diesen Rand.`,
  crotch: (chain, length) =>
    chain > 0
      ? `${chain} Luftmaschen dazwischen, ${length}: der Schritt. Sie werden auf beiden Seiten behäkelt, so bleibt kein Loch.`
      : 'Dazwischen liegt keine Luftmasche: das Loch im Schritt wird zugenäht.',
  caughtEdge: (guest, edge, over) =>
    `${guest} hat ${edge} einzufassen, Lage auf Lage, und die Runde gibt ihm ${over}.`,
  caughtTooMany: (name, caught, made) => `${caught} von ${name} eingefasst, ${made} gemacht.`,
  unfinished: (guest, n) =>
    `${guest} geht noch nicht auf (${zahl(n, 'Fehler', 'Fehler')}): es muss vor dieser Runde fertig sein.`,
  notMirrored: 'Was sie einfasst, ist nicht sein eigenes Spiegelbild, absichtlich oder nicht.',
  gapsDiffer: (n) => `Die Lücken auf ihren zwei Seiten unterscheiden sich um ${n}.`,
  ring: (label, slots) => `${label}, ein Ring von ${slots} Plätzen; Pfeiltasten wählen eine Klammer`,
  ringFront: 'vorn',
  ringSum: (gaps, clamps, slots) => {
    const all = gaps.flatMap((gap, k) => [
      ...(gap > 0 ? [String(gap)] : []),
      ...(clamps[k] ? [clamps[k]] : []),
    ]);
    return `${all.join(' + ')} = ${slots}`;
  },
  ringHeld: (slots) => `von ${slots} Plätzen gehalten`,
  ringClamp: (name, from, to) => `${name}, Plätze ${from} bis ${to}`,
  ringBack: 'einen Platz zurück',
  ringOn: 'einen Platz weiter',
  ringNarrower: 'schmaler',
  ringWider: 'breiter',
  ringEven: 'Gleichmäßig verteilen',
  ringStart:
    'Es liegt am Anfang der Runde: eine Klammer kann nicht darüber gehen, darum steht es vielleicht bis zu seiner halben Breite neben der Stelle, an der es angenäht war.',
  ringAsText:
    'Diese Runde ist in Wiederholungen oder mit verschiedenen Maschen geschrieben: sie wird in ihrem Text geändert.',
  ringHow: 'Jeder Schritt wird in die Runde selbst geschrieben, und Zurücknehmen nimmt ihn zurück.',
  ringWritten: (slots) => `geschrieben von ${slots} Plätzen`,
  ringOver: (written, slots) =>
    written > slots
      ? `${written} von ${slots} Plätzen: ${written - slots} zu viel.`
      : `${written} von ${slots} Plätzen: ${slots - written} übrig.`,
  ringFit: (by) => (by > 0 ? `${by} aus den Lücken nehmen` : `${-by} in die Lücken geben`),
  ringMirror: 'Spiegeln',
  ringBeside: (slots) =>
    `Was sie einfasst, ist sein eigenes Spiegelbild ${slots} Plätze neben der Vorderseite.`,
  clampHeld: 'Wie es in seiner Runde gehalten ist',
  clampSide: 'Welche Seite',
  clampSides: {
    up: { usual: 'Vorderseite oben', over: 'Rückseite oben' },
    forward: { usual: 'Vorderseite vorn', over: 'Rückseite vorn' },
  },
  clampLeans: {
    up: { on: { name: 'Spitze nach oben', arrow: '↑' }, back: { name: 'Spitze nach unten', arrow: '↓' } },
    forward: {
      on: { name: 'Spitze nach vorn', arrow: '↓' },
      back: { name: 'Spitze nach hinten', arrow: '↑' },
    },
  },
  clampOn: 'Rand weiter',
  clampBack: 'Rand zurück',
  clampInside: 'Es zeigt in seinen Träger',
  clampCopy: 'Welches davon',
  clampTail: 'Seine Fadenenden',
  clampTails: { unsaid: 'nicht gesagt', inside: 'innen', outside: 'außen' },
  clampUnmet: (guest, label) =>
    `Was über ${guest} gesagt ist, eingefasst in ${label}: der Text fasst es dort nicht mehr ein.`,
  clampForget: 'Vergessen',
  toText: 'Zu seinem Text',
  held: 'Wie es gehalten ist',
  heldAs: {
    sewn: 'angenäht',
    through: 'durchgezogen',
    threaded: 'an einem Faden',
    caught: 'in eine Runde eingefasst',
  },
  catchFault: {
    'at an end': 'An einem Ende ist keine Runde, die es einfassen könnte: setze es zuerst auf die Seite.',
    'not of one stitch':
      'Die Runde dort hat Zunahmen, Abnahmen oder verschiedene Maschen: setze es auf eine glatte Runde, oder schreib es in den Text.',
    'no room': 'Dort ist schon etwas eingefasst: setze es zuerst ein Stück weiter.',
    'not read':
      'Mit diesem Namen würde die Runde nicht gelesen: nenne das Teil mit einem Wort, oder schreib es in den Text.',
  },
  throughTitle: (guest, host) => `${guest} durch ${host}`,
  inAt: 'hinein',
  outAt: 'heraus',
  wide: (host, length) => `${host} ist dort ${length} breit, von Loch zu Loch.`,
  free: (length) => `${length} frei auf jeder Seite`,
  freeEach: (first, other) => `${first} frei, wo es hineingeht, ${other}, wo es herauskommt`,
  freeRange: (low, high) =>
    `${low} bis ${high} auf der ersten Seite, je nachdem, wie gut die Maschenproben bekannt sind.`,
  rises: (length, up) => `Das andere Loch liegt ${length} ${up ? 'höher' : 'tiefer'}.`,
  moreFirst: 'mehr auf der ersten Seite',
  moreOther: 'mehr auf der anderen Seite',
  drawnStraight: 'Es ist gerade gezeichnet; ein weicher Streifen hängt außen herab.',
  pose: 'An seinem Faden drehen',
  poseBack: 'nach hinten',
  poseForward: 'nach vorn',
  pierced: 'Woanders durchstechen',
  piercedUp: 'näher am Ende durchstochen',
  piercedDown: 'weiter unten durchstochen',
  thread: (length, label) => `Faden: ${length}. Jedes Glied ist bei ${label} durchstochen.`,
  standsOff: (length) =>
    `Es steht dort ${length} ab: sein Bauch liegt am Träger. Durchstich es weiter unten, oder wähle eine flachere Stelle.`,
  threadedWhere: 'Sicherheit',
  threadedSmall: 'Gefädelte Gelenke sind nichts für ein Kind unter 36 Monaten: nähe es an.',
  remove: 'Wegnehmen',
  homeless: 'Die Runde, auf der es stand, gibt es nicht mehr. Setze es neu an.',
  keep: 'Die Arbeitsfolge zeigen',
  toSettle: 'Diese Verbindung ansehen',
  clear: 'Aus dem Weg setzen',
  stand: 'Zum Stehen bringen',
  on: (host) => `An ${host}`,
  loose: (names) => `Lose: ${names.join(', ')}`,
};
