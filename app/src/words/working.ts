import type { Move } from '@hoppla/core/record';

/** What working and writing at once says. */
export const working = {
  title: 'Work and write',
  key: 'Tap',
  keyName: 'Tap stitches: work and write',
  begin: 'Or make it up on the hook',
  name: 'What it is',
  namePlaceholder: 'Leaf, ear, paw',
  unnamed: 'Part',
  how: 'It begins',
  begins: {
    ring: 'ring',
    rows: 'chain, in rows',
    tube: 'closed chain',
    oval: 'round a chain',
  },
  stitches: 'Stitches',
  fewest: (least: number, most: number) => `A whole number from ${least} to ${most}.`,
  start: 'Begin',
  row: (n: number) => `Row ${n}`,
  made: (n: number) => (n === 1 ? '1 made' : `${n} made`),
  left: (n: number) => (n === 1 ? '1 left below' : `${n} left below`),
  full: 'the round is full',
  moves: {
    inc: 'two in one',
    dec: 'two together',
    invdec: 'front loops',
    front: 'front post',
    back: 'back post',
  } as Partial<Record<Move, string>>,
  move: (word: string, means: string) => (means === '' ? word : `${word}: ${means}`),
  more: 'More stitches, loops, yarn',
  through: 'Through',
  loops: { both: 'both loops', back: 'back loop', front: 'front loop' },
  yarn: 'On the hook',
  another: 'Another yarn',
  takeYarn: 'Take it',
  noYarn: (name: string) => `“${name}” would be read as something else in the rounds: give it another name.`,
  done: (n: number, row: boolean) => `${row ? 'Row' : 'Round'} ${n} is done`,
  again: 'Same as the last round',
  back: 'Take one back',
  close: 'To the text',
  allTheSame: 'Done all the same',
  leftOver: (n: number) =>
    n === 1
      ? 'One stitch of the round below is left. Work into it, or leave it on purpose.'
      : `${n} stitches of the round below are left. Work into them, or leave them on purpose.`,
  begun: 'This round is begun: finish it, or take it back first.',
  otherCount: (takes: number, offered: number) =>
    `The last round takes ${takes} stitches, and there are ${offered}: tap this one.`,
  notTold: 'The last round cannot be tapped again: write it.',
  cannot:
    'Taps cannot go on here: the part is closed, or its last line was written by hand and has no count yet. Write it.',
} as const;
