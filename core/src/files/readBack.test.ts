import Papa from 'papaparse';
import { GLTFLoader } from 'three/examples/jsm/loaders/GLTFLoader.js';
import { OBJLoader } from 'three/examples/jsm/loaders/OBJLoader.js';
import { Box3, Group, Mesh, type Object3D, Vector3 } from 'three';
import { dappleFile, modelToy, rillFile, rubyFile, slotColours } from '../model';
import { materialLines, materialsOf, planOf } from '../plan';
import { tick, ticksOf } from '../record';
import { addParts, newFile, newToy, rename, type ToyFile } from '../toy';
import { EXPORT_IDS, EXPORTS } from './index';
import { csvOf } from './csv';

/** Its loader tells how far it is by an event that only browsers know. */
(globalThis as { ProgressEvent?: unknown }).ProgressEvent ??= class extends Event {};

let n = 0;
const DEMO = [rillFile, dappleFile, rubyFile].map((make) => make(() => `r${++n}`));
const rows = (text: string): string[][] => {
  const { data, errors } = Papa.parse<string[]>(text, { skipEmptyLines: true });
  expect(errors).toEqual([]);
  return data;
};
const sizeOf = (group: Group): number[] => {
  const size = new Box3().setFromObject(group).getSize(new Vector3());
  return [size.x, size.y, size.z];
};

/** How many triangles are in each colour. */
const trianglesIn = (group: Object3D): Map<string, number> => {
  const seen = new Map<string, number>();
  group.traverse((o) => {
    if (!(o instanceof Mesh)) return;
    const colour = `#${(o.material as unknown as { color: { getHexString(): string } }).color.getHexString()}`;
    seen.set(colour, (seen.get(colour) ?? 0) + o.geometry.index!.count / 3);
  });
  return seen;
};

describe('what others read back', () => {
  it.each(DEMO.map((f) => [f.toy.name, f] as const))(
    '%s as glTF and as OBJ: the same pieces and the same size, in metres and millimetres, in their yarns',
    async (_, file: ToyFile) => {
      const model = modelToy(file.toy);
      const [{ text }] = EXPORTS.gltf.files(model);
      const { scene } = await new GLTFLoader().parseAsync(text, '');
      const [{ text: obj }] = EXPORTS.obj.files(model);
      const other = new OBJLoader().parse(obj);
      const pieces = model.placed.length + model.loose.length;
      expect([scene.children.length, other.children.length]).toEqual([pieces, pieces]);
      sizeOf(other).forEach((mm, k) => expect(sizeOf(scene)[k] * 1000).toBeCloseTo(mm, 1));
      const all = [...model.placed, ...model.loose];
      const worked = all.map(({ part, copy, form: { fabric } }) => {
        const yarns = slotColours(model, part, copy, fabric.colours);
        return new Set([...fabric.colour].map((slot) => yarns[slot]));
      });
      expect(scene.children.map((piece) => new Set(trianglesIn(piece).keys()))).toEqual(worked);
    },
  );

  it('glTF: what is worked in two yarns has its triangles in both, as many as its stitches', async () => {
    const page = 'Ball (sand)\nR1: 6 sc in ring\nR2: inc x6\nR3: sc around\nR4-6: with brown sc around';
    const model = modelToy(
      addParts(
        newToy('Ball', () => `r${++n}`),
        page,
        () => `r${++n}`,
      ),
    );
    const { scene } = await new GLTFLoader().parseAsync(EXPORTS.gltf.files(model)[0].text, '');
    const yarn = (slot: string) => model.toy.palette.find((y) => y.slot === slot)!.colour;
    // Two triangles a stitch: 36 of brown; of sand 12 in R3, and of R2 one to each and one to each below; six close the ring.
    expect(trianglesIn(scene)).toEqual(
      new Map([
        [yarn('sand'), 24 + 18 + 6],
        [yarn('brown'), 72],
      ]),
    );
  });

  it('a line end in a name writes no lines of its own into an OBJ', () => {
    const { toy } = DEMO[0];
    const plain = EXPORTS.obj.files(modelToy(rename(toy, 'Rill v 1 2 3 f 1 2 3')))[0].text;
    for (const end of ['\n', '\r\n', '\u2028', '\u0085', '\v']) {
      const [{ text }] = EXPORTS.obj.files(modelToy(rename(toy, `Rill${end}v 1 2 3${end}f 1 2 3`)));
      expect(text).toBe(plain);
    }
  });

  it('tables: a row a thing and a row a tick, what is done is told', () => {
    const [file] = DEMO;
    const model = modelToy(file.toy);
    const ticks = ticksOf(planOf(model));
    const log = ticks.slice(0, 3).map((t) => ({ ...tick(t), at: null }));
    const [materials, steps, tests] = EXPORTS.csv
      .files(model, { ...newFile(file.toy), log })
      .map((f) => rows(f.text));
    const lines = materialLines(model, materialsOf(model, planOf(model)));
    expect(materials.slice(1).map((r) => r[1])).toEqual(lines.map((l) => l.name));
    expect(steps).toHaveLength(ticks.length + 1);
    expect(steps.slice(1).filter((r) => r[6] === 'done')).toHaveLength(3);
    const minutes = steps.slice(1).reduce((sum, r) => sum + Number(r[5]), 0);
    expect(minutes).toBeCloseTo(planOf(model).totals.minutes, -1);
    expect(tests).toHaveLength(1);
    for (const table of [materials, steps, tests]) expect(new Set(table.map((r) => r.length)).size).toBe(1);
  });

  it('cells come back as they were, but for what a table program would run', () => {
    const odd = ['a "b", c', 'line\nend', '=1+1', '+2', '-3.5', '@me', '-- note', '', 'Änne'];
    expect(Papa.parse<string[]>(csvOf([odd])).data[0]).toEqual([
      'a "b", c',
      'line\nend',
      "'=1+1",
      "'+2",
      '-3.5',
      "'@me",
      "'-- note",
      '',
      'Änne',
    ]);
  });

  it('every format of the list gives something of every demo toy; a name with signs, tags and line ends breaks none', () => {
    const evil = '</style><script>x</script> "a" \n v 1 2 3 \\';
    for (const id of EXPORT_IDS)
      for (const file of DEMO) {
        const model = modelToy(rename(file.toy, evil));
        for (const { text } of EXPORTS[id].files(
          model,
          { ...file, toy: model.toy },
          '2026-11-28T08:00:00.000Z',
        )) {
          expect(text.length).toBeGreaterThan(20);
          expect(text).not.toMatch(/NaN|undefined|\[object/);
          if (['html', 'svg', 'card', 'cut', 'lanes', 'shopping'].includes(id))
            expect(text).not.toContain('<script');
          if (id === 'obj') expect(text.match(/^v 1 2 3/m)).toBeNull();
        }
      }
  });
});
