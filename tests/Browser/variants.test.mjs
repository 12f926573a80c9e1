// Products that come in several ways and are reduced for a while: said in the Storeroom, chosen and bought in the shop.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, edited, noAxeFindings, openPage, settled, shopFrame, shows, signedIn } from './support.mjs';

const { browser, page } = await signedIn();
const kept = (act) => edited(page, act, /\/storeroom\/(cells|ways|undo)$/);
const refused = async (act, why) => {
  const answer = page.waitForResponse((r) => r.status() === 422);
  await act();
  await answer;
  await page.waitForFunction((words) => new RegExp(words).test(document.body.innerText), why.source);
};
const way = (called, part = 'stock') => page.locator(`[data-way="${called}"][data-part=${part}]`);
const undo = () => kept(() => page.locator('[data-press=undo]').click());
const open = async (slug) => {
  await page.goto(`${BASE}/workbench/looks/1/storeroom?open_q=${slug}`);
  await settled(page);
  await page.locator('tbody .corner a').first().click();
  await page.waitForSelector('#t-ways');
  await settled(page);
};

test('ways are counted, priced and weighed in a grid, by keys and by pasting, and each is one edit', async () => {
  await open('heron');
  await way('14 in / Natural').focus();
  await page.keyboard.press('ArrowDown');
  assert.equal(await page.evaluate(() => document.activeElement.dataset.way), '20 in / Natural');
  await page.keyboard.press('End');
  await page.keyboard.press('ArrowRight');
  assert.equal(await page.evaluate(() => document.activeElement.dataset.way), '20 in / Ember');
  await page.keyboard.type('5');
  await kept(() => page.keyboard.press('Enter'));
  assert.equal(await page.evaluate(() => document.activeElement.dataset.way), '28 in / Ember', 'Enter goes down the column');
  assert.match(await page.locator('#t-ways').textContent(), /27 of 12 ways, 2 out/);
  assert.equal(await page.locator('#f-goods-stock').inputValue(), '27', 'the stock of the product is that of its ways');
  await undo();
  assert.equal(await page.locator('#f-goods-stock').inputValue(), '24');

  // Two by two pasted.
  await way('20 in / Indigo').focus();
  await kept(() => page.evaluate(() => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', '7\t8\r\n9\t10\r\n');
    document.activeElement.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  }));
  assert.deepEqual(await Promise.all(['20 in / Indigo', '20 in / Moss', '28 in / Indigo', '28 in / Moss'].map((w) => way(w).inputValue())), ['7', '8', '9', '10']);
  await undo();
  assert.equal(await way('28 in / Moss').inputValue(), '0');

  // What cannot be read says which way it is of, and stays as it was typed.
  await page.locator('.way-part', { hasText: 'costs more' }).click();
  await way('28 in / Natural', 'more').fill('lots');
  await refused(() => way('28 in / Natural', 'more').press('Enter'), /28 in \/ Natural: “lots” is no sum of money/);
  assert.equal(await way('28 in / Natural', 'more').inputValue(), 'lots');
  await way('28 in / Natural', 'more').fill('20');
  await kept(() => way('28 in / Natural', 'more').press('Enter'));
  assert.equal(await way('28 in / Natural', 'more').inputValue(), '20.00');
  await shows(page, () => shopFrame(page).locator('.choices').getAttribute('data-ways').then((told) => JSON.parse(told)['28 in / Natural'][1]), '$50');
  await undo();
  await noAxeFindings(page);
});

test('options are renamed with their ways, another value is not made until it is counted, and stock that follows cannot be typed', async () => {
  await open('heron');
  const options = page.locator('#f-goods-options');
  await options.fill('Size: 14 in, 20 in, 28 in\nColor: Undyed, Ember, Indigo, Moss');
  await kept(() => options.blur());
  assert.equal(await way('14 in / Undyed').inputValue(), '6');
  await undo();
  await options.fill('Size: 14 in, 20 in, 28 in, 40 in\nColor: Natural, Ember, Indigo, Moss');
  await kept(() => options.blur());
  assert.equal(await way('40 in / Moss').getAttribute('placeholder'), 'not made');
  assert.equal(await page.locator('#f-goods-stock').inputValue(), '24');
  await undo();
  await page.locator('#f-goods-stock').fill('99');
  await refused(() => page.locator('#f-goods-stock').press('Enter'), /stock follows from others/);
  assert.equal(await page.locator('#f-goods-stock').inputValue(), '99', 'what was typed still stands there');
});

