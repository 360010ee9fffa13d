// htmx with morphing swaps, so that focus and open details survive a change of the plan.
import htmx from 'htmx.org';
import { Idiomorph } from 'idiomorph/dist/idiomorph.esm.js';

// What is open stays open; a part that says data-keep is left as it is (a preview does not carry everything).
const callbacks = {
    beforeAttributeUpdated: (name, node) => !(name === 'open' && node.matches('details, dialog')),
    beforeNodeMorphed: (old, fresh) => !(fresh instanceof Element && fresh.hasAttribute('data-keep') && old.matches(fresh.tagName)),
};

htmx.defineExtension('morph', {
    isInlineSwap: (style) => style === 'morph',
    handleSwap: (style, target, fragment) => {
        if (style !== 'morph') return false;
        const fresh = fragment.nodeType === Node.DOCUMENT_FRAGMENT_NODE ? fragment.firstElementChild : fragment;
        return Idiomorph.morph(target, fresh.cloneNode(true), { morphStyle: 'outerHTML', callbacks });
    },
});
document.addEventListener('DOMContentLoaded', () => document.body.setAttribute('hx-ext', 'morph'));
document.addEventListener('htmx:configRequest', (event) => {
    event.detail.headers['X-CSRF-TOKEN'] = document.querySelector('meta[name=csrf-token]').content;
});

export default htmx;
