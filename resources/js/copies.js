// A card and its copies: folders summed in a worker, lists read as they are, both judged by the server.
import { mark } from './log.js';

const board = () => document.querySelector('[data-copies]');
const of = (what, side) => board().querySelector(`[data-copies-${what}="${side}"]`);

/** Names within the folder that was chosen. */
const filesOf = (side) => [...of('folder', side).files].map((file) => [file.webkitRelativePath.split('/').slice(1).join('/') || file.name, file]);

function summed(files, told) {
    return new Promise((resolve, reject) => {
        const worker = new Worker('/build/sums.js');
        worker.onmessage = ({ data }) => { if (data.sums) { worker.terminate(); resolve(data.sums); } else told(data.done); };
        worker.onerror = (event) => { worker.terminate(); reject(new Error(event.message || 'A file could not be read.')); };
        worker.postMessage({ files });
    });
}

async function sideOf(side, told) {
    const files = filesOf(side);
    const list = of('list', side).files[0];
    const sums = list ? await list.text() : Object.entries(await summed(files, told)).map(([name, sum]) => `${sum}  ${name.replaceAll('\\', '\\\\')}`).join('\n');
    return { listing: files.map(([name, file]) => ({ name, bytes: file.size })), sums, isListed: Boolean(list) };
}

async function compare() {
    const wrong = board().querySelector('[data-copies-wrong]');
    const bar = board().querySelector('[data-copies-progress]');
    wrong.textContent = '';
    const card = board().querySelector('[data-copies-card]').value.trim();
    const sides = ['card', '0', '1'].filter((side) => filesOf(side).length > 0);
    if (card === '' || !sides.includes('card') || sides.length < 2) { wrong.textContent = 'Name the card, choose its folder, and at least one copy’s.'; return; }
    const bytes = sides.reduce((sum, side) => sum + (of('list', side).files[0] ? 0 : filesOf(side).reduce((all, [, file]) => all + file.size, 0)), 0);
    let before = 0;
    bar.hidden = false;
    const read = {};
    try {
        for (const side of sides) {
            let now = 0;
            read[side] = await sideOf(side, (done) => { now = done; bar.value = bytes === 0 ? 1 : (before + now) / bytes; });
            before += now;
            of('done', side).textContent = `${read[side].listing.length} files`;
        }
        const answer = await fetch(board().dataset.copies, {
            method: 'POST',
            headers: { 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content, 'Content-Type': 'application/json', Accept: 'application/json' },
            body: JSON.stringify({ card: read.card, copies: sides.filter((side) => side !== 'card').map((side) => ({ ...read[side], drive: of('drive', side).value.trim() || `drive ${Number(side) + 1}` })) }),
        });
        const said = await answer.json();
        if (!answer.ok) throw new Error(Object.values(said.errors ?? {})[0]?.[0] ?? said.message ?? 'It could not be compared.');
        tell(card, said);
        mark('tick', { item: `card/${card}`, on: said.clear, reason: said.copies.map((one) => `${one.drive}: ${one.good ? 'good' : 'not good'}`).join(', ') });
    } catch (error) {
        wrong.textContent = error.message;
    } finally {
        bar.hidden = true;
    }
}

function tell(card, said) {
    const lines = said.copies.map((copy) => {
        const bad = copy.verdicts.filter((one) => !['same', 'extra'].includes(one.verdict)).map((one) => `${one.name} ${said.words[one.verdict]}`);
        return `${copy.drive}: ${copy.good ? `good, ${copy.counts.same} files the same` : bad.join('; ')}${copy.counts.extra ? `; ${copy.counts.extra} besides` : ''}.`;
    });
    const list = document.createElement('ul');
    list.className = 'cautions';
    list.append(...lines.map((text) => Object.assign(document.createElement('li'), { textContent: text })));
    const head = Object.assign(document.createElement('p'), { className: said.clear ? '' : 'error' });
    head.append(Object.assign(document.createElement('b'), { textContent: said.clear ? `${card} may be cleared: two copies agree with it.` : `Do not clear ${card}.` }));
    board().querySelector('[data-copies-said]').replaceChildren(head, list);
}

document.addEventListener('click', (event) => { if (event.target.closest('[data-copies-go]')) compare(); });
