import { holeTag } from '../address';
import { ENDS, TIME } from '../figures';
import type { JoinSite } from '../join';
import { isUnder36 } from '../safety';
import { modelOf, type PartModel, type ToyModel } from '../toy';
import { planWords as say, unitWords } from '../words';
import { gatherTail, seamTail } from './figures';
import { pieceName, stepKey, type OfPiece } from './naming';
import { pointsOfEnd, pointWords } from './points';
import type { CloseStep, SewStep } from './step';

/** Which join uses the end of yarn of this piece: its own, or edge to edge the guest's. */
function sewnBy(model: ToyModel, part: PartModel, copy: string): { site: JoinSite } | null {
  for (const { join, sites } of model.sites) {
    const site = sites.find((s) => s.copy === copy);
    if (join.guest.part === part.part.id && site) return { site };
  }
  return null;
}

/** Gathering shut or fastening off, with the end of yarn that its job needs; a length that the text states counts when it is longer (decision 36). */
export function closeStep(
  model: ToyModel,
  part: PartModel,
  base: OfPiece,
  name: string,
  closed: boolean,
): CloseStep {
  const fold = part.fabric.layers.find((l) => l.kind === 'fold')?.rounds[0];
  const last = fold ?? part.fabric.rounds[part.fabric.rounds.length - 1];
  const small = isUnder36(model.toy.settings.age);
  const sewn = sewnBy(model, part, base.copy);
  const w = part.gauge.stitchMm;
  const units = unitWords(model.toy.settings.units);
  const gather = closed ? gatherTail(last.count, w, small) : 0;
  const seam = sewn ? seamTail(sewn.site.guestEdge, w, sewn.site.join.edge, small) : 0;
  const needMm = Math.max(gather, seam, closed || sewn ? 0 : ENDS.startMm);
  const said = part.reading.tailMm ?? 0;
  const tailMm = Math.max(needMm, said);
  const tailFor = sewn ? 'sewing' : closed ? 'closing' : 'weaving in';
  const job = tailFor === 'sewing' ? say.toSew : tailFor === 'closing' ? say.toClose : say.toWeave;
  return {
    kind: closed ? 'close' : 'fasten-off',
    ...base,
    key: stepKey(closed ? 'close' : 'fasten-off', base.copy, last.mark),
    count: last.count,
    tailMm,
    tailFor,
    title: closed ? say.close(name, last.label, last.count) : say.fastenOff(name),
    detail: closed
      ? say.closeDetail(units.end(tailMm), job)
      : say.fastenOffOpen(last.count, units.end(tailMm), job),
    notes: [
      ...(said > 0 && said !== needMm ? [say.tailSaid(units.end(said), units.end(needMm))] : []),
      ...(base.copy === part.copies[0]?.id ? pointWords(pointsOfEnd(model, base.part)) : []),
    ],
    reason: closed ? say.closeReason : say.fastenOffReason,
    minutes: closed ? TIME.close.value : 0,
    content: `${last.count}:${tailMm}`,
  };
}

/** Seams from the middle of the toy outwards: edge to edge first, then what sits on each host. */
export function sewSteps(model: ToyModel): SewStep[] {
  const order = [...model.sites].sort(
    (a, b) => Number(b.join.at.at === 'edge') - Number(a.join.at.at === 'edge'),
  );
  return order.flatMap(({ join, sites }) => {
    const host = modelOf(model, join.at.part);
    const guest = modelOf(model, join.guest.part);
    return sites.map((site): SewStep => {
      const name = pieceName(guest, site.copy);
      const hostName = pieceName(host, join.at.copy);
      const tag = site.name
        ? say.at(holeTag(site.name).rounds, holeTag(site.name).stitches)
        : endWords(host, site);
      return {
        kind: 'sew',
        part: join.guest.part,
        copy: site.copy,
        join: join.id,
        host: { part: join.at.part, copy: join.at.copy },
        key: stepKey('sew', site.copy, join.id),
        name: site.name,
        pins: site.pins,
        stitches: site.guestEdge,
        title: say.sew(name, hostName),
        notes: [],
        detail: say.sewDetail(site.guestEdge, tag),
        reason: say.sewReason,
        minutes: TIME.seamPerStitch.value * site.guestEdge + TIME.seamPlus.value,
        content: `${tag}:${site.guestEdge}`,
      };
    });
  });
}

/** Where an edge centred on the host's end is sewn. */
function endWords(host: PartModel, site: JoinSite): string {
  return host.fabric.closed
    ? say.roundTheEnd(host.fabric.rounds[site.round].label)
    : say.edgeToEdge(site.guestEdge, site.hostEdge);
}
