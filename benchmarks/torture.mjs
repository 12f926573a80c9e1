// ./ikat bench torture: many at once while workers, servers and the database are killed, and while disks are full.
// Whatever was acknowledged is looked for again. Aim: nothing lost, no 500. Prints counts, never a judgement by time.
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ask, visitor } from '../tests/Browser/http.mjs';
import { BASE } from '../tests/Browser/support.mjs';

const ROUNDS = Number(process.env.IKAT_ROUNDS ?? 12);
const STORE = process.env.LARAVEL_STORAGE_PATH;
const FILES = join(process.cwd(), 'public', process.env.IKAT_FILES);
const GOODS = ['moth-paper-globe', 'tidewater-glass-lantern', 'little-watch-lantern', 'sparrow-pair'];
const counts = new Map();
const acknowledged = { orders: [], edits: [], pictures: [], releases: [], carts: 0 };
const count = (what) => counts.set(what, (counts.get(what) ?? 0) + 1);
const pid = (name) => Number(readFileSync(join(STORE, 'ikat', `${name}.pid`), 'utf8'));
const command = (id) => readFileSync(`/proc/${id}/cmdline`, 'utf8').split('\0').filter(Boolean);
const alive = (id) => existsSync(`/proc/${id}`) && readFileSync(`/proc/${id}/stat`, 'utf8').split(') ')[1]?.[0] !== 'Z';

/** An answer, or null where none came: a server that is down acknowledges nothing. */
async function tried(what, request) {
  try {
    const answer = await request();
    count(`${what} ${answer.status}`);
    if (answer.status === 500) console.error(`500: ${what}: ${answer.text.slice(0, 300)}`);
    return answer;
  } catch {
    count(`${what} none`);
    return null;
  }
}

