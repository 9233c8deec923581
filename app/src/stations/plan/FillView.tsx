import { useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { courseOf, standingAlone } from '@hoppla/core/address';
import { halfWidth } from '@hoppla/core/form';
import { bothFillings, fillBetween, fillingOf, zonesOf, type PartModel, type Zone } from '@hoppla/core/model';
import { changePart, changeSettings, type Settings, type ZoneFill } from '@hoppla/core/toy';
import { Choice, Field, MatText, Nudge, Num, PlainButton, Quiet, Scroll, Title, Words } from '../../controls';
import { edit } from '../../documents';
import { usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.plan;
const FILLS: readonly ZoneFill[] = ['empty', 'soft', 'medium', 'firm', 'yarn ends'];
const MATERIALS: readonly Settings['fillWith'][] = ['polyester', 'cotton', 'wool', 'yarn ends'];
const MAT_HIGH = 250;

/** A length of one part, as indices of its rounds, both among it. */
interface Span {
  from: number;
  to: number;
}

/** The filling, length by length: touched on the part, told in grams. */
export function FillView() {
  const { model, part: shown, choosePart } = useToy();
  const { wide } = useRoom();
  const filled = model.parts.filter((p) => p.form.section === 'ring' && p.fabric.rounds.length > 0);
  const part = filled.find((p) => p === shown) ?? filled[0];
  const [span, setSpan] = useState<Span | null>(null);
  if (!part) return <Quiet>{say.noFill}</Quiet>;
  const zones = zonesOf(part);
  const at: Span = span && span.to < part.fabric.rounds.length ? span : zones[0];
  return (
    <Scroll contentContainerStyle={{ width: '100%', maxWidth: wide ? 860 : undefined, alignSelf: 'center' }}>
      <Parts
        parts={filled}
        chosen={part}
        onChoose={(p) => {
          choosePart(p.part.id);
          setSpan(null);
        }}
      />
      <Silhouette part={part} zones={zones} span={at} onChoose={setSpan} />
      <View style={{ padding: 16, gap: 14 }}>
        <Length part={part} zones={zones} span={at} setSpan={setSpan} />
        <Bag part={part} />
      </View>
    </Scroll>
  );
}

/** The parts that can be filled, each with its grams. */
function Parts({
  parts,
  chosen,
  onChoose,
}: {
  parts: readonly PartModel[];
  chosen: PartModel;
  onChoose: (part: PartModel) => void;
}) {
  const { model, units } = useToy();
  return (
    <View
      role="radiogroup"
      aria-label={say.parts}
      style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, padding: 16, paddingBottom: 8 }}
    >
      {parts.map((p) => {
        const grams = bothFillings(fillingOf(model, p)).value;
        const each = grams > 0 ? units.weight(grams) : say.nothing;
        return (
          <PlainButton
            key={p.part.id}
            label={`${p.name} ${each}`}
            chosen={p === chosen}
            onPress={() => onChoose(p)}
          />
        );
      })}
    </View>
  );
}

/** Lines of a length across the silhouette: the firmer, the closer; nothing where it stays empty. */
const HATCH: Record<ZoneFill, number | null> = { empty: null, soft: 14, medium: 9, firm: 5, 'yarn ends': 3 };

