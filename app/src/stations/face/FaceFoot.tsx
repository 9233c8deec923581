import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { pairTag } from '@hoppla/core/address';
import { resolveEyes, type EyePair, type Head, type Refusal } from '@hoppla/core/feature';
import { type PartModel } from '@hoppla/core/model';
import { faceWords } from '@hoppla/core/words';
import { MainAction, PlainButton, Quiet, Title, Words } from '../../controls';
import { useToy } from '../frame/useToy';
import { change } from './change';
import { CompareSheet } from './CompareSheet';
import { hrefOf } from '../stations';
import { screenWords } from '../../words';

const say = screenWords.face;

export function NoEyes({
  part,
  head,
  fresh,
  told,
}: {
  part: PartModel;
  head: Head;
  fresh: EyePair;
  told: string | null;
}) {
  const [comparing, setComparing] = useState(false);
  return (
    <View style={{ gap: 6 }}>
      <Title role="heading" aria-level={2}>
        {say.none}
      </Title>
      {told ? <Words>{told}</Words> : null}
      <Quiet>{say.noneHow}</Quiet>
      {fresh.making === 'embroidered' ? <Quiet>{say.embroideredFirst}</Quiet> : null}
      <Quiet>{screenWords.parts.stitches(part.fabric.stitches)}</Quiet>
      <View style={{ flexDirection: 'row' }}>
        <PlainButton label={say.likeOther} onPress={() => setComparing(true)} />
      </View>
      {comparing ? (
        <CompareSheet part={part} head={head} eyes={fresh} own={false} onClose={() => setComparing(false)} />
      ) : null}
    </View>
  );
}

/** The one main action: a first pair, a mend for what cannot be, or on to when. */
export function Foot({
  part,
  head,
  fresh,
  homeless,
  refusal,
}: {
  part: PartModel;
  head: Head;
  fresh: EyePair | null;
  homeless: boolean;
  refusal: Refusal | null;
}) {
  const router = useRouter();
  const { toy, writing } = useToy();
  const tagOf = (eyes: EyePair) => {
    const at = resolveEyes(head, eyes);
    return at.state === 'homeless' ? '' : pairTag(at.names);
  };
  const nearest = refusal?.nearest ?? null;
  return (
    <View style={{ padding: 16, paddingTop: 8, flexDirection: 'row', gap: 8 }}>
      {fresh ? (
        <MainAction
          label={homeless ? say.homeless : say.place(tagOf(fresh).split(' |')[0])}
          disabled={!writing}
          onPress={() => change(say.eyes, part, fresh)}
        />
      ) : nearest ? (
        <MainAction
          label={faceWords.nearest(tagOf(nearest))}
          disabled={!writing}
          onPress={() => change(faceWords.nearest(tagOf(nearest)), part, nearest)}
        />
      ) : (
        <MainAction label={say.when} onPress={() => router.push(hrefOf(toy.id, 'plan'))} />
      )}
    </View>
  );
}
