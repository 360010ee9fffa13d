// Parts that take longer are asked for once the page stands, one request each; each says what it does and can be stopped.
import htmx from './htmx.js';

const ASK_AGAIN_MS = 400;
const running = new Map();
const version = () => document.getElementById('state')?.dataset.version;

function start() {
    for (const [id, { url, abort }] of running) {
        if (document.getElementById(id)?.dataset.later === url) continue;
        abort.abort();
        running.delete(id);
    }
    for (const part of document.querySelectorAll('[data-later]')) {
        if (!running.has(part.id) && !part.dataset.stopped) ask(part);
    }
}

async function ask(part) {
    const run = { url: part.dataset.later, abort: new AbortController() };
    running.set(part.id, run);
    try {
        let answer = await fetch(run.url, { headers: { 'HX-Request': 'true' }, signal: run.abort.signal });
        // A worker makes it: it is asked for again until it is there, and how long that takes is said.
        const words = part.querySelector('span').textContent;
        while (answer.status === 202) {
            const seconds = Number(answer.headers.get('X-Seconds'));
            if (seconds > 1 && part.isConnected) part.querySelector('span').textContent = `${words} ${seconds} s`;
            await new Promise((done) => { setTimeout(done, ASK_AGAIN_MS); });
            answer = await fetch(run.url, { headers: { 'HX-Request': 'true' }, signal: run.abort.signal });
        }
        if (!answer.ok) throw new Error(String(answer.status));
        const html = await answer.text();
        if (running.get(part.id) !== run) return;
        running.delete(part.id);
        const of = Number(answer.headers.get('X-Plan-Version'));
        // The plan went on meanwhile, here: what is asked for now is of the newer one.
        if (of < Number(version())) return start();
        if (of > Number(version())) return settle(part.id, 'The plan was changed elsewhere.', 'Try again');
        htmx.swap(document.body, html, { swapStyle: 'none', swapDelay: 0, settleDelay: 0 });
    } catch {
        if (running.get(part.id) === run) settle(part.id, 'It did not come.', 'Try again');
    }
}

/** Leaves a word and a way to begin again. */
function settle(id, words, again) {
    const part = document.getElementById(id);
    running.get(id)?.abort.abort();
    running.delete(id);
    if (!part) return;
    part.dataset.stopped = 'true';
    part.querySelector('span').textContent = words;
    part.querySelector('button').textContent = again;
}

document.addEventListener('click', ({ target }) => {
    const part = target.closest('[data-later-stop]')?.closest('[data-later]');
    if (!part) return;
    if (!part.dataset.stopped) {
        fetch(part.dataset.later, { headers: { 'HX-Request': 'true', 'X-Stop': 'true' } }).catch(() => {});
        return settle(part.id, 'Stopped.', 'Go on');
    }
    delete part.dataset.stopped;
    part.querySelector('button').textContent = 'Stop';
    start();
});
document.addEventListener('DOMContentLoaded', start);
document.addEventListener('plan:drawn', start);
document.addEventListener('plan:previewed', start);
