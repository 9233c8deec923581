import { View } from 'react-native';
import { movedJoin, pieceKey, type Centre, type StoredJoin, type JoinMove } from '@hoppla/core/join';
import type { ToyModel } from '@hoppla/core/model';
import { Nudge } from '../../controls';
import { screenWords as words } from '../../words';
import { change } from './change';

const say = words.joins;

const PAIR_MOVES: readonly { move: JoinMove; arrow: string }[] = [
  { move: 'closer', arrow: '→←' },
  { move: 'further', arrow: '←→' },
  { move: 'up', arrow: '↑' },
  { move: 'down', arrow: '↓' },
];
const SINGLE_MOVES: readonly { move: JoinMove; arrow: string }[] = [
  { move: 'right', arrow: '←' },
  { move: 'left', arrow: '→' },
  { move: 'up', arrow: '↑' },
  { move: 'down', arrow: '↓' },
];

/** Small steps on the host; held down they go on. A pair moves alike; `put` is the join after a step of what is moved. */
export function JoinNudges<J extends StoredJoin>({
  model,
  join,
  at,
  pair,
  put,
}: {
  model: ToyModel;
  join: J;
  at: Centre;
  pair: boolean;
  put?: (moved: J) => J;
}) {
  const host = model.placed.find((p) => pieceKey(p) === pieceKey(join.at));
  if (!host) return null;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {(pair ? PAIR_MOVES : SINGLE_MOVES).map(({ move, arrow }) => {
        const next = movedJoin(host, join, at, move);
        const along = move === 'up' || move === 'down' ? next?.rounds : next?.stitches;
        const direction = say.moves[move as keyof typeof say.moves];
        return (
          <Nudge
            key={move}
            direction={direction}
            arrow={arrow}
            result={along ?? words.face.cannot}
            disabled={!next}
            repeats
            onPress={() => change(direction, next && (put?.(next.join) ?? next.join))}
          />
        );
      })}
    </View>
  );
}
