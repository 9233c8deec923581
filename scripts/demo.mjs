// Installs, builds and serves Hoppla with the demo toy. Needs nothing but Node.
import { build, install, root } from './steps.mjs';

install();
build();
const { bundle, dist } = await import('./bundle.mjs');
await bundle('server/src/main.ts', 'server.mjs');
process.chdir(root);
process.env.HOPPLA_DEMO = '1';
await import(dist('server.mjs').href);
