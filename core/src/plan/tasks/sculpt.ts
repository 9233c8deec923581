import { holeKey } from '../../address';
import { isOn } from '../../feature';
import { SCULPT } from '../../figures';
import { sculptings } from '../../model';
import { patchWords } from '../../words';
import { threadEnds } from '../ends';
import { fixed } from '../../gauge';
import { sculptThread } from '../figures';
import { taskKey, type TaskBase, type TaskKind } from '../task';

const say = patchWords.sculpt;

/** Needle sculpting, when the part is closed. */
export interface SculptTask extends TaskBase {
  kind: 'sculpt';
  called: string;
  threadMm: number;
  wayMm: number;
  needleMm: number;
  passes: number;
  colour: string;
}

export const sculpt: TaskKind<SculptTask> = {
  sign: 'needle',
  rests: false,
  ofPiece: ({ model, part, of }) =>
    sculptings(model).flatMap(({ feature: f, way, sides }) =>
      isOn(f, of) && way
        ? [
            {
              after: part.fabric.rounds.length,
              task: {
                kind: 'sculpt',
                ...of,
                key: taskKey('sculpt', of.copy, f.id),
                about: f.id,
                called: f.name,
                threadMm: sculptThread(way),
                wayMm: way.mm,
                needleMm: way.needleMm,
                passes: f.passes,
                colour: f.colour,
                points: [],
                minutes: f.passes * SCULPT.minutesPerPass.value,
                content: [
                  f.work,
                  f.passes,
                  f.loop,
                  ...sides.flatMap((s) => s.places.map((p) => holeKey(p.name))),
                ].join(' '),
              },
            },
          ]
        : [],
    ),
  ends: ({ threadMm, colour, part, copy }) => [
    threadEnds(
      { part, copy },
      {
        job: 'sculpt',
        count: 1,
        eachMm: threadMm,
        needMm: fixed(threadMm),
        of: 'yarn',
        colour,
        strands: 1,
      },
    ),
  ],
  uses: ({ needleMm }) => [{ what: 'needle', mm: needleMm }],
  words: ({ called, threadMm, wayMm, needleMm, passes }, { inside, units, part }) => ({
    title: say.task(called, inside),
    short: called,
    detail: say.detail(say.thread(units.end(threadMm), units.length(wayMm), units.length(needleMm)), passes),
    notes: [...(part.part.fill === 'empty' ? [say.notFilled] : []), say.left],
    reason: say.reason,
  }),
};
