import type { HangerIs, StitchFault } from '../feature';
import { modelOf, type SurfaceFault, type ToyModel } from '../model';
import type { SafetyPoint } from '../safety';
import type { Moment } from '../form';
import type { HangFault } from '../join';
import type { ZoneWhere } from '../notation';
import {
  inSentence,
  type JoinFault,
  joinWords,
  orderWords,
  pageWords,
  planWords as say,
  stitchWords,
  surfaceWords,
  unitWords,
} from '../words';
import { momentSaid } from './naming';
import type { Refusal } from './order';
import { refusalWords } from './refusals';

/** Why a core cannot be as it is said. */
export type CoreFault = 'homeless' | 'wire' | 'too wide' | 'too long';

/** What cannot be planned: homeless places, windows that have passed, stops, eyes that nobody placed, joins that cannot be. Parts by their ids, lengths in mm. */
export type Trouble =
  | { what: 'does not add up' | 'too small' | 'window not known' | 'stuffed before the eyes'; part: string }
  | { what: 'homeless'; part: string; posts: 'eyes' | 'nose' }
  | { what: 'stopped'; part: string; point: SafetyPoint }
  | { what: 'filled too late'; part: string; said: Moment; openingMm: number; instead: Moment }
  | {
      what: 'posts moved';
      part: string;
      posts: 'eyes' | 'nose';
      by: 'text' | 'maker';
      said: Moment;
      instead: Moment;
      why: 'late' | 'early' | 'filled';
    }
  | { what: 'core'; part: string; fault: CoreFault }
  | { what: 'zone not found'; part: string; where: ZoneWhere }
  | { what: 'no way in for fill'; part: string; widestMm: number }
  | { what: 'eyes not placed'; part: string; words: string }
  | { what: 'join'; fault: JoinFault; guest: string; host: string }
  | { what: 'not followed'; fault: HangFault; guest: string; host: string }
  | { what: 'more caught'; part: string; name: string; caught: number; made: number }
  | { what: 'work'; name: string; fault: SurfaceFault; words: string | null }
  | { what: 'strands'; name: string }
  | { what: 'stitches'; name: string; fault: StitchFault }
  | { what: 'hanger'; is: HangerIs; fault: 'homeless' | 'no loop' }
  | ({ what: 'move bent' } & Refusal)
  | { what: 'wishes lost'; pauses: number; moves: number }
  | { what: 'loose'; parts: readonly string[] };

/** Trouble in a sentence. */
export function troubleWords(trouble: Trouble, model: ToyModel): string {
  const units = unitWords(model.toy.settings.units);
  const name = (part: string) => modelOf(model, part).name;
  const moment = (part: string, at: Moment) => momentSaid(modelOf(model, part), at);
  switch (trouble.what) {
    case 'does not add up':
      return say.notAddingUp(name(trouble.part));
    case 'too small':
      return say.tooSmall(name(trouble.part));
    case 'window not known':
      return say.windowNotKnown(name(trouble.part));
    case 'stuffed before the eyes':
      return say.wrongOrder(name(trouble.part));
    case 'homeless':
      return say.homeless(say.posts[trouble.posts].called, name(trouble.part));
    case 'stopped':
      return say.stopTrouble(name(trouble.part), say.stopTitle(trouble.point.title));
    case 'filled too late':
      return say.fillTooLate(
        name(trouble.part),
        moment(trouble.part, trouble.said),
        units.length(trouble.openingMm),
        moment(trouble.part, trouble.instead),
      );
    case 'posts moved':
      return postsMovedWords(trouble, model);
    case 'core':
      return say.coreFault[trouble.fault](name(trouble.part));
    case 'zone not found':
      return say.zoneNotFound(name(trouble.part), pageWords.where(trouble.where));
    case 'no way in for fill':
      return say.fillNever(name(trouble.part), units.length(trouble.widestMm));
    case 'eyes not placed':
      return say.eyesNotPlaced(name(trouble.part), trouble.words);
    case 'join':
    case 'not followed':
    case 'more caught':
      return joinTroubleWords(trouble, name);
    case 'work':
    case 'stitches':
    case 'strands':
    case 'hanger':
      return workWords(trouble);
    case 'move bent':
    case 'wishes lost':
      return willWords(trouble, model);
    case 'loose':
      return say.loose(trouble.parts.map(name));
  }
}

/** What is put on a toy and cannot be as it is said. */
function workWords(trouble: Extract<Trouble, { what: 'work' | 'stitches' | 'strands' | 'hanger' }>): string {
  switch (trouble.what) {
    case 'work':
      return surfaceWords.fault[trouble.fault](trouble.name, trouble.words ?? '');
    case 'stitches':
      return stitchWords.faults[trouble.fault](trouble.name);
    case 'strands':
      return surfaceWords.strandsHomeless(trouble.name);
    case 'hanger':
      return trouble.fault === 'homeless'
        ? surfaceWords.hangerHomeless(surfaceWords.hangerIs[trouble.is])
        : surfaceWords.noLoop(surfaceWords.hangerIs[trouble.is]);
  }
}

/** What is joined and cannot be. */
function joinTroubleWords(
  trouble: Extract<Trouble, { what: 'join' | 'not followed' | 'more caught' }>,
  name: (part: string) => string,
): string {
  switch (trouble.what) {
    case 'join':
      return say.joinFault[trouble.fault](name(trouble.guest), name(trouble.host));
    case 'not followed':
      return `${say.guestOn(name(trouble.guest), name(trouble.host))} ${joinWords.hangFault[trouble.fault]}`;
    case 'more caught':
      return say.moreCaught(name(trouble.part), trouble.name, trouble.caught, trouble.made);
  }
}

/** Posts that go in at another moment than somebody wants. */
function postsMovedWords(
  { part, posts, by, said, instead, why }: Extract<Trouble, { what: 'posts moved' }>,
  model: ToyModel,
): string {
  const own = modelOf(model, part);
  const what = `${own.name}: ${inSentence.name(say.posts[posts].called)}`;
  return say.postsMoved[why](what, by, momentSaid(own, said), momentSaid(own, instead));
}

/** What the maker has moved, and cannot stand there. */
const willWords = (
  trouble: Extract<Trouble, { what: 'move bent' | 'wishes lost' }>,
  model: ToyModel,
): string =>
  trouble.what === 'move bent'
    ? refusalWords(trouble, model)
    : orderWords.lost(trouble.pauses, trouble.moves);
