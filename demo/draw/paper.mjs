import { fibre, glow, linear, radial } from './light.mjs';
import { n } from './random.mjs';

/** Things of paper. Each draws itself around (x, y), its middle, in a size s (half its height or so). */

const LIT = ['#fffbe9', '#ffe6a8', '#f9bd63', '#d97a2f'];
const WOOD = '#3f2415';

function ribs(x, y, rx, ry, count) {
  let d = '';
  for (let i = 1; i < count; i += 1) {
    const t = -1 + (2 * i) / count;
    const half = rx * Math.sqrt(1 - t * t);
    d += `M${n(x - half)} ${n(y + t * ry)}Q${n(x)} ${n(y + t * ry + rx * 0.17 * (1 - Math.abs(t)))} ${n(x + half)} ${n(y + t * ry)}`;
  }
  return `<path d="${d}" fill="none" stroke="#8a4514" stroke-opacity=".34" stroke-width="${n(Math.max(1, rx * 0.011))}"/><path d="${d}" transform="translate(0 ${n(rx * 0.012)})" fill="none" stroke="#fff6d8" stroke-opacity=".35" stroke-width="${n(Math.max(0.7, rx * 0.006))}"/>`;
}

function cap(x, y, w, h) {
  const g = linear([[0, '#6b4226'], [0.5, WOOD], [1, '#2a1710']], 'x1="0" y1="0" x2="1" y2="0"');
  return `${g.def}<rect x="${n(x - w / 2)}" y="${n(y - h / 2)}" width="${n(w)}" height="${n(h)}" rx="${n(h * 0.25)}" fill="${g.fill}"/>`;
}

export function globe(x, y, s, { squash = 0.92, seed = 1, cord = 0, tassel = true } = {}) {
  const ry = s * squash;
  const body = radial([[0, LIT[0]], [0.38, LIT[1]], [0.78, LIT[2]], [1, LIT[3]]], 'cx=".5" cy=".56" r=".56"');
  const shape = `<ellipse cx="${n(x)}" cy="${n(y)}" rx="${n(s)}" ry="${n(ry)}"`;
  let svg = glow(x, y, s * 2.4, '#ffc25e', 0.5);
  if (cord) svg += `<path d="M${n(x)} ${n(y - ry)}V${n(y - ry - cord)}" stroke="#1b1016" stroke-width="${n(Math.max(1.5, s * 0.022))}"/>`;
  svg += `${body.def}${shape} fill="${body.fill}"/>${fibre(`${shape} fill="#000"/>`, seed)}${ribs(x, y, s, ry, s > 120 ? 15 : 9)}`;
  svg += cap(x, y - ry, s * 0.42, s * 0.1) + cap(x, y + ry, s * 0.38, s * 0.09);
  if (tassel && s > 60) {
    svg += `<path d="M${n(x)} ${n(y + ry + s * 0.05)}v${n(s * 0.16)}" stroke="${WOOD}" stroke-width="${n(s * 0.02)}"/><path d="M${n(x - s * 0.035)} ${n(y + ry + s * 0.2)}h${n(s * 0.07)}l${n(s * 0.035)} ${n(s * 0.32)}h${n(-s * 0.14)}z" fill="#a63d22"/>`;
  }
  return svg;
}

