import { holeTag } from '@hoppla/core/address';
import {
  faceCoord,
  movedPost,
  movedPostRound,
  movedRound,
  withBetween,
  type EyePair,
  type EyesAt,
  type Head,
} from '@hoppla/core/feature';
import { type PartModel } from '@hoppla/core/model';
import { Tape } from '../../controls';
import { change } from './change';
import { ringIsUp } from './ringIsUp';
import { screenWords } from '../../words';

const say = screenWords.face;

/** Height of the tape, px. */
export const TAPE = { phone: 84, wide: 142 };

/** The same place on the round, counted on from the same turn as another. */
const nearTurn = (coord: number, near: number, count: number): number =>
  coord + Math.round((near - coord) / count) * count;

export function FaceTape({
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
