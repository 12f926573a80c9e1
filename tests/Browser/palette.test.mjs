// Colors beyond one scheme: other eyes, ready palettes, near-duplicates, files in and out.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, change, edited, forget, noAxeFindings, settled, shopFrame, shows, signedIn, undo } from './support.mjs';

const { page } = await signedIn();

const open = async (bench = 'schemes') => { await page.goto(`${BASE}/workbench/looks/1/colors?open_part=${bench}`); await settled(page); };
const brand = (key) => shopFrame(page).evaluate((k) => getComputedStyle(document.documentElement).getPropertyValue(`--brand-${k}`).trim(), key);
const posted = (press) => edited(page, press, /\/(edits|palette|take)$/);
const undoHere = () => edited(page, () => page.locator('[data-press=undo]').click());

/** Waits until a brand color of the window is what it should be. */
const becomes = (key, expected) => shows(page, () => brand(key), expected);

test('the window and the pairs are seen with other eyes, and as they are again', async () => {
  await open('pairs');
  const filter = () => page.evaluate(() => document.querySelector('[data-stage]').style.filter);
  await page.getByRole('button', { name: /deutan/ }).click();
  assert.match(await filter(), /sees-deutan/);
  assert.match(await page.evaluate(() => document.querySelector('.pair-table').style.filter), /sees-deutan/);
  // The published matrix (Machado and others, 2009) on the browser's own pixels: pure red becomes a dark yellow.
  const seen = await page.evaluate(async () => {
    const canvas = document.createElement('canvas');
    canvas.width = canvas.height = 1;
    const pen = canvas.getContext('2d');
    pen.filter = 'url(#sees-deutan)';
    pen.fillStyle = '#ff0000';
    pen.fillRect(0, 0, 1, 1);
    return [...pen.getImageData(0, 0, 1, 1).data];
  });
  for (const [i, v] of [163, 144, 0].entries()) assert.ok(Math.abs(seen[i] - v) <= 3, seen.join());
  await page.getByRole('button', { name: 'as it is' }).click();
  assert.equal(await filter(), '');
});

test('a ready palette is tried on, some of its colors are taken in one edit', async () => {
  await open('brand');
  const was = await brand('main');
  const plum = page.locator('.ready summary', { hasText: 'Slate and moss' });
  await plum.scrollIntoViewIfNeeded();
  await plum.hover();
  await becomes('main', '#2f4a2c');
  await page.mouse.move(300, 400);
  await becomes('main', was);
  await plum.click();
  const form = page.locator('.ready details[open] form');
  for (const label of ['Paper', 'Sheet', 'Mist', 'Ink', 'Thread', 'Warm', 'Cool', 'Second']) await form.getByLabel(label).uncheck();
  await posted(() => form.getByRole('button', { name: 'Take these colors of Slate and moss' }).click());
  await becomes('main', '#2f4a2c');
  assert.equal(await brand('paper'), '#f9f3e6');
  // Under the pointer another palette may lie by now, and would be tried on.
  await page.mouse.move(300, 400);
  await undoHere();
  await becomes('main', was);
});

test('colors that are nearly the same are offered for merging', async () => {
  await change(page, { 'scheme.daylight.quiet': '#ebdfc6' });
  await open('all');
  await noAxeFindings(page, 'colors with a near duplicate');
  await posted(() => page.getByRole('button', { name: 'Link it to Mist' }).click());
  assert.match(await page.locator('[aria-labelledby=t-all]').textContent(), /No two of them are hard to tell apart/);
  await undoHere();
  await undoHere();
  forget(page);
});

test('a color in use is copied to another setting, and the screen’s eyedropper gives one', async () => {
  // Not every browser has an eyedropper: the test brings one that always picks the same.
  await page.addInitScript(() => { window.EyeDropper = class { open() { return Promise.resolve({ sRGBHex: '#336699' }); } }; });
  await open();
  await page.locator('.p-link').click();
  await settled(page);
  await posted(() => page.getByRole('button', { name: 'Set #b4420a' }).first().click());
  assert.equal(await page.locator('#typed').inputValue(), '#b4420a');
  // By key: the row is one stop, the arrows go along it.
  const first = page.locator('.chip-row').first().locator('button').first();
  await first.focus();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('ArrowRight');
  assert.equal(await page.evaluate(() => [...document.activeElement.parentElement.querySelectorAll('button')].indexOf(document.activeElement)), 3);
  await posted(() => page.getByRole('button', { name: 'Take a color from the screen' }).click());
  assert.equal(await page.locator('#typed').inputValue(), '#336699');
  assert.ok(await page.locator('.chip-row', { hasText: 'Recent' }).getByRole('button', { name: 'Set #336699' }).count() === 1);
  await noAxeFindings(page, 'colors in use', ['.living', '.cloth', '.pair-table']);
  await undoHere();
  await undoHere();
});

