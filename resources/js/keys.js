// Every act has a key; `?` lists them.
import { openFind } from './find.js';
import { isNext } from './focus.js';
import { nudged, plugOn, settle } from './floor.js';
import { current, go } from './plan.js';
import { showTab } from './page.js';

const find = (selector) => document.querySelector(selector);
const press = (selector) => { settle(); find(selector)?.click(); };
const typing = (target) => target.closest?.('input:not([type=checkbox]), select, textarea') !== null && target.closest?.('input:not([type=checkbox]), select, textarea') !== undefined;
const look = (name) => go(current()[current().look === name ? 'above' : name]);

function walk(step) {
    const items = [...document.querySelectorAll('.findings > .breaks, .findings > .watch')];
    if (items.length === 0) return;
    const at = items.indexOf(document.activeElement?.closest('.finding'));
    // What moved up when the one before it was mended is the next one itself.
    if (at !== -1 && isNext(items[at].id) && step > 0) step = 0;
    const next = items[at === -1 ? (step > 0 ? 0 : items.length - 1) : (at + step + items.length) % items.length];
    showTab('verdicts');
    next.closest('.elsewhere')?.setAttribute('open', '');
    next.focus();
    next.scrollIntoView({ block: 'nearest' });
    document.querySelectorAll('.thing.about').forEach((thing) => thing.classList.remove('about'));
    find(`#thing-${CSS.escape(next.dataset.about)}`)?.classList.add('about');
}

const KEYS = {
    n: () => walk(1),
    N: () => walk(-1),
    m: () => (document.activeElement?.closest('.finding')?.querySelector('[data-mend]') ?? find('[data-mend]'))?.click(),
    u: () => press('[data-key=u]'),
    U: () => press('[data-key=U]'),
    e: () => look('side'),
    t: () => look('table'),
    b: () => press('[data-theme-switch]'),
    i: () => find('[data-unit][aria-pressed=false]')?.click(),
    a: () => press('.adders button'),
    p: () => { location.href = find('.take-away a').href; },
    '/': () => openFind(),
    '?': () => find('#keys')?.showModal(),
    Escape: () => press('[data-close]'),
    c: () => plugOn(document.activeElement?.closest('.thing')),
    Delete: () => remove(),
    Backspace: () => remove(),
};

async function remove() {
    const thing = document.activeElement?.closest('.thing');
    if (!thing) return;
    await go(thing.getAttribute('href'));
    press('[data-remove]');
}

document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || find('dialog[open]')) return;
    if (typing(event.target)) {
        if (event.key === 'Escape') event.target.blur();
        return;
    }
    if (nudged(event)) return event.preventDefault();
    const thing = document.activeElement?.closest('.thing');
    if (event.key === 'Enter' && thing) {
        event.preventDefault();
        return go(thing.getAttribute('href'));
    }
    const digit = event.code?.match(/^Digit([1-9])$/)?.[1];
    const lamp = digit && find(event.shiftKey ? `[data-lamp-alone="${digit}"]` : `[data-lamp="${digit}"]`);
    // By what the link says now: pressed twice at once, it may not be wired to it yet.
    if (lamp) return go(lamp.getAttribute('hx-get'));
    const camera = /^[1-9]$/.test(event.key) && document.querySelectorAll('#frames figcaption > a')[Number(event.key) - 1];
    if (camera) return camera.click();
    if (KEYS[event.key] && !event.altKey) {
        event.preventDefault();
        KEYS[event.key]();
    }
});
