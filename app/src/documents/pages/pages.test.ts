/** @jest-environment jsdom */
import { textOfFile, type Readers } from '.';
import { away, Stopped } from './away';
import { textOfHtml, textOfPaste } from './html';

const bytes = (text: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(text, (c) => c.charCodeAt(0)) as Uint8Array<ArrayBuffer>;

/** Stands for the readers of PDFs and of word processors' files: the words behind the first letters, or what goes wrong. */
const readers: Readers = {
  pdf: (given) => {
    const said = String.fromCharCode(...given.slice(5));
    if (said === 'locked') throw Object.assign(new Error('No password given'), { name: 'PasswordException' });
    if (said === 'torn') throw new Error('Invalid PDF structure.');
    return Promise.resolve(said);
  },
  docx: (given) => {
    const said = String.fromCharCode(...given.slice(4));
    return said === 'torn' ? Promise.reject(new Error('no zip')) : Promise.resolve(said);
  },
};

describe('files of words', () => {
  it('text and Markdown are as they are', async () => {
    expect(await textOfFile('a.txt', bytes('R1: 6 sc'))).toEqual({ state: 'read', text: 'R1: 6 sc' });
    expect(await textOfFile('a.md', bytes('# Head\nR1: 6 sc'))).toMatchObject({ text: '# Head\nR1: 6 sc' });
  });
  it('letters beyond English are read', async () => {
    const text = new TextEncoder().encode('R3: (sc, inc) × 6 → 18') as Uint8Array<ArrayBuffer>;
    expect(await textOfFile('a.txt', text)).toMatchObject({ text: 'R3: (sc, inc) × 6 → 18' });
  });
  it.each([
    ['an archive', 'a.txt', 'PK\u0003\u0004word/document.xml', 'no text'],
    ['a picture', 'a.txt', 'abc\u0000def', 'no text'],
    ['a damaged office file', 'a.docx', 'PK\u0003\u0004torn', 'damaged'],
    ['a PDF of scanned sheets', 'a.pdf', '%PDF- ', 'pictures'],
    ['a PDF with a password', 'a.pdf', '%PDF-locked', 'locked'],
    ['a torn PDF', 'a.pdf', '%PDF-torn', 'damaged'],
  ])('%s is refused with its reason', async (_, name, raw, why) =>
    expect(await textOfFile(name, bytes(raw), { readers })).toEqual({ state: 'refused', why }),
  );
  it.each([
    ['stopped', { state: 'stopped' }],
    ['long', { state: 'refused', why: 'long' }],
  ] as const)('what is %s is no damage', async (why, told) => {
    const never = () => Promise.reject(new Stopped(why));
    for (const name of ['a.pdf', 'a.docx'])
      expect(
        await textOfFile(name, bytes(name === 'a.pdf' ? '%PDF-1.7' : 'PK\u0003\u0004'), {
          readers: { pdf: never, docx: never },
        }),
      ).toEqual(told);
  });
  it('what is stopped while its reader is on its way is let go at once, and a reader that comes too late ends', async () => {
    const never = () => new Promise<never>(() => undefined);
    for (const [name, raw] of [
      ['a.pdf', '%PDF-1.7'],
      ['a.docx', 'PK\u0003\u0004'],
    ]) {
      const now = new AbortController();
      const reading = textOfFile(name, bytes(raw), {
        readers: { pdf: never, docx: never },
        signal: now.signal,
      });
      now.abort();
      expect(await reading).toEqual({ state: 'stopped' });
    }
    const ended = jest.fn();
    const worker = Object.assign(new EventTarget(), { postMessage: () => undefined, terminate: ended });
    await expect(away(worker as unknown as Worker, never, AbortSignal.abort())).rejects.toThrow(Stopped);
    expect(ended).toHaveBeenCalledTimes(1);
  });
  it('a word processor’s file is read', async () =>
    expect(await textOfFile('a.docx', bytes('PK\u0003\u0004R1: 6 sc'), { readers })).toEqual({
      state: 'read',
      text: 'R1: 6 sc',
    }));
  it('a PDF is one by what it holds, not by its name', async () =>
    expect(await textOfFile('page.txt', bytes('%PDF-R1: 6 sc'), { readers })).toEqual({
      state: 'read',
      text: 'R1: 6 sc',
    }));
  it('HTML is its words: a line a paragraph, a tab between cells, numbers of lists, no style and no script', () => {
    const html = `<!doctype html><html><head><style>p{}</style><title>x</title></head><body>
      <h2>Wing <b>(make 2)</b></h2><p>R1: 5 sc in ring (5)<br>R2: inc x5 (10)</p>
      <ul><li>Fasten off.</li><li>Leave 20&nbsp;cm.</li></ul><script>bad()</script>
      <ol start="4"><li>10 sc (10)</li><li>dec x5 (5)</li></ol>
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
      '4. 10 sc (10)',
      '5. dec x5 (5)',
      'R3\tsc around\t10',
    ]);
  });
  it('what is pasted keeps the numbers of its list; plain paragraphs are pasted as the browser does', () => {
    expect(textOfPaste('<ol><li>6 sc in ring</li><li>inc x6</li></ol>')).toBe('1. 6 sc in ring\n2. inc x6');
    expect(textOfPaste('<p>R1: 6 sc in ring</p>')).toBeNull();
  });
});