/** A column of folded facets; rows are joined at their edges, so light and shade alternate. */
export function fold(x, y, s, { seed = 1, rows = 6, width = 0.86 } = {}) {
  const top = y - s;
  const step = (2 * s) / rows;
  const half = (j) => s * width * 0.5 * (j % 2 ? 1.16 : 0.86);
  const at = (j, i) => [x - half(j) + (2 * half(j) * i) / 4, top + j * step];
  const point = (p) => `${n(p[0])} ${n(p[1])}`;
  let facets = '';
  for (let j = 0; j < rows; j += 1) {
    for (let i = 0; i < 4; i += 1) {
      const [a, b, c, d] = [at(j, i), at(j, i + 1), at(j + 1, i), at(j + 1, i + 1)];
      const base = Math.abs(i - 1.5) < 1 ? 0 : 1;
      const height = 1 - Math.abs((j + 0.5) / rows - 0.55);
      const tone = (k) => LIT[Math.min(3, base + k + (height < 0.62 ? 1 : 0))];
      const [first, second] = (i + j) % 2 ? [`${point(a)}L${point(b)}L${point(d)}`, `${point(a)}L${point(d)}L${point(c)}`] : [`${point(a)}L${point(b)}L${point(c)}`, `${point(b)}L${point(d)}L${point(c)}`];
      facets += `<path d="M${first}z" fill="${tone((i + j) % 2)}"/><path d="M${second}z" fill="${tone(1 - ((i + j) % 2))}"/>`;
    }
  }
  const outline = `M${[...Array(rows + 1).keys()].map((j) => point(at(j, 0))).join('L')}L${[...Array(rows + 1).keys()].reverse().map((j) => point(at(j, 4))).join('L')}z`;
  const heart = radial([[0, '#fffdf2', 0.75], [0.6, '#ffe9b0', 0.2], [1, '#ffe9b0', 0]], `cx="${n(x)}" cy="${n(y + s * 0.1)}" r="${n(s * 0.62)}" gradientUnits="userSpaceOnUse"`);
  return `${glow(x, y, s * 2, '#ffc25e', 0.42)}${facets}${fibre(`<path d="${outline}"/>`, seed, 0.16)}${heart.def}<path d="${outline}" fill="${heart.fill}"/>${cap(x, top, half(0) * 2, s * 0.05)}${cap(x, top + 2 * s, half(rows) * 2, s * 0.055)}`;
}

export function drum(x, y, s, { seed = 1, ratio = 0.72, pleats = 0 } = {}) {
  const w = s * ratio;
  const body = linear([[0, '#e39a4c'], [0.22, '#fbd48d'], [0.5, '#fffbe8'], [0.78, '#fbd48d'], [1, '#dd8c3d']], 'x1="0" y1="0" x2="1" y2="0"');
  const shape = `<path d="M${n(x - w)} ${n(y - s)}a${n(w)} ${n(w * 0.16)} 0 0 1 ${n(2 * w)} 0v${n(2 * s)}a${n(w)} ${n(w * 0.16)} 0 0 1 ${n(-2 * w)} 0z"`;
  let lines = '';
  for (let i = 1; i < pleats; i += 1) {
    const px = x - w * Math.cos((Math.PI * i) / pleats);
    lines += `M${n(px)} ${n(y - s - w * 0.1)}v${n(2 * s + w * 0.2)}`;
  }
  const hoops = pleats ? '' : [-0.5, 0, 0.5].map((t) => `<path d="M${n(x - w)} ${n(y + t * s)}a${n(w)} ${n(w * 0.16)} 0 0 0 ${n(2 * w)} 0" fill="none" stroke="#a2612a" stroke-opacity=".4" stroke-width="${n(s * 0.014)}"/>`).join('');
  return `${glow(x, y, s * 2.1, '#ffc766', 0.42)}${body.def}${shape} fill="${body.fill}"/>${fibre(`${shape}/>`, seed, 0.2)}<path d="${lines}" stroke="#b36f31" stroke-opacity=".35" stroke-width="${n(s * 0.01)}"/>${hoops}<ellipse cx="${n(x)}" cy="${n(y - s)}" rx="${n(w)}" ry="${n(w * 0.16)}" fill="#fff3cf" stroke="${WOOD}" stroke-width="${n(s * 0.03)}"/><path d="M${n(x - w)} ${n(y + s)}a${n(w)} ${n(w * 0.16)} 0 0 0 ${n(2 * w)} 0" fill="none" stroke="${WOOD}" stroke-width="${n(s * 0.035)}"/>`;
}

export function star(x, y, s, { points = 7 } = {}) {
  let facets = '';
  const at = (angle, r) => `${n(x + r * Math.sin(angle))} ${n(y - r * Math.cos(angle))}`;
  for (let i = 0; i < points; i += 1) {
    const a = (2 * Math.PI * i) / points;
    const half = Math.PI / points;
    facets += `<path d="M${n(x)} ${n(y)}L${at(a, s)}L${at(a - half, s * 0.46)}z" fill="${LIT[1]}"/><path d="M${n(x)} ${n(y)}L${at(a, s)}L${at(a + half, s * 0.46)}z" fill="${LIT[2]}"/>`;
  }
  const heart = radial([[0, '#fffdf0', 0.95], [0.5, '#ffeab2', 0.35], [1, '#ffeab2', 0]]);
  return `${glow(x, y, s * 1.9, '#ffc25e', 0.55)}${facets}${heart.def}<circle cx="${n(x)}" cy="${n(y)}" r="${n(s * 0.7)}" fill="${heart.fill}"/>`;
}

