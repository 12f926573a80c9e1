// The sheet: the wide drawing of a step above the shop window, by pointer and by key; the journal on it.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, change, edited, noAxeFindings, noSmallTargets, openPage, settled, shopFrame, shows, signedIn, signIn, undo } from './support.mjs';

const { browser, page } = await signedIn();
const LOOK = `${BASE}/workbench/looks/1`;
const open = async (rest, at = page) => { await at.goto(`${LOOK}/${rest}`); await settled(at); };
const heights = (at = page) => at.evaluate(() => ['#sheet', '[data-window]'].map((each) => Math.round(document.querySelector(each).getBoundingClientRect().height)));
const inAddress = () => Object.fromEntries(new URL(page.url()).searchParams);
const focused = () => page.evaluate(() => document.activeElement.getAttribute('aria-label') ?? document.activeElement.textContent.trim());

test('the edge between drawing and window is moved by pointer and by key, folded away and back, and stands in the address', async () => {
  await open('colors?open_part=schemes');
  assert.deepEqual((await heights())[0], 0, 'the narrow tools do without');
  await open('seasons');
  const [first, window] = await heights();
  assert.ok(first > 150 && window >= 300, `${first} and ${window}`);
  const grip = page.locator('[data-sheet-grip]');
  const box = await grip.boundingBox();
  await page.mouse.move(box.x + 200, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(box.x + 200, box.y + 68, { steps: 5 });
  await page.mouse.up();
  await shows(page, async () => Math.abs((await heights())[0] - first - 60) <= 8, true);
  assert.match(inAddress().drawing, /^\d+$/);
  await grip.focus();
  await page.keyboard.press('End');
  await shows(page, async () => (await heights())[1] >= 300 && (await heights())[1] < 312, true);
  await page.keyboard.press('Home');
  await shows(page, async () => (await heights())[0] < 130, true);
  await page.keyboard.press('ArrowDown');
  const dragged = await heights();
  await noAxeFindings(page, 'the sheet');
  await noSmallTargets(page, 'the sheet');

  await page.keyboard.press('F8');
  await shows(page, async () => (await heights())[0] < 24, true);
  assert.equal(inAddress().drawing, 'folded');
  const other = await openPage(browser);
  await signIn(other);
  await other.goto(page.url());
  await settled(other);
  assert.ok((await heights(other))[0] < 24, 'a copied address has it folded, too');
  await other.context().close();
  // From within the shop the key works as well; the step remembers, another one has its own.
  await shopFrame(page).locator('body').press('F8');
  await shows(page, heights, dragged);
  await open('start');
  assert.notDeepEqual(await heights(), dragged);
  await open('seasons');
  assert.deepEqual(await heights(), dragged);
  await page.locator('[data-sheet-grip]').dblclick();
  await shows(page, async () => (await heights())[0], first);
  assert.deepEqual(page.troubles, []);
});

test('a drawing is one stop of the Tab key, gone through by arrows, and enlarged', async () => {
  await open('colors?open_part=pairs&shown=scheme.daylight');
  assert.equal(await page.locator('.pair-table [data-mark][tabindex="0"]').count(), 1);
  await page.locator('.pair-table [data-mark][tabindex="0"]').focus();
  await page.keyboard.press('End');
  const last = await focused();
  await page.keyboard.press('Home');
  assert.notEqual(await focused(), last);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await page.waitForSelector('.opened-pair');
  const wide = () => page.evaluate(() => document.querySelector('.pair-table').getBoundingClientRect().width);
  const before = await wide();
  await page.locator('.pair-table [data-mark][tabindex="0"]').focus();
  await page.keyboard.press('+');
  assert.ok(await wide() > before * 1.2);
  await page.keyboard.press('0');
  assert.equal(await wide(), before);
  await open('start');
  const starters = page.locator('#sheet [data-mark]');
  assert.equal(await page.locator('#sheet [data-mark][tabindex="0"]').count(), 1);
  await page.locator('#sheet [data-mark][tabindex="0"]').focus();
  await page.keyboard.press('End');
  assert.equal(await focused(), (await starters.last().textContent()).trim());
  await settled(page);
  await page.waitForFunction(() => document.querySelector('[data-window]').classList.contains('is-trying'), null, {});
  assert.deepEqual(page.troubles, []);
});

test('a season is moved on the year by its ends, by key and by pointer, and the clock stands there and is drawn', async () => {
  await open('seasons');
  await page.locator('.lane', { hasText: 'Thaw Sale' }).click();
  await page.waitForSelector('.lane.is-open');
  await settled(page);
  const field = (end) => page.locator(`#c-season-season-3-${end}`).inputValue();
  const starts = await field('starts');
  const days = (to, from) => (Date.parse(`${to}Z`) - Date.parse(`${from}Z`)) / 86_400_000;
  const handle = page.locator('[data-date="season.season-3.starts"]');
  await handle.focus();
  await edited(page, async () => { for (let i = 0; i < 3; i += 1) await page.keyboard.press('ArrowRight'); });
  assert.equal(days(await field('starts'), starts), 3);
  await edited(page, async () => { await handle.focus(); await page.keyboard.press('Shift+ArrowLeft'); await page.keyboard.press('Enter'); });
  assert.equal(days(await field('starts'), starts), -4);
  const ends = await field('ends');
  const day = await page.evaluate(() => { const board = document.querySelector('[data-year]'); return (board.dataset.day * board.getBoundingClientRect().width) / board.viewBox.baseVal.width; });
  const box = await page.locator('[data-date="season.season-3.ends"] .handle-room').boundingBox();
  await page.mouse.move(box.x + 12, box.y + 14);
  await page.mouse.down();
  await page.mouse.move(box.x + 12 + 10 * day, box.y + 14, { steps: 5 });
  await edited(page, () => page.mouse.up());
  assert.equal(days(await field('ends'), ends), 10);
  // What is typed on a handle is written where the date is.
  await page.locator('[data-date="season.season-3.ends"]').focus();
  await page.keyboard.press('2');
  assert.equal(await page.evaluate(() => document.activeElement.id), 'c-season-season-3-ends');
  for (let i = 0; i < 3; i += 1) await undo(page);

  // The clock: drawn where the window stands, and moved from here.
  await open('seasons');
  await page.locator('.lane', { hasText: 'Midwinter Lights' }).focus();
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => document.querySelector('[data-clock-words]').textContent.includes('Midwinter Lights runs'));
  await settled(page);
  const knot = page.locator('[data-clock-knot]');
  assert.match(await knot.getAttribute('aria-valuetext'), /, 20\d\d/);
  const at = await page.locator('[data-clock]').inputValue();
  await knot.focus();
  await page.keyboard.press('ArrowRight');
  await shows(page, async () => days((await page.locator('[data-clock]').inputValue()).slice(0, 16), at.slice(0, 16)), 1);
  await settled(page);
  await page.locator('#sheet').getByRole('link', { name: 'three months' }).click();
  await settled(page);
  assert.equal(inAddress().open_span, '3');
  await page.locator('#sheet').getByRole('link', { name: 'later' }).click();
  await settled(page);
  assert.match(inAddress().open_from, /^20\d\d-\d\d$/);
  await noAxeFindings(page, 'the year');
  assert.deepEqual(page.troubles, []);
});

