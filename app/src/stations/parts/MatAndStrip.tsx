import { View } from 'react-native';
import type { PartModel } from '@hoppla/core/model';
import { LittleRoom } from '../../controls';
import { matAbove, RAIL, useRoom } from '../frame/useRoom';
import { PartMat } from './PartMat';
import { PartsStrip } from './PartsStrip';

/** Height of the strip of parts, px. */
const STRIP = 58;

/** Mat and paper beside each other, or one above the other. */
export function sizesIn(room: ReturnType<typeof useRoom>) {
  const { width, height, wide } = room;
  const paperWidth = wide ? Math.min(560, width * 0.45) : width;
  const above = () => matAbove(room, { least: 130, most: 240, share: 0.25, needs: 128 });
  return {
    paperWidth,
    matWidth: wide ? width - RAIL - paperWidth : width,
    matHeight: wide ? height - 56 - STRIP : above(),
  };
}

/** The part on the mat, and the strip of all parts. Out of sight while something is typed and not taken away: the toy would be built again each time the keyboard goes. */
export function MatAndStrip({
  part,
  underWay,
  onAdd,
}: {
  part: PartModel;
  underWay: number | null;
  onAdd: (() => void) | null;
}) {
  const room = useRoom();
  const { matWidth, matHeight } = sizesIn(room);
  return (
    <View style={{ display: room.typing ? 'none' : 'flex' }}>
      <PartMat part={part} underWay={underWay} width={matWidth} height={matHeight} />
      <View style={{ width: matWidth, height: STRIP }}>
        <LittleRoom>
          <PartsStrip onAdd={onAdd} underWay={underWay} />
        </LittleRoom>
      </View>
    </View>
  );
}
