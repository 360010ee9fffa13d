// Keeps the last seen pages and what they load, so that a phone without a connection still opens them.
const CACHE = 'fine-frame-2';

// What a page is of: another selected thing is the same page, another place or room is not.
const WHAT = ['look', 'place', 'room'];
const sameWhat = (one, other) => one.pathname === other.pathname && WHAT.every((name) => (one.searchParams.get(name) ?? '') === (other.searchParams.get(name) ?? ''));
const escaped = (text) => text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]);

async function keptPage(cache, request) {
    const exact = await cache.match(request);
    if (exact) return exact;
    const wanted = new URL(request.url);
    for (const one of await cache.keys()) {
        if (sameWhat(new URL(one.url), wanted)) return cache.match(one);
    }
    return notHere(cache, wanted);
}

/** A page of its own for what was never opened on this device, with the pages that were. */
async function notHere(cache, wanted) {
    const shoot = wanted.pathname.split('/').slice(0, 3).join('/');
    const pages = (await cache.keys()).map((one) => new URL(one.url)).filter((url) => url.pathname.startsWith(`${shoot}/`) && !/\/photos\/|\.(svg|pdf|css|js)$/.test(url.pathname));
    const style = (await cache.keys()).map((one) => new URL(one.url)).find((url) => url.pathname.endsWith('/build/app.css'));
    const items = [...new Set(pages.map((url) => url.pathname + url.search))].map((path) => `<li><a href="${escaped(path)}">${escaped(decodeURIComponent(path.slice(shoot.length + 1)))}</a></li>`).join('');
    return new Response(`<!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>No connection · Fine Frame</title>${style ? `<link rel="stylesheet" href="${escaped(style.pathname + style.search)}">` : ''}</head><body class="home"><main><h1>No connection</h1><p>This page was never opened on this device, so it is not here. It opens when the connection is back.</p>${items ? `<p>These are here:</p><ul>${items}</ul>` : ''}</main></body></html>`, { status: 503, headers: { 'Content-Type': 'text/html; charset=utf-8' } });
}

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil((async () => {
    for (const name of await caches.keys()) if (name !== CACHE) await caches.delete(name);
    await self.clients.claim();
})()));
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
            const kept = isPage ? await keptPage(cache, request) : await cache.match(request);
            if (kept) return kept;
            throw error;
        }
    })());
});
