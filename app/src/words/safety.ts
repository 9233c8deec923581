/** What the Safety station says. */
export const safety = {
  title: 'Care for the child',
  who: 'Who is it for?',
  /** what stands beside its number */
  points: (n: number) => (n === 1 ? 'safety point open' : 'safety points open'),
  mend: 'What to do',
  toFace: 'Go to the eyes',
  none: 'No parts yet, so there is nothing to look at.',
  line: (n: number) => `line ${n}`,
  toRounds: 'Go to its rounds',
};
