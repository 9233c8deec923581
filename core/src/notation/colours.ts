/** Colours that makers name without saying that they are colours. */
const COLOURS = new Set(
  (
    'white black cream rust brown sand grey gray red green blue yellow pink coral teal purple orange slate beige tan gold ' +
    'silver navy mint lilac turquoise ivory ecru taupe khaki olive ochre mustard honey caramel chocolate chestnut ginger ' +
    'apricot peach salmon rose ruby crimson scarlet maroon burgundy wine plum violet lavender indigo aqua cyan sage moss ' +
    'lime emerald jade charcoal graphite anthracite stone oatmeal linen camel fawn blush fuchsia magenta copper bronze ' +
    'petrol denim sky lemon vanilla skin natural brick terracotta cinnamon hazel pewter heather mauve orchid'
  ).split(' '),
);

/** Words that stand where a colour could and are none. */
const NOT_A_COLOUR = new Set(
  (
    'next same each the back front both first last ring free loop loops hook marker it all every yarn a an corner one sl ' +
    'blo flo in on at and or for from to of only now then again until with as is are you your this that these so when ' +
    'after before over under around across lp lps main contrast contrasting new other colour color round rnd row rounds ' +
    'unused remaining any stuffing filling needle thread tail end eyes eye both'
  ).split(' '),
);

/** `a`, `b` ... and `mc`, `cc`, `cc1`: slots instead of names. */
const SLOT = /^(?:[a-h]|mc|cc\d?|c\d)$/;

/** Whether a word can stand in the name of a colour. */
export const canNameColour = (word: string): boolean => !NOT_A_COLOUR.has(word) || SLOT.test(word);

/** Whether one or more words in lower case name a colour, or the letter of a yarn. */
export const isColour = (name: string): boolean =>
  SLOT.test(name) || name.split(/[ -]/).some((w) => COLOURS.has(w));

export const isColourSlot = (word: string): boolean => SLOT.test(word);

const SHADES = new Set(
  'light dark pale bright deep soft warm cold dusty pastel medium off very main contrast'.split(' '),
);

/** Whether words are nothing but a colour: `moss green`, `dark blue`, and not `body rust`. */
export const isPlainColour = (said: string): boolean =>
  said.split(/[ -]/).length <= 3 &&
  said.split(/[ -]/).every((w) => COLOURS.has(w) || SHADES.has(w)) &&
  isColour(said);
