// Pictures of the library are dragged to where they shall stand, or given there by key; a file may be dropped there, too.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import sharp from 'sharp';
import { BASE, edited, noAxeFindings, settled, shopFrame, shows, signedIn } from './support.mjs';

const { page } = await signedIn();
const kept = (act) => edited(page, act, /\/(edits|undo|storeroom\/(cells|undo))$/);
const undo = () => kept(() => page.locator('[data-press=undo]').click());
const go = async (address) => { await page.goto(`${BASE}/workbench/looks/1/${address}`); await settled(page); };
const thumb = (at) => page.locator('.library-thumb').nth(at);
const nameOf = (at) => thumb(at).getAttribute('data-picture-name');
const openLibrary = async (opener) => {
  await opener.click();
  await page.locator('#library[open] .library-thumb').first().waitFor();
};

test('a picture is dragged from the library to a setting beside it, and shows at once', async () => {
  await go('pages?open_part=band-words-1');
  await openLibrary(page.locator('#c-band-words-1-picture'));
  await noAxeFindings(page, 'the library beside the bench');
  const name = await nameOf(2);
  await kept(() => thumb(2).dragTo(page.locator('#c-band-words-1-picture')));
  await shows(page, () => shopFrame(page).locator('[data-part=band-words-1] img').first().evaluate((img, each) => img.currentSrc.includes(`/${each}`), name), true);
  assert.equal(await page.locator('#library[open]').count(), 1, 'more can be dragged');
  await thumb(0).focus();
  await page.keyboard.press('Escape');
  assert.equal(await page.locator('#library[open]').count(), 0);
  await undo();
});

test('a product and a category take pictures by dragging and by key alone', async () => {
  await go('storeroom?open_kind=goods');
  await page.locator('tbody .corner a').first().click();
  await page.locator('[data-record-pictures]').waitFor();
  await settled(page);
  const names = () => page.locator('[data-record-pictures] li').evaluateAll((items) => items.map((item) => item.dataset.name));
  const before = await names();
  await openLibrary(page.locator('#goods-library'));
  const name = await nameOf(5);
  await kept(() => thumb(5).dragTo(page.locator('[data-record-pictures]')));
  assert.deepEqual(await names(), [...before, name]);
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await undo();
  await go('storeroom?open_kind=categories');
  await page.getByRole('link', { name: /open Candles/ }).click();
  const opener = page.locator('#f-categories-pictures-library');
  await opener.waitFor();
  await settled(page);
  await opener.focus();
  await page.keyboard.press('Enter');
  await page.locator('#library[open] .library-thumb').first().waitFor();
  await page.waitForFunction(() => document.activeElement?.matches('.library-thumb'));
  const chosen = await nameOf(3);
  await thumb(3).focus();
  await page.keyboard.press('Enter');
  const use = page.getByRole('button', { name: 'Use this picture' });
  await use.waitFor();
  await use.focus();
  await kept(() => page.keyboard.press('Enter'));
  assert.equal(await page.locator('#f-categories-pictures').inputValue(), chosen);
  await shows(page, () => page.evaluate(() => document.activeElement.id || document.activeElement.tagName), 'f-categories-pictures-library');
  await undo();
});

test('a file that is dropped on a setting is brought to the library and stands there', async () => {
  await go('pages?open_part=band-words-1');
  const bytes = [...await sharp({ create: { width: 640, height: 400, channels: 3, background: '#556b2f' } }).png().toBuffer()];
  await kept(() => page.locator('#c-band-words-1-picture').evaluate((place, { content }) => {
    const data = new DataTransfer();
    data.items.add(new File([new Uint8Array(content)], 'Moss wall.png', { type: 'image/png' }));
    for (const kind of ['dragover', 'drop']) place.dispatchEvent(new DragEvent(kind, { dataTransfer: data, bubbles: true, cancelable: true }));
  }, { content: bytes }));
  await shows(page, () => shopFrame(page).locator('[data-part=band-words-1] img').first().evaluate((img) => /moss-wall/.test(img.currentSrc || img.src)), true);
  await undo();
});

test('what must stay in sight is pressed on the picture, in one edit', async () => {
  await go('storeroom?open_kind=pictures&open_q=winter');
  await page.locator('tbody .corner a').first().click();
  const board = page.locator('[data-focus-board]');
  await board.waitFor();
  await settled(page);
  const box = await board.boundingBox();
  await kept(() => page.mouse.click(box.x + box.width * 0.2, box.y + box.height * 0.8));
  assert.deepEqual([await page.locator('#f-pictures-focus_x').inputValue(), await page.locator('#f-pictures-focus_y').inputValue()], ['20', '80']);
  await undo();
  assert.notEqual(await page.locator('#f-pictures-focus_x').inputValue(), '20');
});
