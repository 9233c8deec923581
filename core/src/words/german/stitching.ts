import type { Said } from '../language';
import type { stitchWords as english } from '../stitching';
import { wort } from './counter';

/** Stickerei, auf Deutsch. Wo ein Ende liegt (`end`), bleibt in den Worten, in denen es wieder eingegeben wird. */
export const stitchWords: Omit<Said<typeof english>, 'end'> = {
  works: {
    'mouth V': 'Mund, ein V',
    smile: 'Mund, ein Lächeln',
    'mouth line': 'Mund, ein Strich',
    lips: 'Lippen',
    nose: 'Nase',
    brows: 'Brauen',
    lashes: 'Wimpern',
    cheeks: 'Wangen',
    whiskers: 'Schnurrhaare',
    freckles: 'Sommersprossen',
    'stitched eyes': 'Gestickte Augen',
  },
  how: {
    line: 'von Stelle zu Stelle',
    ticks: 'kurze Stiche',
    curve: 'ein Bogen, von Heftstichen gehalten',
    satin: 'Stich an Stich',
    knots: 'Knoten',
  },
  faults: {
    'no eyes': (name) => `${name} richtet sich nach den Augen, und hier sind keine.`,
    'no nose': (name) => `${name} richtet sich nach der Nase, und hier ist keine.`,
    homeless: (name) =>
      `${name}: wo es war, gibt es keine Runde oder Masche. Verschiebe es, oder nimm es weg.`,
  },
  inHole: (tags) =>
    `${tags}: ein Loch zwischen Maschen, wo ein Knoten durchrutscht; eine halbe Masche weiter hält er in den Fasern.`,
  mirror: (off) => `Die andere Seite ist ${off} vom Spiegelbild entfernt.`,
  nearer: (off, side) =>
    `${off} näher an der ${wort({ left: 'Linken', right: 'Rechten' })(side)} der Figur als die Mitte.`,
  even: 'Seine Mitte ist die Mitte des Gesichts.',
  notRead: (words) =>
    `„${words}“ ist nicht verstanden. Sag, wie weit, etwa “1 stitch inside the left eye, 2 rounds lower” oder “at the middle of the face, 3 rounds lower”.`,
  startEnd: (from, to, when, of) =>
    `Beginne mit einem Knoten in den Fasern bei ${from}, ende bei ${to}; ${
      when === 'before filling'
        ? 'verknote beide Enden innen'
        : 'versenke beide Enden durch die Füllung, Knoten innen'
    }. ${of === 'yarn' ? 'Eine stumpfe Nadel.' : 'Eine spitze Nadel mit feinem Öhr.'}`,
  way: (way, cut) => `${way} Faden auf dem Gesicht; ${cut} abschneiden`,
  wayEach: (way, cut) => `${way} Faden auf jeder Seite; je ${cut} abschneiden`,
};
