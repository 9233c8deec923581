import { useRouter } from 'expo-router';
import Check from 'lucide-react-native/icons/check';
import CornerUpLeft from 'lucide-react-native/icons/corner-up-left';
import { useMemo, useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { Text } from 'tamagui';
import { printItems, takeUp, type Item, type Terms } from '@hoppla/core/notation';
import {
  check,
  openChecks,
  planOf,
  tick,
  ticksOf,
  tickWithin,
  uncheck,
  untick,
  whereAmI,
  type Tick,
} from '@hoppla/core/plan';
import { copyName, modelOf, type PartModel } from '@hoppla/core/toy';
import { screenWords as words } from '@hoppla/core/words';
import {
  MainAction,
  Num,
  PlainButton,
  Press,
  Quiet,
  RoundTape,
  Scroll,
  Title,
  Words,
  type PlanSign,
} from '../../controls';
import { changeProgress } from '../../documents';
import { usePalette } from '../../theme';
import { RAIL, WIDE_FROM } from '../frame/ToyFrame';
import { useToy } from '../frame/useToy';
import { MakeMat } from './MakeMat';

const say = words.make;

/** Make: what do I do now, where am I? One step at a time. */
export function MakeStation() {
  const c = usePalette();
  const { width, height } = useWindowDimensions();
  const { model, file, writing, toy } = useToy();
  const ticks = useMemo(() => ticksOf(planOf(model)), [model]);
  const { at, changed } = whereAmI(ticks, file.progress);
  const now = ticks[at] as Tick | undefined;
  // A step with checks is gone through check by check, by the same big button.
  const next = now ? openChecks(now, file.progress)[0] : undefined;
  const before = [...ticks.slice(0, at)].reverse().find((t) => t.key in file.progress.done);
  const wide = width >= WIDE_FROM;
  const paper = wide ? Math.min(620, width * 0.5) : width;
  const stage = wide ? width - RAIL - paper : width;
  const router = useRouter();
  if (ticks.length === 0) {
    return (
      <View style={{ flex: 1, backgroundColor: c.paper, padding: 24, gap: 12 }}>
        <Title role="heading" aria-level={2}>
          {say.nothing}
        </Title>
        <Quiet>{say.nothingHow}</Quiet>
        <View style={{ flexDirection: 'row' }}>
          <MainAction
            label={words.plan.toParts}
            onPress={() => router.push({ pathname: '/toy/[id]/parts', params: { id: toy.id } })}
          />
        </View>
      </View>
    );
  }
  // Under a stop there is nothing to tick: the way on is Safety.
  const stopped = now?.step.kind === 'eyes' && now.step.stopped !== null;
  const shown = now ?? ticks[ticks.length - 1];
  const part = shown.step.part ? modelOf(model, shown.step.part) : null;
  const mine = ticks.filter((t) => t.step.part === shown.step.part && t.step.copy === shown.step.copy);
  const roundsDone = mine.filter((t) => t.round && t.key in file.progress.done).length;
  const stops = mine.flatMap((t) =>
    !t.round && 'afterRound' in t.step
      ? [
          {
            after:
              part!.fabric.rounds.findIndex(
                (r) => r.number === (t.step as { afterRound: number }).afterRound,
              ) + 1,
            sign: signOf(t),
          },
        ]
      : [],
  );
  const back = before ? () => changeProgress((p) => untick(p, before)) : undefined;
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column' }}>
      <View style={{ width: stage }}>
        <MakeMat
          part={part}
          copy={shown.step.copy}
          tick={now ?? null}
          next={ticks[at + 1] ?? null}
          done={roundsDone}
          width={stage}
          height={wide ? height - 56 - 74 : Math.round(Math.max(140, Math.min(240, height * 0.27)))}
        />
        {part ? (
          <RoundTape
            width={stage}
            name={copyName(part, shown.step.copy)}
            rounds={part.fabric.rounds.length}
            done={roundsDone}
            stops={stops.filter((s, i) => stops.findIndex((o) => o.after === s.after) === i)}
            label={`${copyName(part, shown.step.copy)}: ${roundsDone} / ${part.fabric.rounds.length}`}
          />
        ) : null}
      </View>
      <View style={{ flex: 1, minHeight: 0, backgroundColor: c.paper }}>
        <Scroll contentContainerStyle={{ padding: 16, gap: 10 }}>
          {before ? (
            <Neighbour tick={before} done changed={changed.some((t) => t.key === before.key)} model={part} />
          ) : null}
          {now ? (
            now.round ? (
              <RoundNow
                tick={now}
                part={part!}
                within={file.progress.within?.key === now.key ? file.progress.within.repeats : 0}
              />
            ) : (
              <StepNow tick={now} open={openChecks(now, file.progress)} />
            )
          ) : (
            <View style={{ gap: 6 }}>
              <Title role="heading" aria-level={2}>
                {say.finished}
              </Title>
              <Words>{say.finishedHow}</Words>
            </View>
          )}
          {ticks[at + 1] ? (
            <>
              <View style={{ height: 1, backgroundColor: c.line, marginTop: 4 }} />
              <Neighbour tick={ticks[at + 1]} model={part} />
            </>
          ) : null}
          <Quiet aria-live="polite">{say.step(Math.min(at + 1, ticks.length), ticks.length)}</Quiet>
        </Scroll>
        <View style={{ padding: 16, paddingTop: 8, flexDirection: 'row', gap: 10 }}>
          <Press
            label={say.back}
            disabled={!back || !writing}
            onPress={() => back?.()}
            style={{
              width: 88,
              minHeight: 88,
              borderWidth: 1.5,
              borderColor: c.edge,
              borderRadius: 6,
              backgroundColor: c.raise,
              alignItems: 'center',
              gap: 4,
            }}
          >
            <CornerUpLeft color={c.ink} size={26} />
            <Words fontWeight="600">{say.back}</Words>
          </Press>
          <MainAction
            tall
            disabled={!now || !writing}
            label={stopped ? say.toSafety : now ? mainLabel(now, next) : say.finished}
            onPress={() =>
              stopped
                ? router.push({ pathname: '/toy/[id]/safety', params: { id: toy.id } })
                : now && changeProgress((p) => (next ? check(p, now, next) : tick(p, now)))
            }
          />
        </View>
      </View>
    </View>
  );
}

