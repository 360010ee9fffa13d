// The page that says how a phone comes to trust this computer's certificate, with a mark to scan: bin/trust-page.mjs ADDRESS FINGERPRINT.
import qrcode from 'qrcode-generator';

const [address, fingerprint] = process.argv.slice(2);
const code = qrcode(0, 'M');
code.addData(address, 'Byte');
code.make();
process.stdout.write(`<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Fine Frame for the crew</title>
<style>body { font: 17px/1.5 system-ui, sans-serif; max-width: 34em; margin: 2em auto; padding: 0 1em; color: #1b2422; background: #fffef9 } code { word-break: break-all } svg { width: 220px; height: 220px } li { margin: .6em 0 }</style></head><body>
<h1>Fine Frame for the crew</h1>
<p>A phone keeps the plan without a network, and keeps its screen on, only over a connection that it trusts. Once for each phone:</p>
<ol>
<li><a href="ca.crt">Take this computer’s certificate</a>, and install it as a certificate authority (Settings, security; on some phones, switch it to trusted afterwards). Its SHA-256 fingerprint is <code>${fingerprint}</code>: compare it with what the computer shows.</li>
<li>Open <a href="${address}">${address}</a>, or scan this:</li>
</ol>
<p>${code.createSvgTag({ scalable: true, margin: 0 })}</p>
<li style="list-style: none">Sign in, then “Take along”.</li>
<p>The certificate speaks for this computer’s names and addresses alone. Remove it from the phone when the job is over.</p>
</body></html>
`);
