import { useLocalSearchParams, useRouter } from 'expo-router';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { backupOf, fileName } from '@hoppla/core/files';
import { freeName, isUntouched } from '@hoppla/core/toy';
import {
  anew,
  chooseFiles,
  closeToy,
  copyOf,
  demoFile,
  download,
  emptyFile,
  hasDraft,
  isNewName,
  openToyNow,
  PAGE_FILES,
  take,
  toyInLink,
  useBench,
  useDevice,
  useShelf,
  workshopFiles,
  type Shelved,
} from '../../documents';
import { usePalette } from '../../theme';
import { hrefOf } from '../stations';
import { screenWords as say } from '../../words';
import { BenchBar } from './BenchBar';
import { BenchMenu } from './BenchMenu';
import { BenchPaper, type BenchSaid } from './BenchPaper';
import { FirstMinutes } from './FirstMinutes';
import { MoreSheet } from './MoreSheet';
import { RestoreSheet } from './RestoreSheet';
import { MOST_ON_MAT, Shelf } from './Shelf';
import { found, nameOf } from './told';
import { useBringIn } from './useBringIn';
import { useDropped } from './useDropped';

const ToyList = lazy(async () => ({ default: (await import('./ToyList')).ToyList }));

/** The Bench: every toy of this browser on one mat at one scale, or as a list; last used first. */
export function BenchStation() {
  const c = usePalette();
  const shelf = useShelf();
  const toys = shelf.data ?? [];
  const device = useDevice();
  const [said, setSaid] = useState<BenchSaid | null>(null);
  const [more, setMore] = useState<Shelved | null>(null);
  const [menu, setMenu] = useState(false);
  const [search, setSearch] = useState('');
  const [collection, setCollection] = useState<string | null>(null);
  const deeds = useDeeds(toys, setSaid, setMore);
  useArrivals(shelf.data, deeds);
  useEffect(() => {
    document.title = say.app;
  }, []);
  const empty = shelf.isSuccess && toys.length === 0;
  const shown = found(toys, { search, collection, places: device.places });
  const as = device.benchAs ?? (toys.length > MOST_ON_MAT ? 'list' : 'mat');
  const dropping = useDropped((files) => void deeds.bring.bringIn(files));
  return (
    <View style={{ flex: 1, backgroundColor: c.matDeep }}>
      <BenchBar
        count={shelf.isSuccess ? toys.length : null}
        as={as}
        onAs={device.showsBench}
        onMenu={() => setMenu(true)}
      />
      <View role="main" style={{ flex: 1, minHeight: 0 }}>
        {empty ? (
          <FirstMinutes deeds={deeds} />
        ) : as === 'mat' ? (
          <Shelf toys={shown.slice(0, MOST_ON_MAT)} loading={shelf.isPending} onMore={setMore} />
        ) : (
          <Suspense fallback={<View style={{ flex: 1, backgroundColor: c.paper }} />}>
            <ToyList toys={shown} onMore={setMore} />
          </Suspense>
        )}
        <BenchPaper
          {...{
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
          }}
          onMat={as === 'mat' ? Math.min(MOST_ON_MAT, shown.length) : null}
          all={shown.length}
        />
      </View>
      {more ? <MoreSheet more={more} collections={toys} deeds={deeds} onClose={() => setMore(null)} /> : null}
      {menu ? <BenchMenu toys={toys} deeds={deeds} onClose={() => setMenu(false)} /> : null}
      {deeds.bring.saved ? (
        <RestoreSheet
          saved={deeds.bring.saved}
          here={toys}
          fail={deeds.fail}
          onClose={() => deeds.bring.setSaved(null)}
          onDone={(n, before) =>
            setSaid({
              words: say.bench.restore.done(n),
              putBack: () => deeds.bench.restore.mutateAsync(before),
              backs: before.length > 0,
            })
          }
        />
      ) : null}
    </View>
  );
}

export type Deeds = ReturnType<typeof useDeeds>;

