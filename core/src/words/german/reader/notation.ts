import type { Said } from '../../language';
import { numberSaid } from '../../number';
import type { notationWords as english } from '../../notation';
import { maschen, zahl } from '../counter';

const mal = (n: number): string => (n === 1 ? 'einmal' : `${n} Mal`);
const glied = (loop: string): string => ({ front: 'vorderen', back: 'hinteren' })[loop] ?? loop;

/** Maschen nach ihrer Art: „dc“ ist in den USA das Stäbchen und in Großbritannien die feste Masche. */
const STITCHES: Record<string, string | undefined> = {
  sc: 'feste Masche',
  hdc: 'halbes Stäbchen',
  dc: 'Stäbchen',
  tr: 'Doppelstäbchen',
  dtr: 'Dreifachstäbchen',
  esc: 'verlängerte feste Masche',
  edc: 'verlängertes Stäbchen',
  rsc: 'Krebsmasche',
  wst: 'Strickmasche (feste Masche ins V)',
  loop: 'Schlingenmasche',
  slst: 'Kettmasche',
  ch: 'Luftmasche',
  bob: 'Noppe',
};

/** Der Leser geschriebener Runden, auf Deutsch. Was dort geschrieben steht, bleibt in seinen Worten. */
export const notationWords: Said<typeof english> = {
  stitchNamed: (kind, full) => STITCHES[kind] ?? full,
  tooFewRepeat: (times, group, eaten, offered) =>
    `${zahl(times, 'Wiederholung', 'Wiederholungen')} von ${group} ${times === 1 ? 'braucht' : 'brauchen'} ${eaten} der ${maschen(offered)}; ${offered - eaten} ${offered - eaten === 1 ? 'bleibt' : 'bleiben'} übrig.`,
  tooManyRepeat: (times, group, eaten, offered) =>
    `${zahl(times, 'Wiederholung', 'Wiederholungen')} von ${group} ${times === 1 ? 'braucht' : 'brauchen'} ${maschen(eaten)}; es ${offered === 1 ? 'ist' : 'sind'} nur ${offered} da.`,
  tooFew: (eaten, offered) =>
    `Braucht ${eaten} der ${maschen(offered)}: ${offered - eaten} ${offered - eaten === 1 ? 'bleibt' : 'bleiben'} übrig.`,
  tooMany: (eaten, offered) =>
    `Braucht ${maschen(eaten)}; es ${offered === 1 ? 'ist' : 'sind'} nur ${offered} da.`,
  countMismatch: (made, stated) => `Ergibt ${made}, die Zeile sagt ${stated}.`,
  doesNotDivide: (offered, group, eats, fits, left) =>
    `${offered} ist ${fits} Mal ${group} zu je ${eats}, und ${left} ${left === 1 ? 'bleibt' : 'bleiben'} übrig.`,
  aroundAgain:
    'Das geht ein zweites Mal herum, und die Maschen der Runde sind dann verbraucht: schreib es als eigene Runde, in einer eigenen Zeile.',
  onTheRing:
    'Das geht um das herum, was der Ring gerade gemacht hat: schreib es als eigene Runde, in einer eigenen Zeile.',
  nothingEaten: (group) => `${group} braucht keine Masche, kann also nicht herumgehen.`,
  unknownWord: (word, nearest) => {
    if (nearest === word) return `„${word}“ steht hier ohne Masche. Sag, welche, etwa “sc in next 2”.`;
    return `„${word}“ kenne ich nicht.${nearest ? ` Meintest du „${nearest}“?` : ''}`;
  },
  unclosed: (bracket) => `Die Klammer „${bracket}“ wird nie geschlossen.`,
  otherRounds: (first, last, said) =>
    `R${first}-${last} sind ${last - first + 1} Runden, die Zeile sagt ${said}. Was von beidem ist gemeint?`,
  labelGap: (expected, found) => `Als Nächstes käme R${expected}, diese Zeile sagt R${found}.`,
  labelRepeat: (found) => `R${found} steht oben schon.`,
  termsSuspect: (looksLike, readAs) =>
    `Das sieht nach ${looksLike}-Begriffen aus, gelesen wird es als ${readAs}.`,
  ruffle: (made, offered, rounds) =>
    `Von ${offered} auf ${made} in ${rounds === 1 ? 'einer Runde' : `${rounds} Runden`} ist mehr, als flach liegt: es kräuselt sich.`,
  cup: (made, offered) =>
    `Von ${offered} auf ${made} ist weniger als die Hälfte der Runde: es zieht sich zusammen.`,
  stacked: (times) => `Die ${times} Zunahmen stehen über denen der Runde davor und bilden Ecken.`,
  makesNothing: 'Das ergibt keine Masche: für die nächste Runde bleibt nichts.',
  ofAll: (times) => `${times} Mal ist von allem gelesen, was davor steht: so geht es auf.`,
  sizesRead: (sizes, first) =>
    `Diese Seite gibt ihre Zahlen für ${sizes} Größen: gelesen wird die erste${first ? `, ${first}` : ''}. Für eine andere schreib deren Zahlen zuerst.`,
  spreadEvenly: (round) =>
    `Nur die Zahl steht da, nicht, wo sie sich ändert: gleichmäßig verteilt, wie ${round}.`,
  twoEdges: (each) => `Gelesen als Verbinden zweier Ränder von je ${each} Maschen.`,
  assumed: (carried) => `Von ${carried} aus weitergezählt, was nicht sicher war.`,
  countMismatchMend: (made, stated, mend) =>
    `Ergibt ${made}, die Zeile sagt ${stated}. ${mend}: das ergibt ${stated}.`,
  chainUse: (chain, offered, eaten) =>
    `Eine Kette von ${chain} bietet hier ${maschen(offered)}; ${eaten} ${eaten === 1 ? 'wird' : 'werden'} gebraucht.`,
  givenUnknown: 'Die erste Runde muss ihre Zahl nennen, damit die nächste weitergezählt werden kann.',
  noStar:
    'Keine Zeile darüber beginnt mit einem Stern: welche Runden gemeint sind, ist nicht bekannt. Nenne sie, etwa “repeat R3-R6 4 times”.',
  loopsOfOther: (n) =>
    `Beginnt auf Maschengliedern von R${n} eines anderen Teils: wie viele es sind, sagt die Zahl hier, nicht jenes Teil.`,
  otherChain: (here, of, there) =>
    there === null
      ? `Hier ist eine Kette von ${here} gesagt; „${of}“ beginnt auf keiner.`
      : `Die Kette hat hier ${here} und in „${of}“ ${there}. Was von beidem ist gemeint?`,
  noSuchRound: (n, of = null) =>
    of === null
      ? `Über dieser Zeile gibt es kein R${n}.`
      : `Über dieser Zeile gibt es kein R${n} von „${of}“.`,
  loopsGone: (loop, n, by) =>
    by
      ? `${by} geht durch beide Glieder von R${n}: keines der ${glied(loop)} bleibt.`
      : `R${n} hat keine freien ${glied(loop)} Maschenglieder.`,
  loopsTaken: (loop, n, by) => `Die ${glied(loop)} Maschenglieder von R${n} hat schon ${by}.`,
  loopHeld: (loop, by) =>
    `Die ${glied(loop)} Maschenglieder darunter hat ${by}; diese Runde geht auch in sie.`,
  theLayer: (line) => `die Lage in Zeile ${line}`,
  unknownPart: (name) => `Kein Teil heißt „${name}“. Füge es hinzu, oder nenne eines, das es gibt.`,
  notFinished: (name) => `„${name}“ muss vor dieser Runde gemacht sein; es steht weiter unten.`,
  untilNever: (offered, left) => `Von ${offered} aus lässt diese Wiederholung nie genau ${left} übrig.`,
  soManyThere: (n) => `Es gibt schon ${n} Runden: nichts wird noch einmal gearbeitet.`,
  repeatRead: (n, more) =>
    more
      ? `„${mal(n)} wiederholen“ ist als ${n} mehr gelesen, ${n + 1} insgesamt: so geht es auf.`
      : `„${mal(n)} wiederholen“ ist als ${n} insgesamt gelesen: so geht es auf.`,
  repeatDoubt: (n) =>
    `„${mal(n)} wiederholen“ kann ${n} insgesamt oder ${n} mehr heißen; gelesen als ${n} insgesamt. Schreib x${n} oder x${n + 1}, um sicher zu sein.`,
  soundsLikeWork: 'Das klingt nach Arbeit und ist nicht gelesen.',
  symbolsRead: 'X, V und A sind als sc, inc und dec gelesen.',
  takeUp: (times, work, instead, uses, makes) =>
    `${mal(times)} ${work} statt ${instead} häkeln: die Runde braucht ${uses} und ergibt immer noch ${makes}.`,
  mendFree: (label, loops) => `${label} ${loops} häkeln`,
  mendStagger: 'Zunahmen versetzen',
  mendNote: 'Als Notiz behalten',
  mendLayer: (n) => `R${n} schreiben`,
  mendLoops: (loops) => `Diese Runde ${loops} häkeln`,
  mendRepeat: (n) => `${numberSaid(n)} Mal wiederholen`,
  mendWrite: (words) => `${words} schreiben`,
  mendCount: (n) => `(${n}) schreiben`,
};
