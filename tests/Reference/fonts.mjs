// Answers with the reference library's measures and overrides: node fonts.mjs '{"karla":"sans", ...}'
import { createRequire } from 'node:module';
import { createFontStack } from '@capsizecss/core';

const { entireMetricsCollection: all } = createRequire(import.meta.url)('@capsizecss/metrics/entireMetricsCollection');
const camel = (key) => key.replace(/-([a-z])/g, (_, letter) => letter.toUpperCase());
const percent = (value) => (value === undefined ? 0 : Number.parseFloat(value));
const answer = {};
for (const [key, kind] of Object.entries(JSON.parse(process.argv[2]))) {
  const metrics = all[camel(key)];
  const { fontFaces } = createFontStack([metrics, kind === 'serif' ? all.georgia : all.arial], { fontFaceFormat: 'styleObject' });
  const face = fontFaces[0]['@font-face'];
  answer[key] = {
    measures: [metrics.unitsPerEm, metrics.ascent, metrics.descent, metrics.lineGap, metrics.xWidthAvg],
    sizeAdjust: face.sizeAdjust === undefined ? 100 : percent(face.sizeAdjust),
    ascentOverride: percent(face.ascentOverride),
    descentOverride: percent(face.descentOverride),
    lineGapOverride: percent(face.lineGapOverride),
  };
}
console.log(JSON.stringify(answer));
