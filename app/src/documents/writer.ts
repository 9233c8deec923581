/**
 * One writer per toy across windows (decision 11): a Web Lock says who writes, a channel tells the others what was
 * kept and asks the writer to hand over.
 */
export interface Writer {
  /** true while this window may write */
  writing: boolean;
  release: () => void;
}

type Message = { type: 'kept' | 'gone' | 'hand-over'; id: string };

const HAND_OVER_MS = 1500;
/** A browser that does not answer about the lock in this time leaves the window following. */
const ANSWER_MS = 2000;
const lockName = (id: string) => `hoppla-toy-${id}`;
const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('hoppla');

/** Tells other windows that a toy was kept. */
export const tellKept = (id: string): void => channel?.postMessage({ type: 'kept', id } satisfies Message);

/** Tells other windows that a toy was deleted. */
export const tellGone = (id: string): void => channel?.postMessage({ type: 'gone', id } satisfies Message);

/** Does something with the kept toy while no other window can: what is read is still so when it is written. */
export function alone<T>(id: string, work: () => Promise<T>): Promise<T> {
  return typeof navigator === 'undefined' || !navigator.locks
    ? work()
    : (navigator.locks.request(`hoppla-store-${id}`, work) as Promise<T>);
}

/** Hears of every toy that another window keeps or deletes; returns how to stop. */
export function listenToAll(changed: () => void): () => void {
  const hear = (event: MessageEvent<Message>) => event.data.type !== 'hand-over' && changed();
  channel?.addEventListener('message', hear);
  return () => channel?.removeEventListener('message', hear);
}

/** Listens to what other windows do with one toy; returns how to stop. */
export function listen(
  id: string,
  on: { kept: () => void; gone: () => void; handOver: () => void },
): () => void {
  const hear = (event: MessageEvent<Message>) => {
    if (event.data.id !== id) return;
    const { kept, gone, handOver } = on;
    ({ kept, gone, 'hand-over': handOver })[event.data.type]();
  };
  channel?.addEventListener('message', hear);
  return () => channel?.removeEventListener('message', hear);
}

/** Asks to write. Without `insist` it takes no for an answer; with it the other window is asked to hand over, then overruled. */
export function askToWrite(id: string, insist: boolean, lost: () => void): Promise<Writer> {
  if (typeof navigator === 'undefined' || !navigator.locks)
    return Promise.resolve({ writing: true, release: () => undefined });
  return new Promise((resolve) => {
    const following = () => resolve({ writing: false, release: () => undefined });
    const hold = (lock: Lock | null): Promise<void> | undefined => {
      if (!lock) {
        following();
        return undefined;
      }
      return new Promise<void>((done) => resolve({ writing: true, release: done }));
    };
    if (!insist) {
      setTimeout(following, ANSWER_MS);
      navigator.locks.request(lockName(id), { ifAvailable: true }, hold).catch(() => (following(), lost()));
      return;
    }
    channel?.postMessage({ type: 'hand-over', id } satisfies Message);
    const patience = new AbortController();
    const timer = setTimeout(() => patience.abort(), HAND_OVER_MS);
    navigator.locks
      .request(lockName(id), { signal: patience.signal }, (lock) => {
        clearTimeout(timer);
        return hold(lock);
      })
      .catch(() => {
        if (patience.signal.aborted) navigator.locks.request(lockName(id), { steal: true }, hold).catch(lost);
        else lost();
      });
  });
}
