import { soundPdf } from './index';

const font = (widths: string) =>
  new TextEncoder().encode(`9 0 obj\n<</Type /Font /W ${widths} /DW 0>>\nendobj`);

it('widths of glyphs that there can be, in both of their forms', () => {
  expect(soundPdf(font('[0 [600.09766 0 0 317.87109] 11 12 390.13672 65535 [12]]'))).toBe(true);
  expect(soundPdf(font('[]'))).toBe(true);
  expect(soundPdf(font('[0 12 0 R]'))).toBe(true);
  expect(soundPdf(new TextEncoder().encode('%PDF-1.4 without any font'))).toBe(true);
});

it('a number to which a list would be filled is damage; a large width is only wide', () => {
  expect(soundPdf(font('[0 [600] 76 999999999 342.7]'))).toBe(false);
  expect(soundPdf(font('[1000000000000000 [600]]'))).toBe(false);
  expect(soundPdf(font('[0 [1000000 2000000]]'))).toBe(true);
});
