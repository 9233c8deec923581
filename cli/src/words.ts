/** Sentences that only the command line says. */
export const cliWords = {
  usage: `usage: hoppla COMMAND FILE...      ("-" reads standard input)
  read FILE [--terms us|uk] [--json]     counts and problems of written rounds
  check FILE... [--terms us|uk]          one line a problem; exit 1 if any is an error
  write FILE [--terms us|uk]             the text in clean form, in the terms asked
  shape FILE [--hook MM|LETTER] [--stitch MM] [--round MM] [--lean N] [--hand left|right] [--under]
        [--fill firm|medium|soft|none] [--json]   size, openings, volume and fill; FILE may be a toy
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
  shape: (f: ShapeFigures) =>
    f.empty ? `${f.name}: no rounds\n` : [
      `${f.name}${f.make > 1 ? ` x ${f.make}` : ''}: ${f.size.join(' x ')} mm (${f.size.length > 2 ? 'wide x deep x tall' : 'wide x tall'}; ${f.ranges.join(' x ')}), ${f.stitches} stitches`,
      `  ${f.basis}; ${f.gauge.stitch} mm a stitch, ${f.gauge.round} mm a round, ${f.gauge.source} gauge, within ${f.gauge.percent} %`,
      `  ${f.inner >= 0.05 ? `holds ${f.inner.toFixed(f.inner < 10 ? 1 : 0)} cm3` : 'holds nothing'}${f.fill ? `: ${f.fill.grams} of ${f.fill.material}, ${f.fill.firmness} (${f.fill.range})` : ''}; ${f.yarn} of yarn (${f.yarnRange})`,
      ...(f.opening ? [`  widest at ${f.widest}; ${f.opening.closed ? `closed after ${f.opening.label}, opening there` : `open at ${f.opening.label},`} ${f.opening.rest} mm at rest, ${f.opening.pulled} mm pulled open`] : []),
      ...f.layers.map((l) => `  worked on ${l.label}: ${l.across} mm across${Number(l.fullness) > 1.1 ? `, ruffles ${l.fullness} times` : ''}`),
      ...(f.ruffles.length ? [`  more stitches than lie smoothly: ${f.ruffles.join(', ')}`] : []),
    ].map((line) => `${line}\n`).join(''),
};

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
