import { coordOf, frontAngle, polarOf, resolvePlace, roundOf, type Place, type RingIs } from '../address';
import { buildFabric, type Fabric } from '../fabric';
import {
  faceDirection,
  resolveEyes,
  resolveNose,
  type EyePair,
  type EyeState,
  type Head,
  type Nose,
  type NoseState,
  type Thing,
} from '../feature';
import { formOf, liesFlat, type Firmness, type PartForm, type Shaping } from '../form';
import { gaugeOf, type Gauge } from '../gauge';
import {
  assemble,
  sitesOf,
  type FaultyJoin,
  type JoinSite,
  type Piece,
  type Placed,
  type SewnJoin,
} from '../join';
import { read, type PartReading, type Problem, type Terms } from '../notation';
import { partOf } from './edits';
import { gaugeSettingsOf } from './gaugeOfPart';
import { otherTitles } from './titles';
import type { Copy, Part, Toy } from './types';

/** A part read, built and measured. */
export interface PartModel {
  part: Part;
  reading: PartReading;
  /** the terms that the part is read and printed in */
  terms: Terms;
  /** the text holds more than one part */
  others: number;
  name: string;
  gauge: Gauge;
  fabric: Fabric;
  form: PartForm;
  /** what the text says, else what the document does; an open flat piece holds none unless the text fills it */
  fill: Firmness;
  ringIs: RingIs;
  /** copies that the text asks for */
  copies: readonly Copy[];
  problems: readonly Problem[];
  addsUp: boolean;
}

/** Everything computed about a toy. Derived from the design alone; the same toy gives the same model. */
export interface ToyModel {
  toy: Toy;
  parts: readonly PartModel[];
  pieces: readonly Piece[];
  eyes: readonly { eyes: EyePair; state: EyeState }[];
  noses: readonly { nose: Nose; state: NoseState }[];
  sites: readonly { join: SewnJoin; sites: readonly JoinSite[] }[];
  placed: readonly Placed[];
  loose: readonly Piece[];
  /** joins that cannot be made as they are written */
  joinFaults: readonly FaultyJoin[];
}

const EMPTY: PartReading = {
  name: '',
  make: 1,
  mirrored: false,
  colour: null,
  colours: [],
  hookMm: null,
  hookNotKnown: null,
  yarn: null,
  ringIs: null,
  option: false,
  firstLine: 1,
  lastLine: 1,
  lines: [],
  rounds: [],
  problems: [],
  freeLoops: [],
  caught: [],
  closed: false,
  stuffedAfter: [],
  firmness: null,
  unstuffed: false,
  tailMm: null,
  stitches: 0,
};
const partCache = new WeakMap<Part, { key: string; model: PartModel }>();
const toyCache = new WeakMap<Toy, ToyModel>();

/** Reads, builds and measures one part. A part whose text, gauge and terms did not change is not computed twice. */
export function modelPart(toy: Toy, part: Part): PartModel {
  const named = toy.gauges.find((g) => g.id === part.gauge) ?? toy.gauges[0];
  const { terms } = toy.settings;
  const others = otherTitles(toy, part.id);
  const key = JSON.stringify([named, terms, mentions(part.text) ? others : []]);
  const known = partCache.get(part);
  if (known?.key === key) return known.model;
  const reading = read(part.text, { terms, parts: others });
  const first = reading.parts[0] ?? EMPTY;
  const gauge = gaugeOf(gaugeSettingsOf(named, first));
  const fabric = buildFabric(first, part.marks);
  const fill = fillSaid(first, part.fill, fabric, gauge);
  const form = formOf(fabric, gauge, {
    fill,
    wrongSideOut: part.pose.out === 'wrong side',
    shaping: shapingOf(part.shaping, fabric),
  });
  const model: PartModel = {
    part,
    reading: first,
    terms,
    others: Math.max(0, reading.parts.length - 1),
    name: first.name || 'Part',
    gauge,
    fabric,
    form,
    fill,
    ringIs: (first.ringIs as RingIs | null) ?? part.pose.ringIs,
    copies: part.copies.slice(0, first.make),
    problems: first.problems,
    addsUp: first.rounds.length > 0 && !first.problems.some((p) => p.severity === 'error'),
  };
  partCache.set(part, { key, model });
  return model;
}

