import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import {
  newNose,
  type EyePair,
  type EyesAt,
  type Head,
  type Nose,
  type NoseState,
} from '@hoppla/core/feature';
import type { PartModel } from '@hoppla/core/model';
import { PlainButton, Press, Quiet, Tag, Title, Words } from '../../controls';
import { newId } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { change } from './change';
import { screenWords as words } from '../../words';

const say = words.face;

/** The nose of a part, or a button that adds one at its usual place. */
export function NoseOrNone({
  part,
  head,
  eyes,
  at,
  nose,
  onOpen,
}: {
  part: PartModel;
  head: Head;
  eyes: EyePair | null;
  at: EyesAt | null;
  nose: { nose: Nose; state: NoseState } | null;
  onOpen: () => void;
}) {
  const { writing } = useToy();
  if (nose) return <NoseLine nose={nose.nose} state={nose.state} onPress={onOpen} />;
  const add = () => {
    const ids = { id: newId(), part: part.part.id, copy: eyes?.copy ?? null };
    const pair = at ? { round: at.round, straightMm: at.spacing.straightMm.value } : null;
    change(say.addNose, part, newNose(head, ids, pair));
    onOpen();
  };
  return (
    <View style={{ flexDirection: 'row' }}>
      <PlainButton label={say.addNose} disabled={!writing} onPress={add} />
    </View>
  );
}

function NoseLine({ nose, state, onPress }: { nose: Nose; state: NoseState; onPress: () => void }) {
  const c = usePalette();
  return (
    <Press
      onPress={onPress}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        borderTopWidth: 1,
        borderTopColor: c.line,
        paddingTop: 8,
      }}
    >
      <View style={{ flex: 1 }}>
        <Title role="heading" aria-level={2}>
          {say.nose}
        </Title>
        <Quiet textDecorationLine="underline">
          {nose.making === 'embroidered'
            ? say.noseEmbroidered(nose.widthMm, nose.heightMm)
            : say.noseSafety(nose.widthMm, nose.heightMm, nose.washerMm)}
        </Quiet>
      </View>
      {state.state === 'homeless' ? (
        <Words color={c.coralInk}>{say.homeless}</Words>
      ) : (
        <Tag of={say.nose} {...holeTag(state.name)} />
      )}
    </Press>
  );
}
