import { mkdtempSync, writeFileSync } from 'node:fs';
import { connect, type AddressInfo, type Socket } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from './app';
import { loadOf, Rig } from './rig';

const dist = mkdtempSync(join(tmpdir(), 'hoppla-instruments-'));
writeFileSync(join(dist, 'index.html'), '<!doctype html><title>Hoppla</title>');
const server = createApp(dist).listen(0, '127.0.0.1');
beforeAll(
  () => new Promise<void>((ready) => void (server.listening ? ready() : server.once('listening', ready))),
);
afterAll(() => {
  server.closeAllConnections();
  server.close();
});
const port = () => (server.address() as AddressInfo).port;
const url = (path: string) => `http://127.0.0.1:${port()}/instruments${path}`;
const control = (id: string, body: unknown, type = 'application/json') =>
  fetch(url(`/${id}/control`), {
    method: 'POST',
    headers: { 'content-type': type },
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });
interface Reading {
  t: number;
  value: number;
  unit: string;
}
/** The first so many readings of a stream. */
async function readings(id: string, count: number): Promise<Reading[]> {
  const stop = new AbortController();
  const answer = await fetch(url(id.includes('/') ? `/${id}` : `/${id}/stream`), { signal: stop.signal });
  expect(answer.headers.get('content-type')).toContain('text/event-stream');
  let text = '';
  const found = () => [...text.matchAll(/^data: (.*)$/gm)].map((m) => JSON.parse(m[1]) as Reading);
  const decoder = new TextDecoder();
  for await (const part of answer.body as unknown as AsyncIterable<Uint8Array>) {
    text += decoder.decode(part, { stream: true });
    if (found().length >= count) break;
  }
  stop.abort();
  return found().slice(0, count);
}
const wait = (ms: number) => new Promise((done) => setTimeout(done, ms));

describe('the simulated instruments', () => {
  it('are listed, and stream readings in their unit, one after the other', async () => {
    const { instruments } = (await (await fetch(url('/'))).json()) as { instruments: { id: string }[] };
    expect(instruments.map((i) => i.id)).toEqual(['gauge', 'scale']);
    await control('scale', { happen: 'weigh', grams: 120 });
    const grams = await readings('scale', 6);
    expect(grams.every((r) => r.unit === 'g' && Math.abs(r.value - 120) <= 1)).toBe(true);
    await control('gauge', { happen: 'tare' });
    const rest = await readings('gauge', 10);
    expect(rest.every((r, i) => Math.abs(r.value) < 1 && (i === 0 || r.t > rest[i - 1].t))).toBe(true);
    await control('gauge', { happen: 'holds', target: 0.34, riseS: 5 });
    expect((await readings('gauge', 2))[0].unit).toBe('N·m');
  });

  it('two sessions pull each on a gauge of its own; of many names no more than there is room for are kept', async () => {
    const named = (name: string, path: string) => url(`/scale/${path}?session=${name}`);
    const put = (name: string, grams: number) =>
      fetch(named(name, 'control'), {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ happen: 'weigh', grams }),
      });
    const first = async (name: string) => (await readings(`scale/stream?session=${name}#`, 1))[0].value;
    await Promise.all([put('a', 100), put('b', 300)]);
    expect(Math.abs((await first('a')) - 100)).toBeLessThanOrEqual(1);
    expect(Math.abs((await first('b')) - 300)).toBeLessThanOrEqual(1);
    for (let i = 0; i < 600; i += 100)
      await Promise.all(Array.from({ length: 100 }, (_, k) => put(`n${i + k}`, 5)));
    expect(Math.abs(await first('a'))).toBeLessThanOrEqual(1);
  }, 30_000);

  it('what is no control is refused with a sentence, and changes nothing', async () => {
    await control('scale', { happen: 'weigh', grams: 50 });
    for (const [body, type] of [
      ['{', 'application/json'],
      ['[]', 'application/json'],
      ['null', 'application/json'],
      ['"x"', 'application/json'],
      [{ happen: 'explodes' }, 'application/json'],
      [{ happen: 'weigh', grams: -1 }, 'application/json'],
      [{ happen: 'weigh', grams: 1e300 }, 'application/json'],
      [{ happen: 'weigh', grams: '50' }, 'application/json'],
      ['happen=weigh', 'application/x-www-form-urlencoded'],
    ] as const) {
      const answer = await control('scale', body, type);
      expect(answer.status).toBe(400);
      expect(((await answer.json()) as { sentence: string }).sentence).toMatch(/\.$/);
    }
    expect((await control('scale', `{"happen":"${'x'.repeat(5000)}"}`)).status).toBe(413);
    expect((await control('kettle', { happen: 'tare' })).status).toBe(404);
    expect((await fetch(url('/kettle/stream'))).status).toBe(404);
    expect(Math.abs((await readings('scale', 1))[0].value - 50)).toBeLessThanOrEqual(1);
  });

  it('200 streams and readers that never read: memory bounded, others served, no more than there is room for', async () => {
    const open: Socket[] = [];
    const begin = (reads: boolean) =>
      new Promise<Socket>((ready) => {
        const socket = connect(port(), '127.0.0.1', () => {
          socket.write('GET /instruments/gauge/stream HTTP/1.1\r\nHost: x\r\n\r\n');
          if (reads) socket.resume();
          else socket.pause();
          ready(socket);
        });
        socket.on('error', () => undefined);
        open.push(socket);
      });
    const before = process.memoryUsage().heapUsed + process.memoryUsage().external;
    await Promise.all(Array.from({ length: 200 }, (_, i) => begin(i % 2 === 0)));
    await wait(1500);
    expect((await readings('scale', 3)).length).toBe(3);
    await Promise.all(Array.from({ length: 60 }, () => begin(true)));
    await wait(300);
    expect((await fetch(url('/gauge/stream'))).status).toBe(503);
    const grown = process.memoryUsage().heapUsed + process.memoryUsage().external - before;
    expect(grown).toBeLessThan(64 * 1024 * 1024);
    for (const socket of open) socket.destroy();
    await wait(400);
    expect((await readings('gauge', 2)).length).toBe(2);
  }, 20_000);
});

