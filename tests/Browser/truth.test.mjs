// What the workbench says is so: refused beside the field, mended visibly, kept only once it is kept.
import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { BASE, edited, openPage, settled, shopFrame, signIn, startBrowser } from './support.mjs';

const LOOK = `${BASE}/workbench/looks/1`;
let browser;
before(async () => { browser = await startBrowser(); });
after(() => browser.close());

test('a text over its limit is refused beside its field, and stays until it is mended', async () => {
  const page = await openPage(browser);
  await signIn(page);
  await page.goto(`${LOOK}/header?open_part=message-message-1`);
  await settled(page);
  const field = page.locator('#c-message-message-1-text');
  const was = await field.textContent();
  const long = 'Lantern Night orders close Friday noon, and whoever orders before gets them folded by hand, wrapped in paper and sent at once';
  assert.ok(long.length > 120);
  await field.fill(long);
  assert.match(await page.locator('#f-c-message-message-1-text .room').textContent(), /too many/);
  await field.blur();
  const refused = page.locator('#f-c-message-message-1-text .refused');
  await refused.waitFor();
  assert.match(await refused.textContent(), /at most 120 fit\. Shorten it by \d/);
  assert.equal(await field.textContent(), long, 'nothing was cut');
  assert.equal(await field.getAttribute('aria-invalid'), 'true');
  // Another edit answers with the whole panel: what is refused still stands.
  await edited(page, () => page.locator('#c-message-message-1-show').uncheck());
  assert.equal(await field.textContent(), long);
  assert.match(await refused.textContent(), /at most 120 fit/);
  await edited(page, () => page.locator('#c-message-message-1-show').check());
  await field.fill(long.slice(0, 110));
  await edited(page, () => field.blur());
  assert.equal(await refused.count(), 0);
  assert.match(await shopFrame(page).locator('body').textContent(), /wrapped in paper/);
  await field.fill(was);
  await edited(page, () => field.blur());
  assert.deepEqual(page.troubles.filter((t) => !/422/.test(t)), []);
});

test('a web address is taken as people write it, and shown as it is kept', async () => {
  const page = await openPage(browser);
  await signIn(page);
  await page.goto(`${LOOK}/footer?open_part=block-social-1`);
  await settled(page);
  const field = page.locator('#c-block-social-1-first-address');
  const was = await field.inputValue();
  await field.fill('diary.wrenfold.example/snow');
  await edited(page, () => field.blur());
  assert.equal(await field.inputValue(), 'https://diary.wrenfold.example/snow');
  await field.fill('not an address');
  await field.blur();
  await page.locator('#f-c-block-social-1-first-address .refused').waitFor();
  assert.equal(await field.inputValue(), 'not an address');
  await field.fill(was);
  await edited(page, () => field.blur());
});

test('the cart works in the shop window', async () => {
  const page = await openPage(browser);
  await signIn(page);
  await page.locator('[data-page]').selectOption('product');
  await settled(page);
  const name = await shopFrame(page).locator('h1').textContent();
  await page.locator('[data-walk-shop]').click();
  await shopFrame(page).locator('form[action$="/cart/add"] .button').first().click();
  await page.waitForFunction(() => /side-cart|\/cart$/.test(document.querySelector('iframe').contentWindow.location.href));
  await settled(page);
  const text = await shopFrame(page).locator('body').textContent();
  assert.ok(text.includes(name.trim()));
  assert.doesNotMatch(text, /not sent from the shop|signed out/);
  assert.match(shopFrame(page).url(), /\/preview\/1\//, 'it stays in the preview');
  assert.deepEqual(page.troubles, []);
});

test('it says kept only once the server has kept it', async () => {
  const page = await openPage(browser);
  await signIn(page);
  const kept = page.locator('#bar-end .kept b');
  let go;
  const held = new Promise((resolve) => { go = resolve; });
  await page.route('**/edits', async (route) => { await held; await route.continue(); });
  await page.locator('#typed').fill('#f9f3e5');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await page.waitForFunction(() => document.querySelector('#bar-end .kept b').textContent === 'Keeping…');
  go();
  await page.waitForFunction(() => /^Kept /.test(document.querySelector('#bar-end .kept b').textContent));
  await page.unroute('**/edits');
  await page.route('**/edits', (route) => route.abort());
  await page.locator('#typed').fill('#f9f3e4');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await page.waitForFunction(() => document.querySelector('#bar-end .kept b').textContent === 'Not kept');
  await page.unroute('**/edits');
  await edited(page, () => page.locator('#bar-state [data-press=undo]').click());
  assert.match(await kept.textContent(), /^Kept /);
});
