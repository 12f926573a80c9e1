import { blurred, glow, linear, radial } from './light.mjs';
import { n } from './random.mjs';

/** Things of glass and metal, candles, and what lies on a bench. Middle at (x, y), size s. */

export function flame(x, y, s) {
  const body = radial([[0, '#fffef4'], [0.45, '#ffe58f'], [0.8, '#ffb648'], [1, '#f3802a', 0.85]], 'cx=".5" cy=".72" r=".62"');
  const d = `M${n(x)} ${n(y - s)}C${n(x + s * 0.42)} ${n(y - s * 0.35)} ${n(x + s * 0.5)} ${n(y + s * 0.1)} ${n(x + s * 0.34)} ${n(y + s * 0.42)}C${n(x + s * 0.2)} ${n(y + s * 0.66)} ${n(x - s * 0.2)} ${n(y + s * 0.66)} ${n(x - s * 0.34)} ${n(y + s * 0.42)}C${n(x - s * 0.5)} ${n(y + s * 0.1)} ${n(x - s * 0.3)} ${n(y - s * 0.4)} ${n(x)} ${n(y - s)}z`;
  return `${glow(x, y, s * 4.4, '#ffbe55', 0.6)}${body.def}<path d="${d}" fill="${body.fill}"/>`;
}

const metal = (tone) => linear([[0, tone[0]], [0.35, tone[1]], [0.6, tone[0]], [1, tone[2]]], 'x1="0" y1="0" x2="1" y2="0"');
const IRON = ['#3a3536', '#6e6664', '#1c1819'];
const BRASS = ['#9a6c2c', '#eac981', '#5f3f16'];

/** A vessel of blown glass from its half-profile: pairs [radius, height], both in s, top first. */
function vessel(x, y, s, profile, tint, opacity = 0.34) {
  const right = profile.map(([r, h]) => [x + r * s, y + h * s]);
  const left = profile.map(([r, h]) => [x - r * s, y + h * s]).reverse();
  const through = (points) => points.slice(1).map(([px, py], i) => {
    const [qx, qy] = points[i];
    return `C${n(qx)} ${n(qy + (py - qy) * 0.5)} ${n(px)} ${n(py - (py - qy) * 0.5)} ${n(px)} ${n(py)}`;
  }).join('');
  const d = `M${n(right[0][0])} ${n(right[0][1])}${through(right)}L${n(left[0][0])} ${n(left[0][1])}${through(left)}z`;
  const body = linear([[0, tint, 0.85], [0.16, tint, opacity * 0.7], [0.5, '#fff4d2', opacity * 0.9], [0.86, tint, opacity * 0.8], [1, tint, 0.9]], 'x1="0" y1="0" x2="1" y2="0"');
  const shine = right.slice(0, -1).map(([px, py]) => [2 * x - px + (px - x) * 0.28, py]);
  return `${body.def}<path d="${d}" fill="${body.fill}" stroke="${tint}" stroke-opacity=".75" stroke-width="${n(s * 0.012)}"/>${blurred(s * 0.012, `<path d="M${n(shine[0][0])} ${n(shine[0][1] + s * 0.12)}${through(shine.map(([a, b]) => [a, b + s * 0.12]))}" fill="none" stroke="#fff" stroke-opacity=".72" stroke-width="${n(s * 0.035)}" stroke-linecap="round"/>`)}`;
}

export function glassLantern(x, y, s, { tint = '#8fbdb4' } = {}) {
  const m = metal(BRASS);
  return `${glow(x, y, s * 1.9, '#ffc766', 0.35)}<path d="M${n(x - s * 0.42)} ${n(y - s * 0.36)}C${n(x - s * 0.66)} ${n(y - s * 1.3)} ${n(x + s * 0.66)} ${n(y - s * 1.3)} ${n(x + s * 0.42)} ${n(y - s * 0.36)}" fill="none" stroke="#4a3418" stroke-width="${n(s * 0.03)}"/>${flame(x, y + s * 0.12, s * 0.19)}<rect x="${n(x - s * 0.05)}" y="${n(y + s * 0.24)}" width="${n(s * 0.1)}" height="${n(s * 0.3)}" fill="#e7d8b6"/>${vessel(x, y, s, [[0.26, -0.62], [0.3, -0.5], [0.56, 0.02], [0.34, 0.56]], tint)}${m.def}<path d="M${n(x - s * 0.3)} ${n(y - s * 0.72)}h${n(s * 0.6)}l${n(s * 0.05)} ${n(s * 0.12)}h${n(-s * 0.7)}z" fill="${m.fill}"/><path d="M${n(x - s * 0.44)} ${n(y + s * 0.55)}h${n(s * 0.88)}l${n(s * 0.1)} ${n(s * 0.2)}h${n(-s * 1.08)}z" fill="${m.fill}"/>`;
}

