// The day's bars: dragged by five minutes to another beginning, by their right end to another length; and by keys.

const STEP = 5;
const END = 7;
const DAY = 1440;
let held = null;

const clock = (minute) => {
    const at = ((minute % DAY) + DAY) % DAY;
    return `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
};
const steps = (minutes) => STEP * Math.round(minutes / STEP);

function send(bar, change) {
    const form = document.getElementById('day-move');
    const now = { task: bar.dataset.task, minutes: '', begins: '', ...change };
    for (const [name, value] of Object.entries(now)) form.elements[name].value = value;
    sessionStorage.setItem('day:chosen', bar.dataset.task);
    form.requestSubmit();
}

const minutesAcross = (event) => {
    const svg = held.bar.ownerSVGElement;
    return (event.clientX - held.x) * (svg.viewBox.baseVal.width / svg.getBoundingClientRect().width) / Number(svg.dataset.minute);
};

document.addEventListener('pointerdown', (event) => {
    const bar = event.target.closest('[data-day] [data-task]');
    if (!bar || event.button !== 0 || !document.getElementById('day-move')) return;
    const box = bar.querySelector('rect').getBoundingClientRect();
    held = { bar, x: event.clientX, width: bar.querySelector('rect').width.baseVal.value, isEnd: box.right - event.clientX < Math.min(END, box.width / 2) };
    bar.setPointerCapture?.(event.pointerId);
});
document.addEventListener('pointermove', (event) => {
    if (!held) return;
    const by = steps(minutesAcross(event));
    const scale = Number(held.bar.ownerSVGElement.dataset.minute);
    if (held.isEnd) held.bar.querySelector('rect').setAttribute('width', Math.max(3, held.width + by * scale));
    else held.bar.setAttribute('transform', `translate(${by * scale} 0)`);
});
document.addEventListener('pointerup', (event) => {
    if (!held) return;
    const [by, { bar, isEnd }] = [steps(minutesAcross(event)), held];
    held = null;
    if (by === 0) bar.removeAttribute('transform');
    else change(bar, by, isEnd);
});

function change(bar, by, isLength) {
    if (isLength) send(bar, { minutes: String(Math.max(0, Number(bar.dataset.minutes) + by)) });
    else send(bar, { begins: clock(Number(bar.dataset.begins) + by) });
}

document.addEventListener('keydown', (event) => {
    const bar = event.target.closest?.('[data-day] [data-task]');
    const by = { ArrowLeft: -STEP, ArrowRight: STEP }[event.key];
    if (!bar || !by || !document.getElementById('day-move')) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    change(bar, by, event.shiftKey);
}, true);
// What was moved stays chosen when the day is drawn anew.
document.addEventListener('plan:drawn', () => {
    const chosen = sessionStorage.getItem('day:chosen');
    sessionStorage.removeItem('day:chosen');
    if (chosen) document.querySelector(`[data-day] [data-task="${CSS.escape(chosen)}"]`)?.focus();
});
