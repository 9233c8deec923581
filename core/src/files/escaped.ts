/** Text as it stands in HTML and SVG. */
export const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);

/** Words that stand in one line of a format whose lines mean something: line ends and other controls are spaces. */
export const oneLine = (text: string): string => text.replace(/[\p{Cc}\u2028\u2029]+/gu, ' ').trim();

/** A drawing as it stands within a page, which needs no name of its language. */
export const inline = (svg: string): string => svg.replace(' xmlns="http://www.w3.org/2000/svg"', '');
