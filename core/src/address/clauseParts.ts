import { NUMBERS, ORDINALS } from '../notation';
import { type AlongSchool, type PlaceContext, type RoundSchool, type Said } from './said';

export const N = `(\\d{1,4}|${NUMBERS.join('|')})`;

export const TH = `(\\d{1,4}(?:st|nd|rd|th)|${ORDINALS.join('|')}|last)`;

export const REAL = '(\\d{1,4}(?:[.,]\\d{1,2})?)';

export const ROUND = '(?:rounds?|rnds?|rows?|r)\\.?\\s*';

export const BETWEEN = '(?:in\\s+)?(?:between|betw\\.?|btwn|btw)';

export const STITCHES = '(?:stitch(?:es)?|sts?)\\.?';

export const AND = '\\s*(?:and|&|\\+|·|-|–|/|to)\\s*';

export const MANNER =
  '(straight(?:\\s+across)?|along\\s+the\\s+(?:fabric|surface|curve|round)|on\\s+the\\s+curve)';

export const EDGE =
  '(?:the\\s+)?(finished\\s+|open\\s+|last\\s+|neck\\s+|bottom\\s+)?(?:end|edge|opening)(\\s+(?:at|of)\\s+(?:the|that)\\s+pause|\\s+when\\s+finished)?';

/** A round that words may mean. */
export interface Where {
  round: number;
  /** null where the words leave it to the stitch */
  at: 'hole' | 'middle' | null;
  school: RoundSchool;
}

/** What words say along a round. */
export interface Along {
  school: AlongSchool;
  /** what it is on a given round, or why not */
  on: (context: PlaceContext, round: number, at: 'hole' | 'middle') => Said | string;
  /** which kind of place the words name by themselves */
  at: 'hole' | 'middle' | null;
}

export type Fault = { fault: string };

/** A piece of a phrase and what it says: of the round, or along it. */
export interface Clause {
  pattern: RegExp;
  where?: (m: RegExpExecArray, context: PlaceContext) => Where[] | Fault;
  along?: (m: RegExpExecArray, context: PlaceContext) => Along[] | Fault;
}

export const real = (said: string): number => Number(said.replace(',', '.'));

export const clause = (source: string): RegExp => new RegExp(`^${source}(?![\\p{L}\\p{N}])`, 'u');
