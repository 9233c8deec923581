import { plural } from './plural';

/** What is said of work on the surface: lines of fins or spikes, strands, and what hangs from a toy. Lengths are handed in printed. */
export const surfaceWords = {
  noMotif:
    'Nothing is written that is worked: say the stitches, for example sl st, (hdc, dc, hdc) in one, sl st.',
  motifNotRead: 'Some of these words are not read: write only the stitches of one of them.',
  motifAround: 'Say how many stitches one of them takes; “around” has no end here.',
  over: {
    outside: 'straight on',
    top: 'over the top',
    back: 'over the back',
    front: 'over the front',
    left: 'over the left side',
    right: 'over the right side',
  },
  fault: {
    homeless: (name: string) => `${name}: a round that it stood on is gone.`,
    'not joined': (name: string) =>
      `${name}: no fabric leads from its beginning to its end; join the parts first, or choose another end.`,
    'no way out': (name: string) =>
      `${name}: its ends look away from each other, so it is not said over which side it goes. Choose one.`,
    motif: (name: string, words: string) => `${name}: ${words}`,
  },
  stations: (n: number, gap: string) => `${n}, each ${gap} from the next`,
  one: 'one alone, in the middle',
  free: (n: string) => `${n} free between two`,
  tight: 'no stitch is free between two',
  doesNotFit: (n: number, most: number) => `${n} do not fit: they would lie over each other. ${most} fit.`,
  seams: (n: number) => `goes over ${plural(n, 'seam')}: one stitch across each, after it is sewn`,
  onSeam: (which: readonly number[]) =>
    `${which.length === 1 ? `number ${which[0]} stands` : `numbers ${which.join(', ')} stand`} on a seam`,
  overFeature: (name: string, what: string) => `${name} goes over ${what}.`,
  buried: (name: string, length: string) => `${name}: ${length} of it lie under another part.`,
  offMiddle: (length: string) => `${length} from the toy’s middle at most`,
  mirrored: (length: string) => `left against right: ${length} at most`,
  mark: 'Mark it first: pull a loop up with the hook, or run a thread, at each of these.',
  work: (name: string, part: string) => `Work ${name.toLowerCase()} on ${part}`,
  workDetail: (n: number, motif: string, yarn: string) => `${n} × ${motif}; ${yarn} of yarn`,
  workReason: 'After the seams that it goes over, so that each is caught by a stitch; ends go under it.',
  strands: (name: string, part: string) => `Put ${name.toLowerCase()} on ${part}`,
  strandsDetail: (yarns: number, cut: string, hangs: string | null, metres: string) =>
    `cut ${yarns} yarns of ${cut}, ${metres} altogether; ${hangs === null ? 'no end hangs outside' : `each end hangs ${hangs}`}`,
  strandsOpen: 'While it is open the ends can be tied inside; hold them aside with a band while you work on.',
  strandsLast: 'When everything else is sewn, so that nothing is caught in them.',
  strandsHomeless: (name: string) => `${name}: the round that it began in is gone.`,
  fixes: {
    'looped in': 'looped in, folded in half',
    'looped in and knotted': 'looped in and knotted',
    'pulled through': 'only pulled through',
    'sewn through': 'sewn through, tied inside',
    'knotted as a dot': 'knotted as a dot, tied inside',
  },
  hangerIs: { 'split ring': 'split ring', clip: 'clip', bell: 'bell' },
  by: {
    'starting tail': 'by the starting tail',
    'loop of chain': 'by a loop of chain',
    'sewn in': 'sewn in',
  },
  hang: (what: string, part: string) => `Fasten the ${what} to ${part}`,
  hangDetail: (size: string, by: string, loop: string | null) =>
    `${size}, ${by}${loop ? `, ${loop} round` : ''}`,
  hangTail:
    'The starting tail goes through it and back inside, round several stitches, and is knotted there.',
  hangLoop:
    'Closed through the ring, then sewn on through several stitches; the ends are buried. Nothing hangs on one stitch.',
  hangSewn: 'Through several stitches, several times, and knotted inside while a hand reaches in.',
  hangLate: 'No hand reaches inside any more by then: do it earlier, or by a loop of chain.',
  hangerHomeless: (what: string) => `The ${what}: the round that it was on is gone.`,
  noLoop: (what: string) => `The ${what}: what should be its loop is not a chain.`,
} as const;
