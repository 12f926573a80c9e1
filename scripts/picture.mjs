// Decodes a picture somebody gave, on standard input, for pages: upright, in sRGB whatever its own color profile was, eight bits
// a channel, no larger than asked for. Answers with a line of JSON, then a PNG. What cannot be decoded whole is refused.
//
//   node picture.mjs bitmap PIXELS SIDE    most pixels it may have; most pixels along a side it comes out with
//   node picture.mjs drawing WIDTH         an SVG, already rebuilt from an allow-list, drawn that wide
import { readFileSync } from 'node:fs';
import sharp from 'sharp';

sharp.cache(false);
sharp.concurrency(1);
const [kind, first, second] = process.argv.slice(2);
const given = readFileSync(0);

function refuse() {
  process.stdout.write(`${JSON.stringify({ refused: true })}\n`);
  process.exit(0);
}

/** Whether a profile calls itself sRGB, in ASCII or in UTF-16: such a picture is as every screen shows it already. */
const namesSrgb = (icc) => icc.includes('sRGB') || icc.includes(Buffer.from('sRGB', 'utf16le').swap16());

async function drawing(width) {
  const { width: own = width } = await sharp(given).metadata();
  // Drawn at the density that gives the wanted width, not scaled up afterwards.
  const png = await sharp(given, { density: Math.max(1, Math.min(2400, (72 * width) / own)), limitInputPixels: 40_000_000 }).timeout({ seconds: 15 }).resize({ width }).png({ compressionLevel: 1 }).toBuffer();
  return [{}, png];
}

async function bitmap(most, side) {
  const meta = await sharp(given, { limitInputPixels: most }).metadata();
  const height = meta.pageHeight ?? meta.height;
  const input = sharp(given, { limitInputPixels: most, failOn: 'truncated', pages: 1 });
  const png = await input.timeout({ seconds: 25 }).rotate().toColourspace('srgb').resize({ width: side, height: side, fit: 'inside', withoutEnlargement: true }).ensureAlpha().png({ compressionLevel: 1 }).toBuffer();
  const moves = (meta.pages ?? 1) > 1 || (meta.format === 'png' && given.subarray(0, 4096).includes('acTL'));
  const lies = (meta.orientation ?? 1) > 1;
  // Turned by a quarter, its sides change places.
  const turned = (meta.orientation ?? 1) > 4;
  return [{ width: turned ? height : meta.width, height: turned ? meta.width : height, moves, lies, inks: meta.space === 'cmyk', profile: meta.icc !== undefined && !namesSrgb(meta.icc) }, png];
}

try {
  const [told, png] = kind === 'drawing' ? await drawing(Number(first)) : await bitmap(Number(first), Number(second));
  process.stdout.write(`${JSON.stringify(told)}\n`);
  process.stdout.write(png);
} catch {
  refuse();
}