const mainLabel = (now: Tick, next: ReturnType<typeof openChecks>[number] | undefined): string => {
  if (now.round) return say.tick(now.round.label);
  return next ? say.check[next.id] : say.done;
};

const signOf = (t: Tick): PlanSign =>
  t.step.kind === 'eyes'
    ? 'pause'
    : t.step.kind === 'washers'
      ? 'washer'
      : t.step.kind === 'stuff'
        ? 'stuff'
        : t.step.kind === 'embroider'
          ? 'needle'
          : 'look';

/** The main repeated group of a round, if the round is one. */
function repeatOf(items: readonly Item[], terms: Terms): { words: string; times: number } | null {
  const real = items.filter((i) => i.type !== 'sign');
  const only = real.length === 1 ? real[0] : null;
  if (only?.type !== 'group' || typeof only.times !== 'number' || only.times < 2) return null;
  return { words: printItems(only.items, terms), times: only.times };
}

function RoundNow({ tick: t, part, within }: { tick: Tick; part: PartModel; within: number }) {
  const c = usePalette();
  const { toy } = useToy();
  const items = part.reading.rounds[t.round!.reading].items;
  const repeat = repeatOf(items, toy.settings.terms);
  const written = repeat ? repeat.words : printItems(items, toy.settings.terms);
  return (
    <>
      <View style={{ flexDirection: 'row', alignItems: 'flex-start', gap: 10 }}>
        <Text
          role="heading"
          aria-level={2}
          flex={1}
          minWidth={0}
          fontFamily="$heading"
          fontWeight="800"
          color={c.ink}
          fontSize={written.length > 18 ? 32 : 46}
          lineHeight={written.length > 18 ? 38 : 50}
          letterSpacing={-1.4}
        >
          {written}
        </Text>
        <View style={{ alignItems: 'flex-end' }}>
          <Num fontSize={46} lineHeight={50} letterSpacing={-3.2}>
            {String(t.round!.count)}
          </Num>
          <Quiet>{say.stitches}</Quiet>
        </View>
      </View>
      {repeat ? (
        <>
          <Title>{say.times(repeat.times, Math.min(within + 1, repeat.times))}</Title>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
            {Array.from({ length: repeat.times }, (_, k) => {
              const done = k < within;
              const now = k === within;
              return (
                <Press
                  key={k}
                  label={say.repeat(k + 1)}
                  chosen={done}
                  onPress={() =>
                    changeProgress((p) => tickWithin(p, t.key, done && k === within - 1 ? k : k + 1))
                  }
                  style={{
                    width: 46,
                    height: 46,
                    borderRadius: 23,
                    alignItems: 'center',
                    backgroundColor: done ? c.ink : now ? c.tape : c.paper,
                    borderWidth: now ? 3 : 1.5,
                    borderColor: now ? c.ink : done ? c.ink : c.edge,
                  }}
                >
                  {done ? (
                    <Check color={c.paper} size={26} strokeWidth={3} />
                  ) : (
                    <Num fontSize={17} lineHeight={22} color={now ? c.tapeInk : c.ink2}>
                      {String(k + 1)}
                    </Num>
                  )}
                </Press>
              );
            })}
          </View>
        </>
      ) : null}
      {t.step.kind === 'rounds' && t.step.ticks[0]?.key === t.key ? <Notes notes={t.step.notes} /> : null}
      <TakeUp key={t.key} tick={t} part={part} />
    </>
  );
}

