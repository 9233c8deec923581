import { useRoom } from '../frame/useRoom';

/** The column in which the station is read. */
export function useColumn(): {
  readonly width: '100%';
  readonly maxWidth: number | undefined;
  readonly alignSelf: 'center';
} {
  const { wide } = useRoom();
  return { width: '100%', maxWidth: wide ? 760 : undefined, alignSelf: 'center' };
}
