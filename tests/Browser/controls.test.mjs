// Numbers are fields: steps, sums and units are typed, the way back is beside them, and what has no effect says what would let it.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, edited, noAxeFindings, settled, shopFrame, shows, signedIn, undo } from './support.mjs';

const { page } = await signedIn();
const LOOK = `${BASE}/workbench/looks/1`;
const open = async (rest) => { await page.goto(`${LOOK}/${rest}`); await settled(page); };
const live = (property) => shopFrame(page).evaluate((name) => getComputedStyle(document.documentElement).getPropertyValue(name).trim(), property);

test('a number is stepped, typed as a sum or with a unit, dragged, and brought back', async () => {
  await open('header?open_part=header&page=home');
  const field = page.locator('#c-header-space-top');
  const was = await field.inputValue();
  await field.focus();
  await page.keyboard.press('ArrowUp');
  assert.equal(await live('--header-space-top'), `${Number(was) + 1}px`, 'it shows before it is kept');
  await edited(page, () => page.keyboard.press('Shift+ArrowUp'));
  assert.equal(await field.inputValue(), String(Number(was) + 11));
  const wide = await field.evaluate((e) => e.getBoundingClientRect().toJSON());
  assert.ok(await page.locator('[data-reach="header.space.top"] .original').isVisible());
  await field.fill('8*1.5');
  await edited(page, () => page.keyboard.press('Enter'));
  assert.equal(await field.inputValue(), '12');
  await field.fill('1rem');
  await edited(page, () => field.blur());
  assert.equal(await field.inputValue(), '16');
  assert.equal(await live('--header-space-top'), '16px');
  await field.fill('wide');
  await field.blur();
  await page.locator('[data-reach="header.space.top"] .refused').waitFor();
  assert.match(await page.locator('[data-reach="header.space.top"] .refused').textContent(), /“wide” is not a number/);
  assert.equal(await field.inputValue(), 'wide', 'what was typed stays');
  await noAxeFindings(page, 'a refused number');
  await edited(page, () => page.locator('[data-reach="header.space.top"] [type=range]').dblclick());
  await page.waitForFunction(() => !document.querySelector('[data-reach="header.space.top"] .original'));
  assert.equal(await field.inputValue(), was);
  assert.equal(await page.locator('[data-reach="header.space.top"] .original').count(), 0);
  assert.equal(await field.evaluate((e) => e.getBoundingClientRect().width), wide.width, 'the row keeps its width');
});

test('what has no effect says why, and what would let it', async () => {
  await open('fonts?page=home');
  assert.match(await page.locator('[data-reach="type.heading.weight"]').textContent(), /Gloock has one weight/);
  await page.locator('[data-reach="type.heading.weight"]').getByRole('link', { name: 'Choose another font' }).click();
  await page.waitForFunction(() => document.activeElement.id === 'c-type-heading-family');
  await open('pages?open_part=band-lead-1&page=home');
  const veil = page.locator('[data-reach="band.lead-1.veil"]');
  assert.match(await veil.textContent(), /Has no effect while “Lead picture: words stand”/);
  assert.ok(await veil.evaluate((e) => e.classList.contains('is-idle')));
  await edited(page, () => veil.getByRole('button', { name: /^Choose “/ }).click());
  assert.ok(await veil.evaluate((e) => !e.classList.contains('is-idle')));
  await undo(page);
});

test('labels do not repeat the name of their group', async () => {
  await open('pages?open_part=band-lead-1&page=home');
  assert.deepEqual(await page.locator('#p-item label, #p-item .field-label').evaluateAll((labels) => labels.filter((l) => l.textContent.includes('Lead picture:')).map((l) => l.textContent)), []);
  assert.doesNotMatch(await page.locator('#bench').textContent(), /\d+ settings/);
});

test('a row is taken by its grip and moved by key, and what is deleted can be had back', async () => {
  await open('pages?open_part=home&page=home');
  const names = () => page.locator('[data-sortable] > li').evaluateAll((rows) => rows.map((r) => r.dataset.name));
  const before = await names();
  await page.locator('[data-name="lead-1"] .grip-handle').focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Escape');
  assert.deepEqual(await names(), before, 'Escape puts it back');
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowDown');
  assert.match(await page.locator('#announce').textContent(), /^2 of/);
  await edited(page, () => page.keyboard.press('Space'));
  assert.deepEqual(await names(), [before[1], before[0], ...before.slice(2)]);
  await edited(page, () => page.locator('[data-press=undo]').click());
  await page.locator(`[data-name="${before[1]}"] .item-name`).focus();
  await edited(page, () => page.keyboard.press('Delete'));
  assert.deepEqual(await names(), [before[0], ...before.slice(2)]);
  await page.waitForFunction((name) => document.activeElement.closest('li')?.dataset.name === name, before[2]);
  assert.match(await page.locator('#notice').textContent(), /deleted\. Undo/);
  await edited(page, () => page.locator('#notice').getByRole('button', { name: 'Undo' }).click());
  assert.deepEqual(await names(), before);
});

