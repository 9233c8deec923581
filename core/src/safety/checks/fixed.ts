import type { EyePair, Retention } from '../../feature';
import { safetyWords as say } from '../../words';
import type { Checked } from '../point';

/** An eye or a nose as the checks see it. */
export interface Fixed {
  id: string;
  part: string;
  plastic: boolean;
  homeless: boolean;
  /** largest width, and all that is known of its size */
  largestMm: number;
  sizes: readonly number[];
  loose: readonly { name: string; mm: number }[];
  felt: { mm: number } | null;
  called: typeof say.eyes;
  retention: Retention | null;
  backing: EyePair['backing'];
}

export function fixedOn({ model }: Checked): Fixed[] {
  const eyes = model.eyes.map(({ eyes: e, state }): Fixed => ({
    id: e.id,
    part: e.part,
    plastic: e.making === 'safety eye',
    homeless: state.state === 'homeless',
    largestMm: e.eyeMm,
    sizes: [e.eyeMm],
    loose: e.loose,
    felt: e.felt,
    backing: e.backing,
    called: say.eyes,
    retention: state.state === 'homeless' ? null : state.retention,
  }));
  const noses = model.noses.map(({ nose, state }): Fixed => ({
    id: nose.id,
    part: nose.part,
    plastic: nose.making === 'safety nose',
    homeless: state.state === 'homeless',
    largestMm: Math.max(nose.widthMm, nose.heightMm),
    sizes: [nose.widthMm, nose.heightMm],
    loose: nose.loose,
    felt: nose.felt,
    backing: nose.backing,
    called: say.nose,
    retention: state.state === 'homeless' ? null : state.retention,
  }));
  return [...eyes, ...noses];
}
