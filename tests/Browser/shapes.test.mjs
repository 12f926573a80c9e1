// Shapes, driven as a merchant would: a corner, an edge and the inside dragged and moved by key, a shape to begin with tried on and
// taken, and what pointing at a button does.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, change, edited, forget, noAxeFindings, openPage, settled, shopFrame, shows, signIn, signedIn } from './support.mjs';

const { page } = await signedIn();

const open = async () => { await page.goto(`${BASE}/workbench/looks/1/fonts?open_shapes=yes`); await settled(page); };
const changed = (changes) => { forget(page); return change(page, changes); };
const undoHere = () => edited(page, () => page.locator('[data-press=undo]').click());
const grip = (path) => page.locator(`[data-shape="${path}"]`);
const field = (path) => page.locator(`#c-shape-${path}`);
/** What the lead's button in the window computes to. */
const inShop = (name) => shopFrame(page).evaluate((key) => getComputedStyle(document.querySelector('.lead-words .button'))[key], name);

const piece = () => page.locator('[data-piece=button]').evaluate((e) => getComputedStyle(e).borderTopLeftRadius);

async function dragBy(path, x, y) {
  const box = await grip(path).boundingBox();
  const [from, to] = [[box.x + box.width / 2, box.y + box.height / 2], [box.x + box.width / 2 + x, box.y + box.height / 2 + y]];
  await page.mouse.move(...from);
  await page.mouse.down();
  await page.mouse.move(...to, { steps: 4 });
}

test('the pieces are as large and as round as in the shop, with real figures, and axe finds nothing', async () => {
  await open();
  const piece = await page.locator('[data-piece=button]').evaluate((e) => ({ height: e.getBoundingClientRect().height, radius: getComputedStyle(e).borderTopLeftRadius }));
  const real = await shopFrame(page).evaluate(() => { const e = document.querySelector('.lead-words .button'); return { height: e.offsetHeight, radius: getComputedStyle(e).borderTopLeftRadius }; });
  assert.deepEqual(piece, real);
  assert.match(await page.locator('[data-figure=height]').textContent(), new RegExp(`${real.height} px high`));
  assert.match(await page.locator('#bench').textContent(), /The edge of a field\s*\d+(\.\d)? : 1\s*3 : 1 needed\s*holds/);
  await noAxeFindings(page, 'shapes', ['iframe']);
});

test('a corner is dragged: pictures, fields and buttons of the shop follow at once, and it is one edit', async () => {
  await open();
  await dragBy('shape.radius', -12, 12);
  await shows(page, () => inShop('borderTopLeftRadius'), '15px');
  assert.equal(await piece(), '15px', 'the button follows the radius');
  await edited(page, () => page.mouse.up());
  assert.equal(await field('radius').inputValue(), '15');
  await shows(page, () => inShop('borderTopLeftRadius'), '15px');
  await undoHere();
  await shows(page, () => inShop('borderTopLeftRadius'), '3px');
});

test('the inside and the edge, by pointer and by key; Escape lets go', async () => {
  await open();
  await dragBy('shape.inset.across', 10, 0);
  await shows(page, () => inShop('paddingLeft'), '34px');
  await edited(page, () => page.mouse.up());
  await undoHere();
  await grip('shape.inset.down').focus();
  await edited(page, async () => { await page.keyboard.press('ArrowUp'); await page.keyboard.press('PageUp'); });
  assert.equal(await field('inset-down').inputValue(), '13.5');
  assert.match(await page.locator('[data-figure=height]').textContent(), /51 px high/);
  await undoHere();
  await grip('shape.border').focus();
  await page.keyboard.press('End');
  await shows(page, () => page.locator('[data-piece=field]').evaluate((e) => getComputedStyle(e).borderBottomWidth), '3px');
  await page.keyboard.press('Escape');
  await shows(page, () => page.locator('[data-piece=field]').evaluate((e) => getComputedStyle(e).borderBottomWidth), '1px');
  assert.equal(await page.locator('[data-press=undo]').textContent().then((words) => /Border/.test(words)), false, 'nothing was kept');
});

test('a shape to begin with is tried on by hover and by focus, taken in one edit and undone', async () => {
  await open();
  const pebble = page.getByRole('button', { name: /^Pebble/ });
  await pebble.hover();
  await shows(page, () => inShop('borderTopLeftRadius'), '999px');
  assert.equal(await piece(), '999px', 'the pieces wear it, too');
  await page.mouse.move(5, 400);
  assert.equal(await piece(), '3px');
  await shows(page, () => inShop('borderTopLeftRadius'), '3px');
  await page.getByRole('button', { name: /^Cut paper/ }).focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await shows(page, () => inShop('borderTopLeftRadius'), '999px');
  await edited(page, () => page.keyboard.press('Enter'));
  assert.equal(await pebble.getAttribute('aria-current'), 'true');
  assert.deepEqual([await field('radius').inputValue(), await field('pointed').inputValue()], ['16', 'rise']);
  await undoHere();
  await shows(page, () => inShop('borderTopLeftRadius'), '3px');
});

test('pointing at a button does what is chosen, as fast as is chosen, and nothing rises for who wants less motion', async () => {
  const pointed = async (visitor) => {
    await visitor.goto(`${BASE}/preview/1/now/shop/wrenfold/`);
    await visitor.locator('.lead-words .button').hover();
    return visitor.evaluate(async () => {
      const button = document.querySelector('.lead-words .button');
      await Promise.all(button.getAnimations().map((each) => each.finished.catch(() => {})));
      const { translate, textDecorationLine, boxShadow, transitionDuration } = getComputedStyle(button);
      return { translate, line: textDecorationLine, glows: / 16px /.test(boxShadow), lasts: transitionDuration.split(',')[0] };
    });
  };
  const storageState = await page.context().storageState();
  const contexts = await Promise.all(['no-preference', 'reduce'].map((reducedMotion) => page.context().browser().newContext({ reducedMotion, storageState })));
  const [visitor, careful] = await Promise.all(contexts.map((context) => context.newPage()));
  const still = { translate: '0px', line: 'none', glows: false, lasts: '0.5s' };
  for (const [what, expected] of Object.entries({ color: {}, underline: { line: 'underline' }, glow: { glows: true }, rise: { translate: '0px -3px' } })) {
    await changed({ 'shape.pointed': what, 'shape.motion': 'calm' });
    assert.deepEqual(await pointed(visitor), { ...still, ...expected }, what);
    assert.deepEqual(await pointed(careful).then(({ translate, lasts }) => ({ translate, lasts })), { translate: 'none', lasts: '0s' }, what);
    await changed({ 'shape.pointed': 'color', 'shape.motion': 'quick' });
  }
  await Promise.all(contexts.map((context) => context.close()));
});

test('a setting of shape is found, and opens here', async () => {
  await open();
  await page.keyboard.press('/');
  await page.keyboard.type('button padding');
  await page.getByRole('option', { name: /Room beside words of buttons/ }).first().click();
  await settled(page);
  assert.match(page.url(), /open_shapes=yes/);
});

test('the viewer sees the pieces, and nothing on them moves', async () => {
  const viewer = await openPage(page.context().browser());
  await signIn(viewer, 'ines');
  await viewer.goto(`${BASE}/workbench/looks/1/fonts?open_shapes=yes`);
  await settled(viewer);
  assert.equal(await viewer.locator('[data-pieces]').count(), 1);
  assert.equal(await viewer.locator('[data-shape]').count(), 0);
  await noAxeFindings(viewer, 'shapes, seen only', ['iframe']);
  await viewer.context().close();
});
