// A new, empty store: opened from the sign-in page, filled, dressed, published and opened to the public, by pointer and by key alone.
import assert from 'node:assert/strict';
import { after, test } from 'node:test';
import { BASE, edited, noAxeFindings, openPage, settled, shopFrame, shows, startBrowser, tabTo } from './support.mjs';

const browser = await startBrowser();
after(() => browser.close());
const PASSWORD = 'nine quiet herons';
const WRITES = /\/(storeroom\/(cells|new)|edits|base|publish)$/;

test('by pointer', async () => {
  const page = await openPage(browser);
  await page.goto(`${BASE}/workbench/sign-in`);
  await page.getByRole('link', { name: 'Open a new store' }).click();
  await page.getByLabel('Name of the store').fill('Ferry Ropes & Twine');
  await page.getByLabel('Country').selectOption('DE');
  await page.getByLabel('Time zone').selectOption('Europe/Berlin');
  await page.getByLabel('Your name').fill('Ulla');
  await page.getByLabel('E-mail').fill('ulla@ferry.example');
  await page.locator('[name=password]').fill(PASSWORD);
  await page.locator('[name=again]').fill(`${PASSWORD}!`);
  await page.getByRole('button', { name: 'Open the store' }).click();
  await page.waitForSelector('[role=alert]');
  assert.equal(await page.getByLabel('Name of the store').inputValue(), 'Ferry Ropes & Twine', 'nothing typed is lost');
  await noAxeFindings(page, 'opening a store');
  for (const field of await page.locator('input[type=password]').all()) await field.fill(PASSWORD);
  await page.getByRole('button', { name: 'Open the store' }).click();
  await page.waitForURL(/\/looks\/\d+\/start/);
  await settled(page);
  const look = Number(page.url().match(/looks\/(\d+)/)[1]);
  const shop = `${BASE}/shop/ferry-ropes-twine`;
  const kept = (act) => edited(page, act, WRITES);
  assert.equal((await page.request.get(`${shop}/`)).status(), 404, 'nobody sees it yet');
  // Proposals stand there with stand-ins, in the store's own name.
  await shows(page, () => shopFrame(page).locator('.header .logo').textContent().then((t) => t.trim()), 'Ferry Ropes & Twine');
  await page.locator('#sheet a', { hasText: 'Pine morning' }).first().click();
  await kept(() => page.getByRole('button', { name: 'Take Millrace, Pine morning' }).click());
  await noAxeFindings(page, 'Start of an empty store');

  await page.goto(`${BASE}/workbench/looks/${look}/storeroom?open_kind=categories`);
  await settled(page);
  await page.locator('#f-new-categories-name').fill('Ropes');
  await page.locator('#f-new-categories-words').fill('Laid by hand, cut to length.');
  await kept(() => page.getByRole('button', { name: 'Make it' }).click());
  await shows(page, () => shopFrame(page).locator('h1').textContent(), 'Ropes');
  const make = async (kind, fields) => {
    await page.locator('.storeroom nav a', { hasText: kind }).click();
    await page.waitForSelector(`.storeroom nav a[aria-current]:has-text("${kind}")`);
    await settled(page);
    for (const [field, value] of Object.entries(fields)) {
      const at = page.locator(`[name="new[${field}]"]`);
      if (field === 'body') await page.locator('[data-new-field=body] .rich-words').fill(value);
      else if (await at.evaluate((e) => e.localName === 'select')) await at.selectOption(value);
      else await at.fill(value);
    }
    await kept(() => page.getByRole('button', { name: 'Make it' }).click());
  };
  await make('Goods', { name: 'Hemp rope, ten ells', price: '12,50', category_id: 'Ropes' });
  await kept(async () => { await page.locator('#f-goods-stock').fill('40'); await page.locator('#f-goods-stock').press('Enter'); });
  await make('Entries', { menu_id: 'Main menu', label: 'Ropes', target: '/category/ropes' });
  await make('Pages', { title: 'About us', body: 'We lay rope by the ferry.' });
  await make('Delivery', { name: 'Post', words: 'Three days', price: '4.90' });
  await make('Codes', { code: 'welcome 10', discount: '10%' });

  await page.locator('#bar-end .publish').click();
  await page.waitForSelector('.go .publish');
  await settled(page);
  await edited(page, () => page.locator('.go .publish').click());
  assert.match((await page.request.get(`${shop}/`)).url(), /\/locked$/, 'live, and still locked');
  await page.goto(`${BASE}/workbench/looks/${look}/storeroom?open_kind=storefronts`);
  await settled(page);
  await page.locator('td[data-column=locked]').click();
  await kept(() => page.keyboard.press('Enter'));
  assert.equal(await page.locator('td[data-column=locked]').getAttribute('data-typed'), 'no');

  const visitor = await openPage(browser);
  await visitor.goto(`${shop}/`);
  assert.equal(await visitor.locator('.header .logo').textContent().then((t) => t.trim()), 'Ferry Ropes & Twine');
  assert.doesNotMatch(await visitor.content(), /wrenfold|lantern|First product/i, 'nothing of the demo, and no stand-in');
  await visitor.locator('header nav a', { hasText: 'Ropes' }).first().click();
  await visitor.getByRole('link', { name: 'Hemp rope, ten ells' }).first().click();
  await visitor.getByRole('button', { name: /add to/i }).first().click();
  await visitor.goto(`${shop}/cart`);
  await visitor.locator('[name=code]').fill('WELCOME10');
  await visitor.locator('[name=code]').press('Enter');
  await visitor.waitForFunction(() => document.body.textContent.includes('11.25'));
  await visitor.context().close();
  await page.context().close();
});