export function paned(x, y, s, { panes = 3 } = {}) {
  const m = metal(IRON);
  const light = radial([[0, '#fffbe4'], [0.35, '#ffe7a6'], [0.7, '#f6bb5a'], [1, '#c9752c']], 'cx=".5" cy=".66" r=".74"');
  let bars = '';
  for (let i = 1; i < panes; i += 1) {
    const t = -1 + (2 * i) / panes;
    bars += `M${n(x + t * s * 0.5)} ${n(y - s * 0.42)}L${n(x + t * s * 0.43)} ${n(y + s * 0.6)}`;
  }
  return `${glow(x, y + s * 0.1, s * 1.9, '#ffc25e', 0.5)}${m.def}${light.def}<circle cx="${n(x)}" cy="${n(y - s * 0.93)}" r="${n(s * 0.1)}" fill="none" stroke="#221d1d" stroke-width="${n(s * 0.035)}"/><path d="M${n(x - s * 0.12)} ${n(y - s * 0.84)}h${n(s * 0.24)}l${n(s * 0.04)} ${n(s * 0.1)}L${n(x + s * 0.58)} ${n(y - s * 0.48)}H${n(x - s * 0.58)}L${n(x - s * 0.16)} ${n(y - s * 0.74)}z" fill="${m.fill}"/><path d="M${n(x - s * 0.52)} ${n(y - s * 0.46)}h${n(s * 1.04)}L${n(x + s * 0.45)} ${n(y + s * 0.62)}H${n(x - s * 0.45)}z" fill="${light.fill}"/>${flame(x, y + s * 0.22, s * 0.16)}<rect x="${n(x - s * 0.08)}" y="${n(y + s * 0.32)}" width="${n(s * 0.16)}" height="${n(s * 0.3)}" fill="#fff2cf"/><path d="${bars}M${n(x - s * 0.49)} ${n(y - s * 0.02)}H${n(x + s * 0.49)}" stroke="#241f1f" stroke-width="${n(s * 0.032)}"/><path d="M${n(x - s * 0.52)} ${n(y - s * 0.46)}L${n(x - s * 0.45)} ${n(y + s * 0.62)}M${n(x + s * 0.52)} ${n(y - s * 0.46)}L${n(x + s * 0.45)} ${n(y + s * 0.62)}" stroke="#1d1819" stroke-width="${n(s * 0.05)}"/><path d="M${n(x - s * 0.6)} ${n(y - s * 0.5)}h${n(s * 1.2)}v${n(s * 0.07)}h${n(-s * 1.2)}zM${n(x - s * 0.53)} ${n(y + s * 0.6)}h${n(s * 1.06)}v${n(s * 0.1)}h${n(-s * 1.06)}z" fill="${m.fill}"/>`;
}

export function hurricane(x, y, s, { tint = '#b98144' } = {}) {
  return `${flame(x, y + s * 0.1, s * 0.17)}<rect x="${n(x - s * 0.09)}" y="${n(y + s * 0.2)}" width="${n(s * 0.18)}" height="${n(s * 0.56)}" rx="${n(s * 0.02)}" fill="#f7ead0"/>${vessel(x, y, s, [[0.36, -0.9], [0.3, -0.6], [0.52, 0.1], [0.4, 0.8]], tint, 0.4)}<ellipse cx="${n(x)}" cy="${n(y + s * 0.82)}" rx="${n(s * 0.5)}" ry="${n(s * 0.08)}" fill="${tint}" opacity=".7"/>`;
}

