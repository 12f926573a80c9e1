// Place is kept: step, part, item, page, device, view and clock stand in the address.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import sharp from 'sharp';
import { BASE, edited, openPage, settled, shopFrame, shows, signIn, signedIn, still } from './support.mjs';

const { browser, page } = await signedIn();
const LOOK = `${BASE}/workbench/looks/1`;
const open = async (rest) => { await page.goto(`${LOOK}/${rest}`); await settled(page); };
const unmarked = (at) => at.waitForFunction(() => !document.querySelector('.reach-lights rect'));
/** Pictures are read when they come into sight, and drawn once they are decoded. */
const pictured = (at) => at.evaluate(() => Promise.all([...document.querySelectorAll('iframe')].flatMap((frame) => [...frame.contentDocument.images].filter((image) => {
  const box = image.getBoundingClientRect();
  return box.width > 0 && box.bottom > -100 && box.top < frame.clientHeight + 100;
}).map((image) => image.decode()))));
/** Pixels that an eye tells apart: single ones of pictures that are drawn scaled come out otherwise by chance, so four are taken together. */
async function unlike(...shots) {
  const [one, two] = await Promise.all(shots.map((shot) => sharp(shot).resize({ width: 425 }).removeAlpha().raw().toBuffer()));
  let count = 0;
  for (let i = 0; i < one.length; i += 3) if ([0, 1, 2].some((c) => Math.abs(one[i + c] - two[i + c]) > 48)) count += 1;
  return count;
}
const inAddress = () => Object.fromEntries(new URL(page.url()).searchParams);

