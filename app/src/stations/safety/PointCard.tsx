import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { ToldPoint } from '@hoppla/core/safety';
import { safetyWords } from '@hoppla/core/words';
import { MarkerSign, PlainButton, Quiet, Words } from '../../controls';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { hrefOf, type StationId } from '../stations';
import { screenWords as words } from '../../words';
import { Answer } from './Answer';
import { tapMend } from './tapMend';

const say = words.safety;

/** One point: how bad, what, where, why, its mend as a tap where there is one, the way to it, and the maker's answer. */
export function PointCard({
  point,
  no,
  isMain = false,
  onTests,
}: {
  point: ToldPoint;
  /** its number on the toy */
  no?: number;
  /** its mend is the main action of the screen */
  isMain?: boolean;
  onTests: () => void;
}) {
  const c = usePalette();
  const told = `${weightOf(point)}: ${point.title}`;
  const stop = point.weight === 'stop';
  const advice = point.weight === 'advice';
  const open = !advice && !point.settled;
  return (
    <View
      style={{
        flexDirection: 'row',
        gap: 10,
        padding: 12,
        backgroundColor: stop ? c.coralWash : open ? c.sunk : c.paper,
        borderLeftWidth: 6,
        borderLeftColor: stop ? c.coral : c.edge,
      }}
    >
      <SignOf point={point} />
      <View style={{ flex: 1, minWidth: 0, gap: 4 }}>
        <Words fontWeight="700">{no === undefined ? told : say.numbered(no, told)}</Words>
        {point.tags && point.tags.length > 0 ? <Words fontWeight="600">{point.tags.join(', ')}</Words> : null}
        <Quiet color={c.ink}>{point.reason}</Quiet>
        {point.does && !isMain ? null : <Words fontWeight="600">{point.mend}</Words>}
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingTop: 4 }}>
          {point.does && !isMain ? <PlainButton label={point.mend} onPress={() => tapMend(point)} /> : null}
          <WayTo point={point} onTests={onTests} />
          {advice ? null : <Answer point={point} />}
        </View>
      </View>
    </View>
  );
}

/** A marker for what is open, in coral where it stops; a tick where it is settled, an i for advice. */
function SignOf({ point }: { point: ToldPoint }) {
  const c = usePalette();
  if (point.weight === 'advice') return <Letter is="i" />;
  if (point.settled) return <Letter is="✓" />;
  return <MarkerSign colour={point.weight === 'stop' ? c.coralInk : c.ink} />;
}

function weightOf({ tested, settled, weight }: ToldPoint): string {
  if (tested) return say.tested;
  return settled ? say.settled : safetyWords.weights[weight];
}

/** Where a point is seen: its line, its feature, its join, the tests. */
function WayTo({ point, onTests }: { point: ToldPoint; onTests: () => void }) {
  const { toy } = useToy();
  const router = useRouter();
  const go = (label: string, station: StationId, part?: string) => (
    <PlainButton label={label} onPress={() => router.push(hrefOf(toy.id, station, part))} />
  );
  if (point.tests) return <PlainButton label={say.toTests} onPress={onTests} />;
  if (point.line !== undefined) return go(say.toRounds, 'parts', point.part);
  const feature = toy.features.find((f) => f.id === point.feature);
  if (feature)
    return feature.kind === 'strands' || feature.kind === 'hanger' || feature.kind === 'surface'
      ? go(say.toJoins, 'joins')
      : go(say.toFeature, 'face', point.part);
  if (point.join !== undefined || point.id === 'loose pieces' || point.id === 'joins not made')
    return go(say.toJoins, 'joins', point.part);
  if (point.check === 12) return go(say.toPlan, 'plan');
  return point.part === undefined ? null : go(say.toRounds, 'parts', point.part);
}

function Letter({ is }: { is: string }) {
  const c = usePalette();
  return (
    <Words width={26} textAlign="center" fontWeight="700" color={c.ink2} aria-hidden>
      {is}
    </Words>
  );
}
