import { hardwareOf, withCentre, type CentreBy, type EyePair, type Head } from '@hoppla/core/feature';
import { EYE_SIZES_MM } from '@hoppla/core/figures';
import type { PartModel } from '@hoppla/core/model';
import { Choice, PlainButton, Sheet } from '../../controls';
import { HardwareFields, MmField } from './Hardware';
import { OnCopies } from './OnCopies';
import { screenWords as words } from '../../words';

const say = words.face;

/** A size that shops have, or another one. */
function EyeSize({ eyes, onChange }: { eyes: EyePair; onChange: (eyes: EyePair) => void }) {
  return (
    <>
      <Choice
        label={say.size}
        options={EYE_SIZES_MM.map((mm) => ({ id: String(mm), label: `${mm} mm` }))}
        chosen={String(eyes.eyeMm)}
        onChoose={(mm) => onChange({ ...eyes, ...hardwareOf(Number(mm)) })}
      />
      <MmField
        key={eyes.eyeMm}
        label={say.otherSize}
        mm={eyes.eyeMm}
        onChange={(mm) => (mm === eyes.eyeMm ? undefined : onChange({ ...eyes, ...hardwareOf(mm) }))}
      />
    </>
  );
}

interface EyeSheetProps {
  part: PartModel;
  head: Head;
  onClose: () => void;
  eyes: EyePair;
  onChange: (eyes: EyePair) => void;
  onRemove: () => void;
}

/** What the eyes are: size with its post and washer, plastic or embroidered, where they look, what the middle of the face is; or none. */
export function EyeSheet({ part, head, onClose, eyes, onChange, onRemove }: EyeSheetProps) {
  const middles = middlesOf(head);
  return (
    <Sheet title={say.eyes} onClose={onClose}>
      <EyeSize eyes={eyes} onChange={onChange} />
      <Choice
        label={say.making}
        options={[
          { id: 'safety eye', label: say.plastic },
          { id: 'embroidered', label: say.thread },
        ]}
        chosen={eyes.making}
        onChoose={(making) => onChange({ ...eyes, making: making as EyePair['making'] })}
      />
      <Choice
        label={say.middleOf}
        options={middles.map((m, i) => ({ id: String(i), label: m.label }))}
        chosen={String(
          middles.findIndex((m) => JSON.stringify(m.by) === JSON.stringify(eyes.pair.centre.by)),
        )}
        onChoose={(i) => onChange(withCentre(head, eyes, middles[Number(i)].by))}
      />
      <Choice
        label={say.looks}
        options={[
          { id: 'front', label: say.lookFront },
          { id: 'sides', label: say.lookSides },
        ]}
        chosen={eyes.look}
        onChoose={(look) => onChange({ ...eyes, look: look as EyePair['look'] })}
      />
      <HardwareFields
        it={eyes}
        widthMm={eyes.eyeMm}
        plastic={eyes.making === 'safety eye'}
        onChange={onChange}
      />
      <OnCopies part={part} it={eyes} onChange={onChange} />
      <PlainButton label={say.remove} danger onPress={() => (onClose(), onRemove())} />
    </Sheet>
  );
}

/** What a face on this head can look from. */
function middlesOf(head: Head): { by: CentreBy; label: string }[] {
  const { colours } = head.form.fabric;
  return [
    { by: 'marker', label: say.middles.marker },
    { by: 'chosen', label: say.middles.chosen },
    ...(colours.length > 1
      ? colours
          .filter((c) => c !== '')
          .map((patch): { by: CentreBy; label: string } => ({
            by: { patch },
            label: say.middles.patch(patch),
          }))
      : []),
    ...head.things
      .filter((t) => t.kind !== 'embroidery')
      .map((t): { by: CentreBy; label: string } => ({ by: { over: t.id }, label: say.middles.over(t.name) })),
  ];
}
