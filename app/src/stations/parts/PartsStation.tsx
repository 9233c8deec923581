import { useMemo, useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { splitLines } from '@hoppla/core/notation';
import { addParts, changePart, mendPart, removePart, rewritePart, type PartModel } from '@hoppla/core/toy';
import { sizeOf } from '@hoppla/core/form';
import { mm } from '@hoppla/core/plan';
import { screenWords as say } from '@hoppla/core/words';
import { PlainButton, ProblemLine, Quiet, Scroll, Title, Words } from '../../controls';
import { edit, newId, openToyNow } from '../../documents';
import { usePalette } from '../../theme';
import { WIDE_FROM } from '../frame/ToyFrame';
import { useToy } from '../frame/useToy';
import { AddParts, AddPartsSheet } from './AddParts';
import { PartMat } from './PartMat';
import { RoundsField } from './RoundsField';
import { PartRow } from '../frame/PartPicker';

/** Parts: do my rounds add up, and what shape is this? */
export function PartsStation() {
  const c = usePalette();
  const { width, height } = useWindowDimensions();
  const { part, model, choosePart } = useToy();
  const [adding, setAdding] = useState(false);
  const wide = width >= WIDE_FROM;
  const add = (text: string) => {
    const known = new Set(model.parts.map((p) => p.part.id));
    edit(say.parts.add, { station: 'parts' }, (toy) => addParts(toy, text, newId));
    setAdding(false);
    const first = openToyNow().file?.toy.parts.find((p) => !known.has(p.id));
    if (first) choosePart(first.id);
  };
  if (!part) {
    return (
      <View style={{ flex: 1, backgroundColor: c.paper }}>
        <View style={{ flex: 1, padding: 16, gap: 8, width: '100%', maxWidth: 720, alignSelf: 'center' }}>
          <Title role="heading" aria-level={2}>{say.parts.emptyTitle}</Title>
          <AddParts onAdd={add} />
        </View>
      </View>
    );
  }
  const matHeight = wide ? height - 56 : Math.round(Math.max(150, Math.min(250, height * 0.27)));
  const paperWidth = wide ? Math.min(560, width * 0.45) : width;
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column' }}>
      <PartMat part={part} width={wide ? width - 88 - paperWidth : width} height={matHeight} />
      <View style={{ flex: wide ? undefined : 1, width: paperWidth, minHeight: 0, backgroundColor: c.paper }}>
        <Scroll keyboardShouldPersistTaps="handled">
          <RoundsField key={part.part.id} part={part} />
          <PartSettings part={part} onAdd={() => setAdding(true)} />
          {wide ? <View style={{ padding: 12 }}>{model.parts.map((p) => <PartRow key={p.part.id} model={model} part={p} chosen={p === part} onPress={() => choosePart(p.part.id)} />)}</View> : null}
        </Scroll>
        <Problems part={part} />
        {adding ? <AddPartsSheet onClose={() => setAdding(false)} onAdd={add} /> : null}
      </View>
    </View>
  );
}

/** The worst problem, docked where the thumb is; the text shows where the others are. */
function Problems({ part }: { part: PartModel }) {
  const { writing } = useToy();
  const shown = useMemo(() => {
    const order = { error: 0, warning: 1, note: 2 };
    return part.reading.lines.flatMap((l) => l.problems.map((p) => ({ line: l, p }))).filter(({ p }) => p.severity !== 'note').sort((a, b) => order[a.p.severity] - order[b.p.severity]);
  }, [part]);
  return (
    <View aria-live="polite">
      {shown.slice(0, 1).map(({ line, p }) => {
        const round = part.reading.rounds[line.rounds[0]];
        return (
          <ProblemLine
            key={`${line.line}${p.code}`} where={round?.label ?? say.parts.atLine(line.line)} sentence={p.message} severity={p.severity} main={p.severity === 'error'}
            mends={writing ? p.mends.map((m) => ({ title: m.title, onPress: () => edit(m.title, { station: 'parts', part: part.part.id }, (toy) => mendPart(toy, part.part.id, m.changes, newId)) })) : []}
          />
        );
      })}
      {shown.length > 1 ? <Quiet paddingHorizontal={16} paddingVertical={4}>{say.parts.more(shown.length - 1)}</Quiet> : null}
    </View>
  );
}

function PartSettings({ part, onAdd }: { part: PartModel; onAdd: () => void }) {
  const c = usePalette();
  const id = part.part.id;
  const { width, height } = sizeOf(part.form);
  const range = `${say.parts.wide}: ${say.parts.about(mm(width.low), mm(width.high), width.source)}; ${say.parts.tall}: ${say.parts.about(mm(height.low), mm(height.high), height.source)}`;
  return (
    <View style={{ padding: 16, gap: 12, borderTopWidth: 1, borderTopColor: c.line }}>
      {part.others > 0 ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 }}>
          <Words>{say.parts.split(part.others)}</Words>
          <PlainButton label={say.parts.splitThem} onPress={() => edit(say.parts.splitThem, { station: 'parts' }, (toy) => splitPart(toy, part))} />
        </View>
      ) : null}
      <Quiet>{range}</Quiet>
      <Words fontWeight="600">{say.parts.fill}</Words>
      <View role="radiogroup" aria-label={say.parts.fill} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {(['empty', 'soft', 'medium', 'firm'] as const).map((f) => (
          <PlainButton key={f} label={say.parts.fills[f]} chosen={part.part.fill === f} onPress={() => edit(`${say.parts.fill}: ${f}`, { station: 'parts', part: id }, (toy) => changePart(toy, id, { fill: f }))} />
        ))}
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton label={say.parts.add} onPress={onAdd} grow />
        <PlainButton label={say.parts.remove} danger onPress={() => edit(say.parts.remove, { station: 'parts' }, (toy) => removePart(toy, id))} />
      </View>
    </View>
  );
}

/** Takes the further parts of a text out of it and adds them as parts of their own. */
function splitPart(toy: Parameters<typeof addParts>[0], part: PartModel) {
  const lines = splitLines(part.part.text);
  const cut = lines[part.reading.lastLine]?.from ?? part.part.text.length;
  const rest = part.part.text.slice(cut);
  return addParts(rewritePart(toy, part.part.id, part.part.text.slice(0, cut).replace(/\s+$/, ''), newId), rest, newId);
}
