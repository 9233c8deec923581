import { Slot, useGlobalSearchParams, usePathname, useRouter } from 'expo-router';
import ChevronDown from 'lucide-react-native/icons/chevron-down';
import Redo from 'lucide-react-native/icons/redo-2';
import Undo from 'lucide-react-native/icons/undo-2';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { Text } from 'tamagui';
import { CHECKS, checksMade } from '@hoppla/core/safety';
import { safetyWords } from '@hoppla/core/words';
import type { Focus } from '@hoppla/core/toy';
import { Go, MainAction, Num, PlainButton, Press, Title, Words } from '../../controls';
import { StationIcon } from '../StationIcon';
import { hrefOf, STATION_IDS, stationOf, STATIONS, type StationId } from '../stations';
import { RAIL, useRoom } from './useRoom';
import {
  download,
  downloadToy,
  editHere,
  copyOf,
  hush,
  keepAsCopy,
  openToy,
  openToyNow,
  saveAgain,
  step,
  useOpenToy,
} from '../../documents';
import { usePalette } from '../../theme';
import { PartPicker } from './PartPicker';
import { useToy } from './useToy';
import { screenWords as say } from '../../words';

/** How long it is said what was undone. */
const SAID_MS = 4000;

/** The binding of a toy: its name, its part, undo and redo, the shield, and the stations. */
export function ToyFrame() {
  const { id } = useGlobalSearchParams<{ id: string }>();
  const opened = useOpenToy();
  useEffect(() => {
    if (id) void openToy(id);
  }, [id]);
  useUndoKeys();
  if (opened.state === 'open' && opened.id === id) return <Opened />;
  return <NotOpen />;
}

function NotOpen() {
  const c = usePalette();
  const router = useRouter();
  const { state, trouble, raw } = useOpenToy();
  return (
    <View
      role="main"
      style={{
        flex: 1,
        backgroundColor: c.mat,
        alignItems: 'center',
        justifyContent: 'center',
        padding: 24,
        gap: 16,
      }}
    >
      <Title role="heading" aria-level={1} color={c.matInk} textAlign="center">
        {trouble ?? say.loading}
      </Title>
      {raw ? (
        <View style={{ flexDirection: 'row', alignSelf: 'stretch', maxWidth: 420 }}>
          <MainAction
            label={say.bench.export}
            onPress={() => download('toy.hoppla.json', 'application/json', raw)}
          />
        </View>
      ) : null}
      {state === 'missing' || state === 'newer' ? (
        <PlainButton label={say.storage.back} onPress={() => router.replace('/')} />
      ) : null}
    </View>
  );
}

function Opened() {
  const c = usePalette();
  const { wide } = useRoom();
  const { kept } = useOpenToy();
  return (
    <View
      style={{ flex: 1, flexDirection: wide ? 'row' : 'column-reverse', backgroundColor: c.matDeep }}
      {...({ dataSet: { kept: kept ? 'yes' : 'no' } } as object)}
    >
      <StationBar />
      <View style={{ flex: 1, minWidth: 0, minHeight: 0 }}>
        <TopBar />
        <Notices />
        <View role="main" style={{ flex: 1, minHeight: 0 }}>
          <Slot />
        </View>
      </View>
    </View>
  );
}

