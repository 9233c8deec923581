import { facedPart, type PartModel, type ToyModel } from '@hoppla/core/model';
import { screenWords } from '../words';
import { FACE, JOINS, MAKE, PARTS, PLAN, type Drawn } from './StationIcon';

/** A station of a toy: its address is `/toy/[id]/ID`. */
export interface Station {
  words: string;
  /** its sign in the bar; a station without one is reached from elsewhere */
  icon: Drawn | null;
  /** it is about one part, which the top bar names; else about the whole toy */
  ofAPart: boolean;
  /** the part it opens on when none was chosen; the first where it does not say */
  opensOn?: (model: ToyModel) => PartModel | null;
}

/** The table of stations: a station is one folder, one route and one line here. */
export const STATIONS = {
  parts: { words: screenWords.stations.parts, icon: PARTS, ofAPart: true },
  face: { words: screenWords.stations.face, icon: FACE, ofAPart: true, opensOn: facedPart },
  joins: { words: screenWords.stations.joins, icon: JOINS, ofAPart: false },
  plan: { words: screenWords.stations.plan, icon: PLAN, ofAPart: false },
  make: { words: screenWords.stations.make, icon: MAKE, ofAPart: false },
  gauge: { words: screenWords.stations.gauge, icon: null, ofAPart: true },
  safety: { words: screenWords.stations.safety, icon: null, ofAPart: false },
} satisfies Record<string, Station>;

export type StationId = keyof typeof STATIONS;

export const STATION_IDS = Object.keys(STATIONS) as StationId[];

export const stationOf = (id: string | undefined): Station | null =>
  STATION_IDS.includes(id as StationId) ? STATIONS[id as StationId] : null;

/** The address of a station as it stands in the browser. */
export const addressOf = (toy: string, station: StationId): string => `/toy/${toy}/${station}`;

/** The address of a station, for the router. */
export const hrefOf = (toy: string, station: StationId, part?: string) =>
  ({ pathname: `/toy/[id]/${station}`, params: part ? { id: toy, part } : { id: toy } }) as const;
