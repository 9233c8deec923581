import { courseOf, readPlaceWords, type AlongSchool, type RoundSchool } from '../address';
import type { FeatureNote } from '../notation';
import { hardwareOf } from './eyes';
import type { EyePair, OnPart } from './feature';
import { faceCentre, type Head } from './head';
import { wordsContext } from './schools';
import { newPair } from './usual';

/** One way to understand a placement written in a note: the pair it would be. */
export interface NoteReading {
  between: number;
  /** how this reading counts, for when there are several */
  along: AlongSchool;
  round: RoundSchool;
  pair: EyePair;
}

/** Why a note offers no pair, or what it leaves to the maker; words come from `feature/sentences`. */
export type NoteSilence =
  | { why: 'not eyes'; what: FeatureNote['what'] }
  | { why: 'other eyes' }
  | { why: 'which round' }
  | { why: 'no such round'; round: number; last: number }
  | { why: 'not understood'; words: string }
  | { why: 'one hole' }
  | { why: 'too wide'; many: number; of: number }
  | { why: 'how far'; between: number }
  | { why: 'size not known'; mm: number };

/** What a note about a feature comes to on a head: the pairs that it may mean, most usual first, and what it does not say or is not understood. */
export interface NoteOffer {
  readings: NoteReading[];
  said: NoteSilence | null;
}

const silent = (said: NoteSilence): NoteOffer => ({ readings: [], said });

/**
 * The pairs that a note such as `eyes between R9 and R10, 6 apart` may mean (decision 22: n stitches apart are n or n - 1
 * between; n holes apart are n on, n showing = n + 1 on, or n with both post holes = n - 1 on). Words that are not
 * understood are never replaced by the usual count as if the note had said it.
 */
export function pairsOfNote(head: Head, note: FeatureNote, ids: { id: string } & OnPart): NoteOffer {
  const { form } = head;
  if (note.what !== 'eyes') return silent({ why: 'not eyes', what: note.what });
  if (note.making === 'other') return silent({ why: 'other eyes' });
  if (note.unread !== null) return silent({ why: 'not understood', words: note.unread });
  const number = note.rounds?.[1] ?? note.onRound;
  if (number === null) return silent({ why: 'which round' });
  const usual = newPair(head, ids);
  const round = form.rounds.findIndex((r) => r.number === number);
  if (!usual || round < 1)
    return silent({
      why: 'no such round',
      round: number,
      last: form.rounds[form.rounds.length - 1]?.number ?? 0,
    });
  const hardware = note.sizeMm === null ? {} : hardwareOf(note.sizeMm);
  const eyes: EyePair = { ...usual, ...hardware, making: note.making ?? usual.making };
  const said: NoteSilence | null =
    eyes.making === 'safety eye' && eyes.washerKnown === false
      ? { why: 'size not known', mm: eyes.eyeMm }
      : null;
  if (note.apart !== null) return byLength(head, eyes, note, number, said);
  return byCount(head, eyes, note, round, said);
}

/** A distance in stitches or holes, in every way that it may be counted; the usual one where the note leaves it open. */
function byCount(
  head: Head,
  eyes: EyePair,
  note: FeatureNote,
  round: number,
  said: NoteSilence | null,
): NoteOffer {
  const { form } = head;
  const at = note.onRound === null ? 'hole' : 'middle';
  const { count } = form.fabric.rounds[round];
  const usualBetween = Math.max(1, Math.round((eyes.pair.between * count) / eyes.pair.centre.of));
  const readings =
    note.many === null
      ? ([[usualBetween, 'stitches-between']] as [number, AlongSchool][])
      : note.many.flatMap((n) => schoolsOfCount(note, n, at));
  if (note.many !== null && Math.max(...readings.map(([on]) => on)) < 1) return silent({ why: 'one hole' });
  const good = readings.filter(([on]) => on >= 1 && on <= count / 2);
  if (good.length === 0) return silent({ why: 'too wide', many: note.many?.[0] ?? usualBetween, of: count });
  const pairs = good.map(([on, along]): NoteReading => ({
    between: at === 'hole' ? on : on - 1,
    along,
    round: 'between-rounds',
    pair: {
      ...eyes,
      pair: {
        ...eyes.pair,
        at,
        course: courseOf(form.fabric, round),
        between: on,
        centre: faceCentre(head, 'marker', round, on, eyes.washerMm, at),
      },
    },
  }));
  return {
    readings: pairs,
    said: said ?? (note.many === null ? { why: 'how far', between: pairs[0].between } : null),
  };
}

