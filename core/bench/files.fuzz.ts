import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { performance } from 'node:perf_hooks';
import { batchAhead, batchNeeds } from '../src/batch';
import { EXPORT_IDS, EXPORTS, labelHtml, recordHtml, toyPicture } from '../src/files';
import { readBackup } from '../src/files/restore';
import { meetingsOf, modelToy } from '../src/model';
import { materialsOf, planOf } from '../src/plan';
import { paceOf, progressOf, ticksOf, whereAmI } from '../src/record';
import { checkToy } from '../src/safety';
import type { ToyFile } from '../src/toy';
import { openFile } from '../src/toy/schema';
import { randomFrom } from './hostile';

/** A value of a parsed file. */
type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** What a hostile or damaged file puts where something else belongs. */
const ODD: readonly Json[] = [
  null,
  true,
  -1,
  0,
  0.5,
  1e-12,
  1e12,
  1e308,
  -1e308,
  2 ** 53,
  '',
  'constructor',
  '__proto__',
  'toString',
  '..',
  'a\nb\r\nc',
  '</script><b>',
  'x'.repeat(3000),
  'R1: 6 sc in ring',
  '2026-02-31',
  '9999-12-31',
  '#zzzzzz',
  [],
  {},
  [[]],
  [null],
  { kind: 'constructor' },
  { by: '__proto__' },
];

/** Every place of a value that holds another: [holder, key]. */
function placesIn(value: Json, out: [Json[] | { [key: string]: Json }, string][] = []): typeof out {
  if (value === null || typeof value !== 'object') return out;
  for (const key of Object.keys(value)) {
    out.push([value, key]);
    // A curve has hundreds of numbers that are all the same kind of place.
    if (key !== 'curve') placesIn((value as { [key: string]: Json })[key], out);
  }
  return out;
}

/** Numbers that a schema may well let through, and what follows from them must bear. */
const EXTREME = [0, 0.5, 1, 2, 3, 7, 50, 999, 1e4, 1e-3, 1e6, 1e9, 1e12, 1e-12, -1, -3, -90, 180];

/** A number of a parsed file made extreme, or a yes made a no: what is most often still a toy. */
function strain(file: Json, random: () => number): void {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)];
  const places = placesIn(file).filter(([holder, key]) =>
    ['number', 'boolean'].includes(typeof (holder as { [key: string]: Json })[key]),
  );
  if (places.length === 0) return;
  const [holder, key] = pick(places);
  const at = holder as { [key: string]: Json };
  if (key !== 'schema') at[key] = typeof at[key] === 'boolean' ? !at[key] : pick(EXTREME);
}

/** One thing changed in a parsed file, anywhere. */
function damage(file: Json, random: () => number): void {
  const places = placesIn(file);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)];
  const [holder, key] = pick(places);
  const at = holder as { [key: string]: Json };
  const way = random();
  if (way < 0.35) at[key] = structuredClone(pick(ODD));
  else if (way < 0.5) {
    if (Array.isArray(holder)) holder.splice(Number(key), 1);
    else delete at[key];
  } else if (way < 0.6) {
    if (Array.isArray(holder)) holder.splice(Number(key), 0, structuredClone(at[key]));
    else
      Object.defineProperty(at, pick(['__proto__', 'constructor', 'toString', 'kind', 'x']), {
        value: structuredClone(at[key]),
        enumerable: true,
        configurable: true,
        writable: true,
      });
  } else if (way < 0.8) {
    const [from, of] = pick(places);
    at[key] = structuredClone((from as { [key: string]: Json })[of]);
  } else if (typeof at[key] === 'number')
    at[key] = (at[key] as number) * pick([-1, 0.001, 1000, 1e6, 1e-6]) + pick([0, 1, 0.5]);
  else if (typeof at[key] === 'string') {
    const said = at[key] as string;
    const cut = Math.floor(random() * (said.length + 1));
    at[key] =
      said.slice(0, cut) +
      pick(['', '\n', '\u0000', '<', '9', ' sc', said]) +
      said.slice(cut + Math.floor(random() * 3));
  } else at[key] = pick(ODD);
}

/** Seen from the root of the project, where tests and attacks are run. */
const folder = resolve('core/src/toy/fixtures');
const RELEASED = readdirSync(folder)
  .filter((f) => f.startsWith('toy-'))
  .sort()
  .map((f) => readFileSync(join(folder, f), 'utf8'));

