// htmx with morphing swaps, so that focus and open details survive a change of the plan.
import htmx from 'htmx.org';
import { forgetDrawn, morph } from './morph.js';

// Said once all parts of an answer are drawn. htmx tells the element that asked, which may be gone by then.
let telling = 0;
function tellDrawn() {
    cancelAnimationFrame(telling);
    telling = requestAnimationFrame(() => document.dispatchEvent(new CustomEvent('plan:drawn')));
}

htmx.defineExtension('morph', {
    isInlineSwap: (style) => style === 'morph',
    handleSwap: (style, target, fragment) => {
        if (style !== 'morph') return false;
        const fresh = fragment.nodeType === Node.DOCUMENT_FRAGMENT_NODE ? fragment.firstElementChild : fragment;
        forgetDrawn();
        tellDrawn();
        return morph(target, fresh.cloneNode(true));
    },
});
document.addEventListener('DOMContentLoaded', () => {
    document.body.setAttribute('hx-ext', 'morph');
    // One at a time and in order: a later look is not overdrawn by the answer to an earlier change, and each change is made from the newest version.
    document.body.setAttribute('hx-sync', 'body:queue all');
});
document.addEventListener('htmx:configRequest', (event) => {
    event.detail.headers['X-CSRF-TOKEN'] = document.querySelector('meta[name=csrf-token]').content;
});

export default htmx;
