import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import { betterHole, eyeAdvice, eyesContext, keptHere, movedPost, movedRound, newPair, offCentre, reachOf, schoolsOf, withBetterHole, withBetween, type EyePair, type EyesAt } from '@hoppla/core/feature';
import { removeFeature, setFeature, type PartModel } from '@hoppla/core/toy';
import { placeWords, screenWords as words } from '@hoppla/core/words';
import { MainAction, Nudge, PlainButton, Press, ProblemLine, Quiet, ReadingBand, Scroll, Tag, Tape, Title, Words, type ReadingProps } from '../../controls';
import { edit, newId } from '../../documents';
import { useHold } from '../../stage';
import { usePalette } from '../../theme';
import { RAIL, WIDE_FROM } from '../frame/ToyFrame';
import { useToy } from '../frame/useToy';
import { EyeSheet } from './EyeSheet';
import { SaySheet } from './SaySheet';
import { FaceMat, faceView, ringIsUp, useFaceScene } from './FaceMat';

const say = words.face;
/** Height of the tape, px. */
const TAPE = { phone: 84, wide: 142 };

/** Face: where exactly do the eyes go? */
export function FaceStation() {
  const c = usePalette();
  const { width, height } = useWindowDimensions();
  const { part, model } = useToy();
  const wide = width >= WIDE_FROM;
  const [hold, setHold] = useHold();
  const { own, placed, scene } = useFaceScene(part);
  if (!part || part.fabric.rounds.length < 3 || part.fabric.shape !== 'rounds') {
    return (
      <View style={{ flex: 1, backgroundColor: c.paper, padding: 24 }}>
        <Title role="heading" aria-level={2}>{part && part.fabric.rounds.length > 0 && part.fabric.shape !== 'rounds' ? say.flat : say.tooFew}</Title>
      </View>
    );
  }
  const found = model.eyes.find((e) => e.eyes.part === part.part.id) ?? null;
  const paper = wide ? 380 : width;
  const stage = wide ? width - RAIL - paper : width;
  const matHeight = wide ? height - 56 - TAPE.wide - 100 : Math.round(Math.max(140, Math.min(300, height * 0.31)));
  const view = faceView(part, scene, stage, matHeight);
  const at = found && found.state.state !== 'homeless' ? found.state : null;
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column' }}>
      <View style={{ width: stage }}>
        <FaceMat part={part} own={own} placed={placed} at={at} eyes={found?.eyes ?? null} width={stage} height={matHeight} view={view} hold={hold} setHold={setHold} />
        {found && at ? <FaceReadings eyes={found.eyes} at={at} /> : null}
        {found && at ? <FaceTape part={part} eyes={found.eyes} at={at} width={stage} pxPerMm={view.pxPerMm * hold.zoom} centreX={stage / 2 + (view.originX - stage / 2) * hold.zoom + hold.panX} height={wide ? TAPE.wide : TAPE.phone} /> : null}
      </View>
      <View style={{ flex: 1, minHeight: 0, backgroundColor: c.paper }}>
        <Scroll contentContainerStyle={{ paddingVertical: 12, paddingHorizontal: wide ? 20 : 16, gap: 12 }}>
          {found ? <Eyes part={part} eyes={found.eyes} at={at} /> : <NoEyes part={part} />}
        </Scroll>
        <Foot part={part} eyes={found?.eyes ?? null} at={at} />
      </View>
    </View>
  );
}

const change = (name: string, part: PartModel, eyes: EyePair | null, gather: string | null = null) => {
  if (eyes) edit(name, { station: 'face', part: part.part.id, feature: eyes.id }, (toy) => setFeature(toy, eyes), gather);
};

