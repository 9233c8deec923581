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

/** Brings files in: toys, saved benches and pages, one or many. */
export function useBringIn(names: readonly string[], tell: (told: Told) => void) {
  const router = useRouter();
  const { put, putBack } = useBench();
  const { maker } = useDevice();
  const [saved, setSaved] = useState<SavedBench | null>(null);

  /** A page goes to the desk of a new toy: what each line became is looked at before parts are made of it. */
  const page = async ({ name, bytes }: GivenFile): Promise<string | Told> => {
    const read = await textOfFile(name, bytes);
    if (read.state === 'refused') return { words: say.desk.refused[read.why](name), fault: true };
    return pageOf(read.text, name.replace(/\.[^.]*$/, ''));
  };
  const pageOf = async (text: string, name: string): Promise<string> => {
    const file = emptyFile(maker, name || undefined);
    await put.mutateAsync(file);
    await keepDraft(file.toy.id, { text, as: {} });
    return file.toy.id;
  };

  /** A toy file; one that is here already comes as a copy. */
  const toy = async (raw: string): Promise<Told> => {
    const { openFile } = await import('@hoppla/core/toy/schema');
    const opened = openFile(raw);
    if (opened.state === 'refused') return { words: opened.sentence, fault: true };
    if (opened.state === 'newer') {
      const head = {
        id: `newer-${Date.now()}`,
        revision: 1,
        name: opened.name,
        schema: opened.schema,
        changed: null,
      };
      await putBack.mutateAsync({ head, raw });
      return { words: say.storage.newer(opened.schema) };
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
  };

  /** A text that is a toy or a saved bench. */
  const json = async (raw: string): Promise<Told | null> => {
    const { readBackup } = await import('@hoppla/core/files/restore');
    const backup = readBackup(raw);
    if (backup.state === 'none') return toy(raw);
    if (backup.state === 'refused') return { words: backup.sentence, fault: true };
    setSaved(backup);
    return null;
  };

  const bringIn = async (files: readonly GivenFile[]): Promise<void> => {
    const pages: string[] = [];
    const told: Told[] = [];
    for (const file of files)
      try {
        const raw = new TextDecoder().decode(file.bytes);
        const came = raw.trimStart().startsWith('{') ? await json(raw) : await page(file);
        if (typeof came === 'string') pages.push(came);
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
