import { QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { newFile, newToy, type ToyFile } from '@hoppla/core/toy';
import type { Maker } from './device';
import { newId } from './ids';
import { exportFile, type BenchToy } from '@hoppla/core/files';
import { changeKept, discard, keep, keepRaw, shelf, take, type Head, type Shelved } from './storage';
import { listenToAll, tellGone, tellKept } from './writer';
import { screenWords } from '../words';

/** One client; data is this browser's own, so nothing is fetched again by itself. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: false,
      staleTime: Infinity,
      refetchOnWindowFocus: false,
      structuralSharing: false,
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
});

const SHELF = ['shelf'];

/** Every toy of this browser; follows what other windows keep and delete. */
export function useShelf() {
  const client = useQueryClient();
  useEffect(() => listenToAll(() => void client.invalidateQueries({ queryKey: SHELF })), [client]);
  return useQuery({ queryKey: SHELF, queryFn: shelf, staleTime: 0 });
}

/** Ways to change what stands on the bench; each works on the toy as it is kept now, tells the other windows, and reads the bench anew. */
export function useBench() {
  const client = useQueryClient();
  const done = () => client.invalidateQueries({ queryKey: SHELF });
  const told = (head: Head): Head => (tellKept(head.id), head);
  const put = useMutation({
    mutationFn: async (file: ToyFile) => told(await keep(file, null)),
    onSettled: done,
  });
  const putBack = useMutation({
    mutationFn: async ({ head, raw }: Pick<Shelved, 'head' | 'raw'>) => told(await keepRaw(head, raw, null)),
    onSettled: done,
  });
  const change = useMutation({
    mutationFn: async ({ id, to }: { id: string; to: (file: ToyFile) => ToyFile }) =>
      told(await changeKept(id, to)),
    onSettled: done,
  });
  /** Puts toys of a backup on the bench: those that are there already are written over. */
  const restore = useMutation({
    mutationFn: async (toys: readonly BenchToy[]) => {
      for (const toy of toys) {
        const there = await take(toy.id);
        const head = { id: toy.id, name: toy.name, schema: toy.schema, changed: toy.changed };
        const text = toy.file ? exportFile(toy.file) : toy.raw;
        told(await keepRaw(head, text, there?.head.revision ?? null));
      }
    },
    onSettled: done,
  });
  const remove = useMutation({
    mutationFn: async (toy: Shelved) => {
      const gone = await discard(toy);
      tellGone(toy.head.id);
      return gone;
    },
    onSettled: done,
  });
  return { put, putBack, change, restore, remove };
}

/** Whether a toy still has the name that it was begun with. */
export const isNewName = (name: string): boolean =>
  name === screenWords.bench.newName || new RegExp(`^${screenWords.bench.newName} \\d+$`).test(name);

/** A file for an empty new toy, as its maker is used to. */
export function emptyFile(maker: Maker, name: string = screenWords.bench.newName): ToyFile {
  const { hand, ownSmallestMm, stitchesAMinute, terms, units, hooks, region, age } = maker;
  const toy = newToy(name, newId);
  const settings = {
    ...toy.settings,
    ...{ terms, units, hooks, region, age },
    ...(ownSmallestMm === null ? {} : { ownSmallestMm }),
    ...(stitchesAMinute === null ? {} : { stitchesAMinute }),
  };
  return newFile({
    ...toy,
    settings,
    gauges: toy.gauges.map((g) => ({ ...g, hand })),
  });
}

/** The same toy as another one. */
export const copyOf = (file: ToyFile, name: string): ToyFile => ({
  ...file,
  toy: { ...file.toy, id: newId(), name },
});

/** The same design to be made anew: nothing of what was made, tested or planned for it comes along. */
export const anew = (file: ToyFile, name: string): ToyFile => newFile({ ...file.toy, id: newId(), name });

/** The demo toy; its computing is loaded only when it is asked for. */
export async function demoFile(): Promise<ToyFile> {
  const { rillFile } = await import('@hoppla/core/model');
  return rillFile(newId);
}

/** All toys of the demo workshop. */
export async function workshopFiles(): Promise<ToyFile[]> {
  const { dappleFile, rillFile, rubyFile } = await import('@hoppla/core/model');
  return [rillFile, dappleFile, rubyFile].map((make) => make(newId));
}
