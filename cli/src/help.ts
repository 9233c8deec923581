import { EXPORT_IDS } from '@hoppla/core/files';
import { sheetWords } from '@hoppla/core/words';
import { FLAGS, type Answer } from './call';
import { cliWords as say } from './words';

type Command = keyof typeof say.commands;
const COMMANDS = Object.keys(say.commands) as Command[];

const isCommand = (said: string): said is Command => COMMANDS.includes(said as Command);

/** The lines that tell of one command; of `export` also every format. */
const linesOf = (command: Command): string =>
  command === 'export'
    ? [say.commands.export, ...EXPORT_IDS.map((id) => say.exportLine(id, sheetWords.exports[id]))].join('\n')
    : say.commands[command];

/** How the command line is called. */
export const usage = (): string => `${say.usageHead}\n${COMMANDS.map((c) => `  ${linesOf(c)}\n`).join('')}`;

/** A script for bash: commands, options, formats of `--to`, else files. */
const completion = (): string => `_hoppla() {
  local word=\${COMP_WORDS[COMP_CWORD]} before=\${COMP_WORDS[COMP_CWORD-1]}
  if [ "$COMP_CWORD" -eq 1 ]; then COMPREPLY=($(compgen -W "${COMMANDS.join(' ')}" -- "$word"))
  elif [ "$before" = --to ]; then COMPREPLY=($(compgen -W "${EXPORT_IDS.join(' ')}" -- "$word"))
  elif [ "$before" = --terms ]; then COMPREPLY=($(compgen -W "us uk" -- "$word"))
  elif [[ "$word" == -* ]]; then COMPREPLY=($(compgen -W "${[...FLAGS, '--help'].join(' ')}" -- "$word"))
  else COMPREPLY=($(compgen -f -- "$word"))
  fi
}
complete -F _hoppla hoppla
`;

/** The answer to a call that asks how to call; null where it asks for work. */
export function helpOf(command: string | undefined, rest: readonly string[]): Answer | null {
  const fine = (out: string): Answer => ({ out, err: '', code: 0 });
  if (command === undefined) return null;
  if (['--help', '-h', 'help'].includes(command)) {
    const [about] = rest;
    return fine(about !== undefined && isCommand(about) ? `hoppla ${linesOf(about)}\n` : usage());
  }
  if (!isCommand(command)) return null;
  if (rest.includes('--help') || rest.includes('-h')) return fine(`hoppla ${linesOf(command)}\n`);
  return command === 'completion' ? fine(completion()) : null;
}
