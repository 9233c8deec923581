import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line } from 'react-native-svg';
import { BOUNDS, OPENINGS } from '@hoppla/core/figures';
import { changeSettings } from '@hoppla/core/toy';
import { Nudge, PlainButton, Quiet, Sheet, Words } from '../../controls';
import { edit } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.plan;

/** Pixels of the screen for a mm of it, as the browser says: 96 for an inch. */
const PX_PER_MM = 96 / 25.4;
const STEP_MM = 1;
const [LEAST_MM, MOST_MM] = BOUNDS.ownHoleMm;

/** The smallest hole that the maker still works through, and the way to say it. */
export function SmallestHole() {
  const { toy, units } = useToy();
  const [open, setOpen] = useState(false);
  const own = toy.settings.ownSmallestMm;
  return (
    <View style={{ gap: 6 }}>
      <Words fontWeight="600">{say.smallest}</Words>
      <View style={{ flexDirection: 'row' }}>
        <PlainButton
          label={own === undefined ? say.smallestNone : units.length(own)}
          onPress={() => setOpen(true)}
        />
      </View>
      {open ? <RingSheet onClose={() => setOpen(false)} /> : null}
    </View>
  );
}

/** A ring in true size to try a finger in. */
function RingSheet({ onClose }: { onClose: () => void }) {
  const { toy, units } = useToy();
  const mm = toy.settings.ownSmallestMm ?? OPENINGS.fill.comfortableMm;
  const set = (to: number | undefined) =>
    edit(say.smallest, { station: 'plan' }, (so) => changeSettings(so, { ownSmallestMm: to }), 'smallest');
  const step = (by: number) => set(Math.min(MOST_MM, Math.max(LEAST_MM, mm + by)));
  return (
    <Sheet title={say.smallest} onClose={onClose}>
      <Quiet>{say.smallestHow}</Quiet>
      <Ring mm={mm} />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <Nudge
          direction={say.narrower}
          arrow="◂"
          result={units.length(Math.max(LEAST_MM, mm - STEP_MM))}
          onPress={() => step(-STEP_MM)}
          disabled={mm <= LEAST_MM}
          basis="48%"
          repeats
        />
        <Nudge
          direction={say.wider}
          arrow="▸"
          result={units.length(Math.min(MOST_MM, mm + STEP_MM))}
          onPress={() => step(STEP_MM)}
          disabled={mm >= MOST_MM}
          basis="48%"
          repeats
        />
      </View>
      {toy.settings.ownSmallestMm === undefined ? null : (
        <PlainButton label={say.smallestForget} onPress={() => set(undefined)} />
      )}
    </Sheet>
  );
}

/** The ring on the mat. */
function Ring({ mm }: { mm: number }) {
  const c = usePalette();
  const { units } = useToy();
  const px = mm * PX_PER_MM;
  const size = MOST_MM * PX_PER_MM + 12;
  return (
    <View style={{ alignItems: 'center', backgroundColor: c.mat, marginHorizontal: -16, paddingVertical: 8 }}>
      <Svg width={size} height={size} role="img" aria-label={units.length(mm)}>
        <Circle cx={size / 2} cy={size / 2} r={px / 2} fill={c.matDeep} stroke={c.tape} strokeWidth={3} />
        <Line
          x1={size / 2 - px / 2}
          x2={size / 2 + px / 2}
          y1={size / 2}
          y2={size / 2}
          stroke={c.matInk2}
          strokeWidth={1}
        />
      </Svg>
    </View>
  );
}