export function float(x, y, s) {
  return `${flame(x, y + s * 0.15, s * 0.16)}${vessel(x, y, s, [[0.24, -0.66], [0.26, -0.56], [0.72, 0.06], [0.3, 0.68]], '#5da397', 0.5)}<path d="M${n(x - s * 0.7)} ${n(y)}Q${n(x)} ${n(y + s * 0.2)} ${n(x + s * 0.7)} ${n(y)}M${n(x)} ${n(y - s * 0.6)}Q${n(x - s * 0.5)} ${n(y)} ${n(x)} ${n(y + s * 0.68)}M${n(x)} ${n(y - s * 0.6)}Q${n(x + s * 0.5)} ${n(y)} ${n(x)} ${n(y + s * 0.68)}M${n(x)} ${n(y - s * 0.62)}V${n(y - s * 1.1)}" fill="none" stroke="#3a2a1b" stroke-width="${n(s * 0.028)}"/>`;
}

export function bell(x, y, s) {
  const oak = linear([[0, '#7a5330'], [0.5, '#b98755'], [1, '#5c3c20']], 'x1="0" y1="0" x2="1" y2="0"');
  return `${flame(x, y + s * 0.24, s * 0.14)}<rect x="${n(x - s * 0.07)}" y="${n(y + s * 0.33)}" width="${n(s * 0.14)}" height="${n(s * 0.32)}" fill="#f4e6c8"/>${vessel(x, y, s, [[0.05, -0.9], [0.42, -0.6], [0.5, 0.1], [0.5, 0.62]], '#9db5b4', 0.2)}<circle cx="${n(x)}" cy="${n(y - s * 0.95)}" r="${n(s * 0.07)}" fill="#c9d8d6" stroke="#8aa3a1" stroke-width="${n(s * 0.01)}"/>${oak.def}<path d="M${n(x - s * 0.64)} ${n(y + s * 0.62)}h${n(s * 1.28)}v${n(s * 0.12)}q0 ${n(s * 0.06)} ${n(-s * 0.1)} ${n(s * 0.06)}h${n(-s * 1.08)}q${n(-s * 0.1)} 0 ${n(-s * 0.1)} ${n(-s * 0.06)}z" fill="${oak.fill}"/>`;
}

const wax = (tone = ['#d9c193', '#fff4d8', '#c9ab74']) => linear([[0, tone[0]], [0.35, tone[1]], [1, tone[2]]], 'x1="0" y1="0" x2="1" y2="0"');

export function pillar(x, y, s, { wicks = 1, width = 0.42 } = {}) {
  const g = wax();
  const w = s * width;
  let lights = '';
  for (let i = 0; i < wicks; i += 1) lights += flame(x + (i - (wicks - 1) / 2) * w * 0.62, y - s * 0.62, s * 0.15);
  return `${g.def}<path d="M${n(x - w)} ${n(y - s * 0.42)}v${n(s * 1.2)}a${n(w)} ${n(w * 0.2)} 0 0 0 ${n(2 * w)} 0v${n(-s * 1.2)}z" fill="${g.fill}"/><ellipse cx="${n(x)}" cy="${n(y - s * 0.42)}" rx="${n(w)}" ry="${n(w * 0.2)}" fill="#fff0c4"/><ellipse cx="${n(x)}" cy="${n(y - s * 0.41)}" rx="${n(w * 0.7)}" ry="${n(w * 0.12)}" fill="#ffdf94"/>${lights}`;
}

export function taper(x, y, s) {
  return [-0.2, 0.22].map((dx, i) => `${pillar(x + dx * s, y + i * s * 0.08, s * 0.98, { width: 0.085 })}`).join('');
}

