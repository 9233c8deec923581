import type { Said } from '@hoppla/core/words';
import type { storage as english } from '../storage';

/** Wenn eine Figur nicht behalten oder gelesen werden kann, auf Deutsch. */
export const storage: Said<typeof english> = {
  full: 'Dieser Browser hat keinen Platz mehr, die letzte Änderung ist nicht behalten. Lade die Figur herunter, oder lösche eine andere.',
  broken:
    'Dieser Browser kann die Figur gerade nicht behalten. Was du siehst, ist noch da: lade sie herunter, bevor du die Seite schließt.',
  gone: 'Diese Figur ist nicht mehr in diesem Browser. Hol ihre Datei herein, um weiterzumachen.',
  reading: 'Die Figuren dieses Browsers lassen sich nicht lesen.',
  closed:
    'Dieser Browser hat geschlossen oder geleert, was er behält. Lade die Seite neu, um zu sehen, was davon übrig ist.',
  closedNoted:
    'Dieser Browser hat geschlossen oder geleert, was er behält. Was du siehst, ist hier notiert: es noch einmal zu versuchen lädt die Seite neu und behält es. Lade es sicherheitshalber vorher herunter.',
  silent:
    'Dieser Browser antwortet nicht, wenn er Figuren behalten oder lesen soll. Was du siehst, ist noch da: lade sie herunter, bevor du die Seite schließt.',
  overtaken:
    'Diese Figur wurde inzwischen in einem anderen Fenster an derselben Stelle geändert. Was du siehst, ist nicht behalten: behalte es als Kopie, oder lade es herunter.',
  overtakenByNewer:
    'Ein neueres Hoppla hat diese Figur inzwischen geändert. Was du siehst, ist nicht behalten: behalte es als Kopie, oder lade es herunter; die Seite neu zu laden bringt das neuere.',
  goneElsewhere:
    'Diese Figur wurde in einem anderen Fenster gelöscht. Was du siehst, ist nicht behalten: behalte es als Kopie, oder lade es herunter.',
  fromJournal:
    'Dieser Browser hatte diese Figur verloren; hier ist, was zuletzt geschrieben wurde. Sie wird wieder behalten.',
  damaged:
    'Was von dieser Figur behalten ist, lässt sich nicht lesen. Ihr Text lässt sich herunterladen, wie er ist.',
  keepCopy: 'Als Kopie behalten',
  damagedShort: 'nicht lesbar',
  download: 'Diese Figur herunterladen',
  again: 'Noch einmal versuchen',
  readOnly: 'Diese Figur wird in einem anderen Fenster bearbeitet. Du siehst dabei zu.',
  editHere: 'Hier bearbeiten',
  newer: (schema) => `Mit einem neueren Hoppla gemacht (Version ${schema}): ausgeben geht, ändern nicht.`,
  crashed: 'Etwas auf diesem Bildschirm ist zerbrochen.',
  stillKept: 'Die Figur ist behalten.',
  crashedWhy: 'Das ist ein Fehler des Programms, nicht deiner. Nimm die Figur sicherheitshalber als Datei.',
  pieceMissing: 'Ein Stück dieser Seite fehlt.',
  pieceWhy:
    'Ein neueres Hoppla hat vielleicht das in diesem Fenster abgelöst, oder es gibt kein Netz. Die Seite neu zu laden bringt sie ganz.',
  loadAgain: 'Die Seite neu laden',
  tryAgain: 'Diesen Bildschirm noch einmal versuchen',
  report: 'Einen Bericht schreiben',
  reportWhy:
    'Ein Bericht sagt, wo im Programm es zerbrach und wie groß die Figur ist, nichts von dem, was du geschrieben hast. Er ist eine Datei auf diesem Gerät; nichts wird gesendet.',
  reportToy: 'Mit meiner Figur im Bericht',
  back: 'Zurück zur Werkbank',
};
