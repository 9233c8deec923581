import { useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { Text } from 'tamagui';
import { Words } from '../../controls';
import {
  chooseFile,
  PAGE_FILES,
  Overtaken,
  take,
  closeToy,
  anew,
  copyOf,
  demoFile,
  downloadToy,
  download,
  emptyFile,
  keepDraft,
  textOfFile,
  useBench,
  useShelf,
  workshopFiles,
  type GivenFile,
  type Shelved,
} from '../../documents';
import { usePalette } from '../../theme';
import { hrefOf } from '../stations';
import { screenWords as say } from '../../words';
import { nameOf, Shelf } from './Shelf';
import { MoreSheet } from './MoreSheet';
import { BenchPaper } from './BenchPaper';

/** The Bench: every toy of this browser on one mat, at one scale, feet on one line. */
export function BenchStation() {
  const c = usePalette();
  const router = useRouter();
  const shelf = useShelf();
  const { put, putBack, change, remove } = useBench();
  const [more, setMore] = useState<Shelved | null>(null);
  const [said, setSaid] = useState<{ words: string; back: Shelved | null; fault?: boolean } | null>(null);
  useEffect(() => void closeToy(), []);
  const toys = shelf.data ?? [];
  const fail = (error: unknown) =>
    setSaid({ words: error instanceof Error ? error.message : say.storage.broken, back: null, fault: true });
  const addDemo = async () => put.mutateAsync(await demoFile()).catch(fail);
  const addWorkshop = async () => {
    for (const file of await workshopFiles()) await put.mutateAsync(file).catch(fail);
  };
  useDemoOnce(shelf.data, (all) => void (all ? addWorkshop() : addDemo()));
  const create = () => {
    const file = emptyFile();
    put.mutateAsync(file).then(() => router.push(hrefOf(file.toy.id, 'parts')), fail);
  };
  /** A page goes to the desk of a new toy: what each line became is looked at before parts are made of it. */
  const openPage = async ({ name: fileName, bytes }: GivenFile) => {
    const page = await textOfFile(fileName, bytes);
    if (page.state === 'refused')
      return setSaid({ words: say.desk.refused[page.why](fileName), back: null, fault: true });
    const { text } = page;
    const file = emptyFile(fileName.replace(/\.[^.]*$/, '') || undefined);
    await put.mutateAsync(file).then(async () => {
      await keepDraft(file.toy.id, { text, as: {} });
      router.push(hrefOf(file.toy.id, 'parts'));
    }, fail);
  };
  const importFile = async () => {
    const chosen = await chooseFile(`.json,application/json,${PAGE_FILES}`);
    if (chosen === null) return;
    const raw = new TextDecoder().decode(chosen.bytes);
    if (!raw.trimStart().startsWith('{')) return openPage(chosen);
    const { openFile } = await import('@hoppla/core/toy/schema');
    const opened = openFile(raw);
    if (opened.state === 'refused') return setSaid({ words: opened.sentence, back: null, fault: true });
    if (opened.state === 'newer') {
      const id = `newer-${Date.now()}`;
      await putBack
        .mutateAsync({ head: { id, revision: 1, name: opened.name, schema: opened.schema }, raw })
        .catch(fail);
      return setSaid({ words: say.storage.newer(opened.schema), back: null });
    }
    const { file } = opened;
    const { name } = file.toy;
    // Whether it is here already is asked when it is kept: another window may have brought it since.
    await put.mutateAsync(file).then(
      () => setSaid({ words: say.bench.imported(name), back: null }),
      (error: unknown) =>
        error instanceof Overtaken
          ? put
              .mutateAsync(copyOf(file, say.bench.copyOf(name)))
              .then(() => setSaid({ words: say.bench.importedTwice(name), back: null }), fail)
          : fail(error),
    );
  };
  const takeOff = (toy: Shelved) => {
    setMore(null);
    remove
      .mutateAsync(toy)
      .then((gone) => setSaid({ words: say.bench.removed(nameOf(gone)), back: gone }), fail);
  };
  /** The toy as it is kept now, not as it was when the bench was read. */
  const newest = async (toy: Shelved): Promise<Shelved> => (await take(toy.head.id).catch(() => null)) ?? toy;
  const giveAway = async (toy: Shelved) => {
    const { file, raw, head } = await newest(toy);
    if (file) downloadToy(file);
    else download(`${head.id}.hoppla.json`, 'application/json', raw);
  };
  const duplicate = async (toy: Shelved) => {
    setMore(null);
    const { file } = await newest(toy);
    if (file) await put.mutateAsync(anew(file, say.bench.copyOf(file.toy.name))).catch(fail);
  };
  const empty = shelf.isSuccess && toys.length === 0;
  return (
    <View style={{ flex: 1, backgroundColor: c.matDeep }}>
      <BenchBar shelf={shelf} empty={empty} toys={toys} />
      <View role="main" style={{ flex: 1, minHeight: 0 }}>
        <Shelf toys={toys} loading={shelf.isPending} onMore={setMore} />
        <BenchPaper
          shelf={shelf}
          said={said}
          putBack={putBack}
          setSaid={setSaid}
          fail={fail}
          empty={empty}
          addDemo={addDemo}
          create={create}
          importFile={importFile}
        />
      </View>
      {more ? (
        <MoreSheet
          more={more}
          setMore={setMore}
          change={change}
          fail={fail}
          duplicate={duplicate}
          giveAway={giveAway}
          takeOff={takeOff}
        />
      ) : null}
    </View>
  );
}

/** The house, and how many toys stand there. */
function BenchBar({
  shelf,
  empty,
  toys,
}: {
  shelf: ReturnType<typeof useShelf>;
  empty: boolean;
  toys: Shelved[];
}) {
  const c = usePalette();
  return (
    <View
      role="banner"
      style={{
        flexDirection: 'row',
        alignItems: 'baseline',
        gap: 12,
        paddingHorizontal: 16,
        height: 56,
        paddingTop: 12,
      }}
    >
      <Text
        role="heading"
        aria-level={1}
        fontFamily="$heading"
        fontSize={22}
        lineHeight={28}
        fontWeight="800"
        color={c.matInk}
      >
        {say.app}
      </Text>
      <Words color={c.matInk2}>
        {shelf.isSuccess && !empty ? `${say.bench.count(toys.length)}, ${say.bench.oneScale}` : ''}
      </Words>
    </View>
  );
}

/** `npm run demo` opens the address with ?demo=workshop: its toys are put on an empty bench once. `?demo` alone puts Rill there. */
function useDemoOnce(toys: Shelved[] | undefined, add: (all: boolean) => void): void {
  const { demo } = useLocalSearchParams<{ demo?: string }>();
  const done = useRef(false);
  useEffect(() => {
    if (demo === undefined || !toys || done.current) return;
    done.current = true;
    if (toys.length === 0) add(demo === 'workshop');
  }, [demo, toys, add]);
}
