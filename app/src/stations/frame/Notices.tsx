import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import { View } from 'react-native';
import { freeName } from '@hoppla/core/toy';
import { PlainButton, Words } from '../../controls';
import {
  downloadToy,
  editHere,
  copyOf,
  hush,
  keepAsCopy,
  openToyNow,
  saveAgain,
  useOpenToy,
} from '../../documents';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';

/** How long it is said what was undone. What was lost is said until something is changed or ticked. */
const SAID_MS = 4000;

/** What must be known whatever the station: storage trouble, another window, what was just undone. */
export function Notices() {
  const c = usePalette();
  const { trouble, writing, said, file, state, overtaken } = useOpenToy();
  const router = useRouter();
  const keepCopy = async () => {
    const id = await keepAsCopy((f) => copyOf(f, freeName(f.toy.name, [f.toy.name])));
    if (id) router.replace({ pathname: '/toy/[id]/parts', params: { id } });
  };
  useEffect(() => {
    if (!said || said === say.storage.fromJournal) return;
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
        <TroubleNotice plain={plain} trouble={trouble} overtaken={overtaken} keepCopy={keepCopy} />
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

/** What could not be kept, and the ways out. */
function TroubleNotice({
  plain,
  trouble,
  overtaken,
  keepCopy,
}: {
  plain: {
    readonly flexDirection: 'row';
    readonly alignItems: 'center';
    readonly flexWrap: 'wrap';
    readonly gap: 8;
    readonly paddingHorizontal: 16;
    readonly paddingVertical: 8;
  };
  trouble: string;
  overtaken: boolean;
  keepCopy: () => Promise<void>;
}) {
  const c = usePalette();
  return (
    <View
      role="alert"
      style={{ ...plain, backgroundColor: c.coralWash, borderLeftWidth: 6, borderLeftColor: c.coral }}
    >
      <Words flexGrow={1} flexShrink={1} flexBasis={280}>
        {trouble}
      </Words>
      <PlainButton label={say.storage.download} onPress={() => downloadToy(openToyNow().file!)} />
      {overtaken ? (
        <PlainButton label={say.storage.keepCopy} onPress={() => void keepCopy()} />
      ) : (
        <PlainButton label={say.storage.again} onPress={saveAgain} />
      )}
    </View>
  );
}
