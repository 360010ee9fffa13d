// What is typed is kept in this browser until the plan has it: through a reload, a lost connection, a closed tab.
import htmx from './htmx.js';

const shoot = () => location.pathname.split('/')[2] ?? '';
const place = (form) => form.querySelector('[name=place]')?.value ?? '';
const keyOf = (form) => `draft:${shoot()}:${place(form)}:${form.dataset.draft}`;
const waitingKey = () => `waiting:${shoot()}`;
const skipped = new Set(['_token', 'version', 'stage', 'look', 'select', 'place']);
const read = (key, otherwise) => JSON.parse(localStorage.getItem(key) ?? 'null') ?? otherwise;
const fields = (form) => Object.fromEntries([...new FormData(form)].filter(([name]) => !skipped.has(name)));

document.addEventListener('input', ({ target }) => {
    const form = target.closest?.('form[data-draft]');
    if (form) localStorage.setItem(keyOf(form), JSON.stringify(fields(form)));
});

function restore() {
    for (const form of document.querySelectorAll('form[data-draft]')) {
        const draft = read(keyOf(form), null);
        if (!draft) continue;
        let changed = false;
        for (const [name, value] of Object.entries(draft)) {
            const field = form.elements.namedItem(name);
            if (field && 'value' in field && field.type !== 'hidden' && field.value !== value) {
                field.value = value;
                field.closest('details')?.setAttribute('open', '');
                changed = true;
            }
        }
        if (!changed) localStorage.removeItem(keyOf(form));
    }
}

const forget = (form) => localStorage.removeItem(keyOf(form));

function tell() {
    const waiting = read(waitingKey(), []);
    const line = document.getElementById('waiting');
    if (!line) return;
    line.hidden = waiting.length === 0;
    line.textContent = waiting.length === 0 ? '' : `No connection: ${waiting.length} ${waiting.length === 1 ? 'entry waits' : 'entries wait'} here and will be sent when it is back.`;
}

document.addEventListener('htmx:beforeSwap', (event) => {
    const form = event.detail.requestConfig?.elt;
    if (!form?.matches?.('form[data-draft]') || event.detail.xhr.status >= 300) return;
    forget(form);
    // A reading stands in the form and is not kept yet: what is drawn next is the draft.
    if (event.detail.requestConfig.parameters.take) document.addEventListener('plan:drawn', () => localStorage.setItem(keyOf(form), JSON.stringify(fields(form))), { once: true });
});
document.addEventListener('htmx:sendError', (event) => {
    const form = event.detail.elt;
    if (!form?.matches?.('form[data-draft]')) return;
    const body = Object.fromEntries(event.detail.requestConfig.formData ?? fields(form));
    localStorage.setItem(waitingKey(), JSON.stringify([...read(waitingKey(), []), { url: event.detail.requestConfig.path, body, draft: keyOf(form) }]));
    tell();
});

let sending = false;
async function flush() {
    if (sending || !navigator.onLine) return;
    sending = true;
    try {
        for (let waiting = read(waitingKey(), []); waiting.length > 0; waiting = read(waitingKey(), [])) {
            const { url, body, draft } = waiting[0];
            const { version } = document.getElementById('state').dataset;
            const answer = await fetch(url, {
                method: 'POST',
                headers: { 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content, 'HX-Request': 'true' },
                body: new URLSearchParams({ ...body, version }),
            });
            if (answer.status >= 500 || answer.status === 419) break;
            localStorage.setItem(waitingKey(), JSON.stringify(waiting.slice(1)));
            if (answer.ok) localStorage.removeItem(draft);
            htmx.swap(document.body, await answer.text(), { swapStyle: 'none', swapDelay: 0, settleDelay: 0 });
        }
    } catch {
        // Still no connection; the next try comes by itself.
    } finally {
        sending = false;
        tell();
    }
}

document.addEventListener('DOMContentLoaded', () => {
    if (!document.getElementById('state')) return;
    restore();
    tell();
    flush();
    navigator.serviceWorker?.register('/offline.js');
});
document.addEventListener('plan:drawn', () => { restore(); tell(); });
window.addEventListener('online', flush);
setInterval(() => { if (read(waitingKey(), []).length > 0) flush(); }, 10_000);
