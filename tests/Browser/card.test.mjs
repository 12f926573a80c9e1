// One card at true size: what is dragged on it, and what the shop makes of it.
import assert from 'node:assert/strict';
import { afterEach, test } from 'node:test';
import { BASE, change, edited, forget, noAxeFindings, settled, shopFrame, shows, signedIn, tabTo } from './support.mjs';

const { page, putBack } = await signedIn();
afterEach(putBack);

test('the card at true size: labels dragged to a corner, lines put in order, letters made larger, by pointer and by key', async () => {
  await page.goto(`${BASE}/workbench/looks/1/products?open_part=card`);
  await settled(page);
  const drawing = page.locator('.card-drawing');
  await drawing.scrollIntoViewIfNeeded();
  const corner = () => shopFrame(page).evaluate(() => { const picture = document.querySelector('.card-picture:has(.label)').getBoundingClientRect(); const label = document.querySelector('.card-picture .label').getBoundingClientRect(); return [label.left + label.right > picture.left + picture.right, label.top + label.bottom > picture.top + picture.bottom].join(); });
  await shows(page, corner, 'false,false');
  const [labels, picture] = [await page.locator('#card-labels').boundingBox(), await drawing.locator('[data-picture-room]').boundingBox()];
  await edited(page, async () => {
    await page.mouse.move(labels.x + 20, labels.y + 8);
    await page.mouse.down();
    await page.mouse.move(picture.x + picture.width - 30, labels.y + 20, { steps: 4 });
    await page.mouse.move(picture.x + picture.width - 30, picture.y + picture.height - 12, { steps: 4 });
    await page.mouse.up();
  });
  await shows(page, corner, 'true,true');
  assert.match(await page.locator('#card-labels').getAttribute('aria-label'), /^Save \d+%: labels at the bottom right$/);
  await tabTo(page, '#card-labels');
  await edited(page, () => page.keyboard.press('ArrowUp'));
  assert.equal(await page.evaluate(() => document.activeElement.id), 'card-labels');
  await shows(page, corner, 'true,false');
  // The price before the name, dragged; back behind it by key.
  const order = () => shopFrame(page).evaluate(() => [...document.querySelector('.card').children].map((e) => e.className.split(' ')[0]).filter((name) => /card-(name|price)/.test(name)).join());
  await shows(page, order, 'card-name,card-price');
  const plate = await page.locator('#card-line-price rect').boundingBox();
  await edited(page, async () => {
    await page.mouse.move(plate.x + 20, plate.y + 10);
    await page.mouse.down();
    await page.mouse.move(plate.x + 20, plate.y - 20, { steps: 4 });
    await page.mouse.move(plate.x + 20, plate.y - 46, { steps: 4 });
    await page.mouse.up();
  });
  await shows(page, order, 'card-price,card-name');
  await page.locator('#card-line-price').focus();
  await edited(page, () => page.keyboard.press('Alt+ArrowDown'));
  await shows(page, order, 'card-name,card-price');
  // Each line is as tall as it stands in the shop, on a phone.
  const told = await page.locator('[data-blocks] .tall').allTextContents();
  assert.match(told[0], /^\d+ px$/);
  const size = drawing.locator('[data-path="card.name.size"]');
  await size.focus();
  await edited(page, async () => { await page.keyboard.press('PageUp'); await page.keyboard.press('Enter'); });
  assert.equal(await size.getAttribute('aria-valuenow'), '22');
  await shows(page, () => shopFrame(page).evaluate(() => getComputedStyle(document.querySelector('.card-name')).fontSize), '22px');
  for (const [form, radius] of [['pill', '999px'], ['square', '0px']]) {
    await change(page, { 'card.label.form': form });
    await page.reload();
    await settled(page);
    await shows(page, () => shopFrame(page).evaluate(() => getComputedStyle(document.querySelector('.card-picture .label')).borderRadius), radius);
  }
  await noAxeFindings(page, 'the card at true size');
});