test('any point of the journal is looked at beside now, named, found, compared, and made the present by one edit', async () => {
  await open('publish');
  const wasColor = await shopFrame(page).evaluate(() => getComputedStyle(document.querySelector('.header')).backgroundColor);
  const head = async () => Number(await page.locator('#state [name=seen]').inputValue());
  const begin = await head();
  await change(page, { 'header.scheme': 'night' });
  await change(page, { 'footer.scheme': 'kiln', 'announcement.scheme': 'lamplit' });
  await open('publish');
  await noAxeFindings(page, 'the journal');
  await noSmallTargets(page, 'the journal');
  assert.match(await page.locator('#sheet').textContent(), new RegExp(`${begin + 2} edits`));

  // By key: one back is the header at night, two back is before both.
  const knot = page.locator('[data-point-knot]');
  await knot.focus();
  await page.keyboard.press('ArrowLeft');
  await page.waitForFunction((n) => document.querySelector('#t-point')?.textContent.startsWith(`Looking at edit ${n}`), begin + 1);
  await settled(page);
  assert.match(await page.locator('[aria-labelledby=t-point]').textContent(), /Header: color scheme/);
  const shown = () => page.evaluate(() => [...document.querySelectorAll('.pane iframe')].map((frame) => ['.footer', '.header'].map((each) => frame.contentDocument.defaultView.getComputedStyle(frame.contentDocument.querySelector(each)).backgroundColor).join()));
  await shows(page, async () => { const [then, now] = await shown(); return then.split('rgb')[2] === now.split('rgb')[2] && then !== now; }, true);
  assert.deepEqual(await page.locator('.pane .tag').allTextContents(), [`edit ${begin + 1}`, 'now']);
  await page.getByLabel('Name to find it by').fill('Night header');
  await edited(page, () => page.getByRole('button', { name: 'Keep with this name' }).click(), /\/points\/name$/);
  assert.equal(await page.locator('.flag').getAttribute('aria-label'), 'Night header');
  await noAxeFindings(page, 'a held point');

  // By pointer: the knot is dragged one line further back.
  const box = await knot.locator('.knot-plate').boundingBox();
  await page.mouse.move(box.x + 5, box.y + 5);
  await page.mouse.down();
  const back = await page.evaluate((n) => {
    const drawing = document.querySelector('[data-journal]');
    const { left, width } = drawing.getBoundingClientRect();
    return left + (JSON.parse(drawing.dataset.thread).find(([sequence]) => sequence === n)[1] * width) / drawing.viewBox.baseVal.width;
  }, begin);
  await page.mouse.move(back, box.y + 5, { steps: 4 });
  await page.mouse.up();
  await page.waitForFunction((n) => new URL(location.href).searchParams.get('open_point') === String(n), begin);
  await settled(page);
  // Compared with the named point instead of now; the address says so, and a reload shows the same.
  await page.locator('[name=open_other]').last().selectOption({ label: 'Night header' });
  await shows(page, () => page.locator('.pane .tag').allTextContents(), [await page.locator('.pane .tag').first().textContent(), 'Night header']);
  assert.equal(inAddress().open_other, String(begin + 1));
  await page.reload();
  await settled(page);
  assert.equal((await page.locator('.pane .tag').allTextContents())[1], 'Night header');

  // One edit makes it the present, one undo brings today back.
  await edited(page, () => page.getByRole('button', { name: 'Make this the present' }).click());
  assert.equal(await head(), begin + 3);
  assert.equal(await page.locator('#t-point').count(), 0);
  await shows(page, () => shopFrame(page).evaluate(() => getComputedStyle(document.querySelector('.header')).backgroundColor), wasColor);
  assert.equal(await page.locator('.journal .line.is-undone').count() >= 2, true, 'what lies between is pale');
  await page.locator('[data-press=undo]').hover();
  assert.match(await page.locator('#undo-does').textContent(), /back to/);
  await edited(page, () => page.locator('[data-press=undo]').click());
  assert.equal(await page.locator('.flag').count(), 1, 'the name stays');

  // Found by its words; a group is opened by key.
  const listed = () => page.evaluate(() => JSON.parse(document.querySelector('[data-journal]').dataset.thread).map(([sequence]) => sequence));
  const all = (await listed()).length;
  await page.locator('#journal-search').fill('header: color');
  await page.waitForFunction((n) => JSON.parse(document.querySelector('[data-journal]').dataset.thread).length < n, all);
  await settled(page);
  const found = await listed();
  assert.ok(found.includes(begin + 1) && !found.includes(begin + 2), `${found}`);
  await page.locator('.journal .group').last().focus();
  await page.keyboard.press('Enter');
  await page.waitForFunction((n) => new URL(location.href).searchParams.get('open_point') === String(n), begin + 1);
  await settled(page);
  await edited(page, () => page.getByRole('button', { name: 'Take the name off' }).click(), /\/points\/name$/);
  assert.equal(await page.locator('.flag').count(), 0);
  await page.getByRole('link', { name: 'Back to now' }).click();
  await page.waitForFunction(() => document.querySelectorAll('.pane').length === 1);
  await open('publish');
  for (let i = 0; i < 2; i += 1) await undo(page);
  assert.deepEqual(page.troubles, []);
});

