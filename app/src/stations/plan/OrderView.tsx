import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { fileName, lanesHtml, sheetHtml } from '@hoppla/core/files';
import { lanesOf, refusalWords, rowMove, troubleWords, type LaneRow, type Plan } from '@hoppla/core/plan';
import { changePlan, changeSettings, setMove, type PlanSaid } from '@hoppla/core/toy';
import { Choice, Meaning, PaceField, PlainButton, ProblemLine, Scroll, Words } from '../../controls';
import { download, edit, printDocument } from '../../documents';
import { usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { LaneChart } from './LaneChart';
import { PlanRow } from './PlanRow';
import { SmallestHole } from './SmallestHole';

const say = words.plan;

/** The order of work: strands side by side where there is room for them, and step by step. */
export function OrderView({ plan }: { plan: Plan }) {
  const { width, wide } = useRoom();
  const { model, toy } = useToy();
  const { rows, lanes } = useMemo(() => lanesOf(model, plan), [model, plan]);
  const [why, setWhy] = useState<string | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const move = (from: number, to: number) => {
    const found = rowMove(rows, plan.blocks, from, to);
    setRefused(found && 'refusal' in found ? refusalWords(found.refusal, model) : null);
    if (found && 'moves' in found)
      edit(say.moved(rows[from].title), { station: 'plan' }, (so) => found.moves.reduce(setMove, so));
  };
  return (
    <Scroll contentContainerStyle={{ width: '100%', maxWidth: wide ? 1180 : undefined, alignSelf: 'center' }}>
      {plan.trouble
        .map((t) => troubleWords(t, model))
        .map((sentence) => (
          <ProblemLine key={sentence} where={toy.name} sentence={sentence} severity="warning" />
        ))}
      {wide ? (
        <LaneChart plan={plan} chosen={why} onChoose={(key) => setWhy(why === key ? null : key)} />
      ) : null}
      <Refused sentence={refused} onClose={() => setRefused(null)} />
      <SortedRows
        rows={rows}
        onMove={move}
        row={(row, i) => (
          <PlanRow
            key={row.key}
            row={row}
            n={i + 1}
            lanes={lanes}
            open={why === row.key}
            onPress={() => setWhy(why === row.key ? null : row.key)}
            narrow={width < 380}
          />
        )}
      />
      <Schools />
      <OrderPrint />
    </Scroll>
  );
}

/** Why something stays where it is, until it is read. */
function Refused({ sentence, onClose }: { sentence: string | null; onClose: () => void }) {
  const c = usePalette();
  if (!sentence) return <View aria-live="polite" />;
  return (
    <View
      aria-live="polite"
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 12,
        padding: 12,
        borderLeftWidth: 6,
        borderColor: c.pin,
        backgroundColor: c.pinWash,
      }}
    >
      <Words flex={1} color={c.ink}>
        {sentence}
      </Words>
      <PlainButton label={say.understood} onPress={onClose} />
    </View>
  );
}

/** Rows that are dragged by their grips, with the pointer or the arrow keys. */
function SortedRows({
  rows,
  row,
  onMove,
}: {
  rows: readonly LaneRow[];
  row: (row: LaneRow, i: number) => React.ReactNode;
  onMove: (from: number, to: number) => void;
}) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ended = ({ active, over }: DragEndEvent) => {
    const index = (id: unknown) => rows.findIndex((r) => r.key === id);
    if (over && active.id !== over.id) onMove(index(active.id), index(over.id));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={ended}>
      <SortableContext items={rows.map((r) => r.key)} strategy={verticalListSortingStrategy}>
        {rows.map(row)}
      </SortableContext>
    </DndContext>
  );
}

/** Ways of doing it, each with what follows from it. */
function Schools() {
  const { toy } = useToy();
  const { eyes, goes, seams, copies } = toy.plan;
  const choose = (change: Partial<PlanSaid>) =>
    edit(say.schools, { station: 'plan' }, (so) => changePlan(so, change));
  return (
    <View style={{ padding: 16, gap: 16 }}>
      <Meaning of="pause" />
      <Choice
        label={say.eyes}
        options={(['late', 'early'] as const).map((id) => ({ id, label: say.eyesWhen[id] }))}
        chosen={eyes}
        onChoose={(id) => choose({ eyes: id })}
      />
      <Choice
        label={say.goes}
        options={(['usual', '1', '2', '3'] as const).map((id) => ({ id, label: say.goesMany[id] }))}
        chosen={goes === null ? 'usual' : (String(goes) as '1' | '2' | '3')}
        onChoose={(id) => choose({ goes: id === 'usual' ? null : (Number(id) as 1 | 2 | 3) })}
      />
      <Choice
        label={say.seams}
        options={(['last', 'soon'] as const).map((id) => ({ id, label: say.seamsWhen[id] }))}
        chosen={seams}
        onChoose={(id) => choose({ seams: id })}
      />
      <Choice
        label={say.copies}
        options={(['piece by piece', 'in runs'] as const).map((id) => ({ id, label: say.copiesHow[id] }))}
        chosen={copies}
        onChoose={(id) => choose({ copies: id })}
      />
      <SmallestHole />
      <PaceField
        value={toy.settings.stitchesAMinute ?? null}
        onSay={(aMinute) =>
          edit(words.maker.pace, { station: 'plan' }, (so) =>
            changeSettings(so, { stitchesAMinute: aMinute ?? undefined }),
          )
        }
      />
      {toy.plan.moves.length + toy.plan.pauses.length > 0 ? (
        <PlainButton label={say.asUsual} onPress={() => choose({ moves: [], pauses: [] })} />
      ) : null}
    </View>
  );
}

/** On paper: the lanes for the wall, and the whole sheet. */
function OrderPrint() {
  const { model, toy } = useToy();
  return (
    <View
      style={{ paddingHorizontal: 16, paddingBottom: 16, flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
    >
      <PlainButton label={say.printLanes} onPress={() => printDocument(lanesHtml(model))} />
      <PlainButton
        label={say.save}
        onPress={() => download(fileName(toy.name, 'html'), 'text/html', sheetHtml(model))}
      />
    </View>
  );
}
