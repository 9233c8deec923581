import Ellipsis from 'lucide-react-native/icons/ellipsis';
import { useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Text } from '../../theme/tamagui';
import type { Placed } from '@hoppla/core/join';
import { unitWords } from '@hoppla/core/words';
import { Go, Num, Press, Words } from '../../controls';
import { type Shelved } from '../../documents';
import { Stage, useHold } from '../../stage';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';
import { useLaidOut, type Laid, type Standing } from './laidOut';
import { layRows, type Rows, type Spot } from './rows';
import { madeWords, nameOf, sizeWords, useWayTo } from './told';

/** Words in the place of a toy that cannot be shown stand so high above the floor, px. */
const ABOVE_FLOOR = 34;

const laidOf = (s: Standing): Laid | null => (typeof s === 'string' ? null : s);

/** Toys on the mat, all at one scale, feet on the floor of their row. */
export function Shelf({ toys, onMore }: { toys: readonly Shelved[]; onMore: (toy: Shelved) => void }) {
  const c = usePalette();
  const { width } = useWindowDimensions();
  const [height, setHeight] = useState(360);
  const [hold, setHold] = useHold();
  const standing = useLaidOut(toys);
  const rows = layRows(
    standing.map((s) => {
      const laid = laidOf(s);
      return laid && { wide: laid.right - laid.left, tall: laid.bottom - laid.top };
    }),
    { width, height },
  );
  const floor = rows.spots[0]?.floor ?? height - 74;
  return (
    <View
      style={{ flex: 1, minHeight: 0, backgroundColor: c.mat }}
      onLayout={(e) => setHeight(e.nativeEvent.layout.height)}
    >
      <ScrollView contentContainerStyle={{ width, height: rows.height }}>
        <Stage
          width={width}
          height={rows.height}
          label={say.bench.count(toys.length)}
          toys={standing.flatMap((s, i) => onFloor(laidOf(s), rows.spots[i], floor, rows.pxPerMm))}
          units={unitWords('mm')}
          rest={{ x: 34, y: floor, pxPerMm: rows.pxPerMm }}
          rulers={{ x: 34, y: floor - rows.tallest }}
          hold={hold}
          setHold={setHold}
          still
        />
        <Slots {...{ toys, standing, rows, onMore }} />
      </ScrollView>
    </View>
  );
}

/** Every toy's link, name and button, over the mat. */
const Slots = ({
  toys,
  standing,
  rows,
  onMore,
}: {
  toys: readonly Shelved[];
  standing: readonly Standing[];
  rows: Rows;
  onMore: (toy: Shelved) => void;
}) =>
  toys.map((toy, i) => (
    <ToySlot
      key={toy.head.id}
      toy={toy}
      spot={rows.spots[i]}
      tall={rows.pxPerMm * tallOf(standing[i])}
      standing={standing[i]}
      onMore={onMore}
    />
  ));

const tallOf = (s: Standing): number => {
  const laid = laidOf(s);
  return laid ? laid.bottom - laid.top : 0;
};

/** A toy moved to its spot: its middle over the middle of the slot, its feet on the floor of its row. */
function onFloor(
  laid: Laid | null,
  spot: Spot,
  floor: number,
  pxPerMm: number,
): { model: Laid['model']; placed: Placed[] }[] {
  if (!laid) return [];
  const x = (spot.x - 34) / pxPerMm - (laid.left + laid.right) / 2;
  // On the screen y grows down, in the toy it grows up.
  const y = laid.bottom - (spot.floor - floor) / pxPerMm;
  return [
    {
      model: laid.model,
      placed: laid.placed.map((p) => ({
        ...p,
        placement: { ...p.placement, shift: moved(p.placement.shift, x, y) },
      })),
    },
  ];
}

/** One toy in its place: its link, its name and size, and more. */
function ToySlot({
  toy,
  spot,
  tall,
  standing,
  onMore,
}: {
  toy: Shelved;
  spot: Spot;
  /** px */
  tall: number;
  standing: Standing;
  onMore: (toy: Shelved) => void;
}) {
  const c = usePalette();
  const to = useWayTo(toy);
  const above = Math.max(tall, ABOVE_FLOOR) + 4;
  const made = madeWords(toy);
  return (
    <View
      style={{
        position: 'absolute',
        left: spot.x - spot.width / 2,
        width: spot.width,
        top: spot.floor - above,
        height: above + 92,
      }}
    >
      <Go
        label={say.bench.open(nameOf(toy))}
        to={to}
        style={{
          flex: 1,
          alignItems: 'center',
          paddingTop: above - ABOVE_FLOOR,
          justifyContent: 'flex-start',
        }}
      >
        {typeof standing === 'string' ? (
          <Words color={c.matInk2} textAlign="center" backgroundColor={c.mat}>
            {insteadOf(toy, standing)}
          </Words>
        ) : null}
      </Go>
      <View
        style={{
          position: 'absolute',
          left: 6,
          right: 6,
          top: above + 10,
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
            paddingHorizontal: 8,
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
          {typeof standing === 'string' ? null : <Small words={sizeWords(toy, standing)} />}
          {made === null ? null : <Small words={made} />}
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

function Small({ words }: { words: string }) {
  const c = usePalette();
  return (
    <Num color={c.matInk2} fontSize={13} numberOfLines={1}>
      {words}
    </Num>
  );
}

/** What stands in the place of a toy that cannot be shown. */
function insteadOf(toy: Shelved, standing: Exclude<Standing, Laid>): string {
  if (standing === 'coming') return say.bench.coming;
  if (standing === 'broken') return say.storage.damagedShort;
  return toy.file ? say.bench.nothing : say.storage.newer(toy.head.schema);
}

const moved = (shift: Placed['placement']['shift'], x: number, y: number): Placed['placement']['shift'] => [
  shift[0] + x,
  shift[1] + y,
  shift[2],
];
