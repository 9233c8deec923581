import { View } from 'react-native';
import Svg, { Circle, Path } from 'react-native-svg';
import { spokenPlace } from '@hoppla/core/words';
import { usePalette } from '../theme';
import { LittleRoom } from './LittleRoom';
import { Num } from './type';

interface TagProps {
  rounds: string;
  stitches?: string;
  kind?: 'pin' | 'thread';
  /** said before the address by a screen reader */
  of?: string;
}

/** An address: pointed left end with a punched hole; rounds, a bar, stitches. */
export function Tag({ rounds, stitches, kind = 'pin', of }: TagProps) {
  const c = usePalette();
  const ground = kind === 'pin' ? c.pinWash : c.threadWash;
  const ink = kind === 'pin' ? c.pinInk : c.threadInk;
  return (
    <View
      style={{ flexDirection: 'row', height: 28 }}
      role="img"
      aria-label={`${of ? `${of} ` : ''}${spokenPlace(rounds, stitches)}`}
    >
      <Svg width={16} height={28} aria-hidden>
        <Path d="M0 14L11 0H16.5V28H11Z" fill={ground} />
        <Circle cx={11.5} cy={14} r={4} fill="none" stroke={ink} strokeWidth={1.6} />
      </Svg>
      <View
        style={{
          backgroundColor: ground,
          flexDirection: 'row',
          alignItems: 'center',
          paddingLeft: 4,
          paddingRight: 10,
          gap: 7,
        }}
      >
        <LittleRoom>
          <Num color={ink}>{rounds}</Num>
          {stitches ? <View style={{ width: 1.4, height: 14, backgroundColor: ink, opacity: 0.55 }} /> : null}
          {stitches ? <Num color={ink}>{stitches}</Num> : null}
        </LittleRoom>
      </View>
    </View>
  );
}
