// Fonts, driven as a merchant would: voices on the staff, families and pairs tried on and taken, what follows what.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, change, edited, forget, noAxeFindings, openPage, settled, shopFrame, shows, signIn, signedIn, still } from './support.mjs';

const { page } = await signedIn();

const open = async (voice = 'heading', rest = '') => { await page.goto(`${BASE}/workbench/looks/1/fonts?open_voice=${voice}${rest}`); await settled(page); };
/** An edit made elsewhere: the bench is told of it when it is opened. */
const changed = (changes) => { forget(page); return change(page, changes); };
const undoHere = () => edited(page, () => page.locator('[data-press=undo]').click());
const field = (path) => page.locator(`#c-type-${path}`);
const tag = (voice, end) => page.locator(`[data-voice=${voice}] [data-end=${end}]`);
/** What a heading of the page in the window computes to. */
const styleOf = (name) => shopFrame(page).evaluate((key) => getComputedStyle(document.querySelector('.lead-words h1'))[key], name);
const familyShown = async () => (await styleOf('fontFamily')).split(',')[0].replaceAll('"', '');
const sizeShown = async () => Math.round(parseFloat(await styleOf('fontSize')) * 10) / 10;
const headings = () => page.evaluate(() => document.querySelector('[data-voice=heading] [data-word=desktop]').getAttribute('font-size'));

test('the staff shows each voice with a word of the shop, and axe finds nothing on it', async () => {
  await open();
  assert.equal(await page.locator('[data-staff] [data-voice]').count(), 9);
  assert.equal(await page.locator('[data-voice=heading] [data-word=phone]').textContent(), 'Light');
  assert.match(await page.locator('#bench').textContent(), /320 px\s*2\s+lines/);
  await noAxeFindings(page, 'fonts', ['iframe']);
});

test('an end is dragged: the shop’s headline follows at once, and it is one edit', async () => {
  await open();
  const was = await sizeShown();
  const box = await tag('heading', 'desktop').boundingBox();
  await page.mouse.move(box.x + 20, box.y + 12);
  await page.mouse.down();
  await page.mouse.move(box.x + 20, box.y - 28, { steps: 4 });
  await shows(page, sizeShown, Math.round((was + 10) * 10) / 10);
  assert.equal(await headings(), '60.81');
  await edited(page, () => page.mouse.up());
  assert.equal(Number(await field('heading-size-desktop').inputValue()), 60.81);
  await shows(page, sizeShown, 60.8);
  await undoHere();
  await shows(page, sizeShown, was);
});

test('by key: size, weight where the family has it, all voices in one ratio', async () => {
  await open('body');
  await tag('body', 'desktop').focus();
  await edited(page, async () => { await page.keyboard.press('ArrowUp'); await page.keyboard.press('ArrowUp'); });
  assert.equal(await field('base').inputValue(), '17');
  assert.equal(await field('body-size-phone').inputValue(), '17', 'the other end follows it');
  await undoHere();
  await tag('body', 'desktop').focus();
  await edited(page, () => page.keyboard.press('ArrowRight'));
  assert.equal(await field('body-weight').inputValue(), '500');
  await undoHere();
  const was = await sizeShown();
  await tag('body', 'desktop').focus();
  await edited(page, () => page.keyboard.press('Shift+ArrowUp'));
  await shows(page, async () => Math.abs((await sizeShown()) / was - 16.5 / 16) < 0.004, true);
  await undoHere();
  // One of one weight has nothing to move sideways.
  assert.equal(await page.locator('[data-voice=heading] [data-weights]').count(), 0);
  await tag('heading', 'phone').focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Escape');
  await still(page);
  assert.equal(await field('base').inputValue(), '16');
});

test('what a voice follows is told, cut and joined again', async () => {
  await open('second');
  const chains = page.locator('.chains');
  assert.match(await chains.textContent(), /Font follows First heading font/);
  assert.match(await chains.textContent(), /On a desktop follows text size × 1\.26, three times/);
  await edited(page, () => page.getByRole('button', { name: 'Stop following: Second heading font' }).click());
  assert.doesNotMatch(await chains.textContent(), /Font follows/);
  await edited(page, () => chains.getByRole('button', { name: 'follow First heading font' }).click());
  assert.match(await chains.textContent(), /Font follows First heading font/);
  await undoHere();
  await undoHere();
});

