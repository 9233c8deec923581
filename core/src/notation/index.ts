export { nameKey } from './nameKey';
export { read, splitLines } from './read';
export type { ReadOptions } from './read';
export { emptyPart } from './reading';
export { factsOfNode, featuresIn, LINE_MEANINGS } from './page/lineKinds';
export { factsWords } from './page/sentences';
export { sentencesOf } from './sentences';
export type { LineKind, LineMeaning } from './page/lineKinds';
export type { PageLine } from './page/pageLine';
export type { Materials } from './page/materials';
export type {
  PartEnd,
  PartReading,
  Pause,
  RoundReading,
  RoundKind,
  LineReading,
  FreeLoops,
  Reading,
} from './reading';
export type {
  Item,
  ReturnItem,
  LineNode,
  RoundNode,
  Span,
  StitchItem,
  SignItem,
  StartItem,
  StitchKind,
  Terms,
  TextChange,
  Loops,
  Fact,
} from './syntax';
export { applied } from './problems';
export { cleanText } from './clean';
export { ofFirstSize, sizesSaid } from './manySizes';
export { withEquals } from './countsBehind';
export { withColon } from './numberedLines';
export { gatherRange, unfoldRange } from './ranges';
export type { Rewriting } from './ranges';
export { takeUp } from './takeUp';
export type { TakenUp } from './takeUp';
export { convertTerms } from './convert';
export { hookIn } from './hooks';
export type { HookSaid } from './hooks';
export type { Mend, Problem, ProblemCode, Severity } from './problems';
export { featureIn } from './featureNote';
export { numberSaid, NUMBERS, ORDINALS } from './numberWords';
export { gatheredWords } from './gathered';
export { mainRepeat } from './mainRepeat';
export { LOOPS, printItems, printRound, withColour } from './printer';
export { WORD_OF, knownWords } from './stitches';
export { markText, changeText, changeBetween, replaceText } from './marks';
export type { MarkedText, NewMark } from './marks';
export type { FeatureNote } from './featureNote';
export type { ZoneWhere } from './fillZones';
