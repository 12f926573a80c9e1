// The page of a product: pictures gone through and opened large, blocks in their order, ways to choose, and how far down it can be bought.
import assert from 'node:assert/strict';
import { afterEach, test } from 'node:test';
import { BASE, change, edited, forget, noAxeFindings, settled, shopFrame, shows, signedIn, standOn, storeroom, tabTo } from './support.mjs';

const { page, putBack } = await signedIn();
afterEach(putBack);
const THEMES = [['millrace', 'river-dusk'], ['towpath', 'tidewater'], ['belfry', 'candle-white']];
const SLUG = 'heron-folding-lantern';
const PREVIEW = `${BASE}/preview/1/now/shop/wrenfold/product/${SLUG}`;
const go = async (place = '?open_part=product') => {
  await page.goto(`${BASE}/workbench/looks/1/products${place}`);
  forget(page);
  await settled(page);
};
const inShop = (read, given) => shopFrame(page).evaluate(read, given);
const order = () => inShop(() => [...document.querySelectorAll('.product .product-side > *')].map((e) => e.className.split(' ')[0]).filter((name) => ['said', 'facts', 'sent'].includes(name)).join());
const plate = (key) => page.locator(`#block-${key}`);
/** The page as a shopper has it, in a window of its own. */
const shopAt = async (width, height, options = {}) => {
  const shop = await (await page.context().browser().newContext({ viewport: { width, height }, storageState: await page.context().storageState(), ...options })).newPage();
  await shop.goto(PREVIEW);
  await shop.evaluate(() => document.fonts.ready);
  return shop;
};

test('the pictures’ share is dragged on the page, by pointer and by key', async () => {
  await go();
  const share = () => inShop(() => Math.round((100 * document.querySelector('.product-gallery').getBoundingClientRect().width) / document.querySelector('.product').getBoundingClientRect().width));
  await shows(page, share, 56);
  const mark = page.locator('[data-path="product.proportion"]');
  const box = await mark.locator('.slide-plate').boundingBox();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await edited(page, async () => {
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x - 20, y, { steps: 3 });
    await page.mouse.move(x - 32, y, { steps: 3 });
    // Before it is kept.
    await shows(page, async () => (await share()) < 50, true);
    await page.mouse.up();
  });
  const now = Number(await mark.getAttribute('aria-valuenow'));
  assert.ok(now >= 43 && now <= 47, `${now}`);
  await tabTo(page, '[data-path="product.proportion"]');
  await edited(page, async () => { await page.keyboard.press('Home'); await page.keyboard.press('Enter'); });
  await shows(page, share, 30);
});

test('blocks are put in another order, dragged and by key, and some stand across the page', async () => {
  await go();
  await shows(page, order, 'said,facts,sent');
  const from = await plate('delivery').boundingBox();
  await edited(page, async () => {
    await page.mouse.move(from.x + 60, from.y + 10);
    await page.mouse.down();
    await page.mouse.move(from.x + 60, from.y - 20, { steps: 4 });
    await page.mouse.move(from.x + 60, from.y - 38, { steps: 4 });
    await page.mouse.up();
  });
  await shows(page, order, 'sent,said,facts');
  assert.match(await plate('delivery').getAttribute('aria-label'), /^delivery \d+ px, 5 of 9$/);
  // By the keys alone: facts go below the end of the column, and stand across the page then.
  await tabTo(page, '#block-delivery, #block-rating');
  await page.keyboard.press('ArrowDown');
  await page.evaluate(() => document.querySelector('#block-facts').focus());
  await edited(page, () => page.keyboard.press('Alt+ArrowDown'));
  assert.equal(await page.evaluate(() => document.activeElement.id), 'block-facts');
  await shows(page, () => inShop(() => document.querySelector('.product-across .facts') !== null), true);
  await shows(page, order, 'sent,said');
  // Others before it is a shelf as wide as the page, and stands before it.
  await page.evaluate(() => document.querySelector('#block-others').focus());
  await edited(page, () => page.keyboard.press('Alt+ArrowUp'));
  await shows(page, () => inShop(() => Boolean(document.querySelector('[aria-labelledby=others]').compareDocumentPosition(document.querySelector('.product-across')) & Node.DOCUMENT_POSITION_FOLLOWING)), true);
  await noAxeFindings(page, 'the drawing of a product’s page');
});

