import { type SetStateAction, type Dispatch } from 'react';
import { useState } from 'react';
import { View } from 'react-native';
import { schoolsOf, wordsContext, type EyePair, type EyesAt, type Head } from '@hoppla/core/feature';
import { faceMapHtml, faceMapSvgs, fileName } from '@hoppla/core/files';
import type { PartModel } from '@hoppla/core/model';
import { MainAction, PlainButton, Press, Quiet, Sheet, Words } from '../../controls';
import { download, printDocument } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.face;

/** The sheet for the table: seen here as it will be printed, in the ways of counting that are asked for. */
export function MapSheet({
  part,
  head,
  eyes,
  at,
  onClose,
}: {
  part: PartModel;
  head: Head;
  eyes: EyePair;
  at: EyesAt;
  onClose: () => void;
}) {
  const { model, toy } = useToy();
  const schools = schoolsOf(wordsContext(head, eyes.pair.centre.by, eyes), at);
  const [off, setOff] = useState<readonly string[]>([]);
  const html = () =>
    faceMapHtml(
      model,
      part.part.id,
      schools.map((s) => s.id).filter((id) => !off.includes(id)),
    ) ?? '';
  const drawing = faceMapSvgs(model).find((f) => f.name === part.name)?.svg ?? '';
  return (
    <Sheet
      title={say.mapTitle}
      onClose={onClose}
      foot={<MainAction label={say.mapPrint} onPress={() => printDocument(html())} />}
    >
      <Quiet>{say.mapHow}</Quiet>
      <View style={{ backgroundColor: '#fff', alignItems: 'center', marginHorizontal: -16 }}>
        <img
          src={`data:image/svg+xml;utf8,${encodeURIComponent(drawing)}`}
          alt={say.mapTitle}
          style={{ maxWidth: '100%', height: 'auto' }}
        />
      </View>
      <Words fontWeight="600">{say.mapSchools}</Words>
      <Schools schools={schools} off={off} setOff={setOff} />
      <PlainButton
        label={say.mapSave}
        onPress={() => download(fileName(`${toy.name} ${part.name} face`, 'html'), 'text/html', html())}
      />
    </Sheet>
  );
}

/** Which ways of counting are printed. */
function Schools({
  schools,
  off,
  setOff,
}: {
  schools: { id: string; words: string }[];
  off: readonly string[];
  setOff: Dispatch<SetStateAction<readonly string[]>>;
}) {
  const c = usePalette();
  return (
    <View style={{ gap: 6 }}>
      {schools.map((s) => {
        const on = !off.includes(s.id);
        return (
          <Press
            key={s.id}
            role="switch"
            label={s.words}
            chosen={on}
            onPress={() => setOff(on ? [...off, s.id] : off.filter((id) => id !== s.id))}
            style={{ flexDirection: 'row', alignItems: 'center', justifyContent: 'flex-start', gap: 10 }}
          >
            <View
              style={{
                width: 24,
                height: 24,
                borderRadius: 3,
                borderWidth: 2,
                borderColor: c.ink,
                backgroundColor: on ? c.ink : c.paper,
                alignItems: 'center',
                justifyContent: 'center',
              }}
            >
              {on ? (
                <Words color={c.paper} lineHeight={20} fontSize={16} aria-hidden>
                  ✓
                </Words>
              ) : null}
            </View>
            <Words flexShrink={1} color={on ? c.ink : c.ink2}>
              {s.words}
            </Words>
          </Press>
        );
      })}
    </View>
  );
}
