import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import { pauseInSeam, seamEndMm, seamKind, type SewnJoin, type JoinSite } from '@hoppla/core/join';
import { modelOf, type ToyModel } from '@hoppla/core/model';
import { isUnder36 } from '@hoppla/core/safety';
import { inSentence, pinWords, planWords } from '@hoppla/core/words';
import { Choice, PlainButton, Quiet, Tag, Toggle, Words } from '../../controls';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { change, namesOf } from './change';

const say = words.joins;

/** How it is sewn: the stitch, the end of yarn, where it stops for the last fill, pins. */
export function Sewing({
  join,
  site,
  model,
  stitch,
}: {
  join: SewnJoin;
  site: JoinSite;
  model: ToyModel;
  /** the stitch that is walked to on the tape */
  stitch: number | null;
}) {
  const { units, toy } = useToy();
  const { guest, host } = namesOf(model, join);
  const part = modelOf(model, join.seam.yarn === 'host' ? join.at.part : join.guest.part);
  const twice = join.seam.twice || isUnder36(toy.settings.age);
  const kind = seamKind(site);
  const end = seamEndMm(kind, site.guestEdge, part.gauge.stitchMm, twice);
  const pause = pauseInSeam(site, modelOf(model, join.guest.part).form);
  return (
    <View style={{ gap: 8 }}>
      <Words fontWeight="600">{say.sewing}</Words>
      <Words>{`${planWords.seamKinds[kind]}.`}</Words>
      <Words>{say.end(units.end(end), inSentence.name(part.name))}</Words>
      <Beginning join={join} site={site} stitch={stitch} />
      {pause === null ? null : <Words>{say.pause(pause, site.seam.length)}</Words>}
      <Pins site={site} />
      <Choice
        label={say.yarn}
        options={[
          { id: 'guest' as const, label: guest },
          { id: 'host' as const, label: host },
        ]}
        chosen={join.seam.yarn}
        onChoose={(yarn) => change(say.yarn, { ...join, seam: { ...join.seam, yarn } })}
      />
      <Toggle
        label={say.twice}
        on={twice}
        onChange={(on) => change(say.twice, { ...join, seam: { ...join.seam, twice: on } })}
      />
    </View>
  );
}

/** Where the seam begins: at the guest's own tail, or at the stitch that was walked to. */
function Beginning({ join, site, stitch }: { join: SewnJoin; site: JoinSite; stitch: number | null }) {
  const wanted = stitch === null || stitch === 0 ? null : (site.seam[stitch]?.edge ?? null);
  const begin = (startAt: number | null) => change(say.begin, { ...join, seam: { ...join.seam, startAt } });
  if (wanted === null && join.seam.startAt === null) return null;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {wanted === null ? null : <PlainButton label={say.beginAt(wanted)} onPress={() => begin(wanted)} />}
      {join.seam.startAt === null ? null : (
        <PlainButton label={say.beginAtTail} onPress={() => begin(null)} />
      )}
    </View>
  );
}

/** The pins that hold the seam while it is sewn. */
function Pins({ site }: { site: JoinSite }) {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {site.pins.map((p) => (
        <View key={p.at} style={{ flexDirection: 'row', alignItems: 'center', gap: 6 }}>
          <Quiet>{pinWords[p.at]}</Quiet>
          <Tag of={pinWords[p.at]} {...holeTag(p.name)} />
        </View>
      ))}
    </View>
  );
}
