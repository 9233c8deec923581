import type { ReactNode } from 'react';
import { Press, Words } from '../../controls';
import { usePalette } from '../../theme';

/** One line of a list: what it is called, and at its end where it is; in coral where it has no place. */
export function ListRow({
  name,
  tag,
  missing,
  onPress,
}: {
  name: string;
  /** null where it has no place any more */
  tag: ReactNode | null;
  missing: string;
  onPress: () => void;
}) {
  const c = usePalette();
  return (
    <Press
      onPress={onPress}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        justifyContent: 'space-between',
        gap: 8,
        minHeight: 46,
        borderBottomWidth: 1,
        borderBottomColor: c.line,
      }}
    >
      <Words flex={1}>{name}</Words>
      {tag ?? (
        <Words color={c.coralInk} fontWeight="600">
          {missing}
        </Words>
      )}
    </Press>
  );
}
