import { boundsOf, layOut, roomOf } from '@hoppla/core/picture';
import Ellipsis from 'lucide-react-native/icons/ellipsis';
import { useMemo, useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Text } from 'tamagui';
import type { Placed } from '@hoppla/core/join';
import { modelToy, type ToyModel } from '@hoppla/core/model';
import { progressOf } from '@hoppla/core/record';
import { daySaid, unitWords } from '@hoppla/core/words';
import { Go, Num, Press, Words } from '../../controls';
import { hrefOf } from '../stations';
import { type Shelved } from '../../documents';
import { Stage, useHold } from '../../stage';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';

/** A toy's name; one whose name cannot be read is called by that. */
export const nameOf = (toy: Shelved): string =>
  toy.head.name || (toy.damaged ? say.storage.damagedShort : say.bench.newName);

const SLOT_PAD = 28;
/** A toy's name and size stand side by side with its button, px. */
const LEAST_SLOT = 190;

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

export function Shelf({
  toys,
  loading,
  onMore,
}: {
  toys: Shelved[];
  loading: boolean;
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
    const slot = Math.max(LEAST_SLOT, scene ? (scene.right - scene.left) * pxPerMm + SLOT_PAD : 0);
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
          <ToySlot
            key={toy.head.id}
            toy={toy}
            left={left}
            width={w}
            floor={floor}
            scene={scene}
            broken={broken}
            onMore={onMore}
          />
        ))}
      </ScrollView>
    </View>
  );
}

/** One toy in its place: its link, its name and size, and more. */
function ToySlot({
  toy,
  left,
  width,
  floor,
  scene,
  broken,
  onMore,
}: {
  toy: Shelved;
  left: number;
  width: number;
  floor: number;
  scene: Laid | null;
  broken: boolean;
  onMore: (toy: Shelved) => void;
}) {
  const c = usePalette();
  return (
    <View key={toy.head.id} style={{ position: 'absolute', left, width: width, top: 30, bottom: 8 }}>
      <Go
        label={say.bench.open(nameOf(toy))}
        to={hrefOf(toy.head.id, 'parts')}
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
      </Go>
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
          <InProgress toy={toy} />
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
  );
}

/** How much of a toy is made, and when it was last at the table; nothing where nothing is. */
function InProgress({ toy }: { toy: Shelved }) {
  const c = usePalette();
  const { log } = toy.file ?? { log: [] };
  const last = log.at(-1)?.at;
  const done = Object.keys(progressOf(log).done).filter((key) => !key.includes('/')).length;
  if (done === 0) return null;
  return (
    <Num color={c.matInk2} fontSize={13} numberOfLines={1}>
      {say.bench.made(done, last ? daySaid(last.slice(0, 10)) : null)}
    </Num>
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
    return placed.length ? { model, placed, ...roomOf(model, placed) } : null;
  } catch {
    return 'broken';
  }
}

const moved = (shift: Placed['placement']['shift'], x: number, y: number): Placed['placement']['shift'] => [
  shift[0] + x,
  shift[1] + y,
  shift[2],
];
