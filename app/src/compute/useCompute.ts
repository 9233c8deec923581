import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { language } from '@hoppla/core/words';
import { proxy, wrap, type Remote } from 'comlink';
import { useState } from 'react';
import { Door, type Helper } from './door';
import { resultKey } from './key';
import type { TaskInput, TaskName, TaskResult } from './tasks';
import type { Room } from './worker';

function hire(): Helper {
  const worker = new Worker(new URL('./worker', import.meta.url), { name: language() });
  const room = wrap<Room>(worker) as Remote<Room>;
  return {
    run: (name, input, report) => room.run(name, input as never, proxy(report)) as Promise<unknown>,
    stop: () => worker.terminate(),
  };
}

const door = new Door(hire);

/** A result worked out in the worker: kept by the content of its input; `share` says how far it is; leaving the screen stops it. */
export function useCompute<N extends TaskName>(
  name: N,
  input: TaskInput<N>,
): { result: TaskResult<N> | null; share: number; failed: boolean } {
  const [share, setShare] = useState(0);
  const query = useQuery<TaskResult<N>>({
    queryKey: resultKey(name, input),
    queryFn: ({ signal }) => door.ask(name, input, { report: setShare, signal }),
  });
  return { result: query.data ?? null, share, failed: query.isError };
}

/** Several results of one task, each about something of its own; while one is being worked out the one before it stands, null when there is none. */
export function useComputeAll<N extends TaskName>(
  name: N,
  asked: readonly { about: string; input: TaskInput<N> }[],
): (TaskResult<N> | null)[] {
  return useQueries({
    queries: asked.map(({ about, input }) => ({
      queryKey: resultKey(name, input),
      queryFn: ({ signal }: { signal: AbortSignal }) => door.ask(name, input, { about, signal }),
      placeholderData: keepPreviousData,
    })),
  }).map((query) => (query.data as TaskResult<N> | undefined) ?? null);
}
