// The picker: a plane of lightness and chroma at one hue, with the edge of what screens show and the lines of contrast.
// What can be shown and what is readable is computed by the server; this moves the cursor and asks.
import htmx from 'htmx.org';
import { whenOpened } from '../shell/opened.js';

const WIDTH = 196;
const HEIGHT = 150;
const CELL = 4;
let gamut = null;
/** What was chosen and not yet sent: { path, color, timer }. An answer that comes meanwhile does not take it away. */
let unsent = null;

export function startPicker(shopWindow) {
  whenOpened('[data-picker]', (root) => root.dataset.path + root.dataset.value, (root) => open(root, shopWindow));
}

/** The screen's own eyedropper, where the browser has one. */
function offerEyedropper(root) {
  const button = root.querySelector('[data-eyedropper]');
  if (!button || !window.EyeDropper) return;
  button.hidden = false;
  button.onclick = async () => {
    const picked = await new window.EyeDropper().open().catch(() => null);
    if (!picked) return;
    root.querySelector('#typed').value = picked.sRGBHex;
    root.querySelector('[data-typed]').requestSubmit();
  };
}

async function loadGamut() {
  gamut ??= await (await fetch(`${document.body.dataset.base}/gamut.json`)).json();
  return gamut;
}

function edge(l, h) {
  const { edges } = gamut;
  const row = edges[Math.round((h / 360) * edges.length) % edges.length];
  const at = Math.max(0, Math.min(1, l)) * (row.length - 1);
  const low = Math.floor(at);
  const high = Math.min(row.length - 1, low + 1);
  return Math.max(0, row[low] + (row[high] - row[low]) * (at - low) - 0.0015);
}

async function open(root, shopWindow) {
  offerEyedropper(root);
  await loadGamut();
  const range = Object.fromEntries([...root.querySelectorAll('[data-axis]')].map((i) => [i.dataset.axis, i]));
  const color = { l: Number(range.l.value), c: Number(range.c.value), h: Number(range.h.value) };
  const plane = root.querySelector('[data-plane]');
  const cursor = root.querySelector('[data-cursor]');
  const typed = root.querySelector('#typed');
  const locked = root.dataset.locked === 'yes';
  let asked = 0;
  let asking = null;
  let changed = false;

  const text = () => `oklch(${+color.l.toFixed(4)} ${+color.c.toFixed(4)} ${+color.h.toFixed(1)})`;

  function paint() {
    const context = plane.querySelector('canvas').getContext('2d');
    context.clearRect(0, 0, WIDTH, HEIGHT);
    for (let y = 0; y < HEIGHT; y += CELL) {
      const l = 1 - (y + CELL / 2) / HEIGHT;
      const most = edge(l, color.h);
      for (let x = 0; x < WIDTH; x += CELL) {
        const c = (x / WIDTH) * gamut.most;
        if (c > most && x > 0) break;
        context.fillStyle = `oklch(${l} ${c} ${color.h})`;
        context.fillRect(x, y, CELL, CELL);
      }
    }
  }

  function point() {
    cursor.setAttribute('x', (color.c / gamut.most) * WIDTH - 5.5);
    cursor.setAttribute('y', (1 - color.l) * HEIGHT - 5.5);
    for (const axis of ['l', 'c', 'h']) {
      range[axis].value = color[axis];
      range[axis].parentElement.querySelector('output').textContent = axis === 'h' ? Math.round(color.h) : Math.round(color[axis] * 100);
    }
  }

  async function ask(value) {
    const mine = ++asked;
    const query = new URLSearchParams({ path: root.dataset.path, hue: color.h, value, dark: shopWindow.isDark() ? '1' : '', open_scheme: document.querySelector('#state [name=open_scheme]').value });
    const answer = await fetch(`${document.body.dataset.base}/shade?${query}`, { headers: { Accept: 'application/json' } }).catch(() => null);
    if (!answer?.ok || mine !== asked || !root.isConnected) return;
    const { lines, pairs, turned } = await answer.json();
    // What rules make of the color comes a little later than the color, but before it is kept.
    if (changed) Object.entries(turned).forEach(([property, hex]) => shopWindow.show(property, hex));
    drawLines(lines);
    root.querySelector('[data-pairs]').replaceChildren(...pairs.map(row));
  }

  function drawLines(lines) {
    const group = root.querySelector('[data-lines]');
    const make = (name, attributes) => {
      const element = document.createElementNS('http://www.w3.org/2000/svg', name);
      for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, value);
      return element;
    };
    group.replaceChildren(...lines.flatMap(({ target, points }) => {
      const d = `M${points.map(([c, l]) => `${((c / gamut.most) * WIDTH).toFixed(1)} ${((1 - l) * HEIGHT).toFixed(1)}`).join('L')}`;
      const label = make('text', { x: WIDTH - 30, y: Math.max(12, Math.min(HEIGHT - 4, (1 - points[points.length - 2][1]) * HEIGHT - 4)) });
      label.textContent = target;
      return [make('path', { d }), make('path', { d }), label];
    }));
  }

  function move(next, keepNow = false) {
    if (locked) return;
    const before = color.h;
    Object.assign(color, next);
    color.l = Math.max(0, Math.min(1, color.l));
    color.c = Math.max(0, Math.min(color.c, edge(color.l, color.h)));
    changed = true;
    shopWindow.show(root.dataset.property, text());
    if (color.h !== before) paint();
    point();
    typed.value = text();
    // One question at a time: answers that come late would only slow the drag down.
    asking ??= setTimeout(async () => { await ask(text()); asking = null; }, 120);
    clearTimeout(unsent?.timer);
    unsent = { path: root.dataset.path, color };
    if (keepNow) keep();
  }

  function keep() {
    if (!changed) return;
    changed = false;
    clearTimeout(unsent?.timer);
    unsent = null;
    htmx.ajax('POST', root.dataset.url, {
      source: root, target: '#bench', swap: 'morph:innerHTML',
      values: { ...Object.fromEntries(new FormData(document.querySelector('#state'))), path: root.dataset.path, value: text() },
    });
  }

  const keepSoon = () => {
    clearTimeout(unsent?.timer);
    if (unsent) unsent.timer = setTimeout(keep, 450);
  };
  const fromPointer = (event) => {
    const box = plane.getBoundingClientRect();
    move({ c: ((event.clientX - box.left) / box.width) * gamut.most, l: 1 - (event.clientY - box.top) / box.height });
  };
  plane.onpointerdown = (event) => { plane.setPointerCapture(event.pointerId); fromPointer(event); };
  plane.onpointermove = (event) => { if (plane.hasPointerCapture(event.pointerId)) fromPointer(event); };
  plane.onpointerup = () => keep();
  for (const axis of ['l', 'c', 'h']) {
    range[axis].oninput = () => { move({ [axis]: Number(range[axis].value) }); keepSoon(); };
    range[axis].onchange = keepSoon;
  }
  if (unsent?.path === root.dataset.path) {
    move(unsent.color);
    keepSoon();
  }
  paint();
  point();
  ask('');
}

function row({ title, ratio, target, passes }) {
  const item = document.createElement('li');
  item.className = passes ? '' : 'fails';
  const name = document.createElement('span');
  name.textContent = title;
  const measure = document.createElement('b');
  measure.textContent = passes ? ratio : `${ratio}, needs ${target}`;
  item.append(name, measure);
  return item;
}
