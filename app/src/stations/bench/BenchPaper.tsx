import X from 'lucide-react-native/icons/x';
import type { Dispatch, SetStateAction } from 'react';
import { View } from 'react-native';
import { Choice, Field, MainAction, PlainButton, Press, Quiet, Words } from '../../controls';
import type { Shelved, useShelf } from '../../documents';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';
import type { Deeds } from './useDeeds';
import { collectionsOf } from './told';

/** What was done last, and the way back from it. */
export interface BenchSaid {
  words: string;
  fault?: boolean;
  /** whether it can be taken back */
  backs?: boolean;
  putBack?: () => Promise<unknown>;
  /** said when it was */
  thenSaid?: string;
}

/** From so many toys on they are searched. */
const SEARCHED_FROM = 6;
const EVERY = '';

/** What was done last, finding a toy, and what can be done. */
export function BenchPaper({
  shelf,
  said,
  setSaid,
  empty,
  dropping,
  deeds,
  toys,
  search,
  setSearch,
  collection,
  setCollection,
  onMat,
  all,
}: {
  shelf: ReturnType<typeof useShelf>;
  said: BenchSaid | null;
  setSaid: (said: BenchSaid | null) => void;
  empty: boolean;
  /** files are held over the screen */
  dropping: boolean;
  deeds: Deeds;
  toys: readonly Shelved[];
  search: string;
  setSearch: Dispatch<SetStateAction<string>>;
  collection: string | null;
  setCollection: Dispatch<SetStateAction<string | null>>;
  /** so many stand on the mat; null where it is the list that is seen */
  onMat: number | null;
  /** so many are found */
  all: number;
}) {
  const c = usePalette();
  const collections = collectionsOf(toys);
  if (empty && !said && !dropping && !shelf.isError) return null;
  return (
    <View
      style={{ backgroundColor: c.paper, padding: 16, gap: 10, borderTopWidth: 1, borderTopColor: c.line }}
    >
      {shelf.isError ? (
        <Words role="alert" color={c.coralInk}>
          {say.storage.reading}
        </Words>
      ) : null}
      {dropping ? <Words fontWeight="700">{say.bench.dropHere}</Words> : null}
      {said ? <Said said={said} setSaid={setSaid} fail={deeds.fail} /> : null}
      {collections.length > 0 ? (
        <Choice
          label={say.bench.collection}
          options={[EVERY, ...collections].map((id) => ({ id, label: id === EVERY ? say.bench.every : id }))}
          chosen={collection !== null && collections.includes(collection) ? collection : EVERY}
          onChoose={(id) => setCollection(id === EVERY ? null : id)}
        />
      ) : null}
      {toys.length >= SEARCHED_FROM || search !== '' ? (
        <Field
          label={say.bench.search}
          value={search}
          onChange={setSearch}
          placeholder={say.bench.searchHint}
          hideLabel
        />
      ) : null}
      {onMat !== null && all > onMat ? <Quiet>{say.bench.shown(onMat, all)}</Quiet> : null}
      {empty || shelf.isPending ? null : (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, width: '100%', maxWidth: 560 }}>
          <MainAction label={say.bench.create} onPress={deeds.create} />
          <PlainButton label={say.bench.importShort} onPress={() => void deeds.importFiles()} />
        </View>
      )}
    </View>
  );
}

/** What was done last; a deed that can be taken back says so. */
function Said({
  said,
  setSaid,
  fail,
}: {
  said: BenchSaid;
  setSaid: (said: BenchSaid | null) => void;
  fail: (error: unknown) => void;
}) {
  const c = usePalette();
  const back = () =>
    void said.putBack?.().then(() => setSaid(said.thenSaid ? { words: said.thenSaid } : null), fail);
  return (
    <View role="status" aria-live="polite" style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
      <Words flex={1} color={said.fault ? c.coralInk : c.ink}>
        {said.words}
      </Words>
      {said.backs ? <PlainButton label={say.undo} onPress={back} /> : null}
      <Press label={say.bench.hideSaid} onPress={() => setSaid(null)} style={{ alignItems: 'center' }}>
        <X color={c.ink2} size={18} />
      </Press>
    </View>
  );
}
