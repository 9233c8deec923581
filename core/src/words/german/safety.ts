import type { Said } from '../language';
import type { safetyWords as english } from '../safety';
import { zahl } from './counter';
import { hazards } from './hazards';

const fits = (diameter: string, does: boolean, what: string) =>
  does
    ? `${what} passt ganz in den Kleinteilezylinder (${diameter} im Durchmesser).`
    : `${what} ist breiter als der Kleinteilezylinder (${diameter} im Durchmesser); was davon abbricht, vielleicht nicht.`;
const copiesOf = (part: string, copies: number): string => `${part}${copies > 1 ? ` × ${copies}` : ''}`;
const bis = (most: string | null): string =>
  most === null ? ', mit einer Häkelnadel, die nicht bekannt ist' : `, bis zu ${most}`;

/** Die Seiten der Sicherheit, auf Deutsch. Sagt nie, eine Figur sei sicher oder entspreche etwas. */
export const safetyWords: Said<typeof english> = {
  ages: {
    'under 18 months': 'unter 18 Monaten',
    '18 to 36 months': '18 bis 36 Monate',
    '3 years and over': '3 Jahre und älter',
    accessory: 'Zubehör',
    'display only': 'nur zum Ansehen',
    unknown: 'noch nicht gesagt',
  },
  weights: { stop: 'Halt', open: 'offen', advice: 'Rat' },
  shield: (stops, open) =>
    `Sicherheit: ${stops === 0 && open === 0 ? 'kein Punkt offen' : [...(stops > 0 ? [`${stops} Halt`] : []), ...(open > 0 ? [`${zahl(open, 'Punkt', 'Punkte')} offen`] : [])].join(', ')}`,
  caution:
    'Diese Zahlen sind die Vorprüfung der Macherin oder des Machers. Es entscheidet das Recht des Ortes, an dem die Figur weggegeben oder verkauft wird, in seiner geltenden Fassung; ein fachkundiges Prüflabor bestätigt es.',
  who: {
    small: { title: '', reason: '', mend: '' },
    unknown: {
      title: 'Für wen ist sie?',
      reason: 'Niemand hat gesagt, für wen die Figur ist, darum wird sie wie für unter 18 Monaten geprüft.',
      mend: 'Wähle, für wen sie ist.',
    },
    '3 years and over': {
      title: 'Das Aussehen der Figur entscheidet mit, nicht nur das Etikett',
      reason:
        'Leitlinien stufen ein einfaches weiches Stofftier zum Halten und Kuscheln gewöhnlich als Spielzeug für unter 3 ein, was immer das Etikett sagt.',
      mend: 'Frag eine Prüfstelle, oder mach sie passend für unter 36 Monaten.',
    },
    accessory: {
      title: 'Zubehör kann trotzdem als Spielzeug gelten',
      reason:
        'Ein Anhänger mit Gesicht oder Spielwert kann als Spielzeug gelten, als was immer er verkauft wird; dann sind Ringe, Klammern und Augen Kleinteile.',
      mend: 'Frag eine Prüfstelle, und halte ihn von Kindern unter 36 Monaten fern.',
    },
    'display only': {
      title: '„Nur zum Ansehen“ ist ein Etikett, kein Schloss',
      reason:
        'Eine weiche Figur im Regal wird heruntergenommen und bespielt. Was in ihr ist, wird wie für 3 Jahre und älter geprüft.',
      mend: 'Sag es auf dem Etikett, stell sie außer Reichweite, und frag vor dem Verkauf eine Prüfstelle.',
    },
  },
  checks: {
    1: 'Augen und Nasen aus Kunststoff',
    2: 'Scheibe und Maschen',
    3: 'Kleinteile, sobald sie abgehen',
    4: 'Nähte der Glieder: Stiche, zweimal herum, versenkte Enden',
    5: 'Gefädelte Gelenke und Knöpfe',
    6: 'Schnüre, Schlaufen und Haare',
    7: 'Draht, Stäbe und steife Einlagen',
    8: 'Kleber als einziger Halt',
    9: 'Füllung, die entweicht, Lücken und Spitze',
    10: 'Anfang und Schluss gesichert',
    11: 'Ringe, Klammern, Magnete, Glocken, Batterien',
    12: 'Haarendes Garn und Fell',
    13: 'Stecknadeln und Nadeln gezählt',
    14: 'Waschen',
    15: 'Aufsicht und Abnutzung',
  },
  made: (n, all) => `${n} von ${all} Prüfpunkten angesehen`,
  notMade: (names) => `Nicht angesehen: ${names.join('; ')}`,
  notRead: (lines) =>
    `${zahl(lines, 'Zeile', 'Zeilen')} der Texte ${lines === 1 ? 'ist nicht gelesen oder geht' : 'sind nicht gelesen oder gehen'} nicht auf: was dort steht, wurde nicht angesehen`,
  nothingFound: (names) => `Angesehen, und nichts gefunden: ${names.join('; ')}`,
  madeHow:
    'Sie sagen, was ein Plan sagen kann. Was gemacht ist, wird an jedem Stück angesehen, gezogen und gezählt.',
  answered: (words) => `Beantwortet: ${words}`,
  eyes: {
    plastic: (mm) => `Kunststoffaugen von ${mm} mm an einer Figur für ein Kind unter 36 Monaten`,
    plasticReason: (diameter, does) => fits(diameter, does, 'Ein Auge, das abgeht,'),
    mend: 'Die Augen an derselben Stelle sticken',
    older: (mm) => `Zugprüfung der Augen von ${mm} mm ist noch nicht protokolliert`,
    olderReason: (newton) =>
      `Jedes Auge wird mit ${newton} N gezogen, in 5 s gehoben und 10 s gehalten, zuerst gedreht.`,
  },
  nose: {
    plastic: (mm) => `Eine Kunststoffnase von ${mm} mm an einer Figur für ein Kind unter 36 Monaten`,
    plasticReason: (diameter, does) => fits(diameter, does, 'Eine Nase, die abgeht,'),
    mend: 'Die Nase an derselben Stelle sticken',
    older: (mm) => `Zugprüfung der Nase von ${mm} mm ist noch nicht protokolliert`,
    olderReason: (newton) =>
      `Die Nase wird mit ${newton} N gezogen, in 5 s gehoben und 10 s gehalten, zuerst gedreht.`,
  },
  loose: (name, mm) => `Ein loses Stück: ${name}, ${mm} mm`,
  looseReason: (diameter, does) =>
    `Es ist nicht eins mit dem, was es hält, also ein eigenes Teil. ${fits(diameter, does, 'Es')}`,
  looseMend: (newton) =>
    `Zieh es für sich mit ${newton} N an einem Prüfstück, oder nimm eines aus einem Guss.`,
  looseOff: 'Lass es weg, oder sticke es.',
  felt: (mm) => `Filz von ${mm} mm: wie er befestigt ist, ist nicht bekannt`,
  feltReason: (diameter, does) => fits(diameter, does, 'Ein Filzkreis, der abgeht,'),
  patch: (name, pieces) => `${name}, ${pieces}: ob es hält, ist nicht geprüft`,
  patchReason: (diameter, does, seam) =>
    `Aufgenäht mit: ${seam}. ${fits(diameter, does, 'Ein Stück, das abgeht,')}`,
  feltMend: 'Nähe ihn ringsum mit kleinen Stichen auf, klebe ihn nie nur; oder sticke seinen Umriss.',
  small: (part, size, copies) => `${copiesOf(part, copies)}, etwa ${size}: ein Kleinteil, sobald es abgeht`,
  smallReason: (diameter, on) =>
    `Am kleinen Ende seiner Größe kann es im Kleinteilezylinder liegen (${diameter} im Durchmesser). ${on ? 'Nur seine Naht hält es.' : 'Niemand hat bisher gesagt, wie es befestigt ist.'}`,
  smallMend:
    'Nähe es zweimal herum an, versenke die Enden nach einem Knoten, und ziehe an einem Prüfstück daran.',
  smallAlone: (part, size) => `${part}, etwa ${size}: die Figur selbst ist ein Kleinteil`,
  smallAloneReason: (diameter) =>
    `Am kleinen Ende ihrer Größe kann sie ganz im Kleinteilezylinder liegen (${diameter} im Durchmesser).`,
  smallAloneMend: 'Mach sie größer, oder nicht für ein kleines Kind.',
  smallNotKnown: (part, copies) => `${copiesOf(part, copies)}: nicht bekannt, ob es ein Kleinteil ist`,
  smallNotKnownReason: 'Seine Runden gehen nicht auf, darum ist seine Größe nicht bekannt.',
  smallNotKnownMend: 'Bring seine Runden in Ordnung.',
  plasticOlderMend: 'Protokolliere eine Zugprüfung an einem Prüfstück.',
  washerNotKnown: 'Scheibe gegen Maschen: nicht bekannt',
  washerWhy: {
    'hook not known':
      'Der Text nennt die Häkelnadel mit Worten, die keine einzelne sind; niemand kann sagen, wie weit sich die Maschen öffnen.',
    'hook not said':
      'Niemand hat die Häkelnadel gesagt, und nichts ist gemessen: wie weit sich die Maschen an einem Stift öffnen, ist nur geraten.',
    'washer not known': 'Keine Tabelle hat ein Auge dieser Größe, und niemand hat seine Scheibe gemessen.',
    'chain space':
      'Ein Stift steht in oder neben einem Luftmaschenbogen, der sich viel weiter öffnet als eine Masche.',
    'skipped stitches':
      'Ein Stift steht über übersprungenen Maschen, wo sich das Gehäkelte viel weiter öffnet als eine Masche.',
  },
  washerWhyMend: {
    'hook not known': 'Sag die Häkelnadel in mm, oder miss zehn Maschen.',
    'hook not said': 'Sag die Häkelnadel, oder miss zehn Maschen.',
    'washer not known': 'Miss die Scheibe und gib ihre Größe ein.',
    'chain space': 'Setze das Auge in geschlossene feste Maschen.',
    'skipped stitches': 'Setze das Auge in geschlossene feste Maschen.',
  },
  washerHomeless: 'Die Runde, auf der der Stift stand, gibt es nicht mehr.',
  washerHomelessMend: 'Setze ihn neu.',
  washerMeasure: (low, high) =>
    `Scheibe gegen Maschen zwischen ${low} und ${high}: miss zuerst deine Maschenprobe`,
  washerMeasureMend: (disc) =>
    disc === null
      ? 'Miss zehn Maschen: unter 1,2 ist ein Halt, fester häkeln oder eine größere Scheibe.'
      : `Miss zehn Maschen; bis dahin lege eine Filzscheibe von mindestens ${disc} mm zwischen Maschen und Scheibe.`,
  washerStop: (index) => `Scheibe gegen Maschen ${index}: Halt`,
  discNone: 'Darunter liegt keine Filzscheibe, wie du gewählt hast.',
  discChosen: (mm) => `Darunter liegt eine Filzscheibe von ${mm} mm.`,
  discNarrow: (mm, need) =>
    `Die Filzscheibe von ${mm} mm ist zu schmal für ihre Sicherungsscheibe: mindestens ${need} mm.`,
  washerBacking: (index) => `Scheibe gegen Maschen ${index}: Filzscheibe dahinter empfohlen`,
  washerCovers: (index) => `Scheibe gegen Maschen ${index}: deckt gut`,
  washerReason: (washer, hole) =>
    `Die Scheibe hat ${washer} mm; das gedehnte Gehäkelte kann sich an einem Stift ${hole} mm öffnen, am ungünstigen Ende der Maschenprobe.`,
  washerStopMend: (washer, hook) =>
    `Eine Scheibe von mindestens ${washer} mm, eine Häkelnadel von höchstens ${hook} mm, oder sticke sie stattdessen.`,
  washerBackingMend: (disc) =>
    `Lege eine Filzscheibe von mindestens ${disc} mm zwischen Maschen und Scheibe.`,
  washerCoversMend: 'Zupfen und Zugprüfung entscheiden.',
  cord: (name, times, length, most) =>
    `${name}: ${times > 1 ? `${times} Schnüre` : 'eine Schnur'} von ${length}${bis(most)}`,
  loop: (name, times, length, most) =>
    `${name}: ${zahl(times, 'Schlaufe', 'Schlaufen')} von ${length} Umfang${bis(most)}`,
  hair: (name, part, length) => `${name} auf ${part}: jedes Ende hängt ${length}`,
  hairLong: (limit) => `Haar ist eine Schnur: für ein kleines Kind darf es höchstens ${limit} hängen.`,
  hanger: (what, mm, part) => `${what} von ${mm} mm an ${part}`,
  cordReason: (limit, load) =>
    `Für unter 18 Monaten darf eine Schnur höchstens ${limit} lang sein, gemessen unter ${load} N; eine gehäkelte Schnur dehnt sich.`,
  loopReason: (limit) =>
    `Für unter 18 Monaten darf eine Schlaufe höchstens ${limit} Umfang haben; eine gehäkelte Schlaufe dehnt sich.`,
  cordMiddle: (limit) =>
    `Von 18 bis 36 Monaten gilt eine eigene Regel, die nicht unter diesen Zahlen ist; für unter 18 Monaten sind es ${limit}.`,
  cordOlder: (limit) =>
    `Für dieses Alter ist keine Grenze unter diesen Zahlen; für unter 18 Monaten sind es ${limit}.`,
  cordMend: 'Mach sie kürzer, oder nähe sie der Länge nach fest.',
  cordUnknown: 'Wie weit sich diese Schnur unter Last dehnt, ist nicht bekannt: miss ein Stück.',
  threaded: (name, host) => `${name} an einem Faden durch ${host}: ein gefädeltes Gelenk`,
  threadedSmall:
    'Gefädelte Gelenke sind nichts für ein Kind unter 36 Monaten: was an einem Faden hängt, wird durchgezogen.',
  threadedOlder: 'Was an einem Faden hängt, wird durchgezogen, wenn sein Anker nachgibt.',
  threadedMend: 'Nähe es an.',
  threadedTest:
    'Verankere den Faden auf beiden Seiten durch mehrere Maschen, und protokolliere eine Zugprüfung.',
  eyesNamed: (part, words) => `${part}: der Text verlangt Augen („${words}“), und keine sind gesetzt`,
  eyesNamedReason: 'Was niemand gesetzt hat, hat niemand geprüft, und das Teil würde ohne sie geschlossen.',
  eyesNamedMend: 'Setze sie auf Gesicht, oder nimm die Notiz heraus.',
  namedOnPage: (words) => `Die Seite nennt „${words}“`,
  eyesOnPage: (words) => `Die Seite verlangt „${words}“, und keine sind gesetzt`,
  named: (part, words, line) => `${part}, Zeile ${line}, nennt „${words}“`,
  hazards,
};
