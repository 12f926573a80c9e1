/** A small seeded generator (mulberry32): the same seed gives the same pictures, byte for byte. */
export function seeded(seed) {
  let state = seed | 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A seed from a name, so that adding a product does not change the pictures of the others. */
export function seedOf(name, seed) {
  return [...name].reduce((sum, letter) => (Math.imul(sum, 31) + letter.charCodeAt(0)) | 0, seed);
}

/** A number for SVG: one decimal, no trailing zero. */
export const n = (value) => String(Math.round(value * 10) / 10);
