import { View } from 'react-native';
import { usePalette } from '../theme';

const LOUPE_PX = 132;

/** What lies under the finger, larger and above it. */
export function Loupe({
  canvas,
  at,
  width,
  height,
}: {
  canvas: React.RefObject<HTMLCanvasElement | null>;
  at: { x: number; y: number } | null;
  width: number;
  height: number;
}) {
  const c = usePalette();
  // Above the finger, or beside it where the mat is low.
  const above = at !== null && at.y > LOUPE_PX + 40;
  const left = !at
    ? 0
    : above
      ? Math.max(4, Math.min(width - LOUPE_PX - 4, at.x - LOUPE_PX / 2))
      : at.x > width / 2
        ? at.x - LOUPE_PX - 46
        : at.x + 46;
  const top = !at
    ? 0
    : above
      ? at.y - LOUPE_PX - 34
      : Math.max(2, Math.min(height - LOUPE_PX - 40, at.y - LOUPE_PX / 2));
  return (
    <View
      pointerEvents="none"
      style={{
        position: 'absolute',
        left,
        top,
        width: LOUPE_PX,
        height: LOUPE_PX,
        borderRadius: LOUPE_PX / 2,
        overflow: 'hidden',
        borderWidth: 3,
        borderColor: c.tape,
        backgroundColor: c.mat,
        display: at ? 'flex' : 'none',
      }}
    >
      <canvas
        ref={canvas}
        width={LOUPE_PX * 2}
        height={LOUPE_PX * 2}
        style={{ width: LOUPE_PX, height: LOUPE_PX }}
        aria-hidden
      />
      <View
        style={{
          position: 'absolute',
          left: LOUPE_PX / 2 - 9,
          top: LOUPE_PX / 2 - 9,
          width: 12,
          height: 12,
          borderRadius: 6,
          borderWidth: 2,
          borderColor: c.pinMat,
        }}
      />
    </View>
  );
}
