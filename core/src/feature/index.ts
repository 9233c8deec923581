export type {
  CentreBy,
  EyeMaking,
  EyePair,
  Embroidery,
  FeltRound,
  LoosePiece,
  Nose,
  OnFace,
  OnPart,
  PairPlace,
  Stitchery,
  ThreadEnd,
  ThreadFrom,
  Twin,
} from './feature';
export { isOn, MOST_STITCHED, SATIN_SHAPES, STITCHED_WHEN, STITCHERIES } from './feature';
export { spotOf } from './onFace';
export {
  evened,
  leftOfFace,
  mirroredEnd,
  mirrorMissMm,
  movedEnd,
  ownTwin,
  resolveStitching,
  upOfFace,
} from './stitching';
export type { FaceMarks, ThreadPlace } from './faceCanvas';
export type { StitchFault, StitchState, ThreadRun } from './stitching';
export { endSaid, readEnd } from './stitchSaid';
export { lineMm, pathMm, threadHalfMm, threadLines } from './threadPath';
export type { ThreadLine } from './threadPath';
export { DARK, newStitching, STITCH_WORKS } from './stitchUsual';
export type { StitchWork } from './stitchUsual';
export { MOST_PATCHED, PATCH_SEAMS, PATCH_SHAPES } from './patch';
export type { Patch, PatchSeam, PatchShape } from './patch';
export { areaMm2, edgeMm, isWithin, outlineOf, readOutline } from './patchOutline';
export { patchSize, piecesOf, piecesSaid, sizeSaid } from './patchSaid';
export { laidPatches } from './patching';
export type { LaidPatch, PostAt } from './patching';
export { EXPRESSIONS, FACE_PIECES, faceOf } from './expressions';
export type { Expression } from './expressions';
export { newPatch, PATCH_WORKS, scattered } from './patchUsual';
export type { PatchWork, Scattering } from './patchUsual';
export type { Chart, Flat } from './chart';
export { MOST_SCULPTED, SCULPT_WORKS } from './sculpt';
export type { Sculpt, SculptWork } from './sculpt';
export { newSculpt, sculptEstimate, sculptWay } from './sculpting';
export type { Estimate, SculptEstimate, SculptWay } from './sculpting';
export { HANGERS, HELD_BY, loopPart } from './hanger';
export type { Hanger, HangerIs, HeldBy } from './hanger';
export { STRAND_FIXES } from './strands';
export type { StrandFix, Strands } from './strands';
export { LINES_OVER } from './surface';
export type { LineOver, SpotOn, SurfaceWork } from './surface';
export { hardwareGrams, onRounds, partsOf, spotsOf, thingOf, withoutJoins } from './kinds';
export type { Feature, FeatureKind } from './kinds';
export {
  bareHead,
  besideFace,
  directionsOfHead,
  faceCentre,
  faceCoord,
  faceDirection,
  headWidthMm,
  isOfHead,
  pauseOf,
  washerNeeds,
  washerWindow,
} from './head';
export type { Head, Thing } from './head';
export { eyeGrams, eyeRow, hardwareOf, resolveEyes } from './eyes';
export { discMm, indexSaid, openFabric, RETENTION_BANDS, retentionOf } from './retention';
export type { Band, NotKnown, Post, Retention } from './retention';
export type { EyesAt, EyeState, Spacing } from './eyes';
export { middleOfFace, movedNose, newNose, nosePut, resolveNose } from './nose';
export { noseSaid } from './noseSaid';
export type { NoseAt, NoseState } from './nose';
export { schoolsOf, wordsContext } from './schools';
export {
  keptHere,
  movedPost,
  movedPostRound,
  movedRound,
  offMiddleMm,
  pairAt,
  reachOf,
  roomOf,
  withBetterHoles,
  withBetween,
  withCentre,
  withLink,
} from './moves';
export { betterHoles, unevennessOf, WORTH_MM } from './level';
export type { BetterHoles, Posts, Unevenness } from './level';
export { adviceOn, lineOf } from './advice';
export type { Advice } from './advice';
export { refusalOf } from './refusal';
export type { Refusal } from './refusal';
export { facesOf } from './faces';
export type { FaceChoice, FaceName } from './faces';
export { compareFaces, pairsLike } from './compare';
export type { Difference, Face, LikeReading } from './compare';
export { newPair } from './usual';
export { pairSaid } from './said';
export { firstPair, pairsOfNote } from './notes';
export type { NoteOffer, NoteReading, NoteSilence } from './notes';
export { adviceSentence, noteSentence, reachSentence, refusalSentence, retentionSentence } from './sentences';
