import type { ReactNode } from 'react';
import { BAR_CAP, TextCap } from '../theme/textSize';

/** Where there is no room for larger letters: bars, bands, the mat. They grow a little, and no more. */
export function LittleRoom({ children }: { children: ReactNode }) {
  return <TextCap.Provider value={BAR_CAP}>{children}</TextCap.Provider>;
}
