// Arrow keys move within a matrix of buttons; space and enter press the one that has the focus, as buttons do.
const MOVES = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] };

document.addEventListener('keydown', (event) => {
    const move = MOVES[event.key];
    const table = event.target.closest?.('[data-matrix]');
    if (!move || !table) return;
    const rows = [...table.tBodies[0].rows].map((row) => [...row.querySelectorAll('button')]);
    const at = rows.findIndex((row) => row.includes(event.target));
    const next = rows[at + move[0]]?.[rows[at].indexOf(event.target) + move[1]];
    if (!next) return;
    event.preventDefault();
    event.stopPropagation();
    next.focus();
}, true);
