import { memo, useState } from 'react';
import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import {
  keptHere,
  refusalSentence,
  wordsContext,
  withLink,
  type EyePair,
  type EyesAt,
  type Head,
  type Refusal,
} from '@hoppla/core/feature';
import { removeFeature } from '@hoppla/core/toy';
import { type PartModel } from '@hoppla/core/model';
import { faceWords, placeWords, type UnitWords } from '@hoppla/core/words';
import {
  LittleRoom,
  Meaning,
  PlainButton,
  Press,
  ProblemLine,
  Quiet,
  Tag,
  Title,
  Words,
} from '../../controls';
import { edit } from '../../documents';
import { usePalette } from '../../theme';
import { change } from './change';
import { CompareSheet } from './CompareSheet';
import { EyeSheet } from './EyeSheet';
import { FacesSheet } from './FacesSheet';
import { MapSheet } from './MapSheet';
import { Nudges } from './Nudges';
import { SaySheet } from './SaySheet';
import { screenWords as words } from '../../words';

const say = words.face;
type Open = 'size' | 'say' | 'faces' | 'compare' | 'map' | null;

interface EyesPanelProps {
  part: PartModel;
  head: Head;
  eyes: EyePair;
  at: EyesAt | null;
  refusal: Refusal | null;
  units: UnitWords;
  /** the post that moves alone; null while both do */
  post: 0 | 1 | null;
  setPost: (post: 0 | 1 | null) => void;
}

/** Everything about a pair of eyes: what they are, where, small steps, and ways to place them. */
export const EyesPanel = memo(function EyesPanel({
  part,
  head,
  eyes,
  at,
  refusal,
  units,
  post,
  setPost,
}: EyesPanelProps) {
  const [open, setOpen] = useState<Open>(null);
  const close = () => setOpen(null);
  const plain =
    eyes.making === 'embroidered' ? say.embroidered(eyes.eyeMm) : say.safetyEye(eyes.eyeMm, eyes.washerMm);
  return (
    <>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Press onPress={() => setOpen('size')} style={{ flex: 1 }}>
          <Title role="heading" aria-level={2}>
            {say.eyes}
          </Title>
          <Quiet textDecorationLine="underline">{plain}</Quiet>
        </Press>
        <MirrorSwitch
          on={eyes.pair.linked}
          onChange={(linked) => (
            setPost(linked ? null : post),
            change(say.mirror, part, withLink(eyes, linked))
          )}
        />
      </View>
      {!at ? <ProblemLine where={part.name} sentence={placeWords.homeless} severity="error" /> : null}
      {at?.state === 'moved' ? (
        <ProblemLine
          where={`R${at.names[0].round[1]}`}
          sentence={placeWords.moved(at.was, at.now)}
          severity="warning"
          mends={[{ title: say.moved, onPress: () => change(say.moved, part, keptHere(head, eyes)) }]}
        />
      ) : null}
      {at && refusal ? (
        <ProblemLine
          where={`R${at.names[0].round[1]}`}
          sentence={`${refusalSentence(refusal, eyes, at, units)}${refusal.nearest ? '' : ` ${faceWords.noNearest}.`}`}
          severity="error"
        />
      ) : null}
      {at ? (
        <>
          <Posts at={at} eyes={eyes} post={post} setPost={setPost} />
          <Nudges part={part} head={head} eyes={eyes} at={at} post={post} />
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            <PlainButton label={say.sayIt} onPress={() => setOpen('say')} />
            <PlainButton label={say.faces} onPress={() => setOpen('faces')} />
            <PlainButton label={say.compare} onPress={() => setOpen('compare')} />
            <PlainButton label={say.map} onPress={() => setOpen('map')} />
          </View>
          <Meaning of="tag" />
        </>
      ) : null}
      {open === 'say' && at ? (
        <SaySheet
          head={head}
          context={wordsContext(head, eyes.pair.centre.by, eyes)}
          eyes={eyes}
          onClose={close}
          onPlace={(next) => (close(), change(say.sayIt, part, next))}
        />
      ) : null}
      {open === 'size' ? (
        <EyeSheet
          part={part}
          head={head}
          onClose={close}
          eyes={eyes}
          onChange={(next) => change(say.size, part, next, `eyes:${eyes.id}`)}
          onRemove={() =>
            edit(say.remove, { station: 'face', part: part.part.id }, (toy) => removeFeature(toy, eyes.id))
          }
        />
      ) : null}
      {open === 'faces' ? <FacesSheet part={part} head={head} eyes={eyes} onClose={close} /> : null}
      {open === 'compare' ? <CompareSheet part={part} head={head} eyes={eyes} own onClose={close} /> : null}
      {open === 'map' && at ? <MapSheet part={part} head={head} eyes={eyes} at={at} onClose={close} /> : null}
    </>
  );
});

/** Where the posts are. While they are not mirrored, one of them, or both, is chosen to be moved. */
function Posts({
  at,
  eyes,
  post,
  setPost,
}: {
  at: EyesAt;
  eyes: EyePair;
  post: 0 | 1 | null;
  setPost: (post: 0 | 1 | null) => void;
}) {
  const tags = ([0, 1] as const).map((i) => <Tag key={i} of={say.eyes} {...holeTag(at.names[i])} />);
  if (eyes.pair.linked) return <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>{tags}</View>;
  return (
    <View role="radiogroup" aria-label={say.which} style={{ gap: 6 }}>
      <Words fontWeight="600">{say.which}</Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {([0, 1] as const).map((i) => (
          <PostChoice key={i} label={say.post(at.sides[i])} chosen={post === i} onPress={() => setPost(i)}>
            {tags[i]}
          </PostChoice>
        ))}
        <PlainButton label={say.both} chosen={post === null} onPress={() => setPost(null)} />
      </View>
    </View>
  );
}

function PostChoice({
  label,
  chosen,
  onPress,
  children,
}: {
  label: string;
  chosen: boolean;
  onPress: () => void;
  children: React.ReactNode;
}) {
  const c = usePalette();
  return (
    <Press
      role="radio"
      label={label}
      chosen={chosen}
      onPress={onPress}
      style={{
        borderWidth: chosen ? 2.5 : 1.5,
        borderColor: chosen ? c.ink : c.edge,
        borderRadius: 6,
        backgroundColor: c.raise,
        padding: 6,
        gap: 3,
      }}
    >
      <Words fontSize={15} lineHeight={19} fontWeight="600">{`${chosen ? '✓ ' : ''}${label}`}</Words>
      {children}
    </Press>
  );
}

function MirrorSwitch({ on, onChange }: { on: boolean; onChange: (on: boolean) => void }) {
  const c = usePalette();
  return (
    <Press
      role="switch"
      label={say.mirror}
      chosen={on}
      onPress={() => onChange(!on)}
      style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}
    >
      <Words fontWeight="600">{say.mirror}</Words>
      <View
        style={{
          width: 58,
          height: 32,
          borderRadius: 16,
          borderWidth: 2,
          borderColor: c.ink,
          backgroundColor: on ? c.ink : c.paper,
          padding: 3,
          alignItems: on ? 'flex-end' : 'flex-start',
          justifyContent: 'center',
        }}
      >
        {on ? (
          <LittleRoom>
            <Words
              position="absolute"
              left={9}
              top={3}
              fontSize={15}
              lineHeight={20}
              color={c.paper}
              aria-hidden
            >
              ✓
            </Words>
          </LittleRoom>
        ) : null}
        <View style={{ width: 22, height: 22, borderRadius: 11, backgroundColor: on ? c.tape : c.edge }} />
      </View>
    </Press>
  );
}