test('a family is tried on by hover and by focus, taken with the weight it is most alike at, and undone', async () => {
  await open();
  const rows = page.locator('.shelf .family');
  assert.equal(await rows.count(), 8);
  const literata = page.locator('.shelf .family', { hasText: 'Literata 600' });
  await literata.hover();
  await shows(page, familyShown, 'Literata');
  await page.mouse.move(400, 600);
  await shows(page, familyShown, 'Gloock');
  await rows.first().focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await shows(page, familyShown, 'Literata');
  await edited(page, () => page.keyboard.press('Enter'));
  assert.deepEqual([await field('heading-family').inputValue(), await field('heading-weight').inputValue()], ['literata', '600']);
  await undoHere();
  assert.equal(await field('heading-family').inputValue(), 'gloock');
});

test('the shelf is narrowed by kind, writing system, weights and kilobytes, and lists all of it', async () => {
  await open('body', '&open_kind=sans&open_system=Greek');
  const names = await page.locator('.shelf .family b').allTextContents();
  assert.ok(names.length >= 5 && names.some((name) => name.startsWith('Source Sans 3')), names.join());
  await page.getByRole('link', { name: 'hand', exact: true }).click();
  await settled(page);
  assert.equal(await page.locator('.shelf .family').count(), 0);
  // By weights and by kilobytes, each with the others.
  await open('body', '&open_all=yes');
  const kilobytes = () => page.locator('.shelf .family .text-ink-2').evaluateAll((all) => all.map((each) => parseFloat(each.textContent)));
  await page.getByRole('link', { name: 'under 30 kB' }).click();
  await shows(page, async () => (await kilobytes()).every((each) => each <= 30), true);
  const light = await page.locator('.shelf .family').count();
  await page.getByRole('link', { name: 'an italic' }).click();
  await shows(page, async () => { const left = await page.locator('.shelf .family').count(); return left > 0 && left < light; }, true);
  await open('body', '&open_all=yes');
  assert.ok((await page.locator('.shelf .family').count()) >= 40);
  await noAxeFindings(page, 'the whole shelf', ['iframe']);
});

test('a proposed pair says why, is tried on and taken in one edit', async () => {
  await open();
  const pair = page.locator('.pair').first();
  assert.match(await pair.textContent(), /Small letters .+; strokes swell [\d.]+ to 1 and [\d.]+ to 1\./);
  const name = (await pair.locator('b').textContent()).match(/^(.+) \d00 with/)[1];
  await pair.hover();
  await shows(page, familyShown, name);
  await edited(page, () => pair.click());
  await shows(page, familyShown, name);
  await undoHere();
  assert.equal(await field('heading-family').inputValue(), 'gloock');
});

test('sizes meet both ends at every width between, to a twentieth of a px', async () => {
  await page.goto(`${BASE}/preview/1/now/shop/wrenfold/`);
  for (let i = 0; i < 20; i += 1) {
    const width = 320 + i * 60;
    await page.setViewportSize({ width, height: 700 });
    const share = Math.min(1, Math.max(0, (width - 390) / 890));
    const size = await page.evaluate(() => parseFloat(getComputedStyle(document.querySelector('.lead-words h1')).fontSize));
    assert.ok(Math.abs(size - (30.22 + (50.81 - 30.22) * share)) < 0.05, `${width}: ${size}`);
  }
  await page.setViewportSize({ width: 1280, height: 800 });
});

test('text that is small on a phone is found, and its fix is tried on before it is taken', async () => {
  await open('body');
  await field('body-size-phone').fill('13');
  await edited(page, () => page.keyboard.press('Enter'));
  const finding = page.locator('#tool-t-findings li', { hasText: 'Text is small on a phone' });
  const fix = finding.getByRole('button', { name: 'Set On a phone to 16 px' });
  await page.locator('[data-device=phone]').click();
  await settled(page);
  const textShown = () => shopFrame(page).evaluate(() => getComputedStyle(document.body).fontSize);
  await shows(page, textShown, '13px');
  await fix.hover();
  await shows(page, textShown, '16px');
  await edited(page, () => fix.click());
  await finding.waitFor({ state: 'detached' });
  await undoHere();
  await undoHere();
  await page.locator('[data-device=desktop]').click();
});

