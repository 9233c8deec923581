import type { Course, Spot } from '../address';
import { embroidery } from './embroidery';
import { eyesKind } from './eyes';
import { hanger, type Hanger } from './hanger';
import { isOn, type Embroidery, type EyePair, type Nose } from './feature';
import { noseKind } from './nose';
import { patch, type Patch } from './patch';
import { sculpt, type Sculpt } from './sculpt';
import { strands, type Strands } from './strands';
import { surface, type SurfaceWork } from './surface';

/** Every kind of feature. */
export type Feature = EyePair | Nose | Embroidery | Patch | Sculpt | SurfaceWork | Strands | Hanger;

/** The rounds of a part, called otherwise; those of other parts as they were. */
export type RenameOf = (part: string) => (course: Course) => Course;

/** All that is asked of a kind of feature wherever it is not the matter itself. */
export interface FeatureKind<F extends Feature> {
  /** the same feature with the rounds it is on called otherwise */
  onRounds: (feature: F, of: RenameOf) => F;
  /** the parts without which it cannot be; its own alone where nothing is said */
  parts?: (feature: F) => readonly string[];
  /** the same feature when these joins are taken off */
  withoutJoins?: (feature: F, joins: readonly string[]) => F;
  /** its spots on its part; a pair of eyes has a place of its own kind */
  spots: (feature: F) => readonly Spot[];
  /** what a face may look over or be measured from: its name in lower case and how far it reaches from its first spot, mm; null when it is a face itself */
  thing: (feature: F) => { kind: 'nose' | 'embroidery'; name: string; reachMm: number } | null;
  /** mass of what it adds to one piece, g; thread is the yarn's */
  grams: (feature: F) => number;
}

/** The table of kinds: a kind of feature is one file and one line here. */
const KINDS: { [K in Feature['kind']]: FeatureKind<Extract<Feature, { kind: K }>> } = {
  eyes: eyesKind,
  nose: noseKind,
  embroidery,
  patch,
  sculpt,
  surface,
  strands,
  hanger,
};

const kindOf = <F extends Feature>(feature: F): FeatureKind<F> =>
  KINDS[feature.kind] as unknown as FeatureKind<F>;

export const onRounds = (feature: Feature, of: RenameOf): Feature => kindOf(feature).onRounds(feature, of);
export const partsOf = (feature: Feature): readonly string[] =>
  kindOf(feature).parts?.(feature) ?? [feature.part];
export const withoutJoins = (feature: Feature, joins: readonly string[]): Feature =>
  kindOf(feature).withoutJoins?.(feature, joins) ?? feature;
export const spotsOf = (feature: Feature): readonly Spot[] => kindOf(feature).spots(feature);
export const thingOf = (feature: Feature): ReturnType<FeatureKind<Feature>['thing']> =>
  kindOf(feature).thing(feature);

/** Mass of the features on one piece, g. */
export const hardwareGrams = (features: readonly Feature[], part: string, copy: string): number =>
  features.filter((f) => isOn(f, { part, copy })).reduce((grams, f) => grams + kindOf(f).grams(f), 0);
