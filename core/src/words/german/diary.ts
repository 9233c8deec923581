import type { diaryWords as english } from '../diary';
import type { Said } from '../language';
import { maschen } from './counter';

/** Was getan wurde, Zeile für Zeile, auf Deutsch. */
export const diaryWords: Said<typeof english> = {
  rounds: (piece, first, last) => (first === last ? `${piece}: ${first}` : `${piece}: ${first} bis ${last}`),
  gone: 'Ein Schritt, der nicht mehr geplant ist',
  steps: (n) =>
    n === 1 ? 'Ein Schritt, der nicht mehr geplant ist' : `${n} Schritte, die nicht mehr geplant sind`,
  takenBack: (step) => `Zurückgenommen: ${step}`,
  counted: (step, n) => `${step}: ${maschen(n)} gezählt`,
  across: (step, length) => `${step}: ${length} breit, flach gedrückt`,
  sized: (thing, length) => `${thing}: ${length}`,
  sizes: {
    'eyes apart': (piece) => `Augen von ${piece}, Mitte zu Mitte`,
    width: (piece) => `${piece}, Breite`,
    height: (piece) => `${piece}, Höhe`,
  },
  sizeGone: 'Etwas, das die Figur nicht mehr hat',
  cut: (step, length) => `${step}: ein Ende von ${length}`,
  changed: {
    text: (part) => `Inzwischen geändert: der Text von ${part}`,
    part: (part) => `Inzwischen geändert: was über ${part} gesagt ist`,
    parts: () => 'Inzwischen geändert: welche Teile es gibt',
    features: () => 'Inzwischen geändert: Augen, Stiche oder was daran hängt',
    joins: () => 'Inzwischen geändert: wie die Teile verbunden sind',
    yarn: () => 'Inzwischen geändert: Garn oder Maschenprobe',
    plan: () => 'Inzwischen geändert: Plan oder Einstellungen',
  },
  partGone: 'ein Teil, das es nicht mehr gibt',
  another: (n) => `Nummer ${n} wurde begonnen`,
  earlier: (n) => `Zurück zu Nummer ${n}`,
  photo: 'Ein Foto',
  endLong: (left, need) => `${left} reichen: die Arbeit braucht etwa ${need}.`,
  endTight: (left, low, high) => `${left} können knapp sein: die Arbeit braucht zwischen ${low} und ${high}.`,
  endShort: (left, need) =>
    `${left} sind zu kurz: die Arbeit braucht etwa ${need}. Setze dafür einen neuen Faden an.`,
};
