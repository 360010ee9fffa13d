// Talks to the plan: previews while something moves, keeps when it is let go. One preview is under way at a time and the
// latest wins; the next is asked for while the last is being drawn.
import htmx from './htmx.js';
import { drawPreview } from './morph.js';
import { page } from './own.js';

const state = () => document.getElementById('state').dataset;
const draw = (html) => htmx.swap(document.body, html, { swapStyle: 'none', swapDelay: 0, settleDelay: 0 });

let busy = false;
let waiting = null;
let newest = 0;
let keeping = Promise.resolve();

async function send(url, edit) {
    const { version, where } = state();
    const answer = await fetch(url, {
        method: 'POST',
        headers: { 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content, 'HX-Request': 'true', 'X-Page': page, Accept: 'text/html' },
        body: new URLSearchParams([['version', version], ...new URLSearchParams(where), ['edit', JSON.stringify(edit)]]),
    });
    if (answer.status >= 500 || answer.status === 419) throw new Error(`The plan did not answer (${answer.status}).`);
    return answer.text();
}

export async function preview(edit, drawn) {
    waiting = { edit, drawn };
    if (busy) return;
    busy = true;
    const mine = ++newest;
    try {
        while (waiting && mine === newest) {
            const { edit: now, drawn: after } = waiting;
            waiting = null;
            const html = await send(state().preview, now);
            if (mine !== newest) break;
            requestAnimationFrame(() => {
                if (mine !== newest) return;
                drawPreview(html);
                after?.();
                document.dispatchEvent(new CustomEvent('plan:previewed'));
            });
        }
    } catch (error) {
        tell(error);
    } finally {
        busy = false;
    }
}

export function keep(edit) {
    waiting = null;
    newest++;
    keeping = keeping.then(async () => {
        try {
            draw(await send(state().edit, edit));
            document.dispatchEvent(new CustomEvent('plan:kept'));
        } catch (error) {
            tell(error);
        }
    });
    return keeping;
}

function tell(error) {
    const line = document.createElement('p');
    line.textContent = `${error.message} What you see may not be kept: check the connection and move it again.`;
    document.getElementById('said').replaceChildren(line);
}

export const go = (url) => htmx.ajax('GET', url, { swap: 'none' });
export const current = state;
