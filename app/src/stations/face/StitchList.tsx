import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import {
  DARK,
  newStitching,
  PATCH_WORKS,
  SCULPT_WORKS,
  STITCH_WORKS,
  type Head,
  type OnPart,
  type PatchWork,
  type SculptWork,
  type StitchWork,
} from '@hoppla/core/feature';
import {
  marksOn,
  patchOffers,
  strandOffers,
  stitchOffers,
  usualPatch,
  usualSculpt,
  type PartModel,
  type ToyModel,
} from '@hoppla/core/model';
import { patchWords, stitchWords } from '@hoppla/core/words';
import { PlainButton, Quiet, Tag, Words } from '../../controls';
import { newId } from '../../documents';
import { ListRow } from '../frame/ListRow';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { change } from './change';
import { needledOn, type Needled, type NeedledState } from './stitchEnds';

const say = words.stitching;

/** Everything that is put on a face by needle, and what can be added with one tap. */
export function StitchList({ part, head, onChoose }: StitchListProps) {
  const { model } = useToy();
  const mine = needledOn(model, part);
  return (
    <View style={{ gap: 8 }}>
      <Words fontWeight="600" role="heading" aria-level={3}>
        {say.title}
      </Words>
      {mine.map((stitched) => (
        <StitchRow key={stitched.feature.id} stitched={stitched} onChoose={onChoose} />
      ))}
      <Offers part={part} onChoose={onChoose} />
      <Adding part={part} head={head} onChoose={onChoose} bare={mine.length === 0} />
    </View>
  );
}

/** What can be added, by how it is made; the words of its button, and what it becomes at its usual place. */
const GROUPS = {
  thread: {
    title: say.add,
    works: STITCH_WORKS,
    label: (work: string) => stitchWords.works[work as StitchWork],
    make: (model: ToyModel, part: PartModel, head: Head, ids: Ids, work: string): Needled =>
      newStitching(head, marksOn(model, part), { ...ids, colour: DARK }, work as StitchWork),
  },
  patch: {
    title: say.addPatch,
    works: PATCH_WORKS,
    label: (work: string) => patchWords.works[work as PatchWork],
    make: (model: ToyModel, part: PartModel, _: Head, ids: Ids, work: string): Needled =>
      usualPatch(model, part, { ...ids, colour: FELT_COLOURS[work as PatchWork] }, work as PatchWork),
  },
  sculpt: {
    title: say.addSculpt,
    works: SCULPT_WORKS,
    label: (work: string) => patchWords.sculpt.works[work as SculptWork],
    make: (model: ToyModel, part: PartModel, _: Head, ids: Ids, work: string): Needled =>
      usualSculpt(model, part, { ...ids, colour: DARK }, work as SculptWork),
  },
};
type Group = keyof typeof GROUPS;
type Ids = { id: string; name: string } & OnPart;

const WHITE = '#f1eee6';
const FELT_COLOURS: Record<PatchWork, string> = {
  'under the eyes': WHITE,
  lids: '#7b4a2a',
  cheeks: '#d96f8e',
  muzzle: WHITE,
  belly: WHITE,
  beak: '#e0952f',
  spots: DARK,
};

interface StitchListProps {
  part: PartModel;
  head: Head;
  onChoose: (id: string) => void;
}

/** Three ways of adding; one of them is open at a time. Eyes can only be drawn in where there are some, and are stitched where there are none. */
function Adding({ part, head, onChoose, bare }: StitchListProps & { bare: boolean }) {
  const { model, writing } = useToy();
  const [open, setOpen] = useState<Group | null>(bare ? 'thread' : null);
  const eyed = marksOn(model, part).eyes !== null;
  const add = (group: Group, work: string) => {
    const label = GROUPS[group].label(work);
    const name = group === 'sculpt' ? patchWords.sculpt.names[work as SculptWork] : label.split(',')[0];
    const ids = { id: newId(), part: part.part.id, copy: null, name };
    const made = GROUPS[group].make(model, part, head, ids, work);
    change(label, part, made);
    onChoose(made.id);
  };
  return (Object.keys(GROUPS) as Group[]).map((group) => {
    const { title, works, label } = GROUPS[group];
    if (group !== open)
      return (
        <View key={group} style={{ flexDirection: 'row' }}>
          <PlainButton label={title} disabled={!writing} onPress={() => setOpen(group)} />
        </View>
      );
    return (
      <View key={group} role="group" aria-label={title} style={{ gap: 8 }}>
        <Words fontWeight="600" aria-hidden>
          {title}
        </Words>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {works
            .filter((work) => eyed || work !== 'eyes')
            .filter((work) => !eyed || work !== 'stitched eyes')
            .map((work) => (
              <PlainButton
                key={work}
                label={label(work)}
                disabled={!writing}
                onPress={() => add(group, work)}
              />
            ))}
        </View>
      </View>
    );
  });
}

function StitchRow({
  stitched: { feature, sides },
  onChoose,
}: {
  stitched: NeedledState;
  onChoose: (id: string) => void;
}) {
  const many = feature.ends.length > 1 && feature.kind === 'patch' ? feature.ends.length : 1;
  const n = many * (feature.twin === 'none' ? 1 : 2);
  return (
    <ListRow
      name={`${feature.name}${n > 1 ? ` × ${n}` : ''}`}
      tag={sides[0] ? <Tag kind="thread" {...holeTag(sides[0].places[0].name)} /> : null}
      missing={say.noPlace}
      onPress={() => onChoose(feature.id)}
    />
  );
}

/** What the text of the part asks for and is not there yet, each taken with one tap. */
function Offers({ part, onChoose }: { part: PartModel; onChoose: (id: string) => void }) {
  const { model, writing, units } = useToy();
  const offers = useMemo(
    () => [
      ...stitchOffers(model, part, newId).map((o) => ({ ...o, label: stitchWords.works[o.work] })),
      ...patchOffers(model, part, newId).map((o) => ({
        ...o,
        label:
          o.what.kind === 'patch'
            ? say.feltFor(patchWords.works[o.what.work])
            : patchWords.sculpt.works[o.what.work],
      })),
      ...strandOffers(model, part, newId).map((o) => ({
        ...o,
        placed: false,
        label: say.strandsFor(o.feature.name, o.yarns, o.said, units.end(o.feature.cutMm)),
      })),
    ],
    [model, part, units],
  );
  return offers.map(({ line, words: told, label, feature, placed }) => (
    <View key={`${line} ${label}`} style={{ gap: 4 }}>
      <Quiet>{words.face.textTells(told, placed ? '' : say.usualPlace)}</Quiet>
      <View style={{ flexDirection: 'row' }}>
        <PlainButton
          label={say.take(label)}
          disabled={!writing}
          onPress={() => (change(label, part, feature), onChoose(feature.id))}
        />
      </View>
    </View>
  ));
}
