import { useState } from 'react';
import { View } from 'react-native';
import { partInto } from '@hoppla/core/toy';
import type { PartModel } from '@hoppla/core/model';
import { GoAnew, PlainButton, Quiet, Sheet, Words } from '../../controls';
import { newId, useBench, useShelf } from '../../documents';
import { useToy } from '../frame/useToy';
import { addressOf } from '../stations';
import { screenWords } from '../../words';

const say = screenWords.parts.into;

/** The part once more in another toy of the bench; here it stays. */
export function IntoToySheet({ part, onClose }: { part: PartModel; onClose: () => void }) {
  const { toy } = useToy();
  const shelf = useShelf();
  const { change } = useBench();
  const [put, setPut] = useState<{ id: string; name: string } | null>(null);
  const others = (shelf.data ?? []).filter((s) => s.head.id !== toy.id && s.file !== null);
  const take = async (id: string, name: string) => {
    await change.mutateAsync({
      id,
      to: (file) => ({ ...file, toy: partInto(toy, part.part.id, file.toy, newId) }),
    });
    setPut({ id, name });
  };
  return (
    <Sheet title={say.title(part.name)} onClose={onClose}>
      <Quiet>{others.length > 0 ? say.how : say.none}</Quiet>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {others.map(({ head }) => (
          <PlainButton
            key={head.id}
            label={head.name}
            disabled={change.isPending}
            onPress={() => void take(head.id, head.name).catch(() => undefined)}
          />
        ))}
      </View>
      {change.isError ? <Words role="alert">{say.cannot}</Words> : null}
      {put && !change.isError ? (
        <View role="status" style={{ gap: 6 }}>
          <Words fontWeight="600">{say.done(part.name, put.name)}</Words>
          <GoAnew to={addressOf(put.id, 'parts')}>
            <Words fontWeight="700" textDecorationLine="underline">
              {say.openIt(put.name)}
            </Words>
          </GoAnew>
        </View>
      ) : null}
    </Sheet>
  );
}