/** A part from the side with its lengths; a touch chooses one. The hatching tells how firm, the words name it. */
function Silhouette({
  part,
  zones,
  span,
  onChoose,
}: {
  part: PartModel;
  zones: readonly Zone[];
  span: Span;
  onChoose: (span: Span) => void;
}) {
  const c = usePalette();
  const { width } = useRoom();
  const { form } = part;
  const n = part.fabric.rounds.length;
  const down = standingAlone(part.ringIs) === 'sole' ? -1 : 1;
  const z = (i: number) => (down > 0 ? form.z[i] - form.z[0] : form.z[n] - form.z[i]);
  const high = Math.max(1, Math.abs(form.z[n] - form.z[0]));
  const wide = Math.max(1, ...Array.from({ length: n + 1 }, (_, i) => halfWidth(form, i)));
  const k = Math.min((MAT_HIGH - 40) / high, (Math.min(width, 860) * 0.5) / (2 * wide), 7);
  const middle = Math.min(width, 860) * 0.36;
  const px = (i: number, side: 1 | -1) => middle + side * halfWidth(form, i) * k;
  const py = (i: number) => 20 + z(i) * k;
  const outline = (from: number, to: number) => {
    const index = Array.from({ length: to - from + 2 }, (_, j) => from + j);
    const left = index.map((i) => `${px(i, -1).toFixed(1)} ${py(i).toFixed(1)}`);
    const right = [...index].reverse().map((i) => `${px(i, 1).toFixed(1)} ${py(i).toFixed(1)}`);
    return `M${[...left, ...right].join('L')}Z`;
  };
  return (
    <View style={{ backgroundColor: c.mat, height: MAT_HIGH }}>
      <Svg width="100%" height={MAT_HIGH} aria-hidden>
        {zones.map((zone) => (
          <ZoneDrawn
            key={zone.from}
            zone={zone}
            d={outline(zone.from, zone.to)}
            hatch={hatchOf(zone, { px, py })}
            label={{
              x: middle + wide * k + 14,
              y: (py(zone.from) + py(zone.to + 1)) / 2 + 5,
              words: labelOf(part, zone),
            }}
          />
        ))}
        <Path d={outline(span.from, span.to)} fill="none" stroke={c.tape} strokeWidth={3} />
      </Svg>
      {zones.map((zone) => {
        const [a, b] = [py(zone.from), py(zone.to + 1)].sort((p, q) => p - q);
        return (
          <Pressable
            key={zone.from}
            role="button"
            aria-label={labelOf(part, zone)}
            aria-pressed={span.from === zone.from && span.to === zone.to}
            onPress={() => onChoose({ from: zone.from, to: zone.to })}
            style={{
              position: 'absolute',
              left: 0,
              right: 0,
              top: Math.min(a, (a + b) / 2 - 22),
              height: Math.max(44, b - a),
            }}
          />
        );
      })}
    </View>
  );
}

const labelOf = ({ fabric }: PartModel, { from, to, fill }: Zone): string => {
  const [a, b] = [fabric.rounds[from].label, fabric.rounds[to].label];
  return `${from === to ? a : `${a}–${b.slice(1)}`} ${say.fills[fill]}`;
};

/** Level lines inside a length. */
function hatchOf(
  { from, to, fill }: Zone,
  { px, py }: { px: (i: number, side: 1 | -1) => number; py: (i: number) => number },
): string {
  const every = HATCH[fill];
  if (every === null) return '';
  let d = '';
  for (let i = from; i <= to; i++) {
    const [y0, y1] = [py(i), py(i + 1)];
    const steps = Math.max(1, Math.round(Math.abs(y1 - y0) / every));
    for (let s = 0; s < steps; s++) {
      const share = (s + 0.5) / steps;
      const at = y0 + (y1 - y0) * share;
      const x = (side: 1 | -1) => px(i, side) + (px(i + 1, side) - px(i, side)) * share;
      d += `M${x(-1).toFixed(1)} ${at.toFixed(1)}H${x(1).toFixed(1)}`;
    }
  }
  return d;
}

function ZoneDrawn({
  d,
  hatch,
  label,
  zone,
}: {
  zone: Zone;
  d: string;
  hatch: string;
  label: { x: number; y: number; words: string };
}) {
  const c = usePalette();
  return (
    <>
      <Path
        d={d}
        fill={zone.fill === 'empty' ? 'none' : c.matDeep}
        stroke={c.matInk}
        strokeWidth={1.3}
        strokeDasharray={zone.fill === 'empty' ? '5 4' : undefined}
      />
      <Path d={hatch} stroke={c.matInk} strokeWidth={1.6} />
      <MatText x={label.x} y={label.y} size={15} weight="600">
        {label.words}
      </MatText>
    </>
  );
}