test('points are gone through as they came about, also where two people work in the same hour', async () => {
  const second = await openPage(browser);
  await signIn(second, 'tobias');
  await open('publish');
  const begin = Number(await page.locator('#state [name=seen]').inputValue());
  await change(page, { 'header.scheme': 'night' });
  await change(second, { 'footer.scheme': 'kiln' });
  await change(page, { 'header.scheme': 'kiln' });
  await open('publish');
  const seen = [];
  for (let n = begin + 2; n >= begin; n -= 1) {
    await page.locator('[data-point-knot]').focus();
    await page.keyboard.press('ArrowLeft');
    await page.waitForFunction((edit) => document.querySelector('#t-point')?.textContent.startsWith(`Looking at edit ${edit}`), n);
    seen.push(n);
    await settled(page);
  }
  assert.deepEqual(seen, [begin + 2, begin + 1, begin]);
  await page.getByRole('link', { name: 'Back to now' }).click();
  await page.waitForFunction(() => document.querySelectorAll('.pane').length === 1);
  await undo(page);
  await undo(second);
  await undo(page);
  await second.context().close();
});

test('who only looks may look at every point, and changes nothing', async () => {
  await change(page, { 'header.scheme': 'night' });
  const other = await openPage(browser);
  await signIn(other, 'ines');
  await open('publish', other);
  await other.locator('[data-point-knot]').focus();
  await other.keyboard.press('ArrowLeft');
  await other.waitForSelector('#t-point');
  await settled(other);
  assert.equal(await other.getByRole('button', { name: 'Make this the present' }).count(), 0);
  assert.equal(await other.getByLabel('Name to find it by').count(), 0);
  await open('seasons?open_part=season-season-2', other);
  assert.equal(await other.locator('[data-date]').count(), 0, 'dates have no handles');
  assert.equal(await other.locator('[data-clock-knot]').count(), 1, 'the clock is for looking');
  assert.deepEqual(other.troubles, []);
  await other.context().close();
  await undo(page);
});

