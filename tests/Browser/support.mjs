// Chromium, a signed-in page, and what every browser test asks of a page.
import assert from 'node:assert/strict';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { after, afterEach, beforeEach } from 'node:test';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launch } from '../chromium.mjs';

export const BASE = `http://127.0.0.1:${process.env.IKAT_TEST_PORT ?? 8787}`;
export const SHOP = `${BASE}/shop/wrenfold`;
const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

export const startBrowser = () => launch();

/** A page that fails its test when a script breaks, the console complains or anything is asked of elsewhere. */
export async function openPage(browser, options = {}) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce', ...options });
  // Machines that test are slow by times: what is waited for comes, and only what never comes may fail.
  context.setDefaultTimeout(120_000);
  const page = await context.newPage();
  page.troubles = [];
  page.on('pageerror', (error) => page.troubles.push(error.stack ?? error.message));
  page.on('console', (message) => { if (message.type() === 'error') page.troubles.push(message.text()); });
  page.on('request', (request) => { if (!request.url().startsWith(BASE) && !request.url().startsWith('data:')) page.troubles.push(`asked elsewhere: ${request.url()}`); });
  return page;
}

const SESSIONS = join(tmpdir(), `ikat-sessions-${new URL(BASE).port}.json`);
const sessions = () => (existsSync(SESSIONS) ? JSON.parse(readFileSync(SESSIONS, 'utf8')) : {});

/** Signs in once a person, for all test files of a server: more would be throttled, as it should be. */
export async function signIn(page, who = 'maren') {
  const known = sessions()[who];
  if (known) {
    await page.context().addCookies(known);
    await page.goto(`${BASE}/workbench/looks/1/colors`);
    if (!page.url().includes('sign-in')) {
      await settled(page);
      return;
    }
  }
  await page.goto(`${BASE}/workbench/sign-in`);
  await page.getByLabel('E-mail').fill(`${who}@wrenfold.example`);
  await page.getByLabel('Password').fill('lantern-night');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL(/\/looks\/\d+\/[a-z]+/);
  writeFileSync(SESSIONS, JSON.stringify({ ...sessions(), [who]: await page.context().cookies() }));
  await page.goto(`${BASE}/workbench/looks/1/colors`);
  await settled(page);
}

/**
 * A browser and a signed-in page for all tests of a file; closed after them. A test that fails on its way leaves edits
 * behind: the look is put back to where it stood before it, so that only what is broken fails. putBack() does so at any time.
 */
export async function signedIn() {
  const browser = await startBrowser();
  after(() => browser.close());
  const page = await openPage(browser);
  await signIn(page);
  let head = null;
  beforeEach(async () => { head = (await headOf(page)).seen; });
  afterEach(async (t) => {
    if (t.passed) return;
    forget(page);
    await write(page, 'reopen', { sequence: head });
  });
  return { browser, page, putBack: async () => { forget(page); await write(page, 'reopen', { sequence: head }); } };
}

/** The journal's head and the token of each signed-in page, as its last answer said. */
const known = new WeakMap();

async function headOf(page) {
  const html = await (await page.request.get(`${BASE}/workbench/looks/1/start`)).text();
  return { seen: html.match(/name="seen" value="(\d+)"/)[1], token: html.match(/"X-CSRF-TOKEN":"([^"]+)"/)[1] };
}

/** Sends a write as the workbench does; answers whether the journal grew. */
async function write(page, rest, form) {
  if (!known.has(page)) known.set(page, await headOf(page));
  const { seen, token } = known.get(page);
  const response = await page.request.post(`${BASE}/workbench/looks/1/${rest}`, { headers: { 'X-CSRF-TOKEN': token, 'HX-Request': 'true', Origin: BASE }, form: { seen, step: 'start', ...form } });
  const answer = await response.text();
  assert.equal(response.status(), 200, `${JSON.stringify(form).slice(0, 200)}: ${answer.slice(0, 300)}`);
  const head = answer.match(/name="seen" value="(\d+)"/)[1];
  known.set(page, { seen: head, token });
  return head !== seen;
}

