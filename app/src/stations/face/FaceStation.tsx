import { decimals } from '@hoppla/core/words';
import { seenAt } from '@hoppla/core/picture';
import { useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import {
  firstPair,
  nosePut,
  noteSentence,
  pairAt,
  refusalOf,
  type EyePair,
  type EyesAt,
  type Head,
  type Nose,
  type NoseState,
} from '@hoppla/core/feature';
import type { Polar } from '@hoppla/core/address';
import { headOf, pageEyesMm, type PartModel } from '@hoppla/core/model';
import { featuresIn } from '@hoppla/core/notation';
import type { Toy } from '@hoppla/core/toy';
import { MainAction, ReadingBand, Scroll, Title, type ReadingProps } from '../../controls';
import { newId } from '../../documents';
import { useHold, type Pick, type PickAction } from '../../stage';
import { usePalette } from '../../theme';
import { matAbove, paperBeside, RAIL, useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { change } from './change';
import { AdviceList } from './AdviceList';
import { EyesPanel } from './EyesPanel';
import { FaceMat, faceView, useFaceScene } from './FaceMat';
import { screenWords } from '../../words';
import { TAPE, FaceTape } from './FaceTape';
import { NoEyes, Foot } from './FaceFoot';
import { NeedleCard } from './NeedleCard';
import { NoseCard } from './NoseCard';
import { NoseOrNone } from './NoseLine';
import { Photo } from './Photo';
import { StitchList } from './StitchList';
import { stitchHere, useStitch } from './useStitch';

const say = screenWords.face;

/** Face: where exactly do the eyes go? */
export function FaceStation() {
  const c = usePalette();
  const { part } = useToy();
  if (!part || part.fabric.rounds.length < 3 || part.fabric.shape !== 'rounds') {
    return (
      <View style={{ flex: 1, backgroundColor: c.paper, padding: 24 }}>
        <Title role="heading" aria-level={2}>
          {part && part.fabric.rounds.length > 0 && part.fabric.shape !== 'rounds' ? say.flat : say.tooFew}
        </Title>
      </View>
    );
  }
  return <Face key={part.part.id} part={part} />;
}

function Face({ part }: { part: PartModel }) {
  const c = usePalette();
  const room = useRoom();
  const { width, height, wide } = room;
  const { model, units } = useToy();
  const [hold, setHold] = useHold();
  const { own, placed, scene } = useFaceScene(part);
  const [chosen, setPost] = useState<0 | 1 | null>(null);
  const head = headOf(model, part);
  const found = model.eyes.find((e) => e.eyes.part === part.part.id) ?? null;
  const nose = model.noses.find((n) => n.nose.part === part.part.id) ?? null;
  const at = found && found.state.state !== 'homeless' ? found.state : null;
  const { fresh, told } = useFresh(head, part, model.toy, at ? null : (found?.eyes ?? null), !at);
  const refusal = useMemo(() => (found && at ? refusalOf(head, found.eyes, at) : null), [head, found, at]);
  // While a post is dragged the numbers come first; words and advice follow in the pauses.
  const words = useDeferredValue(
    useMemo(() => (found ? { eyes: found.eyes, at, refusal } : null), [found, at, refusal]),
  );
  const post = found?.eyes.pair.linked ? null : chosen;
  const stitch = useStitch(part);
  const [noseOpen, setNoseOpen] = useState(false);
  const opened = noseOpen && nose !== null;
  const paper = wide ? paperBeside(width, 380) : width;
  const stage = wide ? width - RAIL - paper : width;
  const bare = opened || stitch.open !== null;
  const matHeight = wide
    ? Math.max(60, height - 56 - (bare ? 0 : TAPE.wide + 100))
    : matAbove(room, { least: 140, most: 300, share: 0.31, needs: 128 });
  const padding = { paddingVertical: 12, paddingHorizontal: wide ? 20 : 16, gap: 12 };
  const view = faceView(part, head, scene, stage, matHeight);
  const eyes = found && at ? found.eyes : fresh;
  const held = own ? heldPlace(stitch, opened ? nose.state : null) : null;
  const action = (pick: Pick, piece: { part: string }): PickAction | null => {
    if (stitch.open)
      return piece.part === part.part.id ? stitchHere(part, stitch.open, stitch.at, pick) : null;
    if (opened) return piece.part === part.part.id ? noseHere(part, nose.nose, pick) : null;
    if (!eyes || piece.part !== part.part.id || pick.layer !== 0 || (pick.at === 'hole' && pick.round === 0))
      return null;
    const next = pairAt(
      head,
      eyes,
      pick.round,
      pick.at,
      pick.at === 'hole' ? pick.index : pick.index + 0.5,
      post,
    );
    return { label: at ? say.here : say.eyesHere, run: () => change(say.eyes, part, next) };
  };
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column' }}>
      <View style={{ width: stage }}>
        <FaceMat
          part={part}
          head={head}
          own={own}
          placed={placed}
          at={at}
          eyes={found?.eyes ?? null}
          width={stage}
          height={matHeight}
          view={view}
          hold={hold}
          setHold={setHold}
          action={action}
          grab={
            held
              ? { at: (p) => seenAt(p, own!, held), to: (pick, piece) => action(pick, piece)?.run() }
              : undefined
          }
          stitched={stitch.open}
          end={stitch.at}
        />
        {found && at && !bare ? <FaceReadings eyes={found.eyes} at={at} /> : null}
        {found && at && !bare ? (
          <FaceTape
            part={part}
            head={head}
            eyes={found.eyes}
            at={at}
            post={post}
            width={stage}
            pxPerMm={view.pxPerMm * hold.zoom}
            centreX={stage / 2 + (view.originX - stage / 2) * hold.zoom + hold.panX}
            height={wide ? TAPE.wide : TAPE.phone}
          />
        ) : null}
      </View>
      <View style={{ flex: 1, minHeight: 0, backgroundColor: c.paper }}>
        {stitch.open ? (
          <Scroll key={stitch.open.feature.id} contentContainerStyle={padding}>
            <NeedleCard
              part={part}
              stitched={stitch.open}
              units={units}
              at={stitch.at}
              setAt={stitch.setAt}
              onBack={stitch.close}
            />
          </Scroll>
        ) : null}
        {opened ? (
          <Scroll contentContainerStyle={padding}>
            <NoseCard part={part} head={head} nose={nose.nose} onBack={() => setNoseOpen(false)} />
          </Scroll>
        ) : null}
        {/* It stays as it was scrolled while embroidery is open. */}
        <View style={{ flex: 1, minHeight: 0, display: bare ? 'none' : 'flex' }}>
          <Scroll contentContainerStyle={padding}>
            {model.toy.photo ? <Photo part={part} /> : null}
            {found && words ? (
              <EyesPanel part={part} head={head} {...words} units={units} post={post} setPost={setPost} />
            ) : fresh ? (
              <NoEyes part={part} head={head} fresh={fresh} told={told} />
            ) : null}
            <NoseOrNone
              part={part}
              head={head}
              eyes={found?.eyes ?? null}
              at={at}
              nose={nose}
              onOpen={() => setNoseOpen(true)}
            />
            <StitchList part={part} head={head} onChoose={stitch.choose} />
            {model.toy.photo ? null : <Photo part={part} />}
            {words?.at ? (
              <AdviceList part={part} head={head} eyes={words.eyes} at={words.at} units={units} />
            ) : null}
          </Scroll>
        </View>
        {bare ? (
          <View style={{ padding: 16, paddingTop: 8, flexDirection: 'row' }}>
            <MainAction
              label={screenWords.stitching.back}
              onPress={() => (stitch.close(), setNoseOpen(false))}
            />
          </View>
        ) : (
          <Foot
            part={part}
            head={head}
            fresh={at ? null : fresh}
            homeless={found !== null}
            refusal={refusal}
          />
        )}
      </View>
    </View>
  );
}

/** The place of what is open that a finger can draw along: the chosen end of needle work, or the nose. */
function heldPlace({ open, at }: ReturnType<typeof useStitch>, nose: NoseState | null): Polar | null {
  if (open) return open.sides[at.side]?.places[at.end]?.polar ?? null;
  return nose && nose.state !== 'homeless' ? nose.polar : null;
}

/** The nose in the hole or the stitch that was touched. */
function noseHere(part: PartModel, nose: Nose, pick: Pick): PickAction | null {
  if (pick.layer !== 0 || (pick.at === 'hole' && pick.round === 0)) return null;
  const coord = pick.at === 'hole' ? pick.index : pick.index + 0.5;
  return {
    label: say.noseHere,
    run: () => change(say.noseMove, part, nosePut(part.form, nose, pick.round, coord, pick.at)),
  };
}

/** The pair that would be placed first, and what the text tells of eyes; worked out only while there is none. */
function useFresh(
  head: Head,
  part: PartModel,
  toy: Toy,
  homeless: EyePair | null,
  wanted: boolean,
): { fresh: EyePair | null; told: string | null } {
  const pageMm = useMemo(() => (wanted ? pageEyesMm(toy) : null), [wanted, toy]);
  return useMemo(() => {
    if (!wanted) return { fresh: null, told: null };
    const notes = part.reading.lines.flatMap(({ node, line }) =>
      featuresIn(node).map((feature) => ({ feature, line })),
    );
    const { pair, note, offer } = firstPair(
      head,
      notes.map((n) => n.feature),
      {
        id: homeless?.id ?? newId(),
        part: part.part.id,
        copy: homeless?.copy ?? null,
      },
      pageMm,
    );
    // What is known of eyes that lost their place stays known.
    if (pair && homeless) return { fresh: { ...homeless, pair: pair.pair }, told: null };
    const line = notes.find((n) => n.feature === note)?.line;
    const words = line === undefined ? null : part.part.text.split('\n')[line - 1].trim();
    if (words === null || !offer) return { fresh: pair, told: null };
    const open = offer.said
      ? noteSentence(offer.said)
      : offer.readings.length > 1
        ? screenWords.parts.whichOffer
        : '';
    return { fresh: pair, told: say.textTells(words, open) };
  }, [head, part, pageMm, homeless, wanted]);
}

function FaceReadings({ eyes, at }: { eyes: EyePair; at: EyesAt }) {
  const { spacing } = at;
  const { part, units } = useToy();
  const choose = (saidAs: EyePair['saidAs']) => () => change(say.said, part!, { ...eyes, saidAs });
  const range = (r: { low: number; high: number }) => say.range(units.bare(r.low), units.bare(r.high));
  const all: (ReadingProps & { id: EyePair['saidAs'] })[] = [
    { id: 'stitches-between', value: count(spacing.stitchesBetween), of: say.stitchesBetween },
    {
      id: 'holes-showing',
      value: count(spacing.showing),
      of: at.at === 'hole' ? say.emptyHoles : say.emptyMiddles,
    },
    {
      id: 'mm-along',
      value: units.bare(spacing.alongMm.value),
      of: say.curve(units.of),
      range: range(spacing.alongMm),
    },
    {
      id: 'mm-straight',
      value: units.bare(spacing.straightMm.value),
      of: say.straight(units.of),
      range: range(spacing.straightMm),
    },
  ];
  return (
    <ReadingBand
      label={say.said}
      readings={all.map(({ id, ...r }) => ({ ...r, chosen: eyes.saidAs === id, onPress: choose(id) }))}
    />
  );
}

/** Posts on different rounds may be a part of a stitch apart in number: it is shown, never rounded away. */
export const count = (n: number): string => (Number.isInteger(n) ? String(n) : decimals(n, 1));
