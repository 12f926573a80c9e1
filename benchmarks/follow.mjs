// From a click in the shop window to the open control, from step to step, and from a key to the word in the window: each with the frame it is
// painted in, against the barest route of the same application.
import { openPage, settled, signIn, startBrowser } from '../tests/Browser/support.mjs';
import { ask, median, signIn as signInBare } from './http.mjs';

const ROUNDS = 24;
const p95 = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length * 0.95)];

const { cookie } = await signInBare();
const bare = [];
for (let i = 0; i < ROUNDS + 5; i += 1) {
  const { ms } = await ask('GET', '/', { headers: { Cookie: cookie() } });
  if (i >= 5) bare.push(ms);
}

const browser = await startBrowser();
const page = await openPage(browser);
await signIn(page);

/**
 * Ms from what is done to the frame in which something is so. Both are written out, as the page's own policy lets it evaluate nothing, and
 * measured in the page, so that no way to the benchmark counts.
 */
const until = (act, is) => page.evaluate(`(async () => {
  const began = performance.now();
  ${act}
  while (!(${is})) await new Promise((next) => requestAnimationFrame(next));
  await new Promise((done) => requestAnimationFrame(() => { const channel = new MessageChannel(); channel.port1.onmessage = done; channel.port2.postMessage(0); }));
  return performance.now() - began;
})()`);

function tell(what, times) {
  console.log(`${what}: ${median(times).toFixed(0)} ms median, ${p95(times).toFixed(0)} ms p95, ${(median(times) / median(bare)).toFixed(1)} x a bare route (${median(bare).toFixed(1)} ms)`);
}

const inFrame = 'document.querySelector("iframe").contentDocument';
const go = async (rest) => { await page.goto(`${new URL(page.url()).origin}/workbench/looks/1/${rest}`); await settled(page); };

await go('pages?open_part=band-lead-1&page=home');
const things = { '.lead h1': '#c-band-lead-1-heading', '.lead .button': '#c-band-lead-1-button' };
const clicks = [];
for (let i = 0; i < ROUNDS; i += 1) {
  const [thing, control] = Object.entries(things)[i % 2];
  clicks.push(await until(
    `const el = ${inFrame}.querySelector('${thing}'); const b = el.getBoundingClientRect(); const at = { bubbles: true, cancelable: true, clientX: b.left + 4, clientY: b.top + 4, view: el.ownerDocument.defaultView }; for (const kind of ['pointerdown', 'mousedown', 'pointerup', 'mouseup', 'click']) el.dispatchEvent(new (kind.startsWith('pointer') ? PointerEvent : MouseEvent)(kind, at));`,
    `document.querySelector('${control}')?.closest('.control.is-found')`,
  ));
  await settled(page);
}
tell('a click in the window to the open control', clicks);

const steps = [];
for (let i = 0; i < ROUNDS; i += 1) {
  const [name, title] = [['footer', 'Footer'], ['products', 'Products'], ['header', 'Header']][i % 3];
  steps.push(await until(`document.querySelector('.step[href$="/${name}"]').click()`, `document.querySelector('#bench h1')?.textContent === '${title}'`));
  await settled(page);
}
tell('from step to step', steps);

await go('pages?open_part=band-lead-1&page=home');
const keys = [];
for (let i = 0; i < ROUNDS; i += 1) {
  const words = `Light ${i}`;
  keys.push(await until(
    `const field = document.querySelector('#c-band-lead-1-heading'); field.focus(); field.textContent = '${words}'; field.dispatchEvent(new InputEvent('input', { bubbles: true }));`,
    `${inFrame}.querySelector('.lead h1').textContent === '${words}'`,
  ));
}
tell('a key to the word in the window', keys);
await browser.close();
