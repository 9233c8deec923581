// The reader against 200,000 random and mutated texts, with a fixed seed.
import { bundle, dist } from './bundle.mjs';

await bundle('core/bench/fuzz.ts', 'fuzz.mjs');
await import(dist('fuzz.mjs').href);
