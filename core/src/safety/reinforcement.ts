import { roundOf } from '../address';
import { ENDS } from '../figures';
import { copyName, modelOf, type PartModel, type ToyModel } from '../model';
import { isUnder36 } from './point';
import type { AgeGroup } from '../toy';

/** How many rounds of a part are worked before its end is made: all, or up to the one that the maker gathers early. */
export function roundsWorked({ part, fabric, reading }: PartModel): number {
  const gather = part.ending?.gather;
  const index = gather && reading.closed ? roundOf(fabric, gather) : -1;
  return index < 0 ? fabric.rounds.length : index + 1;
}

/** How often the last round is gathered: as the maker says; twice for a small child, and where there are more stitches than one thread draws tight. */
export function timesGathered(model: ToyModel, part: PartModel): 1 | 2 {
  const own = part.part.ending?.times;
  if (own) return own;
  const { count } = part.fabric.rounds[roundsWorked(part) - 1];
  return isUnder36(model.toy.settings.age) || count > ENDS.gather.mostOnce ? 2 : 1;
}

/** Whether a seam is sewn round twice: as the maker says, and always for a small child. */
export const sewnTwice = (seam: { twice: boolean }, age: AgeGroup): boolean => seam.twice || isUnder36(age);

const DOUBLED =
  /\bdoubled?[- ](?:magic |adjustable |starting )?(?:ring|loop|circle)\b|\b(?:ring|loop|circle)[^.\n]{0,20}\btwice round\b/i;

/** Whether a part's ring is secured: a doubled one by its text, or the maker says that its tail goes round once more. */
export const startSecured = (model: ToyModel, { part }: PartModel): boolean =>
  model.toy.safety.startsSecured.includes(part.id) || DOUBLED.test(part.text);

/** Something attached that is tried by itself on a piece. */
export interface Attached {
  /** as tests keep it: `feature:ID`, `join:ID:COPY` */
  key: string;
  is: 'eyes' | 'nose' | 'patch' | 'hanger' | 'strands' | 'seam' | 'limb' | 'caught';
  name: string;
  part: string;
  /** the largest it measures, mm; null where that is not asked */
  mm: number | null;
}

/** Everything that is attached to a toy, each thing once: what a pull test is made of. */
export function attachedTo(model: ToyModel): Attached[] {
  const name = (part: string, copy: string) => copyName(modelOf(model, part), copy);
  const features = model.toy.features.flatMap((f): Attached[] => {
    const of = { key: `feature:${f.id}`, part: f.part };
    switch (f.kind) {
      case 'eyes':
        return f.making === 'safety eye'
          ? [{ ...of, is: 'eyes', name: modelOf(model, f.part).name, mm: f.eyeMm }]
          : [];
      case 'nose':
        return f.making === 'safety nose'
          ? [{ ...of, is: 'nose', name: modelOf(model, f.part).name, mm: Math.max(f.widthMm, f.heightMm) }]
          : [];
      case 'patch':
        return [{ ...of, is: 'patch', name: f.name, mm: Math.max(f.widthMm, f.heightMm) }];
      case 'hanger':
        return [{ ...of, is: 'hanger', name: f.is, mm: f.mm }];
      case 'strands':
        return [{ ...of, is: 'strands', name: f.name, mm: null }];
      default:
        return [];
    }
  });
  const seams = model.sites.flatMap(({ join, sites }) =>
    sites.map((site): Attached => ({
      key: `join:${join.id}:${site.copy}`,
      is: 'seam',
      name: name(join.guest.part, site.copy),
      part: join.guest.part,
      mm: null,
    })),
  );
  const limbs = model.drawn.map(({ join }): Attached => ({
    key: `join:${join.id}:${join.guest.copy}`,
    is: 'limb',
    name: name(join.guest.part, join.guest.copy),
    part: join.guest.part,
    mm: null,
  }));
  const caught = model.caught.map(({ join }): Attached => ({
    key: `join:${join.id}:${join.guest.copy}`,
    is: 'caught',
    name: name(join.guest.part, join.guest.copy),
    part: join.guest.part,
    mm: null,
  }));
  return [...features, ...seams, ...limbs, ...caught];
}
