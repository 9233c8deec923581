import { EditorView } from '@codemirror/view';
import { FAMILY, type Palette } from '../../../theme';
import { lined, sized } from '../../../theme/textSize';

/** Letters of the text, as large as the browser asks for. */
const px = (size: number): string => `${sized(size)}px`;

const TEXT = `"${FAMILY.text}", sans-serif`;
const NUMBER = `"${FAMILY.number}", monospace`;
const TITLE = `"${FAMILY.title}", sans-serif`;

/** The paper, its lines and the caret. */
const sheet = (c: Palette) => ({
  '&': { backgroundColor: c.paper, color: c.ink, fontSize: px(17) },
  '&.cm-focused': { outline: 'none' },
  '.cm-content:focus-visible': { outline: 'none' },
  '.cm-activeLine': { backgroundColor: 'transparent' },
  // The focus shows at the caret's line: a ring round a text of 1,000 lines would be painted with every key.
  '&.cm-focused .cm-activeLine': { boxShadow: `inset 4px 0 0 ${c.pin}`, backgroundColor: c.sunk },
  '&.cm-focused .cm-activeLine.hop-wrong': { backgroundColor: c.coralWash },
  '.cm-scroller': { fontFamily: TEXT, lineHeight: `${lined(26, 17)}px`, overflow: 'visible' },
  '.cm-content': { padding: '0', caretColor: c.ink, minWidth: '0' },
  '.cm-line': { padding: '8px 8px 8px 16px', borderBottom: `1px solid ${c.line}` },
  '.cm-content ::selection': { backgroundColor: c.pinWash },
  '.cm-gutters': { backgroundColor: c.paper, border: 'none', color: c.ink },
  '.cm-gutters-after': { border: 'none' },
});

/** Counts beside the lines. */
const gutter = (c: Palette) => ({
  '.hop-gutter': { minWidth: '104px' },
  '.hop-gutter .cm-gutterElement': {
    boxShadow: `inset 0 -1px 0 ${c.line}`,
    padding: '0',
    position: 'relative',
  },
  '.hop-beside-error': { backgroundColor: c.coralWash },
  '.hop-beside-offer': { backgroundColor: c.pinWash },
  '.hop-count': {
    position: 'relative',
    minHeight: '42px',
    height: '100%',
    boxSizing: 'border-box',
    paddingTop: '8px',
    display: 'flex',
    alignItems: 'flex-start',
    justifyContent: 'flex-end',
    paddingRight: '12px',
    fontFamily: NUMBER,
    fontWeight: '600',
    letterSpacing: '-.045em',
    fontSize: px(17),
  },
  '.hop-count span': { position: 'relative' },
  '.hop-count.hop-is-error': { color: c.coralInk },
  '.hop-bar': { position: 'absolute', right: '0', top: '0', bottom: '0', backgroundColor: c.sunk },
  '.hop-is-error .hop-bar': { backgroundColor: c.coral, opacity: '.35' },
  '.hop-bar-stated': {
    position: 'absolute',
    right: '0',
    top: '3px',
    bottom: '3px',
    border: `1.5px dashed ${c.coralInk}`,
    borderRight: 'none',
  },
});

