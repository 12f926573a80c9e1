// Type on the shop's own pages, in Chromium: lines hold as many characters as is said, fonts that come late move nothing, what is
// fetched first is seen first, and the spacing somebody needs cuts nothing off.
import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { after, before, test } from 'node:test';
import { openFull, overlappingWords } from './catalog.mjs';
import { BASE, change, standOn, startBrowser, still, undo } from './support.mjs';

let browser;
let page;
let paths;
before(async () => {
  browser = await startBrowser();
  ({ page, paths } = await openFull(browser, { 'utility.show': 'on', 'header.menu.folds': 'fits' }));
});
after(async () => {
  await undo(page).finally(() => browser.close());
});

const preview = (key) => `${BASE}/preview/1/now/shop/wrenfold${paths[key]}`;
const width = (screen) => page.setViewportSize({ width: screen, height: 800 });

/** Px of the widest column of text, and characters that its full lines hold on average, as Chromium sets them. */
function columnsOfText() {
  const found = [];
  for (const p of document.querySelectorAll('.prose p, .band-words > p, .product-side > p, .footer-block > p, .columns p, .lead-text')) {
    const node = [...p.childNodes].find((n) => n.nodeType === 3 && n.data.trim().length > 60);
    if (!node) continue;
    const range = document.createRange();
    const lines = new Map();
    for (let i = 0; i < node.length; i += 1) {
      range.setStart(node, i);
      range.setEnd(node, i + 1);
      const box = range.getClientRects()[0];
      if (box) lines.set(Math.round(box.top), (lines.get(Math.round(box.top)) ?? 0) + 1);
    }
    // What ends a paragraph is no full line.
    found.push({ width: p.getBoundingClientRect().width, size: parseFloat(getComputedStyle(p).fontSize), full: [...lines.values()].slice(0, -1) });
  }
  return found;
}

/** What the staff says of a screen. */
const said = (screen) => JSON.parse(execFileSync('php', ['artisan', 'type:lines', '--json', `--screen=${screen}`], { encoding: 'utf8' }));

test('no column of text is wider than is said, the widest is as wide, and its lines hold as many characters', async () => {
  // Every letter of the alphabet in running words, three lines and more of them.
  const words = 'The paper is folded wet and dries on a frame of split bamboo, which keeps its form for as long as the lantern hangs out of the rain. '.repeat(4).trim();
  await change(page, { 'band.words-1.text': words, 'band.words-1.picture': '', 'band.words-1.align': 'start' });
  for (const family of ['karla', 'lora']) {
    await change(page, { 'type.body.family': family });
    for (const screen of [390, 768, 1280, 1800]) {
      const { column, characters } = said(screen);
      await width(screen);
      let widest = 0;
      const counted = [];
      for (const key of ['home', 'content', 'product']) {
        await page.goto(preview(key));
        await page.evaluate(() => document.fonts.ready);
        for (const { width: px, full } of await page.evaluate(columnsOfText)) {
          widest = Math.max(widest, px);
          if (Math.abs(px - column) < 1) counted.push(...full);
        }
      }
      assert.ok(Math.abs(widest - column) < 0.6, `${family} on ${screen}: ${widest} px, ${column} said`);
      const mean = counted.reduce((a, b) => a + b, 0) / counted.length;
      // A line breaks between words: on average half a word is missing to its end.
      assert.ok(Math.abs(mean + 2.5 - characters) < characters * 0.07, `${family} on ${screen}: ${mean} characters a line, ${characters} said`);
    }
    await undo(page);
  }
  await undo(page);
});

test('each column of text is as wide as is said, in every theme, with as large letters', async () => {
  await width(1280);
  for (const [theme, starter] of [['belfry', 'candle-white'], ['towpath', 'tidewater'], ['millrace', 'plum-evening']]) {
    await standOn(page, theme, starter);
    for (const screen of [390, 768, 1280, 1800]) {
      const { columns } = said(screen);
      assert.ok(columns.length >= 8, `${theme} on ${screen}: ${columns.length} columns`);
      await width(screen);
      for (const key of new Set(columns.map((column) => column.page))) {
        await page.goto(preview(key));
        await page.evaluate(() => document.fonts.ready);
        for (const column of columns.filter((each) => each.page === key)) {
          const shown = await page.evaluate(({ element, words }) => {
            const p = document.body.querySelectorAll('*')[element];
            const was = p.textContent.replace(/\s+/g, ' ').trim();
            // A text of one line is as wide as it is: of many lines it fills its column.
            p.textContent = `${words} `.repeat(8);
            return { was, width: p.getBoundingClientRect().width, size: parseFloat(getComputedStyle(p).fontSize) };
          }, column);
          const where = `${theme}, ${key} on ${screen}: “${column.words.slice(0, 40)}”`;
          assert.equal(shown.was, column.words, where);
          assert.ok(Math.abs(shown.width - column.width) < 0.6, `${where} is ${shown.width} px wide, ${column.width} said`);
          assert.ok(Math.abs(shown.size - column.size) < 0.05, `${where} is ${shown.size} px large, ${column.size} said`);
        }
      }
    }
    await undo(page);
  }
});

