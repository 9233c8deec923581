import { useRouter } from 'expo-router';
import { kindOf, stepWords, type PostsCheck } from '@hoppla/core/plan';
import { check, openChecks, tick, untick, type Progress, type Tick } from '@hoppla/core/record';
import { copyName, modelOf, type ToyModel } from '@hoppla/core/model';
import { printItems } from '@hoppla/core/notation';
import { note } from '../../documents';
import { useToy } from '../frame/useToy';
import { hrefOf } from '../stations';
import { screenWords } from '../../words';
import { useSpoken, useTickKeys } from './useTable';

const say = screenWords.make;

/** What the big tick says and does, and going back; by touch, by keys, and spoken. A step with checks is gone through check by check; under a stop the way on is Safety; at the end another one is begun. */
export function useHands({
  now,
  before,
  progress,
}: {
  now: Tick | undefined;
  before: Tick | undefined;
  progress: Progress;
}): { label: string; go: () => void; back: () => void; canGo: boolean; canGoBack: boolean; words: string } {
  const router = useRouter();
  const { toy, writing, model } = useToy();
  const next = now ? openChecks(now, progress)[0] : undefined;
  const stopped = now?.step.kind === 'eyes' && now.step.stopped !== null;
  const go = () => {
    if (!writing) return;
    if (stopped) router.push(hrefOf(toy.id, 'safety'));
    else if (now) note(next ? check(now, next) : tick(now));
    else note({ what: 'another' });
  };
  // Nothing of this one is done yet: back leads to the one before it.
  const fresh = progress.before !== null && Object.keys(progress.done).length === 0;
  const back = () => {
    if (!writing) return;
    if (before) note(untick(before));
    else if (fresh) note({ what: 'earlier' });
  };
  useTickKeys(() => now && go(), back);
  const words = now ? spokenWords(now, model) : say.finished;
  useSpoken(words);
  return {
    label: stopped ? say.toSafety : mainLabel(now, next, model),
    go,
    back,
    canGo: writing,
    words,
    canGoBack: writing && (before !== undefined || fresh),
  };
}

function mainLabel(now: Tick | undefined, next: PostsCheck | undefined, model: ToyModel): string {
  if (!now) return say.another;
  if (now.round) return say.tick(now.round.label);
  // A move of the hand between rounds is ticked like one.
  if (kindOf(now.step.kind).small) return say.tick(stepWords(now.step, model).short);
  return next ? say.check[next.id] : say.done;
}

/** The step as a voice says it: a round by its piece, its number, what is worked and its count. */
function spokenWords({ step, round }: Tick, model: ToyModel): string {
  if (!round) return stepWords(step, model).title;
  const part = modelOf(model, step.part);
  const work = printItems(part.reading.rounds[round.reading].items, part.terms);
  return say.spokenRound(copyName(part, step.copy), round.label, work, round.count);
}
