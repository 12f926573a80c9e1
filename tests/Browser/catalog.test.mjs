// The first half of the catalog: what the whole shop wears, its header and its checkout; and no step is left out by both.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { HALVES, catalog } from './catalog.mjs';
import { testEffects } from './catalog-effects.mjs';

test('both halves are the whole catalog', () => {
  assert.deepEqual([...new Set(catalog().map((s) => s.step))].sort(), HALVES.flat().sort());
});
testEffects(HALVES[0]);
