/** Sentences that only the command line says. */
export const cliWords = {
  usage: `usage: hoppla COMMAND FILE...      ("-" reads standard input)
  read FILE [--terms us|uk] [--json]     counts and problems of written rounds
  check FILE... [--terms us|uk]          one line a problem; exit 1 if any is an error
  write FILE [--terms us|uk]             the text in clean form, in the terms asked
  shape FILE [--hook MM|LETTER] [--stitch MM] [--round MM] [--fill firm|medium|soft|none] [--json]
  plan TOY.json [--text|--json|--html]   the whole plan of a toy file
`,
  needsValue: (flag: string) => `${flag} needs a value.`,
  unknownFlag: (flag: string) => `${flag} is not an option here.`,
  cannotRead: (file: string, why: string) => `${file} cannot be read. ${why}`,
  oneFile: (command: string) => `${command} needs a file, or - for standard input.`,
  badTerms: (said: string) => `--terms is us or uk, not ${said}.`,
  badNumber: (flag: string, said: string) => `${flag} does not understand ${said}.`,
  newer: (schema: number) => `This toy was made with a newer Hoppla (version ${schema}).`,
  unnamed: 'Part',
  shape: (name: string, width: number, height: number, fill: number, yarn: number, source: string) =>
    `${name}: ${width.toFixed(0)} mm wide, ${height.toFixed(0)} mm tall, ${fill < 5 ? fill.toFixed(1) : fill.toFixed(0)} g fill, ${yarn.toFixed(1)} m yarn (${source} gauge)\n`,
};
