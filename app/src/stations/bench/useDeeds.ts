import { useRouter } from 'expo-router';
import { backupOf, fileName } from '@hoppla/core/files';
import { freeName } from '@hoppla/core/toy';
import {
  anew,
  chooseFiles,
  copyOf,
  demoFile,
  download,
  emptyFile,
  PAGE_FILES,
  take,
  useBench,
  useDevice,
  workshopFiles,
  type Shelved,
} from '../../documents';
import { hrefOf } from '../stations';
import { screenWords as say } from '../../words';
import type { BenchSaid } from './BenchPaper';
import { nameOf } from './told';
import { useBringIn } from './useBringIn';

type Bench = ReturnType<typeof useBench>;
type SetSaid = (said: BenchSaid | null) => void;

/** The toy as it is kept now, not as it was when the bench was read. */
const newest = async (toy: Shelved): Promise<Shelved> => (await take(toy.head.id).catch(() => null)) ?? toy;

/** The whole bench as one file. */
function backUp(toys: readonly Shelved[], setSaid: SetSaid): void {
  const all = toys.map(({ head, file, raw }) => ({ ...head, file, raw }));
  const now = new Date().toISOString();
  const name = fileName(`${say.bench.backupName} ${now.slice(0, 10)}`, 'hoppla-bench.json');
  download(name, 'application/json', backupOf(all, now));
  setSaid({ words: say.bench.backedUp(all.length) });
}

/** The same toy once more: its design, with its records, or as a variant of it. */
async function duplicated(
  { put }: Bench,
  toy: Shelved,
  as: 'design' | 'with records' | 'variant',
  names: readonly string[],
): Promise<string | null> {
  const { file } = await newest(toy);
  if (!file) return null;
  const name = freeName(file.toy.name, names);
  const copy = as === 'with records' ? copyOf(file, name) : anew(file, name);
  const variantOf = as === 'variant' ? (file.toy.variantOf ?? file.toy.id) : copy.toy.variantOf;
  await put.mutateAsync({ ...copy, toy: { ...copy.toy, variantOf } });
  return name;
}

/** Takes a toy off, and says so with the way back. */
const takenOff = async ({ remove, putBack }: Bench, toy: Shelved): Promise<BenchSaid> => {
  const gone = await remove.mutateAsync(toy);
  return {
    words: say.bench.removed(nameOf(gone)),
    backs: true,
    putBack: () => putBack.mutateAsync(gone),
    thenSaid: say.bench.restored(gone.head.name),
  };
};

export type Deeds = ReturnType<typeof useDeeds>;

/** Everything that can be done with the toys of the bench. */
export function useDeeds(toys: readonly Shelved[], setSaid: SetSaid, setMore: (toy: Shelved | null) => void) {
  const router = useRouter();
  const bench = useBench();
  const { maker } = useDevice();
  const names = toys.map(nameOf);
  const bring = useBringIn(names, setSaid);
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
    takenOff(bench, toy).then(setSaid, fail);
  };
  const duplicate = async (toy: Shelved, as: 'design' | 'with records' | 'variant') => {
    setMore(null);
    await duplicated(bench, toy, as, names).then(
      (name) => name !== null && setSaid({ words: say.bench.duplicated(name) }),
      fail,
    );
  };
  return {
    ...{ bench, bring, fail, setSaid, newest },
    ...{ addDemo, addWorkshop, create, importFiles, takeOff, duplicate },
    backUp: () => backUp(toys, setSaid),
    printAll: () => void import('./printAll').then(({ printAll }) => printAll(toys, setSaid)).catch(fail),
  };
}
