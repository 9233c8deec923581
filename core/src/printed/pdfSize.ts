import { Unzlib } from 'fflate';

/** What one stream of words and drawing may unpack to: a page has some 100 kB. Pictures are not counted, the reader of words leaves them packed. bytes */
const MOST_UNPACKED = 50_000_000;
/** Unpacked at a time: 4 kB become 4 MB at most (RFC 1951: 1032 times). bytes */
const PIECE = 4096;

/** Takes pieces, and throws when it has had too many of them. */
type Sink = (piece: Uint8Array) => void;

class TooMuch extends Error {}

/** Counts what comes, and hands it on. */
function counted(next: Sink): Sink {
  let size = 0;
  return (piece) => {
    size += piece.length;
    if (size > MOST_UNPACKED) throw new TooMuch();
    next(piece);
  };
}

/** Unpacks what comes a piece at a time, and hands it on. */
function unpacking(next: Sink): Sink {
  const unpacker = new Unzlib(next);
  return (given) => {
    for (let at = 0; at < given.length; at += PIECE) unpacker.push(given.subarray(at, at + PIECE));
  };
}

/** Whether some bytes, packed so many times over each other, unpack to too much. What is damaged or packed in another way does not: the reader judges it. */
function growsTooMuch(bytes: Uint8Array, layers: number): boolean {
  let into: Sink = () => undefined;
  for (let i = 0; i < layers; i++) into = unpacking(counted(into));
  try {
    into(bytes);
    return false;
  } catch (error) {
    return error instanceof TooMuch;
  }
}

/** Whether any stream of a PDF would unpack to far more than a page holds (ISO 32000-1, 7.3.8 and 7.4.4), found without unpacking it whole. */
export function pdfGrowsTooMuch(bytes: Uint8Array): boolean {
  const text = new TextDecoder('latin1').decode(bytes);
  for (const begin of text.matchAll(/\bstream\r?\n/g)) {
    const about = text.slice(
      Math.max(text.lastIndexOf(' obj', begin.index), begin.index - 4000),
      begin.index,
    );
    const layers = about.match(/\/(?:FlateDecode|Fl)\b/g)?.length ?? 0;
    if (layers === 0 || /\/Subtype\s*\/Image\b/.test(about)) continue;
    const from = begin.index + begin[0].length;
    const to = text.indexOf('endstream', from);
    if (growsTooMuch(bytes.subarray(from, to < 0 ? undefined : to), layers)) return true;
  }
  return false;
}
