// The color desk: brand colors, schemes, the table of pairs, gradients, dark surroundings, colored words, joining and walking.
import assert from 'node:assert/strict';
import { after, test } from 'node:test';
import { BASE, change, edited, forget, noAxeFindings, openPage, settled, shopFrame, signedIn } from './support.mjs';

const SAMPLES = ['.living', '.cloth', '.pair-table', '.fix svg'];

const { browser, page } = await signedIn();
after(() => assert.deepEqual(page.troubles, []));

const open = async (bench = 'schemes', more = '') => { forget(page); await page.goto(`${BASE}/workbench/looks/1/colors?open_part=${bench}${more}`); await settled(page); };
const posted = (press) => edited(page, press, /\/(edits|brand|remove|schemes|copy)$/);
const undoHere = () => edited(page, () => page.locator('[data-press=undo]').click());
const names = () => page.locator('.brand-list b').allTextContents();
const painted = (selector, property) => shopFrame(page).locator(selector).first().evaluate((e, p) => getComputedStyle(e)[p], property);

/** Waits until something in the window is painted as it should be. */
async function becomes(selector, property, expected) {
  await page.waitForFunction(([s, p, wanted]) => {
    const e = document.querySelector('iframe').contentDocument?.querySelector(s);
    return e && getComputedStyle(e)[p] === wanted;
  }, [selector, property, expected]);
}

test('brand colors are named, ordered, added and removed, and what followed follows on', async () => {
  await open('brand');
  await noAxeFindings(page, 'the brand colors', SAMPLES);
  await posted(() => page.getByRole('button', { name: 'Move Accent up' }).click());
  assert.deepEqual((await names()).slice(3, 6), ['Main', 'Accent', 'Second']);
  await page.locator('.brand-list').getByText('Accent', { exact: true }).click();
  await settled(page);
  await page.locator('summary', { hasText: 'Rename Accent' }).click();
  await page.getByLabel('Name of the brand color').fill('Lamplight');
  await posted(() => page.getByRole('button', { name: 'Name it' }).click());
  assert.ok((await names()).includes('Lamplight'));
  await posted(() => page.getByRole('button', { name: 'Add a color' }).click());
  assert.match(await page.locator('#t-picker').textContent(), /New color 1/);
  assert.equal(await page.locator('#typed').inputValue(), '#f6c159', 'a copy of the one that was open');

  // Removing one shows what follows it; one follower goes elsewhere, the others to the heir.
  await page.locator('.brand-list').getByText('Lamplight', { exact: true }).click();
  await settled(page);
  await page.locator('summary', { hasText: 'Remove Lamplight' }).click();
  assert.match(await page.locator('.remove').textContent(), /10 colors are linked to it/);
  await noAxeFindings(page, 'removing a brand color', SAMPLES);
  await page.getByLabel('They will be linked to').selectOption({ label: 'Cool' });
  await page.getByLabel('Night: link text').selectOption({ label: 'Paper' });
  await posted(() => page.getByRole('button', { name: 'Remove Lamplight' }).click());
  assert.ok(!(await names()).includes('Lamplight'));
  await becomes('.lead .button', 'backgroundColor', 'rgb(8, 182, 175)');
  await becomes('.lead .kicker', 'color', 'rgb(249, 243, 230)');
  for (let i = 0; i < 4; i += 1) await undoHere();
  await becomes('.lead .button', 'backgroundColor', 'rgb(246, 193, 89)');
  assert.equal((await names())[5], 'Accent');
});

