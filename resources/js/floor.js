// Dragging, nudging and turning things on the floor plan.
import { go, keep, preview } from './plan.js';

const CENTIMETRES = 100;
const CLICK_PX = 4;
const SETTLE_MS = 350;
const round = (metres) => Math.round(metres * 1000) / 1000;
// Whoever only looks moves nothing.
const thingAt = (target) => (document.body.hasAttribute('data-reads') ? null : target.closest?.('.thing'));

let drag = null;
let ahead = null;
let nudge = null;

function toPlan(svg, event) {
    const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    return { x: p.x / CENTIMETRES, y: -p.y / CENTIMETRES };
}

const editOf = ({ pointer, fx, fy }, x, y) => ({ [pointer + fx]: round(x), [pointer + fy]: round(y) });
const live = (id) => document.getElementById(id);
const isLamp = (thing) => thing?.dataset.pointer?.includes('/lights/') ?? false;
const outletUnder = (event) => document.elementsFromPoint(event.clientX, event.clientY).find((one) => one.dataset?.circuit);

// A lamp on the breaker of an outlet; on none where that is empty.
function plug(id, circuit) {
    const form = live('plug');
    if (!form) return;
    form.elements.thing.value = id;
    form.elements.circuit.value = circuit;
    form.requestSubmit();
}

export function plugOn(thing) {
    const form = live('plug');
    if (!form || !isLamp(thing)) return;
    const circuits = [...JSON.parse(form.dataset.circuits), ''];
    const now = JSON.parse(form.dataset.on)[thing.dataset.id] ?? '';
    plug(thing.dataset.id, circuits[(circuits.indexOf(now) + 1) % circuits.length]);
}

function mark(outlet) {
    document.querySelectorAll('.outlet-reach.over').forEach((one) => one.classList.toggle('over', one === outlet));
    outlet?.classList.add('over');
}

document.addEventListener('pointerdown', (event) => {
    const thing = thingAt(event.target);
    if (!thing || event.button !== 0) return;
    const svg = thing.closest('svg');
    event.preventDefault();
    thing.focus({ preventScroll: true });
    svg.setPointerCapture(event.pointerId);
    drag = { id: thing.id, svg, data: { ...thing.dataset }, from: toPlan(svg, event), x: Number(thing.dataset.x), y: Number(thing.dataset.y), startX: event.clientX, startY: event.clientY, moved: false, pointer: event.pointerId };
});

document.addEventListener('pointermove', (event) => {
    if (!drag || event.pointerId !== drag.pointer) return;
    if (!drag.moved && Math.hypot(event.clientX - drag.startX, event.clientY - drag.startY) < CLICK_PX) return;
    drag.moved = true;
    const at = toPlan(drag.svg, event);
    drag.outlet = isLamp({ dataset: drag.data }) ? outletUnder(event) : null;
    drag.nowX = drag.x + at.x - drag.from.x;
    drag.nowY = drag.y + at.y - drag.from.y;
    ahead ??= requestAnimationFrame(() => {
        ahead = null;
        if (!drag) return;
        follow();
        preview(editOf(drag.data, drag.nowX, drag.nowY), follow);
    });
});

// Between two answers the drawn thing follows the pointer by itself.
function follow() {
    const thing = drag && live(drag.id);
    if (!thing || drag.nowX === undefined) return;
    const [dx, dy] = [drag.nowX - Number(thing.dataset.x), drag.nowY - Number(thing.dataset.y)];
    mark(drag.outlet);
    thing.setAttribute('transform', `translate(${(dx * CENTIMETRES).toFixed(1)} ${(-dy * CENTIMETRES).toFixed(1)})`);
}

function drop(event, kept) {
    if (!drag || event.pointerId !== drag.pointer) return;
    const done = drag;
    drag = null;
    const thing = live(done.id);
    if (!done.moved) {
        if (kept && thing) go(thing.getAttribute('href'));
        return;
    }
    const outlet = kept && isLamp({ dataset: done.data }) ? outletUnder(event) : null;
    mark(null);
    if (outlet) {
        // It stays where it stands; only its plug goes there.
        preview(editOf(done.data, done.x, done.y)).then(() => { live(done.id)?.removeAttribute('transform'); plug(done.data.id, outlet.dataset.circuit); });
        return;
    }
    const [x, y] = kept ? [done.nowX, done.nowY] : [done.x, done.y];
    (kept ? keep(editOf(done.data, x, y)) : preview(editOf(done.data, x, y))).then(() => live(done.id)?.removeAttribute('transform'));
}
document.addEventListener('pointerup', (event) => drop(event, true));
document.addEventListener('pointercancel', (event) => drop(event, false));
document.addEventListener('click', (event) => { if (thingAt(event.target) && event.detail > 0) event.preventDefault(); });
// A wall that is clicked gets a window or a door where a page has something to add.
document.addEventListener('click', (event) => {
    const form = live('opening');
    const wall = form && event.target.closest?.('#plan .wall-hit');
    if (!wall) return;
    const at = toPlan(wall.closest('svg'), event);
    form.elements.x.value = round(at.x);
    form.elements.y.value = round(at.y);
    form.requestSubmit();
});
document.addEventListener('dragstart', (event) => { if (thingAt(event.target)) event.preventDefault(); });

const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

// Nudges add up while keys are pressed and are kept as one change when they rest.
export function nudged(event) {
    const thing = thingAt(document.activeElement ?? document.body);
    const arrow = ARROWS[event.key];
    const turn = { '[': -1, ']': 1, '“': -1, '‘': 1 }[event.key];
    if (!thing || (!arrow && !turn)) return false;
    if (turn && !thing.dataset.ft) return true;
    if (nudge?.id !== thing.id) nudge = { id: thing.id, data: { ...thing.dataset }, x: Number(thing.dataset.x), y: Number(thing.dataset.y), turn: Number(thing.dataset.turn), edit: {} };
    if (arrow) {
        const step = event.shiftKey ? 0.5 : event.altKey ? 0.01 : 0.05;
        nudge.x += arrow[0] * step;
        nudge.y += arrow[1] * step;
        Object.assign(nudge.edit, editOf(nudge.data, nudge.x, nudge.y));
    } else {
        nudge.turn = (nudge.turn + turn * (event.altKey ? 1 : 5) + 360) % 360;
        nudge.edit[nudge.data.pointer + nudge.data.ft] = nudge.turn;
    }
    preview({ ...nudge.edit });
    clearTimeout(nudge.timer);
    nudge.timer = setTimeout(settle, SETTLE_MS);
    return true;
}

export function settle() {
    if (!nudge) return;
    const { edit, timer } = nudge;
    clearTimeout(timer);
    nudge = null;
    keep(edit);
}
document.addEventListener('focusout', (event) => { if (nudge && event.target.id === nudge.id && event.relatedTarget) settle(); });
