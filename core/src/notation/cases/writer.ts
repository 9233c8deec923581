/** A random number from 0 to 1, the same run after run. */
export function seeded(seed: number): () => number {
  let s = seed;
  return () => (s = (Math.imul(s, 1664525) + 1013904223) >>> 0) / 4294967296;
}

/** Texts that add up, and which forms they hold. */
export class Writer {
  readonly forms = new Map<string, number>();
  constructor(private readonly random: () => number) {}

  private int = (from: number, to: number): number => from + Math.floor(this.random() * (to - from + 1));
  private pick = <T>(list: readonly T[]): T => list[Math.floor(this.random() * list.length)];
  private form = (name: string): void => void this.forms.set(name, (this.forms.get(name) ?? 0) + 1);

  /** A part of some rounds; counts are always stated, so that a fault stays in its round. */
  text(): string {
    const lines: string[] = [];
    if (this.random() < 0.3)
      lines.push(this.pick(['Head (2x, rust, 3 mm hook, ring = crown)', 'EARS - make 2', 'Tail:']), '');
    const start = this.start();
    lines.push(...start.lines);
    let { n, label, rows } = start;
    let afterLayer = false;
    for (let k = this.int(1, 6); k > 0 && n >= 2 && n < 130; k--) {
      const before = n;
      if (this.random() < 0.08)
        lines.push(
          this.pick([
            '-- eyes between R2 and R3, 5 between --',
            'stuff firmly',
            'Sew the ears on, four rounds apart.',
          ]),
        );
      const { words, made, loops } = this.round(n, rows);
      const range = made === n && !loops && this.random() < 0.2 ? this.int(1, 3) : 0;
      if (range) this.form('range');
      const name = this.pick(
        rows
          ? [`Row ${label}: `]
          : range
            ? [`R${label}-${label + range}: `, `Rounds ${label} to ${label + range}: `]
            : [`R${label}: `, `Rnd ${label} – `, `${label}. `, ...(afterLayer ? [] : [''])],
      );
      afterLayer = false;
      if (name === '') this.form('unlabelled');
      const count = this.pick([` (${made})`, ` [${made}]`, ` = ${made}`]);
      lines.push(
        `${range && name === '' ? `R${label}-${label + range}: ` : name}${words}${count}${rows ? ', turn' : ''}`,
      );
      label += 1 + range;
      n = made;
      if (loops && before <= 60 && this.random() < 0.7) {
        this.form('layer');
        // Without a label the next line would go on with the layer.
        afterLayer = true;
        lines.push(this.layer(loops === 'BLO' ? 'front' : 'back', label - 2, before));
      }
    }
    if (!rows && n % 2 === 0 && this.random() < 0.1) {
      this.form('fold');
      lines.push(`fold, sc through both (${n / 2})`);
    } else if (!rows && this.random() < 0.15) lines.push('close');
    return lines.join('\n');
  }

  private start(): { lines: string[]; n: number; label: number; rows: boolean } {
    const n = this.int(4, 9);
    const how = this.pick(['ring', 'ring', 'ring', 'mr', 'loop', 'tube', 'rows', 'oval', 'given', 'ch2']);
    this.form(`start ${how}`);
    const rows = how === 'rows';
    const words: Record<string, [string, number]> = {
      ring: [`${n} sc in ring`, n],
      mr: [`MR ${n}`, n],
      loop: [`ch 5, join, ${n} sc in loop`, n],
      tube: [`ch ${n + 4}, join`, n + 4],
      given: [`${n * 3} sc`, n * 3],
      ch2: [`ch 2, ${n} sc in 2nd ch from hook`, n],
      rows: [`ch ${n + 1}, sc in 2nd ch from hook and each ch`, n],
      oval: [
        `ch ${n}, inc in 2nd ch, ${n - 3} sc, 3 sc in last ch, other side: ${n - 3} sc, sc`,
        2 + (n - 3) + 3 + (n - 3) + 1,
      ],
    };
    const [text, made] = words[how];
    return {
      lines: [`${rows ? 'Row' : 'R'}${rows ? ' ' : ''}1: ${text} (${made})${rows ? ', turn' : ''}`],
      n: made,
      label: 2,
      rows,
    };
  }

