// The products step: its shelves against the shop's own pages, dragged and moved by key, and what becomes of the last row.
import assert from 'node:assert/strict';
import { afterEach, test } from 'node:test';
import { launch } from '../chromium.mjs';
import { BASE, change, edited, forget, noAxeFindings, pressedAtOnce, settled, shopFrame, shows, signedIn, standOn, storeroom } from './support.mjs';

const { page, putBack } = await signedIn();
afterEach(putBack);
const SCREENS = { phone: 390, tablet: 768, desktop: 1280 };
const go = async (place = '') => {
  await page.goto(`${BASE}/workbench/looks/1/products${place}`);
  forget(page);
  await settled(page);
};
const told = () => page.evaluate(() => Object.fromEntries([...document.querySelectorAll('[data-shelf-on]')].map((each) => [each.dataset.shelfOn, [Number(each.dataset.begins), Number(each.dataset.ends)]])));
const inGrid = (read, given) => shopFrame(page).evaluate(read, given);
const columns = () => inGrid(() => { const cards = [...document.querySelectorAll('.grid .card')].map((each) => each.getBoundingClientRect()); return cards.filter((each) => Math.abs(each.top - cards[0].top) < 1).length; });
/** Id of a category whose shelf is drawn. */
const idOf = async (shelf) => { await go(`?open_shelf=${shelf}`); return JSON.parse(await page.locator('[data-order]').getAttribute('data-order')).category; };
const mark = (path) => page.locator(`[data-shelves] [data-path="${path}"]`);
const now = (path) => mark(path).getAttribute('aria-valuenow').then(Number);

test('shelves begin and end where they are drawn, in each theme on each screen', async () => {
  // Without hinting letters stand where the font says, as on screens of fine dots.
  const fine = await launch(['--font-render-hinting=none', '--hide-scrollbars']);
  const other = await fine.newPage();
  await other.context().addCookies(await page.context().cookies());
  for (const [theme, starter] of [[], ['towpath', 'tidewater'], ['belfry', 'candle-white']]) {
    if (theme) await standOn(page, theme, starter);
    for (const shelf of ['paper-lanterns', 'candles']) {
      await go(`?open_shelf=${shelf}`);
      for (const [device, [begins, ends]] of Object.entries(await told())) {
        await other.setViewportSize({ width: SCREENS[device], height: 800 });
        await other.goto(`${BASE}/preview/1/now/shop/wrenfold/category/${shelf}`);
        await other.evaluate(() => document.fonts.ready);
        const is = await other.evaluate(() => { const cards = [...document.querySelectorAll('.category-grid .card')].map((each) => each.getBoundingClientRect()); return [cards[0].top + scrollY, Math.max(...cards.map((each) => each.bottom)) + scrollY]; });
        assert.ok(Math.abs(begins - is[0]) <= 2, `${theme} ${shelf} on a ${device} begins at ${is[0]}, not ${begins}`);
        assert.ok(Math.abs(ends - is[1]) <= 4, `${theme} ${shelf} on a ${device} ends at ${is[1]}, not ${ends}`);
      }
    }
  }
  // One that has all a category can have: others within it, and a picture.
  await storeroom(page, { open_kind: 'categories', record: await idOf('candles'), column: 'parent_id', value: 'Paper lanterns' });
  await storeroom(page, { open_kind: 'categories', record: await idOf('paper-lanterns'), column: 'pictures', value: 'moth-paper-globe' });
  await standOn(page, 'millrace', 'river-dusk');
  await go('?open_shelf=paper-lanterns');
  for (const [device, [begins]] of Object.entries(await told())) {
    await other.setViewportSize({ width: SCREENS[device], height: 800 });
    await other.goto(`${BASE}/preview/1/now/shop/wrenfold/category/paper-lanterns`);
    await other.evaluate(() => document.fonts.ready);
    const is = await other.evaluate(() => document.querySelector('.category-grid .card').getBoundingClientRect().top + scrollY);
    assert.ok(Math.abs(begins - is) <= 2, `a full category on a ${device} begins at ${is}, not ${begins}`);
  }
  for (let i = 0; i < 2; i += 1) await storeroom(page, {}, 'undo');
  await fine.close();
});

