import type { OnPart } from '@hoppla/core/feature';
import { copyName, type PartModel } from '@hoppla/core/model';
import { Choice } from '../../controls';
import { screenWords as words } from '../../words';

const ALL = 'all';

/** On which copies of a part something is: on all of them, or on one. Nothing is asked where there is only one. */
export function OnCopies<T extends OnPart>({
  part,
  it,
  onChange,
}: {
  part: PartModel;
  it: T;
  onChange: (it: T) => void;
}) {
  if (part.copies.length < 2) return null;
  return (
    <Choice
      label={words.face.onCopies}
      options={[
        { id: ALL, label: words.face.allCopies },
        ...part.copies.map((c) => ({ id: c.id, label: copyName(part, c.id) })),
      ]}
      chosen={it.copy ?? ALL}
      onChoose={(id) => onChange({ ...it, copy: id === ALL ? null : id })}
    />
  );
}