/**
 * The pair that is offered first on a head whose text may name eyes: where and of what the text says, as far as one reading
 * of it is left; else the usual place with the making and size that the text gives. `pageMm`: the size in the list of what is needed, where it
 * names one. `offer` says what of the note is left open.
 */
export function firstPair(
  head: Head,
  notes: readonly FeatureNote[],
  ids: { id: string } & OnPart,
  pageMm: number | null,
): { pair: EyePair | null; note: FeatureNote | null; offer: NoteOffer | null } {
  const usual = newPair(head, ids);
  const note = notes.find((n) => n.what === 'eyes') ?? null;
  const sizeMm = note?.sizeMm ?? pageMm;
  const size = sizeMm === null ? {} : hardwareOf(sizeMm);
  if (!note) return { pair: usual && { ...usual, ...size }, note, offer: null };
  const offer = pairsOfNote(head, { ...note, sizeMm }, ids);
  if (offer.readings.length === 1) return { pair: offer.readings[0].pair, note, offer };
  const said = {
    ...size,
    // Eyes of another make are no plastic ones.
    ...(note.making === null
      ? {}
      : { making: note.making === 'safety eye' ? note.making : ('embroidered' as const) }),
  };
  return { pair: usual && { ...usual, ...said }, note, offer };
}

/** Steps from post to post that a count may mean; a middle counts one step more than the stitches between. */
function schoolsOfCount(note: FeatureNote, n: number, at: 'hole' | 'middle'): [number, AlongSchool][] {
  const more = at === 'middle' ? 1 : 0;
  if (note.counted === 'between')
    return [[note.holes ? n + 1 : n + more, note.holes ? 'holes-showing' : 'stitches-between']];
  return note.holes
    ? [
        [n, 'holes-on'],
        [n + 1, 'holes-showing'],
        [n - 1, 'holes-counting-both'],
      ]
    : [
        [n + more, 'stitches-between'],
        [n - 1 + more, 'stitches-on'],
      ];
}

/** A distance in mm, cm, inches or degrees is read as it is when a maker says it. */
function byLength(
  head: Head,
  eyes: EyePair,
  note: FeatureNote,
  number: number,
  said: NoteSilence | null,
): NoteOffer {
  const context = wordsContext(head, 'marker', eyes);
  const where = note.rounds ? `between R${note.rounds[0]} and R${note.rounds[1]}` : `in R${number}`;
  const { readings } = readPlaceWords(`${where}, ${note.apart}`, context);
  const pairs = readings.flatMap(({ said: pair, along, round }): NoteReading[] =>
    pair.what === 'pair'
      ? [
          {
            between: pair.at === 'hole' ? pair.on : pair.on - 1,
            along,
            round,
            pair: {
              ...eyes,
              saidAs: along === 'mm-along' ? 'mm-along' : 'mm-straight',
              pair: {
                ...eyes.pair,
                at: pair.at,
                course: courseOf(head.form.fabric, pair.round),
                between: pair.on,
                centre: {
                  coord: (pair.low + pair.high) / 2,
                  of: head.form.fabric.rounds[pair.round].count,
                  by: 'marker',
                },
              },
            },
          },
        ]
      : [],
  );
  return pairs.length
    ? { readings: pairs, said }
    : silent({ why: 'not understood', words: note.apart ?? '' });
}
