import { stepWords } from '../plan';
import { copyName, modelOf, type ToyModel } from '../model';
import type { LogEvent, PhotoTaken, ToyFile } from '../toy';
import { diaryWords as say, unitWords } from '../words';
import { measurables } from './compare';
import type { Tick } from './making';

/** What was done at one time, oldest first in its diary; `tick` is the step as it is planned now, null where it is planned no more. */
export type DiaryEntry = { at: string | null; making: number } & (
  | { what: 'rounds'; ticks: readonly Tick[] }
  | { what: 'deed'; deed: LogEvent; tick: Tick | null }
  | { what: 'photo'; photo: PhotoTaken; tick: Tick | null }
  /** so many steps that were done and are planned no more */
  | { what: 'gone'; count: number }
);

/** Deeds that only say where the hand is within a round. */
const WITHIN: readonly LogEvent['what'][] = ['repeats', 'stitches', 'now'];
/** Checks of a step are told with it. */
const isCheck = (deed: LogEvent): boolean => 'key' in deed && (deed.key ?? '').includes('/');
/** Whether a round is the next one of the same piece, or goes on where a pause parted it. */
function goesOn(last: Tick, next: Tick): boolean {
  if (!last.round || !next.round || last.step.copy !== next.step.copy) return false;
  const ahead = next.round.round - last.round.round;
  return last.step.part === next.step.part && (ahead === 0 || ahead === 1);
}

/** The log and the pictures as one story: rounds of a piece that were done one after the other are one line. */
export function diaryOf(
  { log, photos }: Pick<ToyFile, 'log' | 'photos'>,
  ticks: readonly Tick[],
): DiaryEntry[] {
  const planned = new Map(ticks.map((t) => [t.key, t]));
  const tickOf = (key: string | null): Tick | null => planned.get(key ?? '') ?? null;
  const story: DiaryEntry[] = [];
  let making = 1;
  for (const deed of log) {
    if (WITHIN.includes(deed.what) || isCheck(deed)) continue;
    if (deed.what === 'another') making++;
    if (deed.what === 'earlier') making = Math.max(1, making - 1);
    const tick = 'key' in deed ? tickOf(deed.key) : null;
    const last = story.at(-1);
    const gone = deed.what === 'done' && tick === null;
    if (gone && last?.what === 'gone')
      story[story.length - 1] = { ...last, count: last.count + 1, at: deed.at };
    else if (gone) story.push({ what: 'gone', count: 1, making, at: deed.at });
    else if (deed.what !== 'done' || !tick?.round)
      story.push({ what: 'deed', deed, tick, making, at: deed.at });
    else if (last?.what === 'rounds' && goesOn(last.ticks.at(-1)!, tick))
      story[story.length - 1] = { ...last, ticks: [...last.ticks, tick], at: deed.at };
    else story.push({ what: 'rounds', ticks: [tick], making, at: deed.at });
  }
  const taken = photos.map((photo): DiaryEntry => ({
    what: 'photo',
    photo,
    tick: tickOf(photo.key),
    making: photo.making,
    at: photo.at,
  }));
  return inTime(story, taken);
}

/** Pictures among deeds by their time; a deed without one stays where it was done. */
function inTime(story: readonly DiaryEntry[], taken: readonly DiaryEntry[]): DiaryEntry[] {
  const told: DiaryEntry[] = [];
  const waiting = [...taken].sort((a, b) => (a.at! < b.at! ? -1 : 1));
  for (const entry of story) {
    while (waiting[0] && entry.at !== null && waiting[0].at! < entry.at) told.push(waiting.shift()!);
    told.push(entry);
  }
  return [...told, ...waiting];
}

/** One entry in words, in the maker's own units. */
export function diaryLine(model: ToyModel, entry: DiaryEntry): string {
  if (entry.what === 'rounds') {
    const [first, last] = [entry.ticks[0], entry.ticks.at(-1)!];
    return say.rounds(pieceName(model, first), first.round!.label, last.round!.label);
  }
  if (entry.what === 'gone') return say.steps(entry.count);
  return entry.what === 'photo' ? say.photo : deedLine(model, entry.deed, entry.tick, entry.making);
}

const pieceName = (model: ToyModel, { step }: Tick): string => copyName(modelOf(model, step.part), step.copy);

/** A step by its name; a round by its piece and its label. */
function stepName(model: ToyModel, tick: Tick | null): string {
  if (!tick) return say.gone;
  return tick.round
    ? say.rounds(pieceName(model, tick), tick.round.label, tick.round.label)
    : stepWords(tick.step, model).title;
}

function deedLine(model: ToyModel, deed: LogEvent, tick: Tick | null, making: number): string {
  const units = unitWords(model.toy.settings.units);
  const step = stepName(model, tick);
  switch (deed.what) {
    case 'undone':
      return say.takenBack(step);
    case 'counted':
      return say.counted(step, deed.stitches);
    case 'measured':
      return say.across(step, units.length(deed.acrossMm));
    case 'sized':
      return say.sized(sizedName(model, deed.of), units.length(deed.mm));
    case 'cut':
      return say.cut(step, units.length(deed.leftMm));
    case 'noted':
      return deed.words;
    case 'changed': {
      const part = model.parts.find((p) => p.part.id === deed.part);
      return say.changed[deed.of](part ? part.name : say.partGone);
    }
    case 'another':
      return say.another(making);
    case 'earlier':
      return say.earlier(making);
    default:
      return step;
  }
}

function sizedName(model: ToyModel, of: string): string {
  const thing = measurables(model).find((m) => m.of === of);
  if (!thing) return say.sizeGone;
  const part = modelOf(model, thing.part);
  return say.sizes[thing.is](thing.copy === null ? part.name : copyName(part, thing.copy));
}
