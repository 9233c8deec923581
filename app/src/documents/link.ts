import { exportFile } from '@hoppla/core/files';
import { newFile, type ToyFile } from '@hoppla/core/toy';

/** A link longer than this is cut off by what people send it with, characters. */
const MOST_LINK = 12_000;
const KEY = '#toy=';
/** More than this is no toy that came by a link, bytes. */
const MOST_BYTES = 4_000_000;

const through = async (
  bytes: Uint8Array<ArrayBuffer>,
  by: CompressionStream | DecompressionStream,
): Promise<Uint8Array<ArrayBuffer>> => {
  const reader = new Blob([bytes]).stream().pipeThrough(by).getReader();
  const parts: Uint8Array[] = [];
  let length = 0;
  for (let next = await reader.read(); !next.done; next = await reader.read()) {
    length += next.value.length;
    if (length > MOST_BYTES) throw new Error('too long');
    parts.push(next.value);
  }
  const all = new Uint8Array(length);
  parts.reduce((at, p) => (all.set(p, at), at + p.length), 0);
  return all;
};

/** A link that carries the design of a toy in its fragment, which no browser sends to a server; null where it is too long to be sent. */
export async function linkOf({ toy }: ToyFile): Promise<string | null> {
  const text = exportFile(newFile({ ...toy, photo: null }));
  const small = await through(new TextEncoder().encode(text), new CompressionStream('deflate-raw'));
  const letters = btoa(Array.from(small, (b) => String.fromCharCode(b)).join(''))
    .replace(/\+/g, '-')
    .replace(/\//g, '_')
    .replace(/=+$/, '');
  const link = `${window.location.origin}/${KEY}${letters}`;
  return link.length > MOST_LINK ? null : link;
}

/** The text of the toy that an address carries; `none` where it carries none, null where that cannot be read. */
export async function toyInLink(hash: string): Promise<string | null | 'none'> {
  if (!hash.startsWith(KEY)) return 'none';
  try {
    const letters = hash.slice(KEY.length).replace(/-/g, '+').replace(/_/g, '/');
    const bytes = Uint8Array.from(atob(letters), (c) => c.charCodeAt(0));
    return new TextDecoder('utf-8', { fatal: true }).decode(
      await through(bytes, new DecompressionStream('deflate-raw')),
    );
  } catch {
    return null;
  }
}
