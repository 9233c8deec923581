import type { Layer, Scene } from '@hoppla/core/picture';
import { memo } from 'react';
import { Circle, Ellipse, G, Path } from 'react-native-svg';

interface ToyPictureProps {
  scene: Scene;
  x: number;
  y: number;
  pxPerMm: number;
  /** without eyes and threads, while the piece is still being worked */
  bare?: boolean;
}

/** The toy in its yarn, at the scale of the mat it stands on; x, y is where its own 0, 0 stands. */
export const ToyPicture = memo(function ToyPicture({ scene, x, y, pxPerMm, bare }: ToyPictureProps) {
  return (
    <G transform={`translate(${x} ${y}) scale(${pxPerMm})`}>
      {bare ? null : (
        <Ellipse
          cx={(scene.left + scene.right) / 2 + 2}
          cy={scene.bottom}
          rx={(scene.right - scene.left) * 0.42}
          ry={2.6}
          fill="#041a17"
          opacity={0.35}
        />
      )}
      {scene.layers.map((layer) => (
        <PieceLayer key={layer.key} layer={layer} bare={bare} />
      ))}
    </G>
  );
});

const PieceLayer = memo(function PieceLayer({ layer, bare }: { layer: Layer; bare?: boolean }) {
  return (
    <G>
      <Fabric ground={layer.ground} stitches={layer.stitches} />
      {bare ? null : <Cloth layer={layer} isOver={false} />}
      {bare
        ? null
        : layer.threads.map((t) => (
            <Path
              key={t.d}
              d={t.d}
              fill="none"
              stroke={t.colour}
              strokeWidth={t.width}
              strokeLinecap="round"
              strokeLinejoin="round"
            />
          ))}
      {bare ? null : layer.eyes.map((e) => <Eye key={`${e.x},${e.y}`} {...e} />)}
      {bare ? null : <Cloth layer={layer} isOver />}
    </G>
  );
});

/** Stitch by stitch; the same while only what is on it moves. */
const Fabric = memo(function Fabric({ ground, stitches }: Pick<Layer, 'ground' | 'stitches'>) {
  return (
    <>
      {ground.map(({ d, shadow }) => (
        <Path key={d} d={d} fill={shadow} stroke={shadow} strokeWidth={0.9} strokeLinejoin="round" />
      ))}
      {stitches.map((s, i) => (
        <Path key={`${s.fill}${i}`} d={s.d} fill={s.fill} />
      ))}
    </>
  );
});

/** Cloth laid on the fabric: under eyes and thread, or over them. */
const Cloth = ({ layer, isOver }: { layer: Layer; isOver: boolean }) =>
  layer.patches
    .filter((p) => p.isOver === isOver)
    .map((p) => (
      <Path key={p.d} d={p.d} fill={p.colour} stroke="#000" strokeOpacity={0.25} strokeWidth={0.4} />
    ));

/** One eye or nose at true size: a dome with its light, or threads side by side where it is embroidered; on its felt. `tall` is its height over its width. */
export function Eye({ x, y, r, tall, felt, colour, embroidered }: Layer['eyes'][number]) {
  const rows = [-0.8, -0.4, 0, 0.4, 0.8]
    .map((k) => `M${x - r * Math.sqrt(1 - k * k)} ${y + k * r * tall}h${2 * r * Math.sqrt(1 - k * k)}`)
    .join('');
  return (
    <G>
      {felt ? <Circle cx={x} cy={y} r={felt.r} fill={felt.colour} /> : null}
      {embroidered ? (
        <Path d={rows} stroke={colour} strokeWidth={r * tall * 0.42} strokeLinecap="round" />
      ) : (
        <G>
          <Ellipse
            cx={x + r * 0.1}
            cy={y + r * 0.14}
            rx={r * 1.04}
            ry={r * tall * 1.04}
            fill="#000"
            opacity={0.35}
          />
          <Ellipse cx={x} cy={y} rx={r} ry={r * tall} fill={colour} />
          <Ellipse
            cx={x - r * 0.34}
            cy={y - r * tall * 0.36}
            rx={r * 0.24}
            ry={r * tall * 0.19}
            fill="#fff"
            opacity={0.95}
          />
          <Path
            d={`M${x - r * 0.5} ${y + r * tall * 0.55}q${r * 0.5} ${r * tall * 0.36} ${r} 0`}
            stroke="#5d7286"
            strokeWidth={r * 0.1}
            fill="none"
            strokeLinecap="round"
          />
        </G>
      )}
    </G>
  );
}
