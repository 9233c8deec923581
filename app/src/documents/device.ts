import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { isWithin, type Bound } from '@hoppla/core/figures';
import type { Settings, Yarn } from '@hoppla/core/toy';
import { LEFT_OPEN, type Habits, type LeftOpen } from '@hoppla/core/address';
import { MOST_LEVEL, NEW_LEARNER, type Learner } from '@hoppla/core/trainer';

/** What belongs to this screen and its maker and not to a toy. */
export interface Device {
  /** px of this screen in a millimetre, once a card has been laid on it */
  pxPerMm: number | null;
  /** how its maker counts what words leave open */
  habits: Habits;
  /** how steps are ticked at the table: spoken aloud, and by a touch anywhere on the paper */
  table: AtTable;
  /** how far its maker has come in learning to count */
  learner: Learner;
  /** how its maker works, for new toys */
  maker: Maker;
  /** where each toy was left, by its id */
  places: Readonly<Record<string, LastPlace>>;
  /** which first steps are known, and which of the tour is on */
  ways: Ways;
  /** toys on the mat, or as a list; null: the mat while they are few */
  benchAs: 'mat' | 'list' | null;
}

/** What its maker is used to: a new toy begins so. */
export interface Maker extends Pick<Settings, 'terms' | 'units' | 'hooks' | 'region' | 'age'> {
  hand: 'left' | 'right';
  /** the smallest hole that is still worked through, mm; null where nobody tried */
  ownSmallestMm: number | null;
  /** single crochets in a minute; null where nobody counted */
  stitchesAMinute: number | null;
  /** yarns at home */
  shelf: readonly Yarn[];
}

/** Where a toy was left. */
export interface LastPlace {
  station: string;
  part: string | null;
  /** ISO 8601 */
  at: string;
}

/** What a newcomer has been told. */
export interface Ways {
  known: readonly string[];
  /** index of the tour's step; null while it is not on */
  tour: number | null;
}

/** Ways of following along without looking or aiming. */
export interface AtTable {
  spoken: boolean;
  anywhere: boolean;
}

const store = createAsyncStorage('hoppla-device');
const KEY = ['device'];
const UNKNOWN: Device = {
  pxPerMm: null,
  habits: {},
  table: { spoken: false, anywhere: false },
  learner: NEW_LEARNER,
  maker: {
    terms: 'us',
    units: 'mm',
    hooks: 'mm',
    region: 'eu-uk',
    age: 'unknown',
    hand: 'right',
    ownSmallestMm: null,
    stitchesAMinute: null,
    shelf: [],
  },
  places: {},
  ways: { known: [], tour: null },
  benchAs: null,
};
/** Places of so many toys are remembered. */
const MOST_PLACES = 500;

/** What is known of this screen and its maker, and ways to say it. A screen that nobody measured is not known. */
export function useDevice(): Device &
  ReturnType<typeof waysToSay> & { /** it is read from the browser's store */ ready: boolean } {
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: KEY,
    queryFn: async (): Promise<Device> => {
      const px = Number(await store.getItem('pxPerMm'));
      return {
        pxPerMm: Number.isFinite(px) && px > 0 ? px : null,
        habits: habitsIn(await store.getItem('habits')),
        table: tableIn(await store.getItem('table')),
        learner: learnerIn(await store.getItem('learner')),
        maker: makerIn(await store.getItem('maker')),
        places: placesIn(await store.getItem('places')),
        ways: waysIn(await store.getItem('ways')),
        benchAs: benchIn(await store.getItem('benchAs')),
      };
    },
  });
  const put = useMutation({ mutationFn: ([field, value]: [string, string]) => store.setItem(field, value) });
  const now = data ?? UNKNOWN;
  const change = (to: Partial<Device>, field: string, value: string) => {
    // Several things may be said between two drawings.
    client.setQueryData<Device>(KEY, { ...(client.getQueryData<Device>(KEY) ?? now), ...to });
    put.mutate([field, value]);
  };
  const newest = (): Device => client.getQueryData<Device>(KEY) ?? now;
  return { ...now, ready: data !== undefined, ...waysToSay(newest, change) };
}

/** What can be said of this screen and its maker. */
const waysToSay = (
  newest: () => Device,
  change: (to: Partial<Device>, field: string, value: string) => void,
) => ({
  works: (to: Partial<Maker>) => {
    const maker = { ...newest().maker, ...to };
    change({ maker }, 'maker', JSON.stringify(maker));
  },
  went: (toy: string, place: LastPlace) => {
    const places = latestOf({ ...newest().places, [toy]: place });
    change({ places }, 'places', JSON.stringify(places));
  },
  told: (to: Partial<Ways>) => {
    const ways = { ...newest().ways, ...to };
    change({ ways }, 'ways', JSON.stringify(ways));
  },
  showsBench: (benchAs: 'mat' | 'list') => change({ benchAs }, 'benchAs', benchAs),
  measured: (pxPerMm: number) => change({ pxPerMm }, 'pxPerMm', String(pxPerMm)),
  countsAs: (habits: Habits) => change({ habits }, 'habits', JSON.stringify(habits)),
  ticksBy: (table: AtTable) => change({ table }, 'table', JSON.stringify(table)),
  learns: (learner: Learner) => change({ learner }, 'learner', JSON.stringify(learner)),
});

