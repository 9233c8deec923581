import { lazy, Suspense, useEffect, useState } from 'react';
import { View } from 'react-native';
import { useDevice, useShelf, type Shelved } from '../../documents';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';
import { Laying } from '../frame/Laying';
import { languageIsMissing } from '../../words/spoken';
import { BenchBar } from './BenchBar';
import { BenchMenu } from './BenchMenu';
import { BenchPaper, type BenchSaid } from './BenchPaper';
import { FirstMinutes } from './FirstMinutes';
import { RestoreSheet } from './RestoreSheet';
import { MOST_ON_MAT } from './rows';
import { found } from './told';
import { useArrivals } from './useArrivals';
import { useDeeds } from './useDeeds';
import { useDropped } from './useDropped';
import { usePrintKey } from './usePrintKey';

// The mat with its toys needs most of what the stations need, an empty Bench nothing of it.
const Shelf = lazy(async () => ({ default: (await import('./Shelf')).Shelf }));
const MoreSheet = lazy(async () => ({ default: (await import('./MoreSheet')).MoreSheet }));
const ToyList = lazy(async () => ({ default: (await import('./ToyList')).ToyList }));

/** The Bench: every toy of this browser on one mat at one scale, or as a list; last used first. */
export function BenchStation() {
  const c = usePalette();
  const shelf = useShelf();
  const toys = shelf.data ?? [];
  const device = useDevice();
  const [said, setSaid] = useState<BenchSaid | null>(
    languageIsMissing() ? { words: say.maker.languageMissing, fault: true } : null,
  );
  const [more, setMore] = useState<Shelved | null>(null);
  const [menu, setMenu] = useState(false);
  const [search, setSearch] = useState('');
  const [collection, setCollection] = useState<string | null>(null);
  const deeds = useDeeds(toys, setSaid, setMore);
  useArrivals(shelf.data, deeds);
  usePrintKey(() => toys.length > 0 && deeds.printAll());
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
        ) : (
          <Toys as={as} shown={shown} loading={shelf.isPending} onMore={setMore} />
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
      {more ? (
        <Suspense fallback={null}>
          <MoreSheet more={more} collections={toys} deeds={deeds} onClose={() => setMore(null)} />
        </Suspense>
      ) : null}
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

/** The toys that are found, on the mat or as a list. */
function Toys({
  as,
  shown,
  loading,
  onMore,
}: {
  as: 'mat' | 'list';
  shown: readonly Shelved[];
  loading: boolean;
  onMore: (toy: Shelved) => void;
}) {
  const c = usePalette();
  if (loading) return <Laying />;
  return as === 'mat' ? (
    <Suspense fallback={<Laying />}>
      <Shelf toys={shown.slice(0, MOST_ON_MAT)} onMore={onMore} />
    </Suspense>
  ) : (
    <Suspense fallback={<View style={{ flex: 1, backgroundColor: c.paper }} />}>
      <ToyList toys={shown} onMore={onMore} />
    </Suspense>
  );
}
