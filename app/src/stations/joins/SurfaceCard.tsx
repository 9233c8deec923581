import { useState } from 'react';
import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import { LINES_OVER, type SurfaceWork } from '@hoppla/core/feature';
import { hookName } from '@hoppla/core/figures';
import { modelOf, usualEnd, type SurfaceSite, type SurfaceState, type ToyModel } from '@hoppla/core/model';
import { decimals, surfaceWords } from '@hoppla/core/words';
import {
  Choice,
  Field,
  Nudge,
  PlainButton,
  ProblemLine,
  Quiet,
  Tag,
  Title,
  Toggle,
  Words,
} from '../../controls';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { SpotNudges, YarnChoice } from './SpotNudges';
import { changeWork, type EndChoice } from './work';

const say = words.surface;

/** A line of fins or spikes: how many, how far apart, where each stands, what is in its way, and its small steps. */
export function SurfaceCard({
  state,
  model,
  ends,
}: {
  state: SurfaceState;
  model: ToyModel;
  ends: EndChoice;
}) {
  const { feature, fault, words: why, sites } = state;
  const { units } = useToy();
  return (
    <>
      <Title role="heading" aria-level={2}>
        {say.lineOn(feature.name, modelOf(model, feature.part).name)}
      </Title>
      {fault ? (
        <ProblemLine
          where={feature.name}
          sentence={surfaceWords.fault[fault](feature.name, why ?? '')}
          severity="error"
        />
      ) : null}
      {sites[0] ? <Measures state={state} site={sites[0]} model={model} /> : null}
      <Motif key={feature.motif} feature={feature} />
      <Counts feature={feature} />
      <Ends feature={feature} model={model} ends={ends} />
      <Choice
        label={say.over}
        options={LINES_OVER.map((id) => ({ id, label: surfaceWords.over[id] }))}
        chosen={feature.over}
        onChoose={(over) => changeWork(say.over, { ...feature, over })}
      />
      <Toggle
        label={say.twin}
        on={feature.twin}
        onChange={(twin) => changeWork(say.twin, { ...feature, twin })}
      />
      <YarnChoice model={model} work={feature} />
      {sites.map((site, k) => (
        <Stations key={k} site={site} model={model} />
      ))}
      {sites[0] ? <Quiet>{say.yarnOf(units.yarn(state.yarnM * 1000))}</Quiet> : null}
    </>
  );
}

/** The numbers of a line, and what is wrong with them. */
function Measures({ state, site, model }: { state: SurfaceState; site: SurfaceSite; model: ToyModel }) {
  const { units } = useToy();
  const { feature, mirrorMissMm } = state;
  const onSeam = site.stations.flatMap((s, k) => (s.onSeam ? [k + 1] : []));
  const fits = site.freeStitches > -0.05 || feature.stations === 1;
  const told = [
    ...(site.line.seams.length > 0 ? [surfaceWords.seams(site.line.seams.length)] : []),
    ...(onSeam.length > 0 ? [surfaceWords.onSeam(onSeam)] : []),
    ...(site.offMiddleMm !== null ? [surfaceWords.offMiddle(units.fine(site.offMiddleMm))] : []),
    ...(mirrorMissMm !== null ? [surfaceWords.mirrored(units.fine(mirrorMissMm))] : []),
  ];
  return (
    <>
      <Words fontWeight="600">
        {feature.stations > 1
          ? `${surfaceWords.stations(feature.stations, units.fine(site.gapMm))}; ${freeWords(site)}`
          : surfaceWords.one}
      </Words>
      {fits ? null : (
        <ProblemLine
          where={feature.name}
          sentence={surfaceWords.doesNotFit(feature.stations, site.most)}
          severity="error"
          mends={[
            {
              title: say.take(site.most),
              onPress: () => changeWork(say.count, { ...feature, stations: site.most }),
            },
          ]}
        />
      )}
      <InItsWay feature={feature} site={site} model={model} />
      {told.map((line) => (
        <Quiet key={line}>{upper(line)}</Quiet>
      ))}
    </>
  );
}

/** Eyes and noses that it goes over, and what of it lies under another part. */
function InItsWay({ feature, site, model }: { feature: SurfaceWork; site: SurfaceSite; model: ToyModel }) {
  const { units } = useToy();
  return (
    <>
      {site.over.map((id) => (
        <ProblemLine
          key={id}
          where={feature.name}
          sentence={surfaceWords.overFeature(
            feature.name,
            model.toy.features.find((f) => f.id === id)?.kind === 'nose' ? say.aNose : say.anEye,
          )}
          severity="warning"
        />
      ))}
      {site.line.buriedMm > 1 ? (
        <ProblemLine
          where={feature.name}
          sentence={surfaceWords.buried(feature.name, units.length(site.line.buriedMm))}
          severity="warning"
        />
      ) : null}
    </>
  );
}