test('what is opened on the bench and in the window stands in the address and in the title', async () => {
  await open('footer');
  await page.locator('.item-name').nth(1).click();
  await settled(page);
  const item = await page.locator('.item.is-open').getAttribute('data-name');
  await page.locator('[data-page]').selectOption('product');
  await page.locator('[data-device=phone]').click();
  await page.locator('[data-clock]').fill('2027-01-05T10:00');
  await page.locator('[data-clock]').press('Enter');
  await settled(page);
  assert.deepEqual(inAddress(), { open_part: `block-${item}`, page: 'product', device: 'phone', at: '2027-01-05T10:00' });
  assert.equal(await page.title(), 'Footer - Ikat');
  await page.reload();
  await settled(page);
  assert.deepEqual(inAddress(), { open_part: `block-${item}`, page: 'product', device: 'phone', at: '2027-01-05T10:00' });
  assert.equal(await shopFrame(page).evaluate(() => innerWidth), 390);
  assert.match(shopFrame(page).url(), /20270105-1000.*\/product\//);
});

test('an address reopened in a fresh browser gives the same picture', async () => {
  for (const rest of ['pages?open_part=band-newsletter-1&page=home', 'checkout?open_part=cart&page=cart&device=tablet', 'products?open_part=grid&page=category&view=devices', 'colors?open_part=pairs&page=product&device=phone&turned=yes']) {
    await open(rest);
    await unmarked(page);
    await pictured(page);
    await still(page);
    const other = await openPage(browser);
    await signIn(other);
    await other.goto(page.url());
    await settled(other);
    await unmarked(other);
    await pictured(other);
    await still(other);
    const clip = { x: 0, y: 76, width: 850, height: 640 };
    const [mine, theirs] = [await page.screenshot({ clip }), await other.screenshot({ clip })];
    assert.equal(await unlike(mine, theirs), 0, rest);
    assert.equal(other.url(), page.url());
    await other.context().close();
  }
});

test('Back leads to the step, the part and the page before', async () => {
  await open('header?page=home');
  await page.locator('.step', { hasText: 'Products' }).click();
  await shows(page, () => page.locator('#bench h1').textContent(), 'Products');
  await settled(page);
  await page.locator('.part-tab', { hasText: 'Product page' }).click();
  await page.waitForFunction(() => /\/product\//.test(document.querySelector('iframe').contentWindow.location.pathname));
  await settled(page);
  await page.goBack();
  await shows(page, async () => [await page.locator('.part-tab[aria-current]').textContent(), new URL(page.url()).searchParams.get('page')], ['Product grid', 'category']);
  await page.goBack();
  await shows(page, async () => [await page.locator('#bench h1').textContent(), new URL(page.url()).searchParams.get('page'), await page.title()], ['Header', 'home', 'Header - Ikat']);
  await page.goForward();
  await shows(page, () => page.locator('#bench h1').textContent(), 'Products');
  await settled(page);
  await page.goForward();
  await shows(page, () => page.locator('.part-tab[aria-current]').textContent(), 'Product page');
  await settled(page);
  // Pressed again when the answer is there and has not settled: nothing is written over, and the way forward stays.
  await page.evaluate(() => new Promise((done) => {
    document.body.addEventListener('htmx:afterSwap', () => { history.back(); done(); }, { once: true });
    history.back();
  }));
  await shows(page, async () => [await page.locator('#bench h1').textContent(), new URL(page.url()).searchParams.get('page')], ['Header', 'home']);
  await settled(page);
  await page.goForward();
  await shows(page, async () => [await page.locator('#bench h1').textContent(), await page.locator('.part-tab[aria-current]').textContent()], ['Products', 'Product grid']);
  await settled(page);
  await page.goForward();
  await shows(page, () => page.locator('.part-tab[aria-current]').textContent(), 'Product page');
});

test('Back leads to the page that was chosen by hand, also where its step would begin elsewhere', async () => {
  await open('products?open_part=grid');
  await page.locator('[data-page]').selectOption('cart');
  await settled(page);
  await page.locator('.step', { hasText: 'Footer' }).click();
  await shows(page, () => page.locator('#bench h1').textContent(), 'Footer');
  await settled(page);
  await page.goBack();
  await shows(page, () => page.locator('#bench h1').textContent(), 'Products');
  await settled(page);
  await unmarked(page);
  assert.deepEqual([await page.locator('[data-page]').inputValue(), inAddress().page], ['cart', 'cart']);
});

test('a row that was picked in the window is followed again from its list', async () => {
  await open('pages?open_part=home&page=home');
  await shopFrame(page).locator('[data-part="band-lead-1"] .button').click();
  await page.waitForURL(/open_part=band-lead-1/);
  await settled(page);
  await page.locator('.item-name', { hasText: 'Newsletter' }).click();
  await page.waitForFunction(() => document.querySelector('iframe').contentDocument.querySelector('[data-part="band-lead-1"]').getBoundingClientRect().bottom < 0);
  await page.locator('.item-name', { hasText: 'Lead picture' }).click();
  await page.waitForFunction(() => document.querySelector('iframe').contentDocument.querySelector('[data-part="band-lead-1"]').getBoundingClientRect().bottom > 0);
});

test('the page chosen in a step is remembered; a pin holds the window still', async () => {
  await open('header?page=home');
  await page.locator('[data-page]').selectOption('content');
  await settled(page);
  await page.locator('.step', { hasText: 'Products' }).click();
  await page.waitForFunction(() => document.querySelector('[data-page]').value === 'category');
  await page.locator('.step', { hasText: 'Header' }).click();
  await page.waitForFunction(() => document.querySelector('[data-page]').value === 'content');
  await settled(page);
  await page.locator('[data-pin]').click();
  await page.locator('.step', { hasText: 'Checkout' }).click();
  await shows(page, () => page.locator('#bench h1').textContent(), 'Checkout');
  await settled(page);
  assert.equal(await page.locator('[data-page]').inputValue(), 'content');
  await page.locator('[data-pin]').click();
});

/** Lets an answer of the workbench wait until it is let go. */
async function waiting(path) {
  let letGo;
  const gone = new Promise((done) => { letGo = done; });
  const come = new Promise((done) => { page.route(path, async (route) => { const answer = await route.fetch(); done(); await gone; await route.fulfill({ response: answer }); }, { times: 1 }); });
  return { come, letGo };
}

test('an answer that comes late takes the bench from nothing that was asked for since', async () => {
  await open('footer');
  const late = await waiting(/\/footer\?/);
  await page.locator('.item-name').first().click();
  await late.come;
  await page.locator('.step', { hasText: 'Seasons' }).click();
  await shows(page, () => page.locator('#bench h1').textContent(), 'Seasons');
  const answered = page.waitForResponse(/\/footer\?/);
  late.letGo();
  await answered;
  await settled(page);
  assert.deepEqual([await page.locator('#bench h1').textContent(), new URL(page.url()).pathname], ['Seasons', '/workbench/looks/1/seasons']);
  // What is written is kept, and seen from where one has gone to.
  await open('products?open_part=grid');
  const kept = await waiting(/\/edits$/);
  await page.locator('.fills-row [data-try]', { hasText: 'They stay empty' }).click();
  await kept.come;
  await page.locator('.part-tab', { hasText: 'Product page' }).click();
  await page.locator('.part-tab[aria-current]', { hasText: 'Product page' }).waitFor();
  kept.letGo();
  await shows(page, () => page.locator('[data-press=undo] em').textContent(), 'Places left over in the last row');
  assert.equal(await page.locator('.part-tab[aria-current]').textContent(), 'Product page');
  await edited(page, () => page.locator('[data-press=undo]').click());
});

test('what shows only in a state, at a time or on a device is shown so, and the window is given back', async () => {
  // The side cart is opened, and closed again for what comes after it.
  await open('checkout?open_part=checkout');
  await page.locator('.part-tab', { hasText: 'Side cart' }).click();
  await page.waitForFunction(() => { const cart = document.querySelector('iframe')?.contentDocument?.querySelector('#side-cart'); return cart && getComputedStyle(cart).visibility === 'visible'; });
  await settled(page);
  await page.locator('.step', { hasText: 'Footer' }).click();
  await page.locator('.item-name').first().click();
  await page.waitForFunction(() => getComputedStyle(document.querySelector('iframe').contentDocument.querySelector('#side-cart')).visibility === 'hidden');
  // A season that does not run is looked at while it will.
  await page.locator('.step', { hasText: 'Seasons' }).click();
  await shows(page, () => page.locator('#bench h1').textContent(), 'Seasons');
  await page.locator('.item-name', { hasText: 'Midwinter' }).click();
  await page.waitForFunction(() => /\d{8}-\d{4}/.test(document.querySelector('iframe').src) && document.querySelector('[data-clock-words]').textContent.includes('Midwinter'));
  await settled(page);
  await page.locator('.step', { hasText: 'Header' }).click();
  await page.waitForFunction(() => document.querySelector('iframe').src.includes('/now/') && document.querySelector('[data-clock]').value === '');
  // What is found is shown where it shows: a phone's columns on a phone.
  await page.locator('#find').fill('columns on a phone');
  await page.locator('#found [role=option]').first().waitFor();
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => document.querySelector('[data-device=phone]').getAttribute('aria-pressed') === 'true' && document.querySelector('[data-page]').value === 'category');
  assert.equal(await page.evaluate(() => document.activeElement.id), 'c-grid-columns-phone');
});
