import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { pieceKey, type CaughtJoin, type CaughtSite } from '@hoppla/core/join';
import {
  asymmetryOf,
  besideFront,
  fitted,
  gapsOf,
  joinRoundsOf,
  mirroredClamps,
  modelOf,
  spreadEvenly,
  withClamp,
  withEnd,
  writtenRound,
  type JoinRound,
  type PartModel,
  type ToyModel,
} from '@hoppla/core/model';
import { mendPart } from '@hoppla/core/toy';
import { numberSaid, planWords } from '@hoppla/core/words';
import { Nudge, PlainButton, ProblemLine, Quiet, Title, Words } from '../../controls';
import { edit, newId } from '../../documents';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { hrefOf } from '../stations';
import { screenWords as words } from '../../words';
import { namesOf } from './change';
import { HeldInRound } from './HeldInRound';
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
        {join.onto
          ? say.begunOn(host, guest)
          : say.caughtTitle(label, host, round?.clamps.map((c) => c.name) ?? [guest])}
      </Title>
      {round ? (
        <JoinRoundEditor key={join.id} join={join} round={round} model={model} />
      ) : (
        <>
          <Words>{join.onto ? say.caughtOnto(guest, label, join.over) : say.caughtWhole(guest, label)}</Words>
          {join.onto ? <Crotch part={part} /> : null}
          {sites[0] ? <HeldInRound site={sites[0]} model={model} /> : null}
        </>
      )}
      <CaughtProblems join={join} sites={sites} model={model} round={round} />
      <ToText />
    </>
  );
}

/** What lies between two legs that a part is begun on. */
function Crotch({ part: { fabric, gauge } }: { part: PartModel }) {
  const { units } = useToy();
  const { chain } = fabric.start;
  return <Words>{say.crotch(chain, units.length(chain * gauge.stitchMm))}</Words>;
}

/** What is wrong with what a round catches. */
function CaughtProblems({ join, sites, model, round }: CaughtProps & { round: JoinRound | undefined }) {
  const { guest, host } = namesOf(model, join);
  const fault = model.joinFaults.find((f) => f.join.id === join.id)?.fault;
  const [site] = sites;
  const over = model.caughtFaults.filter((f) => f.host.part === join.at.part && f.round === join.round);
  const unfinished = modelOf(model, join.guest.part).problems.filter((p) => p.severity === 'error').length;
  const differs = round && round.clamps.length > 1 ? asymmetryOf(round) : 0;
  const beside = round && differs === 0 ? besideFront(round) : 0;
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
      {unfinished > 0 ? (
        <ProblemLine where={guest} sentence={say.unfinished(guest, unfinished)} severity="error" />
      ) : null}
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
      {beside !== null && Math.abs(beside) >= 1 ? (
        <ProblemLine where={host} sentence={say.ringBeside(toHalves(Math.abs(beside)))} severity="note" />
      ) : null}
    </>
  );
}

/** Changing what a round catches: the change is written into its text. Steps on end are gathered where `key` says so. */
function useRound({ join, round, model }: { join: CaughtJoin; round: JoinRound; model: ToyModel }) {
  const part = modelOf(model, join.at.part);
  return (name: string, clamps: JoinRound['clamps'] | null, key?: string) => {
    const change = clamps && writtenRound(part, round, clamps);
    if (change) edit(name, { station: 'joins' }, (now) => mendPart(now, part.part.id, [change], newId), key);
  };
}

