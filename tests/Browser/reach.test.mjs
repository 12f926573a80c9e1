// Reach as computed on the server against what really changes in Chromium.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, edited, settled, shopFrame, signedIn } from './support.mjs';

const { page } = await signedIn();

const PROPERTIES = ['color', 'background-color', 'border-top-color', 'border-bottom-color', 'border-left-color', 'stroke', 'fill', 'padding-top', 'border-top-width', 'border-bottom-width', 'font-size', 'column-gap', 'row-gap', 'border-top-left-radius', 'max-width', 'text-decoration-line', 'text-align', 'aspect-ratio', 'outline-color', 'accent-color', 'line-height', 'font-family', 'min-height', 'justify-content', 'width', 'object-fit', 'grid-template-columns'];

/** Elements whose own style changes when a custom property of the root does; what only inherits is left to its ancestor. */
async function reallyChanged(frame, property, value) {
  return frame.evaluate(({ property, value, PROPERTIES }) => {
    const all = [...document.body.querySelectorAll('*')];
    document.documentElement.style.setProperty('transition', 'none');
    // An ink is seen where something is written with it.
    const isInked = (e) => e.matches('svg, svg *, input, select, textarea, img') || [...e.childNodes].some((n) => n.nodeType === 3 && n.data.trim() !== '');
    // An edge that has no width takes the color of the ink without showing it.
    const isSeen = (e, p) => isInked(e) || (p !== 'color' && p !== 'outline-color' && (!/^border-.*-color$/.test(p) || getComputedStyle(e)[p.replace('color', 'width')] !== '0px'));
    const read = () => all.map((e) => PROPERTIES.filter((p) => isSeen(e, p)).map((p) => getComputedStyle(e)[p]).join('|'));
    const before = read();
    document.documentElement.style.setProperty(property, value);
    const after = read();
    document.documentElement.style.removeProperty(property);
    return all.flatMap((e, i) => (before[i] !== after[i] ? [i] : []));
  }, { property, value, PROPERTIES });
}

const reported = (path) => page.evaluate(async (p) => (await fetch(`${document.body.dataset.base}/reach?path=${p}`)).json(), path);

for (const [path, value] of [['brand.main', '#ff0000'], ['scheme.daylight.reduced', '#00ff00'], ['scheme.daylight.price', '#00ff00'], ['scheme.daylight.rating', '#00ff00'], ['scheme.night.ground', '#00ff00'], ['scheme.daylight.label-sale', '#00ff00'], ['scheme.lamplit.field-line', '#00ff00'], ['header.space.top', '40px'], ['header.logo.size.desktop', '55px'], ['band.lead-1.height', '700px'], ['announcement.size', '19px'], ['grid.gap', '60px'], ['shape.radius', '20px']]) {
  test(`what changes with ${path} is what is reported`, async () => {
    const frame = shopFrame(page);
    const changed = await reallyChanged(frame, `--${path.replaceAll('.', '-')}`, value);
    const places = (await reported(path)).places.home ?? [];
    assert.ok(places.length > 0, 'it shows');
    const told = new Set(places);
    // Everything that changes is reported, or lies inside something that is.
    const missing = await frame.evaluate(({ changed, places, isLength }) => {
      const all = [...document.body.querySelectorAll('*')];
      const told = new Set(places.map((i) => all[i]));
      // A length also makes what stands around it or beside it give way.
      const givesWay = (e) => isLength && [...told].some((t) => e.contains(t) || e.parentElement.contains(t) || e.parentElement.parentElement.contains(t));
      return changed.filter((i) => { for (let e = all[i]; e; e = e.parentElement) if (told.has(e)) return false; return !givesWay(all[i]); });
    }, { changed, places, isLength: value.endsWith('px') });
    assert.deepEqual(missing, []);
    // And what is reported changes, but for states and generated content that a still page does not show, and things off this width.
    const still = places.filter((i) => !changed.includes(i));
    const excused = await frame.evaluate((list) => list.filter((i) => {
      const e = [...document.body.querySelectorAll('*')][i];
      return e.matches('a, button, input, .card-picture, .skip, svg, svg *, .lead-picture') || getComputedStyle(e).display === 'none' || e.closest('.fold, .sidecart') || e.matches('.wear');
    }), still);
    assert.deepEqual(still.filter((i) => !excused.includes(i)), []);
    assert.ok(told.size > 0);
  });
}

