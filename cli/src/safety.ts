import { CHECKS, checksMade, checkToy, notKnown, PROFILES, type SafetyPoint } from '@hoppla/core/safety';
import { changeSettings, type AgeGroup, type Settings } from '@hoppla/core/toy';
import { modelToy, type ToyModel } from '@hoppla/core/model';
import { safetyWords } from '@hoppla/core/words';
import { Misuse, type Answer, type Call } from './call';
import { cliWords as say } from './words';

const AGES = Object.keys(safetyWords.ages) as AgeGroup[];

/** The safety points of a toy, most dangerous first, and what nobody checks yet; exit 1 on a stop. @throws Misuse */
export function safetyAnswer(given: ToyModel, call: Call): Answer {
  const age = choice(call, '--age', AGES) ?? given.toy.settings.age;
  const region =
    choice(call, '--region', Object.keys(PROFILES) as Settings['region'][]) ?? given.toy.settings.region;
  const model = modelToy(changeSettings(given.toy, { age, region }));
  const points = checkToy(model);
  const code = points.some((p) => p.weight === 'stop') ? 1 : 0;
  if (call.flags.has('--json')) {
    const json = {
      age,
      region,
      points: points.map((p) => pointJson(model, p)),
      checksMade,
      notKnown: notKnown(),
      caution: safetyWords.caution,
    };
    return { out: `${JSON.stringify(json, null, 2)}\n`, err: '', code };
  }
  const lines = [
    `${age}; ${PROFILES[region].name}; ${safetyWords.made(checksMade.length, CHECKS.length)}`,
    ...points.map(
      (p) =>
        `${safetyWords.weights[p.weight]}: ${p.title}${/[?!.]$/.test(p.title) ? '' : '.'} ${p.reason} ${p.mend}`,
    ),
    `${safetyWords.notMade}: ${notKnown()
      .map((n) => n.title)
      .join('; ')}`,
    safetyWords.caution,
  ];
  return { out: lines.map((l) => `${l}\n`).join(''), err: '', code };
}

function pointJson(model: ToyModel, p: SafetyPoint) {
  const part = model.parts.find((x) => x.part.id === p.part);
  return {
    id: p.id,
    check: p.check,
    weight: p.weight,
    where: [...(part ? [part.name] : []), ...(p.line === undefined ? [] : [say.atLine(p.line)])],
    title: p.title,
    reason: p.reason,
    mend: p.mend,
    mendable: p.check === 1 && p.weight === 'stop' && p.feature !== undefined,
    answered: null,
  };
}

function choice<T extends string>(call: Call, flag: string, all: readonly T[]): T | undefined {
  const said = call.flags.get(flag);
  const found = all.find((a) => a === said);
  if (said !== undefined && !found) throw new Misuse(say.oneOf(flag, said, all));
  return found;
}