/** The ring of the round, and steps of the chosen clamp. */
function JoinRoundEditor({ join, round, model }: { join: CaughtJoin; round: JoinRound; model: ToyModel }) {
  const { writing } = useToy();
  const { width, wide } = useRoom();
  const part = modelOf(model, join.at.part);
  const [chosen, choose] = useState(() => round.clamps.findIndex((c) => c.at === join.first));
  const at = Math.max(0, Math.min(chosen, round.clamps.length - 1));
  const put = useRound({ join, round, model });
  const key = `ring:${part.part.id}:${round.round}`;
  const here = model.caught.filter(
    (c) => pieceKey(c.join.at) === pieceKey(join.at) && c.join.round === round.round,
  );
  const siteOf = (clamp: JoinRound['clamps'][number]) =>
    here.find((c) => c.join.first === clamp.at && !c.join.whole)?.sites[0];
  const layersOf = (clamp: JoinRound['clamps'][number]) => siteOf(clamp)?.layers ?? 2;
  const held = siteOf(round.clamps[at]);
  const whole = here.some((c) => c.join.whole);
  return (
    <>
      <Budget round={round} put={writing ? put : null} />
      <Ring
        round={round}
        layers={{ bare: whole ? 2 : 1, clamps: round.clamps.map(layersOf) }}
        chosen={at}
        onChoose={choose}
        onShift={
          round.fill && writing
            ? (by, end) =>
                put(say.ringOn, end ? withEnd(round, at, end, by) : withClamp(round, at, { by }), key)
            : null
        }
        label={say.ring(round.label, round.slots)}
        size={wide ? 340 : Math.min(width - 32, 360)}
      />
      <Words>
        {say.ringSum(
          gapsOf({ ...round, slots: round.written }),
          round.clamps.map((c) => `${c.name} ${c.over}`),
          round.written,
        )}
      </Words>
      <Steps round={round} at={at} put={(name, clamps) => put(name, clamps, `${key}:${name}`)} />
      {held ? <HeldInRound key={held.join.id} site={held} model={model} /> : null}
    </>
  );
}

/** A round that has more than its slots, or fewer, with its mend. */
function Budget({ round, put }: { round: JoinRound; put: PutClamps | null }) {
  if (round.written === round.slots) return null;
  const fit = say.ringFit(round.written - round.slots);
  const mended = round.fill && put ? fitted(round) : null;
  return (
    <ProblemLine
      where={round.label}
      sentence={say.ringOver(round.written, round.slots)}
      severity="error"
      mends={mended ? [{ title: fit, onPress: () => put?.(fit, mended) }] : []}
    />
  );
}

type PutClamps = (name: string, clamps: JoinRound['clamps'] | null) => void;

/** Small steps of the chosen clamp, and all of them spread or mirrored; a round that is written otherwise is changed as text. */
function Steps({ round, at, put }: { round: JoinRound; at: number; put: PutClamps }) {
  const { writing } = useToy();
  const clamp = round.clamps[at];
  const span = (c: JoinRound['clamps'][number]) => `${c.at + 1}–${c.at + c.over}`;
  const moves = [
    { name: say.ringBack, arrow: '↶', to: { by: -1 } },
    { name: say.ringOn, arrow: '↷', to: { by: 1 } },
    { name: say.ringNarrower, arrow: '−', to: { wider: -1 } },
    { name: say.ringWider, arrow: '+', to: { wider: 1 } },
  ].map((m) => ({ ...m, clamps: withClamp(round, at, m.to) }));
  if (!round.fill) return <Quiet>{say.ringAsText}</Quiet>;
  const mirrored = mirroredFor(round);
  return (
    <>
      <Words fontWeight="600">{say.ringClamp(clamp.name, clamp.at + 1, clamp.at + clamp.over)}</Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {moves.map((m) => (
          <Nudge
            key={m.name}
            direction={m.name}
            arrow={m.arrow}
            result={m.clamps ? span(m.clamps[at]) : words.surface.noFurther}
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
        {mirrored ? (
          <PlainButton
            label={say.ringMirror}
            disabled={!writing}
            onPress={() => put(say.ringMirror, mirrored)}
          />
        ) : null}
      </View>
      {clamp.at === 0 || clamp.at + clamp.over === round.slots ? <Quiet>{say.ringStart}</Quiet> : null}
      <Quiet>{say.ringHow}</Quiet>
    </>
  );
}

/** Slots to the nearest half: the middle of a clamp is a slot or between two. */
const toHalves = (slots: number): string => numberSaid(Math.round(slots * 2) / 2);

/** A round mirrored about the front, where it is not so already. */
function mirroredFor(round: JoinRound): JoinRound['clamps'] | null {
  const clamps = mirroredClamps(round);
  return clamps && clamps.some((c, k) => c.at !== round.clamps[k].at) ? clamps : null;
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
