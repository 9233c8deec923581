// Installs, builds and serves Hoppla with the demo toy. Needs nothing but Node.
import { build, install } from './steps.mjs';

install();
build();
process.env.HOPPLA_DEMO = '1';
await import('./serve.mjs');
