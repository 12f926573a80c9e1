// Numbers are fields: steps, sums and units are typed, the way back is beside them, and what has no effect says what would let it.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, edited, noAxeFindings, settled, shopFrame, signedIn, undo } from './support.mjs';

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
