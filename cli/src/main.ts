import { readFileSync } from 'node:fs';
import { planText, sheetHtml } from '@hoppla/core/files';
import { buildFabric } from '@hoppla/core/fabric';
import { fillGrams, formOf, sizeOf, yarnMetres, yarnNeed, type FillMaterial, type Firmness, type PartForm } from '@hoppla/core/form';
import { FABRIC, hookMm } from '@hoppla/core/figures';
import { gaugeOf, type Ranged } from '@hoppla/core/gauge';
import { cleanText, markText, read, type Problem, type Reading, type Terms } from '@hoppla/core/notation';
import { planOf } from '@hoppla/core/plan';
import { modelToy } from '@hoppla/core/toy';
import { openFile } from '@hoppla/core/toy/schema';
import { unitWords } from '@hoppla/core/words';
import { cliWords as say, type ShapeFigures } from './words';

/** What a command answers: text for standard output and standard error, and the exit code. */
export interface Answer {
  out: string;
  err: string;
  code: 0 | 1 | 2;
}

class Misuse extends Error {}

const FIRMNESSES: readonly Firmness[] = ['empty', 'soft', 'medium', 'firm'];

const FLAGS_WITH_VALUE = new Set(['--terms', '--hook', '--stitch', '--round', '--lean', '--hand', '--fill']);

interface Call {
  files: string[];
  flags: Map<string, string>;
}

/** Runs one command line. Never throws; a wrong call is answered with code 2. */
export function run(argv: readonly string[], standardInput: () => string): Answer {
  try {
    const [command, ...rest] = argv;
    const call = parse(rest);
    const texts = () => call.files.map((f) => ({ file: f, text: load(f, standardInput) }));
    switch (command) {
      case 'read':
        return readCommand(one(texts(), 'read').text, call);
      case 'check':
        return checkCommand(some(texts(), 'check'), call);
      case 'write':
        return writeCommand(one(texts(), 'write').text, call);
      case 'shape':
        return shapeCommand(one(texts(), 'shape').text, call);
      case 'plan':
        return planCommand(one(texts(), 'plan').text, call);
      default:
        return { out: '', err: say.usage, code: 2 };
    }
  } catch (error) {
    if (error instanceof Misuse) return { out: '', err: `${error.message}\n`, code: 2 };
    throw error;
  }
}

function parse(args: readonly string[]): Call {
  const call: Call = { files: [], flags: new Map() };
  for (let i = 0; i < args.length; i++) {
    const arg = args[i];
    if (!arg.startsWith('--')) call.files.push(arg);
    else if (FLAGS_WITH_VALUE.has(arg)) {
      if (args[i + 1] === undefined) throw new Misuse(say.needsValue(arg));
      call.flags.set(arg, args[++i]);
    } else if (['--json', '--text', '--html', '--under'].includes(arg)) call.flags.set(arg, '');
    else throw new Misuse(say.unknownFlag(arg));
  }
  return call;
}

function load(file: string, standardInput: () => string): string {
  try {
    return file === '-' ? standardInput() : readFileSync(file, 'utf8');
  } catch (error) {
    throw new Misuse(say.cannotRead(file, error instanceof Error ? error.message : ''));
  }
}

function one<T>(list: T[], command: string): T {
  if (list.length !== 1) throw new Misuse(say.oneFile(command));
  return list[0];
}

function some<T>(list: T[], command: string): T[] {
  if (list.length === 0) throw new Misuse(say.oneFile(command));
  return list;
}

function terms(call: Call): Terms | undefined {
  const said = call.flags.get('--terms');
  if (said !== undefined && said !== 'us' && said !== 'uk') throw new Misuse(say.badTerms(said));
  return said as Terms | undefined;
}

function number(call: Call, flag: string): number | undefined {
  const said = call.flags.get(flag);
  if (said === undefined) return undefined;
  const value = flag === '--hook' ? hookMm(said) : Number(said);
  if (value === null || !Number.isFinite(value) || (value <= 0 && flag !== '--lean')) throw new Misuse(say.badNumber(flag, said));
  return value;
}

/** Line and column, from 1, of an offset in a text. */
export function placeIn(text: string, offset: number): { line: number; column: number } {
  const before = text.slice(0, offset);
  return { line: before.split('\n').length, column: offset - before.lastIndexOf('\n') };
}

function problemJson(text: string, p: Problem) {
  const at = placeIn(text, p.span.from);
  const mend = p.mends[0];
  const edit = (c: { from: number; to: number; insert: string }) => ({ ...placeIn(text, c.from), endColumn: placeIn(text, c.to).column, text: c.insert });
  return { line: at.line, column: at.column, endColumn: placeIn(text, p.span.to).column, severity: p.severity, code: p.code, message: p.message, ...(mend ? { mend: { title: mend.title, edits: mend.changes.map(edit) } } : {}) };
}

