import fc from 'fast-check';
import { exportFile } from '../files';
import { progressOf, tick, ticksOf, whereAmI, withDeed } from '../record';
import { planOf } from '../plan';
import { fuzzedFile, newId } from '../files/cases/fuzzedToys';
import { modelToy, rillFile } from '../model';

import { openFile } from './schema';
import { share } from '../../bench/share';

test(`${share(150)} ways through edits and ticks: what is exported opens again with the same bytes`, () => {
  let reached = 0;
  fc.assert(
    fc.property(fuzzedFile(12), (file) => {
      const raw = exportFile(file);
      const opened = openFile(raw);
      if (opened.state !== 'open')
        throw new Error(opened.state === 'refused' ? opened.sentence : opened.state);
      expect(exportFile(opened.file)).toBe(raw);
      reached++;
    }),
    { numRuns: share(150), seed: 20261126 },
  );
  expect(reached).toBe(share(150));
});

test('a toy that is finished opens again: Rill with every step ticked', () => {
  let file = rillFile(newId);
  const ticks = ticksOf(planOf(modelToy(file.toy)));
  for (const t of ticks) file = { ...file, log: withDeed(file.log, tick(t), '2026-01-01T20:00:00.000Z') };
  expect(whereAmI(ticks, progressOf(file.log)).at).toBe(ticks.length);
  expect(openFile(exportFile(file)).state).toBe('open');
});

/** A parsed file that may be changed anywhere. */
type Open = ReturnType<typeof JSON.parse>;

describe('what is not a toy is refused with its place', () => {
  const raw = exportFile(rillFile(newId));
  const changed = (to: (file: Open) => void): string => {
    const file = JSON.parse(raw);
    to(file);
    return JSON.stringify(file);
  };
  it.each<[string, string, RegExp]>([
    ['a schema beyond all numbers', raw.replace(/"schema": \d+/, '"schema": 1e999'), /fault at schema/],
    [
      'a field of a join that nobody knows',
      raw.replace('"kind": "sewn"', '"kind": "sewn", "glued": true'),
      /toy\.joins\.\d+\.glued/,
    ],
    [
      'a field of eyes that nobody knows',
      raw.replace('"kind": "eyes"', '"kind": "eyes", "glued": true'),
      /toy\.features\.\d+\.glued/,
    ],
    [
      'a join of a kind that nobody knows',
      raw.replace('"kind": "sewn"', '"kind": "glued"'),
      /toy\.joins\.\d+\.kind/,
    ],
    ['a schema of half', raw.replace(/"schema": \d+/, '"schema": 3.5'), /fault at schema/],
    [
      'a number in quotes',
      changed((f: Open) => (f.toy.joins[1].at.index = '20')),
      /toy\.joins\.1\.at\.index/,
    ],
    [
      'a yes in quotes',
      changed((f: Open) => (f.toy.gauges[0].yarnUnder = 'false')),
      /toy\.gauges\.0\.yarnUnder/,
    ],
    [
      'a part that is not there',
      changed((f: Open) => (f.toy.features[0].part = 'nowhere')),
      /toy\.features\.0\.part/,
    ],
    [
      'a copy that is not there',
      changed((f: Open) => (f.toy.joins[0].guest.copy = 'nowhere')),
      /toy\.joins\.0\.guest/,
    ],
    [
      'a gauge that is not there',
      changed((f: Open) => (f.toy.parts[2].gauge = 'nowhere')),
      /toy\.parts\.2\.gauge/,
    ],
    [
      'a twin that is not there',
      changed((f: Open) => (f.toy.joins.find((j: Open) => j.twin).twin.copy = 'x')),
      /twin/,
    ],
  ])('%s', (_, text, sentence) =>
    expect(openFile(text)).toMatchObject({ state: 'refused', sentence: expect.stringMatching(sentence) }),
  );
});
