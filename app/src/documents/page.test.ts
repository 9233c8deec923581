/** @jest-environment jsdom */
import { textOfFile, textOfHtml } from './page';

describe('files of words', () => {
  it('text and Markdown are as they are', () => {
    expect(textOfFile('a.txt', 'R1: 6 sc')).toBe('R1: 6 sc');
    expect(textOfFile('a.md', '# Head\nR1: 6 sc')).toBe('# Head\nR1: 6 sc');
  });
  it.each([
    ['a PDF', '%PDF-1.7\n1 0 obj'],
    ['an office file', 'PK\u0003\u0004word/document.xml'],
    ['bytes', 'abc\u0000def'],
  ])('%s is no text, whatever it is called', (_, raw) => expect(textOfFile('a.txt', raw)).toBeNull());
  it('HTML is its words: a line a paragraph, a tab between cells, no style and no script', () => {
    const html = `<!doctype html><html><head><style>p{}</style><title>x</title></head><body>
      <h2>Wing <b>(make 2)</b></h2><p>R1: 5 sc in ring (5)<br>R2: inc x5 (10)</p>
      <ul><li>Fasten off.</li><li>Leave 20&nbsp;cm.</li></ul><script>bad()</script>
      <table><tr><td>R3</td><td>sc around</td><td>10</td></tr></table></body></html>`;
    const lines = textOfHtml(html)
      .split('\n')
      .filter((l) => l !== '');
    expect(lines).toEqual([
      'Wing (make 2)',
      'R1: 5 sc in ring (5)',
      'R2: inc x5 (10)',
      'Fasten off.',
      'Leave 20 cm.',
      'R3\tsc around\t10',
    ]);
  });
});
