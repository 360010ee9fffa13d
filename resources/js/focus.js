// Where a mend takes away what had the focus, it goes to the finding that moved up.
let nth = -1;
let movedUp = '';

/** Whether a finding came to the focus by moving up: then it is the next one, and going on stays at it, once. */
export function isNext(id) {
    const is = id !== '' && id === movedUp;
    movedUp = '';

    return is;
}

const open = () => [...document.querySelectorAll('.finding[tabindex]')];

document.addEventListener('htmx:beforeRequest', () => { nth = open().indexOf(document.activeElement?.closest('.finding')); });
document.addEventListener('plan:drawn', () => {
    if (nth < 0 || (document.activeElement && document.activeElement !== document.body)) return;
    const left = open();
    const next = left[Math.min(nth, left.length - 1)];
    next?.closest('.elsewhere')?.setAttribute('open', '');
    next?.focus({ preventScroll: true });
    movedUp = next?.id ?? '';
    nth = -1;
});
