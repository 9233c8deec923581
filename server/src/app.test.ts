import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { request } from 'node:http';
import { connect, type AddressInfo, type Socket } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { createApp } from './app';
import { stop, withBounds } from './bounds';
import { hostFrom, listenTrouble, portFrom } from './listen';

const dist = mkdtempSync(join(tmpdir(), 'hoppla-'));
const ENTRY = 'entry-0123456789abcdef0123456789abcdef.js';
const code = `/* ${'x'.repeat(5000)} */`;
writeFileSync(join(dist, 'index.html'), '<!doctype html><title>Hoppla</title>');
writeFileSync(join(dist, ENTRY), code);
writeFileSync(join(dist, `${ENTRY}.gz`), gzipSync(code));
writeFileSync(join(dist, `${ENTRY}.br`), brotliCompressSync(code));
mkdirSync(join(dist, 'assets'));

const server = withBounds(createApp(dist).listen(0, '127.0.0.1'));
beforeAll(
  () => new Promise<void>((ready) => void (server.listening ? ready() : server.once('listening', ready))),
);
const port = () => (server.address() as AddressInfo).port;
const get = (path: string, more: RequestInit = {}) => fetch(`http://127.0.0.1:${port()}${path}`, more);
afterAll(() => stop(server));

/** A call just as it is written, and the first bytes of the answer; null where the socket is closed without one. */
const raw = (bytes: string): Promise<string | null> =>
  new Promise((done) => {
    const socket = connect(port(), '127.0.0.1', () => socket.write(bytes));
    socket.once('data', (data) => {
      socket.destroy();
      done(data.toString('latin1'));
    });
    socket.once('close', () => done(null));
    socket.once('error', () => done(null));
  });

describe('server', () => {
  it('sends one page for every address, never kept, under a policy without eval', async () => {
    for (const path of ['/', '/toy/abc/parts', '/toy/abc/face?part=x']) {
      const answer = await get(path);
      expect(await answer.text()).toContain('Hoppla');
      expect(answer.headers.get('cache-control')).toBe('no-cache');
      const policy = answer.headers.get('content-security-policy')!;
      expect(policy).toContain("script-src 'self';");
      expect(policy).not.toContain('unsafe-eval');
      expect(answer.headers.get('permissions-policy')).toContain('camera=()');
      expect(answer.headers.get('x-powered-by')).toBeNull();
    }
  });
  it('keeps hashed files for a year, as the build has compressed them; a file that is not there is not a page', async () => {
    for (const [takes, packed] of [
      ['br, gzip', 'br'],
      ['gzip', 'gzip'],
      ['identity', null],
    ] as const) {
      const answer = await get(`/${ENTRY}`, { headers: { 'accept-encoding': takes } });
      expect(answer.headers.get('cache-control')).toContain('immutable');
      expect(answer.headers.get('content-encoding')).toBe(packed);
      expect(answer.headers.get('content-type')).toContain('javascript');
      expect(await answer.text()).toBe(code);
    }
    expect((await get('/gone.js')).status).toBe(404);
  });
  it('takes the port by flag, then PORT, and says in a sentence what is wrong; only this machine unless told', () => {
    expect([
      portFrom(['--port', '5000'], { PORT: '6000' }),
      portFrom(['--port=5001'], {}),
      portFrom([], { PORT: '6000' }),
      portFrom([], {}),
    ]).toEqual([5000, 5001, 6000, 4173]);
    for (const wrong of ['x', '-1', '1e3', '0x50', '65536', '4173.5', ' '])
      expect(() => portFrom(['--port', wrong], {})).toThrow(/not a port/);
    for (const none of [['--port'], ['--port='], ['--port', ''], ['--port', '--host']])
      expect(() => portFrom(none, { PORT: '6000' })).toThrow(/--port wants a number behind it/);
    expect([hostFrom([]), hostFrom(['--host', '0.0.0.0'])]).toEqual(['127.0.0.1', '0.0.0.0']);
    expect(() => hostFrom(['--host', 'a b'])).toThrow(/not an address/);
    expect(() => hostFrom(['--host'])).toThrow(/wants an address/);
    expect(listenTrouble({ code: 'EADDRINUSE', message: '' }, 4173)).toContain('Port 4173 is taken');
  });
  it('says that it lives', async () => {
    const answer = await get('/health');
    expect(await answer.json()).toEqual({ ok: true, seconds: expect.any(Number) });
    expect(answer.headers.get('cache-control')).toBe('no-store');
  });
});