/** Everything that the program does with a toy that it has opened; what came out as text. */
function everything(file: ToyFile): string[] {
  const model = modelToy(file.toy);
  const plan = planOf(model);
  const pace = paceOf(plan, file.log);
  const ticks = ticksOf(plan);
  const derived = [
    meetingsOf(model),
    checkToy(model),
    whereAmI(ticks, progressOf(file.log)).at,
    ...file.batches.map((b) => [
      batchAhead({ plan, pace }, file, b, '2026-11-28'),
      batchNeeds(materialsOf(model, plan), b),
    ]),
  ];
  return [
    // JSON has no word for a number that is none.
    JSON.stringify(derived, (_, v: unknown) => (Number.isNaN(v) ? 'NaN' : v)),
    ...EXPORT_IDS.flatMap((id) =>
      EXPORTS[id].files(model, file, '2026-11-28T10:00:00.000Z').map((f) => f.text),
    ),
    ...file.pieces.flatMap((p) => [recordHtml(model, file, p), labelHtml(model, file, p)]),
    JSON.stringify(toyPicture(model, 'front', { mostWide: 100, mostTall: 100, stitches: true })),
  ];
}

/** Bytes written as letters: they say nothing. */
const BYTES = /;base64,[\w+/=]+/g;
/** What no paper, table or drawing may say. */
const NEVER = /.{0,60}(?:NaN|\bundefined\b|\bInfinity\b|\[object Object\]).{0,40}/;

/** What became of damaged files. Nothing of `faults` is allowed. */
export interface Attacked {
  tried: number;
  refused: number;
  opened: number;
  /** of those that opened, with so many everything was done that the program does */
  worked: number;
  slowestMs: number;
  faults: string[];
}

/** How long a file may take to be opened or refused, and all that is done with it, ms. */
const OPEN_MS = 50;
const ALL_MS = 20_000;

/**
 * Damages released toy files of all versions with a fixed seed and opens each. With one in `every` of those that open everything is done that the
 * program does: models, plan, checks, tables, papers, drawings.
 */
export function attackFiles(files: number, { seed, every = 50 }: { seed: number; every?: number }): Attacked {
  const random = randomFrom(seed);
  const out: Attacked = { tried: 0, refused: 0, opened: 0, worked: 0, slowestMs: 0, faults: [] };
  for (let i = 0; i < files; i++) {
    const text = damagedText(random);
    out.tried++;
    try {
      const opened = openedInTime(text, (ms) => out.faults.push(`file ${i}: opened in ${ms.toFixed(0)} ms`));
      readBackup(text);
      if (opened.state === 'refused') {
        out.refused++;
        if (!/\.$/.test(opened.sentence)) out.faults.push(`file ${i}: ${opened.sentence}`);
      }
      if (opened.state !== 'open') continue;
      if (out.opened++ % every !== 0) continue;
      out.worked++;
      const began = performance.now();
      const strange = everything(opened.file)
        .map((t) => NEVER.exec(t.replace(BYTES, ''))?.[0])
        .find((t) => t !== undefined);
      if (strange !== undefined) out.faults.push(`file ${i}: says ${JSON.stringify(strange)}`);
      const ms = performance.now() - began;
      out.slowestMs = Math.max(out.slowestMs, ms);
      if (ms > ALL_MS) out.faults.push(`file ${i}: everything in ${ms.toFixed(0)} ms`);
    } catch (error) {
      const where = error instanceof Error ? (error.stack ?? '').split('\n').slice(0, 4).join(' | ') : error;
      out.faults.push(`file ${i}: ${String(where)}`);
    }
  }
  return out;
}

/** A released file with one thing or a few changed, now and then cut off. */
function damagedText(random: () => number): string {
  const file = JSON.parse(RELEASED[Math.floor(random() * RELEASED.length)]) as Json;
  const times = random() < 0.7 ? 1 : 2 + Math.floor(random() * 4);
  const change = random() < 0.4 ? strain : damage;
  for (let k = 0; k < times; k++) change(file, random);
  const text = JSON.stringify(file);
  return random() < 0.05 ? text.slice(0, Math.floor(random() * text.length)) : text;
}

/** Opens a text; what is slow once is tried again, as the machine may have been busy. */
function openedInTime(text: string, slow: (ms: number) => void): ReturnType<typeof openFile> {
  let best = Infinity;
  for (let k = 0; k < 4; k++) {
    const began = performance.now();
    const opened = openFile(text);
    best = Math.min(best, performance.now() - began);
    if (best <= OPEN_MS) return opened;
  }
  slow(best);
  return openFile(text);
}
