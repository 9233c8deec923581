import {
  BufferAttribute,
  BufferGeometry,
  Color,
  CustomBlending,
  DoubleSide,
  MeshBasicMaterial,
  NotEqualStencilFunc,
  OneFactor,
  OneMinusSrcAlphaFactor,
  ReplaceStencilOp,
  ShaderMaterial,
  SrcAlphaFactor,
} from 'three';

/** How finely a leg of yarn is made: along it and across it. */
export const DETAIL = {
  fine: { along: 7, across: 5 },
  coarse: { along: 4, across: 2 },
  least: { along: 2, across: 2 },
} as const;
export type Detail = keyof typeof DETAIL;

/**
 * One leg of a stitch: a plump lens along x from 0 to 1, across y from -1 to 1, out along z. It dives into the fabric at
 * both ends. `uv` runs along and across it.
 */
export function legGeometry({ along, across }: { along: number; across: number }): BufferGeometry {
  const position: number[] = [];
  const normal: number[] = [];
  const uv: number[] = [];
  const index: number[] = [];
  for (let i = 0; i <= along; i++) {
    const u = i / along;
    const wide = Math.max(0.16, Math.sin(Math.PI * (0.06 + 0.88 * u)) ** 0.6);
    const lift = 0.55 * Math.sin(Math.PI * (0.1 + 0.8 * u)) - 0.35;
    for (let j = 0; j <= across; j++) {
      const v = (2 * j) / across - 1;
      const angle = (v * Math.PI) / 2;
      position.push(u, wide * Math.sin(angle), lift + wide * 0.95 * Math.cos(angle));
      const slope = -0.9 * Math.cos(Math.PI * (0.06 + 0.88 * u));
      normal.push(0.35 * slope, Math.sin(angle), Math.cos(angle) + 0.05);
      uv.push(u, v);
      if (i < along && j < across) {
        const a = i * (across + 1) + j;
        index.push(a, a + across + 1, a + 1, a + 1, a + across + 1, a + across + 2);
      }
    }
  }
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(Float32Array.from(position), 3));
  geometry.setAttribute('normal', new BufferAttribute(Float32Array.from(normal), 3));
  geometry.setAttribute('uv', new BufferAttribute(Float32Array.from(uv), 2));
  geometry.setIndex(index);
  return geometry;
}

/** Where the light comes from, in the viewer's frame: over the left shoulder. */
const LIGHT = 'normalize(vec3(-0.46, 0.62, 0.64))';
/** A cut takes away what is nearer to the viewer than `cutDepth` mm. */
const CUT = 'if (vDepth > cutDepth) discard;';

/** Points as they are, with the way out of them and how near they are to the viewer. */
const PLAIN_VERTEX = `
  varying vec3 vNormal2; varying float vDepth;
  void main() {
    vNormal2 = normalize(normalMatrix * normal);
    vec4 p = modelViewMatrix * vec4(position, 1.0);
    vDepth = p.z;
    gl_Position = projectionMatrix * p;
  }`;

/** Yarn under soft light: two plies twisted along each leg, darker where it dives into the fabric. */
export function yarnMaterial(): ShaderMaterial {
  return new ShaderMaterial({
    side: DoubleSide,
    uniforms: { cutDepth: { value: 1e6 } },
    vertexShader: `
      varying vec3 vNormal2; varying vec3 vColour; varying vec2 vUv; varying float vDepth; varying float vHigh;
      void main() {
        mat3 m = mat3(instanceMatrix);
        vec3 n = m * (normal / vec3(dot(m[0], m[0]), dot(m[1], m[1]), dot(m[2], m[2])));
        vNormal2 = normalize(normalMatrix * n);
        vColour = instanceColor;
        vUv = uv;
        vHigh = position.z;
        vec4 p = modelViewMatrix * instanceMatrix * vec4(position, 1.0);
        vDepth = p.z;
        gl_Position = projectionMatrix * p;
      }`,
    fragmentShader: `
      uniform float cutDepth;
      varying vec3 vNormal2; varying vec3 vColour; varying vec2 vUv; varying float vDepth; varying float vHigh;
      void main() {
        ${CUT}
        vec3 n = normalize(vNormal2) * (gl_FrontFacing ? 1.0 : -1.0);
        float key = dot(n, ${LIGHT});
        float soft = 0.5 + 0.5 * key;
        float light = 0.30 + 0.34 * soft + 0.42 * max(key, 0.0);
        // Plies of the yarn run slantwise along the leg.
        float ply = sin(6.2832 * (vUv.x * 2.6 + vUv.y * 0.75));
        light *= 1.0 + 0.07 * ply;
        light *= mix(0.52, 1.0, smoothstep(-0.2, 0.75, vHigh));
        light *= gl_FrontFacing ? 1.0 : 0.55;
        vec3 c = vColour * light + vec3(0.05) * pow(max(n.z, 0.0) * max(key, 0.0), 3.0);
        // A little fuzz lightens the rim.
        c += vColour * 0.16 * pow(1.0 - abs(n.z), 3.0) * soft;
        gl_FragColor = vec4(c, 1.0);
      }`,
  });
}

