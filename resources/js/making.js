// A bar while an answer is made, once that takes longer than a moment: how far, by how long the last ones of this page took.
const SHOWN_AFTER_MS = 200;
const usual = { ms: 600 };
let [asked, open, ticking] = [0, 0, 0];

const bar = () => document.getElementById('making');

function tick() {
    const waited = performance.now() - asked;
    if (waited < SHOWN_AFTER_MS || !bar()) return;
    bar().hidden = false;
    // Never full before it is done.
    bar().value = 1 - Math.exp((-1.5 * waited) / usual.ms);
}

document.addEventListener('htmx:beforeSend', () => {
    if (open++ > 0) return;
    asked = performance.now();
    ticking = setInterval(tick, 80);
});
document.addEventListener('htmx:afterRequest', () => {
    open = Math.max(0, open - 1);
    if (open > 0) return;
    clearInterval(ticking);
    usual.ms = 0.5 * usual.ms + 0.5 * (performance.now() - asked);
    if (bar()) [bar().hidden, bar().value] = [true, 0];
});
