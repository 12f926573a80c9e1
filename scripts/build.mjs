// Builds what the browser needs into public/: styles, scripts, icons, fonts. Nothing is loaded from elsewhere.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { copyFile, mkdir, readFile, writeFile } from 'node:fs/promises';
import { build } from 'esbuild';
import fontverter from 'fontverter';
import { VARIABLE, filesOf } from './shelf.mjs';

// The merchant's fonts, a file for each writing system they have; Ikat's own two come from the same.
const FONTS = ['gloock', ...VARIABLE].flatMap(filesOf);

const ICONS = [
  'menu', 'search', 'shopping-bag', 'x', 'undo-2', 'redo-2', 'smartphone', 'tablet', 'monitor', 'rotate-cw', 'columns-3',
  'bold', 'italic', 'heading-2', 'heading-3', 'list', 'list-ordered', 'quote', 'square-split-horizontal', 'panels-top-left', 'link', 'unlink', 'pipette', 'log-out', 'chevron-down', 'chevron-up', 'arrow-right', 'arrow-left', 'moon', 'external-link', 'history', 'check',
  'phone', 'mail', 'user', 'heart', 'pause', 'clock', 'image', 'credit-card', 'landmark', 'banknote', 'gift', 'grip-vertical', 'arrow-up', 'arrow-down', 'eye', 'eye-off', 'trash-2', 'pin', 'bookmark', 'footprints', 'crosshair',
];

await mkdir('public/build', { recursive: true });
await mkdir('public/fonts', { recursive: true });

await mkdir('build/fonts', { recursive: true });

for (const [name, from] of FONTS) {
  // PHP does not unpack what browsers do: what it measures with lies beside it, unpacked, and is unpacked again only when the package brings another.
  const packed = await readFile(from);
  const unpacked = `build/fonts/${name.replace(/woff2$/, 'ttf')}`;
  if (existsSync(unpacked) && (await readFile(`public/fonts/${name}`).catch(() => packed.subarray(1))).equals(packed)) continue;
  await writeFile(unpacked, await fontverter.convert(packed, 'truetype'));
  await writeFile(`public/fonts/${name}`, packed);
}

const symbols = await Promise.all(ICONS.map(async (name) => {
  const svg = await readFile(`node_modules/lucide-static/icons/${name}.svg`, 'utf8');
  const inner = svg.slice(svg.indexOf('>', svg.indexOf('<svg')) + 1, svg.lastIndexOf('</svg>')).trim().replace(/\s+/g, ' ');
  return `<symbol id="${name}" viewBox="0 0 24 24" fill="none" stroke="currentColor" stroke-width="1.7" stroke-linecap="round" stroke-linejoin="round">${inner}</symbol>`;
}));
await writeFile('public/build/icons.svg', `<svg xmlns="http://www.w3.org/2000/svg">${symbols.join('')}</svg>`);
await copyFile('resources/css/plain.css', 'public/build/plain.css');
await copyFile('resources/ikat-icon.svg', 'public/build/ikat-icon.svg');

await build({ entryPoints: { workbench: 'resources/js/workbench.js', shop: 'resources/js/shop.js', account: 'resources/js/account.js', rich: 'resources/js/rich.js' }, bundle: true, minify: true, format: 'esm', target: 'es2022', external: ['/build/*'], outdir: 'public/build', logLevel: 'warning' });

const tailwind = spawnSync(
    'node_modules/.bin/tailwindcss',
    ['-i', 'resources/css/workbench.css', '-o', 'public/build/workbench.css', '--minify'],
    { encoding: 'utf8' },
);
if (tailwind.status !== 0) {
  process.stderr.write(tailwind.stderr);
  process.exit(1);
}
