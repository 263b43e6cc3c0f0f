// Keeps the pick list on the phone, so that it opens where there is no network. It answers for /pick/ alone.
const CACHE = 'herrero-pick';

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

/** Fetches, keeps what is sound, and answers with it. */
const fetchAndKeep = async (request) => {
  const response = await fetch(request);
  if (response.ok) {
    const cache = await caches.open(CACHE);
    await cache.put(request, response.clone());
  }
  return response;
};

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  // Built files never change under one name: what is kept is taken. A page is asked for anew, and taken from the phone without a network.
  if (url.pathname.startsWith('/_next/static/'))
    event.respondWith(caches.match(request).then((kept) => kept ?? fetchAndKeep(request)));
  else if (request.mode === 'navigate')
    event.respondWith(fetchAndKeep(request).catch(async () => (await caches.match(request)) ?? Response.error()));
});
