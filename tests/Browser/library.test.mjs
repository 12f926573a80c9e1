// The picture library as a table: what is wrong with pictures, many brought at once, cut and deleted, and each with a way back.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { zipSync } from 'fflate';
import sharp from 'sharp';
import { BASE, edited, noAxeFindings, settled, shows, signedIn } from './support.mjs';

const { page } = await signedIn();
const kept = (act) => edited(page, act, /\/storeroom\/(cells|delete|undo|pictures\/(names|\d+\/\w+))$/);
const undo = () => kept(() => page.locator('[data-press=undo]').click());
const open = async (rest = '') => { await page.goto(`${BASE}/workbench/looks/1/storeroom?open_kind=pictures${rest}`); await settled(page); };
const drawn = async (name, red) => ({ name, mimeType: 'image/png', buffer: await sharp({ create: { width: 400, height: 300, channels: 3, background: { r: red, g: 90, b: 40 } } }).png().toBuffer() });
const count = () => page.locator('[data-storeroom]').getAttribute('data-count').then(Number);
const only = async (words) => { await page.getByLabel('Only of one picture').selectOption(words); await settled(page); };
const rowOf = (name) => page.locator(`tr[data-called="${name}"]`);

test('many pictures are brought at once, found without words, described in the table, deleted and brought back', async () => {
  await open();
  const before = await count();
  await page.locator('[data-storeroom] [data-bring]').setInputFiles([await drawn('Rope bridge.png', 200), await drawn('Mill wheel.png', 120), { name: 'notes.png', mimeType: 'image/png', buffer: Buffer.from('no picture') }]);
  await page.waitForFunction(() => /of 3 pictures are in the Storeroom/.test(document.querySelector('#notice').textContent));
  assert.match(await page.locator('#notice').textContent(), /2 of 3 pictures are in the Storeroom\. .*notes\.png/);
  await shows(page, count, before + 2);
  await only('without words');
  await rowOf('mill-wheel').waitFor();
  const words = rowOf('rope-bridge').locator('[data-column=alt]');
  await words.focus();
  await page.keyboard.type('A bridge of rope over the mill stream');
  await kept(() => page.keyboard.press('Enter'));
  await only('used nowhere');
  await rowOf('rope-bridge').waitFor();
  await rowOf('rope-bridge').locator('.corner a').click();
  await page.waitForSelector('#t-uses');
  assert.match(await page.locator('#tool-t-uses').textContent(), /nowhere/);
  await noAxeFindings(page);
  await kept(() => page.getByRole('button', { name: 'Delete this picture' }).click());
  assert.equal(await rowOf('rope-bridge').count(), 0);
  await undo();
  await rowOf('rope-bridge').waitFor();
  assert.equal(await rowOf('rope-bridge').locator('[data-column=alt]').getAttribute('data-typed'), 'A bridge of rope over the mill stream');
  await kept(() => page.getByRole('button', { name: 'Delete this picture' }).click());
});

test('what is needed is not deleted: the table says where it stands', async () => {
  await open('&open_q=moth');
  await rowOf('moth-paper-globe').locator('.corner a').click();
  await page.waitForSelector('#t-uses');
  assert.match(await page.locator('#tool-t-uses').textContent(), /Product, Moth paper globe/);
  const answer = page.waitForResponse((r) => r.status() === 422);
  await page.getByRole('button', { name: 'Delete this picture' }).click();
  await answer;
  await page.waitForFunction(() => /The product Moth paper globe shows it/.test(document.querySelector('#notice').textContent));
});

