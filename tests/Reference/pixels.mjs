// Worst contrast of inks on grounds as Chromium paints them: a JSON list of scenes in, a JSON list of ratios out.
// Each scene is painted twice, with the ink over all of the ground and without it, and compared pixel by pixel.
import { readFileSync } from 'node:fs';
import { launch } from '../chromium.mjs';

const WIDE = 160;
const TALL = 120;
const scenes = JSON.parse(readFileSync(0, 'utf8'));
const browser = await launch(['--force-color-profile=srgb']);
const page = await browser.newPage({ viewport: { width: 2 * WIDE, height: TALL } });
await page.setContent('<body style="margin:0"><style>div{position:absolute;inset:0 auto auto 0;width:160px;height:120px}</style></body>');
const reader = await browser.newPage();
const ratios = [];
for (const { layers, picture, ink } of scenes) {
  await page.evaluate(({ layers, picture, ink, wide }) => {
    document.querySelectorAll('div, canvas').forEach((e) => e.remove());
    for (const left of [0, wide]) {
      if (picture) {
        // One painted pixel for each of the picture's.
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [picture[0].length, picture.length];
        const pen = canvas.getContext('2d');
        picture.forEach((row, y) => row.forEach((color, x) => { pen.fillStyle = color; pen.fillRect(x, y, 1, 1); }));
        Object.assign(canvas.style, { position: 'absolute', top: 0, left: `${left}px`, width: '160px', height: '120px', imageRendering: 'pixelated' });
        document.body.append(canvas);
      }
      for (const background of [...layers, ...(left ? [ink] : [])]) {
        const layer = document.createElement('div');
        Object.assign(layer.style, { left: `${left}px`, background });
        document.body.append(layer);
      }
    }
  }, { layers, picture, ink, wide: WIDE });
  const png = (await page.screenshot()).toString('base64');
  ratios.push(await reader.evaluate(async ({ png, wide, tall }) => {
    const image = new Image();
    image.src = `data:image/png;base64,${png}`;
    await image.decode();
    const canvas = new OffscreenCanvas(2 * wide, tall);
    const pen = canvas.getContext('2d', { colorSpace: 'srgb' });
    pen.drawImage(image, 0, 0);
    const { data } = pen.getImageData(0, 0, 2 * wide, tall);
    const linear = (v) => (v / 255 <= 0.04045 ? v / 255 / 12.92 : ((v / 255 + 0.055) / 1.055) ** 2.4);
    const light = (i) => 0.2126 * linear(data[i]) + 0.7152 * linear(data[i + 1]) + 0.0722 * linear(data[i + 2]);
    let worst = Infinity;
    for (let y = 0; y < tall; y += 1) {
      for (let x = 0; x < wide; x += 1) {
        const a = light(4 * (y * 2 * wide + x));
        const b = light(4 * (y * 2 * wide + wide + x));
        worst = Math.min(worst, a > b ? (a + 0.05) / (b + 0.05) : (b + 0.05) / (a + 0.05));
      }
    }
    return worst;
  }, { png, wide: WIDE, tall: TALL }));
}
await browser.close();
console.log(JSON.stringify(ratios));