/** Somebody signed in, with what a page of the workbench knows. */
async function merchant() {
  const jar = new Map();
  const go = async (path, options = {}) => {
    const answer = await ask(path, { ...options, headers: { Cookie: [...jar].map(([k, v]) => `${k}=${v}`).join('; '), ...options.headers } });
    for (const line of answer.headers['set-cookie'] ?? []) jar.set(line.slice(0, line.indexOf('=')), line.slice(line.indexOf('=') + 1).split(';')[0]);
    return answer;
  };
  const form = await go('/workbench/sign-in');
  await go('/workbench/sign-in', { method: 'POST', form: { _token: form.text.match(/name="_token" value="([^"]+)"/)[1], email: 'maren@wrenfold.example', password: 'lantern-night' } });
  const page = await go('/workbench/looks/1/start');
  const headers = { 'X-CSRF-TOKEN': page.text.match(/"X-CSRF-TOKEN":"([^"]+)"/)[1], 'HX-Request': 'true', Origin: BASE };
  let seen = page.text.match(/name="seen" value="(\d+)"/)[1];
  return {
    go,
    async edit(value) {
      const answer = await tried('edit', () => go('/workbench/looks/1/edits', { method: 'POST', form: { seen, step: 'header', path: 'message.message-1.text', value }, headers }));
      if (answer?.status === 200) {
        seen = answer.text.match(/name="seen" value="(\d+)"/)[1];
        acknowledged.edits.push({ seen: Number(seen), value });
      }
      if (answer?.status === 409) seen = (await go('/workbench/looks/1/start')).text.match(/name="seen" value="(\d+)"/)?.[1] ?? seen;
    },
    async publish() {
      const answer = await tried('publish', () => go('/workbench/looks/1/publish', { method: 'POST', form: { seen, step: 'publish', reason: 'torture' }, headers }));
      const number = answer?.text.match(/Release (\d+) is live/)?.[1];
      if (answer?.status === 200 && number) acknowledged.releases.push(Number(number));
    },
    async upload(name, png) {
      const boundary = 'ikat-torture-boundary';
      const body = Buffer.concat([Buffer.from(`--${boundary}\r\nContent-Disposition: form-data; name="alt"\r\n\r\nA field\r\n--${boundary}\r\nContent-Disposition: form-data; name="file"; filename="${name}.png"\r\nContent-Type: image/png\r\n\r\n`), png, Buffer.from(`\r\n--${boundary}--\r\n`)]);
      const answer = await tried('upload', () => go('/workbench/looks/1/pictures', { method: 'POST', body, headers: { ...headers, 'Content-Type': `multipart/form-data; boundary=${boundary}` } }));
      if (answer?.status === 200) acknowledged.pictures.push(name);
    },
  };
}

async function customers(round) {
  await Promise.all(Array.from({ length: 8 }, async (_, n) => {
    const v = visitor(100 + ((round * 8 + n) % 150));
    for (let i = 0; i < 3; i += 1) if ((await tried('cart', () => v.add(GOODS[(n % 2 ? 3 - i : i) % 4])))?.status === 303) acknowledged.carts += 1;
    if ((await v.toPaying().catch(() => null))?.status !== 303) return;
    const [first] = await Promise.all([tried('pay', () => v.pay()), tried('pay', () => v.pay())]);
    const order = first?.headers.location?.match(/\/order\/([0-9a-f]{64})$/)?.[1];
    if (first?.status === 303 && order) acknowledged.orders.push(order);
  }));
}

async function readers() {
  for (let i = 0; i < 25; i += 1) await tried('page', () => ask(['/shop/wrenfold/', '/shop/wrenfold/category/candles', '/shop/wrenfold/search?q=wick', '/shop/wrenfold/product/moth-paper-globe'][i % 4]));
}

/** Kills something, waits until it is gone, and brings back what nothing else would. */
async function kill(round) {
  const which = ['worker', 'database', 'worker', 'php-fpm'][round % 4];
  if (which === 'worker') {
    const workers = spawnSync('pgrep', ['-P', String(pid('php-fpm'))]).stdout.toString().trim().split('\n').map(Number).filter(Boolean);
    for (const worker of workers.slice(0, 3)) process.kill(worker, 'SIGKILL');
  } else {
    const name = which === 'database' ? 'mariadb' : 'php-fpm';
    const id = pid(name);
    // Workers whose master is gone would keep its socket to themselves.
    const children = which === 'database' ? [] : spawnSync('pgrep', ['-P', String(id)]).stdout.toString().trim().split('\n').map(Number).filter(Boolean);
    const again = which === 'database' ? command(id) : ['bash', '-c', process.env.IKAT_FPM_AGAIN];
    for (const one of [id, ...children]) process.kill(one, 'SIGKILL');
    while (alive(id)) await new Promise((resolve) => { setImmediate(resolve); });
    spawn(again[0], again.slice(1), { detached: true, stdio: 'ignore' }).unref();
  }
  count(`killed: ${which}`);
}

const up = async () => { for (;;) if ((await ask('/shop/wrenfold/search').catch(() => null))?.status === 200) return; };
const png = execFileSync('php', ['-r', '$i=imagecreatetruecolor(90,60); imagefilledrectangle($i,0,0,90,60,0x336699); imagepng($i);']);

console.log(`${ROUNDS} rounds of carts, orders, edits, uploads and publishes, with something killed in each`);
const maren = await merchant();
for (let round = 0; round < ROUNDS; round += 1) {
  const work = Promise.all([customers(round), readers(), (async () => {
    for (let i = 0; i < 5; i += 1) await maren.edit(`Round ${round}, edit ${i}`);
    await maren.publish();
    await maren.upload(`round-${round}`, png);
  })()]);
  await new Promise((resolve) => { setTimeout(resolve, 150 + 250 * (round % 5)); });
  await kill(round);
  await work;
  await up();
}

console.log('Folders that hold files, one after the other, on a full disk');
for (const [what, folder] of [['finished pages', join(STORE, 'pages')], ['drafts', join(STORE, 'draft-files')], ['reach', join(STORE, 'reach')], ['release files and pictures', FILES], ['originals', join(STORE, 'originals')]]) {
  mkdirSync(folder, { recursive: true });
  if (spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=256k', 'tmpfs', folder]).status !== 0) {
    console.log(`  ${what}: no disk of its own can be mounted here, left out`);
    continue;
  }
  try {
    writeFileSync(join(folder, 'filler'), Buffer.alloc(250_000));
    try { for (let i = 0; i < 64; i += 1) writeFileSync(join(folder, `filler-${i}`), Buffer.alloc(4096)); } catch { /* full, as wanted */ }
    for (const path of ['/shop/wrenfold/', '/shop/wrenfold/category/candles', '/shop/wrenfold/cart']) await tried(`full disk of ${what}: page`, () => ask(path));
    await maren.edit(`Full disk of ${what}`);
    await maren.publish();
    await maren.upload(`full-${what.replaceAll(' ', '-')}`, png);
  } finally {
    spawnSync('umount', ['-l', folder]);
  }
  await up();
}

console.log('Looking for what was acknowledged');
const lost = { orders: 0, edits: 0, pictures: 0, releases: 0 };
for (const token of acknowledged.orders) if ((await ask(`/shop/wrenfold/order/${token}`)).status !== 200) lost.orders += 1;
const php = (code) => execFileSync('php', ['-r', `require 'vendor/autoload.php'; $app = require 'bootstrap/app.php'; $app->make(Illuminate\\Contracts\\Console\\Kernel::class)->bootstrap(); ${code}`]).toString();
const journal = JSON.parse(php('echo json_encode(Illuminate\\Support\\Facades\\DB::table("edits")->where("look_id", 1)->pluck("settings_changed", "sequence"));'));
for (const { seen, value } of acknowledged.edits) if (!journal[seen]?.includes(value)) lost.edits += 1;
const names = JSON.parse(php('echo json_encode(Illuminate\\Support\\Facades\\DB::table("pictures")->pluck("name"));'));
for (const name of acknowledged.pictures) if (!names.includes(name)) lost.pictures += 1;
const releases = JSON.parse(php('echo json_encode(Illuminate\\Support\\Facades\\DB::table("releases")->where("storefront_id", 1)->pluck("number"));')).map(Number);
for (const number of acknowledged.releases) if (!releases.includes(number)) lost.releases += 1;
const negative = Number(php('echo Illuminate\\Support\\Facades\\DB::table("products")->where("stock", "<", 0)->orWhere("stock", ">", 4000000)->count();'));
const twice = Number(php('echo Illuminate\\Support\\Facades\\DB::table("orders")->whereNotNull("cart_token")->select("cart_token")->groupBy("cart_token")->havingRaw("count(*) > 1")->get()->count();'));
const left = (folder) => (existsSync(folder) ? readdirSync(folder, { recursive: true }).filter((f) => /\.part$|\.[0-9a-f]{8,12}$/.test(f)).length : 0);

for (const [what, n] of [...counts].sort()) console.log(`  ${what.padEnd(46)} ${n}`);
console.log('acknowledged and found again:');
for (const what of ['orders', 'edits', 'pictures', 'releases']) console.log(`  ${what.padEnd(12)} ${String(acknowledged[what].length).padStart(5)} acknowledged, ${lost[what]} lost`);
console.log(`  carts        ${String(acknowledged.carts).padStart(5)} additions acknowledged`);
const failures = [...counts].filter(([what]) => / 500$/.test(what)).reduce((sum, [, n]) => sum + n, 0);
console.log(`answers of 500: ${failures}; products with impossible stock: ${negative}; carts that became two orders: ${twice}; half-written files left: ${left(FILES) + left(join(STORE, 'pages'))}`);
console.log(`what is kept of finished pages: ${spawnSync('du', ['-sh', join(STORE, 'pages')]).stdout.toString().split('\t')[0]}`);
if (failures + negative + twice + Object.values(lost).reduce((a, b) => a + b, 0) > 0) process.exitCode = 1;
