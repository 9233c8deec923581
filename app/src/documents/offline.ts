import { useSyncExternalStore } from 'react';

const watchers = new Set<() => void>();
let newer = false;

/** Lets the app work without a network from the second visit on. Not in development, where files change under it. */
export function keepOffline(): void {
  if (process.env.NODE_ENV !== 'production' || typeof navigator === 'undefined' || !navigator.serviceWorker)
    return;
  // The page that began without a worker is of the same build as the first one.
  let known = navigator.serviceWorker.controller !== null;
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    newer = known;
    known = true;
    watchers.forEach((w) => w());
  });
  // A browser that forbids it only loses the offline start.
  navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}

/** Whether a newer build is ready; it is taken when the maker says so, never under the hands. */
export const useNewVersion = (): boolean =>
  useSyncExternalStore(
    (w) => (watchers.add(w), () => watchers.delete(w)),
    () => newer,
    () => false,
  );

/** How much this browser keeps for Hoppla, of how much, bytes, and whether it has promised to leave it; null where it does not tell. */
export async function roomKept(): Promise<{ used: number; most: number; stays: boolean } | null> {
  try {
    const [{ usage, quota }, stays] = await Promise.all([
      navigator.storage.estimate(),
      navigator.storage.persisted(),
    ]);
    return usage === undefined || quota === undefined ? null : { used: usage, most: quota, stays };
  } catch {
    return null;
  }
}
