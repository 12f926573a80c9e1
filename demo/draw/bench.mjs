import { blurred, fibre, linear, shade } from './light.mjs';
import { n } from './random.mjs';

/** Things that lie on a table seen from above: kits, tools, cord, paper. */

const sheet = (x, y, w, h, turn, color, seed) => {
  const shape = `<rect x="${n(x - w / 2)}" y="${n(y - h / 2)}" width="${n(w)}" height="${n(h)}" transform="rotate(${n(turn)} ${n(x)} ${n(y)})"`;
  return `${blurred(w * 0.02, `${shape} fill="#23150f" opacity=".28" />`)}${shape} fill="${color}"/>${fibre(`${shape}/>`, seed, 0.14)}`;
};

export function sheets(x, y, s, { seed = 1 } = {}) {
  return ['#f3e3bf', '#d9784a', '#f7efdd', '#46459a', '#eec069', '#fbf6ea'].map((color, i) => sheet(x + (i - 2.5) * s * 0.2, y + Math.sin(i * 2) * s * 0.1, s * 1.02, s * 1.28, (i - 2.5) * 7, color, seed + i)).join('');
}

export function kit(x, y, s, { seed = 1 } = {}) {
  const box = sheet(x, y + s * 0.1, s * 2.1, s * 1.5, -2, '#b48a5c', seed) + sheet(x, y + s * 0.1, s * 1.92, s * 1.32, -2, '#8d6740', seed + 1);
  const ribs = [0, 1, 2, 3, 4].map((i) => `<path d="M${n(x + s * 0.22 + i * s * 0.13)} ${n(y - s * 0.46)}L${n(x + s * 0.3 + i * s * 0.13)} ${n(y + s * 0.62)}" stroke="#e6c78d" stroke-width="${n(s * 0.045)}" stroke-linecap="round"/>`).join('');
  const hoop = `<circle cx="${n(x + s * 0.52)}" cy="${n(y + s * 0.14)}" r="${n(s * 0.34)}" fill="none" stroke="#f1dba9" stroke-width="${n(s * 0.04)}"/>`;
  return `${box}${sheet(x - s * 0.46, y + s * 0.02, s * 0.78, s * 1.02, -6, '#f8eed6', seed + 2)}${sheet(x - s * 0.4, y + s * 0.08, s * 0.74, s * 0.98, 4, '#fffaf0', seed + 3)}${blurred(s * 0.015, `<g opacity=".4" transform="translate(${n(s * 0.02)} ${n(s * 0.03)})">${ribs}</g>`)}${ribs}${hoop}<path d="M${n(x - s * 0.62)} ${n(y - s * 0.16)}h${n(s * 0.44)}M${n(x - s * 0.62)} ${n(y)}h${n(s * 0.36)}M${n(x - s * 0.62)} ${n(y + s * 0.16)}h${n(s * 0.4)}" stroke="#2c2b76" stroke-width="${n(s * 0.022)}" opacity=".75"/>`;
}

export function coil(x, y, s, { color = '#f1e7d2' } = {}) {
  let svg = shade(x, y + s * 0.12, s * 0.9, s * 0.34, 0.34);
  for (let i = 0; i < 9; i += 1) {
    const r = s * (0.82 - i * 0.085);
    svg += `<ellipse cx="${n(x)}" cy="${n(y)}" rx="${n(r)}" ry="${n(r * 0.62)}" fill="none" stroke="${i % 2 ? '#d8c8a6' : color}" stroke-width="${n(s * 0.078)}"/><ellipse cx="${n(x)}" cy="${n(y)}" rx="${n(r)}" ry="${n(r * 0.62)}" fill="none" stroke="#a8946c" stroke-opacity=".45" stroke-width="${n(s * 0.078)}" stroke-dasharray="${n(s * 0.012)} ${n(s * 0.03)}"/>`;
  }
  return `${svg}<path d="M${n(x + s * 0.82)} ${n(y)}C${n(x + s * 1.1)} ${n(y + s * 0.3)} ${n(x + s * 0.7)} ${n(y + s * 0.62)} ${n(x + s * 1.16)} ${n(y + s * 0.66)}" fill="none" stroke="${color}" stroke-width="${n(s * 0.08)}" stroke-linecap="round"/>`;
}

