import { ASSUMED_HOOK_MM, BOUNDS, hookMm, isWithin, yarnIn, type Bound } from '@hoppla/core/figures';
import type { Firmness } from '@hoppla/core/form';
import { gaugeOf, type Gauge, type HookBy } from '@hoppla/core/gauge';
import type { PartReading, Terms } from '@hoppla/core/notation';
import { own } from '@hoppla/core/own';
import { LANGUAGES, type Language } from '@hoppla/core/words';
import { cliWords as say } from './words';

/** What a command answers: text for standard output and standard error, and the exit code. */
export interface Answer {
  out: string;
  err: string;
  code: 0 | 1 | 2;
  /** written by whoever called, paths as the caller gave them */
  files?: { path: string; text: string }[];
}

/** A call that cannot be run; its message is for the caller. */
export class Misuse extends Error {}

const FIRMNESSES: readonly Firmness[] = ['empty', 'soft', 'medium', 'firm'];
const FLAGS_WITH_VALUE = new Set([
  '--terms',
  '--language',
  '--hook',
  '--stitch',
  '--round',
  '--lean',
  '--posts',
  '--age',
  '--region',
  '--hand',
  '--fill',
  '--part',
  '--at',
  '--eye',
  '--reading',
  '--to',
  '--rounds',
  '--from-ridge',
  '--made',
  '--left',
  '--edge',
  '--last',
]);

const PLAIN_FLAGS = ['--json', '--text', '--html', '--under', '--lines', '--accept'];

/** Every option there is. */
export const FLAGS: readonly string[] = [...FLAGS_WITH_VALUE, ...PLAIN_FLAGS];

/** The files and options of a command line. */
export interface Call {
  files: string[];
  flags: Map<string, string>;
}

/** Reads a command line. @throws Misuse */
export function parse(args: readonly string[]): Call {
  const call: Call = { files: [], flags: new Map() };
  for (let i = 0; i < args.length; i++) {
    const arg = args[i];
    if (!arg.startsWith('--')) call.files.push(arg);
    else if (FLAGS_WITH_VALUE.has(arg)) {
      if (args[i + 1] === undefined) throw new Misuse(say.needsValue(arg));
      call.flags.set(arg, args[++i]);
    } else if (PLAIN_FLAGS.includes(arg)) call.flags.set(arg, '');
    else throw new Misuse(say.unknownFlag(arg));
  }
  return call;
}

/** The terms asked for, if any. */
export function terms(call: Call): Terms | undefined {
  const said = call.flags.get('--terms');
  if (said !== undefined && said !== 'us' && said !== 'uk') throw new Misuse(say.badTerms(said));
  return said as Terms | undefined;
}

/** The language that answers are printed in, English where none is asked for. @throws Misuse */
export function languageAsked(call: Call): Language {
  const said = call.flags.get('--language') ?? 'en';
  if (!Object.hasOwn(LANGUAGES, said)) throw new Misuse(say.badLanguage(said, Object.keys(LANGUAGES)));
  return said as Language;
}

/** What the numbers behind the options can be at all. */
const BOUND_OF: Readonly<Record<string, Bound>> = {
  '--hook': 'hookMm',
  '--stitch': 'stitchMm',
  '--round': 'roundMm',
  '--lean': 'leanStitches',
  '--posts': 'postGive',
  '--eye': 'mm',
};

/** A number given by an option; hooks may be letters. @throws Misuse */
export function number(call: Call, flag: string): number | undefined {
  const said = call.flags.get(flag);
  if (said === undefined) return undefined;
  const value = flag === '--hook' ? hookMm(said) : Number(said);
  if (value === null || !Number.isFinite(value) || (value <= 0 && flag !== '--lean'))
    throw new Misuse(say.badNumber(flag, said));
  const bound = own(BOUND_OF, flag);
  if (bound && !isWithin(bound, value))
    throw new Misuse(say.outside(flag, said, BOUNDS[bound][0], BOUNDS[bound][1]));
  return value;
}

/** The gauge that the options and the text ask for: an option before the text's hook; a hook that is said in words that are none is not known. @throws Misuse */
export function gaugeOfCall(call: Call, part: Pick<PartReading, 'hookMm' | 'hookNotKnown' | 'yarn'>): Gauge {
  const asked = number(call, '--hook');
  const hand = call.flags.get('--hand') ?? 'right';
  if (hand !== 'left' && hand !== 'right') throw new Misuse(say.badNumber('--hand', hand));
  return gaugeOf({
    hookMm: asked ?? part.hookMm ?? ASSUMED_HOOK_MM,
    hookBy: asked !== undefined ? 'said' : hookBy(part),
    yarn: yarnIn(part.yarn ?? ''),
    postGive: number(call, '--posts'),
    stitchMm: number(call, '--stitch'),
    roundMm: number(call, '--round'),
    leanStitches: number(call, '--lean'),
    hand,
    yarnUnder: call.flags.has('--under'),
  });
}

const hookBy = (part: Pick<PartReading, 'hookMm' | 'hookNotKnown'>): HookBy => {
  if (part.hookNotKnown !== null) return 'not known';
  return part.hookMm === null ? 'assumed' : 'said';
};

/** How firm the part is filled; medium when nothing is said. @throws Misuse */
export function firmnessOf(call: Call): Firmness {
  const said = (call.flags.get('--fill') ?? 'medium').replace('none', 'empty');
  const fill = FIRMNESSES.find((f) => f === said);
  if (!fill) throw new Misuse(say.badNumber('--fill', said));
  return fill;
}
