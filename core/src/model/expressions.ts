import { FACE_PIECES, faceOf, type Expression } from '../feature';
import { removeFeature, setFeature, type NewId, type Toy } from '../toy';
import { headOf } from './head';
import { marksOn } from './stitching';
import { modelToy, yarnColour } from './toy';

/** Parts on which a face's mouth and nose are, when they are sewn on. */
const SNOUTS = /\b(?:snout|muzzle|beak|bill|trunk|nose)s?\b/;

/** What the face of a part cannot have, since another part has it. */
export const hasSnout = (toy: Toy, part: string): boolean => {
  const model = modelToy(toy);
  const found = model.parts.find((p) => p.part.id === part);
  return found ? headOf(model, found).things.some((t) => t.kind === 'part' && SNOUTS.test(t.name)) : false;
};

/**
 * A toy whose part has a whole face with an expression: brows, mouth, nose and lids about its eyes; pieces of such names that were there
 * are replaced. Where a snout is sewn on, mouth and nose stay with it. Unchanged where the part has no eyes with a place.
 */
export function withExpression(toy: Toy, part: string, expression: Expression, newId: NewId): Toy {
  const names: readonly string[] = Object.values(FACE_PIECES);
  const snout = hasSnout(toy, part);
  const plastic = toy.features.some((f) => f.kind === 'nose' && f.part === part);
  const bare = toy.features
    .filter(
      (f) => (f.kind === 'embroidery' || f.kind === 'patch') && f.part === part && names.includes(f.name),
    )
    .reduce((now, f) => removeFeature(now, f.id), toy);
  const model = modelToy(bare);
  const own = model.parts.find((p) => p.part.id === part);
  const pair = model.eyes.find((e) => e.eyes.part === part && e.state.state !== 'homeless');
  if (!own || !pair) return toy;
  const on = { part, copy: pair.eyes.copy };
  const pieces = faceOf(
    headOf(model, own),
    marksOn(model, own),
    on,
    pair.eyes,
    expression,
    {
      elsewhere: { mouth: snout, nose: snout || plastic },
      lid: yarnColour(model, part, own.part.copies[0].id),
    },
    newId,
  );
  return pieces.reduce((now, f) => setFeature(now, f), bare);
}