test('an italic nobody drew is not made up, and the bench says so', async () => {
  await open();
  await edited(page, () => page.locator('.shelf .family', { hasText: 'Literata 600' }).click());
  await edited(page, () => field('heading-style').selectOption('italic'));
  await edited(page, () => field('heading-family').selectOption('gloock'));
  await open();
  assert.match(await page.locator('#tool-t-voice').textContent(), /Gloock has no italic drawn for it/);
  assert.equal(await styleOf('fontSynthesisStyle'), 'none');
  for (let i = 0; i < 3; i += 1) await undoHere();
});

test('the marker reads off each screen how the longest words break, by key and by pointer', async () => {
  await open();
  await changed({ 'type.heading.ends': 'fall' });
  await open();
  const marker = page.locator('[data-screen-marker]');
  const read = (name) => page.locator(`[data-reading=${name}] [data-words]`).textContent();
  assert.deepEqual([await read('heading'), await read('name'), await read('menu')], ['2 lines', '3 lines', '668 px']);
  assert.match(await page.locator('[data-menu-words]').textContent(), /a button there: the page has 355 px/);
  await marker.focus();
  await page.keyboard.press('PageUp');
  await page.keyboard.press('ArrowRight');
  assert.equal(await marker.getAttribute('aria-valuenow'), '500');
  assert.match(await marker.getAttribute('aria-valuetext'), /500 px: heading 2 lines, product name \d lines, \d+ characters/);
  // What is read off is what the shop does on that screen.
  const longest = await page.locator('[data-reading=heading] title').textContent();
  for (const screen of [320, 390, 500, 700]) {
    const visitor = await page.context().newPage();
    await visitor.setViewportSize({ width: screen, height: 800 });
    await visitor.goto(`${BASE}/preview/1/now/shop/wrenfold/`);
    await visitor.evaluate(() => document.fonts.ready);
    const lines = await visitor.evaluate((text) => {
      const heading = document.querySelector('.lead-words h1');
      heading.textContent = text;
      return Math.round(heading.getBoundingClientRect().height / parseFloat(getComputedStyle(heading).lineHeight));
    }, longest);
    await visitor.close();
    const said = await page.evaluate((at) => JSON.parse(document.querySelector('[data-staff]').dataset.screens).heading[(at - 320) / 10].length, screen);
    assert.equal(said, lines, `${screen} px`);
  }
  const box = await marker.locator('[data-plate]').boundingBox();
  await page.mouse.move(box.x + 10, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(box.x + 130, box.y + 8, { steps: 4 });
  await page.mouse.up();
  assert.ok(Number(await marker.getAttribute('aria-valuenow')) > 900);
  assert.equal(await page.locator('[data-menu-words]').textContent(), 'in one row');
  const there = await marker.getAttribute('aria-valuenow');
  // An edit draws the staff anew: the marker stays.
  await tag('body', 'desktop').focus();
  await edited(page, () => page.keyboard.press('ArrowUp'));
  await settled(page);
  assert.equal(await marker.getAttribute('aria-valuenow'), there);
  await undoHere();
  await undoHere();
});

test('a word left over is found; ways to keep it are shown as they would be, tried on and taken', async () => {
  await changed({ 'type.heading.ends': 'fall' });
  await open();
  const ways = page.locator('.ways > li');
  assert.deepEqual(await ways.locator('b').allTextContents(), ['Now', 'Evened out', '29.3 px on a phone']);
  assert.deepEqual(await ways.nth(0).locator('text').allTextContents(), ['Light for the long', 'evenings']);
  assert.deepEqual(await ways.nth(2).locator('text').allTextContents(), ['Light for the long evenings']);
  const wrap = () => styleOf('textWrapStyle');
  assert.equal(await wrap(), 'auto');
  await ways.nth(1).locator('button').focus();
  await shows(page, wrap, 'balance');
  await ways.nth(2).locator('button').focus();
  await shows(page, wrap, 'auto');
  await edited(page, () => page.keyboard.press('Enter'));
  assert.equal(await field('heading-size-phone').inputValue(), '29.3');
  assert.equal(await page.locator('#t-word').count(), 0);
  await undoHere();
  assert.equal(await page.locator('#t-word').count(), 1);
  await undoHere();
});

test('a line of too many characters is found and told on the staff; its fix is tried on and taken', async () => {
  await changed({ 'type.measure': '50' });
  await open('body');
  assert.match(await page.locator('.characters-words').textContent(), /too many from 610 px on/);
  const finding = page.locator('.step-findings li', { hasText: 'characters on a desktop' });
  await edited(page, () => finding.getByRole('button', { name: 'Set Line at most to 34 em' }).click());
  assert.equal(await field('measure').inputValue(), '34');
  assert.doesNotMatch(await page.locator('.characters-words').textContent(), /too many/);
  await undoHere();
  await undoHere();
});

test('what pages fetch is told, and what would be saved is saved', async () => {
  await changed({ 'type.price.family': 'literata' });
  await open();
  const rows = page.locator('.page-fonts > li');
  assert.match(await rows.filter({ hasText: 'Home' }).textContent(), /Literata 52\.5 kB/);
  const saving = page.locator('[aria-label="What would be saved"] li', { hasText: 'Prices in Karla' });
  assert.match(await saving.textContent(), /52\.5 kB less on \d+ of \d+ kinds\s+of page/);
  await edited(page, () => saving.getByRole('button').click());
  assert.equal(await page.locator('.page-fonts', { hasText: 'Literata' }).count(), 0);
  await undoHere();
  await undoHere();
});

test('a family is marked to be found again; those chosen lately are listed', async () => {
  await open();
  const list = (name) => page.getByRole('link', { name, exact: true }).click().then(() => settled(page));
  const names = () => page.locator('.shelf .family b').allTextContents();
  await list('marked');
  assert.match(await page.locator('#bench').textContent(), /No family is marked/);
  await list('all 48');
  const mark = page.getByRole('button', { name: 'Mark Literata' });
  await mark.click();
  await shows(page, () => mark.getAttribute('aria-pressed'), 'true');
  await list('marked');
  assert.deepEqual(await names(), ['Literata 600']);
  await changed({ 'type.menu.family': 'lora' });
  await list('chosen lately');
  assert.ok((await names()).includes('Lora 600'));
  await undoHere();
  await list('marked');
  await mark.click();
  await shows(page, names, []);
});

test('the viewer sees the staff, and nothing on it moves', async () => {
  const viewer = await openPage(page.context().browser());
  await signIn(viewer, 'ines');
  await viewer.goto(`${BASE}/workbench/looks/1/fonts`);
  await settled(viewer);
  assert.equal(await viewer.locator('[data-staff] [data-voice]').count(), 9);
  assert.equal(await viewer.locator('[data-voice] [role=slider]').count(), 0);
  await noAxeFindings(viewer, 'fonts, seen only', ['iframe']);
  await viewer.context().close();
});

test('characters on a line are told of each column of text, shown on its device, and brought into the range', async () => {
  await open('body');
  const figures = () => page.locator('.columns-of-text tbody tr').evaluateAll((rows) => rows.map((row) => [...row.querySelectorAll('td b')].map((b) => Number(b.textContent))));
  const before = await figures();
  assert.ok(before.length >= 5 && before.flat().every((n) => n > 20 && n < 90), JSON.stringify(before));
  const short = page.getByRole('link', { name: /short characters on a tablet: see it/ }).first();
  const name = await short.getAttribute('aria-label');
  await short.focus();
  await page.keyboard.press('Enter');
  await shows(page, () => page.locator('[data-device=tablet]').first().getAttribute('aria-pressed'), 'true');
  await shows(page, () => page.locator('.columns-of-text a[aria-current=true]').getAttribute('aria-label'), name);
  // Large letters on a phone leave too few on a line; the size that holds enough is tried on and taken.
  await changed({ 'type.body.size.phone': 20 });
  await open('body');
  const table = page.locator('section', { has: page.locator('#t-columns') }).last();
  const fix = table.getByRole('button', { name: /Set “Text on a phone” to/ }).first();
  await fix.hover();
  await shows(page, () => shopFrame(page).evaluate(() => getComputedStyle(document.documentElement).getPropertyValue('--type-body-size-phone').trim() !== '20px'), true);
  await edited(page, () => fix.click());
  assert.ok((await figures()).every((row) => row[0] >= 40), JSON.stringify(await figures()));
  assert.ok((await figures())[1][0] >= 45);
  await undoHere();
  await undoHere();
  // A line longer than is read with ease is held shorter.
  await changed({ 'type.measure': 48 });
  await open('body');
  assert.ok((await figures()).some((row) => row[2] > 75));
  await edited(page, () => table.getByRole('button', { name: /Set “Text line at most” to/ }).first().click());
  assert.ok((await figures()).every((row) => row[2] <= 75), JSON.stringify(await figures()));
  await undoHere();
  await undoHere();
});
