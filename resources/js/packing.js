// Ticks a thing by its label: typed, or read by the camera where the browser can.
const board = () => document.querySelector('[data-pack-out]');
const PREFIX = 'fine-frame:';
const EVERY_MS = 250;

const plain = (text) => text.trim().toLowerCase();

function found(text) {
    const mark = text.startsWith(PREFIX) ? text.slice(PREFIX.length) : text;
    const rows = [...board().querySelectorAll('[data-pack-thing]')];
    return rows.find((row) => row.dataset.packThing === mark)
        ?? rows.find((row) => plain(row.dataset.packName) === plain(mark))
        // Of several alike the first that is still open.
        ?? rows.filter((row) => plain(row.dataset.packName).startsWith(plain(mark))).find((row) => !box(row).checked);
}

const box = (row) => row.querySelector(`input[data-item$="/${board().querySelector('[data-pack-way]').value}"]`);

function tick(text) {
    const name = text.startsWith(PREFIX) ? text.slice(PREFIX.length) : text;
    const table = [...board().querySelectorAll('[data-pack-case]')].find((one) => plain(one.dataset.packCase) === plain(name.replace(/^case\//, '')));
    if (table) { whole(table); return; }
    const row = text === '' ? null : found(text);
    const said = board().querySelector('[data-pack-said]');
    if (!row) { said.textContent = text === '' ? '' : `No label “${text}” here.`; return; }
    const at = box(row);
    if (!at.checked) at.click();
    said.textContent = `${row.dataset.packName}: ${at.closest('td').cellIndex === 0 ? 'packed' : 'back'}.`;
    row.scrollIntoView({ block: 'nearest' });
    board().querySelector('[data-pack-mark]').value = '';
}

// A case’s own label stands for everything in it.
function whole(table) {
    for (const row of table.querySelectorAll('[data-pack-thing]')) if (!box(row).checked) box(row).click();
    board().querySelector('[data-pack-said]').textContent = `${table.dataset.packCase}: everything in it ${board().querySelector('[data-pack-way]').value === 'out' ? 'packed' : 'back'}.`;
    board().querySelector('[data-pack-mark]').value = '';
}

async function scan() {
    const video = board().querySelector('[data-pack-video]');
    const stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } }).catch(() => null);
    if (!stream) { board().querySelector('[data-pack-said]').textContent = 'The camera is not there, or not allowed: type the name.'; return; }
    video.hidden = false;
    video.srcObject = stream;
    await video.play();
    const detector = new BarcodeDetector({ formats: ['qr_code'] });
    let last = '';
    const timer = setInterval(async () => {
        if (!board()) { clearInterval(timer); stream.getTracks().forEach((one) => one.stop()); return; }
        const [code] = await detector.detect(video).catch(() => []);
        if (code && code.rawValue !== last) { last = code.rawValue; tick(last); }
    }, EVERY_MS);
}

function count() {
    if (!board()) return;
    for (const table of board().querySelectorAll('table')) {
        const all = [...table.querySelectorAll('[data-pack-thing]')];
        const of = (way) => all.filter((row) => row.querySelector(`input[data-item$="/${way}"]`).checked).length;
        table.querySelector('[data-pack-count]').textContent = `${of('out')} of ${all.length} packed, ${of('back')} back`;
    }
    board().querySelector('[data-pack-scan]').hidden = !('BarcodeDetector' in window);
}

document.addEventListener('click', (event) => {
    if (event.target.closest('[data-pack-tick]')) tick(board().querySelector('[data-pack-mark]').value);
    if (event.target.closest('[data-pack-scan]')) scan();
});
document.addEventListener('keydown', (event) => {
    if (event.key === 'Enter' && event.target.matches('[data-pack-mark]')) { event.preventDefault(); tick(event.target.value); }
});
document.addEventListener('log:drawn', count);
document.addEventListener('DOMContentLoaded', count);
