import { View } from 'react-native';
import { usePalette } from '../theme';
import { Press } from './Press';
import { MarkerSign } from './signs';
import { Num, Words } from './type';
import { MainAction, PlainButton } from './MainAction';

export interface ProblemLineProps {
  where: string;
  sentence: string;
  severity: 'error' | 'warning' | 'note';
  mends?: { title: string; onPress: () => void }[];
  /** the first mend is the screen's main action */
  main?: boolean;
  onWhere?: () => void;
}

/** What is wrong, in numbers, then what would be right. Coral only for what blocks. */
export function ProblemLine({ where, sentence, severity, mends = [], main, onWhere }: ProblemLineProps) {
  const c = usePalette();
  const blocks = severity === 'error';
  return (
    <View
      style={{
        backgroundColor: blocks ? c.coralWash : c.paper,
        borderLeftWidth: 6,
        borderLeftColor: blocks ? c.coral : severity === 'warning' ? c.edge : 'transparent',
        paddingVertical: 10,
        paddingLeft: 10,
        paddingRight: 16,
        gap: 8,
        borderBottomWidth: 1,
        borderBottomColor: c.line,
      }}
    >
      <View style={{ flexDirection: 'row', gap: 8, alignItems: 'flex-start' }}>
        <MarkerSign colour={blocks ? c.coralInk : c.ink2} />
        <View style={{ flex: 1, minWidth: 0 }}>
          {onWhere ? (
            <Press label={where} onPress={onWhere} style={{ alignSelf: 'flex-start', marginVertical: -10 }}>
              <Num color={blocks ? c.coralInk : c.ink2} textDecorationLine="underline">
                {where}
              </Num>
            </Press>
          ) : (
            <Num color={blocks ? c.coralInk : c.ink2}>{where}</Num>
          )}
          <Words color={blocks ? c.ink : c.ink2}>{sentence}</Words>
        </View>
      </View>
      {mends.length > 0 ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {mends.map((m, i) =>
            main && i === 0 ? (
              <MainAction key={m.title} label={m.title} onPress={m.onPress} />
            ) : (
              <PlainButton key={m.title} label={m.title} onPress={m.onPress} grow />
            ),
          )}
        </View>
      ) : null}
    </View>
  );
}
