import { hardwareOf, pairsOfNote, type EyePair } from '../feature';
import { featuresIn, read, type FeatureNote } from '../notation';
import { setFeature, type NewId, type Toy } from '../toy';
import { headOf } from './head';
import { modelToy } from './toy';

/** Eyes that a part's text names: placed, or left to the maker because the words can be read in several ways or in none. */
export interface EyesTaken {
  part: string;
  /** line of the part's text, from 1 */
  line: number;
  pair: EyePair | null;
}

/** The size of eyes that the list of what a page needs names, mm; null where it names none, or several. */
export function pageEyesMm({ page, settings }: Toy): number | null {
  const { eyesMm } = read(page, { terms: settings.terms }).materials;
  return eyesMm.length === 1 ? eyesMm[0] : null;
}

/**
 * Places the pairs of eyes that the texts of a toy name, where one reading of the words is left and no pair stands on the
 * part. A size that only the page's materials name is that of the pair. What is not placed is said, never replaced.
 */
export function acceptEyes(toy: Toy, newId: NewId): { toy: Toy; taken: EyesTaken[] } {
  const size = pageEyesMm(toy);
  const model = modelToy(toy);
  const taken: EyesTaken[] = [];
  let now = toy;
  for (const part of model.parts) {
    if (part.fabric.shape !== 'rounds' || model.eyes.some((e) => e.eyes.part === part.part.id)) continue;
    const named = part.reading.lines.flatMap(({ node, line }) =>
      featuresIn(node)
        .filter((f) => f.what === 'eyes')
        .map((feature) => ({ line, feature })),
    );
    for (const { line, feature } of named) {
      const note: FeatureNote = { ...feature, sizeMm: feature.sizeMm ?? size };
      const offer = pairsOfNote(headOf(model, part), note, { id: newId(), part: part.part.id, copy: null });
      const pair = offer.readings.length === 1 ? sized(offer.readings[0].pair, note) : null;
      taken.push({ part: part.part.id, line, pair });
      if (pair) {
        now = setFeature(now, pair);
        break;
      }
    }
  }
  return { toy: now, taken };
}

/** A stated size is the pair's, whatever is usual for the head. */
const sized = (pair: EyePair, note: FeatureNote): EyePair =>
  note.sizeMm === null ? pair : { ...pair, ...hardwareOf(note.sizeMm) };
