// Ways in: somebody is asked to join by letter, sets up a second factor, signs in with it, changes the password, is taken out again.
import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { createHmac } from 'node:crypto';
import { after, test } from 'node:test';
import { BASE, noAxeFindings, openPage, signIn, startBrowser } from './support.mjs';

const browser = await startBrowser();
after(() => browser.close());
const NAME = 'Pia Larch';
const EMAIL = `pia-${process.pid}@wrenfold.example`;
const FIRST = 'three paper lanterns';
const SECOND = 'four glass lanterns';

/** The address in the newest letter to somebody, as the machine's owner reads it. */
const letter = (to) => JSON.parse(execFileSync('php', ['artisan', 'mail:list', `--to=${to}`, '--limit=1', '--json']).toString())[0].links[0];

/** RFC 6238 by Node's own HMAC: a second computation. */
function passwordAt(base32, time) {
  const bits = [...base32].map((letter) => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'.indexOf(letter).toString(2).padStart(5, '0')).join('');
  const key = Buffer.from(bits.match(/.{8}/g).map((byte) => Number.parseInt(byte, 2)));
  const counter = Buffer.alloc(8);
  counter.writeBigUInt64BE(BigInt(Math.floor(time / 30)));
  const hash = createHmac('sha1', key).update(counter).digest();
  const at = hash.at(-1) & 15;
  return String((hash.readUInt32BE(at) & 0x7fffffff) % 1_000_000).padStart(6, '0');
}

test('from an invitation to a second factor, and out again', async () => {
  const owner = await openPage(browser);
  await signIn(owner);
  await owner.locator('details.who summary').click();
  await owner.getByRole('link', { name: /^People/ }).click();
  await noAxeFindings(owner, 'people');
  await owner.getByLabel('E-mail').fill(EMAIL);
  await owner.getByLabel('Name').fill(NAME);
  await owner.getByRole('button', { name: 'Send the invitation' }).click();
  await owner.waitForSelector(`[aria-label="Invitations on their way"]:has-text("${EMAIL}")`);

  const pia = await openPage(browser);
  const way = new URL(letter(EMAIL));
  await pia.goto(BASE + way.pathname);
  await noAxeFindings(pia, 'an invitation');
  assert.equal(await pia.getByLabel('Your name').inputValue(), NAME);
  await pia.getByLabel('New password, at least').fill('too short');
  await pia.getByLabel('The new password once more').fill('too short');
  await pia.locator('form').evaluate((form) => { form.noValidate = true; });
  pia.troubles.length = 0;
  await pia.getByRole('button', { name: 'Join' }).click();
  await pia.getByRole('alert').waitFor();
  pia.troubles.length = 0;
  assert.match(await pia.getByRole('alert').textContent(), /at least 12/);
  await pia.getByLabel('New password, at least').fill(FIRST);
  await pia.getByLabel('The new password once more').fill(FIRST);
  await pia.getByRole('button', { name: 'Join' }).click();
  await pia.waitForURL(/sign-in/);
  await noAxeFindings(pia, 'the sign-in');
  await pia.getByLabel('E-mail').fill(EMAIL);
  await pia.getByLabel('Password').fill(FIRST);
  await pia.getByRole('button', { name: 'Sign in' }).click();
  await pia.waitForURL(/\/looks\//);

  await pia.goto(`${BASE}/workbench/account`);
  await pia.getByRole('button', { name: 'Set it up' }).click();
  await pia.waitForSelector('.factor-square svg path');
  await noAxeFindings(pia, 'a second factor being set up');
  const secret = (await pia.locator('.factor-letters').textContent()).replaceAll(' ', '');
  const square = await pia.locator('.factor-square svg').getAttribute('viewBox');
  assert.ok(Number(square.split(' ')[2]) >= 33, 'a square of modules with its quiet zone');
  await pia.getByLabel('The six figures').fill(passwordAt(secret, Date.now() / 1000));
  await pia.getByRole('button', { name: 'Turn it on' }).click();
  await pia.waitForSelector('.codes');
  await noAxeFindings(pia, 'recovery codes');
  const codes = await pia.locator('.codes code').allTextContents();
  assert.equal(codes.length, 10);
  await pia.goto(`${BASE}/workbench`);
  await pia.locator('details.who summary').click();
  await pia.getByRole('button', { name: 'Sign out' }).click();
  await pia.waitForURL(/sign-in/);
  await pia.getByLabel('E-mail').fill(EMAIL);
  await pia.getByLabel('Password').fill(FIRST);
  await pia.keyboard.press('Enter');
  await pia.waitForURL(/second-factor/);
  await noAxeFindings(pia, 'the second factor');
  await pia.getByLabel('Code').fill(codes[0]);
  await pia.keyboard.press('Enter');
  await pia.waitForURL(/\/looks\//);

  await pia.goto(`${BASE}/workbench/account`);
  await pia.getByLabel('Present password').first().fill(FIRST);
  await pia.getByLabel('New password, at least').fill(SECOND);
  await pia.getByLabel('The new password once more').fill(SECOND);
  await pia.getByRole('button', { name: 'Change it' }).click();
  await pia.waitForSelector('.notice:has-text("Your password is changed")');
  assert.match(await pia.locator('.people').textContent(), /Chromium on Linux.*here, now/s);
  await noAxeFindings(pia, 'your way in');

  await owner.reload();
  assert.match(await owner.locator('.trail').textContent(), /second factor turned on/);
  await owner.getByRole('button', { name: new RegExp(`Take out.*${NAME}`) }).click();
  await owner.waitForSelector('.trail:has-text("somebody was taken out")');
  await pia.goto(`${BASE}/workbench/account`);
  await pia.waitForURL(/sign-in/);
  assert.deepEqual([...owner.troubles, ...pia.troubles], []);
});

test('a forgotten password is chosen anew by letter, with the keyboard alone', async () => {
  const page = await openPage(browser);
  await page.goto(`${BASE}/workbench/sign-in`);
  await page.getByRole('link', { name: 'I have forgotten my password' }).focus();
  await page.keyboard.press('Enter');
  await page.waitForURL(/forgot/);
  await noAxeFindings(page, 'a forgotten password');
  await page.waitForFunction(() => document.activeElement?.name === 'email');
  await page.keyboard.type('tobias@wrenfold.example');
  await page.keyboard.press('Enter');
  await page.getByRole('status').waitFor();
  await page.goto(BASE + new URL(letter('tobias@wrenfold.example')).pathname);
  await noAxeFindings(page, 'a new password');
  await page.getByLabel('New password, at least').focus();
  await page.keyboard.type(FIRST);
  await page.keyboard.press('Tab');
  await page.keyboard.type(FIRST);
  await page.keyboard.press('Enter');
  await page.waitForURL(/sign-in/);
  await page.waitForFunction(() => document.activeElement?.name === 'email');
  await page.keyboard.type('tobias@wrenfold.example');
  await page.keyboard.press('Tab');
  await page.keyboard.type(FIRST);
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/looks\//);
  // The demo's own password is put back, for the other tests of this server.
  execFileSync('php', ['-r', `require 'vendor/autoload.php'; $app = require 'bootstrap/app.php'; $app->make(Illuminate\\Contracts\\Console\\Kernel::class)->bootstrap(); App\\Models\\User::query()->where('email', 'tobias@wrenfold.example')->firstOrFail()->update(['password' => 'lantern-night']);`]);
  assert.deepEqual(page.troubles, []);
});
