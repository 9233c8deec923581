import type { Projection } from '@hoppla/core/picture';
import {
  BufferAttribute,
  BufferGeometry,
  Group,
  InstancedBufferAttribute,
  InstancedMesh,
  LinearSRGBColorSpace,
  Mesh,
  Scene,
  WebGLRenderer,
  type ShaderMaterial,
} from 'three';
import { legMatrix } from '@hoppla/core/form';
import type { Shown } from '../shown';
import { cloth, feltRound, outline, plastic, type Paint } from './dress';
import { along, satin, type Stroke } from './strokes';
import {
  DETAIL,
  glossMaterial,
  groundMaterial,
  legGeometry,
  rgb,
  shadowMaterial,
  yarnMaterial,
  type Detail,
} from './yarn';
import { INSET, detailAt, cameraOf, matrixOf } from './camera';
import { type Tint, yarnColours, mainSlot } from './yarnTint';

/** How hurried a picture is: in full, with the fewest faces and no shadow, or the fabric alone without its legs. */
export type Haste = 0 | 1 | 2;

/** The shadow on the mat: layers one under the other, each so far on, mm. */
const SHADOW = { layers: 5, stepMm: [0.75, -1.45] as const };

/** Brightness of stitches differs by so much either way, the same each time. */
export const JITTER = 0.05;

/** A picture that is not there after so long is slow enough. */
const WAIT_MS = 2000;

interface Drawn {
  shown: Shown;
  group: Group;
  dress: Group;
  shadows: Mesh[];
  legs: InstancedMesh;
  base: Float32Array;
  detail: Detail;
  tint: Tint | null;
}

/** The toy in three dimensions on a canvas of its own. Draws when it is asked to. */
export class Drawing {
  private readonly renderer: WebGLRenderer;
  private readonly scene = new Scene();
  private readonly root = new Group();
  private readonly shadows = Array.from({ length: SHADOW.layers }, () => new Group());
  private readonly shade = Array.from({ length: SHADOW.layers }, (_, k) =>
    shadowMaterial(k + 1, 1 / (SHADOW.layers * 2.2)),
  );
  private readonly yarn = yarnMaterial();
  private readonly geometry = {
    fine: legGeometry(DETAIL.fine),
    coarse: legGeometry(DETAIL.coarse),
    least: legGeometry(DETAIL.least),
  };
  /** Eyes are put on anew with every step they are moved: their paint stays, as a browser takes long to make it. */
  private readonly paints = new Map<string, ShaderMaterial>();
  private drawn = new Map<string, Drawn>();

  /** @throws when the browser has no graphics for it */
  constructor(readonly canvas: HTMLCanvasElement) {
    const context = canvas.getContext('webgl2', {
      alpha: true,
      antialias: devicePixelRatio < 2,
      stencil: true,
    });
    if (!context) throw new Error('no graphics');
    this.renderer = new WebGLRenderer({ canvas, context });
    // Asking whether a shader is ready would wait for it.
    this.renderer.debug.checkShaderErrors = false;
    this.renderer.outputColorSpace = LinearSRGBColorSpace;
    this.renderer.setClearColor(0, 0);
    this.root.matrixAutoUpdate = false;
    this.scene.add(this.root);
    this.shadows.forEach((layer, k) => {
      layer.matrixAutoUpdate = false;
      layer.renderOrder = k - SHADOW.layers;
      this.scene.add(layer);
    });
    this.scene.matrixWorldAutoUpdate = true;
  }

  /** Takes the pieces; those that did not change are kept. */
  show(pieces: readonly Shown[], pxPerMm: number, haste: Haste): void {
    for (const layer of this.shadows) layer.visible = haste === 0;
    const next = new Map<string, Drawn>();
    for (const shown of pieces) {
      const detail = haste
        ? 'least'
        : detailAt(shown.placed.form.gauge.stitchMm * pxPerMm * devicePixelRatio);
      const known = this.drawn.get(shown.key);
      const same =
        known && known.shown.looks === shown.looks && known.shown.colours.join() === shown.colours.join();
      const drawn = same ? known : this.build(shown, detail);
      if (same) this.drawn.delete(shown.key);
      if (!same || known.shown.dress !== shown.dress) this.putOn(drawn, shown, detail);
      drawn.shown = shown;
      if (drawn.detail !== detail) {
        drawn.detail = detail;
        drawn.legs.geometry = this.geometry[detail];
      }
      drawn.group.matrix.copy(matrixOf(shown.placed.placement.rows, shown.placed.placement.shift));
      for (const shadow of drawn.shadows) shadow.matrix.copy(drawn.group.matrix);
      this.cutOff(drawn);
      drawn.legs.visible = haste < 2;
      ((drawn.group.children[0] as Mesh).material as ShaderMaterial).uniforms.bare.value = haste < 2 ? 0 : 1;
      next.set(shown.key, drawn);
    }
    for (const old of this.drawn.values()) this.drop(old);
    this.drawn = next;
  }

