import type { HangerIs, StitchFault } from '../feature';
import { modelOf, type SurfaceFault, type ToyModel } from '../model';
import type { SafetyPoint } from '../safety';
import type { HangFault } from '../join';
import { joinWords, planWords as say, stitchWords, surfaceWords, unitWords, type JoinFault } from '../words';

/** What cannot be planned: homeless places, windows that have passed, stops, eyes that nobody placed, joins that cannot be. Parts by their ids, lengths in mm. */
export type Trouble =
  | { what: 'does not add up' | 'too small' | 'window not known' | 'stuffed before the eyes'; part: string }
  | { what: 'homeless'; part: string; posts: 'eyes' | 'nose' }
  | { what: 'stopped'; part: string; point: SafetyPoint }
  | { what: 'filled too late'; part: string; said: string; openingMm: number; instead: string }
  | { what: 'no way in for fill'; part: string; widestMm: number }
  | { what: 'eyes not placed'; part: string; words: string }
  | { what: 'join'; fault: JoinFault; guest: string; host: string }
  | { what: 'not followed'; fault: HangFault; guest: string; host: string }
  | { what: 'more caught'; part: string; name: string; caught: number; made: number }
  | { what: 'work'; name: string; fault: SurfaceFault; words: string | null }
  | { what: 'strands'; name: string }
  | { what: 'stitches'; name: string; fault: StitchFault }
  | { what: 'hanger'; is: HangerIs; fault: 'homeless' | 'no loop' }
  | { what: 'loose'; parts: readonly string[] };

/** Trouble in a sentence. */
export function troubleWords(trouble: Trouble, model: ToyModel): string {
  const units = unitWords(model.toy.settings.units);
  const name = (part: string) => modelOf(model, part).name;
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
        trouble.said,
        units.length(trouble.openingMm),
        trouble.instead,
      );
    case 'no way in for fill':
      return say.fillNever(name(trouble.part), units.length(trouble.widestMm));
    case 'eyes not placed':
      return say.eyesNotPlaced(name(trouble.part), trouble.words);
    case 'join':
      return say.joinFault[trouble.fault](name(trouble.guest), name(trouble.host));
    case 'not followed':
      return `${say.guestOn(name(trouble.guest), name(trouble.host))} ${joinWords.hangFault[trouble.fault]}`;
    case 'more caught':
      return say.moreCaught(name(trouble.part), trouble.name, trouble.caught, trouble.made);
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
    case 'loose':
      return say.loose(trouble.parts.map(name));
  }
}