test('by key alone', async () => {
  const page = await openPage(browser);
  await page.goto(`${BASE}/workbench/sign-in`);
  const type = async (selector, text) => { await tabTo(page, selector); await page.keyboard.type(text); };
  const kept = (act) => edited(page, act, WRITES);
  await tabTo(page, '[href="/workbench/open"]');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/open$/);
  await page.keyboard.type('Quay Books');
  await type('[name=country]', 'United K');
  await type('[name=zone]', 'Europe/Lon');
  await type('[name=person]', 'Ida');
  await type('[name=email]', 'ida@quay.example');
  await type('[name=password]', PASSWORD);
  await type('[name=again]', PASSWORD);
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/looks\/\d+\/start/);
  await settled(page);
  const shop = `${BASE}/shop/quay-books`;
  // To the Storeroom and its tables by the find box.
  const find = async (words, then) => {
    await page.keyboard.press('Control+k');
    await page.keyboard.type(words);
    await page.waitForFunction((w) => document.querySelector('#found [aria-selected=true]')?.textContent.includes(w), then);
    await page.keyboard.press('Enter');
    await page.waitForFunction((w) => document.querySelector('.storeroom nav a[aria-current]')?.textContent.includes(w), then);
    await settled(page);
  };
  await find('categories', 'Categories');
  await type('[name="new[name]"]', 'Sea stories');
  await kept(() => page.keyboard.press('Enter'));
  await find('goods', 'Goods');
  await type('[name="new[name]"]', 'The long tide');
  await type('[name="new[price]"]', '9.80');
  await type('[name="new[category_id]"]', 'Sea stories');
  await kept(() => page.keyboard.press('Enter'));
  await page.evaluate(() => document.querySelector('.skip-link').focus());
  await tabTo(page, '[role=gridcell]');
  for (let i = 0; i < 6; i += 1) await page.keyboard.press('ArrowRight');
  assert.equal(await page.evaluate(() => document.activeElement.dataset.column), 'stock');
  await page.keyboard.type('12');
  await kept(() => page.keyboard.press('Enter'));
  await page.evaluate(() => document.querySelector('.skip-link').focus());
  await tabTo(page, '#bar-end .publish');
  await page.keyboard.press('Enter');
  await page.waitForSelector('.go .publish');
  await settled(page);
  await tabTo(page, '.go .publish');
  await edited(page, () => page.keyboard.press('Enter'));
  await find('storefronts', 'Storefronts');
  await page.evaluate(() => document.querySelector('.skip-link').focus());
  await tabTo(page, '[role=gridcell]');
  for (let i = 0; i < 2; i += 1) await page.keyboard.press('ArrowRight');
  assert.equal(await page.evaluate(() => document.activeElement.dataset.column), 'locked');
  await kept(() => page.keyboard.press('Enter'));
  const answer = await page.request.get(`${shop}/product/the-long-tide`);
  assert.equal(answer.status(), 200);
  assert.match(await answer.text(), /The long tide[\s\S]*£9\.80/);
  await page.context().close();
});
