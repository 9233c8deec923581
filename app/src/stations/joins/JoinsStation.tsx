import { inSentence } from '@hoppla/core/words';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import {
  guestsOf,
  holePlace,
  pauseInSeam,
  pieceKey,
  type Join,
  type Placed,
  type StoredJoin,
} from '@hoppla/core/join';
import {
  everyJoin,
  joinables,
  joinedUsually,
  modelOf,
  usualFor,
  type Joinable,
  type ToyModel,
} from '@hoppla/core/model';
import { setJoin } from '@hoppla/core/toy';
import { MainAction, PlainButton, Quiet, Scroll } from '../../controls';
import { edit, newId } from '../../documents';
import type { Pick, PickAction } from '../../stage';
import { usePalette } from '../../theme';
import { matAbove, RAIL, useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { hrefOf } from '../stations';
import { screenWords as words } from '../../words';
import { Attach, joinableName } from './Attach';
import { aimAt, change, namesOf } from './change';
import { CaughtCard } from './CaughtCard';
import { DrawnCard } from './DrawnCard';
import { JoinCard } from './JoinCard';
import { JoinsMat, type Looking, type Looks } from './JoinsMat';
import { SEAM_TAPE, SeamTape } from './SeamTape';
import { WholeToy } from './WholeToy';
import { linesOf, sideOf, workHere, type EndChoice } from './work';
import { WorkCard } from './WorkCard';

const say = words.joins;

/** What the paper shows: the whole toy, one join, the next part to attach, or work on the surface. */
type Shows =
  | { what: 'whole' }
  | { what: 'join'; id: string; stitch: number | null }
  | { what: 'attach' }
  | { what: 'work'; id: string; end: EndChoice['end'] };

/** px of the paper beside the mat. */
const PAPER = 400;
const WHOLE: Shows = { what: 'whole' };

/** The join that is shown: one that is sewn, or one that runs through its host. */
function chosenOf(model: ToyModel, shows: Shows) {
  const id = shows.what === 'join' ? shows.id : null;
  return {
    current: model.sites.find((s) => s.join.id === id) ?? null,
    drawn: model.drawn.find((s) => s.join.id === id) ?? null,
    caught: model.caught.find((s) => s.join.id === id) ?? null,
  };
}

/** The join of a part that was touched; none where it is the host on which the chosen join is put. */
function joinTouched(model: ToyModel, chosen: Join | null, piece: Placed): Join | null {
  if (chosen && pieceKey(chosen.at) === pieceKey(piece)) return null;
  return (
    everyJoin(model).find(({ join }) => guestsOf(join).some((g) => pieceKey(g) === pieceKey(piece)))?.join ??
    null
  );
}

/** What can be done with a stitch of the chosen join's host that was touched. */
const putHere =
  (join: StoredJoin | null, names: { guest: string } | null) =>
  (pick: Pick, piece: Placed): PickAction | null => {
    if (!join || !names || pick.layer !== 0 || pick.round === 0) return null;
    if (pieceKey(join.at) !== pieceKey(piece)) return null;
    const at = holePlace(piece, pick.round, pick.at === 'hole' ? pick.index : pick.index + 1);
    const label = say.here(names.guest);
    return { label, run: () => change(label, { ...join, at, hang: null }) };
  };

/** Joins: where do limbs and ears attach, how are they sewn? The whole toy stands on the mat. */
export function JoinsStation() {
  const c = usePalette();
  const { wide } = useRoom();
  const { model } = useToy();
  const [shows, show] = useState<Shows>({ what: 'whole' });
  const [looks, setLooks] = useState<Looks>({ apart: false, sides: false });
  const { current, drawn, caught } = chosenOf(model, shows);
  const gone =
    (shows.what === 'join' && !current && !drawn && !caught) ||
    (shows.what === 'work' && !model.toy.features.some((f) => f.id === shows.id));
  const shown = gone ? WHOLE : shows;
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column' }}>
      <OnMat shows={shown} show={show} looks={looks} />
      <View style={{ flex: 1, minHeight: 0, backgroundColor: c.paper }}>
        <Paper
          key={'id' in shown ? shown.id : shown.what}
          shows={shown}
          show={show}
          looking={{ looks, setLooks }}
        />
      </View>
    </View>
  );
}

interface Showing {
  shows: Shows;
  show: (next: Shows) => void;
}

/** How much of a phone the mat takes: less where a seam or a ring stands under it. */
const shareOf = (tape: boolean, ring: boolean): number => {
  if (ring) return 0.24;
  return tape ? 0.33 : 0.42;
};

