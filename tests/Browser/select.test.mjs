// The bench follows the window: what is clicked in the shop is picked, its control opens, and the keys go from thing to thing.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, edited, noAxeFindings, settled, shopFrame, shows, signedIn, undo } from './support.mjs';

const { page } = await signedIn();
const LOOK = `${BASE}/workbench/looks/1`;

const tag = page.locator('.picked-tag');
const found = () => page.evaluate(() => document.querySelector('.control.is-found')?.dataset.reach ?? document.querySelector('#state [name=open_path]')?.value ?? null);
const open = async (rest) => { await page.goto(`${LOOK}/${rest}`); await settled(page); };
const picked = async (act) => {
  const answer = page.waitForResponse((r) => r.url().includes('/selected?'));
  await act();
  await answer;
  await settled(page);
  await page.waitForFunction(() => !document.querySelector('.picked-tag').hidden);
};
const name = async () => (await tag.locator('h2').textContent()).trim();

/** Things of a page, one of each name, with where each stands among the page's elements and what is around it in its part. */
const thingsOf = () => shopFrame(page).evaluate((selectors) => {
  const all = [...document.body.querySelectorAll('*')];
  const seen = new Set();
  return Object.entries(selectors).flatMap(([selector]) => {
    // The innermost box that a click in its middle really meets.
    const element = [...document.querySelectorAll(selector)].find((e) => {
      const box = e.getBoundingClientRect();
      const at = box.width > 0 && document.elementFromPoint(box.left + Math.min(box.width / 2, 12), box.top + box.height / 2);
      return box.top > 0 && box.bottom < innerHeight && at && (at === e || e.contains(at)) && Object.keys(selectors).find((each) => at.closest(each)) !== undefined && e === at.closest(Object.keys(selectors).join());
    });
    if (!element || seen.has(element)) return [];
    seen.add(element);
    const chain = [];
    for (let e = element; e && e.localName !== 'body'; e = e.parentElement) { chain.push(all.indexOf(e)); if ('part' in e.dataset) break; }
    return [{ selector, number: all.indexOf(element), near: [...chain, ...[...element.querySelectorAll('*')].map((e) => all.indexOf(e))]}];
  });
}, selectors);

await open('pages?open_part=page');
const selectors = await page.evaluate(() => JSON.parse(document.querySelector('[data-window]').dataset.things));

test('sixty things of all pages lead to a control that shows there', async () => {
  const pages = await page.locator('[data-page] option').evaluateAll((options) => options.map((o) => o.value));
  let clicked = 0;
  const wrong = [];
  for (const [turn, key] of pages.entries()) {
    await page.locator('[data-page]').selectOption(key);
    await settled(page);
    // Pages have much in common: each begins at another of its things, so that all kinds have their turn.
    const things = await thingsOf();
    for (const { selector, number, near } of [...things.slice(turn % things.length), ...things].slice(0, 4)) {
      await page.evaluate(() => { const escape = document.querySelector('[data-let-go]'); escape?.click(); });
      // A step with a drawing leaves the window less room.
      const stage = await page.locator('iframe').boundingBox();
      const scale = stage.width / 1280;
      const box = await shopFrame(page).evaluate((n) => {
        const element = document.body.querySelectorAll('*')[n];
        // What was picked before may have brought the page elsewhere.
        const { top, bottom } = element.getBoundingClientRect();
        if (top < 0 || bottom > innerHeight) element.scrollIntoView({ block: 'center', behavior: 'instant' });
        return element.getBoundingClientRect().toJSON();
      }, number);
      const x = stage.x + (box.x + Math.min(box.width / 2, 12)) * scale;
      const y = stage.y + (box.y + box.height / 2) * scale;
      await picked(() => page.mouse.click(x, y));
      if (await tag.locator('[data-main]').count() === 0) continue;
      const main = await tag.locator('[data-main]').getAttribute('data-reach');
      await shows(page, found, main).catch(() => {});
      const path = await found();
      const reach = await (await page.request.get(`${LOOK}/reach?${new URLSearchParams({ path })}`)).json();
      const places = [...reach.places[key] ?? [], ...reach.later[key] ?? []];
      if (path !== main || !near.some((n) => places.includes(n))) wrong.push(`${key} ${selector} ${number}: ${main}, open ${path}`);
      clicked += 1;
    }
  }
  assert.deepEqual(wrong, []);
  assert.ok(clicked >= 60, `${clicked} things`);
});

test('a heading opens its words in its own step, its color in Colors, its font in Fonts', async () => {
  for (const [step, path] of [['header', 'band.lead-1.heading'], ['colors', 'scheme.night.heading'], ['fonts', 'type.heading.family']]) {
    await open(`${step}?page=home`);
    await picked(() => shopFrame(page).locator('.lead-words h1').click());
    await shows(page, found, path);
    assert.equal(new URL(page.url()).pathname.split('/').pop(), path.startsWith('band') ? 'pages' : step);
  }
});

