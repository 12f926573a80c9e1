// The shelf of a category: its goods are placed by dragging and by key, and the shop follows.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, edited, noAxeFindings, settled, shopFrame, shows, signedIn } from './support.mjs';

const { page } = await signedIn();
const kept = (act) => edited(page, act, /\/storeroom\/(cells|undo)$/);
const order = () => page.locator('[data-shelf] li').evaluateAll((items) => items.map((item) => item.dataset.name));
const inShop = () => shopFrame(page).locator('.grid > *').evaluateAll((cards) => cards.map((card) => card.querySelector('a')?.getAttribute('href')?.split('/').at(-1)));

test('goods are placed on the shelf of a category by key and by dragging, and taken back', async () => {
  await page.goto(`${BASE}/workbench/looks/1/storeroom?open_kind=categories`);
  await settled(page);
  await page.getByRole('link', { name: /open Glass lanterns/ }).click();
  await page.locator('[data-shelf] li').first().waitFor();
  await settled(page);
  await noAxeFindings(page, 'the shelf of a category');
  const before = await order();
  assert.ok(before.length > 4);
  const name = await page.locator('[data-shelf] li').nth(1).locator('.truncate').textContent();
  await page.getByRole('button', { name: `${name}, earlier` }).focus();
  await kept(() => page.keyboard.press('Enter'));
  const [a, b, c, d] = before;
  assert.deepEqual((await order()).slice(0, 4), [b, a, c, d]);
  await shows(page, async () => (await inShop()).slice(0, 2).join(), [b, a].join());
  await page.locator('[data-shelf] li').nth(3).scrollIntoViewIfNeeded();
  const from = await page.locator('[data-shelf] li').nth(3).boundingBox();
  const to = await page.locator('[data-shelf] li').first().boundingBox();
  await kept(async () => {
    await page.mouse.move(from.x + 20, from.y + 20);
    await page.mouse.down();
    await page.mouse.move(to.x + 30, to.y + 24, { steps: 12 });
    await page.mouse.move(to.x + 10, to.y + 20, { steps: 4 });
    await page.mouse.up();
  });
  const dragged = await order();
  assert.notDeepEqual(dragged, [b, a, c, d, ...before.slice(4)]);
  await shows(page, async () => (await inShop()).slice(0, 2).join(), dragged.slice(0, 2).join());
  await kept(() => page.getByRole('button', { name: 'As all goods stand' }).click());
  assert.deepEqual(await order(), before);
  for (let n = 0; n < 3; n += 1) await kept(() => page.keyboard.press('Control+z'));
  assert.deepEqual(await order(), before);
});
