import type { Along, Hang, Height } from '../join';
import { joinWords as say, type UnitWords } from '../words';
import { balanceOf, marginRange, mendingMove, type MendingMove } from './balance';
import type { SaidOfJoin } from './hanging';
import type { Meeting } from './meetings';
import { copyName } from './part';
import { modelOf, type ToyModel } from './toy';

type Of = { part: string; copy: string };

const nameOf = (model: ToyModel, { part, copy }: Of): string => copyName(modelOf(model, part), copy);

/** What is in the way of what, in words. */
export function meetingWords(model: ToyModel, meeting: Meeting, units: UnitWords): string {
  const mm = units.fine(meeting.mm);
  if (meeting.what === 'parts') return say.parts(nameOf(model, meeting.a), nameOf(model, meeting.b), mm);
  const guest = nameOf(model, { part: meeting.join.guest.part, copy: meeting.copy });
  const host = nameOf(model, meeting.join.at);
  switch (meeting.what) {
    case 'seams':
      return say.seams(guest, nameOf(model, meeting.other.guest), mm);
    case 'eye':
    case 'nose':
      return say[meeting.what](guest, mm);
    case 'start':
    case 'closing':
      return say[meeting.what](guest, host);
  }
}

/** How the toy stands, in a sentence; null while nothing is put together. */
export function standingWords(model: ToyModel, units: UnitWords): string | null {
  const balance = balanceOf(model);
  if (!balance) return null;
  const { low, high } = marginRange(model)!;
  const [least, most] = [low, high].map(Math.abs).sort((a, b) => a - b);
  // A range that has nought within it is told from inside to outside.
  const between =
    low < 0 && high > 0
      ? say.either(units.fine(high), units.fine(-low))
      : say.from(units.bare(least), units.bare(most));
  const mm = `${units.fine(Math.abs(balance.marginMm))} ${between}`;
  if (!balance.tips) return balance.leansDeg > 0 ? say.leans(String(balance.leansDeg), mm) : say.stands(mm);
  return balance.marginMm < 0 ? say.tipsOver(mm) : say.tips(mm);
}

export const mendWords = (model: ToyModel, mend: MendingMove | null, units: UnitWords): string =>
  mend
    ? say.mend(
        modelOf(model, mend.join.guest.part).name,
        say.moves[mend.move](mend.steps),
        units.fine(mend.marginMm),
      )
    : say.noMend;

/** The mending move of a toy that tips, in words; null for one that stands. */
export function mendSentence(model: ToyModel, units: UnitWords): string | null {
  return balanceOf(model)?.tips ? mendWords(model, mendingMove(model), units) : null;
}

/** What a thing that places hang on is called, in lower case. */
function thingName(model: ToyModel, id: string): string {
  const join = model.toy.joins.find((j) => j.id === id);
  if (join) return modelOf(model, join.guest.part).name.toLowerCase();
  const feature = model.toy.features.find((f) => f.id === id);
  if (!feature) return say.gone;
  return 'ends' in feature ? feature.name.toLowerCase() : feature.kind;
}

function heightWords(model: ToyModel, height: Height): string {
  switch (height.by) {
    case 'start':
    case 'end':
    case 'ridge':
      return say.hang[height.by](height.rounds);
    case 'colour':
      return say.hang.colour(height.rounds, height.slot);
    case 'share':
      return say.hang.share(height.of);
    case 'whole end':
      return say.hang.wholeEnd[height.end];
    case 'thing':
      return say.hang.thing(height.way, thingName(model, height.of), height.freeRounds);
  }
}

function alongWords(model: ToyModel, along: Along): string {
  if (along.by === 'face') return say.hang.face(along.deg);
  const name = thingName(model, along.of);
  return along.way === 'same'
    ? say.hang.straight(name)
    : say.hang.beside(along.way, name, along.freeStitches);
}

/** What a place hangs on, in words that are read again. */
export function hangWords(model: ToyModel, hang: Hang): string {
  return [
    ...(hang.height ? [heightWords(model, hang.height)] : []),
    ...(hang.along ? [alongWords(model, hang.along)] : []),
  ].join(', ');
}

/** Why words of a place cannot be taken; null when they can. Words that said nothing are told, too. */
export function saidProblem(said: SaidOfJoin, phrase: string, host: string): string | null {
  const { read, place } = said;
  if (read.unknown !== null) return say.unknownThing(read.unknown, host);
  if (read.twice) return say.saidTwice;
  if (read.unread.length > 0) return say.notUnderstood(read.unread.join(' '));
  if (place === null) return say.notUnderstood(phrase);
  return typeof place === 'string' ? say.saidFault[place] : null;
}