export function teardrop(x, y, s, { seed = 1 } = {}) {
  const body = radial([[0, LIT[0]], [0.4, LIT[1]], [0.8, LIT[2]], [1, LIT[3]]], 'cx=".5" cy=".66" r=".6"');
  const d = `M${n(x)} ${n(y - s)}C${n(x + s * 0.14)} ${n(y - s * 0.4)} ${n(x + s * 0.66)} ${n(y - s * 0.12)} ${n(x + s * 0.66)} ${n(y + s * 0.36)}C${n(x + s * 0.66)} ${n(y + s * 0.78)} ${n(x + s * 0.34)} ${n(y + s)} ${n(x)} ${n(y + s)}C${n(x - s * 0.34)} ${n(y + s)} ${n(x - s * 0.66)} ${n(y + s * 0.78)} ${n(x - s * 0.66)} ${n(y + s * 0.36)}C${n(x - s * 0.66)} ${n(y - s * 0.12)} ${n(x - s * 0.14)} ${n(y - s * 0.4)} ${n(x)} ${n(y - s)}z`;
  let seams = '';
  for (let i = -2; i <= 2; i += 1) seams += `M${n(x)} ${n(y - s)}C${n(x + i * s * 0.1)} ${n(y - s * 0.2)} ${n(x + i * s * 0.3)} ${n(y)} ${n(x + i * s * 0.24)} ${n(y + s * 0.9)}`;
  return `${glow(x, y + s * 0.2, s * 2, '#ffc25e', 0.46)}${body.def}<path d="${d}" fill="${body.fill}"/>${fibre(`<path d="${d}"/>`, seed)}<path d="${seams}" fill="none" stroke="#a55d1f" stroke-opacity=".3" stroke-width="${n(s * 0.012)}"/>`;
}

export function moon(x, y, s, { seed = 1 } = {}) {
  const body = radial([[0, '#fffdf3'], [0.55, '#fdeec4'], [0.88, '#e7bd7c'], [1, '#b9824a']]);
  const shape = `<circle cx="${n(x)}" cy="${n(y)}" r="${n(s)}"`;
  return `${glow(x, y, s * 2.1, '#ffdf9e', 0.5)}${body.def}${shape} fill="${body.fill}"/>${fibre(`${shape}/>`, seed, 0.26)}`;
}

/** A paper boat with a light in it, and its light on the water. */
export function boat(x, y, s) {
  const body = linear([[0, '#fff4cf'], [0.6, '#fbc878'], [1, '#dd8437']]);
  return `${glow(x, y - s * 0.3, s * 2.2, '#ffc25e', 0.55)}${body.def}<ellipse cx="${n(x)}" cy="${n(y + s * 0.62)}" rx="${n(s * 1.1)}" ry="${n(s * 0.16)}" fill="#ffcb70" opacity=".3"/><path d="M${n(x - s)} ${n(y - s * 0.15)}L${n(x)} ${n(y - s * 0.75)}L${n(x + s)} ${n(y - s * 0.15)}L${n(x + s * 0.62)} ${n(y + s * 0.5)}H${n(x - s * 0.62)}z" fill="${body.fill}"/><path d="M${n(x)} ${n(y - s * 0.75)}L${n(x + s * 0.36)} ${n(y + s * 0.5)}H${n(x - s * 0.36)}z" fill="#fffbe6" opacity=".75"/><path d="M${n(x - s)} ${n(y - s * 0.15)}L${n(x - s * 0.36)} ${n(y + s * 0.5)}M${n(x + s)} ${n(y - s * 0.15)}L${n(x + s * 0.36)} ${n(y + s * 0.5)}" stroke="#b9682a" stroke-opacity=".5" stroke-width="${n(s * 0.02)}"/>`;
}
