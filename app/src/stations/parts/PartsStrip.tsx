import { ScrollView, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { halfWidth, type PartForm } from '@hoppla/core/form';
import { yarnColour, type PartModel } from '@hoppla/core/model';
import { PlainButton, Press, Words } from '../../controls';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords as say } from '../../words';

const TALL = 38;

/** All parts as small silhouettes at one scale, with how many and whether they add up. */
export function PartsStrip({ onAdd }: { onAdd: (() => void) | null }) {
  const c = usePalette();
  const { model, part, choosePart } = useToy();
  const most = Math.max(40, ...model.parts.map((p) => Math.max(p.form.heightMm, p.form.widthMm * 0.6)));
  return (
    <View style={{ backgroundColor: c.matDeep }}>
      <ScrollView
        horizontal
        showsHorizontalScrollIndicator={false}
        contentContainerStyle={{ paddingHorizontal: 8, alignItems: 'center', gap: 2 }}
      >
        <View role="radiogroup" aria-label={say.parts.strip} style={{ flexDirection: 'row' }}>
          {model.parts.map((p) => (
            <StripPart
              key={p.part.id}
              part={p}
              chosen={p === part}
              pxPerMm={TALL / most}
              colour={yarnColour(model, p.part.id, p.copies[0]?.id ?? '')}
              onPress={() => choosePart(p.part.id)}
            />
          ))}
        </View>
        {onAdd ? <PlainButton label={say.parts.add} onPress={onAdd} /> : null}
      </ScrollView>
    </View>
  );
}

/** The part's outline, ring up, at the scale that all parts of the strip share. */
function Silhouette({ form, pxPerMm, colour }: { form: PartForm; pxPerMm: number; colour: string }) {
  const c = usePalette();
  const width = Math.max(14, form.widthMm * pxPerMm + 4);
  const side = (way: 1 | -1) =>
    Array.from(
      form.r,
      (_, i) =>
        `${(width / 2 + way * halfWidth(form, i) * pxPerMm).toFixed(1)} ${(2 + form.z[i] * pxPerMm).toFixed(1)}`,
    );
  return (
    <Svg width={width} height={TALL + 6} aria-hidden>
      <Path
        d={`M${side(1).join('L')}L${side(-1).reverse().join('L')}Z`}
        fill={colour}
        stroke={c.matInk}
        strokeWidth={1.1}
        strokeLinejoin="round"
      />
    </Svg>
  );
}

function StripPart({
  part,
  chosen,
  pxPerMm,
  colour,
  onPress,
}: {
  part: PartModel;
  chosen: boolean;
  pxPerMm: number;
  colour: string;
  onPress: () => void;
}) {
  const c = usePalette();
  const errors = part.problems.filter((p) => p.severity === 'error').length;
  return (
    <Press
      chosen={chosen}
      role="radio"
      onPress={onPress}
      style={{
        height: 58,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 7,
        paddingHorizontal: 9,
        borderTopWidth: 4,
        borderTopColor: chosen ? c.tape : 'transparent',
      }}
    >
      <Silhouette form={part.form} pxPerMm={pxPerMm} colour={colour} />
      <StripWords chosen={chosen} part={part} errors={errors} />
    </Press>
  );
}

/** Its name, and how many. */
function StripWords({ chosen, part, errors }: { chosen: boolean; part: PartModel; errors: number }) {
  const c = usePalette();
  return (
    <View>
      <Words
        fontSize={15}
        lineHeight={18}
        fontWeight={chosen ? '600' : '400'}
        color={c.matInk}
      >{`${part.name}${part.copies.length > 1 ? ` × ${part.copies.length}` : ''}`}</Words>
      <Words fontSize={13} lineHeight={16} color={errors ? c.coral : c.matInk2}>
        {part.fabric.rounds.length === 0
          ? say.parts.noRounds
          : errors
            ? `! ${say.parts.faults(errors)}`
            : `✓ ${say.parts.stitches(part.fabric.stitches)}`}
      </Words>
    </View>
  );
}
