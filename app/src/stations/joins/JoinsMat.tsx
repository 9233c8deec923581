import { useMemo } from 'react';
import { Circle, G, Path } from 'react-native-svg';
import { polarOf } from '@hoppla/core/address';
import type { JoinSite, Pins } from '@hoppla/core/join';
import { MatText, RULER } from '../../controls';
import { boundsOf, seenAt, Stage, standAlone, useHold } from '../../stage';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords as say } from '../../words';

/** The assembled toy from the front, with the pins of the chosen join. */
export function JoinsMat({
  width,
  height,
  sites,
  host,
}: {
  width: number;
  height: number;
  sites: readonly JoinSite[];
  host: { part: string; copy: string } | null;
}) {
  const c = usePalette();
  const { model, toy, units } = useToy();
  const placed = useMemo(
    () => (model.placed.length ? model.placed : model.pieces.slice(0, 1).map((p) => standAlone(p))),
    [model],
  );
  const [hold, setHold] = useHold();
  const toys = useMemo(() => [{ model, placed }], [model, placed]);
  const scene = useMemo(() => boundsOf(placed), [placed]);
  const w = scene.right - scene.left;
  const h = scene.bottom - scene.top;
  const reach = 2 * Math.max(-scene.left, scene.right);
  const pxPerMm = Math.min((width - RULER.left - 20) / reach, (height - RULER.top - 18) / h, 6);
  const originX = RULER.left + (width - RULER.left) / 2;
  const originY = RULER.top + 8;
  const own = placed.find((p) => p.part === host?.part && p.copy === host?.copy);
  return (
    <Stage
      width={width}
      height={height}
      label={`${toy.name}: ${say.bench.size(units.bare(w), units.bare(h), units.of)}`}
      toys={toys}
      units={units}
      rest={{ x: originX, y: originY - scene.top * pxPerMm, pxPerMm }}
      rulers={{ x: originX, y: originY }}
      hold={hold}
      setHold={setHold}
      overlay={(projection) => {
        const spots = own
          ? sites.flatMap((s) => pinSpots(s, own.form).map((polar) => seenAt(projection, own, polar)))
          : [];
        const middles = own ? sites.filter((s) => s.name).map((s) => seenAt(projection, own, s.polar)) : [];
        return (
          <>
            {spots.map((p, i) => (
              <G key={i} opacity={p.near ? 1 : 0.45}>
                <Circle cx={p.x} cy={p.y} r={5} fill="#0B1D3E" />
                <Circle cx={p.x} cy={p.y} r={3.4} fill={c.pinMat} />
              </G>
            ))}
            {middles.map((p, i) => (
              <G key={i} opacity={p.near ? 1 : 0.45}>
                <Path d={`M${p.x - 9} ${p.y}h18M${p.x} ${p.y - 9}v18`} stroke="#0B1D3E" strokeWidth={5.6} />
                <Path d={`M${p.x - 9} ${p.y}h18M${p.x} ${p.y - 9}v18`} stroke={c.tape} strokeWidth={2.6} />
              </G>
            ))}
            <MatText x={width - 8} y={height - 10} size={14} anchor="end" number>
              {say.bench.size(units.bare(w), units.bare(h), units.of)}
            </MatText>
          </>
        );
      }}
    />
  );
}

/** The holes of the four pins as directions on the host. */
function pinSpots(site: JoinSite, form: Parameters<typeof polarOf>[0]) {
  const pins: Partial<Pins> = site.pins ?? {};
  return (['top', 'bottom', 'left', 'right'] as const).flatMap((k) => {
    const hole = pins[k];
    const round = hole ? form.fabric.rounds.findIndex((r) => r.number === hole.round[1]) : -1;
    return hole && round >= 0 ? [polarOf(form, round, hole.stitch[1] - 1, 'hole')] : [];
  });
}
