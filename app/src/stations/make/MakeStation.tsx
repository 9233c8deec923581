import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { kindOf, planOf } from '@hoppla/core/plan';
import {
  endSewnWith,
  openChecks,
  progressOf,
  ticksOf,
  whereAmI,
  type Progress,
  type Tick,
} from '@hoppla/core/record';
import { copyName, modelOf, type PartModel } from '@hoppla/core/model';
import { MainAction, Quiet, RoundTape, Scroll, Title, Words, type PlanSign } from '../../controls';
import { useDevice } from '../../documents';
import { usePalette } from '../../theme';
import { matAbove, RAIL, useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { hrefOf } from '../stations';
import { screenWords as words } from '../../words';
import { AsMade } from './AsMade';
import { Anywhere, Buttons } from './Buttons';
import { EndLeft, EndSaid } from './EndLeft';
import { MakeMat } from './MakeMat';
import { Neighbour } from './Neighbour';
import { PieceNow } from './PieceNow';
import { RoundNow } from './RoundNow';
import { StepNow } from './StepNow';
import { Tools } from './Tools';
import { useHands } from './useHands';

const say = words.make;

/** Make: what do I do now, where am I? One step at a time. */
export function MakeStation() {
  const room = useRoom();
  const { width, height, wide } = room;
  const { model, file } = useToy();
  const ticks = useMemo(() => ticksOf(planOf(model)), [model]);
  const progress = progressOf(file.log);
  const { at } = whereAmI(ticks, progress);
  const paper = wide ? Math.min(620, width * 0.5) : width;
  const stage = wide ? width - RAIL - paper : width;
  if (ticks.length === 0) return <NothingToMake />;
  const shown = ticks[at] ?? ticks[ticks.length - 1];
  const part = shown.step.part ? modelOf(model, shown.step.part) : null;
  const matHeight = wide
    ? height - 56 - 74
    : matAbove(room, { least: 140, most: 240, share: 0.27, needs: 84 });
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column' }}>
      <Piece {...{ ticks, at, shown, part, progress, width: stage, height: matHeight }} />
      <Paper {...{ ticks, at, part, progress }} />
    </View>
  );
}

/** No part has rounds yet. */
function NothingToMake() {
  const c = usePalette();
  const router = useRouter();
  const { toy } = useToy();
  return (
    <View style={{ flex: 1, backgroundColor: c.paper, padding: 24, gap: 12 }}>
      <Title role="heading" aria-level={2}>
        {say.nothing}
      </Title>
      <Quiet>{say.nothingHow}</Quiet>
      <View style={{ flexDirection: 'row' }}>
        <MainAction label={words.plan.toParts} onPress={() => router.push(hrefOf(toy.id, 'parts'))} />
      </View>
    </View>
  );
}

interface Making {
  ticks: readonly Tick[];
  /** index of the first tick that is not done */
  at: number;
  part: PartModel | null;
  progress: Progress;
}

/** The piece as far as it is made, and the tape of its rounds. */
function Piece({
  ticks,
  at,
  shown,
  part,
  progress,
  width,
  height,
}: Making & { shown: Tick; width: number; height: number }) {
  const { short } = useRoom();
  const mine = ticks.filter((t) => t.step.part === shown.step.part && t.step.copy === shown.step.copy);
  const done = mine.filter((t) => t.round && t.key in progress.done).length;
  return (
    <View style={{ width }}>
      <MakeMat
        part={part}
        copy={shown.step.copy}
        tick={ticks[at] ?? null}
        next={ticks[at + 1] ?? null}
        done={done}
        width={width}
        height={height}
      />
      {part && !short ? (
        <RoundTape
          width={width}
          name={copyName(part, shown.step.copy)}
          rounds={part.fabric.rounds.length}
          done={done}
          stops={stopsOf(mine, part)}
          label={`${copyName(part, shown.step.copy)}: ${done} / ${part.fabric.rounds.length}`}
        />
      ) : null}
    </View>
  );
}

