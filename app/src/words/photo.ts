/** What the Face station says of a picture that stands beside the face. */
export const photo = {
  title: 'Your picture',
  add: 'Put a picture beside it',
  other: 'Another picture',
  remove: 'Take the picture away',
  kept: 'Scaled down and kept in this toy’s file; it leaves this browser only in files that you export.',
  notAPicture: (name: string) =>
    `${name} is not a picture that can be shown here. Take a photo as JPEG, PNG or WebP.`,
};
