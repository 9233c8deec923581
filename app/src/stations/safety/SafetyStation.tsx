import { useRouter } from 'expo-router';
import { useWindowDimensions, View } from 'react-native';
import type { SafetyPoint } from '@hoppla/core/safety';
import { changeSettings, setFeature, type AgeGroup } from '@hoppla/core/toy';
import { safetyWords, screenWords as words } from '@hoppla/core/words';
import { MarkerSign, Num, PlainButton, Quiet, Scroll, Title, Words, MainAction } from '../../controls';
import { edit } from '../../documents';
import { usePalette } from '../../theme';
import { WIDE_FROM } from '../frame/ToyFrame';
import { useToy } from '../frame/useToy';

const say = words.safety;
const AGES: AgeGroup[] = [
  'under 18 months',
  '18 to 36 months',
  '3 years and over',
  'accessory',
  'display only',
];

/** Safety: could this hurt a child? Who it is for, then points in order of danger. */
export function SafetyStation() {
  const c = usePalette();
  const { width } = useWindowDimensions();
  const { toy, points, open } = useToy();
  const router = useRouter();
  const wide = width >= WIDE_FROM;
  const convert = points.find((p) => p.weight === 'stop' && p.check === 1);
  const embroider = (point: SafetyPoint) => {
    const found = toy.features.find((f) => f.id === point.feature && f.kind !== 'embroidery');
    if (found && found.kind !== 'embroidery')
      edit(point.mend, { station: 'safety', feature: found.id }, (t) =>
        setFeature(t, { ...found, making: 'embroidered' }),
      );
  };
  return (
    <View style={{ flex: 1, backgroundColor: c.paper }}>
      <View
        style={{
          backgroundColor: c.mat,
          paddingHorizontal: 16,
          paddingVertical: 12,
          flexDirection: 'row',
          alignItems: 'baseline',
          gap: 12,
        }}
      >
        <Num fontSize={44} lineHeight={48} letterSpacing={-3} color={c.matInk}>
          {String(open)}
        </Num>
        <Words color={c.matInk} flex={1}>
          {say.points(open).replace(/^\d+ /, '')}
        </Words>
      </View>
      <Scroll
        contentContainerStyle={{
          padding: 16,
          gap: 14,
          width: '100%',
          maxWidth: wide ? 760 : undefined,
          alignSelf: 'center',
        }}
      >
        <Title role="heading" aria-level={2}>
          {say.who}
        </Title>
        <View
          role="radiogroup"
          aria-label={say.who}
          style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
        >
          {AGES.map((age) => (
            <PlainButton
              key={age}
              label={say.ages[age]}
              chosen={toy.settings.age === age}
              grow
              onPress={() =>
                edit(`${say.who} ${age}`, { station: 'safety' }, (t) => changeSettings(t, { age }))
              }
            />
          ))}
        </View>
        {points.length === 0 ? <Quiet>{say.none}</Quiet> : null}
        {points.map((p) => (
          <Point key={p.id} point={p} />
        ))}
        <Quiet>{safetyWords.caution}</Quiet>
      </Scroll>
      <View
        style={{
          padding: 16,
          paddingTop: 8,
          flexDirection: 'row',
          gap: 8,
          width: '100%',
          maxWidth: wide ? 760 : undefined,
          alignSelf: 'center',
        }}
      >
        {convert ? (
          <MainAction label={convert.mend} onPress={() => embroider(convert)} />
        ) : (
          <MainAction
            label={say.toFace}
            onPress={() => router.push({ pathname: '/toy/[id]/face', params: { id: toy.id } })}
          />
        )}
      </View>
    </View>
  );
}

function Point({ point }: { point: SafetyPoint }) {
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
      {point.weight === 'advice' ? (
        <Words width={26} textAlign="center" color={c.ink2}>
          ✓
        </Words>
      ) : (
        <MarkerSign colour={stop ? c.coralInk : c.ink} />
      )}
      <View style={{ flex: 1, minWidth: 0, gap: 3 }}>
        <Words fontWeight="700">{`${say.weights[point.weight]}: ${point.title}`}</Words>
        <Quiet color={c.ink}>{point.reason}</Quiet>
        <Words fontWeight="600">{point.mend}</Words>
      </View>
    </View>
  );
}
