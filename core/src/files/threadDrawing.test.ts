import { newStitching, type StitchWork } from '../feature';
import { headOf, marksOn, modelToy, rill, stitchings } from '../model';
import { setFeature, type Toy } from '../toy';
import { faceMapHtml, faceMapSvgs } from './index';

let n = 0;
const newId = () => `t${++n}`;
/** Rill with things stitched on his head. */
function stitched(...works: StitchWork[]): Toy {
  return works.reduce((toy, work) => {
    const model = modelToy(toy);
    const head = model.parts.find((p) => p.name === 'Head')!;
    const ids = { id: newId(), name: work, colour: '#33231d', part: head.part.id, copy: null };
    return setFeature(toy, newStitching(headOf(model, head), marksOn(model, head), ids, work));
  }, rill(newId));
}
const part = (toy: Toy) => modelToy(toy).parts.find((p) => p.name === 'Head')!.part.id;
const paths = (svg: string) =>
  [...svg.matchAll(/data-thread="1" d="([^"]+)"/g)].map(([, d]) =>
    d
      .split(/[ML]/)
      .slice(1)
      .map((p) => p.trim().split(' ').map(Number)),
  );

describe('what is stitched, on paper', () => {
  const toy = stitched('mouth V', 'brows');
  const html = faceMapHtml(modelToy(toy), part(toy))!;
  const [map, transfer] = [...html.matchAll(/<svg[^]*?<\/svg>/g)]
    .map(([s]) => s)
    .filter((s) => s.includes('data-thread'));

  it('the map shows every stretch in true size: as long as it is seen from the front', () => {
    expect(faceMapSvgs(modelToy(toy))[0].svg).toContain('data-thread');
    // A V of two legs and two brows.
    expect(paths(map)).toHaveLength(4);
    const { sides } = stitchings(modelToy(toy)).find((s) => s.feature.name === 'brows')!;
    const long = (p: number[][]) => Math.hypot(p[p.length - 1][0] - p[0][0], p[p.length - 1][1] - p[0][1]);
    // From the front a brow is shorter than over the fabric, never longer.
    paths(map)
      .slice(2)
      .forEach((p, k) => {
        expect(long(p)).toBeLessThanOrEqual(sides[k].mm + 1e-6);
        expect(long(p)).toBeGreaterThan(0.6 * sides[k].mm);
      });
  });

  it('the sheet to trace from behind is its mirror image, at the same scale, with both eyes as crosses', () => {
    const shape = (all: number[][][]) => {
      const [x0, y0] = all[0][0];
      return all.flat().map(([x, y]) => [x - x0, y - y0]);
    };
    const [seen, traced] = [shape(paths(map)), shape(paths(transfer))];
    expect(traced).toHaveLength(seen.length);
    traced.forEach(([x, y], i) => {
      expect(x).toBeCloseTo(-seen[i][0], 2);
      expect(y).toBeCloseTo(seen[i][1], 2);
    });
    expect(transfer.match(/data-eye/g)).toHaveLength(2);
    expect(transfer).toContain('50 mm');
  });

  it('says where every end goes in, by tag and in words, and the thread; without stitches there is no such sheet', () => {
    expect(html).toMatch(
      /mouth V: R\d+(·\d+)? \| \d+(·\d+)? \([\d½]+ stitch(es)? inside the left eye, 1 round lower\) → /,
    );
    expect(html).toMatch(/brows, other side: /);
    expect(html).toMatch(/2 strands of yarn, cut \d+ cm/);
    const bare = rill(newId);
    expect(faceMapHtml(modelToy(bare), part(bare))).not.toMatch(/trace from behind|data-thread/);
  });
});
