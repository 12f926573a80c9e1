// The window follows the work: what is opened on the bench comes into sight there, and is marked for a moment.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, edited, noAxeFindings, settled, shopFrame, shows, signedIn } from './support.mjs';

const { page } = await signedIn();

const LOOK = `${BASE}/workbench/looks/1`;
const shownPage = () => new URL(shopFrame(page).url()).pathname.replace(/^\/preview\/\d+\/[^/]+\/shop\/[^/]+/, '');
const unmarked = () => page.waitForFunction(() => !document.querySelector('.reach-lights rect'));

/** Waits until a part is in sight in the window and its own mark, and no other, stands around it. */
async function brings(part, path) {
  await page.waitForFunction((key) => {
    const frame = document.querySelector('iframe[name="shop-window"]');
    const box = frame?.contentDocument?.querySelector(`[data-part="${key}"]`)?.getBoundingClientRect();
    const marks = [...document.querySelectorAll('.reach-lights rect:not(.halo-box)')];
    const scale = frame ? frame.getBoundingClientRect().width / frame.clientWidth : 1;
    // A mark keeps three pixels from what it is around.
    return box && box.bottom > 0 && box.top < frame.clientHeight && marks.length === 1 && Math.abs(Number(marks[0].getAttribute('y')) - (box.top - 3) * scale) < 1;
  }, part);
  assert.match(shownPage(), path);
}

for (const [address, part, path] of [
  ['products?open_part=grid', 'grid', /^\/category\//],
  ['products?open_part=product', 'product', /^\/product\//],
  ['checkout?open_part=checkout', 'checkout', /^\/checkout$/],
  ['checkout?open_part=cart', 'cart', /^\/cart$/],
  ['pages?open_part=band-newsletter-1', 'band-newsletter-1', /^\/$/],
  ['footer?open_part=block-links-2', 'block-links-2', /^\/$/],
  ['header?open_part=message-message-1', 'message-message-1', /^\/$/],
  ['logo', 'logo', /^\/$/],
]) {
  test(`${address} opens on the page where it shows`, async () => {
    await page.goto(`${LOOK}/${address}`);
    await brings(part, path);
    await unmarked();
  });
}

test('an item of a list is brought into sight when it is opened, and a part of every page where the window is', async () => {
  await page.goto(`${LOOK}/pages?open_part=home`);
  await settled(page);
  await unmarked();
  await page.locator('.item-name', { hasText: 'Newsletter' }).click();
  await brings('band-newsletter-1', /^\/$/);
  await page.locator('[data-page]').selectOption('product');
  await settled(page);
  await page.locator('.step', { hasText: 'Footer' }).click();
  await page.waitForFunction(() => document.querySelector('#bench h1').textContent === 'Footer');
  await page.locator('.item-name').first().click();
  await brings((await page.locator('.item.is-open').getAttribute('data-name')).replace(/^/, 'block-'), /^\/product\//);
  await page.locator('.step', { hasText: 'Products' }).click();
  await brings('grid', /^\/category\//);
  await noAxeFindings(page, 'a step that was followed');
});

test('a color that the home page has nothing of is shown where a mistake was made', async () => {
  await page.goto(`${LOOK}/colors?open_part=schemes`);
  await settled(page);
  await page.locator('.piece[data-reach="scheme.daylight.problem"]').click();
  await page.waitForFunction(() => document.querySelector('[data-page]').value === 'letter-refused');
  await settled(page);
  await page.waitForFunction(() => document.querySelectorAll('.reach-lights rect').length > 0);
  assert.equal(await shopFrame(page).locator('.message-problem').first().isVisible(), true);
  // Where it shows on the page that is open, nobody is led away from it.
  await page.locator('[data-page]').selectOption('cart-refused');
  await settled(page);
  await page.locator('.piece[data-reach="scheme.daylight.problem-ink"]').click();
  await settled(page);
  assert.equal(await page.locator('[data-page]').inputValue(), 'cart-refused');
});

test('what was opened in the shop stays open on another device', async () => {
  await page.goto(`${LOOK}/checkout?open_part=sidecart`);
  await brings('sidecart', /^\/$/);
  await page.locator('[data-device=phone]').click();
  await settled(page);
  assert.equal(await shopFrame(page).locator('.sidecart').evaluate((e) => e.matches(':target') && e.checkVisibility({ visibilityProperty: true })), true);
  await page.locator('[data-device=desktop]').click();
  await settled(page);
});

test('a band that is added comes into sight', async () => {
  await page.goto(`${LOOK}/pages?open_part=home`);
  await settled(page);
  await unmarked();
  await page.locator('.items .act', { hasText: 'Gallery' }).click();
  await page.waitForFunction(() => document.querySelector('#p-item')?.textContent.startsWith('Gallery'));
  await brings('band-gallery-1', /^\/$/);
  await page.locator('[data-press=undo]').click();
  await page.waitForFunction(() => !document.querySelector('.item[data-name=gallery-1]'));
});

test('beside the live shop it is the draft that follows', async () => {
  await page.goto(`${LOOK}/pages?open_part=home`);
  await settled(page);
  await page.locator('[data-view=then]').click();
  await settled(page);
  await unmarked();
  await page.locator('.item-name', { hasText: 'Newsletter' }).click();
  await brings('band-newsletter-1', /^\/$/);
});

test('an edit that is answered before another page has come into the window shows on that page, and nothing waits for ever', async () => {
  await page.goto(`${LOOK}/products?open_part=grid`);
  await settled(page);
  await page.route('**/preview/1/now/**/product/**', async (route) => { await new Promise((done) => { setTimeout(done, 1500); }); await route.continue(); });
  await page.locator('[data-page]').selectOption('product');
  const columns = page.locator('#c-grid-columns-desktop');
  const was = await columns.inputValue();
  const wanted = was === '3' ? '4' : '3';
  await columns.fill(wanted);
  await edited(page, () => columns.press('Enter'));
  await page.unroute('**/preview/1/now/**/product/**');
  assert.match(shownPage(), /^\/product\//);
  await shows(page, () => shopFrame(page).evaluate(() => getComputedStyle(document.documentElement).getPropertyValue('--grid-columns-desktop').trim()), wanted);
  await edited(page, () => page.locator('[data-press=undo]').click());
  assert.equal(await columns.inputValue(), was);
  assert.deepEqual(page.troubles, []);
});
