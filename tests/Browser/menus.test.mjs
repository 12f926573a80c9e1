// Menus: made in the Storeroom with levels and marks, worn by the header, opened in the shop by pointer, by key, by touch and without script.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, change, edited, noAxeFindings, openPage, settled, shopFrame, shows, signIn, signedIn } from './support.mjs';

const { browser, page } = await signedIn();
const kept = (act) => edited(page, act, /\/storeroom\/(cells|new|delete|move|undo)$/);
const SHOP = `${BASE}/preview/1/now/shop/wrenfold`;

test('a menu is made and filled by keyboard, and the header wears it', async () => {
  await page.goto(`${BASE}/workbench/looks/1/storeroom?open_kind=menus`);
  await settled(page);
  await page.locator('#f-new-menus-name').focus();
  await page.keyboard.type('By room');
  await kept(() => page.keyboard.press('Enter'));
  await page.goto(`${BASE}/workbench/looks/1/storeroom?open_kind=entries&open_only=menu_id:by-room`);
  await settled(page);
  assert.equal(await page.locator('#f-new-entries-menu_id').inputValue(), 'By room', 'a new entry begins with the menu that is shown');
  for (const [words, level, target] of [['Kitchen', 1, '/category/paper-lanterns'], ['Above the table', 2, '/search?q=table'], ['Low lights', 3, '/search?q=low'], ['Hall', 1, '/category/glass-lanterns']]) {
    await page.locator('#f-new-entries-label').fill(words);
    await page.locator('#f-new-entries-level').fill(String(level));
    await page.locator('#f-new-entries-target').fill(target);
    await kept(() => page.locator('#f-new-entries-target').press('Enter'));
    await page.locator('tr', { hasText: words }).waitFor();
  }
  await page.locator('tr', { hasText: 'Above the table' }).locator('[data-column=mark]').focus();
  await page.keyboard.type('New');
  await kept(() => page.keyboard.press('Enter'));
  await noAxeFindings(page, 'the entries of a menu');
  await page.goto(`${BASE}/workbench/looks/1/header?open_setting=header.menu.main`);
  await settled(page);
  await edited(page, () => page.locator('#c-header-menu-main').selectOption({ label: 'By room' }));
  await shows(page, () => shopFrame(page).locator('header nav.menu a').first().textContent(), 'Kitchen');
});

test('what stands below an entry opens by pointer and by key, and closes with Escape', async () => {
  const shop = await openPage(browser);
  await signIn(shop);
  await shop.goto(SHOP);
  const below = shop.locator('nav.menu .below > ul');
  assert.equal(await below.isVisible(), false);
  await shop.locator('nav.menu').getByText('Kitchen').hover();
  await below.waitFor({ state: 'visible' });
  assert.match(await below.innerText(), /Above the table\s*New\s*Low lights/i);
  const box = await below.boundingBox();
  assert.ok(box.x >= 0 && box.x + box.width <= 1280, 'it stands on the page');
  await noAxeFindings(shop, 'an open menu');
  await shop.mouse.move(600, 700);
  await below.waitFor({ state: 'hidden' });
  await shop.locator('nav.menu .below summary').focus();
  await shop.keyboard.press('Enter');
  await below.waitFor({ state: 'visible' });
  await shop.keyboard.press('Tab');
  await shop.keyboard.press('Escape');
  await below.waitFor({ state: 'hidden' });
  assert.equal(await shop.evaluate(() => document.activeElement.tagName), 'SUMMARY');
  await shop.keyboard.press('Enter');
  await below.waitFor({ state: 'visible' });
  for (const _ of [1, 2, 3]) await shop.keyboard.press('Tab');
  assert.equal(await shop.evaluate(() => document.activeElement.textContent.trim()), 'Hall');
  await below.waitFor({ state: 'hidden' });
  await shop.context().close();
});

test('on a phone all of it stands in the folded menu, and without script it opens too', async () => {
  const shop = await openPage(browser, { viewport: { width: 390, height: 844 }, javaScriptEnabled: false, storageState: await page.context().storageState() });
  await shop.goto(SHOP);
  await shop.locator('.fold > summary').click();
  assert.match(await shop.locator('.fold').innerText(), /Kitchen\s+Above the table\s*New\s+Low lights\s+Hall/i);
  const left = async (words) => (await shop.locator('.fold').getByText(words, { exact: true }).boundingBox()).x;
  assert.ok(await left('Low lights') > await left('Kitchen') + 20, 'deeper entries stand further in');
  await shop.setViewportSize({ width: 1280, height: 800 });
  await shop.locator('nav.menu .below summary').click();
  assert.equal(await shop.locator('nav.menu .below > ul').isVisible(), true);
  await shop.context().close();
});

test('the menu is put away again', async () => {
  await change(page, { 'header.menu.main': 'main' });
  await page.goto(`${BASE}/workbench/looks/1/header`);
  await settled(page);
  await shows(page, () => shopFrame(page).locator('header nav.menu a').first().textContent(), 'Paper lanterns');
});
