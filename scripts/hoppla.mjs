// Bundles the command line when its sources are newer than the bundle, then runs it.
import { bundleWhenNewer, dist } from './bundle.mjs';

await bundleWhenNewer('cli/src/bin.ts', 'hoppla.mjs', ['cli/src', 'core/src']);
await import(dist('hoppla.mjs').href);
