import type { documentWords as english, partNames as englishNames } from '../document';
import type { Said } from '../language';

/** Dateien, Speicher und Fenster, auf Deutsch. */
export const documentWords: Said<typeof english> = {
  notJson: (detail) =>
    `Diese Datei ist keine Figur: sie lässt sich nicht als JSON lesen${detail ? ` (${detail.replace(/\.$/, '')})` : ''}. Nichts wurde geändert.`,
  cannotBeRaised: (schema) =>
    `Diese Datei nennt sich Version ${schema} und ist nicht so gebaut: etwas fehlt darin oder ist von anderer Art. Nichts wurde geändert.`,
  notAToy: 'Diese Datei ist keine Figur aus Hoppla. Nichts wurde geändert.',
  badField: (path, detail) => `Diese Datei hat einen Fehler bei ${path}: ${detail}. Nichts wurde geändert.`,
  marksDisagree: 'Text und Marken haben verschieden viele Zeilen',
  notAVersion: 'das ist keine Version einer Figurendatei',
  backupNewer: 'Diese Sicherung stammt aus einem neueren Hoppla. Nichts wurde geändert.',
  backupBroken: 'Diese Sicherung ist hier beschädigt und nicht lesbar.',
  backupNameless: 'eine Figur ohne Namen',
  twice: 'etwas anderes derselben Art hat dieselbe Kennung',
  leadsNowhere: 'es nennt etwas, das nicht zu dieser Figur gehört',
  newer: (schema) =>
    `Mit einem neueren Hoppla gemacht (Version ${schema}). Ansehen und ausgeben geht, ändern nicht.`,
};

/** Wie Teile heißen, deren Text keinen Namen gibt; was die Anleitung nennt, bleibt, wie sie es nennt. */
export const partNames: Pick<Said<typeof englishNames>, 'unnamed'> = { unnamed: 'Teil' };
