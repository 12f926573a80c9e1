// Every page of the shop and every step of the workbench: axe, reflow, no script needed, nothing from elsewhere.
import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { BASE, SHOP, edited, noAxeFindings, openPage, settled, signIn, startBrowser, still } from './support.mjs';

let browser;
before(async () => { browser = await startBrowser(); });
after(async () => { await browser.close(); });

const STEPS = ['start', 'logo', 'colors', 'fonts', 'header', 'pages', 'products', 'footer', 'checkout', 'seasons', 'publish'];

test('axe finds nothing on any storefront page, on desktop and phone; all of them fit a 320 px window', async () => {
  const page = await openPage(browser);
  await signIn(page);
  const paths = await page.evaluate(() => [...document.querySelector('[data-page]').options].map((o) => [o.value, o.dataset.path]));
  assert.ok(paths.length >= 13);
  for (const [key, path] of paths) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`${BASE}/preview/1/now/shop/wrenfold${path}`);
    await noAxeFindings(page, key);
    await page.setViewportSize({ width: 390, height: 844 });
    await noAxeFindings(page, `${key} on a phone`);
    // WCAG 2.2, 1.4.10 Reflow.
    await page.setViewportSize({ width: 320, height: 640 });
    assert.equal(await page.evaluate(() => document.documentElement.scrollWidth), 320, `${key} at 320 px`);
  }
  assert.deepEqual(page.troubles.filter((t) => !t.includes('404')), []);
});

test('axe finds nothing on any step of the workbench, with findings open, found, stale and signed out', async () => {
  const page = await openPage(browser);
  await page.goto(`${BASE}/workbench/sign-in`);
  await noAxeFindings(page, 'sign-in');
  await signIn(page);
  for (const step of STEPS) {
    await page.goto(`${BASE}/workbench/looks/1/${step}`);
    await settled(page);
    await noAxeFindings(page, step);
  }
  await page.goto(`${BASE}/workbench/looks/1/colors`);
  await settled(page);
  await page.locator('.p-ink').click();
  await settled(page);
  await page.locator('#typed').fill('#c9bfa8');
  await edited(page, () => page.getByRole('button', { name: 'Set', exact: true }).click());
  // The samples show the merchant's own colors, faint ones too: that is what the finding is about.
  await noAxeFindings(page, 'colors with findings', ['.living', '.cloth']);
  await page.locator('#find').fill('logo');
  await page.waitForSelector('#found [role=option]');
  await noAxeFindings(page, 'the find box', ['.living', '.cloth']);
  await page.goto(`${BASE}/workbench/looks/1/publish`);
  await settled(page);
  assert.match(await page.locator('.go').textContent(), /Why should it go out all the same/);
  await noAxeFindings(page, 'publish with findings in the way');
  await edited(page, () => page.locator('[data-press=undo]').click());
  await page.goto(`${BASE}/workbench/looks/99/colors`);
  await noAxeFindings(page, 'nothing here');
});

test('the workbench holds from 1024 to 2560 wide, and at 200% zoom nothing of it is lost', async () => {
  const page = await openPage(browser);
  await signIn(page);
  for (const [width, height] of [[1024, 768], [1280, 800], [1920, 1080], [2560, 1440]]) {
    await page.setViewportSize({ width, height });
    await still(page);
    const fits = await page.evaluate(() => [...document.querySelectorAll('.bar, .steps, .tape, .bench')].filter((e) => e.scrollWidth > e.clientWidth + 1).map((e) => e.className));
    assert.deepEqual(fits, [], `${width} wide`);
    assert.ok(await page.locator('.publish').first().isVisible());
  }
});

test('the shop needs no script: from a product to an order', async () => {
  const page = await openPage(browser, { javaScriptEnabled: false });
  await page.goto(`${SHOP}/product/moth-paper-globe`);
  await page.getByRole('button', { name: 'Add to cart' }).click();
  await page.waitForURL(/#side-cart$/);
  await page.locator('#side-cart').getByRole('link', { name: 'Your cart' }).click();
  await page.getByLabel('Promotion code').fill('lantern10');
  await page.getByRole('button', { name: 'Use' }).click();
  assert.match(await page.locator('.summary').textContent(), /LANTERN10 takes \$2\.90 off/);
  await page.getByRole('link', { name: 'Go to checkout' }).first().click();
  await page.getByRole('button', { name: 'Next: delivery' }).click();
  assert.match(await page.locator('[role=alert]').textContent(), /5 lines need another look/);
  for (const [label, value] of [['Name', 'Ada Marsh'], ['E-mail', 'ada@example.org'], ['Street and number', '4 Mill Lane'], ['Town', 'Aldermouth'], ['Postcode', '04101']]) await page.getByLabel(label, { exact: true }).fill(value);
  await page.getByRole('button', { name: 'Next: delivery' }).click();
  await page.getByLabel(/Standard post/).check();
  await page.getByRole('button', { name: 'Next: payment' }).click();
  await page.getByLabel('decline the card').check();
  await page.getByRole('button', { name: 'Pay now' }).click();
  assert.match(await page.locator('[role=alert]').textContent(), /declined/);
  await page.getByLabel('not answer in time').check();
  await page.getByRole('button', { name: 'Pay now' }).click();
  assert.match(await page.locator('[role=alert]').textContent(), /did not answer in time/);
  await page.getByLabel('accept the card').check();
  await page.getByRole('button', { name: 'Pay now' }).click();
  await page.waitForURL(/\/order\//);
  assert.match(await page.locator('main').textContent(), /\$32\.60/);
});

test('a locked shop opens with its password', async () => {
  const page = await openPage(browser);
  await page.goto(`${BASE}/shop/wrenfold-trade/`);
  await noAxeFindings(page, 'the locked shop');
  await page.getByLabel('Password').fill('tradelight');
  await page.getByRole('button', { name: 'Let me in' }).click();
  await page.waitForSelector('.lead');
  assert.deepEqual(page.troubles, []);
});

test('a viewer can look at everything and change nothing', async () => {
  const page = await openPage(browser);
  await signIn(page, 'ines');
  assert.ok(await page.locator('#typed').isDisabled());
  await page.goto(`${BASE}/workbench/looks/1/header`);
  await settled(page);
  assert.equal(await page.locator('.control :is(input, select, textarea):enabled:not([type=hidden])').count(), 0);
  await page.goto(`${BASE}/workbench/looks/1/pages?open_part=band-lead-1`);
  await settled(page);
  assert.match(await page.locator('#c-band-lead-1-heading').textContent(), /Heading\s+Light for the long evenings/, 'values, and no fields');
  assert.equal(await page.locator('#bench :is(form[hx-post], .control input, .grip-handle)').count(), 0);
  assert.equal(await page.locator('.publish').count(), 0);
  assert.match(await page.locator('#bar-end').textContent(), /You are looking/);
  await noAxeFindings(page, 'looking only');
  assert.equal(await page.locator('.word-colors').count(), 0);
  await page.goto(`${BASE}/workbench/looks/1/publish`);
  assert.match(await page.locator('.bench').textContent(), /an owner publishes it/);
  assert.equal(await page.locator('.releases button').count(), 0);
});
