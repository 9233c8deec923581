// The app in development, rebuilt as files change.
import { join } from 'node:path';
import { install, root, run } from './steps.mjs';

install();
run('dev', 'npx', ['expo', 'start', '--web', ...process.argv.slice(2)], { cwd: join(root, 'app') });
