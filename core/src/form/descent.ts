/** What is to be made as small as possible. */
export interface Downhill {
  /** the value at x; its slope is written into g */
  at: (x: Float64Array, g: Float64Array) => number;
  /** an answer to a slope, written into `answer`: positive definite, near the inverse of the curvature */
  precondition: (slope: Float64Array, answer: Float64Array) => void;
  /** the most that one number may change in a step */
  mostStep: number;
  /** asked with the slope after each step */
  done: (g: Float64Array) => boolean;
  /** asked before each step; true ends the work where it stands */
  stop: () => boolean;
  mostSteps: number;
}

/** How many steps are remembered. */
const MEMORY = 5;
const MOST_TRIES = 20;

interface Remembered {
  s: Float64Array;
  y: Float64Array;
  rho: number;
}

/**
 * Goes downhill from x, in place, by limited-memory quasi-Newton steps (L-BFGS; Liu and Nocedal 1989) with backtracking.
 * Deterministic; the value never rises. Returns the steps taken and whether `done` said so.
 */
export function descend(x: Float64Array, task: Downhill): { iterations: number; converged: boolean } {
  return new Descent(x, task).run();
}

class Descent {
  private readonly g: Float64Array;
  private readonly d: Float64Array;
  private readonly newX: Float64Array;
  private readonly newG: Float64Array;
  private readonly memory: Remembered[];
  private readonly weight = new Float64Array(MEMORY);
  private kept = 0;
  private next = 0;
  private value: number;

  constructor(
    private readonly x: Float64Array,
    private readonly task: Downhill,
  ) {
    const size = x.length;
    this.g = new Float64Array(size);
    this.d = new Float64Array(size);
    this.newX = new Float64Array(size);
    this.newG = new Float64Array(size);
    this.memory = Array.from({ length: MEMORY }, () => ({
      s: new Float64Array(size),
      y: new Float64Array(size),
      rho: 0,
    }));
    this.value = task.at(x, this.g);
  }

  run(): { iterations: number; converged: boolean } {
    const { task } = this;
    let iterations = 0;
    let converged = task.done(this.g);
    while (!converged && iterations < task.mostSteps && !task.stop()) {
      iterations++;
      if (this.step(this.direction())) converged = task.done(this.g);
      // No way down that numbers can tell apart, even along the slope itself: this is the bottom.
      else if (this.kept === 0) break;
      else this.kept = 0;
    }
    return { iterations, converged };
  }

  private ago(k: number): Remembered {
    return this.memory[(this.next - k + MEMORY) % MEMORY];
  }

  /** Writes the step to take into `d` and returns the slope along it. Each pass over a remembered step also takes the next inner product. */
  private direction(): number {
    const { d, g, newX, weight, kept, task } = this;
    d.set(g);
    let product = kept ? inner(this.ago(1).s, d) : 0;
    for (let k = 1; k <= kept; k++) {
      weight[k - 1] = this.ago(k).rho * product;
      product = addThenInner(d, this.ago(k).y, -weight[k - 1], k < kept ? this.ago(k + 1).s : null);
    }
    task.precondition(d, newX);
    d.set(newX);
    product = kept ? inner(this.ago(kept).y, d) : 0;
    for (let k = kept; k >= 1; k--) {
      const { s, rho } = this.ago(k);
      product = addThenInner(d, s, weight[k - 1] - rho * product, k > 1 ? this.ago(k - 1).y : null);
    }
    const slope = -inner(d, g);
    if (slope < 0) return slope;
    // What is remembered misleads: begin anew.
    this.kept = 0;
    task.precondition(g, d);
    return -inner(d, g);
  }

  /** Goes along `d` as far as it pays; false when it does not at all. */
  private step(slope: number): boolean {
    const { x, g, d, newX, newG, task } = this;
    let longest = 0;
    for (let k = 0; k < d.length; k++) longest = Math.max(longest, Math.abs(d[k]));
    let share = Math.min(1, task.mostStep / longest);
    let value = Infinity;
    for (let tries = 0; tries < MOST_TRIES; tries++) {
      for (let k = 0; k < d.length; k++) newX[k] = x[k] - share * d[k];
      value = task.at(newX, newG);
      if (value <= this.value + 1e-4 * share * slope) break;
      share *= 0.4;
    }
    if (!(value <= this.value)) return false;
    this.remember();
    x.set(newX);
    g.set(newG);
    this.value = value;
    return true;
  }

  private remember(): void {
    const { x, g, newX, newG } = this;
    const memory = this.memory[this.next];
    let sy = 0;
    let yy = 0;
    for (let k = 0; k < x.length; k++) {
      const s = newX[k] - x[k];
      const y = newG[k] - g[k];
      memory.s[k] = s;
      memory.y[k] = y;
      sy += s * y;
      yy += y * y;
    }
    if (!(sy > 1e-12 * yy)) return;
    memory.rho = 1 / sy;
    this.next = (this.next + 1) % MEMORY;
    this.kept = Math.min(MEMORY, this.kept + 1);
  }
}

function inner(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let k = 0; k < a.length; k++) sum += a[k] * b[k];
  return sum;
}

/** a += k b, then a . c. */
function addThenInner(a: Float64Array, b: Float64Array, k: number, c: Float64Array | null): number {
  let sum = 0;
  if (c === null) for (let i = 0; i < a.length; i++) a[i] += k * b[i];
  else
    for (let i = 0; i < a.length; i++) {
      const v = a[i] + k * b[i];
      a[i] = v;
      sum += v * c[i];
    }
  return sum;
}
