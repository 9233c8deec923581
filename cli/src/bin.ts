import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { run } from './main';
import { cliWords as say } from './words';

const answer = run(process.argv.slice(2), () => readFileSync(0, 'utf8'));
for (const { path, text } of answer.files ?? []) {
  try {
    mkdirSync(dirname(path), { recursive: true });
    writeFileSync(path, text);
  } catch (error) {
    answer.out = '';
    answer.err += `${say.cannotWrite(path, error instanceof Error ? error.message : '')}\n`;
    answer.code = 2;
  }
}
process.stdout.write(answer.out);
process.stderr.write(answer.err);
process.exitCode = answer.code;
