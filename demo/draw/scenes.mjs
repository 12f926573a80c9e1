import * as bench from './bench.mjs';
import * as glass from './glass.mjs';
import { hand } from './hands.mjs';
import { bokeh, blurred, finish, glow, linear, resetIds, shade } from './light.mjs';
import { OWN } from './own.mjs';
import * as paper from './paper.mjs';
import { n, seeded } from './random.mjs';

/** Whole pictures: a place, its light, and a thing in it. */

const MOODS = {
  day: { wall: ['#cdbfa6', '#ece1cb', '#e4d3b4'], table: ['#c7a578', '#8f6a43'], lights: ['#fff3d4', '#ffdf9f', '#f6e7c8'], count: 9, strength: 0.42 },
  dusk: { wall: ['#3d3458', '#7c5a6d', '#c08a6a'], table: ['#6b4436', '#2f1d25'], lights: ['#ffc978', '#ff9f5c', '#f3d6a0', '#b48ac0'], count: 20, strength: 0.42 },
  night: { wall: ['#14143c', '#2b2a63', '#513f6c'], table: ['#2f2747', '#120f28'], lights: ['#ffcb78', '#ffb25a', '#8f9be0', '#ffe3ad'], count: 24, strength: 0.4 },
};

function place(random, w, h, mood, horizon) {
  const wall = linear([[0, mood.wall[0]], [0.6, mood.wall[1]], [1, mood.wall[2]]]);
  const table = linear([[0, mood.table[0]], [1, mood.table[1]]]);
  let grain = '';
  for (let i = 0; i < 26; i += 1) {
    const y = h * horizon + (h * (1 - horizon)) * ((i + random() * 0.6) / 26) ** 1.5;
    grain += `<path d="M0 ${n(y)}C${n(w * 0.3)} ${n(y + (random() - 0.5) * 10)} ${n(w * 0.7)} ${n(y + (random() - 0.5) * 10)} ${n(w)} ${n(y)}" stroke="#1e1008" stroke-opacity="${(0.04 + random() * 0.09).toFixed(2)}" stroke-width="${n(1 + random() * 2.4)}" fill="none"/>`;
  }
  return `${wall.def}${table.def}<rect width="${w}" height="${h}" fill="${wall.fill}"/>${bokeh(random, w, h, { count: mood.count, colors: mood.lights, to: horizon, strength: mood.strength })}<rect y="${n(h * horizon)}" width="${w}" height="${n(h * (1 - horizon))}" fill="${table.fill}"/>${grain}${blurred(h * 0.012, `<rect x="${-w * 0.1}" y="${n(h * horizon - h * 0.012)}" width="${w * 1.2}" height="${n(h * 0.024)}" fill="${mood.wall[2]}" opacity=".55"/>`)}`;
}

const onTable = (draw, scale = 0.3, lift = 0) => (w, h, random, seed) => {
  const s = Math.min(w, h) * scale;
  const foot = h * 0.84 + lift * s;
  return `${blurred(s * 0.18, `<ellipse cx="${n(w / 2)}" cy="${n(foot)}" rx="${n(s * 1.7)}" ry="${n(s * 0.2)}" fill="#ffc869" opacity=".38"/>`)}${shade(w / 2, foot, s * 0.8, s * 0.12)}${draw(w / 2, foot - s * 0.78, s, { seed })}`;
};
const hanging = (draw, scale = 0.3) => (w, h, random, seed) => draw(w / 2, h * 0.46, Math.min(w, h) * scale, { seed, cord: h });
const lying = (draw, scale = 0.32) => (w, h, random, seed) => draw(w / 2, h * 0.52, Math.min(w, h) * scale, { seed });

