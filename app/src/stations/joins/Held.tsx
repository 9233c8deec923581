import { View } from 'react-native';
import { guestsOf, heldAs, freeCopies, pieceKey, type StoredJoin } from '@hoppla/core/join';
import { modelOf, type ToyModel } from '@hoppla/core/model';
import { removeJoin } from '@hoppla/core/toy';
import { Choice, PlainButton } from '../../controls';
import { edit } from '../../documents';
import { screenWords as words } from '../../words';
import { change } from './change';

const say = words.joins;

const KINDS: readonly StoredJoin['kind'][] = ['sewn', 'through', 'threaded'];

/** How a part is held: sewn on, drawn through, on a yarn. */
export function Held({ join, model }: { join: StoredJoin; model: ToyModel }) {
  const [host, guest] = [join.at, join.guest].map((of) =>
    model.pieces.find((p) => pieceKey(p) === pieceKey(of)),
  );
  if (!host || !guest || host.form.section !== 'ring') return null;
  const { copies } = modelOf(model, join.guest.part);
  const other = guestsOf(join)[1]?.copy ?? freeCopies(model.toy.joins, copies)[0]?.id ?? null;
  return (
    <Choice
      label={say.held}
      options={KINDS.map((id) => ({ id, label: say.heldAs[id] }))}
      chosen={join.kind}
      onChoose={(kind) => change(say.heldAs[kind], heldAs(join, kind, host, guest, other))}
    />
  );
}

export function TakeOff({ join }: { join: StoredJoin }) {
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      <PlainButton
        label={say.remove}
        danger
        onPress={() => edit(say.remove, { station: 'joins' }, (toy) => removeJoin(toy, join.id))}
      />
    </View>
  );
}