function readCommand(text: string, call: Call): Answer {
  const reading = read(text, { terms: terms(call) });
  const code = hasErrors(reading) ? 1 : 0;
  const parts = reading.parts.map((p) => ({
    name: p.name, make: p.make, stitches: p.stitches,
    rounds: p.rounds.map(({ label, line, offered, eaten, made, stated, carried }) => ({ label, line, offered, eaten, made, stated, carried })),
    problems: p.problems.map((x) => problemJson(text, x)),
  }));
  if (call.flags.has('--json')) return { out: `${JSON.stringify({ terms: reading.terms, parts }, null, 2)}\n`, err: '', code };
  const out = parts.map((p) => `${p.name || say.unnamed}${p.make > 1 ? ` × ${p.make}` : ''}\n${p.rounds.map((r) => `  ${(r.label ?? '').padEnd(5)} ${String(r.made ?? '?').padStart(5)}`).join('\n')}\n`).join('\n');
  const err = parts.flatMap((p) => p.problems.map((x) => `${x.line}:${x.column}: ${x.severity}: ${x.message}\n`)).join('');
  return { out, err, code };
}

const hasErrors = (reading: Reading): boolean => reading.parts.some((p) => p.problems.some((x) => x.severity === 'error'));

function checkCommand(texts: { file: string; text: string }[], call: Call): Answer {
  let code: 0 | 1 = 0;
  const lines: string[] = [];
  for (const { file, text } of texts) {
    const reading = read(text, { terms: terms(call) });
    if (hasErrors(reading)) code = 1;
    for (const p of reading.parts.flatMap((part) => part.problems)) {
      const at = placeIn(text, p.span.from);
      lines.push(`${file}:${at.line}:${at.column}: ${p.code}: ${p.message}\n`);
    }
  }
  return { out: lines.join(''), err: '', code };
}

/** The terms the text is in are found out; `--terms` says in which it is printed. */
function writeCommand(text: string, call: Call): Answer {
  const reading = read(text);
  const code = hasErrors(reading) ? 1 : 0;
  return { out: reading.parts.length ? cleanText(text, { terms: reading.terms, to: terms(call) ?? reading.terms }) : '', err: problemLines(text, reading), code };
}

const problemLines = (text: string, reading: Reading): string =>
  reading.parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error').map((x) => ({ at: placeIn(text, x.span.from), x }))).map(({ at, x }) => `${at.line}:${at.column}: ${x.code}: ${x.message}\n`).join('');

/** A part as `shape` sees it: of a written text with the options of the call, or of a toy file with its own. */
interface Shaped {
  name: string;
  make: number;
  fill: Firmness;
  material: FillMaterial;
  form: PartForm;
}

function shapeCommand(text: string, call: Call): Answer {
  const { parts, code } = text.trimStart().startsWith('{') ? shapesOfToy(text) : shapesOfText(text, call);
  if (call.flags.has('--json')) return { out: `${JSON.stringify({ parts: parts.map(shapeJson) }, null, 2)}\n`, err: '', code };
  return { out: parts.map((p) => say.shape(shapeFigures(p))).join('\n'), err: '', code };
}

function shapesOfText(text: string, call: Call): { parts: Shaped[]; code: 0 | 1 } {
  const reading = read(text, { terms: terms(call) });
  const { marks } = markText(text, () => 'line');
  const said = (call.flags.get('--fill') ?? 'medium').replace('none', 'empty');
  const fill = FIRMNESSES.find((f) => f === said);
  if (!fill) throw new Misuse(say.badNumber('--fill', said));
  const hand = call.flags.get('--hand') ?? 'right';
  if (hand !== 'left' && hand !== 'right') throw new Misuse(say.badNumber('--hand', hand));
  const parts = reading.parts.map((p): Shaped => {
    const gauge = gaugeOf({ hookMm: number(call, '--hook') ?? p.hookMm ?? 3, stitchMm: number(call, '--stitch'), roundMm: number(call, '--round'), leanStitches: number(call, '--lean'), hand, yarnUnder: call.flags.has('--under') });
    return { name: p.name, make: p.make, fill, material: 'polyester', form: formOf(buildFabric(p, marks), gauge, { fill }) };
  });
  return { parts, code: hasErrors(reading) ? 1 : 0 };
}

