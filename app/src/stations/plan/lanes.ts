import type { Plan, Step } from '@hoppla/core/plan';
import { modelOf, yarnColour, type ToyModel } from '@hoppla/core/toy';
import type { PlanSign } from '../../controls';

/** One row of the plan: its words, its sign, and what every lane does while it lasts. */
export interface LaneRow {
  key: string;
  title: string;
  detail: string;
  /** safety points and the like under the step */
  notes: readonly string[];
  reason: string;
  sign: PlanSign;
  lane: number;
  /** yarn of the row's own lane */
  yarn: string;
  band: boolean;
  strands: { lane: number; yarn: string; state: 'starts' | 'worked' | 'parked' | 'ends' }[];
  /** the lane that this row joins into its own */
  joins: { lane: number; yarn: string } | null;
}

const SIGN: Record<Step['kind'], PlanSign> = {
  rounds: 'ring',
  layer: 'ring',
  eyes: 'pause',
  washers: 'washer',
  embroider: 'needle',
  stuff: 'stuff',
  close: 'close',
  'fasten-off': 'end',
  'look-again': 'look',
  sew: 'sew',
  ends: 'needle',
  inspect: 'look',
};

/** Copies of a part share a lane and a row; a lane is free again once its part has been joined. */
export function lanesOf(model: ToyModel, plan: Plan): { rows: LaneRow[]; lanes: number } {
  const shown = plan.steps.filter((s) => isFirstCopy(model, s));
  const lastOf = new Map<string, number>();
  shown.forEach((s, i) => s.part && lastOf.set(s.part, i));
  shown.forEach(
    (s, i) => s.kind === 'sew' && lastOf.set(s.host.part, Math.max(i, lastOf.get(s.host.part) ?? 0)),
  );
  const laneOf = new Map<string, number>();
  const busy: (string | null)[] = [];
  let most = 0;
  const rows = shown.map((step, i): LaneRow => {
    const own = step.kind === 'sew' ? step.host.part : step.part;
    const starts = own !== '' && !laneOf.has(own);
    if (starts) {
      const free = busy.indexOf(null);
      const lane = free < 0 ? busy.length : free;
      busy[lane] = own;
      laneOf.set(own, lane);
    }
    most = Math.max(most, busy.length);
    const guest = step.kind === 'sew' ? step.part : null;
    const strands = busy.flatMap((part, lane): LaneRow['strands'] => {
      if (!part || part === guest) return [];
      const state =
        part === own ? (starts ? 'starts' : lastOf.get(part) === i ? 'ends' : 'worked') : 'parked';
      return [{ lane, yarn: yarnOf(model, part), state }];
    });
    const joins =
      guest && laneOf.has(guest) ? { lane: laneOf.get(guest)!, yarn: yarnOf(model, guest) } : null;
    const row: LaneRow = {
      key: step.key,
      title: titleOf(model, step),
      detail: step.detail,
      notes: step.notes,
      reason: step.reason,
      sign: step.kind === 'rounds' && !starts ? 'ring' : SIGN[step.kind],
      lane: own ? laneOf.get(own)! : 0,
      yarn: own ? yarnOf(model, own) : '#6C877E',
      band: step.kind === 'eyes',
      strands,
      joins,
    };
    for (const part of [guest, own]) {
      if (part && lastOf.get(part) === i) {
        const lane = laneOf.get(part)!;
        if (busy[lane] === part) busy[lane] = null;
      }
    }
    return row;
  });
  return { rows, lanes: Math.max(1, most) };
}

const yarnOf = (model: ToyModel, part: string): string =>
  yarnColour(model, part, modelOf(model, part).copies[0]?.id ?? '');

/** Steps of second and later copies are told with the first one's. */
function isFirstCopy(model: ToyModel, step: Step): boolean {
  return step.part === '' || modelOf(model, step.part).copies[0]?.id === step.copy;
}

function titleOf(model: ToyModel, step: Step): string {
  if (step.part === '') return step.title;
  const { name, copies } = modelOf(model, step.part);
  if (copies.length < 2) return step.title;
  const both = `${name} × ${copies.length}`;
  return step.title.replace(
    new RegExp(`${name} 1`, 'i'),
    step.title.toLowerCase().startsWith(name.toLowerCase()) ? both : both.toLowerCase(),
  );
}
