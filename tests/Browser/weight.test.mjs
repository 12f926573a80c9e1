// What pictures of products weigh: which file a card loads on any screen, and encoding them anew behind the pages.
import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { afterEach, test } from 'node:test';
import { BASE, change, forget, settled, SHOP, shows, signedIn, storeroom } from './support.mjs';

const { browser, page, putBack } = await signedIn();
afterEach(putBack);
const WIDTHS = [340, 375, 390, 414, 600, 768, 834, 1023, 1024, 1280, 1440, 1920];
const go = async () => {
  await page.goto(`${BASE}/workbench/looks/1/products`);
  forget(page);
  await settled(page);
};

test('a card loads the file that the solved shelf says, on twelve screens of one and of two dots', async () => {
  const solved = Object.fromEntries(WIDTHS.map((width) => [width, JSON.parse(execFileSync('php', ['artisan', 'grid:solve', '--products=14', `--width=${width}`, '--json'], { encoding: 'utf8' }))]));
  for (const density of [1, 2]) {
    const context = await browser.newContext({ deviceScaleFactor: density });
    const other = await context.newPage();
    for (const width of WIDTHS) {
      await other.setViewportSize({ width, height: 900 });
      // Anew each time: what is loaded already is kept as long as it is sharper.
      await other.goto(`${SHOP}/category/candles?screen=${width}`);
      const found = await other.evaluate(async () => {
        const images = [...document.querySelectorAll('.card-picture img')].filter((image) => /-320\.\w+ 320w.*-640\.\w+ 640w.*-960\.\w+ 960w/.test(image.srcset));
        images.forEach((image) => { image.loading = 'eager'; });
        await Promise.all(images.map((image) => image.decode()));
        return images.map((image) => [Number(image.currentSrc.match(/-(\d+)\.\w+$/)[1]), image.getBoundingClientRect().width]);
      });
      assert.ok(found.length > 3);
      const { picture_width: wide, loads } = solved[width];
      for (const [file, shown] of found) {
        assert.ok(Math.abs(shown - wide) < 5, `${width} px: ${shown}, not ${wide}`);
        assert.equal(file, Math.min(960, loads[`${density}x`]), `${width} px at ${density}x`);
      }
    }
    await context.close();
  }
});

test('bytes and seconds are told, what is heavy and what is too small; encoding anew goes on behind the pages and is called off', async () => {
  await change(page, { 'grid.columns.desktop': 2 });
  await go();
  const tool = page.locator('#tool-t-weight');
  const text = await tool.textContent();
  assert.match(text, /phone of 2x\s*\d+ kB, \d+\.\d s/);
  assert.match(text, /desktop of 2x\s*[\d,]+ kB, \d+\.\d s\s*[\d,]+ kB,\s+\d+\.\d s\s*10 Mbit\/s\s*1144 px/);
  assert.match(text, /Grand aldermouth[^.]*alone weighs 4,\d\d\d kB, on any screen/);
  assert.match(text, /A phone then loads \d+ kB of this shelf instead of 4,\d\d\d kB/);
  // The first picture of each product, to put back what was done.
  await page.goto(`${BASE}/workbench/looks/1/products?open_part=card`);
  await settled(page);
  const ids = await page.locator('.dot[data-picture]').evaluateAll((dots) => dots.map((dot) => dot.dataset.picture));
  await go();
  await page.locator('#lighten-all').click();
  await page.locator('#tool-t-weight progress').waitFor();
  await shows(page, async () => Number(await page.locator('#tool-t-weight progress').getAttribute('value')) > 0, true);
  await page.locator('#tool-t-weight .task button').click();
  await page.locator('#tool-t-weight [role=status]').first().waitFor();
  await shows(page, async () => { await go(); return /Called off\. \d+ pictures? (is|are) lighter: [\d,]+ kB instead of [\d,]+/.test(await tool.textContent()); }, true);
  const left = Number((await page.locator('#lighten-all').textContent()).match(/\d+/)[0]);
  assert.ok(left < ids.length && left > 0, `${left} of ${ids.length} are left`);
  for (const id of ids.slice(0, ids.length - left)) await storeroom(page, {}, `pictures/${id}/back`);
  await go();
  assert.equal(Number((await page.locator('#lighten-all').textContent()).match(/\d+/)[0]), ids.length);
});
