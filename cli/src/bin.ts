import { readFileSync } from 'node:fs';
import { run } from './main';

const answer = run(process.argv.slice(2), () => readFileSync(0, 'utf8'));
process.stdout.write(answer.out);
process.stderr.write(answer.err);
process.exitCode = answer.code;
