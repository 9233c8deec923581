import { useWindowDimensions } from 'react-native';

/** From this width on the stations stand in a rail and the paper beside the mat. */
const WIDE_FROM = 900;
/** A screen lower than this lies on its side: there is no room for a mat above the paper. */
const LOW_UNDER = 520;

/** Width of the rail of stations, px. */
export const RAIL = 88;

/** How the screen is used: `wide` puts the paper beside the mat; `low` leaves out what only fills a rail. */
export function useRoom(): { width: number; height: number; wide: boolean; low: boolean } {
  const { width, height } = useWindowDimensions();
  const low = height < LOW_UNDER && width > height;
  return { width, height, wide: width >= WIDE_FROM || low, low };
}
