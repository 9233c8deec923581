import { useState } from 'react';
import { View } from 'react-native';
import { bothFillings, fillingOf, isFilled, zonesOf, type PartModel } from '@hoppla/core/model';
import { changePart } from '@hoppla/core/toy';
import { Choice, PlainButton, Quiet, Scroll } from '../../controls';
import { edit } from '../../documents';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { Bag } from './Bag';
import { FillLength } from './FillLength';
import { PartCore } from './PartCore';
import { PartEnd } from './PartEnd';
import { Silhouette, type Span } from './Silhouette';

const say = words.plan;

/** The filling, length by length: touched on the part, told in grams. */
export function FillView() {
  const { model, part: shown, choosePart } = useToy();
  const { wide } = useRoom();
  const filled = model.parts.filter((p) => p.form.section === 'ring' && p.fabric.rounds.length > 0);
  const part = filled.find((p) => p === shown) ?? filled[0];
  const [span, setSpan] = useState<Span | null>(null);
  if (!part) return <Quiet>{say.noFill}</Quiet>;
  const zones = zonesOf(part);
  const at: Span = span && span.to < part.fabric.rounds.length ? span : zones[0];
  return (
    <Scroll contentContainerStyle={{ width: '100%', maxWidth: wide ? 860 : undefined, alignSelf: 'center' }}>
      <Parts
        parts={filled}
        chosen={part}
        onChoose={(p) => {
          choosePart(p.part.id);
          setSpan(null);
        }}
      />
      <Silhouette part={part} zones={zones} span={at} onChoose={setSpan} />
      <View style={{ padding: 16, gap: 14 }}>
        <FillLength part={part} zones={zones} span={at} setSpan={setSpan} />
        <Goes part={part} />
        <PartCore part={part} atRound={at.from} />
        <PartEnd part={part} />
        <Bag part={part} />
      </View>
    </Scroll>
  );
}

/** In how many goes a closed part is filled, where it is not as the toy's others. */
function Goes({ part }: { part: PartModel }) {
  if (!part.reading.closed || !isFilled(part)) return null;
  const { id, goes } = part.part;
  const chosen = goes === null ? 'usual' : (String(goes) as '1' | '2' | '3');
  return (
    <Choice
      label={say.goesOf(part.name)}
      options={(['usual', '1', '2', '3'] as const).map((g) => ({
        id: g,
        label: g === 'usual' ? say.goesAsToy : say.goesMany[g],
      }))}
      chosen={chosen}
      onChoose={(g) =>
        edit(say.goesOf(part.name), { station: 'plan', part: id }, (so) =>
          changePart(so, id, { goes: g === 'usual' ? null : (Number(g) as 1 | 2 | 3) }),
        )
      }
    />
  );
}

/** The parts that can be filled, each with its grams. */
function Parts({
  parts,
  chosen,
  onChoose,
}: {
  parts: readonly PartModel[];
  chosen: PartModel;
  onChoose: (part: PartModel) => void;
}) {
  const { model, units } = useToy();
  return (
    <View
      role="radiogroup"
      aria-label={say.parts}
      style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, padding: 16, paddingBottom: 8 }}
    >
      {parts.map((p) => {
        const grams = bothFillings(fillingOf(model, p)).value;
        const each = grams > 0 ? units.weight(grams) : say.nothing;
        return (
          <PlainButton
            key={p.part.id}
            label={`${p.name} ${each}`}
            chosen={p === chosen}
            onPress={() => onChoose(p)}
          />
        );
      })}
    </View>
  );
}
