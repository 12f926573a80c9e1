// The server as it runs: many at once, what is behind it gone for a while, and what nginx itself answers.
import assert from 'node:assert/strict';
import { execFileSync, spawn } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { BASE, edited, settled, signedIn } from './support.mjs';
import { ask, visitor } from './http.mjs';

const STORE = process.env.LARAVEL_STORAGE_PATH;
const root = process.cwd();
const files = join(root, 'public', process.env.IKAT_FILES ?? 'shop-files');
const { page } = await signedIn();
const tally = (answers) => answers.reduce((counts, { status }) => ({ ...counts, [status]: (counts[status] ?? 0) + 1 }), {});
const pid = (name) => Number(readFileSync(join(STORE, 'ikat', `${name}.pid`), 'utf8'));
const GOODS = ['moth-paper-globe', 'tidewater-glass-lantern', 'little-watch-lantern'];

test('six visitors add to their carts at once, and nobody waits in a circle', async () => {
  const visitors = Array.from({ length: 6 }, (_, i) => visitor(i));
  const answers = (await Promise.all(visitors.map(async (v, n) => {
    const first = await v.add(GOODS[n % 3]);
    return [first, ...await Promise.all(Array.from({ length: 24 }, (_, i) => v.add(GOODS[(n + i) % 3])))];
  }))).flat();
  assert.deepEqual(tally(answers), { 303: 150 });
  for (const v of visitors) assert.match((await v.go('/cart')).text, /name="quantity"/);
});

test('twelve buyers pay for the same three products in two orders', async () => {
  const buyers = Array.from({ length: 12 }, (_, i) => visitor(20 + i));
  await Promise.all(buyers.map(async (v, n) => {
    for (const product of n % 2 ? [...GOODS].reverse() : GOODS) assert.equal((await v.add(product)).status, 303);
    await v.toPaying();
  }));
  const answers = await Promise.all(buyers.map((v) => v.pay()));
  assert.deepEqual(tally(answers), { 303: 12 });
  assert.equal(new Set(answers.map((a) => a.headers.location)).size, 12);
  assert.ok(answers.every((a) => /\/order\/[0-9a-f]{64}$/.test(a.headers.location)));
});

test('a button pressed eight times at once makes one order, and all presses are answered with it', async () => {
  const v = visitor(40);
  await v.add(GOODS[0], 2);
  await v.toPaying();
  const cookie = [...v.jar].map(([k, value]) => `${k}=${value}`).join('; ');
  const press = () => ask('/shop/wrenfold/checkout/paying', { method: 'POST', form: { outcome: 'accept' }, headers: { Cookie: cookie }, from: '127.0.1.41' });
  const answers = await Promise.all(Array.from({ length: 8 }, press));
  assert.deepEqual(tally(answers), { 303: 8 });
  assert.equal(new Set(answers.map((a) => a.headers.location)).size, 1);
  assert.match(answers[0].headers.location, /\/order\/[0-9a-f]{64}$/);
  assert.equal((await press()).headers.location, answers[0].headers.location, 'late, too');
});

test('twelve pictures of one name at once each get a name', async () => {
  const html = await (await page.request.get(`${BASE}/workbench/looks/1/start`)).text();
  const token = html.match(/"X-CSRF-TOKEN":"([^"]+)"/)[1];
  const png = execFileSync('php', ['-r', '$i=imagecreatetruecolor(60,40); imagefilledrectangle($i,0,0,60,40,0x336699); imagepng($i);']);
  const answers = await Promise.all(Array.from({ length: 12 }, () => page.request.post(`${BASE}/workbench/looks/1/pictures`, {
    headers: { 'X-CSRF-TOKEN': token, 'HX-Request': 'true', Origin: BASE }, multipart: { alt: 'A blue field', file: { name: 'Field.png', mimeType: 'image/png', buffer: png } },
  })));
  assert.deepEqual(answers.map((a) => a.status()), Array(12).fill(200), await answers.find((a) => a.status() !== 200)?.text());
});

