// A photograph that is measured on: a tap marks a point of the plan, or is one of two that a length is read between.
const board = () => document.querySelector('[data-photo-reads]');
let first = null;

const shareOf = (event) => {
    const box = board().getBoundingClientRect();
    return [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height];
};

function mark([x, y]) {
    const form = document.getElementById('photo-mark');
    form.elements.x.value = x.toFixed(5);
    form.elements.y.value = y.toFixed(5);
    form.requestSubmit();
}

async function read(what, [x1, y1], [x2, y2]) {
    const url = new URL(board().dataset.photoReads, location.href);
    for (const [name, value] of Object.entries({ what, x1, y1, x2, y2 })) url.searchParams.set(name, String(value));
    const said = document.querySelector('[data-photo-read]');
    const answer = await fetch(url, { headers: { Accept: 'application/json' } }).catch(() => null);
    said.textContent = answer?.ok ? (await answer.json()).says : 'It could not be read: check the connection.';
}

document.addEventListener('click', (event) => {
    if (event.target.closest('[data-photo-forget]')) {
        const form = document.getElementById('photo-mark');
        form.elements.x.value = '';
        form.elements.y.value = '';
        return;
    }
    if (!event.target.closest('[data-photo-reads]')) return;
    const at = shareOf(event);
    const plane = document.querySelector('[data-photo-plane]').value;
    if (plane === '') {
        first = null;
        mark(at);
        return;
    }
    const line = document.querySelector('[data-photo-line]');
    const words = (point) => point.map((one) => (1000 * one).toFixed(1)).join(' ');
    if (first === null) {
        first = at;
        line.setAttribute('d', `M${words(at)}h0.1`);
        document.querySelector('[data-photo-read]').textContent = 'Now the other end.';
    } else {
        line.setAttribute('d', `M${words(first)}L${words(at)}`);
        read(plane, first, at);
        first = null;
    }
});
document.addEventListener('change', ({ target }) => {
    // One thing at a time: marking ends reading, and the other way round.
    if (target.matches?.('[data-photo-point]') && target.value !== '') document.querySelector('[data-photo-plane]').value = '';
    if (target.matches?.('[data-photo-plane]')) first = null;
});
