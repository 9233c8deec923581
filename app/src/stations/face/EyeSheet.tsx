import { View } from 'react-native';
import type { EyePair } from '@hoppla/core/feature';
import { EYES, FACE_ADVICE } from '@hoppla/core/figures';
import type { PartModel } from '@hoppla/core/toy';
import { screenWords as words } from '@hoppla/core/words';
import { PlainButton, Quiet, Sheet, Words } from '../../controls';

const say = words.face;

/** What the eyes are: size with its washer, plastic or embroidered, or none. */
export function EyeSheet({ onClose, part, eyes, onChange, onRemove }: { onClose: () => void; part: PartModel; eyes: EyePair; onChange: (eyes: EyePair) => void; onRemove: () => void }) {
  const perWidth = eyes.eyeMm / Math.max(1, part.form.widthMm);
  const { low, high } = FACE_ADVICE.eyePerWidth;
  return (
    <Sheet title={say.eyes} onClose={onClose}>
      <Words fontWeight="600">{say.size}</Words>
      <View role="radiogroup" aria-label={say.size} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {EYES.map((row) => (
          <PlainButton key={row.eyeMm} label={`${row.eyeMm} mm`} chosen={row.eyeMm === eyes.eyeMm} onPress={() => onChange({ ...eyes, eyeMm: row.eyeMm, washerMm: row.washerMm })} />
        ))}
      </View>
      {perWidth < low ? <Quiet>{say.adviceSmall}</Quiet> : perWidth > high ? <Quiet>{say.adviceLarge}</Quiet> : null}
      <View role="radiogroup" aria-label={say.making} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton label={say.plastic} chosen={eyes.making === 'safety eye'} onPress={() => onChange({ ...eyes, making: 'safety eye' })} />
        <PlainButton label={say.thread} chosen={eyes.making === 'embroidered'} onPress={() => onChange({ ...eyes, making: 'embroidered' })} />
      </View>
      <PlainButton label={say.remove} danger onPress={() => (onClose(), onRemove())} />
    </Sheet>
  );
}
