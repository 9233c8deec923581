/** What begins and ends a line of its own. */
const BREAKS = new Set([
  'P',
  'DIV',
  'LI',
  'TR',
  'BR',
  'H1',
  'H2',
  'H3',
  'H4',
  'H5',
  'H6',
  'SECTION',
  'ARTICLE',
  'UL',
  'OL',
  'TABLE',
  'HR',
  'PRE',
  'BLOCKQUOTE',
]);

/** The words of a page of HTML, a line a paragraph, cells of a table with tabs between them. */
export function textOfHtml(html: string): string {
  const page = new DOMParser().parseFromString(html, 'text/html');
  let out = '';
  const walk = (node: Node): void => {
    if (node.nodeType === Node.TEXT_NODE) out += (node.textContent ?? '').replace(/\s+/g, ' ');
    if (!(node instanceof Element) || ['SCRIPT', 'STYLE', 'HEAD'].includes(node.tagName)) return;
    const breaks = BREAKS.has(node.tagName);
    if (breaks && !out.endsWith('\n')) out += '\n';
    if (node.tagName === 'LI') out += numberOf(node);
    node.childNodes.forEach(walk);
    if (node.tagName === 'TD' || node.tagName === 'TH') out += '\t';
    if (breaks && !out.endsWith('\n\n')) out += '\n';
  };
  walk(page.body);
  return out
    .split('\n')
    .map((line) => line.trim())
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
}

/** `3. ` before an item of a list that is counted out: browsers and word processors do not write it into the words. */
function numberOf(item: Element): string {
  const list = item.parentElement;
  if (list?.tagName !== 'OL') return '';
  const items = [...list.children].filter((c) => c.tagName === 'LI');
  return `${(Number(list.getAttribute('start')) || 1) + items.indexOf(item)}. `;
}

/** What is pasted, as a page: the words of lists and tables keep their numbers and columns; null where plain text says as much. */
export const textOfPaste = (html: string): string | null =>
  /<(?:ol|td|th)\b/i.test(html) ? textOfHtml(html) : null;
