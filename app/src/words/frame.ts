/** What the binding of a toy says: its menu, its paper, its keys, the walk through it. */
export const frame = {
  title: (toy: string, station: string, app: string) => `${toy}, ${station}, ${app}`,
  heading: (toy: string, station: string) => `${toy}, ${station}`,
  menu: 'Print, give away, help',
  print: 'Print the pattern',
  printIt: 'Print',
  printAs: 'Other terms, large letters, black and white',
  printHow:
    'Picture, materials and signs first; then the work in its order with boxes to tick; how it is put together; faces in true size. Print at 100 %.',
  printTerms: 'Terms',
  terms: { us: 'US', uk: 'UK' },
  printLarge: 'Large letters',
  printPlain: 'Black and white',
  give: 'Give it away',
  help: 'How rounds are written',
  helpGone: 'The help cannot be read just now. It stands in docs/notation.md too.',
  keys: 'Keys',
  keysHow:
    'Everything can be done by keys. Tab goes on, Enter presses, arrows choose one of several, Escape closes.',
  keyList: [
    ['Ctrl Z', 'take back'],
    ['Ctrl Shift Z or Ctrl Y', 'do again'],
    ['Ctrl P', 'print the pattern'],
    ['Alt 1 to Alt 5', 'Parts, Face, Joins, Plan, Make'],
    ['Alt 0', 'the Bench'],
    ['?', 'this list'],
    ['Arrows', 'move the post, the pin or the part that is chosen'],
    ['Space, Page Down', 'tick, in Make'],
  ] as readonly (readonly [string, string])[],
  lost: 'Nothing lies here',
  lostHow: (path: string) => `Hoppla knows no page ${path}. Your toys are all where they were.`,
  toBench: 'To the Bench',
  next: {
    face: ['Now the eyes:', 'Face'],
    joins: ['Now put it together:', 'Joins'],
    plan: ['Now the order of work:', 'Plan'],
    make: ['Now the hook:', 'Make'],
  },
  notNow: 'Not now',
  tour: {
    of: (n: number, all: number) => `${n} of ${all}`,
    go: 'Go on',
    end: 'Done',
    stop: 'End the walk',
    steps: {
      parts:
        'Parts: Rill’s rounds, counted as they are typed. Each bar is as long as its round has stitches, so they are half the shape.',
      face: 'Face: the yellow tape is one round unrolled. Drag an eye along it; how far apart they are is always said in four ways.',
      joins:
        'Joins: ears, arms and legs stand where they are sewn on. Move one; its seam, stitch to stitch, goes with it.',
      plan: 'Plan: the order of work, with each pause at the round where the hole is still wide enough.',
      safety: 'Safety: what could hurt a child, with the reason and what mends it.',
      make: 'Make: one step at a time. Tick it with the whole thumb; the place is never lost.',
    },
  },
};