test('hovering a control lights its places up and counts them on the tape', async () => {
  await page.locator('.p-price').hover();
  await page.waitForFunction(() => document.querySelector('#tape-reach').textContent.includes('Daylight: price shows in'));
  await page.waitForFunction(() => document.querySelectorAll('.reach-lights rect').length > 0);
  const boxes = await page.locator('.reach-lights rect:not(.halo-box)').count();
  const inView = await shopFrame(page).evaluate(() => [...document.querySelectorAll('.price')].filter((e) => e.getBoundingClientRect().top < innerHeight).length);
  assert.equal(boxes, inView);
});

test('what shows nowhere says why', async () => {
  await page.goto(`${BASE}/workbench/looks/1/colors?open_scheme=kiln`);
  await settled(page);
  await page.locator('.p-heading').hover();
  await page.waitForFunction(() => document.querySelector('#tape-reach').textContent.includes('Shows nowhere: no part of the shop has this color scheme'));
  await page.locator('.p-heading').click();
  await settled(page);
  await page.locator('#typed').fill('#ffe9d1');
  await edited(page, () => page.getByRole('button', { name: 'Set', exact: true }).click());
  assert.match(await page.locator('#tape-reach').textContent(), /Nothing visible changed: no part of the shop has this color scheme/);
  await edited(page, () => page.locator('[data-press=undo]').click());
});

test('a length shows while it is dragged, words and choices after they are kept', async () => {
  await page.goto(`${BASE}/workbench/looks/1/header`);
  await settled(page);
  const logo = () => shopFrame(page).locator('.header .frame').evaluate((e) => getComputedStyle(e).paddingTop);
  await page.locator('#c-header-space-top').evaluate((e) => { e.value = 44; e.dispatchEvent(new Event('input', { bubbles: true })); });
  assert.equal(await logo(), '44px');
  await edited(page, () => page.locator('#c-header-space-top').evaluate((e) => e.dispatchEvent(new Event('change', { bubbles: true }))));
  assert.equal(await logo(), '44px');
  await edited(page, () => page.locator('[data-press=undo]').click());
  assert.equal(await logo(), '18px');
  await page.goto(`${BASE}/workbench/looks/1/header?open_part=message-message-1`);
  await settled(page);
  const words = page.locator('#c-message-message-1-text');
  await words.fill('Doors open at dusk');
  await edited(page, () => words.press('Enter').then(() => words.blur()));
  await page.waitForFunction(() => document.querySelector('iframe').contentDocument?.querySelector('.announcement')?.textContent.includes('Doors open at dusk'));
  await edited(page, () => page.locator('[data-press=undo]').click());
  await page.goto(`${BASE}/workbench/looks/1/header?open_part=utility`);
  await settled(page);
  await edited(page, () => page.locator('#c-utility-show').uncheck());
  await page.waitForFunction(() => document.querySelector('iframe').contentDocument?.querySelector('.footer') && !document.querySelector('iframe').contentDocument.querySelector('.utility'));
  assert.match(await page.locator('#f-c-utility-words-text').textContent(), /Has no effect while “Show the utility strip” is off/);
  await edited(page, () => page.locator('#f-c-utility-words-text').getByRole('button', { name: 'Turn it on' }).click());
  await page.waitForFunction(() => document.querySelector('iframe').contentDocument?.querySelector('.utility'));
  await edited(page, () => page.locator('[data-press=undo]').click());
  await edited(page, () => page.locator('[data-press=undo]').click());
});