test('columns, what stands between cards, and how many stand on a page are dragged and moved by key', async () => {
  await change(page, { 'grid.last': 'leave' });
  await go('?open_shelf=paper-lanterns');
  assert.equal(await columns(), 4);
  const handle = await mark('grid.columns.desktop').locator('.slide-plate').boundingBox();
  const [x, y] = [handle.x + handle.width / 2, handle.y + handle.height / 2];
  const scale = await page.locator('[data-shelves]').evaluate((svg) => Number(svg.dataset.scale) * (svg.getBoundingClientRect().width / svg.viewBox.baseVal.width));
  await edited(page, async () => {
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + 50 * scale, y, { steps: 4 });
    await page.mouse.move(x + 100 * scale, y, { steps: 4 });
    // At once, before it is kept.
    await shows(page, columns, 3);
    await page.mouse.up();
  });
  assert.equal(await now('grid.columns.desktop'), 3);
  assert.match(await page.locator('[data-shelves]').textContent(), /1 empty/);
  await mark('grid.columns.desktop').focus();
  await edited(page, async () => { await page.keyboard.press('ArrowRight'); await page.keyboard.press('Enter'); });
  await shows(page, columns, 4);
  await mark('grid.gap').focus();
  await edited(page, () => pressedAtOnce(page, ...Array(4).fill('ArrowRight')));
  assert.equal(await now('grid.gap'), 32);
  await shows(page, () => inGrid(() => getComputedStyle(document.querySelector('.grid')).columnGap), '32px');
  await mark('grid.count').focus();
  await edited(page, () => pressedAtOnce(page, ...Array(3).fill('PageDown')));
  assert.equal(await now('grid.count'), 12);
  await shows(page, () => inGrid(() => document.querySelectorAll('.grid .card').length), 12);
  await page.locator('[data-press=undo]').click();
  await shows(page, () => now('grid.count'), 24);
  // What belongs to a phone is seen on one.
  await mark('grid.columns.phone').focus();
  await edited(page, async () => { await page.keyboard.press('ArrowLeft'); await page.keyboard.press('Enter'); });
  await shows(page, columns, 1);
  assert.equal(await page.evaluate(() => document.querySelector('[name=shop-window]').clientWidth), 390);
});

test('the last row is left, put in the middle, made to grow, or filled by what leads on', async () => {
  await change(page, { 'grid.last': 'leave' });
  await go('?open_shelf=paper-lanterns');
  const last = () => inGrid(() => {
    const grid = document.querySelector('.grid');
    const boxes = [...grid.children].filter((each) => each.offsetWidth > 0).map((each) => each.getBoundingClientRect());
    const row = boxes.filter((each) => Math.abs(each.top - boxes.at(-1).top) < 1);
    const { left, right } = grid.getBoundingClientRect();
    return [row.length, Math.round(row[0].left - left), Math.round(right - row.at(-1).right), Math.round(row[0].width)].join();
  });
  await shows(page, last, '2,0,596,274');
  const way = (words) => page.locator('.fills-row [data-try]', { hasText: words });
  await edited(page, () => way('The row stands in the middle').click());
  await shows(page, last, '2,298,298,274');
  await edited(page, () => way('Its cards grow').click());
  await shows(page, last, '2,0,0,572');
  await edited(page, () => way('A tile fills them').click());
  await shows(page, last, '3,0,0,274');
  assert.equal(await page.locator('[data-shelf-on=desktop] .place.is-tile').count(), 1);
  // The tile leads on to the next shelf, and is left out where the row is full.
  assert.equal(await inGrid(() => document.querySelector('.onward a').getAttribute('href')), '/shop/wrenfold/category/glass-lanterns');
  await page.locator('[data-device=phone]').click();
  await settled(page);
  assert.equal(await inGrid(() => document.querySelector('.onward').offsetWidth), 0);
});

test('every shelf says how its last row stands, and opens on the drawing and in the window', async () => {
  await change(page, { 'grid.last': 'leave' });
  await go('?open_shelf=paper-lanterns');
  const row = page.locator('.every-shelf tr', { hasText: 'Candles' });
  assert.equal(await row.locator('[role=img]').last().getAttribute('aria-label'), '2 of 4, 2 empty');
  await row.locator('a').click();
  await settled(page);
  await shows(page, () => inGrid(() => document.querySelector('h1').textContent), 'Candles');
  assert.match(await page.locator('#sheet').textContent(), /10 products in Candles/);
  await page.getByRole('link', { name: 'In stock' }).click();
  await settled(page);
  await shows(page, () => inGrid(() => location.search), '?stock=1');
  // Of the ways to leave fewer places empty, one is tried on and kept.
  await page.getByRole('link', { name: 'All', exact: true }).click();
  await settled(page);
  await edited(page, () => page.locator('#tool-t-last [data-try]', { hasText: '5 columns' }).click());
  await shows(page, columns, 5);
  assert.equal(await row.locator('[role=img]').last().getAttribute('aria-label'), '5 of 5, 0 empty');
});

