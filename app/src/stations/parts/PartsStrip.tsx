import { ScrollView, View } from 'react-native';
import type { PartModel } from '@hoppla/core/model';
import { PlainButton, Press, Words } from '../../controls';
import { usePalette } from '../../theme';
import { PartOutline, yarnsOf } from '../frame/PartOutline';
import { useToy } from '../frame/useToy';
import { screenWords as say } from '../../words';

const TALL = 38;

/** All parts as small silhouettes at one scale, with how many and whether they add up. */
export function PartsStrip({ onAdd, underWay }: { onAdd: (() => void) | null; underWay: number | null }) {
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
              underWay={p === part ? underWay : null}
              pxPerMm={TALL / most}
              yarns={yarnsOf(model, p)}
              onPress={() => choosePart(p.part.id)}
            />
          ))}
        </View>
        {onAdd ? <PlainButton label={say.parts.add} onPress={onAdd} /> : null}
      </ScrollView>
    </View>
  );
}

function StripPart({
  part,
  chosen,
  underWay,
  pxPerMm,
  yarns,
  onPress,
}: {
  part: PartModel;
  chosen: boolean;
  /** the line that is being tapped: what it lacks yet is no fault */
  underWay: number | null;
  pxPerMm: number;
  yarns: string;
  onPress: () => void;
}) {
  const c = usePalette();
  const errors = errorsIn(part.problems) - errorsIn(lineAt(part, underWay)?.problems ?? []);
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
      <PartOutline
        form={part.form}
        yarns={yarns}
        ink={c.matInk}
        pxPerMm={pxPerMm}
        width={Math.max(14, part.form.widthMm * pxPerMm + 4)}
        height={TALL + 6}
      />
      <StripWords chosen={chosen} part={part} errors={errors} told={told(part, errors, underWay)} />
    </Press>
  );
}

const errorsIn = (problems: readonly { severity: string }[]): number =>
  problems.filter((p) => p.severity === 'error').length;
const lineAt = ({ reading }: PartModel, line: number | null) => reading.lines.find((l) => l.line === line);

/** Whether it adds up. */
function told({ fabric }: PartModel, errors: number, underWay: number | null): string {
  if (fabric.rounds.length === 0) return say.parts.noRounds;
  if (errors > 0) return `! ${say.parts.faults(errors)}`;
  return underWay === null ? `✓ ${say.parts.stitches(fabric.stitches)}` : say.parts.underWay;
}

/** Its name, and how many. */
function StripWords({
  chosen,
  part,
  errors,
  told: words,
}: {
  chosen: boolean;
  part: PartModel;
  errors: number;
  told: string;
}) {
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
        {words}
      </Words>
    </View>
  );
}