const THINGS = {
  fold: { put: onTable((x, y, s, o) => paper.fold(x, y - s * 0.24, s, o), 0.32) },
  globe: { put: hanging(paper.globe), horizon: 0.93 },
  drum: { put: onTable((x, y, s, o) => paper.drum(x, y - s * 0.2, s * 0.94, o), 0.3) },
  star: { put: hanging(paper.star, 0.36), horizon: 0.95 },
  teardrop: { put: hanging(paper.teardrop, 0.34), horizon: 0.93 },
  column: { put: onTable((x, y, s, o) => paper.drum(x, y - s * 0.92, s * 1.66, { ...o, ratio: 0.3, pleats: 14 }), 0.36) },
  moon: { put: hanging(paper.moon, 0.33), horizon: 0.95 },
  pair: { put: (w, h, random, seed) => paper.globe(w * 0.37, h * 0.56, h * 0.23, { seed, cord: h, tassel: false }) + paper.globe(w * 0.68, h * 0.36, h * 0.17, { seed: seed + 5, cord: h, tassel: false }), horizon: 0.93, held: [0.63, 0.1] },
  garland: { put: (w, h, random, seed) => { let svg = `<path d="M0 ${n(h * 0.16)}Q${n(w / 2)} ${n(h * 0.66)} ${w} ${n(h * 0.16)}" fill="none" stroke="#191022" stroke-width="3"/>`; for (let i = 0; i < 7; i += 1) { const t = (i + 0.5) / 7; svg += paper.globe(w * t, h * (0.16 + t * (1 - t) * 1.0) + h * 0.1, h * 0.085, { seed: seed + i, tassel: false }); } return svg; }, horizon: 0.92, held: [0.86, 0.355] },
  boat: { put: (w, h) => [[0.3, 0.6, 0.045], [0.62, 0.61, 0.05], [0.84, 0.66, 0.062], [0.46, 0.7, 0.075], [0.18, 0.76, 0.085], [0.68, 0.84, 0.11]].map(([x, y, s]) => paper.boat(w * x, h * y, h * s)).join(''), horizon: 0.52, water: true },
  glass: { put: onTable(glass.glassLantern, 0.36) },
  paned: { put: onTable((x, y, s) => glass.paned(x, y + s * 0.06, s), 0.4) },
  hurricane: { put: onTable(glass.hurricane, 0.36) },
  float: { put: (w, h) => glass.float(w / 2, h * 0.5, Math.min(w, h) * 0.34), horizon: 0.93 },
  bell: { put: onTable(glass.bell, 0.38) },
  pillar: { put: onTable((x, y, s) => glass.pillar(x, y, s, { wicks: 3, width: 0.5 }), 0.34) },
  taper: { put: onTable(glass.taper, 0.4) },
  tin: { put: onTable((x, y, s) => glass.tin(x, y + s * 0.16, s), 0.32) },
  tea: { put: (w, h) => [[0.3, 0.62, 0.8], [0.62, 0.58, 0.75], [0.46, 0.74, 1], [0.76, 0.75, 0.95]].map(([x, y, k]) => `${shade(w * x, h * (y + 0.055 * k), h * 0.12 * k, h * 0.026)}${glass.tin(w * x, h * y, h * 0.11 * k, { body: ['#e3d3b2', '#fbf1da', '#c9b48a'] })}`).join('') },
  jarcandle: { put: onTable(glass.jarCandle, 0.34) },
  bottle: { put: onTable(glass.bottle, 0.36) },
  jar: { put: onTable(glass.jarCandle, 0.32) },
  bulb: { put: onTable(glass.bulb, 0.36) },
  burner: { put: onTable((x, y, s) => glass.paned(x, y + s * 0.06, s, { panes: 2 }), 0.34) },
  foot: { put: onTable(glass.bell, 0.3) },
  kit: { put: lying(bench.kit), flat: true },
  sheets: { put: lying(bench.sheets, 0.34), flat: true },
  coil: { put: lying(bench.coil), flat: true },
  cord: { put: lying(bench.cord), flat: true },
  hoop: { put: lying(bench.hoop, 0.36), flat: true },
  tool: { put: lying(bench.tool, 0.34), flat: true },
  card: { put: lying(bench.card, 0.4), flat: true },
  bench: { put: (w, h, random, seed) => `${bench.sheets(w * 0.3, h * 0.62, h * 0.24, { seed })}${paper.fold(w * 0.72, h * 0.36, h * 0.26, { seed })}${bench.tool(w * 0.13, h * 0.9, h * 0.1)}${hand(w * 0.3, h * 0.62, h * 0.36, { turn: 158, pose: 'press', mirrored: true })}${hand(w * 0.44, h * 0.6, h * 0.36, { turn: 38 })}`, horizon: 0.55 },
};

const wrap = (w, h, inner) => `<svg xmlns="http://www.w3.org/2000/svg" width="${w}" height="${h}" viewBox="0 0 ${w} ${h}">${inner}</svg>`;

/** The hand that sets a thing down, hangs it up, or puts it on the water, with the thing nearer or farther than it stands alone. */
const IN_HAND = {
  standing: { at: [0.42, 0.54], scale: 0.9, held: [0.55, 0.5], hand: (x, y, h) => hand(x, y, h * 0.42, { turn: 14, pose: 'press' }) },
  hanging: { at: [0.44, 0.62], scale: 1.06, held: [0.44, 0.1], hand: (x, y, h) => hand(x, y, h * 0.36, { turn: -18, who: 1 }) },
  floating: { at: [0.5, 0.6], scale: 1.3, held: [0.67, 0.72], hand: (x, y, h) => hand(x, y, h * 0.36, { turn: -24, who: 1 }) },
};

