import { useEffect, useRef, useState } from 'react';
import { TextInput, View } from 'react-native';
import { Words } from '../../../controls';
import { givenFile, textOfPaste, type Draft, type GivenFile } from '../../../documents';
import { FAMILY, usePalette } from '../../../theme';
import { sized } from '../../../theme/textSize';
import { screenWords as say } from '../../../words';

interface PageFieldProps {
  draft: Draft;
  small: boolean;
  onType: (text: string) => void;
  onFile: (file: GivenFile) => void;
}

/** Where a page is typed, pasted or dropped. */
export function PageField({ draft, small, onType, onFile }: PageFieldProps) {
  const c = usePalette();
  const { ref, over } = usePaper(onType, onFile);
  return (
    <View style={{ flex: small ? undefined : 1, minHeight: small ? 84 : 200 }}>
      <TextInput
        ref={ref as never}
        aria-label={say.parts.add}
        multiline
        value={draft.text}
        onChangeText={onType}
        placeholder={say.parts.example}
        placeholderTextColor={c.ink2}
        autoCapitalize="none"
        autoCorrect={false}
        spellCheck={false}
        style={{
          flex: 1,
          minHeight: small ? 84 : 200,
          borderWidth: over ? 3 : 1.5,
          borderStyle: over ? 'dashed' : 'solid',
          borderColor: over ? c.ink : c.edge,
          borderRadius: 6,
          padding: 12,
          color: c.ink,
          backgroundColor: c.raise,
          fontFamily: `"${FAMILY.text}", sans-serif`,
          fontSize: sized(17),
          lineHeight: 26,
        }}
      />
      {over ? <Words>{say.desk.dropHere}</Words> : null}
    </View>
  );
}

/** Listens to what the field itself does not tell: a file held over it or let go, and lists and tables that are pasted. */
function usePaper(onType: PageFieldProps['onType'], onFile: PageFieldProps['onFile']) {
  const ref = useRef<HTMLTextAreaElement | null>(null);
  const [over, setOver] = useState(false);
  const heard = useRef({ onType, onFile });
  useEffect(() => {
    heard.current = { onType, onFile };
  });
  useEffect(() => {
    const field = ref.current;
    if (!field) return undefined;
    const stop = new AbortController();
    const on = <E extends keyof HTMLElementEventMap>(name: E, act: (event: HTMLElementEventMap[E]) => void) =>
      field.addEventListener(name, act, { signal: stop.signal });
    on('dragover', (event) => {
      if (!event.dataTransfer?.types.includes('Files')) return;
      event.preventDefault();
      setOver(true);
    });
    on('dragleave', () => setOver(false));
    on('drop', (event) => {
      setOver(false);
      const file = event.dataTransfer?.files[0];
      if (!file) return;
      event.preventDefault();
      void givenFile(file).then((given) => heard.current.onFile(given));
    });
    on('paste', (event) => {
      const html = event.clipboardData?.getData('text/html') ?? '';
      const text = textOfPaste(html);
      if (text === null) return;
      event.preventDefault();
      const { value, selectionStart, selectionEnd } = field;
      heard.current.onType(value.slice(0, selectionStart) + text + value.slice(selectionEnd));
    });
    return () => stop.abort();
  }, []);
  return { ref, over };
}
