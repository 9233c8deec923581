import { attackCommands } from './commands.fuzz';

/** `commands.mjs N SEED`: prints every fault; exit 1 on one. */
const [count, seed] = [Number(process.argv[2]), Number(process.argv[3])];
const faults = attackCommands(count, 3000, seed);
console.log(`${count} command lines over hostile texts (seed ${seed}): ${faults.length} faults`);
faults.slice(0, 20).forEach((f) => console.log(f));
process.exitCode = faults.length ? 1 : 0;