function inHand(thing, w, h, random, seed) {
  const hangs = thing.horizon > 0.9 && thing.horizon < 0.97;
  const way = IN_HAND[thing.water ? 'floating' : hangs ? 'hanging' : 'standing'];
  const [x, y] = way.at;
  const [heldX, heldY] = thing.held ?? way.held;
  const cord = hangs && !thing.held ? `<path d="M${n(w * heldX)} ${n(h * heldY)}V${n(h * y)}" stroke="#1b1016" stroke-width="${n(h * 0.006)}"/>` : '';
  const moved = `translate(${n(w * x)} ${n(h * y)}) scale(${way.scale}) translate(${n(-w * 0.5)} ${n(-h * 0.5)})`;
  return `${cord}<g transform="${moved}">${thing.put(w, h, random, seed)}</g>${way.hand(w * heldX, h * heldY, h)}`;
}

/** One product picture as SVG: a drawing of its own, or the one of its shape where no other product has that; alone, or in somebody's hand. */
export function productPicture({ shape, mood: moodName, width: w, height: h, isInHand = false }, seed, slug = '') {
  resetIds();
  const random = seeded(seed);
  const thing = OWN[slug] ?? THINGS[shape];
  const mood = MOODS[moodName];
  const horizon = thing.flat ? -0.02 : thing.horizon ?? 0.74;
  const scene = place(random, w, h, thing.water ? { ...mood, table: ['#4a3a63', '#12112f'] } : mood, horizon);
  const light = thing.flat ? blurred(w * 0.09, `<ellipse cx="${n(w * 0.3)}" cy="${n(h * 0.2)}" rx="${n(w * 0.42)}" ry="${n(h * 0.4)}" fill="#fff0cf" opacity=".4"/>`) : '';
  return wrap(w, h, scene + light + (isInHand ? inHand(thing, w, h, random, seed) : thing.put(w, h, random, seed)) + bokeh(random, w, h, { count: 3, colors: mood.lights, from: 0.8, to: 1.05, size: 0.09, strength: 0.14 }) + finish(w, h, seed, moodName === 'day' ? 0.16 : 0.3));
}

const SEASONS = {
  dusk: { sky: ['#15163d', '#2f2c66', '#74507a', '#c97d62', '#efb173'], water: ['#c9805f', '#6a4a74', '#12133a'], hills: ['#43355f', '#231e45'], ripples: '#8f6fa2' },
  winter: { sky: ['#0b1430', '#183056', '#2f5f7d', '#7fa9b6', '#d5e3e2'], water: ['#c6d8dc', '#6f93a8', '#14243f'], hills: ['#8fa6b8', '#3c516b'], ripples: '#dfeaf0' },
  thaw: { sky: ['#22424b', '#3c6d69', '#86a88a', '#d3d6a4', '#f4e5b8'], water: ['#d9d8a8', '#7d9f8a', '#1d3a40'], hills: ['#5d7d68', '#2c4a47'], ripples: '#cfe0c4' },
  garden: { sky: ['#2a1b3d', '#573055', '#a04f5c', '#e08a57', '#f6c57c'], water: ['#e0945c', '#7a4353', '#1c1a2c'], hills: ['#4a4a3f', '#23291f'], ripples: '#d98d6a' },
};

