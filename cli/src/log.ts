import { modelToy } from '@hoppla/core/model';
import { planOf } from '@hoppla/core/plan';
import { diaryLine, diaryOf, endLeft, endLine, progressOf, ticksOf } from '@hoppla/core/record';
import type { Answer, Call } from './call';
import { fileIn, openedToy } from './opened';
import { cliWords as say } from './words';

/** What was done at a toy, oldest first, a line each with its time, and ends of yarn that are too short for their work. Exit 1 where one is. */
export function logCommand(text: string, call: Call): Answer {
  const file = fileIn(text);
  if (!file) {
    const why = openedToy(text);
    return 'parts' in why ? { out: '', err: `${say.noRecords}\n`, code: 2 } : why;
  }
  const model = modelToy(file.toy);
  const ticks = ticksOf(planOf(model));
  const { leftMm } = progressOf(file.log);
  const entries = diaryOf(file, ticks).map((entry) => ({
    at: entry.at,
    making: entry.making,
    what: entry.what === 'deed' ? entry.deed.what : entry.what,
    words: diaryLine(model, entry),
  }));
  const ends = ticks.flatMap((t) => {
    const left = endLeft(t.step, leftMm[t.key]);
    return left
      ? [
          {
            key: t.key,
            leftMm: left.leftMm,
            needMm: left.need.value,
            reach: left.reach,
            words: endLine(model, left),
          },
        ]
      : [];
  });
  const short = ends.filter((e) => e.reach === 'short');
  const out = call.flags.has('--json')
    ? `${JSON.stringify({ entries, ends })}\n`
    : entries.map((e) => `${e.at ?? '-'}\t${e.making}\t${e.words}\n`).join('');
  return { out, err: short.map((e) => `${e.words}\n`).join(''), code: short.length > 0 ? 1 : 0 };
}
