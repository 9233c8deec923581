import { View } from 'react-native';
import type { EyePair } from '@hoppla/core/feature';
import { EYES } from '@hoppla/core/figures';
import { screenWords as words } from '@hoppla/core/words';
import { PlainButton, Sheet, Words } from '../../controls';

const say = words.face;

/** What the eyes are: size with its washer, plastic or embroidered, or none. */
export function EyeSheet({ onClose, eyes, onChange, onRemove }: { onClose: () => void; eyes: EyePair; onChange: (eyes: EyePair) => void; onRemove: () => void }) {
  return (
    <Sheet title={say.eyes} onClose={onClose}>
      <Words fontWeight="600">{say.size}</Words>
      <View role="radiogroup" aria-label={say.size} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {EYES.map((row) => (
          <PlainButton key={row.eyeMm} label={`${row.eyeMm} mm`} chosen={row.eyeMm === eyes.eyeMm} onPress={() => onChange({ ...eyes, eyeMm: row.eyeMm, washerMm: row.washerMm })} />
        ))}
      </View>
      <View role="radiogroup" aria-label={say.making} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton label={say.plastic} chosen={eyes.making === 'safety eye'} onPress={() => onChange({ ...eyes, making: 'safety eye' })} />
        <PlainButton label={say.thread} chosen={eyes.making === 'embroidered'} onPress={() => onChange({ ...eyes, making: 'embroidered' })} />
      </View>
      <PlainButton label={say.remove} danger onPress={() => (onClose(), onRemove())} />
    </Sheet>
  );
}
