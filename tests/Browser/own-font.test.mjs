// The brand's own font, as a merchant brings it: read, its license told and confirmed, tried on, taken, its missing letters told,
// and removed; by pointer, and once more by keyboard alone.
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { BASE, change, edited, forget, noAxeFindings, settled, shopFrame, shows, signedIn } from './support.mjs';

const { page } = await signedIn();

/** A shipped font stands for the merchant's: of another name, so that it is told apart. */
const own = (name) => {
  const bytes = readFileSync('build/fonts/gloock-latin.ttf');
  const utf16 = (text) => Buffer.from([...text].flatMap((c) => [0, c.charCodeAt(0)]));
  for (let at = bytes.indexOf(utf16('Gloock')); at >= 0; at = bytes.indexOf(utf16('Gloock'), at + 1)) utf16(name).copy(bytes, at);
  return { name: `${name}.ttf`, mimeType: 'font/ttf', buffer: bytes };
};

const open = async () => { await page.goto(`${BASE}/workbench/looks/1/fonts?open_voice=heading`); await settled(page); };
const undoHere = () => edited(page, () => page.locator('[data-press=undo]').click());
const shown = () => shopFrame(page).evaluate(() => getComputedStyle(document.querySelector('.lead-words h1')).fontFamily.split(',')[0].replaceAll('"', ''));
const ready = () => shopFrame(page).evaluate(async () => { await document.fonts.ready; return [...document.fonts].some((f) => f.family.includes('Wrenly') && f.status === 'loaded' && !f.family.includes('stand-in')); });
const tool = () => page.locator('section', { has: page.locator('#t-own') }).last();

test('a broken file is refused with the reason, and nothing of it is kept', async () => {
  await open();
  await page.setInputFiles('#own-font', { name: 'broken.ttf', mimeType: 'font/ttf', buffer: own('Wrenly').buffer.subarray(0, 9000) });
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.getByText('This font cannot be read').first().waitFor();
  assert.equal(await page.getByText('Keep it', { exact: true }).count(), 0);
});

test('it is read, its license is told and confirmed, and it stands before the other families', async () => {
  await open();
  await page.setInputFiles('#own-font', own('Wrenly'));
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.locator('#own-asked b', { hasText: 'Wrenly' }).waitFor();
  assert.match(await page.locator('#own-asked').textContent(), /weight 400; \d+ characters.*no restriction is written in it/s);
  await page.getByRole('checkbox', { name: /I have its license/ }).check();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await shows(page, () => page.locator('.shelf .family b').nth(1).textContent(), 'Wrenly 400');
  assert.match(await page.locator('#bench').textContent(), /Nothing speaks in it yet/);
  await noAxeFindings(page, 'fonts with one of the shop', ['iframe']);
});

test('it is tried on by hover, taken, set in its own letters, and what it lacks is told', async () => {
  await open();
  const wrenly = page.locator('.shelf .family', { hasText: 'Wrenly' });
  await wrenly.hover();
  await shows(page, shown, 'Wrenly');
  await edited(page, () => wrenly.click());
  await shows(page, shown, 'Wrenly');
  await shows(page, ready, true);
  assert.match(await page.locator('#bench').textContent(), /Used by: First heading, Second heading/);
  forget(page);
  await change(page, { 'band.lead-1.heading': 'Фонарь' });
  await open();
  assert.match(await page.locator('.step-findings').first().textContent(), /Wrenly has no Ф.*in “Фонарь”/s);
  await undoHere();
  await undoHere();
  assert.notEqual(await shown(), 'Wrenly');
});

test('it goes along with an exported theme, and is confirmed where the theme arrives', async () => {
  await open();
  const wrenly = page.locator('.shelf .family', { hasText: 'Wrenly' });
  await edited(page, () => wrenly.click());
  await page.goto(`${BASE}/workbench/looks/1/start`);
  await settled(page);
  await page.getByText('Your own font goes along: Wrenly.').waitFor();
  const buffer = Buffer.from(await (await page.request.get(`${BASE}/workbench/looks/1/theme.zip`)).body());
  await open();
  await undoHere();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await shows(page, () => page.locator('.shelf .family', { hasText: 'Wrenly' }).count(), 0);
  await page.goto(`${BASE}/workbench/looks/1/start`);
  await settled(page);
  await page.setInputFiles('#package', { name: 'theme.zip', mimeType: 'application/zip', buffer });
  await page.getByRole('button', { name: 'Check it and bring it in' }).click();
  await page.getByText('The theme brings a font with it').waitFor();
  await noAxeFindings(page, 'a theme that brings a font', ['iframe']);
  await page.getByRole('checkbox', { name: /I have its license/ }).focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /Remove Millrace from the shelf/ }).waitFor();
  await open();
  assert.equal(await page.locator('.shelf .family', { hasText: 'Wrenly' }).count(), 1);
  await page.getByText('Used by: the theme millrace').waitFor();
  await page.goto(`${BASE}/workbench/looks/1/start`);
  await settled(page);
  await page.getByRole('button', { name: /Remove Millrace from the shelf/ }).click();
  await shows(page, () => page.getByRole('button', { name: /Remove Millrace from the shelf/ }).count(), 0);
});

test('by keyboard alone: brought, taken, removed while it is used, and the shop goes back to what it had', async () => {
  await open();
  const press = async (keys) => { for (const key of keys) await page.keyboard.press(key); };
  await page.locator('.shelf .family').first().focus();
  await page.keyboard.press('ArrowDown');
  await shows(page, shown, 'Wrenly');
  await edited(page, () => page.keyboard.press('Enter'));
  await shows(page, shown, 'Wrenly');
  await page.locator('summary', { hasText: 'Remove' }).focus();
  await press(['Enter', 'Tab']);
  assert.equal(await page.evaluate(() => document.activeElement.textContent), 'Remove it all the same');
  await page.keyboard.press('Enter');
  await shows(page, () => page.locator('.shelf .family', { hasText: 'Wrenly' }).count(), 0);
  await open();
  assert.equal(await shown(), 'Gloock');
  await page.locator('#own-font').focus();
  // Which file is chosen is asked by a dialog of the device.
  await page.setInputFiles('#own-font', own('Wrenly'));
  await press(['Tab', 'Enter']);
  const box = page.getByRole('checkbox', { name: /I have its license/ });
  await box.waitFor();
  await box.focus();
  await press(['Space', 'Tab', 'Enter']);
  // Brought again it is what it was: the look speaks in it still.
  await shows(page, () => page.locator('.shelf .family b').first().textContent(), 'Wrenly 400');
  await undoHere();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await shows(page, () => tool().getByText('Wrenly').count(), 0);
});