test('what nginx answers itself carries its headers, and nothing that is not a file of the site', async () => {
  const font = await ask('/fonts/karla-latin.woff2');
  assert.equal(font.headers['cache-control'], 'public, max-age=31536000, immutable');
  assert.equal(font.headers['content-type'], 'font/woff2');
  for (const path of ['/build/workbench.js', '/build/icons.svg', '/fonts/karla-latin.woff2', '/workbench/sign-in', '/shop/wrenfold/', '/nowhere']) {
    const { headers } = await ask(path);
    assert.equal(headers['x-content-type-options'], 'nosniff', path);
    assert.match(headers['content-security-policy'], /default-src 'none'/, path);
    assert.ok(!/php|nginx\//i.test(`${headers['x-powered-by']} ${headers.server}`), path);
  }
  for (const path of ['/index.php', '/index.php/workbench', '/.env', '/../.env', '/storage/app', '/build/.hidden', '/build/../index.php', '/fonts/..%2findex.php', '/pictures/%2e%2e/%2e%2e/.env']) {
    const { status, text } = await ask(path);
    assert.ok([400, 404].includes(status), `${path}: ${status}`);
    assert.doesNotMatch(text, /<\?php|APP_KEY/);
  }
  assert.equal((await ask('/workbench/sign-in', { headers: { Host: 'evil.example' } })).status, 421);
  for (const path of ['/workbench/sign-in', '/shop/wrenfold/cart', '/shop/wrenfold/account']) assert.match((await ask(path)).headers['cache-control'], /no-store/, path);
});

test('a drawing somebody brought is served so that nothing in it can run', async () => {
  const folder = join(files, 'pictures', '1');
  const made = existsSync(folder) ? readdirSync(folder).find((name) => name.endsWith('.svg')) : undefined;
  const name = made ?? 'probe.svg';
  if (!made) {
    execFileSync('mkdir', ['-p', folder]);
    writeFileSync(join(folder, name), '<svg xmlns="http://www.w3.org/2000/svg"/>');
  }
  const { headers } = await ask(`/${process.env.IKAT_FILES ?? 'shop-files'}/pictures/1/${name}`);
  assert.match(headers['content-security-policy'], /sandbox/);
  assert.match(headers['content-security-policy'], /default-src 'none'/);
  if (!made) rmSync(join(folder, name));
});

test('other spellings of an address lead to the one it has, and leave nothing behind', async () => {
  for (const [asked, leads] of [['/shop/wrenfold', '/shop/wrenfold/'], ['/shop/Wrenfold/', '/shop/wrenfold/'], ['/shop/wrenfold/category/C%61ndles', '/shop/wrenfold/category/candles'], ['/shop/wrenfold/category/candles/', '/shop/wrenfold/category/candles'], ['/shop/wrenfold/category/candles%20', '/shop/wrenfold/category/candles'], ['/shop//wrenfold/category/c%C3%A1ndles', '/shop/wrenfold/category/candles']]) {
    const answer = await ask(asked);
    assert.deepEqual([answer.status, answer.headers.location], [301, leads], asked);
  }
  const kept = () => execFileSync('sh', ['-c', `find ${join(STORE, 'pages')} -name '*.html' | wc -l`]).toString().trim();
  await ask('/shop/wrenfold/category/candles');
  const before = kept();
  for (let i = 0; i < 40; i += 1) await ask(`/shop/wrenfold/category/candles?x=${i}`);
  for (const spelling of ['CANDLES', 'candles/', '%63andles', 'candles.', 'candles;x', 'nothing-1', 'nothing-2']) await ask(`/shop/wrenfold/category/${spelling}`);
  assert.equal(kept(), before);
});

test('a stylesheet of a release that is lost is made again', async () => {
  const home = await ask('/shop/wrenfold/');
  const sheets = [...home.text.matchAll(/href="(\/[^"]+\.css)"/g)].map((m) => m[1]);
  assert.equal(sheets.length, 3, 'the theme’s, the look’s, and that of a folded menu');
  for (const sheet of sheets) {
    const file = join(root, 'public', sheet);
    const before = readFileSync(file, 'utf8');
    rmSync(file);
    const again = await ask(sheet);
    assert.deepEqual([again.status, again.text], [200, before]);
    assert.equal(readFileSync(file, 'utf8'), before);
  }
});

test('workers that are killed are replaced', async () => {
  const workers = () => execFileSync('pgrep', ['-P', String(pid('php-fpm'))]).toString().trim().split('\n').map(Number);
  const before = workers();
  before.forEach((worker) => process.kill(worker, 'SIGKILL'));
  let answer = await ask('/workbench/sign-in');
  for (let i = 0; i < 50 && answer.status !== 200; i += 1) answer = await ask('/workbench/sign-in');
  assert.equal(answer.status, 200);
  assert.equal(workers().length, before.length);
  assert.ok(workers().every((worker) => !before.includes(worker)));
});

test('while the database is away, finished pages are shown, the rest says so, and an edit is offered again', async () => {
  await ask('/shop/wrenfold/');
  await page.goto(`${BASE}/workbench/looks/1/header`);
  await settled(page);
  const server = pid('mariadb');
  const command = readFileSync(`/proc/${server}/cmdline`, 'utf8').split('\0').filter(Boolean);
  process.kill(server, 'SIGKILL');
  try {
    while (existsSync(`/proc/${server}/cmdline`) && readFileSync(`/proc/${server}/cmdline`, 'utf8') !== '') await ask('/build/icons.svg');
    const home = await ask('/shop/wrenfold/');
    assert.equal(home.status, 200);
    assert.match(home.text, /Light for the long evenings/);
    const cart = await ask('/shop/wrenfold/cart');
    assert.equal(cart.status, 503);
    assert.match(cart.text, /cannot be reached just now/);
    assert.match(cart.text, /class="[^"]*scheme-/, 'in the shop’s own look');
    assert.doesNotMatch(cart.text, /SQLSTATE|workbench/);
    const control = page.locator('.control input[type=range]:enabled').first();
    const value = await control.inputValue();
    await control.focus();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('Tab');
    await page.waitForSelector('#notice:has-text("Not kept")');
    const changed = await control.inputValue();
    assert.notEqual(changed, value, 'what was set stands in its field');
    spawn(command[0], command.slice(1), { detached: true, stdio: 'ignore' }).unref();
    for (let up = false; !up;) up = (await ask('/shop/wrenfold/cart')).status === 200;
    await edited(page, () => page.getByRole('button', { name: 'Try again' }).click());
    assert.equal(await page.locator('.control input[type=range]:enabled').first().inputValue(), changed);
    assert.equal((await page.locator('#notice').textContent()).trim(), '');
    await edited(page, () => page.locator('[data-press=undo]').click());
    page.troubles = page.troubles.filter((t) => !/50[0-9]/.test(t));
    assert.deepEqual(page.troubles, []);
  } finally {
    if ((await ask('/shop/wrenfold/cart')).status !== 200) spawn(command[0], command.slice(1), { detached: true, stdio: 'ignore' }).unref();
  }
});

test('a shop whose cache cannot be written answers all the same', async () => {
  const folder = join(STORE, 'pages');
  rmSync(folder, { recursive: true, force: true });
  writeFileSync(folder, 'a file where a folder should be');
  try {
    for (const path of ['/', '/category/candles', '/product/moth-paper-globe', '/page/delivery']) assert.equal((await ask(`/shop/wrenfold${path}`)).status, 200, path);
  } finally {
    rmSync(folder);
  }
  assert.equal((await ask('/shop/wrenfold/')).status, 200);
  assert.ok(existsSync(join(folder, 'wrenfold', 'live.json')));
});
