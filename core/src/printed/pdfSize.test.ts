import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { deflateSync } from 'node:zlib';
import { pdfGrowsTooMuch } from './pdfSize';

/** A PDF's object with one stream, packed so many times. */
function withStream(body: Uint8Array, layers: number, about = ''): Uint8Array {
  let data = Buffer.from(body);
  for (let i = 0; i < layers; i++) data = deflateSync(data, { level: 9 });
  const filters = Array(layers).fill('/FlateDecode').join(' ');
  const head = `%PDF-1.4\n4 0 obj\n<</Length ${data.length}${about}/Filter[${filters}]>>\nstream\n`;
  return new Uint8Array(
    Buffer.concat([Buffer.from(head, 'latin1'), data, Buffer.from('\nendstream\nendobj\n')]),
  );
}

const MUCH = new Uint8Array(51_000_000).fill(32);

describe('a PDF before it is read', () => {
  it.each([1, 2, 3])('is too large when little of it becomes a lot, packed %i times', (layers) =>
    expect(pdfGrowsTooMuch(withStream(MUCH, layers))).toBe(true),
  );
  it.each([
    ['as much as a long page', withStream(new Uint8Array(5_000_000).fill(32), 2)],
    ['a large picture, which is not unpacked for its words', withStream(MUCH, 1, '/Subtype /Image')],
    ['a stream that is not packed', withStream(new Uint8Array(1000), 0)],
    ['a damaged stream', withStream(MUCH, 1).map((byte, i) => (i > 70 ? byte ^ 0x5a : byte))],
    ['a stream without its end', withStream(new Uint8Array(1000), 1).subarray(0, 70)],
    ['a real one', new Uint8Array(readFileSync(join(__dirname, '../../../app/bench/pages/dunlin.pdf')))],
  ])('is read with %s', (_, bytes) => expect(pdfGrowsTooMuch(bytes)).toBe(false));
});
