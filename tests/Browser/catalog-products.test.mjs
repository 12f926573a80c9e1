// Products, setting by setting.
import { STEPS } from './catalog.mjs';
import { testEffects } from './catalog-effects.mjs';

testEffects(STEPS.products);
