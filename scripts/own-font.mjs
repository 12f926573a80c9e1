// What PHP cannot do with a font somebody brings: unpack WOFF2, measure its letters' outlines, and cut and pack it.
//   node scripts/own-font.mjs unpack FILE OUT                   a plain OpenType font of it
//   node scripts/own-font.mjs prepare FILE FOLDER < {"weights": [400], "parts": {"latin": "abc", ...} or null}
//                                                               measures as JSON, and FOLDER/PART.woff2 for each part
import { readFileSync, writeFileSync } from 'node:fs';
import fontverter from 'fontverter';

const [task, file, out] = process.argv.slice(2);

async function measured(weights) {
  const { fromBuffer } = await import('@capsizecss/unpack');
  const { LETTERS, atWeight, heightOf, strokesOf } = await import('./letters.mjs');
  /** How wide running text is, to tell the weights of one font apart. */
  const runningWidth = (font) => [...LETTERS].reduce((sum, letter) => sum + font.glyphForCodePoint(letter.codePointAt(0)).advanceWidth, 0);
  const { xWidthAvg, unitsPerEm } = await fromBuffer(readFileSync(file));
  const usual = runningWidth(atWeight(file, weights.includes(400) ? 400 : weights[0]));
  const widths = {};
  const letters = {};
  for (const weight of weights) {
    const font = atWeight(file, weight);
    const [thick, thin] = await strokesOf(font);
    widths[weight] = Math.max(1, Math.round((xWidthAvg * runningWidth(font)) / usual));
    letters[weight] = [heightOf(font, 'x') / unitsPerEm, heightOf(font, 'H') / unitsPerEm, thick, thin].map((share) => Math.max(1, Math.round(share * 1000)));
  }
  return { widths, letters };
}

if (task === 'unpack') {
  writeFileSync(out, await fontverter.convert(readFileSync(file), 'sfnt'));
} else {
  const { default: subsetFont } = await import('subset-font');
  const { weights, parts } = JSON.parse(readFileSync(0, 'utf8'));
  const bytes = {};
  for (const [part, text] of Object.entries(parts ?? { latin: null })) {
    const cut = text === null ? await fontverter.convert(readFileSync(file), 'woff2') : await subsetFont(readFileSync(file), text, { targetFormat: 'woff2' });
    writeFileSync(`${out}/${part}.woff2`, cut);
    bytes[part] = cut.length;
  }
  process.stdout.write(JSON.stringify({ ...await measured(weights), bytes }));
}
