import { modelToy } from '../model';
import { addParts, newToy } from '../toy';
import { flatEdge, gaugeFromEdge, largerBy } from './index';

let n = 0;
const newId = () => `m${++n}`;
const toy = addParts(
  newToy('M', newId),
  'Ball (rust, 3.0 mm hook)\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4-12: sc around (18)\nR13: dec x9 (9)',
  newId,
);
const [part] = modelToy(toy).parts;

describe('as it is made', () => {
  it('an edge of 18 stitches of w mm lies 9 w wide; measured 8 % wider, the stitch is 8 % wider', () => {
    const w = part.gauge.stitchMm;
    expect(flatEdge(part, 2).mm).toBeCloseTo(9 * w, 9);
    expect(largerBy(part, 2, 9 * w * 1.08)).toBeCloseTo(8, 9);
    const found = gaugeFromEdge(part, toy.gauges[0], 2, 9 * w * 1.08);
    expect(found.fault).toBeUndefined();
    expect('change' in found && found.change.stitchMm).toBeCloseTo(w * 1.08, 6);
    // What cannot be is told and not used.
    expect(gaugeFromEdge(part, toy.gauges[0], 2, 900).fault).toBeDefined();
  });
});
