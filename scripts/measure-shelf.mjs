// Measures the families of the shelf and writes core/Type/Shelf/: node scripts/measure-shelf.mjs, after ./ikat start has unpacked the fonts.
import { readFileSync, statSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { alike, atWeight, heightOf, inkOf, strokesOf } from './letters.mjs';
import { PARTS, VARIABLE, filesOf } from './shelf.mjs';

const { entireMetricsCollection } = createRequire(import.meta.url)('@capsizecss/metrics/entireMetricsCollection');
const published = new Map(Object.values(entireMetricsCollection).map((metrics) => [metrics.familyName, metrics]));
const REGULAR = 400;
const BOLD = 700;

function factsOf(key) {
  const about = JSON.parse(readFileSync(`node_modules/${key === 'gloock' ? '@fontsource/gloock' : `@fontsource-variable/${key}`}/metadata.json`));
  const { min, max } = about.variable?.wght ?? { min: 400, max: 400 };
  const metrics = published.get(about.family);
  const weights = Array.from({ length: 9 }, (_, i) => (i + 1) * 100).filter((weight) => weight >= Number(min) && weight <= Number(max));
  const variant = (weight, style) => (weight === 400 && style === 'normal' ? metrics : metrics.variants?.[weight === 400 ? style : `${weight}${style === 'italic' ? style : ''}`]);
  const widths = (style) => Object.fromEntries(weights.filter((weight) => variant(weight, style)).map((weight) => [weight, variant(weight, style).xWidthAvg]));
  const files = filesOf(key).map(([name]) => name.replace(`${key}-`, '').replace('.woff2', ''));
  const bytes = Object.fromEntries(filesOf(key).map(([name, from]) => [name.replace(`${key}-`, '').replace('.woff2', ''), statSync(from).size]));
  return { name: about.family, license: about.license, metrics, weights, bytes, widths: widths('normal'), italics: files.includes('latin-italic') ? widths('italic') : {}, parts: PARTS.filter((part) => files.includes(part)) };
}

const families = Object.fromEntries(['gloock', ...VARIABLE].map((key) => [key, factsOf(key)]));
const ink = {};
for (const [key, facts] of Object.entries(families)) {
  const file = `build/fonts/${key}-latin.ttf`;
  facts.measured = {};
  ink[key] = {};
  for (const weight of facts.weights) {
    const font = atWeight(file, weight);
    const unit = font.unitsPerEm;
    const [thick, thin] = await strokesOf(font);
    facts.measured[weight] = [heightOf(font, 'x') / unit, heightOf(font, 'H') / unit, thick, thin].map((share) => Math.round(share * 1000));
    ink[key][weight] = await inkOf(font);
  }
}

const nearest = (weights, wanted) => weights.reduce((best, each) => (Math.abs(each - wanted) < Math.abs(best - wanted) ? each : best));
/** The weight at which a family is most like another one at a weight, and how much: per cent. */
function mostAlike(key, weight, other) {
  return families[other].weights.map((each) => [each, Math.round(alike(ink[key][weight], ink[other][each]) * 100)]).reduce((best, each) => (each[1] > best[1] ? each : best));
}

const list = (values) => `[${values.join(', ')}]`;
const quoted = (values) => Object.fromEntries(Object.entries(values).map(([k, v]) => [`'${k}'`, v]));
/** Lines of at most so many characters. */
function wrapped(items, indent) {
  if (items.length === 0) return '';
  const lines = [''];
  for (const item of items) {
    if (lines.at(-1).length + item.length + indent > 134) lines.push('');
    lines[lines.length - 1] += `${lines.at(-1) === '' ? '' : ' '}${item},`;
  }
  return lines.map((line) => `${' '.repeat(indent)}${line}\n`).join('');
}

const head = (words) => `<?php\n\ndeclare(strict_types=1);\n\nnamespace Ikat\\Core\\Type\\Shelf;\n\n/**\n${words.map((line) => ` * ${line}`.trimEnd()).join('\n')}\n */\n`;
const body = Object.entries(families).map(([key, f]) => `        '${key}' => [
            'name' => '${f.name}',
            'metrics' => ${list([f.metrics.unitsPerEm, f.metrics.ascent, f.metrics.descent, f.metrics.lineGap])},
            'widths' => [
${wrapped(Object.entries(f.widths).map(([w, n]) => `${w} => ${n}`), 16)}            ],
            'italics' => [
${wrapped(Object.entries(f.italics).map(([w, n]) => `${w} => ${n}`), 16)}            ],
            'letters' => [\n${wrapped(Object.entries(f.measured).map(([w, m]) => `${w} => ${list(m)}`), 16)}            ],
            'bytes' => [\n${wrapped(Object.entries(quoted(f.bytes)).map(([part, n]) => `${part} => ${n}`), 16)}            ],
        ],\n`).join('');
writeFileSync('core/Type/Shelf/Measures.php', `${head([
  'What is measured on the families of the shelf; written by scripts/measure-shelf.mjs.',
  '',
  'metrics: units per em, ascent, descent, line gap; widths, italics: weight => average width of small letters in running text, as',
  '@capsizecss/metrics publishes both. letters: weight => height of x, height of H, widest and thinnest stroke of o (thousandths; strokes',
  'of the height of o), from the outlines. bytes: file => size of its WOFF2.',
])}final class Measures\n{\n    private const ALL = [\n${body}    ];\n\n    /**\n     * @return array{\n     *     name: string, metrics: array{int, int, int, int}, widths: non-empty-array<int, int>, italics: array<int, int>,\n     *     letters: non-empty-array<int, array{int, int, int, int}>, bytes: non-empty-array<string, int>\n     * }\n     */\n    public static function of(string $key): array\n    {\n        return self::ALL[$key];\n    }\n}\n`);

const keys = Object.keys(families);
const alikeTo = keys.map((key) => {
  const classes = [...new Set([REGULAR, BOLD].map((weight) => nearest(families[key].weights, weight)))];
  return `        '${key}' => [\n${classes.map((weight) => {
    const others = keys.filter((other) => other !== key).map((other) => [other, ...mostAlike(key, weight, other)]).sort((a, b) => b[2] - a[2]);
    return `            ${weight} => [\n${wrapped(others.map(([other, at, share]) => `'${other}' => [${at}, ${share}]`), 16)}            ],\n`;
  }).join('')}        ],\n`;
}).join('');
writeFileSync('core/Type/Shelf/Likeness.php', `${head([
  'How alike the families of the shelf are; written by scripts/measure-shelf.mjs.',
  '',
  'Family => weight => other family => the weight at which it is most like it, and the share of ink that both have, of what either has, over',
  'the small letters a to z at the same x-height, in per cent; the most alike first.',
])}final class Likeness\n{\n    private const ALL = [\n${alikeTo}    ];\n\n    /** @return non-empty-array<int, array<string, array{int, int}>> */\n    public static function of(string $key): array\n    {\n        return self::ALL[$key];\n    }\n}\n`);
