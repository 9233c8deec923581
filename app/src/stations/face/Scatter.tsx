import { useState } from 'react';
import { View } from 'react-native';
import { MOST_PATCHED, scattered } from '@hoppla/core/feature';
import type { PartModel, Patched, Stitched } from '@hoppla/core/model';
import { patchWords, type UnitWords } from '@hoppla/core/words';
import { Nudge, PlainButton, Quiet, Words } from '../../controls';
import { screenWords as words } from '../../words';
import { put } from './stitchEnds';

const say = words.patch;

/** What is scattered: how many, mm between them, mm about the first. */
interface Wanted {
  count: number;
  gapMm: number;
  withinMm: number;
}

const STEPS: { [K in keyof Wanted]: { by: number; least: number; most: number; what: string } } = {
  count: { by: 1, least: 2, most: MOST_PATCHED.pieces, what: say.count },
  gapMm: { by: 1, least: 0, most: 100, what: say.gap },
  withinMm: { by: 5, least: 5, most: MOST_PATCHED.mm, what: say.spread },
};

/** Several pieces or knots alike, scattered about the first with a least gap; the same numbers scatter alike. */
export function Scatter({
  part,
  stitched: { feature: f, head, marks },
  wideMm,
  units,
}: {
  part: PartModel;
  stitched: Stitched | Patched;
  wideMm: number;
  units: UnitWords;
}) {
  const [wanted, setWanted] = useState<Wanted>({ count: 8, gapMm: 4, withinMm: 25 });
  const [seed, setSeed] = useState(0);
  const [told, setTold] = useState<string | null>(null);
  const many = f.ends.length > 1;
  const scatter = () => {
    const ends = scattered(head, f, marks, { ...wanted, wideMm, seed });
    setSeed(seed + 1);
    setTold(patchWords.scattered(ends.length, wanted.count));
    put(say.scatter, part, { ...f, ends, twin: typeof f.twin === 'string' ? f.twin : 'mirrored' });
  };
  return (
    <View style={{ gap: 6 }}>
      <Words fontWeight="600">{say.pieces}</Words>
      <Numbers wanted={wanted} setWanted={setWanted} units={units} />
      {told === null ? null : <Quiet aria-live="polite">{told}</Quiet>}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton label={many ? say.scatterAgain : say.scatter} onPress={scatter} />
        {many ? (
          <PlainButton
            label={say.oneOnly}
            onPress={() => (
              setTold(null),
              put(say.oneOnly, part, {
                ...f,
                ends: f.ends.slice(0, 1),
                twin: typeof f.twin === 'string' ? f.twin : f.twin.slice(0, 1),
              })
            )}
          />
        ) : null}
      </View>
    </View>
  );
}

/** How many, how far from each other, how far about. */
function Numbers({
  wanted,
  setWanted,
  units,
}: {
  wanted: Wanted;
  setWanted: (wanted: Wanted) => void;
  units: UnitWords;
}) {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {(['count', 'gapMm', 'withinMm'] as const).flatMap((key) =>
        [-1, 1].map((way) => {
          const { by, least, most, what } = STEPS[key];
          const next = wanted[key] + way * by;
          return (
            <Nudge
              key={`${key}${way}`}
              direction={way < 0 ? words.stitching.less(what) : words.stitching.more(what)}
              arrow={way < 0 ? '−' : '+'}
              result={key === 'count' ? String(next) : units.length(next)}
              disabled={next < least || next > most}
              basis="40%"
              repeats
              onPress={() => setWanted({ ...wanted, [key]: next })}
            />
          );
        }),
      )}
    </View>
  );
}
