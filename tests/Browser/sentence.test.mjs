// The whole job in one sentence: schemes, fonts, logo, announcement, a header that stays, footer blocks, the grid, the checkout, a season, and
// published; by pointer in few clicks, and by keyboard alone.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, edited, forget, openPage, settled, shopFrame, SHOP, shows, signedIn } from './support.mjs';

const { browser, page } = await signedIn();
const LOOK = `${BASE}/workbench/looks/1`;

/** What a publish must bring to the public shop, whichever way it was made. */
async function isLive({ words, heading, columns }) {
  const visitor = await openPage(browser);
  await visitor.goto(`${SHOP}/`);
  const found = await visitor.evaluate(() => {
    const root = getComputedStyle(document.documentElement);
    return {
      action: root.getPropertyValue('--scheme-daylight-action').trim(), heading: root.getPropertyValue('--type-heading-family'), sticky: getComputedStyle(document.querySelector('.header')).position,
      logo: root.getPropertyValue('--header-logo-size-desktop').trim(), words: document.querySelector('.announcement').textContent, newsletter: document.querySelectorAll('.footer .footer-letters').length,
      columns: root.getPropertyValue('--grid-columns-desktop').trim(),
    };
  });
  await visitor.goto(`${SHOP}/product/moth-paper-globe`);
  await visitor.getByRole('button', { name: 'Add to cart' }).first().click();
  await visitor.goto(`${SHOP}/checkout`);
  const hasHeader = await visitor.locator('.header').count();
  await visitor.context().close();
  assert.equal(found.action, '#45449a', 'the brand color it is linked to');
  assert.match(found.heading, heading);
  assert.equal(found.sticky, 'sticky');
  assert.notEqual(found.logo, '33px');
  assert.ok(found.words.includes(words), found.words);
  assert.equal(found.newsletter, 1);
  assert.equal(found.columns, columns);
  assert.equal(hasHeader, 1, 'the whole header stands over the checkout');
}

const head = async () => Number(await page.locator('#state [name=seen]').inputValue());
/** Puts the first release live again, and the look back to where it stood. */
async function takeBack(begin) {
  await page.goto(`${LOOK}/publish?open_point=${begin}`);
  await settled(page);
  await edited(page, () => page.getByRole('button', { name: 'Make this the present' }).click());
  await edited(page, () => page.getByRole('button', { name: 'Make release 1 live again' }).click());
  forget(page);
}

test('by pointer, in under 60 clicks', async () => {
  await page.goto(`${LOOK}/colors?page=home`);
  await settled(page);
  const begin = await head();
  let clicks = 0;
  /** A press on what is seen; it is scrolled to as a person would, by the wheel. */
  const click = async (target) => {
    await target.scrollIntoViewIfNeeded();
    await target.click();
    clicks += 1;
    await settled(page);
  };
  const clickAt = async (target, share) => {
    await target.scrollIntoViewIfNeeded();
    const box = await target.boundingBox();
    await edited(page, () => page.mouse.click(box.x + box.width * share, box.y + box.height / 2));
    clicks += 1;
  };
  /** A choice is opened and one of it is taken. */
  const choose = async (selector, value) => {
    await edited(page, () => page.locator(selector).selectOption(value));
    clicks += 2;
  };
  const step = (name) => click(page.locator('.step', { hasText: name }));
  const part = (name) => click(page.locator('.part-tab', { hasText: name }));

  // A scheme: its buttons in another brand color. The button is picked in the shop.
  await click(page.locator('.p-action .grip'));
  await edited(page, async () => { await page.getByRole('button', { name: 'Link to Second' }).click(); clicks += 1; });
  await step('Fonts');
  await choose('#c-type-heading-family', 'literata');
  await step('Logo');
  await clickAt(page.locator('.number:has(#c-header-logo-size-desktop) .slider'), 0.9);
  await step('Header');
  await choose('#c-header-sticky', 'stays');
  await part('Announcement');
  await click(page.locator('.item-name').first());
  await click(page.locator('#c-message-words-1-text, [id^=c-message][id$=-text]').first());
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Lights for every evening');
  await edited(page, async () => { await page.locator('#bench h1').click(); clicks += 1; });
  await step('Footer');
  await edited(page, async () => { await page.locator('.items').getByRole('button', { name: 'newsletter' }).click(); clicks += 1; });
  await step('Products');
  await click(page.locator('#c-grid-columns-desktop'));
  await page.keyboard.press('Control+a');
  await edited(page, async () => { await page.keyboard.type('3'); await page.keyboard.press('Enter'); });
  await step('Checkout');
  await part('Checkout');
  await choose('#c-checkout-head', 'header');
  await step('Seasons');
  await click(page.locator('.lane', { hasText: 'Thaw Sale' }));
  const handle = await page.locator('[data-date$=".ends"] .handle-room').boundingBox();
  await page.mouse.move(handle.x + 12, handle.y + 14);
  await page.mouse.down();
  await page.mouse.move(handle.x + 40, handle.y + 14, { steps: 4 });
  await edited(page, () => page.mouse.up());
  clicks += 1;
  await step('Publish');
  await edited(page, async () => { await page.getByRole('button', { name: /^Publish \d+ changes/ }).click(); clicks += 1; });
  await page.waitForFunction(() => document.querySelector('#announce').textContent.includes('is live'));
  assert.ok(clicks < 60, `${clicks} clicks`);
  await isLive({ words: 'Lights for every evening', heading: /Literata/i, columns: '3' });
  await takeBack(begin);
  assert.deepEqual(page.troubles, []);
});

