export type { EyePair, EyeMaking, Embroidery, Feature, PairPlace } from './feature';
export { eyeAdvice, eyeRow, faceCentre, faceDirection, offCentre, resolveEyes, RETENTION_BANDS, retentionOf, washerNeeds } from './eyes';
export type { EyesAt, EyeState, Retention, Spacing } from './eyes';
export { eyesContext, schoolsOf } from './schools';
export { keptHere, movedRound, movedPost, newPair, reachOf, withBetween } from './moves';
export { pairSaid } from './said';
export { pairsOfNote } from './notes';
export type { NoteReading } from './notes';
