// A shoot that goes along: its pages are fetched into this device’s cache, and what is there, how fresh, stays in sight.
const CACHE = 'fine-frame-2';
const READY_MS = 6000;
const line = () => document.querySelector('[data-pack]');
const key = (id) => `pack:${id}`;
const read = (id) => JSON.parse(localStorage.getItem(key(id)) ?? 'null');

function say() {
    const at = line();
    if (!at) return;
    const had = read(at.dataset.shoot);
    const version = Number(document.getElementById('state')?.dataset.version);
    const words = at.querySelector('[data-pack-state]');
    if (!had) words.textContent = '';
    else {
        const when = new Date(had.at).toLocaleString([], { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });
        words.textContent = `${had.count} pages on this device, ${when}${version > had.version ? '; the plan has changed since' : ''}.`;
    }
}

async function fetched(cache, { url, also }) {
    const answer = await fetch(url, { headers: { Accept: 'text/html' } });
    if (!answer.ok) throw new Error(`${url} did not come (${answer.status}).`);
    for (const one of [url, ...also]) await cache.put(new Request(new URL(one, location.href)), answer.clone());
}

async function take() {
    const at = line();
    const button = at.querySelector('button');
    const words = at.querySelector('[data-pack-state]');
    button.disabled = true;
    try {
        // Without what answers in a connection’s place, nothing that is kept would ever open.
        const ready = navigator.serviceWorker?.ready ?? new Promise(() => {});
        await Promise.race([ready, new Promise((_, no) => { setTimeout(() => no(new Error('This browser keeps no pages from this address.')), READY_MS); })]);
        const list = await fetch(at.dataset.pack);
        if (!list.ok) throw new Error('The list of pages did not come.');
        const { version, pages } = await list.json();
        const cache = await caches.open(CACHE);
        for (const file of ['/build/app.css', '/build/app.js', '/build/fonts/next.woff2', '/build/fonts/mono.woff2', '/mark.svg']) await cache.add(file);
        for (const [i, page] of pages.entries()) {
            words.textContent = `${i} of ${pages.length} …`;
            await fetched(cache, page);
        }
        localStorage.setItem(key(at.dataset.shoot), JSON.stringify({ version, count: pages.length, at: Date.now() }));
        say();
    } catch (error) {
        words.textContent = `${error.message ?? 'No connection.'} What came is here; try again for the rest.`;
    } finally {
        button.disabled = false;
    }
}

/** What was taken off the list at home goes from here as well, as soon as that is known. */
async function sweep() {
    for (const name of Object.keys(localStorage).filter((one) => one.startsWith('pack:'))) {
        const id = name.slice('pack:'.length);
        try {
            const answer = await fetch(`/shoots/${id}/pack.json`);
            // Gone, or no longer theirs.
            if (![403, 404, 410].includes(answer.status)) continue;
            const cache = await caches.open(CACHE);
            for (const one of await cache.keys()) if (new URL(one.url).pathname.startsWith(`/shoots/${id}/`)) await cache.delete(one);
            localStorage.removeItem(name);
        } catch {
            return;
        }
    }
}

document.addEventListener('click', ({ target }) => { if (target.closest?.('[data-pack] button')) take(); });
document.addEventListener('DOMContentLoaded', () => { say(); if (!line()) sweep(); });
document.addEventListener('plan:drawn', say);
