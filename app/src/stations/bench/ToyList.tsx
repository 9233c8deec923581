import Ellipsis from 'lucide-react-native/icons/ellipsis';
import { useMemo } from 'react';
import { FlatList, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { sceneOf } from '@hoppla/core/picture';
import { daySaid } from '@hoppla/core/words';
import { Go, Num, Press, Quiet, Words } from '../../controls';
import type { Shelved } from '../../documents';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';
import { useLaidOut, type Laid, type Standing } from './laidOut';
import { families, madeWords, nameOf, sizeWords, useWayTo } from './told';

/** Every row is as tall: what is not seen is not drawn, and not worked out. px */
const ROW = 76;
const PICTURE = 60;

/** Toys as a list with pictures, last used first, variants under the toy that they come from. */
export function ToyList({ toys, onMore }: { toys: readonly Shelved[]; onMore: (toy: Shelved) => void }) {
  const c = usePalette();
  return (
    <FlatList
      data={families(toys)}
      keyExtractor={({ toy }) => toy.head.id}
      renderItem={({ item }) => <ToyRow {...item} onMore={onMore} />}
      getItemLayout={(_, index) => ({ length: ROW, offset: ROW * index, index })}
      initialNumToRender={12}
      windowSize={3}
      style={{ flex: 1, backgroundColor: c.paper }}
      accessibilityLabel={say.bench.list}
      ListEmptyComponent={
        <View style={{ padding: 24 }}>
          <Words>{say.bench.noneFound}</Words>
        </View>
      }
    />
  );
}

function ToyRow({ toy, under, onMore }: { toy: Shelved; under: boolean; onMore: (toy: Shelved) => void }) {
  const c = usePalette();
  const to = useWayTo(toy);
  const [standing] = useLaidOut(useMemo(() => [toy], [toy]));
  const laid = typeof standing === 'string' ? null : standing;
  return (
    <View
      style={{
        height: ROW,
        flexDirection: 'row',
        alignItems: 'center',
        borderBottomWidth: 1,
        borderBottomColor: c.line,
        paddingLeft: under ? 44 : 16,
        paddingRight: 8,
      }}
    >
      <Go
        label={say.bench.open(nameOf(toy))}
        to={to}
        style={{
          flex: 1,
          minWidth: 0,
          height: ROW - 1,
          flexDirection: 'row',
          alignItems: 'center',
          justifyContent: 'flex-start',
          gap: 12,
        }}
      >
        <View style={{ width: PICTURE, height: PICTURE }}>{laid ? <SmallPicture laid={laid} /> : null}</View>
        <RowWords toy={toy} under={under} standing={standing} />
      </Go>
      <Press
        label={say.bench.more(nameOf(toy))}
        onPress={() => onMore(toy)}
        style={{ alignItems: 'center', width: 48, height: 48 }}
      >
        <Ellipsis color={c.ink} size={22} />
      </Press>
    </View>
  );
}

/** Its name, what it is, and when it was last at the table. */
function RowWords({ toy, under, standing }: { toy: Shelved; under: boolean; standing: Standing }) {
  const c = usePalette();
  const laid = typeof standing === 'string' ? null : standing;
  const { changed } = toy.head;
  const told = [
    ...(laid ? [sizeWords(toy, laid)] : []),
    ...(toy.file ? [say.bench.parts(toy.file.toy.parts.length)] : []),
    ...(toy.file?.toy.collection ? [toy.file.toy.collection] : []),
  ];
  const below = madeWords(toy) ?? (changed ? say.bench.changed(daySaid(changed.slice(0, 10))) : '');
  return (
    <View style={{ flex: 1, minWidth: 0 }}>
      <Words fontWeight="700" numberOfLines={1}>
        {nameOf(toy)}
      </Words>
      <Num fontSize={13} color={c.ink2} numberOfLines={1}>
        {standing === 'broken' ? say.storage.damagedShort : told.join(' · ')}
      </Num>
      <Quiet numberOfLines={1}>{under ? say.bench.variant : below}</Quiet>
    </View>
  );
}

/** A toy from its front, as plain shapes in its yarn. */
function SmallPicture({ laid }: { laid: Laid }) {
  const c = usePalette();
  const scene = useMemo(() => sceneOf(laid.model, laid.placed), [laid]);
  const { left, right, top, bottom } = laid;
  return (
    <Svg
      width={PICTURE}
      height={PICTURE}
      viewBox={`${left - 1} ${top - 1} ${right - left + 2} ${bottom - top + 2}`}
      aria-hidden
    >
      {scene.layers.flatMap((l) =>
        l.ground.map(({ d, yarn }) => (
          <Path
            key={`${l.key} ${d}`}
            d={d}
            fill={yarn}
            stroke={c.ink}
            strokeWidth={0.5}
            strokeOpacity={0.35}
          />
        )),
      )}
      {scene.layers.flatMap((l) =>
        l.eyes.map((e) => (
          <Path
            key={`${l.key} ${e.x} ${e.y}`}
            d={`M${e.x - e.r} ${e.y}a${e.r} ${e.r} 0 1 0 ${2 * e.r} 0a${e.r} ${e.r} 0 1 0 ${-2 * e.r} 0`}
            fill={e.colour}
          />
        )),
      )}
    </Svg>
  );
}
