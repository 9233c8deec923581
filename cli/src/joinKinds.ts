import { postTag } from '@hoppla/core/address';
import {
  caughtEdge,
  edgeRange,
  pieceKey,
  threadedEndMm,
  type CaughtSite,
  type DrawnSite,
} from '@hoppla/core/join';
import { copyName, heldWords, modelOf, type ToyModel } from '@hoppla/core/model';
import { unitWords } from '@hoppla/core/words';
import { heightAndTurn } from './joinPlaces';
import { cliWords as say } from './words';

const UNITS = unitWords('mm');
const round = (value: number): number => Math.round(value * 100) / 100;

/** A piece as other programs know it: its part and which copy, from 1. */
export const nameOf = (model: ToyModel, { part, copy }: { part: string; copy: string }) => {
  const of = modelOf(model, part);
  return { part: of.name, copy: of.copies.findIndex((c) => c.id === copy) + 1 };
};

/** What a round catches: the round, from which of its slots, over how many, the guest's edge, and where it is on the toy. */
export function caughtJson(model: ToyModel, site: CaughtSite) {
  const { join } = site;
  const host = model.placed.find((p) => pieceKey(p) === pieceKey(join.at))!;
  const { label } = host.form.fabric.rounds[join.round];
  const guest = modelOf(model, join.guest.part).form;
  const edge = caughtEdge(guest, join.whole);
  return {
    id: join.id,
    kind: 'round',
    guest: nameOf(model, { part: join.guest.part, copy: site.copy }),
    host: nameOf(model, join.at),
    edge: { which: edge.which, ...edgeRange(guest, edge), count: site.guestEdge, layers: site.layers },
    hostStitches: join.over,
    place: {
      tag: postTag(site.name),
      words: say.slots(label, join.first + 1, join.over),
      ...heightAndTurn(host, site.footprint.points),
    },
    round: label,
    firstSlot: join.first + 1,
    whole: join.whole,
    held: { ...join.held, looks: site.looks },
    aim: { direction: site.direction.map(round) },
  };
}

/** What runs through its host: both holes, how wide the host is there, and what is free or the yarn that it takes. */
export function drawnJson(model: ToyModel, site: DrawnSite) {
  const { join, exits } = site;
  return {
    id: join.id,
    kind: 'through',
    how: site.how,
    guest: nameOf(model, { part: join.guest.part, copy: site.copy }),
    host: nameOf(model, join.at),
    exits: [exits.first, exits.other].map((e) => postTag(e.name)),
    widthMm: round(exits.widthMm),
    risesMm: round(site.risesMm),
    ...(site.how === 'through'
      ? { freeMm: site.freeMm.map(round) }
      : {
          pierced: site.pierced,
          poseDeg: site.join.poseDeg,
          threadMm: threadedEndMm(exits.widthMm),
        }),
  };
}

export function drawnLine(model: ToyModel, site: DrawnSite): string {
  const { join, exits } = site;
  const names = [
    copyName(modelOf(model, join.guest.part), site.copy),
    copyName(modelOf(model, join.at.part), join.at.copy),
  ] as const;
  const tags = [exits.first, exits.other].map((e) => postTag(e.name));
  const width = UNITS.length(exits.widthMm);
  return site.how === 'through'
    ? say.through(
        ...names,
        tags,
        width,
        site.freeMm.map((mm) => UNITS.length(mm)),
      )
    : say.threaded(...names, tags, width, site.pierced, UNITS.end(threadedEndMm(exits.widthMm)));
}

/** What a round catches, in a line. */
export function caughtLine(model: ToyModel, site: CaughtSite): string {
  const { join, copy } = site;
  const line = say.caught(
    copyName(modelOf(model, join.guest.part), copy),
    copyName(modelOf(model, join.at.part), join.at.copy),
    modelOf(model, join.at.part).fabric.rounds[join.round].label,
    join.first + 1,
    join.over,
  );
  return `${line}; ${heldWords(site)}`;
}
