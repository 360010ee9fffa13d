// The sun's day: a slider and a play button over steps that the server computed; the floor's patches follow.
const chart = { left: 156, right: 712 };
let timer = null;

function show(bar, at) {
    const steps = JSON.parse(bar.querySelector('[data-sun-steps]').textContent);
    const step = steps[at];
    if (!step) return;
    document.getElementById('sun-floor')?.setAttribute('d', step.path);
    document.getElementById('sun-walls')?.setAttribute('d', step.walls.map((wall) => wall.path).join(''));
    const clock = document.createElement('b');
    clock.textContent = step.clock;
    bar.querySelector('[data-sun-now]').replaceChildren(clock, ` sun ${step.altitude} high, at ${step.bearing}, ${step.sky}`);
    document.querySelector('[data-sun-line]')?.setAttribute('transform', `translate(${chart.left + ((chart.right - chart.left) * at) / Math.max(1, steps.length - 1)} 0)`);
}

function stop(button) {
    clearInterval(timer);
    timer = null;
    button.textContent = 'Play the day';
    button.setAttribute('aria-pressed', 'false');
}

document.addEventListener('input', (event) => {
    if (event.target.matches('[data-sun-time]')) show(event.target.closest('.sun-bar'), Number(event.target.value));
});
document.addEventListener('click', (event) => {
    const button = event.target.closest('[data-sun-play]');
    if (!button) return;
    if (timer) return stop(button);
    const slider = button.parentElement.querySelector('[data-sun-time]');
    button.textContent = 'Stop';
    button.setAttribute('aria-pressed', 'true');
    timer = setInterval(() => {
        if (!slider.isConnected) return stop(button);
        slider.value = Number(slider.value) >= Number(slider.max) ? 0 : Number(slider.value) + 1;
        show(slider.closest('.sun-bar'), Number(slider.value));
    }, 160);
});
