import { G, Path, Rect } from 'react-native-svg';
import { MatText } from '../../controls';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';

/** How tall, in large; under it how far that is sure, or how much it has just changed. */
function TallNumber({
  x,
  y,
  value,
  unit,
  range,
  change,
}: {
  x: number;
  y: number;
  value: string;
  unit: string;
  range: string;
  change: string | null;
}) {
  return (
    <>
      <MatText x={x} y={y + 2} size={value.length > 3 ? 20 : 26} anchor="middle" number>
        {value}
      </MatText>
      <MatText x={x} y={y + 18} size={14} anchor="middle" weight="400">
        {unit}
      </MatText>
      <MatText
        x={x}
        y={y + 34}
        size={change === null ? 13 : 14}
        anchor="middle"
        number
        weight={change === null ? '500' : '600'}
      >
        {change === null ? range : say.parts.change(change)}
      </MatText>
    </>
  );
}

/** The height beside the part, from its lowest to its highest. */
export function Tall({
  x,
  from,
  y0,
  y1,
  value,
  unit,
  range,
  change,
  flat,
}: {
  x: number;
  from: number;
  y0: number;
  y1: number;
  value: string;
  unit: string;
  range: string;
  change: string | null;
  flat: boolean;
}) {
  const c = usePalette();
  const y = (y0 + y1) / 2;
  const moved = change !== null && Number(change) !== 0;
  return (
    <G>
      <Path
        d={`M${from} ${y0}H${x + 8}M${from} ${y1}H${x + 8}`}
        stroke={c.matInk}
        strokeWidth={1.2}
        strokeDasharray="5 4"
      />
      {flat ? null : (
        <Path
          d={`M${x} ${y0 + 1}V${y1 - 1}M${x - 5} ${y0 + 8}l5-7 5 7M${x - 5} ${y1 - 8}l5 7 5-7`}
          stroke={c.matInk}
          strokeWidth={1.5}
          fill="none"
        />
      )}
      <Rect x={x - 24} y={y - 20} width={48} height={26} fill={c.mat} />
      <TallNumber x={x} y={y} value={value} unit={unit} range={range} change={moved ? change : null} />
    </G>
  );
}
