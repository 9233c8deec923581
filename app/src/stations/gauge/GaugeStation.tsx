import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { hookMm, hookName, type HookSystem } from '@hoppla/core/figures';
import { fromLabel, wanderOf, type Source } from '@hoppla/core/gauge';
import {
  addGauge,
  changeGauge,
  changePart,
  changeSettings,
  changeYarn,
  gaugeSettingsOf,
  measureGauge,
  modelPart,
  type NamedGauge,
  type PartModel,
  type Toy,
} from '@hoppla/core/toy';
import { screenWords as words, type Units, type UnitWords } from '@hoppla/core/words';
import {
  Choice,
  Field,
  MainAction,
  Num,
  PlainButton,
  Press,
  Quiet,
  Scroll,
  Title,
  Words,
} from '../../controls';
import { edit, newId } from '../../documents';
import { usePalette } from '../../theme';
import { RAIL, WIDE_FROM } from '../frame/ToyFrame';
import { useToy } from '../frame/useToy';
import { expected, saidBy, WAYS, type Measured, type Said } from './measuring';
import { MeasurePicture } from './MeasurePicture';
import { YarnSheet } from './YarnSheet';

const say = words.gauge;

/** Gauge: what is a stitch of mine in millimetres, and what would another yarn make? */
export function GaugeStation() {
  const c = usePalette();
  const router = useRouter();
  const { width, height } = useWindowDimensions();
  const { part, toy, units, writing } = useToy();
  const [measured, setMeasured] = useState<Measured>({
    way: 'stitches',
    on: 'width',
    side: 'right',
    typed: '',
    typedHeight: '',
  });
  const [trying, setTrying] = useState(false);
  const wide = width >= WIDE_FROM;
  if (!part) {
    return (
      <View style={{ flex: 1, backgroundColor: c.paper, padding: 24, gap: 12 }}>
        <Title role="heading" aria-level={2}>
          {words.parts.emptyTitle}
        </Title>
        <View style={{ flexDirection: 'row' }}>
          <MainAction
            label={words.plan.toParts}
            onPress={() => router.push({ pathname: '/toy/[id]/parts', params: { id: toy.id } })}
          />
        </View>
      </View>
    );
  }
  const named = toy.gauges.find((g) => g.id === part.part.gauge) ?? toy.gauges[0];
  const said = saidBy(measured, part, named, units);
  const paper = wide ? 460 : width;
  const stage = wide ? width - RAIL - paper : width;
  const mat = wide ? height - 56 : Math.round(Math.max(150, Math.min(260, height * 0.27)));
  const use = () => {
    if (said.state !== 'good') return;
    edit(say.use(said.what), { station: 'gauge', part: part.part.id }, (so) =>
      measureGauge(so, part.part.id, said.change, newId),
    );
    setMeasured({ ...measured, typed: '', typedHeight: '' });
  };
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column' }}>
      <MeasurePicture part={part} measured={measured} said={said} width={stage} height={mat} />
      <View style={{ flex: 1, minHeight: 0, backgroundColor: c.paper }}>
        <Scroll keyboardShouldPersistTaps="handled" contentContainerStyle={{ padding: 16, gap: 14 }}>
          <Title role="heading" aria-level={2}>
            {say.of(part.name)}
          </Title>
          <Choice
            label={say.ways}
            options={WAYS.map((id) => ({ id, label: say.way[id] }))}
            chosen={measured.way}
            onChoose={(way) => setMeasured({ ...measured, way, typed: '' })}
          />
          <Quiet>{say.how[measured.way]}</Quiet>
          <Typing
            measured={measured}
            said={said}
            part={part}
            units={units}
            onChange={setMeasured}
            onUse={use}
          />
          {said.state === 'good' ? <Becomes part={part} toy={toy} said={said} units={units} /> : null}
          <Standing part={part} gauge={named} units={units} />
          <YarnAndHook part={part} gauge={named} />
          <View style={{ flexDirection: 'row' }}>
            <PlainButton label={say.change} onPress={() => setTrying(true)} grow />
          </View>
          <Choice
            label={say.units}
            options={(['mm', 'inch'] as Units[]).map((id) => ({ id, label: say.unitNames[id] }))}
            chosen={toy.settings.units}
            onChoose={(id) =>
              edit(`${say.units}: ${id}`, { station: 'gauge', part: part.part.id }, (so) =>
                changeSettings(so, { units: id }),
              )
            }
          />
          <Choice
            label={say.hooks}
            options={(['mm', 'letter', 'number'] as HookSystem[]).map((id) => ({
              id,
              label: say.hookSystems[id],
            }))}
            chosen={toy.settings.hooks}
            onChoose={(id) =>
              edit(`${say.hooks}: ${id}`, { station: 'gauge', part: part.part.id }, (so) =>
                changeSettings(so, { hooks: id }),
              )
            }
          />
        </Scroll>
        <View style={{ padding: 16, paddingTop: 8, flexDirection: 'row', gap: 8 }}>
          <MainAction
            label={said.state === 'good' ? say.use(said.what) : say.typeFirst}
            disabled={said.state !== 'good' || !writing}
            onPress={use}
          />
        </View>
      </View>
      {trying ? <YarnSheet part={part} gauge={named} onClose={() => setTrying(false)} /> : null}
    </View>
  );
}

