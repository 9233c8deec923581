import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import {
  canTap,
  moveWord,
  namesYarn,
  RARE_MOVES,
  takesLoops,
  USUAL_MOVES,
  type Move,
  type Working,
} from '@hoppla/core/record';
import { LOOPS, type Loops } from '@hoppla/core/notation';
import type { PartModel } from '@hoppla/core/model';
import { Choice, Field, PlainButton, Quiet, Toggle } from '../../controls';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.working;
const THROUGH = ['both', 'back', 'front'] as const;
type Through = (typeof THROUGH)[number];
const loopsOf = (through: Through): Loops | null => (through === 'both' ? null : through);

/** Through which loops, and in which yarn; what is not said is as it was. */
export type TapAs = { loops: Loops | null; colour?: string };

/** A button a move of the hook; what some toys need lies behind one more. */
export function TapMoves({
  part,
  now,
  disabled,
  onTap,
  children,
}: {
  part: PartModel;
  now: Working | null;
  disabled: boolean;
  onTap: (move: Move, as: TapAs) => void;
  /** what stands below the usual ones */
  children: ReactNode;
}) {
  const [more, setMore] = useState(false);
  const [through, setThrough] = useState<Through>('both');
  const [yarn, setYarn] = useState<string | null>(null);
  const press = (move: Move) => {
    onTap(move, { loops: loopsOf(through), ...(yarn === null ? {} : { colour: yarn }) });
    setYarn(null);
  };
  const own = { part, now, disabled, through, press };
  return (
    <View style={{ gap: 8 }}>
      <Buttons moves={USUAL_MOVES} {...own} />
      {children}
      <Toggle label={say.more} on={more} onChange={setMore} />
      {more ? (
        <>
          <Buttons moves={RARE_MOVES} {...own} />
          <Choice
            label={say.through}
            options={THROUGH.map((id) => ({ id, label: say.loops[id] }))}
            chosen={through}
            onChoose={setThrough}
          />
          <Yarns part={part} chosen={yarn ?? now?.colour ?? null} onChoose={setYarn} />
        </>
      ) : null}
    </View>
  );
}

function Buttons({
  moves,
  part,
  now,
  disabled,
  through,
  press,
}: {
  moves: readonly Move[];
  part: PartModel;
  now: Working | null;
  disabled: boolean;
  through: Through;
  press: (move: Move) => void;
}) {
  const loops = loopsOf(through);
  const label = (move: Move) => {
    const word = moveWord(move, part.terms);
    return loops && takesLoops(move) ? `${word} ${LOOPS[loops]}` : say.move(word, say.moves[move] ?? '');
  };
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {moves.map((move) => (
        <View key={move} style={{ flexGrow: 1, flexBasis: '30%' }}>
          <PlainButton
            label={label(move)}
            disabled={disabled || !canTap(now, move)}
            onPress={() => press(move)}
            grow
          />
        </View>
      ))}
    </View>
  );
}

/** The yarns that the toy has, and one that is named anew; the next tap begins with it. */
function Yarns({
  part,
  chosen,
  onChoose,
}: {
  part: PartModel;
  chosen: string | null;
  onChoose: (yarn: string) => void;
}) {
  const { toy } = useToy();
  const [named, setNamed] = useState('');
  const known = [...new Set([...toy.palette.map((y) => y.slot), ...part.fabric.colours])];
  const options = [...known, chosen ?? ''].filter((name, k, all) => name !== '' && all.indexOf(name) === k);
  const reads = named.trim() !== '' && namesYarn(named, part.terms);
  const name = () => {
    if (!reads) return;
    onChoose(named.trim().toLowerCase());
    setNamed('');
  };
  return (
    <View style={{ gap: 8 }}>
      {options.length > 0 ? (
        <Choice
          label={say.yarn}
          options={options.map((id) => ({ id, label: id }))}
          chosen={chosen}
          onChoose={onChoose}
        />
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8 }}>
        <Field label={say.another} value={named} onChange={setNamed} onDone={name} most={30} />
        <PlainButton label={say.takeYarn} disabled={!reads} onPress={name} />
      </View>
      {named.trim() === '' || reads ? null : <Quiet role="status">{say.noYarn(named.trim())}</Quiet>}
    </View>
  );
}