/** Words by what they are, and what is wrong with them. */
const marks = (c: Palette) => ({
  '.hop-label': {
    display: 'inline-block',
    minWidth: '3.4em',
    fontFamily: NUMBER,
    fontSize: px(14),
    fontWeight: '500',
    letterSpacing: '-.045em',
    color: c.ink2,
  },
  '.hop-inc': { fontWeight: '700' },
  '.hop-dec': { fontWeight: '700', fontStyle: 'italic' },
  '.hop-skip': { fontStyle: 'italic' },
  '.hop-start': { fontWeight: '600' },
  '.hop-sign, .hop-layer': {
    color: c.ink2,
    textDecoration: 'underline dotted',
    textUnderlineOffset: '4px',
  },
  '.hop-clamp': { color: c.pinInk, fontWeight: '600' },
  '.hop-stated': { fontFamily: NUMBER, fontSize: px(15), letterSpacing: '-.045em' },
  '.hop-heading': { fontFamily: TITLE, fontWeight: '700' },
  '.hop-note': { fontStyle: 'italic', color: c.ink2 },
  '.hop-step': { color: c.ink, fontWeight: '600' },
  '.hop-wrong': { backgroundColor: c.coralWash, boxShadow: `inset 6px 0 0 ${c.coral}` },
  '.hop-wrong .hop-label': { color: c.coralInk, fontWeight: '600' },
  '.hop-under-error': {
    textDecoration: `underline wavy ${c.coralInk} 2px`,
    textUnderlineOffset: '4px',
    textDecorationSkipInk: 'none',
  },
  '.hop-under-warning': { textDecoration: `underline dashed ${c.ink2} 2px`, textUnderlineOffset: '4px' },
  '.hop-under-note': {},
});

/** What stands under a line, with its ways out. */
const below = (c: Palette) => ({
  '.hop-below': {
    padding: '2px 16px 12px 16px',
    borderBottom: `1px solid ${c.line}`,
    fontFamily: TEXT,
    fontSize: px(16),
    lineHeight: `${lined(22, 16)}px`,
    color: c.ink2,
  },
  '.hop-below.hop-error': {
    backgroundColor: c.coralWash,
    boxShadow: `inset 6px 0 0 ${c.coral}`,
    color: c.ink,
  },
  '.hop-below.hop-offer': {
    backgroundColor: c.pinWash,
    boxShadow: `inset 6px 0 0 ${c.pin}`,
    color: c.ink,
    paddingTop: '8px',
  },
  '.hop-below p': { margin: '0', padding: '6px 0' },
});

/** What can be done about it, on buttons of the thumb's size. */
const deeds = (c: Palette) => ({
  '.hop-deeds': { display: 'flex', flexWrap: 'wrap', gap: '8px' },
  '.hop-below button': {
    minHeight: '44px',
    padding: '9px 14px',
    borderRadius: '6px',
    fontFamily: TEXT,
    fontSize: px(16),
    lineHeight: `${lined(20, 16)}px`,
    fontWeight: '600',
    color: c.ink,
    backgroundColor: c.raise,
    border: `1.5px solid ${c.edge}`,
    cursor: 'pointer',
  },
  '.hop-below button.hop-main': {
    backgroundColor: c.tape,
    color: c.tapeInk,
    border: 'none',
    minHeight: '54px',
    padding: '9px 20px',
    fontFamily: TITLE,
    fontSize: px(18),
    fontWeight: '700',
    backgroundImage: `repeating-linear-gradient(90deg, ${c.tapeInk2} 0 1px, transparent 1px 10px)`,
    backgroundSize: '100% 6px',
    backgroundPosition: '4px 100%',
    backgroundRepeat: 'no-repeat',
  },
  '.hop-below button:focus-visible': { outline: `3px solid ${c.pin}`, outlineOffset: '2px' },
});

/** Words that may be meant. */
const completion = (c: Palette) => ({
  '.cm-tooltip.cm-tooltip-autocomplete': {
    backgroundColor: c.raise,
    border: `1.5px solid ${c.edge}`,
    borderRadius: '6px',
    color: c.ink,
  },
  '.cm-tooltip.cm-tooltip-autocomplete > ul': { fontFamily: TEXT, fontSize: px(16), maxHeight: '220px' },
  '.cm-tooltip.cm-tooltip-autocomplete > ul > li': { padding: '10px 12px', lineHeight: `${lined(22, 16)}px` },
  '.cm-tooltip-autocomplete ul li[aria-selected]': { backgroundColor: c.pinWash, color: c.ink },
  '.cm-completionDetail': { color: c.ink2, fontStyle: 'normal' },
});

/** The editor in the colours of the house. */
export const look = (c: Palette, dark: boolean) =>
  EditorView.theme(
    { ...sheet(c), ...gutter(c), ...marks(c), ...below(c), ...deeds(c), ...completion(c) },
    { dark },
  );