/** What was measured, to be typed. */
function Typing({
  measured,
  said,
  part,
  units,
  onChange,
  onUse,
}: {
  measured: Measured;
  said: Said;
  part: PartModel;
  units: UnitWords;
  onChange: (measured: Measured) => void;
  onUse: () => void;
}) {
  const c = usePalette();
  const of = measured.way === 'part' ? measured.on : measured.way;
  const usual = expected(measured, part);
  return (
    <View style={{ gap: 10 }}>
      {measured.way === 'part' ? (
        <Choice
          label={say.which}
          options={(['both', 'width', 'girth', 'height'] as const).map((id) => ({
            id,
            label: say.measures[id],
          }))}
          chosen={measured.on}
          onChoose={(on) => onChange({ ...measured, on, typed: '', typedHeight: '' })}
        />
      ) : null}
      {measured.way === 'wander' ? (
        <Choice
          label={say.side}
          options={(['left', 'right'] as const).map((id) => ({ id, label: say[id] }))}
          chosen={measured.side}
          onChoose={(side) => onChange({ ...measured, side })}
        />
      ) : null}
      <Field
        label={say.field[of === 'both' ? 'width' : of]}
        value={measured.typed}
        numeric
        placeholder={measured.way === 'wander' ? (Math.round(usual * 10) / 10).toString() : units.bare(usual)}
        unit={measured.way === 'wander' ? undefined : units.of}
        onChange={(typed) => onChange({ ...measured, typed })}
        onDone={onUse}
        most={20}
      />
      {of === 'both' ? (
        <Field
          label={say.field.height}
          value={measured.typedHeight}
          numeric
          placeholder={units.bare(part.form.heightMm)}
          unit={units.of}
          onChange={(typedHeight) => onChange({ ...measured, typedHeight })}
          onDone={onUse}
          most={20}
        />
      ) : null}
      {said.state === 'fault' ? (
        <Words role="alert" color={c.coralInk}>
          {said.sentence}
        </Words>
      ) : null}
    </View>
  );
}

/** A measurement within more than so many percent says little. */
const WIDE_RANGE = 5;

/** What the measurement makes of the part. */
function Becomes({
  part,
  toy,
  said,
  units,
}: {
  part: PartModel;
  toy: Toy;
  said: Extract<Said, { state: 'good' }>;
  units: UnitWords;
}) {
  const changed = measureGauge(toy, part.part.id, said.change, newId);
  const after = modelPart(changed, changed.parts.find((p) => p.id === part.part.id) ?? part.part);
  const size = (p: PartModel) =>
    words.bench.size(units.bare(p.form.widthMm), units.bare(p.form.heightMm), units.of);
  const percent = said.change.stitchRangePercent ?? said.change.roundRangePercent;
  return (
    <View aria-live="polite">
      <Words>{say.becomes(part.name, size(part), size(after))}</Words>
      {percent === undefined ? null : <Quiet>{say.within(percent.toFixed(1), percent > WIDE_RANGE)}</Quiet>}
    </View>
  );
}

