/** What words of the house mean, told where they stand, on a tap. */
export const meanings = {
  tag: {
    word: 'How to read an address',
    how: [
      'R10·11 is between rounds 10 and 11, R10 is in round 10. Rounds are counted from the beginning of the part.',
      'Behind the bar stand stitches: 18·19 is the hole between stitches 18 and 19, 18 is in stitch 18. They are counted from the marker, the way you work.',
      'Left and right are always the toy’s own.',
    ],
  },
  hand: {
    word: 'In the hand, on the toy',
    how: [
      'On the toy, a part stands as it will be sewn on: a head has its crown up.',
      'In the hand, it is as you hold it while you work: the open edge up.',
      'Only the picture turns. Rounds and stitches are the same.',
    ],
  },
  pause: {
    word: 'What a pause is',
    how: [
      'At a pause the hook rests, and something goes in while the hole is wide enough for it: eyes, filling, a core.',
      'It is not always at the end of a round. Draw the loop long, put a marker in the last stitch, and go on afterwards.',
      'What comes too late does not go in any more. That is why the plan says when.',
    ],
  },
  gauge: {
    word: 'What an assumed gauge is',
    how: [
      'Nobody has measured your stitches yet: lengths come from the hook alone, as most makers work with it.',
      'The range beside each number says how far off they may be.',
      'Ten stitches under a ruler make it your own gauge, and the ranges narrow.',
    ],
  },
};
