import { View } from 'react-native';
import type { ToldPoint } from '@hoppla/core/safety';
import { answerPoint } from '@hoppla/core/toy';
import { PlainButton, Quiet, Title, Words } from '../../controls';
import { edit } from '../../documents';
import { usePalette } from '../../theme';
import { screenWords as words } from '../../words';
import { Answer } from './Answer';

const say = words.safety;

/** What nothing on the toy and in its texts tells: each is answered by a tap or in words. */
export function Asked({ points }: { points: readonly ToldPoint[] }) {
  const c = usePalette();
  if (points.length === 0) return null;
  return (
    <View style={{ gap: 10, padding: 12, borderWidth: 1.5, borderStyle: 'dashed', borderColor: c.edge }}>
      <Title role="heading" aria-level={2}>
        {say.asked}
      </Title>
      <Quiet color={c.ink}>{say.askedHow}</Quiet>
      {points.map((point) => (
        <View key={point.id} style={{ gap: 6, borderTopWidth: 1, borderTopColor: c.line, paddingTop: 8 }}>
          <Words fontWeight="600">{`${point.settled ? '✓' : '?'} ${point.title}`}</Words>
          {point.tags && point.tags.length > 0 ? <Quiet>{point.tags.join(', ')}</Quiet> : null}
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {point.answered === null ? (
              <PlainButton
                label={say.noneThere}
                spoken={`${say.noneThere}: ${point.title}`}
                onPress={() =>
                  edit(say.answerSaid, { station: 'safety' }, (so) =>
                    answerPoint(so, point.id, say.noneThere),
                  )
                }
              />
            ) : null}
            <Answer point={point} />
          </View>
        </View>
      ))}
    </View>
  );
}
