import type { Said } from '@hoppla/core/words';
import type { surface as english } from '../surface';
import { zahl } from './counter';

/** Arbeit auf der Fläche, Fäden, und was an einer Figur hängt, auf Deutsch. */
export const surface: Said<typeof english> = {
  title: 'Auf der Fläche',
  on: 'Auf welchem Teil',
  add: {
    surface: 'Eine Linie aus Flossen oder Stacheln',
    strands: 'Haare, Fransen, Quasten',
    hanger: 'Ein Ring, Karabiner oder Glöckchen',
  },
  how: 'Jedes beginnt an einer üblichen Stelle und wird von dort verschoben.',
  noPlace: 'keine Stelle',
  remove: 'Wegnehmen',
  lineOn: (name, part) => `${name} auf ${part}`,
  motif: 'Was an jeder Stelle gehäkelt wird',
  motifPut: 'Diese häkeln',
  count: 'Wie viele',
  fewer: 'eines weniger',
  more: 'eines mehr',
  take: (n) => `${n} nehmen`,
  hook: 'Häkelnadel',
  ownHook: 'eigene Nadel',
  partHook: 'wie das Teil',
  moves: 'Eine Berührung der Figur verschiebt',
  begins: (part) => `wo es beginnt, auf ${part}`,
  endsOn: (part) => `wo es endet, auf ${part}`,
  endPart: 'Es endet auf',
  here: { from: 'Hier beginnt es', to: 'Hier endet es' },
  over: 'Es geht',
  twin: 'Dasselbe auf der anderen Seite',
  yarn: 'Garn',
  sameYarn: 'wie das Teil',
  yarnOf: (metres) => `${metres} Garn zusammen.`,
  addresses: 'Wo jedes steht',
  addressesTwin: 'Auf der anderen Seite',
  anEye: 'ein Auge',
  aNose: 'eine Nase',
  yarns: (n, cut) => `${zahl(n, 'Faden', 'Fäden')}, je ${cut} abschneiden`,
  hangs: (hangs, metres) =>
    `${hangs === null ? 'Kein Ende hängt außen' : `Jedes Ende hängt ${hangs}`}; zusammen ${metres}.`,
  patch: (from, to) => (from === to ? `In ${from}.` : `Von ${from} bis ${to}.`),
  sheds: 'Dieses Garn haart: ein kleines Kind zieht Fasern heraus und verschluckt sie.',
  shedsNotKnown: 'Ob dieses Garn haart, ist nicht bekannt: sag es beim Garn.',
  fix: 'Wie es gehalten ist',
  noFurther: 'Weiter geht es nicht.',
  beforeClosing: 'Einziehen, solange das Teil offen ist',
  sizes: {
    rounds: { less: 'eine Runde weniger', more: 'eine Runde mehr' },
    halfDeg: { less: 'schmaler', more: 'breiter' },
    everyStitch: { less: 'dichter entlang', more: 'lockerer entlang' },
    everyRound: { less: 'dichtere Runden', more: 'lockerere Runden' },
    together: { less: 'ein Faden weniger', more: 'ein Faden mehr' },
    cutMm: { less: 'kürzer schneiden', more: 'länger schneiden' },
  },
  what: 'Was es ist',
  heldBy: 'Was es hält',
  loop: (length) => `Eine Schlaufe von ${length} Umfang`,
  loopIs: 'Die Schlaufe',
  loopOwn: 'eine eigene Luftmaschenkette',
  chainFewer: 'eine Luftmasche weniger',
  chainMore: 'eine Luftmasche mehr',
  smaller: 'kleiner',
  larger: 'größer',
  until: (comfortable, possible) => {
    if (possible === null)
      return 'Keine Runde lässt innen Platz für eine Hand: halte es stattdessen mit einer Luftmaschenschlaufe.';
    if (comfortable === null) return `Innen zu befestigen geht nur gerade noch bis R${possible}.`;
    return `Innen zu befestigen geht bequem bis R${comfortable}, gerade noch bis R${possible}.`;
  },
  untilNotKnown: 'Bis wann es sich innen befestigen lässt, ist nicht bekannt: sag die Häkelnadel.',
};
