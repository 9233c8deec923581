// Keeps the app working without a network. Hashed files are kept for ever; the page itself is asked for first and taken
// from what is kept when nothing answers. The list of files is written by the build.
const KEPT = 'hoppla-app';

self.addEventListener('install', (event) => {
  event.waitUntil(
    (async () => {
      const files = await (await fetch('/precache.json', { cache: 'no-store' })).json();
      const cache = await caches.open(KEPT);
      const known = new Set((await cache.keys()).map((r) => new URL(r.url).pathname));
      await cache.addAll(['/', ...files.filter((f) => !known.has(f))]);
      for (const request of await cache.keys()) {
        const { pathname } = new URL(request.url);
        if (pathname !== '/' && !files.includes(pathname)) await cache.delete(request);
      }
      await self.skipWaiting();
    })(),
  );
});

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (request.mode === 'navigate') {
    event.respondWith(fetch(request).catch(async () => (await caches.match('/')) ?? Response.error()));
    return;
  }
  event.respondWith((async () => (await caches.match(request, { ignoreSearch: true })) ?? fetch(request))());
});