/** The lead banner: lanterns over a river, at dusk or in another season's light. */
export function riverAtDusk(w, h, seed, season = 'dusk') {
  resetIds();
  const random = seeded(seed);
  const light = SEASONS[season];
  const sky = linear([0, 0.42, 0.72, 0.9, 1].map((at, i) => [at, light.sky[i]]));
  const water = linear([0, 0.16, 1].map((at, i) => [at, light.water[i]]));
  const shore = h * 0.66;
  let svg = `${sky.def}${water.def}<rect width="${w}" height="${n(shore)}" fill="${sky.fill}"/>`;
  for (let i = 0; i < 70; i += 1) svg += `<circle cx="${n(random() * w)}" cy="${n(random() * h * 0.36)}" r="${n(0.6 + random() * 1.3)}" fill="#fff" opacity="${(0.2 + random() * 0.5).toFixed(2)}"/>`;
  svg += blurred(3, `<path d="M0 ${n(shore - 40)}C${n(w * 0.14)} ${n(shore - 110)} ${n(w * 0.24)} ${n(shore - 96)} ${n(w * 0.36)} ${n(shore - 52)}S${n(w * 0.58)} ${n(shore - 128)} ${n(w * 0.7)} ${n(shore - 70)}S${n(w * 0.9)} ${n(shore - 132)} ${w} ${n(shore - 76)}V${n(shore)}H0z" fill="${light.hills[0]}"/>`);
  svg += `<path d="M0 ${n(shore - 10)}C${n(w * 0.16)} ${n(shore - 46)} ${n(w * 0.32)} ${n(shore - 20)} ${n(w * 0.48)} ${n(shore - 24)}S${n(w * 0.78)} ${n(shore - 58)} ${w} ${n(shore - 16)}V${n(shore)}H0z" fill="${light.hills[1]}"/>`;
  svg += bokeh(random, w, h, { count: 46, colors: ['#ffcf78', '#ff9f58', '#ffe2a6'], from: 0.57, to: 0.665, size: 0.009, strength: 0.9 });
  svg += `<rect y="${n(shore)}" width="${w}" height="${n(h - shore)}" fill="${water.fill}"/>`;
  for (let i = 0; i < 130; i += 1) {
    const y = shore + random() ** 1.5 * (h - shore);
    const far = (y - shore) / (h - shore);
    svg += `<path d="M${n(random() * w)} ${n(y)}h${n(12 + far * 130 * random())}" stroke="${random() > 0.5 ? '#ffc470' : light.ripples}" stroke-opacity="${(0.1 + random() * 0.3).toFixed(2)}" stroke-width="${n(1.2 + far * 2.6)}" stroke-linecap="round"/>`;
  }
  for (let i = 0; i < 9; i += 1) {
    const y = shore + h * 0.035 + random() * h * 0.24;
    svg += paper.boat(w * (0.18 + random() * 0.8), y, 5 + (y - shore) * 0.1);
  }
  svg += `<path d="M${n(w * 0.2)} ${n(-h * 0.03)}Q${n(w * 0.62)} ${n(h * 0.27)} ${n(w * 1.03)} ${n(-h * 0.02)}" fill="none" stroke="#0d0e2a" stroke-width="2.5"/>`;
  [0.16, 0.32, 0.66, 0.84].forEach((t, i) => {
    const x = w * (0.2 + 0.83 * t);
    const y = h * (-0.03 + 0.6 * t * (1 - t));
    const r = h * [0.04, 0.05, 0.045, 0.038][i];
    svg += paper.globe(x, y + r * 1.2, r, { seed: seed + i, tassel: false });
  });
  svg += paper.globe(w * 0.5, h * 0.5, h * 0.21, { seed, cord: h });
  svg += `${shade(w * 0.81, h * 0.9, h * 0.17, h * 0.02, 0.6)}${paper.fold(w * 0.81, h * 0.68, h * 0.2, { seed: seed + 9 })}<path d="M${n(w * 0.7)} ${n(h * 0.89)}h${n(w * 0.22)}v${n(h * 0.022)}h${n(-w * 0.22)}z" fill="#161129"/><path d="M${n(w * 0.72)} ${n(h * 0.91)}v${n(h * 0.1)}M${n(w * 0.9)} ${n(h * 0.91)}v${n(h * 0.1)}" stroke="#161129" stroke-width="9"/>`;
  svg += bokeh(random, w, h, { count: 9, colors: ['#ffc470', '#ffa65c'], from: 0.72, to: 1.02, size: 0.045, strength: 0.24 });
  return wrap(w, h, svg + finish(w, h, seed, 0.2));
}

/** The words band: a bench with work on it. */
export function workshopBench(w, h, seed) {
  resetIds();
  const random = seeded(seed);
  const scene = place(random, w, h, MOODS.dusk, 0.55);
  return wrap(w, h, `${scene}${glow(w * 0.72, h * 0.42, h * 0.7, '#ffc56a', 0.35)}${bench.sheets(w * 0.26, h * 0.74, h * 0.2, { seed })}${shade(w * 0.72, h * 0.8, h * 0.26, h * 0.03)}${paper.fold(w * 0.72, h * 0.48, h * 0.31, { seed })}${bench.hoop(w * 0.5, h * 0.78, h * 0.11)}${bench.tool(w * 0.47, h * 0.93, h * 0.12)}${finish(w, h, seed, 0.32)}`);
}
