// What a shelf can be asked for: in the shop without a script, and in the workbench where it stands and what that costs.
import assert from 'node:assert/strict';
import { afterEach, test } from 'node:test';
import { launch } from '../chromium.mjs';
import { BASE, change, edited, forget, noAxeFindings, openPage, settled, shopFrame, shows, signedIn, tabTo } from './support.mjs';

const { browser, page, putBack } = await signedIn();
afterEach(putBack);
const SHELF = `${BASE}/preview/1/now/shop/wrenfold/category/paper-lanterns`;
const SCREENS = { phone: 390, tablet: 768, desktop: 1280 };

/** A page of the shop as it is edited, without scripts. */
const inShop = async (width = 1280) => openPage(browser, { viewport: { width, height: 900 }, javaScriptEnabled: false, storageState: await page.context().storageState() });
const names = (shop) => shop.locator('.category-grid .card-name').allTextContents();
const many = async (shop) => Number((await shop.locator('.sorting p').textContent()).match(/\d+/)[0]);

test('a shelf is asked for less without a script, by what its products are and cost, and each choice says how many it shows', async () => {
  await change(page, { 'grid.filters': 'above', 'grid.count': '48' });
  const shop = await inShop();
  await shop.goto(SHELF);
  const all = await many(shop);
  const group = shop.locator('.filter', { has: shop.locator('summary', { hasText: /^For$/ }) });
  await group.locator('summary').click();
  const first = group.locator('label').first();
  const [value, count] = [await first.locator('input').inputValue(), Number((await first.locator('.soft').textContent()).match(/\d+/)[0])];
  await first.click();
  await shop.getByRole('button', { name: 'Show', exact: true }).click();
  assert.equal(await many(shop), count);
  assert.ok(count < all, `${count} of ${all}`);
  assert.equal((await names(shop)).length, count);
  assert.match(await shop.locator('.chosen-filters').textContent(), new RegExp(value));
  // A price on top of it shows as many as it says, and the way back leads back.
  await shop.locator('.filter', { hasText: 'Price' }).locator('summary').click();
  const price = shop.locator('.filter', { hasText: 'Price' }).locator('label:has(input:not([disabled]))').first();
  const both = Number((await price.locator('.soft').textContent()).match(/\d+/)[0]);
  await price.click();
  await shop.getByRole('button', { name: 'Show', exact: true }).click();
  assert.equal((await names(shop)).length, both);
  await noAxeFindings(page, 'the workbench');
  for (let i = 0; i < 2; i += 1) await shop.locator('.chosen-filters a').first().click();
  assert.equal(await many(shop), all);
  // An address of what is no longer offered hides nothing.
  await shop.goto(`${SHELF}?fact[Of][]=Tin&price[]=1-2`);
  assert.equal(await many(shop), all);
  assert.equal(await shop.locator('.chosen-filters').count(), 0);
  await shop.context().close();
});

test('behind a button it opens by key, and stands at the side where there is room', async () => {
  for (const [place, width, isOpen] of [['folded', 1280, false], ['side', 1280, true], ['side', 390, false]]) {
    await change(page, { 'grid.filters': place });
    const shop = await inShop(width);
    await shop.goto(SHELF);
    assert.equal(await shop.locator('.filters').isVisible(), isOpen, `${place} at ${width}`);
    if (!isOpen) {
      await tabTo(shop, '#filters-open');
      await shop.keyboard.press('Space');
      assert.ok(await shop.locator('.filters').isVisible(), `${place} at ${width}, opened`);
    }
    await shop.locator('.filters label', { hasText: 'Reduced' }).click();
    await shop.locator('.filters').getByRole('button', { name: 'Show' }).click();
    assert.match(shop.url(), /reduced=1/);
    assert.equal((await names(shop)).length, await many(shop));
    await shop.context().close();
  }
});

test('the workbench tells where the shelf begins with each, as the shop has it, and the shelf is drawn beside what stands at its side', async () => {
  const fine = await launch(['--font-render-hinting=none', '--hide-scrollbars']);
  const other = await fine.newPage();
  await other.context().addCookies(await page.context().cookies());
  for (const place of ['above', 'side', 'folded', 'none']) {
    await change(page, { 'grid.filters': place });
    await page.goto(`${BASE}/workbench/looks/1/products?open_shelf=paper-lanterns`);
    await settled(page);
    const told = await page.evaluate(() => Object.fromEntries([...document.querySelectorAll('[data-shelf-on]')].map((each) => [each.dataset.shelfOn, [Number(each.dataset.begins), Number(each.dataset.ends)]])));
    for (const [device, [begins, ends]] of Object.entries(told)) {
      await other.setViewportSize({ width: SCREENS[device], height: 800 });
      await other.goto(SHELF);
      await other.evaluate(() => document.fonts.ready);
      const is = await other.evaluate(() => { const cards = [...document.querySelectorAll('.category-grid .card')].map((each) => each.getBoundingClientRect()); return [cards[0].top + scrollY, Math.max(...cards.map((each) => each.bottom)) + scrollY, cards[0].width]; });
      assert.ok(Math.abs(begins - is[0]) <= 2, `${place} on a ${device} begins at ${is[0]}, not ${begins}`);
      assert.ok(Math.abs(ends - is[1]) <= 4, `${place} on a ${device} ends at ${is[1]}, not ${ends}`);
      const card = Number((await page.locator('[data-shelves]').textContent()).match(/card\s*(\d+) px/g)[Object.keys(told).indexOf(device)].match(/\d+/)[0]);
      assert.ok(Math.abs(card - is[2]) <= 1, `${place} on a ${device}: a card of ${is[2]} px, not ${card}`);
      // What is loaded is wide enough for the card it stands on.
      const sizes = await other.evaluate(() => { const img = document.querySelector('.category-grid .card img'); const media = img.sizes.split(', ').map((each) => each.match(/^(?:\((.*?)\) )?(.*)$/)); const [, , size] = media.find(([, query]) => !query || matchMedia(`(${query})`).matches); const probe = document.createElement('div'); probe.style.width = size; document.body.append(probe); return [probe.getBoundingClientRect().width, img.getBoundingClientRect().width]; });
      assert.ok(Math.abs(sizes[0] - sizes[1]) <= 1.5, `${place} on a ${device}: sizes say ${sizes[0]}, the picture has ${sizes[1]}`);
    }
  }
  await fine.close();
  // Chosen by key, shown at once.
  const tool = page.locator('#tool-t-filters');
  const side = tool.getByRole('button', { name: 'At its side, on a phone behind a button' });
  await side.focus();
  await edited(page, () => page.keyboard.press('Enter'));
  await shows(page, () => shopFrame(page).evaluate(() => document.querySelector('.filters')?.getBoundingClientRect().width > 0), true);
  assert.match(await tool.textContent(), /card 21\d px on a desktop/);
  forget(page);
  await edited(page, () => tool.getByRole('button', { name: 'Ask no longer by facts' }).click());
  await shows(page, () => shopFrame(page).evaluate(() => document.querySelector('.filters').textContent.includes('a hook')), false);
  await noAxeFindings(page, 'what a shelf can be asked for');
});
