import { Slot, useGlobalSearchParams, useRouter } from 'expo-router';
import { useEffect } from 'react';
import { View } from 'react-native';
import { LittleRoom, MainAction, PlainButton, Title } from '../../controls';
import { useRoom } from './useRoom';
import { download, openToy, step, useOpenToy } from '../../documents';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';
import { TopBar } from './TopBar';
import { StationBar } from './StationBar';
import { Guide } from './Guide';
import { Notices } from './Notices';
import { useArrival } from './useArrival';

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
      {state === 'newer' ? (
        // Where the newer Hoppla kept it in this browser, it is there after loading anew.
        <PlainButton label={say.storage.loadAgain} onPress={() => window.location.reload()} />
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
  useArrival();
  return (
    <View
      style={{ flex: 1, flexDirection: wide ? 'row' : 'column-reverse', backgroundColor: c.matDeep }}
      {...({ dataSet: { kept: kept ? 'yes' : 'no' } } as object)}
    >
      <LittleRoom>
        <StationBar />
      </LittleRoom>
      <View style={{ flex: 1, minWidth: 0, minHeight: 0 }}>
        <LittleRoom>
          <TopBar />
        </LittleRoom>
        <Notices />
        <Guide />
        <View role="main" style={{ flex: 1, minHeight: 0 }}>
          <Slot />
        </View>
      </View>
    </View>
  );
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
