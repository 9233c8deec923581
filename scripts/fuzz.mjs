// A thousand toys planned, five hundred shields, all absurd parts relaxed, and the reader against 200,000 random and mutated texts, and its laws over 10,000 generated ones each; fixed seeds.
import { bundle, dist } from './bundle.mjs';
import { environment, run } from './steps.mjs';

run('generated texts', 'npx', ['jest', 'core/src/notation/generated'], {
  env: { ...environment, HOPPLA_TEXTS: '10000' },
});
run('plans of generated toys', 'npx', ['jest', 'core/src/plan/generated'], {
  env: { ...environment, HOPPLA_PLANS: '1000' },
});
run('shields of generated toys', 'npx', ['jest', 'core/src/safety/mends'], {
  env: { ...environment, HOPPLA_SHIELDS: '500' },
});
run('absurd parts', 'npx', ['jest', 'core/src/form/relax', '-t', 'WILD'], {
  env: { ...environment, HOPPLA_EVERY: '1' },
});
await bundle('core/bench/fuzz.ts', 'fuzz.mjs');
await import(dist('fuzz.mjs').href);
