// Keeps the app working without a network. Hashed files are kept for ever; the page itself is asked for first and taken
// from what is kept when nothing answers. The build writes the list of files, and puts in place of the word below the
// hash of all that it keeps: another build is another worker, and a browser takes it up.
const BUILD = 'NOT BUILT';
const PREFIX = 'hoppla-app-';
const KEPT = PREFIX + BUILD;

self.addEventListener('install', (event) => {
  event.waitUntil(
    (async () => {
      const files = await (await fetch('/precache.json', { cache: 'no-store' })).json();
      const cache = await caches.open(KEPT);
      for (const file of files) {
        // What an older build has kept under the same hashed name is the same file.
        const known = await caches.match(file);
        if (known) await cache.put(file, known);
        else await cache.add(file);
      }
      await cache.add(new Request('/', { cache: 'no-store' }));
      await self.skipWaiting();
    })(),
  );
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    (async () => {
      // A page of the build before may still ask for its own files: that build stays until the next one comes.
      const others = (await caches.keys()).filter((name) => name.startsWith('hoppla-app') && name !== KEPT);
      for (const name of others.slice(0, -1)) await caches.delete(name);
      await self.clients.claim();
    })(),
  );
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (request.mode === 'navigate') {
    event.respondWith(
      fetch(request).catch(async () => (await (await caches.open(KEPT)).match('/')) ?? Response.error()),
    );
    return;
  }
  event.respondWith((async () => (await caches.match(request, { ignoreSearch: true })) ?? fetch(request))());
});
