import { useState } from 'react';
import { View } from 'react-native';
import { besideOf, type BenchToy, type Beside } from '@hoppla/core/files';
import { freeName } from '@hoppla/core/toy';
import { daySaid } from '@hoppla/core/words';
import { Choice, MainAction, Quiet, Sheet, Words } from '../../controls';
import { copyOf, useBench, type Shelved } from '../../documents';
import { usePalette } from '../../theme';
import { screenWords } from '../../words';
import type { SavedBench } from './useBringIn';

const say = screenWords.bench.restore;
type What = 'leave' | 'take' | 'both';

/** What is usual: what is not there is taken, what is there stays. */
const usual = (beside: Beside): What => (beside === 'not there' ? 'take' : 'leave');

const benchToy = ({ head, file, raw }: Shelved): BenchToy => ({ ...head, file, raw });

/** A saved bench beside the one that is here: what is new, older, newer; each toy is taken, left or kept beside. */
export function RestoreSheet({
  saved,
  here,
  onClose,
  onDone,
  fail,
}: {
  saved: SavedBench;
  here: readonly Shelved[];
  onClose: () => void;
  /** how many were taken, and what stood in their place */
  onDone: (taken: number, before: readonly BenchToy[]) => void;
  fail: (error: unknown) => void;
}) {
  const { restore } = useBench();
  const [chosen, setChosen] = useState<Record<string, What>>({});
  const rows = saved.toys.map((toy): SavedToy => {
    const mine = here.find((s) => s.head.id === toy.id) ?? null;
    const beside = besideOf(toy, mine && benchToy(mine));
    return { toy, mine, beside, what: chosen[toy.id] ?? usual(beside) };
  });
  const taken = rows.filter((r) => r.what !== 'leave');
  const go = () => {
    const toys = takenOf(taken, here);
    const before = taken.flatMap((r) => (r.what === 'take' && r.mine ? [benchToy(r.mine)] : []));
    restore.mutateAsync(toys).then(() => onDone(toys.length, before), fail);
    onClose();
  };
  return (
    <Sheet
      title={say.title}
      onClose={onClose}
      foot={<MainAction label={say.go(taken.length)} disabled={taken.length === 0} onPress={go} />}
    >
      <Words>{say.made(saved.made ? daySaid(saved.made.slice(0, 10)) : '?', saved.toys.length)}</Words>
      <Refused saved={saved} />
      {rows.map(({ toy, beside, what }) => (
        <SavedRow
          key={toy.id}
          {...{ toy, beside, what }}
          onChoose={(id) => setChosen({ ...chosen, [toy.id]: id })}
        />
      ))}
    </Sheet>
  );
}

/** Toys that cannot be read, by name. */
function Refused({ saved }: { saved: SavedBench }) {
  const c = usePalette();
  return saved.refused.map((r) => (
    <Words key={r.name} role="alert" color={c.coralInk}>
      {say.refused(r.name, r.sentence)}
    </Words>
  ));
}

/** One toy of the saved bench, the one of the bench with its id, and what is done with it. */
interface SavedToy {
  toy: BenchToy;
  mine: Shelved | null;
  beside: Beside;
  what: What;
}

/** What comes on the bench: what is kept beside another has an id and a name of its own. */
function takenOf(taken: readonly SavedToy[], here: readonly Shelved[]): BenchToy[] {
  const names = here.map((s) => s.head.name);
  return taken.map(({ toy, mine, what }) => {
    if (what !== 'both' || !mine || !toy.file) return toy;
    const file = copyOf(toy.file, freeName(toy.name, names));
    names.push(file.toy.name);
    return { ...toy, id: file.toy.id, name: file.toy.name, file };
  });
}

/** What can be done with a toy that differs: one that cannot be read here is not kept beside. */
const waysOf = (toy: BenchToy): What[] => (toy.file ? ['leave', 'take', 'both'] : ['leave', 'take']);

/** A saved toy beside the one that is here. */
function SavedRow({
  toy,
  beside,
  what,
  onChoose,
}: Omit<SavedToy, 'mine'> & { onChoose: (what: What) => void }) {
  const c = usePalette();
  return (
    <View style={{ gap: 6, borderTopWidth: 1, borderTopColor: c.line, paddingTop: 8 }}>
      {beside === 'not there' || beside === 'same' ? (
        <Words fontWeight="600">{toy.name}</Words>
      ) : (
        <Choice
          label={toy.name}
          options={waysOf(toy).map((id) => ({ id, label: say.what[id] }))}
          chosen={what}
          onChoose={onChoose}
        />
      )}
      <Quiet>{say.beside[beside]}</Quiet>
    </View>
  );
}
