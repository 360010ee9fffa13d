// Changes what is shown into what the server drew, so that focus and what is open survive.
import { Idiomorph } from 'idiomorph/dist/idiomorph.esm.js';

// What somebody has typed and no request has carried yet is theirs: an answer to an earlier request leaves it alone.
const typed = new WeakSet();
document.addEventListener('input', ({ target }) => typed.add(target));
document.addEventListener('htmx:beforeSend', ({ detail }) => {
    for (const field of detail.elt.elements ?? []) typed.delete(field);
});

// What is open stays open; a part that says data-keep is left as it is (a preview does not carry everything).
const callbacks = {
    beforeAttributeUpdated: (name, node) => !((name === 'open' && node.matches('details, dialog')) || (name === 'value' && typed.has(node)) || (name === 'selected' && typed.has(node.closest('select')))),
    beforeNodeMorphed: (old, fresh) => !(fresh instanceof Element && fresh.hasAttribute('data-keep') && old.matches(fresh.tagName)),
};
export const morph = (old, fresh) => Idiomorph.morph(old, fresh, { morphStyle: 'outerHTML', callbacks });

const drawn = new Map();

/** Draws the parts of a preview; a part, or a frame, that came out as last time is left alone. */
export function drawPreview(html) {
    const box = document.createElement('template');
    box.innerHTML = html;
    for (const part of box.content.children) {
        part.removeAttribute('hx-swap-oob');
        const frames = part.id === 'frames' ? [...part.children] : [];
        const alike = frames.length > 0 && frames.every((frame) => document.getElementById(frame.id));
        for (const piece of alike ? frames : [part]) {
            const text = piece.outerHTML;
            const old = document.getElementById(piece.id);
            if (!old || drawn.get(piece.id) === text) continue;
            drawn.set(piece.id, text);
            morph(old, piece);
        }
    }
}

/** After anything else has drawn, nothing is known to be as last time. */
export const forgetDrawn = () => drawn.clear();
