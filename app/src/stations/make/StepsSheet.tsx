import { useState } from 'react';
import { View } from 'react-native';
import { stepWords } from '@hoppla/core/plan';
import { copyName, modelOf } from '@hoppla/core/model';
import {
  boxTapped,
  copySheet,
  doneBefore,
  makeNow,
  type Progress,
  type SheetRow,
  type Tick,
} from '@hoppla/core/record';
import { Num, PlainButton, Press, Quiet, Sheet, Words } from '../../controls';
import { note } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.make;

/** So many boxes stand beside their step; more go under it. */
const MOST_BESIDE = 3;

interface Sheeted {
  ticks: readonly Tick[];
  progress: Progress;
  /** the tick that is made now */
  now: Tick | undefined;
  onClose: () => void;
}

/** Every step with a box a copy; any can be made now. */
export function StepsSheet({ ticks, progress, now, onClose }: Sheeted) {
  const [open, setOpen] = useState<string | null>(null);
  const rows = copySheet(ticks);
  return (
    <Sheet title={say.allSteps} onClose={onClose}>
      <Quiet>{say.allStepsHow}</Quiet>
      {rows.map((row) => (
        <Row
          key={row.key}
          row={row}
          open={open === row.key}
          onOpen={() => setOpen(open === row.key ? null : row.key)}
          {...{ ticks, progress, now, onClose }}
        />
      ))}
    </Sheet>
  );
}

/** One step: its words, its boxes, and where it is open the ways to it. */
function Row({ row, open, onOpen, ...of }: Sheeted & { row: SheetRow; open: boolean; onOpen: () => void }) {
  const c = usePalette();
  const { model } = useToy();
  const { title } = stepWords(row.step, model, row.copies.length > 1);
  const here = row.copies.some((r) => of.now !== undefined && r.ticks.includes(of.now));
  return (
    <View
      style={{
        gap: 6,
        paddingVertical: 6,
        paddingLeft: 8,
        borderLeftWidth: 6,
        borderLeftColor: here ? c.tape : c.line,
      }}
    >
      <View
        style={{
          flexDirection: 'row',
          alignItems: 'center',
          gap: 8,
          flexWrap: row.copies.length > MOST_BESIDE ? 'wrap' : 'nowrap',
        }}
      >
        <Press
          label={here ? `${title}, ${say.madeNow}` : title}
          onPress={onOpen}
          style={{ flexGrow: 1, flexShrink: 1, flexBasis: 120 }}
        >
          <Words fontWeight={here ? '700' : '500'}>{title}</Words>
        </Press>
        {row.copies.map((r, k) => (
          <Box
            key={r.copy}
            no={row.copies.length > 1 ? k + 1 : null}
            title={title}
            progress={of.progress}
            {...r}
          />
        ))}
      </View>
      {open ? <Ways row={row} {...of} /> : null}
    </View>
  );
}

/** The box of one copy: how much of the step is done. */
function Box({
  no,
  title,
  copy,
  ticks,
  progress,
}: {
  /** which of several copies */
  no: number | null;
  title: string;
  copy: string;
  ticks: readonly Tick[];
  progress: Progress;
}) {
  const c = usePalette();
  const { model, writing } = useToy();
  const done = ticks.filter((t) => t.key in progress.done).length;
  const all = done === ticks.length;
  const deeds = boxTapped(ticks, progress);
  const { part } = ticks[0].step;
  const name = part === '' ? '' : copyName(modelOf(model, part), copy);
  return (
    <Press
      role="switch"
      label={say.tickOf(title, `${name} ${say.doneOf(done, ticks.length)}`.trim())}
      chosen={all}
      disabled={!writing || deeds === null}
      onPress={() => deeds && note(...deeds)}
      style={{
        minWidth: 56,
        paddingHorizontal: 6,
        alignItems: 'center',
        borderWidth: 1.5,
        borderRadius: 4,
        borderColor: all ? c.ink : c.edge,
        backgroundColor: all ? c.ink : c.raise,
      }}
    >
      {no === null ? null : (
        <Num fontSize={12} lineHeight={14} color={all ? c.paper : c.ink2}>
          {String(no)}
        </Num>
      )}
      <Num fontSize={16} lineHeight={20} color={all ? c.paper : c.ink}>
        {all ? '✓' : boxWords(done, ticks.length)}
      </Num>
    </Press>
  );
}

const boxWords = (done: number, all: number): string => (all === 1 ? '·' : `${done}/${all}`);

/** Making this step now, and saying that everything before it of the piece is done. */
function Ways({ row, ticks, progress, onClose }: Sheeted & { row: SheetRow }) {
  const { model, writing } = useToy();
  const several = row.copies.length > 1;
  const named = (label: string, copy: string) =>
    several ? `${label}: ${copyName(modelOf(model, row.step.part), copy)}` : label;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {row.copies.map(({ copy, ticks: own }) => {
        const first = own.find((t) => !(t.key in progress.done)) ?? own[0];
        const before = doneBefore(ticks, progress, first);
        return (
          <View key={copy} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            <PlainButton
              label={named(say.makeThis, copy)}
              disabled={!writing || first.key in progress.done}
              onPress={() => (note(makeNow(first)), onClose())}
            />
            {before.length > 0 ? (
              <PlainButton
                label={named(say.allBefore, copy)}
                disabled={!writing}
                onPress={() => (note(...before, makeNow(first)), onClose())}
              />
            ) : null}
          </View>
        );
      })}
    </View>
  );
}