  /** Colours the stitches of a piece that mean something. */
  tint(key: string, tint: Tint | null): void {
    const drawn = this.drawn.get(key);
    if (!drawn || (drawn.tint === null && tint === null)) return;
    drawn.tint = tint;
    const { legs, base, shown } = drawn;
    const colours = legs.instanceColor!;
    const out = colours.array as Float32Array;
    out.set(base);
    if (tint) {
      const seen = new Map<string, { r: number; g: number; b: number }>();
      let last = -1;
      let wanted: ReturnType<Tint> = null;
      for (let k = 0; k < shown.looks.legOf.length; k++) {
        const stitch = shown.looks.legOf[k];
        if (stitch !== last) wanted = tint((last = stitch));
        if (!wanted) continue;
        let c = seen.get(wanted.colour);
        if (!c) seen.set(wanted.colour, (c = rgb(wanted.colour)));
        out[3 * k] += (c.r - out[3 * k]) * wanted.share;
        out[3 * k + 1] += (c.g - out[3 * k + 1]) * wanted.share;
        out[3 * k + 2] += (c.b - out[3 * k + 2]) * wanted.share;
      }
    }
    colours.needsUpdate = true;
  }

  /** Draws once. `cutDepth` mm from the pivot towards the viewer is where a cut begins. */
  render(projection: Projection, width: number, height: number, cutDepth: number): void {
    const ratio = Math.min(devicePixelRatio, 2, 4096 / Math.max(width, 1));
    if (this.renderer.getPixelRatio() !== ratio) this.renderer.setPixelRatio(ratio);
    if (this.canvas.width !== Math.floor(width * ratio) || this.canvas.height !== Math.floor(height * ratio))
      this.renderer.setSize(width, height, false);
    const { camera, world } = cameraOf(projection, width, height);
    this.root.matrix.copy(world);
    this.root.matrixWorldNeedsUpdate = true;
    this.shadows.forEach((layer, k) => {
      // What is cut away casts none.
      if (cutDepth < 1e5) layer.visible = false;
      layer.matrix
        .makeTranslation((k + 1) * SHADOW.stepMm[0], (k + 1) * SHADOW.stepMm[1], -1000)
        .multiply(world);
      layer.matrixWorldNeedsUpdate = true;
    });
    this.root.traverse((o) => {
      const uniforms = ((o as Mesh).material as ShaderMaterial | undefined)?.uniforms;
      if (uniforms?.cutDepth) uniforms.cutDepth.value = cutDepth;
    });
    this.renderer.render(this.scene, camera);
  }

  /** Tells when the last picture has really been drawn, and how many ms that took; frames alone do not tell, as pictures queue up behind them. */
  drawnIn(tell: (ms: number) => void): void {
    const gl = this.renderer.getContext() as WebGL2RenderingContext;
    const began = performance.now();
    const sync = gl.fenceSync(gl.SYNC_GPU_COMMANDS_COMPLETE, 0);
    if (!sync) return;
    gl.flush();
    const look = (): void => {
      const ms = performance.now() - began;
      if (ms < WAIT_MS && !gl.isContextLost() && gl.getSyncParameter(sync, gl.SYNC_STATUS) !== gl.SIGNALED) {
        setTimeout(look, 8);
        return;
      }
      gl.deleteSync(sync);
      tell(ms);
    };
    setTimeout(look, 0);
  }

  /** Faces and calls of the last picture. */
  get cost(): { triangles: number; calls: number } {
    return { triangles: this.renderer.info.render.triangles, calls: this.renderer.info.render.calls };
  }

  dispose(): void {
    for (const old of this.drawn.values()) this.drop(old);
    for (const geometry of Object.values(this.geometry)) geometry.dispose();
    this.yarn.dispose();
    for (const material of this.paints.values()) material.dispose();
    for (const material of this.shade) material.dispose();
    this.renderer.dispose();
    this.renderer.forceContextLoss();
  }

