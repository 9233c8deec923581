import type { Said } from '@hoppla/core/words';
import type { giving as english } from '../giving';

/** Eine Figur weggeben, auf Deutsch. */
export const giving: Said<typeof english> = {
  title: (name) => `${name} weggeben`,
  how: 'Jedes ist eine eigene Datei. Dieselbe Liste hat die Befehlszeile: hoppla export.',
  saved: (n) => (n === 1 ? 'Gesichert.' : `In ${n} Dateien gesichert.`),
  nothing: 'So etwas gibt es an der Figur nicht.',
  failed: 'Das ließ sich nicht machen. Die Figur selbst ist, wie sie war.',
  card: 'Bildkarte (PNG)',
  makeLink: 'Ein Link, der sie trägt',
  link: 'Link',
  linkIs: 'Die ganze Figur ist in diesem Link; nichts davon wird anderswo behalten.',
  linkCopied: 'Der Link ist kopiert. Die ganze Figur ist darin; nichts davon wird anderswo behalten.',
  linkTooLong: 'Diese Figur ist zu groß für einen Link. Schick ihre Datei.',
};
