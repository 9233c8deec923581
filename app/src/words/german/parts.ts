import { numberSaid, type Said } from '@hoppla/core/words';
import type { parts as english } from '../parts';
import { maschen, teile, zahl } from './counter';

const fehler = (n: number): string => zahl(n, 'Fehler', 'Fehler');

/** Teile, auf Deutsch. Was man schreibt, bleibt in den Begriffen der Anleitungen. */
export const parts: Said<typeof english> = {
  add: 'Teile dazu',
  example: 'Ear (2x, rust, 3.0 mm hook)\nR1: 6 sc in ring (6)\nR2: inc x6 (12)',
  addThese: (n) => (n > 1 ? `${n} Teile dazu` : 'Dieses Teil dazu'),
  rounds: 'Runden dieses Teils',
  choose: 'Ein Teil wählen',
  tall: (unit) => `${unit} hoch`,
  wide: (unit) => `${unit} breit`,
  deep: (unit) => `${unit} tief`,
  about: (low, high) => `${low}–${high}`,
  from: (basis, source) =>
    source === 'not known'
      ? `nach dem ${basis}; die Häkelnadel ist nicht bekannt, also auch keine Länge`
      : `nach dem ${basis}, aus ${source === 'measured' ? 'deiner gemessenen' : 'einer angenommenen'} Maschenprobe`,
  basis: {
    'ring model': 'Ringmodell',
    'bent ring model': 'gebogenen Ringmodell',
    'oval model': 'Ovalmodell',
    flattened: 'flachen Modell',
    folded: 'Faltmodell',
    'flat rows': 'flachen Modell',
    chain: 'Kettenmodell',
  },
  weighs: (weight, low, high) => `wiegt etwa ${weight} (${low}–${high})`,
  holds: (volume) => `fasst ${volume} cm³`,
  change: (by) => `${by.startsWith('-') ? `−${by.slice(1)}` : `+${by}`}`,
  measure: 'Miss deine Maschenprobe',
  inHand: 'in der Hand',
  onToy: 'an der Figur',
  shaping: 'Gemacht zu',
  shapings: {
    'as worked': 'wie gehäkelt',
    flattened: 'flach gedrückt',
    folded: 'zur Hälfte gefaltet',
    'pushed in': 'hineingedrückt',
  },
  rim: 'Hineingedrückt entlang',
  addsUp: 'geht auf',
  notYet: fehler,
  noRounds: 'noch keine Runden',
  emptyTitle: 'Noch keine Teile',
  split: (n) => `noch ${teile(n)} in diesem Text`,
  splitThem: 'Zu Teilen machen',
  again: 'Dasselbe Teil noch einmal',
  into: {
    open: 'In eine andere Figur',
    title: (part) => `${part} in eine andere Figur`,
    how: 'Es wird kopiert: seine Runden, Füllung, Form, Maschenprobe und Garne. Augen, Nähte und was Stück für Stück gefüllt ist, bleiben hier.',
    none: 'Auf der Werkbank ist noch keine andere Figur.',
    done: (part, toy) => `${part} ist jetzt das letzte Teil von ${toy}.`,
    openIt: (toy) => `${toy} öffnen`,
    cannot:
      'Es ließ sich nicht dorthin legen: jene Figur ist weg oder aus einer neueren Version. Nichts wurde geändert.',
  },
  earlier: 'Früher in der Reihe',
  later: 'Später in der Reihe',
  remove: 'Dieses Teil löschen',
  fill: 'Füllung',
  fills: { empty: 'leer', soft: 'weich', medium: 'mittel', firm: 'fest' },
  stitches: maschen,
  atLine: (n) => `Zeile ${n}`,
  underWay: 'in Arbeit',
  faults: fehler,
  nextFault: 'zum nächsten Fehler gehen',
  allAddUp: (rounds, word, n) =>
    `${rounds} ${rounds === 1 ? word : `${word}${word.endsWith('e') ? 'n' : ''}`}, ${maschen(n)}, alle gehen auf`,
  roundWord: { rounds: 'Runde', rows: 'Reihe', cord: 'Kette' },
  saysOf: (label, made, stated) =>
    stated === null || stated === made
      ? `${label} ergibt ${made}`
      : `${label} ergibt ${made}, die Zeile sagt ${stated}`,
  strip: 'Teile dieser Figur',
  keys: 'Häkeltasten',
  keyNext: 'Runde +',
  keyCount: 'Zahl',
  keyLess: 'eine weniger',
  keyMore: 'eine mehr',
  keyBrackets: '( )',
  unfold: (from, to) => `${from}–${to} aufklappen`,
  gather: 'Gleiche Runden zusammenfassen',
  terms: 'Begriffe',
  us: 'US: sc, hdc, dc',
  uk: 'UK: dc, htr, tr',
  toTerms: (terms) => `Zu ${terms.toUpperCase()}-Begriffen wechseln`,
  freeLoops: 'Noch freie Maschenglieder',
  freeOf: (label, loop, free, of) =>
    `${label}: ${free} von ${of} ${{ front: 'vorderen', back: 'hinteren' }[loop] ?? loop} Gliedern`,
  offer: (rounds, between, thread, mm) =>
    `Augen von ${numberSaid(mm)} mm bei ${rounds} ${thread ? 'sticken' : 'setzen'}, ${between} dazwischen`,
  readings: {
    'stitches-between': (n) => `${maschen(n)} dazwischen`,
    'stitches-on': (n, between) => `${maschen(n)} weiter, also ${between} dazwischen`,
    'holes-on': (n, between) => `${n} Löcher weiter, also ${between} dazwischen`,
    'holes-showing': (n, between) => `${n} Löcher zu sehen, also ${between} dazwischen`,
    'holes-counting-both': (n, between) => `${n} Löcher mit denen beider Stifte, also ${between} dazwischen`,
  },
  whichOffer: '„Apart“ wird auf mehr als eine Art gezählt. Welche ist gemeint?',
  placed: (rounds) => `Augen stehen bei ${rounds}.`,
  placedElsewhere: (rounds, noted) => `Augen stehen bei ${rounds}; diese Notiz sagt ${noted}.`,
  caught: 'in einer Runde eingefasst',
  little: (understood, lines) =>
    `${understood} von ${lines} Zeilen sind als Runden, Titel oder Schritte gelesen. Nichts ist verloren: die anderen können als Notizen bleiben oder als Runden geschrieben werden, etwa “R3: (sc, inc) x6 (18)”.`,
  keepNotes: 'Als Notizen behalten',
  laidOut: 'Die Runden werden ausgelegt',
  craftWords: {
    sc: 'feste Masche',
    hdc: 'halbes Stäbchen',
    dc: 'Stäbchen',
    tr: 'Doppelstäbchen',
    htr: 'halbes Stäbchen',
    dtr: 'Dreifachstäbchen',
    'sl st': 'Kettmasche',
    inc: 'zwei in eine',
    dec: 'zwei zusammen',
    invdec: 'durch die vorderen Glieder',
    bob: 'Noppe',
    ch: 'Luftmasche',
  },
};
