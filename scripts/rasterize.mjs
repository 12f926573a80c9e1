// Draws an SVG, already rebuilt from an allow-list, as a PNG: the drawing on standard input, its width as the one argument.
import { readFileSync } from 'node:fs';
import sharp from 'sharp';

const width = Number(process.argv[2]);
const svg = readFileSync(0);
const { width: own = width } = await sharp(svg).metadata();
// Drawn at the density that gives the wanted width, not scaled up afterwards.
const png = await sharp(svg, { density: Math.max(1, Math.min(2400, (72 * width) / own)), limitInputPixels: 40_000_000 }).resize({ width }).png().toBuffer();
process.stdout.write(png);
