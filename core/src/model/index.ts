export { bodyRounds } from './bodyRounds';
export { copyName, fillSaid, modelPart, shapingOf } from './part';
export type { PartModel } from './part';
export { acceptEyes, pageEyesMm } from './accept';
export type { EyesTaken } from './accept';
export { facedPart } from './faced';
export { headOf } from './head';
export {
  partsOver,
  patches,
  postsOnPart,
  sculptings,
  sculptLines,
  usualPatch,
  usualSculpt,
} from './patching';
export { hasSnout, withExpression } from './expressions';
export type { OnFaceState, Patched, PatchSide, Sculpted } from './patching';
export { evennessOf, marksOn, stitchings } from './stitching';
export { strandOffers, strandsSaid } from './strandOffers';
export type { StrandOffer } from './strandOffers';
export { acceptNeedle, patchOffers, patchSaid, sculptSaid } from './patchOffers';
export type { NeedleTaken, PatchOffer } from './patchOffers';
export { acceptStitches, stitchOffers, worksSaid } from './stitchOffers';
export type { StitchOffer } from './stitchOffers';
export type { Stitched, ThreadSide } from './stitching';
export { caughtInstead } from './catchInstead';
export type { CatchFault } from './catchInstead';
export type { CaughtFault } from './catching';
export {
  asymmetryOf,
  besideFront,
  fitted,
  gapsOf,
  joinRoundsOf,
  mirroredClamps,
  spreadEvenly,
  withClamp,
  withEnd,
  writtenRound,
} from './slots';
export { heldWords, slotSteps, slotWords } from './slotSteps';
export type { SlotStep } from './slotSteps';
export type { JoinRound } from './slots';
export { newHanger, newStrands, newSurface, usualEnd } from './newWork';
export { readMotif } from './motif';
export type { Motif, MotifRead } from './motif';
export { surfaceWorks } from './surfaceWork';
export type { Station, SurfaceFault, SurfaceSite, SurfaceState } from './surfaceWork';
export { chainStrands, strandWorks } from './strandWork';
export type { StrandState } from './strandWork';
export { hangersOf } from './hangers';
export type { HangerState } from './hangers';
export { allYarnLines, yarnLines } from './yarnLines';
export type { YarnLine } from './yarnLines';
export { takenApart } from './apart';
export { readSet, setOf } from './sets';
export type { SetFault, SetSaid } from './sets';
export { mirroredAbout, sidesOf } from './sides';
export type { SidesPair } from './sides';
export { everyJoin, modelOf, modelToy, NO_COLOUR, slotColours, yarnColour } from './toy';
export type { ToyModel } from './toy';
export { expected, saidBy, WAYS, widestRound } from './measuring';
export type { Found, Measured, PartWay, Said, Way } from './measuring';
export { bothFillings, fillBetween, fillingOf, isFilled, zonesLost, zonesOf } from './filling';
export type { Filling, Zone } from './filling';
export { neckRounds, stretchesOf } from './stretches';
export type { Stretch } from './stretches';
export { looksInput, relaxedLooks } from './looks';
export type { LooksInput } from './looks';
export { dappleFile, rill, rillFile, rubyFile } from './demo';
export { hostsFor, joinables, joinedUsually, usualFor } from './joining';
export type { Joinable } from './joining';
export { balanceOf, marginRange, mendingMove } from './balance';
export type { Balance, MendingMove, NeckLoad } from './balance';
export { isAbout, meetingsOf, wayOut } from './meetings';
export type { Meeting } from './meetings';
export {
  hangWords,
  saidProblem,
  meetingWords,
  mendSentence,
  mendWords,
  standingWords,
} from './joinSentences';
export { hangContext, hangsOn, saidOfJoin } from './hanging';
export { acceptSewing, sewingSaid, sewnElsewhere } from './sewingSaid';
export type { SewingSaid } from './sewingSaid';
export type { SaidOfJoin, Unfollowed } from './hanging';