test('a price is reduced from one day to another, and its drawing says what each leaves', async () => {
  await open('moth');
  await page.locator('#f-goods-reduced').fill('25');
  await kept(() => page.locator('#f-goods-reduced').press('Enter'));
  await page.locator('#f-goods-reduced_until').fill('2031-05-09T18:00');
  await kept(() => page.locator('#f-goods-reduced_until').blur());
  const said = await page.locator('[aria-labelledby=t-price] svg').getAttribute('aria-label');
  assert.match(said, /^To May 9: of \$25\.00, \$9\.85 is cost and \$15\.15 is left, 61 percent\. From May 9: of \$29\.00, \$9\.85 is cost and \$19\.15 is left, 66 percent$/);
  await shows(page, () => shopFrame(page).locator('.product-price').textContent().then((t) => t.replace(/\s+/g, ' ').trim()), 'Now $25 Before $29You save $4');
  await page.locator('#f-goods-reduced_from').fill('2031-05-10T18:00');
  await refused(() => page.locator('#f-goods-reduced_from').blur(), /must end after it begins/);
  await undo();
  await undo();
});

test('a way has a picture of its own, which comes into sight when it is chosen', async () => {
  await open('heron');
  await page.locator('.way-part', { hasText: 'picture' }).click();
  await way('14 in / Ember', 'picture').fill('heron-folding-lantern-lit');
  await kept(() => way('14 in / Ember', 'picture').press('Tab'));
  const shop = await openPage(browser, { viewport: { width: 1280, height: 800 } });
  await shop.goto(`${BASE}/shop/wrenfold/product/heron-folding-lantern`);
  const shift = () => shop.locator('.product-pictures').evaluate((strip) => Math.round(strip.scrollLeft));
  assert.equal(await shift(), 0);
  await shop.locator('.option', { hasText: 'Ember' }).click();
  const place = await shop.locator('[data-picture="1"]').evaluate((picture) => Math.min(picture.offsetLeft - picture.parentElement.offsetLeft, picture.parentElement.scrollWidth - picture.parentElement.clientWidth));
  assert.ok(place > 0);
  await shows(shop, async () => Math.abs((await shift()) - place) < 3, true);
  await shop.context().close();
  await undo();
});

test('a visitor chooses a way by keyboard: its price shows, what is out is crossed out, and it is bought as chosen', async () => {
  const shop = await openPage(browser, { viewport: { width: 390, height: 800 } });
  await shop.goto(`${BASE}/shop/wrenfold/product/heron-folding-lantern`);
  const option = (value) => shop.locator('.option', { hasText: value });
  await shop.locator('.option input').first().focus();
  await shop.keyboard.press('ArrowDown');
  await shop.keyboard.press('ArrowDown');
  assert.equal((await shop.locator('[data-price]').first().innerText()).trim(), '$48');
  assert.equal(await shop.locator('[data-before]').first().textContent(), '$56');
  assert.match(await option('Indigo').getAttribute('class'), /is-gone/);
  await option('Indigo').click();
  assert.equal(await shop.locator('.buy .button').isDisabled(), true);
  await option('Ember').click();
  assert.equal(await shop.locator('#quantity').getAttribute('max'), '1');
  await noAxeFindings(shop);
  await shop.locator('.buy .button').click();
  await shop.waitForLoadState();
  await shop.goto(`${BASE}/shop/wrenfold/cart`);
  assert.match(await shop.locator('.lines').textContent(), /28 in \/ Ember/);
  assert.match(await shop.locator('.lines').textContent(), /\$48\.00/);
  await noAxeFindings(shop);
  await shop.context().close();
});
