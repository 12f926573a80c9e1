// What the whole shop wears; and no step is left out by all three parts of the catalog.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { STEPS, catalog } from './catalog.mjs';
import { testEffects } from './catalog-effects.mjs';

test('the three parts are the whole catalog', () => {
  assert.deepEqual([...new Set(catalog().map((s) => s.step))].sort(), Object.values(STEPS).flat().sort());
});
testEffects(STEPS.wears);
