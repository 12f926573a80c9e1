// The Storeroom over the bench: what a step needs of it is made and changed there, shows in the window, and is undone there.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, edited, noAxeFindings, settled, shopFrame, shows, signedIn } from './support.mjs';

const { page } = await signedIn();
const kept = (act) => edited(page, act, /\/storeroom\/(cells|new|delete|move|undo)$/);
const over = page.locator('#over');

test('a menu is changed over the header’s bench by keyboard alone, shows at once, and is undone there', async () => {
  await page.goto(`${BASE}/workbench/looks/1/header`);
  await settled(page);
  const opener = page.locator('#bench [data-over]').first();
  await opener.focus();
  const id = await opener.getAttribute('id');
  await page.keyboard.press('Enter');
  await over.locator('#over-title').waitFor();
  await page.waitForFunction(() => document.activeElement?.id === 'over-title');
  await over.getByRole('link', { name: /^Candles/ }).focus();
  await page.keyboard.press('Enter');
  const words = over.locator('#f-entries-label');
  await words.waitFor();
  await settled(page);
  await noAxeFindings(page, 'the Storeroom over the header');
  await words.focus();
  await page.keyboard.press('End');
  await page.keyboard.type(' by hand');
  await kept(() => page.keyboard.press('Enter'));
  await shows(page, () => shopFrame(page).locator('header nav a', { hasText: 'Candles by hand' }).first().textContent(), 'Candles by hand');
  assert.equal(await over.isVisible(), true, 'the panel stays open');
  await kept(() => over.getByRole('button', { name: /^Undo/ }).click());
  await shows(page, () => shopFrame(page).locator('header nav a', { hasText: 'Candles by hand' }).count(), 0);
  await page.keyboard.press('Escape');
  assert.equal(await over.isHidden(), true);
  await page.waitForFunction((was) => document.activeElement?.id === was, id);
});

test('a refusal stands beside its field there, and what leads somewhere opens what it leads to', async () => {
  await page.goto(`${BASE}/workbench/looks/1/pages?open_part=band-lead-1`);
  await settled(page);
  await page.locator('#bench [data-over^="address="]').first().click();
  await over.locator('#f-categories-name').waitFor();
  assert.equal(await over.locator('#f-categories-name').inputValue(), 'Paper lanterns');
  await over.locator('#f-categories-name').fill('');
  await over.locator('#f-categories-name').press('Enter');
  await over.locator('.refused').waitFor();
  assert.match(await over.locator('.refused').first().textContent(), /cannot be empty/);
  await over.locator('#f-categories-name').fill('Paper lanterns');
  await over.locator('#f-categories-name').press('Enter');
  await over.locator('.refused').waitFor({ state: 'detached' });
  await over.getByRole('button', { name: 'Close' }).click();
});

test('a code that a message promises is made over the message', async () => {
  await page.goto(`${BASE}/workbench/looks/1/header?open_part=message-message-1`);
  await settled(page);
  await page.locator('#bench [data-over^="open_kind=codes"]').first().click();
  await over.locator('#f-new-codes-code').fill('EVENINGS');
  await over.locator('#f-new-codes-discount').fill('a gift');
  await over.getByRole('button', { name: 'Make it' }).click();
  await page.waitForFunction(() => /Say which product is given/.test(document.body.innerText));
  await over.locator('#f-new-codes-discount').fill('15%');
  await kept(() => over.getByRole('button', { name: 'Make it' }).click());
  await over.getByRole('heading', { name: 'EVENINGS' }).waitFor();
  await kept(() => over.getByRole('button', { name: 'Delete this code' }).click());
  assert.equal(await over.getByRole('heading', { name: 'EVENINGS' }).count(), 0);
});

test('it goes with the step it was opened over', async () => {
  await page.goto(`${BASE}/workbench/looks/1/header`);
  await settled(page);
  await page.locator('#bench [data-over]').first().click();
  await over.locator('#over-title').waitFor();
  await page.getByRole('link', { name: 'Footer' }).click();
  await over.waitFor({ state: 'hidden' });
  assert.equal(await page.locator('#bench').evaluate((bench) => bench.inert), false);
});