/** The four figures of a gauge as they stand, each measured or assumed, with its range and a way back. */
function Standing({ part, gauge, units }: { part: PartModel; gauge: NamedGauge; units: UnitWords }) {
  const c = usePalette();
  const g = part.gauge;
  const lean = wanderOf(g.leanStitches, g.hand, part.part.pose.out === 'wrong side');
  const round =
    gaugeSettingsOf(gauge, part.reading).roundMm === undefined
      ? g.source === 'not known'
        ? 'not known'
        : 'assumed'
      : 'measured';
  const facts: {
    id: keyof typeof say.facts;
    value: string;
    note?: string;
    source: Source;
    percent: number | null;
    forget: Partial<NamedGauge>;
  }[] = [
    {
      id: 'stitch',
      value: units.fine(g.stitchMm),
      source: g.stitchSource,
      percent: g.stitchRangePercent,
      forget: { stitchMm: undefined, stitchRangePercent: undefined },
    },
    {
      id: 'round',
      value: units.fine(g.roundMm),
      source: round,
      percent: g.roundRangePercent,
      forget: { roundMm: undefined, roundRangePercent: undefined },
    },
    {
      id: 'lean',
      value: say.moves(String(Math.round(lean.stitches * 10) / 10), say[lean.side]),
      note: say.inTenRounds,
      source: g.leanSource,
      percent: null,
      forget: { leanStitches: undefined },
    },
    {
      id: 'yarn',
      value: say.yarnEach(units.length(g.yarnWidths * g.stitchMm)),
      source: g.yarnSource,
      percent: null,
      forget: { yarnPerStitchMm: undefined },
    },
    ...(part.fill === 'empty'
      ? []
      : [
          {
            id: 'give' as const,
            value: g.postGive.toFixed(2),
            note: say.giveNote,
            source: g.postSource,
            percent: g.postSource === 'measured' ? g.postRangePercent : null,
            forget: { postGive: undefined, postRangePercent: undefined },
          },
        ]),
  ];
  return (
    <View style={{ gap: 2 }}>
      <Words fontWeight="600">{say.now}</Words>
      {facts.map((f) => (
        <View
          key={f.id}
          style={{
            flexDirection: 'row',
            alignItems: 'center',
            flexWrap: 'wrap',
            alignContent: 'center',
            columnGap: 12,
            minHeight: 46,
            borderTopWidth: 1,
            borderTopColor: c.line,
          }}
        >
          <Words width={66} color={c.ink2}>
            {say.facts[f.id]}
          </Words>
          <Num fontSize={15} lineHeight={20} flexShrink={1}>
            {f.value}
          </Num>
          <Quiet
            flexGrow={1}
          >{`${f.note ? `${f.note}, ` : ''}${say.sources[f.source]}${f.percent === null ? '' : `, ${say.range(f.percent.toFixed(f.percent < 10 ? 1 : 0))}`}`}</Quiet>
          {f.source === 'measured' ? (
            <Press
              label={say.forget(say.facts[f.id].toLowerCase())}
              onPress={() =>
                edit(
                  say.forget(say.facts[f.id].toLowerCase()),
                  { station: 'gauge', part: part.part.id },
                  (so) => changeGauge(so, gauge.id, f.forget),
                )
              }
              style={{ alignItems: 'center' }}
            >
              <Words aria-hidden fontSize={22}>
                ×
              </Words>
            </Press>
          ) : null}
        </View>
      ))}
    </View>
  );
}

/** What a ball's label says: so many grams on so many metres. */
function Label({ gauge, part }: { gauge: NamedGauge; part: string }) {
  const [grams, setGrams] = useState('');
  const [metres, setMetres] = useState('');
  const number = (typed: string) => Number(typed.replace(',', '.'));
  const found = fromLabel(number(grams), number(metres));
  const use = () => {
    if (found.fault !== undefined) return;
    edit(say.label, { station: 'gauge', part }, (so) => changeGauge(so, gauge.id, found.change));
    setGrams('');
    setMetres('');
  };
  return (
    <View style={{ gap: 6 }}>
      <Words fontWeight="600">
        {gauge.gramsPerMetre === undefined
          ? say.label
          : `${say.label}: ${say.labelSays(gauge.gramsPerMetre.toFixed(2))}`}
      </Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Field
          label={`${say.label}, ${say.labelGrams}`}
          hideLabel
          numeric
          value={grams}
          onChange={setGrams}
          unit={say.labelGrams}
          most={6}
        />
        <Field
          label={`${say.label}, ${say.labelMetres}`}
          hideLabel
          numeric
          value={metres}
          onChange={setMetres}
          onDone={use}
          unit={say.labelMetres}
          most={6}
        />
        <PlainButton label={say.setLabel} disabled={found.fault !== undefined} onPress={use} />
      </View>
      {grams !== '' && metres !== '' && found.fault !== undefined ? (
        <Quiet role="alert">{say.notLabel}</Quiet>
      ) : null}
    </View>
  );
}

