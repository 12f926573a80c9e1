import { n } from './random.mjs';

/** Light, paper and air: what every picture is made with. Coordinates are those of the picture, in px. */

let counter = 0;

/** Ids start again with each picture, so that a picture does not depend on those drawn before it. */
export function resetIds() {
  counter = 0;
}

export function id() {
  counter += 1;
  return `i${counter}`;
}

export function radial(stops, attributes = '') {
  const name = id();
  const inner = stops.map(([at, color, opacity = 1]) => `<stop offset="${at}" stop-color="${color}" stop-opacity="${opacity}"/>`).join('');
  return { fill: `url(#${name})`, def: `<radialGradient id="${name}" ${attributes}>${inner}</radialGradient>` };
}

export function linear(stops, attributes = 'x1="0" y1="0" x2="0" y2="1"') {
  const name = id();
  const inner = stops.map(([at, color, opacity = 1]) => `<stop offset="${at}" stop-color="${color}" stop-opacity="${opacity}"/>`).join('');
  return { fill: `url(#${name})`, def: `<linearGradient id="${name}" ${attributes}>${inner}</linearGradient>` };
}

/** The light a lamp throws into the air around it. */
export function glow(x, y, r, color = '#ffc766', strength = 0.55) {
  const g = radial([[0, color, strength], [0.35, color, strength * 0.42], [0.7, color, strength * 0.12], [1, color, 0]]);
  return `${g.def}<circle cx="${n(x)}" cy="${n(y)}" r="${n(r)}" fill="${g.fill}"/>`;
}

export function blurred(radius, content) {
  const name = id();
  return `<filter id="${name}" x="-50%" y="-50%" width="200%" height="200%"><feGaussianBlur stdDeviation="${n(radius)}"/></filter><g filter="url(#${name})">${content}</g>`;
}

/** Lights far behind the thing: discs with a brighter rim, as a lens draws them. */
export function bokeh(random, w, h, { count, colors, from = 0, to = 0.75, size = 0.05, strength = 0.3 }) {
  let discs = '';
  for (let i = 0; i < count; i += 1) {
    const x = random() * w;
    const y = h * (from + random() * (to - from));
    const r = w * size * (0.35 + random() * 0.9);
    const color = colors[Math.floor(random() * colors.length)];
    const o = strength * (0.35 + random() * 0.65);
    discs += `<circle cx="${n(x)}" cy="${n(y)}" r="${n(r)}" fill="${color}" fill-opacity="${o.toFixed(2)}" stroke="${color}" stroke-opacity="${(o * 0.55).toFixed(2)}" stroke-width="${n(r * 0.07)}"/>`;
  }
  return blurred(w * 0.004, discs);
}

/** Paper fibre over a shape: fine noise, seen only where the shape is. */
export function fibre(shape, seed, strength = 0.18) {
  const name = id();
  return `<filter id="${name}" x="0" y="0" width="100%" height="100%"><feTurbulence type="fractalNoise" baseFrequency=".018 .22" numOctaves="3" seed="${seed % 997}"/><feColorMatrix values="0 0 0 0 .45  0 0 0 0 .22  0 0 0 0 .05  0 0 0 ${strength * 3} ${-strength}"/><feComposite in2="SourceAlpha" operator="in"/></filter><g filter="url(#${name})">${shape}</g>`;
}

/** Film grain and a darker edge over the whole picture. */
export function finish(w, h, seed, edge = 0.22) {
  const grain = id();
  const v = radial([[0.45, '#000', 0], [1, '#12081c', edge]], 'cx=".5" cy=".48" r=".78"');
  return `<filter id="${grain}"><feTurbulence type="fractalNoise" baseFrequency=".8" numOctaves="2" seed="${seed % 991}"/><feColorMatrix values="0 0 0 0 .5  0 0 0 0 .45  0 0 0 0 .4  0 0 0 .5 -.22"/></filter>${v.def}<rect width="${w}" height="${h}" fill="${v.fill}"/><rect width="${w}" height="${h}" filter="url(#${grain})" opacity=".28"/>`;
}

/** The soft dark under a thing that stands. */
export function shade(x, y, rx, ry, strength = 0.42) {
  return blurred(ry * 0.55, `<ellipse cx="${n(x)}" cy="${n(y)}" rx="${n(rx)}" ry="${n(ry)}" fill="#1a0e12" opacity="${strength}"/>`);
}
