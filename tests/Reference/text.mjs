// Widths and lines of texts as others set them: Chromium with all files of each family, fontkit file by file and word by word.
// node text.mjs < { "faces": [{ "files": [{ "woff2", "ttf", "range" }], "weight" }], "texts", "size", "widths" }; ttf is where the unpacked file is written.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import * as fontkit from 'fontkit';
import fontverter from 'fontverter';
import { launch } from '../chromium.mjs';

const { faces, texts, size, widths } = JSON.parse(readFileSync(0, 'utf8'));
const words = [...new Set(texts.flatMap((text) => text.split(' ')))];

for (const { woff2, ttf } of faces.flatMap(({ files }) => files)) {
  if (existsSync(ttf)) continue;
  mkdirSync(dirname(ttf), { recursive: true });
  writeFileSync(ttf, await fontverter.convert(readFileSync(woff2), 'truetype'));
}

// Without hinting letters stand where the font says, as on screens of fine dots.
const browser = await launch(['--font-render-hinting=none']);
const page = await browser.newPage();
await page.setContent('<!doctype html><html lang="en"><body></body></html>');
const answer = [];
for (const { files, weight } of faces) {
  const inChromium = await page.evaluate(async ({ files, texts, size, weight, widths }) => {
    document.fonts.clear();
    // Of several faces for a character the one that came last is taken: they are listed the other way round.
    for (const { data, range } of files.toReversed()) {
      const face = new FontFace('Measured', `url(data:font/ttf;base64,${data})`, { weight: '1 1000', unicodeRange: range });
      document.fonts.add(await face.load());
    }
    const set = (style) => texts.map((text) => {
      const element = document.createElement('div');
      element.style.cssText = `font:${weight} ${size}px/1.5 Measured;text-rendering:geometricPrecision;${style}`;
      element.textContent = text;
      return element;
    });
    document.body.replaceChildren(...set('white-space:nowrap;width:max-content'));
    await document.fonts.ready;
    const whole = [...document.body.children].map((e) => e.getBoundingClientRect().width);
    const lines = widths.map((width) => {
      document.body.replaceChildren(...set(`width:${width}px`));
      return [...document.body.children].map((e) => Math.round(e.getBoundingClientRect().height / (size * 1.5)));
    });
    return { whole, lines };
  }, { files: files.map(({ ttf, range }) => ({ data: readFileSync(ttf).toString('base64'), range })), texts, size, weight, widths });

  const inFontkit = files.map(({ ttf }) => {
    const opened = fontkit.openSync(ttf);
    const font = opened.variationAxes.wght ? opened.getVariation({ wght: weight }) : opened;
    // It knows nothing of kerning that varies with weight: what it varies itself is compared.
    const features = opened.variationAxes.wght ? { kern: false } : undefined;
    return Object.fromEntries(words
      .filter((word) => word !== '' && [...word].every((character) => font.hasGlyphForCodePoint(character.codePointAt(0))))
      .map((word) => [word, (font.layout(word, features).advanceWidth * size) / font.unitsPerEm]));
  });
  answer.push({ ...inChromium, fontkit: inFontkit });
}
await browser.close();
process.stdout.write(JSON.stringify(answer));
