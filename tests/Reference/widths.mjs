// Answers with the widths of texts as fontkit measures them, in px: node widths.mjs < {"fonts": [{ "file", "axes", "features" }], "texts": [...], "size"}
import { readFileSync } from 'node:fs';
import * as fontkit from 'fontkit';

const { fonts, texts, size } = JSON.parse(readFileSync(0, 'utf8'));
const answer = fonts.map(({ file, axes, features }) => {
  const opened = fontkit.openSync(file);
  const font = Object.keys(axes).length > 0 ? opened.getVariation(axes) : opened;
  return texts.map((text) => {
    // What a font lacks is measured in another one by browsers, and by nobody here.
    if (![...text].every((character) => font.hasGlyphForCodePoint(character.codePointAt(0)))) return null;
    return (font.layout(text, features ?? undefined).advanceWidth * size) / font.unitsPerEm;
  });
});
process.stdout.write(JSON.stringify(answer));
