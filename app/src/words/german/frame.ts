import type { Said } from '@hoppla/core/words';
import type { frame as english } from '../frame';

/** Der Rahmen einer Figur: Menü, Papier, Tasten, Rundgang, auf Deutsch. */
export const frame: Said<typeof english> = {
  title: (toy, station, app) => `${toy}, ${station}, ${app}`,
  heading: (toy, station) => `${toy}, ${station}`,
  menu: 'Drucken, weggeben, Hilfe',
  print: 'Die Anleitung drucken',
  printIt: 'Drucken',
  printAs: 'Andere Begriffe, große Buchstaben, schwarzweiß',
  printHow:
    'Zuerst Bild, Material und Zeichen; dann die Arbeit in ihrer Folge mit Kästchen zum Abhaken; wie sie zusammenkommt; Gesichter in wahrer Größe. Mit 100 % drucken.',
  printTerms: 'Begriffe',
  terms: { us: 'US', uk: 'UK' },
  printLarge: 'Große Buchstaben',
  printPlain: 'Schwarzweiß',
  give: 'Weggeben',
  help: 'Wie Runden geschrieben werden',
  helpGone: 'Die Hilfe lässt sich gerade nicht lesen. Sie steht auch in docs/notation.md.',
  keys: 'Tasten',
  keysHow:
    'Alles geht mit Tasten. Tab geht weiter, Enter drückt, Pfeile wählen eines von mehreren, Escape schließt.',
  keyList: [
    ['Strg Z', 'zurücknehmen'],
    ['Strg Umschalt Z oder Strg Y', 'wieder tun'],
    ['Strg P', 'die Anleitung drucken'],
    ['Alt 1 bis Alt 5', 'Teile, Gesicht, Verbinden, Plan, Häkeln'],
    ['Alt 0', 'die Werkbank'],
    ['?', 'diese Liste'],
    ['Pfeile', 'den gewählten Stift, die Stecknadel oder das Teil verschieben'],
    ['Leertaste, Bild ab', 'abhaken, in Häkeln'],
  ],
  lost: 'Hier liegt nichts',
  lostHow: (path) => `Hoppla kennt keine Seite ${path}. Deine Figuren sind alle, wo sie waren.`,
  toBench: 'Zur Werkbank',
  next: {
    face: ['Jetzt die Augen:', 'Gesicht'],
    joins: ['Jetzt zusammensetzen:', 'Verbinden'],
    plan: ['Jetzt die Arbeitsfolge:', 'Plan'],
    make: ['Jetzt die Häkelnadel:', 'Häkeln'],
  },
  notNow: 'Nicht jetzt',
  tour: {
    of: (n, all) => `${n} von ${all}`,
    go: 'Weiter',
    end: 'Fertig',
    stop: 'Den Rundgang beenden',
    steps: {
      parts:
        'Teile: Rills Runden, gezählt, während man sie schreibt. Jeder Balken ist so lang, wie seine Runde Maschen hat, so sind sie die halbe Form.',
      face: 'Gesicht: das gelbe Band ist eine abgerollte Runde. Zieh ein Auge daran entlang; wie weit sie auseinander sind, steht immer auf vier Arten da.',
      joins:
        'Verbinden: Ohren, Arme und Beine stehen, wo sie angenäht sind. Verschiebe eines; seine Naht, Stich für Stich, geht mit.',
      plan: 'Plan: die Arbeitsfolge, jede Pause bei der Runde, in der das Loch noch weit genug ist.',
      safety: 'Sicherheit: was ein Kind verletzen könnte, mit dem Grund und dem, was es behebt.',
      make: 'Häkeln: ein Schritt nach dem anderen. Hake ihn mit dem ganzen Daumen ab; die Stelle geht nie verloren.',
    },
  },
};
