import { coordAt, courseOf, type Place } from '../../address';
import { bareHead, faceCentre, hardwareOf, newStitching, type StitchWork } from '../../feature';
import type { Firmness } from '../../form';
import { endPlace, holePlace, newJoin, STRAIGHT_OUT, wholeEdge, type Edge, type Way } from '../../join';
import {
  addParts,
  changePart,
  changeSettings,
  newFile,
  newToy,
  newYarn,
  setFeature,
  setJoin,
  type NewId,
  type Toy,
  type ToyFile,
} from '../../toy';
import { headOf } from '../head';
import { newHanger } from '../newWork';
import type { PartModel } from '../part';
import { marksOn } from '../stitching';
import { modelToy } from '../toy';

import { DAPPLE_TEXT } from './dapple';
import { RILL_TEXT } from './rill';
import { RUBY_TEXT } from './ruby';

const EYE_MM = 9;
const eyeHardware = (mm: number) => ({
  ...hardwareOf(mm),
  loose: [],
  felt: null,
  backing: 'as needed' as const,
});

/** Rill with all his parts, eyes, nose and seams, built by the same edits that a maker's taps make. */
export function rill(newId: NewId): Toy {
  let toy = changeSettings(addParts(newToy('Rill', newId), RILL_TEXT, newId), { age: '3 years and over' });
  toy = filled(toy, {
    Snout: 'soft',
    Ear: 'empty',
    Head: 'firm',
    Body: 'medium',
    Arm: 'soft',
    Leg: 'medium',
    Tail: 'soft',
  });
  for (const part of modelToy(toy).parts) {
    if (part.name === 'Snout')
      toy = changePart(toy, part.part.id, { pose: { ringIs: 'nose', start: 'under', out: 'right side' } });
  }
  toy = { ...toy, palette: [...toy.palette, newYarn('dark', '#33231d')] };
  toy = withEyes(toy, newId);
  return withNose(withSeams(toy, newId), newId);
}

/** Rill in a file of his own. */
export function rillFile(newId: NewId): ToyFile {
  return newFile(rill(newId));
}

/** Dapple the snail: worked together instead of sewn, all features embroidered. */
export function dappleFile(newId: NewId): ToyFile {
  let toy = changeSettings(addParts(newToy('Dapple', newId), DAPPLE_TEXT, newId), { age: 'under 18 months' });
  toy = filled(toy, { Stalk: 'empty', Neck: 'soft', Tail: 'empty', Foot: 'empty', Shell: 'medium' });
  const neck = named(toy, 'Neck');
  const round = 4;
  return newFile(
    setFeature(toy, {
      kind: 'eyes',
      id: newId(),
      part: neck.part.id,
      copy: null,
      making: 'embroidered',
      ...eyeHardware(6),
      colour: '#33231d',
      look: 'front',
      saidAs: 'stitches-between',
      pair: {
        course: courseOf(neck.fabric, round),
        at: 'hole',
        centre: faceCentre(bareHead(neck.form), 'marker', round, 5, 9),
        between: 5,
        linked: true,
        offset: { left: [0, 0], right: [0, 0] },
      },
    }),
  );
}

/** Ruby the radish: a charm without a face, with a ring in her loop of chain. */
export function rubyFile(newId: NewId): ToyFile {
  const bare = changeSettings(addParts(newToy('Ruby', newId), RUBY_TEXT, newId), { age: 'accessory' });
  const toy = filled(bare, { Leaf: 'empty', Radish: 'firm', Loop: 'empty' });
  const radish = named(toy, 'Radish');
  return newFile(setFeature(toy, newHanger(modelToy(toy), radish.part.id, newId)!));
}

const filled = (toy: Toy, fills: Record<string, Firmness>): Toy =>
  modelToy(toy).parts.reduce(
    (so, part) => (fills[part.name] ? changePart(so, part.part.id, { fill: fills[part.name] }) : so),
    toy,
  );

const named = (toy: Toy, name: string): PartModel => modelToy(toy).parts.find((p) => p.name === name)!;

function withEyes(toy: Toy, newId: NewId): Toy {
  const head = named(toy, 'Head');
  const round = 10;
  return setFeature(toy, {
    kind: 'eyes',
    id: newId(),
    part: head.part.id,
    copy: null,
    making: 'safety eye',
    ...eyeHardware(EYE_MM),
    colour: '#111214',
    look: 'front',
    saidAs: 'stitches-between',
    pair: {
      course: courseOf(head.fabric, round),
      at: 'hole',
      centre: faceCentre(bareHead(head.form), 'marker', round, 9, hardwareOf(EYE_MM).washerMm),
      between: 9,
      linked: true,
      offset: { left: [0, 0], right: [0, 0] },
    },
  });
}

/** A dark nose over the ring and a mouth below it, on the snout. */
function withNose(toy: Toy, newId: NewId): Toy {
  const model = modelToy(toy);
  const snout = named(toy, 'Snout');
  const on = { part: snout.part.id, copy: null, colour: '#33231d' };
  const made = (name: string, work: StitchWork) =>
    newStitching(headOf(model, snout), marksOn(model, snout), { ...on, id: newId(), name }, work);
  return setFeature(setFeature(toy, made('Nose', 'nose')), made('Mouth', 'smile'));
}

function withSeams(toy: Toy, newId: NewId): Toy {
  const at = (host: string, roundNumber: number, degrees: number): Place => {
    const part = named(toy, host);
    const piece = modelToy(toy).pieces.find((p) => p.part === part.part.id)!;
    const round = roundNumber - 1;
    return holePlace(
      piece,
      round,
      Math.round(coordAt(part.form, round, piece.frontRad + (degrees * Math.PI) / 180, 'hole')),
    );
  };
  const sew = (
    so: Toy,
    guest: string,
    place: Place,
    way: Way | null,
    twin: boolean,
    edge: Edge = wholeEdge('open'),
    turnDeg = 0,
  ): Toy => {
    // Joins change no part: the model of the toy without them is known already.
    const { part, copies } = named(toy, guest);
    return setJoin(
      so,
      newJoin({
        id: newId(),
        guest: { part: part.id, copy: copies[0].id },
        at: place,
        edge,
        aim: { ...STRAIGHT_OUT, way, turnDeg },
        twin: twin ? { copy: copies[1].id, at: null } : null,
      }),
    );
  };
  const head = modelToy(toy).pieces.find((p) => p.part === named(toy, 'Head').part.id)!;
  let so = sew(toy, 'Body', endPlace(head, 'last'), null, false);
  // Low enough that both eyes are clear of it, and turned so that its nose is level.
  so = sew(so, 'Snout', at('Head', 14, 0), 'forward', false, wholeEdge('open'), 7);
  so = sew(so, 'Ear', at('Head', 7, 78), 'up', true, wholeEdge('flattened'));
  so = sew(so, 'Arm', at('Body', 23, 62), 'down', true);
  so = sew(so, 'Leg', at('Body', 10, 38), 'forward', true);
  return sew(so, 'Tail', at('Body', 8, 140), 'back', false);
}