test('what is fetched first is seen on the first screen, on every page', async () => {
  // A family of its own for every voice: what is fetched for one shows in no other.
  const voices = { heading: 'lora', second: 'bitter', third: 'aleo', price: 'rubik', body: 'karla', menu: 'asap', button: 'jost', label: 'inter', small: 'outfit' };
  await change(page, Object.fromEntries(Object.entries(voices).map(([voice, family]) => [`type.${voice}.family`, family])));
  await width(1280);
  for (const key of Object.keys(paths)) {
    await page.goto(preview(key));
    await page.evaluate(() => document.fonts.ready);
    const { preloaded, seen } = await page.evaluate(() => {
      const all = [...document.querySelectorAll('link[rel=preload][as=font]')].map((link) => link.getAttribute('href').match(/fonts\/(.+)-latin/)[1]);
      const spoken = new Set();
      const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
      for (let node = walker.nextNode(); node; node = walker.nextNode()) {
        const e = node.parentElement;
        if (node.data.trim() === '' || getComputedStyle(e).visibility === 'hidden') continue;
        const range = document.createRange();
        range.selectNodeContents(node);
        const isSeen = [...range.getClientRects()].some((box) => box.width > 1 && box.bottom > 0 && box.top < innerHeight);
        if (isSeen) spoken.add(getComputedStyle(e).fontFamily.split(',')[0].replaceAll('"', '').toLowerCase().replaceAll(' ', '-'));
      }
      return { preloaded: all, seen: [...spoken] };
    });
    assert.ok(preloaded.includes('karla') || key === 'locked', `${key} fetches the text’s font first`);
    assert.deepEqual(preloaded.filter((family) => !seen.some((s) => s.startsWith(family))), [], `${key} fetches what its first screen does not show`);
  }
  await undo(page);
});

test('fonts held back for two seconds move nothing, and no script held back for one, on every page', { timeout: 400_000 }, async () => {
  const context = await browser.newContext({ storageState: await page.context().storageState(), viewport: { width: 1280, height: 800 } });
  await context.route('**/fonts/*.woff2', async (route) => { await new Promise((go) => { setTimeout(go, 2000); }); await route.continue().catch(() => {}); });
  // What a script shows where it works has its place before.
  await context.route('**/build/*.js', async (route) => { await new Promise((go) => { setTimeout(go, 1000); }); await route.continue().catch(() => {}); });
  const left = Object.keys(paths);
  // A few at a time: they wait for the network, not for the processor.
  await Promise.all(Array.from({ length: 6 }, async () => {
    for (let key = left.shift(); key !== undefined; key = left.shift()) {
      const visitor = await context.newPage();
      await visitor.addInitScript(() => {
        window.shifts = [];
        new PerformanceObserver((list) => { window.shifts.push(...list.getEntries().filter((entry) => !entry.hadRecentInput)); }).observe({ type: 'layout-shift', buffered: true });
      });
      await visitor.goto(preview(key));
      const { came, after } = await visitor.evaluate(async () => {
        await document.fonts.ready;
        return { came: [...document.fonts].filter((font) => font.status === 'loaded' && !font.family.includes('stand-in')).length, after: performance.now() };
      });
      assert.ok(came > 0 && after >= 2000, `${key}: ${came} fonts after ${after} ms`);
      // What they moved is told with the pictures drawn after they came.
      await still(visitor);
      // A busy machine paints a header that is not read to its end yet; scripts and fonts that are held back come after the end.
      const shifts = await visitor.evaluate(() => {
        const read = performance.getEntriesByType('navigation')[0].domInteractive;
        return window.shifts.filter((shift) => shift.startTime > read).map(({ value, startTime, sources }) => ({
          value, startTime, moved: sources.map(({ node }) => node?.parentElement?.className + ' > ' + (node?.className || node?.nodeName)),
        }));
      });
      assert.deepEqual(shifts, [], key);
      await visitor.close();
    }
  }));
  await context.close();
});