test('axe finds nothing in the step', async () => {
  for (const part of ['grid', 'card', 'product']) {
    await go(`?open_part=${part}`);
    await noAxeFindings(page, part);
  }
});

test('products are placed on the shelf by key and by dragging, show so in the shop, and are put back', async () => {
  await go('?open_shelf=candles');
  const names = () => inGrid(() => [...document.querySelectorAll('.grid .card-name')].slice(0, 4).map((each) => each.textContent.trim()));
  const stored = (act) => edited(page, act, /\/storeroom\/(cells|undo)$/);
  const begins = await names();
  const order = (...places) => places.map((n) => begins[n]).join();
  const now4 = async () => (await names()).join();
  await page.locator('[data-goods="0"]').focus();
  await page.keyboard.press('ArrowRight');
  await stored(() => page.keyboard.press('Alt+ArrowRight'));
  await shows(page, now4, order(0, 2, 1, 3));
  assert.equal(await page.evaluate(() => document.activeElement.dataset.goods), '2', 'what was moved keeps the focus');
  const box = async (n) => { const { x, y, width, height } = await page.locator(`[data-goods="${n}"] .card`).boundingBox(); return [x + width / 2, y + height / 2]; };
  await stored(async () => {
    const [from, to] = [await box(3), await box(0)];
    await page.mouse.move(...from);
    await page.mouse.down();
    await page.mouse.move((from[0] + to[0]) / 2, to[1], { steps: 4 });
    await page.mouse.move(...to, { steps: 4 });
    await page.mouse.up();
  });
  await shows(page, now4, order(3, 0, 2, 1));
  assert.match(await page.locator('#tool-t-order').textContent(), /4 placed by hand/);
  await noAxeFindings(page, 'a shelf placed by hand');
  await stored(() => page.locator('#order-away').click());
  await shows(page, now4, order(0, 1, 2, 3));
  for (let i = 0; i < 3; i += 1) await stored(() => page.locator('#order-undo').click());
  await shows(page, now4, order(0, 1, 2, 3));
  // A shelf that is sorted otherwise shows no order by hand, and offers to.
  await change(page, { 'grid.sort': 'low' });
  await go('?open_shelf=candles');
  assert.equal(await page.locator('[data-goods]').count(), 0);
  await edited(page, () => page.getByRole('button', { name: 'Begin as we arranged them' }).click());
  await page.locator('[data-goods="0"]').waitFor();
});

test('cards of every kind stand in the window, and names that are too long are measured, cut and listed', async () => {
  await go('?open_part=card');
  const clamped = () => inGrid(() => [...document.querySelectorAll('.card-name a')].filter((each) => each.scrollHeight > each.clientHeight + 1 && each.clientHeight > 0).map((each) => each.textContent.trim()));
  await shows(page, () => inGrid(() => document.querySelectorAll('.grid .card').length > 5), true);
  assert.equal(await inGrid(() => [...document.querySelectorAll('.card-name')].some((each) => /[\u0600-\u06ff]/.test(each.textContent))), true, 'one runs from right to left');
  const row = page.locator('#tool-t-names tbody tr').first();
  assert.match(await row.textContent(), /Grand aldermouth festival globe/);
  const lines = async () => Object.fromEntries(await row.locator('[role=img]').evaluateAll((all) => all.map((each, i) => [['phone', 'tablet', 'desktop'][i], Number(each.getAttribute('aria-label').match(/^\d+/)[0])])));
  const told = await lines();
  assert.ok(told.phone > 2 && told.desktop >= 2, JSON.stringify(told));
  await edited(page, () => page.locator('#tool-t-names [data-try]', { hasText: 'one at most' }).click());
  await shows(page, async () => (await clamped()).some((name) => name.startsWith('Grand aldermouth')), true);
  assert.match(await row.locator('[role=img]').last().getAttribute('aria-label'), /, cut after 1$/);
  assert.ok(Number(await page.locator('#tool-t-names tfoot td').last().textContent()) > 0);
  await noAxeFindings(page, 'names that are cut');
});

