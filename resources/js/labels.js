// Each label's machine-readable mark, drawn where it is looked at.
import qrcode from 'qrcode-generator';

for (const at of document.querySelectorAll('[data-mark]')) {
    const code = qrcode(0, 'M');
    code.addData(`fine-frame:${at.dataset.mark}`, 'Byte');
    code.make();
    at.innerHTML = code.createSvgTag({ scalable: true, margin: 0 });
}
