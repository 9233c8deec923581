import { Pressable, View } from 'react-native';
import { Text } from '../theme/tamagui';
import { usePalette } from '../theme';
import { BAR_CAP, lined, sized, TextCap } from '../theme/textSize';
import { Num } from './type';

export interface ReadingProps {
  value: string;
  unit?: string;
  /** what it counts */
  of: string;
  /** honest range, e.g. "33–43" */
  range?: string;
  /** the one the maker counts in: yellow and underlined */
  chosen?: boolean;
  onPress?: () => void;
}

/** One number with its unit, what it counts and its range, on the dark band. */
export function Reading({ value, unit, of, range, chosen, onPress }: ReadingProps) {
  const c = usePalette();
  const body = (
    <>
      <Value chosen={chosen} value={value} unit={unit} />
      <Text
        fontFamily="$body"
        fontSize={sized(14, BAR_CAP)}
        lineHeight={lined(17, 14, BAR_CAP)}
        color={c.matInk2}
      >
        {of}
      </Text>
      {range ? (
        <Num color={c.matInk2} fontSize={13} lineHeight={17} fontWeight="500">
          {range}
        </Num>
      ) : null}
    </>
  );
  const style = { flex: 1, minWidth: 0, paddingVertical: 6, paddingHorizontal: 8 } as const;
  const label = `${value} ${unit ?? ''} ${of}${range ? `, ${range}` : ''}`;
  if (!onPress) return <View style={style}>{body}</View>;
  return (
    <Pressable
      role="radio"
      aria-checked={chosen ?? false}
      aria-label={label}
      onPress={onPress}
      style={[style, { minHeight: 44 }]}
    >
      {body}
    </Pressable>
  );
}

/** The number with its unit. */
function Value({
  chosen,
  value,
  unit,
}: {
  chosen: boolean | undefined;
  value: string;
  unit: string | undefined;
}) {
  const c = usePalette();
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'flex-end',
        gap: 2,
        alignSelf: 'flex-start',
        borderBottomWidth: 2.5,
        borderBottomColor: chosen ? c.tape : 'transparent',
      }}
    >
      <Num
        color={chosen ? c.tape : c.matInk}
        fontSize={26}
        lineHeight={30}
        letterSpacing={-1.8}
        $wide={{ fontSize: 36, lineHeight: 40 }}
      >
        {value}
      </Num>
      {unit ? (
        <Num color={c.matInk} fontSize={13} lineHeight={22} letterSpacing={-0.5}>
          {unit}
        </Num>
      ) : null}
    </View>
  );
}

/** Readings side by side on the reading band, divided by a line. */
export function ReadingBand({
  readings,
  label,
  onMat,
}: {
  readings: ReadingProps[];
  label: string;
  onMat?: boolean;
}) {
  const c = usePalette();
  const choosing = readings.some((r) => r.onPress);
  return (
    <TextCap.Provider value={BAR_CAP}>
      <View
        role={choosing ? 'radiogroup' : 'group'}
        aria-label={label}
        style={{
          flexDirection: 'row',
          backgroundColor: onMat ? c.mat : c.matDeep,
          paddingHorizontal: 8,
          paddingVertical: 4,
        }}
      >
        {readings.map((r, i) => (
          <View key={r.of} style={{ flex: 1, minWidth: 0, flexDirection: 'row' }}>
            {i > 0 ? (
              <View style={{ width: 1, backgroundColor: c.matInk2, opacity: 0.45, marginVertical: 8 }} />
            ) : null}
            <Reading {...r} />
          </View>
        ))}
      </View>
    </TextCap.Provider>
  );
}
