import type { Said } from '@hoppla/core/words';
import type { photo as english } from '../photo';

/** Ein Bild neben dem Gesicht, auf Deutsch. */
export const photo: Said<typeof english> = {
  title: 'Dein Bild',
  add: 'Ein Bild danebenlegen',
  other: 'Ein anderes Bild',
  remove: 'Das Bild wegnehmen',
  kept: 'Verkleinert und in der Datei dieser Figur behalten; diesen Browser verlässt es nur in Dateien, die du ausgibst.',
  notAPicture: (name) =>
    `${name} ist kein Bild, das sich hier zeigen lässt. Nimm ein Foto als JPEG, PNG oder WebP.`,
};
