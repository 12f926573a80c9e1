// Builds what the browser needs into public/: styles, scripts, icons, fonts. Nothing is loaded from elsewhere.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { copyFile, mkdir, readFile, writeFile } from 'node:fs/promises';
import { build } from 'esbuild';
import fontverter from 'fontverter';

// The merchant's fonts, a file for each writing system they have; Ikat's own two come from the same.
const VARIABLE = ['fraunces', 'literata', 'lora', 'bitter', 'piazzolla', 'karla', 'asap', 'figtree', 'manrope', 'work-sans', 'nunito', 'jost', 'space-grotesk', 'caveat'];
const PARTS = ['latin', 'latin-ext', 'vietnamese', 'greek', 'greek-ext', 'cyrillic', 'cyrillic-ext'];
const FONTS = Object.fromEntries([
  ...['latin', 'latin-ext'].map((part) => [`gloock-${part}.woff2`, `@fontsource/gloock/files/gloock-${part}-400-normal.woff2`]),
  ...VARIABLE.flatMap((family) => PARTS.map((part) => [`${family}-${part}.woff2`, `@fontsource-variable/${family}/files/${family}-${part}-wght-normal.woff2`])),
].filter(([, from]) => existsSync(`node_modules/${from}`)));

const ICONS = [
  'menu', 'search', 'shopping-bag', 'x', 'undo-2', 'redo-2', 'smartphone', 'tablet', 'monitor', 'rotate-cw', 'columns-3',
  'square-split-horizontal', 'panels-top-left', 'link', 'unlink', 'pipette', 'log-out', 'chevron-down', 'chevron-up', 'arrow-right', 'arrow-left', 'moon', 'external-link', 'history', 'check',
  'phone', 'mail', 'user', 'heart', 'pause', 'clock', 'image', 'credit-card', 'landmark', 'banknote', 'gift', 'grip-vertical', 'arrow-up', 'arrow-down', 'eye', 'eye-off', 'trash-2', 'pin', 'footprints', 'crosshair',
];

await mkdir('public/build', { recursive: true });
await mkdir('public/fonts', { recursive: true });

await mkdir('build/fonts', { recursive: true });

await Promise.all(Object.entries(FONTS).map(async ([name, from]) => {
  const packed = await readFile(`node_modules/${from}`);
  await writeFile(`public/fonts/${name}`, packed);
  // PHP does not unpack what browsers do: what it measures with lies beside it, unpacked.
  await writeFile(`build/fonts/${name.replace(/woff2$/, 'ttf')}`, await fontverter.convert(packed, 'truetype'));
}));

const symbols = await Promise.all(ICONS.map(async (name) => {
  const svg = await readFile(`node_modules/lucide-static/icons/${name}.svg`, 'utf8');
  const inner = svg.slice(svg.indexOf('>', svg.indexOf('<svg')) + 1, svg.lastIndexOf('</svg>')).trim().replace(/\s+/g, ' ');
  return `<symbol id="${name}" viewBox="0 0 24 24" fill="none" stroke="currentColor" stroke-width="1.7" stroke-linecap="round" stroke-linejoin="round">${inner}</symbol>`;
}));
await writeFile('public/build/icons.svg', `<svg xmlns="http://www.w3.org/2000/svg">${symbols.join('')}</svg>`);
await copyFile('resources/css/plain.css', 'public/build/plain.css');
await copyFile('resources/ikat-icon.svg', 'public/build/ikat-icon.svg');

await build({ entryPoints: { workbench: 'resources/js/workbench.js', shop: 'resources/js/shop.js', account: 'resources/js/account.js' }, bundle: true, minify: true, format: 'esm', target: 'es2022', outdir: 'public/build', logLevel: 'warning' });

const tailwind = spawnSync('node_modules/.bin/tailwindcss', ['-i', 'resources/css/workbench.css', '-o', 'public/build/workbench.css', '--minify'], { encoding: 'utf8' });
if (tailwind.status !== 0) {
  process.stderr.write(tailwind.stderr);
  process.exit(1);
}
