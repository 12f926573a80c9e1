// The ground that runs from color to color: its direction and its stops are set on the drawing, by pointer or by key.
import htmx from 'htmx.org';
import { whenOpened } from '../shell/opened.js';

const LEFT = 12;
const WIDE = 374;
const TALL = 96;
const SVG = 'http://www.w3.org/2000/svg';

export function startGradient(shopWindow) {
  whenOpened('[data-gradient]', (root) => root.dataset.path + root.dataset.written, (root) => open(root, shopWindow));
}

let kept = { path: '', stop: 0 };

function open(root, shopWindow) {
  const g = JSON.parse(root.dataset.value);
  const locked = root.dataset.locked === 'yes';
  const svg = root.querySelector('svg');
  let stop = kept.path === root.dataset.path ? Math.min(kept.stop, g.stops.length - 1) : 0;
  let before = g.angle ?? 135;
  let timer = null;

  const written = (color) => {
    const stops = [...g.stops].sort((a, b) => a.at - b.at).map((s) => `${color(s)} ${s.at}%`).join(', ');
    return g.angle === null ? `radial-gradient(circle at ${g.x}% ${g.y}%, ${stops})` : `linear-gradient(${g.angle}deg, ${stops})`;
  };

  function make(name, attributes, words) {
    const element = document.createElementNS(SVG, name);
    for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, value);
    if (words) element.textContent = words;
    return element;
  }

  function draw() {
    const css = written((s) => s.hex);
    root.querySelector('[data-gradient-cloth]').style.background = css;
    const way = root.querySelector('[data-gradient-way]');
    const focused = document.activeElement?.dataset?.handle;
    if (g.angle !== null) {
      const turn = (g.angle * Math.PI) / 180;
      const [x, y] = [199 + Math.sin(turn) * 40, TALL / 2 - Math.cos(turn) * 40];
      const from = [199 - Math.sin(turn) * 40, TALL / 2 + Math.cos(turn) * 40];
      way.replaceChildren(make('path', { d: `M${from}L${x} ${y}`, class: 'way halo-way' }), make('path', { d: `M${from}L${x} ${y}`, class: 'way' }),
        make('circle', { cx: x, cy: y, r: 8, class: 'grip-dot', tabindex: locked ? -1 : 0, role: 'slider', 'data-handle': 'angle', 'aria-label': 'Direction in degrees', 'aria-valuemin': 0, 'aria-valuemax': 359, 'aria-valuenow': g.angle }));
    } else {
      way.replaceChildren(make('circle', { cx: (g.x / 100) * 398, cy: (g.y / 100) * TALL, r: 8, class: 'grip-dot', tabindex: locked ? -1 : 0, role: 'slider', 'data-handle': 'point', 'aria-label': 'Where it begins', 'aria-valuemin': 0, 'aria-valuemax': 100, 'aria-valuenow': g.x, 'aria-valuetext': `${g.x}% across, ${g.y}% down` }));
    }
    root.querySelector('[data-gradient-stops]').replaceChildren(...g.stops.map((s, i) => make('rect', { x: LEFT + (s.at / 100) * WIDE - 8, y: 103, width: 16, height: 18, fill: s.hex, class: i === stop ? 'stop is-open' : 'stop', tabindex: locked ? -1 : 0, role: 'slider', 'data-handle': `stop-${i}`, 'aria-label': `Stop ${i + 1}, ${s.color}`, 'aria-valuemin': 0, 'aria-valuemax': 100, 'aria-valuenow': s.at })));
    if (focused) root.querySelector(`[data-handle="${focused}"]`)?.focus();
    root.querySelector('[data-gradient-words]').textContent = `${g.angle === null ? `Outward from ${g.x}% across and ${g.y}% down` : `Straight at ${g.angle}°`}, ${g.stops.length} stops. Contrast is measured at its worst point.`;
    const own = root.querySelector('[data-gradient-own]');
    if (own) own.value = g.stops[stop].color.startsWith('{') ? '' : g.stops[stop].color;
    root.querySelectorAll('[data-gradient-color]').forEach((b) => b.classList.toggle('is-open', b.dataset.gradientColor === g.stops[stop].color));
  }

  function show() {
    draw();
    shopWindow.show(root.dataset.property, written((s) => s.hex));
  }

  function keep() {
    clearTimeout(timer);
    kept = { path: root.dataset.path, stop };
    const value = written((s) => s.color);
    if (value === root.dataset.written) return;
    htmx.ajax('POST', root.dataset.url, { source: root, target: '#bench', swap: 'morph:innerHTML', values: { ...Object.fromEntries(new FormData(document.querySelector('#state'))), path: root.dataset.path, value } });
  }
  const keepSoon = () => { clearTimeout(timer); timer = setTimeout(keep, 500); };

  const clamp = (v, least, most) => Math.max(least, Math.min(most, Math.round(v)));
  function moveTo(grip, x, y) {
    if (grip === 'angle') g.angle = (clamp((Math.atan2(x - 199, TALL / 2 - y) * 180) / Math.PI, -360, 360) + 360) % 360;
    else if (grip === 'point') { g.x = clamp((x / 398) * 100, 0, 100); g.y = clamp((y / TALL) * 100, 0, 100); } else g.stops[Number(grip.slice(5))].at = clamp(((x - LEFT) / WIDE) * 100, 0, 100);
  }
  const at = (event) => { const box = svg.getBoundingClientRect(); return [((event.clientX - box.left) / box.width) * 398, ((event.clientY - box.top) / box.height) * 132]; };

  let held = null;
  svg.onpointerdown = (event) => {
    held = event.target.dataset?.handle ?? null;
    if (!held || locked) return;
    if (held.startsWith('stop-')) stop = Number(held.slice(5));
    svg.setPointerCapture(event.pointerId);
    draw();
    root.querySelector(`[data-handle="${held}"]`)?.focus();
    event.preventDefault();
  };
  svg.onpointermove = (event) => { if (held && svg.hasPointerCapture(event.pointerId)) { moveTo(held, ...at(event)); show(); } };
  svg.onpointerup = () => { if (held) { held = null; keep(); } };
  svg.onfocusin = (event) => { const grip = event.target.dataset?.handle; if (grip?.startsWith('stop-') && stop !== Number(grip.slice(5))) { stop = Number(grip.slice(5)); draw(); } };
  svg.onkeydown = (event) => {
    const grip = event.target.dataset?.handle;
    const by = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] }[event.key];
    if (!grip || locked) return;
    if ((event.key === 'Delete' || event.key === 'Backspace') && grip.startsWith('stop-')) { event.preventDefault(); drop(); return; }
    if (!by) return;
    event.preventDefault();
    const far = event.shiftKey ? 10 : 1;
    if (grip === 'angle') g.angle = (g.angle + (by[0] - by[1]) * far * 3 + 360) % 360;
    else if (grip === 'point') { g.x = clamp(g.x + by[0] * far, 0, 100); g.y = clamp(g.y + by[1] * far, 0, 100); } else { const s = g.stops[Number(grip.slice(5))]; s.at = clamp(s.at + (by[0] - by[1]) * far, 0, 100); }
    show();
    keepSoon();
  };

  function drop() {
    if (g.stops.length <= 2) { root.querySelector('[data-gradient-words]').textContent = 'Two stops have to stay. Make it plain again instead.'; return; }
    g.stops.splice(stop, 1);
    stop = Math.max(0, stop - 1);
    show();
    keep();
  }

  root.onclick = (event) => {
    const button = event.target.closest('button');
    if (!button || locked) return;
    if (button.dataset.gradientKind) {
      if (g.angle !== null) before = g.angle;
      g.angle = button.dataset.gradientKind === 'linear' ? before : null;
    } else if ('gradientAdd' in button.dataset) {
      if (g.stops.length >= 5) { root.querySelector('[data-gradient-words]').textContent = 'Five stops are the most.'; return; }
      // Between the open stop and the one after it.
      const sorted = [...g.stops].sort((a, b) => a.at - b.at);
      const here = sorted.indexOf(g.stops[stop]);
      const beside = sorted[here + 1] ?? sorted[here - 1];
      g.stops.push({ ...g.stops[stop], at: Math.round((g.stops[stop].at + beside.at) / 2) });
      stop = g.stops.length - 1;
    } else if ('gradientDrop' in button.dataset) {
      drop();
      return;
    } else if (button.dataset.gradientColor) {
      Object.assign(g.stops[stop], { color: button.dataset.gradientColor, hex: button.dataset.hex });
    } else return;
    show();
    keep();
  };
  const own = root.querySelector('[data-gradient-own]');
  if (own) {
    own.onchange = (event) => {
      event.stopPropagation();
      if (own.value.trim() === '') return;
      Object.assign(g.stops[stop], { color: own.value.trim(), hex: own.value.trim() });
      show();
      keep();
    };
  }
  draw();
}
