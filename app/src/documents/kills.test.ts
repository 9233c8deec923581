import { exportFile } from '@hoppla/core/files';
import { progressOf } from '@hoppla/core/record';
import { addParts, newFile, newToy, type Deed } from '@hoppla/core/toy';
import { openFile } from '@hoppla/core/toy/schema';
import { newId } from './ids';
import { share } from '../../../core/bench/share';

/** A browser that keeps what its pages stored; each page is the program loaded anew. A page that is killed stores nothing any more. */
interface Page {
  open: typeof import('./openToy');
  keep: typeof import('./storage').keep;
  kill: () => void;
}

const kept = jest.requireActual('@react-native-async-storage/async-storage');

function newPage(): Page {
  let alive = true;
  const gated = <T extends object>(of: T): T =>
    new Proxy(of, {
      get: (target, name) => {
        const value = Reflect.get(target, name) as unknown;
        if (typeof value !== 'function') return value;
        // What a dead page had begun never comes to its end.
        return (...args: unknown[]) =>
          alive ? (value as (...a: unknown[]) => unknown).apply(target, args) : new Promise(() => undefined);
      },
    });
  const stores = new Map<string, object>();
  jest.resetModules();
  jest.doMock('@react-native-async-storage/async-storage', () => ({
    ...kept,
    createAsyncStorage: (name: string) => {
      const one = stores.get(name) ?? gated(kept.createAsyncStorage(name) as object);
      stores.set(name, one);
      return one;
    },
  }));
  /* eslint-disable @typescript-eslint/no-require-imports */
  const open = require('./openToy') as typeof import('./openToy');
  const { keep } = require('./storage') as typeof import('./storage');
  /* eslint-enable @typescript-eslint/no-require-imports */
  return { open, keep, kill: () => (alive = false) };
}

let seed = 20;
const random = () => (seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0) / 4294967296;
const deedNo = (k: number): Deed => {
  const key = `round:c:${Math.floor(random() * 30)}`;
  const kinds: Deed[] = [
    { what: 'done', key, content: String(k) },
    { what: 'undone', key },
    { what: 'stitches', key, stitches: k % 40 },
    { what: 'counted', key, stitches: k % 40 },
    { what: 'now', key },
    { what: 'measured', key, acrossMm: 1 + (k % 60) },
  ];
  return kinds[Math.floor(random() * kinds.length)];
};
const rest = (ms: number) => new Promise((r) => setTimeout(r, ms));

test(`${share(200)} kills of the page while ticking, counting and measuring: every deed is there when it is opened again, and on another device`, async () => {
  const file = newFile(addParts(newToy('Ear', newId), 'Ear\nR1: 6 sc in ring (6)', newId));
  const { id } = file.toy;
  let page = newPage();
  await page.keep(file, null);
  await page.open.openToy(id);
  const done: Deed[] = [];
  let n = 0;
  for (let kill = 0; kill < share(200); kill++) {
    for (let k = Math.floor(random() * 4); k >= 0; k--) {
      const deed = deedNo(n++);
      page.open.note(deed);
      done.push(deed);
      // Between deeds the storage has had any time to go on, or none.
      if (random() < 0.5) await rest(random() < 0.3 ? 6 : 0);
    }
    page.kill();
    page = newPage();
    await page.open.openToy(id);
    const { withDeed } = jest.requireActual<typeof import('@hoppla/core/record')>('@hoppla/core/record');
    const want = done.reduce<ReturnType<typeof withDeed>>((log, d) => withDeed(log, d, ''), []);
    const now = page.open.openToyNow().file!;
    expect(now.log.map(({ at: _, ...deed }) => deed)).toEqual(want.map(({ at: _, ...deed }) => deed));
  }
  const opened = openFile(exportFile(page.open.openToyNow().file!));
  expect(opened.state).toBe('open');
  if (opened.state === 'open')
    expect(progressOf(opened.file.log)).toEqual(progressOf(page.open.openToyNow().file!.log));
}, 600_000);
