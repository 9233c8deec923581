import { View } from 'react-native';
import { usePalette } from '../theme';

const LOUPE_PX = 132;

/** Above the finger, or beside it where the mat is low. */
function beside(at: { x: number; y: number }, width: number, height: number): { left: number; top: number } {
  if (at.y > LOUPE_PX + 40)
    return {
      left: Math.max(4, Math.min(width - LOUPE_PX - 4, at.x - LOUPE_PX / 2)),
      top: at.y - LOUPE_PX - 34,
    };
  return {
    left: at.x > width / 2 ? at.x - LOUPE_PX - 46 : at.x + 46,
    top: Math.max(2, Math.min(height - LOUPE_PX - 40, at.y - LOUPE_PX / 2)),
  };
}

/** The ring in the middle of the loupe: what is meant. */
const Spot = ({ colour }: { colour: string }) => (
  <View
    style={{
      position: 'absolute',
      left: LOUPE_PX / 2 - 9,
      top: LOUPE_PX / 2 - 9,
      width: 12,
      height: 12,
      borderRadius: 6,
      borderWidth: 2,
      borderColor: colour,
    }}
  />
);

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
  const { left, top } = at ? beside(at, width, height) : { left: 0, top: 0 };
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
      <Spot colour={c.pinMat} />
    </View>
  );
}
