import { checksMade, checkToy, lookedAt, profileOf, REGIONS, type ToldPoint } from '@hoppla/core/safety';
import { changeSettings, type AgeGroup } from '@hoppla/core/toy';
import { modelToy, type ToyModel } from '@hoppla/core/model';
import { safetyWords } from '@hoppla/core/words';
import { withTests } from '@hoppla/core/record';
import type { Records } from './opened';
import { Misuse, type Answer, type Call } from './call';
import { cliWords as say } from './words';

const AGES = Object.keys(safetyWords.ages) as AgeGroup[];

/** The safety points of a toy, most dangerous first, with what the tests of its pieces tell; exit 1 on a stop. @throws Misuse */
export function safetyAnswer(given: ToyModel, records: Records, call: Call): Answer {
  const age = choice(call, '--age', AGES) ?? given.toy.settings.age;
  const region = choice(call, '--region', REGIONS) ?? given.toy.settings.region;
  const model = modelToy(changeSettings(given.toy, { age, region }));
  const points = withTests(checkToy(model), model, records);
  const code = points.some((p) => p.weight === 'stop') ? 1 : 0;
  if (call.flags.has('--json')) {
    const json = {
      age,
      region,
      points: points.map((p) => pointJson(model, p)),
      checksMade,
      caution: safetyWords.caution,
    };
    return { out: `${JSON.stringify(json, null, 2)}\n`, err: '', code };
  }
  const [made, ...more] = lookedAt(points, model);
  const lines = [
    `${age}; ${profileOf(model.toy).name}; ${made}`,
    ...points.map(pointLine),
    ...more,
    safetyWords.caution,
  ];
  return { out: lines.map((l) => `${l}\n`).join(''), err: '', code };
}

const stopped = (words: string): string => (/[?!.]$/.test(words) ? words : `${words}.`);

const pointLine = (p: ToldPoint): string =>
  [
    `${safetyWords.weights[p.weight]}: ${stopped(p.title)}`,
    p.reason,
    stopped(p.mend),
    ...(p.tags && p.tags.length > 0 ? [`${p.tags.join(', ')}.`] : []),
    ...(p.answered === null ? [] : [stopped(safetyWords.answered(p.answered))]),
  ].join(' ');

function pointJson(model: ToyModel, p: ToldPoint) {
  const part = model.parts.find((x) => x.part.id === p.part);
  return {
    id: p.id,
    check: p.check,
    weight: p.weight,
    where: [
      ...(part ? [part.name] : []),
      ...(p.tags ?? []),
      ...(p.line === undefined ? [] : [say.atLine(p.line)]),
    ],
    title: p.title,
    reason: p.reason,
    mend: p.mend,
    mendable: p.does !== undefined,
    answered: p.answered,
    settled: p.settled,
  };
}

function choice<T extends string>(call: Call, flag: string, all: readonly T[]): T | undefined {
  const said = call.flags.get(flag);
  const found = all.find((a) => a === said);
  if (said !== undefined && !found) throw new Misuse(say.oneOf(flag, said, all));
  return found;
}
