/** What a file of words is read as: HTML without its marks, everything else as it is; null for a file that is no text. */
export function textOfFile(name: string, raw: string): string | null {
  // A PDF, a picture or an office file is no text, whatever its bytes say.
  if (/^(?:%PDF|PK\u0003\u0004|\u0000|\ufffd)/.test(raw) || /\u0000/.test(raw.slice(0, 2000))) return null;
  return /\.html?$/i.test(name) || /^\s*<(?:!doctype|html)/i.test(raw) ? textOfHtml(raw) : raw;
}

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
