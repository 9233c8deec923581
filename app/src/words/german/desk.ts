import { numberSaid, type Said } from '@hoppla/core/words';
import type { desk as english } from '../desk';
import { teile, zahl } from './counter';

const runden = (n: number): string => zahl(n, 'Runde', 'Runden');
const zeilen = (n: number): string => zahl(n, 'Zeile', 'Zeilen');

/** Der Platz, an dem Seiten hereinkommen, auf Deutsch. */
export const desk: Said<typeof english> = {
  open: 'Eine Datei öffnen',
  found: (parts, rounds) => `${teile(parts)}, ${runden(rounds)}`,
  addsUp: (unread) => (unread ? 'Alle gelesenen Runden gehen auf.' : 'Alle Runden gehen auf.'),
  faults: (n) => `${runden(n)} anzusehen: sie gehen nicht auf`,
  hook: (mm) => `Häkelnadel ${numberSaid(mm)} mm`,
  hookNotKnown: (said) => `Häkelnadel nicht bekannt („${said}“)`,
  noHook: 'Keine Häkelnadel genannt: 3 mm ist angenommen',
  eyes: (mm) => `Augen ${mm.map(numberSaid).join(' und ')} mm`,
  strands: (n) => `${n} Fäden zusammen`,
  kept: (n) => `${zeilen(n)} als Notizen behalten`,
  unread: (n) => `${zeilen(n)} nicht gelesen`,
  allRead: 'Jede Zeile ist gelesen',
  doubted: (n) => `${zeilen(n)} nachzusehen, gelesen wie wahrscheinlich`,
  draftKept: 'Dieser Entwurf wird in diesem Browser behalten.',
  look: 'Nur, was anzusehen ist',
  lines: 'Was jede Zeile wurde',
  nothing: 'Füge eine ganze Seite ein: Titel, Material, Teile und alles. Jede Zeile sagt, was sie wurde.',
  meaning: (line) => `Was Zeile ${line} ist`,
  meanings: {
    heading: 'Ein Teil',
    round: 'Eine Runde',
    note: 'Eine Notiz',
    assembly: 'Am Ende',
    remark: 'Nur Worte',
  },
  byYou: 'wie du sagst',
  asRead: 'Wie es gelesen wurde',
  lineSays: (line, kind, text) => `Zeile ${line}, ${kind}: ${text}`,
  eyesTaken: 'Die Augen setzen, die die Seite nennt',
  title: 'Was aus dieser Seite wird',
  rename: 'Name des Teils',
  joinParts:
    'Als „Nur Worte“ gehören die Runden zum Teil darüber. Jede Zeile kann ein eigenes Teil beginnen.',
  kinds:
    'Text, Markdown, HTML, PDF oder .docx: wähle es, oder leg es auf die Seite. Gelesen wird es in diesem Browser.',
  reading: 'Die Seite wird gelesen …',
  opening: (name) => `„${name}“ wird gelesen …`,
  stop: 'Nicht weiterlesen',
  stopped: (name) => `„${name}“ ist nicht gelesen: du hast angehalten.`,
  dropHere: 'Lass die Datei los: sie wird hier gelesen und geht nirgendwo anders hin.',
  refused: {
    'no text': (name) =>
      `„${name}“ ist keine Seite Text. Öffne eine Datei .txt, .md, .html, .pdf oder .docx, oder kopiere die Worte daraus und füge sie hier ein.`,
    pictures: (name) =>
      `„${name}“ enthält Bilder von Worten und keine lesbaren Worte. Schreib die Runden hier, oder füge sie von dort ein, wo sie sich markieren lassen.`,
    locked: (name) =>
      `„${name}“ ist mit einem Passwort gesperrt. Öffne es mit deinem eigenen Programm, markiere die Worte und füge sie hier ein.`,
    long: (name) =>
      `„${name}“ war nach einer Minute nicht gelesen: es ist sehr groß oder beschädigt. Öffne es mit deinem eigenen Programm, markiere die Worte und füge sie hier ein.`,
    large: (name) =>
      `„${name}“ würde ausgepackt weit mehr sein, als eine Anleitung je enthält, und blieb zu. Öffne es mit deinem eigenen Programm, markiere die Worte und füge sie hier ein.`,
    damaged: (name) =>
      `„${name}“ ist beschädigt: es ließ sich nicht bis zum Ende lesen. Öffne es mit einem anderen Programm, markiere die Worte und füge sie hier ein.`,
  },
};
