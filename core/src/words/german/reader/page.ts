import type { Said } from '../../language';
import { decimals, numberSaid } from '../../number';
import type { pageWords as english } from '../../page';
import { runden, wort } from '../counter';

const name = wort({
  top: 'oben',
  bottom: 'unten',
  start: 'Anfang',
  end: 'Ende',
  first: 'erste',
  last: 'letzte',
  head: 'Kopf',
  neck: 'Hals',
  body: 'Körper',
  hand: 'Hand',
  foot: 'Fuß',
  soft: 'weich',
  light: 'leicht',
  medium: 'mittel',
  firm: 'fest',
  empty: 'leer',
  left: 'links',
  right: 'rechts',
  eyes: 'Augen',
  nose: 'Nase',
  mouth: 'Mund',
  ears: 'Ohren',
});
const ANTEILE: readonly (readonly [number, string])[] = [
  [1 / 4, 'ein Viertel'],
  [1 / 3, 'ein Drittel'],
  [1 / 2, 'die Hälfte'],
  [2 / 3, 'zwei Drittel'],
];

const where: Said<typeof english>['where'] = (place) => {
  if ('from' in place) return `R${place.from} bis R${place.to}`;
  if ('is' in place) return name(place.is);
  if ('rounds' in place) return `${name(place.end)} ${runden(place.rounds)}`;
  return `${name(place.end)} ${ANTEILE.find(([share]) => share === place.share)?.[1] ?? numberSaid(place.share)}`;
};

/** Was die Zeilen einer Seite sind und anbieten, auf Deutsch. */
export const pageWords: Said<typeof english> = {
  where,
  kinds: {
    blank: '',
    title: 'Titel',
    materials: 'Material',
    legend: 'Abkürzungen',
    heading: 'Teil',
    round: 'Runde',
    note: 'Notiz',
    placement: 'Stelle',
    colour: 'Farbe',
    pause: 'Pause',
    ending: 'Schluss',
    assembly: 'am Ende',
    remark: 'Bemerkung',
    unread: 'nicht gelesen',
  },
  unread: 'Das klingt nach Arbeit und ist nicht gelesen.',
  stuff: (firmness, toRound) =>
    `füllen${firmness === null ? '' : `, ${name(firmness)}`}${toRound === null ? '' : `, bis R${toRound}`}`,
  unstuffed: 'bleibt leer',
  zone: ({ where: place, fill, only }) => {
    if (only) return `nur ${where(place)} wird gefüllt`;
    return fill === 'empty' ? `${where(place)} bleibt leer` : `${where(place)}, ${name(fill)}`;
  },
  off: 'kommt von der Nadel',
  tail: (mm) => `Ende von ${mm % 10 === 0 ? mm / 10 : decimals(mm / 10, 1)} cm`,
  gathered: (count) => `geschlossen: ${count === null ? 'die letzte Runde' : count} zusammenziehen`,
  star: 'als Stern',
  sewnTogether: 'geschlossen: das Loch wird zugenäht',
  sewnShut: 'flach zugenäht',
  open: 'bleibt offen',
  make: (n, mirrored) => `${n} Stück${mirrored ? ', gespiegelt' : ''}`,
  ring: (end) => `beginnt: ${name(end)}`,
  colour: (colour) => `ab hier ${colour}`,
  stop: (stitch) => `Pause nach Masche ${stitch} dieser Runde`,
  hook: (mm, said) =>
    mm === null ? `Häkelnadel, Größe nicht bekannt (${said})` : `Häkelnadel ${numberSaid(mm)} mm`,
  eyes: (size, rounds, many, inWords) =>
    [
      'Augen',
      size === null ? null : `${numberSaid(size)} mm`,
      rounds,
      many,
      inWords ? 'das Übrige in Worten' : null,
    ]
      .filter((p) => p !== null)
      .join(', '),
  feature: name,
  between: (a, b) => `zwischen R${a} und R${b}`,
  onRound: (n) => `auf R${n}`,
  many: (many, counted, holes) =>
    `${many} ${holes ? 'Löcher ' : ''}${wort({ between: 'dazwischen', apart: 'auseinander' })(counted)}`,
};
