/** Sentences of what the hand does between and within rounds. */
export const moves = {
  drawShut: 'Draw the ring shut',
  drawShutDetail: (label: string, count: number, twice: boolean) =>
    `after ${label}: pull the starting tail until the ${count} stitches of the first round meet${twice ? '; a doubled ring, or the tail woven round it once more' : ''}`,
  drawShutReason:
    'It was left slack so that the needle found its loops; now the tail can be made fast inside.',
  colour: (to: string) => `Change to ${to}`,
  colourDetail: (before: string, end: string | null) =>
    `in the last pull-through of ${before}; ${end === null ? 'the yarn lies in reach and is taken up again' : `two ends of ${end}, worked over or knotted inside`}`,
  /** the changes of colour inside one round */
  coloursInside: (label: string, changes: readonly string[], joined: number, end: string) =>
    `${label}: ${changes.join(', ')}${joined > 0 ? `; ${joined === 1 ? 'new yarn' : `${joined} × new yarn`}, two ends of ${end}` : ''}`,
  eachBefore: 'Each colour begins in the last pull-through of the stitch before.',
  colourAfter: (to: string, after: number) => `${to} after ${after}`,
  counted: (rounds: readonly string[], marker: boolean) =>
    `Count ${rounds.join(', ')}${marker ? '; the marker goes up with each round' : ''}`,
  colourReason: 'The last pull-through of a stitch makes the top of the next one.',
  pushIn: (part: string, rim: string) => `Push the end of ${part} in along ${rim}`,
  pushInDetail: (rim: string) => `${rim} becomes the rim; fold all that is behind it inside`,
  pushInReason: 'When it is finished: what lies inside is not reached any more.',
};
