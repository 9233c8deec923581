import { Words } from '../../controls';
import { usePalette } from '../../theme';

/** Safety points that belong to a step, and what the text says otherwise. */
export function Notes({ notes }: { notes: readonly string[] }) {
  const c = usePalette();
  return (
    <>
      {notes.map((note) => (
        <Words key={note} fontWeight="600" color={c.coralInk}>
          {`! ${note}`}
        </Words>
      ))}
    </>
  );
}