/** WCAG 2.2, 1.4.12: line height 1.5, after paragraphs 2, between letters 0.12, between words 0.16 of the size. */
const SPACING = '*{line-height:1.5!important;letter-spacing:.12em!important;word-spacing:.16em!important} p{margin-bottom:2em!important}';

/** Texts that are cut off: by what hides its overflow, or by the edge of the page. */
function cutOff() {
  const found = [];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const own = node.parentElement;
    if (node.data.trim() === '' || own.closest('.hidden-words, .skip, .sidecart, option, video, [hidden]') || getComputedStyle(own).visibility === 'hidden') continue;
    const range = document.createRange();
    range.selectNodeContents(node);
    for (const box of range.getClientRects()) {
      if (box.width < 2) continue;
      if (box.right > document.documentElement.clientWidth + 1 || box.left < -1) {
        // What scrolls sideways by itself is not cut off.
        let scroller = own;
        while (scroller && !['auto', 'scroll'].includes(getComputedStyle(scroller).overflowX)) scroller = scroller.parentElement;
        if (!scroller || scroller === document.documentElement) found.push(`beyond the page: ${node.data.trim().slice(0, 40)}`);
      }
      for (let e = own; e && e !== document.body; e = e.parentElement) {
        const style = getComputedStyle(e);
        // What clips sideways only, as a header does, lets a menu hang out below it.
        const [across, down] = [style.overflowX, style.overflowY].map((overflow) => ['hidden', 'clip'].includes(overflow));
        if (!across && !down) continue;
        const around = e.getBoundingClientRect();
        const isCut = (across && (box.right > around.right + 2 || box.left < around.left - 2)) || (down && (box.bottom > around.bottom + 2 || box.top < around.top - 2));
        if (isCut) found.push(`cut by ${e.className}: ${node.data.trim().slice(0, 40)}`);
      }
    }
  }
  return [...new Set(found)];
}

test('the spacing somebody needs cuts nothing off and lays no words on others, on every page', { timeout: 400_000 }, async () => {
  for (const screen of [390, 1280]) {
    await width(screen);
    for (const key of Object.keys(paths)) {
      await page.goto(preview(key));
      await page.evaluate(() => document.fonts.ready);
      const before = await page.evaluate(cutOff);
      await page.addStyleTag({ content: SPACING }).catch(() => {});
      await page.evaluate((css) => { const sheet = new CSSStyleSheet(); sheet.replaceSync(css); document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet]; }, SPACING);
      assert.equal(await page.evaluate(() => getComputedStyle(document.querySelector('h1')).letterSpacing !== 'normal'), true, 'the spacing is on');
      assert.deepEqual([before, await page.evaluate(cutOff)], [[], []], `${key} on ${screen} px`);
      assert.deepEqual(await page.evaluate(overlappingWords), [], `${key} on ${screen} px`);
    }
  }
});

test('a header that only just fits folds where the spacing somebody needs has no room, and unfolds where it has', async () => {
  const isFolded = () => page.locator('.header .fold').isVisible();
  const setTo = async (screen) => {
    await width(screen);
    await page.evaluate(() => new Promise((done) => { requestAnimationFrame(() => requestAnimationFrame(done)); }));
  };
  // With all there is in a header it fits on no screen.
  await change(page, { 'header.button.show': 'off', 'header.chooser': 'off', 'header.search': 'icon' });
  await page.goto(preview('home'));
  await page.evaluate(() => document.fonts.ready);
  const fits = 1 + await page.locator('link[data-folded]').evaluate((link) => Math.floor(Number(/max-width: ?([\d.]+)px/.exec(link.media)?.[1] ?? assert.fail(link.media))));
  await setTo(fits);
  assert.equal(await isFolded(), false, `it fits on ${fits} px`);
  await page.evaluate((css) => { const sheet = new CSSStyleSheet(); sheet.replaceSync(css); document.adoptedStyleSheets = [sheet]; }, SPACING);
  await setTo(fits + 1);
  assert.equal(await isFolded(), true, 'it folds');
  assert.deepEqual(await page.evaluate(cutOff), []);
  // From right to left what has no room hangs out on the left.
  await page.evaluate(() => { document.documentElement.dir = 'rtl'; });
  await setTo(fits + 600);
  assert.equal(await isFolded(), false);
  await setTo(fits + 1);
  assert.equal(await isFolded(), true, 'it folds there, too');
  await page.evaluate(() => { document.documentElement.dir = 'ltr'; });
  await setTo(fits + 600);
  assert.equal(await isFolded(), false, 'it unfolds where there is room');
  assert.deepEqual(await page.evaluate(cutOff), []);
  await undo(page);
});
