// The same operations in culori and colorjs.io: prints nanoseconds a call as JSON.
import Color from 'colorjs.io';
import { differenceCiede2000, oklch, parse, wcagContrast } from 'culori';

const texts = process.argv[2].split(',');
const parsed = texts.map(parse);
const objects = texts.map((t) => new Color(t));
const delta = differenceCiede2000();

function nanoseconds(call) {
  const rounds = [];
  for (let r = 0; r < 10; r += 1) {
    const start = process.hrtime.bigint();
    for (let k = 0; k < 20; k += 1) for (let i = 0; i < texts.length - 1; i += 1) call(i);
    rounds.push(Number(process.hrtime.bigint() - start) / (20 * (texts.length - 1)));
  }
  return rounds.slice(1).sort((a, b) => a - b)[4];
}

console.log(JSON.stringify({
  'parse and convert to oklch': { culori: nanoseconds((i) => oklch(texts[i])), colorjs: nanoseconds((i) => new Color(texts[i]).to('oklch')) },
  contrast: { culori: nanoseconds((i) => wcagContrast(parsed[i], parsed[i + 1])), colorjs: nanoseconds((i) => objects[i].contrast(objects[i + 1], 'WCAG21')) },
  CIEDE2000: { culori: nanoseconds((i) => delta(parsed[i], parsed[i + 1])), colorjs: nanoseconds((i) => objects[i].deltaE(objects[i + 1], '2000')) },
}));
