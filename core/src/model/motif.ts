import { STITCHES, type StitchKind } from '../figures';
import type { Gauge } from '../gauge';
import { read, type Item, type Terms } from '../notation';
import { surfaceWords as say } from '../words';

/** A point of a motif as it stands on the surface, mm: along the line from the motif's middle, and up from the fabric. */
export interface MotifPoint {
  alongMm: number;
  upMm: number;
}

/** What is worked at one station of a line, as it is written. */
export interface Motif {
  /** stitches of the surface that it takes */
  eats: number;
  heightMm: number;
  /** strands of yarn as they stand: the posts of stitches, chains, and the tops from post to post */
  lines: readonly (readonly MotifPoint[])[];
  /** yarn in widths of its stitch, and work in single crochets */
  yarnWidths: number;
  movements: number;
}

export type MotifRead = { motif: Motif; problem: null } | { motif: null; problem: string };

/** Stitches on offer while a motif is read: more than any motif takes. */
const OFFERED = 99;
/** A loop of chain stands half as high as a ring of its length is wide would, and a little less. Judged. */
const LOOP_RISES = 0.36;
/** Stitches worked into one fan out so far, radians from the first to the last. Judged. */
const FAN_RAD = 1.9;

/** Reads what is worked at a station, in the toy's terms; `host` is the gauge of the surface, `own` that of the work on it. */
export function readMotif(
  written: string,
  terms: Terms,
  host: Pick<Gauge, 'stitchMm'>,
  own: Pick<Gauge, 'stitchMm' | 'roundMm'>,
): MotifRead {
  const ring = terms === 'uk' ? 'dc' : 'sc';
  const reading = read(`M\nR1: ${OFFERED} ${ring} in ring\nR2: ${written.replace(/\s+/g, ' ')}`, { terms });
  const part = reading.parts[0];
  const round = part?.rounds[1];
  const fault = part?.problems.find((p) => p.severity === 'error' && p.code !== 'too-few');
  if (fault) return { motif: null, problem: fault.message };
  if (!round || round.items.every((i) => i.type === 'sign'))
    return { motif: null, problem: written.trim() === '' ? say.noMotif : say.motifNotRead };
  if (round.items.some(isNote)) return { motif: null, problem: say.motifNotRead };
  if (round.items.some(goesAround)) return { motif: null, problem: say.motifAround };
  const builder = new MotifBuilder(host.stitchMm, own);
  builder.items(round.items);
  return { motif: builder.motif(), problem: null };
}

const isNote = (item: Item): boolean => item.type === 'sign' && item.sign === 'note';

/** A station has an end: what goes on "around" does not. What goes back along its own chain does. */
const goesAround = (item: Item): boolean =>
  (item.type === 'stitch' && item.times === 'around') ||
  ((item.type === 'group' || item.type === 'fan') &&
    (item.times === 'around' || item.items.some(goesAround)));

/** Lays the stitches of a motif side by side on the surface, as they are worked. */
class MotifBuilder {
  private at = 0;
  private top: MotifPoint = { alongMm: 0, upMm: 0 };
  private chain = 0;
  private yarnWidths = 0;
  private movements = 0;
  private readonly lines: MotifPoint[][] = [];

  constructor(
    private readonly hostMm: number,
    private readonly own: Pick<Gauge, 'stitchMm' | 'roundMm'>,
  ) {}

  items(items: readonly Item[]): void {
    for (const item of items) this.item(item);
  }

  private item(item: Item): void {
    if (item.type === 'group') {
      for (let t = 0; t < timesOf(item.times); t++) this.items(item.items);
    } else if (item.type === 'fan') {
      for (let t = 0; t < timesOf(item.times); t++) this.fan(item.items);
    } else if (item.type === 'return') {
      for (let t = 0; t < item.times; t++) this.spike(item.chain - item.first + 1, item.chain);
      if (item.anchored) this.worked('slst', item.times);
    } else if (item.type === 'stitch') {
      if (item.kind === 'ch') this.addChain(timesOf(item.times));
      else for (let t = 0; t < timesOf(item.times); t++) this.plain(item.kind, item.eats, item.makes);
    }
  }

