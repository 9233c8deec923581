import { View } from 'react-native';
import { type PartModel, type ToyModel } from '@hoppla/core/model';
import { Num, Press, Quiet, Sheet, Words } from '../../controls';
import { usePalette } from '../../theme';
import { PartOutline, yarnsOf } from './PartOutline';
import { useToy } from './useToy';
import { screenWords as say } from '../../words';

/** The parts of the toy as small silhouettes, all at one scale. */
export function PartPicker({ onClose }: { onClose: () => void }) {
  const { model, part, choosePart } = useToy();
  return (
    <Sheet title={say.parts.choose} onClose={onClose}>
      {model.parts.map((p) => (
        <PartRow
          key={p.part.id}
          model={model}
          part={p}
          chosen={p === part}
          onPress={() => (choosePart(p.part.id), onClose())}
        />
      ))}
    </Sheet>
  );
}

/** One part: its shape, its name, how many, whether it adds up. */
export function PartRow({
  model,
  part,
  chosen,
  onPress,
}: {
  model: ToyModel;
  part: PartModel;
  chosen: boolean;
  onPress: () => void;
}) {
  const c = usePalette();
  const errors = part.problems.filter((p) => p.severity === 'error').length;
  return (
    <Press
      chosen={chosen}
      onPress={onPress}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        justifyContent: 'flex-start',
        gap: 12,
        minHeight: 56,
        paddingRight: 8,
        backgroundColor: chosen ? c.sunk : 'transparent',
        borderLeftWidth: 6,
        borderLeftColor: chosen ? c.tape : 'transparent',
      }}
    >
      <PartOutline
        form={part.form}
        yarns={yarnsOf(model, part)}
        ink={c.ink}
        pxPerMm={PX_PER_MM}
        width={64}
        height={Math.max(20, Math.min(72, part.form.heightMm * PX_PER_MM + 8))}
      />
      <View style={{ flex: 1 }}>
        <Words fontWeight="600">{`${part.name}${part.copies.length > 1 ? ` × ${part.copies.length}` : ''}`}</Words>
        <Quiet color={errors ? c.coralInk : c.ink2}>{addingUp(part, errors)}</Quiet>
      </View>
      <Num>{`${part.fabric.rounds.length} R`}</Num>
    </Press>
  );
}

/** Whether it adds up, in words. */
function addingUp({ fabric }: PartModel, errors: number): string {
  if (fabric.rounds.length === 0) return say.parts.noRounds;
  return errors ? say.parts.notYet(errors) : say.parts.addsUp;
}

const PX_PER_MM = 0.62;
