import { looksOf, slotOfStitch, type Looks, type PartForm, type Vec3 } from '../form';
import { move, stand, turnNormal, type Placed } from '../join';
import { copyName, modelOf, slotColours, type ToyModel } from '../model';

/** Metres in a millimetre: glTF counts in metres. */
const METRES = 0.001;
/** Kinds of numbers and of buffers, as glTF 2.0 numbers them. */
const FLOAT = 5126;
const UNSIGNED_INT = 5125;
const VERTICES = 34962;
const INDICES = 34963;

interface PieceMesh {
  points: Float32Array;
  normals: Float32Array;
  /** those of one yarn, #rrggbb, one after the other */
  triangles: { yarn: string; points: Uint32Array }[];
}

/** The colour slot of a triangle of some looks, counted from 0: of that stitch at its corners that is worked last. */
function slotOfTriangle(form: PartForm, looks: Looks, triangle: number): number {
  const stitch = Math.max(...[0, 1, 2].map((k) => looks.stitchOf[looks.triangles[3 * triangle + k]]));
  return stitch < 0 ? 0 : slotOfStitch(form, looks, stitch);
}

/** One piece as lists of numbers: positions in metres, y up, the face towards +z; normals; triangles. Only points that a triangle has. */
function meshOf(piece: Placed, model: ToyModel): PieceMesh {
  const looks = looksOf(piece.form, modelOf(model, piece.part).fill, 'relaxed');
  const used = [...new Set(looks.triangles)];
  const number = new Map(used.map((was, now) => [was, now]));
  const points = new Float32Array(3 * used.length);
  const normals = new Float32Array(3 * used.length);
  used.forEach((was, now) => {
    const at = (list: Float32Array): Vec3 => [list[3 * was], list[3 * was + 1], list[3 * was + 2]];
    const normal = turnNormal(piece.placement, at(looks.points), at(looks.normals));
    const length = Math.hypot(...normal) || 1;
    points.set(
      move(piece.placement, at(looks.points)).map((mm) => mm * METRES),
      3 * now,
    );
    normals.set(
      normal.map((c) => c / length),
      3 * now,
    );
  });
  // Right-handed work is wound the other way about its axis.
  const order = piece.form.direction < 0 ? [0, 2, 1] : [0, 1, 2];
  const yarns = slotColours(model, piece.part, piece.copy, piece.form.fabric.colours);
  const ofYarn = new Map<string, number[]>();
  for (let t = 0; t < looks.triangles.length / 3; t++) {
    const yarn = yarns[slotOfTriangle(piece.form, looks, t)] ?? yarns[0];
    const own = ofYarn.get(yarn) ?? [];
    ofYarn.set(yarn, own);
    own.push(...order.map((k) => number.get(looks.triangles[3 * t + k])!));
  }
  const triangles = [...ofYarn].map(([yarn, list]) => ({ yarn, points: Uint32Array.from(list) }));
  return { points, normals, triangles };
}

/** Least and most of each coordinate, as glTF asks for of positions. */
function reachOf(points: Float32Array): { min: number[]; max: number[] } {
  const [min, max] = [
    [Infinity, Infinity, Infinity],
    [-Infinity, -Infinity, -Infinity],
  ];
  for (let k = 0; k < points.length; k++) {
    min[k % 3] = Math.min(min[k % 3], points[k]);
    max[k % 3] = Math.max(max[k % 3], points[k]);
  }
  return { min, max };
}

/** A colour #rrggbb as light, which is how glTF counts it (sRGB's own curve, IEC 61966-2-1). */
const lightOf = (colour: string): number[] =>
  [1, 3, 5].map((k) => {
    const c = Number.parseInt(colour.slice(k, k + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  });

/** Yarn of a colour as glTF's material. */
const yarnIn = (colour: string) => ({
  name: colour,
  doubleSided: true,
  pbrMetallicRoughness: {
    baseColorFactor: [...lightOf(colour), 1],
    metallicFactor: 0,
    roughnessFactor: 1,
  },
});

/**
 * The fabric of a toy as glTF 2.0 in one file: one mesh a piece, stitches of one yarn in its colour, metres, y up, the face towards +z. What no join holds stands
 * at the origin by itself. Looks: no stated number is read from it.
 */
export function gltfOf(model: ToyModel): string {
  const pieces: Placed[] = [...model.placed, ...model.loose.map((piece) => stand(piece))];
  const bytes: Uint8Array[] = [];
  const bufferViews: object[] = [];
  const accessors: object[] = [];
  let offset = 0;
  const put = (data: Float32Array | Uint32Array, target: number, accessor: object): number => {
    bytes.push(new Uint8Array(data.buffer, data.byteOffset, data.byteLength));
    bufferViews.push({ buffer: 0, byteOffset: offset, byteLength: data.byteLength, target });
    offset += data.byteLength;
    return accessors.push({ bufferView: bufferViews.length - 1, ...accessor }) - 1;
  };
  const colours: string[] = [];
  const materialOf = (yarn: string): number => {
    const known = colours.indexOf(yarn);
    return known < 0 ? colours.push(yarn) - 1 : known;
  };
  const meshes = pieces.map((piece) => {
    const { points, normals, triangles } = meshOf(piece, model);
    const each = { componentType: FLOAT, count: points.length / 3, type: 'VEC3' };
    const attributes = {
      POSITION: put(points, VERTICES, { ...each, ...reachOf(points) }),
      NORMAL: put(normals, VERTICES, each),
    };
    return {
      name: copyName(modelOf(model, piece.part), piece.copy),
      primitives: triangles.map(({ yarn, points: list }) => {
        const indices = { componentType: UNSIGNED_INT, count: list.length, type: 'SCALAR' };
        return { attributes, indices: put(list, INDICES, indices), material: materialOf(yarn) };
      }),
    };
  });
  const document = {
    asset: { version: '2.0', generator: 'Hoppla' },
    scene: 0,
    scenes: [{ name: model.toy.name, nodes: meshes.map((_, k) => k) }],
    nodes: meshes.map((m, k) => ({ name: m.name, mesh: k })),
    meshes,
    materials: colours.map(yarnIn),
    accessors,
    bufferViews,
    buffers: [{ byteLength: offset, uri: `data:application/octet-stream;base64,${base64(bytes)}` }],
  };
  return `${JSON.stringify(document)}\n`;
}

/** As much as is turned into letters at once. */
const CHUNK = 0x6000;

/** Bytes one after the other as base64. */
function base64(parts: readonly Uint8Array[]): string {
  const all = new Uint8Array(parts.reduce((sum, p) => sum + p.length, 0));
  parts.reduce((at, p) => (all.set(p, at), at + p.length), 0);
  let letters = '';
  // Chunks of a length that three divides join without padding between them.
  for (let k = 0; k < all.length; k += CHUNK)
    letters += btoa(String.fromCharCode(...all.subarray(k, k + CHUNK)));
  return letters;
}