function TopBar() {
  const c = usePalette();
  const { history, writing } = useOpenToy();
  const { toy, part, open } = useToy();
  const at = usePathname().split('/').pop();
  const [picking, setPicking] = useState(false);
  const whole = !stationOf(at)?.ofAPart;
  const go = useGoTo();
  return (
    <View
      role="banner"
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        backgroundColor: c.matDeep,
        paddingLeft: 12,
        paddingRight: 8,
        height: 56,
        gap: 2,
      }}
    >
      <Go label={say.toBench(toy.name)} to="/" style={{ paddingHorizontal: 4, flexShrink: 1 }}>
        <Text
          role="heading"
          aria-level={1}
          fontFamily="$heading"
          fontSize={22}
          lineHeight={28}
          fontWeight="800"
          color={c.matInk}
          numberOfLines={1}
        >
          {toy.name}
        </Text>
      </Go>
      {whole || !part ? (
        <Words color={c.matInk2} paddingHorizontal={8} flexGrow={1} flexShrink={1} numberOfLines={1}>
          {part ? say.plan.whole : ''}
        </Words>
      ) : (
        <Press
          label={`${part.name}: ${say.parts.choose}`}
          onPress={() => setPicking(true)}
          style={{
            flexDirection: 'row',
            alignItems: 'center',
            justifyContent: 'flex-start',
            gap: 4,
            paddingHorizontal: 8,
            flexGrow: 1,
            flexShrink: 1,
            minWidth: 0,
          }}
        >
          <Words color={c.matInk} fontWeight="600" fontSize={17} numberOfLines={1} flexShrink={1}>
            {part.name}
          </Words>
          <ChevronDown color={c.matInk} size={20} strokeWidth={2.4} />
        </Press>
      )}
      <Press
        label={say.undo}
        disabled={!writing || history.past.length === 0}
        onPress={() => go(step('undo'))}
        style={{ alignItems: 'center' }}
      >
        <Undo color={c.matInk} size={22} strokeWidth={1.9} />
      </Press>
      <Press
        label={say.redo}
        disabled={!writing || history.future.length === 0}
        onPress={() => go(step('redo'))}
        style={{ alignItems: 'center' }}
      >
        <Redo color={c.matInk} size={22} strokeWidth={1.9} />
      </Press>
      <Shield open={open} toy={toy.id} />
      {picking ? <PartPicker onClose={() => setPicking(false)} /> : null}
    </View>
  );
}

/** How many points are open, and how many of the checks are made at all: never a tick while one is not. */
function Shield({ open, toy }: { open: number; toy: string }) {
  const c = usePalette();
  const made = checksMade.length;
  return (
    <Go
      label={safetyWords.shield(open, made, CHECKS.length)}
      to={hrefOf(toy, 'safety')}
      style={{ width: 48, height: 48, alignItems: 'center' }}
    >
      <Svg width={34} height={38} viewBox="0 0 34 38" aria-hidden>
        <Path
          d="M17 2l14 4.500v13c0 8-6 13.500-14 17-8-3.500-14-9-14-17v-13z"
          fill={open ? c.coral : 'none'}
          stroke={open ? c.coral : c.matInk2}
          strokeWidth={2.2}
          strokeLinejoin="round"
        />
        {open ? (
          <Path
            d="M17 5.500l10.700 3.500v10.500c0 6-4.500 10.300-10.700 13.200-6.200-2.900-10.700-7.200-10.700-13.200V9z"
            fill="none"
            stroke={c.onCoral}
            strokeOpacity={0.55}
            strokeWidth={1.3}
            strokeDasharray="3 2.500"
          />
        ) : null}
      </Svg>
      <Num
        position="absolute"
        left={0}
        right={0}
        textAlign="center"
        fontSize={open ? 16 : 11}
        lineHeight={20}
        letterSpacing={open ? undefined : -0.8}
        color={open ? c.onCoral : c.matInk}
        aria-hidden
      >
        {open ? String(open) : `${made}/${CHECKS.length}`}
      </Num>
    </Go>
  );
}

function StationBar() {
  const c = usePalette();
  const { wide, low } = useRoom();
  const { id, part } = useGlobalSearchParams<{ id: string; part?: string }>();
  const at = usePathname().split('/').pop();
  return (
    <View
      role="navigation"
      aria-label={say.app}
      style={{
        flexDirection: wide ? 'column' : 'row',
        backgroundColor: c.nav,
        paddingBottom: 'env(safe-area-inset-bottom)' as unknown as number,
        ...(wide ? { width: RAIL, paddingTop: low ? 0 : 14, gap: low ? 0 : 6 } : {}),
      }}
    >
      {wide && !low ? (
        <Text
          fontFamily="$heading"
          fontSize={18}
          fontWeight="800"
          color={c.matInk}
          textAlign="center"
          marginBottom={14}
        >
          {say.app}
        </Text>
      ) : null}
      {STATION_IDS.map((s) => {
        const { icon, words } = STATIONS[s];
        if (!icon) return null;
        const here = at === s;
        return (
          <Go
            key={s}
            label={words}
            here={here}
            to={hrefOf(id, s, part)}
            style={{ flex: wide ? undefined : 1, height: low ? 62 : 72, alignItems: 'center', gap: 3 }}
          >
            {here ? <TapePiece wide={wide} /> : null}
            <StationIcon icon={icon} colour={here ? c.navOn : c.navInk} />
            <Words
              fontSize={15}
              lineHeight={18}
              fontWeight={here ? '700' : '400'}
              color={here ? c.navOn : c.navInk}
            >
              {words}
            </Words>
          </Go>
        );
      })}
    </View>
  );
}

