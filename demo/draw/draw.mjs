// Draws every picture of the demo store: node demo/draw/draw.mjs OUT_FOLDER [--only NAME] [--seed N]
// Writes NAME-WIDTH.webp files and pictures.json (name, alt, width, height, widths, bytes) into OUT_FOLDER.
import { createHash } from 'node:crypto';
import { copyFile, mkdir, readFile, readdir, stat, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { seedOf } from './random.mjs';
import { productPicture, riverAtDusk, workshopBench } from './scenes.mjs';

const here = dirname(fileURLToPath(import.meta.url));
const [out] = process.argv.slice(2);
const option = (name) => (process.argv.includes(name) ? process.argv[process.argv.indexOf(name) + 1] : undefined);
const seed = Number(option('--seed') ?? 1987);
const only = option('--only');
const HEAVY = 2000;
const CARD_WIDTHS = [320, 640];

const products = JSON.parse(await readFile(join(here, '..', 'products.json'), 'utf8'));
const jobs = [
  { name: 'lead', alt: 'Paper lanterns lit over a river at dusk', width: 1280, height: 860, widths: [640, 1280], svg: () => riverAtDusk(1280, 860, seed) },
  { name: 'workshop', alt: 'A bench with folded paper and a lit lantern', width: 960, height: 640, widths: [480, 960], svg: () => workshopBench(960, 640, seed) },
  { name: 'lead-winter', alt: 'Lanterns over a frozen river under the northern night', width: 1280, height: 860, widths: [640, 1280], svg: () => riverAtDusk(1280, 860, seed + 1, 'winter') },
  { name: 'lead-thaw', alt: 'Lanterns over a river in the green light of early spring', width: 1280, height: 860, widths: [640, 1280], svg: () => riverAtDusk(1280, 860, seed + 2, 'thaw') },
  { name: 'lead-garden', alt: 'Lanterns over a garden pond on a warm evening', width: 1280, height: 860, widths: [640, 1280], svg: () => riverAtDusk(1280, 860, seed + 3, 'garden') },
  ...products.filter((p) => p.picture && (p.featured || p.category === 'paper-lanterns') && p.picture.width < HEAVY).map((p) => ({
    name: `${p.slug}-lit`,
    of: p.slug,
    alt: `${p.name}, in somebody’s hand`,
    width: 640,
    height: Math.round((640 * p.picture.height) / p.picture.width),
    widths: CARD_WIDTHS,
    svg: () => productPicture({ shape: p.picture.shape, width: 640, height: Math.round((640 * p.picture.height) / p.picture.width), mood: p.picture.mood === 'night' ? 'day' : 'night', isInHand: true }, seedOf(`${p.slug} lit`, seed), p.slug),
  })),
  ...products.filter((p) => p.picture).map((p) => ({
    name: p.slug,
    alt: `${p.name}, ${p.note}`,
    width: p.picture.width,
    height: p.picture.height,
    // One picture is far too heavy on purpose: it exists in its full size only.
    widths: p.picture.width >= HEAVY ? [p.picture.width] : [...CARD_WIDTHS, p.picture.width],
    svg: () => productPicture(p.picture, seedOf(p.slug, seed), p.slug),
  })),
].filter((job) => !only || job.name === only);

async function fingerprint() {
  const hash = createHash('sha256').update(String(seed)).update(JSON.stringify(products)).update(sharp.versions.sharp);
  for (const file of (await readdir(here)).sort()) hash.update(await readFile(join(here, file)));
  return hash.digest('hex');
}

async function draw(job) {
  const drawn = await sharp(Buffer.from(job.svg()), { limitInputPixels: 20_000_000 }).removeAlpha().raw().toBuffer({ resolveWithObject: true });
  const heavy = job.width >= HEAVY;
  let bytes = 0;
  for (const width of job.widths) {
    const file = join(out, `${job.name}-${width}.webp`);
    await sharp(drawn.data, { raw: drawn.info }).resize({ width }).webp(heavy ? { lossless: true, effort: 0 } : { quality: 80, effort: 3 }).toFile(file);
    bytes += (await stat(file)).size;
  }
  const { svg, ...row } = job;
  return { ...row, bytes };
}

await mkdir(out, { recursive: true });
const print = await fingerprint();
const done = await readFile(join(out, 'drawn'), 'utf8').catch(() => '');
if (done === print && !only) {
  console.log('The pictures are drawn already.');
} else {
  sharp.concurrency(1);
  const rows = new Array(jobs.length);
  let next = 0;
  const worker = async () => {
    while (next < jobs.length) {
      const mine = next;
      next += 1;
      rows[mine] = await draw(jobs[mine]);
      if (mine % 10 === 0) console.log(`Drawing picture ${mine + 1} of ${jobs.length}`);
    }
  };
  await Promise.all([worker(), worker()]);
  for (const p of products.filter((q) => q.film)) await copyFile(join(here, '..', 'film', `${p.slug}.webm`), join(out, `${p.slug}.webm`));
  await writeFile(join(out, 'pictures.json'), JSON.stringify(rows, null, 1));
  if (!only) await writeFile(join(out, 'drawn'), print);
}
