// Answers with the reference library's measures and overrides, weight by weight: node fonts.mjs '{"karla":"sans", ...}'
import { createRequire } from 'node:module';
import { createFontStack } from '@capsizecss/core';

const { entireMetricsCollection: all } = createRequire(import.meta.url)('@capsizecss/metrics/entireMetricsCollection');
const camel = (key) => key.replace(/-([a-z])/g, (_, letter) => letter.toUpperCase());
const percent = (value) => (value === undefined ? 0 : Number.parseFloat(value));
const answer = {};
for (const [key, kind] of Object.entries(JSON.parse(process.argv[2]))) {
  const regular = all[camel(key)];
  const local = kind === 'serif' ? all.georgia : all.arial;
  const weights = { 400: regular, ...Object.fromEntries(Object.entries(regular.variants ?? {}).filter(([w]) => Number(w) >= 300 && Number(w) <= 800)) };
  answer[key] = { measures: [regular.unitsPerEm, regular.ascent, regular.descent, regular.lineGap], weights: {} };
  for (const [weight, metrics] of Object.entries(weights)) {
    const { fontFaces } = createFontStack([metrics, Number(weight) >= 600 ? local.variants[700] : local], { fontFaceFormat: 'styleObject' });
    const face = fontFaces[0]['@font-face'];
    answer[key].weights[weight] = {
      width: metrics.xWidthAvg,
      sizeAdjust: face.sizeAdjust === undefined ? 100 : percent(face.sizeAdjust),
      ascentOverride: percent(face.ascentOverride),
      descentOverride: percent(face.descentOverride),
      lineGapOverride: percent(face.lineGapOverride),
    };
  }
}
console.log(JSON.stringify(answer));