test('keys go from thing to thing, open it, offer it and let it go', async () => {
  await open('pages?open_part=home&page=home');
  await picked(() => shopFrame(page).locator('.lead-words .button').click());
  assert.equal(await name(), 'Button, lead picture');
  await picked(() => page.keyboard.press('ArrowUp'));
  assert.equal(await name(), 'Lead picture');
  await picked(() => page.keyboard.press('ArrowDown'));
  await picked(() => page.keyboard.press('ArrowRight'));
  assert.equal(await name(), 'Small line above, lead picture');
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => document.activeElement.id === 'c-band-lead-1-kicker');
  await noAxeFindings(page, 'something picked');
  // The keyboard alone: into the window with Tab, a link is picked with Enter and let go with Escape.
  await shopFrame(page).locator('.menu a').first().focus();
  await picked(() => page.keyboard.press('Enter'));
  assert.match(await name(), /^Menu entry/);
  await page.keyboard.press('Escape');
  assert.ok(await tag.isHidden());
});

test('words are written where they stand', async () => {
  await open('pages?open_part=home&page=home');
  const line = () => shopFrame(page).locator('.kicker').first();
  const was = await line().textContent();
  await line().dblclick();
  await page.waitForFunction(() => document.querySelector('iframe').contentDocument.activeElement.isContentEditable);
  await page.keyboard.type('Fresh from the river');
  await page.keyboard.press('Escape');
  assert.equal(await line().textContent(), was);
  await page.keyboard.press('w');
  await page.keyboard.insertText('x'.repeat(300));
  await page.keyboard.press('Enter');
  assert.match(await page.locator('.thing-name').textContent(), /300 characters, \d+ too many/, 'what is too long says so, and is not cut');
  assert.equal((await line().textContent()).length, 300);
  await page.keyboard.press('Escape');
  assert.equal(await line().textContent(), was);
  await page.keyboard.press('w');
  await page.keyboard.type('Fresh from the river');
  await edited(page, () => page.keyboard.press('Enter'));
  await shows(page, () => line().textContent(), 'Fresh from the river');
  assert.equal(await name(), 'Small line above, lead picture', 'it stays picked on the page that was read again');
  await undo(page);
});

test('an item of a list is moved, hidden and taken out where it stands, and a menu offers the same', async () => {
  await open('pages?open_part=home&page=home');
  const bands = () => shopFrame(page).evaluate(() => [...document.querySelectorAll('[data-part^="band-"]')].map((e) => e.dataset.part));
  const before = await bands();
  await picked(() => shopFrame(page).locator('[data-part="band-lead-1"] .lead-words .button').click({ button: 'right' }));
  await page.waitForFunction(() => document.activeElement.closest('.picked-tag'));
  await edited(page, () => page.keyboard.press('a'));
  await shows(page, bands, [before[1], before[0], ...before.slice(2)]);
  await edited(page, () => tag.getByRole('button', { name: 'before' }).click());
  await shows(page, bands, before);
  await edited(page, () => tag.getByRole('button', { name: 'delete' }).click());
  await shows(page, bands, before.slice(1));
  for (let i = 0; i < 3; i += 1) await edited(page, () => page.locator('[data-press=undo]').click());
  await shows(page, bands, before);
});

test('links are followed with a modifier, and by a switch for walking through the shop', async () => {
  await open('header?page=home');
  const path = () => new URL(shopFrame(page).url()).pathname;
  await shopFrame(page).locator('.menu a').nth(1).click({ modifiers: ['Control'] });
  await page.waitForFunction(() => document.querySelector('iframe').contentWindow.location.pathname.includes('/category/'));
  await settled(page);
  await page.locator('[data-walk-shop]').click();
  await shopFrame(page).locator('.card-name a').first().click();
  await page.waitForFunction(() => document.querySelector('iframe').contentWindow.location.pathname.includes('/product/'));
  await settled(page);
  assert.ok(await tag.isHidden());
  const heading = (await shopFrame(page).locator('h1').textContent()).trim();
  assert.equal(await page.locator('[data-page] option:checked').textContent(), heading, 'the list of pages says which page is open');
  assert.match(page.url(), /page=%2Fproduct%2F/);
  await page.goBack();
  await page.waitForFunction(() => document.querySelector('iframe').contentWindow.location.pathname.includes('/category/'));
  await settled(page);
  assert.match(path(), /\/category\//);
  await page.locator('[data-walk-shop]').click();
});
