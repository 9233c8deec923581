import type { batchWords as english } from '../batch';
import type { Said } from '../language';
import { zahl } from './counter';

const stueck = (n: number): string => zahl(n, 'Stück', 'Stück');

/** Serien, auf Deutsch. */
export const batchWords: Said<typeof english> = {
  stages: {
    rounds: 'Runden',
    eyes: 'Augen und Scheiben',
    stuffing: 'Füllen',
    closing: 'Schließen',
    embroidery: 'Sticken und Anhängen',
    together: 'Zusammensetzen',
    finishing: 'Fäden und Durchsehen',
  },
  unnamed: 'Serie',
  titled: (name, toy, count) => `${name || 'Serie'}: ${count} × ${toy}`,
  event: (stage, toy, count) => `${stage}: ${stueck(count)} von ${toy}`,
  doneBy: (toy, count) => `Fertig: ${stueck(count)} von ${toy}`,
  due: (toy) => `Gewünscht: ${toy}`,
  range: (low, high) => `zwischen ${low} und ${high}`,
  minutes: (hours) => `etwa ${hours} Stunden Arbeit`,
};
