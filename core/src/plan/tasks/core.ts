import { roundOf } from '../../address';
import { TIME } from '../../figures';
import { windowOf, type WorkWindow } from '../../form';
import type { Core } from '../../toy';
import { planWords as say } from '../../words';
import { atOf, momentOf, openingThen } from '../moment';
import { momentSaid } from '../naming';
import { taskKey, type Due, type PieceAtHand, type TaskBase, type TaskKind } from '../task';

/** A stiffener put in before the filling that goes round it. */
export interface CoreTask extends TaskBase {
  kind: 'core';
  core: Core;
  afterRound: number;
  openingMm: number | null;
  window: WorkWindow;
  /** wire is for display pieces only: nothing is put in */
  stopped: boolean;
}

function coreDue({ model, part, of, trouble }: PieceAtHand): Due<CoreTask>[] {
  const { core } = part.part;
  if (!core) return [];
  const round = roundOf(part.fabric, core.at);
  if (round < 0) {
    trouble.push({ what: 'core', part: of.part, fault: 'homeless' });
    return [];
  }
  const first = part.fabric.rounds[round].number;
  // What goes in end first needs a hole as wide as itself.
  const window = windowOf(part.form, first, {
    comfortableMm: Math.max(core.widthMm, model.toy.settings.ownSmallestMm ?? 0),
    possibleMm: core.widthMm,
  });
  const stopped = core.is === 'wire' && model.toy.settings.age !== 'display only';
  if (stopped) trouble.push({ what: 'core', part: of.part, fault: 'wire' });
  else if (window.known && !window.possible) trouble.push({ what: 'core', part: of.part, fault: 'too wide' });
  if (core.lengthMm > part.form.heightMm) trouble.push({ what: 'core', part: of.part, fault: 'too long' });
  const at = atOf(part.fabric, window.begins);
  return [
    {
      ...at,
      task: {
        kind: 'core',
        ...of,
        key: taskKey('core', of.copy, of.part),
        about: of.part,
        core,
        afterRound: first,
        openingMm: openingThen(part.form, at),
        window,
        stopped,
        points: [],
        minutes: stopped ? 0 : TIME.core.value,
        content: `${core.is}:${core.lengthMm}:${core.widthMm}`,
      },
    },
  ];
}

export const core: TaskKind<CoreTask> = {
  sign: 'stuff',
  rests: true,
  ofPiece: coreDue,
  uses: ({ core: { is, lengthMm, widthMm }, stopped }) =>
    stopped ? [] : [{ what: 'core', is, lengthMm, widthMm }],
  words: ({ core: one, openingMm, stopped, window }, { inside, units, part }) => ({
    title: stopped ? say.stopTitle(say.noWire) : say.core(say.cores[one.is], inside),
    short: say.short.core,
    detail: say.coreDetail(
      momentSaid(part, momentOf(part.fabric, atOf(part.fabric, window.begins)) ?? window.begins),
      units.length(one.lengthMm),
      units.length(one.widthMm),
      openingMm === null ? null : units.length(openingMm),
    ),
    notes: [],
    reason: stopped
      ? say.noWireReason
      : say.coreReason(window.possible ? momentSaid(part, window.possible) : null),
  }),
};
