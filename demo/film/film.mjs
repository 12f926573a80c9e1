// Draws the frames of the demo's one film and hands them to ffmpeg: node demo/film/film.mjs
// Run by hand when the film is to change; the film itself is kept, so that a shop needs no ffmpeg.
import { spawnSync } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { productPicture } from '../draw/scenes.mjs';

const FRAMES = 36;
const here = dirname(fileURLToPath(import.meta.url));
const folder = await mkdtemp(join(tmpdir(), 'film-'));
const still = await sharp(Buffer.from(productPicture({ shape: 'fold', mood: 'night', width: 640, height: 550 }, 77))).removeAlpha().png().toBuffer();
for (let i = 0; i < FRAMES; i += 1) {
  // A flame's slow breath and its flicker; whole waves, so that the film loops without a seam.
  const turn = (i / FRAMES) * 2 * Math.PI;
  const brightness = 1 + 0.06 * Math.sin(turn) + 0.03 * Math.sin(3 * turn + 1) + 0.02 * Math.sin(2 * turn);
  await sharp(still).modulate({ brightness }).jpeg({ quality: 92 }).toFile(join(folder, `${String(i).padStart(3, '0')}.jpg`));
}
const made = spawnSync('ffmpeg', ['-y', '-loglevel', 'error', '-framerate', '12', '-i', join(folder, '%03d.jpg'), '-c:v', 'libvpx-vp9', '-b:v', '0', '-crf', '44', '-an', '-pix_fmt', 'yuv420p', join(here, 'heron-folding-lantern.webm')], { stdio: 'inherit' });
await rm(folder, { recursive: true });
process.exitCode = made.status ?? 1;
