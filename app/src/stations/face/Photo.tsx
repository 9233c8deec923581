import { useState } from 'react';
import { View } from 'react-native';
import { setPhoto } from '@hoppla/core/toy';
import type { PartModel } from '@hoppla/core/model';
import { PlainButton, ProblemLine, Quiet, Words } from '../../controls';
import { chooseFile, edit, smallPicture } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.photo;

/** A picture of the maker's own beside the face, to compare an expression; kept in the toy's file. */
export function Photo({ part }: { part: PartModel }) {
  const { toy, writing } = useToy();
  const [wrong, setWrong] = useState<string | null>(null);
  const put = (name: string, photo: string | null) =>
    edit(name, { station: 'face', part: part.part.id }, (now) => setPhoto(now, photo));
  const choose = async () => {
    const file = await chooseFile('image/*');
    if (!file) return;
    const photo = await smallPicture(file.bytes);
    setWrong(photo ? null : file.name);
    if (photo) put(say.add, photo);
  };
  return (
    <View style={{ gap: 8 }}>
      {toy.photo ? (
        <>
          <Words fontWeight="600" role="heading" aria-level={3}>
            {say.title}
          </Words>
          <img
            src={toy.photo}
            alt={say.title}
            style={{ maxWidth: '100%', maxHeight: 260, objectFit: 'contain' }}
          />
          <Quiet>{say.kept}</Quiet>
        </>
      ) : null}
      {wrong === null ? null : (
        <ProblemLine where={say.title} sentence={say.notAPicture(wrong)} severity="error" />
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton
          label={toy.photo ? say.other : say.add}
          disabled={!writing}
          onPress={() => void choose()}
        />
        {toy.photo ? (
          <PlainButton label={say.remove} disabled={!writing} onPress={() => put(say.remove, null)} />
        ) : null}
      </View>
    </View>
  );
}
