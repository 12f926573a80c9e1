// What a merchant can do, from sign-in to taking a release back: with the mouse, then with the keyboard alone.
import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { BASE, edited, inShop, openPage, settled, shopFrame, signIn, SHOP, startBrowser, tabTo as tabBy } from './support.mjs';

let browser;
before(async () => { browser = await startBrowser(); });
after(async () => { await browser.close(); });

const color = (e) => getComputedStyle(e).color;
const publicColor = async (page) => {
  await page.goto(`${SHOP}/`);
  return page.locator('.reduced').first().evaluate(color);
};

test('with the mouse', async () => {
  const page = await openPage(browser);
  await signIn(page);
  const visitor = await openPage(browser);
  const before = await publicColor(visitor);

  await page.locator('.p-reduced').click();
  await settled(page);
  assert.match(await page.locator('#t-picker').textContent(), /reduced price/);

  // Dragging shows in the window at once, before anything is kept.
  const plane = await page.locator('[data-plane]').boundingBox();
  await page.mouse.move(plane.x + 90, plane.y + 70);
  await page.mouse.down();
  await page.mouse.move(plane.x + 70, plane.y + 40, { steps: 6 });
  await page.waitForFunction((was) => {
    const doc = document.querySelector('iframe').contentDocument;
    return getComputedStyle(doc.querySelector('.reduced')).color !== was;
  }, before);
  assert.match(await page.locator('#bar-end').textContent(), /all of it live/, 'nothing is kept while dragging');
  await page.waitForFunction(() => document.querySelector('.pair-list .fails'), null, { timeout: 4000 });
  await edited(page, () => page.mouse.up());

  // Read at once what became hard to read, by how much; take a computed fix.
  const opened = page.locator('.opened');
  assert.match(await opened.textContent(), /Reduced price on background/);
  assert.match(await opened.textContent(), /needs 4\.5/);
  await opened.getByRole('button', { name: /^Fix it/ }).click();
  await page.waitForSelector('.opened .fix');
  assert.match(await opened.textContent(), /WCAG 2\.2, 1\.4\.3/);
  assert.match(await page.locator('#tape-reach').textContent(), /\d+ places on \d+ pages/);
  const faint = await inShop(page, '.reduced', color);
  await edited(page, () => page.locator('.fix').first().click());
  assert.equal(await opened.count(), 0, 'the finding is gone');
  const mended = await inShop(page, '.reduced', color);
  assert.notEqual(mended, faint);

  // Undo and redo.
  await edited(page, () => page.locator('[data-press=undo]').click());
  assert.equal(await inShop(page, '.reduced', color), faint);
  await edited(page, () => page.locator('[data-press=redo]').click());
  assert.equal(await inShop(page, '.reduced', color), mended);

  // The same page on a phone, other pages, several at once, then and now.
  await page.getByRole('button', { name: 'Phone' }).click();
  await settled(page);
  assert.equal(await shopFrame(page).evaluate(() => innerWidth), 390);
  await page.getByRole('button', { name: 'Turn' }).click();
  await settled(page);
  assert.equal(await shopFrame(page).evaluate(() => innerWidth), 844);
  await page.getByRole('button', { name: 'Turn' }).click();
  await page.getByRole('button', { name: 'Desktop' }).click();
  await page.locator('[data-page]').selectOption('checkout');
  await settled(page);
  assert.match(shopFrame(page).url(), /checkout/);
  assert.ok(await shopFrame(page).locator('.line-item').count() > 0, 'a filled cart stands in the window');
  await page.locator('[data-page]').selectOption('home');
  await page.getByRole('button', { name: 'Three devices' }).click();
  await settled(page);
  assert.deepEqual(await page.evaluate(() => [...document.querySelectorAll('iframe')].map((f) => f.clientWidth)), [1280, 768, 390]);
  await page.getByRole('button', { name: 'Five pages' }).click();
  await settled(page);
  assert.equal(await page.locator('iframe').count(), 5);
  await page.getByRole('button', { name: 'Then and now' }).click();
  await settled(page);
  const colors = await page.evaluate(() => [...document.querySelectorAll('iframe')].map((f) => getComputedStyle(f.contentDocument.querySelector('.reduced')).color));
  assert.deepEqual(colors, [before, mended]);
  await page.getByRole('button', { name: 'Then and now' }).click();
  await settled(page);

  // A link in the window stays in the window.
  await page.locator('[data-walk-shop]').click();
  await shopFrame(page).locator('.menu a').first().click();
  await page.waitForFunction(() => document.querySelector('iframe').contentWindow.location.pathname.includes('/category/'));
  assert.match(shopFrame(page).url(), /\/preview\/1\/now\/shop\//);

  // Publish, see it in another tab; publish again; bring the earlier release back.
  await page.locator('#bar-end .publish').click();
  await page.waitForSelector('#t-change');
  assert.match(await page.locator('.changes').textContent(), /Daylight: reduced price/);
  assert.equal(await publicColor(visitor), before, 'not live yet');
  await edited(page, () => page.getByRole('button', { name: /^Publish \d/ }).click());
  assert.equal(await publicColor(visitor), mended);
  await page.getByRole('link', { name: 'Colors' }).click();
  await page.waitForSelector('.living');
  await page.locator('.p-reduced').click();
  await settled(page);
  await page.locator('#typed').fill('rebeccapurple');
  await edited(page, () => page.getByRole('button', { name: 'Set', exact: true }).click());
  await page.locator('#bar-end .publish').click();
  await page.waitForSelector('#t-change');
  await edited(page, () => page.getByRole('button', { name: /^Publish \d/ }).click());
  assert.equal(await publicColor(visitor), 'rgb(102, 51, 153)');
  // Other tests may have published before: what was live is named by its place in the list, not by a number.
  const earlier = page.getByRole('button', { name: /^Make release \d+ live again/ });
  await edited(page, () => earlier.first().click());
  assert.equal(await publicColor(visitor), mended);
  await edited(page, () => earlier.nth(1).click());
  assert.equal(await publicColor(visitor), before);
  assert.deepEqual(page.troubles, []);
  assert.deepEqual(visitor.troubles, []);
});

test('with the keyboard alone', async () => {
  const page = await openPage(browser);
  await page.goto(`${BASE}/workbench/sign-in`);
  await page.waitForFunction(() => document.activeElement.matches('[name=email]'));
  await page.keyboard.type('maren@wrenfold.example');
  await page.keyboard.press('Tab');
  await page.keyboard.type('lantern-night');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/looks\/\d+\//);
  await settled(page);
  const visitor = await openPage(browser);
  const live = await publicColor(visitor);

  const tabTo = (selector) => tabBy(page, selector);

  // Find a setting by a misspelt word.
  await page.keyboard.press('/');
  await page.keyboard.type('lamplit buton');
  await page.waitForSelector('#found [role=option][aria-selected=true]');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('daylight redused price');
  await page.waitForFunction(() => document.querySelector('#found [aria-selected=true]')?.textContent.includes('reduced price'));
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => document.querySelector('#t-picker')?.textContent.includes('reduced price'));
  await settled(page);
  const before = await inShop(page, '.reduced', color);

  // Coarse and fine: the arrow keys of the lightness.
  await tabTo('[data-axis=l]');
  assert.ok(await page.evaluate(() => getComputedStyle(document.activeElement).outlineStyle !== 'none'), 'the focus is seen');
  await edited(page, async () => { for (let i = 0; i < 40; i += 1) await page.keyboard.press('ArrowRight'); });
  assert.notEqual(await inShop(page, '.reduced', color), before);
  assert.ok(await page.evaluate(() => document.activeElement.matches('[data-axis=l]')), 'the focus is kept through the answer');
  assert.match(await page.locator('.opened').textContent(), /Reduced price on background/);

  await tabTo('.opened button');
  await page.keyboard.press('Enter');
  await page.waitForSelector('.opened .fix');
  await tabTo('.fix');
  await edited(page, () => page.keyboard.press('Enter'));
  assert.equal(await page.locator('.opened').count(), 0);
  await edited(page, () => page.keyboard.press('Control+z'));
  assert.equal(await page.locator('.opened').count(), 1);
  await edited(page, () => page.keyboard.press('Control+Shift+z'));
  assert.equal(await page.locator('.opened').count(), 0);

  // A brand color on the drawing, by key.
  await page.evaluate(() => document.querySelector('.skip-link').focus());
  await tabTo('.part-tab[href*="open_part=brand"]');
  await page.keyboard.press('Enter');
  await page.waitForSelector('.plate');
  await settled(page);
  await tabTo('.plate');
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => document.querySelector('#t-picker').textContent.includes('Paper'));

  // Device and page.
  await page.evaluate(() => document.querySelector('.skip-link').focus());
  await tabTo('[data-device=phone]');
  await page.keyboard.press('Enter');
  await settled(page);
  assert.equal(await shopFrame(page).evaluate(() => innerWidth), 390);

  // Publish, see it, bring the first release back.
  await page.evaluate(() => document.querySelector('.skip-link').focus());
  await tabTo('#bar-end .publish');
  await page.keyboard.press('Enter');
  await page.waitForSelector('#t-change');
  await settled(page);
  await tabTo('.go .publish');
  await edited(page, () => page.keyboard.press('Enter'));
  assert.notEqual(await publicColor(visitor), live);
  await page.evaluate(() => document.querySelector('.skip-link').focus());
  for (;;) {
    await tabTo('.releases button');
    if (await page.evaluate(() => document.activeElement.textContent.replace(/\s+/g, ' ') === 'Make release 1 live again')) break;
  }
  await edited(page, () => page.keyboard.press('Enter'));
  assert.equal(await publicColor(visitor), live);
  assert.deepEqual(page.troubles, []);
});