test('a finding on the tape leads to its place in the shop and to the control that mends it', async () => {
  await change(page, { 'header.logo.name': 'Wrenfold', 'scheme.daylight.reduced': '#e8894f' });
  await open('colors');
  await page.locator('#tape summary').first().click();
  await noAxeFindings(page, 'findings on the tape', ['.living', '.cloth', '.fix svg']);
  await page.locator('#tape .step-findings a', { hasText: 'Reduced price on background' }).click();
  await page.waitForSelector('.opened .fix');
  await settled(page);
  await page.waitForFunction(() => document.querySelector('.reach-lights rect') || document.querySelector('iframe').contentWindow.scrollY > 0);
  await page.keyboard.press('Escape');
  // Nothing lies over a tool: what is told of the findings is a line of its own, and opened it stands at the end.
  const over = await page.evaluate(() => {
    const opened = document.querySelector('.opened').getBoundingClientRect();
    return [...document.querySelectorAll('#bench .tool')].filter((tool) => { const box = tool.getBoundingClientRect(); return box.bottom > opened.top + 1 && box.top < opened.bottom - 1; }).length;
  });
  assert.equal(over, 0);
  await page.locator('.opened').getByRole('button', { name: 'Close' }).click();
  await page.waitForFunction(() => !document.querySelector('.opened .fix'));
  await page.locator('#tape a', { hasText: 'in the journal' }).click();
  await page.waitForSelector('.journal');
  await undo(page);
  assert.deepEqual(page.troubles, []);
});
