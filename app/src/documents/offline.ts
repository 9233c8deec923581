/** Lets the app work without a network from the second visit on. Not in development, where files change under it. */
export function keepOffline(): void {
  if (process.env.NODE_ENV !== 'production' || typeof navigator === 'undefined' || !navigator.serviceWorker)
    return;
  // A browser that forbids it only loses the offline start.
  navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}
