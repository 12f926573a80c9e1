// Sizes of screen and zoom: from a phone to the widest desk everything is reachable, nothing is cut off at the side, and axe finds nothing.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, noAxeFindings, noSmallTargets, openPage, settled, shopFrame, shows, signIn, signedIn } from './support.mjs';

const { browser, page } = await signedIn();
const LOOK = `${BASE}/workbench/looks/1`;
const STEPS = await page.locator('.step').evaluateAll((steps) => steps.map((s) => s.getAttribute('href').split('/').pop()));
// At 1280x800, 200% leaves 640x400 px of CSS and 400% leaves 320x200 (WCAG 2.2, 1.4.4 and 1.4.10).
const SIZES = { '200%': [640, 400], '400%': [320, 200], 'a phone': [390, 844], 'a tablet': [768, 1024] };

for (const [name, [width, height]] of Object.entries(SIZES)) {
  test(`everything is reachable at ${name}`, async () => {
    const small = await openPage(browser, { viewport: { width, height } });
    await signIn(small);
    for (const step of STEPS) {
      const answer = await small.goto(`${LOOK}/${step}`);
      assert.equal(answer.status(), 200, step);
      await settled(small);
      const { wide, cut } = await small.evaluate(() => {
        const lost = [];
        for (const e of document.querySelectorAll('a[href], button:not(:disabled), input:not([type=hidden]):not(:disabled), select:not(:disabled), textarea, summary, [tabindex="0"]')) {
          if (!e.checkVisibility({ checkVisibilityCSS: true }) || e.closest('dialog, .skip-link')) continue;
          e.focus();
          e.scrollIntoView({ block: 'nearest', inline: 'nearest' });
          const box = e.getBoundingClientRect();
          const [x, y] = [box.left + Math.min(box.width, 20) / 2, box.top + Math.min(box.height, 20) / 2];
          const at = document.elementFromPoint(x, y);
          const isThere = at && (e.contains(at) || at.contains(e) || at.closest('label')?.control === e);
          if (!isThere || box.left < -1 || box.left > innerWidth - 8) lost.push(`${e.localName} ${e.getAttribute('aria-label') ?? e.textContent.trim().slice(0, 30)} ${JSON.stringify(box)} ${at?.outerHTML.slice(0, 60)}`);
        }
        return { wide: document.documentElement.scrollWidth - innerWidth, cut: lost };
      });
      assert.deepEqual([step, wide, cut], [step, 0, []]);
    }
    await small.context().close();
  });
}

test('axe finds nothing at three sizes, sizes of targets included', async () => {
  for (const width of [320, 768, 1280]) {
    const sized = await openPage(browser, { viewport: { width, height: 800 } });
    await signIn(sized);
    for (const step of STEPS) {
      await sized.goto(`${LOOK}/${step}`);
      await settled(sized);
      const out = ['.living', '.cloth', '.pair-table'];
      await noSmallTargets(sized, `${step} at ${width}`, out);
      // As on a desk every step is looked at in pages.test.
      if (width < 1280) await noAxeFindings(sized, `${step} at ${width}`, out);
    }
    await sized.context().close();
  }
});

test('on a small screen something is picked in the window, and its control follows', async () => {
  const small = await openPage(browser, { viewport: { width: 390, height: 844 } });
  await signIn(small);
  await small.goto(`${LOOK}/pages?open_part=home&page=home&device=phone`);
  await settled(small);
  await shopFrame(small).locator('.lead-words .button').click();
  await small.locator('.picked-tag [data-main]').waitFor();
  await settled(small);
  await small.locator('.picked-tag [data-offer]').last().click();
  await small.waitForFunction(() => document.querySelector('.control.is-found')?.getBoundingClientRect().top < innerHeight);
  await small.locator('.sides').getByRole('link', { name: 'Shop window' }).click();
  await small.waitForFunction(() => document.querySelector('#window').getBoundingClientRect().top < innerHeight / 2);
  await small.context().close();
});

test('a wide screen offers wider desks, and five pages in rows', async () => {
  const wide = await openPage(browser, { viewport: { width: 2560, height: 1400 } });
  await signIn(wide);
  await wide.goto(`${LOOK}/start?page=home`);
  await settled(wide);
  for (const [name, width] of [['1,440 wide', 1440], ['1,920 wide', 1920]]) {
    await wide.getByRole('button', { name }).click();
    await shows(wide, () => shopFrame(wide).evaluate(() => innerWidth), width);
  }
  await wide.getByRole('button', { name: 'Desktop' }).click();
  await wide.getByRole('button', { name: 'Five pages' }).click();
  await settled(wide);
  const tops = await wide.locator('.pane').evaluateAll((panes) => panes.map((p) => p.offsetTop));
  assert.ok(new Set(tops).size > 1, `rows at ${tops}`);
  assert.deepEqual(await wide.locator('.caption').evaluateAll((captions) => captions.map((c) => c.offsetTop + 20)), tops, 'each caption stands over its page');
  assert.ok(await wide.locator('.windowbar').evaluate((bar) => bar.scrollWidth <= bar.clientWidth), 'the bar of the window does not run over');
  await wide.context().close();
});

test('where fingers work, what is pressed is as large as a fingertip', async () => {
  const touch = await openPage(browser, { viewport: { width: 1280, height: 800 }, hasTouch: true, isMobile: true });
  await signIn(touch);
  for (const rest of ['header?open_part=header', 'pages?open_part=home', 'seasons', 'publish']) {
    await touch.goto(`${BASE}/workbench/looks/1/${rest}`);
    await settled(touch);
    // 44 px both ways (WCAG 2.2, 2.5.5), links within a sentence left out.
    const small = await touch.evaluate(() => [...document.querySelectorAll('.bar button, .bar summary, .steps a, .windowbar button, #bench button, #bench select, .tape summary, .sheet-edge button, .grip-handle')]
      .filter((each) => each.checkVisibility() && !each.matches('.piece, .sr-only') && !each.closest('.living')).map((each) => [each, each.getBoundingClientRect()])
      .filter(([, box]) => box.height < 43.5).map(([each, box]) => `${each.getAttribute('aria-label') ?? each.textContent.trim()} ${Math.round(box.height)}`));
    assert.deepEqual(small, [], rest);
    assert.ok(await touch.evaluate(() => document.querySelector('[data-window]').getBoundingClientRect().height >= 200), 'the window keeps its room');
  }
  await touch.context().close();
});

test('with colors of one’s own, what is open and what has the focus is seen, and the shop keeps its colors', async () => {
  const forced = await openPage(browser, { forcedColors: 'active' });
  await signIn(forced);
  await forced.goto(`${BASE}/workbench/looks/1/colors?open_part=schemes`);
  await settled(forced);
  const outlined = (selector) => forced.evaluate((s) => getComputedStyle(document.querySelector(s)).outlineStyle !== 'none', selector);
  assert.ok(await outlined('.step.is-now .here'));
  assert.ok(await outlined('.part-tab[aria-current]'));
  assert.equal(await forced.evaluate(() => getComputedStyle(document.querySelector('.cloth')).forcedColorAdjust), 'none');
  await forced.locator('.part-tab').nth(1).focus();
  await forced.keyboard.press('Tab');
  assert.ok(await forced.evaluate(() => getComputedStyle(document.activeElement).outlineStyle !== 'none'));
  await forced.context().close();
});
