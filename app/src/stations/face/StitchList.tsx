import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import { DARK, newStitching, STITCH_WORKS, type Head, type StitchWork } from '@hoppla/core/feature';
import { marksOn, stitchings, stitchOffers, type PartModel, type Stitched } from '@hoppla/core/model';
import { stitchWords } from '@hoppla/core/words';
import { PlainButton, Quiet, Tag, Words } from '../../controls';
import { newId } from '../../documents';
import { ListRow } from '../frame/ListRow';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { change } from './change';

const say = words.stitching;

/** All embroidery on a part, in the order in which it was put there. */
export const stitchedOn = (all: readonly Stitched[], part: PartModel): readonly Stitched[] =>
  all.filter((s) => s.feature.part === part.part.id);

/** Everything that is embroidered on a face, and what can be added with one tap. */
export function StitchList({
  part,
  head,
  onChoose,
}: {
  part: PartModel;
  head: Head;
  onChoose: (id: string) => void;
}) {
  const { model, writing } = useToy();
  const [adding, setAdding] = useState(false);
  const mine = stitchedOn(stitchings(model), part);
  const add = (work: StitchWork) => {
    const name = stitchWords.works[work];
    const ids = { id: newId(), part: part.part.id, copy: null, name: name.split(',')[0], colour: DARK };
    const made = newStitching(head, marksOn(model, part), ids, work);
    change(name, part, made);
    setAdding(true);
    onChoose(made.id);
  };
  return (
    <View style={{ gap: 8 }}>
      <Words fontWeight="600" role="heading" aria-level={3}>
        {say.title}
      </Words>
      {mine.map((stitched) => (
        <StitchRow key={stitched.feature.id} stitched={stitched} onChoose={onChoose} />
      ))}
      <Offers part={part} onChoose={onChoose} />
      {adding || mine.length === 0 ? (
        <View role="group" aria-label={say.add} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {STITCH_WORKS.map((work) => (
            <PlainButton
              key={work}
              label={stitchWords.works[work]}
              disabled={!writing}
              onPress={() => add(work)}
            />
          ))}
        </View>
      ) : (
        <View style={{ flexDirection: 'row' }}>
          <PlainButton label={say.add} disabled={!writing} onPress={() => setAdding(true)} />
        </View>
      )}
    </View>
  );
}

function StitchRow({
  stitched: { feature, sides },
  onChoose,
}: {
  stitched: Stitched;
  onChoose: (id: string) => void;
}) {
  return (
    <ListRow
      name={`${feature.name}${feature.twin === 'none' ? '' : ' × 2'}`}
      tag={sides[0] ? <Tag kind="thread" {...holeTag(sides[0].places[0].name)} /> : null}
      missing={say.noPlace}
      onPress={() => onChoose(feature.id)}
    />
  );
}

/** What the text of the part asks for and is not there yet, each taken with one tap. */
function Offers({ part, onChoose }: { part: PartModel; onChoose: (id: string) => void }) {
  const { model, writing } = useToy();
  const offers = useMemo(() => stitchOffers(model, part, newId), [model, part]);
  return offers.map(({ line, words: told, work, feature, placed }) => (
    <View key={`${line} ${work}`} style={{ gap: 4 }}>
      <Quiet>{placed ? words.face.textTells(told, '') : words.face.textTells(told, say.usualPlace)}</Quiet>
      <View style={{ flexDirection: 'row' }}>
        <PlainButton
          label={say.take(stitchWords.works[work])}
          disabled={!writing}
          onPress={() => (change(stitchWords.works[work], part, feature), onChoose(feature.id))}
        />
      </View>
    </View>
  ));
}