  private worked(kind: StitchKind, n = 1): void {
    this.yarnWidths += STITCHES[kind].yarnWidths * n;
    this.movements += STITCHES[kind].movements * n;
  }

  private addChain(n: number): void {
    this.chain += n;
    this.worked('ch', n);
  }

  private height(kind: StitchKind): number {
    return STITCHES[kind].height * this.own.roundMm;
  }

  /** A stitch, or several into one, or one over several. */
  private plain(kind: StitchKind, eats: number, makes: number): void {
    if (makes > 1) return this.fanOf(Array.from({ length: makes }, () => kind));
    this.worked(kind);
    this.post((this.at + Math.max(1, eats) / 2) * this.hostMm, this.height(kind), 0);
    this.at += eats;
  }

  private fan(items: readonly Item[]): void {
    this.fanOf(
      items.flatMap((i) =>
        i.type === 'stitch'
          ? Array.from({ length: timesOf(i.times) * Math.max(1, i.makes) }, () => i.kind)
          : [],
      ),
    );
  }

  /** Several stitches into one: their posts spread from one base. */
  private fanOf(kinds: readonly StitchKind[]): void {
    const base = (this.at + 0.5) * this.hostMm;
    kinds.forEach((kind, k) => {
      const share = kinds.length > 1 ? k / (kinds.length - 1) - 0.5 : 0;
      this.worked(kind);
      if (kind === 'ch') this.chain++;
      else this.post(base, this.height(kind), share * FAN_RAD * Math.min(1, (kinds.length - 1) / 4));
    });
    this.at += 1;
  }

  /** A post from its base to its top, leaning; the top goes on from the one before, over a chain if there is one. */
  private post(baseMm: number, tallMm: number, leanRad: number): void {
    const top = { alongMm: baseMm + tallMm * Math.sin(leanRad), upMm: tallMm * Math.cos(leanRad) };
    this.reach(top);
    this.lines.push([{ alongMm: baseMm, upMm: 0 }, top]);
  }

  /** From the last top to a point, in an arch where chains lie between. */
  private reach(to: MotifPoint): void {
    const { top, chain } = this;
    const rise = chain * this.own.stitchMm * LOOP_RISES;
    const steps = chain > 0 ? 6 : 1;
    this.lines.push(
      Array.from({ length: steps + 1 }, (_, k) => {
        const t = k / steps;
        return {
          alongMm: top.alongMm + (to.alongMm - top.alongMm) * t,
          upMm: top.upMm + (to.upMm - top.upMm) * t + 4 * t * (1 - t) * rise,
        };
      }),
    );
    this.top = to;
    this.chain = 0;
  }

  /** A chain that comes back to its stitch: it stands up from there. */
  private spike(stitches: number, chain: number): void {
    this.worked('ch', chain);
    this.worked('sc', stitches);
    const from = this.top;
    const tip = { alongMm: from.alongMm, upMm: from.upMm + stitches * this.own.stitchMm };
    this.lines.push([from, tip]);
  }

  motif(): Motif {
    if (this.chain > 0) this.reach({ alongMm: this.at * this.hostMm, upMm: 0 });
    // What comes back to its own stitch stands on that one.
    const eats = Math.max(1, this.at);
    const half = this.at > 0 ? (this.at * this.hostMm) / 2 : 0;
    const lines = this.lines.map((line) => line.map((p) => ({ ...p, alongMm: p.alongMm - half })));
    return {
      eats,
      heightMm: Math.max(0, ...lines.flatMap((line) => line.map((p) => p.upMm))),
      lines,
      yarnWidths: this.yarnWidths,
      movements: this.movements,
    };
  }
}

const timesOf = (times: number | 'around'): number => (times === 'around' ? 1 : times);
