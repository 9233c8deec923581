import { useState } from 'react';
import { View } from 'react-native';
import { guestsOf, heldAs, freeCopies, pieceKey, type JoinSite, type StoredJoin } from '@hoppla/core/join';
import { caughtInstead, modelOf, modelToy, type CatchFault, type ToyModel } from '@hoppla/core/model';
import { removeJoin } from '@hoppla/core/toy';
import { Choice, PlainButton, ProblemLine } from '../../controls';
import { edit, newId } from '../../documents';
import { screenWords as words } from '../../words';
import { change } from './change';

const say = words.joins;

const KINDS: readonly StoredJoin['kind'][] = ['sewn', 'through', 'threaded'];

/** How a part is held: sewn on, drawn through, on a yarn; or caught in a round, which is written into the text. */
export function Held({
  join,
  model,
  sites = [],
  onCaught,
}: {
  join: StoredJoin;
  model: ToyModel;
  /** where it is sewn: only that can be caught in a round instead */
  sites?: readonly JoinSite[];
  onCaught?: (id: string) => void;
}) {
  const [fault, setFault] = useState<CatchFault | null>(null);
  const [host, guest] = [join.at, join.guest].map((of) =>
    model.pieces.find((p) => pieceKey(p) === pieceKey(of)),
  );
  if (!host || !guest || host.form.section !== 'ring') return null;
  const { copies, name } = modelOf(model, join.guest.part);
  const other = guestsOf(join)[1]?.copy ?? freeCopies(model.toy.joins, copies)[0]?.id ?? null;
  const catchIt = () => {
    if (join.kind !== 'sewn') return;
    const toy = caughtInstead(model, join, sites, newId);
    if (typeof toy === 'string') return setFault(toy);
    edit(say.heldAs.caught, { station: 'joins' }, () => toy);
    const found = modelToy(toy).caught.find((c) => c.join.guest.part === join.guest.part);
    if (found) onCaught?.(found.join.id);
  };
  const kinds = onCaught ? ([...KINDS, 'caught'] as const) : KINDS;
  return (
    <>
      <Choice
        label={say.held}
        options={kinds.map((id) => ({ id, label: say.heldAs[id] }))}
        chosen={join.kind}
        onChoose={(kind) =>
          kind === 'caught' ? catchIt() : change(say.heldAs[kind], heldAs(join, kind, host, guest, other))
        }
      />
      {fault ? <ProblemLine where={name} sentence={say.catchFault[fault]} severity="warning" /> : null}
    </>
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
