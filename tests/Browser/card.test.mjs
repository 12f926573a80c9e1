// One card at true size: what is dragged on it, and what the shop makes of it.
import assert from 'node:assert/strict';
import { afterEach, test } from 'node:test';
import { BASE, change, edited, forget, noAxeFindings, openPage, settled, shopFrame, shows, signedIn, tabTo } from './support.mjs';

const { browser, page, putBack } = await signedIn();
afterEach(putBack);

test('the card at true size: labels dragged to a corner, lines put in order, letters made larger, by pointer and by key', async () => {
  await page.goto(`${BASE}/workbench/looks/1/products?open_part=card`);
  await settled(page);
  const drawing = page.locator('.card-drawing');
  await drawing.scrollIntoViewIfNeeded();
  const corner = () => shopFrame(page).evaluate(() => { const picture = document.querySelector('.card-picture:has(.label)').getBoundingClientRect(); const label = document.querySelector('.card-picture .label').getBoundingClientRect(); return [label.left + label.right > picture.left + picture.right, label.top + label.bottom > picture.top + picture.bottom].join(); });
  await shows(page, corner, 'false,false');
  const [labels, picture] = [await page.locator('#card-labels').boundingBox(), await drawing.locator('[data-picture-room]').boundingBox()];
  await edited(page, async () => {
    await page.mouse.move(labels.x + 20, labels.y + 8);
    await page.mouse.down();
    await page.mouse.move(picture.x + picture.width - 30, labels.y + 20, { steps: 4 });
    await page.mouse.move(picture.x + picture.width - 30, picture.y + picture.height - 12, { steps: 4 });
    await page.mouse.up();
  });
  await shows(page, corner, 'true,true');
  assert.match(await page.locator('#card-labels').getAttribute('aria-label'), /^Save \d+%: labels at the bottom right$/);
  await tabTo(page, '#card-labels');
  await edited(page, () => page.keyboard.press('ArrowUp'));
  assert.equal(await page.evaluate(() => document.activeElement.id), 'card-labels');
  await shows(page, corner, 'true,false');
  // The price before the name, dragged; back behind it by key.
  const order = () => shopFrame(page).evaluate(() => [...document.querySelector('.card').children].map((e) => e.className.split(' ')[0]).filter((name) => /card-(name|price)/.test(name)).join());
  await shows(page, order, 'card-name,card-price');
  const plate = await page.locator('#card-line-price rect').boundingBox();
  await edited(page, async () => {
    await page.mouse.move(plate.x + 20, plate.y + 10);
    await page.mouse.down();
    await page.mouse.move(plate.x + 20, plate.y - 20, { steps: 4 });
    await page.mouse.move(plate.x + 20, plate.y - 46, { steps: 4 });
    await page.mouse.up();
  });
  await shows(page, order, 'card-price,card-name');
  await page.locator('#card-line-price').focus();
  await edited(page, () => page.keyboard.press('Alt+ArrowDown'));
  await shows(page, order, 'card-name,card-price');
  // Each line is as tall as it stands in the shop, on a phone.
  const told = await page.locator('[data-blocks] .tall').allTextContents();
  assert.match(told[0], /^\d+ px$/);
  const size = drawing.locator('[data-path="card.name.size"]');
  await size.focus();
  await edited(page, async () => { await page.keyboard.press('PageUp'); await page.keyboard.press('Enter'); });
  assert.equal(await size.getAttribute('aria-valuenow'), '22');
  await shows(page, () => shopFrame(page).evaluate(() => getComputedStyle(document.querySelector('.card-name')).fontSize), '22px');
  for (const [form, radius] of [['pill', '999px'], ['square', '0px']]) {
    await change(page, { 'card.label.form': form });
    await page.reload();
    await settled(page);
    await shows(page, () => shopFrame(page).evaluate(() => getComputedStyle(document.querySelector('.card-picture .label')).borderRadius), radius);
  }
  await noAxeFindings(page, 'the card at true size');
});

const openCard = async () => {
  await page.goto(`${BASE}/workbench/looks/1/products?open_part=card`);
  await settled(page);
};

