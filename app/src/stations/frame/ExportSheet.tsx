import { useState } from 'react';
import { View } from 'react-native';
import { EXPORT_IDS, EXPORTS, fileName, type Export, type ExportId } from '@hoppla/core/files';
import { modelToy } from '@hoppla/core/model';
import type { ToyFile } from '@hoppla/core/toy';
import { sheetWords } from '@hoppla/core/words';
import { Field, MainAction, PlainButton, Press, Quiet, Sheet, Words } from '../../controls';
import { cardPng, download, downloadBlob, linkOf } from '../../documents';
import { usePalette } from '../../theme';
import { screenWords } from '../../words';

const say = screenWords.giving;

/** Every way to give a toy away: the one list of formats, a picture card, and a link that carries the toy. */
export function ExportSheet({ file, onClose }: { file: ToyFile; onClose: () => void }) {
  const [said, setSaid] = useState<string | null>(null);
  const [link, setLink] = useState<string | null>(null);
  const { name } = file.toy;
  const fail = () => setSaid(say.failed);
  const save = (id: ExportId) => {
    const { ending, type, files }: Export = EXPORTS[id];
    try {
      const made = files(modelToy(file.toy), file, new Date().toISOString());
      made.forEach((f) => download(fileName(f.of ? `${name} ${f.of}` : name, ending), type, f.text));
      setSaid(made.length === 0 ? say.nothing : say.saved(made.length));
    } catch {
      fail();
    }
  };
  const card = () =>
    cardPng(modelToy(file.toy)).then((png) => {
      downloadBlob(fileName(name, 'png'), png);
      setSaid(say.saved(1));
    }, fail);
  const send = () => sendLink(file, setLink, setSaid).catch(fail);
  return (
    <Sheet
      title={say.title(name)}
      onClose={onClose}
      foot={<MainAction label={screenWords.bench.export} onPress={() => save('json')} />}
    >
      <Words role="status" fontWeight="600">
        {said ?? ''}
      </Words>
      {link ? <Field label={say.link} value={link} onChange={() => undefined} most={20_000} /> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton label={say.card} onPress={() => void card()} />
        <PlainButton label={say.makeLink} onPress={() => void send()} />
      </View>
      <Quiet>{say.how}</Quiet>
      {EXPORT_IDS.filter((id) => id !== 'json').map((id) => (
        <Format key={id} id={id} onPress={() => save(id)} />
      ))}
    </Sheet>
  );
}

/** Makes the link, says what it is, and copies it where the browser lets it. */
async function sendLink(
  file: ToyFile,
  setLink: (link: string | null) => void,
  setSaid: (said: string) => void,
): Promise<void> {
  const made = await linkOf(file);
  setLink(made);
  if (made === null) return setSaid(say.linkTooLong);
  const copied = await navigator.clipboard?.writeText(made).then(
    () => true,
    () => false,
  );
  setSaid(copied ? say.linkCopied : say.linkIs);
}

/** One format: what it is, and the ending of its files. */
function Format({ id, onPress }: { id: ExportId; onPress: () => void }) {
  const c = usePalette();
  return (
    <Press
      label={`${sheetWords.exports[id]}, .${EXPORTS[id].ending}`}
      onPress={onPress}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        justifyContent: 'space-between',
        gap: 12,
        borderTopWidth: 1,
        borderTopColor: c.line,
        minHeight: 46,
      }}
    >
      <Words flex={1}>{sheetWords.exports[id]}</Words>
      <Quiet>{`.${EXPORTS[id].ending}`}</Quiet>
    </Press>
  );
}
