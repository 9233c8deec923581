/** Entries beside the diagonal on each side: a ring's radius and height meet those of the next ring but one. */
const WIDTH = 5;
const ROW = WIDTH + 1;

/** A symmetric band matrix, lower half, and its solution by Cholesky's method. No allocation after it is made. */
export class Band {
  private readonly a: Float64Array;
  private readonly l: Float64Array;

  constructor(private readonly size: number) {
    this.a = new Float64Array(size * ROW);
    this.l = new Float64Array(size * ROW);
  }

  clear(): void {
    this.a.fill(0);
  }

  /** Adds to the entry of a row and a column; the column is at most the row and at most five before it. */
  add(row: number, column: number, value: number): void {
    this.a[row * ROW + row - column] += value;
  }

  /**
   * Solves (A + damping diag(mass)) x = b with the held unknowns at 0, into `x`.
   * False when that matrix is not positive, so that more damping is needed.
   */
  solve(b: Float64Array, mass: Float64Array, damping: number, held: Uint8Array, x: Float64Array): boolean {
    if (!this.factor(mass, damping, held)) return false;
    this.substitute(b, held, x);
    return true;
  }

  /** Makes A + damping diag(mass) ready for many right sides; false when it is not positive. */
  factor(mass: Float64Array, damping: number, held: Uint8Array): boolean {
    const { a, l, size } = this;
    for (let i = 0; i < size; i++) {
      const from = Math.max(0, i - WIDTH);
      for (let j = from; j <= i; j++) {
        let sum = held[i] || held[j] ? 0 : a[i * ROW + i - j];
        if (i === j) sum = held[i] ? 1 : sum + damping * mass[i];
        for (let k = Math.max(from, j - WIDTH); k < j; k++) sum -= l[i * ROW + i - k] * l[j * ROW + j - k];
        if (i === j) {
          if (!(sum > 1e-12 * mass[i])) return false;
          l[i * ROW] = Math.sqrt(sum);
        } else l[i * ROW + i - j] = sum / l[j * ROW];
      }
    }
    return true;
  }

  /** The solution for one right side, after `factor`. */
  substitute(b: Float64Array, held: Uint8Array, x: Float64Array): void {
    const { l, size } = this;
    for (let i = 0; i < size; i++) {
      let sum = held[i] ? 0 : b[i];
      for (let k = Math.max(0, i - WIDTH); k < i; k++) sum -= l[i * ROW + i - k] * x[k];
      x[i] = sum / l[i * ROW];
    }
    for (let i = size - 1; i >= 0; i--) {
      let sum = x[i];
      for (let k = i + 1; k <= Math.min(size - 1, i + WIDTH); k++) sum -= l[k * ROW + k - i] * x[k];
      x[i] = sum / l[i * ROW];
    }
  }
}
