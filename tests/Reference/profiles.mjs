// Writes a row of color patches as a file with a color profile: node profiles.mjs FORMAT PROFILE FILE '["#rrggbb", ...]'
// The pixels hold other numbers than those colors: sharp turns them into the profile's (ICC.1:2022), and says so in the file.
import sharp from 'sharp';

const [format, profile, file, colors] = process.argv.slice(2);
const SIDE = 24;
const list = JSON.parse(colors);
const raw = Buffer.alloc(SIDE * SIDE * list.length * 3);
list.forEach((hex, i) => {
  const rgb = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));
  for (let y = 0; y < SIDE; y += 1) for (let x = 0; x < SIDE; x += 1) raw.set(rgb, 3 * (y * SIDE * list.length + i * SIDE + x));
});
const image = sharp(raw, { raw: { width: SIDE * list.length, height: SIDE, channels: 3 } });
await (profile === 'none' ? image : image.withIccProfile(profile))[format]({ quality: 100, lossless: true, chromaSubsampling: '4:4:4' }).toFile(file);
