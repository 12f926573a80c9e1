// What the pages hold, setting by setting.
import { STEPS } from './catalog.mjs';
import { testEffects } from './catalog-effects.mjs';

testEffects(STEPS.holds);