describe('the rig, by its own clock', () => {
  const at = 1_000_000;
  const read = (happen: Parameters<Rig['begin']>[0], more: object = {}) => {
    const rig = new Rig();
    rig.begin(happen, { id: 'gauge', at, target: 90, riseS: 5, holdS: 10, ...more });
    return Array.from({ length: 400 }, (_, i) => [i / 20, rig.read('gauge', at + i * 50)] as const);
  };
  it('holds: over the target for ten seconds; lets go: never over where it goes', () => {
    expect(read('holds').filter(([, n]) => n >= 90).length / 20).toBeGreaterThan(10);
    const gone = read('lets go', { atN: 62 });
    expect(Math.max(...gone.map(([, n]) => n))).toBeLessThan(63.5);
    expect(gone.at(-1)![1]).toBeLessThan(1);
  });
  it('not tared it shows six newtons at rest, and a tare takes them', () => {
    expect(read('not tared')[0][1]).toBeGreaterThan(5);
    const rig = new Rig();
    rig.begin('not tared', { id: 'gauge', at });
    rig.begin('tare', { id: 'gauge', at });
    expect(Math.abs(rig.read('gauge', at))).toBeLessThan(1);
  });
  it('a connection that is cut out sends nothing for a second, one that breaks off is gone', () => {
    const rig = new Rig();
    rig.begin('cut out', { id: 'gauge', at, riseS: 5 });
    expect([rig.isCut(at + 1000), rig.isCut(at + 8500), rig.breaks(at + 8100)]).toEqual([false, true, false]);
    rig.begin('breaks off', { id: 'gauge', at, riseS: 5 });
    expect(rig.breaks(at + 8100)).toBe(true);
  });
  it('every load begins and ends at rest, its corners in time’s order', () => {
    for (const happen of ['holds', 'lets go', 'slips', 'dips', 'too fast', 'released early'] as const) {
      const corners = loadOf(happen, {});
      expect([corners[0][1], corners.at(-1)![1]]).toEqual([0, 0]);
      expect(corners.every(([t], i) => i === 0 || t >= corners[i - 1][0])).toBe(true);
    }
  });
});
