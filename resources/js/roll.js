// The rolling page: a clock, takes, marks of one tap each. Everything is a mark of the log, written here first.
import { mark, takesNow } from './log.js';

const board = () => document.querySelector('[data-roll]');
const says = () => JSON.parse(board().dataset.roll);
const JAM = 'roll:jam';
const MINUTE = 60_000;
let lock = null;
let last = [];
let silence = null;

const clockOf = (ms) => { const s = Math.max(0, Math.floor(ms / 1000)); return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`; };
const hhmm = (minute) => `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
const mine = () => takesNow().filter((one) => one.take.startsWith(`${says().setup} `));
const running = () => mine().filter((one) => one.start !== null && one.end === null).at(-1) ?? null;

/** The label of the device's clock, with the offset that it was set to. */
function timecode(now) {
    const fps = Math.round(says().fps);
    const day = 86_400_000;
    const local = now - new Date(now).getTimezoneOffset() * MINUTE + Number(localStorage.getItem(JAM) ?? 0);
    const ms = ((local % day) + day) % day;
    const two = (n) => String(Math.floor(n)).padStart(2, '0');
    return `${two(ms / 3_600_000)}:${two((ms / MINUTE) % 60)}:${two((ms / 1000) % 60)}:${two(((ms % 1000) * fps) / 1000)}`;
}

function jam(text) {
    const parts = /^(\d{1,2})[:.](\d\d)[:.](\d\d)(?:[:;.](\d\d))?$/.exec(text.trim());
    const said = board().querySelector('[data-roll-said]');
    if (!parts) { said.textContent = `“${text}” is no timecode: 10:30:00:00.`; return; }
    const [, h, m, s, f] = parts.map((one) => Number(one ?? 0));
    const wanted = ((h * 60 + m) * 60 + s) * 1000 + (f * 1000) / Math.round(says().fps);
    const now = Date.now();
    const local = (now - new Date(now).getTimezoneOffset() * MINUTE) % 86_400_000;
    localStorage.setItem(JAM, String(wanted - local));
    said.textContent = 'Set.';
}

function left(now) {
    const recorded = mine().reduce((sum, one) => sum + (one.start === null ? 0 : (one.end ?? now) - one.start), 0);
    const take = running();
    const rows = says().cards.map((one) => [one.name, one.minutes * MINUTE - recorded]);
    for (const one of take ? says().clips : []) rows.push([one.name, one.minutes * MINUTE - (now - take.start)]);
    return rows;
}

function coming(now) {
    const date = new Date(now);
    const minute = date.getHours() * 60 + date.getMinutes();
    const next = says().coming.find((one) => one.at > minute);
    return next ? `${hhmm(next.at)} ${next.what}, in ${next.at - minute} min` : '';
}

function draw() {
    if (!board()) return;
    const now = Date.now();
    const take = running();
    const write = (what, text) => { const at = board().querySelector(`[data-roll-${what}]`); if (at.textContent !== text) at.textContent = text; };
    write('clock', timecode(now));
    write('take', take ? `${take.take} · ${clockOf(now - take.start)}` : 'not rolling');
    board().classList.toggle('is-rolling', Boolean(take));
    write('act', take ? 'Stop' : 'Roll');
    write('left', left(now).map(([name, ms]) => (ms < 0 ? `${name}: over` : `${name}: ${Math.floor(ms / MINUTE)} min left`)).join(' · '));
    write('coming', coming(now));
    write('silence', silence === null ? 'Hold the silence' : `${((now - silence) / 1000).toFixed(0)} s of silence: end`);
    const list = mine().toReversed().map((one) => `${one.take}${one.start !== null && one.end !== null ? `, ${clockOf(one.end - one.start)}` : ''}${one.flags.length ? `: ${[...new Set(one.flags)].join(', ')}` : ''}${one.best ? `; best sound ${one.best}` : ''}`);
    const at = board().querySelector('[data-roll-takes]');
    if (at.dataset.now !== JSON.stringify(list)) {
        at.dataset.now = JSON.stringify(list);
        at.replaceChildren(...list.map((text) => Object.assign(document.createElement('li'), { textContent: text })));
    }
}

const put = (kind, what) => { last.push(mark(kind, what)); };
const latest = () => running() ?? mine().at(-1) ?? null;

const acts = {
    async roll() {
        const take = running();
        if (take) put('end', { take: take.take });
        else {
            put('start', { take: `${says().setup} ${mine().length + 1}` });
            lock ??= await navigator.wakeLock?.request('screen').catch(() => null);
        }
    },
    flag(button) {
        const take = latest();
        if (take) put('flag', { flag: button.dataset.flag, take: take.take });
        else board().querySelector('[data-roll-said]').textContent = 'Roll first: there is no take to mark.';
    },
    silence() {
        if (silence === null) silence = Date.now();
        else { const held = Math.round((Date.now() - silence) / 1000); silence = null; if (latest()) put('flag', { flag: `silence ${held} s`, take: latest().take }); }
    },
    undo() {
        const target = last.pop();
        if (target) mark('undo', { target });
    },
    large() { document.fullscreenElement ? document.exitFullscreen() : board().requestFullscreen?.(); },
};

document.addEventListener('click', (event) => {
    const button = event.target.closest('[data-roll-do]');
    if (!button || !board()) return;
    board().querySelector('[data-roll-said]').textContent = '';
    acts[button.dataset.rollDo](button);
    draw();
});
document.addEventListener('change', ({ target }) => {
    if (target.matches?.('[data-roll-best]') && target.value !== '' && latest()) { put('best', { take: latest().take, source: target.value }); target.value = ''; draw(); }
    if (target.matches?.('[data-roll-jam]') && target.value !== '') { jam(target.value); target.value = ''; draw(); }
});
document.addEventListener('keydown', (event) => {
    if (!board() || event.target.closest('input, select, textarea, button') || event.ctrlKey || event.metaKey || event.altKey || event.key !== ' ') return;
    event.preventDefault();
    event.stopImmediatePropagation();
    acts.roll();
    draw();
}, true);
document.addEventListener('log:drawn', draw);
document.addEventListener('plan:drawn', draw);
document.addEventListener('DOMContentLoaded', draw);
setInterval(() => { if (board()) draw(); }, 200);
