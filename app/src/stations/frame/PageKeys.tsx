import { useEffect } from 'react';
import { keepRadioGroups } from '../../controls';

/** Keys that hold for the whole page: groups of choices are one stop, in which arrows choose. */
export function PageKeys() {
  useEffect(() => keepRadioGroups(document), []);
  return null;
}
