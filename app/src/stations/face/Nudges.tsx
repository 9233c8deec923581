import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import {
  movedPost,
  movedPostRound,
  movedRound,
  offMiddleMm,
  reachOf,
  resolveEyes,
  withBetween,
  type EyePair,
  type EyesAt,
  type Head,
} from '@hoppla/core/feature';
import type { PartModel } from '@hoppla/core/model';
import { Nudge, PlainButton, Quiet } from '../../controls';
import { useToy } from '../frame/useToy';
import { change } from './change';
import { ringIsUp } from './ringIsUp';
import { screenWords as words } from '../../words';

const say = words.face;

/** Small steps of both posts, or of the one that was chosen. Each says where it leads. */
export function Nudges({
  part,
  head,
  eyes,
  at,
  post,
}: {
  part: PartModel;
  head: Head;
  eyes: EyePair;
  at: EyesAt;
  post: 0 | 1 | null;
}) {
  return (
    <>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {post === null ? (
          <BothNudges part={part} head={head} eyes={eyes} />
        ) : (
          <OneNudges part={part} head={head} eyes={eyes} at={at} post={post} />
        )}
      </View>
      {eyes.pair.linked ? <OddSteps part={part} head={head} eyes={eyes} /> : null}
    </>
  );
}

/** With Mirror on a pair goes by two; one step alone is there as well, with how far off the face's middle each comes to stand. */
function OddSteps({ part, head, eyes }: { part: PartModel; head: Head; eyes: EyePair }) {
  const { units } = useToy();
  const { least, most } = reachOf(head, eyes);
  const off = (pair: EyePair) => {
    const mm = offMiddleMm(head, pair);
    return mm === null ? null : units.fine(mm);
  };
  const said = (n: number) => say.st(eyes.pair.at === 'middle' ? n - 1 : n);
  const now = off(eyes);
  return (
    <View style={{ gap: 6 }}>
      {now === null ? null : <Quiet>{say.offMiddle(said(eyes.pair.between), now)}</Quiet>}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {[-1, 1]
          .map((by) => eyes.pair.between + by)
          .filter((n) => n >= least && n <= most)
          .map((n) => {
            const next = withBetween(head, eyes, n);
            return (
              <PlainButton
                key={n}
                label={say.oddStep(said(n), off(next))}
                onPress={() => change(say.wider, part, next)}
              />
            );
          })}
      </View>
    </View>
  );
}

function BothNudges({ part, head, eyes }: { part: PartModel; head: Head; eyes: EyePair }) {
  const by = eyes.pair.linked ? 2 : 1;
  const { least, most } = reachOf(head, eyes);
  const up = ringIsUp(part) ? -1 : 1;
  const rounds = (moved: EyePair | null) => {
    if (!moved) return say.cannot;
    const round = part.fabric.rounds.find(
      (r) => r.mark === moved.pair.course.mark && r.nth === moved.pair.course.nth,
    )!.number;
    return moved.pair.at === 'middle' ? `R${round}` : `R${round - 1}·${round}`;
  };
  const between = (n: number) => say.st(eyes.pair.at === 'middle' ? n - 1 : n);
  const closer = Math.max(Math.min(least, eyes.pair.between), eyes.pair.between - by);
  const wider = Math.min(most, eyes.pair.between + by);
  const moved = { up: movedRound(head, eyes, up), down: movedRound(head, eyes, -up) };
  return (
    <>
      <Nudge
        direction={say.closer}
        arrow="→←"
        result={between(closer)}
        disabled={closer === eyes.pair.between}
        onPress={() => change(say.closer, part, withBetween(head, eyes, closer))}
      />
      <Nudge
        direction={say.wider}
        arrow="←→"
        result={between(wider)}
        disabled={wider === eyes.pair.between}
        onPress={() => change(say.wider, part, withBetween(head, eyes, wider))}
      />
      <Nudge
        direction={say.up}
        arrow="↑"
        result={rounds(moved.up)}
        disabled={!moved.up}
        onPress={() => change(say.up, part, moved.up)}
      />
      <Nudge
        direction={say.down}
        arrow="↓"
        result={rounds(moved.down)}
        disabled={!moved.down}
        onPress={() => change(say.down, part, moved.down)}
      />
    </>
  );
}

/** One post by itself, on purpose: the other stays. */
function OneNudges({
  part,
  head,
  eyes,
  at,
  post,
}: {
  part: PartModel;
  head: Head;
  eyes: EyePair;
  at: EyesAt;
  post: 0 | 1;
}) {
  const up = ringIsUp(part) ? -1 : 1;
  const out = post === 0 ? -1 : 1;
  const moved = {
    inward: movedPost(head, eyes, post, at.coords[post] - out),
    outward: movedPost(head, eyes, post, at.coords[post] + out),
    up: movedPostRound(head, eyes, post, up),
    down: movedPostRound(head, eyes, post, -up),
  };
  const where = (next: EyePair | null, what: 'rounds' | 'stitches') => {
    const there = next && resolveEyes(head, next);
    return there && there.state !== 'homeless' ? holeTag(there.names[post])[what] : say.cannot;
  };
  const same = (next: EyePair) => where(next, 'stitches') === holeTag(at.names[post]).stitches;
  return <PostNudges where={where} moved={moved} same={same} part={part} />;
}

/** Small steps of one post. */
function PostNudges({
  where,
  moved,
  same,
  part,
}: {
  where: (next: EyePair | null, what: 'rounds' | 'stitches') => string;
  moved: { inward: EyePair; outward: EyePair; up: EyePair | null; down: EyePair | null };
  same: (next: EyePair) => boolean;
  part: PartModel;
}) {
  return (
    <>
      <Nudge
        direction={say.inward}
        arrow="→"
        result={where(moved.inward, 'stitches')}
        disabled={same(moved.inward)}
        onPress={() => change(say.inward, part, moved.inward)}
      />
      <Nudge
        direction={say.outward}
        arrow="←"
        result={where(moved.outward, 'stitches')}
        onPress={() => change(say.outward, part, moved.outward)}
      />
      <Nudge
        direction={say.up}
        arrow="↑"
        result={where(moved.up, 'rounds')}
        disabled={!moved.up}
        onPress={() => change(say.up, part, moved.up)}
      />
      <Nudge
        direction={say.down}
        arrow="↓"
        result={where(moved.down, 'rounds')}
        disabled={!moved.down}
        onPress={() => change(say.down, part, moved.down)}
      />
    </>
  );
}
