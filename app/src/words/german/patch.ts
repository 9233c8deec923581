import { numberSaid, type Said } from '@hoppla/core/words';
import type { patch as english } from '../patch';

/** Was auf das Gesicht gelegt wird, und Formen mit der Nadel, auf Deutsch. */
export const patch: Said<typeof english> = {
  of: 'Gemacht aus',
  ofs: { felt: 'Filz', crochet: 'Gehäkeltem' },
  shape: 'Umriss',
  ownOutline: 'Dein eigener Umriss, als SVG-Pfad',
  putOutline: 'Diesen Umriss nehmen',
  width: 'Breite',
  height: 'Höhe',
  turn: 'Gedreht',
  turns: { back: 'nach links drehen', on: 'nach rechts drehen' },
  degrees: (n) => `${numberSaid(n)}°`,
  eyes: 'Wo ein Auge darauf steht',
  eyesAre: { under: 'unter dem Auge, der Stift geht hindurch', over: 'über dem Auge, als Lid' },
  seam: 'Aufgenäht mit',
  pieces: 'Mehrere, verstreut',
  count: 'Stücke',
  gap: 'kleinster Abstand',
  spread: 'Streuung',
  scatter: 'Verstreuen',
  scatterAgain: 'Anders verstreuen',
  oneOnly: 'Nur das erste',
  cut: 'Vorlage zum Ausschneiden, wahre Größe',
  middle: 'Wo seine Mitte liegt',
  passes: 'Durchgänge',
  loop: 'Der Faden geht an einem Auge vorbei',
  loops: { inner: 'auf der Innenseite', outer: 'auf der Außenseite' },
  way: 'Der Weg der Nadel',
};
