import { batchWords as batchEnglish } from '../batch';
import { diaryWords as diaryEnglish } from '../diary';
import { documentWords as documentEnglish, partNames as partNamesEnglish } from '../document';
import { faceWords as faceEnglish } from '../face';
import { joinWords as joinsEnglish } from '../joins';
import { materialWords as materialsEnglish } from '../materials';
import { orderWords as orderEnglish } from '../order';
import { patchWords as patchesEnglish } from '../patches';
import {
  pinWords as pinsEnglish,
  placeWords as placesEnglish,
  spokenWords as spokenEnglish,
} from '../places';
import { planWords as planEnglish } from '../plan';
import { recordWords as recordsEnglish } from '../records';
import { safetyWords as safetyEnglish } from '../safety';
import { safetyPointWords as pointsEnglish } from '../safetyPoints';
import { sheetWords as sheetEnglish } from '../sheet';
import { stitchWords as stitchesEnglish } from '../stitching';
import { surfaceWords as surfaceEnglish } from '../surface';
import { inSentence as inSentenceEnglish } from '../plural';
import { unitSigns as unitsEnglish } from '../units';
import { batchWords } from './batch';
import { diaryWords } from './diary';
import { documentWords, partNames } from './document';
import { faceWords } from './face';
import { joinWords } from './joins';
import { materialWords } from './materials';
import { orderWords } from './order';
import { germanOfReader } from './reader';
import { patchWords } from './patches';
import { pinWords, placeWords, spokenWords } from './places';
import { planWords } from './plan';
import { recordWords } from './records';
import { safetyWords } from './safety';
import { safetyPointWords } from './safetyPoints';
import { sheetWords } from './sheet';
import { stitchWords } from './stitching';
import { surfaceWords } from './surface';

/** What the core says, and how German says it: for `speak`. Rounds, signs and places as they are typed stay in the craft's own terms. */
export const germanOfCore: readonly (readonly [object, object])[] = [
  ...germanOfReader,
  [batchEnglish, batchWords],
  [diaryEnglish, diaryWords],
  [documentEnglish, documentWords],
  [partNamesEnglish, partNames],
  [faceEnglish, faceWords],
  [joinsEnglish, joinWords],
  [materialsEnglish, materialWords],
  [orderEnglish, orderWords],
  [patchesEnglish, patchWords],
  [pinsEnglish, pinWords],
  [placesEnglish, placeWords],
  [spokenEnglish, spokenWords],
  [planEnglish, planWords],
  [recordsEnglish, recordWords],
  [safetyEnglish, safetyWords],
  [pointsEnglish, safetyPointWords],
  [sheetEnglish, sheetWords],
  [stitchesEnglish, stitchWords],
  [surfaceEnglish, surfaceWords],
  [unitsEnglish, { under: (least: string) => `unter ${least}` }],
  [inSentenceEnglish, { name: (words: string) => words }],
];