/** A learner as it was kept; whatever is none begins anew. */
function learnerIn(raw: string | null): Learner {
  try {
    const said = JSON.parse(raw ?? '{}') as Partial<Learner>;
    const fields = Object.keys(NEW_LEARNER) as (keyof Learner)[];
    const whole = fields.every((f) => Number.isInteger(said[f]) && said[f]! >= 0);
    return whole && said.level! >= 1 && said.level! <= MOST_LEVEL ? (said as Learner) : NEW_LEARNER;
  } catch {
    return NEW_LEARNER;
  }
}

/** Ways of the table as they were kept: on only where they were switched on. */
function tableIn(raw: string | null): AtTable {
  try {
    const said = JSON.parse(raw ?? '{}') as Partial<AtTable>;
    return { spoken: said.spoken === true, anywhere: said.anywhere === true };
  } catch {
    return UNKNOWN.table;
  }
}

/** Habits as they were kept; whatever is not one is left out. */
function habitsIn(raw: string | null): Habits {
  try {
    const said = JSON.parse(raw ?? '{}') as Record<string, string>;
    return Object.fromEntries(
      Object.entries(said).filter(
        ([about, school]) =>
          about in LEFT_OPEN && (LEFT_OPEN[about as LeftOpen] as readonly string[]).includes(school),
      ),
    );
  } catch {
    return {};
  }
}

/** The places that were left last. */
const latestOf = (places: Readonly<Record<string, LastPlace>>): Record<string, LastPlace> =>
  Object.fromEntries(
    Object.entries(places)
      .sort(([, a], [, b]) => b.at.localeCompare(a.at))
      .slice(0, MOST_PLACES),
  );

const benchIn = (raw: string | null): Device['benchAs'] => (raw === 'mat' || raw === 'list' ? raw : null);

/** What each choice of a maker may be. */
const CHOICES: {
  [K in keyof Omit<Maker, 'ownSmallestMm' | 'stitchesAMinute' | 'shelf'>]: readonly Maker[K][];
} = {
  terms: ['us', 'uk'],
  units: ['mm', 'inch'],
  hooks: ['mm', 'letter', 'number'],
  region: ['eu-uk', 'us', 'own'],
  age: ['under 18 months', '18 to 36 months', '3 years and over', 'accessory', 'display only', 'unknown'],
  hand: ['left', 'right'],
};

/** A number that a toy can have; null for what is none. */
const within = (bound: Bound, said: unknown): number | null =>
  typeof said === 'number' && isWithin(bound, said) ? said : null;

/** A maker's ways as they were kept; whatever is none is as it is for everybody. */
function makerIn(raw: string | null): Maker {
  try {
    const said = JSON.parse(raw ?? '{}') as Partial<Record<keyof Maker, unknown>>;
    const chosen = Object.entries(CHOICES).filter(([key, all]) =>
      (all as readonly unknown[]).includes(said[key as keyof Maker]),
    );
    return {
      ...UNKNOWN.maker,
      ...Object.fromEntries(chosen.map(([key]) => [key, said[key as keyof Maker]])),
      ownSmallestMm: within('mm', said.ownSmallestMm),
      stitchesAMinute: within('aMinute', said.stitchesAMinute),
      shelf: Array.isArray(said.shelf) ? said.shelf.filter(isYarn) : [],
    };
  } catch {
    return UNKNOWN.maker;
  }
}

const isYarn = (y: Partial<Yarn> | null): y is Yarn =>
  typeof y === 'object' &&
  y !== null &&
  typeof y.slot === 'string' &&
  typeof y.name === 'string' &&
  /^#[0-9a-f]{6}$/i.test(y.colour ?? '') &&
  (y.ball === null || (Number(y.ball?.grams) > 0 && Number(y.ball?.metres) > 0)) &&
  Number.isSafeInteger(y.strands);

/** Places as they were kept; whatever is none is left out. */
function placesIn(raw: string | null): Record<string, LastPlace> {
  try {
    const said = JSON.parse(raw ?? '{}') as Record<string, Partial<LastPlace> | null>;
    return Object.fromEntries(
      Object.entries(said).flatMap(([toy, place]) =>
        typeof place?.station === 'string' && typeof place.at === 'string'
          ? [[toy, { station: place.station, part: place.part ?? null, at: place.at }]]
          : [],
      ),
    );
  } catch {
    return {};
  }
}

/** What a newcomer was told, as it was kept. */
function waysIn(raw: string | null): Ways {
  try {
    const said = JSON.parse(raw ?? '{}') as Partial<Ways>;
    const known = Array.isArray(said.known) ? said.known.filter((k) => typeof k === 'string') : [];
    return { known, tour: Number.isSafeInteger(said.tour) ? said.tour! : null };
  } catch {
    return UNKNOWN.ways;
  }
}