/** A piece of tape at the edge of the bar marks where one is. */
function TapePiece({ wide }: { wide: boolean }) {
  const c = usePalette();
  return (
    <View
      aria-hidden
      style={
        wide
          ? { position: 'absolute', left: 0, top: 8, bottom: 8, width: 8 }
          : { position: 'absolute', top: 0, left: '22%', right: '22%', height: 8 }
      }
    >
      <Svg width="100%" height="100%">
        <Path d={wide ? 'M0 0H8V80H0Z' : 'M0 0H80V8H0Z'} fill={c.tape} />
        <Path
          d={Array.from({ length: 9 }, (_, k) =>
            wide ? `M0 ${k * 7 + 4}h${k % 3 === 0 ? 6 : 4}` : `M${k * 7 + 4} 0v${k % 3 === 0 ? 6 : 4}`,
          ).join('')}
          stroke={c.tapeInk}
          strokeWidth={1.2}
        />
      </Svg>
    </View>
  );
}

/** What must be known whatever the station: storage trouble, another window, what was just undone. */
function Notices() {
  const c = usePalette();
  const { trouble, writing, said, file, state, overtaken } = useOpenToy();
  const router = useRouter();
  const keepCopy = async () => {
    const id = await keepAsCopy((f) => copyOf(f, say.bench.copyOf(f.toy.name)));
    if (id) router.replace({ pathname: '/toy/[id]/parts', params: { id } });
  };
  useEffect(() => {
    if (!said) return;
    const timer = setTimeout(hush, SAID_MS);
    return () => clearTimeout(timer);
  }, [said]);
  const plain = {
    flexDirection: 'row',
    alignItems: 'center',
    flexWrap: 'wrap',
    gap: 8,
    paddingHorizontal: 16,
    paddingVertical: 8,
  } as const;
  return (
    <View aria-live="polite">
      {trouble && file ? (
        <View
          role="alert"
          style={{ ...plain, backgroundColor: c.coralWash, borderLeftWidth: 6, borderLeftColor: c.coral }}
        >
          <Words flex={1} minWidth={180}>
            {trouble}
          </Words>
          <PlainButton label={say.storage.download} onPress={() => downloadToy(openToyNow().file!)} />
          {overtaken ? (
            <PlainButton label={say.storage.keepCopy} onPress={() => void keepCopy()} />
          ) : (
            <PlainButton label={say.storage.again} onPress={saveAgain} />
          )}
        </View>
      ) : null}
      {!writing && state === 'open' ? (
        <View style={{ ...plain, backgroundColor: c.pinWash }}>
          <Words flex={1} minWidth={180} color={c.pinInk}>
            {say.storage.readOnly}
          </Words>
          <PlainButton label={say.storage.editHere} onPress={() => void editHere()} />
        </View>
      ) : null}
      {said ? (
        <View style={{ ...plain, backgroundColor: c.matDeep, paddingVertical: 4 }}>
          <Words color={c.matInk2}>{said}</Words>
        </View>
      ) : null}
    </View>
  );
}

/** Goes to where an undone edit can be seen. */
function useGoTo(): (focus: Focus | null) => void {
  const router = useRouter();
  const path = usePathname();
  const { id } = useGlobalSearchParams<{ id: string }>();
  return (focus) => {
    if (!focus || !id || !stationOf(focus.station)) return;
    if (path.endsWith(`/${focus.station}`)) {
      if (focus.part) router.setParams({ part: focus.part });
      return;
    }
    router.push(hrefOf(id, focus.station as StationId, focus.part));
  };
}

/** Ctrl or Cmd with Z and Shift Z, Ctrl Y: one history for the whole toy, also inside the text (decision 10). */
function useUndoKeys(): void {
  useEffect(() => {
    const hear = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey)) return;
      const key = event.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      event.preventDefault();
      step(key === 'y' || event.shiftKey ? 'redo' : 'undo');
    };
    window.addEventListener('keydown', hear);
    return () => window.removeEventListener('keydown', hear);
  }, []);
}
