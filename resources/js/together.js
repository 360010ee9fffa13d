// Several people plan at one time: what others changed is asked for every second or two, said, and drawn where nothing is in hand.
import { page } from './own.js';
import { current, go } from './plan.js';

const EVERY_MS = 1500;
const SAID_MS = 12000;

let told = null;
let asking = false;
let held = false;

const shown = () => Number(current()?.version);
const isBusy = () => held || document.activeElement?.matches('input:not([type=checkbox]), textarea, select') || document.querySelector('dialog[open], [role=alertdialog]') !== null;

function say(changes) {
    const line = document.createElement('p');
    const words = changes.slice(0, 3).map((one) => `${one.who}: ${one.words}`).join(' · ');
    line.textContent = `${words}${changes.length > 3 ? ', and more' : ''}. `;
    if (isBusy()) {
        const button = document.createElement('button');
        button.className = 'plain';
        button.textContent = 'Show it';
        button.addEventListener('click', () => go(location.href));
        line.append(button);
    }
    const said = document.getElementById('said');
    said.replaceChildren(line);
    setTimeout(() => { if (line.isConnected && !line.querySelector('button')) line.remove(); }, SAID_MS);
}

async function ask() {
    const url = document.getElementById('state') && current().shared;
    if (!url || asking || document.visibilityState !== 'visible') return;
    asking = true;
    try {
        const since = shown();
        const answer = await fetch(`${url}?since=${since}`, { headers: { Accept: 'application/json' } });
        if (!answer.ok) return;
        const { version, changes } = await answer.json();
        // Meanwhile this page has drawn a newer one by itself.
        if (version <= shown() || version === told) return;
        const others = changes.filter((one) => one.page !== page);
        if (others.length === 0) return;
        told = version;
        const busy = isBusy();
        if (!busy) await go(location.href);
        say(others);
    } catch {
        // No connection; it is asked again.
    } finally {
        asking = false;
    }
}

document.addEventListener('pointerdown', () => { held = true; });
for (const end of ['pointerup', 'pointercancel']) document.addEventListener(end, () => { held = false; });
document.addEventListener('htmx:configRequest', ({ detail }) => { detail.headers['X-Page'] = page; });
setInterval(ask, EVERY_MS);
