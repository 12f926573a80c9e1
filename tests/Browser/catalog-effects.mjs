// The catalog, setting by setting: changing it changes what is compiled or rendered, changes boxes or paint in
// Chromium on a page where reach says it shows, and what changed is what was reported. The steps of the work are divided
// among three files, so that browsers go through them side by side.
import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { another, openFull, readPage } from './catalog.mjs';
import { BASE, change, redo, startBrowser, still, undo } from './support.mjs';

let browser;
let page;
let settings;
let paths;
/** @param steps keys of the steps whose settings are gone through */
export function testEffects(steps) {
  before(async () => {
    browser = await startBrowser();
    ({ page, paths, settings } = await openFull(browser));
    await page.addInitScript(`window.readPage = ${readPage}`);
    settings = settings.filter((s) => !isOfTheBench(s.path));
  });
  after(async () => {
    await undo(page).finally(() => browser.close());
  });
  test(`every setting of ${steps.join(', ')} has its effect, where it is said to have it`, { timeout: 1_200_000 }, (t) => goThrough(t, steps));
}

/** Known reasons why a change is not seen on a still page; each is checked in its own way. */
const UNSEEN = {
  'mail.logo': 'it shows in e-mails',
  'mail.logo.size': 'it shows in e-mails',
  'shape.motion': 'it is how long a change takes',
  'shape.pointed': 'it is what pointing does: shapes.test.mjs',
  'announcement.pace': 'it is how long a message stays',
  'card.label.few': 'it shows on what is nearly sold out: products.test.mjs',
  'card.label.most': 'it shows where several apply: products.test.mjs',
  'card.label.order': 'it shows where several apply: products.test.mjs',
  'card.touch': 'it shows where nothing points: card.test.mjs',
  'card.ground': 'it shows behind pictures without a ground: frame.test.mjs',
  'card.shadow': 'it shows below pictures without a ground: frame.test.mjs',
  'card.label.new': 'it shows on what came lately: products.test.mjs',
  'product.gone': 'it shows on ways that are sold out: product-page.test.mjs',
  'product.stays': 'it shows where pictures are taller than details: product-page.test.mjs',
  'header.menu.pointed': 'it is what pointing does: header.test.mjs',
  'header.menu.speed': 'it is how long that takes',
  'season.season-1.name': 'it is the workbench’s name for it',
  'dark.on': 'it shows on devices that ask for dark',
};

/** Icons show outside of the page, and are read back in start.test.mjs. */
const isUnseen = (path) => path in UNSEEN || path.startsWith('icon.');

/** What orders and names the workbench’s own lists is driven in colors.test.mjs. */
const isOfTheBench = (path) => /^(palette|name)\./.test(path);

/** Ways to look at a page, tried in turn until a change is seen. */
const VIEWS = [
  { width: 1280, height: 800 },
  { width: 768, height: 1024 },
  { width: 390, height: 844 },
  { width: 1800, height: 900 },
  { width: 1280, height: 800, open: '#side-cart' },
  { width: 1280, height: 800, hover: '.card-name a' },
  { width: 1280, height: 800, scroll: 700 },
];

/** The view a setting most likely shows in comes first: what it is called says which. */
function viewsFor(path) {
  const likely = VIEWS.find((view) => (/phone|fold/.test(path) && view.width === 390) || (/tablet/.test(path) && view.width === 768) || (/wide$/.test(path) && view.width === 1800)
    || (/^sidecart/.test(path) && view.open) || (/hover/.test(path) && view.hover) || (/sticky/.test(path) && view.scroll));
  return likely ? [likely, ...VIEWS.filter((view) => view !== likely)] : VIEWS;
}

async function look(key, view, isKept = false) {
  await page.setViewportSize({ width: view.width, height: view.height });
  await page.goto(`${BASE}/preview/1/now/shop/wrenfold${paths[key]}${view.open ?? ''}`);
  if (view.hover && (await page.locator(view.hover).count()) > 0) await page.locator(view.hover).first().hover();
  if (view.scroll) await page.evaluate((y) => scrollTo({ top: y, behavior: 'instant' }), view.scroll);
  await page.evaluate(() => document.fonts.ready);
  if (view.open || view.hover || view.scroll) await still(page);
  if (!isKept) return page.evaluate(readPage);
  await page.evaluate(() => { window.before = window.readPage(); });
}

/** Where a setting shows, and where it does once something is opened, pointed at or focused: the views below do all of these. */
async function reported(path) {
  const { places, later, why } = await (await page.request.get(`${BASE}/workbench/looks/1/reach?path=${path}`, { headers: { Accept: 'application/json' } })).json();
  const both = { ...places };
  for (const [key, elements] of Object.entries(later)) both[key] = [...both[key] ?? [], ...elements].sort((a, b) => a - b);
  return { places: both, why: Object.keys(both).length > 0 ? null : why };
}

