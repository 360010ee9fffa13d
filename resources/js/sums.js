// Sums files away from the page, piece by piece: a card is larger than memory.
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';

self.addEventListener('message', async ({ data: { files } }) => {
    const sums = {};
    let done = 0;
    for (const [name, file] of files) {
        const hash = sha256.create();
        const reader = file.stream().getReader();
        for (let part = await reader.read(); !part.done; part = await reader.read()) {
            hash.update(part.value);
            done += part.value.length;
            self.postMessage({ done });
        }
        sums[name] = bytesToHex(hash.digest());
    }
    self.postMessage({ sums });
});
