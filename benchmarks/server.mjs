// An edit's answer against the barest route of the same application; a cached public page against the same bytes as a file.
import { writeFileSync, rmSync } from 'node:fs';
import { Agent, get, request } from 'node:http';

const PORT = process.env.IKAT_TEST_PORT;
const agent = new Agent({ keepAlive: true, maxSockets: 4 });
const median = (list) => list.sort((a, b) => a - b)[Math.floor(list.length / 2)];

function ask(method, path, { headers = {}, body } = {}) {
  return new Promise((done, fail) => {
    const start = process.hrtime.bigint();
    const asked = request({ port: PORT, host: '127.0.0.1', method, path, agent, headers: body ? { ...headers, 'Content-Type': 'application/x-www-form-urlencoded', 'Content-Length': Buffer.byteLength(body) } : headers }, (answer) => {
      const parts = [];
      answer.on('data', (d) => parts.push(d));
      answer.on('end', () => done({ status: answer.statusCode, headers: answer.headers, text: Buffer.concat(parts).toString(), ms: Number(process.hrtime.bigint() - start) / 1e6 }));
    });
    asked.on('error', fail);
    asked.end(body);
  });
}

const jar = new Map();
const keep = (answer) => (answer.headers['set-cookie'] ?? []).forEach((c) => { const [pair] = c.split(';'); jar.set(pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1)); });
const cookie = () => [...jar].map(([k, v]) => `${k}=${v}`).join('; ');

const door = await ask('GET', '/workbench/sign-in');
keep(door);
const token = door.text.match(/name="_token" value="([^"]+)"/)[1];
keep(await ask('POST', '/workbench/sign-in', { headers: { Cookie: cookie() }, body: new URLSearchParams({ _token: token, email: 'maren@wrenfold.example', password: 'lantern-night' }).toString() }));
const bench = await ask('GET', '/workbench/looks/1/colors', { headers: { Cookie: cookie() } });
keep(bench);
const csrf = bench.text.match(/"X-CSRF-TOKEN":"([^"]+)"/)[1];
let seen = Number(bench.text.match(/name="seen" value="(\d+)"/)[1]);

const bare = [];
const edits = [];
for (let i = 0; i < 45; i += 1) {
  const plain = await ask('GET', '/', { headers: { Cookie: cookie() } });
  const value = `#2c2b${(0x60 + (i % 20)).toString(16)}`;
  const edit = await ask('POST', '/workbench/looks/1/edits', { headers: { Cookie: cookie(), 'X-CSRF-TOKEN': csrf, 'HX-Request': 'true' }, body: new URLSearchParams({ path: 'brand.second', value, seen, step: 'colors', open_scheme: 'daylight' }).toString() });
  if (edit.status !== 200) throw new Error(`edit answered ${edit.status}`);
  seen = Number(edit.text.match(/name="seen" value="(\d+)"/)[1]);
  if (i >= 5) { bare.push(plain.ms); edits.push(edit.ms); }
}
console.log(`bare route ${median(bare).toFixed(1)} ms, edit ${median(edits).toFixed(1)} ms: ${(median(edits) / median(bare)).toFixed(2)} x`);

// ---- throughput ----
async function throughput(path) {
  let count = 0;
  const until = Date.now() + 3000;
  const one = () => new Promise((done, fail) => get({ port: PORT, host: '127.0.0.1', path, agent }, (answer) => { answer.resume(); answer.on('end', done); }).on('error', fail));
  await Promise.all([1, 2, 3, 4].map(async () => { while (Date.now() < until) { await one(); count += 1; } }));
  return count / 3;
}
const page = await ask('GET', '/shop/wrenfold/');
const file = 'public/shop-files-test/same-bytes.html';
writeFileSync(file, page.text);
const cached = [];
const still = [];
for (let i = 0; i < 3; i += 1) {
  still.push(await throughput('/shop-files-test/same-bytes.html'));
  cached.push(await throughput('/shop/wrenfold/'));
}
rmSync(file);
console.log(`static file ${median(still).toFixed(0)} a second, cached page ${median(cached).toFixed(0)} a second: ${(median(cached) / median(still)).toFixed(2)} of it`);
agent.destroy();
