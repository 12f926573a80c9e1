// The frame for pictures: dragged over all of them, the point that stays in sight, where the thing stands, its ground, and how products stand.
import assert from 'node:assert/strict';
import { afterEach, test } from 'node:test';
import sharp from 'sharp';
import { BASE, edited, forget, noAxeFindings, settled, shopFrame, shows, signedIn, storeroom, tabTo } from './support.mjs';

const { page, putBack } = await signedIn();
afterEach(putBack);
const CELLS = /\/storeroom\/cells$/;
const go = async (place = '?open_part=card') => {
  await page.goto(`${BASE}/workbench/looks/1/products${place}`);
  forget(page);
  await settled(page);
};
const inShop = (read, given) => shopFrame(page).evaluate(read, given);
const proportion = () => inShop(() => { const { width, height } = document.querySelector('.card-picture').getBoundingClientRect(); return Math.round((100 * width) / height) / 100; });
const frame = page.locator('[data-path="card.proportion"]');
const drawing = page.locator('.frame-drawing');

test('one frame is dragged over the dots, and the shop follows at once', async () => {
  await go();
  await shows(page, proportion, 1.17);
  assert.equal(await drawing.locator('.dot[data-picture]').count(), 60);
  const before = await page.locator('#sheet, [data-sheet]').first().textContent();
  assert.match(before, /7:6 cuts off 7% on average, and into the thing on \d+ of 60 pictures/);
  const plate = await frame.locator('.slide-plate').boundingBox();
  const [x, y] = [plate.x + plate.width / 2, plate.y + plate.height / 2];
  await edited(page, async () => {
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x - 60, y, { steps: 4 });
    await page.mouse.move(x - 110, y, { steps: 4 });
    // Before it is kept.
    await shows(page, async () => (await proportion()) < 1, true);
    await page.mouse.up();
  });
  const now = Number(await frame.getAttribute('aria-valuenow'));
  assert.ok(now > 0.6 && now < 0.95, `${now}`);
  await shows(page, proportion, now);
  await frame.focus();
  await edited(page, async () => { await page.keyboard.press('End'); await page.keyboard.press('Enter'); });
  assert.equal(await frame.getAttribute('aria-valuenow'), '2');
  // What it cuts into is told, with a way out, and the one that cuts least is offered.
  assert.match(await page.locator('body').textContent(), /The frame cuts into the thing on \d+ pictures, “.+” most: \d+% of it is lost/);
  const best = page.locator('#tool-t-frame [data-try]');
  await edited(page, () => best.click());
  assert.equal(await frame.getAttribute('aria-valuenow'), '1.17');
  assert.match(await page.locator('#tool-t-frame').textContent(), /No other proportion cuts less/);
});

test('what stays in sight is moved on the picture, by pointer and by key, and pointed at the thing for all at once', async () => {
  await go();
  const dot = drawing.locator('[data-focus-mark]').first();
  const id = await dot.getAttribute('data-focus-mark');
  const thumb = drawing.locator(`.crop-thumb[data-picture="${id}"]`);
  const lost = await thumb.locator('[data-lost]').getAttribute('d');
  const ring = await dot.locator('.ring').boundingBox();
  await edited(page, async () => {
    await page.mouse.move(ring.x + 6, ring.y + 6);
    await page.mouse.down();
    await page.mouse.move(ring.x + 6, ring.y - 14, { steps: 5 });
    assert.notEqual(await thumb.locator('[data-lost]').getAttribute('d'), lost);
    await page.mouse.up();
  }, CELLS);
  assert.notEqual(await page.locator(`#focus-sheet-${id}`).getAttribute('aria-valuetext'), '50% from the left, 50% from the top');
  await edited(page, () => page.locator('#picture-undo').click(), /\/storeroom\/undo$/);
  assert.equal(await page.locator(`#focus-sheet-${id}`).getAttribute('aria-valuetext'), '50% from the left, 50% from the top');
  // By the keys alone.
  await tabTo(page, `#focus-sheet-${id}`);
  await edited(page, async () => { await page.keyboard.press('ArrowUp'); await page.keyboard.press('ArrowUp'); await page.keyboard.press('Enter'); }, CELLS);
  assert.match(await page.locator(`#focus-sheet-${id}`).getAttribute('aria-valuetext'), /40% from the top/);
  await edited(page, () => page.locator('#picture-undo').click(), /\/storeroom\/undo$/);
  const cut = async () => Number((await page.locator('body').textContent()).match(/into the thing on (\d+) of 60/)[1]);
  const was = await cut();
  await edited(page, () => page.locator('#point-all').click(), CELLS);
  assert.ok(await cut() < was);
  await edited(page, () => page.locator('#picture-undo').click(), /\/storeroom\/undo$/);
  assert.equal(await cut(), was);
});

