// Builds what the pages load: one script, one style sheet, the fonts. Nothing is fetched at run time.
import { execFileSync } from 'node:child_process';
import { copyFileSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { build } from 'esbuild';

mkdirSync('public/build/fonts', { recursive: true });
for (const family of ['next', 'mono']) {
    const name = `atkinson-hyperlegible-${family}`;
    copyFileSync(`node_modules/@fontsource-variable/${name}/files/${name}-latin-wght-normal.woff2`, `public/build/fonts/${family}.woff2`);
    copyFileSync(`node_modules/@fontsource-variable/${name}/LICENSE`, `public/build/fonts/${family}-LICENSE.txt`);
}
// The printer reads static faces only.
for (const [weight, name] of [[400, '400Regular'], [700, '700Bold']]) {
    copyFileSync(`node_modules/@expo-google-fonts/atkinson-hyperlegible-next/${name}/AtkinsonHyperlegibleNext_${name}.ttf`, `public/build/fonts/print-${weight}.ttf`);
}
await build({ entryPoints: ['resources/js/app.js', 'resources/js/labels.js', 'resources/js/sums.js'], outdir: 'public/build', bundle: true, minify: true, format: 'iife', target: 'es2022', logLevel: 'warning' });
execFileSync('node_modules/.bin/tailwindcss', ['-i', 'resources/css/app.css', '-o', 'public/build/app.css', '--minify'], { stdio: ['ignore', 'ignore', 'inherit'] });
for (const file of ['public/build/app.js', 'public/build/labels.js', 'public/build/sums.js', 'public/build/app.css', 'public/offline.js']) {
    writeFileSync(`${file}.gz`, gzipSync(readFileSync(file), { level: 9 }));
}
console.log('assets built');
