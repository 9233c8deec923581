import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { EXPORTS, exportNamed, fileName } from '@hoppla/core/files';
import type { ToyModel } from '@hoppla/core/model';
import { cleanText, read, type Reading } from '@hoppla/core/notation';
import { pageWords, speak } from '@hoppla/core/words';
import { germanOfCore } from '@hoppla/core/words/german';
import { languageAsked, Misuse, parse, terms, type Answer, type Call } from './call';
import { faceCommand } from './face';
import { joinsAnswer } from './joins';
import { logCommand } from './log';
import { needleAnswer } from './needle';
import { whereAnswer } from './where';
import { hasErrors, placeIn, readCommand } from './read';
import { safetyAnswer } from './safety';
import { toyCommand } from './toy';
import { fileIn, opened, recordsIn } from './opened';
import { planAnswer } from './plan';
import { shapeCommand } from './shape';
import { helpOf, usage } from './help';
import { cliWords as say } from './words';

export type { Answer } from './call';

/** Gives the text of a file by its path. @throws where it cannot be read */
export type ReadFile = (path: string) => string;

const asText: ReadFile = (path) => readFileSync(path, 'utf8');

/** Commands that ask one page, part or toy file a question. */
const OF_ONE_TEXT: Record<string, (text: string, call: Call) => Answer> = {
  read: readCommand,
  write: writeCommand,
  shape: shapeCommand,
  face: faceCommand,
  where: ofModel(whereAnswer),
  needle: ofModel(needleAnswer),
  joins: ofModel(joinsAnswer),
  plan: planCommand,
  safety: safetyCommand,
  log: logCommand,
};

/** A command that asks the toy of a text. */
function ofModel(answer: (model: ToyModel, call: Call) => Answer) {
  return (text: string, call: Call): Answer => {
    const model = opened(text, call);
    return 'parts' in model ? answer(model, call) : model;
  };
}

/** Runs one command line. Never throws; a wrong call is answered with code 2. */
export function run(argv: readonly string[], standardInput: () => string, readFile = asText): Answer {
  const load = (file: string): string => {
    try {
      return file === '-' ? standardInput() : readFile(file);
    } catch (error) {
      throw new Misuse(say.cannotRead(file, error instanceof Error ? error.message : ''));
    }
  };
  const help = helpOf(argv[0], argv.slice(1));
  if (help) return help;
  let asBefore = () => {};
  try {
    const [command, ...rest] = argv;
    const call = parse(rest);
    if (languageAsked(call) === 'de') asBefore = speak('de', germanOfCore);
    if (command === 'export') return exportCommand(call, load);
    const texts = () => call.files.map((f) => ({ file: f, text: load(f) }));
    if (command === 'toy') return toyCommand(one(texts(), command), call);
    if (command === 'check') return checkCommand(some(texts(), command), call);
    if (Object.hasOwn(OF_ONE_TEXT, command)) return OF_ONE_TEXT[command](one(texts(), command).text, call);
    return { out: '', err: `${command ? `${say.noCommand(command)}\n` : ''}${usage()}`, code: 2 };
  } catch (error) {
    if (error instanceof Misuse) return { out: '', err: `${error.message}\n`, code: 2 };
    throw error;
  } finally {
    asBefore();
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

function checkCommand(texts: { file: string; text: string }[], call: Call): Answer {
  let code: 0 | 1 = 0;
  const lines: string[] = [];
  const notes: string[] = [];
  for (const { file, text } of texts) {
    const reading = read(text, { terms: terms(call) });
    if (hasErrors(reading)) code = 1;
    for (const p of reading.parts.flatMap((part) => part.problems)) {
      const at = placeIn(text, p.span.from);
      const line = `${file}:${at.line}:${at.column}: ${p.code}: ${p.message}\n`;
      (p.severity === 'note' ? notes : lines).push(line);
    }
    if (text.trim() === '') notes.push(`${file}: ${say.empty}\n`);
    for (const l of reading.page)
      if (l.as === 'unread') notes.push(`${file}:${l.line}:1: unread: ${pageWords.unread}\n`);
  }
  // What is only worth knowing stands behind the faults.
  return { out: [...lines, ...notes].join(''), err: '', code };
}

/** The terms the text is in are found out; `--terms` says in which it is printed. */
function writeCommand(text: string, call: Call): Answer {
  const reading = read(text);
  const code = hasErrors(reading) ? 1 : 0;
  return {
    out: reading.parts.length
      ? cleanText(text, { terms: reading.terms, to: terms(call) ?? reading.terms })
      : '',
    err: problemLines(text, reading),
    code,
  };
}

const problemLines = (text: string, reading: Reading): string =>
  reading.parts
    .flatMap((p) =>
      p.problems.filter((x) => x.severity === 'error').map((x) => ({ at: placeIn(text, x.span.from), x })),
    )
    .map(({ at, x }) => `${at.line}:${at.column}: ${x.code}: ${x.message}\n`)
    .join('');

/** A toy file tells what was done as well; a page has no log. */
function planCommand(text: string, call: Call): Answer {
  const model = opened(text, call);
  return 'err' in model ? model : planAnswer(model, recordsIn(text).log, call);
}

function safetyCommand(text: string, call: Call): Answer {
  const model = opened(text, call);
  return 'err' in model ? model : safetyAnswer(model, recordsIn(text), call);
}

function exportCommand(call: Call, load: ReadFile): Answer {
  const [file, folder, ...more] = call.files;
  if (!file || !folder || more.length) throw new Misuse(say.needsFolder);
  const to = call.flags.get('--to') ?? '';
  const format = exportNamed(to);
  if (!format) throw new Misuse(say.noExport(to, Object.keys(EXPORTS)));
  const text = load(file);
  const model = opened(text, call);
  if ('err' in model) return model;
  const code = model.parts.every((p) => p.addsUp) ? 0 : 1;
  const { name } = model.toy;
  const files = format.files(model, fileIn(text)).map((f) => ({
    path: join(folder, fileName(f.of ? `${name} ${f.of}` : name, format.ending)),
    text: f.text,
  }));
  if (files.length === 0) return { out: '', err: `${say.noFaces}\n`, code: 1 };
  return { out: files.map((f) => `${f.path}\n`).join(''), err: '', code, files };
}