test('how far down the button is stands as it is drawn, and the ways that bring it nearer do', async () => {
  await change(page, { 'product.pictures': 'stacked' });
  await go();
  const told = async () => (await page.locator('#tool-t-buy tbody tr').first().locator('td').nth(1).textContent()).trim();
  const shop = await shopAt(390, 844);
  // With hinting letters are a little wider, and stand elsewhere by a few px.
  const isTold = async () => {
    const measured = await shop.evaluate(() => (document.querySelector('.buy-end').getBoundingClientRect().bottom + scrollY) / 844);
    assert.ok(Math.abs(Number(await told()) - measured) < 0.1, `told ${await told()}, measured ${measured}`);
  };
  await isTold();
  const first = Number(await told());
  await edited(page, () => page.locator('#tool-t-buy [data-try]', { hasText: 'Pictures in a strip' }).click());
  assert.ok(Number(await told()) < first);
  await shop.reload();
  await isTold();
  await edited(page, () => page.locator('#tool-t-buy [data-try]', { hasText: 'The button at the foot' }).click());
  assert.equal(await told(), '0.0');
  await shop.reload();
  for (const y of [0, 900, 5000]) {
    const [bottom, top] = await shop.evaluate((to) => {
      scrollTo({ top: to, behavior: 'instant' });
      const box = document.querySelector('.buy-end .button').getBoundingClientRect();
      return [innerHeight - box.bottom, box.top];
    }, y);
    assert.ok(bottom >= 0 && bottom < 20 && top > 0, `${bottom}`);
  }
  // At the very end nothing of the page is below it.
  const covered = await shop.evaluate(() => document.querySelector('.footer').getBoundingClientRect().bottom > document.querySelector('.buy-end').getBoundingClientRect().top + 1);
  assert.equal(covered, false);
  await noAxeFindings(shop, 'the page with the button at the foot');
  await shop.context().close();
});

test('in every theme no product of the demo is bought after more than three screens of a phone', async () => {
  for (const [theme, starter] of THEMES) {
    await standOn(page, theme, starter);
    await go();
    const farthest = page.locator('#tool-t-buy p', { hasText: 'farthest on a phone' });
    assert.equal(await farthest.count(), 1);
    const link = farthest.locator('a', { has: page.locator('xpath=following-sibling::span[1][contains(., "farthest")]') });
    if (await link.count()) {
      await link.first().click();
      await settled(page);
    }
    const screens = Number(await page.locator('#tool-t-buy tbody tr').first().locator('td').nth(1).textContent());
    assert.ok(screens > 0 && screens <= 3, `${theme}: ${screens}`);
  }
});

test('pictures are gone through by small pictures and arrows, and open large; without script by links', async () => {
  const shop = await shopAt(1280, 900);
  const current = () => shop.locator('.thumbs a[aria-current]').getAttribute('aria-label');
  assert.match(await current(), /^Picture 1 of/);
  await shop.getByRole('button', { name: 'The next picture' }).click();
  await shop.waitForFunction(() => document.querySelectorAll('.thumbs a')[1].hasAttribute('aria-current'));
  await shop.getByRole('button', { name: 'The next picture' }).click();
  await shop.waitForFunction(() => document.querySelectorAll('.thumbs a')[0].hasAttribute('aria-current'));
  await shop.locator('.thumbs a').nth(1).click();
  await shop.waitForFunction(() => document.querySelectorAll('.thumbs a')[1].hasAttribute('aria-current'));
  // Opened by key, closed by Escape, and the focus is where it was.
  await shop.locator('.closer').first().focus();
  await shop.keyboard.press('Enter');
  const large = shop.locator('dialog.large');
  await large.waitFor({ state: 'visible' });
  assert.ok(await large.locator('img').evaluate(async (img) => { await img.decode(); return img.naturalWidth >= 960; }));
  await noAxeFindings(shop, 'a picture opened large');
  await shop.keyboard.press('Escape');
  await large.waitFor({ state: 'hidden' });
  assert.equal(await shop.evaluate(() => document.activeElement.className), 'closer');
  await shop.context().close();
  const plain = await shopAt(1280, 900, { javaScriptEnabled: false });
  assert.equal(await plain.getByRole('button', { name: 'The next picture' }).count(), 0);
  await plain.locator('.thumbs a').nth(1).click();
  await plain.waitForFunction(() => document.querySelector('.product-pictures').scrollLeft > 100).catch(async () => {
    assert.ok((await plain.locator('#picture-2').boundingBox()).x < 700);
  });
  await plain.locator('.closer').first().click();
  assert.match(plain.url(), /\.webp$/);
  await plain.context().close();
});

