import { modelToy, rill } from '../model';
import { lanesOf, planOf } from './index';

let n = 0;
const model = modelToy(rill(() => `i${++n}`));
const { rows, lanes } = lanesOf(model, planOf(model));

describe('lanes of the otter', () => {
  it('tells copies with the first one, and every other step once', () => {
    expect(rows.filter((r) => /^Ear × 2 R1/.test(r.title))).toHaveLength(1);
    expect(rows.some((r) => / 2 (R1|to)/.test(r.title) && !/×/.test(r.title))).toBe(false);
    expect(new Set(rows.map((r) => r.key)).size).toBe(rows.length);
  });
  it('gives every part a strand from its ring to its seam, parked in between, and never two parts one lane', () => {
    for (const row of rows) expect(new Set(row.strands.map((s) => s.lane)).size).toBe(row.strands.length);
    const snout = rows.findIndex((r) => r.title.startsWith('Snout'));
    const lane = rows[snout].lane;
    const sewn = rows.findIndex((r) => r.title === 'Sew the snout to the head');
    expect(rows[sewn].joins?.lane).toBe(lane);
    for (let i = snout; i < sewn; i++) expect(rows[i].strands.some((s) => s.lane === lane)).toBe(true);
    expect(rows[sewn - 1].strands.find((s) => s.lane === lane)?.state).toBe('parked');
    expect(rows[sewn + 1].strands.some((s) => s.lane === lane)).toBe(false);
  });
  it('has one band, at the pause for the eyes, and no more lanes than parts', () => {
    expect(rows.filter((r) => r.band).map((r) => r.sign)).toEqual(['pause']);
    expect(lanes).toBeLessThanOrEqual(model.parts.length);
  });
});