const isSame = (a, b) => a.length === b.length && a.every((e, i) => e.at === b[i].at && e.size === b[i].size && e.look === b[i].look);

/** The reported elements with all that is in them, as they look and stand: what changed must be among them. */
const looksOf = (snapshot, numbers) => numbers.map((n) => snapshot.slice(n, n + (snapshot[n]?.within ?? 0) + 1).map((e) => `${e.look} ${e.size} ${e.at}`).join()).join('\n');

/** Meets a setting's conditions, outermost first; gives the changes made for it. */
function conditionsOf(setting, byPath) {
  const wanted = {};
  for (let when = setting.applies_when; when; when = byPath.get(when.path).applies_when) {
    const other = byPath.get(when.path);
    if (!when.values.includes(other.value)) wanted[when.path] = when.values[0] === true ? 'on' : when.values[0] === false ? 'off' : when.values[0];
  }
  return wanted;
}

async function goThrough(t, steps) {
  const byPath = new Map(settings.map((s) => [s.path, s]));
  const ours = settings.filter((s) => steps.includes(s.step));
  assert.ok(steps.every((step) => ours.some((s) => s.step === step)), 'a step without settings');
  // Pages without any change, kept for all settings that need no preparation.
  const bases = new Map();
  const failures = [];
  let seen = 0;
  const isStyle = (s) => s.property && s.applies && !isUnseen(s.path);
  const byEdit = ours.filter((s) => !isStyle(s));
  // Colors, lengths and the like are custom properties: one page shows what each of them moves, and those of a page are looked at together.
  const styles = [];
  for (const setting of ours.filter(isStyle)) {
    const where = await reported(setting.path);
    styles.push({ setting, where, first: `${VIEWS.indexOf(viewsFor(setting.path)[0])} ${Object.keys(where.places)[0] ?? ''}` });
  }
  for (const { setting, where } of styles.sort((a, b) => a.first.localeCompare(b.first))) {
    const value = another(setting);
    const css = setting.css[value] ?? `${value}${setting.type === 'size' ? '' : setting.unit}`;
    if (where.why) {
      if (!/no part of the shop has this color scheme|nothing in this role|covered|browser’s tab/.test(where.why)) failures.push(`${setting.path}: ${where.why}`);
      continue;
    }
    const problem = await cssEffect(setting, css, where.places);
    // What is computed from the setting, or stands in a media query, comes with the next stylesheet only.
    if (problem) byEdit.push(setting);
    else seen += 1;
  }
  t.diagnostic(`${seen} style settings seen in Chromium as they are dragged, ${byEdit.length} only once kept`);

  // Words are told apart: all of them change in one edit, and each is looked for where it is said to stand.
  const shown = await wordsSeen(byEdit.filter((s) => s.type === 'text' && s.most >= 8 && !s.path.startsWith('season.')));
  seen += shown.size;
  t.diagnostic(`${shown.size} words found where they are said to be`);

  // All others make other pages: the page is read before and after.
  for (const setting of byEdit.filter((s) => !shown.has(s.path))) {
    const wanted = conditionsOf(setting, byPath);
    const isSeason = setting.path.startsWith('season.') || setting.path === 'seasons';
    if (isSeason) Object.assign(wanted, seasonAround(setting));
    const isPrepared = Object.keys(wanted).length > 0 && (await change(page, wanted));
    if (isUnseen(setting.path)) {
      if (await change(page, { [setting.path]: another(setting) })) await undo(page);
      else failures.push(`${setting.path}: “${another(setting)}” changed nothing that is stored`);
      if (isPrepared) await undo(page);
      continue;
    }
    const where = await reported(setting.path);
    const isChanged = await change(page, { [setting.path]: another(setting) });
    const then = await reported(setting.path);
    const differs = (key) => JSON.stringify(where.places[key]) !== JSON.stringify(then.places[key]);
    const pages = [...new Set([...Object.keys(then.places), ...Object.keys(where.places), ...(isSeason ? ['home'] : [])])].sort((a, b) => differs(b) - differs(a));
    const problem = isChanged ? await pageEffect(setting, pages, isPrepared ? new Map() : bases, where, then, isSeason) : `“${another(setting)}” changed nothing that is stored`;
    if (problem) failures.push(`${setting.path}: ${problem}`);
    else seen += 1;
    if (isChanged) await undo(page);
    if (isPrepared) await undo(page);
  }
  t.diagnostic(`${seen} of ${ours.length} settings seen`);
  assert.deepEqual(failures, []);
}