test('where the thing stands is corrected by hand, and found anew', async () => {
  await go();
  await drawing.locator('.dot[data-picture]').last().click();
  await settled(page);
  assert.match(await page.locator('#tool-t-picture').textContent(), /found by its pixels/);
  const left = page.locator('[data-thing-side=left]');
  await left.scrollIntoViewIfNeeded();
  const stood = Number(await left.getAttribute('aria-valuenow'));
  const grip = await left.locator('.grip').boundingBox();
  await edited(page, async () => {
    await page.mouse.move(grip.x + 5, grip.y + 5);
    await page.mouse.down();
    await page.mouse.move(grip.x + 25, grip.y + 5, { steps: 5 });
    await page.mouse.up();
  }, CELLS);
  assert.ok(Number(await left.getAttribute('aria-valuenow')) > stood);
  assert.match(await page.locator('#tool-t-picture').textContent(), /said by hand/);
  await page.locator('[data-thing-side=top]').focus();
  await edited(page, async () => { await page.keyboard.press('ArrowDown'); await page.keyboard.press('Enter'); }, CELLS);
  await edited(page, () => page.locator('#thing-away').click(), CELLS);
  assert.equal(Number(await left.getAttribute('aria-valuenow')), stood);
  // The pictures follow one another.
  const name = await page.locator('#tool-t-picture').textContent();
  await page.locator('#picture-before').click();
  await settled(page);
  assert.notEqual(await page.locator('#tool-t-picture').textContent(), name);
  await noAxeFindings(page, 'the frame for pictures', ['iframe']);
  for (let i = 0; i < 3; i += 1) await storeroom(page, {}, 'undo');
});

test('a flat ground is shown taken away, taken, and brought back; what stands on none gets one from the scheme', async () => {
  const flat = await sharp({ create: { width: 600, height: 600, channels: 3, background: '#f6f4ef' } })
    .composite([{ input: Buffer.from('<svg width="600" height="600"><circle cx="300" cy="320" r="190" fill="#b3401d"/></svg>') }]).png().toBuffer();
  await go();
  const product = await page.evaluate(() => new URL(document.querySelector('#tool-t-names a').href).searchParams.get('open_record'));
  const { base, headers } = await page.evaluate(() => ({ base: document.body.dataset.base, headers: JSON.parse(document.body.getAttribute('hx-headers')) }));
  const brought = await (await page.request.post(`${BASE}${base}/storeroom/pictures`, { headers: { ...headers, Accept: 'application/json' }, multipart: { file: { name: 'flat-globe.png', mimeType: 'image/png', buffer: flat } } })).json();
  await storeroom(page, { open_kind: 'goods', record: product, column: 'pictures', value: brought.name });
  await go(`?open_part=card&open_picture=${brought.id}`);
  assert.match(await page.locator('#tool-t-ground').textContent(), /one color/);
  assert.equal(await page.locator('.ground-away').evaluate(async (image) => { await image.decode(); return image.naturalWidth; }), 480);
  await edited(page, () => page.locator('#ground-away').click(), /\/pictures\/\d+\/ground$/);
  assert.match(await page.locator('#tool-t-ground').textContent(), /none: it stands on that of the card/);
  const card = () => inShop((name) => document.querySelector(`.card img[src*="${name}"]`)?.closest('.card-picture').className.match(/on-\w+ shadow-\w+/)[0], brought.name);
  await shows(page, card, 'on-quiet shadow-none');
  await edited(page, () => page.locator('#tool-t-ground [data-try]', { hasText: 'the color of words' }).click());
  await edited(page, () => page.locator('#tool-t-ground [data-try]', { hasText: 'soft, below' }).click());
  await shows(page, card, 'on-ink shadow-soft');
  await edited(page, () => page.locator('#ground-back').click(), /\/back$/);
  assert.match(await page.locator('#tool-t-ground').textContent(), /one color/);
  await storeroom(page, {}, 'undo');
});

test('products stand in tiles, in rows or in columns, each measured', async () => {
  await go('?open_shelf=paper-lanterns');
  const tool = page.locator('#tool-t-arrange');
  assert.match(await tool.textContent(), /\d+% white, 1?\d% of pictures cut off/);
  const tops = () => inShop(() => { const boxes = [...document.querySelectorAll('.grid .card-picture')].slice(0, 4).map((each) => each.getBoundingClientRect()); return new Set(boxes.map((each) => Math.round(each.width))).size > 1 && new Set(boxes.filter((each) => Math.abs(each.top - boxes[0].top) < 1).map((each) => Math.round(each.height))).size === 1; });
  await edited(page, () => tool.locator('[data-try]', { hasText: 'Even rows' }).click());
  await shows(page, tops, true);
  assert.match(await tool.textContent(), /nothing cut off/);
  await edited(page, () => tool.locator('[data-try]', { hasText: 'Staggered columns' }).click());
  await shows(page, () => inShop(() => getComputedStyle(document.querySelector('.grid')).columnCount), '4');
  assert.match(await tool.textContent(), /Products run down one column after the other/);
  assert.equal(await page.locator('#tool-t-last').count(), 0, 'columns have no last row');
  await noAxeFindings(page, 'products in columns');
});
