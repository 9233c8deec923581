import { unzipSync, zipSync } from 'fflate';
import { tooLarge } from './away';

/** A hundred pages of a pattern unpack to about 2 MB of marks and words. bytes */
const MOST_UNPACKED = 20_000_000;

/**
 * A word processor's file with all but its words left empty (pictures, sounds, fonts), unpacked and packed again without pressing.
 * Never takes more memory than `MOST_UNPACKED`: what is longer than its list of contents says is cut off there.
 * Throws an error named `TOO_LARGE`, or fflate's own where the file is damaged.
 */
export function wordsOnly(bytes: Uint8Array<ArrayBuffer>): Uint8Array<ArrayBuffer> {
  let size = 0;
  const others: Record<string, Uint8Array> = {};
  const words = unzipSync(bytes, {
    filter: ({ name, originalSize }) => {
      const isWords = /\.(?:xml|rels)$/i.test(name);
      if (!isWords) others[name] = new Uint8Array();
      else size += originalSize;
      if (size > MOST_UNPACKED) throw tooLarge();
      return isWords;
    },
  });
  return zipSync({ ...words, ...others }, { level: 0 }) as Uint8Array<ArrayBuffer>;
}
