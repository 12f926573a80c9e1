// A shop in several languages: set in the Storeroom, read in the window, said in the table and where the words stand.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, change, edited, noAxeFindings, openPage, settled, shopFrame, shows, signedIn } from './support.mjs';

const { browser, page, putBack } = await signedIn();
const kept = (act) => edited(page, act, /\/storeroom\/(cells|new|delete|move|undo|say)$/);
const go = async (path) => { await page.goto(`${BASE}/workbench/looks/1/${path}`); await settled(page); };
const SHOP = `${BASE}/shop/wrenfold`;
const language = () => shopFrame(page).locator('html').getAttribute('lang');

test('the languages of a store are set in the Storeroom, and its words gather there to be said', async () => {
  await go('storeroom?open_kind=store');
  const cell = page.locator('tr [data-column=languages]').first();
  await cell.focus();
  await page.keyboard.type('en de ar');
  await kept(() => page.keyboard.press('Enter'));
  await go('storeroom?open_kind=words&open_only=language:German');
  const row = page.locator('tr', { hasText: 'Wicks & oil' }).first();
  // They gather behind the scenes.
  await shows(page, async () => {
    await go('storeroom?open_kind=words&open_only=language:German&open_q=Wicks');
    return row.count();
  }, 1);
  await row.locator('[data-column=words]').focus();
  await page.keyboard.type('Dochte & Öl');
  await kept(() => page.keyboard.press('Enter'));
  await noAxeFindings(page, 'words to be said');
});

test('the window reads the shop in each language, and keeps it in its address', async () => {
  await go('pages');
  await page.locator('[data-language]').selectOption({ label: 'German' });
  await shows(page, language, 'de');
  assert.match(await shopFrame(page).locator('.fold, nav.menu').first().textContent(), /Dochte & Öl/);
  assert.equal(new URL(page.url()).searchParams.get('language'), 'de');
  await page.locator('[data-page]').selectOption('empty');
  await shows(page, () => shopFrame(page).locator('h1').textContent(), 'Ihr Warenkorb');
  await page.reload();
  await settled(page);
  await shows(page, language, 'de');
  await page.locator('[data-language]').selectOption({ label: 'Arabic' });
  await shows(page, () => shopFrame(page).locator('html').getAttribute('dir'), 'rtl');
  await noAxeFindings(page, 'the shop from right to left');
});

test('words are said where they stand, and taken back in the Storeroom', async () => {
  await go('checkout?page=empty&language=de');
  await shows(page, () => shopFrame(page).locator('h1').textContent(), 'Ihr Warenkorb');
  await shopFrame(page).locator('h1').click();
  await page.locator('[data-selected] [data-words]').first().waitFor();
  await kept(async () => {
    await page.locator('[data-selected] [data-words]').first().click();
    await page.keyboard.type('Ihr Körbchen');
    await page.keyboard.press('Enter');
  });
  await shows(page, () => shopFrame(page).locator('h1').textContent(), 'Ihr Körbchen');
  const shop = await openPage(browser);
  await shop.goto(`${SHOP}/de/cart`);
  assert.equal(await shop.locator('h1').textContent(), 'Ihr Körbchen', 'in the shop at once');
  await shop.goto(`${SHOP}/cart`);
  assert.equal(await shop.locator('h1').textContent(), 'Your cart', 'the first language is as it was');
  await shop.close();
  await go('storeroom?open_kind=words');
  await kept(() => page.locator('#bar-state').getByRole('button', { name: /Undo/ }).click());
});

test('the header is measured in each language, and a long menu is seen before a customer sees it', async () => {
  await go('header');
  const german = page.locator('#sheet').getByRole('link', { name: 'German' });
  const first = await page.locator('[data-river]').getAttribute('data-fits');
  await german.click();
  await page.locator('[data-river][data-speaks=de]').waitFor();
  await shows(page, language, 'de');
  assert.notEqual(await page.locator('[data-river]').getAttribute('data-fits'), first, 'other words fit elsewhere');
  assert.match(await page.locator('#bench').textContent(), /Dochte & Öl/);
  const cut = await shopFrame(page).locator('.header-row').evaluateAll((rows) => rows.filter((row) => row.scrollWidth > row.clientWidth + 1).length);
  assert.equal(cut, 0);
  await noAxeFindings(page, 'the header in German');
});

test('a customer chooses language and country in the shop, and stays on the page', async () => {
  await go('header');
  await change(page, { 'header.chooser': 'on' });
  await go('header?page=category');
  await page.locator('[data-walk-shop]').click();
  const shop = shopFrame(page);
  await shop.locator('.fold summary').click();
  const chooser = shop.locator('.fold .chooser');
  await chooser.locator('[name=language]').selectOption('de');
  await chooser.locator('button').click();
  await shows(page, language, 'de');
  assert.match(await shop.locator('body').evaluate(() => location.pathname), /\/shop\/wrenfold\/de\/category\//);
  await shows(page, () => page.locator('[data-language]').inputValue(), 'de');
  await putBack();
});

test('a store that speaks one language again is as it was', async () => {
  await go('storeroom?open_kind=store');
  const cell = page.locator('tr [data-column=languages]').first();
  await cell.focus();
  await page.keyboard.type('en');
  await kept(() => page.keyboard.press('Enter'));
  await go('pages');
  assert.equal(await page.locator('[data-language]').count(), 0);
  await shows(page, language, 'en');
});
