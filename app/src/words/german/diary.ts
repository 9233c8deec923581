import type { Said } from '@hoppla/core/words';
import type { diary as english } from '../diary';

/** Tagebuch, Fotos und Fadenenden in Häkeln, auf Deutsch. */
export const diary: Said<typeof english> = {
  open: 'Tagebuch',
  none: 'Noch ist nichts abgehakt, gezählt oder notiert. Alles, was es ist, kommt von selbst hierher, mit seiner Zeit.',
  write: 'Etwas notieren',
  placeholder: 'Etwas fest; nächstes Mal eine andere Nadel',
  keep: 'Behalten',
  addPhoto: 'Ein Foto dazu',
  photosFull: (most) =>
    `${most} Fotos werden mit einer Figur behalten, weil sie mit jedem Haken gesichert werden. Nimm eines weg, um ein anderes dazuzulegen.`,
  photoOf: (day) => `Foto von ${day}`,
  takeAway: (time) => `Das Foto von ${time} wegnehmen`,
  withoutTime: 'Bevor Zeiten behalten wurden',
  making: (n) => `Nummer ${n}`,
  older: (n) => `${n} ältere zeigen`,
  endIs: (piece) => `${piece}: das Ende, das du gelassen hast`,
  endShould: (length) => `Es sollten ${length} sein.`,
  endNote: 'Notieren',
  photosBeside: 'Fotos nebeneinander',
  yours: 'Deins',
};