/** The length that is chosen: from where to where, how firm, how many grams. */
function Length({
  part,
  zones,
  span,
  setSpan,
}: {
  part: PartModel;
  zones: readonly Zone[];
  span: Span;
  setSpan: (span: Span) => void;
}) {
  const { model, units } = useToy();
  const { rounds } = part.fabric;
  const last = rounds.length - 1;
  const grams = bothFillings(fillBetween(model, part, span.from, span.to));
  const inside = zones.filter((z) => z.from <= span.to && z.to >= span.from);
  const fill = inside.length === 1 ? inside[0].fill : null;
  const step = (from: number, to: number) =>
    setSpan({ from: Math.max(0, Math.min(from, to)), to: Math.min(last, Math.max(from, to)) });
  const put = (chosen: ZoneFill) =>
    edit(say.filled(part.name, say.fills[chosen]), { station: 'plan', part: part.part.id }, (so) => {
      const own = so.parts.find((p) => p.id === part.part.id)!;
      const zone = {
        from: courseOf(part.fabric, span.from),
        to: courseOf(part.fabric, span.to),
        fill: chosen,
      };
      return changePart(so, own.id, { zones: [...own.zones, zone] });
    });
  return (
    <>
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10, flexWrap: 'wrap' }}>
        <Title role="heading" aria-level={2}>
          {`${rounds[span.from].label}–${rounds[span.to].label.slice(1)}`}
        </Title>
        <Num fontSize={22}>{grams.value > 0 ? units.weight(grams.value) : say.nothing}</Num>
        {grams.value > 0 ? (
          <Quiet>{say.range(units.bareWeight(grams.low), units.weight(grams.high))}</Quiet>
        ) : null}
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Nudge
          direction={say.from}
          arrow="▴"
          result={rounds[Math.max(0, span.from - 1)].label}
          onPress={() => step(span.from - 1, span.to)}
          disabled={span.from === 0}
          basis="47%"
          repeats
        />
        <Nudge
          direction={say.from}
          arrow="▾"
          result={rounds[Math.min(span.to, span.from + 1)].label}
          onPress={() => step(span.from + 1, span.to)}
          disabled={span.from >= span.to}
          basis="47%"
          repeats
        />
        <Nudge
          direction={say.to}
          arrow="▴"
          result={rounds[Math.max(span.from, span.to - 1)].label}
          onPress={() => step(span.from, span.to - 1)}
          disabled={span.from >= span.to}
          basis="47%"
          repeats
        />
        <Nudge
          direction={say.to}
          arrow="▾"
          result={rounds[Math.min(last, span.to + 1)].label}
          onPress={() => step(span.from, span.to + 1)}
          disabled={span.to >= last}
          basis="47%"
          repeats
        />
      </View>
      <Choice
        label={say.howFirm}
        options={FILLS.map((id) => ({ id, label: say.fills[id] }))}
        chosen={fill}
        onChoose={put}
      />
      {part.part.zones.length > 0 ? (
        <View style={{ flexDirection: 'row' }}>
          <PlainButton
            label={say.fillAsText}
            onPress={() =>
              edit(say.fillAsText, { station: 'plan', part: part.part.id }, (so) =>
                changePart(so, part.part.id, { zones: [] }),
              )
            }
          />
        </View>
      ) : null}
    </>
  );
}

/** What it is filled with, and what the bag weighed less. */
function Bag({ part }: { part: PartModel }) {
  const { toy, units } = useToy();
  const [typed, setTyped] = useState<string | null>(null);
  const { fillWith, noPlastic } = toy.settings;
  const own = part.part.weighedG;
  const weigh = () => {
    const grams = Number((typed ?? '').replace(',', '.')) * (units.weightOf === 'oz' ? 28.349523125 : 1);
    setTyped(null);
    const weighedG = Number.isFinite(grams) && grams > 0 ? grams : null;
    if (weighedG === null && typed !== '') return;
    edit(say.weighed, { station: 'plan', part: part.part.id }, (so) =>
      changePart(so, part.part.id, { weighedG }),
    );
  };
  return (
    <>
      <Choice
        label={say.fillWith}
        options={MATERIALS.map((id) => ({ id, label: say.materials[id] }))}
        chosen={fillWith}
        onChoose={(id) =>
          edit(say.fillWith, { station: 'plan' }, (so) => changeSettings(so, { fillWith: id }))
        }
      />
      <View style={{ flexDirection: 'row' }}>
        <PlainButton
          label={noPlastic ? say.plasticNone : say.plasticAny}
          chosen={noPlastic === true}
          onPress={() =>
            edit(say.plasticNone, { station: 'plan' }, (so) => changeSettings(so, { noPlastic: !noPlastic }))
          }
        />
      </View>
      <Words fontWeight="600">{say.weigh(part.name)}</Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8 }}>
        <Field
          label={say.weigh(part.name)}
          hideLabel
          value={typed ?? (own === null ? '' : units.bareWeight(own))}
          onChange={setTyped}
          onDone={weigh}
          unit={units.weightOf}
          numeric
        />
        <PlainButton label={say.weighIt} onPress={weigh} />
      </View>
      <Quiet>{own === null ? say.weighHow : say.weighedHow}</Quiet>
    </>
  );
}
