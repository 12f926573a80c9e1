// Answers what colorjs.io and culori make of colors: one CSS color (or two, a tab between) a line in, one JSON line out.
import { createInterface } from 'node:readline';
import Color from 'colorjs.io';
import { converter, differenceCiede2000, parse, wcagContrast } from 'culori';

const spaces = { srgb: 'rgb', lab: 'lab', oklab: 'oklab', hsl: 'hsl', hwb: 'hwb', p3: 'p3', rec2020: 'rec2020' };
const to = Object.fromEntries(Object.entries(spaces).map(([key, mode]) => [key, converter(mode)]));
const keys = { rgb: ['r', 'g', 'b'], lab: ['l', 'a', 'b'], oklab: ['l', 'a', 'b'], hsl: ['h', 's', 'l'], hwb: ['h', 'w', 'b'], p3: ['r', 'g', 'b'], rec2020: ['r', 'g', 'b'] };
const delta = differenceCiede2000();

for await (const line of createInterface({ input: process.stdin })) {
  const [first, second] = line.split('\t');
  const a = new Color(first);
  const answer = { colorjs: {}, culori: {} };
  for (const key of ['srgb', 'lab', 'oklab', 'oklch', 'xyz-d65', 'p3', 'hsl', 'hwb', 'rec2020', 'a98rgb', 'prophoto']) answer.colorjs[key] = a.to(key).coords.map((v) => (v === null || Number.isNaN(v) ? null : v));
  for (const [key, mode] of Object.entries(spaces)) answer.culori[key] = keys[mode].map((c) => to[key](parse(first))[c] ?? null);
  answer.mapped = a.clone().toGamut({ space: 'srgb', method: 'css' }).to('srgb').coords;
  if (second) {
    const b = new Color(second);
    answer.pair = { colorjsContrast: a.contrast(b, 'WCAG21'), culoriContrast: wcagContrast(parse(first), parse(second)), ciede2000: a.deltaE(b, '2000'), culoriCiede2000: delta(parse(first), parse(second)) };
  }
  console.log(JSON.stringify(answer));
}
