// Serves what is built; used by demo, the end-to-end tests and the screenshots.
import { bundle, dist, root } from './bundle.mjs';

await bundle('server/src/main.ts', 'server.mjs');
process.chdir(root);
await import(dist('server.mjs').href);
