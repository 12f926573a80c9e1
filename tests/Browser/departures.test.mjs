// A part, a block or a single button departs from its color scheme in single roles: seen in the window, counted, checked, and taken back.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, change, edited, noAxeFindings, noSmallTargets, settled, shopFrame, shows, signedIn, undo } from './support.mjs';

const { page } = await signedIn();
const LOOK = `${BASE}/workbench/looks/1`;
const SAMPLES = ['.living', '.cloth', '.fix svg'];
const open = async (rest) => { await page.goto(`${LOOK}/${rest}`); await settled(page); };
const painted = (selector, property) => shopFrame(page).evaluate(([s, p]) => getComputedStyle(document.querySelector(s))[p], [selector, property]);
const posted = (act) => edited(page, act, /\/(edits|undo|redo|depart|back)$/);

test('the header gets colors of its own from the list of parts, follows its scheme in all others, and goes back', async () => {
  await open('colors?open_scheme=daylight&page=home');
  const [ground, menu] = [await painted('.header', 'backgroundColor'), await painted('.menu a', 'color')];
  await posted(() => page.getByRole('button', { name: /^Header: only here/ }).click());
  await page.waitForFunction(() => document.querySelector('#t-sample').textContent.startsWith('Header'));
  assert.equal(await painted('.header', 'backgroundColor'), ground, 'nothing has changed yet');
  assert.match(await page.locator('#tool-t-own').textContent(), /Header\s*still all as in Daylight/);
  assert.equal(await page.locator('.sample').count(), 5, 'it is not one of the schemes');

  // A brand color by its swatch, a free color, and another role.
  await page.locator('.p-menu').click();
  await settled(page);
  await posted(() => page.getByRole('button', { name: 'Link to Warm' }).click());
  await shows(page, async () => (await painted('.menu a', 'color')) !== menu, true);
  await page.locator('.p-ground').click();
  await settled(page);
  await page.locator('#typed').fill('#101418');
  await posted(() => page.locator('#typed').press('Enter'));
  await shows(page, () => painted('.header', 'backgroundColor'), 'rgb(16, 20, 24)');
  assert.equal(await shopFrame(page).evaluate(() => getComputedStyle(document.body).backgroundColor), ground, 'the page keeps the scheme');
  assert.match(await page.locator('#tool-t-own').textContent(), /Daylight with 2 colors of its own/);
  assert.match(await page.locator('#tape').textContent(), /Findings in Colors/, 'what departs is checked as the rest is');
  await noAxeFindings(page, 'a departure', SAMPLES);
  await noSmallTargets(page, 'a departure', SAMPLES);

  // What changes in the scheme changes in the header, but for what departs.
  await change(page, { 'scheme.daylight.link': '#00695c', 'scheme.daylight.menu': '#00695c' });
  await open('colors?open_scheme=daylight&page=home');
  assert.notEqual(await painted('.menu a', 'color'), 'rgb(0, 105, 92)');
  // A part of another kind is not offered what was made for this one.
  await open('footer?open_part=footer');
  assert.deepEqual(await page.locator('#c-footer-scheme option').allTextContents(), ['Daylight', 'Night', 'Lamplit', 'Kiln', 'Counter']);
  await open('colors?open_scheme=daylight&page=home');
  await posted(() => page.locator('#tool-t-own').getByRole('button', { name: /as in Daylight\s+for background/ }).click());
  await shows(page, () => painted('.header', 'backgroundColor'), ground);
  assert.match(await page.locator('#tool-t-own').textContent(), /1 color of its own/);
  await posted(() => page.locator('#tool-t-own').getByRole('button', { name: /all back\s+to Daylight: Header/ }).click());
  await page.waitForFunction(() => !document.querySelector('#tool-t-own'));
  await shows(page, () => painted('.menu a', 'color'), 'rgb(0, 105, 92)');
  for (let i = 0; i < 6; i += 1) await undo(page);
  assert.deepEqual(page.troubles, []);
});

test('a single button is picked in the window and gets a color of its own', async () => {
  await open('pages?open_part=band-lead-1&page=home');
  const before = await painted('.lead .button', 'backgroundColor');
  await shopFrame(page).locator('.lead .button').click();
  await page.waitForSelector('[data-selected]:not([hidden]) [data-key=o]');
  await posted(() => page.locator('[data-selected] [data-key=o]').click());
  await page.waitForFunction(() => document.querySelector('#tool-t-own')?.textContent.includes('button'));
  assert.match(await page.locator('[data-picker]').getAttribute('data-path'), /^scheme\.own\d+\.action$/, 'its own color is open');
  await page.locator('#typed').fill('#7a1f5c');
  await posted(() => page.locator('#typed').press('Enter'));
  await shows(page, () => painted('.lead .button', 'backgroundColor'), 'rgb(122, 31, 92)');
  assert.notEqual(before, 'rgb(122, 31, 92)');
  await undo(page);
  await undo(page);
});

test('a footer block has a color scheme, and brand colors are offered where a single color is asked for', async () => {
  await open('footer?open_part=block-about-1');
  await edited(page, () => page.locator('#c-block-about-1-scheme').selectOption('lamplit'));
  await shows(page, async () => (await painted('.block-about-1, [data-part=block-about-1]', 'backgroundColor')) === (await shopFrame(page).evaluate(() => { const probe = document.createElement('i'); probe.style.color = 'var(--scheme-lamplit-ground)'; document.body.append(probe); const { color } = getComputedStyle(probe); probe.remove(); return color; })), true);
  await undo(page);
  await change(page, { 'checkout.ground': 'gradient' });
  await open('checkout?open_part=checkout');
  await edited(page, () => page.locator('[data-reach="checkout.ground.from"]').getByRole('button', { name: 'Link to Warm' }).click());
  assert.match(await page.locator('[data-reach="checkout.ground.from"]').textContent(), /Linked to Warm/);
  await undo(page);
  await undo(page);
  await open('logo');
  assert.ok(await page.locator('[data-reach="icon.ground"] .chip').count() > 5, 'for the icons, too');
});

test('a color is copied and pasted, by key', async () => {
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await open('colors?open_scheme=daylight&open_path=scheme.daylight.link&page=home');
  const link = await page.locator('[data-picker]').getAttribute('data-value');
  await page.locator('.p-link').focus();
  await page.keyboard.press('Control+c');
  assert.equal(await page.evaluate(() => navigator.clipboard.readText()), link);
  await page.locator('.p-price').click();
  await settled(page);
  await page.locator('.p-price').focus();
  await posted(() => page.keyboard.press('Control+v'));
  assert.equal(await page.locator('[data-picker]').getAttribute('data-value'), link);
  await undo(page);
});

test('the icons of the header stand in the order that was set', async () => {
  const order = () => shopFrame(page).evaluate(() => [...document.querySelectorAll('.header .tools .tool')].map((tool) => tool.getAttribute('aria-label').split(',')[0]));
  await open('header?open_part=header&page=home');
  assert.deepEqual(await order(), ['Cart', 'Saved items', 'Search', 'Your orders']);
  await edited(page, () => page.getByRole('button', { name: 'Move search up' }).click());
  await shows(page, order, ['Cart', 'Search', 'Saved items', 'Your orders']);
  await undo(page);
});
