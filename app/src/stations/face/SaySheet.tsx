import { useState } from 'react';
import { View } from 'react-native';
import { centredPair, pairWords, readPlaceWords, roundWords, tagOf, type PlaceContext, type PlaceReading } from '@hoppla/core/address';
import { pairSaid, type EyePair } from '@hoppla/core/feature';
import { screenWords as words } from '@hoppla/core/words';
import { Field, MainAction, Press, Quiet, Sheet, Words } from '../../controls';
import { usePalette } from '../../theme';

const say = words.face;

/** The place of the eyes said in the maker's own words: every reading of them is shown, and one is chosen. */
export function SaySheet({ context, eyes, onPlace, onClose }: { context: PlaceContext; eyes: EyePair; onPlace: (eyes: EyePair) => void; onClose: () => void }) {
  const c = usePalette();
  const [typed, setTyped] = useState('');
  const [chosen, setChosen] = useState(0);
  const { readings, problem } = readPlaceWords(typed, context);
  const inHoles = readings.filter((r) => r.said.what === 'pair' && r.said.at === 'hole');
  const inMiddles = readings.filter((r) => r.said.what === 'pair' && r.said.at === 'middle');
  // Through the middles of stitches is not placed yet: the holes above and below them are offered instead.
  const pairs = inHoles.length ? inHoles : inMiddles.flatMap((r) => holesNear(context, r));
  const reading = pairs[Math.min(chosen, pairs.length - 1)] ?? null;
  const fault = typed.trim() === '' ? null : problem ? problem.sentence : inHoles.length ? null : inMiddles.length ? say.middlesNotYet : say.onePlace;
  const place = () => {
    if (reading?.said.what === 'pair') onPlace(pairSaid(context.form, eyes, reading.said, reading.along));
  };
  return (
    <Sheet title={say.sayTitle} onClose={onClose} foot={<MainAction label={reading ? say.placeThem(tagOf(context, reading.said).split(' |')[0]) : say.sayFirst} disabled={!reading} onPress={place} />}>
      <Field label={say.sayLabel} value={typed} onChange={(text) => (setTyped(text), setChosen(0))} onDone={place} placeholder={say.sayHint} most={200} />
      <Quiet>{say.sayHow}</Quiet>
      {fault ? <Words role="alert" color={c.coralInk}>{fault}</Words> : null}
      {inHoles.length > 1 ? <Words fontWeight="600">{say.whichReading}</Words> : null}
      <View role="radiogroup" aria-label={say.whichReading} style={{ gap: 8 }}>
        {pairs.map((r, i) => (
          <Reading key={tagOf(context, r.said)} context={context} reading={r} chosen={r === reading} onPress={() => setChosen(i)} />
        ))}
      </View>
    </Sheet>
  );
}

/** The pairs of holes at the foot and at the top of a round's stitches, as far apart as its middles were to be. */
function holesNear(context: PlaceContext, { said, along }: PlaceReading): PlaceReading[] {
  if (said.what !== 'pair') return [];
  return [said.round, said.round + 1].filter((round) => round > 0 && round < context.form.rounds.length).map((round) => ({ said: centredPair(context, round, 'hole', said.on), round: 'between-rounds', along: along === 'stitches-on' || along === 'tag' ? 'holes-on' : along }));
}

/** One reading: how it counts, and what that is in the other schools. */
function Reading({ context, reading, chosen, onPress }: { context: PlaceContext; reading: PlaceReading; chosen: boolean; onPress: () => void }) {
  const c = usePalette();
  if (reading.said.what !== 'pair') return null;
  const schools = pairWords(context, reading.said);
  const own = schools.find((s) => s.school === reading.along) ?? schools[0];
  const round = roundWords(context, reading.said);
  const rest = [round[0], ...round.filter((r) => r.school === reading.round && r !== round[0]), ...schools.filter((s) => s !== own && ['stitches-between', 'holes-showing', 'mm-straight'].includes(s.school))];
  return (
    <Press role="radio" chosen={chosen} onPress={onPress} style={{ paddingHorizontal: 12, paddingVertical: 8, backgroundColor: chosen ? c.sunk : c.raise, borderWidth: chosen ? 2.5 : 1.5, borderColor: chosen ? c.ink : c.edge, borderRadius: 6 }}>
      <Words fontWeight="700">{`${chosen ? '✓ ' : ''}${own.words}`}</Words>
      <Quiet>{rest.map((s) => s.words).join('; ')}</Quiet>
    </Press>
  );
}
