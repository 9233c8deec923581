import { plural } from '@hoppla/core/words';

/** Sentences that only the command line says. */
export const cliWords = {
  usageHead:
    'usage: hoppla COMMAND FILE...      ("-" reads standard input; hoppla COMMAND --help tells more of one;\n' +
    '       --language de: what is said of toys in German; these words and keys of JSON stay English)',
  commands: {
    read: `read PAGE [--terms us|uk] [--json|--lines]   counts and problems of a page; what each of its lines is`,
    toy: `toy PAGE [--accept]                    a whole page as a toy document; --accept takes what it says plainly: eyes, embroidery,
                                         where parts are sewn`,
    check: `check FILE... [--terms us|uk]          one line a problem; exit 1 if any is an error`,
    write: `write FILE [--terms us|uk]             the text in clean form, in the terms asked`,
    shape: `shape FILE [--hook MM|LETTER] [--stitch MM] [--round MM] [--lean N] [--posts N] [--hand left|right] [--under]
        [--fill firm|medium|soft|none] [--json]   size, openings, volume and fill; FILE may be a toy`,
    face: `face FILE --part NAME --at "between R13 and R14, 7 between" [--eye MM] [--reading K] [--json]
                                         where a pair goes, in every school, and the checks`,
    joins: `joins TOY.json|PAGE [--json]           where every part is sewn, stitch to stitch; what is loose; how the toy stands`,
    needle: `needle TOY.json|PAGE [--json]          embroidery, felt and needle sculpting: places, lengths, thread to cut`,
    log: `log TOY.json [--json]                       what was done, with its time; ends of yarn that are too short`,
    where: `where TOY.json|PAGE [--part NAME] [--rounds N|--from-ridge N] [--made N] [--left N] [--edge N]
        [--last "one in one|increase|decrease"] [--json]   where a piece is, from what is counted on it`,
    plan: `plan TOY.json|PAGE [--text|--json|--html] [--terms us|uk]   the whole plan of a toy file or of written parts: steps with
                                         their windows, ends of yarn, materials, filling by length, time; --html prints
                                         the pattern with its pauses`,
    safety: `safety TOY.json|PAGE [--age A] [--region R] [--json]   what could hurt a child; exit 1 on a stop`,
    export: `export TOY.json --to FORMAT DIR         the toy in an open format:`,
    completion: `completion                             what a bash shell needs to complete these: source <(hoppla completion)`,
  },
  exportLine: (id: string, what: string) => `        ${id.padEnd(10)}${what}`,
  noCommand: (said: string) => `There is no command ${said}.`,
  needsValue: (flag: string) => `${flag} needs a value.`,
  unknownFlag: (flag: string) => `${flag} is not an option here.`,
  cannotWrite: (file: string, why: string) => `${file} cannot be written. ${why}`,
  picturesOnly: 'it holds pictures of words, and no words that can be read',
  largePdf: 'it would unpack to far more than any pattern holds, and was left alone',
  damagedPdf: 'it is damaged: its fonts have widths that there cannot be',
  cannotRead: (file: string, why: string) => `${file} cannot be read. ${why}`,
  oneFile: (command: string) => `${command} needs a file, or - for standard input.`,
  badLanguage: (said: string, there: readonly string[]) =>
    `--language is ${there.join(' or ')}, not ${said}.`,
  badTerms: (said: string) => `--terms is us or uk, not ${said}.`,
  badNumber: (flag: string, said: string) => `${flag} does not understand ${said}.`,
  outside: (flag: string, said: string, least: number, most: number) =>
    `${flag} takes ${least} to ${most}; ${said} is none that a toy can have.`,
  noExport: (said: string, there: readonly string[]) =>
    `--to takes ${there.join(', ')}; ${said || 'nothing'} is none of them.`,
  notACount: (flag: string, typed: string) => `${flag} is a count, such as 7; “${typed}” is none.`,
  noRecords: 'A page holds no records: give the file of a toy.',
  nowhere: 'Nothing fits these counts, not even with one more or less.',
  countNext: (what: string) => `Several places fit: count ${what} next.`,
  place: (at: { part: string; round: string | null; made: number; of: number | null; off: string | null }) =>
    `${at.part}: ${at.round === null ? 'all rounds are made' : `${at.round}, ${at.made} of ${at.of} made`}${at.off ? ` (only with ${at.off})` : ''}`,
  noNeedle: 'Nothing is put on this toy with a needle.',
  otherSide: 'other side:',
  noFaces: 'No part of this toy has eyes to map.',
  nearest: (phrase: string) => `The nearest that can be: ${phrase}`,
  page: 'Page',
  slots: (label: string, first: number, over: number) => `${label}, slots ${first} to ${first + over - 1}`,
  caught: (guest: string, host: string, label: string, first: number, over: number) =>
    `${guest} caught by ${host} in ${label}: slots ${first} to ${first + over - 1}`,
  through: (guest: string, host: string, tags: readonly string[], width: string, free: readonly string[]) =>
    `${guest} through ${host}: in at ${tags[0]}, out at ${tags[1]}, ${width} through; free ${free.join(' and ')}`,
  threaded: (
    guest: string,
    host: string,
    tags: readonly string[],
    width: string,
    pierced: string,
    yarn: string,
  ) =>
    `${guest} on a yarn through ${host}: ${tags.join(' and ')}, ${width} through, pierced at ${pierced}; yarn ${yarn}`,
  noSeam: 'none: the host has too few stitches there',
  empty: 'There is nothing in this text.',
  unread: (n: number) => `${plural(n, 'line', 'lines')} not read`,
  toyOfPage: 'toy takes a page of written rounds, not a toy file.',
  eyesPlaced: (part: string, mm: number) => `${part}: eyes of ${mm} mm placed as the page says`,
  stitched: (part: string, name: string, line: number) => `${part}: ${name} stitched as line ${line} says`,
  stitchOpen: (part: string, name: string, line: number) =>
    `${part}: line ${line} asks for ${name.toLowerCase()} and does not say on which round; not taken`,
  sewn: (part: string, words: string) => `${part}: sewn on as its text says: “${words}”`,
  sewingOpen: (part: string, words: string) => `${part}: where it is sewn is left to you: “${words}”`,
  eyesOpen: (part: string, line: number) =>
    `${part}: the eyes that line ${line} of its text names are left to you; its words leave more than one place, or none`,
  atLine: (n: number) => `line ${n}`,
  oneOf: (flag: string, said: string, all: readonly string[]) =>
    `${flag} is one of ${all.join(', ')}; not ${said}.`,
  needsFolder: 'export needs a toy file and a folder.',
  newer: (schema: number) => `This toy was made with a newer Hoppla (version ${schema}).`,
  unnamed: 'Part',
  noPart: (name: string, names: string[]) =>
    `There is no part ${name} here. ${names.length ? `There are: ${names.join(', ')}.` : 'There is no part at all.'}`,
  noEyesHere: (part: string) => `${part} has too few rounds for eyes.`,
  notAPair:
    'That is not a pair. Say the rounds it stands between and how far apart, such as "between R13 and R14, 7 stitches between".',
  noReading: (k: number, n: number) => `There is no reading ${k}; there ${n === 1 ? 'is 1' : `are ${n}`}.`,
  readings: (all: string[], used: number) =>
    `These words can be read in ${all.length} ways; the ${used === 0 ? 'first' : `one numbered ${used + 1}`} is used (--reading K chooses):\n${all.map((words, i) => `  ${i + 1}. ${words}\n`).join('')}`,
  face: (tag: string, words: string[], f: FaceFigures) =>
    [
      `${tag} of ${f.posts[0].of}`,
      ...words.map((line) => `  ${line}`),
      `  ${f.spacing.straightMm.toFixed(0)} mm straight, ${f.spacing.rimMm.toFixed(0)} mm from rim to rim, ${f.spacing.surfaceMm.toFixed(0)} mm along the fabric, within ${f.range.percent.toFixed(0)} % (${f.range.source}); ${f.spacing.angleDeg.toFixed(0)} degrees apart; the middle is a ${f.spacing.middle}`,
      `  ${f.levelErrorMm.toFixed(1)} mm from level; washer ${f.washer.mm} mm, against fabric ${f.washer.band === null ? 'not known' : f.washer.retention.toFixed(1)}`,
      `  put in from R${f.window.first}${f.window.lastComfortable === null ? '' : `, in comfort until R${f.window.lastComfortable}`}${f.window.lastPossible === null ? '' : `, at all until R${f.window.lastPossible}`}${f.window.into ? `, at the very latest ${plural(f.window.into.stitches, 'stitch', 'stitches')} into R${f.window.into.round}` : ''}`,
      ...f.advice.map((a) => `  ${a}`),
    ]
      .map((line) => `${line}\n`)
      .join(''),
  shape: (f: ShapeFigures) =>
    f.empty
      ? `${f.name}: no rounds\n`
      : [
          `${f.name}${f.make > 1 ? ` x ${f.make}` : ''}: ${f.size.join(' x ')} mm (${f.size.length > 2 ? 'wide x deep x tall' : 'wide x tall'}; ${f.ranges.join(' x ')}), ${plural(f.stitches, 'stitch', 'stitches')}`,
          `  ${f.basis}; ${f.gauge.stitch} mm a stitch, ${f.gauge.round} mm a round, ${f.gauge.source} gauge, within ${f.gauge.percent} %`,
          `  ${f.inner >= 0.05 ? `holds ${f.inner.toFixed(f.inner < 10 ? 1 : 0)} cm3` : 'holds nothing'}${f.fill ? `: ${f.fill.grams} of ${f.fill.material}, ${f.fill.firmness} (${f.fill.range})` : ''}; ${f.yarn} of yarn (${f.yarnRange})`,
          ...(f.opening
            ? [
                `  widest at ${f.widest}; ${f.opening.closed ? `closed after ${f.opening.label}, opening there` : `open at ${f.opening.label},`} ${f.opening.rest} mm at rest, ${f.opening.pulled} mm pulled open`,
              ]
            : []),
          ...f.layers.map(
            (l) =>
              `  worked on ${l.label}: ${l.across} mm across${Number(l.fullness) > 1.1 ? `, ruffles ${l.fullness} times` : ''}`,
          ),
          ...(f.ruffles.length ? [`  more stitches than lie smoothly: ${f.ruffles.join(', ')}`] : []),
        ]
          .map((line) => `${line}\n`)
          .join(''),
};

/** What is printed of a pair. Lengths in mm. */
export interface FaceFigures {
  posts: { of: number }[];
  advice: string[];
  spacing: { straightMm: number; rimMm: number; surfaceMm: number; angleDeg: number; middle: string };
  levelErrorMm: number;
  washer: { mm: number; retention: number; band: number | null };
  window: {
    first: number;
    lastComfortable: number | null;
    lastPossible: number | null;
    into: { round: number; stitches: number } | null;
  };
  range: { percent: number; source: string };
}

/** The figures of one part, already rounded for print. */
export interface ShapeFigures {
  name: string;
  make: number;
  stitches: number;
  basis: string;
  empty: boolean;
  size: string[];
  ranges: string[];
  inner: number;
  fill: { grams: string; range: string; firmness: string; material: string } | null;
  yarn: string;
  yarnRange: string;
  gauge: { stitch: string; round: string; source: string; percent: string };
  widest: string | null;
  opening: { label: string; rest: string; pulled: string; closed: boolean } | null;
  ruffles: string[];
  layers: { label: string; across: string; fullness: string }[];
}
