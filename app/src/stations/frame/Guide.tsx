import { usePathname, useRouter } from 'expo-router';
import X from 'lucide-react-native/icons/x';
import { View } from 'react-native';
import type { ToyModel } from '@hoppla/core/model';
import type { LogEvent } from '@hoppla/core/toy';
import { Go, PlainButton, Press, Quiet, Words } from '../../controls';
import { useDevice } from '../../documents';
import { usePalette } from '../../theme';
import { screenWords } from '../../words';
import { hrefOf, type StationId } from '../stations';
import { useRoom } from './useRoom';
import { useToy } from './useToy';

const say = screenWords.frame;

type Next = keyof typeof say.next;
const WALK = Object.keys(say.tour.steps) as (keyof typeof say.tour.steps)[];

/** What a newcomer is led to after a first success at a station; null where there is none yet, or nothing follows. */
export function nextOf(at: string | undefined, model: ToyModel, log: readonly LogEvent[]): Next | null {
  const parts = model.parts.filter((p) => p.addsUp);
  const faced = model.eyes.length > 0;
  const joined = model.placed.length > 1;
  if (at === 'parts' && parts.length > 0 && !faced) return 'face';
  if (at === 'face' && faced && model.parts.length > 1 && !joined) return 'joins';
  if (at === 'face' && faced && model.parts.length === 1) return 'plan';
  if (at === 'joins' && joined && model.loose.length === 0) return 'plan';
  if (at === 'plan' && parts.length > 0 && log.length === 0) return 'make';
  return null;
}

/** One quiet line for a newcomer: the walk through the stations, or the next step after a first success. */
export function Guide() {
  const { ways, ready } = useDevice();
  const { model, file } = useToy();
  const { low, short } = useRoom();
  const at = usePathname().split('/').pop();
  if (!ready) return null;
  if (ways.tour !== null) return <Walk step={ways.tour} />;
  const next = nextOf(at, model, file.log);
  // On a low screen there is no room for a line that can be done without.
  if (low || short || next === null || ways.known.includes(next)) return null;
  return <NextLine next={next} />;
}

/** Where to go now; gone for good once that station was visited, or the line put aside. */
function NextLine({ next }: { next: Next }) {
  const c = usePalette();
  const { toy } = useToy();
  const { ways, told } = useDevice();
  const [words, station] = say.next[next];
  const known = () => told({ known: [...new Set([...ways.known, next])] });
  return (
    <View
      role="status"
      style={{ flexDirection: 'row', alignItems: 'center', backgroundColor: c.sunk, paddingLeft: 16, gap: 8 }}
    >
      <Quiet flexShrink={1}>{words}</Quiet>
      <Go to={hrefOf(toy.id, next)} label={`${words} ${station}`} style={{ paddingHorizontal: 6 }}>
        <Words fontWeight="700" textDecorationLine="underline">
          {station}
        </Words>
      </Go>
      <View style={{ flex: 1 }} />
      <Press label={say.notNow} onPress={known} style={{ alignItems: 'center' }}>
        <X color={c.ink2} size={18} />
      </Press>
    </View>
  );
}

/** The walk through the stations, one line each, on the real screens. */
function Walk({ step }: { step: number }) {
  const c = usePalette();
  const router = useRouter();
  const { toy } = useToy();
  const { told } = useDevice();
  const at = WALK[step] ?? WALK[0];
  const next = WALK[step + 1];
  const go = () => {
    told({ tour: next ? step + 1 : null });
    if (next) router.push(hrefOf(toy.id, next satisfies StationId));
  };
  return (
    <View
      role="region"
      aria-label={screenWords.bench.tour}
      style={{
        backgroundColor: c.sunk,
        paddingHorizontal: 16,
        paddingVertical: 8,
        gap: 8,
        flexDirection: 'row',
        flexWrap: 'wrap',
        alignItems: 'center',
      }}
    >
      <Words flex={1} minWidth={220} aria-live="polite">
        {say.tour.steps[at]}
      </Words>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Quiet>{say.tour.of(step + 1, WALK.length)}</Quiet>
        <PlainButton label={next ? say.tour.go : say.tour.end} onPress={go} />
        {next ? (
          <Press label={say.tour.stop} onPress={() => told({ tour: null })} style={{ alignItems: 'center' }}>
            <X color={c.ink2} size={18} />
          </Press>
        ) : null}
      </View>
    </View>
  );
}
