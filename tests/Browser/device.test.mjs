// A frame is the device: on every page lines break and boxes stand as in Chromium's own emulation of it, scroll bars shown as on a desk,
// and the pictures are those that it chooses for its dots.
import assert from 'node:assert/strict';
import { after, test } from 'node:test';
import { launch } from '../chromium.mjs';
import { BASE, openPage, settled, shopFrame, signIn } from './support.mjs';

// Scroll bars take room as they do for whoever sits at a desk: headless Chromium leaves them out by itself.
const browser = await launch([], { ignoreDefaultArgs: ['--hide-scrollbars'] });
after(() => browser.close());

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
  // A picture by the file that was chosen for it: addresses of look and shop are the same in both.
  return { width: document.documentElement.clientWidth, boxes, lines, pictures: [...document.images].map(({ currentSrc }) => currentSrc) };
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
    const page = await openPage(browser);
    await signIn(page);
    await page.goto(`${BASE}/workbench/looks/1/start?device=${device}`);
    await settled(page);
    const context = await browser.newContext({ ...screen, isMobile: true, hasTouch: true, reducedMotion: 'reduce', storageState: await page.context().storageState() });
    const held = await context.newPage();
    const keys = await page.locator('[data-page] option').evaluateAll((options) => options.map((o) => o.value));
    assert.ok(keys.length > 25, `${keys.length} pages`);
    const chosen = new Set();
    // Chromium takes a larger one of the same picture where it has that already: which comes first is chance.
    const isChosen = (mine, its) => mine === its || (chosen.has(mine) && mine.replace(/-\d+\.\w+$/, '') === its.replace(/-\d+\.\w+$/, ''));
    for (const key of keys) {
      await page.locator('[data-page]').selectOption(key);
      await settled(page);
      const frame = page.frames().find((f) => f.name() === 'shop-window' && f.url().includes('/preview/'));
      await held.goto(frame.url());
      await Promise.all([ready(frame), ready(held)]);
      const [mine, its] = [await frame.evaluate(drawn), await held.evaluate(drawn)];
      assert.equal(mine.width, screen.viewport.width, key);
      its.pictures.forEach((each) => chosen.add(each));
      assert.deepEqual(mine.pictures.map((each, i) => (isChosen(each, its.pictures[i]) ? its.pictures[i] : each)), its.pictures, `${key}: pictures`);
      for (const what of ['lines', 'boxes']) {
        assert.equal(mine[what].length, its[what].length, `${key}: ${what}`);
        assert.deepEqual(mine[what].filter((each, i) => !isNear(each, its[what][i])), [], `${key}: ${what}, as held: ${its[what].filter((each, i) => !isNear(each, mine[what][i])).slice(0, 5)}`);
      }
    }
    assert.ok(chosen.size > 50, `${chosen.size} pictures`);
    await context.close();
  });
}

test('a hand-held page is drawn along as by a finger, and what it is drawn by is not picked', async () => {
  const page = await openPage(browser);
  await signIn(page);
  await page.goto(`${BASE}/workbench/looks/1/start?device=phone`);
  await settled(page);
  const stage = await page.locator('iframe[name="shop-window"]').boundingBox();
  const at = [stage.x + stage.width / 2, stage.y + stage.height * 0.8];
  const draw = async (dx, dy, from = at) => {
    await page.mouse.move(...from);
    await page.mouse.down();
    await page.mouse.move(from[0] + dx / 2, from[1] + dy / 2);
    await page.mouse.move(from[0] + dx, from[1] + dy);
    await page.mouse.up();
  };
  const top = () => shopFrame(page).evaluate(() => Math.round(scrollY));
  const scale = stage.width / 390;
  await draw(0, -200);
  assert.ok(Math.abs(await top() - 200 / scale) <= 2, `drawn by ${await top()}`);
  assert.equal(await page.locator('.picked-tag').isHidden(), true);
  assert.equal(await shopFrame(page).evaluate(() => getSelection().toString()), '');
  await draw(0, 200);
  assert.equal(await top(), 0);
  await page.mouse.click(...at);
  await page.waitForFunction(() => !document.querySelector('.picked-tag').hidden);
  // A desktop's page is not: there a pointer is a pointer.
  await page.locator('[data-device=desktop]').click();
  await settled(page);
  const desk = await page.locator('iframe[name="shop-window"]').boundingBox();
  await draw(0, -100, [desk.x + desk.width / 2, desk.y + desk.height * 0.8]);
  assert.equal(await top(), 0);
  await page.context().close();
});

test('on a touch screen a long press offers what a click with the other button does', async () => {
  const page = await openPage(browser, { viewport: { width: 1280, height: 800 }, hasTouch: true });
  await signIn(page);
  await page.goto(`${BASE}/workbench/looks/1/pages?open_part=home`);
  await settled(page);
  const [x, y] = await page.locator('iframe[name="shop-window"]').boundingBox().then((stage) => [stage.x + stage.width / 4, stage.y + 20]);
  const touch = await page.context().newCDPSession(page);
  await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [{ x, y }] });
  await page.locator('.picked-tag [data-offer], .picked-tag button').first().waitFor();
  await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  await page.waitForFunction(() => document.querySelector('.picked-tag').contains(document.activeElement));
  await page.context().close();
});
