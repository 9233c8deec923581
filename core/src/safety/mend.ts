import {
  changePart,
  changeSafety,
  changeYarn,
  secureStart,
  setFeature,
  setJoin,
  USUAL_END,
  type Toy,
} from '../toy';

/** A mend that one tap makes: which edit, on what. Sizes in mm. */
export type Mend =
  | { do: 'embroider'; feature: string }
  | { do: 'disc'; feature: string; mm: number }
  | { do: 'leave off'; feature: string }
  | { do: 'sew twice'; joins: readonly string[] }
  | { do: 'close twice'; parts: readonly string[] }
  | { do: 'secure starts'; parts: readonly string[] }
  | { do: 'bury'; mm: number }
  | { do: 'cut shorter'; feature: string; hangsMm: number; mm: number }
  | { do: 'shorter loop'; feature: string; chain: number }
  | { do: 'smaller hook'; gauge: string; mm: number }
  | { do: 'sew in'; feature: string }
  | { do: 'fabric core'; part: string }
  | { do: 'not washed' };

const each = (toy: Toy, ids: readonly string[], edit: (so: Toy, id: string) => Toy): Toy =>
  ids.reduce(edit, toy);

/** The toy with a mend made; the same toy where what it mends is gone. */
export function mended(toy: Toy, mend: Mend): Toy {
  const feature = 'feature' in mend ? toy.features.find((f) => f.id === mend.feature) : undefined;
  switch (mend.do) {
    case 'embroider':
      return feature && 'making' in feature ? setFeature(toy, { ...feature, making: 'embroidered' }) : toy;
    case 'disc':
      return feature && 'backing' in feature ? setFeature(toy, { ...feature, backing: mend.mm }) : toy;
    case 'leave off':
      return feature && 'loose' in feature ? setFeature(toy, { ...feature, loose: [] }) : toy;
    case 'cut shorter':
      // What hangs is half of what is cut, less what the stitch takes: the same share less.
      return feature?.kind === 'strands'
        ? setFeature(toy, { ...feature, cutMm: Math.floor(feature.cutMm - 2 * (mend.hangsMm - mend.mm)) })
        : toy;
    case 'shorter loop':
      return feature?.kind === 'hanger' ? setFeature(toy, { ...feature, loop: { chain: mend.chain } }) : toy;
    case 'sew in':
      return feature?.kind === 'hanger' ? setFeature(toy, { ...feature, by: 'sewn in' }) : toy;
    case 'sew twice':
      return each(toy, mend.joins, (so, id) => {
        const join = so.joins.find((j) => j.id === id);
        return join?.kind === 'sewn' ? setJoin(so, { ...join, seam: { ...join.seam, twice: true } }) : so;
      });
    case 'close twice':
      return each(toy, mend.parts, (so, id) => {
        const part = so.parts.find((p) => p.id === id);
        return part ? changePart(so, id, { ending: { ...(part.ending ?? USUAL_END), times: 2 } }) : so;
      });
    case 'secure starts':
      return each(toy, mend.parts, (so, id) => secureStart(so, id, true));
    case 'bury':
      return changeSafety(toy, { buriedMm: mend.mm });
    case 'smaller hook':
      // Words within a line keep their marks, so no new ones are asked for.
      return changeYarn(toy, mend.gauge, { hookMm: mend.mm }, () => '');
    case 'fabric core': {
      const part = toy.parts.find((p) => p.id === mend.part);
      return part?.core ? changePart(toy, mend.part, { core: { ...part.core, is: 'roll of fabric' } }) : toy;
    }
    case 'not washed':
      return changeSafety(toy, { washable: false });
  }
}
