// A frame is the device: on every page lines break and boxes stand as in Chromium's own emulation of it, scroll bars shown as on a desk.
import assert from 'node:assert/strict';
import { after, test } from 'node:test';
import { chromium } from 'playwright-core';
import { BASE, FLAGS, openPage, settled, signIn } from './support.mjs';

// Scroll bars take room as they do for whoever sits at a desk: headless Chromium leaves them out by itself.
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: FLAGS, ignoreDefaultArgs: ['--hide-scrollbars'] });
after(() => browser.close());
const page = await openPage(browser);
await signIn(page);

const SCREENS = { phone: { viewport: { width: 390, height: 844 }, deviceScaleFactor: 3 }, tablet: { viewport: { width: 768, height: 1024 }, deviceScaleFactor: 2 } };

/** Every box of a page and every line of its words, in px. */
const drawn = () => {
  const at = ({ left, top, width, height }) => [left + scrollX, top + scrollY, width, height].map((n) => Math.round(n * 100) / 100).join(' ');
  const boxes = [...document.body.querySelectorAll('*')].map((e) => `${e.localName} ${at(e.getBoundingClientRect())}`);
  const lines = [];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const range = document.createRange();
    range.selectNodeContents(node);
    for (const box of range.getClientRects()) lines.push(at(box));
  }
  return { width: document.documentElement.clientWidth, boxes, lines };
};
/** Fonts and pictures change where things stand: both are there, and the page at its top. */
const ready = (frame) => frame.evaluate(async () => {
  await document.fonts.ready;
  await Promise.all([...document.images].map((image) => { image.loading = 'eager'; return image.decode().catch(() => null); }));
  scrollTo({ top: 0, behavior: 'instant' });
});

/** Half a px is not told apart by eye. */
function isNear(one, other) {
  const [mine, its] = [one, other].map((each) => each.split(' '));
  return mine.every((part, i) => part === its[i] || Math.abs(part - its[i]) <= 0.5);
}

for (const [device, screen] of Object.entries(SCREENS)) {
  test(`the window's ${device} is a ${device}`, async () => {
    await page.goto(`${BASE}/workbench/looks/1/start?device=${device}`);
    await settled(page);
    const context = await browser.newContext({ ...screen, isMobile: true, hasTouch: true, reducedMotion: 'reduce', storageState: await page.context().storageState() });
    const held = await context.newPage();
    const keys = await page.locator('[data-page] option').evaluateAll((options) => options.map((o) => o.value));
    assert.ok(keys.length > 25, `${keys.length} pages`);
    for (const key of keys) {
      await page.locator('[data-page]').selectOption(key);
      await settled(page);
      const frame = page.frames().find((f) => f.name() === 'shop-window' && f.url().includes('/preview/'));
      await held.goto(frame.url());
      await Promise.all([ready(frame), ready(held)]);
      const [mine, its] = [await frame.evaluate(drawn), await held.evaluate(drawn)];
      assert.equal(mine.width, screen.viewport.width, key);
      for (const what of ['lines', 'boxes']) {
        assert.equal(mine[what].length, its[what].length, `${key}: ${what}`);
        assert.deepEqual(mine[what].filter((each, i) => !isNear(each, its[what][i])), [], `${key}: ${what}, as held: ${its[what].filter((each, i) => !isNear(each, mine[what][i])).slice(0, 5)}`);
      }
    }
    await context.close();
  });
}
