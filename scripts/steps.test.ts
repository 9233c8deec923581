import { cpSync, mkdtempSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { listForOffline } from './steps.mjs';

const WORKER = resolve(__dirname, '../app/public/sw.js');

/** A built folder of three files, listed and stamped; what its worker says. */
function stamped(files: Record<string, string>): string {
  const dist = mkdtempSync(join(tmpdir(), 'dist-'));
  mkdirSync(join(dist, 'js'));
  cpSync(WORKER, join(dist, 'sw.js'));
  for (const [name, text] of Object.entries(files)) writeFileSync(join(dist, name), text);
  listForOffline(dist);
  const worker = readFileSync(join(dist, 'sw.js'), 'utf8');
  expect(JSON.parse(readFileSync(join(dist, 'precache.json'), 'utf8'))).toEqual(['/js/a.js', '/js/b.js']);
  rmSync(dist, { recursive: true });
  return worker;
}

const BUILD = { 'index.html': '<script src="/js/a.js">', 'js/a.js': 'a', 'js/b.js': 'b' };

describe('the worker that keeps the app offline', () => {
  it('is the same for the same build, and another one when a script or the page is', () => {
    const first = stamped(BUILD);
    expect(stamped(BUILD)).toBe(first);
    expect(first).toMatch(/const BUILD = '[0-9a-f]{16}'/);
    expect(stamped({ ...BUILD, 'js/b.js': 'b2' })).not.toBe(first);
    expect(stamped({ ...BUILD, 'index.html': 'another' })).not.toBe(first);
  });

  it('is never shipped unstamped: the word in its place is in the source', () => {
    expect(readFileSync(WORKER, 'utf8')).toMatch(/const BUILD = 'NOT BUILT'/);
  });
});
