import { useRouter } from 'expo-router';
import { useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import { holeTag, pairTag } from '@hoppla/core/address';
import {
  faceCoord,
  firstPair,
  movedPost,
  movedPostRound,
  movedRound,
  noteSentence,
  pairAt,
  refusalOf,
  resolveEyes,
  withBetween,
  type EyePair,
  type EyesAt,
  type Head,
  type Refusal,
} from '@hoppla/core/feature';
import { headOf, type PartModel } from '@hoppla/core/model';
import { faceWords } from '@hoppla/core/words';
import {
  MainAction,
  PlainButton,
  Quiet,
  ReadingBand,
  Scroll,
  Tape,
  Title,
  Words,
  type ReadingProps,
} from '../../controls';
import { newId } from '../../documents';
import { useHold, type Pick, type PickAction } from '../../stage';
import { usePalette } from '../../theme';
import { RAIL, useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { change } from './change';
import { CompareSheet } from './CompareSheet';
import { EyesPanel } from './EyesPanel';
import { FaceMat, faceView, ringIsUp, useFaceScene } from './FaceMat';
import { hrefOf } from '../stations';
import { screenWords } from '../../words';

const say = screenWords.face;
/** Height of the tape, px. */
const TAPE = { phone: 84, wide: 142 };

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
  const { width, height, wide } = useRoom();
  const { model, units } = useToy();
  const [hold, setHold] = useHold();
  const { own, placed, scene } = useFaceScene(part);
  const [chosen, setPost] = useState<0 | 1 | null>(null);
  const head = headOf(model, part);
  const found = model.eyes.find((e) => e.eyes.part === part.part.id) ?? null;
  const nose = model.noses.find((n) => n.nose.part === part.part.id) ?? null;
  const at = found && found.state.state !== 'homeless' ? found.state : null;
  const { fresh, told } = useFresh(head, part, at ? null : (found?.eyes ?? null), !at);
  const refusal = useMemo(() => (found && at ? refusalOf(head, found.eyes, at) : null), [head, found, at]);
  // While a post is dragged the numbers come first; words and advice follow in the pauses.
  const words = useDeferredValue(
    useMemo(() => (found ? { eyes: found.eyes, at, refusal, nose } : null), [found, at, refusal, nose]),
  );
  const post = found?.eyes.pair.linked ? null : chosen;
  const paper = wide ? 380 : width;
  const stage = wide ? width - RAIL - paper : width;
  const matHeight = wide
    ? height - 56 - TAPE.wide - 100
    : Math.round(Math.max(140, Math.min(300, height * 0.31)));
  const view = faceView(part, scene, stage, matHeight);
  const eyes = found && at ? found.eyes : fresh;
  const action = (pick: Pick, piece: { part: string }): PickAction | null => {
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
        />
        {found && at ? <FaceReadings eyes={found.eyes} at={at} /> : null}
        {found && at ? (
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
        <Scroll contentContainerStyle={{ paddingVertical: 12, paddingHorizontal: wide ? 20 : 16, gap: 12 }}>
          {found && words ? (
            <EyesPanel part={part} head={head} {...words} units={units} post={post} setPost={setPost} />
          ) : fresh ? (
            <NoEyes part={part} head={head} fresh={fresh} told={told} />
          ) : null}
        </Scroll>
        <Foot part={part} head={head} fresh={at ? null : fresh} homeless={found !== null} refusal={refusal} />
      </View>
    </View>
  );
}

/** The pair that would be placed first, and what the text tells of eyes; worked out only while there is none. */
function useFresh(
  head: Head,
  part: PartModel,
  homeless: EyePair | null,
  wanted: boolean,
): { fresh: EyePair | null; told: string | null } {
  return useMemo(() => {
    if (!wanted) return { fresh: null, told: null };
    const notes = part.reading.lines.flatMap(({ node, line }) =>
      node.type === 'note' && node.feature ? [{ feature: node.feature, line }] : [],
    );
    const { pair, note, offer } = firstPair(
      head,
      notes.map((n) => n.feature),
      {
        id: homeless?.id ?? newId(),
        part: part.part.id,
        copy: homeless?.copy ?? null,
      },
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
  }, [head, part, homeless, wanted]);
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
const count = (n: number): string => (Number.isInteger(n) ? String(n) : n.toFixed(1));

/** The same place on the round, counted on from the same turn as another. */
const nearTurn = (coord: number, near: number, count: number): number =>
  coord + Math.round((near - coord) / count) * count;

function FaceTape({
  part,
  head,
  eyes,
  at,
  post,
  width,
  pxPerMm,
  centreX,
  height,
}: {
  part: PartModel;
  head: Head;
  eyes: EyePair;
  at: EyesAt;
  post: 0 | 1 | null;
  width: number;
  height: number;
  pxPerMm: number;
  centreX: number;
}) {
  const round = part.form.rounds[at.round];
  const grows = ringIsUp(part) === part.form.direction < 0 ? 1 : -1;
  const tag = (i: 0 | 1) => `${holeTag(at.names[i]).rounds}, ${holeTag(at.names[i]).stitches}`;
  const up = ringIsUp(part) ? -1 : 1;
  const by = eyes.pair.linked ? 2 : 1;
  const out = (k: 0 | 1) => (k === 0 ? -1 : 1);
  const arrows = {
    left: () =>
      post === null
        ? withBetween(head, eyes, eyes.pair.between - by)
        : movedPost(head, eyes, post, at.coords[post] - out(post)),
    right: () =>
      post === null
        ? withBetween(head, eyes, eyes.pair.between + by)
        : movedPost(head, eyes, post, at.coords[post] + out(post)),
    up: () => (post === null ? movedRound(head, eyes, up) : movedPostRound(head, eyes, post, up)),
    down: () => (post === null ? movedRound(head, eyes, -up) : movedPostRound(head, eyes, post, -up)),
  };
  return (
    <Tape
      width={width}
      height={height}
      pxPerMm={pxPerMm}
      centreX={centreX}
      stitchMm={part.gauge.stitchMm}
      grows={grows}
      round={round.label}
      count={round.count}
      centre={nearTurn(
        faceCoord(head, eyes.pair.centre.by, at.round, eyes.washerMm, at.at),
        at.centre,
        round.count,
      )}
      posts={at.onRound}
      at={at.at}
      eyeMm={eyes.eyeMm}
      washerMm={eyes.making === 'safety eye' ? eyes.washerMm : null}
      colour={eyes.colour}
      roundMm={part.gauge.roundMm}
      postRounds={at.rounds}
      down={up === 1 ? -1 : 1}
      label={say.tape(round.label)}
      value={say.tapeValue(tag(0), tag(1), at.spacing.stitchesBetween)}
      onPost={(k, coord) =>
        change(
          say.eyes,
          part,
          movedPost(head, eyes, k, at.coords[k] + Math.round(coord - at.onRound[k])),
          `drag:${eyes.id}`,
        )
      }
      onRound={(k, round) =>
        change(
          say.eyes,
          part,
          eyes.pair.linked
            ? movedRound(head, eyes, round - at.round)
            : movedPostRound(head, eyes, k, round - at.rounds[k]),
          `drag:${eyes.id}`,
        )
      }
      onArrow={(key) => change(say.eyes, part, arrows[key](), `arrow:${eyes.id}`)}
    />
  );
}

function NoEyes({
  part,
  head,
  fresh,
  told,
}: {
  part: PartModel;
  head: Head;
  fresh: EyePair;
  told: string | null;
}) {
  const [comparing, setComparing] = useState(false);
  return (
    <View style={{ gap: 6 }}>
      <Title role="heading" aria-level={2}>
        {say.none}
      </Title>
      {told ? <Words>{told}</Words> : null}
      <Quiet>{say.noneHow}</Quiet>
      {fresh.making === 'embroidered' ? <Quiet>{say.embroideredFirst}</Quiet> : null}
      <Quiet>{screenWords.parts.stitches(part.fabric.stitches)}</Quiet>
      <View style={{ flexDirection: 'row' }}>
        <PlainButton label={say.likeOther} onPress={() => setComparing(true)} />
      </View>
      {comparing ? (
        <CompareSheet part={part} head={head} eyes={fresh} own={false} onClose={() => setComparing(false)} />
      ) : null}
    </View>
  );
}

/** The one main action: a first pair, a mend for what cannot be, or on to when. */
function Foot({
  part,
  head,
  fresh,
  homeless,
  refusal,
}: {
  part: PartModel;
  head: Head;
  fresh: EyePair | null;
  homeless: boolean;
  refusal: Refusal | null;
}) {
  const router = useRouter();
  const { toy, writing } = useToy();
  const tagOf = (eyes: EyePair) => {
    const at = resolveEyes(head, eyes);
    return at.state === 'homeless' ? '' : pairTag(at.names);
  };
  const nearest = refusal?.nearest ?? null;
  return (
    <View style={{ padding: 16, paddingTop: 8, flexDirection: 'row', gap: 8 }}>
      {fresh ? (
        <MainAction
          label={homeless ? say.homeless : say.place(tagOf(fresh).split(' |')[0])}
          disabled={!writing}
          onPress={() => change(say.eyes, part, fresh)}
        />
      ) : nearest ? (
        <MainAction
          label={faceWords.nearest(tagOf(nearest))}
          disabled={!writing}
          onPress={() => change(faceWords.nearest(tagOf(nearest)), part, nearest)}
        />
      ) : (
        <MainAction label={say.when} onPress={() => router.push(hrefOf(toy.id, 'plan'))} />
      )}
    </View>
  );
}
