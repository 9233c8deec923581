import { type SetStateAction, type Dispatch } from 'react';
import { rename } from '@hoppla/core/toy';
import { PlainButton, Sheet } from '../../controls';
import { useBench, type Shelved } from '../../documents';
import { Rename } from './Rename';
import { screenWords as say } from '../../words';
import { nameOf } from './Shelf';

/** What else can be done with a toy. */
export function MoreSheet({
  more,
  setMore,
  change,
  fail,
  duplicate,
  giveAway,
  takeOff,
}: {
  more: Shelved;
  setMore: Dispatch<SetStateAction<Shelved | null>>;
  change: ReturnType<typeof useBench>['change'];
  fail: (error: unknown) => void;
  duplicate: (toy: Shelved) => Promise<void>;
  giveAway: (toy: Shelved) => Promise<void>;
  takeOff: (toy: Shelved) => void;
}) {
  return (
    <Sheet title={nameOf(more)} onClose={() => setMore(null)}>
      {more.file ? (
        <Rename
          name={more.head.name}
          onRename={(name) => (
            setMore(null),
            void change
              .mutateAsync({ id: more.head.id, to: (file) => ({ ...file, toy: rename(file.toy, name) }) })
              .catch(fail)
          )}
        />
      ) : null}
      {more.file ? <PlainButton label={say.bench.duplicate} onPress={() => void duplicate(more)} /> : null}
      <PlainButton label={say.bench.export} onPress={() => void giveAway(more)} />
      <PlainButton label={say.bench.remove} danger onPress={() => takeOff(more)} />
    </Sheet>
  );
}
