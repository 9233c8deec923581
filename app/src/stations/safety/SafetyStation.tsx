import { type Toy, changeSettings, setFeature, type AgeGroup } from '@hoppla/core/toy';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { CHECKS, checksMade, notKnown, type SafetyPoint } from '@hoppla/core/safety';
import { safetyWords } from '@hoppla/core/words';
import { MainAction, MarkerSign, Num, PlainButton, Quiet, Scroll, Title, Words } from '../../controls';
import { edit } from '../../documents';
import { usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { hrefOf } from '../stations';
import { screenWords as words } from '../../words';

const say = words.safety;
const AGES: AgeGroup[] = [
  'under 18 months',
  '18 to 36 months',
  '3 years and over',
  'accessory',
  'display only',
];

/** Safety: could this hurt a child? Who it is for, then points in order of danger, then what nobody has looked at. */
export function SafetyStation() {
  const c = usePalette();
  const { wide } = useRoom();
  const { toy, points, open } = useToy();
  const router = useRouter();
  const column = { width: '100%', maxWidth: wide ? 760 : undefined, alignSelf: 'center' } as const;
  const convert = points.find((p) => p.weight === 'stop' && p.check === 1 && p.feature !== undefined);
  // What is not mended with one tap is mended where it is written.
  const written = convert ? undefined : points.find((p) => p.weight === 'stop' && p.line !== undefined);
  const toRounds = (point: SafetyPoint) => router.push(hrefOf(toy.id, 'parts', point.part));
  const embroider = (point: SafetyPoint) => {
    const found = toy.features.find((f) => f.id === point.feature);
    if (found && 'making' in found)
      edit(point.mend, { station: 'safety', feature: found.id }, (t) =>
        setFeature(t, { ...found, making: 'embroidered' }),
      );
  };
  return (
    <View style={{ flex: 1, backgroundColor: c.paper }}>
      <View style={{ backgroundColor: c.mat, paddingHorizontal: 16, paddingVertical: 12 }}>
        <View style={{ ...column, flexDirection: 'row', alignItems: 'baseline', gap: 12 }}>
          <Num fontSize={44} lineHeight={48} letterSpacing={-3} color={c.matInk}>
            {String(open)}
          </Num>
          <Words color={c.matInk} flex={1}>
            {`${say.points(open)}, ${safetyWords.made(checksMade.length, CHECKS.length)}`}
          </Words>
        </View>
      </View>
      <Points column={column} toy={toy} points={points} written={written} toRounds={toRounds} />
      <View style={{ ...column, padding: 16, paddingTop: 8, flexDirection: 'row', gap: 8 }}>
        {convert ? (
          <MainAction label={convert.mend} onPress={() => embroider(convert)} />
        ) : written ? (
          <MainAction label={say.toRounds} onPress={() => toRounds(written)} />
        ) : (
          <MainAction label={say.toFace} onPress={() => router.push(hrefOf(toy.id, 'face'))} />
        )}
      </View>
    </View>
  );
}

/** Who it is for, and every point. */
function Points({
  column,
  toy,
  points,
  written,
  toRounds,
}: {
  column: { readonly width: '100%'; readonly maxWidth: 760 | undefined; readonly alignSelf: 'center' };
  toy: Toy;
  points: SafetyPoint[];
  written: SafetyPoint | undefined;
  toRounds: (point: SafetyPoint) => void;
}) {
  return (
    <Scroll contentContainerStyle={{ ...column, padding: 16, gap: 14 }}>
      <Title role="heading" aria-level={2}>
        {say.who}
      </Title>
      <View role="radiogroup" aria-label={say.who} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {AGES.map((age) => (
          <PlainButton
            key={age}
            label={safetyWords.ages[age]}
            chosen={toy.settings.age === age}
            grow
            onPress={() =>
              edit(`${say.who} ${age}`, { station: 'safety' }, (t) => changeSettings(t, { age }))
            }
          />
        ))}
      </View>
      {toy.parts.length === 0 ? <Quiet>{say.none}</Quiet> : null}
      {points.map((p) => (
        <Point
          key={p.id}
          point={p}
          onRounds={p.line === undefined || p === written ? undefined : () => toRounds(p)}
        />
      ))}
      <NotKnown />
      <Quiet>{safetyWords.caution}</Quiet>
    </Scroll>
  );
}

function Point({ point, onRounds }: { point: SafetyPoint; onRounds?: () => void }) {
  const c = usePalette();
  const stop = point.weight === 'stop';
  return (
    <View
      style={{
        flexDirection: 'row',
        gap: 10,
        padding: 12,
        backgroundColor: stop ? c.coralWash : point.weight === 'open' ? c.sunk : c.paper,
        borderLeftWidth: 6,
        borderLeftColor: stop ? c.coral : c.edge,
      }}
    >
      {point.weight === 'advice' ? <Sign sign="i" /> : <MarkerSign colour={stop ? c.coralInk : c.ink} />}
      <View style={{ flex: 1, minWidth: 0, gap: 3 }}>
        <Words fontWeight="700">{`${safetyWords.weights[point.weight]}: ${point.title}`}</Words>
        <Quiet color={c.ink}>{point.reason}</Quiet>
        <Words fontWeight="600">{point.mend}</Words>
        {onRounds ? (
          <View style={{ flexDirection: 'row', paddingTop: 4 }}>
            <PlainButton label={say.toRounds} onPress={onRounds} />
          </View>
        ) : null}
      </View>
    </View>
  );
}

/** What is not checked is listed: none of it counts as fine. */
function NotKnown() {
  const c = usePalette();
  return (
    <View style={{ gap: 6, padding: 12, borderWidth: 1.5, borderStyle: 'dashed', borderColor: c.edge }}>
      <Title role="heading" aria-level={2}>
        {safetyWords.notMade}
      </Title>
      <Quiet color={c.ink}>{safetyWords.notMadeHow}</Quiet>
      {notKnown().map(({ check, title }) => (
        <View key={check} style={{ flexDirection: 'row', gap: 8 }}>
          <Sign sign="?" />
          <Words flex={1}>{title}</Words>
        </View>
      ))}
    </View>
  );
}

function Sign({ sign }: { sign: string }) {
  const c = usePalette();
  return (
    <Words width={26} textAlign="center" fontWeight="700" color={c.ink2} aria-hidden>
      {sign}
    </Words>
  );
}
