import { useState } from 'react';
import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import {
  hangersOf,
  newHanger,
  newStrands,
  newSurface,
  strandWorks,
  surfaceWorks,
  type ToyModel,
} from '@hoppla/core/model';
import { setFeature } from '@hoppla/core/toy';
import { surfaceWords } from '@hoppla/core/words';
import { Choice, PlainButton, Quiet, Tag, Words } from '../../controls';
import { edit, newId } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { ListRow } from '../frame/ListRow';

const say = words.surface;

const NEW = { surface: newSurface, strands: newStrands, hanger: newHanger };

/** Everything on the surface of the toy, and what can be added to a part of it. */
export function OnSurface({ model, onChoose }: { model: ToyModel; onChoose: (work: string) => void }) {
  const { writing } = useToy();
  const able = model.parts.filter((p) => p.form.section === 'ring');
  const [chosen, choose] = useState<string | null>(null);
  const root = model.placed[0]?.part;
  const part = able.find((p) => p.part.id === (chosen ?? root)) ?? able[0];
  if (!part) return null;
  const add = (kind: keyof typeof NEW) => {
    const work = NEW[kind](model, part.part.id, newId);
    if (!work) return;
    edit(say.add[kind], { station: 'joins' }, (toy) => setFeature(toy, work));
    onChoose(work.id);
  };
  return (
    <View style={{ gap: 8 }}>
      <Words fontWeight="600" role="heading" aria-level={3}>
        {say.title}
      </Words>
      {rowsOf(model).map((row) => (
        <ListRow
          key={row.id}
          name={row.name}
          tag={row.tag && <Tag {...row.tag} />}
          missing={say.noPlace}
          onPress={() => onChoose(row.id)}
        />
      ))}
      <Choice
        label={say.on}
        options={able.map((p) => ({ id: p.part.id, label: p.name }))}
        chosen={part.part.id}
        onChoose={choose}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {(Object.keys(NEW) as (keyof typeof NEW)[]).map((kind) => (
          <PlainButton key={kind} label={say.add[kind]} disabled={!writing} onPress={() => add(kind)} />
        ))}
      </View>
      <Quiet>{say.how}</Quiet>
    </View>
  );
}

interface Row {
  id: string;
  name: string;
  /** where it begins; null where it has no place any more */
  tag: { rounds: string; stitches: string } | null;
}

const rowsOf = (model: ToyModel): Row[] => [
  ...surfaceWorks(model).map(({ feature, sites }) => ({
    id: feature.id,
    name: `${feature.name}, ${feature.stations}${feature.twin ? ' × 2' : ''}`,
    tag: sites[0] ? holeTag(sites[0].stations[0].name) : null,
  })),
  ...strandWorks(model).map(({ feature, rounds, yarns }) => ({
    id: feature.id,
    name: feature.name,
    tag: rounds.length > 0 ? { rounds: [...new Set(rounds)].join('–'), stitches: `${yarns}` } : null,
  })),
  ...hangersOf(model).map(({ feature, name, fault }) => ({
    id: feature.id,
    name: surfaceWords.hangerIs[feature.is],
    tag: name && !fault ? holeTag(name) : null,
  })),
];