/** How firmly a part is filled: as its text says (decision 2), else as the document does; an open flat piece holds nothing by itself. */
export function fillSaid(reading: PartReading, wanted: Firmness, fabric: Fabric, gauge: Gauge): Firmness {
  if (reading.unstuffed && reading.stuffedAfter.length === 0) return 'empty';
  if (reading.firmness) return reading.firmness;
  if (reading.stuffedAfter.length > 0) return wanted === 'empty' ? 'medium' : wanted;
  return wanted !== 'empty' && liesFlat(fabric, gauge) ? 'empty' : wanted;
}

/** A part's shaping on the fabric as it is now: a rim that is gone leaves the part as worked. */
export function shapingOf(shaping: Part['shaping'], fabric: Fabric): Shaping {
  if (shaping.how !== 'pushed in') return { how: shaping.how };
  const round = roundOf(fabric, shaping.rim);
  return round < 0 ? { how: 'as worked' } : { how: 'pushed in', round };
}

/** Whether a text may name other parts, in a join round or at a leg's edge. */
export const mentions = (text: string): boolean => /\bover\s+\d|\b\w+\s+\d\s*:/i.test(text);

/** The whole toy: every part, every piece, where features and joins stand now, and how it is put together. */
export function modelToy(toy: Toy): ToyModel {
  const known = toyCache.get(toy);
  if (known) return known;
  const parts = toy.parts.map((p) => modelPart(toy, p));
  const homeOf = (id: string) => parts.find((p) => p.part.id === id && p.fabric.rounds.length > 0);
  const eyes = toy.features
    .filter((f): f is EyePair => f.kind === 'eyes')
    .map((e) => {
      const home = homeOf(e.part);
      return {
        eyes: e,
        state: home ? resolveEyes(headIn(toy, parts, home), e) : ({ state: 'homeless' } as const),
      };
    });
  const noses = toy.features
    .filter((f): f is Nose => f.kind === 'nose')
    .map((nose) => {
      const home = homeOf(nose.part);
      return {
        nose,
        state: home ? resolveNose(headIn(toy, parts, home), nose) : ({ state: 'homeless' } as const),
      };
    });
  const pieces = parts
    .filter((p) => p.fabric.rounds.length > 0)
    .flatMap((p) =>
      p.copies.map((c): Piece => ({
        part: p.part.id,
        copy: c.id,
        form: p.form,
        ringIs: p.ringIs,
        frontRad: frontOf(headIn(toy, parts, p), p, eyes),
      })),
    );
  const joins = toy.joins.filter((j): j is SewnJoin => j.kind === 'sewn');
  const { placed, loose, faults: joinFaults } = assemble(pieces, joins);
  const leftOut = new Set(
    joinFaults.filter((f) => f.fault === 'sewn twice' || f.fault === 'circle').map((f) => f.join),
  );
  const pieceOf = (of: { part: string; copy: string }) =>
    pieces.find((p) => p.part === of.part && p.copy === of.copy);
  const sites = joins.map((join) => {
    const [host, guest] = [pieceOf(join.at), pieceOf(join.guest)];
    const all = host && guest && !leftOut.has(join) ? sitesOf(join, host, guest.form) : [];
    return { join, sites: all.filter((s) => pieceOf({ part: join.guest.part, copy: s.copy })) };
  });
  const model: ToyModel = { toy, parts, pieces, eyes, noses, sites, placed, loose, joinFaults };
  toyCache.set(toy, model);
  return model;
}

/** The direction of a part's face: of its eyes if it has some, else opposite the round start at its last round. */
function frontOf(head: Head, part: PartModel, eyes: ToyModel['eyes']): number {
  const own = eyes.find((e) => e.eyes.part === part.part.id);
  if (own && own.state.state !== 'homeless')
    return faceDirection(head, own.eyes.pair.centre.by, own.state.round, own.eyes.washerMm);
  return frontAngle(part.form, part.fabric.rounds.length - 1);
}

