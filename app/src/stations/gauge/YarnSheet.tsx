import { useState } from 'react';
import { View } from 'react-native';
import { hookMm, hookName, YARNS } from '@hoppla/core/figures';
import type { YarnChange, YarnChangeRow } from '@hoppla/core/plan';
import { changeYarn, type NamedGauge } from '@hoppla/core/toy';
import { type PartModel } from '@hoppla/core/model';
import { hours, type UnitWords } from '@hoppla/core/words';
import { useCompute } from '../../compute';
import { Choice, Field, MainAction, Num, Quiet, Sheet, Words } from '../../controls';
import { edit, newId } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.gauge;

/** Another yarn for the whole toy: new sizes, eyes, washers, ends and grams beside the old. */
export function YarnSheet({
  part,
  gauge,
  onClose,
}: {
  part: PartModel;
  gauge: NamedGauge;
  onClose: () => void;
}) {
  const { toy, units, writing } = useToy();
  const now = part.reading.hookMm ?? gauge.hookMm;
  const first = YARNS.find((y) => y.usualHookMm > now + 0.4) ?? YARNS[0];
  const [yarn, setYarn] = useState(first.name);
  const [typed, setTyped] = useState('');
  const usual = YARNS.find((y) => y.name === yarn)!.usualHookMm;
  const hook = (typed.trim() === '' ? null : hookMm(typed)) ?? usual;
  const to = { hookMm: hook, yarn };
  const { result, share } = useCompute('yarnChange', { toy, gauge: gauge.id, to });
  const name = `${yarn}, ${hookName(hook, toy.settings.hooks)}`;
  const change = () => {
    edit(say.changeTo(name), { station: 'gauge', part: part.part.id }, (so) =>
      changeYarn(so, gauge.id, to, newId),
    );
    onClose();
  };
  return (
    <Sheet
      title={say.changeTitle}
      onClose={onClose}
      foot={<MainAction label={say.changeTo(name)} disabled={!result || !writing} onPress={change} />}
    >
      <Choice
        label={say.weight}
        options={YARNS.map((y) => ({ id: y.name, label: y.name }))}
        chosen={yarn}
        onChoose={(next) => (setYarn(next), setTyped(''))}
      />
      <Field label={say.hook} value={typed} onChange={setTyped} placeholder={`${usual} mm`} most={12} />
      {typed.trim() !== '' && hookMm(typed) === null ? <Quiet role="alert">{say.notHook}</Quiet> : null}
      {result ? <Table result={result} units={units} /> : <Working share={share} />}
      <Quiet>{say.assumedAgain}</Quiet>
    </Sheet>
  );
}

function Working({ share }: { share: number }) {
  const c = usePalette();
  return (
    <View role="status" style={{ gap: 6 }}>
      <Words>{say.working}</Words>
      <View style={{ height: 8, backgroundColor: c.sunk }}>
        <View style={{ height: 8, width: `${Math.round(100 * share)}%`, backgroundColor: c.tape }} />
      </View>
    </View>
  );
}

function Table({ result, units }: { result: YarnChange; units: UnitWords }) {
  const both = (pair: readonly [string, string]) => pair;
  const rows = (r: YarnChangeRow): [string, readonly [string, string]][] => [
    [
      say.columns.size,
      both(
        [0, 1].map((k) =>
          words.bench.size(
            units.bare(r.width[k].value),
            units.bare(r.height[k].value),
            k === 1 ? units.of : '',
          ),
        ) as [string, string],
      ),
    ],
    ...(r.eyes
      ? [
          [
            say.columns.eyes,
            both([0, 1].map((k) => say.washer(r.eyes!.eyeMm[k], r.eyes!.washerMm[k])) as [string, string]),
          ] as [string, readonly [string, string]],
        ]
      : []),
    ...(r.fillG[0] > 0 || r.fillG[1] > 0
      ? [
          [say.columns.fill, both([units.weight(r.fillG[0]), units.weight(r.fillG[1])])] as [
            string,
            readonly [string, string],
          ],
        ]
      : []),
    [say.columns.end, both([units.end(r.endMm[0]), units.end(r.endMm[1])])],
  ];
  return (
    <View>
      {result.rows.map((r) => (
        <Block key={r.part} title={r.copies > 1 ? `${r.name} × ${r.copies}` : r.name} rows={rows(r)} />
      ))}
      <Whole result={result} units={units} />
    </View>
  );
}

/** The whole toy, and its yarn colour by colour. */
function Whole({ result, units }: { result: YarnChange; units: UnitWords }) {
  return (
    <>
      <Block
        title={say.whole}
        rows={[
          [say.columns.fill, [units.weight(result.fillG[0]), units.weight(result.fillG[1])]],
          [say.endsAll, [units.yarn(result.endsMm[0]), units.yarn(result.endsMm[1])]],
          [say.columns.yarn, [units.yarn(1000 * result.yarnM[0]), units.yarn(1000 * result.yarnM[1])]],
          [say.columns.time, [say.hours(hours(result.minutes[0])), say.hours(hours(result.minutes[1]))]],
          [say.columns.pauses, [String(result.pauses[0]), String(result.pauses[1])]],
        ]}
      />
      <Block
        title={say.yarns}
        rows={result.yarns.map(({ name, metres, grams }) => [
          name,
          [0, 1].map((k) => say.yarnOf(units.yarn(1000 * metres[k].value), units.weight(grams[k].value))) as [
            string,
            string,
          ],
        ])}
      />
    </>
  );
}

/** One part: each figure as it is and as it would be. */
function Block({ title, rows }: { title: string; rows: [string, readonly [string, string]][] }) {
  const c = usePalette();
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: c.line, paddingVertical: 6 }}>
      <Words fontWeight="700">{title}</Words>
      {rows.map(([what, [was, becomes]]) => (
        <View
          key={what}
          style={{
            flexDirection: 'row',
            flexWrap: 'wrap',
            alignItems: 'baseline',
            columnGap: 8,
            minHeight: 24,
          }}
          role="group"
          aria-label={`${title}, ${what}: ${was}, ${becomes}`}
        >
          <Quiet width={86}>{what}</Quiet>
          <Num fontWeight="400" color={c.ink2} width={78}>
            {was}
          </Num>
          <Num flexShrink={1}>{`→ ${becomes}`}</Num>
        </View>
      ))}
    </View>
  );
}
