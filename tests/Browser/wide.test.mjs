// The wider workbench and shop, driven as a person would: lists, pictures, the clock, headers that stay.
import assert from 'node:assert/strict';
import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import sharp from 'sharp';
import { BASE, change, edited, noAxeFindings, openPage, settled, shopFrame, shows, signedIn, standOn, still, undo } from './support.mjs';

const { browser, page } = await signedIn();

const step = async (rest) => { await page.goto(`${BASE}/workbench/looks/1/${rest}`); await settled(page); };
const bands = () => shopFrame(page).evaluate(() => [...document.querySelectorAll('[data-part^=band-]')].map((e) => e.dataset.part.slice(5)));
const undoHere = () => edited(page, () => page.locator('[data-press=undo]').click());

test('bands are added, ordered by button and by dragging, hidden, deleted, and all of it is undone', async () => {
  await step('pages?open_part=home');
  const first = ['lead-1', 'row-1', 'words-1', 'columns-1', 'newsletter-1'];
  await shows(page, bands, first);
  await edited(page, () => page.getByRole('button', { name: 'Move Words up' }).click());
  await shows(page, bands, ['lead-1', 'words-1', 'row-1', 'columns-1', 'newsletter-1']);
  await edited(page, () => page.getByRole('button', { name: 'gallery', exact: true }).click());
  await shows(page, bands, ['lead-1', 'words-1', 'row-1', 'columns-1', 'newsletter-1', 'gallery-1']);
  assert.equal(await page.locator('#p-item').textContent(), 'Gallery', 'what was added is open');
  // Dragged by its handle to the top; the place where it would drop is dyed.
  const handle = await page.locator('[data-name=newsletter-1] .grip-handle').boundingBox();
  const top = await page.locator('[data-name=lead-1]').boundingBox();
  await page.mouse.move(handle.x + 6, handle.y + 8);
  await page.mouse.down();
  await page.mouse.move(top.x + 20, top.y + 20, { steps: 12 });
  await page.waitForSelector('.drop-place');
  await edited(page, async () => { await page.mouse.move(top.x + 20, top.y + 3, { steps: 4 }); await page.mouse.up(); });
  await shows(page, bands, ['newsletter-1', 'lead-1', 'words-1', 'row-1', 'columns-1', 'gallery-1']);
  await edited(page, () => page.getByRole('button', { name: 'Hide Words' }).click());
  await shows(page, bands, ['newsletter-1', 'lead-1', 'row-1', 'columns-1', 'gallery-1']);
  await edited(page, () => page.getByRole('button', { name: 'Delete Product row' }).click());
  await shows(page, bands, ['newsletter-1', 'lead-1', 'columns-1', 'gallery-1']);
  await noAxeFindings(page, 'pages with a list');
  for (let i = 0; i < 5; i += 1) await undoHere();
  await shows(page, bands, first);
});

test('with the keyboard alone: a band is moved and keeps its focus', async () => {
  await step('pages?open_part=home');
  await page.getByRole('button', { name: 'Move Words up' }).focus();
  await edited(page, () => page.keyboard.press('Enter'));
  await shows(page, bands, ['lead-1', 'words-1', 'row-1', 'columns-1', 'newsletter-1']);
  assert.equal(await page.evaluate(() => document.activeElement.ariaLabel), 'Move Words up');
  await edited(page, () => page.keyboard.press('Control+z'));
});

test('products are picked by hand and put in order', async () => {
  await step('pages?open_part=band-row-1');
  await edited(page, () => page.locator('#c-band-row-1-source').selectOption('hand'));
  for (const slug of ['moth-paper-globe', 'reed-drum-lantern']) await edited(page, () => page.locator('#c-band-row-1-products').selectOption(slug));
  const shown = () => shopFrame(page).evaluate(() => [...document.querySelectorAll('[data-part=band-row-1] .card-name a')].map((a) => a.href.split('/').pop()));
  await shows(page, shown, ['moth-paper-globe', 'reed-drum-lantern']);
  await edited(page, () => page.getByRole('button', { name: 'Move Reed drum lantern up' }).click());
  await shows(page, shown, ['reed-drum-lantern', 'moth-paper-globe']);
  await edited(page, () => page.getByRole('button', { name: 'Take out Reed drum lantern' }).click());
  await shows(page, shown, ['moth-paper-globe']);
  for (let i = 0; i < 5; i += 1) await undoHere();
});