test('by keyboard alone', async () => {
  await page.goto(`${LOOK}/start`);
  await settled(page);
  const begin = await head();
  /** Everything is come to by its plain name in the find box. */
  const find = async (words, expected) => {
    await page.keyboard.press('Control+k');
    await page.keyboard.type(words);
    await page.waitForFunction((name) => document.querySelector('#found [aria-selected=true]')?.textContent.includes(name), expected);
    await page.keyboard.press('Enter');
    await settled(page);
  };
  const press = async (...keys) => { for (const key of keys) await page.keyboard.press(key); };
  const tabTo = async (selector, most = 200) => {
    for (let i = 0; i < most; i += 1) {
      if (await page.evaluate((s) => document.activeElement.matches(s), selector)) return;
      await page.keyboard.press('Tab');
    }
    assert.fail(`Tab never reached ${selector}`);
  };
  const isIn = (id) => page.waitForFunction((at) => document.activeElement.id === at, id);

  await find('daylight action', 'Daylight: action');
  await tabTo('.chip-row[aria-label^="Brand"] button');
  for (let i = 0; i < 12 && !(await page.evaluate(() => document.activeElement.getAttribute('aria-label') === 'Link to Second')); i += 1) await press('ArrowRight');
  await edited(page, () => press('Enter'));
  await find('first heading font', 'First heading font');
  await isIn('c-type-heading-family');
  await edited(page, async () => { await page.keyboard.type('Lit'); });
  await find('logo size desktop', 'Logo size on a desktop');
  await edited(page, () => press('Shift+ArrowUp'));
  await find('sticky header', 'Header while the page scrolls');
  await isIn('c-header-sticky');
  await edited(page, () => page.keyboard.type('in sight all'));
  await find('message 1 text', 'Message 1');
  await press('Control+a');
  await page.keyboard.type('Lights for every evening');
  await edited(page, () => press('Tab'));
  await find('blocks of the footer', 'Blocks of the footer');
  await tabTo('.items button.act');
  for (let i = 0; i < 12 && !(await page.evaluate(() => document.activeElement.textContent.trim() === 'newsletter')); i += 1) await press('Tab');
  await edited(page, () => press('Enter'));
  await find('columns on a desktop products', 'Columns on a desktop');
  await edited(page, async () => { await press('Control+a'); await page.keyboard.type('3'); await press('Enter'); });
  await find('over the checkout stands', 'Over the checkout stands');
  await edited(page, () => page.keyboard.type('the whole'));
  await find('seasons', 'Seasons');
  await page.locator('#sheet .lane[tabindex="0"]').waitFor();
  await press('F6', 'Shift+F6');
  await tabTo('.lane');
  for (let i = 0; i < 4 && !(await page.evaluate(() => document.activeElement.getAttribute('aria-label')?.startsWith('Thaw Sale'))); i += 1) await press('ArrowDown');
  await press('Enter');
  await page.waitForSelector('.lane.is-open');
  await settled(page);
  await tabTo('[data-date$=".ends"]');
  await edited(page, () => press('Shift+ArrowRight', 'Enter'));
  await find('publish', 'Publish');
  await tabTo('#bench .go .publish');
  await edited(page, () => press('Enter'));
  await page.waitForFunction(() => document.querySelector('#announce').textContent.includes('is live'));
  await isLive({ words: 'Lights for every evening', heading: /Literata/i, columns: '3' });
  await takeBack(begin);
  assert.deepEqual(page.troubles, []);
});
