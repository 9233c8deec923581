import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { BenchToy } from '@hoppla/core/files';
import { freeName } from '@hoppla/core/toy';
import {
  copyOf,
  emptyFile,
  keepDraft,
  Overtaken,
  textOfFile,
  useBench,
  useDevice,
  type GivenFile,
  type Maker,
} from '../../documents';
import { hrefOf } from '../stations';
import { screenWords as say } from '../../words';

/** A saved bench that is looked at before anything of it is taken. */
export interface SavedBench {
  made: string;
  toys: readonly BenchToy[];
  refused: readonly { name: string; sentence: string }[];
}

interface Told {
  words: string;
  fault?: boolean;
}

type Bench = ReturnType<typeof useBench>;

/** A page becomes a new toy whose desk it lies on; gives its id. */
async function pageToDesk(put: Bench['put'], maker: Maker, text: string, name: string): Promise<string> {
  const file = emptyFile(maker, name || undefined);
  await put.mutateAsync(file);
  await keepDraft(file.toy.id, { text, as: {} });
  return file.toy.id;
}

/** A toy file; one that is here already comes as a copy. */
async function takeToy({ put, putBack }: Bench, raw: string, names: readonly string[]): Promise<Told> {
  const { openFile } = await import('@hoppla/core/files/restore');
  const opened = openFile(raw);
  if (opened.state === 'refused') return { words: opened.sentence, fault: true };
  if (opened.state === 'newer') {
    const { name, schema } = opened;
    const head = { id: `newer-${Date.now()}`, revision: 1, name, schema, changed: null };
    await putBack.mutateAsync({ head, raw });
    return { words: say.storage.newer(schema) };
  }
  const { file } = opened;
  try {
    await put.mutateAsync(file);
    return { words: say.bench.imported(file.toy.name) };
  } catch (error) {
    // Whether it is here already is asked when it is kept: another window may have brought it since.
    if (!(error instanceof Overtaken)) throw error;
    const copy = copyOf(file, freeName(file.toy.name, [...names, file.toy.name]));
    await put.mutateAsync(copy);
    return { words: say.bench.importedTwice(file.toy.name, copy.toy.name) };
  }
}

/** Brings files in: toys, saved benches and pages, one or many. */
export function useBringIn(names: readonly string[], tell: (told: Told) => void) {
  const router = useRouter();
  const bench = useBench();
  const { maker } = useDevice();
  const [saved, setSaved] = useState<SavedBench | null>(null);
  const toy = (raw: string) => takeToy(bench, raw, names);
  const pageOf = (text: string, name: string) => pageToDesk(bench.put, maker, text, name);

  /** One file: the id of the toy whose desk it lies on, or what is said of it; nothing of a bench that is looked at first. */
  const one = async ({ name, bytes }: GivenFile): Promise<{ page: string } | Told | null> => {
    const raw = new TextDecoder().decode(bytes);
    if (raw.trimStart().startsWith('{')) {
      const { readBackup } = await import('@hoppla/core/files/restore');
      const backup = readBackup(raw);
      if (backup.state === 'none') return toy(raw);
      if (backup.state === 'refused') return { words: backup.sentence, fault: true };
      setSaved(backup);
      return null;
    }
    const read = await textOfFile(name, bytes);
    if (read.state === 'stopped') return null;
    return read.state === 'refused'
      ? { words: say.desk.refused[read.why](name), fault: true }
      : { page: await pageOf(read.text, name.replace(/\.[^.]*$/, '')) };
  };

  const bringIn = async (files: readonly GivenFile[]): Promise<void> => {
    const pages: string[] = [];
    const told: Told[] = [];
    for (const file of files)
      try {
        const came = await one(file);
        if (came && 'page' in came) pages.push(came.page);
        else if (came) told.push(came);
      } catch (error) {
        told.push({ words: error instanceof Error ? error.message : say.storage.broken, fault: true });
      }
    if (pages.length === 1 && files.length === 1) return router.push(hrefOf(pages[0], 'parts'));
    if (pages.length > 0) told.unshift({ words: say.bench.pagesWait(pages.length) });
    if (told.length > 0)
      tell({ words: told.map((t) => t.words).join(' '), fault: told.some((t) => t.fault) });
  };

  return { bringIn, toy, pageOf, saved, setSaved };
}
