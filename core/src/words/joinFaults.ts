/** Why a join cannot be made as it is written. */
export type JoinFault =
  | 'sewn twice'
  | 'copy gone'
  | 'circle'
  | 'homeless'
  | 'no rounds'
  | 'no such edge'
  | 'host is a cord'
  | 'no way through'
  | 'too short'
  | 'not pierced'
  | 'end taken';

/** `the head`, and `the body` where a part is called so already. */
export const withArticle = (part: string): string =>
  /^(?:the|an?|his|her|its)\s/.test(part) ? part : `the ${part}`;

/** Each fault of a join in a sentence. */
export const joinFaults: Record<JoinFault, (guest: string, host: string) => string> = {
  'sewn twice': (guest: string, host: string) =>
    `${guest} is sewn on twice; the second place, on ${host}, is left out.`,
  'copy gone': (guest: string, host: string) =>
    `${guest} on ${host}: the text makes fewer of them now than are sewn on.`,
  circle: (guest: string, host: string) =>
    `${guest} and ${host} hold each other in a circle: one of them must be sewn to something else first.`,
  homeless: (guest: string, host: string) =>
    `${guest} on ${withArticle(host.toLowerCase())}: the round it stood on is gone.`,
  'no such edge': (guest: string, host: string) =>
    `${guest} on ${host}: it has no such edge any more; choose another one.`,
  'host is a cord': (guest: string, host: string) =>
    `${guest} on ${host}: a chain has no surface to sew on; sew the chain on instead.`,
  'no way through': (guest: string, host: string) =>
    `${guest} through ${host}: there are no two holes there with the part between them; choose a place further to the side.`,
  'too short': (guest: string, host: string) =>
    `${guest} through ${host}: it is not longer than ${host} is wide there, so it does not come out on both sides.`,
  'end taken': (guest: string, host: string) =>
    `${guest} on ${host}: that open end is sewn to something already; choose the other end, or a place beside it.`,
  'not pierced': (guest: string, host: string) =>
    `${guest} on ${host}: a yarn through a chain or a flat piece holds nothing; sew it on instead.`,
  'no rounds': (guest: string, host: string) => `${guest} on ${host}: one of them has no rounds yet.`,
};
