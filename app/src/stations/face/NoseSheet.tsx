import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import { movedNose, resolveNose, type Head, type Nose } from '@hoppla/core/feature';
import { removeFeature } from '@hoppla/core/toy';
import { type PartModel } from '@hoppla/core/model';
import { Choice, Nudge, PlainButton, Sheet, Tag, Words } from '../../controls';
import { edit } from '../../documents';
import { change } from './change';
import { ringIsUp } from './ringIsUp';
import { HardwareFields, MmField } from './Hardware';
import { screenWords as words } from '../../words';

const say = words.face;

/** The nose: where it is, how large, plastic or embroidered; or none. */
export function NoseSheet({
  part,
  head,
  nose,
  onClose,
}: {
  part: PartModel;
  head: Head;
  nose: Nose;
  onClose: () => void;
}) {
  const at = resolveNose(head, nose);
  const up = ringIsUp(part) ? -1 : 1;
  const onChange = (next: Nose) => change(say.nose, part, next, `nose:${nose.id}`);
  const move = (
    label: string,
    arrow: string,
    by: { rounds: number; holes: number },
    what: 'rounds' | 'stitches',
  ) => {
    const next = movedNose(part.form, nose, by);
    const there = next && resolveNose(head, next);
    return (
      <Nudge
        key={label}
        direction={label}
        arrow={arrow}
        result={there && there.state !== 'homeless' ? holeTag(there.name)[what] : say.cannot}
        disabled={!next}
        onPress={() => change(say.noseMove, part, next)}
      />
    );
  };
  // Numbers grow to the right on the mat as on the tape.
  const grows = ringIsUp(part) === part.form.direction < 0 ? 1 : -1;
  return (
    <Sheet title={say.nose} onClose={onClose}>
      {at.state === 'homeless' ? (
        <Words role="alert">{say.homeless}</Words>
      ) : (
        <View style={{ flexDirection: 'row' }}>
          <Tag of={say.nose} {...holeTag(at.name)} />
        </View>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {move(say.up, '↑', { rounds: up, holes: 0 }, 'rounds')}
        {move(say.down, '↓', { rounds: -up, holes: 0 }, 'rounds')}
        {move(words.joins.moves.left, '←', { rounds: 0, holes: -grows }, 'stitches')}
        {move(words.joins.moves.right, '→', { rounds: 0, holes: grows }, 'stitches')}
      </View>
      <Choice
        label={say.noseMaking}
        options={[
          { id: 'safety nose', label: say.plasticNose },
          { id: 'embroidered', label: say.thread },
        ]}
        chosen={nose.making}
        onChoose={(making) => onChange({ ...nose, making: making as Nose['making'] })}
      />
      <Sizes nose={nose} onChange={onChange} />
      <HardwareFields
        it={nose}
        widthMm={Math.max(nose.widthMm, nose.heightMm)}
        plastic={nose.making === 'safety nose'}
        onChange={onChange}
      />
      <PlainButton
        label={say.noseRemove}
        danger
        onPress={() => (
          onClose(),
          edit(say.noseRemove, { station: 'face', part: part.part.id }, (toy) => removeFeature(toy, nose.id))
        )}
      />
    </Sheet>
  );
}

/** How large it is. */
function Sizes({ nose, onChange }: { nose: Nose; onChange: (next: Nose) => void }) {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      <MmField
        label={say.noseWidth}
        mm={nose.widthMm}
        onChange={(widthMm) => onChange({ ...nose, widthMm })}
      />
      <MmField
        label={say.noseHeight}
        mm={nose.heightMm}
        onChange={(heightMm) => onChange({ ...nose, heightMm })}
      />
    </View>
  );
}
