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
const walk = (group, at = []) => Object.entries(group).flatMap(([key, child]) => (key.startsWith('$') || typeof child !== 'object' || child === null ? [] : '$value' in child ? [[[...at, key].join('.'), child.$value]] : walk(child, [...at, key])));
console.log(JSON.stringify({ terrazzo: Object.fromEntries(Object.entries(tokens).map(([id, t]) => [id, [t.$type, t.$value.components]])), dictionary: Object.fromEntries(walk(dictionary.tokens).map(([id, value]) => [id, value.components ?? value])) }));
