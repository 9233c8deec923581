import type { Found, Said } from '@hoppla/core/model';
import { decimals, type UnitWords } from '@hoppla/core/words';
import { screenWords } from '../../words';

const say = screenWords.gauge;

/** What was found by measuring, in words. */
export function foundWords(found: Found, units: UnitWords): string {
  switch (found.what) {
    case 'wander':
      return say.wanders(String(found.stitches), say[found.side]);
    case 'yarn a stitch':
      return say.yarnEach(units.length(found.mm));
    case 'round':
      return say.round(units.fine(found.mm));
    case 'stitch':
      return say.stitch(units.fine(found.mm));
    case 'give':
      return say.give(decimals(found.give, 2));
    case 'stitch and give':
      return `${say.stitch(units.fine(found.mm))}, ${say.give(decimals(found.give, 2))}`;
  }
}

/** What is wrong with a measurement, and what would be expected. */
export function faultWords(said: Extract<Said, { state: 'fault' }>, units: UnitWords): string {
  switch (said.why) {
    case 'not a number':
      return say.notNumber;
    case 'not a length':
      return say.notLength;
    case 'far off':
      return say.farOff(units.length(said.usualMm));
  }
}
