/** What the Plan station says. */
export const plan = {
  whole: 'Whole toy',
  pauses: (n: number) => (n === 1 ? 'pause' : 'pauses'),
  stuffing: 'stuffing',
  tails: 'yarn tails',
  make: 'to make',
  start: 'Start making',
  goOn: 'Go on making',
  save: 'Save the sheet',
  none: 'Nothing to plan yet',
  noneHow: 'Write the rounds of a part first.',
  toParts: 'Write rounds',
  range: (low: string, high: string) => `${low} to ${high}`,
  lane: (n: number) => `step ${n}`,
};
