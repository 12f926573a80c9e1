// Answers with the reference library's measures and overrides, weight by weight: node fonts.mjs '{"Karla":"sans", ...}'
import { createRequire } from 'node:module';
import { createFontStack } from '@capsizecss/core';

const { entireMetricsCollection } = createRequire(import.meta.url)('@capsizecss/metrics/entireMetricsCollection');
const all = new Map(Object.values(entireMetricsCollection).map((metrics) => [metrics.familyName, metrics]));
const LOCALS = { serif: 'Georgia', slab: 'Georgia', mono: 'Courier New' };
const percent = (value) => (value === undefined ? 0 : Number.parseFloat(value));

function facesOf(variants, local, isItalic) {
  return Object.fromEntries(variants.map(([weight, metrics]) => {
    const name = `${Number(weight) >= 600 ? '700' : ''}${isItalic ? 'italic' : ''}`;
    const { fontFaces } = createFontStack([metrics, name === '' ? local : local.variants[name]], { fontFaceFormat: 'styleObject' });
    const face = fontFaces[0]['@font-face'];
    return [weight, {
      width: metrics.xWidthAvg,
      sizeAdjust: face.sizeAdjust === undefined ? 100 : percent(face.sizeAdjust),
      ascentOverride: percent(face.ascentOverride),
      descentOverride: percent(face.descentOverride),
      lineGapOverride: percent(face.lineGapOverride),
    }];
  }));
}

const answer = {};
for (const [name, kind] of Object.entries(JSON.parse(process.argv[2]))) {
  const regular = all.get(name);
  const local = all.get(LOCALS[kind] ?? 'Arial');
  const variants = Object.entries(regular.variants ?? {});
  const italics = variants.filter(([key]) => key.endsWith('italic')).map(([key, metrics]) => [
      key === 'italic' ? '400' : key.replace('italic', ''),
      metrics,
  ]);
  answer[name] = {
    measures: [regular.unitsPerEm, regular.ascent, regular.descent, regular.lineGap],
    upright: facesOf([['400', regular], ...variants.filter(([key]) => /^\d+$/.test(key) && key !== '400')], local, false),
    italic: facesOf(italics, local, true),
  };
}
console.log(JSON.stringify(answer));
