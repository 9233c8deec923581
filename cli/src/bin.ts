import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { run } from './main';
import { pdfsIn } from './pdfs';
import { cliWords as say } from './words';

const argv = process.argv.slice(2);
const pdfs = await pdfsIn(argv);
const answer = run(
  argv,
  () => readFileSync(0, 'utf8'),
  (path) => pdfs(path) ?? readFileSync(path, 'utf8'),
);
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