test('labels stand in the corner that was chosen, and say what the rules make of each product', async () => {
  const labels = (n) => inGrid((at) => [...document.querySelectorAll('.grid .card')][at]?.querySelector('.labels')?.innerText.split('\n').map((each) => each.trim()).join() ?? '', n);
  await go('?open_part=card');
  await shows(page, () => labels(0), 'Save 21%');
  await edited(page, () => page.locator('.label-corners [data-try]', { hasText: 'Bottom right' }).click());
  const corner = () => inGrid(() => { const picture = document.querySelector('.grid .card-picture').getBoundingClientRect(); const label = document.querySelector('.grid .label').getBoundingClientRect(); return [label.left + label.right > picture.left + picture.right, label.top + label.bottom > picture.top + picture.bottom].join(); });
  await shows(page, corner, 'true,true');
  await change(page, { 'card.label.sale': 'amount', 'card.label.few': 20, 'card.label.new': 0 });
  await go('?open_part=card');
  await shows(page, async () => /^Save \$8/.test(await labels(0)), true);
  const all = await inGrid(() => [...document.querySelectorAll('.grid .label')].map((each) => each.textContent));
  assert.ok(all.every((each) => each !== 'New'), 'nothing is new any more');
  assert.ok(all.some((each) => /^Only \d+ left$/.test(each)), all.join());
  await change(page, { 'card.label.most': '1', 'card.label.order': 'few,own,sale,new,gone' });
  await go('?open_part=card');
  await shows(page, async () => (await inGrid(() => Math.max(...[...document.querySelectorAll('.grid .labels')].map((each) => each.children.length)))), 1);
  await noAxeFindings(page, 'labels');
});

test('further pages are reached by number, by a button and by scrolling, each without script too', async () => {
  const browser = page.context().browser();
  const shopOf = async (options = {}) => (await browser.newContext({ viewport: { width: 1280, height: 900 }, storageState: await page.context().storageState(), ...options })).newPage();
  const at = `${BASE}/preview/1/now/shop/wrenfold/category/paper-lanterns`;
  await change(page, { 'grid.count': 4, 'grid.paging': 'numbers' });
  const shop = await shopOf();
  await shop.goto(at);
  assert.equal((await shop.locator('.numbers').innerText()).replace(/\s+/g, ' ').replaceAll('Page ', '').trim(), '1 2 3 4');
  await shop.locator('.numbers a', { hasText: '4' }).click();
  await shop.waitForURL(/page=4/);
  assert.equal(await shop.locator('.category-grid .card').count(), 2);
  await noAxeFindings(shop, 'pages by number');
  await change(page, { 'grid.paging': 'more' });
  await shop.goto(at);
  assert.equal(await shop.locator('.category-grid .card').count(), 4);
  await shop.locator('[rel=next]').focus();
  await shop.keyboard.press('Enter');
  await shop.waitForFunction(() => document.querySelectorAll('.category-grid .card').length === 8);
  assert.equal(await shop.evaluate(() => [...document.querySelectorAll('.category-grid > li')].indexOf(document.activeElement.closest('li'))), 4);
  for (const count of [12, 14]) {
    await shop.locator('[rel=next]').click();
    await shop.waitForFunction((many) => document.querySelectorAll('.category-grid .card').length === many, count);
  }
  assert.equal(await shop.locator('[rel=next]').count(), 0);
  assert.equal(new Set(await shop.locator('.category-grid .card-name').allTextContents()).size, 14);
  await change(page, { 'grid.paging': 'scroll' });
  await shop.goto(at);
  for (let i = 0; i < 4; i += 1) await shop.evaluate(async () => { scrollTo({ top: document.body.scrollHeight, behavior: 'instant' }); await new Promise((done) => { requestAnimationFrame(() => requestAnimationFrame(done)); }); });
  await shop.waitForFunction(() => { scrollTo({ top: document.body.scrollHeight, behavior: 'instant' }); return document.querySelectorAll('.category-grid .card').length === 14; });
  await shop.context().close();
  const plain = await shopOf({ javaScriptEnabled: false });
  await plain.goto(at);
  await plain.locator('[rel=next]').click();
  assert.match(plain.url(), /page=2/);
  await plain.context().close();
});