test('two people at one look: the late write is refused and both values are shown', async () => {
  const maren = await openPage(browser);
  const tobias = await openPage(browser);
  await signIn(maren);
  await signIn(tobias, 'tobias');
  for (const page of [maren, tobias]) {
    await page.locator('.p-heading').click();
    await settled(page);
    await page.locator('#typed').fill(page === maren ? '#402a66' : '#1d4d44');
  }
  await edited(tobias, () => tobias.getByRole('button', { name: 'Set', exact: true }).click());
  await maren.getByRole('button', { name: 'Set', exact: true }).click();
  await maren.waitForSelector('[data-stale]');
  const words = await maren.locator('#notice').textContent();
  assert.match(words, /Tobias changed/);
  assert.match(words, /#1d4d44/);
  assert.match(words, /#402a66/);
  await edited(maren, () => maren.getByRole('button', { name: 'Use mine' }).click());
  assert.equal(await inShop(maren, 'h2', color), 'rgb(64, 42, 102)');
  await edited(maren, () => maren.locator('[data-press=undo]').click());
  await edited(maren, () => maren.locator('[data-press=undo]').click());
});

test('without a connection nothing is lost, and trying again keeps it', async () => {
  const page = await openPage(browser);
  await signIn(page);
  await page.locator('.p-link').click();
  await settled(page);
  await page.route('**/edits', (route) => route.abort());
  await page.locator('#typed').fill('#5b2a86');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await page.waitForFunction(() => document.querySelector('#notice').textContent.includes('Not kept'));
  assert.equal(await page.locator('#typed').inputValue(), '#5b2a86');
  await page.unroute('**/edits');
  await edited(page, () => page.getByRole('button', { name: 'Try again' }).click());
  assert.match(await page.locator('#tape-reach').textContent(), /Daylight: link text/);
  await edited(page, () => page.locator('[data-press=undo]').click());
});

test('bad input says what to do and stays in its field', async () => {
  const page = await openPage(browser);
  await signIn(page);
  await page.locator('#typed').fill('blurple');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await page.waitForFunction(() => document.querySelector('#notice').textContent.includes('"blurple" is not a color'));
  assert.equal(await page.locator('#typed').inputValue(), 'blurple');
});
