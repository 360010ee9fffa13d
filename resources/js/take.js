// The take's slider: the frame at a moment comes from the server, the newest request wins.
let asked = 0;

document.addEventListener('input', async (event) => {
    if (!event.target.matches('[data-take-time]')) return;
    const [slider, take] = [event.target, event.target.closest('[data-take]')];
    const at = Number(slider.value);
    const share = (at - Number(slider.min)) / (Number(slider.max) - Number(slider.min));
    const line = take.querySelector('[data-take-line]');
    line.setAttribute('transform', `translate(${Number(line.dataset.from) + share * (Number(line.dataset.to) - Number(line.dataset.from))} 0)`);
    take.querySelector('[data-take-now]').textContent = `${Math.floor(at / 60)}:${(at % 60).toFixed(1).padStart(4, '0')}`;
    const mine = ++asked;
    const url = new URL(take.dataset.take, location.href);
    url.searchParams.set('at', String(at));
    const answer = await fetch(url).catch(() => null);
    if (!answer?.ok || mine !== asked) return;
    const picture = new DOMParser().parseFromString(await answer.text(), 'image/svg+xml').documentElement;
    take.querySelector('[data-take-frame]').replaceChildren(document.importNode(picture, true));
});
