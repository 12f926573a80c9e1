// Every answer of a store with 100,000 products, 100,000 edits, 200 looks and 2,000 pictures against the same of the demo.
import { execFileSync } from 'node:child_process';
import { rmSync } from 'node:fs';
import { agent, ask, median, signIn } from './http.mjs';

const ROUNDS = 15;
const pages = {
  'opening Colors': '/workbench/looks/1/colors', 'opening Start': '/workbench/looks/1/start', 'opening Pages': '/workbench/looks/1/pages', 'opening Products': '/workbench/looks/1/products', 'opening its card': '/workbench/looks/1/products?open_part=card', 'opening its page': '/workbench/looks/1/products?open_part=product', 'opening Seasons': '/workbench/looks/1/seasons',
  'opening Publish': '/workbench/looks/1/publish', 'the library': '/workbench/looks/1/pictures', 'find': '/workbench/looks/1/find?q=lamp', 'offers': '/workbench/looks/1/offers?kind=product&q=lantern',
  'opening the Storeroom': '/workbench/looks/1/storeroom', 'its goods by name': '/workbench/looks/1/storeroom?open_sort=name', 'its goods by margin': '/workbench/looks/1/storeroom?open_sort=-margin',
  'its goods, narrowed': '/workbench/looks/1/storeroom?open_ranges=stock:0..20', 'its goods, found': '/workbench/looks/1/storeroom?open_q=lantern', 'its goods, page 2': '/workbench/looks/1/storeroom?open_page=2', 'one of its goods': '/workbench/looks/1/storeroom?open_record=1', 'one of its categories': '/workbench/looks/1/storeroom?open_kind=categories&open_record=1', 'one of its storefronts': '/workbench/looks/1/storeroom?open_kind=storefronts&open_record=1', 'its pictures': '/workbench/looks/1/storeroom?open_kind=pictures',
  'home page, previewed': '/preview/1/now/shop/wrenfold/', 'category': '/shop/wrenfold/category/paper-lanterns?sort=shelf', 'category, most sold': '/shop/wrenfold/category/paper-lanterns?sort=sold',
  'search': '/shop/wrenfold/search?q=lantern', 'search, part of a word': '/shop/wrenfold/search?q=tern', 'search, two words': '/shop/wrenfold/search?q=paper%20lantern', 'search, none': '/shop/wrenfold/search?q=zzzz',
};

async function measured() {
  const { cookie, csrf } = await signIn();
  const times = {};
  for (const [what, path] of Object.entries(pages)) {
    times[what] = [];
    for (let i = 0; i < ROUNDS + 2; i += 1) {
      const answer = await ask('GET', path, { headers: path.startsWith('/shop') ? {} : { Cookie: cookie() } });
      if (answer.status !== 200) throw new Error(`${path} answered ${answer.status}`);
      if (i >= 2) times[what].push(answer.ms);
    }
  }
  const start = await ask('GET', '/workbench/looks/1/colors', { headers: { Cookie: cookie() } });
  let seen = Number(start.text.match(/name="seen" value="(\d+)"/)[1]);
  const post = async (what, path, fields) => {
    const answer = await ask('POST', `/workbench/looks/1/${path}`, { headers: { Cookie: cookie(), 'X-CSRF-TOKEN': csrf, 'HX-Request': 'true' }, body: new URLSearchParams({ seen, step: 'colors', ...fields }).toString() });
    if (answer.status !== 200) throw new Error(`${path} answered ${answer.status}: ${answer.text.slice(0, 200)}`);
    seen = Number(answer.text.match(/name="seen" value="(\d+)"/)[1]);
    (times[what] ??= []).push(answer.ms);
  };
  for (let i = 0; i < ROUNDS; i += 1) {
    await post('an edit of a color', 'edits', { path: 'brand.second', value: `#2c2b${(0x60 + i).toString(16)}` });
    await post('a cell of the Storeroom', 'storeroom/cells', { step: 'storeroom', record: 2, column: 'stock', value: 30 + i });
    await post('an undo', 'undo', {});
    await post('a redo', 'redo', {});
  }
  return Object.fromEntries(Object.entries(times).map(([what, list]) => [what, median(list)]));
}

const before = await measured();
const grown = execFileSync('php', ['-d', 'memory_limit=1G', 'benchmarks/grow.php'], { encoding: 'utf8' });
process.stdout.write(grown);
// The framework ends well whatever it could not write: a store that did not grow has nothing to be measured against.
if (!grown.startsWith('100000 products')) throw new Error('The store was not made large.');
rmSync(`${process.env.LARAVEL_STORAGE_PATH}/pages`, { recursive: true, force: true });
const after = await measured();
let worst = 0;
for (const what of Object.keys(before)) {
  const ratio = after[what] / before[what];
  worst = Math.max(worst, ratio);
  console.log(`${what.padEnd(26)} ${before[what].toFixed(1).padStart(7)} ms, grown ${after[what].toFixed(1).padStart(7)} ms: ${ratio.toFixed(2)} x`);
}
console.log(`worst ${worst.toFixed(2)} x; aim 1.5`);
agent.destroy();
