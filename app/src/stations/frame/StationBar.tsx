import { type Drawn } from '../StationIcon';
import { useGlobalSearchParams, usePathname } from 'expo-router';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { Text } from '../../theme/tamagui';
import { Go, Words } from '../../controls';
import { StationIcon } from '../StationIcon';
import { hrefOf, STATION_IDS, STATIONS, type StationId } from '../stations';
import { RAIL, useRoom } from './useRoom';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';

export function StationBar() {
  const c = usePalette();
  const { wide, low, short } = useRoom();
  const { id, part } = useGlobalSearchParams<{ id: string; part?: string }>();
  const at = usePathname().split('/').pop();
  return (
    <View
      role="navigation"
      aria-label={say.app}
      style={{
        flexDirection: wide ? 'column' : 'row',
        backgroundColor: c.nav,
        paddingBottom: 'env(safe-area-inset-bottom)' as unknown as number,
        ...(wide ? { width: RAIL, paddingTop: low ? 0 : 14, gap: low ? 0 : 6 } : {}),
      }}
    >
      {wide && !low ? (
        <Text
          fontFamily="$heading"
          fontSize={18}
          fontWeight="800"
          color={c.matInk}
          textAlign="center"
          marginBottom={14}
        >
          {say.app}
        </Text>
      ) : null}
      {STATION_IDS.map((s) => {
        const { icon, words } = STATIONS[s];
        if (!icon) return null;
        const here = at === s;
        return (
          <StationLink
            key={s}
            station={s}
            words={words}
            here={here}
            id={id}
            part={part}
            wide={wide}
            low={low}
            short={short}
            icon={icon}
          />
        );
      })}
    </View>
  );
}

/** Height of one station in the bar, px. */
function heightOf(low: boolean, short: boolean): number {
  if (short) return 58;
  return low ? 62 : 72;
}

/** The way to one station. */
function StationLink({
  station,
  words,
  here,
  id,
  part,
  wide,
  low,
  short,
  icon,
}: {
  station: StationId;
  words: string;
  here: boolean;
  id: string;
  part: string | undefined;
  wide: boolean;
  low: boolean;
  short: boolean;
  icon: Drawn;
}) {
  const c = usePalette();
  return (
    <Go
      label={words}
      here={here}
      to={hrefOf(id, station, part)}
      style={{ flex: wide ? undefined : 1, height: heightOf(low, short), alignItems: 'center', gap: 3 }}
    >
      {here ? <TapePiece wide={wide} /> : null}
      <StationIcon icon={icon} colour={here ? c.navOn : c.navInk} />
      <Words
        fontSize={15}
        lineHeight={18}
        fontWeight={here ? '700' : '400'}
        color={here ? c.navOn : c.navInk}
      >
        {words}
      </Words>
    </Go>
  );
}

/** A piece of tape at the edge of the bar marks where one is. */
function TapePiece({ wide }: { wide: boolean }) {
  const c = usePalette();
  return (
    <View
      aria-hidden
      style={
        wide
          ? { position: 'absolute', left: 0, top: 8, bottom: 8, width: 8 }
          : { position: 'absolute', top: 0, left: '22%', right: '22%', height: 8 }
      }
    >
      <Svg width="100%" height="100%">
        <Path d={wide ? 'M0 0H8V80H0Z' : 'M0 0H80V8H0Z'} fill={c.tape} />
        <Path
          d={Array.from({ length: 9 }, (_, k) =>
            wide ? `M0 ${k * 7 + 4}h${k % 3 === 0 ? 6 : 4}` : `M${k * 7 + 4} 0v${k % 3 === 0 ? 6 : 4}`,
          ).join('')}
          stroke={c.tapeInk}
          strokeWidth={1.2}
        />
      </Svg>
    </View>
  );
}
