import { useState } from 'react';
import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import { holePlace, movedJoin, pieceKey, type JoinSite, type SewnJoin } from '@hoppla/core/join';
import {
  copyName,
  isAbout,
  meetingsOf,
  meetingWords,
  modelOf,
  wayOut,
  type ToyModel,
} from '@hoppla/core/model';
import { joinWords, planWords } from '@hoppla/core/words';
import { Choice, Meaning, ProblemLine, Quiet, Tag, Title, Toggle } from '../../controls';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { change, namesOf } from './change';
import { Held, TakeOff } from './Held';
import { JoinNudges } from './Nudges';
import { EdgeChoice, Pointing } from './Pointing';
import { Saying } from './Saying';
import { Sewing } from './Sewing';
import { SetOf } from './SetOf';

const say = words.joins;

interface CardProps {
  join: SewnJoin;
  sites: readonly JoinSite[];
  model: ToyModel;
}

/** One join: where it is, how it points, which edge, how it is sewn, and its small steps. */
export function JoinCard({
  join,
  sites,
  model,
  stitch,
  onCaught,
}: CardProps & { stitch: number | null; onCaught: (join: string) => void }) {
  const { guest, host } = namesOf(model, join);
  const [first, twin] = sites;
  const { units } = useToy();
  const [chosen, setWhich] = useState<0 | 1>(0);
  const which = join.twin?.at ? chosen : 0;
  return (
    <>
      <Title role="heading" aria-level={2}>
        {say.title(join.twin ? say.pair(guest) : guest, host)}
      </Title>
      <JoinProblems join={join} sites={sites} model={model} />
      <WhereSewn sites={sites} guest={guest} />
      {twin ? <Quiet>{join.twin?.at ? say.ownTwin : say.twin(units.fine(twin.missMm))}</Quiet> : null}
      {twin ? <TwinChoice join={join} twin={twin} which={which} setWhich={setWhich} model={model} /> : null}
      {first?.how === 'surface' ? (
        <JoinNudges
          model={model}
          join={join}
          at={twin && which === 1 ? twin : first}
          pair={join.twin !== null && join.twin.at === null}
          put={(moved) =>
            which === 1 && join.twin ? { ...join, twin: { ...join.twin, at: moved.at } } : moved
          }
        />
      ) : null}
      <Held join={join} model={model} sites={sites} onCaught={onCaught} />
      {first ? <Saying join={join} model={model} /> : null}
      {first ? <Pointing join={join} site={first} /> : null}
      <EdgeChoice join={join} model={model} />
      {first ? <Sewing join={join} site={first} model={model} stitch={stitch} /> : null}
      <SetOf join={join} model={model} />
      <Meaning of="tag" />
      <TakeOff join={join} />
    </>
  );
}

/** Where each of its copies is sewn. */
function WhereSewn({ sites, guest }: { sites: readonly JoinSite[]; guest: string }) {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {sites.map((s) =>
        s.name ? (
          <Tag key={s.copy} of={guest} {...holeTag(s.name)} />
        ) : (
          <Tag key={s.copy} of={guest} rounds={say.how[s.how]} stitches={words.face.st(s.guestEdge)} />
        ),
      )}
    </View>
  );
}

/** What is wrong with a join, what it is in the way of, and the nearest way out. */
function JoinProblems({ join, sites, model }: CardProps) {
  const { guest, host } = namesOf(model, join);
  const [first] = sites;
  const fault = model.joinFaults.find((f) => f.join.id === join.id);
  const placed = model.placed.find((p) => pieceKey(p) === pieceKey(join.at));
  if (fault || !first)
    return (
      <ProblemLine
        where={guest}
        sentence={fault ? planWords.joinFault[fault.fault](guest, host) : say.homeless}
        severity="error"
      />
    );
  return (
    <>
      {first.state === 'moved' && placed ? (
        <ProblemLine
          where={guest}
          sentence={say.toSettle}
          severity="warning"
          mends={[
            {
              title: words.face.moved,
              onPress: () => change(words.face.moved, movedJoin(placed, join, first, 'keep')?.join ?? null),
            },
          ]}
        />
      ) : null}
      {first.seam.length === 0 ? (
        <ProblemLine where={guest} sentence={joinWords.tooFew(guest, host)} severity="error" />
      ) : null}
      {first.footprint?.cut ? (
        <ProblemLine where={guest} sentence={joinWords.cut(guest, host)} severity="warning" />
      ) : null}
      <InTheWay join={join} sites={sites} model={model} />
    </>
  );
}

/** What a join is in the way of, and the nearest way out. */
function InTheWay({ join, sites, model }: CardProps) {
  const { guest } = namesOf(model, join);
  const { units } = useToy();
  const inWay = meetingsOf(model).filter((m) =>
    m.what === 'parts' ? sites.some((s) => [m.a.copy, m.b.copy].includes(s.copy)) : isAbout(m, join.id),
  );
  const [stuck, setStuck] = useState(false);
  const clear = () => {
    const out = wayOut(model, join.id);
    setStuck(!out);
    if (out) change(say.clear, out.join);
  };
  return (
    <>
      {inWay.slice(0, 2).map((m, k) => (
        <ProblemLine
          key={k}
          where={guest}
          sentence={
            stuck ? `${meetingWords(model, m, units)} ${joinWords.noWayOut}` : meetingWords(model, m, units)
          }
          severity="warning"
          mends={m.what === 'parts' ? [] : [{ title: say.clear, onPress: clear }]}
        />
      ))}
    </>
  );
}

/** Twins mirror each other, or each has its own place. */
function TwinChoice({
  join,
  twin,
  which,
  setWhich,
  model,
}: {
  join: SewnJoin;
  twin: JoinSite;
  which: 0 | 1;
  setWhich: (which: 0 | 1) => void;
  model: ToyModel;
}) {
  const linked = !join.twin?.at;
  const part = modelOf(model, join.guest.part);
  const copies = [join.guest.copy, twin.copy];
  const unlink = () => {
    const host = model.placed.find((p) => pieceKey(p) === pieceKey(join.at));
    const at = host && holePlace(host, twin.round, twin.index);
    change(say.mirrored, { ...join, twin: { copy: twin.copy, at: linked && at ? at : null } });
  };
  return (
    <>
      <Toggle label={say.mirrored} on={linked} onChange={unlink} />
      {linked ? null : (
        <Choice
          label={say.which}
          options={copies.map((copy, k) => ({ id: String(k), label: copyName(part, copy) }))}
          chosen={String(which)}
          onChoose={(id) => setWhich(id === '1' ? 1 : 0)}
        />
      )}
    </>
  );
}
