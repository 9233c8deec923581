export { read, splitLines } from './read';
export type { PartReading, RoundReading, LineReading, Reading, ReadOptions } from './read';
export type { Item, LineNode, Span, StitchKind, Terms, TextChange, Loops } from './syntax';
export type { Mend, Problem, ProblemCode, Severity } from './problems';
export { printItems, printRound } from './printer';
export { WORD_OF } from './stitches';
export { markText, changeText, changeBetween, replaceText } from './marks';
export type { MarkedText, NewMark } from './marks';
