import { plural } from './plural';

/** A length of a part as a page says it; see the reader's ZoneWhere. */
interface ZoneOfWords {
  where:
    | { from: number; to: number }
    | { end: string; rounds: number }
    | { end: string; share: number }
    | { is: string };
  fill: string;
  only: boolean;
}

const SHARE_NAMES: readonly (readonly [number, string])[] = [
  [1 / 4, 'quarter'],
  [1 / 3, 'third'],
  [1 / 2, 'half'],
  [2 / 3, 'two thirds'],
];

/** A length of a part, as a page says it. */
function zoneWhere(where: ZoneOfWords['where']): string {
  if ('from' in where) return `R${where.from} to R${where.to}`;
  if ('is' in where) return `the ${where.is}`;
  if ('rounds' in where) return `the ${where.end} ${plural(where.rounds, 'round', 'rounds')}`;
  return `the ${where.end} ${SHARE_NAMES.find(([share]) => share === where.share)?.[1] ?? where.share}`;
}

/** Sentences about what the lines of a page are and offer. */
export const pageWords = {
  where: zoneWhere,
  kinds: {
    blank: '',
    title: 'title',
    materials: 'materials',
    legend: 'legend',
    heading: 'part',
    round: 'round',
    note: 'note',
    placement: 'placement',
    colour: 'colour',
    pause: 'pause',
    ending: 'ending',
    assembly: 'at the end',
    remark: 'remark',
    unread: 'not read',
  },
  unread: 'This sounds like work and is not read.',
  stuff: (firmness: string | null, toRound: number | null) =>
    `stuff${firmness === null ? '' : `, ${firmness}`}${toRound === null ? '' : `, up to R${toRound}`}`,
  unstuffed: 'stays empty',
  zone: ({ where, fill, only }: ZoneOfWords) => {
    const words = zoneWhere(where);
    if (only) return `${words} only is filled`;
    return fill === 'empty' ? `${words} stays empty` : `${words}, ${fill}`;
  },
  off: 'comes off the hook',
  tail: (mm: number) => `end of ${mm % 10 === 0 ? mm / 10 : (mm / 10).toFixed(1)} cm`,
  gathered: (count: number | null) => `closed: gather ${count === null ? 'the last round' : count}`,
  star: 'as a star',
  sewnTogether: 'closed: the hole is sewn',
  sewnShut: 'sewn shut flat',
  open: 'left open',
  make: (n: number, mirrored: boolean) => `make ${n}${mirrored ? ', mirrored' : ''}`,
  ring: (end: string) => `begins at the ${end}`,
  colour: (name: string) => `${name} from here`,
  stop: (stitch: number) => `rest after ${plural(stitch, 'stitch', 'stitches')} of this round`,
  hook: (mm: number | null, said: string) =>
    mm === null ? `hook, size not known (${said})` : `hook ${mm} mm`,
  eyes: (size: number | null, rounds: string | null, many: string | null, inWords: boolean) =>
    ['eyes', size === null ? null : `${size} mm`, rounds, many, inWords ? 'the rest in words' : null]
      .filter((p) => p !== null)
      .join(', '),
  feature: (what: string) => what,
  between: (a: number, b: number) => `between R${a} and R${b}`,
  onRound: (n: number) => `on R${n}`,
  many: (many: string, counted: 'between' | 'apart', holes: boolean) =>
    `${many} ${holes ? 'holes ' : ''}${counted}`,
};
