import { useLocalSearchParams, useRouter } from 'expo-router';
import Ellipsis from 'lucide-react-native/icons/ellipsis';
import { useEffect, useMemo, useRef, useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Text } from 'tamagui';
import type { Placed } from '@hoppla/core/join';
import { rename } from '@hoppla/core/toy';
import { modelToy, type ToyModel } from '@hoppla/core/model';
import { unitWords } from '@hoppla/core/words';
import { MainAction, Num, PlainButton, Press, Sheet, Title, Words } from '../../controls';
import {
  chooseText,
  Overtaken,
  take,
  closeToy,
  copyOf,
  demoFile,
  downloadToy,
  download,
  emptyFile,
  useBench,
  useShelf,
  workshopFiles,
  type Shelved,
} from '../../documents';
import { boundsOf, layOut, Stage, useHold } from '../../stage';
import { usePalette } from '../../theme';
import { Rename } from './Rename';
import { screenWords as say } from '../../words';

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
    put
      .mutateAsync(file)
      .then(() => router.push({ pathname: '/toy/[id]/parts', params: { id: file.toy.id } }), fail);
  };
  const importFile = async () => {
    const raw = await chooseText('.json,application/json');
    if (raw === null) return;
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
    if (file) await put.mutateAsync(copyOf(file, say.bench.copyOf(file.toy.name))).catch(fail);
  };
  const empty = shelf.isSuccess && toys.length === 0;
  return (
    <View style={{ flex: 1, backgroundColor: c.matDeep }}>
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
      <View role="main" style={{ flex: 1, minHeight: 0 }}>
        <Shelf
          toys={toys}
          loading={shelf.isPending}
          onMore={setMore}
          onOpen={(t) => router.push({ pathname: '/toy/[id]/parts', params: { id: t.head.id } })}
        />
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
                      .then(
                        () => setSaid({ words: say.bench.restored(said.back!.head.name), back: null }),
                        fail,
                      )
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
      </View>
      {more ? (
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
          {more.file ? (
            <PlainButton label={say.bench.duplicate} onPress={() => void duplicate(more)} />
          ) : null}
          <PlainButton label={say.bench.export} onPress={() => void giveAway(more)} />
          <PlainButton label={say.bench.remove} danger onPress={() => takeOff(more)} />
        </Sheet>
      ) : null}
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

/** A toy's name; one whose name cannot be read is called by that. */
const nameOf = (toy: Shelved): string =>
  toy.head.name || (toy.damaged ? say.storage.damagedShort : say.bench.newName);

const SLOT_PAD = 28;
/** Words in the place of a toy that cannot be shown stand so high above the floor, px. */
const ABOVE_FLOOR = 34;

/** A toy laid out on the floor, with its bounds. */
interface Laid extends ReturnType<typeof boundsOf> {
  model: ToyModel;
  placed: readonly Placed[];
}

interface Standing {
  toy: Shelved;
  scene: Laid | null;
  broken: boolean;
  x: number;
  width: number;
}

function Shelf({
  toys,
  loading,
  onOpen,
  onMore,
}: {
  toys: Shelved[];
  loading: boolean;
  onOpen: (toy: Shelved) => void;
  onMore: (toy: Shelved) => void;
}) {
  const c = usePalette();
  const window = useWindowDimensions();
  const [height, setHeight] = useState(360);
  const [hold, setHold] = useHold();
  const scenes = useMemo(
    () =>
      toys.map((toy) => {
        const laid = toy.file && toy.file.toy.parts.length ? laidOut(toy) : null;
        return {
          toy,
          scene: laid === 'broken' ? null : laid,
          broken: laid === 'broken' || toy.damaged === true,
        };
      }),
    [toys],
  );
  const tallest = Math.max(90, ...scenes.map((s) => (s.scene ? s.scene.bottom - s.scene.top : 0)));
  const widest = Math.max(90, ...scenes.map((s) => (s.scene ? s.scene.right - s.scene.left : 0)));
  const pxPerMm = Math.min((height - 130) / tallest, (window.width - 80) / widest, 4);
  const standing = scenes.reduce<Standing[]>((row, { toy, scene, broken }) => {
    const before = row[row.length - 1];
    const slot = Math.max(150, scene ? (scene.right - scene.left) * pxPerMm + SLOT_PAD : 150);
    return [...row, { toy, scene, broken, x: before ? before.x + before.width : 34, width: slot }];
  }, []);
  const end = standing[standing.length - 1];
  const width = Math.max(window.width, end ? end.x + end.width + 12 : 0);
  // Each toy stands in its slot, feet on the floor.
  const shelf = standing.flatMap(({ scene, x, width: w }) =>
    scene
      ? [
          {
            model: scene.model,
            placed: scene.placed.map((p) => ({
              ...p,
              placement: {
                ...p.placement,
                shift: moved(
                  p.placement.shift,
                  (x + w / 2 - 34) / pxPerMm - (scene.left + scene.right) / 2,
                  scene.bottom,
                ),
              },
            })),
          },
        ]
      : [],
  );
  // The room that is left stands above and below the toys alike.
  const floor = height - 74 - Math.max(0, (height - 130 - tallest * pxPerMm) / 2);
  return (
    <View
      style={{ flex: 1, minHeight: 0, backgroundColor: c.mat }}
      onLayout={(e) => setHeight(e.nativeEvent.layout.height)}
    >
      <ScrollView horizontal contentContainerStyle={{ width, height }}>
        <Stage
          width={width}
          height={height}
          label={say.bench.count(toys.length)}
          toys={shelf}
          units={unitWords('mm')}
          rest={{ x: 34, y: floor, pxPerMm }}
          rulers={{ x: 34, y: floor - tallest * pxPerMm }}
          hold={hold}
          setHold={setHold}
          still
        />
        {loading ? (
          <Words position="absolute" left={50} top={60} color={c.matInk}>
            {say.loading}
          </Words>
        ) : null}
        {standing.map(({ toy, scene, broken, x: left, width: w }) => (
          <View key={toy.head.id} style={{ position: 'absolute', left, width: w, top: 30, bottom: 8 }}>
            <Press
              label={say.bench.open(nameOf(toy))}
              role="link"
              onPress={() => onOpen(toy)}
              style={{ flex: 1, alignItems: 'center', paddingTop: Math.max(0, floor - 30 - ABOVE_FLOOR) }}
            >
              {scene ? null : (
                <Words color={c.matInk2} textAlign="center" backgroundColor={c.mat}>
                  {broken
                    ? say.storage.damagedShort
                    : toy.file
                      ? say.bench.nothing
                      : say.storage.newer(toy.head.schema)}
                </Words>
              )}
            </Press>
            <View
              style={{
                position: 'absolute',
                left: 6,
                right: 6,
                top: floor - 30 + 10,
                flexDirection: 'row',
                alignItems: 'center',
                justifyContent: 'center',
                gap: 2,
              }}
              pointerEvents="box-none"
            >
              <View
                style={{
                  backgroundColor: c.matDeep,
                  paddingHorizontal: 12,
                  paddingVertical: 4,
                  flexShrink: 1,
                  minWidth: 0,
                }}
                pointerEvents="none"
              >
                <Text
                  fontFamily="$heading"
                  fontSize={18}
                  lineHeight={22}
                  fontWeight="700"
                  color={c.matInk}
                  numberOfLines={1}
                >
                  {nameOf(toy)}
                </Text>
                {scene ? (
                  <Num color={c.matInk2} fontSize={13} numberOfLines={1}>
                    {looseIn(scene) ? say.bench.loose(looseIn(scene)) : sizeWords(toy, scene)}
                  </Num>
                ) : null}
              </View>
              <Press
                label={say.bench.more(nameOf(toy))}
                onPress={() => onMore(toy)}
                style={{ backgroundColor: c.matDeep, alignItems: 'center', height: 48 }}
              >
                <Ellipsis color={c.matInk} size={22} />
              </Press>
            </View>
          </View>
        ))}
      </ScrollView>
    </View>
  );
}

/** A toy's width and height in its own maker's units. */
function sizeWords(toy: Shelved, scene: Laid): string {
  const units = unitWords(toy.file?.toy.settings.units ?? 'mm');
  return say.bench.size(units.bare(scene.right - scene.left), units.bare(scene.bottom - scene.top), units.of);
}

/** Pieces that no join holds: then the toy has no size of its own yet. */
const looseIn = (scene: Laid): number => scene.model.loose.length;

/** A toy laid out for the bench; one that cannot be worked out must not take the others with it. */
function laidOut(toy: Shelved): Laid | 'broken' | null {
  try {
    const model = modelToy(toy.file!.toy);
    const placed = layOut(model);
    return placed.length ? { model, placed, ...boundsOf(placed) } : null;
  } catch {
    return 'broken';
  }
}

const moved = (shift: Placed['placement']['shift'], x: number, y: number): Placed['placement']['shift'] => [
  shift[0] + x,
  shift[1] + y,
  shift[2],
];