function FaceReadings({ eyes, at }: { eyes: EyePair; at: EyesAt }) {
  const { spacing } = at;
  const { part, units } = useToy();
  const choose = (saidAs: EyePair['saidAs']) => () => change(say.said, part!, { ...eyes, saidAs });
  const range = (r: { low: number; high: number }) => say.range(units.bare(r.low), units.bare(r.high));
  const all: (ReadingProps & { id: EyePair['saidAs'] })[] = [
    { id: 'stitches-between', value: String(spacing.stitchesBetween), of: say.stitchesBetween },
    { id: 'holes-showing', value: String(spacing.holesShowing), of: say.emptyHoles },
    { id: 'mm-along', value: units.bare(spacing.alongMm.value), of: say.curve(units.of), range: range(spacing.alongMm) },
    { id: 'mm-straight', value: units.bare(spacing.straightMm.value), of: say.straight(units.of), range: range(spacing.straightMm) },
  ];
  return <ReadingBand label={say.said} readings={all.map(({ id, ...r }) => ({ ...r, chosen: eyes.saidAs === id, onPress: choose(id) }))} />;
}

function FaceTape({ part, eyes, at, width, pxPerMm, centreX, height }: { part: PartModel; eyes: EyePair; at: EyesAt; width: number; height: number; pxPerMm: number; centreX: number }) {
  const round = part.form.rounds[at.round];
  const grows = ringIsUp(part) === part.form.direction < 0 ? 1 : -1;
  const tag = (i: 0 | 1) => `${holeTag(at.names[i]).rounds}, ${holeTag(at.names[i]).stitches}`;
  const up = ringIsUp(part) ? -1 : 1;
  const by = eyes.pair.linked ? 2 : 1;
  const arrows = { left: () => withBetween(part.form, eyes, eyes.pair.between - by), right: () => withBetween(part.form, eyes, eyes.pair.between + by), up: () => movedRound(part.form, eyes, up), down: () => movedRound(part.form, eyes, -up) };
  return (
    <Tape
      width={width} height={height} pxPerMm={pxPerMm} centreX={centreX} stitchMm={part.gauge.stitchMm} grows={grows} round={round.label} count={round.count} centre={at.centre - offCentre(part.form, at, eyes.washerMm)} posts={at.coords}
      eyeMm={eyes.eyeMm} washerMm={eyes.washerMm} colour={eyes.colour} label={say.tape(round.label)} value={say.tapeValue(tag(0), tag(1), at.spacing.stitchesBetween)}
      onPost={(post, coord) => change(say.eyes, part, movedPost(part.form, eyes, post, coord), `drag:${eyes.id}`)} onArrow={(key) => change(say.eyes, part, arrows[key](), `arrow:${eyes.id}`)}
    />
  );
}

function NoEyes({ part }: { part: PartModel }) {
  return (
    <View style={{ gap: 6 }}>
      <Title role="heading" aria-level={2}>{say.none}</Title>
      <Quiet>{say.noneHow}</Quiet>
      <Quiet>{words.parts.stitches(part.fabric.stitches)}</Quiet>
    </View>
  );
}

