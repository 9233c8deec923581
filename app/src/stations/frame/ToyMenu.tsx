import Ellipsis from 'lucide-react-native/icons/ellipsis';
import { lazy, Suspense, useState } from 'react';
import { MainAction, PlainButton, Press, Sheet } from '../../controls';
import { usePalette } from '../../theme';
import { screenWords } from '../../words';
import { ExportSheet } from './ExportSheet';
import { KeysSheet } from './KeysSheet';
import { PrintSheet } from './PrintSheet';
import { printPattern } from './printPattern';
import { useToyKeys } from './useToyKeys';
import { useToy } from './useToy';

const say = screenWords.frame;
const NotationSheet = lazy(async () => ({
  default: (await import('./NotationSheet')).NotationSheet,
}));

export type Open = 'menu' | 'print' | 'give' | 'keys' | 'notation';

/** Paper, files, help and keys, from any station; also by Ctrl P and ?. */
export function ToyMenu({
  redo,
}: {
  /** where the bar has no room for it; null where there is nothing */ redo: (() => void) | null;
}) {
  const c = usePalette();
  const { file, model, toy } = useToy();
  const [open, setOpen] = useState<Open | null>(null);
  useToyKeys(toy.id, setOpen);
  const onClose = () => setOpen(null);
  return (
    <>
      <Press label={say.menu} onPress={() => setOpen('menu')} style={{ alignItems: 'center', width: 44 }}>
        <Ellipsis color={c.matInk} size={22} strokeWidth={1.9} />
      </Press>
      {open === 'menu' ? (
        <Sheet
          title={toy.name}
          onClose={onClose}
          foot={<MainAction label={say.print} onPress={() => (printPattern(model), onClose())} />}
        >
          {redo ? <PlainButton label={screenWords.redo} onPress={() => (redo(), onClose())} /> : null}
          <PlainButton label={say.printAs} onPress={() => setOpen('print')} />
          <PlainButton label={say.give} onPress={() => setOpen('give')} />
          <PlainButton label={say.help} onPress={() => setOpen('notation')} />
          <PlainButton label={say.keys} onPress={() => setOpen('keys')} />
        </Sheet>
      ) : null}
      {open === 'print' ? <PrintSheet onClose={onClose} /> : null}
      {open === 'give' ? <ExportSheet file={file} onClose={onClose} /> : null}
      {open === 'keys' ? <KeysSheet onClose={onClose} /> : null}
      {open === 'notation' ? (
        <Suspense fallback={null}>
          <NotationSheet onClose={onClose} />
        </Suspense>
      ) : null}
    </>
  );
}
