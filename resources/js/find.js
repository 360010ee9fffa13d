// The box that finds things, pages, verdicts, settings and terms by name; and a term that is pressed anywhere opens in it.
import { go } from './plan.js';

const MOST = 12;
const box = () => document.getElementById('find');
const plain = (text) => text.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '');

let entries = [];
let at = 0;
let only = '';

/** With a term, that alone is shown until something else is typed. */
export async function openFind(term = '') {
    const dialog = box();
    if (!dialog || dialog.open) return;
    const input = dialog.querySelector('input');
    input.value = term;
    only = term === '' ? '' : 'term';
    dialog.showModal();
    input.select();
    dialog.querySelector('.none').hidden = true;
    try {
        const answer = await fetch(`${dialog.dataset.find}?${document.getElementById('state').dataset.where}`);
        if (!answer.ok) throw new Error(String(answer.status));
        entries = await answer.json();
    } catch {
        entries = [];
        return say(dialog.dataset.away);
    }
    list();
}

function say(words) {
    const line = box().querySelector('.none');
    line.textContent = words;
    line.hidden = false;
}

/** How well an entry answers: every word must be in it; names that begin alike come first, then names, then the rest. */
function rank({ name, more }, words) {
    const [inName, inAll] = [plain(name), plain(`${name} ${more}`)];
    if (!words.every((word) => inAll.includes(word))) return null;
    if (inName.startsWith(words.join(' '))) return 0;
    return words.every((word) => new RegExp(`(^|[^\\p{L}])${word.replace(/[^\p{L}\p{N}]/gu, '\\$&')}`, 'u').test(inName)) ? 1 : 2 + !words.every((word) => inName.includes(word));
}

function list() {
    const dialog = box();
    const words = plain(dialog.querySelector('input').value).split(/\s+/).filter(Boolean);
    const found = words.length === 0 ? [] : entries
        .filter(({ kind }) => only === '' || kind === only)
        .map((entry, nth) => ({ entry, nth, rank: rank(entry, words) }))
        .filter((one) => one.rank !== null)
        .sort((a, b) => a.rank - b.rank || a.nth - b.nth)
        .slice(0, MOST);
    at = 0;
    dialog.querySelector('ol').replaceChildren(...found.map(({ entry }, i) => row(entry, i)));
    dialog.querySelector('.none').hidden = true;
    if (words.length > 0 && found.length === 0 && entries.length > 0) say(dialog.dataset.none);
    point(0);
}

function row(entry, i) {
    const item = document.createElement('li');
    Object.assign(item, { id: `found-${i}`, role: 'option', entry });
    for (const [tag, words] of [['b', entry.name], ['small', JSON.parse(box().dataset.kinds)[entry.kind]], ['span', entry.more]]) {
        const part = document.createElement(tag);
        part.textContent = words;
        item.append(part);
    }
    return item;
}

function point(to) {
    const items = [...box().querySelectorAll('li')];
    at = items.length === 0 ? 0 : (to + items.length) % items.length;
    items.forEach((item, i) => item.setAttribute('aria-selected', String(i === at)));
    box().querySelector('input').setAttribute('aria-activedescendant', items[at]?.id ?? '');
    items[at]?.scrollIntoView({ block: 'nearest' });
}

function take(item) {
    // A term is read where it stands.
    if (!item || item.entry.kind === 'term') return;
    box().close();
    const { key, url } = item.entry;
    if (key !== '') return document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    const isHere = new URL(url).pathname === location.pathname;
    if (isHere) go(url);
    else location.href = url;
}

document.addEventListener('input', ({ target }) => { if (target.closest('#find')) { only = ''; list(); } });
document.addEventListener('keydown', (event) => {
    if (!event.target.closest?.('#find')) return;
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (step) point(at + step);
    if (event.key === 'Enter') take(box().querySelectorAll('li')[at]);
    if (step || event.key === 'Enter') event.preventDefault();
});
document.addEventListener('click', ({ target }) => {
    if (target.closest('[data-open-find]')) openFind();
    const term = target.closest('[data-term]');
    if (term) openFind(term.dataset.term);
    const item = target.closest('#find li');
    if (item) take(item);
    if (target === box()) box().close();
});