test('what is pointed at in the window has its name, and a click leads to its color', async () => {
  await open();
  await shopFrame(page).locator('.card-name a').first().hover();
  await page.waitForFunction(() => document.querySelector('.thing-name').textContent === 'Product name');
  await shopFrame(page).locator('.band-head h2').first().click();
  await page.waitForURL(/open_path=scheme\.daylight\.heading/);
  await settled(page);
  assert.match(await page.locator('#t-picker').textContent(), /Daylight: heading/);
  assert.match(await page.locator('.picked-tag').textContent(), /color\s+Daylight: heading/);
  await noAxeFindings(page, 'pointing', ['.living', '.cloth', '.pair-table']);
});

test('all faint pairs are mended in one edit that is shown first', async () => {
  await change(page, { 'scheme.daylight.reduced': '{brand.accent}', 'scheme.daylight.link': '#e8dcc0', 'scheme.night.ink': '#4a4a90' });
  await open('pairs');
  assert.match(await page.locator('#t-mend').textContent(), /Fix all \d+ at once/);
  await page.getByRole('button', { name: 'Show what would fix them' }).click();
  await page.waitForSelector('[aria-labelledby=t-mend] .near li');
  await noAxeFindings(page, 'mending all', ['.living', '.cloth', '.pair-table']);
  await posted(() => page.getByRole('button', { name: /Make (this change|these \d+ changes)/ }).click());
  assert.equal(await page.locator('#t-mend').count(), 0);
  await undoHere();
  await page.waitForSelector('#t-mend');
  await undoHere();
  forget(page);
});

test('a palette goes out in four formats and comes back, with what was not understood listed', async () => {
  await open('all');
  for (const [format, begins] of [['css', ':root'], ['tokens', '{'], ['gpl', 'GIMP Palette'], ['svg', '<svg']]) {
    const text = await (await page.request.get(`${BASE}/workbench/looks/1/palette.${format}`)).text();
    assert.ok(text.startsWith(begins) && text.includes('main'), format);
  }
  await page.locator('#palette-file').setInputFiles({ name: 'p.css', mimeType: 'text/css', buffer: Buffer.from(':root{--main:#123456;--accent:oklch(0.9 0.1 90);--gap:4px;--fog:#eee}') });
  await posted(() => page.getByRole('button', { name: 'Bring the colors in' }).click());
  const report = await page.locator('.report').textContent();
  assert.match(report, /Taken: Main, Accent/);
  assert.match(report, /No color or scheme of their name here: fog #eeeeee/);
  assert.match(report, /Not understood:\s*--gap: “4px”/);
  await becomes('main', '#123456');
  await noAxeFindings(page, 'colors with a report', ['.living', '.cloth', '.pair-table']);
  await undoHere();
});

test('a palette with a scheme and a gradient of its own colors a look that has neither', async () => {
  await change(page, { 'palette.schemes': 'daylight,night,lamplit,kiln,counter,own1', 'name.scheme.own1': 'River', 'scheme.own1.ground': '{brand.cool}', 'scheme.night.gradient': 'linear-gradient(90deg, {brand.main} 0%, #101030 100%)' });
  const files = {};
  for (const format of ['css', 'tokens']) files[format] = await (await page.request.get(`${BASE}/workbench/looks/1/palette.${format}`)).body();
  await undo(page);
  for (const [format, name] of [['css', 'river.css'], ['tokens', 'river.tokens.json']]) {
    await open('all');
    await page.locator('#palette-file').setInputFiles({ name, mimeType: 'text/plain', buffer: files[format] });
    await page.getByLabel('Add colors and whole schemes').check();
    await posted(() => page.getByRole('button', { name: 'Bring the colors in' }).click());
    const report = await page.locator('.report').textContent();
    assert.match(report, /Taken: Night: gradient of the background, River, a new scheme\./);
    assert.match(report, /were here as in the file already/);
    await page.waitForFunction(() => getComputedStyle(document.querySelector('iframe').contentDocument.querySelector('.announcement')).backgroundImage.startsWith('linear-gradient(90deg'));
    await open('schemes');
    assert.equal(await page.locator('.sample', { hasText: 'River' }).count(), 1);
    await undoHere();
  }
});
