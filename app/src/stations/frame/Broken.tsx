import { useState } from 'react';
import { View } from 'react-native';
import { MainAction, PlainButton, Scroll, Title, Toggle, Words } from '../../controls';
import { download, downloadToy, isPieceMissing, openToyNow, reportOf } from '../../documents';
import { usePalette } from '../../theme';
import { screenWords } from '../../words';

const say = screenWords.storage;

/** Shown when a screen breaks: what happened, the toy to take away, a report that stays on this device unless the maker shares it, and the ways on. */
export function Broken({
  error,
  onAgain,
  onBack,
}: {
  error: unknown;
  onAgain: () => void;
  onBack: () => void;
}) {
  const c = usePalette();
  const { file, trouble } = openToyNow();
  const missing = isPieceMissing(error);
  const happened = missing ? say.pieceMissing : say.crashed;
  // Only what is kept is said to be kept.
  const lost = trouble !== null;
  const Go = lost ? PlainButton : MainAction;
  return (
    <Scroll
      role="main"
      style={{ backgroundColor: c.paper }}
      contentContainerStyle={{ flexGrow: 1, alignItems: 'center', justifyContent: 'center', padding: 24 }}
    >
      <View style={{ width: '100%', maxWidth: 420, gap: 16 }}>
        <Title role="heading" aria-level={1}>
          {file && !lost ? `${happened} ${say.stillKept}` : happened}
        </Title>
        {lost ? <Words>{trouble}</Words> : null}
        <Words>{missing ? say.pieceWhy : say.crashedWhy}</Words>
        {file && lost ? <MainAction label={say.download} onPress={() => downloadToy(file)} /> : null}
        {missing ? (
          <Go label={say.loadAgain} onPress={() => window.location.reload()} />
        ) : (
          <Go label={say.tryAgain} onPress={onAgain} />
        )}
        {file && !lost ? <PlainButton label={say.download} onPress={() => downloadToy(file)} /> : null}
        <PlainButton
          label={say.back}
          onPress={() => {
            window.history.replaceState(null, '', '/');
            onBack();
          }}
        />
        {missing ? null : <Report error={error} hasToy={file !== null} />}
      </View>
    </Scroll>
  );
}

/** A report as a file; the toy is in it only when the maker says so. */
function Report({ error, hasToy }: { error: unknown; hasToy: boolean }) {
  const c = usePalette();
  const [withToy, setWithToy] = useState(false);
  const write = () =>
    download(
      'hoppla-report.json',
      'application/json',
      reportOf(error, openToyNow().file, { withToy, at: new Date().toISOString() }),
    );
  return (
    <View style={{ gap: 8, borderTopWidth: 1, borderColor: c.edge, paddingTop: 16 }}>
      <Words>{say.reportWhy}</Words>
      {hasToy ? <Toggle label={say.reportToy} on={withToy} onChange={setWithToy} /> : null}
      <PlainButton label={say.report} onPress={write} />
    </View>
  );
}
