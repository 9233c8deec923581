import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { read } from '@hoppla/core/notation';
import { MainAction, Quiet, Sheet, Words } from '../../controls';
import { FAMILY, usePalette } from '../../theme';
import { screenWords as say } from '../../words';

/** A field for the rounds of one or more parts. */
export function AddParts({ onAdd }: { onAdd: (text: string) => void }) {
  const c = usePalette();
  const [text, setText] = useState('');
  const reading = text.trim() ? read(text) : null;
  const parts = reading?.parts.length ?? 0;
  const rounds = reading?.parts.reduce((n, p) => n + p.rounds.length, 0) ?? 0;
  const faults =
    reading?.parts.reduce(
      (n, p) => n + p.lines.filter((l) => l.problems.some((x) => x.severity === 'error')).length,
      0,
    ) ?? 0;
  return (
    <View style={{ gap: 10, flex: 1 }}>
      <Quiet>{say.parts.paste}</Quiet>
      <TextInput
        aria-label={say.parts.add}
        multiline
        value={text}
        onChangeText={setText}
        placeholder={say.parts.example}
        autoCapitalize="none"
        autoCorrect={false}
        spellCheck={false}
        style={{
          flex: 1,
          minHeight: 240,
          borderWidth: 1.5,
          borderColor: c.edge,
          borderRadius: 6,
          padding: 12,
          color: c.ink,
          backgroundColor: c.raise,
          fontFamily: `"${FAMILY.text}", sans-serif`,
          fontSize: 17,
          lineHeight: 26,
        }}
      />
      {reading ? (
        <Words aria-live="polite">
          {reading.lines >= 3 && reading.understood / reading.lines < 0.6
            ? say.parts.little(reading.understood, reading.lines)
            : say.parts.found(parts, rounds, faults)}
        </Words>
      ) : null}
      <View style={{ flexDirection: 'row' }}>
        <MainAction label={say.parts.addThese(parts)} disabled={parts === 0} onPress={() => onAdd(text)} />
      </View>
    </View>
  );
}

/** The same field over the station, for a toy that has parts already. */
export function AddPartsSheet({ onClose, onAdd }: { onClose: () => void; onAdd: (text: string) => void }) {
  return (
    <Sheet title={say.parts.add} onClose={onClose}>
      <AddParts onAdd={onAdd} />
    </Sheet>
  );
}
