import { useState } from 'react';
import { screenWords } from '../words';
import { Press } from './Press';
import { Sheet } from './Sheet';
import { Quiet, Words } from './type';

const say = screenWords.meanings;

/** A word of the house, dotted under; what it means comes on a tap. */
export function Meaning({ of }: { of: keyof typeof say }) {
  const [open, setOpen] = useState(false);
  const { word, how } = say[of];
  return (
    <>
      <Press onPress={() => setOpen(true)} style={{ minHeight: 44, justifyContent: 'center' }}>
        <Quiet textDecorationLine="underline" textDecorationStyle="dotted">
          {word}
        </Quiet>
      </Press>
      {open ? (
        <Sheet title={word} onClose={() => setOpen(false)}>
          {how.map((line) => (
            <Words key={line}>{line}</Words>
          ))}
        </Sheet>
      ) : null}
    </>
  );
}
