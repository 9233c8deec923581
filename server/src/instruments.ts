import { Router, type Request, type Response } from 'express';
import express from 'express';
import { Rig, type Happening, HAPPENINGS, INSTRUMENTS, type InstrumentId } from './rig';

/** Readings a second that are sent, and what a slow reader may have waiting before its stream is closed, bytes. */
const EVERY_MS = 50;
const MOST_WAITING = 64 * 1024;
/** Streams at once; each costs a timer's share and a socket. */
const MOST_STREAMS = 256;
/** A stream that nobody closes ends by itself, ms. */
const LONGEST_MS = 15 * 60_000;

/** What may be asked of an instrument. */
interface Control {
  happen?: Happening;
  atN?: number;
  target?: number;
  riseS?: number;
  holdS?: number;
  grams?: number;
}

/**
 * The simulated instruments: a force gauge and a kitchen scale. `GET /instruments` lists them; `GET /instruments/ID/stream` is an event stream of
 * `{t, value, unit}` (t in s since the stream began); `POST /instruments/ID/control` tares it or begins a run with what shall happen in it. With
 * `?session=NAME` stream and control are of an instrument of their own.
 * A reader that does not read loses its stream, never the server's memory.
 */
export function instruments(rig: () => Rig = () => new Rig()): Router {
  const router = Router();
  const rigs = new Rigs(rig);
  let streams = 0;
  router.get('/', (_, res) => {
    res.json({
      instruments: INSTRUMENTS.map((id) => ({ id, unit: id === 'gauge' ? 'N' : 'g', simulated: true })),
    });
  });
  router.get('/:id/stream', (req, res) => {
    const id = named(req, res);
    if (!id) return;
    if (streams >= MOST_STREAMS)
      return void refuse(res, 503, 'Too many streams are open. Close one and try again.');
    streams++;
    stream(rigs.of(id, req), id, res, () => streams--);
  });
  router.post('/:id/control', express.json({ limit: '2kb' }), (req, res) => {
    const id = named(req, res);
    if (!id) return;
    const fault = begin(rigs.of(id, req), id, req.body as unknown);
    if (fault) return void refuse(res, 400, fault);
    res.json({ ok: true });
  });
  // A body that is no JSON, or too much of it, is told like any other wrong call.
  router.use((error: { status?: number }, _: Request, res: Response, __: unknown) => {
    refuse(res, error.status === 413 ? 413 : 400, 'This is no control that an instrument takes.');
  });
  return router;
}

/** Instruments that are remembered at once; the one that was asked for longest ago is forgotten first. */
const MOST_RIGS = 512;
const LONGEST_NAME = 64;

/** An instrument of its own for each `session` that a call names; one for all that name none. */
class Rigs {
  private readonly all = new Map<string, Rig>();

  constructor(private readonly make: () => Rig) {}

  of(id: InstrumentId, { query }: Request): Rig {
    const session = typeof query.session === 'string' ? query.session.slice(0, LONGEST_NAME) : '';
    const key = `${id}:${session}`;
    const found = this.all.get(key) ?? this.make();
    this.all.delete(key);
    this.all.set(key, found);
    for (const oldest of this.all.keys()) if (this.all.size > MOST_RIGS) this.all.delete(oldest);
    return found;
  }
}

const refuse = (res: Response, status: number, sentence: string) => res.status(status).json({ sentence });

function named(req: Request, res: Response): InstrumentId | null {
  const found = INSTRUMENTS.find((id) => id === req.params.id);
  if (!found) refuse(res, 404, 'There is no such instrument: choose gauge or scale.');
  return found ?? null;
}

function stream(rig: Rig, id: InstrumentId, res: Response, done: () => void): void {
  res.writeHead(200, {
    'Content-Type': 'text/event-stream',
    'Cache-Control': 'no-store',
    Connection: 'keep-alive',
    'X-Accel-Buffering': 'no',
  });
  res.write(`retry: 1000\n\n`);
  const began = Date.now();
  const timer = setInterval(() => {
    const now = Date.now();
    if (res.writableLength > MOST_WAITING || now - began > LONGEST_MS) return void res.destroy();
    if (rig.isCut(now)) return;
    const reading = { t: (now - began) / 1000, value: rig.read(id, now), unit: rig.unit(id) };
    res.write(`data: ${JSON.stringify(reading)}\n\n`);
    if (rig.breaks(now)) res.destroy();
  }, EVERY_MS);
  res.on('close', () => {
    clearInterval(timer);
    done();
  });
}

/** Begins what is asked; a sentence where it is nothing that an instrument takes. */
function begin(rig: Rig, id: InstrumentId, body: unknown): string | null {
  if (typeof body !== 'object' || body === null || Array.isArray(body)) return 'A control is an object.';
  const { happen, atN, target, riseS, holdS, grams } = body as Control;
  const numbers = { atN, target, riseS, holdS, grams };
  const wrong = Object.entries(numbers).find(
    ([, v]) => v !== undefined && !(typeof v === 'number' && Number.isFinite(v) && v >= 0 && v <= 10_000),
  );
  if (wrong) return `${wrong[0]} is a number from 0 to 10,000.`;
  if (happen === undefined || !HAPPENINGS.includes(happen))
    return `happen is one of ${HAPPENINGS.join(', ')}.`;
  rig.begin(happen, { id, at: Date.now(), atN, target, riseS, holdS, grams });
  return null;
}