/** The hands have another count than the text: what to work differently in this round. */
function TakeUp({ tick: t, part }: { tick: Tick; part: PartModel }) {
  const { toy } = useToy();
  const [more, setMore] = useState(0);
  const round = part.reading.rounds[t.round!.reading];
  if (round.offered === 0) return null;
  const found = more === 0 ? null : takeUp(round.items, round.offered, more, toy.settings.terms);
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton label={say.tooMany} onPress={() => setMore(more === 1 ? 0 : 1)} />
        <PlainButton label={say.tooFew} onPress={() => setMore(more === -1 ? 0 : -1)} />
      </View>
      {more === 0 ? null : (
        <Words aria-live="polite" fontWeight="600">
          {found?.sentence ?? say.takeUpNone}
        </Words>
      )}
    </View>
  );
}

/** Safety points that belong to a step, and what the text says otherwise. */
function Notes({ notes }: { notes: readonly string[] }) {
  const c = usePalette();
  return (
    <>
      {notes.map((note) => (
        <Words key={note} fontWeight="600" color={c.coralInk}>
          {`! ${note}`}
        </Words>
      ))}
    </>
  );
}

function StepNow({ tick: t, open }: { tick: Tick; open: ReturnType<typeof openChecks> }) {
  const c = usePalette();
  const checks = t.step.kind === 'eyes' ? t.step.checks : [];
  return (
    <View style={{ gap: 8 }}>
      <Text
        role="heading"
        aria-level={2}
        fontFamily="$heading"
        fontWeight="800"
        fontSize={30}
        lineHeight={35}
        letterSpacing={-0.8}
        color={c.ink}
      >
        {t.step.title}
      </Text>
      <Words fontSize={18} lineHeight={25}>
        {t.step.detail}
      </Words>
      <Notes notes={t.step.notes} />
      {checks.length ? (
        <Words fontWeight="600" marginTop={4}>
          {say.before}
        </Words>
      ) : null}
      {checks.map((one) => {
        const done = !open.includes(one);
        return (
          <Press
            key={one.id}
            role="switch"
            label={one.words}
            chosen={done}
            onPress={() => changeProgress((p) => (done ? uncheck(p, t, one.id) : check(p, t, one)))}
            style={{ flexDirection: 'row', alignItems: 'center', justifyContent: 'flex-start', gap: 10 }}
          >
            <View
              style={{
                width: 26,
                height: 26,
                borderRadius: 3,
                borderWidth: 2,
                borderColor: c.ink,
                backgroundColor: done ? c.ink : c.paper,
                alignItems: 'center',
                justifyContent: 'center',
              }}
            >
              {done ? <Check color={c.paper} size={20} strokeWidth={3} /> : null}
            </View>
            <Words flexShrink={1} color={done ? c.ink2 : c.ink} fontWeight={one === open[0] ? '700' : '400'}>
              {one.words}
            </Words>
          </Press>
        );
      })}
      <Quiet>{t.step.reason}</Quiet>
    </View>
  );
}

function Neighbour({
  tick: t,
  done,
  changed,
  model,
}: {
  tick: Tick;
  done?: boolean;
  changed?: boolean;
  model: PartModel | null;
}) {
  const c = usePalette();
  const { toy } = useToy();
  const items =
    t.round && model?.part.id === t.step.part ? model.reading.rounds[t.round.reading]?.items : null;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
      <Num color={c.ink2} minWidth={40}>
        {t.round ? t.round.label : say.then}
      </Num>
      <Words flex={1} color={c.ink2} numberOfLines={2}>
        {t.round && items ? printItems(items, toy.settings.terms) : t.step.title}
      </Words>
      {changed ? <Words color={c.coralInk}>{say.changed}</Words> : null}
      {t.round ? (
        <Num color={c.ink2} fontSize={16}>
          {String(t.round.count)}
        </Num>
      ) : null}
      {done ? <Check color={c.ink2} size={22} strokeWidth={2.4} aria-label={say.done} /> : null}
    </View>
  );
}
