import fc from 'fast-check';
import { adviceOn, adviceSentence, retentionSentence } from '../feature';
import { fillNeed, massOf, sizeOf } from '../form';
import { planOf } from '../plan';
import { checkToy } from '../safety';
import { fuzzedFile } from './cases/fuzzedToys';
import { headOf, modelToy, type ToyModel } from '../model';
import { unitWords } from '../words';
import { exportFile, faceMapHtml, faceMapSvgs, objOf, planText, sheetHtml } from './index';
import { share } from '../../bench/share';

const NOTHING = /\bNaN\b|undefined|\bnull\b|Infinity|\[object/;

/** Where in a value a number is none; typed arrays are looked through too. */
function faultsIn(value: unknown, path = '', seen = new Set<object>()): string[] {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [`${path} = ${value}`];
  if (typeof value === 'string') return /\bNaN\b|\bundefined\b/.test(value) ? [`${path} = “${value}”`] : [];
  if (typeof value !== 'object' || value === null || seen.has(value)) return [];
  seen.add(value);
  const entries = ArrayBuffer.isView(value)
    ? Array.from(value as Float64Array, (v, i): [string, unknown] => [String(i), v]).filter(
        ([, v]) => v !== v,
      )
    : Object.entries(value);
  return entries.flatMap(([key, v]) => faultsIn(v, `${path}.${key}`, seen));
}

/** Every sentence and figure that screens take from a model. */
const shown = (model: ToyModel) => {
  const units = unitWords(model.toy.settings.units);
  return {
    parts: model.parts.map((p) => [
      sizeOf(p.form),
      massOf(p.form, fillNeed(p.form, p.fill, 'polyester')),
      p.problems,
      units.length(p.form.heightMm),
    ]),
    forms: model.parts.map((p) => [p.form.r, p.form.z]),
    eyes: model.eyes.map(({ eyes, state }) => {
      if (state.state === 'homeless') return null;
      const head = headOf(
        model,
        model.parts.find((p) => p.part.id === eyes.part)!,
      );
      return [
        state,
        retentionSentence(state.retention),
        adviceOn(head, eyes, state).map((a) => adviceSentence(a, state, units)),
      ];
    }),
    noses: model.noses,
    sites: model.sites.map(({ sites }) => sites.map((s) => [s.name, s.guestEdge])),
    plan: planOf(model),
    safety: checkToy(model),
  };
};

test(`no sheet, plan, face map, mesh or figure of a screen ever prints what is no number: ${share(100)} toys as edits leave them`, () => {
  const seen = { toys: 0, steps: 0, eyes: 0, points: 0 };
  fc.assert(
    fc.property(fuzzedFile(10), (file) => {
      const model = modelToy(file.toy);
      const maps = model.parts.map((p) => faceMapHtml(model, p.part.id) ?? '');
      for (const printed of [
        sheetHtml(model),
        planText(model),
        ...maps,
        ...faceMapSvgs(model).map((f) => f.svg),
      ])
        expect(NOTHING.exec(printed)?.[0]).toBeUndefined();
      // A mesh takes seconds: of every twelfth toy.
      if (seen.toys++ % 12 === 0) expect(objOf(model)).not.toMatch(/NaN|undefined|Infinity/);
      expect(/NaN|undefined|Infinity/.test(exportFile(file))).toBe(false);
      expect(faultsIn(shown(model))).toEqual([]);
      seen.steps += planOf(model).steps.length;
      seen.eyes += model.eyes.length;
      seen.points += checkToy(model).length;
    }),
    { numRuns: share(100), seed: 20261127 },
  );
  // It looked at something.
  expect(Math.min(seen.steps / share(300), seen.eyes / share(30), seen.points / share(30))).toBeGreaterThan(
    1,
  );
});
