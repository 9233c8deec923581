import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
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
};

/** What is known of this screen and its maker, and ways to say it. A screen that nobody measured is not known. */
export function useDevice(): Device & {
  measured: (pxPerMm: number) => void;
  countsAs: (habits: Habits) => void;
  ticksBy: (table: AtTable) => void;
  learns: (learner: Learner) => void;
} {
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
      };
    },
  });
  const put = useMutation({ mutationFn: ([field, value]: [string, string]) => store.setItem(field, value) });
  const now = data ?? UNKNOWN;
  const change = (to: Partial<Device>, field: string, value: string) => {
    client.setQueryData<Device>(KEY, { ...now, ...to });
    put.mutate([field, value]);
  };
  return {
    ...now,
    measured: (pxPerMm) => change({ pxPerMm }, 'pxPerMm', String(pxPerMm)),
    countsAs: (habits) => change({ habits }, 'habits', JSON.stringify(habits)),
    ticksBy: (table) => change({ table }, 'table', JSON.stringify(table)),
    learns: (learner) => change({ learner }, 'learner', JSON.stringify(learner)),
  };
}

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
