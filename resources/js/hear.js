// A voice or a cello through what a microphone hears: the server computes the response, the browser folds it with the dry sound.
let context = null;
let playing = null;
const sounds = new Map();

function sound(url) {
    if (!sounds.has(url)) {
        sounds.set(url, fetch(url).then((response) => {
            if (!response.ok) throw new Error(`${response.status}`);
            return response.arrayBuffer();
        }).then((bytes) => context.decodeAudioData(bytes)).catch((error) => {
            sounds.delete(url);
            throw error;
        }));
    }
    return sounds.get(url);
}

function source(buffer, gain, through = []) {
    const node = new AudioBufferSourceNode(context, { buffer, loop: true });
    const level = new GainNode(context, { gain });
    [node, ...through, level, context.destination].reduce((from, to) => from.connect(to));
    return { node, level };
}

function stop() {
    if (!playing) return;
    for (const { node } of playing.sources) node.stop();
    playing.button.setAttribute('aria-pressed', 'false');
    playing = null;
}

const say = (board, words) => { board.querySelector('[data-hear-now]').textContent = words; };
const share = (decibels) => 10 ** (decibels / 20);

async function play(button) {
    const board = button.closest('[data-hear-board]');
    context ??= new AudioContext();
    await context.resume();
    const noise = board.querySelector('[data-hear-noise]');
    const wantsNoise = noise.checked && button.dataset.noise !== '';
    say(board, 'Computing …');
    const [dry, response, rush] = await Promise.all([
        sound(board.querySelector('[data-hear-dry]').value),
        sound(button.dataset.hear),
        wantsNoise ? sound(noise.dataset.hearNoise) : null,
    ]);
    if (!button.isConnected) return;
    const began = playing?.began ?? context.currentTime;
    stop();
    const level = board.querySelector('[data-hear-even]').checked ? share(-Number(button.dataset.direct)) : 1;
    const room = new ConvolverNode(context, { buffer: response, disableNormalization: true });
    const voice = source(dry, level, [room]);
    voice.node.start(0, (context.currentTime - began) % dry.duration);
    const sources = [voice];
    if (rush) {
        const beside = source(rush, level * share(Number(button.dataset.noise)));
        beside.node.start();
        sources.push(beside);
    }
    playing = { button, sources, began };
    button.setAttribute('aria-pressed', 'true');
    say(board, '');
}

document.addEventListener('click', (event) => {
    const button = event.target.closest('[data-hear]');
    if (!button) return;
    if (playing?.button === button) return stop();
    play(button).catch(() => say(button.closest('[data-hear-board]'), 'This could not be heard: is the connection there?'));
});
document.addEventListener('change', (event) => {
    if (playing && event.target.matches('[data-hear-dry], [data-hear-even], [data-hear-noise]')) play(playing.button);
});
// What is played belongs to its page.
document.addEventListener('htmx:afterSwap', () => { if (playing && !playing.button.isConnected) stop(); });
