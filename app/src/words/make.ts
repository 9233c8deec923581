import { ordinal } from '@hoppla/core/words';

/** What the Make station says. */
export const make = {
  tooMany: 'One too many',
  tooFew: 'One too few',
  toSafety: 'Stopped: go to Safety',
  takeUpNone: 'Nothing in this round can take that up. Go back to the last round that was right.',
  of: (n: number) => `of ${n}`,
  tick: (label: string) => `Tick ${label}`,
  done: 'Done',
  back: 'Back',
  stitches: 'stitches',
  begun: (done: number, of: number) =>
    `${done} of its ${of} stitches are worked, before the pause: tighten the loop and go on.`,
  times: (n: number, now: number) => `${n} times: now the ${ordinal(now)}`,
  slots: (n: number, now: number) => `${n} steps: now the ${ordinal(now)}`,
  repeat: (n: number) => `Repeat ${n} done`,
  before: 'Before the click',
  check: {
    front: 'The front is chosen',
    posts: 'Posts are in',
    count: 'Counted again',
    level: 'They are level',
    compared: 'Compared',
    looked: 'Looked at',
  },
  next: 'Next',
  finished: 'Finished',
  finishedHow: 'Every step is ticked. Look it over before it goes out.',
  changed: 'changed since you made it',
  step: (n: number, all: number) => `Step ${n} of ${all}`,
  nothing: 'Nothing to make yet',
  nothingHow: 'Write the rounds of a part first.',
  rounds: (n: number) => `${n} R`,
  then: 'then',
};