/** Everything that can be done with the toys of the bench. */
function useDeeds(
  toys: readonly Shelved[],
  setSaid: (said: BenchSaid | null) => void,
  setMore: (toy: Shelved | null) => void,
) {
  const router = useRouter();
  const bench = useBench();
  const { maker } = useDevice();
  const names = toys.map(nameOf);
  const bring = useBringIn(names, (told) => setSaid(told));
  const fail = (error: unknown) =>
    setSaid({ words: error instanceof Error ? error.message : say.storage.broken, fault: true });
  const addDemo = async () => {
    const file = await demoFile();
    await bench.put.mutateAsync(file);
    return file.toy.id;
  };
  const addWorkshop = async () => {
    for (const file of await workshopFiles()) await bench.put.mutateAsync(file);
  };
  const create = () => {
    const file = emptyFile(maker, freeName(say.bench.newName, names));
    bench.put.mutateAsync(file).then(() => router.push(hrefOf(file.toy.id, 'parts')), fail);
  };
  const importFiles = async () =>
    bring.bringIn(await chooseFiles(`.json,application/json,${PAGE_FILES}`)).catch(fail);
  const takeOff = (toy: Shelved) => {
    setMore(null);
    bench.remove.mutateAsync(toy).then(
      (gone) =>
        setSaid({
          words: say.bench.removed(nameOf(gone)),
          backs: true,
          putBack: () => bench.putBack.mutateAsync(gone),
          thenSaid: say.bench.restored(gone.head.name),
        }),
      fail,
    );
  };
  /** The toy as it is kept now, not as it was when the bench was read. */
  const newest = async (toy: Shelved): Promise<Shelved> => (await take(toy.head.id).catch(() => null)) ?? toy;
  const duplicate = async (toy: Shelved, as: 'design' | 'with records' | 'variant') => {
    setMore(null);
    const { file } = await newest(toy);
    if (!file) return;
    const name = freeName(file.toy.name, names);
    const copy = as === 'with records' ? copyOf(file, name) : anew(file, name);
    const base = file.toy.variantOf ?? file.toy.id;
    const made = as === 'variant' ? { ...copy, toy: { ...copy.toy, variantOf: base } } : copy;
    await bench.put.mutateAsync(made).then(() => setSaid({ words: say.bench.duplicated(name) }), fail);
  };
  const backUp = () => {
    const all = toys.map(({ head, file, raw }) => ({ ...head, file, raw }));
    const now = new Date().toISOString();
    const name = fileName(`${say.bench.backupName} ${now.slice(0, 10)}`, 'hoppla-bench.json');
    download(name, 'application/json', backupOf(all, now));
    setSaid({ words: say.bench.backedUp(all.length) });
  };
  return {
    bench,
    bring,
    fail,
    addDemo,
    addWorkshop,
    create,
    importFiles,
    takeOff,
    newest,
    duplicate,
    backUp,
    setSaid,
  };
}

/** Closes the toy that was open. A new one in which nothing was done does not stay. */
async function leaveToy(remove: (toy: Shelved) => Promise<unknown>): Promise<void> {
  const { id, file, writing } = openToyNow();
  await closeToy();
  const fresh = id && file && writing && isUntouched(file) && isNewName(file.toy.name);
  if (!fresh || (await hasDraft(id))) return;
  const toy = await take(id);
  if (toy?.file && isUntouched(toy.file)) await remove(toy);
}

/** What comes with the address: the demo workshop (`?demo=workshop`, `?demo` alone for Rill) on an empty bench, a toy in the fragment, a text that was shared with the installed app. Each once. */
function useArrivals(toys: Shelved[] | undefined, deeds: Deeds): void {
  const router = useRouter();
  const { demo, sharedTitle, sharedText } = useLocalSearchParams<{
    demo?: string;
    sharedTitle?: string;
    sharedText?: string;
  }>();
  const done = useRef(false);
  const { bench } = deeds;
  useEffect(() => {
    void leaveToy(bench.remove.mutateAsync);
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  useEffect(() => {
    if (!toys || done.current) return;
    done.current = true;
    const { hash } = window.location;
    const arrive = async () => {
      if (demo !== undefined && toys.length === 0)
        await (demo === 'workshop' ? deeds.addWorkshop() : deeds.addDemo());
      if (sharedText) {
        const id = await deeds.bring.pageOf(sharedText, sharedTitle ?? '');
        return router.replace(hrefOf(id, 'parts'));
      }
      const linked = await toyInLink(hash);
      if (linked === 'none') return;
      // Read once: a reload must not bring it again.
      window.history.replaceState(null, '', window.location.pathname);
      deeds.setSaid(
        linked === null ? { words: say.bench.badLink, fault: true } : await deeds.bring.toy(linked),
      );
    };
    arrive().catch(deeds.fail);
  }, [toys, demo, sharedText, sharedTitle, deeds, router]);
}