function Eyes({ part, eyes, at }: { part: PartModel; eyes: EyePair; at: EyesAt | null }) {
  const c = usePalette();
  const [sizing, setSizing] = useState(false);
  const [saying, setSaying] = useState(false);
  const plain = eyes.making === 'embroidered' ? say.embroidered(eyes.eyeMm) : say.safetyEye(eyes.eyeMm, eyes.washerMm);
  return (
    <>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Press onPress={() => setSizing(true)} style={{ flex: 1 }}>
          <Title role="heading" aria-level={2}>{say.eyes}</Title>
          <Quiet textDecorationLine="underline">{plain}</Quiet>
        </Press>
        <MirrorSwitch on={eyes.pair.linked} onChange={(linked) => change(say.mirror, part, { ...eyes, pair: { ...eyes.pair, linked, offset: linked ? { left: [0, 0], right: [0, 0] } : eyes.pair.offset } })} />
      </View>
      {!at ? <ProblemLine where={part.name} sentence={placeWords.homeless} severity="error" /> : null}
      {at?.state === 'moved' ? <ProblemLine where={`R${at.names[0].round[1]}`} sentence={placeWords.moved(at.was, at.now)} severity="warning" mends={[{ title: say.moved, onPress: () => change(say.moved, part, keptHere(part.form, eyes)) }]} /> : null}
      {at ? (
        <>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {([0, 1] as const).map((i) => (
              <Tag key={i} of={say.eyes} {...holeTag(at.names[i])} />
            ))}
          </View>
          <Nudges part={part} eyes={eyes} />
          <PlainButton label={say.sayIt} onPress={() => setSaying(true)} />
          <Advice part={part} eyes={eyes} at={at} />
        </>
      ) : null}
      <View style={{ height: 1, backgroundColor: c.line }} />
      {saying && at ? <SaySheet context={eyesContext(part.form, part.ringIs, at, eyes.washerMm, pauseOf(at))} eyes={eyes} onClose={() => setSaying(false)} onPlace={(next) => (setSaying(false), change(say.sayIt, part, next))} /> : null}
      {sizing ? <EyeSheet onClose={() => setSizing(false)} eyes={eyes} onChange={(next) => change(say.size, part, next)} onRemove={() => edit(say.remove, { station: 'face', part: part.part.id }, (toy) => removeFeature(toy, eyes.id))} /> : null}
    </>
  );
}

/** The number of the round after which the posts go in. */
const pauseOf = ({ window }: EyesAt): number => window.lastComfortable ?? window.lastPossible ?? window.first;

function MirrorSwitch({ on, onChange }: { on: boolean; onChange: (on: boolean) => void }) {
  const c = usePalette();
  return (
    <Press role="switch" label={say.mirror} chosen={on} onPress={() => onChange(!on)} style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
      <Words fontWeight="600">{say.mirror}</Words>
      <View style={{ width: 58, height: 32, borderRadius: 16, borderWidth: 2, borderColor: c.ink, backgroundColor: on ? c.ink : c.paper, padding: 3, alignItems: on ? 'flex-end' : 'flex-start', justifyContent: 'center' }}>
        {on ? <Words position="absolute" left={9} top={3} fontSize={15} lineHeight={20} color={c.paper} aria-hidden>✓</Words> : null}
        <View style={{ width: 22, height: 22, borderRadius: 11, backgroundColor: on ? c.tape : c.edge }} />
      </View>
    </Press>
  );
}

function Nudges({ part, eyes }: { part: PartModel; eyes: EyePair }) {
  const by = eyes.pair.linked ? 2 : 1;
  const { least, most } = reachOf(part.form, eyes);
  const up = ringIsUp(part) ? -1 : 1;
  const rounds = (moved: EyePair | null) => {
    if (!moved) return say.cannot;
    const round = part.fabric.rounds.find((r) => r.mark === moved.pair.course.mark && r.nth === moved.pair.course.nth)!.number;
    return `R${round - 1}·${round}`;
  };
  const closer = Math.max(least, eyes.pair.between - by);
  const wider = Math.min(most, eyes.pair.between + by);
  const moved = { up: movedRound(part.form, eyes, up), down: movedRound(part.form, eyes, -up) };
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      <Nudge direction={say.closer} arrow="→←" result={say.st(closer)} disabled={eyes.pair.between - by < least} onPress={() => change(say.closer, part, withBetween(part.form, eyes, closer))} />
      <Nudge direction={say.wider} arrow="←→" result={say.st(wider)} disabled={eyes.pair.between + by > most} onPress={() => change(say.wider, part, withBetween(part.form, eyes, wider))} />
      <Nudge direction={say.up} arrow="↑" result={rounds(moved.up)} disabled={!moved.up} onPress={() => change(say.up, part, moved.up)} />
      <Nudge direction={say.down} arrow="↓" result={rounds(moved.down)} disabled={!moved.down} onPress={() => change(say.down, part, moved.down)} />
    </View>
  );
}

