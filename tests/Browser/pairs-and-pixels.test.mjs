// What Ikat computes about colors against what Chromium and axe find on the pages: the pairs of the table of pairs, and the reach
// of settings on a theme that was made for this test alone.
import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import sharp from 'sharp';
import { BASE, edited, openPage, settled, signedIn } from './support.mjs';

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
const LOOK = `${BASE}/workbench/looks/1`;

const { browser, page } = await signedIn();
const paths = await page.evaluate(() => [...document.querySelector('[data-page]').options].map((o) => [o.value, o.dataset.path]));
let reader;

/** Gives every role of every scheme, derived ones too, a color of its own, so that a color says which role it is. */
async function dyeEachRole(shop) {
  return shop.evaluate(() => {
    const sheet = [...document.styleSheets].find((s) => /\/look-/.test(s.href));
    const root = [...sheet.cssRules].find((r) => r.selectorText === ':root').style;
    const roles = {};
    let n = 0;
    for (const property of root) {
      const found = property.match(/^--scheme-([a-z0-9]+)-([a-z-]+)$/);
      if (!found || found[2] === 'gradient') continue;
      n += 1;
      const rgb = [40 + (n % 6) * 37, 30 + (Math.floor(n / 6) % 6) * 41, 20 + (Math.floor(n / 36) % 6) * 43];
      document.documentElement.style.setProperty(property, `rgb(${rgb.join(', ')})`);
      roles[rgb.join()] = [found[1], found[2]];
    }
    document.documentElement.style.setProperty('transition', 'none');
    return roles;
  });
}

/**
 * Every ink and the ground it stands on, as the browser computed them: text, drawings, edges of fields, checked boxes, and
 * the ring around what has the focus. Answers [pair, number of the element and whether it is its ring] of each, and the outer end of the markup.
 */
function walkPairs(roles) {
  const roleOf = (color) => { const m = color.match(/^rgba?\((\d+), (\d+), (\d+)(?:, ([\d.]+))?\)$/); return m && m[4] !== '0' ? roles[[m[1], m[2], m[3]].join()] : undefined; };
  const groundOf = (element) => { for (let e = element; e; e = e.parentElement) { const role = roleOf(getComputedStyle(e).backgroundColor); if (role) return role; } return undefined; };
  const found = [];
  const all = [...document.body.querySelectorAll('*')];
  const add = (ink, ground, element, what = '') => { if (ink && ground && ink[0] === ground[0]) found.push([`${ink[0]} ${ink[1]}:${ground[1]}`, `${all.indexOf(element)}${what}`, element.outerHTML.slice(0, 90)]); };
  for (const e of all) {
    const style = getComputedStyle(e);
    if (style.clipPath !== 'none' || e.closest('script, style')) continue;
    const isField = e.matches('input:not([type=hidden], [type=checkbox], [type=radio]), select, textarea');
    if (e.matches('[type=checkbox], [type=radio]')) add(roleOf(style.accentColor), groundOf(e.parentElement), e);
    if ((isField || e.matches('.choice')) && !e.disabled) add(roleOf(style.borderBottomColor), groundOf(e.parentElement), e);
    if (style.outlineStyle !== 'none' && !e.disabled) add(roleOf(style.outlineColor), groundOf(e.parentElement), e, ' ring');
    if (e.matches('svg')) add(roleOf(style.stroke) ?? roleOf(style.color), groundOf(e), e);
    else if (isField || [...e.childNodes].some((n) => n.nodeType === 3 && n.data.trim() !== '')) add(roleOf(style.color), groundOf(e), e);
  }
  return found;
}

/** Pages may not ask what color a visited link has: it is read from the pixels of a thick line under each link. */
async function visitedPairs(shop, roles) {
  const links = await shop.evaluate((known) => {
    const roleOf = (color) => { const m = color.match(/^rgb\((\d+), (\d+), (\d+)\)$/); return m && known[m.slice(1).join()]; };
    const seen = [...document.querySelectorAll('a')].filter((a) => a.textContent.trim() !== '' && a.checkVisibility({ visibilityProperty: true }));
    for (const a of seen) {
      a.style.setProperty('text-decoration-line', 'underline', 'important');
      a.style.setProperty('text-decoration-thickness', '5px');
    }
    return seen.map((a) => {
      let ground;
      for (let e = a; e && !ground; e = e.parentElement) ground = roleOf(getComputedStyle(e).backgroundColor);
      const box = a.getBoundingClientRect();
      return { ground, left: box.left, top: box.top + scrollY, right: box.right, bottom: box.bottom + scrollY + 6, where: a.outerHTML.slice(0, 90) };
    });
  }, roles);
  const { data, info } = await sharp(await shop.screenshot({ fullPage: true })).removeAlpha().raw().toBuffer({ resolveWithObject: true });
  const found = [];
  for (const { ground, left, top, right, bottom, where } of links) {
    const inks = new Set();
    for (let y = Math.max(0, Math.floor(top)); y < Math.min(info.height, bottom); y += 1) {
      for (let x = Math.max(0, Math.floor(left)); x < Math.min(info.width, right); x += 1) {
        const at = (y * info.width + x) * 3;
        const role = roles[`${data[at]},${data[at + 1]},${data[at + 2]}`];
        if (role?.[1] === 'visited') inks.add(role.join(' '));
      }
    }
    for (const ink of inks) found.push([`${ink}:${ground[1]}`, where]);
  }
  return found;
}

