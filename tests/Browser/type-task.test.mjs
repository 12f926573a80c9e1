// What somebody comes to Fonts for, from start to end: a family tried on, a pair taken for its reason, the headline's ends moved while its
// lines break, the brand's own font told what it can do and lacks, what it costs, and all of it undone; by pointer, and by keyboard alone.
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import subsetFont from 'subset-font';
import { BASE, edited, forget, settled, shopFrame, shows, signedIn } from './support.mjs';

const { page } = await signedIn();

/** A brand's font without an H, which some of the shop's goods begin with. */
async function brandsFont() {
  const bytes = await subsetFont(readFileSync('build/fonts/gloock-latin.ttf'), 'abcdefghijklmnopqrstuvwxyzABCDEFGIJKLMNOPQRSTUVWXYZ0123456789 .,:;-–’“”$&%', { targetFormat: 'truetype' });
  const utf16 = (text) => Buffer.from([...text].flatMap((c) => [0, c.charCodeAt(0)]));
  for (let at = bytes.indexOf(utf16('Gloock')); at >= 0; at = bytes.indexOf(utf16('Gloock'), at + 1)) utf16('Larkly').copy(bytes, at);
  return { name: 'larkly.ttf', mimeType: 'font/ttf', buffer: bytes };
}

const headline = () => shopFrame(page).evaluate(() => {
  const h1 = document.querySelector('.lead-words h1');
  const range = document.createRange();
  range.selectNodeContents(h1);
  return { family: getComputedStyle(h1).fontFamily.split(',')[0].replaceAll('"', ''), lines: new Set([...range.getClientRects()].map((box) => Math.round(box.top))).size };
});
const family = async () => (await headline()).family;
const lines = async () => (await headline()).lines;
const cost = async () => (await page.locator('#bench').textContent()).match(/(\d+) files? of letters on a page, ([\d.]+) kB/).slice(1).map(Number);
const bench = () => page.locator('#bench').textContent();
/** Where a device's frame stands is drawn anew when it is changed. */
const isOn = (device) => shows(page, () => page.locator(`[data-device=${device}]`).first().getAttribute('aria-pressed'), 'true');