test('a card of every kind at once: one is opened by pointer and by key, and a cut name is told', async () => {
  await openCard();
  const kinds = page.locator('.card-kinds li');
  const words = await kinds.locator('.act').allTextContents();
  for (const kind of ['Longest name', 'Reduced', 'Sold out', 'Its own label', 'No picture', 'From a price up', 'Another currency', 'Right to left']) assert.ok(words.includes(kind), `${kind}: ${words}`);
  const drawn = () => page.locator('.card-drawing').getAttribute('aria-label');
  await page.locator('#kind-currency').click();
  await shows(page, async () => (await page.locator('.card-kinds [aria-current]').getAttribute('id')), 'kind-currency');
  await shows(page, async () => page.url().includes('open_card=currency'), true);
  await tabTo(page, '#kind-rtl');
  await page.keyboard.press('Enter');
  await shows(page, async () => (await page.locator('.card-kinds [aria-current]').getAttribute('id')), 'kind-rtl');
  assert.match(await drawn(), /فانوس/);
  // A name that is longer than it may be.
  await change(page, { 'card.name.lines': '1' });
  await openCard();
  await shows(page, async () => /cut$/.test(await kinds.locator('> span').first().textContent()), true);
  await noAxeFindings(page, 'cards of every kind');
});

test('words stand beside the picture where there is room, in the shop as on the drawings', async () => {
  await change(page, { 'grid.columns.desktop': '3' });
  await openCard();
  const choice = page.getByRole('button', { name: 'beside the picture, where there is room' });
  await choice.focus();
  await edited(page, () => page.keyboard.press('Enter'));
  await shows(page, async () => /on a (tablet|desktop), \d+ px/.test(await page.locator('#tool-t-card').textContent()), true);
  const stands = async (width) => {
    const shop = await page.context().newPage();
    await shop.setViewportSize({ width, height: 800 });
    await shop.goto(`${BASE}/preview/1/now/shop/wrenfold/category/paper-lanterns`);
    const found = await shop.evaluate(() => [...document.querySelectorAll('.grid .card')].map((card) => {
      const [picture, words] = ['.card-picture', '.card-words'].map((part) => card.querySelector(part).getBoundingClientRect());
      return words.left > picture.right ? 'beside' : words.top >= picture.bottom ? 'below' : 'over';
    }));
    await shop.close();
    return [...new Set(found)].join();
  };
  assert.equal(await stands(1280), 'beside');
  assert.equal(await stands(390), 'below');
  // What a browser loads is as wide as the picture, not as the card.
  await page.goto(`${BASE}/workbench/looks/1/products?open_part=grid`);
  await settled(page);
  const [picture, card] = await page.locator('[data-shelf-on="desktop"] .goods').first().evaluate((goods) => [goods.querySelector('.card').getBoundingClientRect().width, goods.getBoundingClientRect().width]);
  assert.ok(picture < 0.6 * card, `${picture} of ${card}`);
});

test('a screen on which nothing points gets the second picture another way, and none that moves where less motion is asked for', async () => {
  const seen = async (options) => {
    const shop = await openPage(browser, { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, reducedMotion: 'no-preference', storageState: await page.context().storageState(), ...options });
    await shop.goto(`${BASE}/preview/1/now/shop/wrenfold/category/paper-lanterns`);
    const at = (share) => shop.evaluate(async (of) => {
      const card = [...document.querySelectorAll('.card:has(.card-second)')].find((each) => each.getBoundingClientRect().top + scrollY > innerHeight);
      const box = card.getBoundingClientRect();
      scrollTo({ top: box.top + scrollY + box.height / 2 - of * innerHeight, behavior: 'instant' });
      await new Promise((done) => { requestAnimationFrame(() => requestAnimationFrame(done)); });
      const second = card.querySelector('.card-second');
      return [getComputedStyle(second).opacity, Math.round(100 * second.getBoundingClientRect().width / box.width)];
    }, share);
    const found = [await at(0.95), await at(0.5)];
    await shop.context().close();
    return found;
  };
  await change(page, { 'card.touch': 'small' });
  const small = await seen({});
  assert.deepEqual(small.map(([opacity]) => opacity), ['1', '1']);
  assert.ok(small[0][1] > 30 && small[0][1] < 40, String(small[0][1]));
  await change(page, { 'card.touch': 'passing' });
  assert.deepEqual((await seen({})).map(([opacity]) => opacity), ['0', '1']);
  assert.deepEqual((await seen({ reducedMotion: 'reduce' })).map(([opacity]) => opacity), ['0', '0']);
  // Pointed at, as ever.
  await openCard();
  const touched = page.getByRole('group', { name: 'On a touch screen' });
  assert.equal(await touched.locator('b').textContent(), 'the second picture while it passes the middle');
});
