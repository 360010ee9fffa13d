// Two points marked on the floor, for the scale of a floor plan underneath.
let form = null;
let nth = 0;

document.addEventListener('click', (event) => {
    const button = event.target.closest('[data-mark-points]');
    if (!button) return;
    form = button.closest('form');
    nth = 1;
    button.setAttribute('aria-pressed', 'true');
    button.textContent = 'Now mark the first';
    if (document.body.dataset.tab === 'verdicts') document.querySelector('[data-tab-to=floor]')?.click();
});
document.addEventListener('pointerdown', (event) => {
    const plan = event.target.closest?.('#plan');
    if (!form || !plan) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(plan.getScreenCTM().inverse());
    form.elements[`x${nth}`].value = (at.x / 100).toFixed(3);
    form.elements[`y${nth}`].value = (-at.y / 100).toFixed(3);
    const mark = document.createElementNS('http://www.w3.org/2000/svg', 'path');
    mark.setAttribute('class', 'spot');
    mark.setAttribute('d', `M${at.x - 12} ${at.y}h24M${at.x} ${at.y - 12}v24`);
    plan.append(mark);
    const button = form.querySelector('[data-mark-points]');
    button.textContent = nth === 1 ? 'Now mark the second' : 'Mark two points on the floor';
    if (nth === 2) {
        button.setAttribute('aria-pressed', 'false');
        form.elements.apart.focus();
        form = null;
    }
    nth++;
}, true);
