import { type SetStateAction, type Dispatch } from 'react';
import { View } from 'react-native';
import { MainAction, PlainButton, Title, Words } from '../../controls';
import { useBench, useShelf, type Shelved } from '../../documents';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';

/** What was done last, and what can be done. */
export function BenchPaper({
  shelf,
  said,
  putBack,
  setSaid,
  fail,
  empty,
  addDemo,
  create,
  importFile,
}: {
  shelf: ReturnType<typeof useShelf>;
  said: { words: string; back: Shelved | null; fault?: boolean } | null;
  putBack: ReturnType<typeof useBench>['putBack'];
  setSaid: Dispatch<SetStateAction<{ words: string; back: Shelved | null; fault?: boolean } | null>>;
  fail: (error: unknown) => void;
  empty: boolean;
  addDemo: () => Promise<unknown>;
  create: () => void;
  importFile: () => Promise<void>;
}) {
  const c = usePalette();
  return (
    <View
      style={{
        backgroundColor: c.paper,
        padding: 16,
        gap: 10,
        borderTopWidth: 1,
        borderTopColor: c.line,
      }}
    >
      {shelf.isError ? (
        <Words role="alert" color={c.coralInk}>
          {say.storage.reading}
        </Words>
      ) : null}
      {said ? (
        <View
          role="status"
          aria-live="polite"
          style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}
        >
          <Words flex={1} color={said.fault ? c.coralInk : c.ink}>
            {said.words}
          </Words>
          {said.back ? (
            <PlainButton
              label={say.undo}
              onPress={() =>
                void putBack
                  .mutateAsync(said.back!)
                  .then(() => setSaid({ words: say.bench.restored(said.back!.head.name), back: null }), fail)
              }
            />
          ) : null}
        </View>
      ) : null}
      {empty ? (
        <>
          <Title>{say.bench.empty}</Title>
          <Words color={c.ink2}>{say.bench.emptyHow}</Words>
        </>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, width: '100%', maxWidth: 560 }}>
        {/* Keyed, and only once the bench is read: a button must never become another one under the finger. */}
        {empty ? (
          <MainAction key="demo" label={say.bench.demo} onPress={() => void addDemo()} />
        ) : (
          <MainAction key="create" label={say.bench.create} disabled={shelf.isPending} onPress={create} />
        )}
        {empty ? <PlainButton key="create-plain" label={say.bench.create} onPress={create} grow /> : null}
        <PlainButton
          key="import"
          label={say.bench.importShort}
          disabled={shelf.isPending}
          onPress={() => void importFile()}
          grow={empty}
        />
      </View>
    </View>
  );
}
