// The demo store's pictures: each product has a drawing of its own, and hands are at work in some.
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { productPicture } from '../../demo/draw/scenes.mjs';

const pictured = JSON.parse(readFileSync(new URL('../../demo/products.json', import.meta.url), 'utf8')).filter((product) => product.picture);
/** In one size, one light and from one seed: two that are alike then are one drawing. */
const drawn = (product, isInHand) => productPicture({ shape: product.picture.shape, width: 600, height: 600, mood: 'dusk', isInHand }, 1, product.slug);

test('no drawing stands for two products', () => {
  const bySvg = new Map();
  for (const product of pictured) {
    const svg = drawn(product, false);
    assert.ok(!bySvg.has(svg), `${product.slug} is drawn as ${bySvg.get(svg)} is`);
    bySvg.set(svg, product.slug);
  }
  assert.equal(bySvg.size, pictured.length);
});

test('the second picture of a product shows it in somebody’s hand, not the first again', () => {
  for (const product of pictured) assert.notEqual(drawn(product, true), drawn(product, false), product.slug);
});
