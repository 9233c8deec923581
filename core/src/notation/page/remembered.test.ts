import { buildSync } from 'esbuild';
import { readdirSync, readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { someOf } from '../../../bench/share';
import { read } from '..';

const pages = ['natural', 'pages'].flatMap((folder) => {
  const at = resolve(__dirname, '../cases', folder);
  return readdirSync(at)
    .filter((file) => file.endsWith('.txt'))
    .map((file) => [file, readFileSync(resolve(at, file), 'utf8')] as const);
});

const { text: source } = buildSync({
  entryPoints: [resolve(__dirname, '../index.ts')],
  ...{ bundle: true, write: false, platform: 'node', format: 'iife', globalName: 'notation' },
}).outputFiles[0]!;

/** A reader that has read nothing yet. */
const newReader = (): typeof read => new Function(`${source}; return notation.read;`)();

describe('what the reader remembers of other pages', () => {
  // In other terms and orders the same line is asked for in other contexts.
  for (const [, text] of [...someOf(pages)].reverse()) read(text, { terms: 'uk' });
  for (const [, text] of someOf(pages)) read(text.replace(/\n\n/g, '\n'));
  it.each(someOf(pages))('changes nothing in %s', (_, text) => {
    expect(read(text)).toEqual(newReader()(text));
    expect(read(text, { terms: 'uk' })).toEqual(newReader()(text, { terms: 'uk' }));
  });
});
