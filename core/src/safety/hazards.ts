import type { CheckNumber } from './point';

/** Words of a text that name something dangerous, by the check that it belongs to. `anywhere`: also among stitches, where "ring" is how a part begins. */
export const HAZARDS: readonly { id: string; check: CheckNumber; words: RegExp; anywhere: boolean }[] = [
  {
    id: 'wire',
    check: 7,
    words: /\b(?:wires?|wired|pipe ?cleaners?|chenille stems?|armatures?)\b/,
    anywhere: true,
  },
  {
    id: 'rod',
    check: 7,
    words:
      /\b(?:rods?|dowels?|skewers?|toothpicks?|wooden sticks?|stiffeners?|glass|plastic (?:bottle|canvas|mesh)|cardboard)\b/,
    anywhere: false,
  },
  {
    id: 'glue',
    check: 8,
    words: /\b(?:glue[ds]?|gluing|super ?glue|hot glue|adhesive|fabri-?tac)\b/,
    anywhere: true,
  },
  { id: 'magnet', check: 11, words: /\b(?:magnets?|magnetic)\b/, anywhere: true },
  {
    id: 'battery',
    check: 11,
    words: /\b(?:batter(?:y|ies)|button cells?|led lights?|leds?|light string)\b/,
    anywhere: true,
  },
  {
    id: 'ring',
    check: 11,
    words:
      /\b(?:(?:key|split|jump|metal|swivel|plastic|wooden|[do])[- ]?rings?|keyrings?|key ?chains?|carabiners?|swivels?|lobster clasps?|clasps?|clips?|safety pins?|hook and eye)\b/,
    anywhere: true,
  },
  {
    id: 'ring',
    check: 11,
    words:
      /(?<!\b(?:magic|adjustable|the starting|starting|slip|first|in a|in the|into the|of the|from the|double|doubled)\s)\brings?\b(?!\s*[=:]|\s+(?:is|shut|of stitches))/,
    anywhere: false,
  },
  {
    id: 'bell',
    check: 11,
    words: /\b(?:bells?|jingles?|rattles?|squeakers?|music box|crinkle (?:paper|foil))\b/,
    anywhere: true,
  },
  {
    id: 'button',
    check: 5,
    words:
      /\b(?:buttons?|snaps?|press studs?|velcro|thread(?:ed)? (?:the )?(?:limbs?|arms?|legs?|joints?)|button joints?|joints?)\b/,
    anywhere: false,
  },
  {
    id: 'bead',
    check: 3,
    words:
      /\b(?:beads?|sequins?|rhinestones?|pebbles?|plastic pellets?|poly pellets?|dried (?:beans?|peas?|lentils?)|rice|lentils?|pom-?poms?|googly)\b/,
    anywhere: true,
  },
  {
    id: 'ribbon',
    check: 6,
    words: /\b(?:ribbons?|drawstrings?|laces?|shoelaces?|elastic|leash|lanyard|fishing line|string)\b/,
    anywhere: false,
  },
  {
    id: 'fur',
    check: 12,
    words: /\b(?:faux fur|fur|mohair|brush(?:ed)? (?:out|the)|eyelash yarn|feathers?|plush|chenille yarn)\b/,
    anywhere: false,
  },
  {
    id: 'loops',
    check: 6,
    words: /\b(?:(?:loop|looped|lp|fur) st(?:itch(?:es)?|s)?|lpst|lsc)\b/,
    anywhere: true,
  },
  {
    id: 'hair',
    check: 6,
    words: /\b(?:hair strands?|strands? of (?:hair|yarn)|tassels?|fringe|mane)\b/,
    anywhere: false,
  },
];
