/** Sentences of the safety pages. Never says that a toy is safe or complies. */
export const safetyWords = {
  caution:
    'These figures are a maker’s pre-check. The law of the place where the toy is given or sold decides, in its current edition; a competent test laboratory or safety assessor confirms it.',
  ageUnknown: 'Who is it for?',
  ageUnknownReason: 'Nobody has said who the toy is for, so it is checked as for under 18 months.',
  ageUnknownMend: 'Choose who it is for.',
  eyes: {
    plastic: (mm: string) => `Plastic eyes of ${mm} mm on a toy for a child under 36 months`,
    plasticReason: (diameter: string) =>
      `An eye that comes off fits entirely into the small-parts cylinder (${diameter} mm across).`,
    mend: 'Embroider the eyes at the same place',
    older: (mm: string) => `Pull test of the ${mm} mm eyes is not logged yet`,
    olderReason: (newton: string) =>
      `Each eye is pulled with ${newton} N, raised over 5 s and held 10 s, torque first.`,
  },
  nose: {
    plastic: (mm: string) => `A plastic nose of ${mm} mm on a toy for a child under 36 months`,
    plasticReason: (diameter: string) =>
      `A nose that comes off fits entirely into the small-parts cylinder (${diameter} mm across).`,
    mend: 'Embroider the nose at the same place',
    older: (mm: string) => `Pull test of the ${mm} mm nose is not logged yet`,
    olderReason: (newton: string) =>
      `The nose is pulled with ${newton} N, raised over 5 s and held 10 s, torque first.`,
  },
  loose: (name: string, mm: string) => `A loose piece: ${name}, ${mm} mm`,
  looseReason: (diameter: string) =>
    `It is not one with its post, so it is a part of its own: what comes off and fits the cylinder (${diameter} mm across) in any position is a small part.`,
  looseMend: (newton: string) =>
    `Pull it by itself with ${newton} N on a test piece, or take one that is cast in one.`,
  plasticOlderMend: 'Log a pull test on a test piece.',
  washerStop: (index: string) => `Washer against fabric ${index}: stop`,
  washerBacking: (index: string) => `Washer against fabric ${index}: backing disc advised`,
  washerCovers: (index: string) => `Washer against fabric ${index}: covers well`,
  washerReason: (washer: string, hole: string) =>
    `The washer is ${washer} mm; the stretched fabric can open ${hole} mm at a post, at the worst end of the gauge.`,
  washerStopMend: 'Tighten the gauge or take a bigger washer.',
  washerBackingMend: (disc: string) => `Put a felt disc of at least ${disc} mm between fabric and washer.`,
  washerCoversMend: 'The tug and the pull test decide.',
  cord: (name: string, length: string) => `${name}: a free length of ${length} mm`,
  cordReason: (limit: string, load: string) =>
    `For under 18 months a cord may be at most ${limit} mm long, measured under ${load} N; a crocheted cord stretches.`,
  cordMend: 'Make it shorter, or fix it down along its length.',
  cordUnknown: 'How far this cord stretches under load is not known: measure a piece.',
  look: 'The toy’s look decides as well as the label',
  lookReason:
    'Guidance normally grades a simple soft stuffed animal to hold and cuddle as a toy for under 3, whatever the label says.',
  lookMend: 'Ask an assessor, or make it fit for under 36 months.',
};
