import type { Said } from '../language';
import { numberSaid } from '../number';
import type { planWords as english } from '../plan';
import { upperFirst } from '../plural';
import { gefuellt, maschen, runden, wort, zahl } from './counter';
import { joinFaults } from './joinFaults';
import { moves } from './planMoves';
import { posts, postsMoved } from './planPosts';

const glied = wort({ front: 'vorderen', back: 'hinteren' });
const oeffnung = (opening: string | null): string =>
  `Öffnung ${opening === null ? 'nicht bekannt' : `mindestens ${opening}`}`;

/** Der Plan, auf Deutsch. */
export const planWords: Said<typeof english> = {
  rounds: (part, first, last, begun) => {
    const from = begun ? `der Rest von ${first}` : first;
    if (first === last) return `${part} ${from}`;
    return begun ? `${part} ${from}, bis ${last}` : `${part} ${from}–${last.slice(1)}`;
  },
  inRound: (stitches, label) => `${maschen(stitches)} von ${label}`,
  beginRound: (part, label, stitches, of) => `${part} ${label}: ${stitches} der ${maschen(of)}, dann Pause`,
  beginRoundDetail: ([done, all], edge, opening) =>
    [
      ...(all > 0 ? [`nach ${done} von ${zahl(all, 'Abnahme', 'Abnahmen')}`] : []),
      `${maschen(edge)} im Rand`,
      oeffnung(opening),
    ].join(', '),
  beginRoundReason:
    'Die Arbeit ruht, wo das Loch richtig ist, nicht wo die Runde endet. Zieh die Schlinge lang, ein Markierer in die letzte Masche; danach die Schlinge wieder anziehen.',
  short: {
    rounds: 'Runden',
    drawShut: 'Ring zu',
    core: 'Kern',
    pushIn: 'Hineindrücken',
    layer: 'Lage',
    washers: 'Scheiben',
    stuff: 'Füllen',
    look: 'Noch einmal sehen',
    close: 'Schließen',
    fastenOff: 'Abschneiden',
    sew: 'Nähen',
    ready: 'Bereit zum Einfassen',
    drawThrough: 'Durchziehen',
    thread: 'Auffädeln',
    ends: 'Vernähen',
    inspect: 'Durchsehen',
  },
  stitches: maschen,
  ...moves,
  cores: {
    'roll of fabric': 'eine Stoffrolle',
    felt: 'eine Filzrolle',
    'plastic tube': 'ein Kunststoffrohr',
    wood: 'ein Holzstab',
    wire: 'Draht',
  },
  core: (what, part) => `${upperFirst(what)} in ${part}`,
  coreDetail: (moment, length, width, opening) =>
    `nach ${moment}, ${length} lang und ${width} dick; ${oeffnung(opening)}; in der Mitte gehalten, während ringsum gefüllt wird`,
  coreReason: (last) =>
    `Ein schlanker Hals knickt ohne ihn.${last === null ? '' : ` Er kommt spätestens bei ${last} hinein.`}`,
  noWire: 'Kein Draht in einer Figur',
  noWireReason:
    'Draht arbeitet sich durch die Maschen. Nur ein Ausstellungsstück darf ihn haben: nimm eine Stoffrolle, oder sag auf Sicherheit, dass es zum Ansehen ist.',
  coreFault: {
    homeless: (part) => `${part}: die Runde, bei der der Kern hineinkommt, gibt es nicht mehr.`,
    wire: (part) =>
      `${part}: kein Draht in einer Figur. Nur ein Ausstellungsstück darf ihn haben; nichts wird eingelegt.`,
    'too wide': (part) => `${part}: der Kern ist dicker als die Öffnung dort; lege ihn früher ein.`,
    'too long': (part) => `${part}: der Kern ist länger, als das Teil hoch ist.`,
  },
  neckWobbles: (grams, most) =>
    `Dieser Hals trägt ${grams} g je cm Umfang; über ${numberSaid(most)} wackelt er: fülle ihn fester, oder gib ihm einen Kern.`,
  layerOn: (part, label, loop) => `In die ${glied(loop)} Maschenglieder von ${label} häkeln, auf ${part}`,
  foldShut: (part) => `${part} falten und durch beide Lagen häkeln`,
  edgeRound: (part) => `${part} umhäkeln`,
  layerDetail: (words, n) => `${words}; ${maschen(n)}`,
  chainsHang: (n, long) =>
    n === 1
      ? `1 Luftmaschenkette kommt zurück und hängt ${long}.`
      : `${n} Luftmaschenketten kommen zurück und hängen je ${long}.`,
  between: (value, low, high) => `${value} (${low} bis ${high})`,
  layerSize: (edge, deep, times) =>
    `Der Rand ist ${edge} lang und ${deep} tief${times === null ? '' : `; das ${times}-fache des Platzes, den er hat, er kräuselt sich also`}.`,
  foldReason: 'Zuerst kommt die Füllung hinein: durch beide Lagen geht nichts mehr.',
  postsMoved,
  zoneNotFound: (part, where) =>
    `${part}: der Text füllt ${where} anders, und niemand kann sagen, welche Runden das sind. Sag es in Runden, oder auf dem Plan.`,
  layerReason: 'Hier steht es im Text; später sind die Maschenglieder schwer zu erreichen.',
  startTail: (end, job, side) =>
    job === ''
      ? `Anfangsfaden ${end}`
      : `Anfangsfaden ${end} ${job}, hängt ${wort({ inside: 'innen', outside: 'außen' })(side)}`,
  tailJob: {
    'weave in': '',
    close: 'zum Schließen und Versenken',
    'sew on': 'zum Annähen',
    'close and sew on': 'zum Schließen und Annähen',
    'sew shut': 'zum Zunähen',
    'hold hardware': 'für das, was daran hängt',
    'work over': 'zum Mithäkeln',
    embroider: 'zum Sticken',
    'sew felt': 'zum Aufnähen',
    sculpt: 'zum Formen',
    'thread on': 'zum Auffädeln',
  },
  roundsReason: 'Runden werden der Reihe nach gearbeitet; jede steht auf der davor.',
  posts,
  checkFront: {
    marker: 'Vorn ist gewählt: die Mitte des Gesichts liegt gegenüber dem Markierer',
    patch: 'Vorn ist gewählt: die Mitte des Gesichts ist die Mitte des Flecks',
    part: 'Vorn ist gewählt: die Mitte des Gesichts liegt über dem Teil, von dem aus es schaut',
  },
  checkPosts: (tag) => `Stifte sind drin, noch keine Scheibe: ${tag}`,
  checkCount: (n) => `Noch einmal gezählt: ${maschen(n)} dazwischen`,
  checkCountEach: (found) => `Noch einmal ab dem Markierer gezählt: ${found.join(' und ')}`,
  checkLevel: (length) => `Gerade, von vorn gesehen; ${length} gehören zu diesen Maschen`,
  checkCompared: (length) =>
    `Mit der Gesichtskarte oder der anderen Figur verglichen: ${length} von Stift zu Stift`,
  checkLooked: 'Auf Armlänge angesehen',
  washers: (n) => (n === 1 ? 'Scheibe: anklicken' : 'Scheiben: beide anklicken'),
  washersDetail: (mm) => `${mm} mm, so herum, wie ihr Hersteller sagt, bis zum letzten Klick gedrückt`,
  washersBacked: (mm, disc) =>
    `zuerst die Filzscheibe von ${disc} mm, dann ${mm} mm, so herum, wie ihr Hersteller sagt, bis zum letzten Klick gedrückt`,
  washersReason: 'Eine Scheibe geht nie wieder ab, darum wird vorher alles angesehen.',
  eyesDetail: (label, opening, size, tag) => `nach ${label}, ${oeffnung(opening)}; ${size} bei ${tag}`,
  windowNotKnown: (part) =>
    `${part}: die Häkelnadel ist nicht bekannt, darum kann niemand sagen, bis wann eine Scheibe hindurchgeht. Sag die Nadel, oder miss zehn Maschen.`,
  stopTitle: (title) => `Halt: ${title}`,
  stopTrouble: (part, title) => `${part}: ${title}. Nichts wird angeklickt, bis das behoben ist.`,
  point: (weight, title) => `${weight === 'stop' ? 'Halt' : 'Offen'}: ${title}`,
  the: (part) => `${part}`,
  at: (rounds, stitches) => `bei ${rounds} | ${stitches}`,
  eyesReason: (last, possible) =>
    `Die Scheibe kommt von innen darauf. Nach ${last} ist die Öffnung zu klein, um bequem zu arbeiten${possible ? `, nach ${possible} ist sie überhaupt zu klein` : ''}.`,
  eyesTooLateReason:
    'Ab der Runde der Augen lässt keine Runde eine Öffnung, die weit genug für die Scheibe ist. Nimm eine kleinere Scheibe oder eine Stelle näher am Ring.',
  embroider: (name, part) => `Sticken: ${name}, auf ${part}`,
  embroiderDetail: (end, strands, of) =>
    `${strands === 1 ? `Faden von ${end}` : `${strands} Fäden von ${end}`}, ${wort({ yarn: 'Garn', floss: 'Stickgarn' })(of)}; den Knoten in einer Masche verankern, nie in einem Loch`,
  embroiderThrough: 'Das Loch ist dann zu klein für eine Hand: durch die Maschen arbeiten, Knoten verborgen.',
  embroiderLast:
    'Nach dem Füllen, wie du gewählt hast: man sieht das Gesicht, wie es wird; Knoten werden innen versenkt.',
  embroiderReason: 'Solange das Teil offen ist, können Enden innen verknotet werden.',
  stuff: (part, g) => `${part} füllen${g === null ? '' : `, ${g}`}`,
  stuffMore: (part, g) => `Mehr Füllung in ${part}${g === null ? '' : `, ${g}`}`,
  stuffLast: (part, g) => `Letzte Flocken in ${part}${g === null ? '' : `, ${g}`}`,
  stuffDetail: (moment, opening, fills, first) =>
    [`nach ${moment}`, oeffnung(opening), fills.map(gefuellt).join(', dann '), first]
      .filter((words) => words !== '')
      .join(', '),
  tuftsFirst: (found, muzzle) =>
    [
      ...(muzzle ? ['zuerst kleine Flocken in die Schnauze'] : []),
      ...(found > 0
        ? [`eine Flocke hinter und um ${found === 1 ? 'den Stift' : `jeden der ${found} Stifte`}`]
        : []),
    ].join(', '),
  settles: (low, high) =>
    `Weich gefüllt verliert es beim Spielen ${low} bis ${high} seiner Höhe. Zum Gebrauch wird fester gefüllt.`,
  fillTooLate: (part, said, opening, instead) =>
    `${part}: der Text füllt nach ${said}, wo das Loch ${opening} misst: zu klein selbst für einen Stab. Der Plan macht es nach ${instead}.`,
  fillNever: (part, widest) =>
    `${part}: keine Runde lässt ein Loch zum Füllen (das weiteste ist ${widest}); mach es weiter, oder lass es leer.`,
  stuffReason: 'Das meiste kommt hinein, solange die Öffnung weit ist.',
  ready: (guests, label) => `Vor ${label}: ${guests.join(', ')} bereit`,
  readyDetail: (ends) =>
    `fertig, Falten geschlossen, Augen drin, ${zahl(ends, 'Ende', 'Enden')} vernäht; in jeder Falte ein Markierer, damit die Lagen zu finden sind`,
  readyReason: 'Die Runde geht durch sie hindurch: danach kommt niemand mehr hinein.',
  lookAgain: 'Die Augen noch einmal ansehen',
  lookAgainDetail: 'Füllung verschiebt Stifte. Schieb vor dem Schließen Füllung hinter einen schiefen Stift.',
  close: (part, label, n) => `${part} bei ${label} schließen, ${n} zusammenziehen`,
  closeDetail: (end, job, star) => `${end} lassen ${job}${star === '' ? '' : `; ${star}`}`,
  closeReason: ({ times, loops, from }) =>
    `Von ${wort({ outside: 'außen', inside: 'innen' })(from)} durch die ${glied(loops)} Maschenglieder, alle in einer Richtung${times === 2 ? ', zweimal herum' : ''}; ziehen, knoten, neben dem Knoten hinein und weit weg heraus, abschneiden: das Ende rutscht nach innen.`,
  star: (points, legs) =>
    legs > 1
      ? `als Stern: über und unter den Gliedern zwischen den ${legs} Beinen, hin und her, ${points} Mal`
      : `als Stern: über ein Glied, unter das nächste, hin und her, ${points} Mal`,
  leftOut: (n) => `${runden(n)} danach ${n === 1 ? 'entfällt' : 'entfallen'}, weil du früh zusammenziehst.`,
  gatherInstead: (label, count, hole, twice) =>
    `Zu fummelig? Zieh stattdessen die ${count} von ${label} zusammen: Loch ${hole}${twice ? ', weit genug für einen Kinderfinger: zweimal schließen' : ''}.`,
  tailShort: (said, needed, cut) =>
    `Der Text lässt ${said}, die Arbeit braucht ${needed}: schneide ${cut} ab.`,
  fastenOff: (part) => `${part} beenden, Faden abschneiden`,
  fastenOffHow: (is, n, end, job) =>
    `${
      {
        'sewn shut': `Rand von ${n} flach zugenäht, je zwei und zwei`,
        'worked shut': `durch beide Lagen von ${n} zugehäkelt`,
        folded: `gefaltet, ${n} durch beide Lagen gehäkelt`,
      }[is] ?? `Rand von ${n} bleibt offen`
    }; ${end} lassen ${job}`,
  fastenOffReason: 'Die Länge wird jetzt gebraucht: ein abgeschnittener Faden wird nicht mehr länger.',
  toWeave: 'zum Vernähen',
  sew: (guest, host) => `${guest} an ${host} nähen`,
  sewDetail: (n, where) => `${zahl(n, 'Stich', 'Stiche')}, ${where}`,
  seamNames: {
    whip: 'überwendlicher Stich',
    invisible: 'unsichtbare Naht',
    mattress: 'Matratzenstich',
    back: 'Rückstich',
    'chain end': 'nur das Ende',
  },
  seamKinds: {
    whip: 'überwendlicher Stich, oberes Glied an unteres: beide Ränder haben gleich viele Maschen',
    invisible:
      'unsichtbare Naht: ein Bissen vom Träger, in einer Masche des Randes hinauf, in der nächsten hinunter',
    mattress: 'Matratzenstich: Reihenenden haben keine Glieder zum Überwenden',
    back: 'Rückstich durch beide Lagen: ein flacher Rand öffnet sich zwischen anderen Stichen',
    'chain end': 'nur das Ende, ein paar Stiche durch sein letztes Glied',
  },
  fillInSeam: (after, of, grams) => `nach Stich ${after} von ${of} anhalten: die letzte Füllung, ${grams}`,
  sewTwice: 'zweimal herum',
  tug: 'Dann von Hand zupfen: es hält, oder mehr Stiche.',
  edgeToEdge: (guest, host) => `Rand an Rand, ${guest} an ${host}`,
  roundTheEnd: (label) => `um das geschlossene Ende, entlang ${label}`,
  drawThrough: (guest, host) => `${guest} durch ${host} ziehen`,
  drawThroughDetail: ([first, other], width, [freeFirst, freeOther]) =>
    `hinein ${first}, heraus ${other}; ${width} hindurch, ${freeFirst} frei auf der ersten Seite und ${freeOther} auf der anderen; an beiden Löchern festgenäht`,
  drawThroughReason:
    'Nach dem Füllen, wenn der Träger seine Breite hat. Probier den Weg zuerst mit einer Häkelnadel; ein paar Stiche durch beide an jedem Loch, damit es niemand hindurchziehen kann.',
  thread: (guest, pair, host) => `${pair ? `Beide von ${guest}` : guest} an ${host} fädeln`,
  threadDetail: (yarn, pierced, [first, other], pair) =>
    `Faden ${yarn}; ${first} und ${other}, je durchstochen bei ${pierced}; ${pair ? 'durch das eine, den Träger, das andere, und zurück' : 'durch es und den Träger, um eine Masche, und zurück'}`,
  threadReason:
    'Nach dem Füllen. Ziehen, bis es satt sitzt und sich noch dreht; der Knoten wird durch mehrere Maschen verankert, nie in einem Loch.',
  sewReason:
    'Beide Teile sind fertig. Zuerst stecken, von vorn, von der Seite und von oben ansehen; dann nähen, und die Stecknadeln herauszählen.',
  ends: (n) => `${zahl(n, 'Faden', 'Fäden')} vernähen`,
  buried: (mm) => `Verknotet, und mindestens ${mm} tief versenkt.`,
  endsDetail: 'Durch die Füllung, weit weg heraus, ziehen, abschneiden: das Ende rutscht nach innen.',
  endsReason: 'Nach der letzten Naht, damit kein Ende im Weg ist.',
  inspect: 'Durchsehen, an jedem Teil zupfen',
  inspectDetail: 'Stecknadeln und Nadeln zurückgezählt. Zugprüfungen, bevor jemand es bekommt.',
  inspectReason: 'Die letzte Gelegenheit, es zu sehen, bevor ein Kind es tut.',
  tailSaid: (said, needed) => `Der Text lässt ${said}, die Arbeit braucht ${needed}: das längere gilt.`,
  eyesNotPlaced: (part, words) =>
    `${part}: der Text verlangt Augen („${words}“), und keine sind gesetzt: es würde ohne sie geschlossen.`,
  joinFault: joinFaults,
  moreCaught: (part, name, caught, made) =>
    `${part}: ${caught} von ${name} werden eingefasst, und der Text macht ${made}.`,
  guestOn: (guest, host) => `${guest} an ${host}:`,
  loose: (names) => `Nichts hält ${names.join(', ')}: noch mit keinem anderen Teil verbunden.`,
  homeless: (what, part) => `${what} auf ${part}: die Runde, auf der es stand, gibt es nicht mehr.`,
  tooSmall: (part) => `${part}: keine Runde lässt eine Öffnung, die weit genug für die Scheibe ist.`,
  notAddingUp: (part) => `${part} geht noch nicht auf; die Zahlen dazu sind nicht sicher.`,
  wrongOrder: (part) =>
    `${part}: der Text füllt, bevor die Augen gesetzt werden können; der Plan setzt zuerst die Augen.`,
};
