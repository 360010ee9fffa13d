/** This page’s own name, sent along with every change, so that it is not told of what it did itself. */
export const page = [...crypto.getRandomValues(new Uint8Array(8))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