/** The hook of a part as it is known: said, only assumed, or said in words that are no one hook. */
function hookSaid(part: PartModel, gauge: NamedGauge, hooks: HookSystem): string {
  const { hookBy, hookMm: mm } = part.gauge;
  if (hookBy === 'not known') return say.hookNotKnown(part.reading.hookNotKnown ?? gauge.hookWords ?? '');
  return hookBy === 'assumed' ? say.hookNotSaid(hookName(mm, hooks)) : hookName(mm, hooks);
}

/** The yarn and hook this part is made with, and how its maker works. */
function YarnAndHook({ part, gauge }: { part: PartModel; gauge: NamedGauge }) {
  const { toy } = useToy();
  const [hook, setHook] = useState('');
  const id = part.part.id;
  const change = (name: string, to: Partial<NamedGauge>) =>
    edit(name, { station: 'gauge', part: id }, (so) => changeGauge(so, gauge.id, to));
  const shown = (g: NamedGauge) =>
    g.name ||
    [g.yarn, say.unnamed(hookName(g.id === gauge.id ? part.gauge.hookMm : g.hookMm, toy.settings.hooks))]
      .filter(Boolean)
      .join(', ');
  const typed = hookMm(hook);
  const setTo = () => {
    if (typed === null) return;
    edit(`${say.hook}: ${hookName(typed, toy.settings.hooks)}`, { station: 'gauge', part: id }, (so) =>
      changeYarn(so, gauge.id, { hookMm: typed, yarn: gauge.yarn }, newId),
    );
    setHook('');
  };
  const own = part.part.pose;
  return (
    <View style={{ gap: 12 }}>
      {toy.gauges.length > 1 ? (
        <Choice
          label={say.which_}
          options={toy.gauges.map((g) => ({ id: g.id, label: shown(g) }))}
          chosen={gauge.id}
          onChoose={(g) =>
            edit(say.which_, { station: 'gauge', part: id }, (so) => changePart(so, id, { gauge: g }))
          }
        />
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8 }}>
        <Field
          label={`${say.hook}: ${hookSaid(part, gauge, toy.settings.hooks)}`}
          value={hook}
          onChange={setHook}
          onDone={setTo}
          placeholder={say.hookHint}
          most={12}
        />
        <PlainButton label={say.setHook} disabled={typed === null} onPress={setTo} />
      </View>
      {hook !== '' && typed === null ? <Quiet role="alert">{say.notHook}</Quiet> : null}
      <Label gauge={gauge} part={id} />
      <Choice
        label={say.hand}
        options={(['right', 'left'] as const).map((h) => ({ id: h, label: say.hands[h] }))}
        chosen={gauge.hand}
        onChoose={(hand) => change(say.hands[hand], { hand })}
      />
      <Choice
        label={say.pull}
        options={[
          { id: 'over', label: say.over },
          { id: 'under', label: say.under },
        ]}
        chosen={gauge.yarnUnder ? 'under' : 'over'}
        onChoose={(pull) => change(pull === 'under' ? say.under : say.over, { yarnUnder: pull === 'under' })}
      />
      <Choice
        label={say.out}
        options={(['right side', 'wrong side'] as const).map((s) => ({ id: s, label: say.sides[s] }))}
        chosen={own.out}
        onChoose={(out) =>
          edit(`${say.out}: ${out}`, { station: 'gauge', part: id }, (so) =>
            changePart(so, id, { pose: { ...own, out } }),
          )
        }
      />
      <View style={{ flexDirection: 'row' }}>
        <PlainButton
          label={say.another}
          grow
          onPress={() =>
            edit(say.another, { station: 'gauge', part: id }, (so) =>
              addGauge(so, id, say.anotherName(part.name), newId),
            )
          }
        />
      </View>
    </View>
  );
}