/** A season that runs now and swaps what the setting is about. */
function seasonAround(setting) {
  if (setting.path === 'seasons') return { 'season.season-1.starts': '2020-01-01T00:00', 'season.season-1.heading': 'A season' };
  const wanted = { 'season.season-1.heading': 'A season' };
  if (!/\.(starts|ends)$/.test(setting.path)) wanted['season.season-1.starts'] = '2020-01-01T00:00';
  if (/\.yearly$/.test(setting.path)) wanted['season.season-1.ends'] = '2020-12-31T23:59';
  if (/\.ends$/.test(setting.path)) wanted['season.season-1.starts'] = '2019-01-01T00:00';
  if (/\.to$/.test(setting.path)) wanted['season.season-1.from'] = 'daylight';
  if (/\.from$/.test(setting.path)) wanted['season.season-1.to'] = 'kiln';
  return wanted;
}

/** The settings of words that were read, in Chromium, inside an element that is reported for them. */
async function wordsSeen(texts) {
  const wordOf = (i) => `Wx${i}x`;
  await change(page, Object.fromEntries(texts.map((s, i) => [s.path, wordOf(i)])));
  const snapshots = new Map();
  const shown = new Set();
  for (const [i, setting] of texts.entries()) {
    const { places } = await reported(setting.path);
    for (const key of Object.keys(places).slice(0, 3)) {
      if (!snapshots.has(key)) snapshots.set(key, await look(key, VIEWS[0]));
      if (looksOf(snapshots.get(key), places[key]).includes(wordOf(i))) shown.add(setting.path);
    }
  }
  await undo(page);
  return shown;
}

let open = '';

async function cssEffect(setting, css, places) {
  for (const view of viewsFor(setting.path)) {
    for (const key of Object.keys(places).slice(0, 3)) {
      const name = JSON.stringify([key, view]);
      if (open !== name) {
        open = name;
        // The page is compared with itself where it is: what all of it looks like is no small thing to send.
        await look(key, view, true);
      }
      await page.evaluate(([property, value]) => document.documentElement.style.setProperty(property, value), [setting.property, css]);
      await still(page);
      const { changed, missing } = await page.evaluate(compare, { property: setting.property, told: places[key] });
      if (changed === 0) continue;
      return missing.length > 0 ? `changed on ${key}, but not reported: ${missing.slice(0, 3).join(' ')}` : null;
    }
  }
  return 'nothing changed in Chromium';
}

/** In the page: how many of its elements changed with a property, and which of them nobody was told of. */
function compare({ property, told }) {
  const before = window.before;
  const after = window.readPage();
  document.documentElement.style.removeProperty(property);
  const differing = (test) => after.flatMap((e, i) => (test(e, before[i]) ? [i] : []));
  const painted = differing((a, b) => a.look !== b.look || a.size !== b.size);
  // What only moved counts where nothing else did: the space between menu words.
  const changed = painted.length > 0 ? painted : differing((a, b) => a.at !== b.at);
  const resized = changed.filter((i) => painted.length > 0 && after[i].look === before[i].look);
  const all = [...document.body.querySelectorAll('*')];
  const set = new Set(told.map((i) => all[i]));
  const partOf = (e) => { let part = e; while (part.parentElement !== document.body) part = part.parentElement; return part; };
  const parts = new Set([...set].filter(Boolean).map(partOf));
  // Inside something reported (it inherits); and what only became larger or smaller may also stand around or beside it.
  const isTold = (i) => { for (let e = all[i]; e; e = e.parentElement) if (set.has(e)) return true; return false; };
  const missing = changed.filter((i) => !isTold(i) && !(resized.includes(i) && parts.has(partOf(all[i])))).map((i) => all[i].outerHTML.slice(0, 80));
  return { changed: changed.length, missing };
}

/** @param bases pages as they are without the change, read when they are first needed */
async function pageEffect(setting, pages, bases, where, then, isSeason) {
  if (pages.length === 0) return `reported nowhere: ${then.why ?? where.why}`;
  for (const view of viewsFor(setting.path)) {
    for (const key of pages.slice(0, 3)) {
      const now = await look(key, view);
      const name = JSON.stringify([key, view]);
      if (!bases.has(name)) {
        await undo(page);
        bases.set(name, await look(key, view));
        await redo(page);
      }
      const old = bases.get(name);
      if (isSame(old, now)) continue;
      const isTold = looksOf(old, where.places[key] ?? []) !== looksOf(now, then.places[key] ?? []);
      return isTold || isSeason ? null : `changed on ${key}, but nothing that is reported there did`;
    }
  }
  return `nothing changed on ${pages.slice(0, 3).join(', ')}`;
}