/** Where work on a piece rests, one sign a pause. */
function stopsOf(mine: readonly Tick[], part: PartModel): { after: number; sign: PlanSign }[] {
  const stops = mine.flatMap(({ step, round }) => {
    if (round || !('afterRound' in step)) return [];
    const after = part.fabric.rounds.findIndex((r) => r.number === step.afterRound) + 1;
    return [{ after, sign: kindOf(step.kind).sign }];
  });
  return stops.filter((s, i) => stops.findIndex((o) => o.after === s.after) === i);
}

/** What is done now, between the step before and the next, and the big tick. */
function Paper({ ticks, at, part, progress }: Making) {
  const c = usePalette();
  const { table } = useDevice();
  const now = ticks[at] as Tick | undefined;
  const before = lastDone(ticks, at, progress);
  const { changed } = whereAmI(ticks, progress);
  const hands = useHands({ now, before, progress });
  const { model } = useToy();
  const sewnWith = now ? endSewnWith(model, ticks, now.step) : null;
  return (
    <View style={{ flex: 1, minHeight: 0, backgroundColor: c.paper }}>
      <Scroll contentContainerStyle={{ padding: 16, gap: 10 }}>
        {before ? (
          <Neighbour tick={before} done changed={changed.some((t) => t.key === before.key)} part={part} />
        ) : null}
        <Anywhere on={table.anywhere} label={hands.label} onPress={hands.go}>
          <Now now={now} part={part} progress={progress} />
        </Anywhere>
        {sewnWith ? <EndSaid tick={sewnWith} progress={progress} /> : null}
        {before ? <EndLeft tick={before} progress={progress} /> : null}
        {ticks[at + 1] ? (
          <>
            <View style={{ height: 1, backgroundColor: c.line, marginTop: 4 }} />
            <Neighbour tick={ticks[at + 1]} part={part} />
          </>
        ) : null}
        <Quiet>{say.step(Math.min(at + 1, ticks.length), ticks.length)}</Quiet>
        {progress.making > 1 ? <Quiet>{say.making(progress.making)}</Quiet> : null}
        <PieceNow progress={progress} />
        <Made ticks={ticks} at={at} progress={progress} part={part} />
        <Tools ticks={ticks} progress={progress} now={now} />
      </Scroll>
      <Buttons {...hands} before={before} />
      <Heard words={hands.words} />
    </View>
  );
}

/** What is to be done now, for who hears the screen: each step once, when it comes. */
const Heard = ({ words: said }: { words: string }) => (
  <View
    aria-live="polite"
    style={{ position: 'absolute', width: 1, height: 1, overflow: 'hidden', opacity: 0.01 }}
  >
    <Words>{said}</Words>
  </View>
);

/** The step before the one that is made now, of those that are done. */
const lastDone = (ticks: readonly Tick[], at: number, { done }: Progress): Tick | undefined =>
  [...ticks.slice(0, at)].reverse().find((t) => t.key in done);

/** The last round of this piece beside the plan, once there is one. */
function Made({ ticks, at, progress, part }: Making) {
  const now = ticks[at] as Tick | undefined;
  if (!part || !now) return null;
  const last = ticks.findLast((t) => t.round && t.step.copy === now.step.copy && t.key in progress.done);
  if (!last || part.fabric.shape !== 'rounds') return null;
  return (
    <AsMade
      last={last}
      part={part}
      counted={progress.counted[last.key]}
      acrossMm={progress.acrossMm[last.key]}
    />
  );
}

function Now({ now, part, progress }: { now: Tick | undefined } & Pick<Making, 'part' | 'progress'>) {
  if (!now)
    return (
      <View style={{ gap: 6 }}>
        <Title role="heading" aria-level={2}>
          {say.finished}
        </Title>
        <Words>{say.finishedHow}</Words>
      </View>
    );
  if (!now.round || !part) return <StepNow tick={now} open={openChecks(now, progress)} />;
  const { repeats, stitches } = progress.within[now.key] ?? { repeats: 0, stitches: 0 };
  return <RoundNow tick={now} part={part} within={repeats} made={Math.max(stitches, now.round.begun)} />;
}
