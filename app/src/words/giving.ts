/** What the sheet says that gives a toy away. */
export const giving = {
  title: (name: string) => `Give ${name} away`,
  how: 'Each is a file of its own. The same list has the command line: hoppla export.',
  saved: (n: number) => (n === 1 ? 'Saved.' : `Saved in ${n} files.`),
  nothing: 'There is nothing of this kind on the toy.',
  failed: 'This could not be made. The toy itself is as it was.',
  card: 'Picture card (PNG)',
  makeLink: 'A link that carries it',
  link: 'Link',
  linkIs: 'The whole toy is in this link; nothing of it is kept anywhere else.',
  linkCopied: 'The link is copied. The whole toy is in it; nothing of it is kept anywhere else.',
  linkTooLong: 'This toy is too large for a link. Send its file.',
};
