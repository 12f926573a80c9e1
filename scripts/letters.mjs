// The ink of a font's small letters, as bits: what tells how alike two fonts are, letter on letter.
import * as fontkit from 'fontkit';
import sharp from 'sharp';

/** Px of a letter's picture: its x-height, what is above and below the baseline, and half of its width. */
const X_HEIGHT = 24;
const ABOVE = 44;
const BELOW = 20;
const HALF = 28;
export const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** A font at a weight; a font of one weight is itself. */
export function atWeight(file, weight) {
  const opened = fontkit.openSync(file);
  return opened.variationAxes.wght ? opened.getVariation({ wght: weight }) : opened;
}

const glyphOf = (font, letter) => font.glyphForCodePoint(letter.codePointAt(0));

/** Units from the baseline to the top of a flat letter. */
export const heightOf = (font, letter) => glyphOf(font, letter).path.bbox.maxY;

async function bits(font, letter) {
  const { path } = glyphOf(font, letter);
  const { minX, maxX } = path.bbox;
  const scale = X_HEIGHT / heightOf(font, 'x');
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${2 * HALF}" height="${ABOVE + BELOW}"><path transform="translate(${HALF} ${ABOVE}) scale(${scale} ${-scale}) translate(${-(minX + maxX) / 2} 0)" d="${path.toSVG()}"/></svg>`;
  const { data } = await sharp(Buffer.from(svg)).extractChannel(3).raw().toBuffer({ resolveWithObject: true });
  const words = new Uint32Array(Math.ceil(data.length / 32));
  data.forEach((alpha, i) => { if (alpha >= 128) words[i >> 5] |= 1 << (i & 31); });
  return words;
}

/** @returns Uint32Array[] a letter each */
export const inkOf = async (font) => Promise.all([...LETTERS].map((letter) => bits(font, letter)));

function count(word) {
  let w = word - ((word >>> 1) & 0x55555555);
  w = (w & 0x33333333) + ((w >>> 2) & 0x33333333);
  return (((w + (w >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
}

/** The share of ink that two fonts have in common, of what either has: 0..1 */
export function alike(a, b) {
  let both = 0;
  let either = 0;
  a.forEach((words, letter) => words.forEach((word, i) => {
    both += count(word & b[letter][i]);
    either += count(word | b[letter][i]);
  }));
  return both / either;
}

/** Strokes of the letter o, as shares of its height: the widest, at its side, and the thinnest, at its top. */
export async function strokesOf(font) {
  const size = 400;
  const { path } = glyphOf(font, 'o');
  const { minX, maxX, minY, maxY } = path.bbox;
  const scale = size / (maxY - minY);
  const width = Math.ceil((maxX - minX) * scale);
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${size}"><path transform="translate(0 ${size}) scale(${scale} ${-scale}) translate(${-minX} ${-minY})" d="${path.toSVG()}"/></svg>`;
  const { data } = await sharp(Buffer.from(svg)).extractChannel(3).raw().toBuffer({ resolveWithObject: true });
  const isInk = (x, y) => data[y * width + x] >= 128;
  // Along every ray from the middle, how much ink is met.
  const strokes = Array.from({ length: 180 }, (_, degree) => {
    const angle = (degree * 2 * Math.PI) / 180;
    let ink = 0;
    for (let r = 0; r < size; r += 0.5) {
      const x = Math.round(width / 2 + r * Math.cos(angle));
      const y = Math.round(size / 2 + r * Math.sin(angle));
      if (x < 0 || y < 0 || x >= width || y >= size) break;
      if (isInk(x, y)) ink += 0.5;
    }
    return ink / size;
  });
  return [Math.max(...strokes), Math.min(...strokes)];
}
