import { exportFile } from '../../files';
import { dappleFile, rillFile } from '../../model';
import { openFile } from './index';

let n = 0;
const newId = () => `d${++n}`;
const RAW = exportFile(rillFile(newId));

/** A parsed file that may be changed anywhere. */
type Open = ReturnType<typeof JSON.parse>;
const changed = (to: (file: Open) => void, raw = RAW): string => {
  const file = JSON.parse(raw);
  to(file);
  return JSON.stringify(file);
};
const refusedAt = (text: string): string => {
  const opened = openFile(text);
  return opened.state === 'refused' ? opened.sentence : opened.state;
};

describe('a file that no toy can be', () => {
  it('opens while nothing is changed', () => expect(openFile(changed(() => undefined)).state).toBe('open'));

  it.each<[string, (file: Open, value: number) => void, number, number]>([
    ['gauges.0.stitchMm', (f, v) => (f.toy.gauges[0].stitchMm = v), 4.2, 1e12],
    ['gauges.0.roundMm', (f, v) => (f.toy.gauges[0].roundMm = v), 4, 1e-12],
    ['gauges.0.hookMm', (f, v) => (f.toy.gauges[0].hookMm = v), 3, 1e9],
    ['gauges.0.leanStitches', (f, v) => (f.toy.gauges[0].leanStitches = v), -0.3, -1e6],
    ['features.0.washerMm', (f, v) => (f.toy.features[0].washerMm = v), 11, 1e-9],
    ['joins.0.at.index', (f, v) => (f.toy.joins[0].at.index = v), 3, 1e15],
    ['joins.0.at.of', (f, v) => (f.toy.joins[0].at.of = v), 6, 1e12],
    ['joins.0.at.index', (f, v) => (f.toy.joins[0].at.index = v), 4, 3.5],
    ['features.0.pair.between', (f, v) => (f.toy.features[0].pair.between = v), 6, 4.5],
    ['features.0.pair.offset.left.0', (f, v) => (f.toy.features[0].pair.offset.left[0] = v), 1, 0.5],
    ['parts.0.weighedG', (f, v) => (f.toy.parts[0].weighedG = v), 20, 1e12],
  ])(
    'with a number that no toy has at %s is refused there; one that can be is not',
    (path, put, good, bad) => {
      expect(openFile(changed((f) => put(f, good))).state).toBe('open');
      expect(refusedAt(changed((f) => put(f, bad)))).toContain(`toy.${path}`);
    },
  );

  it.each(['..', '.', 'a/b', 'a b', 'x?y', 'é', '', 'x'.repeat(65)])(
    'whose id is “%s” stands in no address, and is refused',
    (id) => expect(refusedAt(changed((f) => (f.toy.id = id)))).toMatch(/fault at toy\.id/),
  );

  it.each<[string, (file: Open) => void]>([
    ['toy.parts.1', (f) => f.toy.parts.splice(1, 0, structuredClone(f.toy.parts[0]))],
    ['toy.features.1', (f) => f.toy.features.splice(1, 0, structuredClone(f.toy.features[0]))],
    ['toy.joins.1', (f) => f.toy.joins.splice(1, 0, structuredClone(f.toy.joins[0]))],
    ['toy.gauges.1', (f) => f.toy.gauges.splice(1, 0, structuredClone(f.toy.gauges[0]))],
    ['toy.parts.0.copies.1', (f) => f.toy.parts[0].copies.splice(1, 0, f.toy.parts[0].copies[0])],
    ['toy.parts.0.marks.1', (f) => (f.toy.parts[0].marks[1] = f.toy.parts[0].marks[0])],
  ])('that names two things the same at %s is refused there', (path, twice) =>
    expect(refusedAt(changed(twice))).toBe(
      `This toy file has a fault at ${path}: another one of the same kind has the same id. Nothing was changed.`,
    ),
  );

  it('that says it is of an older version and is not built like one is refused with that version, whatever is put where', () => {
    for (let version = 1; version < 15; version++)
      for (const wrong of [7, 'x', {}, null, [7], [null], [{}]])
        for (const list of ['parts', 'features', 'joins', 'gauges', 'palette', 'settings'])
          expect(
            refusedAt(
              changed((f) => {
                f.schema = version;
                f.toy.schema = version;
                f.toy[list] = wrong;
              }),
            ),
          ).toMatch(/\.$/);
  });

  it('cut off anywhere is refused in a sentence with a way out', () => {
    const raw = exportFile(dappleFile(newId));
    for (let at = 0; at < raw.length - 2; at += 997)
      expect(refusedAt(raw.slice(0, at))).toMatch(/^This .*Nothing was changed\.$/);
  });
});
