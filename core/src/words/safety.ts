import { plural } from './plural';

const fits = (diameter: string, does: boolean, what: string) =>
  does
    ? `${what} fits entirely into the small-parts cylinder (${diameter} across).`
    : `${what} is wider than the small-parts cylinder (${diameter} across), but what breaks off it may not be.`;

/** Sentences of the safety pages. Never says that a toy is safe or complies. */
export const safetyWords = {
  ages: {
    'under 18 months': 'under 18 months',
    '18 to 36 months': '18 to 36 months',
    '3 years and over': '3 years and over',
    accessory: 'accessory',
    'display only': 'display only',
    unknown: 'not said yet',
  },
  weights: { stop: 'stop', open: 'open', advice: 'advice' },
  shield: (stops: number, open: number) =>
    `Safety: ${stops === 0 && open === 0 ? 'no point open' : [...(stops > 0 ? [plural(stops, 'stop')] : []), ...(open > 0 ? [`${plural(open, 'point')} open`] : [])].join(', ')}`,
  caution:
    'These figures are a maker’s pre-check. The law of the place where the toy is given or sold decides, in its current edition; a competent test laboratory or safety assessor confirms it.',
  who: {
    small: { title: '', reason: '', mend: '' },
    unknown: {
      title: 'Who is it for?',
      reason: 'Nobody has said who the toy is for, so it is checked as for under 18 months.',
      mend: 'Choose who it is for.',
    },
    '3 years and over': {
      title: 'The toy’s look decides as well as the label',
      reason:
        'Guidance normally grades a simple soft stuffed animal to hold and cuddle as a toy for under 3, whatever the label says.',
      mend: 'Ask an assessor, or make it fit for under 36 months.',
    },
    accessory: {
      title: 'An accessory may still be judged a toy',
      reason:
        'A charm or keyring with a face or play value may be judged a toy, whatever it is sold as; then rings, clips and eyes are small parts.',
      mend: 'Ask an assessor, and keep it from children under 36 months.',
    },
    'display only': {
      title: 'Display only is a label, not a lock',
      reason:
        'A soft figure on a shelf is taken down and played with. What is in it is checked as for 3 years and over.',
      mend: 'Say it on the label, keep it out of reach, and ask an assessor before it is sold.',
    },
  },
  checks: {
    1: 'Plastic eyes and noses',
    2: 'Washer and fabric',
    3: 'Small parts once they come off',
    4: 'Seams of limbs: stitches, twice round, buried ends',
    5: 'Threaded joints and buttons',
    6: 'Cords, loops and hair',
    7: 'Wire, rods and rigid inserts',
    8: 'Glue as the only fixing',
    9: 'Fill that escapes, gaps and lace',
    10: 'Start and close secured',
    11: 'Rings, clips, magnets, bells, batteries',
    12: 'Shedding yarn and fur',
    13: 'Pins and needles counted',
    14: 'Washing',
    15: 'Supervision and wear',
  },
  made: (n: number, all: number) => `${n} of ${all} checks made`,
  notMade: (names: readonly string[]) => `Not looked at: ${names.join('; ')}`,
  notRead: (lines: number) =>
    `${plural(lines, 'line')} of the texts ${lines === 1 ? 'is' : 'are'} not read, or ${lines === 1 ? 'does' : 'do'} not add up: what stands there was not looked at`,
  nothingFound: (names: readonly string[]) => `Looked at, and nothing found: ${names.join('; ')}`,
  madeHow: 'They tell what a plan can tell. What is made is looked at, pulled and counted on each piece.',
  answered: (words: string) => `Answered: ${words}`,
  eyes: {
    plastic: (mm: string) => `Plastic eyes of ${mm} mm on a toy for a child under 36 months`,
    plasticReason: (diameter: string, does: boolean) => fits(diameter, does, 'An eye that comes off'),
    mend: 'Embroider the eyes at the same place',
    older: (mm: string) => `Pull test of the ${mm} mm eyes is not logged yet`,
    olderReason: (newton: string) =>
      `Each eye is pulled with ${newton} N, raised over 5 s and held 10 s, torque first.`,
  },
  nose: {
    plastic: (mm: string) => `A plastic nose of ${mm} mm on a toy for a child under 36 months`,
    plasticReason: (diameter: string, does: boolean) => fits(diameter, does, 'A nose that comes off'),
    mend: 'Embroider the nose at the same place',
    older: (mm: string) => `Pull test of the ${mm} mm nose is not logged yet`,
    olderReason: (newton: string) =>
      `The nose is pulled with ${newton} N, raised over 5 s and held 10 s, torque first.`,
  },
  loose: (name: string, mm: string) => `A loose piece: ${name}, ${mm} mm`,
  looseReason: (diameter: string, does: boolean) =>
    `It is not one with what holds it, so it is a part of its own. ${fits(diameter, does, 'It')}`,
  looseMend: (newton: string) =>
    `Pull it by itself with ${newton} N on a test piece, or take one that is cast in one.`,
  looseOff: 'Leave it off, or embroider it.',
  felt: (mm: string) => `Felt of ${mm} mm: how it is fixed is not known`,
  feltReason: (diameter: string, does: boolean) => fits(diameter, does, 'A round of felt that comes off'),
  patch: (name: string, pieces: string) => `${name}, ${pieces}: what holds is not tested`,
  patchReason: (diameter: string, does: boolean, seam: string) =>
    `Sewn on with ${seam}. ${fits(diameter, does, 'A piece that comes off')}`,
  feltMend: 'Sew it all round with small stitches, never only glue it; or embroider its outline.',
  small: (part: string, size: string, copies: number) =>
    `${part}${copies > 1 ? ` × ${copies}` : ''}, about ${size}: a small part once it comes off`,
  smallReason: (diameter: string, on: boolean) =>
    `At the small end of its size it can lie in the small-parts cylinder (${diameter} across). ${on ? 'Its seam is all that keeps it.' : 'Nobody has said yet how it is fixed.'}`,
  smallMend: 'Sew it on twice round, bury the ends after a knot, and pull it on a test piece.',
  smallAlone: (part: string, size: string) => `${part}, about ${size}: the toy itself is a small part`,
  smallAloneReason: (diameter: string) =>
    `At the small end of its size it can lie in the small-parts cylinder (${diameter} across), whole.`,
  smallAloneMend: 'Make it larger, or not for a small child.',
  smallNotKnown: (part: string, copies: number) =>
    `${part}${copies > 1 ? ` × ${copies}` : ''}: not known whether it is a small part`,
  smallNotKnownReason: 'Its rounds do not add up, so its size is not known.',
  smallNotKnownMend: 'Mend its rounds.',
  plasticOlderMend: 'Log a pull test on a test piece.',
  washerNotKnown: 'Washer against fabric: not known',
  washerWhy: {
    'hook not known':
      'The text names the hook in words that are no one hook, so nobody can tell how far the fabric opens.',
    'hook not said':
      'Nobody has said the hook, and nothing is measured: how far the fabric opens at a post is only a guess.',
    'washer not known': 'No table has an eye of this size, and nobody has measured its washer.',
    'chain space': 'A post stands in or beside a chain space, which opens far wider than a stitch.',
    'skipped stitches':
      'A post stands over skipped stitches, where the fabric opens far wider than a stitch.',
  },
  washerWhyMend: {
    'hook not known': 'Say the hook in mm, or measure ten stitches.',
    'hook not said': 'Say the hook, or measure ten stitches.',
    'washer not known': 'Measure the washer and type its size.',
    'chain space': 'Move the eye to closed single crochet.',
    'skipped stitches': 'Move the eye to closed single crochet.',
  },
  washerHomeless: 'The round that the post stood on is gone.',
  washerHomelessMend: 'Place it again.',
  washerMeasure: (low: string, high: string) =>
    `Washer against fabric between ${low} and ${high}: measure your gauge first`,
  washerMeasureMend: (disc: string | null) =>
    disc === null
      ? 'Measure ten stitches: under 1.2 is a stop, tighter fabric or a bigger washer.'
      : `Measure ten stitches; until then put a felt disc of at least ${disc} mm between fabric and washer.`,
  washerStop: (index: string) => `Washer against fabric ${index}: stop`,
  discNone: 'No disc lies under it, as you chose.',
  discChosen: (mm: string) => `A disc of ${mm} mm lies under it.`,
  discNarrow: (mm: string, need: string) =>
    `The disc of ${mm} mm is too narrow for its washer: at least ${need} mm.`,
  washerBacking: (index: string) => `Washer against fabric ${index}: backing disc advised`,
  washerCovers: (index: string) => `Washer against fabric ${index}: covers well`,
  washerReason: (washer: string, hole: string) =>
    `The washer is ${washer} mm; the stretched fabric can open ${hole} mm at a post, at the worst end of the gauge.`,
  washerStopMend: (washer: string, hook: string) =>
    `A washer of at least ${washer} mm, a hook of at most ${hook} mm, or embroider them instead.`,
  washerBackingMend: (disc: string) => `Put a felt disc of at least ${disc} mm between fabric and washer.`,
  washerCoversMend: 'The tug and the pull test decide.',
  cord: (name: string, times: number, length: string, most: string | null) =>
    `${name}: ${times > 1 ? `${times} cords` : 'a cord'} of ${length}${most === null ? ', by a hook that is not known' : `, up to ${most}`}`,
  loop: (name: string, times: number, length: string, most: string | null) =>
    `${name}: ${plural(times, 'loop')} of ${length} round${most === null ? ', by a hook that is not known' : `, up to ${most}`}`,
  hair: (name: string, part: string, length: string) => `${name} on ${part}: each end hangs ${length}`,
  hairLong: (limit: string) => `Hair is a cord: for a small child it may hang at most ${limit}.`,
  hanger: (what: string, mm: string, part: string) => `A ${what} of ${mm} mm on ${part}`,
  cordReason: (limit: string, load: string) =>
    `For under 18 months a cord may be at most ${limit} long, measured under ${load} N; a crocheted cord stretches.`,
  loopReason: (limit: string) =>
    `For under 18 months a loop may be at most ${limit} round; a crocheted loop stretches.`,
  cordMiddle: (limit: string) =>
    `From 18 to 36 months a rule of its own holds, which is not among these figures; for under 18 months it is ${limit}.`,
  cordOlder: (limit: string) =>
    `No limit for this age is among these figures; for under 18 months it is ${limit}.`,
  cordMend: 'Make it shorter, or fix it down along its length.',
  cordUnknown: 'How far this cord stretches under load is not known: measure a piece.',
  threaded: (name: string, host: string) => `${name} on a yarn through ${host}: a threaded joint`,
  threadedSmall:
    'Threaded joints are not for a child under 36 months: what hangs on a yarn is pulled through.',
  threadedOlder: 'What hangs on a yarn is pulled through when its anchor gives.',
  threadedMend: 'Sew it on.',
  threadedTest: 'Anchor the yarn through several stitches on both sides, and log a pull test.',
  eyesNamed: (part: string, words: string) =>
    `${part}: the text asks for eyes (“${words}”) and none are placed`,
  eyesNamedReason: 'What nobody has placed nobody has checked, and the part would be closed without them.',
  eyesNamedMend: 'Place them on Face, or take the note out.',
  namedOnPage: (words: string) => `The page names “${words}”`,
  eyesOnPage: (words: string) => `The page asks for “${words}” and none are placed`,
  named: (part: string, words: string, line: number) => `${part}, line ${line}, names “${words}”`,
  hazards: {
    wire: hazard(
      'Wire and pipe cleaners come through the fabric: not in a toy for a small child.',
      'Wire is for display only; its ends come through the fabric.',
      'Leave it out; a roll of fabric or firmer fill holds a slim neck.',
    ),
    rod: hazard(
      'Rods, glass and rigid inserts break or come through: not in a toy for a small child.',
      'Rigid inserts are for display only.',
      'Leave it out, or make it of fabric.',
    ),
    glue: hazard(
      'Glue is never the only fixing of a part; superglue makes hard sharp edges.',
      'Glue is never the only fixing of a part; superglue makes hard sharp edges.',
      'Sew it as well: a few back stitches hold a tiny piece.',
    ),
    magnet: hazard(
      'Magnets never: two that are swallowed pinch the gut.',
      'Magnets never in a toy: two that are swallowed pinch the gut.',
      'Leave them out.',
    ),
    battery: hazard(
      'Batteries and button cells never: one that is swallowed burns.',
      'Batteries and button cells never in a soft toy without a screwed case.',
      'Leave them out.',
    ),
    ring: hazard(
      'Rings and clips are small parts.',
      'Rings and clips are small parts; a keyring figure may still be judged a toy.',
      'Leave it off for a small child; anchor it through several stitches and log a pull test.',
    ),
    bell: hazard(
      'Bells, rattles and squeakers are small parts when the fabric gives.',
      'Bells, rattles and squeakers are small parts when the fabric gives.',
      'Sew it into a pouch of its own, measure it, and pull the seam.',
    ),
    button: hazard(
      'Buttons and threaded joints: not for under 36 months.',
      'What hangs on a thread is pulled through: its anchor is not checked.',
      'Sew or embroider it; log a pull test.',
    ),
    bead: hazard(
      'Beads, pellets and pom-poms are small parts.',
      'Beads, pellets and pom-poms are small parts when they come off or out.',
      'Leave them out, or keep them in a sewn inner bag.',
    ),
    ribbon: hazard(
      'Ribbons, strings and elastic are cords: their free length is not known here.',
      'Ribbons, strings and elastic are cords: their free length is not known here.',
      'Measure them, keep them short, and sew both ends down.',
    ),
    loops: hazard(
      'Loops of yarn catch small fingers and are pulled out, and how long these are is not known here.',
      'Loops of yarn can be pulled out, and how long these are is not known here.',
      'Keep the loops short, pull at some, and cut none that is not locked by its stitch.',
    ),
    hair: hazard(
      'Strands and tassels are cords and come out when they are only looped in.',
      'Strands and tassels come out when they are only looped in.',
      'Sew each strand down, keep it short, and pull it.',
    ),
    fur: hazard(
      'Plush, fur and brushed yarn shed near a baby’s mouth.',
      'Plush, fur and brushed yarn shed.',
      'Take a smooth yarn, or rub and wash a swatch first.',
    ),
  } as Record<string, { small: string; older: string; mend: string }>,
};

function hazard(small: string, older: string, mend: string): { small: string; older: string; mend: string } {
  return { small, older, mend };
}
