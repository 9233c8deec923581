import { useWindowDimensions } from 'react-native';

/** From this width on the stations stand in a rail and the paper beside the mat. */
const WIDE_FROM = 900;
/** A screen lower than this lies on its side: there is no room for a mat above the paper. */
const LOW_UNDER = 520;
/** An upright screen shorter than this gives the paper what the mat can spare. */
const SHORT_UNDER = 640;
/** An upright screen that is no taller has a keyboard up: all of it is for what is typed. */
const TYPING_UNDER = 500;

/** Width of the rail of stations, px. */
export const RAIL = 88;

/** How the screen is used: `wide` puts the paper beside the mat; `low` leaves out what only fills a rail, `short` what only fills the paper, `typing` all but what is typed. */
export interface Room {
  width: number;
  height: number;
  wide: boolean;
  low: boolean;
  short: boolean;
  typing: boolean;
}

export function useRoom(): Room {
  const { width, height } = useWindowDimensions();
  const low = height < LOW_UNDER && width > height;
  const wide = width >= WIDE_FROM || low;
  return {
    ...{ width, height, wide, low },
    short: !wide && height < SHORT_UNDER,
    typing: !wide && height < TYPING_UNDER,
  };
}

/** How tall a mat above the paper is, px: a share of the screen between the least and the most; on a short screen no more than it needs, as the paper must be read. */
export const matAbove = (
  { height, short }: Pick<Room, 'height' | 'short'>,
  { least, most, share, needs }: { least: number; most: number; share: number; needs: number },
): number => (short ? needs : Math.round(Math.max(least, Math.min(most, height * share))));

/** How wide the paper beside the mat is, px: on a narrow screen that lies on its side no more than its share. */
export const paperBeside = (width: number, most: number): number =>
  Math.min(most, Math.round((width - RAIL) * 0.62));