test('a film is loaded only when it is played, and one elsewhere is a link', async () => {
  const id = await page.evaluate(async () => {
    const html = await (await fetch('/workbench/looks/1/products?open_part=product')).text();
    return html.match(/open_record=(\d+)#cell-swatches/)[1];
  });
  const shop = await page.context().newPage();
  const asked = [];
  shop.on('request', (request) => asked.push(request.url()));
  await storeroom(page, { open_kind: 'goods', record: id, column: 'film_elsewhere', value: 'films.example/heron' });
  await shop.goto(PREVIEW);
  await shop.waitForLoadState('networkidle');
  assert.deepEqual(asked.filter((url) => /\.(webm|mp4)$|films\.example/.test(url)), []);
  assert.match(await shop.locator('.film-note').first().textContent(), /A film of [\d.]+ KB/);
  const link = shop.getByRole('link', { name: 'A film on films.example, shown there' });
  assert.equal(await link.getAttribute('href'), 'https://films.example/heron');
  assert.match(await link.getAttribute('rel'), /noopener noreferrer/);
  await shop.locator('video').evaluate(async (video) => { await video.play(); });
  assert.ok(asked.some((url) => url.endsWith('.webm')));
  await shop.close();
  await storeroom(page, { open_kind: 'goods', record: id, column: 'film_elsewhere', value: '' });
});

test('what can be chosen shows as swatches, as a list, and what is not there is struck, pale or gone', async () => {
  await change(page, { 'product.options': 'swatches', 'product.gone': 'pale' });
  const shop = await shopAt(1280, 900);
  assert.deepEqual(await shop.locator('.swatch rect').evaluateAll((all) => all.map((each) => each.getAttribute('fill'))), ['#ead9b5', '#b4512b', '#3a4680', '#6f7d49']);
  await shop.getByLabel('28 in').check();
  const indigo = shop.locator('.option', { hasText: 'Indigo' });
  assert.deepEqual(await indigo.evaluate((e) => [getComputedStyle(e).opacity, getComputedStyle(e.querySelector('span')).textDecorationLine]), ['0.5', 'line-through']);
  await change(page, { 'product.gone': 'hidden' });
  await shop.reload();
  await shop.getByLabel('28 in').check();
  assert.equal(await indigo.isVisible(), false);
  assert.equal(await shop.locator('.option', { hasText: 'Ember' }).isVisible(), true);
  await change(page, { 'product.options': 'list', 'product.quantity': false, 'product.saving': 'amount' });
  await shop.reload();
  await shop.getByLabel('Size').selectOption('20 in');
  await shop.waitForFunction(() => document.querySelector('.product-price [data-price]').textContent.includes('38'));
  assert.equal(await shop.locator('#quantity').count(), 0);
  assert.match(await shop.locator('.product-price').textContent(), /You save \$8/);
  await noAxeFindings(shop, 'a product with lists to choose from');
  assert.deepEqual(await shop.locator('form.buy').evaluate((form) => [...new FormData(form).entries()].filter(([name]) => name.startsWith('choice'))), [['choice[0]', '20 in'], ['choice[1]', 'Natural']]);
  await shop.context().close();
});

test('others follow the rule, as many as are asked for, after those chosen by hand', async () => {
  await go();
  const names = () => inShop(() => [...document.querySelectorAll('[aria-labelledby=others] .card-name')].map((e) => e.textContent.trim()));
  const sold = await names();
  assert.equal(sold.length, 4);
  await edited(page, () => page.locator('#tool-t-others [data-try]', { hasText: 'Nearest in price' }).click());
  await shows(page, async () => (await names()).join() !== sold.join(), true);
  await change(page, { 'product.others.count': 6 });
  await go();
  assert.equal((await names()).length, 6);
});

test('details stay in sight while pictures pass', async () => {
  await change(page, { 'product.pictures': 'stacked', 'product.stays': true, 'product.facts': false, 'product.delivery': false });
  const shop = await shopAt(1280, 900);
  const top = () => shop.evaluate(() => Math.round(document.querySelector('.product-side').getBoundingClientRect().top));
  await shop.evaluate(() => scrollTo({ top: document.querySelector('.product').offsetTop + 60, behavior: 'instant' }));
  assert.equal(await top(), 24);
  await change(page, { 'product.stays': false });
  await shop.reload();
  await shop.evaluate(() => scrollTo({ top: document.querySelector('.product').offsetTop + 60, behavior: 'instant' }));
  assert.ok(await top() < 0);
  await shop.context().close();
});
