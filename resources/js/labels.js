// Marks that a phone’s camera reads, drawn where they are looked at: a label’s, or a link’s.
import qrcode from 'qrcode-generator';

for (const at of document.querySelectorAll('[data-mark], [data-mark-url]')) {
    const code = qrcode(0, 'M');
    code.addData(at.dataset.markUrl ?? `fine-frame:${at.dataset.mark}`, 'Byte');
    code.make();
    at.innerHTML = code.createSvgTag({ scalable: true, margin: 0 });
}