/** The pairs a scheme wears, with the states each occurs in: "scheme ink:ground" => states. */
async function wornPairs(scheme) {
  const html = await (await page.request.get(`${LOOK}/colors?open_part=pairs&shown=scheme.${scheme}`)).text();
  return [...html.matchAll(/class="pair-at[^"]*is-worn[^"]*"[^>]*data-pair="([^"]+)" data-states="([^"]*)"/g)].map(([, key, states]) => [`${scheme} ${key}`, states.split(' ')]);
}

async function statesOf(shop) {
  const tools = await shop.context().newCDPSession(shop);
  await tools.send('DOM.enable');
  await tools.send('CSS.enable');
  return tools;
}

/** Lets everything that can be pointed at, pressed or focused be in a state, without a pointer or a key. */
async function forced(tools, states) {
  const { root } = await tools.send('DOM.getDocument', { depth: 0 });
  const { nodeIds } = await tools.send('DOM.querySelectorAll', { nodeId: root.nodeId, selector: 'a, button, input, select, textarea, summary, main, [tabindex]' });
  for (const nodeId of nodeIds) await tools.send('CSS.forcePseudoState', { nodeId, forcedPseudoClasses: states });
}

test('the table of pairs has the pairs that a walk through the pages finds, in every state: none missing, none invented', async () => {
  const shop = await openPage(browser);
  await shop.context().addCookies(await page.context().cookies());
  const tools = await statesOf(shop);
  const FORCED = { hover: ['hover'], focus: ['focus', 'focus-visible'], active: ['active'] };
  const walked = { still: {}, hover: {}, focus: {}, active: {}, visited: {} };
  for (const [, path] of paths) {
    await shop.goto(`${BASE}/preview/1/now/shop/wrenfold${path}`);
    const roles = await dyeEachRole(shop);
    const still = await shop.evaluate(walkPairs, roles);
    for (const [pair, , where] of still) walked.still[pair] ??= `${path} ${where}`;
    const known = new Set(still.map(([pair, element]) => `${element} ${pair}`));
    for (const [state, classes] of Object.entries(FORCED)) {
      await forced(tools, classes);
      // What is in a state brings pairs that the same element has not when it is left alone.
      for (const [pair, element, where] of await shop.evaluate(walkPairs, roles)) if (!known.has(`${element} ${pair}`)) walked[state][pair] ??= `${path} ${where}`;
      await forced(tools, []);
    }
    await forced(tools, ['visited']);
    for (const [pair, where] of await visitedPairs(shop, roles)) if (!still.some(([known]) => known === pair)) walked.visited[pair] ??= `${path} ${where}`;
  }
  const schemes = await page.evaluate(() => [...document.querySelectorAll('.sample')].map((b) => b.getAttribute('hx-get').match(/open_scheme=([a-z0-9]+)/)[1]));
  const pairs = (await Promise.all(schemes.map(wornPairs))).flat();
  assert.ok(pairs.length > 40, `${pairs.length} pairs`);
  const told = { still: ['plain', 'selected', 'error', 'disabled'], hover: ['hover'], focus: ['focus'], active: ['active'], visited: ['visited'] };
  for (const [state, found] of Object.entries(walked)) {
    const woven = pairs.filter(([, states]) => states.some((s) => told[state].includes(s))).map(([key]) => key);
    assert.deepEqual(Object.keys(found).filter((pair) => !woven.includes(pair)).map((pair) => `${pair} on ${found[pair]}`), [], `${state}: missing in the table of pairs`);
    // No shipped theme changes a color while something is pressed, and no text of the demo has links to tell apart once visited.
    assert.equal(woven.length > 0, !['active', 'visited'].includes(state), `${state}: ${woven.length} pairs`);
    assert.deepEqual(woven.filter((pair) => !(pair in found)), [], `${state}: invented by the table of pairs`);
  }
  await shop.context().close();
});