/** A part as something that gets a face, with what else is on its first copy: parts sewn on, noses, embroidery. */
export const headOf = (model: ToyModel, part: PartModel): Head => headIn(model.toy, model.parts, part);

const headCache = new WeakMap<PartModel, { key: readonly unknown[]; head: Head }>();

function headIn(toy: Toy, parts: readonly PartModel[], part: PartModel): Head {
  const guests = toy.joins
    .filter((j) => j.at.part === part.part.id)
    .map((j) => parts.find((p) => p.part.id === j.guest.part));
  const key = [
    toy.joins,
    toy.settings.ownSmallestMm,
    ...toy.features.filter((f) => f.kind !== 'eyes' && f.part === part.part.id),
    ...guests,
  ];
  const known = headCache.get(part);
  if (known && known.key.length === key.length && known.key.every((k, i) => k === key[i])) return known.head;
  const things = [
    ...toy.joins.flatMap((join) => {
      const guest =
        join.at.part === part.part.id && join.at.at !== 'edge'
          ? parts.find((p) => p.part.id === join.guest.part)
          : undefined;
      return guest
        ? thingAt(part, join.at, {
            id: join.id,
            kind: 'part',
            name: guest.name.toLowerCase(),
            twin: join.twin !== null,
            reachMm: edgeReach(guest, join.edge),
          })
        : [];
    }),
    ...toy.features.flatMap((f) => {
      if (f.part !== part.part.id || f.kind === 'eyes') return [];
      if (f.kind === 'nose')
        return thingAt(part, f.place, {
          id: f.id,
          kind: 'nose',
          name: 'nose',
          twin: false,
          reachMm: Math.max(f.widthMm, f.heightMm) / 2,
        });
      return f.path.length
        ? thingAt(part, f.path[0], {
            id: f.id,
            kind: 'embroidery',
            name: f.name.toLowerCase(),
            twin: false,
            reachMm: 0,
          })
        : [];
    }),
  ];
  const head: Head = {
    form: part.form,
    ringIs: part.ringIs,
    ownSmallestMm: toy.settings.ownSmallestMm,
    things,
  };
  headCache.set(part, { key, head });
  return head;
}

/** How far a guest's sewn edge reaches from its middle, mm: the radius of an open edge, half the length of a flattened one. */
function edgeReach(guest: PartModel, edge: 'open' | 'flattened'): number {
  const count = guest.fabric.rounds.at(-1)?.count ?? 0;
  return (count * guest.gauge.stitchMm) / (edge === 'open' ? 2 * Math.PI : 4);
}

function thingAt(
  part: PartModel,
  place: Place,
  thing: Pick<Thing, 'id' | 'kind' | 'name' | 'twin' | 'reachMm'>,
): Thing[] {
  const found = resolvePlace(part.fabric, place);
  if (
    found.state === 'homeless' ||
    found.state === 'not-yet' ||
    found.layer > 0 ||
    place.at === 'edge' ||
    place.at === 'link'
  )
    return [];
  return [
    {
      ...thing,
      round: found.round,
      polar: polarOf(part.form, found.round, coordOf(place.at, found.index), place.at),
    },
  ];
}

/** The model of one part of a toy model. @throws RangeError when there is none */
export function modelOf(model: ToyModel, partId: string): PartModel {
  const found = model.parts.find((p) => p.part.id === partId);
  if (!found) return modelPart(model.toy, partOf(model.toy, partId));
  return found;
}

/** The yarn colour of a piece, #rrggbb: the copy's own, else the toy's for the slot the text names. */
export function yarnColour(model: ToyModel, partId: string, copyId: string): string {
  const part = model.parts.find((p) => p.part.id === partId);
  const slot = part?.reading.colour ?? model.toy.palette[0]?.slot ?? '';
  const own = part?.part.copies.find((c) => c.id === copyId)?.palette[slot];
  return own ?? model.toy.palette.find((y) => y.slot === slot)?.colour ?? '#b98d62';
}

/** "Ears", "Ear 2": how one copy is called. */
export function copyName(part: PartModel, copyId: string): string {
  const i = part.copies.findIndex((c) => c.id === copyId);
  return part.copies.length > 1 ? `${part.name} ${i + 1}` : part.name;
}