test('a picture is brought, described and used', async () => {
  const file = join(tmpdir(), 'Mill Window.png');
  writeFileSync(file, await sharp({ create: { width: 900, height: 600, channels: 3, background: '#334455' } }).png().toBuffer());
  await step('pages?open_part=band-words-1');
  await page.locator('#c-band-words-1-picture').click();
  await page.waitForSelector('#library[open] .library-thumb');
  await noAxeFindings(page, 'the picture library');
  await page.locator('#library-file').setInputFiles(file);
  await page.locator('#library-new-alt').fill('A window of the mill');
  await page.getByRole('button', { name: 'Add it' }).click();
  await page.waitForFunction(() => document.querySelector('#library-open')?.textContent === 'A window of the mill');
  await edited(page, () => page.getByRole('button', { name: 'Use this picture' }).click());
  assert.equal(await page.locator('#library[open]').count(), 0);
  const image = () => shopFrame(page).locator('[data-part=band-words-1] img').evaluate((e) => ({ src: e.currentSrc, alt: e.alt, natural: e.naturalWidth > 0, point: getComputedStyle(e).objectPosition }));
  await page.waitForFunction(() => document.querySelector('iframe').contentDocument?.querySelector('[data-part=band-words-1] img')?.alt === 'A window of the mill');
  const before = await image();
  assert.match(before.src, /\.avif$/);
  await page.locator('#c-band-words-1-picture').click();
  // What is no picture is refused in words, and the dialog stays open.
  await page.locator('#library-file').setInputFiles({ name: 'evil.png', mimeType: 'image/png', buffer: Buffer.from('<script>alert(1)</script>') });
  await page.locator('#library-new-alt').fill('x');
  await page.getByRole('button', { name: 'Add it' }).click();
  await page.waitForFunction(() => document.querySelector('#notice').textContent.includes('not a picture Ikat can use'));
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await undoHere();
});

test('the clock shows the shop as it will be, and now brings it back', async () => {
  await step('seasons');
  const isTall = page.locator('.year-bar');
  assert.ok(await isTall.count() >= 3, 'the seasons stand on the year');
  await page.locator('.item-name', { hasText: 'Midwinter Lights' }).click();
  await page.waitForSelector('#p-item');
  const starts = await page.locator('#c-season-season-2-starts').inputValue();
  await page.locator('[data-clock]').fill(starts);
  await page.waitForFunction(() => document.querySelector('iframe').contentDocument?.querySelector('.band-lead h1')?.textContent === 'Midwinter lights');
  await page.waitForFunction(() => document.querySelector('[data-clock-words]').textContent === 'Midwinter Lights runs');
  // An edit made at another time shows at that time.
  await edited(page, async () => { await page.locator('#c-season-season-2-heading').fill('The shortest day'); await page.locator('#c-season-season-2-heading').press('Tab'); });
  await page.waitForFunction(() => document.querySelector('iframe').contentDocument?.querySelector('.band-lead h1')?.textContent === 'The shortest day');
  await noAxeFindings(page, 'seasons at another time');
  await page.locator('[data-clock-now]').click();
  await page.waitForFunction(() => document.querySelector('iframe').contentDocument?.querySelector('.band-lead h1')?.textContent === 'Light for the long evenings');
  await undoHere();
});

test('a header that stays never covers what has the focus or is linked to (WCAG 2.2, 2.4.11)', async () => {
  // Every way on the theme that is worn, and those that stay on the others, too.
  const STARTERS = { towpath: 'tidewater', belfry: 'candle-white' };
  const ways = ['stays', 'smaller', 'row', 'returns'].map((sticky) => [null, sticky]);
  for (const [theme, sticky] of [...ways, ['towpath', 'stays'], ['towpath', 'row'], ['belfry', 'smaller'], ['belfry', 'row']]) {
    for (const place of theme ? ['below'] : ['start', 'below']) {
      if (theme) await standOn(page, theme, STARTERS[theme]);
      await change(page, { 'header.sticky': sticky, 'header.menu.place': place });
      // On a phone the menu is folded wherever it stands.
      for (const viewport of place === 'start' && sticky === 'stays' ? [{ width: 1280, height: 800 }, { width: 390, height: 700 }] : [{ width: 1280, height: 800 }]) {
        await page.setViewportSize(viewport);
        await page.goto(`${BASE}/preview/1/now/shop/wrenfold/`);
        const covered = [];
        const check = async (how) => {
          const found = await page.evaluate(() => {
            const e = document.activeElement;
            const header = document.querySelector('.header');
            const bar = header.getBoundingClientRect();
            // The skip link lies over the header.
            if (e === document.body || e.matches('.skip') || header.contains(e) || getComputedStyle(header).position !== 'sticky') return null;
            const box = e.getBoundingClientRect();
            return box.bottom <= bar.bottom && box.top < bar.bottom && bar.top < bar.bottom && bar.bottom > 0 && box.height > 0 && box.bottom > bar.top ? e.outerHTML.slice(0, 60) : null;
          });
          if (found) covered.push(`${how} ${found}`);
        };
        for (let i = 0; i < 30; i += 1) { await page.keyboard.press('Tab'); await check('forward'); }
        for (let i = 0; i < 15; i += 1) { await page.keyboard.press('Shift+Tab'); await still(page); await check('back'); }
        assert.deepEqual(covered, [], `${sticky} ${place} ${viewport.width}`);
        await page.goto(`${BASE}/preview/1/now/shop/wrenfold/#heading-words-1`);
        await still(page);
        const gap = await page.evaluate(() => document.querySelector('#heading-words-1').getBoundingClientRect().top - (getComputedStyle(document.querySelector('.header')).position === 'sticky' ? document.querySelector('.header').getBoundingClientRect().bottom : 0));
        assert.ok(gap >= 0, `${sticky} ${place}: the heading stands ${gap} px under the header`);
      }
      await undo(page);
      if (theme) await undo(page);
    }
  }
  await page.setViewportSize({ width: 1280, height: 800 });
});