describe('under abuse', () => {
  it('odd paths, methods and ranges are refused in a sentence, never with a folder or a line of the program', async () => {
    const answers = await Promise.all([
      ...[
        '/%',
        '/%c0%ae%c0%ae/',
        '/..%2f..%2fetc%2fpasswd',
        '/%2e%2e/%2e%2e/etc/passwd',
        '/a%00b.js',
        '//',
        '/\\..\\x.js',
      ].map((path) => raw(`GET ${path} HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n`)),
      raw(`GET /${ENTRY} HTTP/1.1\r\nHost: x\r\nRange: bytes=9999999-\r\nConnection: close\r\n\r\n`),
      ...['POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'TRACE', 'PROPFIND'].map((method) =>
        raw(`${method} /toy/x HTTP/1.1\r\nHost: x\r\nContent-Length: 0\r\nConnection: close\r\n\r\n`),
      ),
      raw('BREW / HTTP/1.1\r\n\r\n'),
      raw('\0\0\0\0'),
      raw(`GET / HTTP/1.1\r\nHost: x\r\nX: ${'y'.repeat(100_000)}\r\n\r\n`),
      raw(
        `POST /instruments/scale/control HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\nContent-Length: 3\r\n\r\n{x}`,
      ),
    ]);
    for (const answer of answers) {
      expect(answer).toMatch(/^HTTP\/1\.1 (200|400|404|405|416|431) /);
      expect(answer).not.toMatch(/node_modules|at \w+ \(|\/tmp\/|\/work\/|root:/);
    }
    expect(answers.filter((a) => a!.startsWith('HTTP/1.1 200')).map((a) => /Hoppla/.test(a!))).not.toContain(
      false,
    );
    expect(answers.at(-2)).toContain('431');
  });

  it('2,000 calls at once for the entry: all answered with all of it, and the page beside them; memory bounded', async () => {
    const before = process.memoryUsage().rss;
    const one = () =>
      new Promise<number>((done, fail) => {
        const call = request(
          {
            host: '127.0.0.1',
            port: port(),
            path: `/${ENTRY}`,
            headers: { 'accept-encoding': 'br' },
            agent: false,
          },
          (answer) => {
            let bytes = 0;
            answer.on('data', (chunk: Buffer) => (bytes += chunk.length));
            answer.on('end', () => done(bytes));
          },
        );
        call.on('error', fail);
        call.end();
      });
    const sizes = Promise.all(Array.from({ length: 2000 }, one));
    expect((await get('/')).status).toBe(200);
    expect(new Set(await sizes)).toEqual(new Set([brotliCompressSync(code).length]));
    expect(process.memoryUsage().rss - before).toBeLessThan(300 * 1024 * 1024);
  }, 30_000);

  it('idle sockets and headers a letter at a time hold nobody up, and all of them are let go when it stops', async () => {
    const other = withBounds(createApp(dist).listen(0, '127.0.0.1'));
    await new Promise<void>((ready) => void other.once('listening', ready));
    const at = (other.address() as AddressInfo).port;
    const sockets: Socket[] = [];
    let closed = 0;
    await Promise.all(
      Array.from(
        { length: 500 },
        (_, k) =>
          new Promise<void>((ready) => {
            const socket = connect(at, '127.0.0.1', () => {
              if (k % 2 === 0) socket.write('GET / HTTP/1.1\r\nX-Slow: ');
              ready();
            });
            socket.on('error', () => undefined).on('close', () => closed++);
            sockets.push(socket);
          }),
      ),
    );
    const began = Date.now();
    expect((await fetch(`http://127.0.0.1:${at}/health`)).status).toBe(200);
    expect(Date.now() - began).toBeLessThan(other.headersTimeout / 2);
    expect([other.headersTimeout, other.requestTimeout].every((ms) => ms > 0 && ms <= 30_000)).toBe(true);
    await stop(other);
    await new Promise((done) => setTimeout(done, 200));
    expect(closed).toBe(500);
    await expect(fetch(`http://127.0.0.1:${at}/health`)).rejects.toThrow();
  }, 20_000);
});
