// The palettes node-vibrant and colorthief find in pictures: paths on standard input, a JSON line each on standard output.
import { readFileSync } from 'node:fs';
import { Vibrant } from 'node-vibrant/node';
import { getPalette } from 'colorthief';

for (const path of readFileSync(0, 'utf8').trim().split('\n')) {
  const swatches = await Vibrant.from(path).getPalette();
  const thief = await getPalette(path, { colorCount: 6 });
  console.log(JSON.stringify({ vibrant: Object.values(swatches).filter(Boolean).map((s) => s.hex), thief: (thief ?? []).map((c) => c.hex()) }));
}