function Advice({ part, eyes, at }: { part: PartModel; eyes: EyePair; at: EyesAt }) {
  const { units } = useToy();
  const n = (x: number | null) => (x === null ? say.none_ : `R${x}`);
  const { window, retention, spacing } = at;
  const advice = eyeAdvice(part.form, at, eyes.eyeMm);
  const hints = [advice.small && say.adviceSmall, advice.large && say.adviceLarge, advice.close && say.adviceClose, advice.wide && say.adviceWide].filter((h): h is string => h !== false);
  const off = eyes.pair.centre.by === 'marker' ? offCentre(part.form, at, eyes.washerMm) : 0;
  return (
    <View style={{ gap: 6 }}>
      {eyes.making === 'safety eye' ? (
        <Quiet>
          {say.retention('')}
          <Quiet fontWeight="700">{retention.worst.toFixed(1)}</Quiet>
          {`: ${say.band[retention.band]}.`}
        </Quiet>
      ) : null}
      <Quiet>{`${say.window(n(window.first), n(window.lastComfortable), n(window.lastPossible))}.`}</Quiet>
      <Quiet>{`${say.angle(spacing.angleDeg.toFixed(0))}, ${say.level(units.fine(at.levelErrorMm))}.`}</Quiet>
      <Better part={part} eyes={eyes} at={at} />
      {Math.abs(off) > 1 ? <Quiet>{say.offCentre(Math.abs(off).toFixed(1))}</Quiet> : null}
      {hints.map((h) => (
        <Quiet key={h}>{h}</Quiet>
      ))}
      <Words fontWeight="600" marginTop={4}>{say.words}</Words>
      {schoolsOf(eyesContext(part.form, part.ringIs, at, eyes.washerMm, pauseOf(at)), at).map((s) => (
        <Quiet key={s.id}>{s.words}</Quiet>
      ))}
    </View>
  );
}

/** The hole that makes the pair more even, when there is one. */
function Better({ part, eyes, at }: { part: PartModel; eyes: EyePair; at: EyesAt }) {
  const { units } = useToy();
  if (!eyes.pair.linked) return null;
  const { own } = eyesContext(part.form, part.ringIs, at, eyes.washerMm, pauseOf(at));
  const better = betterHole(part.form, own, { rounds: [at.round, at.round], coords: at.coords });
  if (!better) return null;
  const { rounds, stitches } = holeTag(better.name);
  return (
    <View style={{ gap: 6 }}>
      <Quiet>{say.better(units.fine(better.after.mirrorMm), units.fine(better.before.mirrorMm))}</Quiet>
      <View style={{ flexDirection: 'row' }}>
        <PlainButton label={say.takeBetter(`${rounds} | ${stitches}`)} onPress={() => change(say.takeBetter(`${rounds} | ${stitches}`), part, withBetterHole(eyes, at, better))} />
      </View>
    </View>
  );
}

function Foot({ part, eyes, at }: { part: PartModel; eyes: EyePair | null; at: EyesAt | null }) {
  const router = useRouter();
  const { toy, writing } = useToy();
  const fresh = eyes && at ? null : newPair(part.form, { id: eyes?.id ?? newId(), part: part.part.id, copy: part.copies[0]?.id ?? '' });
  const course = fresh ? part.fabric.rounds.find((r) => r.mark === fresh.pair.course.mark && r.nth === fresh.pair.course.nth)! : null;
  return (
    <View style={{ padding: 16, paddingTop: 8, flexDirection: 'row', gap: 8 }}>
      {fresh ? (
        <MainAction label={eyes ? say.homeless : say.place(`R${course!.number - 1}·${course!.number}`)} disabled={!writing} onPress={() => change(say.eyes, part, fresh)} />
      ) : (
        <MainAction label={say.when} onPress={() => router.push({ pathname: '/toy/[id]/plan', params: { id: toy.id } })} />
      )}
    </View>
  );
}