test('a picture is cut by dragging and by keys, everywhere it stands, and the earlier file comes back', async () => {
  await open('&open_q=gift');
  await page.locator('tbody .corner a').first().click();
  await page.waitForSelector('[data-crop]');
  await settled(page);
  const size = () => page.locator('[data-width]').evaluate((at) => [Number(at.dataset.width), Number(at.dataset.height)]);
  const [wide, high] = await size();
  const left = page.getByRole('slider', { name: 'Cut from the left' });
  await left.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('ArrowRight');
  assert.equal(await left.getAttribute('aria-valuetext'), '11 percent');
  const box = await page.locator('[data-crop-board]').boundingBox();
  const handle = await page.getByRole('slider', { name: 'Cut from the bottom' }).boundingBox();
  await page.mouse.move(handle.x + handle.width / 2, handle.y + handle.height / 2);
  await page.mouse.down();
  await page.mouse.move(handle.x + handle.width / 2, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  assert.match(await page.locator('[data-width]').textContent(), new RegExp(`^${Math.round(wide * 0.89)} by `));
  await kept(() => page.getByRole('button', { name: 'Cut it everywhere' }).click());
  const [cutWide, cutHigh] = await size();
  assert.ok(Math.abs(cutWide - wide * 0.89) < 2 && Math.abs(cutHigh - high / 2) < high * 0.02, `${cutWide} by ${cutHigh} of ${wide} by ${high}`);
  await kept(() => page.getByRole('button', { name: 'Bring the earlier file back' }).click());
  assert.deepEqual(await size(), [wide, high]);
});

test('pictures that are dropped on a product stand in its order at once', async () => {
  await page.goto(`${BASE}/workbench/looks/1/storeroom?open_q=barley`);
  await settled(page);
  await page.locator('tbody .corner a').first().click();
  await page.waitForSelector('[data-record-pictures]');
  await settled(page);
  const names = () => page.locator('[data-record-pictures] li').evaluateAll((all) => all.map((li) => li.dataset.name));
  const before = await names();
  const file = await drawn('Barley close.png', 77);
  await kept(() => page.evaluate(({ name, bytes }) => {
    const dataTransfer = new DataTransfer();
    dataTransfer.items.add(new File([new Uint8Array(bytes)], name, { type: 'image/png' }));
    document.querySelector('.drop-here').dispatchEvent(new DragEvent('drop', { dataTransfer, bubbles: true, cancelable: true }));
  }, { name: file.name, bytes: [...file.buffer] }));
  await shows(page, names, [...before, 'barley-close']);
  await undo();
  assert.deepEqual(await names(), before);
});

test('pictures of a zip are shown by what becomes of each before anything is written, and join their products in one edit', async () => {
  await open();
  const before = await count();
  const bytes = async (red) => (await drawn('x.png', red)).buffer;
  const zip = zipSync({ 'autumn/barley-column.png': await bytes(10), 'autumn/chimney-brush.png': await bytes(20), 'autumn/chimney-brush-2.png': await bytes(30), 'autumn/Evening mist.png': await bytes(40), 'autumn/notes.txt': new Uint8Array([1]) });
  await kept(() => page.locator('[data-storeroom] [data-bring]').setInputFiles({ name: 'autumn.zip', mimeType: 'application/zip', buffer: Buffer.from(zip) }));
  const over = page.locator('#over');
  await over.locator('#over-title').waitFor();
  const told = (await over.textContent()).replace(/\s+/g, ' ');
  assert.match(told, /2 join a product .*chimney-brush\.png → Chimney brush/);
  assert.match(told, /1 take the place of a picture .*barley-column\.png → barley-column/);
  assert.match(told, /1 new in the library .*Evening mist\.png → evening-mist/);
  assert.match(told, /1 refused .*notes\.txt → This is no picture/);
  await noAxeFindings(page, 'pictures of a zip');
  assert.equal(await count(), before, 'nothing is written yet');
  await edited(page, () => over.getByRole('button', { name: 'Take in 4 pictures' }).click(), /\/storeroom\/cells$/);
  assert.equal(await over.isHidden(), true);
  await page.waitForFunction(() => /4 of 4 pictures were taken in/.test(document.querySelector('#announce').textContent));
  const brush = page.locator('tr[data-called="Chimney brush"] [data-column=pictures]');
  await page.goto(`${BASE}/workbench/looks/1/storeroom?open_q=chimney`);
  await settled(page);
  assert.equal(await brush.getAttribute('data-typed'), 'chimney-brush chimney-brush-2');
  await undo();
  assert.equal(await brush.getAttribute('data-typed'), '');
  await page.goto(`${BASE}/workbench/looks/1/storeroom?open_kind=pictures&open_q=barley-column`);
  await settled(page);
  await rowOf('barley-column').locator('.corner a').click();
  await kept(() => page.getByRole('button', { name: 'Bring the earlier file back' }).click());
});

test('documents are brought like pictures; a menu leads to one, and the browser gets its file', async () => {
  await page.goto(`${BASE}/workbench/looks/1/storeroom?open_kind=documents`);
  await settled(page);
  const pdf = Buffer.from('%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[]/Count 0>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF\n');
  await page.locator('[data-storeroom] [data-bring]').setInputFiles([
    { name: 'paper_care.pdf', mimeType: 'application/pdf', buffer: pdf }, { name: 'page.pdf', mimeType: 'application/pdf', buffer: Buffer.from('<!DOCTYPE html><p>no') },
  ]);
  await page.waitForFunction(() => /1 of 2 documents are in the Storeroom/.test(document.querySelector('#notice').textContent));
  assert.match(await page.locator('#notice').textContent(), /page\.pdf.*no document Ikat can keep/);
  await rowOf('Paper care').locator('.corner a').click();
  await page.waitForSelector('#t-file');
  assert.match(await page.locator('#tool-t-file').textContent(), /PDF, 1 kB/);
  await noAxeFindings(page, 'a document');
  const answer = await page.request.get(`${BASE}/shop/wrenfold/document/paper-care`);
  assert.equal(answer.headers()['content-type'], 'application/pdf');
  assert.deepEqual(await answer.body(), pdf);
  await kept(() => page.getByRole('button', { name: 'Delete this document' }).click());
  assert.equal((await page.request.get(`${BASE}/shop/wrenfold/document/paper-care`)).status(), 404);
});
