// Sends photos one by one, so that forty need no more memory than one; shows how far it is, and can be stopped.
import htmx from './htmx.js';

let stopped = false;

document.addEventListener('submit', (event) => {
    const form = event.target.closest('form[data-photos]');
    const files = [...(form?.querySelector('input[type=file]')?.files ?? [])];
    if (!form || files.length === 0) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    send(form, files);
}, true);
document.addEventListener('click', (event) => { if (event.target.closest('[data-photos-stop]')) stopped = true; });

async function send(form, files) {
    const [bar, out, stop] = [form.querySelector('progress'), form.querySelector('output'), form.querySelector('[data-photos-stop]')];
    [bar.hidden, stop.hidden, stopped] = [false, false, false];
    let html = '';
    const failed = [];
    for (const [at, file] of files.entries()) {
        if (stopped) break;
        out.textContent = `${at + 1} of ${files.length}`;
        const body = new FormData(form);
        body.delete('photos[]');
        body.set('version', document.getElementById('state').dataset.version);
        body.append('photos[]', file);
        const answer = await fetch(form.action, { method: 'POST', body, headers: { 'HX-Request': 'true', 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content } }).catch(() => null);
        if (answer?.ok) {
            html = await answer.text();
            const version = html.match(/data-version="(\d+)"/)?.[1];
            if (version) document.getElementById('state').dataset.version = version;
        } else failed.push(file.name);
        bar.value = (at + 1) / files.length;
    }
    if (html) htmx.swap(document.body, html, { swapStyle: 'none', swapDelay: 0, settleDelay: 0 });
    const after = document.querySelector('form[data-photos] output');
    if (after) after.textContent = failed.length > 0 ? `Not taken: ${failed.join(', ')}` : (stopped ? 'Stopped.' : '');
}
