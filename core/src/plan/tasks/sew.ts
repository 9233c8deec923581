import { holeKey, holeTag, type HoleName } from '../../address';
import { BALANCE, TIME } from '../../figures';
import { NOTHING } from '../../gauge';
import { seamKind, type JoinSite, type OfPiece, type Pin, type SeamKind } from '../../join';
import { sewnTwice } from '../../safety';
import { balanceOf, modelOf, type ToyModel } from '../../model';
import { decimals, planWords as say, upperFirst } from '../../words';
import { finished, taskKey, type TaskBase, type TaskKind } from '../task';
import { insideName } from '../naming';
import { seamFill, type SeamFill } from '../seamFill';

/** Where an edge that is centred on its host's end is sewn. */
export type AtEnd = { how: 'edge to edge'; hostStitches: number } | { how: 'round'; label: string };

export interface SewTask extends TaskBase {
  kind: 'sew';
  join: string;
  host: OfPiece;
  /** the hole it is centred on; null at the host's end */
  name: HoleName | null;
  atEnd: AtEnd | null;
  pins: readonly Pin[];
  stitches: number;
  how: SeamKind;
  twice: boolean;
  /** the last fill goes in after so many of the seam's stitches: how much, g */
  fill: SeamFill | null;
}

/** Seams from the middle of the toy outwards: edge to edge first, then what sits on each host. */
function seams(model: ToyModel): SewTask[] {
  const order = [...model.sites].sort(
    (a, b) => Number(b.join.at.at === 'edge') - Number(a.join.at.at === 'edge'),
  );
  return order.flatMap(({ sites }) => sites.map((site) => seam(model, site)));
}

function seam(model: ToyModel, site: JoinSite): SewTask {
  const { join } = site;
  const atEnd = site.name ? null : endOf(model, site);
  const twice = sewnTwice(join.seam, model.toy.settings.age);
  return {
    kind: 'sew',
    part: join.guest.part,
    copy: site.copy,
    key: taskKey('sew', site.copy, join.id),
    about: join.id,
    join: join.id,
    host: { part: join.at.part, copy: join.at.copy },
    name: site.name,
    atEnd,
    pins: site.pins,
    stitches: site.guestEdge,
    how: seamKind(site),
    twice,
    fill: seamFill(model, site),
    points: [],
    minutes: TIME.seamPerStitch.value * site.guestEdge * (twice ? 2 : 1) + TIME.seamPlus.value,
    content: `${site.name ? holeKey(site.name) : endKey(atEnd)}:${site.guestEdge}`,
  };
}

function endOf(model: ToyModel, site: JoinSite): AtEnd {
  const { fabric } = modelOf(model, site.join.at.part);
  return site.how === 'end'
    ? { how: 'round', label: fabric.rounds[site.round].label }
    : { how: 'edge to edge', hostStitches: site.hostEdge };
}

const endKey = (end: AtEnd | null): string => {
  if (!end) return '';
  return end.how === 'round' ? `round.${end.label}` : `edge.${end.hostStitches}`;
};

function whereWords({ name, atEnd, stitches }: SewTask): string {
  if (name) return say.at(holeTag(name).rounds, holeTag(name).stitches);
  return atEnd?.how === 'edge to edge'
    ? say.edgeToEdge(stitches, atEnd.hostStitches)
    : say.roundTheEnd(atEnd?.label ?? '');
}

export const sew: TaskKind<SewTask> = {
  sign: 'sew',
  rests: false,
  ofToy: seams,
  needs: (task) => finished(task, task.host),
  fillG: ({ fill }) => fill?.fillG ?? NOTHING,
  uses: ({ pins }) => (pins.length > 0 ? [{ what: 'pins', count: pins.length }] : []),
  words: (task, { model, inside, units }) => ({
    short: say.short.sew,
    title: say.sew(inside, insideName(modelOf(model, task.host.part), task.host.copy)),
    detail: [
      say.sewDetail(task.stitches, whereWords(task)),
      say.seamNames[task.how],
      ...(task.fill
        ? [say.fillInSeam(task.fill.after, task.fill.of, units.weight(task.fill.fillG.value))]
        : []),
      ...(task.twice ? [say.sewTwice] : []),
    ].join('; '),
    notes: neckNotes(model, task.join),
    reason: `${say.sewReason} ${upperFirst(say.seamKinds[task.how])}. ${say.tug}`,
  }),
};

/** A neck that carries too much for its girth, told where it is sewn. */
const neckNotes = (model: ToyModel, join: string): string[] =>
  (balanceOf(model)?.necks ?? []).flatMap((n) =>
    n.wobbles && n.join.id === join ? [say.neckWobbles(decimals(n.gPerCm, 1), BALANCE.neckGPerCm)] : [],
  );
