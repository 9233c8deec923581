import { View } from 'react-native';
import {
  DARK,
  MOST_STITCHED,
  ownTwin,
  SATIN_SHAPES,
  STITCHED_WHEN,
  STITCHERIES,
  type Embroidery,
} from '@hoppla/core/feature';
import type { PartModel } from '@hoppla/core/model';
import { stitchWords, type UnitWords } from '@hoppla/core/words';
import { Choice, Nudge } from '../../controls';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { change } from './change';
import { put, type EndAt, type Needled, type NeedledState } from './stitchEnds';

const say = words.stitching;

/** What is on the other side of the face. */
export function OtherSide({
  part,
  stitched: { feature: f, head, marks },
  setAt,
}: {
  part: PartModel;
  stitched: NeedledState;
  setAt: (at: EndAt) => void;
}) {
  const chosen = typeof f.twin === 'string' ? f.twin : 'own';
  return (
    <Choice
      label={say.twin}
      options={(['none', 'mirrored', 'own'] as const).map((id) => ({ id, label: say.twins[id] }))}
      chosen={chosen}
      onChoose={(id) => {
        const from = f.twin === 'none' ? { ...f, twin: 'mirrored' as const } : f;
        const twin = id === 'own' ? ownTwin(head, from, marks) : id;
        setAt(id === 'own' ? { side: 1, end: 0 } : { side: 0, end: 0 });
        if (f.kind !== 'sculpt') change(say.twin, part, { ...f, twin });
      }}
    />
  );
}

/** The outline that satin fills. */
export function Satin({ part, f, units }: { part: PartModel; f: Embroidery; units: UnitWords }) {
  const { satin } = f;
  if (!satin) return null;
  return (
    <>
      <Choice
        label={say.shape}
        options={SATIN_SHAPES.map((id) => ({ id, label: say.shapes[id] }))}
        chosen={satin.shape}
        onChoose={(shape) => put(say.shape, part, { ...f, satin: { ...satin, shape } })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {(['widthMm', 'heightMm'] as const).flatMap((side) =>
          [-1, 1].map((by) => {
            const what = side === 'widthMm' ? say.width : say.height;
            const mm = satin[side] + by;
            return (
              <Nudge
                key={`${side}${by}`}
                direction={by < 0 ? say.less(what) : say.more(what)}
                arrow={by < 0 ? '−' : '+'}
                result={units.length(mm)}
                disabled={mm < 1 || mm > MOST_STITCHED.satinMm}
                basis="40%"
                repeats
                onPress={() => put(say.size, part, { ...f, satin: { ...satin, [side]: mm } })}
              />
            );
          }),
        )}
      </View>
    </>
  );
}

/** Colours that show on most fabrics, beside the toy's own. */
const USUAL = [
  { id: DARK, label: say.colours.dark },
  { id: '#111214', label: say.colours.black },
  { id: '#ffffff', label: say.colours.white },
  { id: '#d96f8e', label: say.colours.pink },
];

/** The colour of needle work: one of the toy's yarns, or a usual one. */
export function Colour({ part, f }: { part: PartModel; f: Needled }) {
  const { toy } = useToy();
  const own = toy.palette.map((y) => ({ id: y.colour, label: y.name || y.slot }));
  return (
    <Choice
      label={say.colour}
      options={[...own, ...USUAL.filter((u) => !own.some((o) => o.id === u.id))]}
      chosen={f.colour}
      onChoose={(colour) => put(say.colour, part, { ...f, colour })}
    />
  );
}

/** Colour, yarn or floss, strands in the needle, how often it goes along. */
export function Thread({ part, f }: { part: PartModel; f: Embroidery }) {
  const { thread } = f;
  return (
    <>
      <Colour part={part} f={f} />
      {f.satin ? null : (
        <Choice
          label={say.how}
          options={STITCHERIES.filter((h) => h !== 'satin').map((id) => ({ id, label: stitchWords.how[id] }))}
          chosen={f.how}
          onChoose={(how) => put(say.how, part, { ...f, how })}
        />
      )}
      <Choice
        label={say.of}
        options={(['yarn', 'floss'] as const).map((id) => ({ id, label: say.threads[id] }))}
        chosen={thread.of}
        onChoose={(of) => put(say.of, part, { ...f, thread: { ...thread, of } })}
      />
      <Choice
        label={say.when}
        options={STITCHED_WHEN.map((id) => ({ id, label: say.whens[id] }))}
        chosen={f.when}
        onChoose={(when) => put(say.when, part, { ...f, when })}
      />
      <Strands part={part} f={f} />
    </>
  );
}

/** Strands in the needle, and how often it goes along. */
function Strands({ part, f }: { part: PartModel; f: Embroidery }) {
  const { thread } = f;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {(['strands', 'passes'] as const).flatMap((what) =>
        [-1, 1].map((by) => (
          <Nudge
            key={`${what}${by}`}
            direction={by < 0 ? say.less(say[what]) : say.more(say[what])}
            arrow={by < 0 ? '−' : '+'}
            result={String(thread[what] + by)}
            disabled={thread[what] + by < 1 || thread[what] + by > MOST_STITCHED[what]}
            basis="40%"
            repeats
            onPress={() => put(say.thread, part, { ...f, thread: { ...thread, [what]: thread[what] + by } })}
          />
        )),
      )}
    </View>
  );
}