test('a header smaller when scrolled, and one that comes back on scrolling up', async () => {
  const visit = async () => { await page.goto(`${BASE}/preview/1/now/shop/wrenfold/`); };
  const height = () => page.evaluate(() => document.querySelector('.header').getBoundingClientRect());
  const scroll = (y) => page.evaluate((to) => scrollTo({ top: to, behavior: 'instant' }), y);
  /** The script answers a scroll a frame later: its answer is waited for. */
  const becomes = (test, value) => page.waitForFunction(([source, given]) => { const box = document.querySelector('.header').getBoundingClientRect(); return { smaller: box.height < given && box.top === 0, away: box.bottom <= 0, back: box.top === 0 }[source]; }, [test, value]);
  await change(page, { 'header.sticky': 'smaller' });
  await visit();
  const whole = (await height()).height;
  await scroll(600);
  await becomes('smaller', whole);
  await undo(page);
  await change(page, { 'header.sticky': 'returns' });
  await visit();
  await scroll(900);
  await becomes('away');
  await scroll(700);
  await becomes('back');
  await undo(page);
});

test('messages in turn can be paused, and the bar closed for good', async () => {
  await change(page, { 'message.message-2.show': 'on', 'announcement.turn': 'turn', 'announcement.pace': '4', 'announcement.dismiss': 'on' });
  const visitor = await openPage(browser, { reducedMotion: 'no-preference', storageState: await page.context().storageState() });
  await visitor.clock.install();
  await visitor.goto(`${BASE}/preview/1/now/shop/wrenfold/`);
  const shown = () => visitor.locator('.announcement li:not(.waits)').textContent();
  const first = await shown();
  await visitor.clock.runFor(4100);
  assert.notEqual(await shown(), first);
  await visitor.getByRole('button', { name: 'Pause the messages' }).click();
  await visitor.mouse.move(600, 500);
  const held = await shown();
  await visitor.clock.runFor(20_000);
  assert.equal(await shown(), held);
  await visitor.clock.resume();
  await noAxeFindings(visitor, 'messages in turn');
  await visitor.getByRole('button', { name: 'Close the announcement' }).click();
  await visitor.reload();
  assert.equal(await visitor.locator('.announcement').count(), 0);
  // It stays closed for a week, and then it is shown again.
  await visitor.clock.setSystemTime(Date.now() + 8 * 86_400_000);
  await visitor.reload();
  assert.equal(await visitor.locator('.announcement').count(), 1);
  await undo(page);
});

test('nothing moves under the reader, even when the fonts come late', async () => {
  const visitor = await openPage(browser);
  await visitor.route('**/fonts/*', async (route) => { await new Promise((r) => { setTimeout(r, 1200); }); await route.continue(); });
  await visitor.addInitScript(() => {
    window.shifted = 0;
    new PerformanceObserver((list) => { for (const entry of list.getEntries()) if (!entry.hadRecentInput) window.shifted += entry.value; }).observe({ type: 'layout-shift', buffered: true });
  });
  for (const path of ['/', '/category/paper-lanterns', '/product/heron-folding-lantern']) {
    await visitor.goto(`${BASE}/shop/wrenfold${path}`);
    assert.ok(await visitor.evaluate(() => document.querySelector('h1').getBoundingClientRect().height > 0));
    await visitor.waitForLoadState('networkidle');
    await visitor.evaluate(() => document.fonts.ready);
    await still(visitor);
    assert.equal(await visitor.evaluate(() => window.shifted), 0, path);
  }
});
