/** Sentences about toy files, storage and windows. */
export const documentWords = {
  notJson: (detail: string) =>
    `This file is not a toy: it cannot be read as JSON${detail ? ` (${detail.replace(/\.$/, '')})` : ''}. Nothing was changed.`,
  cannotBeRaised: (schema: number) =>
    `This toy file says that it is of version ${schema}, and it is not built like one: something in it is missing or of another kind. Nothing was changed.`,
  notAToy: 'This file is not a toy made with Hoppla. Nothing was changed.',
  badField: (path: string, detail: string) =>
    `This toy file has a fault at ${path}: ${detail}. Nothing was changed.`,
  marksDisagree: 'the text and its marks have different numbers of lines',
  notAVersion: 'it is no version of a toy file',
  backupNewer: 'This backup was made with a newer Hoppla. Nothing was changed.',
  backupBroken: 'This backup is damaged here and cannot be read.',
  backupNameless: 'a toy without a name',
  twice: 'another one of the same kind has the same id',
  leadsNowhere: 'it names something that is not in this toy',
  newer: (schema: number) =>
    `Made with a newer Hoppla (version ${schema}). It can be looked at and exported, not changed.`,
};

/** How parts and their copies are called where their text gives no name. */
export const partNames = {
  unnamed: 'Part',
  /** one of several: "Ear 2"; one of the "Arms" is "Arm 2" */
  one: (name: string, n: number) => `${name.replace(/([^s])s$/, '$1')} ${n}`,
  /** all of several, told together */
  all: (name: string, n: number) => `${name} × ${n}`,
};
