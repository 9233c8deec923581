import { QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { newFile, newToy, type ToyFile } from '@hoppla/core/toy';
import { screenWords } from '@hoppla/core/words';
import { newId } from './ids';
import { discard, keep, keepRaw, shelf, type Head, type Shelved } from './storage';

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

/** Every toy of this browser. */
export const useShelf = () => useQuery({ queryKey: SHELF, queryFn: shelf, staleTime: 0 });

/** Ways to change what stands on the bench; each reads the bench anew when done. */
export function useBench() {
  const client = useQueryClient();
  const done = () => client.invalidateQueries({ queryKey: SHELF });
  const put = useMutation({ mutationFn: (file: ToyFile) => keep(file, 1), onSettled: done });
  const putBack = useMutation({ mutationFn: (toy: Shelved) => keepRaw(toy.head, toy.raw), onSettled: done });
  const change = useMutation({
    mutationFn: ({ head, file }: { head: Head; file: ToyFile }) => keep(file, head.revision + 1),
    onSettled: done,
  });
  const remove = useMutation({ mutationFn: (toy: Shelved) => discard(toy.head), onSettled: done });
  return { put, putBack, change, remove };
}

/** A file for an empty new toy. */
export const emptyFile = (): ToyFile => newFile(newToy(screenWords.bench.newName, newId));

/** The same toy as another one. */
export const copyOf = (file: ToyFile, name: string): ToyFile => ({
  ...file,
  toy: { ...file.toy, id: newId(), name },
});

/** The demo toy; its computing is loaded only when it is asked for. */
export async function demoFile(): Promise<ToyFile> {
  const { rillFile } = await import('@hoppla/core/toy');
  return rillFile(newId);
}

/** All toys of the demo workshop. */
export async function workshopFiles(): Promise<ToyFile[]> {
  const { dappleFile, rillFile, rubyFile } = await import('@hoppla/core/toy');
  return [rillFile, dappleFile, rubyFile].map((make) => make(newId));
}