export function cord(x, y, s) {
  return `${coil(x, y, s, { color: '#6d2f1d' })}<rect x="${n(x - s * 0.16)}" y="${n(y - s * 0.24)}" width="${n(s * 0.32)}" height="${n(s * 0.42)}" rx="${n(s * 0.06)}" fill="#e7d2ad" stroke="#a98557" stroke-width="${n(s * 0.02)}"/>`;
}

export function hoop(x, y, s) {
  return [1, 0.78, 0.56].map((k, i) => `${blurred(s * 0.02, `<ellipse cx="${n(x + i * s * 0.1 + s * 0.02)}" cy="${n(y + s * 0.05)}" rx="${n(s * k)}" ry="${n(s * k * 0.7)}" fill="none" stroke="#2b1a10" stroke-opacity=".35" stroke-width="${n(s * 0.06)}"/>`)}<ellipse cx="${n(x + i * s * 0.1)}" cy="${n(y)}" rx="${n(s * k)}" ry="${n(s * k * 0.7)}" fill="none" stroke="#dcb679" stroke-width="${n(s * 0.05)}"/><ellipse cx="${n(x + i * s * 0.1)}" cy="${n(y - s * 0.01)}" rx="${n(s * k)}" ry="${n(s * k * 0.7)}" fill="none" stroke="#f6e1b4" stroke-width="${n(s * 0.015)}"/>`).join('');
}

export function tool(x, y, s) {
  const steel = linear([[0, '#fffaf0'], [0.5, '#e9dcc3'], [1, '#f6ecd8']]);
  const brass = linear([[0, '#e8c884'], [0.5, '#a2762f'], [1, '#d9b46a']]);
  return `<g transform="rotate(-24 ${n(x)} ${n(y)})">${blurred(s * 0.05, `<rect x="${n(x - s)}" y="${n(y + s * 0.02)}" width="${n(s * 2)}" height="${n(s * 0.24)}" rx="${n(s * 0.12)}" fill="#24150d" opacity=".42"/>`)}${steel.def}${brass.def}<path d="M${n(x - s * 1.05)} ${n(y)}C${n(x - s * 1.05)} ${n(y - s * 0.2)} ${n(x - s * 0.3)} ${n(y - s * 0.16)} ${n(x + s * 0.16)} ${n(y - s * 0.11)}V${n(y + s * 0.11)}C${n(x - s * 0.3)} ${n(y + s * 0.16)} ${n(x - s * 1.05)} ${n(y + s * 0.2)} ${n(x - s * 1.05)} ${n(y)}z" fill="${steel.fill}"/><rect x="${n(x + s * 0.12)}" y="${n(y - s * 0.14)}" width="${n(s * 0.2)}" height="${n(s * 0.28)}" fill="${brass.fill}"/><rect x="${n(x + s * 0.3)}" y="${n(y - s * 0.12)}" width="${n(s * 0.8)}" height="${n(s * 0.24)}" rx="${n(s * 0.12)}" fill="#6b4023"/><rect x="${n(x + s * 0.34)}" y="${n(y - s * 0.09)}" width="${n(s * 0.7)}" height="${n(s * 0.06)}" rx="${n(s * 0.03)}" fill="#a06a3f" opacity=".7"/></g>`;
}

export function card(x, y, s, { seed = 1 } = {}) {
  return `${sheet(x + s * 0.08, y + s * 0.08, s * 1.7, s * 1.1, 6, '#2c2b76', seed)}${sheet(x - s * 0.06, y - s * 0.02, s * 1.7, s * 1.1, -5, '#fbf3e0', seed + 1)}<g transform="rotate(-5 ${n(x)} ${n(y)})"><circle cx="${n(x - s * 0.06)}" cy="${n(y - s * 0.08)}" r="${n(s * 0.24)}" fill="#f6c159"/><path d="M${n(x - s * 0.28)} ${n(y - s * 0.13)}q${n(s * 0.22)} ${n(s * 0.07)} ${n(s * 0.44)} 0M${n(x - s * 0.28)} ${n(y - s * 0.02)}q${n(s * 0.22)} ${n(s * 0.07)} ${n(s * 0.44)} 0" fill="none" stroke="#b4420a" stroke-width="${n(s * 0.016)}"/><path d="M${n(x - s * 0.4)} ${n(y + s * 0.34)}h${n(s * 0.68)}" stroke="#2c2b76" stroke-width="${n(s * 0.03)}"/></g>`;
}