export function tin(x, y, s, { body = ['#23225e', '#4645a0', '#191845'] } = {}) {
  const g = linear([[0, body[0]], [0.35, body[1]], [1, body[2]]], 'x1="0" y1="0" x2="1" y2="0"');
  return `${flame(x, y - s * 0.42, s * 0.2)}${g.def}<path d="M${n(x - s * 0.7)} ${n(y - s * 0.18)}v${n(s * 0.76)}a${n(s * 0.7)} ${n(s * 0.16)} 0 0 0 ${n(s * 1.4)} 0v${n(-s * 0.76)}z" fill="${g.fill}"/><ellipse cx="${n(x)}" cy="${n(y - s * 0.18)}" rx="${n(s * 0.7)}" ry="${n(s * 0.16)}" fill="#fbe9c0" stroke="#c7b184" stroke-width="${n(s * 0.03)}"/><ellipse cx="${n(x)}" cy="${n(y - s * 0.18)}" rx="${n(s * 0.44)}" ry="${n(s * 0.09)}" fill="#ffe09a"/><path d="M${n(x - s * 0.42)} ${n(y + s * 0.28)}q${n(s * 0.42)} ${n(s * 0.11)} ${n(s * 0.84)} 0v${n(s * 0.24)}q${n(-s * 0.42)} ${n(s * 0.11)} ${n(-s * 0.84)} 0z" fill="#f7efdc" opacity=".92"/>`;
}

export function jarCandle(x, y, s) {
  return `${flame(x, y - s * 0.14, s * 0.17)}<path d="M${n(x - s * 0.52)} ${n(y)}h${n(s * 1.04)}v${n(s * 0.58)}q0 ${n(s * 0.14)} ${n(-s * 0.14)} ${n(s * 0.14)}h${n(-s * 0.76)}q${n(-s * 0.14)} 0 ${n(-s * 0.14)} ${n(-s * 0.14)}z" fill="#e8e2cd"/>${vessel(x, y, s, [[0.54, -0.56], [0.56, 0], [0.56, 0.4], [0.5, 0.74]], '#8aa9a4', 0.28)}`;
}

export function bottle(x, y, s) {
  return `${vessel(x, y, s, [[0.14, -0.9], [0.14, -0.5], [0.46, -0.2], [0.46, 0.82]], '#a9895a', 0.5)}<path d="M${n(x - s * 0.43)} ${n(y + s * 0.02)}h${n(s * 0.86)}v${n(s * 0.78)}h${n(-s * 0.86)}z" fill="#eec069" opacity=".5"/><rect x="${n(x - s * 0.15)}" y="${n(y - s * 1.04)}" width="${n(s * 0.3)}" height="${n(s * 0.2)}" rx="${n(s * 0.03)}" fill="#8b6238"/><path d="M${n(x - s * 0.34)} ${n(y + s * 0.16)}h${n(s * 0.68)}v${n(s * 0.42)}h${n(-s * 0.68)}z" fill="#fbf5e6"/><path d="M${n(x - s * 0.22)} ${n(y + s * 0.29)}h${n(s * 0.44)}M${n(x - s * 0.14)} ${n(y + s * 0.42)}h${n(s * 0.28)}" stroke="#2c2b76" stroke-width="${n(s * 0.03)}"/>`;
}

export function bulb(x, y, s) {
  const g = radial([[0, '#fffdf0'], [0.5, '#ffe49c'], [1, '#f2ae4a', 0.85]], 'cx=".5" cy=".45" r=".6"');
  const m = metal(BRASS);
  return `${glow(x, y - s * 0.2, s * 1.8, '#ffd07a', 0.6)}${g.def}<path d="M${n(x - s * 0.2)} ${n(y + s * 0.42)}C${n(x - s * 0.24)} ${n(y + s * 0.16)} ${n(x - s * 0.52)} ${n(y)} ${n(x - s * 0.52)} ${n(y - s * 0.32)}A${n(s * 0.52)} ${n(s * 0.52)} 0 1 1 ${n(x + s * 0.52)} ${n(y - s * 0.32)}C${n(x + s * 0.52)} ${n(y)} ${n(x + s * 0.24)} ${n(y + s * 0.16)} ${n(x + s * 0.2)} ${n(y + s * 0.42)}z" fill="${g.fill}"/>${m.def}<path d="M${n(x - s * 0.2)} ${n(y + s * 0.42)}h${n(s * 0.4)}v${n(s * 0.3)}l${n(-s * 0.08)} ${n(s * 0.1)}h${n(-s * 0.24)}l${n(-s * 0.08)} ${n(-s * 0.1)}z" fill="${m.fill}"/><path d="M${n(x - s * 0.2)} ${n(y + s * 0.52)}h${n(s * 0.4)}M${n(x - s * 0.2)} ${n(y + s * 0.62)}h${n(s * 0.4)}" stroke="#4b3312" stroke-width="${n(s * 0.025)}"/>`;
}