/** The toy on its mat, and under it the seam of the chosen join. */
function OnMat({ shows, show, looks }: Showing & { looks: Looks }) {
  const room = useRoom();
  const { width, height, wide } = room;
  const { model } = useToy();
  const stage = wide ? width - RAIL - PAPER : width;
  const { current, drawn, caught } = chosenOf(model, shows);
  const first = current?.sites[0] ?? null;
  const chosen = current?.join ?? drawn?.join ?? null;
  const tape = first && first.seam.length > 0 ? SEAM_TAPE : 0;
  const matHeight = wide
    ? height - 56 - tape
    : matAbove(room, { least: 160, most: Infinity, share: shareOf(tape > 0, !!caught), needs: 130 });
  const stitch = shows.what === 'join' ? shows.stitch : null;
  const names = chosen ? namesOf(model, chosen) : null;
  return (
    <View style={{ width: stage }}>
      <JoinsMat
        width={stage}
        height={matHeight}
        host={chosen?.at ?? null}
        chosen={{ sites: current?.sites ?? [], exits: drawn?.sites[0]?.exits ?? null, stitch }}
        looks={looks}
        from={shows.what === 'work' ? sideOf(model, shows.id) : null}
        lines={shows.what === 'work' ? linesOf(model, shows.id) : []}
        aimed={(way) => first && aimAt(model, first, way)}
        action={shows.what === 'work' ? workHere(model, shows.id, shows.end) : putHere(chosen, names)}
        onTouch={(piece) => {
          const touched = joinTouched(model, chosen, piece);
          if (touched) show({ what: 'join', id: touched.id, stitch: null });
        }}
      />
      {first && names && tape > 0 ? (
        <SeamTape
          key={first.join.id}
          site={first}
          {...names}
          chosen={stitch}
          onChoose={(k) => show({ what: 'join', id: first.join.id, stitch: k })}
          pauseAfter={pauseInSeam(first, modelOf(model, first.join.guest.part).form)}
          width={stage}
        />
      ) : null}
    </View>
  );
}

/** What can still be attached, which of it is next and to what, and attaching it. */
function useNext(show: (next: Shows) => void) {
  const { model } = useToy();
  const loose = joinables(model);
  const [[guestId, hostId], choose] = useState<readonly [string | null, string | null]>([null, null]);
  const guest = loose.find((j) => j.part.part.id === guestId) ?? loose[0] ?? null;
  const host = guest && (guest.hosts.find((p) => p.part.id === hostId) ?? guest.usualHost);
  const attach = () => {
    const join = guest && host && usualFor(model, guest.part, host, newId);
    if (!join) return;
    edit(say.attach(guest.part.name, host.name), { station: 'joins', join: join.id }, (toy) =>
      setJoin(toy, join),
    );
    choose([null, null]);
    show({ what: 'join', id: join.id, stitch: null });
  };
  return { loose, guest, host, attach, choose };
}

/** The paper of the station with its one main action; keyed by what it shows, so that it is seen from its top. */
function Paper({ shows, show, looking }: Showing & { looking: Looking }) {
  const { wide } = useRoom();
  const { model, writing } = useToy();
  const { loose, guest, host, attach, choose } = useNext(show);
  const asked = shows.what === 'attach' ? guest : null;
  return (
    <>
      <Scroll contentContainerStyle={{ padding: wide ? 20 : 16, gap: 12 }}>
        {asked ? (
          <Attach
            all={loose}
            guest={asked}
            host={host?.part.id ?? null}
            onGuest={(id) => choose([id, null])}
            onHost={(id) => choose([asked.part.part.id, id])}
          />
        ) : null}
        {asked ? null : <Card shows={shows} show={show} looking={looking} />}
        {model.pieces.length < 2 ? <Quiet>{say.needTwo}</Quiet> : null}
      </Scroll>
      <Foot
        shows={shows}
        show={show}
        loose={loose}
        guest={guest}
        host={host?.name ?? null}
        writing={writing}
        onAttach={attach}
      />
    </>
  );
}

/** The chosen join, the chosen work on the surface, or the whole toy. */
function Card({ shows, show, looking }: Showing & { looking: Looking }) {
  const { model } = useToy();
  const { current, drawn, caught } = chosenOf(model, shows);
  const showJoin = (id: string) => show({ what: 'join', id, stitch: null });
  if (current)
    return (
      <JoinCard
        {...current}
        model={model}
        stitch={shows.what === 'join' ? shows.stitch : null}
        onCaught={showJoin}
      />
    );
  if (drawn) return <DrawnCard {...drawn} model={model} />;
  if (caught) return <CaughtCard {...caught} model={model} />;
  if (shows.what === 'work') {
    const ends = { end: shows.end, setEnd: (end: EndChoice['end']) => show({ ...shows, end }) };
    return <WorkCard id={shows.id} model={model} ends={ends} />;
  }
  const showWork = (id: string) => show({ what: 'work', id, end: 'from' });
  return <WholeToy model={model} looking={looking} onChoose={showJoin} onWork={showWork} />;
}

/** The main action: the next part to attach, with its usual place; when all are, the order of work. */
function Foot({
  shows,
  show,
  loose,
  guest,
  host,
  writing,
  onAttach,
}: {
  shows: Shows;
  show: (next: Shows) => void;
  loose: readonly Joinable[];
  guest: Joinable | null;
  host: string | null;
  writing: boolean;
  onAttach: () => void;
}) {
  const router = useRouter();
  const { toy } = useToy();
  const all = () => {
    edit(say.all(loose.length), { station: 'joins' }, (now) => joinedUsually(now, newId));
    show({ what: 'whole' });
  };
  return (
    <View style={{ padding: 16, paddingTop: 8, flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {shows.what === 'whole' ? null : (
        <PlainButton label={say.whole} onPress={() => show({ what: 'whole' })} />
      )}
      {guest && shows.what === 'whole' ? (
        <PlainButton label={say.add} disabled={!writing} onPress={() => show({ what: 'attach' })} />
      ) : null}
      {loose.length > 1 && shows.what === 'whole' ? (
        <PlainButton label={say.all(loose.length)} disabled={!writing} onPress={all} />
      ) : null}
      {guest && host ? (
        <MainAction
          label={say.attach(joinableName(guest), inSentence.name(host))}
          disabled={!writing}
          onPress={onAttach}
        />
      ) : (
        <MainAction label={say.keep} onPress={() => router.push(hrefOf(toy.id, 'plan'))} />
      )}
    </View>
  );
}
