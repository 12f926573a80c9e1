// Whether two readers of design tokens find the same colors in a file: its path as the one argument, a JSON line out.
import { readFileSync } from 'node:fs';
import { defineConfig, parse } from '@terrazzo/parser';
import StyleDictionary from 'style-dictionary';

const [path] = process.argv.slice(2);
const src = readFileSync(path, 'utf8');
const filename = new URL(`file://${path}`);
const config = defineConfig({}, { cwd: new URL('./', filename) });
const { tokens } = await parse([{ filename, src }], { config });
const dictionary = new StyleDictionary({ tokens: JSON.parse(src), log: { verbosity: 'silent', warnings: 'disabled' }, platforms: { js: {} } });
await dictionary.hasInitialized;
const walk = (group, at = []) => Object.entries(group).flatMap(([key, child]) => (key.startsWith('$') || typeof child !== 'object' || child === null ? [] : '$value' in child ? [[[...at, key].join('.'), child]] : walk(child, [...at, key])));
const colorsOf = (value) => (Array.isArray(value) ? value : [{ color: value, position: 0 }]).map(({ color, position }) => ({ components: color.components, alpha: color.alpha ?? 1, position }));
const told = (rows) => Object.fromEntries(rows.map(([id, t]) => [id, { type: t.$type, colors: colorsOf(t.$value) }]));
console.log(JSON.stringify({ terrazzo: told(Object.entries(tokens)), dictionary: told(walk(await dictionary.getPlatformTokens('js').then((d) => d.tokens))) }));
