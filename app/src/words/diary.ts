/** What Make says of what was done, of photos and of ends of yarn. */
export const diary = {
  open: 'Diary',
  none: 'Nothing is ticked, counted or written down yet. Everything that is comes here by itself, with its time.',
  write: 'Write something down',
  placeholder: 'A little tight; another hook next time',
  keep: 'Keep it',
  addPhoto: 'Add a photo',
  photosFull: (most: number) =>
    `${most} photos are kept with a toy, because they are saved with every tick. Take one away to add another.`,
  photoOf: (day: string) => `Photo of ${day}`,
  takeAway: (time: string) => `Take away the photo of ${time}`,
  withoutTime: 'Before times were kept',
  making: (n: number) => `Number ${n}`,
  older: (n: number) => `Show ${n} older`,
  // ends of yarn
  endIs: (piece: string) => `${piece}: the end that you left`,
  endShould: (length: string) => `It was to be ${length}.`,
  endNote: 'Note it',
  // beside
  photosBeside: 'Photos beside each other',
  yours: 'Yours',
};
