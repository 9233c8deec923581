/** What the trainer says. */
export const trainer = {
  title: 'Learn to count',
  nothing: 'This toy has no rounds to count on yet. Write a part first.',
  score: (right: number, asked: number) => `${right} of ${asked}`,
  level: (n: number) => ['first steps', 'further round', 'anywhere'][n - 1] ?? '',
  asks: {
    stitch: 'Which stitch is lit?',
    between: 'How many stitches lie between the two?',
    fault: 'Which line does not add up?',
    missed: 'Which increase was missed?',
  },
  how: {
    stitch:
      'Count rounds from the ring; the red marker hangs at the start of the round. The first stitch after it is number 1.',
    between: 'Only those that lie between: the two that are lit do not count.',
    fault: 'What a round makes is what the next one has to work into.',
    missed:
      'Where two stitches lean on one foot, both are in one stitch. Between them lie as many as the round says.',
  },
  round: 'Round',
  stitch: 'Stitch',
  apart: 'Between',
  check: 'Check',
  next: 'The next one',
  right: 'Right.',
  wrong: 'Not quite.',
  stitchIs: (round: string, stitch: number) => `It is stitch ${stitch} of ${round}.`,
  betweenIs: (between: number, on: number, showing: number) =>
    `${between} between; who counts from stitch to stitch says ${on} apart, who counts the lit ones too says ${showing}.`,
  missedIs: (which: number, round: string, made: number, planned: number) =>
    `It is number ${which} of ${round}: ${made} stitches came off the hook and not ${planned}.`,
  asWritten: (round: string, words: string) => `${round}: ${words}`,
  asMade: (words: string) => `As it came off the hook: ${words}`,
  faultIs: (line: string) => `It is ${line}`,
  picture: (part: string) => `${part} with a stitch lit`,
};
