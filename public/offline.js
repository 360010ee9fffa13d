// Keeps the last seen pages and what they load, so that a phone without a connection still opens them.
const CACHE = 'fine-frame-1';

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('fetch', (event) => {
    const { request } = event;
    const isPage = request.mode === 'navigate';
    if (request.method !== 'GET' || new URL(request.url).origin !== self.location.origin || (!isPage && !/\/build\/|\/photos\/|mark\.svg/.test(request.url))) return;
    event.respondWith((async () => {
        const cache = await caches.open(CACHE);
        try {
            const answer = await fetch(request);
            if (answer.ok) cache.put(request, answer.clone());
            return answer;
        } catch (error) {
            const kept = await cache.match(request, { ignoreSearch: isPage }) ?? await cache.match(request);
            if (kept) return kept;
            throw error;
        }
    })());
});
