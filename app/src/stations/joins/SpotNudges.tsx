import { View } from 'react-native';
import { onBody, resolve } from '@hoppla/core/address';
import type { Hanger } from '@hoppla/core/feature';
import { movedHole, pieceKey, stand, type JoinMove } from '@hoppla/core/join';
import { yarnColour, type ToyModel } from '@hoppla/core/model';
import { Choice, Nudge } from '../../controls';
import { screenWords as words } from '../../words';
import { changeWork, type Work } from './work';

const say = words.surface;

const MOVES: readonly { move: JoinMove & ('up' | 'down' | 'left' | 'right'); arrow: string }[] = [
  { move: 'right', arrow: '←' },
  { move: 'left', arrow: '→' },
  { move: 'up', arrow: '↑' },
  { move: 'down', arrow: '↓' },
];

type SpotOf = Pick<Work, 'part' | 'copy' | 'place'>;

/** Small steps of a spot on its part. */
export function SpotNudges({
  model,
  spot: { part, copy, place },
  onMove,
}: {
  model: ToyModel;
  spot: SpotOf;
  onMove: (place: SpotOf['place']) => void;
}) {
  const own = (p: { part: string; copy: string }) => p.part === part && (copy ?? p.copy) === p.copy;
  const loose = model.pieces.find(own);
  const host = model.placed.find(own) ?? (loose && stand(loose));
  const found = host && onBody(resolve(host.form, place));
  if (!host || !found) return null;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {MOVES.map(({ move, arrow }) => {
        const next = movedHole(host, { round: found.round, index: found.index, polar: found.polar }, move);
        const along = move === 'up' || move === 'down' ? next?.rounds : next?.stitches;
        const moved = () => {
          if (!next) return;
          const { course, at, index, of } = next.at;
          onMove({ course, at, index, of });
        };
        return (
          <Nudge
            key={`${pieceKey(host)}${move}`}
            direction={words.joins.moves[move]}
            arrow={arrow}
            result={along ?? words.face.cannot}
            disabled={!next}
            repeats
            onPress={moved}
          />
        );
      })}
    </View>
  );
}

/** Which of the toy's yarns it is worked in. */
export function YarnChoice({ model, work }: { model: ToyModel; work: Exclude<Work, Hanger> }) {
  const own = yarnColour(model, work.part, '');
  const options = [
    ...model.toy.palette.map((y) => ({ id: y.colour, label: y.name || y.slot })),
    ...(model.toy.palette.some((y) => y.colour === own) ? [] : [{ id: own, label: say.sameYarn }]),
  ];
  return (
    <Choice
      label={say.yarn}
      options={options}
      chosen={work.colour}
      onChoose={(colour) => changeWork(say.yarn, { ...work, colour })}
    />
  );
}
