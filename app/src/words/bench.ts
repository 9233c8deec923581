import { plural } from '@hoppla/core/words';

/** What the Bench says. */
export const bench = {
  title: 'Bench',
  count: (n: number) => (n === 0 ? 'no toy yet' : plural(n, 'toy')),
  empty: 'The mat is empty',
  emptyHow: 'Start with your own rounds, or look round with Rill the otter.',
  demo: 'Show me Rill the otter',
  create: 'New toy',
  newName: 'New toy',
  importShort: 'Import',
  open: (name: string) => `Open ${name}`,
  more: (name: string) => `More for ${name}`,
  size: (w: string, h: string, unit: string) => `${w} × ${h} ${unit}`,
  loose: (n: number) => plural(n, 'piece', 'pieces'),
  made: (steps: number, day: string | null) =>
    day === null ? plural(steps, 'step') : `${plural(steps, 'step')}, ${day}`,
  nothing: 'nothing written yet',
  duplicate: 'Duplicate',
  name: 'Name of the toy',
  rename: 'Rename',
  copyOf: (name: string) => `${name} copy`,
  export: 'Export the toy file',
  remove: 'Delete',
  removed: (name: string) => `${name} is deleted`,
  imported: (name: string) => `${name} is on the bench`,
  importedTwice: (name: string) => `${name} was already here, so this one is a copy`,
  restored: (name: string) => `${name} is back`,
  oneScale: 'all at one scale',
  parts: (n: number) => plural(n, 'part'),
};