test('roles that went their own way are listed and join again', async () => {
  await change(page, { 'scheme.daylight.link': '#4a4599', 'scheme.night.price': '#fbf0dd' });
  await open('brand');
  const list = page.locator('[aria-labelledby=t-departures]');
  assert.match(await list.textContent(), /Daylight: link text is #4a4599/);
  await posted(() => list.getByRole('button', { name: 'Link to Second again' }).click());
  assert.doesNotMatch(await list.textContent(), /Daylight: link text/);
  await posted(() => list.getByRole('button', { name: /^Link to/ }).click());
  assert.match(await list.textContent(), /None: every role is linked to/);
  for (let i = 0; i < 3; i += 1) await undoHere();
});

test('a scheme is made of two colors, named, doubled, worn by picking parts in the window, and removed', async () => {
  await open();
  await page.locator('summary', { hasText: 'New scheme' }).click();
  await page.locator('.make-scheme fieldset').nth(0).getByLabel('Cool').check({ force: true });
  await page.locator('.make-scheme fieldset').nth(1).getByLabel('Main').check({ force: true });
  await posted(() => page.getByRole('button', { name: /^Make it/ }).click());
  assert.match(await page.locator('#t-sample').textContent(), /Main on Cool/);
  assert.match(await page.locator('#t-parts + p, [aria-labelledby=t-parts]').first().textContent(), /Main on Cool/);
  assert.equal(await page.locator('.opened').count(), 0, 'no pair of it is too faint');
  await noAxeFindings(page, 'a new scheme', SAMPLES);
  await page.locator('summary', { hasText: 'Rename' }).click();
  await page.getByLabel('Name of the scheme').fill('River');
  await posted(() => page.getByRole('button', { name: 'Name it' }).click());
  assert.match(await page.locator('.sample.is-open').textContent(), /River/);
  await posted(() => page.getByRole('button', { name: 'Duplicate' }).click());
  assert.match(await page.locator('.sample.is-open').textContent(), /River again/);
  await undoHere();

  // By pointer: the footer is picked in the window. By key: the header on the list.
  await page.locator('.sample', { hasText: 'River' }).click();
  await settled(page);
  await page.getByRole('button', { name: /Pick parts in the window/ }).click();
  await shopFrame(page).locator('.announcement').hover({ position: { x: 10, y: 4 } });
  await page.waitForFunction(() => /Announcement bar: color scheme Night\. A click gives it River/.test(document.querySelector('#tape-reach').textContent));
  await posted(() => shopFrame(page).locator('.announcement').click({ position: { x: 10, y: 4 } }));
  await becomes('.announcement', 'backgroundColor', 'rgb(8, 182, 175)');
  await page.keyboard.press('Escape');
  assert.equal(await page.locator('[data-dress]').getAttribute('aria-pressed'), 'false');
  await posted(() => page.getByRole('button', { name: /^Header, now Daylight/ }).click());
  await becomes('.header', 'backgroundColor', 'rgb(8, 182, 175)');

  await page.locator('summary', { hasText: 'Remove' }).click();
  assert.match(await page.locator('.remove').textContent(), /2 parts have it\. They will get/);
  await page.getByLabel('They will get').selectOption({ label: 'Kiln' });
  await page.locator('.heirs').getByLabel('Header: color scheme').selectOption({ label: 'Counter' });
  await posted(() => page.getByRole('button', { name: 'Remove River' }).click());
  await becomes('.header', 'backgroundColor', 'rgb(255, 255, 255)');
  await becomes('.announcement', 'backgroundColor', 'rgb(180, 66, 10)');
  for (let i = 0; i < 5; i += 1) await undoHere();
  await becomes('.announcement', 'backgroundColor', 'rgb(44, 43, 118)');
});

test('a ground runs from color to color, set on the drawing by pointer and by key, measured at its worst', async () => {
  await open('schemes', '&open_scheme=night');
  await posted(() => page.getByRole('button', { name: 'Let it run straight' }).click());
  await page.waitForFunction(() => getComputedStyle(document.querySelector('iframe').contentDocument.querySelector('.announcement')).backgroundImage.startsWith('linear-gradient(135deg'));
  // By pointer: the handle of the direction goes to the right.
  const board = page.locator('.gradient-board');
  await board.scrollIntoViewIfNeeded();
  const grip = await page.locator('[data-handle=angle]').boundingBox();
  const box = await board.boundingBox();
  await page.mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width - 20, box.y + (48 * box.width) / 398, { steps: 5 });
  assert.match(await painted('.announcement', 'backgroundImage'), /^linear-gradient\(9\ddeg|^linear-gradient\(8\ddeg/, 'it shows while it is dragged');
  await posted(() => page.mouse.up());
  // By key: a third stop, moved, in another color.
  await posted(() => page.getByRole('button', { name: 'Add a stop' }).click());
  assert.equal(await page.locator('[data-gradient-stops] rect').count(), 3);
  await page.locator('[data-gradient-stops] rect').nth(1).focus();
  await posted(async () => { await page.keyboard.press('Shift+ArrowRight'); });
  assert.match(await page.locator('[data-gradient]').getAttribute('data-written'), / 60%/);
  await posted(() => page.getByRole('button', { name: 'Stop linked to Paper' }).click());
  assert.match(await page.locator('[data-gradient]').getAttribute('data-written'), /\{brand\.paper\}/);
  // Light ink on a ground that passes through paper: somewhere they are the same, and it says so.
  assert.match(await page.locator('.opened').textContent(), /1\.0 : 1, needs 4\.5/);
  await noAxeFindings(page, 'a gradient', SAMPLES);
  await undoHere();
  await posted(() => page.getByRole('button', { name: 'outward' }).click());
  assert.match(await painted('.announcement', 'backgroundImage'), /^radial-gradient/);
  await page.locator('[data-handle=point]').focus();
  await posted(() => page.keyboard.press('Shift+ArrowDown'));
  assert.match(await page.locator('[data-gradient]').getAttribute('data-written'), /circle at 50% 60%/);
  await posted(() => page.getByRole('button', { name: 'Plain again' }).click());
  assert.equal(await painted('.announcement', 'backgroundImage'), 'none');
  for (let i = 0; i < 7; i += 1) await undoHere();
});

test('what rules make of a color moves while it is being chosen, before anything is kept', async () => {
  await open();
  await page.locator('.living .p-ink').first().click();
  await settled(page);
  assert.match(await page.locator('#t-picker').textContent(), /Daylight: text/);
  const soft = () => shopFrame(page).evaluate(() => getComputedStyle(document.documentElement).getPropertyValue('--scheme-daylight-soft').trim());
  const before = await soft();
  const plane = await page.locator('[data-plane]').boundingBox();
  await page.mouse.move(plane.x + plane.width * 0.2, plane.y + plane.height * 0.7);
  await page.mouse.down();
  await page.mouse.move(plane.x + plane.width * 0.1, plane.y + plane.height * 0.75, { steps: 4 });
  await page.waitForFunction((old) => getComputedStyle(document.querySelector('iframe').contentDocument.documentElement).getPropertyValue('--scheme-daylight-soft').trim() !== old, before);
  assert.doesNotMatch(await page.locator('[data-press=undo]').textContent(), /: text/, 'nothing is kept yet');
  await page.mouse.move(plane.x + plane.width * 0.1, plane.y + plane.height * 0.8, { steps: 2 });
  await posted(() => page.mouse.up());
  assert.notEqual(await soft(), before);
  await undoHere();
  assert.equal(await soft(), before);
});

test('the table of pairs is walked by key, its pairs light their places up, lead from place to place, and are mended', async () => {
  await change(page, { 'scheme.daylight.reduced': '#e0a070' });
  await open('pairs');
  await noAxeFindings(page, 'the table of pairs', SAMPLES);
  // The worst pair is open at once.
  assert.match(await page.locator('.opened-pair').textContent(), /Reduced price on background.*needs 4\.5/s);
  await page.waitForFunction(() => document.querySelectorAll('.fix').length > 0);
  const pair = page.locator('[data-pair="reduced:ground@scheme.daylight"]');
  assert.match(await pair.getAttribute('aria-label'), /too faint, needs 4\.5/);
  // Of what is in sight of the window, below the drawing.
  await page.locator('[data-pair="menu:ground@scheme.daylight"]').focus();
  await page.waitForFunction(() => document.querySelectorAll('.reach-lights rect').length > 0);
  await pair.focus();
  await page.keyboard.press('ArrowDown');
  assert.equal(await page.evaluate(() => document.activeElement.dataset.pair), 'rating:ground@scheme.daylight');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  await settled(page);
  // From place to place: the second lies further down the same page, the last on another.
  const walk = page.locator('.opened-pair [data-walk-by="1"]');
  await walk.click();
  await page.waitForFunction(() => /^1 of \d+: Home/.test(document.querySelector('.opened-pair [data-walk-at]').textContent));
  await page.locator('.opened-pair [data-walk-by="-1"]').click();
  await page.waitForFunction(() => /^(\d+) of \1:/.test(document.querySelector('.opened-pair [data-walk-at]').textContent));
  await page.waitForFunction(() => !document.querySelector('iframe').contentWindow.location.pathname.endsWith('/shop/wrenfold/'));
  // Only what is in a state.
  await page.getByRole('button', { name: /^with focus/ }).click();
  assert.equal(await page.locator('[data-pair]:not(.is-other-state)').evaluateAll((all) => all.every((k) => k.dataset.states.includes('focus'))), true);
  // One scheme alone, then the fix.
  await page.locator('select[name=shown]').selectOption('scheme.daylight');
  await page.waitForSelector('[data-pair="reduced:ground"]');
  await settled(page);
  await page.locator('[data-pair="reduced:ground"]').click();
  await settled(page);
  await posted(() => page.locator('.fix').first().click());
  assert.equal(await page.locator('.fails-stop').count(), 0);
  await undoHere();
  await undoHere();
});

test('what stands over a picture is measured on it, and mended by the thinnest veil that does', async () => {
  await change(page, { 'header.over': true, 'band.lead-1.layout': 'over', 'header.over.scheme': 'night', 'band.lead-1.veil': 0.1 });
  await open('pairs', '&shown=scheme.night');
  const pair = page.locator('[data-pair="menu:over"]');
  assert.match(await pair.getAttribute('aria-label'), /^menu on the first band’s picture, 1\.\d to 1 in Night: too faint/);
  await pair.focus();
  await page.keyboard.press('Enter');
  await page.waitForSelector('.opened-pair .fix');
  await page.waitForFunction(() => { const box = document.querySelector('.opened-pair').getBoundingClientRect(); return box.top < document.querySelector('#bench').getBoundingClientRect().bottom - 80; });
  await posted(() => page.locator('.opened-pair .fix', { hasText: 'Lay a tint of' }).click());
  await page.waitForFunction(() => /, (4\.[5-9]|[5-9]\.\d) to 1 in Night: holds/.test(document.querySelector('[data-pair="menu:over"]').getAttribute('aria-label')));
  await page.waitForFunction(() => Number(getComputedStyle(document.querySelector('iframe').contentDocument.querySelector('.lead-picture'), '::after').opacity) > 0.3);
  await undoHere();
  // All at once: what no ink mends is left to one veil.
  await page.getByRole('button', { name: /^Show what would fix/ }).click();
  await settled(page);
  assert.match(await page.locator('[aria-labelledby=t-mend]').textContent(), /tint over the picture becomes 0\.\d/);
  await posted(() => page.getByRole('button', { name: /^Make th/ }).click());
  assert.equal(await page.locator('#t-mend').count(), 0, 'nothing is faint any more');
  await undoHere();
  await undoHere();
});

test('a look gets colors for dark surroundings, checked and changed on their own, and devices that ask get them', async () => {
  await open('dark');
  await noAxeFindings(page, 'no dark set yet');
  await posted(() => page.getByRole('button', { name: 'Make colors for dark surroundings' }).click());
  await becomes('.header', 'backgroundColor', await shopFrame(page).evaluate(() => { const probe = document.createElement('i'); probe.style.color = 'var(--dark-daylight-ground)'; document.body.append(probe); const c = getComputedStyle(probe).color; probe.remove(); return c; }));
  await noAxeFindings(page, 'the dark set', SAMPLES);
  await page.locator('.p-link').click();
  await settled(page);
  assert.match(await page.locator('#t-picker').textContent(), /Daylight in the dark: link text\s+made by the rule/);
  await page.locator('#typed').fill('#2f2a20');
  await posted(() => page.getByRole('button', { name: 'Set', exact: true }).click());
  assert.match(await page.locator('.opened').textContent(), /Link text on background, in dark surroundings/);
  await posted(() => page.getByRole('button', { name: 'Back to the rule', exact: true }).click());
  assert.equal(await page.locator('.opened').count(), 0);
  await posted(() => page.getByRole('button', { name: 'Let it run straight' }).click());
  await page.waitForFunction(() => getComputedStyle(document.querySelector('iframe').contentDocument.querySelector('.header')).backgroundImage.startsWith('linear-gradient'));
  await undoHere();
  // Another bench shows the shop in the light again; the moon brings the dark back.
  await page.locator('.part-tab', { hasText: 'Schemes' }).click();
  await settled(page);
  await becomes('.header', 'backgroundColor', 'rgb(249, 243, 230)');
  await page.locator('[data-dark]').click();
  assert.notEqual(await painted('.header', 'backgroundColor'), 'rgb(249, 243, 230)');
  await page.locator('[data-dark]').click();

  // A device that asks for dark, on every kind of page: dark, and axe finds nothing.
  const visitor = await openPage(browser, { colorScheme: 'dark' });
  await visitor.context().addCookies(await page.context().cookies());
  const paths = await page.evaluate(() => [...document.querySelector('[data-page]').options].map((o) => [o.value, o.dataset.path]));
  for (const [key, path] of paths) {
    await visitor.goto(`${BASE}/preview/1/now/shop/wrenfold${path}`);
    const light = await visitor.evaluate(() => { const [r, g, b] = getComputedStyle(document.querySelector('.wear')).backgroundColor.match(/\d+/g).map(Number); return 0.2126 * r + 0.7152 * g + 0.0722 * b; });
    assert.ok(light < 110, `${key} is dark`);
    await noAxeFindings(visitor, `${key} in the dark`);
  }
  await visitor.emulateMedia({ colorScheme: 'light' });
  assert.equal(await visitor.evaluate(() => getComputedStyle(document.body).backgroundColor), 'rgb(249, 243, 230)');
  await visitor.context().close();
  for (let i = 0; i < 3; i += 1) await undoHere();
});

test('words of a text take the color of a role, are seen in it where they are written, and follow it', async () => {
  await page.goto(`${BASE}/workbench/looks/1/pages?open_part=band-lead-1`);
  await settled(page);
  const field = page.locator('#c-band-lead-1-heading');
  const kept = () => page.locator('#f-c-band-lead-1-heading input[name=value]').inputValue();
  const colorOf = (role) => page.locator(`[data-word-colors="c-band-lead-1-heading"] [data-word-color=${role}]`);
  // By pointer: a word is chosen with a double click.
  const word = await field.evaluate((e) => { const r = document.createRange(); const at = e.textContent.indexOf('long'); r.setStart(e.firstChild, at); r.setEnd(e.firstChild, at + 4); const b = r.getBoundingClientRect(); return { x: b.x + b.width / 2, y: b.y + b.height / 2 }; });
  await page.mouse.dblclick(word.x, word.y);
  await edited(page, () => colorOf('link').click());
  assert.equal(await kept(), 'Light for the {link|long} evenings');
  assert.equal(await field.textContent(), 'Light for the long evenings', 'no sign of how it is kept');
  assert.equal(await field.locator('.in-link').evaluate((e) => getComputedStyle(e).color), 'rgb(246, 193, 89)');
  assert.equal(await colorOf('link').getAttribute('aria-pressed'), 'true');
  await page.waitForFunction(() => document.querySelector('iframe').contentDocument?.querySelector('h1 .in-link')?.textContent === 'long');
  await becomes('h1 .in-link', 'color', 'rgb(246, 193, 89)');
  assert.equal(await shopFrame(page).evaluate(() => document.querySelector('h1').textContent), 'Light for the long evenings');
  await noAxeFindings(page, 'colored words');
  // By key: words are typed into the colored ones, the last word is chosen and colored, and Enter keeps.
  await field.focus();
  await page.keyboard.press('Home');
  for (let i = 0; i < 'Light for the long'.length; i += 1) await page.keyboard.press('ArrowRight');
  await page.keyboard.type(', dark');
  await page.keyboard.press('End');
  await page.keyboard.press('Control+Shift+ArrowLeft');
  await edited(page, () => page.keyboard.press('Enter'));
  assert.equal(await kept(), 'Light for the {link|long, dark} evenings');
  await page.keyboard.press('Tab');
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('ArrowRight');
  await edited(page, () => page.keyboard.press('Enter'));
  assert.equal(await kept(), 'Light for the {link|long, dark} {price|evenings}');
  // Taken back as a whole: everything chosen, the color of the rest.
  await field.focus();
  await page.keyboard.press('Control+a');
  await edited(page, () => page.locator('[data-word-colors="c-band-lead-1-heading"]').getByRole('button', { name: 'as the rest' }).click());
  assert.equal(await kept(), 'Light for the long, dark evenings');
  // Nobody can write markup that way, paste any, or keep more than fits.
  await field.fill('');
  await page.keyboard.insertText('{link|<b>x</b>} "&');
  await edited(page, () => field.press('Enter'));
  await page.waitForFunction(() => document.querySelector('iframe').contentDocument?.querySelector('h1')?.textContent === '<b>x</b> "&');
  await field.evaluate((e) => {
    e.focus();
    document.getSelection().selectAllChildren(e);
    const data = new DataTransfer();
    data.setData('text/plain', `one\ntwo ${'x'.repeat(200)}`);
    data.setData('text/html', '<b style="color:red">one</b>');
    e.dispatchEvent(new InputEvent('beforeinput', { inputType: 'insertFromPaste', dataTransfer: data, bubbles: true, cancelable: true }));
  });
  const most = Number(await field.getAttribute('data-most'));
  assert.equal(await field.textContent(), `one two ${'x'.repeat(200)}`, 'nothing is cut');
  assert.equal(await field.locator('b, [style]').count(), 0);
  await field.blur();
  await page.waitForFunction((n) => document.querySelector('#f-c-band-lead-1-heading .refused')?.textContent.includes(`at most ${n} fit`), most);
  page.troubles.splice(page.troubles.findIndex((trouble) => trouble.includes('422')), 1);
  await field.fill('x'.repeat(most));
  await edited(page, () => field.blur());
  // Several lines stay several lines.
  const text = page.locator('#c-band-lead-1-words');
  await text.fill('');
  await page.keyboard.type('First');
  await page.keyboard.press('Enter');
  await page.keyboard.type('Second');
  await edited(page, () => text.blur());
  assert.equal(await text.textContent(), 'First\nSecond');
  for (let i = 0; i < 7; i += 1) await undoHere();
  assert.equal(await kept(), 'Light for the long evenings');
});

test('buttons of another color are offered for joining, and what shows nowhere says why', async () => {
  await change(page, { 'scheme.counter.action': '#444499' });
  await open('schemes');
  await page.locator('.p-action .grip').click();
  await settled(page);
  const offer = page.locator('.joining', { hasText: 'Counter' });
  assert.match(await offer.textContent(), /\d+ places? in Counter uses? another color, #444499/);
  assert.match(await page.locator('.joining', { hasText: 'Night' }).textContent(), /Joined, .* needed/);
  await posted(() => offer.getByRole('button', { name: 'Join them' }).click());
  assert.equal(await page.locator('.joining', { hasText: 'Counter' }).count(), 0);
  await undoHere();
  await undoHere();
  await open('schemes', '&open_scheme=kiln');
  await page.locator('.p-heading').click();
  await settled(page);
  await page.locator('.walk [data-walk-by="1"]').click();
  await page.waitForFunction(() => /Shows nowhere: no part of the shop has this color scheme/.test(document.querySelector('[data-walk-at]').textContent));
});
