// Marks of the day: written here first, sent when there is a connection, joined there with everybody’s.
import { go } from './plan.js';

const shoot = () => location.pathname.split('/')[2] ?? '';
const key = (what) => `log:${shoot()}:${what}`;
const read = (name, otherwise) => JSON.parse(localStorage.getItem(name) ?? 'null') ?? otherwise;
const write = (name, value) => localStorage.setItem(name, JSON.stringify(value));
const waiting = () => read(key('waiting'), []);
const board = () => document.querySelector('[data-log]');
const AGAIN_MS = 5000;

let known = {};
let takes = [];
let sending = false;
let ended = false;
const reads = () => document.body.hasAttribute('data-no-marks');

function device() {
    const id = localStorage.getItem('log:device') ?? `d-${crypto.randomUUID?.() ?? `${Date.now()}-${Math.random().toString(36).slice(2)}`}`;
    localStorage.setItem('log:device', id);
    return id;
}

export function mark(kind, says) {
    const n = read(key('n'), 0) + 1;
    write(key('n'), n);
    const who = localStorage.getItem('log:who') ?? '';
    write(key('waiting'), [...waiting(), { id: `${device()}:${shoot()}:${n}`, device: device(), n, at_ms: Date.now(), kind, who, ...says }]);
    draw();
    send();
    return waiting().at(-1)?.id;
}

/** Takes as everybody marked them, with what waits here on top. */
export function takesNow() {
    const all = new Map(takes.map((one) => [one.take, { ...one, flags: [...one.flags] }]));
    const at = (name) => all.get(name) ?? all.set(name, { take: name, start: null, end: null, flags: [], best: null }).get(name);
    const undone = new Set(waiting().filter((one) => one.kind === 'undo').map((one) => one.target));
    for (const one of waiting()) {
        if (undone.has(one.id)) continue;
        if (one.kind === 'start') at(one.take).start ??= one.at_ms;
        if (one.kind === 'end') at(one.take).end ??= one.at_ms;
        if (one.kind === 'best') at(one.take).best = one.source;
        if (one.kind === 'flag') at(one.take ?? '').flags.push(one.flag);
    }
    return [...all.values()].filter((one) => one.take !== '').sort((a, b) => (a.start ?? 0) - (b.start ?? 0));
}

/** What everybody’s marks come to, with those that wait here on top. */
function state() {
    const ticks = { ...known };
    for (const one of waiting()) if (one.kind === 'tick') ticks[one.item] = { on: one.on, who: one.who, at: one.at_ms, why: one.reason ?? '', waits: true };
    return ticks;
}

function draw() {
    const at = board();
    if (!at) return;
    const ticks = state();
    for (const box of at.querySelectorAll('[data-item]')) {
        const tick = ticks[box.dataset.item];
        box.checked = tick?.on ?? false;
        const clock = tick ? new Date(tick.at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' }) : '';
        box.closest('li, [data-ticked]').querySelector('[data-by]').textContent = tick ? `${tick.on ? 'ticked' : 'open again'}${tick.who ? ` by ${tick.who}` : ''} at ${clock}${tick.waits ? ', waits here' : ''}` : '';
    }
    for (const why of at.querySelectorAll('[data-waive]')) if (document.activeElement !== why) why.value = ticks[why.dataset.waive]?.on ? ticks[why.dataset.waive].why : '';
    const count = waiting().length;
    if (reads()) for (const field of at.querySelectorAll('[data-item], [data-waive], [data-log-who], [data-roll-act], [data-roll-do]:not([data-roll-do=large])')) field.disabled = true;
    at.querySelector('[data-log-state]').textContent = count > 0 ? `${count} ${count === 1 ? 'tick waits' : 'ticks wait'} here to be sent.` : reads() ? '' : 'All sent.';
    if (ended) at.querySelector('[data-log-state]').textContent = count > 0 ? `Your link has ended: ${count === 1 ? 'one tick waits' : `${count} ticks wait`} here. Ask for a new link; they are sent once it is opened.` : 'Your link has ended. What you see may be old.';
    document.dispatchEvent(new CustomEvent('log:drawn'));
}

async function send() {
    const url = board()?.dataset.log;
    if (!url || sending) return;
    sending = true;
    try {
        const marks = waiting();
        // Whoever may not mark asks what the others did.
        const answer = await fetch(url, reads() ? { headers: { Accept: 'application/json' } } : {
            method: 'POST',
            headers: { 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content, 'Content-Type': 'application/json', Accept: 'application/json' },
            body: JSON.stringify({ device: device(), name: localStorage.getItem('log:who') ?? '', now_ms: Date.now(), marks }),
        });
        ended = answer.status === 410 || answer.status === 403;
        if (!answer.ok) throw new Error(String(answer.status));
        const { kept, refused, ticks, takes: taken } = await answer.json();
        const done = new Set([...kept, ...Object.keys(refused)]);
        // What was ticked meanwhile stays.
        write(key('waiting'), waiting().filter((one) => !done.has(one.id)));
        // Where what is ticked moves other things, they are drawn anew.
        if (board()?.hasAttribute('data-log-redraws') && JSON.stringify(known) !== JSON.stringify(ticks) && Object.keys(known).length + marks.length > 0) redraw();
        known = ticks;
        takes = taken;
        write(key('known'), ticks);
        write(key('takes'), taken);
    } catch {
        // No connection; it is tried again.
    } finally {
        sending = false;
        draw();
    }
}

const redraw = () => { go(location.href); };

function begin() {
    const at = board();
    if (!at) return;
    known = read(key('known'), {});
    takes = read(key('takes'), []);
    const who = at.querySelector('[data-log-who]');
    if (who) who.value = localStorage.getItem('log:who') ?? '';
    draw();
    send();
}

document.addEventListener('change', ({ target }) => {
    if (target.matches?.('[data-log-who]')) localStorage.setItem('log:who', target.value.trim());
    if (target.matches?.('[data-log] [data-waive]')) mark('tick', { item: target.dataset.waive, on: target.value.trim() !== '', reason: target.value.trim() });
    if (target.matches?.('[data-log] [data-item]')) mark('tick', { item: target.dataset.item, on: target.checked });
});
document.addEventListener('DOMContentLoaded', begin);
document.addEventListener('plan:drawn', begin);
window.addEventListener('online', send);
setInterval(() => { if (document.visibilityState === 'visible') send(); }, AGAIN_MS);
