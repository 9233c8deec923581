/** What is said before the name in a heading that is a sentence: `Now let's make the ears`, `Instructions for the ears`. */
const BEFORE =
  /^(?:(?:step\s+(?:\d{1,2}|one|two|three|four|five)\s*[.:)-]|now|next|then|so|let['’]?s|we|you|start|begin|making|make|crocheting|crochet|working|work|(?:instructions|directions|pattern)(?=\s+for\b)|how\s+to|with|for|on|to|the|an?)[\s,:-]+)+/i;
const BEHIND = /\s+(?:pattern|instructions|directions|as\s+follows)\s*$/i;
const SIGNS_BEFORE = /^[\s<{(\[“"'«→>*•=_~#-]+/u;
const SIGNS_BEHIND = /(?<![\s>})\]”"'».…!:;=*_~#-])[\s>})\]”"'».…!:;=*_~#-]+$/u;

/** The name that a heading gives, without the words of the sentence that it stands in: `Making the ears:` is of the ears. */
export function nameSaid(line: string): string {
  const bare = line.replace(SIGNS_BEFORE, '').replace(SIGNS_BEHIND, '');
  const name = bare.replace(BEFORE, '').replace(BEHIND, '').trim();
  return /\p{L}{2}/u.test(name) ? name : bare;
}
