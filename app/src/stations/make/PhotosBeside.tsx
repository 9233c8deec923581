import { View } from 'react-native';
import type { PhotoTaken } from '@hoppla/core/toy';
import { Quiet, Words } from '../../controls';
import { screenWords } from '../../words';
import { dayOf } from './when';

const say = screenWords.diary;
const HIGHEST = 200;

/** The last photo of this making beside the last one of what it is compared with; nothing where one of them has none. */
export function PhotosBeside({
  mine,
  theirs,
  name,
}: {
  mine: readonly PhotoTaken[];
  theirs: readonly PhotoTaken[];
  /** what it is compared with */
  name: string;
}) {
  const pair = [
    { photo: mine.at(-1), of: say.yours },
    { photo: theirs.at(-1), of: name },
  ];
  if (pair.some(({ photo }) => photo === undefined)) return null;
  return (
    <View style={{ gap: 6 }}>
      <Words fontWeight="600" role="heading" aria-level={3}>
        {say.photosBeside}
      </Words>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        {pair.map(({ photo, of }) => (
          <View key={of} style={{ flex: 1, gap: 4 }}>
            <img
              src={photo!.picture}
              alt={`${of}, ${say.photoOf(dayOf(photo!.at))}`}
              style={{ width: '100%', maxHeight: HIGHEST, objectFit: 'contain' }}
            />
            <Quiet>{`${of}, ${dayOf(photo!.at)}`}</Quiet>
          </View>
        ))}
      </View>
    </View>
  );
}
