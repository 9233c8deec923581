import { plural } from './plural';

/** Sentences about what the lines of a page are and offer. */
export const pageWords = {
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
  off: 'comes off the hook',
  tail: (mm: number) => `end of ${mm % 10 === 0 ? mm / 10 : (mm / 10).toFixed(1)} cm`,
  gathered: (count: number | null) => `closed: gather ${count === null ? 'the last round' : count}`,
  sewnTogether: 'closed: the hole is sewn',
  sewnShut: 'sewn shut flat',
  open: 'left open',
  make: (n: number, mirrored: boolean) => `make ${n}${mirrored ? ', mirrored' : ''}`,
  ring: (end: string) => `begins at the ${end}`,
  colour: (name: string) => `${name} from here`,
  stop: (stitch: number) => `rest after ${plural(stitch, 'stitch', 'stitches')} of this round`,
  hook: (mm: number | null, said: string) =>
    mm === null ? `hook, size not known (${said})` : `hook ${mm} mm`,
  eyes: (size: number | null, rounds: string | null, many: string | null) =>
    ['eyes', size === null ? null : `${size} mm`, rounds, many].filter((p) => p !== null).join(', '),
  feature: (what: string) => what,
  between: (a: number, b: number) => `between R${a} and R${b}`,
  onRound: (n: number) => `on R${n}`,
  many: (many: string, counted: 'between' | 'apart', holes: boolean) =>
    `${many} ${holes ? 'holes ' : ''}${counted}`,
};
