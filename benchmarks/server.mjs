// An edit's answer against the barest route of the same application; opening Fonts against opening Colors; a cached public page against the same bytes as a file.
import { writeFileSync, rmSync } from 'node:fs';
import { get } from 'node:http';
import { agent, ask, median, PORT, signIn } from './http.mjs';

const { cookie, csrf, seen: first } = await signIn();
let seen = first;

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

const opened = { colors: [], fonts: [] };
for (let i = 0; i < 25; i += 1) {
  for (const step of Object.keys(opened)) {
    const { ms, status } = await ask('GET', `/workbench/looks/1/${step}`, { headers: { Cookie: cookie() } });
    if (status !== 200) throw new Error(`${step} answered ${status}`);
    if (i >= 5) opened[step].push(ms);
  }
}
console.log(`opening Fonts ${median(opened.fonts).toFixed(1)} ms, Colors ${median(opened.colors).toFixed(1)} ms: ${(median(opened.fonts) / median(opened.colors)).toFixed(2)} of it`);

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
