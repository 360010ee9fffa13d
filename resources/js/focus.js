// Where a change takes away what had the focus, it goes to what comes next: the finding that moved up, or the card of what was added.
let was = null;

document.addEventListener('htmx:beforeRequest', () => {
    const at = document.activeElement;
    const open = [...document.querySelectorAll('.finding[tabindex]')];
    const finding = at?.closest('.finding');
    was = finding ? { nth: open.indexOf(finding) } : at?.closest('.adders') ? { added: true } : null;
});

document.addEventListener('plan:drawn', () => {
    if (!was || (document.activeElement && document.activeElement !== document.body)) return;
    const open = document.querySelectorAll('.finding[tabindex]');
    const next = was.added ? document.querySelector('.card-head h2') : open[Math.min(was.nth, open.length - 1)];
    was = null;
    if (!next) return;
    if (!next.hasAttribute('tabindex')) next.tabIndex = -1;
    next.focus({ preventScroll: true });
});
