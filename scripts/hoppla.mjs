// Bundles the command line when its sources are newer than the bundle, then runs it.
import { bundle, dist } from './bundle.mjs';

await bundle('cli/src/bin.ts', 'hoppla.mjs');
await import(dist('hoppla.mjs').href);
