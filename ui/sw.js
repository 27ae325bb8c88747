/*
 * Keeps what was built, so that the field card opens on a phone without a network. Nothing of a job is kept here, and
 * no answer of the server: the trip's list lies in the page's own store, and goes when its person signs out.
 */
const NAME = 'zygotome-BUILT';
const KEPT = ['/'];

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(NAME)
      .then((cache) => cache.addAll(KEPT))
      .then(() => self.skipWaiting()),
  );
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((n) => n !== NAME).map((n) => caches.delete(n))))
      .then(() => self.clients.claim()),
  );
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (request.mode === 'navigate' && url.pathname.startsWith('/field/')) {
    event.respondWith(fetch(request).catch(() => caches.match('/')));
  } else if (KEPT.includes(url.pathname) && url.pathname !== '/') {
    event.respondWith(caches.match(request).then((hit) => hit ?? fetch(request)));
  }
});
