import { fuzz } from './read.fuzz';

const TEXTS = Number(process.argv[2] ?? 200_000);
const wrong = fuzz(TEXTS, 50);
console.log(`${TEXTS} texts, ${wrong.length} faults`);
wrong.slice(0, 20).forEach((w) => console.log(w));
process.exitCode = wrong.length ? 1 : 0;
