import { View } from 'react-native';
import type { Judged } from '@hoppla/core/safety';
import { loadSaid } from '@hoppla/core/record';
import type { TestKind } from '@hoppla/core/toy';
import { decimals, recordWords } from '@hoppla/core/words';
import { Num, Words } from '../../controls';
import { screenWords as words } from '../../words';

const say = words.safety;

/** The verdict, with why and the numbers. */
export function Outcome({ judged, kind }: { judged: Judged; kind: TestKind }) {
  const sign = { held: '✓', 'let go': '✕', 'not judged': '?' }[judged.verdict];
  return (
    <View role="status" style={{ gap: 4 }}>
      <Num fontSize={30} lineHeight={36}>
        {`${sign} ${recordWords.verdicts[judged.verdict]}`}
      </Num>
      <Words>{recordWords.whys[judged.why]}</Words>
      <Num
        fontSize={16}
      >{`${say.peak} ${loadSaid(judged.peak, kind)}, ${say.heldFor(decimals(judged.heldS, 1))}`}</Num>
    </View>
  );
}