test('axe measures the same contrast on the same pairs', async () => {
  const shop = await openPage(browser);
  await shop.context().addCookies(await page.context().cookies());
  const html = {};
  const pairs = {};
  for (const scheme of ['daylight', 'night', 'lamplit', 'counter']) {
    html[scheme] = await (await page.request.get(`${LOOK}/colors?open_part=pairs&shown=scheme.${scheme}`)).text();
    for (const [, label, ratio] of html[scheme].matchAll(/class="pair-at[^"]*is-worn[^"]*"[^>]*aria-label="([^"]+?), ([\d.]+) to 1 in/g)) pairs[Number(ratio).toFixed(1)] = label;
  }
  let compared = 0;
  for (const [key, path] of paths) {
    await shop.goto(`${BASE}/preview/1/now/shop/wrenfold${path}`);
    await shop.evaluate(axe);
    const seen = await shop.evaluate(async () => {
      const result = await window.axe.run(document, { runOnly: ['color-contrast'], resultTypes: ['passes', 'violations'] });
      return [...result.passes, ...result.violations].flatMap((rule) => rule.nodes.flatMap((node) => node.any.filter((c) => c.data?.contrastRatio).map((c) => ({ ratio: c.data.contrastRatio, where: node.target.join(' ') }))));
    });
    for (const { ratio, where } of seen) {
      compared += 1;
      // The table of pairs never rounds up, axe rounds to a hundredth.
      const told = Object.keys(pairs).some((p) => ratio >= Number(p) - 0.011 && ratio < Number(p) + 0.11);
      assert.ok(told, `${key}: ${where} has ${ratio}, which no pair has`);
    }
  }
  assert.ok(compared > 300, `${compared} compared`);
  await shop.context().close();
});

const PROVING_CSS = `.menu a { color: var(--reduced); }
.menu a:visited { color: var(--visited); }
.card-name a:active { color: var(--price); background-color: var(--quiet); }
.card-name a { color: var(--link); }
.price { color: var(--heading); }
.band-head { background-color: var(--quiet); padding: 8px; }
.lead-words { border-left: 4px solid var(--rating); padding-left: 14px; }
.header { border-bottom: 6px solid var(--price); }
.utility { border-bottom: 3px solid var(--field-line); }
`;

/** Packs the look's theme anew under another name, with rules no shipped theme has. */
async function provingTheme() {
  const from = join(tmpdir(), `ikat-proving-${process.pid}.zip`);
  writeFileSync(from, await (await page.request.get(`${LOOK}/theme.zip`)).body());
  const code = '$z = new ZipArchive(); $z->open($argv[1]); $t = json_decode($z->getFromName("theme.tokens.json"), true); $t[\'$extensions\']["ikat.theme"]["title"] = "Proving cloth"; $z->addFromString("theme.tokens.json", json_encode($t)); $z->addFromString("theme.css", $argv[2]); $z->close();';
  execFileSync('php', ['-r', code, '--', from, PROVING_CSS]);
  return from;
}

/** Pixels that differ between two pictures of one size, as a map of 4 by 4 blocks: "x,y" of each block that has one. */
async function differing(before_, after_) {
  // A page of its own: the workbench lets no script read pictures from elsewhere than the shop.
  reader ??= await (await browser.newContext()).newPage();
  return reader.evaluate(async ([a, b]) => {
    const read = async (png) => {
      const image = new Image();
      image.src = `data:image/png;base64,${png}`;
      await image.decode();
      const canvas = new OffscreenCanvas(image.width, image.height);
      const pen = canvas.getContext('2d');
      pen.drawImage(image, 0, 0);
      return pen.getImageData(0, 0, image.width, image.height);
    };
    const [one, two] = [await read(a), await read(b)];
    const blocks = new Set();
    for (let i = 0; i < one.data.length; i += 4) {
      if (one.data[i] !== two.data[i] || one.data[i + 1] !== two.data[i + 1] || one.data[i + 2] !== two.data[i + 2]) blocks.add(`${Math.floor(((i / 4) % one.width) / 4)},${Math.floor(i / 4 / one.width / 4)}`);
    }
    return [...blocks];
  }, [before_.toString('base64'), after_.toString('base64')]);
}

