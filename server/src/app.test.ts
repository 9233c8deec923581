import { mkdtempSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from './app';
import { listenTrouble, portFrom } from './port';

const dist = mkdtempSync(join(tmpdir(), 'hoppla-'));
writeFileSync(join(dist, 'index.html'), '<!doctype html><title>Hoppla</title>');
writeFileSync(join(dist, 'entry-0123456789abcdef0123456789abcdef.js'), `/* ${'x'.repeat(5000)} */`);

const server = createApp(dist).listen(0, '127.0.0.1');
beforeAll(
  () => new Promise<void>((ready) => void (server.listening ? ready() : server.once('listening', ready))),
);
const get = (path: string) => fetch(`http://127.0.0.1:${(server.address() as AddressInfo).port}${path}`);
afterAll(() => server.close());

describe('server', () => {
  it('sends one page for every address, never kept, under a policy without eval', async () => {
    for (const path of ['/', '/toy/abc/parts', '/toy/abc/face?part=x']) {
      const answer = await get(path);
      expect(await answer.text()).toContain('Hoppla');
      expect(answer.headers.get('cache-control')).toBe('no-cache');
      const policy = answer.headers.get('content-security-policy')!;
      expect(policy).toContain("script-src 'self';");
      expect(policy).not.toContain('unsafe-eval');
      expect(answer.headers.get('x-powered-by')).toBeNull();
    }
  });
  it('keeps hashed files for a year and compresses them; a file that is not there is not a page', async () => {
    const answer = await get('/entry-0123456789abcdef0123456789abcdef.js');
    expect(answer.headers.get('cache-control')).toContain('immutable');
    expect(answer.headers.get('content-encoding')).toMatch(/gzip|br/);
    expect((await get('/gone.js')).status).toBe(404);
  });
  it('takes the port by flag, then PORT, and says in a sentence what is wrong', () => {
    expect([
      portFrom(['--port', '5000'], { PORT: '6000' }),
      portFrom([], { PORT: '6000' }),
      portFrom([], {}),
    ]).toEqual([5000, 6000, 4173]);
    expect(() => portFrom(['--port', 'x'], {})).toThrow(/not a port/);
    expect(listenTrouble({ code: 'EADDRINUSE', message: '' }, 4173)).toContain('Port 4173 is taken');
  });
});
