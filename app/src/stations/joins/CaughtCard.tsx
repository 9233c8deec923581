import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { pieceKey, type CaughtJoin, type CaughtSite } from '@hoppla/core/join';
import {
  asymmetryOf,
  gapsOf,
  joinRoundsOf,
  modelOf,
  spreadEvenly,
  withClamp,
  writtenRound,
  type JoinRound,
  type ToyModel,
} from '@hoppla/core/model';
import { mendPart } from '@hoppla/core/toy';
import { planWords } from '@hoppla/core/words';
import { Nudge, PlainButton, ProblemLine, Quiet, Title, Words } from '../../controls';
import { edit, newId } from '../../documents';
import { useToy } from '../frame/useToy';
import { hrefOf } from '../stations';
import { screenWords as words } from '../../words';
import { namesOf } from './change';
import { Ring } from './Ring';

const say = words.joins;

interface CaughtProps {
  join: CaughtJoin;
  sites: readonly CaughtSite[];
  model: ToyModel;
}

/** A part caught in a round: the whole round as a ring of slots, what it catches, and its small steps, which are written into the text. */
export function CaughtCard({ join, sites, model }: CaughtProps) {
  const { guest, host } = namesOf(model, join);
  const part = modelOf(model, join.at.part);
  const piece = model.pieces.find((p) => pieceKey(p) === pieceKey(join.at));
  const round = piece ? joinRoundsOf(part, piece).find((r) => r.round === join.round) : undefined;
  const { label } = part.fabric.rounds[join.round];
  return (
    <>
      <Title role="heading" aria-level={2}>
        {say.caughtTitle(guest, host, label)}
      </Title>
      {round ? (
        <JoinRoundEditor key={join.id} join={join} round={round} model={model} />
      ) : (
        <Words>{say.caughtWhole(guest, label)}</Words>
      )}
      <CaughtProblems join={join} sites={sites} model={model} round={round} />
      <ToText />
    </>
  );
}

/** What is wrong with what a round catches. */
function CaughtProblems({ join, sites, model, round }: CaughtProps & { round: JoinRound | undefined }) {
  const { guest, host } = namesOf(model, join);
  const fault = model.joinFaults.find((f) => f.join.id === join.id)?.fault;
  const [site] = sites;
  const over = model.caughtFaults.filter((f) => f.host.part === join.at.part && f.round === join.round);
  const differs = round && round.clamps.length > 1 ? asymmetryOf(round) : 0;
  return (
    <>
      {fault ? (
        <ProblemLine where={guest} sentence={planWords.joinFault[fault](guest, host)} severity="error" />
      ) : null}
      {over.map((f) => (
        <ProblemLine
          key={f.name}
          where={f.name}
          sentence={say.caughtTooMany(f.name, f.caught, f.made)}
          severity="error"
        />
      ))}
      {site && site.guestEdge !== join.over ? (
        <ProblemLine
          where={guest}
          sentence={say.caughtEdge(guest, site.guestEdge, join.over)}
          severity="warning"
        />
      ) : null}
      {differs === 0 ? null : (
        <ProblemLine
          where={host}
          sentence={differs === null ? say.notMirrored : say.gapsDiffer(differs)}
          severity="note"
        />
      )}
    </>
  );
}

/** The ring of the round, and steps of the chosen clamp. */
function JoinRoundEditor({ join, round, model }: { join: CaughtJoin; round: JoinRound; model: ToyModel }) {
  const { writing } = useToy();
  const part = modelOf(model, join.at.part);
  const [chosen, choose] = useState(() => round.clamps.findIndex((c) => c.at === join.first));
  const at = Math.max(0, Math.min(chosen, round.clamps.length - 1));
  const clamp = round.clamps[at];
  const put = (name: string, clamps: JoinRound['clamps'] | null) => {
    const change = clamps && writtenRound(part, round, clamps);
    if (change)
      edit(
        name,
        { station: 'joins' },
        (now) => mendPart(now, part.part.id, [change], newId),
        `ring:${part.part.id}`,
      );
  };
  const moves = [
    { name: say.ringBack, arrow: '↶', to: { by: -1 } },
    { name: say.ringOn, arrow: '↷', to: { by: 1 } },
    { name: say.ringNarrower, arrow: '−', to: { wider: -1 } },
    { name: say.ringWider, arrow: '+', to: { wider: 1 } },
  ].map((m) => ({ ...m, clamps: withClamp(round, at, m.to) }));
  const held = round.clamps.reduce((sum, c) => sum + c.over, 0);
  return (
    <>
      <Ring
        round={round}
        chosen={at}
        onChoose={choose}
        left={part.form.direction === 1}
        label={say.ring(round.label, round.slots)}
      />
      <Words>
        {say.ringSum(
          gapsOf(round),
          round.clamps.map((c) => `${c.name} ${c.over}`),
          round.slots,
        )}
      </Words>
      <Quiet>{say.ringBudget(held, round.slots - held)}</Quiet>
      {round.fill ? (
        <>
          <Words fontWeight="600">{say.ringClamp(clamp.name, clamp.at + 1, clamp.at + clamp.over)}</Words>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {moves.map((m) => (
              <Nudge
                key={m.name}
                direction={m.name}
                arrow={m.arrow}
                result={
                  m.clamps
                    ? `${m.clamps[at].at + 1}–${m.clamps[at].at + m.clamps[at].over}`
                    : words.face.cannot
                }
                disabled={!m.clamps || !writing}
                repeats
                onPress={() => put(m.name, m.clamps)}
              />
            ))}
          </View>
          <View style={{ flexDirection: 'row', gap: 8 }}>
            <PlainButton
              label={say.ringEven}
              disabled={!writing}
              onPress={() => put(say.ringEven, spreadEvenly(round))}
            />
          </View>
        </>
      ) : (
        <Quiet>{say.ringAsText}</Quiet>
      )}
      <Quiet>{say.ringHow}</Quiet>
    </>
  );
}

/** What is caught is written in the text. */
function ToText() {
  const router = useRouter();
  const { toy } = useToy();
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      <PlainButton label={say.toText} onPress={() => router.push(hrefOf(toy.id, 'parts'))} />
    </View>
  );
}
