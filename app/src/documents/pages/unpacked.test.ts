import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { TOO_LARGE } from './away';
import { wordsOnly } from './unpacked';

const WORDS = 'word/document.xml';
const file = (words: Uint8Array, others: Record<string, Uint8Array> = {}) =>
  zipSync({ [WORDS]: words, ...others }) as Uint8Array<ArrayBuffer>;

/** The same file with another size of its words in the list of contents. Source: APPNOTE of the ZIP format, 4.3.12: at byte 24 of an entry. */
function lying(zip: Uint8Array<ArrayBuffer>, size: number): Uint8Array<ArrayBuffer> {
  const changed = zip.slice();
  const at = Buffer.from(changed).lastIndexOf('PK\x01\x02', undefined, 'latin1');
  new DataView(changed.buffer).setUint32(at + 24, size, true);
  return changed;
}

describe('a word processor’s file before it is read', () => {
  it('keeps its words byte for byte, and leaves its pictures empty', () => {
    const picture = new Uint8Array(5000).fill(7);
    const kept = unzipSync(wordsOnly(file(strToU8('<w>R1: 6 sc</w>'), { 'word/media/one.png': picture })));
    expect(strFromU8(kept[WORDS])).toBe('<w>R1: 6 sc</w>');
    expect(kept['word/media/one.png']).toHaveLength(0);
  });
  it('is left alone when a little of it would become a lot', () => {
    const bomb = file(new Uint8Array(21_000_000));
    expect(bomb.length).toBeLessThan(30_000);
    expect(() => wordsOnly(bomb)).toThrow(expect.objectContaining({ name: TOO_LARGE }));
  });
  it('is left alone when many files of it come to a lot together', () => {
    const some = Object.fromEntries(
      Array.from({ length: 21 }, (_, i) => [`word/footnotes${i}.xml`, new Uint8Array(1_000_000)]),
    );
    expect(() => wordsOnly(file(strToU8('<w/>'), some))).toThrow(
      expect.objectContaining({ name: TOO_LARGE }),
    );
  });
  it('takes no more room than its list of contents says, whatever that says', () => {
    const bomb = lying(file(new Uint8Array(21_000_000)), 1000);
    let most = 0;
    try {
      most = unzipSync(wordsOnly(bomb))[WORDS].length;
    } catch {
      // Refused as damaged is as good.
    }
    expect(most).toBeLessThanOrEqual(1000);
  });
  it('reads a real one to the same words', async () => {
    const { convertToHtml } = jest.requireActual('mammoth');
    const bytes = readFileSync(join(__dirname, '../../../bench/pages/dunlin.docx'));
    const words = async (buffer: Buffer) => (await convertToHtml({ buffer })).value;
    const plain = Uint8Array.from(bytes) as Uint8Array<ArrayBuffer>;
    expect(await words(Buffer.from(wordsOnly(plain)))).toBe(await words(bytes));
  });
});
