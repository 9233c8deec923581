import type { joinWords as english } from '../joins';
import type { Said } from '../language';
import { runden, maschen, zahl } from './counter';

const loecher = (n: number): string => zahl(n, 'Loch', 'Löcher');
const schlitze = (n: number): string => zahl(n, 'Platz', 'Plätze');

/** Verbindungen: wo sie stehen, was im Weg ist, wie die Figur steht. Was man eingibt (`hang`), bleibt, wie es gelesen wird. */
export const joinWords: Omit<Said<typeof english>, 'hang'> = {
  moves: {
    up: (n) => `${runden(n)} höher`,
    down: (n) => `${runden(n)} tiefer`,
    left: (n) => `${loecher(n)} nach links (der Figur)`,
    right: (n) => `${loecher(n)} nach rechts (der Figur)`,
    closer: (n) => `${loecher(n)} enger zusammen`,
    further: (n) => `${loecher(n)} weiter auseinander`,
    keep: () => 'wie es ist',
  },
  edges: {
    last: 'letzte Runde',
    first: 'erste Runde',
    side: 'Seite der Reihen',
    layer: 'Rand dessen, worauf gehäkelt ist',
    'chain end': 'Ende der Kette',
    fold: 'seine Falte',
  },
  lies: { open: 'offen als Ring', flattened: 'flach gedrückt', pinched: 'zum Bogen gekniffen' },
  how: { surface: 'auf der Fläche', end: 'um das geschlossene Ende', rim: 'Rand an Rand' },
  clamped: {
    sides: {
      up: { usual: 'Vorderseite oben', over: 'Rückseite oben' },
      forward: { usual: 'Vorderseite vorn', over: 'Rückseite vorn' },
    },
    inside: 'zeigt nach innen',
    leans: (deg, to) => {
      const hin = { up: 'nach oben', forward: 'nach vorn' }[to];
      const weg = { up: 'nach unten', forward: 'nach hinten' }[to];
      return `Spitze ${deg > 0 ? hin : weg} um ${Math.abs(deg)}°`;
    },
    shifted: (n) => `Rand um ${maschen(n)} weitergedreht`,
    tail: { inside: 'seine Enden innen', outside: 'seine Enden außen' },
    layers: (n) => (n === 2 ? 'durch beide Lagen' : 'durch seinen Rand'),
    slots: schlitze,
    free: (n) => `${schlitze(n)} frei`,
    then: (free, clamp) => [free, clamp && (free ? `dann ${clamp}` : clamp)].filter(Boolean).join(', '),
    of: (name, how) => `${name}: ${how}`,
  },
  hangFault: {
    'thing gone': 'Woran es hing, gibt es nicht mehr: es bleibt, wo es war.',
    'no such round': 'Der Text hat diese Runde nicht mehr: es bleibt, wo es war.',
    'no such mark': 'Diese Marke ist nicht mehr auf dem Teil: es bleibt, wo es war.',
    circle: 'Es und ein anderes Teil richten sich nacheinander: beide bleiben, wo sie waren. Lass eines los.',
  },
  saidFault: {
    'thing gone': 'Das ist nicht auf diesem Teil.',
    'no such round': 'Diese Runde gibt es auf diesem Teil nicht.',
    'no such mark': 'Diese Marke gibt es auf diesem Teil nicht.',
    circle: 'Das richtet sich selbst nach diesem Teil: beide liefen ewig hintereinander her.',
  },
  gone: 'was es nicht mehr gibt',
  unknownThing: (name, host) => `„${name}“ gibt es auf ${host} nicht, um sich danach zu richten.`,
  notUnderstood: (words) =>
    `„${words}“ ist nicht verstanden. Sag, wie hoch, etwa “6 rounds from the ring” oder “straight above the arm, 2 rounds free”, und wo ringsum, etwa “on the back” oder “3 stitches to the left of the arm”.`,
  saidTwice: 'Diese Worte sagen zwei verschiedene Höhen oder zwei verschiedene Seiten: sag je eine.',
  place: (tag) => `Mitte bei ${tag}`,
  parts: (a, b, mm) => `${a} und ${b} treffen sich, ohne vernäht zu sein: ${mm} ineinander.`,
  seams: (a, b, mm) => `Die Nähte von ${a} und ${b} liegen ${mm} übereinander.`,
  eye: (a, mm) => `${a} liegt ${mm} über einem Auge oder seiner Scheibe.`,
  nose: (a, mm) => `${a} liegt ${mm} über der Nase oder ihrer Scheibe.`,
  start: (a, host) => `Die Naht von ${a} läuft über den Anfang von ${host}: wenige Maschen, und eng.`,
  closing: (a, host) => `Die Naht von ${a} läuft über den Schluss von ${host}: wenige Maschen, und eng.`,
  noWayOut: 'Kein Schritt von ein paar Maschen ist frei davon.',
  cut: (a, host) => `Der Rand von ${a} ist länger, als ${host} dort breit ist.`,
  tooFew: (a, host) => `${host} hat dort zu wenige Maschen für den Rand von ${a}.`,
  mirror: (mm) => `der Zwilling ist ${mm} von seinem Spiegelbild entfernt: kein Loch kommt näher`,
  from: (least, most) => `(${least} bis ${most})`,
  either: (inside, outside) => `(bis ${inside} innerhalb, oder ${outside} außerhalb)`,
  stands: (mm) => `Sie steht: ihr Gewicht liegt ${mm} innerhalb dessen, worauf sie steht.`,
  leans: (deg, mm) =>
    `Sie neigt sich um ${deg}° und steht: dann liegt ihr Gewicht ${mm} innerhalb dessen, worauf sie steht.`,
  tips: (mm) => `Sie wird kippen: ihr Gewicht liegt nur ${mm} innerhalb dessen, worauf sie steht.`,
  tipsOver: (mm) => `Sie kippt um: ihr Gewicht liegt ${mm} außerhalb dessen, worauf sie steht.`,
  mend: (part, move, mm) => `${part} ${move}: dann ${mm} innerhalb.`,
  noMend: 'Kein Schritt eines Teils lässt sie stehen: mehr Füllung unten, oder Füße, die weiter reichen.',
  assumedYarn: 'Das Gewicht des Garns ist angenommen: niemand hat gesagt, was es wiegt.',
  neck: (perCm) =>
    `Der Hals trägt ${perCm}: er wackelt. Fülle ihn fest, nähe ihn zweimal herum, oder mach ihn breiter.`,
};
