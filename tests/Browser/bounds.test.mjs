// Every setting at its least and its most, every choice, and the worst words: no page scrolls sideways at 320 px
// (WCAG 2.2, 1.4.10) and no words lie on other words, on a phone or a desktop.
import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { openFull, overlappingWords } from './catalog.mjs';
import { BASE, change, noAxeFindings, startBrowser, undo } from './support.mjs';

let browser;
let page;
let settings;
let paths;
let states;
before(async () => {
  browser = await startBrowser();
  ({ page, paths, settings, states } = await openFull(browser, { 'utility.email.show': 'on', 'announcement.turn': 'together', 'header.account': 'on', 'header.saved': 'on' }));
});
after(async () => {
  await undo(page).finally(() => browser.close());
});

/** Words nobody would wish for, cut to what a setting takes. */
const WORDS = {
  'one word without end': (most) => 'Donaudampfschifffahrtsgesellschaftskapitän'.repeat(30).slice(0, most),
  'as long as it may be': (most) => 'Light for the long evenings by the water '.repeat(30).slice(0, most).trim(),
  'nothing at all': () => '',
  'right to left': (most) => 'أضواء للأمسيات الطويلة عند الماء '.repeat(20).slice(0, most).trim(),
  'emoji': (most) => [...'🏮🕯️👩‍👩‍👧‍👦🌊🪔✨'.repeat(20)].slice(0, Math.floor(most / 2)).join('').slice(0, most),
  'four scripts': (most) => 'Свет 夜の灯り φώτα मंद दीया Licht '.repeat(20).slice(0, most).trim(),
};

async function holds(state) {
  const problems = [];
  // Each page is loaded once and then made wide or narrow: the window keeps the width the page before ended with.
  let widths = [320, 1280];
  for (const [key, path] of Object.entries(paths)) {
    // What states have of their own stands on these three; all else on them is on other pages, too.
    if (states.includes(key) && !['cards', 'cart-refused', 'letter-refused'].includes(key)) continue;
    widths = widths.reverse();
    await page.goto(`${BASE}/preview/1/now/shop/wrenfold${path}`, { waitUntil: 'domcontentloaded' });
    await page.evaluate(() => document.fonts.ready);
    for (const width of widths) {
      await page.setViewportSize({ width, height: 800 });
      const wide = await page.evaluate(() => document.documentElement.scrollWidth);
      if (wide > width) {
        const who = await page.evaluate((w) => [...document.querySelectorAll('body *')].filter((e) => e.getBoundingClientRect().right > w + 1 && !e.closest('.sidecart, .pictures-strip')).slice(-1).map((e) => `${e.tagName}.${e.className}`).join(), width);
        problems.push(`${key} at ${width} is ${wide} wide: ${who}`);
      }
      const words = await page.evaluate(overlappingWords);
      if (words.length > 0) problems.push(`${key} at ${width}: ${words.slice(0, 2).join('; ')}`);
    }
  }
  assert.deepEqual(problems, [], state);
}

/** Takes the change back whatever comes of it, so that one state never lies under the next. */
async function holdsAfter(changing, state) {
  const isChanged = await changing;
  try {
    await holds(state);
  } finally {
    if (isChanged) await undo(page);
  }
}

const all = (test, value) => Object.fromEntries(settings.filter(test).map((s) => [s.path, value(s)]));
const isMeasure = (s) => ['length', 'number', 'size', 'count'].includes(s.type);
const isWords = (s) => s.type === 'text' && !s.path.startsWith('season.');

for (const [name, value] of [['least', (s) => s.least], ['most', (s) => s.most]]) {
  test(`with every measure at its ${name}`, async () => {
    await holdsAfter(change(page, all(isMeasure, value)), name);
  });
}

for (const [name, make] of Object.entries(WORDS)) {
  test(`with the worst words everywhere: ${name}`, async () => {
    await holdsAfter(change(page, all(isWords, (s) => make(s.most))), name);
  });
}

test('with the largest letters and the longest words at once', async () => {
  await holdsAfter(change(page, { ...all((s) => isMeasure(s) && /size|base|scale|weight/.test(s.path), (s) => s.most), ...all(isWords, (s) => WORDS['one word without end'](s.most)), 'grid.columns.phone': '3', 'card.space': '32' }), 'large and long');
});

test('with every choice in turn', async () => {
  const isChoice = (s) => ['choice', 'menu', 'font'].includes(s.type) && !s.path.endsWith('.scheme') && !s.path.startsWith('season.');
  const rounds = Math.max(...settings.filter((s) => isChoice(s) && s.type === 'choice').map((s) => s.choices.length));
  for (let round = 0; round < rounds; round += 1) {
    await holdsAfter(change(page, all(isChoice, (s) => s.choices[round % s.choices.length])), `choice ${round + 1}`);
  }
});

test('with everything that can be off switched off', async () => {
  await holdsAfter(change(page, all((s) => s.type === 'switch', () => 'off')), 'all off');
});

test('axe finds nothing on a look that shows everything there is', async () => {
  for (const [key, path] of Object.entries(paths)) {
    for (const width of [1280, 390]) {
      await page.setViewportSize({ width, height: 800 });
      await page.goto(`${BASE}/preview/1/now/shop/wrenfold${path}`);
      await noAxeFindings(page, `${key} at ${width}`);
    }
  }
});