/** What the bench tells once the font is taken: what it lacks and where, and which families have it. */
async function tellsWhatIsMissing() {
  await shows(page, family, 'Larkly');
  const told = await page.locator('.step-findings').first().textContent();
  assert.match(told, /Larkly has no H/);
  assert.match(told, /H \(in “.*“Heron”/, 'the words it stands in, goods too');
  assert.match(told, /each has all of your shop’s letters/, 'the families that have them');
}

test('by pointer', async () => {
  await page.goto(`${BASE}/workbench/looks/1/start?page=home`);
  await settled(page);
  await page.locator('.step', { hasText: 'Fonts' }).click();
  await settled(page);
  const was = { family: await family(), cost: await cost() };
  const literata = page.locator('.shelf .family', { hasText: 'Literata' }).first();
  await literata.hover();
  await shows(page, family, 'Literata');
  await page.mouse.move(640, 300);
  await shows(page, family, was.family);

  const pair = page.locator('.pair').first();
  assert.match(await pair.textContent(), /Small letters .+ strokes swell/);
  await edited(page, () => pair.click());
  assert.notDeepEqual(await cost(), was.cost, 'what it costs is told');

  await page.locator('[data-device=phone]').first().click();
  await isOn('phone');
  await shows(page, async () => (await lines()) > 0, true);
  const before = await lines();
  const drag = async (end, up) => {
    const box = await page.locator(`[data-voice=heading] [data-end=${end}]`).boundingBox();
    await page.mouse.move(box.x + 20, box.y + 12);
    await page.mouse.down();
    await page.mouse.move(box.x + 20, box.y + 12 - up, { steps: 6 });
  };
  await drag('phone', 150);
  await shows(page, async () => (await lines()) > before, true);
  await edited(page, () => page.mouse.up());
  await page.locator('[data-device=desktop]').first().click();
  await isOn('desktop');
  await drag('desktop', -40);
  await edited(page, () => page.mouse.up());

  await page.setInputFiles('#own-font', await brandsFont());
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.getByText('What the font says of its use:').waitFor();
  await page.getByRole('checkbox', { name: /I have its license/ }).check();
  await page.getByRole('button', { name: 'Keep it' }).click();
  const larkly = page.locator('.shelf .family', { hasText: 'Larkly' });
  await larkly.waitFor();
  await edited(page, () => larkly.click());
  await tellsWhatIsMissing();

  for (let i = 0; i < 4; i += 1) await edited(page, () => page.locator('[data-press=undo]').click());
  await shows(page, family, was.family);
  assert.deepEqual(await cost(), was.cost);
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await shows(page, () => larkly.count(), 0);
  forget(page);
});

test('by keyboard alone', async () => {
  await page.goto(`${BASE}/workbench/looks/1/start?page=home`);
  await settled(page);
  const press = async (...keys) => { for (const key of keys) await page.keyboard.press(key); };
  const tabTo = async (selector, key = 'Tab') => {
    for (let i = 0; i < 200; i += 1) {
      if (await page.evaluate((s) => document.activeElement.matches(s), selector)) return;
      await press(key);
    }
    assert.fail(`${key} never reached ${selector}`);
  };
  await press('Control+k');
  await page.keyboard.type('first heading font');
  await page.waitForFunction(() => document.querySelector('#found [aria-selected=true]')?.textContent.includes('First heading font'));
  await press('Enter');
  await page.waitForFunction(() => document.activeElement.id === 'c-type-heading-family');
  await settled(page);
  const was = { family: await family(), cost: await cost() };

  await tabTo('.shelf .family');
  await press('ArrowDown');
  await shows(page, async () => (await family()) !== was.family, true);
  await press('ArrowUp');
  await shows(page, family, was.family);
  await tabTo('.pair');
  assert.match(await page.evaluate(() => document.activeElement.textContent), /Small letters .+ strokes swell/);
  await edited(page, () => press('Enter'));
  assert.notDeepEqual(await cost(), was.cost);

  // From the bench to the sheet above the window.
  await press('Shift+F6', 'Shift+F6');
  await tabTo('[data-voice=heading] [data-end=phone]');
  const linesOf = async (screen) => Number((await bench()).match(new RegExp(`${screen} px\\s*(\\d+)\\s+line`))[1]);
  const before = await linesOf(390);
  await edited(page, () => press(...Array(5).fill('PageUp'), 'Enter'));
  assert.ok((await linesOf(390)) > before, await bench());
  await tabTo('[data-voice=heading] [data-end=desktop]');
  await edited(page, () => press('PageDown', 'Enter'));

  await press('F6', 'F6');
  await tabTo('#own-font');
  // Which file is chosen is asked by a dialog of the device.
  await page.setInputFiles('#own-font', await brandsFont());
  await tabTo('#own-asked button');
  await press('Enter');
  await page.getByText('What the font says of its use:').waitFor();
  await tabTo('#own-asked [name=confirmed]', 'Shift+Tab');
  await press('Space');
  await tabTo('#own-asked button');
  await press('Enter');
  await page.locator('.shelf .family', { hasText: 'Larkly' }).waitFor();
  await settled(page);
  await tabTo('.shelf .family', 'Shift+Tab');
  for (let i = 0; i < 10 && !(await page.evaluate(() => document.activeElement.textContent.includes('Larkly'))); i += 1) await press('ArrowDown');
  await edited(page, () => press('Enter'));
  await tellsWhatIsMissing();

  for (let i = 0; i < 4; i += 1) await edited(page, () => press('Control+z'));
  await shows(page, family, was.family);
  assert.deepEqual(await cost(), was.cost);
  await page.getByRole('button', { name: 'Remove', exact: true }).focus();
  await press('Enter');
  await shows(page, () => page.locator('.shelf .family', { hasText: 'Larkly' }).count(), 0);
  forget(page);
  assert.deepEqual(page.troubles, []);
});