test('on a theme made for this test, the pixels that change are those of the reported places', async () => {
  await page.goto(`${LOOK}/start`);
  await settled(page);
  const file = await provingTheme();
  await page.locator('#package').setInputFiles(file);
  await edited(page, () => page.getByRole('button', { name: 'Bring it in' }).click(), /\/themes$/);
  const token = await page.evaluate(() => JSON.parse(document.body.getAttribute('hx-headers'))['X-CSRF-TOKEN']);
  const starter = await page.evaluate(() => document.querySelector('input[name=theme][value=own-proving-cloth]')?.closest('form').querySelector('[name=starter]')?.value ?? 'river-dusk');
  const send = (rest, form) => page.request.post(`${LOOK}/${rest}`, { headers: { 'X-CSRF-TOKEN': token, 'HX-Request': 'true', Origin: BASE }, form });
  const seen = await page.locator('#state [name=seen]').inputValue();
  assert.equal((await send('base', { seen, step: 'start', theme: 'own-proving-cloth', starter })).status(), 200);
  const shop = await openPage(browser);
  await shop.context().addCookies(await page.context().cookies());
  try {
    await page.goto(`${LOOK}/colors`);
    await settled(page);
    await shop.goto(`${BASE}/preview/1/now/shop/wrenfold/`);
    await shop.evaluate(() => document.fonts.ready);
    await shop.evaluate(async () => { for (const i of document.images) { i.loading = 'eager'; await i.decode().catch(() => {}); } document.documentElement.style.setProperty('transition', 'none'); });
    const still = await shop.screenshot({ fullPage: true });
    for (const role of ['reduced', 'link', 'heading', 'quiet', 'rating', 'price', 'field-line', 'menu', 'label-sale', 'ground']) {
      const path = `scheme.daylight.${role}`;
      const { places } = await (await page.request.get(`${LOOK}/reach?path=${path}`, { headers: { Accept: 'application/json' } })).json();
      const property = `--${path.replaceAll('.', '-')}`;
      await shop.evaluate((p) => document.documentElement.style.setProperty(p, '#00fa64'), property);
      const blocks = await differing(still, await shop.screenshot({ fullPage: true }));
      await shop.evaluate((p) => document.documentElement.style.removeProperty(p), property);
      assert.ok(blocks.length > 0, `${path} shows`);
      const told = await shop.evaluate((numbers) => {
        const all = [...document.body.querySelectorAll('*')];
        const hidden = (e) => { const s = getComputedStyle(e); return s.visibility === 'hidden' || s.clipPath !== 'none' || e.closest('.sidecart, .hidden-words, .skip') || (e.closest('details:not([open])') && !e.closest('summary')); };
        return numbers.map((n) => all[n]).filter((e) => e && !hidden(e)).map((e) => { const b = e.getBoundingClientRect(); return { x: b.left, y: b.top + scrollY, right: b.right, bottom: b.bottom + scrollY, what: e.outerHTML.slice(0, 80), onlyStates: e.matches('button, input, a, summary, main') }; }).filter((b) => b.right - b.x > 1 && b.bottom - b.y > 1);
      }, places.home ?? []);
      // Letters reach a little beyond their boxes.
      const isTold = (x, y) => told.some((b) => x + 4 >= b.x - 6 && x <= b.right + 6 && y + 4 >= b.y - 6 && y <= b.bottom + 6);
      const missing = blocks.map((b) => b.split(',').map((n) => Number(n) * 4)).filter(([x, y]) => !isTold(x, y));
      assert.deepEqual(missing.slice(0, 5), [], `${path} changes pixels outside its places`);
      const set = new Set(blocks);
      const unchanged = told.filter((b) => {
        for (let y = Math.floor(b.y / 4) - 1; y <= b.bottom / 4 + 1; y += 1) for (let x = Math.floor(b.x / 4) - 1; x <= b.right / 4 + 1; x += 1) if (set.has(`${x},${y}`)) return false;
        return !b.onlyStates;
      });
      assert.deepEqual(unchanged.map((b) => b.what), [], `${path} is said to show where no pixel changes`);
    }
    // What this theme does to links that are visited or pressed, in Chromium and in the table of pairs.
    const roles = await dyeEachRole(shop);
    const tools = await statesOf(shop);
    const plain = new Set((await shop.evaluate(walkPairs, roles)).map(([pair, element]) => `${element} ${pair}`));
    await forced(tools, ['active']);
    const pressed = (await shop.evaluate(walkPairs, roles)).filter(([pair, element]) => !plain.has(`${element} ${pair}`)).map(([pair]) => pair);
    await forced(tools, ['visited']);
    const visited = (await visitedPairs(shop, roles)).map(([pair]) => pair);
    const pairs = (await Promise.all(['daylight', 'night', 'lamplit', 'kiln', 'counter'].map(wornPairs))).flat();
    const woven = (state) => pairs.filter(([, states]) => states.includes(state)).map(([key]) => key);
    assert.deepEqual([...new Set(visited)], ['daylight visited:ground']);
    assert.deepEqual(woven('visited'), ['daylight visited:ground']);
    assert.deepEqual([...new Set(pressed)].sort(), woven('active').sort());
    assert.ok(pressed.includes('daylight price:quiet'));
  } finally {
    await shop.context().close();
    await page.goto(`${LOOK}/start`);
    await settled(page);
    await edited(page, () => page.locator('[data-press=undo]').click());
    const left = await send('themes/remove', { seen: await page.locator('#state [name=seen]').inputValue(), step: 'start', theme: 'own-proving-cloth' });
    assert.ok([200, 302].includes(left.status()), `${left.status()}`);
  }
});