/** Forgets the head, after somebody else has written. */
export const forget = (page) => known.delete(page);

/** Several settings in one edit; answers whether anything changed. */
export const change = (page, changes) => write(page, 'edits', { changes: JSON.stringify(changes) });
/** Puts the look on a theme and a starter of it. */
export const standOn = (page, theme, starter) => write(page, 'base', { theme, starter });
/** An edit of the Storeroom: fields of its cells, or what else is done there. */
export const storeroom = (page, fields, act = 'cells') => write(page, `storeroom/${act}`, fields);
export const undo = (page) => write(page, 'undo', {});
export const redo = (page) => write(page, 'redo', {});

/** Waits until the shop window has loaded and no request of the bench is under way. */
export async function settled(page) {
  await page.waitForFunction(() => !document.querySelector('.htmx-request, [aria-busy=true]') && [...document.querySelectorAll('iframe')].every((f) => f.contentDocument?.readyState === 'complete' && f.contentDocument.body?.childElementCount > 0), null, { polling: 30 });
  await still(page);
}

/** Waits until what moves has come to its end: two pictures are drawn, and no transition is under way. */
export const still = (page) => page.evaluate(async () => {
  const drawn = () => new Promise((done) => { requestAnimationFrame(() => requestAnimationFrame(done)); });
  await drawn();
  const moving = document.getAnimations().filter((animation) => animation.effect?.getComputedTiming().endTime !== Infinity);
  await Promise.all(moving.map((animation) => animation.finished.catch(() => null)));
  await drawn();
});

/** Waits until what is read is what is expected: a window that reads its pages again shows it a moment after an edit. */
export async function shows(page, read, expected) {
  const until = Date.now() + 40_000;
  let found = null;
  do {
    found = await Promise.resolve().then(read).catch(() => null);
    if (JSON.stringify(found) === JSON.stringify(expected)) return;
    await still(page);
  } while (Date.now() < until);
  assert.deepEqual(found, expected);
}

/** Does something, and waits for the answer of the edit it makes. */
export async function edited(page, act, path = /\/(edits|undo|redo|publish|live|reopen)$/) {
  const answer = page.waitForResponse((r) => path.test(new URL(r.url()).pathname) && r.request().method() === 'POST');
  await act();
  const response = await answer;
  assert.equal(response.status(), 200, await response.text().catch(() => ''));
  await settled(page);
}

/** Presses keys without a pause between them, however slow the machine: what is kept a moment after the last key is one edit. */
export const pressedAtOnce = (page, ...keys) => Promise.all(keys.map((key) => page.keyboard.press(key)));

/** Goes by the Tab key alone until what has the focus is what is looked for. */
export async function tabTo(page, selector, most = 240) {
  for (let i = 0; i < most; i += 1) {
    await page.keyboard.press('Tab');
    if (await page.evaluate((s) => document.activeElement.matches(s), selector)) return;
  }
  assert.fail(`Tab never reached ${selector}`);
}

async function axeFindings(page, exclude, options) {
  await page.evaluate(axe);
  const found = await page.evaluate(([out, how]) => window.axe.run({ exclude: out }, { resultTypes: ['violations'], ...how }), [exclude, options]);
  return found.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).slice(0, 3).join(' | ')}`);
}

export async function noAxeFindings(page, where, leaveOut = []) {
  assert.deepEqual(await axeFindings(page, leaveOut, {}), [], `axe on ${where}`);
}

/** Sizes of targets (WCAG 2.2, 2.5.8): a sample of the shop is left out, it has targets as small as the shop's. */
export async function noSmallTargets(page, where, leaveOut = []) {
  assert.deepEqual(await axeFindings(page, leaveOut, { runOnly: ['target-size'] }), [], `targets on ${where}`);
}

export const shopFrame = (page) => page.frames().find((f) => f.name() === 'shop-window' && f.url().includes('/preview/'));

export const inShop = (page, selector, read) => shopFrame(page).locator(selector).first().evaluate(read);
