// What is typed is kept in this browser until the plan has it: through a reload, a lost connection, a closed tab.
import htmx from './htmx.js';

const shoot = () => location.pathname.split('/')[2] ?? '';
const place = (form) => form.querySelector('[name=place]')?.value ?? '';
const keyOf = (form) => `draft:${shoot()}:${place(form)}:${form.dataset.draft}`;
const waitingKey = () => `waiting:${shoot()}`;
const skipped = new Set(['_token', 'version', 'stage', 'look', 'select', 'place']);
const read = (key, otherwise) => JSON.parse(localStorage.getItem(key) ?? 'null') ?? otherwise;
const queue = () => read(waitingKey(), []);
const setQueue = (items) => localStorage.setItem(waitingKey(), JSON.stringify(items));
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
    const waiting = queue();
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

/** As the server drew it. */
const drawn = (field) => (field.tagName === 'SELECT' ? [...field.options].find((option) => option.defaultSelected) ?? field.options[0] : field)[field.tagName === 'SELECT' ? 'value' : 'defaultValue'] ?? '';

/** The rows of a list that were changed, each field with what stood there: others may change the rest meanwhile. */
function changedRows(form, dropped) {
    const rows = {};
    for (const field of form.querySelectorAll('[name^="rows["]')) {
        const [, index, column] = field.name.match(/^rows\[([^\]]*)\]\[([^\]]*)\]$/) ?? [];
        const row = (rows[index] ??= { id: '', cells: {}, was: {} });
        if (column === 'id') row.id = field.value;
        else if (field.value !== drawn(field) || (row.id === '' && field.value !== '')) {
            row.cells[column] = field.value;
            row.was[column] = drawn(field);
        }
    }
    const changed = Object.entries(rows).filter(([index, row]) => index !== dropped && (row.id === '' ? Object.entries(row.cells).some(([column, value]) => value !== row.was[column]) : Object.keys(row.cells).length > 0));
    return { rows: changed.map(([, row]) => row), drop: dropped !== undefined && rows[dropped] ? rows[dropped].id : '' };
}

/** What waits for one list goes as one: a row that is changed twice was what it was before the first. */
function joined(old, more) {
    const rows = [...old.rows];
    for (const row of more.rows) {
        const same = rows.find((one) => (row.id === '' ? one.id === '' && JSON.stringify(one.cells) === JSON.stringify(row.cells) : one.id === row.id));
        if (!same) rows.push(row);
        else Object.assign(same, { cells: { ...same.cells, ...row.cells }, was: { ...row.was, ...same.was } });
    }
    return { rows, drop: more.drop || old.drop };
}

function bodyOf({ body, change }) {
    if (!change) return body;
    const sent = { ...body, merge: '1', drop: change.drop };
    change.rows.forEach((row, i) => {
        sent[`rows[${i}][id]`] = row.id;
        for (const [column, value] of Object.entries(row.cells)) {
            sent[`rows[${i}][${column}]`] = value;
            sent[`was[${i}][${column}]`] = row.was[column];
        }
    });
    return sent;
}

document.addEventListener('htmx:sendError', ({ detail }) => {
    const form = detail.elt;
    if (!form?.matches?.('form[data-draft]')) return say('No connection: that was not done. Try it again when it is back.');
    const all = Object.fromEntries(detail.requestConfig.formData ?? fields(form));
    if (all.take) return say('No connection: a reading is taken when it is back.');
    const isList = form.querySelector('[name^="rows["]') !== null;
    const item = {
        id: crypto.randomUUID?.() ?? `${Date.now()}-${Math.random()}`, url: detail.requestConfig.path, draft: keyOf(form),
        body: isList ? Object.fromEntries(Object.entries(all).filter(([name]) => !/^(rows|drop)/.test(name))) : all,
        change: isList ? changedRows(form, all.drop) : null,
    };
    const waiting = queue();
    const same = item.change && waiting.find((one) => one.draft === item.draft && one.change);
    setQueue(same ? waiting.map((one) => (one === same ? { ...item, change: joined(one.change, item.change) } : one)) : [...waiting, item]);
    tell();
});

function say(words) {
    const line = document.createElement('p');
    line.textContent = words;
    document.getElementById('said')?.replaceChildren(line);
}

async function send(item) {
    const { version } = document.getElementById('state').dataset;
    const answer = await fetch(item.url, {
        method: 'POST',
        headers: { 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content, 'HX-Request': 'true' },
        body: new URLSearchParams({ ...bodyOf(item), version }),
    });
    if (answer.status >= 500 || answer.status === 419) return false;
    const html = await answer.text();
    // What was queued meanwhile stays.
    setQueue(queue().filter((one) => one.id !== item.id));
    if (answer.ok) localStorage.removeItem(item.draft);
    htmx.swap(document.body, html, { swapStyle: 'none', swapDelay: 0, settleDelay: 0 });
    return true;
}

async function empty() {
    try {
        for (let item = queue()[0]; item && (await send(item)); item = queue()[0]);
    } catch {
        // Still no connection; the next try comes by itself.
    } finally {
        tell();
    }
}

let sending = false;
async function flush() {
    if (sending || !navigator.onLine) return;
    sending = true;
    try {
        // One tab sends; where no locks are, this one does.
        await (navigator.locks ? navigator.locks.request(waitingKey(), { ifAvailable: true }, (lock) => (lock ? empty() : undefined)) : empty());
    } finally {
        sending = false;
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
setInterval(() => { if (queue().length > 0) flush(); }, 10_000);
