// The running cue view: one clock, the next cue large, seconds to go. All that it needs stands in the page.
const board = () => document.querySelector('[data-cues]');
let began = null;
let held = 0;
let lock = null;

const now = () => (began === null ? held : (performance.now() - began) / 1000);
const clock = (s) => `${s < 0 ? '−' : ''}${Math.floor(Math.abs(s) / 60)}:${(Math.abs(s) % 60).toFixed(1).padStart(4, '0')}`;
const moments = (at) => JSON.parse(at.dataset.cues);

function set(seconds) {
    held = Math.max(0, seconds);
    if (began !== null) began = performance.now() - 1000 * held;
    draw();
}

async function awake(on) {
    if (!on) return lock?.release().then(() => { lock = null; });
    lock = await navigator.wakeLock?.request('screen').catch(() => null);
    return lock;
}

function draw() {
    const at = board();
    if (!at) return;
    const time = now();
    const who = at.querySelector('[data-cue-for]')?.value ?? '';
    const all = moments(at);
    const mine = all.filter((one) => one.kind !== 'cue' || who === '' || one.who === who);
    const wanted = mine.some((one) => one.kind === 'cue') ? mine.filter((one) => one.kind !== 'section') : mine;
    const next = wanted.find((one) => one.at > time);
    const then = wanted.find((one) => one.at > (next?.at ?? Infinity));
    const section = all.filter((one) => one.kind === 'section' && one.at <= time + 0.001).pop();
    const write = (what, text) => { at.querySelector(`[data-cue-${what}]`).textContent = text; };
    const said = (one) => `${one.who ? `${one.who}: ` : ''}${one.what}${one.where ? ` (${one.where})` : ''}`;
    write('clock', clock(time));
    write('section', section?.what ?? '');
    write('left', next ? `in ${(next.at - time).toFixed(next.at - time < 10 ? 1 : 0)} s` : 'done');
    if (at.querySelector('[data-cue-what]').textContent !== (next ? said(next) : '')) write('what', next ? said(next) : '');
    write('then', then ? `then, at ${clock(then.at)}: ${said(then)}` : '');
    at.classList.toggle('is-counting', Boolean(next && next.count > 0 && next.at - time <= next.count));
    at.querySelector('[data-cue-act=run]').textContent = began === null ? 'Start' : 'Stop';
}

const acts = {
    run() {
        if (began === null) began = performance.now() - 1000 * held;
        else { held = now(); began = null; }
        awake(began !== null);
    },
    next() {
        const to = moments(board()).find((one) => one.kind === 'section' && one.at > now() + 0.001);
        if (to) set(to.at);
    },
    back() { set(now() - 1); },
    on() { set(now() + 1); },
    large() { document.fullscreenElement ? document.exitFullscreen() : board().requestFullscreen?.(); },
    reset() { began = null; set(0); awake(false); },
};

document.addEventListener('click', (event) => {
    const act = event.target.closest('[data-cue-act]')?.dataset.cueAct;
    if (act) { acts[act](); draw(); }
});
document.addEventListener('change', (event) => { if (event.target.matches('[data-cue-for]')) draw(); });
document.addEventListener('keydown', (event) => {
    if (!board() || event.target.closest('input, select, textarea, button') || event.ctrlKey || event.metaKey || event.altKey) return;
    const act = { ' ': 'run', n: 'next' }[event.key];
    if (act) { event.preventDefault(); event.stopImmediatePropagation(); acts[act](); draw(); }
}, true);
setInterval(() => { if (began !== null) draw(); }, 100);
document.addEventListener('plan:drawn', draw);
document.addEventListener('DOMContentLoaded', draw);
