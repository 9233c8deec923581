import { View } from 'react-native';
import { courseOf, roundOf } from '@hoppla/core/address';
import type { PartModel } from '@hoppla/core/model';
import { changePart, type Core, type CoreIs } from '@hoppla/core/toy';
import { Amount, Choice, Nudge, Quiet, Title } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.plan;
const CORES: readonly CoreIs[] = ['roll of fabric', 'felt', 'plastic tube', 'wood', 'wire'];

/** What stiffens a part inside: what, how long and wide, after which round it goes in. */
export function PartCore({ part, atRound }: { part: PartModel; atRound: number }) {
  const { id, core } = part.part;
  const put = (next: Core | null) =>
    edit(say.coreSaid(part.name), { station: 'plan', part: id }, (so) => changePart(so, id, { core: next }));
  const choose = (is: CoreIs | 'none') => {
    if (is === 'none') return put(null);
    // As long as two thirds of the part and as wide as a finger until the maker says otherwise; both stand below.
    put(core ? { ...core, is } : { is, ...firstSize(part), at: courseOf(part.fabric, atRound) });
  };
  return (
    <View style={{ gap: 12 }}>
      <Title role="heading" aria-level={2}>
        {say.core}
      </Title>
      <Choice
        label={say.coreIs}
        options={[
          { id: 'none' as const, label: say.coreNone },
          ...CORES.map((is) => ({ id: is, label: say.cores[is] })),
        ]}
        chosen={core?.is ?? 'none'}
        onChoose={choose}
      />
      {core ? <Sizes part={part} core={core} put={put} /> : null}
    </View>
  );
}

/** As wide as a finger is what most rolls come to, mm; only where a new core begins. */
const FINGER_MM = 12;

/** A core's first size, mm. */
function firstSize({ form }: PartModel): { lengthMm: number; widthMm: number } {
  return {
    lengthMm: Math.round((form.heightMm * 2) / 3),
    widthMm: Math.min(FINGER_MM, Math.round(form.widthMm / 3)),
  };
}

function Sizes({ part, core, put }: { part: PartModel; core: Core; put: (core: Core) => void }) {
  const { units } = useToy();
  const { rounds } = part.fabric;
  const at = roundOf(part.fabric, core.at);
  return (
    <View style={{ gap: 12 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        {(['lengthMm', 'widthMm'] as const).map((of) => (
          <Amount
            key={of}
            label={say.coreSize[of]}
            unit={units.of}
            value={core[of] / units.oneMm}
            note={say.noteIt}
            onSay={(n) => (n ? put({ ...core, [of]: n * units.oneMm }) : undefined)}
          />
        ))}
      </View>
      {at < 0 ? <Quiet>{say.coreLost}</Quiet> : null}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        {([-1, 1] as const).map((by) => {
          const next = Math.max(0, at) + by;
          const can = next >= 0 && next < rounds.length;
          return (
            <Nudge
              key={by}
              direction={by < 0 ? say.coreEarlier : say.coreLater}
              arrow={by < 0 ? '◂' : '▸'}
              result={say.coreAfter(rounds[can ? next : Math.max(0, at)].label)}
              onPress={() => put({ ...core, at: courseOf(part.fabric, next) })}
              disabled={!can}
              basis="47%"
              repeats
            />
          );
        })}
      </View>
    </View>
  );
}
