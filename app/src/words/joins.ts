import { plural } from '@hoppla/core/words';

/** What the Joins station says. */
export const joins = {
  title: (guest: string, host: string) => `${guest} on ${host}`,
  pair: (guest: string) => `${guest} × 2`,
  add: 'Attach a part',
  guest: 'Which part?',
  host: 'On which part?',
  notJoined: '! not joined',
  none: 'Nothing is joined yet',
  noneHow: 'Choose a part and the part it is sewn to. Its place and its twin’s are worked out in space.',
  needTwo: 'Two parts with rounds are needed before one can be sewn to another.',
  attach: (guest: string, host: string) => `Attach ${guest} to ${host}`,
  twin: (length: string) => `twin mirrored in space, nearest hole ${length} off`,
  left: 'left',
  right: 'right',
  points: 'Which way it points',
  aims: { out: 'straight out', down: 'hanging', up: 'upwards', side: 'sideways' },
  pin: { top: 'top', bottom: 'bottom', left: 'toy’s left', right: 'toy’s right' },
  further: 'further',
  closer: 'closer',
  up: 'up',
  down: 'down',
  atEnd: 'end to end',
  pins: 'Four pins',
  remove: 'Take it off',
  says: (
    guest: string,
    n: number,
    host: string,
    rounds: readonly [number, number],
    stitches: readonly [number, number],
  ) =>
    `${guest}: ${plural(n, 'stitch', 'stitches')} sewn on ${host}, centred between R${rounds[0]} and R${rounds[1]}, between stitches ${stitches[0]} and ${stitches[1]}.`,
  saysEnd: (guest: string, n: number, host: string) =>
    `${guest}: ${plural(n, 'stitch', 'stitches')} sewn round the end of ${host}.`,
  homeless: 'The round it stood on is gone. Attach it again.',
  keep: 'Show the order',
  toSettle: 'Look at this join',
  list: 'Joins',
};
