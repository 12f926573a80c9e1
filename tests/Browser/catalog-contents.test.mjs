// The second half of the catalog: what the pages hold.
import { HALVES } from './catalog.mjs';
import { testEffects } from './catalog-effects.mjs';

testEffects(HALVES[1]);
