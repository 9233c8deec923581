import { courseOf } from '../address';
import { buildFabric } from '../fabric';
import { formOf, type Firmness, type PartForm } from '../form';
import { gaugeOf, type GaugeSettings } from '../gauge';
import { markText, read } from '../notation';
import { bareHead, faceCentre, newPair, resolveEyes, type EyePair, type EyesAt, type Head } from './index';

/** A gauge measured on a swatch, without lean: 5 mm a stitch, 4.5 mm a round, good to 3 %. */
export const MEASURED: GaugeSettings = {
  hookMm: 3,
  stitchMm: 5,
  roundMm: 4.5,
  leanStitches: 0,
  hand: 'right',
  yarnUnder: false,
};

/** The form of a written part, for tests. */
export function formFrom(
  text: string,
  settings: Partial<GaugeSettings> = {},
  fill: Firmness = 'empty',
): PartForm {
  let n = 0;
  const { marks } = markText(text, () => `m${n++}`);
  return formOf(
    buildFabric(read(text, { terms: 'us' }).parts[0], marks),
    gaugeOf({ ...MEASURED, ...settings }),
    { fill },
  );
}

/** A ball-shaped head of so many rounds, 36 stitches at its widest. */
export const HEAD = [
  'R1: 6 sc in ring',
  'R2: inc x6',
  'R3: (sc, inc) x6',
  'R4: (2 sc, inc) x6',
  'R5: (3 sc, inc) x6',
  'R6: (4 sc, inc) x6',
  'R7-10: sc around',
  'R11: (4 sc, dec) x6',
  'R12: (3 sc, dec) x6',
  'R13: (2 sc, dec) x6',
  'R14: (sc, dec) x6',
  'R15: dec x6',
  'close',
].join('\n');

/** Ids for a thing put on the head of the tests. */
export const IDS = { id: 'e', part: 'p', copy: 'c' };
/** That head stuffed firm, with nothing sewn on. */
export const form = formFrom(HEAD, {}, 'firm');
export const head = bareHead(form);
/** Where eyes that stand do stand. */
export const at = (on: Head, eyes: EyePair) => resolveEyes(on, eyes) as EyesAt;
/** A pair of eyes centred on the face, on one round with so many stitches between the posts. */
export const pairOn = (on: Head, round: number, between: number, more: Partial<EyePair> = {}): EyePair => {
  const eyes = { ...newPair(on, IDS)!, ...more };
  return {
    ...eyes,
    pair: {
      ...eyes.pair,
      course: courseOf(on.form.fabric, round),
      between,
      centre: faceCentre(on, eyes.pair.centre.by, round, between, eyes.washerMm),
    },
  };
};
