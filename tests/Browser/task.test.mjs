// The main task of the color desk, by pointer alone and by keyboard alone: indigo and cream, no failing pair, published. No
// text is typed.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, change, edited, forget, openPage, settled, SHOP, signedIn } from './support.mjs';

const { browser, page } = await signedIn();

const open = async () => { forget(page); await page.goto(`${BASE}/workbench/looks/1/colors`); await settled(page); };

/** Green on gray, with a text too faint: what the main task begins with. */
const GREEN = { 'brand.main': '#1f4a41', 'brand.second': '#2d6659', 'brand.paper': '#e9ebea', 'scheme.daylight.reduced': '{brand.accent}' };

/** Hue in degrees and lightness 0..1 (OKLCH) of what the public shop shows, as the browser converts it. */
async function publicColors() {
  const visitor = await openPage(browser);
  await visitor.goto(`${SHOP}/`);
  const found = await visitor.evaluate(() => {
    const probe = document.createElement('i');
    document.body.append(probe);
    const read = (color) => { probe.style.color = `oklch(from ${color} l c h)`; return getComputedStyle(probe).color.match(/[\d.]+/g).map(Number); };
    return { band: read(getComputedStyle(document.querySelector('.announcement')).backgroundColor), page: read(getComputedStyle(document.body).backgroundColor) };
  });
  await visitor.context().close();
  return found;
}

async function isIndigoAndCream() {
  const { band: [dark, , blue], page: [light, , warm] } = await publicColors();
  assert.ok(dark < 0.45 && blue > 262 && blue < 295, `indigo: ${dark} ${blue}`);
  assert.ok(light > 0.9 && warm > 65 && warm < 110, `cream: ${light} ${warm}`);
}

const lastEdit = () => page.locator('[data-press=undo] em').textContent();

/** Puts the first release live again and takes back every edit since one. */
async function takeBack(atFirst) {
  await edited(page, () => page.getByRole('button', { name: 'Make release 1 live again' }).click());
  for (let i = 0; i < 30 && (await lastEdit()) !== atFirst; i += 1) await edited(page, () => page.locator('[data-press=undo]').click());
  assert.equal(await lastEdit(), atFirst);
  forget(page);
}

test('the main task by pointer alone: indigo and cream, no failing pair, published', async () => {
  await open();
  const atFirst = await lastEdit();
  await change(page, GREEN);
  await open();
  await page.locator('.part-tab', { hasText: 'Brand colors' }).click();
  await settled(page);
  const slide = async (axis, share) => {
    const box = await page.locator(`[data-axis=${axis}]`).boundingBox();
    await edited(page, () => page.mouse.click(box.x + 8 + share * (box.width - 16), box.y + box.height / 2));
  };
  for (const [plate, hue, lightness, chroma] of [['Main', 278, 0.32, 0.13], ['Second', 278, 0.42, 0.13], ['Paper', 86, 0.965, 0.02]]) {
    await page.locator(`.plate[aria-label^="${plate},"]`).click();
    await page.waitForFunction((p) => document.querySelector('#t-picker').textContent.startsWith(p), plate);
    await settled(page);
    await page.locator('[data-plane]').scrollIntoViewIfNeeded();
    await slide('h', hue / 360);
    const plane = await page.locator('[data-plane]').boundingBox();
    await edited(page, () => page.mouse.click(plane.x + 1 + (chroma / 0.33) * 196, plane.y + 1 + (1 - lightness) * 150));
  }
  await page.locator('.part-tab', { hasText: 'Pairs' }).click();
  await page.getByRole('button', { name: /Show what would fix/ }).click();
  await edited(page, () => page.getByRole('button', { name: /^Make (this|these \d+) change/ }).click());
  assert.equal(await page.locator('.fails-stop').count(), 0);
  await page.locator('#bar-end .publish').click();
  await page.waitForSelector('#t-change');
  await edited(page, () => page.getByRole('button', { name: /^Publish \d/ }).click());
  await isIndigoAndCream();
  await takeBack(atFirst);
});

test('the main task by keyboard alone: indigo and cream, no failing pair, published', async () => {
  await open();
  const atFirst = await lastEdit();
  await change(page, GREEN);
  await open();
  const tabTo = async (selector, key = 'Tab') => {
    for (let i = 0; i < 200; i += 1) {
      await page.keyboard.press(key);
      if (await page.evaluate((s) => document.activeElement.matches(s), selector)) return;
    }
    assert.fail(`${key} never reached ${selector}`);
  };
  const fromTop = (selector) => page.evaluate(() => document.querySelector('.skip-link').focus()).then(() => tabTo(selector));
  /** Coarse steps of a tenth of the range, then fine ones. */
  const turn = async (axis, wanted) => {
    await tabTo(`[data-axis=${axis}]`);
    const step = { l: 0.1, c: 0.033, h: 36 }[axis];
    const fine = { l: 0.005, c: 0.002, h: 1 }[axis];
    await edited(page, async () => {
      const now = await page.evaluate(() => Number(document.activeElement.value));
      const coarse = Math.trunc((wanted - now) / step);
      for (let i = 0; i < Math.abs(coarse); i += 1) await page.keyboard.press(coarse > 0 ? 'PageUp' : 'PageDown');
      const then = await page.evaluate(() => Number(document.activeElement.value));
      const left = Math.round((wanted - then) / fine);
      for (let i = 0; i < Math.min(36, Math.abs(left)); i += 1) await page.keyboard.press(left > 0 ? 'ArrowRight' : 'ArrowLeft');
    });
  };
  await fromTop('.part-tab[href*="open_part=brand"]');
  await page.keyboard.press('Enter');
  await page.waitForSelector('.plate');
  await settled(page);
  for (const [plate, hue, lightness] of [['Main', 278, 0.32], ['Second', 278, 0.42], ['Paper', 86, 0.965]]) {
    await fromTop(`.plate[aria-label^="${plate},"]`);
    await page.keyboard.press('Enter');
    await page.waitForFunction((p) => document.querySelector('#t-picker').textContent.startsWith(p), plate);
    await settled(page);
    await turn('l', lightness);
    await turn('c', plate === 'Paper' ? 0.02 : 0.1);
    await turn('h', hue);
  }
  await fromTop('.part-tab[href*="open_part=pairs"]');
  await page.keyboard.press('Enter');
  await page.waitForSelector('#t-mend');
  await settled(page);
  await tabTo('[aria-labelledby=t-mend] .act');
  await page.keyboard.press('Enter');
  await page.waitForSelector('[aria-labelledby=t-mend] .publish');
  await settled(page);
  await tabTo('[aria-labelledby=t-mend] .publish');
  await edited(page, () => page.keyboard.press('Enter'));
  assert.equal(await page.locator('.fails-stop').count(), 0);
  await fromTop('#bar-end .publish');
  await page.keyboard.press('Enter');
  await page.waitForSelector('#t-change');
  await settled(page);
  await tabTo('.go .publish');
  await edited(page, () => page.keyboard.press('Enter'));
  await isIndigoAndCream();
  await takeBack(atFirst);
});
