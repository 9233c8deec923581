export { changesOf, isBegun } from './changes';
export { diaryLine, diaryOf } from './diary';
export type { DiaryEntry } from './diary';
export { withDeed } from './log';
export {
  check,
  doneBefore,
  makeNow,
  openChecks,
  openTicks,
  stitchWithin,
  tick,
  ticksOf,
  tickWithin,
  uncheck,
  untick,
  whereAmI,
} from './making';
export type { Tick } from './making';
export { boxTapped, copySheet } from './copySheet';
export type { SheetRow } from './copySheet';
export { stitchRow } from './stitchRow';
export type { RowStitch } from './stitchRow';
export { bestQuestion, tickAt, whereItIs } from './where';
export type { Answer, Counted, Situation } from './where';
export { endLeft, endLine, endOf, endSewnWith } from './endsLeft';
export type { EndLeft } from './endsLeft';
export { flatEdge, gaugeFromEdge, largerBy } from './asMade';
export { moveWord, RARE_MOVES, takesLoops, USUAL_MOVES } from './moves';
export type { Move } from './moves';
export {
  BEGINNINGS,
  begunPart,
  canTap,
  FEWEST_BEGUN,
  namesYarn,
  roundDone,
  sameAgain,
  takenBack,
  tapped,
  workingOf,
} from './workAndWrite';
export type { Beginning, NotSame, Working } from './workAndWrite';
export { minutesAt, paceOf, timeOf } from './pace';
export type { Pace } from './pace';
export { progressOf } from './progress';
export type { Progress } from './progress';
export {
  addNote,
  addPiece,
  addTest,
  changePiece,
  countPins,
  keptCurve,
  numberRefused,
  removePiece,
  sameLots,
} from './pieces';
export type { PieceNumberRefused } from './pieces';
export { lastTest, practiceTests, signOff, signoffRefusals, testOf, withTests } from './signoff';
export type { SignoffRefusal } from './signoff';
export { loadSaid } from './loadSaid';
export { signoffWords, testedName, testLine, thingName } from './sentences';
export { compared, measurables, unlike } from './compare';
export type { Against, Beside, Measurable, Row } from './compare';
