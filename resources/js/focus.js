// Where a mend takes away what had the focus, it goes to the finding that moved up.
let nth = -1;
const open = () => [...document.querySelectorAll('.finding[tabindex]')];

document.addEventListener('htmx:beforeRequest', () => { nth = open().indexOf(document.activeElement?.closest('.finding')); });
document.addEventListener('plan:drawn', () => {
    if (nth < 0 || (document.activeElement && document.activeElement !== document.body)) return;
    const left = open();
    left[Math.min(nth, left.length - 1)]?.focus({ preventScroll: true });
    nth = -1;
});