test('keys lead from region to region, list themselves, and work from within the window', async () => {
  await open('header?page=home');
  const region = () => page.evaluate(() => document.activeElement.closest('header.bar, #steps, [data-window], #sheet, #bench, #tape')?.id || document.activeElement.closest('header.bar')?.className.slice(0, 3));
  await page.locator('#find').focus();
  const seen = [];
  for (let i = 0; i < 7; i += 1) {
    await page.keyboard.press('F6');
    seen.push(await region());
  }
  assert.deepEqual(seen.filter((r) => r !== 'tape').slice(0, 5), ['steps', 'sheet', 'window', 'bench', 'bar'], 'the tape, too, when it counts something');
  await shopFrame(page).locator('.menu a').first().focus();
  await page.keyboard.press('?');
  assert.ok(await page.locator('#keys').isVisible());
  await noAxeFindings(page, 'the list of keys');
  await page.keyboard.press('Escape');
  const field = page.locator('#c-header-space-top');
  const was = await field.inputValue();
  await field.fill(String(Number(was) + 3));
  await edited(page, () => page.keyboard.press('Enter'));
  await shopFrame(page).locator('.menu a').first().focus();
  await edited(page, () => page.keyboard.press('Control+z'));
  assert.equal(await field.inputValue(), was);
});

test('what is found shows where it is and what it is, and is changed from the list', async () => {
  await open('colors?page=home');
  const rows = page.locator('#found [role=option]');
  const ask = async (words) => {
    const answer = page.waitForResponse((r) => r.url().includes('/find?'));
    await page.locator('#find').fill(words);
    await answer;
    await settled(page);
  };
  await ask('space above 25');
  assert.match(await rows.first().textContent(), /Space above: set to 25 px\s+Header, 18 px\s+change/);
  await noAxeFindings(page, 'the find box', ['.living', '.cloth', '.pair-table']);
  await edited(page, () => page.keyboard.press('Enter'));
  assert.equal(await live('--header-space-top'), '25px');
  await undo(page);
  await ask('heron folding');
  await rows.filter({ hasText: 'Heron folding lantern' }).first().click();
  await page.waitForFunction(() => document.querySelector('iframe').contentWindow.location.pathname.endsWith('/product/heron-folding-lantern'));
  await settled(page);
  // What the tape counts is opened from it.
  await open('header?page=cart');
  await page.locator('#tape-reach summary').click();
  await page.locator('#tape [data-visit=home]').click();
  await page.waitForFunction(() => document.querySelector('[data-page]').value === 'home' && document.querySelector('.reach-lights rect'));
});

test('words written on the bench stand in the window with every key, before they are kept', async () => {
  await open('pages?open_part=band-lead-1&page=home');
  const shown = () => shopFrame(page).evaluate(() => document.querySelector('.lead h1').textContent);
  const was = await shown();
  const seen = await page.locator('#state [name=seen]').inputValue();
  const field = page.locator('#c-band-lead-1-heading');
  await field.focus();
  await page.keyboard.press('End');
  await page.keyboard.type(' by the water', { delay: 5 });
  await shows(page, shown, `${was} by the water`);
  assert.equal(await page.locator('#state [name=seen]').inputValue(), seen, 'nothing is kept while it is written');
  await edited(page, () => page.keyboard.press('Tab'));
  await shows(page, shown, `${was} by the water`);
  await undo(page);
});

test('several rows are picked with Shift and deleted or hidden at once', async () => {
  await open('pages?open_part=home&page=home');
  const rows = () => page.locator('[data-items] > ol > li').evaluateAll((all) => all.map((r) => r.dataset.name));
  const before = await rows();
  await page.locator(`[data-name="${before[1]}"] .item-name`).focus();
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  assert.equal(await page.locator('.is-among').count(), 3);
  await page.keyboard.press('Escape');
  assert.equal(await page.locator('.is-among').count(), 0);
  await page.locator(`[data-name="${before[1]}"] .grip-handle`).click({ modifiers: ['Shift'] });
  await page.locator(`[data-name="${before[2]}"] .item-name`).click({ modifiers: ['Shift'] });
  await edited(page, () => page.keyboard.press('Delete'));
  assert.deepEqual(await rows(), [before[0], ...before.slice(3)]);
  assert.match(await page.locator('#notice').textContent(), /^2 rows deleted\. Undo/);
  await edited(page, () => page.locator('#notice').getByRole('button', { name: 'Undo' }).click());
  assert.deepEqual(await rows(), before);
  await page.locator(`[data-name="${before[0]}"] .item-name`).focus();
  await page.keyboard.press('Shift+ArrowDown');
  await edited(page, () => page.keyboard.press('h'));
  assert.equal(await page.locator('.item.is-off').count(), 2);
  await undo(page);
});
