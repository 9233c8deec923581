import { readingIn } from '@hoppla/core/safety';
import { newId } from '../documents';

/** A gauge or a scale that is being read: readings come until it is closed; `onEnd` says that the connection is lost. */
export interface Instrument {
  /** begins what the simulation does; a real gauge needs none */
  begin: (control: Record<string, unknown>) => Promise<void>;
  close: () => void;
}

interface Heard {
  /** s since it was opened, N or N·m */
  onReading: (t: number, value: number) => void;
  onEnd: () => void;
}

/** A simulated instrument of the program's own server. Rejects where there is none. */
export async function simulated(
  { onReading, onEnd }: Heard,
  id: 'gauge' | 'scale' = 'gauge',
): Promise<Instrument> {
  const listed = await fetch('/instruments', { cache: 'no-store' });
  if (!listed.ok || !listed.headers.get('content-type')?.includes('json')) throw new Error('no instruments');
  const session = `session=${encodeURIComponent(newId())}`;
  const source = new EventSource(`/instruments/${id}/stream?${session}`);
  source.onmessage = ({ data }) => {
    const { t, value } = JSON.parse(data as string) as { t: number; value: number };
    onReading(t, value);
  };
  source.onerror = () => {
    // A stream that comes again would be another run.
    source.close();
    onEnd();
  };
  return {
    begin: async (control) => {
      const answer = await fetch(`/instruments/${id}/control?${session}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(control),
      });
      if (!answer.ok) throw new Error('not taken');
    },
    close: () => source.close(),
  };
}

interface SerialPort {
  open: (options: { baudRate: number }) => Promise<void>;
  close: () => Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
}

const serialOf = (): { requestPort: () => Promise<SerialPort> } | undefined =>
  (navigator as unknown as { serial?: { requestPort: () => Promise<SerialPort> } }).serial;

/** Whether this browser reads a cable. */
export const hasSerial = (): boolean => serialOf() !== undefined;

const BAUD = 9600;

/** Two readings are never at one time, s. */
const LEAST_STEP_S = 1e-4;

/** When readings were taken that a cable gives in one piece, s: evenly between the last one before them and now, and always one after the other. */
export const timesOf = (count: number, last: number, now: number): number[] => {
  const step = Math.max(LEAST_STEP_S, (now - last) / count);
  return Array.from({ length: count }, (_, i) => last + step * (i + 1));
};

/** A gauge on the cable that writes a reading a line. Rejects where none is chosen. */
export async function serial({ onReading, onEnd }: Heard): Promise<Instrument> {
  const port = await serialOf()!.requestPort();
  await port.open({ baudRate: BAUD });
  const reader = port.readable!.getReader();
  const decoder = new TextDecoder();
  const began = performance.now();
  let rest = '';
  let last = 0;
  const read = async () => {
    for (;;) {
      const { value, done } = await reader.read();
      if (done) return;
      const lines = (rest + decoder.decode(value, { stream: true })).split(/\r\n|\r|\n/);
      rest = lines.pop() ?? '';
      const loads = lines.map(readingIn).filter((load) => load !== null);
      const times = timesOf(loads.length, last, (performance.now() - began) / 1000);
      loads.forEach((load, i) => onReading(times[i], load));
      last = times.at(-1) ?? last;
    }
  };
  void read().then(onEnd, onEnd);
  return {
    begin: () => Promise.resolve(),
    close: () =>
      void reader
        .cancel()
        .then(() => port.close())
        .catch(() => undefined),
  };
}