  private build(shown: Shown, detail: Detail): Drawn {
    const group = new Group();
    group.matrixAutoUpdate = false;
    const { looks } = shown;
    const base = yarnColours(shown);
    const legs = this.strokes(looks.legs, looks.legOf.length, base.slice(), detail);
    const ground = new BufferGeometry();
    const inset = INSET * shown.placed.form.gauge.stitchMm;
    ground.setAttribute(
      'position',
      new BufferAttribute(
        looks.points.map((v, k) => v - inset * looks.normals[k]),
        3,
      ),
    );
    ground.setAttribute('normal', new BufferAttribute(looks.normals, 3));
    ground.setIndex(new BufferAttribute(Uint32Array.from(looks.triangles), 1));
    const main = shown.colours[mainSlot(shown)] ?? '#b98d62';
    const fabric = new Mesh(ground, groundMaterial(main));
    fabric.frustumCulled = false;
    group.add(fabric, legs);
    const dress = new Group();
    group.add(dress);
    this.root.add(group);
    const shadows = this.shadows.map((layer, k) => {
      const shadow = new Mesh(ground, this.shade[k]);
      shadow.matrixAutoUpdate = false;
      shadow.frustumCulled = false;
      shadow.renderOrder = k - SHADOW.layers;
      layer.add(shadow);
      return shadow;
    });
    return { shown, group, dress, shadows, legs, base, detail, tint: null };
  }

  /** Eyes and threads: they change far more often than the fabric. */
  private putOn({ dress }: Drawn, { eyes, threads, patches }: Shown, detail: Detail): void {
    this.clear(dress);
    dress.clear();
    for (const patch of patches) dress.add(cloth(patch, this.paint));
    for (const eye of eyes) this.eye(dress, eye, detail);
    for (const { lines, colour, halfMm } of threads)
      this.sewn(
        dress,
        lines.flatMap((line) => along(line, halfMm)),
        colour,
        detail,
      );
  }

  /** Legs of yarn, a matrix each. */
  private strokes(legs: Float32Array, count: number, colours: Float32Array, detail: Detail): InstancedMesh {
    const mesh = new InstancedMesh(this.geometry[detail], this.yarn, 0);
    mesh.instanceMatrix = new InstancedBufferAttribute(legs, 16);
    mesh.count = count;
    mesh.frustumCulled = false;
    mesh.instanceColor = new InstancedBufferAttribute(colours, 3);
    return mesh;
  }

  private readonly paint: Paint = (finish, colour) => {
    const key = `${finish} ${colour}`;
    const found =
      this.paints.get(key) ?? (finish === 'gloss' ? glossMaterial(colour) : groundMaterial(colour));
    // Nothing lies on felt as yarn does on its ground.
    if (found.uniforms.bare) found.uniforms.bare.value = 1;
    this.paints.set(key, found);
    return found;
  };

  private eye(group: Group, eye: Shown['eyes'][number], detail: Detail): void {
    if (eye.felt) group.add(feltRound(eye.at, eye.normal, eye.felt, this.paint));
    if (eye.embroidered) this.sewn(group, satin(outline(eye)), eye.colour, detail);
    else group.add(...plastic(eye, this.paint));
  }

  private sewn(group: Group, strokes: readonly Stroke[], colour: string, detail: Detail): void {
    const legs: number[] = [];
    for (const s of strokes) legMatrix(s.from, s.to, s.normal, s.halfWidth, legs);
    const c = rgb(colour);
    group.add(
      this.strokes(
        Float32Array.from(legs),
        strokes.length,
        Float32Array.from(strokes.flatMap(() => [c.r, c.g, c.b])),
        detail,
      ),
    );
  }

  /** Leaves out the rounds that are not there yet. */
  private cutOff({ shown, legs, group }: Drawn): void {
    const { looks, placed } = shown;
    const rounds = Math.max(0, Math.min(shown.upTo, placed.form.fabric.rounds.length));
    const whole = rounds === placed.form.fabric.rounds.length;
    legs.count = whole ? looks.legOf.length : looks.legsTo[rounds];
    (group.children[0] as Mesh).geometry.setDrawRange(
      0,
      whole ? Infinity : 3 * looks.trianglesTo[Math.max(0, rounds - 1)],
    );
  }

  private drop(drawn: Drawn): void {
    this.root.remove(drawn.group);
    drawn.shadows.forEach((shadow, k) => this.shadows[k].remove(shadow));
    this.clear(drawn.group);
  }

  private clear(group: Group): void {
    const kept = new Set(this.paints.values());
    group.traverse((o) => {
      const mesh = o as Mesh;
      if (mesh.material && mesh.material !== this.yarn && !kept.has(mesh.material as ShaderMaterial))
        (mesh.material as ShaderMaterial).dispose();
      if (mesh.geometry && !Object.values(this.geometry).includes(mesh.geometry)) mesh.geometry.dispose();
      if (o instanceof InstancedMesh) o.dispose();
    });
  }
}