  private round(n: number, rows: boolean): { words: string; made: number; loops: 'BLO' | 'FLO' | null } {
    const divisors = [2, 3, 4, 5, 6, 7].filter((d) => n % d === 0);
    const d = divisors.length ? this.pick(divisors) : 1;
    const k = n / d;
    const options: [string, () => [string, number]][] = [
      ['around', () => [this.pick(['sc around', 'sc in each st', `${n} sc`, 'even']), n]],
      ['inc', () => [this.pick([`inc x${n}`, '2 sc in each st', 'inc around']), 2 * n]],
      ['tall', () => [`${this.pick(['hdc', 'dc', 'tr'])} around`, n]],
      ['fan', () => [`(hdc, dc, hdc) in next, ${n - 1} sc`, n + 2]],
      [
        'chain',
        () => {
          const c = this.int(2, 4);
          return [`ch ${c}, ${n} sc`, n + c];
        },
      ],
      [
        'return',
        () => [`sc, ch 4, sl st in 2nd ch from hook, sc in next 2, sl st in same st, ${n - 1} sc`, n],
      ],
      ['picot', () => [`sc, picot, ${n - 1} sc`, n]],
      ['bob', () => [`bob, ${n - 1} sc`, n]],
      ['post', () => [`${n - 1} sc, ${this.pick(['FPsc', 'BPdc'])}`, n]],
      ['spike', () => [`spike sc, ${n - 1} sc`, n]],
      ['colour', () => [`sc, change to cream, ${n - 1} sc`, n]],
      ['colour in', () => [`in B: ${n} sc`, n]],
      ['remark', () => [`${n - 1} sc, place marker here, sc`, n]],
      ['joined', () => [`ch 1, sc around, sl st to join`, n]],
      ['nested', () => (k >= 4 ? [`((sc, inc) x1, ${k - 2} sc) x${d}`, n + d] : ['sc around', n])],
      [
        'rep from',
        () =>
          k >= 2 && d > 2 ? [`*${k - 1} sc, inc; rep from * ${d - 1} more times`, n + d] : ['sc around', n],
      ],
      [
        'rep doubt',
        () =>
          k >= 2 && d > 2
            ? [`*${k - 1} sc, inc; rep from * ${this.pick([d, d - 1])} times`, n + d]
            : ['sc around', n],
      ],
      [
        'group inc',
        () =>
          k >= 2
            ? [
                this.pick([
                  `(${k - 1} sc, inc) x${d}`,
                  `[${k - 1} sc, inc] * ${d}`,
                  `(${k - 1} sc, inc) around`,
                  `*${k - 1} sc, inc* around`,
                ]),
                n + d,
              ]
            : [`inc x${n}`, 2 * n],
      ],
      [
        'group dec',
        () =>
          k >= 3
            ? [`(${k - 2} sc, ${this.pick(['dec', 'invdec', 'sc2tog'])}) x${d}`, n - d]
            : ['sc around', n],
      ],
      ['inc3', () => [`inc3, ${n - 1} sc`, n + 2]],
      ['dec3', () => (n >= 3 ? [`sc3tog, ${n - 3 > 0 ? `${n - 3} sc` : 'picot'}`, n - 2] : ['sc around', n])],
      ['skip', () => (n >= 4 ? [`skip 1, ${n - 1} sc`, n - 1] : ['sc around', n])],
      ['sl st', () => [`sl st, ${n - 1} sc`, n]],
      ['third loop', () => [`hdc around in 3rd loop`, n]],
    ];
    const allowed = rows ? options.filter(([name]) => !['joined', 'rep doubt'].includes(name)) : options;
    const [name, make] = this.pick(allowed);
    const [words, made] = make();
    this.form(name);
    const whole =
      ['around', 'group inc', 'inc', 'group dec'].includes(name) &&
      !rows &&
      this.random() < 0.3 &&
      !/invdec/.test(words);
    if (!whole) return { words, made, loops: null };
    const loops = this.pick(['BLO', 'FLO'] as const);
    this.form('loops');
    return { words: this.pick([`${loops}: ${words}`, `${words}, ${loops}`]), made, loops };
  }

  /** A layer into the free loops of the round with that number, which has so many stitches. */
  private layer(loop: string, round: number, free: number): string {
    const shell = free % 2 === 0 ? ['(sc, 3 dc in next) around', free * 2] : ['2 dc in each st', free * 2];
    const [words, made] = this.pick([['sc around', free], shell]) as [string, number];
    return `in the free ${loop} loops of R${round}: ${words} (${made})`;
  }
}
