import { plural, upperFirst } from './plural';

/** Sentences about when things are done and why not otherwise. */
export const orderWords = {
  lost: (pauses: number, moves: number) =>
    `What you moved is not all there any more (${plural(pauses, 'pause')}, ${plural(moves, 'step')}): its step or its round is gone, and the plan does it as usual.`,
  pauseRefused: {
    'not there yet': (moment: string) => `Not after ${moment}: there is no fabric round it yet.`,
    hole: (moment: string, opening: string | null) =>
      `Not after ${moment}: the hole is too small or too deep by then${opening === null ? '' : `, ${opening}`}.`,
    filled: (moment: string) => `Not after ${moment}: it is filled by then. Move the filling first.`,
    'no more rounds': () => 'There is no such round.',
  } as Record<string, (moment: string, opening: string | null) => string>,
  window: (first: string, comfortable: string | null, last: string | null) =>
    [
      `from ${first}`,
      ...(comfortable ? [`in comfort until ${comfortable}`] : []),
      last ? `at all until ${last}` : 'no hole is wide enough',
    ].join(', '),
  /** what a block of the order is called inside a sentence, by the kind that its key begins with */
  blocks: {
    'draw-through': (piece) => `drawing ${piece} through`,
    thread: (piece) => `threading ${piece} on`,
    surface: (piece, named) => `working ${named ?? 'the line'} on ${piece}`,
    strands: (_, named) => `putting in ${named ?? 'strands'}`,
    hang: (piece) => `what hangs from ${piece}`,
    ends: () => 'weaving in the ends',
    inspect: () => 'looking it over',
  } as Record<string, (piece: string, named: string | null) => string>,
  /** why one comes before the other */
  why: {
    caught: 'a round goes through it, and afterwards nobody gets inside any more',
    finished: 'both are finished before they are put together',
    'over a seam': 'the line runs over that seam',
    'ends last': 'an end is left by it, or would be in its way',
    'looked over last': 'it is the last chance to see it before a child does',
  } as Record<string, string>,
  refused: (one: string, other: string, why: string) =>
    `${upperFirst(one)} waits for ${other}: ${why}. It comes right after.`,
  refusedLate: (one: string, other: string, why: string) =>
    `${upperFirst(one)} comes before ${other}: ${why}. It stays right before.`,
};
