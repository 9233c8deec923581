import { useState } from 'react';
import { View } from 'react-native';
import { rename, type ToyFile } from '@hoppla/core/toy';
import { Field, PlainButton, Quiet, Sheet } from '../../controls';
import { download, type Shelved } from '../../documents';
import { ExportSheet } from '../frame/ExportSheet';
import { screenWords as say } from '../../words';
import type { Deeds } from './useDeeds';
import { Rename } from './Rename';
import { collectionsOf, nameOf } from './told';

/** What else can be done with a toy. */
export function MoreSheet({
  more,
  collections,
  deeds,
  onClose,
}: {
  more: Shelved;
  /** every toy of the bench */
  collections: readonly Shelved[];
  deeds: Deeds;
  onClose: () => void;
}) {
  const [giving, setGiving] = useState<ToyFile | null>(null);
  const give = () =>
    void deeds.newest(more).then(({ file, raw, head }) => {
      if (file) setGiving(file);
      else download(`${head.id}.hoppla.json`, 'application/json', raw);
    });
  const change = (to: (file: ToyFile) => ToyFile) => {
    onClose();
    deeds.bench.change.mutateAsync({ id: more.head.id, to }).catch(deeds.fail);
  };
  if (giving) return <ExportSheet file={giving} onClose={onClose} />;
  return (
    <Sheet title={nameOf(more)} onClose={onClose}>
      {more.file ? (
        <Rename
          name={more.head.name}
          onRename={(name) => change((file) => ({ ...file, toy: rename(file.toy, name) }))}
        />
      ) : null}
      <PlainButton label={more.file ? say.bench.give : say.bench.export} onPress={give} />
      {more.file ? (
        <>
          <Again more={more} deeds={deeds} />
          <Collected
            now={more.file.toy.collection}
            others={collectionsOf(collections)}
            onSay={(collection) => change((file) => ({ ...file, toy: { ...file.toy, collection } }))}
          />
        </>
      ) : null}
      <PlainButton label={say.bench.remove} danger onPress={() => deeds.takeOff(more)} />
    </Sheet>
  );
}

/** The same toy once more: its design, its records too, or as a variant of it. */
const Again = ({ more, deeds }: { more: Shelved; deeds: Deeds }) => (
  <>
    <PlainButton label={say.bench.duplicate} onPress={() => void deeds.duplicate(more, 'design')} />
    <PlainButton label={say.bench.withRecords} onPress={() => void deeds.duplicate(more, 'with records')} />
    <PlainButton label={say.bench.makeVariant} onPress={() => void deeds.duplicate(more, 'variant')} />
  </>
);

/** The collection that a toy stands in: one that is there, or a new one by its name. */
function Collected({
  now,
  others,
  onSay,
}: {
  now: string;
  others: readonly string[];
  onSay: (collection: string) => void;
}) {
  const [typed, setTyped] = useState(now);
  const said = typed.trim();
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8 }}>
        <Field
          label={say.bench.collection}
          value={typed}
          onChange={setTyped}
          onDone={() => said !== now && onSay(said)}
          most={60}
        />
        <PlainButton label={say.bench.keepCollection} disabled={said === now} onPress={() => onSay(said)} />
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {others
          .filter((o) => o !== now)
          .map((o) => (
            <PlainButton key={o} label={o} onPress={() => onSay(o)} />
          ))}
      </View>
      <Quiet>{say.bench.collectionHow}</Quiet>
    </View>
  );
}
