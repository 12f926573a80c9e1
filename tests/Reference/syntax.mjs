// What Chromium makes of colors: a JSON list of texts in, a JSON list out of null where it takes none, or [r, g, b, alpha] as it paints.
import { readFileSync } from 'node:fs';
import { launch } from '../chromium.mjs';

const texts = JSON.parse(readFileSync(0, 'utf8'));
const browser = await launch(['--force-color-profile=srgb']);
const page = await browser.newPage();
await page.setContent('<!DOCTYPE html><p id="p"></p>');
console.log(JSON.stringify(await page.evaluate((texts) => {
  const style = document.querySelector('#p').style;
  const pen = new OffscreenCanvas(1, 1).getContext('2d', { colorSpace: 'srgb', willReadFrequently: true });
  return texts.map((text) => {
    style.color = '';
    style.color = text;
    if (style.color === '') return null;
    pen.clearRect(0, 0, 1, 1);
    pen.fillStyle = getComputedStyle(document.querySelector('#p')).color;
    pen.fillRect(0, 0, 1, 1);
    return [...pen.getImageData(0, 0, 1, 1).data];
  });
}, texts)));
await browser.close();