function shapesOfToy(text: string): { parts: Shaped[]; code: 0 | 1 } {
  const opened = openFile(text);
  if (opened.state !== 'open') throw new Misuse(opened.state === 'refused' ? opened.sentence : say.newer(opened.schema));
  const model = modelToy(opened.file.toy);
  const parts = model.parts.map((p): Shaped => ({ name: p.name, make: p.copies.length, fill: p.part.fill, material: model.toy.settings.fillWith, form: p.form }));
  return { parts, code: model.parts.every((p) => p.addsUp) ? 0 : 1 };
}

function shapeJson({ name, fill, material, form }: Shaped) {
  const { gauge, fabric } = form;
  return {
    name, stitches: fabric.stitches, basis: form.basis, widthMm: form.widthMm, depthMm: form.depthMm, heightMm: form.heightMm, volumeCm3: form.volumeCm3, innerCm3: form.innerCm3, areaCm2: form.areaCm2,
    fillG: fillGrams(form.innerCm3, fill, material, gauge.rangePercent).value, yarnM: yarnMetres(fabric, gauge),
    gauge: { stitchMm: gauge.stitchMm, roundMm: gauge.roundMm, source: gauge.source, stitchRangePercent: gauge.stitchRangePercent, roundRangePercent: gauge.roundRangePercent },
    rounds: form.rounds.map(({ label, count, ringMm, pulledMm, radiusMm, heightMm }) => ({ label, count, ringMm, pulledMm, radiusMm, heightMm })),
  };
}

/** What a person wants to know of a part, in words already rounded. */
function shapeFigures({ name, make, fill, material, form }: Shaped): ShapeFigures {
  const units = unitWords('mm');
  const { width, depth, height } = sizeOf(form);
  const range = (r: Ranged) => `${units.bare(r.low)}-${units.bare(r.high)}`;
  const grams = fillGrams(form.innerCm3, fill, material, form.gauge.rangePercent);
  const yarn = yarnNeed(form);
  const last = form.rounds[form.rounds.length - 1];
  const widest = form.rounds.reduce((best, r) => (r.radiusMm > best.radiusMm + 0.01 ? r : best), form.rounds[0]);
  return {
    name: name || say.unnamed, make, stitches: form.fabric.stitches, basis: form.basis, empty: form.rounds.length === 0,
    size: [units.bare(width.value), ...(width.value - depth.value > 1 && form.section === 'ring' ? [units.bare(depth.value)] : []), units.bare(height.value)], ranges: [range(width), range(height)],
    inner: form.innerCm3, fill: grams.value > 0 ? { grams: units.weight(grams.value), range: `${units.bareWeight(grams.low)}-${units.bareWeight(grams.high)}`, firmness: fill, material } : null,
    yarn: `${yarn.value.toFixed(1)} m`, yarnRange: `${yarn.low.toFixed(1)}-${yarn.high.toFixed(1)}`,
    gauge: { stitch: form.gauge.stitchMm.toFixed(2), round: form.gauge.roundMm.toFixed(2), source: form.gauge.source, percent: form.gauge.rangePercent.toFixed(0) },
    widest: widest && form.section === 'ring' ? widest.label : null, opening: last && form.section === 'ring' ? { label: last.label, rest: units.bare(last.ringMm), pulled: units.bare(last.pulledMm), closed: form.closed } : null,
    // The last rounds of a closed part pucker because they are gathered.
    ruffles: form.rounds.filter((r, i) => (!form.closed || i < form.rounds.length - 2) && r.fullness > FABRIC.ruffleFullness && (form.rounds[i + 1]?.fullness ?? form.rounds[i - 1]?.fullness ?? 0) > FABRIC.ruffleFullness).map((r) => r.label),
    layers: form.layers.map((l) => ({ label: form.rounds[Math.max(0, form.fabric.layers[form.layers.indexOf(l)].on)]?.label ?? '', across: units.bare(l.widthMm), fullness: Math.max(1, ...l.rounds.map((r) => r.fullness)).toFixed(1) })),
  };
}

function planCommand(text: string, call: Call): Answer {
  const opened = openFile(text);
  if (opened.state === 'refused') return { out: '', err: `${opened.sentence}\n`, code: 2 };
  if (opened.state === 'newer') return { out: '', err: `${say.newer(opened.schema)}\n`, code: 2 };
  const model = modelToy(opened.file.toy);
  const code = model.parts.every((p) => p.addsUp) ? 0 : 1;
  if (call.flags.has('--html')) return { out: sheetHtml(model), err: '', code };
  if (call.flags.has('--json')) return { out: `${JSON.stringify(planOf(model), null, 2)}\n`, err: '', code };
  return { out: planText(model), err: '', code };
}