const freeWords = ({ freeStitches }: SurfaceSite): string =>
  freeStitches < 0.05
    ? surfaceWords.tight
    : surfaceWords.free(words.face.st(decimals(Math.round(freeStitches * 10) / 10, 1)));

const upper = (line: string): string => `${line.charAt(0).toUpperCase()}${line.slice(1)}.`;

/** What is worked at each, as it is written. */
function Motif({ feature }: { feature: SurfaceWork }) {
  const [typed, setTyped] = useState(feature.motif);
  const put = () => {
    if (typed.trim() !== feature.motif) changeWork(say.motif, { ...feature, motif: typed.trim() });
  };
  return (
    <View style={{ flexDirection: 'row', alignItems: 'flex-end', gap: 8, flexWrap: 'wrap' }}>
      <Field label={say.motif} value={typed} onChange={setTyped} onDone={put} most={200} />
      <PlainButton label={say.motifPut} onPress={put} disabled={typed.trim() === feature.motif} />
    </View>
  );
}

const MOST = 400;

/** One more or one fewer; a thinner or thicker hook. */
function Counts({ feature }: { feature: SurfaceWork }) {
  const { toy } = useToy();
  const { stations, hookMm } = feature;
  const hooks = hookMm === null ? [{ by: 0, mm: 2.5 }] : [-0.5, 0.5].map((by) => ({ by, mm: hookMm + by }));
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {[-1, 1].map((by) => (
        <Nudge
          key={by}
          direction={by < 0 ? say.fewer : say.more}
          arrow={by < 0 ? '−' : '+'}
          result={String(stations + by)}
          disabled={stations + by < 1 || stations + by > MOST}
          repeats
          onPress={() => changeWork(say.count, { ...feature, stations: stations + by })}
        />
      ))}
      {hooks.map(({ by, mm }) => (
        <Nudge
          key={`hook${by}`}
          direction={by === 0 ? say.ownHook : say.hook}
          arrow={by < 0 ? '−' : '+'}
          result={hookName(mm, toy.settings.hooks)}
          disabled={mm < 1}
          onPress={() => changeWork(say.hook, { ...feature, hookMm: mm })}
        />
      ))}
      {hookMm !== null ? (
        <Nudge
          direction={say.partHook}
          arrow="↺"
          result="="
          onPress={() => changeWork(say.hook, { ...feature, hookMm: null })}
        />
      ) : null}
    </View>
  );
}

/** Its two ends: which of them a touch or a step moves, and on which part the end is. */
function Ends({
  feature,
  model,
  ends: { end, setEnd },
}: {
  feature: SurfaceWork;
  model: ToyModel;
  ends: EndChoice;
}) {
  const spot = end === 'from' ? feature : { ...feature.end, place: feature.end };
  return (
    <>
      <Choice
        label={say.moves}
        options={[
          { id: 'from' as const, label: say.begins(modelOf(model, feature.part).name) },
          { id: 'to' as const, label: say.endsOn(modelOf(model, feature.end.part).name) },
        ]}
        chosen={end}
        onChoose={setEnd}
      />
      {end === 'to' ? (
        <Choice
          label={say.endPart}
          options={model.parts
            .filter((p) => p.form.section === 'ring')
            .map((p) => ({ id: p.part.id, label: p.name }))}
          chosen={feature.end.part}
          onChoose={(part) => {
            const spot = usualEnd(model, part);
            if (spot) changeWork(say.endPart, { ...feature, end: spot });
          }}
        />
      ) : null}
      <SpotNudges
        model={model}
        spot={spot}
        onMove={(place) =>
          changeWork(
            say.moves,
            end === 'from' ? { ...feature, place } : { ...feature, end: { ...feature.end, ...place } },
          )
        }
      />
    </>
  );
}

/** The address of every station, to mark it by: part by part, as the line goes over them. */
function Stations({ site, model }: { site: SurfaceSite; model: ToyModel }) {
  const parts = [...new Set(site.stations.map((s) => s.at.piece.part))];
  return (
    <>
      <Words fontWeight="600">{site.twin ? say.addressesTwin : say.addresses}</Words>
      {parts.map((part) => (
        <View key={part} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' }}>
          {parts.length > 1 ? <Quiet>{modelOf(model, part).name}</Quiet> : null}
          {site.stations.map((s, k) =>
            s.at.piece.part === part ? <Tag key={k} of={String(k + 1)} {...holeTag(s.name)} /> : null,
          )}
        </View>
      ))}
      <Quiet>{surfaceWords.mark}</Quiet>
    </>
  );
}
