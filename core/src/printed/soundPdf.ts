/** Numbers of glyphs in a composite font are of two bytes (ISO 32000-1, 9.7.4.3). */
const MOST_GLYPH = 0xffff;
/** The widths of a composite font: `/W [first [w w ...] first last w ...]`. */
const WIDTHS = /\/W\s*\[((?:[^[\]]|\[[^[\]]*\])*)\]/g;

/**
 * Whether the fonts of a PDF say widths of glyphs that there can be. A damaged number there makes a common library fill a list up to it, which
 * takes the whole process with it. Fonts that are packed away in the file are not looked into.
 */
export function soundPdf(bytes: Uint8Array): boolean {
  const text = new TextDecoder('latin1').decode(bytes);
  return [...text.matchAll(WIDTHS)].every(([, widths]) =>
    widths
      .replace(/\[[^[\]]*\]/g, ' ')
      .split(/\s+/)
      // What is no number, as a reference to another object, is the library's to judge.
      .every((said) => !(Math.abs(Number(said)) > MOST_GLYPH)),
  );
}