/** What lies between and behind the legs: the same yarn in shade; `bare` while the legs are left out. */
export function groundMaterial(colour: string): ShaderMaterial {
  return new ShaderMaterial({
    side: DoubleSide,
    uniforms: { cutDepth: { value: 1e6 }, colour: { value: rgb(colour) }, bare: { value: 0 } },
    vertexShader: PLAIN_VERTEX,
    fragmentShader: `
      uniform float cutDepth; uniform vec3 colour; uniform float bare;
      varying vec3 vNormal2; varying float vDepth;
      void main() {
        ${CUT}
        vec3 n = normalize(vNormal2);
        float inside = n.z < 0.0 ? 0.62 : 0.40 + 0.34 * bare;
        gl_FragColor = vec4(colour * (inside + 0.16 * dot(n.z < 0.0 ? -n : n, ${LIGHT})), 1.0);
      }`,
  });
}

/** An eye of glossy plastic: a dome with its light. */
export function glossMaterial(colour: string): ShaderMaterial {
  return new ShaderMaterial({
    uniforms: { cutDepth: { value: 1e6 }, colour: { value: rgb(colour) } },
    vertexShader: PLAIN_VERTEX,
    fragmentShader: `
      uniform float cutDepth; uniform vec3 colour;
      varying vec3 vNormal2; varying float vDepth;
      void main() {
        ${CUT}
        vec3 n = normalize(vNormal2);
        float shine = smoothstep(0.93, 0.955, dot(n, normalize(vec3(-0.42, 0.52, 0.75))));
        float edge = pow(1.0 - max(n.z, 0.0), 2.5);
        float below = smoothstep(0.80, 0.9, dot(n, normalize(vec3(0.3, -0.55, 0.6)))) * 0.22;
        gl_FragColor = vec4(colour * (0.55 + 0.3 * n.y) + vec3(0.30, 0.38, 0.42) * edge * 0.5 + vec3(0.32, 0.42, 0.5) * below + vec3(0.95) * shine, 1.0);
      }`,
  });
}

/** One layer of the shadow on the mat: every px of it is darkened once. Drawn with what is not transparent, and first. */
export function shadowMaterial(layer: number, opacity: number): MeshBasicMaterial {
  return new MeshBasicMaterial({
    color: rgb('#03120f'),
    opacity,
    blending: CustomBlending,
    blendSrc: SrcAlphaFactor,
    blendDst: OneMinusSrcAlphaFactor,
    blendSrcAlpha: OneFactor,
    blendDstAlpha: OneMinusSrcAlphaFactor,
    side: DoubleSide,
    depthTest: false,
    depthWrite: false,
    stencilWrite: true,
    stencilRef: layer,
    stencilFunc: NotEqualStencilFunc,
    stencilZPass: ReplaceStencilOp,
  });
}

/** Channels 0 to 1 as they are on the screen: the stage mixes colours as the interface does. */
export function rgb(colour: string): Color {
  const value = Number.parseInt(colour.slice(1), 16);
  return new Color((value >> 16) / 255, ((value >> 8) & 255) / 255, (value & 255) / 255);
}
