import type { JoinFault } from '../joinFaults';

/** Warum eine Verbindung so nicht geht, auf Deutsch. */
export const joinFaults: Record<JoinFault, (guest: string, host: string) => string> = {
  'sewn twice': (guest, host) => `${guest} ist zweimal angenäht; die zweite Stelle, an ${host}, entfällt.`,
  'copy gone': (guest, host) => `${guest} an ${host}: der Text macht jetzt weniger davon, als angenäht sind.`,
  circle: (guest, host) =>
    `${guest} und ${host} halten einander im Kreis: eines davon muss zuerst an etwas anderes.`,
  homeless: (guest, host) => `${guest} an ${host}: die Runde, auf der es stand, gibt es nicht mehr.`,
  'no such edge': (guest, host) => `${guest} an ${host}: diesen Rand hat es nicht mehr; wähle einen anderen.`,
  'host is a cord': (guest, host) =>
    `${guest} an ${host}: eine Luftmaschenkette hat keine Fläche zum Annähen; nähe stattdessen die Kette an.`,
  'no way through': (guest, host) =>
    `${guest} durch ${host}: dort gibt es keine zwei Löcher mit dem Teil dazwischen; wähle eine Stelle weiter seitlich.`,
  'too short': (guest, host) =>
    `${guest} durch ${host}: es ist nicht länger, als ${host} dort breit ist, und kommt nicht auf beiden Seiten heraus.`,
  'end taken': (guest, host) =>
    `${guest} an ${host}: dieses offene Ende ist schon an etwas genäht; wähle das andere Ende oder eine Stelle daneben.`,
  'not pierced': (guest, host) =>
    `${guest} an ${host}: ein Faden durch eine Kette oder ein flaches Teil hält nichts; nähe es stattdessen an.`,
  'no rounds': (guest, host) => `${guest} an ${host}: eines davon hat noch keine Runden.`,
};
