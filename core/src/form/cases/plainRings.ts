import type { RingInput, Rings } from '../rings';

const { abs, max, min, PI, sqrt } = Math;

/**
 * The ring model once more, as plainly as it can be said: the energy written down, its slope by finite differences, and
 * small steps downhill with momentum. Slow. It shares nothing with `rings.ts` but the house's geometry, section 2, and is the tests' second opinion.
 */
export function plainRings(input: RingInput): Pick<Rings, 'r' | 'z'> {
  // A first round that begins nearly flat can fall inward and stay there: of two beginnings the one that ends lower counts.
  const [flat, lifted] = [settled(input, 0.15), settled(input, 0.5)];
  return flat.energy < lifted.energy ? flat : lifted;
}

/** Where small steps downhill lead from rings that stand at least `lift` of a round's height apart. */
function settled(input: RingInput, lift: number): Pick<Rings, 'r' | 'z'> & { energy: number } {
  const { stitchMm: w, roundMm, counts } = input;
  const rounds = counts.length;
  const last = rounds + (input.closed ? 1 : 0);
  const n = (i: number) => (i === 0 ? counts[0] : counts[min(rounds, i) - 1]);
  const h = (i: number) => (i > rounds ? 0.35 : 1) * input.heightsMm[min(rounds, i) - 1];
  const free = (i: number) =>
    i === 0
      ? (input.startRadiusMm ?? (counts[0] * w) / (2 * PI))
      : i > rounds
        ? 0
        : (counts[i - 1] * w) / (2 * PI);
  const fixed = (i: number) => (i === 0 && input.startRadiusMm === 0) || i > rounds;
  let area = 0;
  for (let i = 1; i <= last; i++) area += n(i) * w * h(i);
  const stretch = (k: number) =>
    typeof input.stretch === 'number' ? input.stretch : input.stretch[min(rounds, k) - 1];
  const pressure = (k: number) => (2 * stretch(k)) / sqrt(area / (4 * PI));
  const give = (k: number) => (stretch(k) > 0 ? (input.postGive ?? 1) : 1);
  const soft = (x: number, give = 1) => (x > 0 ? give * x * x : 0.25 * x * x);
  const x = new Float64Array(2 * (last + 1));
  for (let i = 0; i <= last; i++) x[2 * i] = free(i);
  for (let i = 1; i <= last; i++) x[2 * i] = min(x[2 * i], x[2 * i - 2] + h(i));
  for (let i = last - 1; i >= 0; i--) x[2 * i] = min(x[2 * i], x[2 * i + 2] + h(i + 1));
  for (let i = 1; i <= last; i++)
    x[2 * i + 1] = x[2 * i - 1] + max(lift * h(i), sqrt(max(0, h(i) ** 2 - (x[2 * i] - x[2 * i - 2]) ** 2)));
  /** The terms of the energy that any ring from i to `to` takes part in. */
  const around = (i: number, to = i): number => {
    let e = 0;
    for (let k = i; k <= to; k++)
      if (!fixed(k)) e += (n(k) / 2) * (roundMm / w) * soft((2 * PI * (x[2 * k] - free(k))) / n(k));
    for (let k = max(1, i); k <= min(last, to + 1); k++) {
      const [a, b, dz] = [x[2 * k - 2], x[2 * k], x[2 * k + 1] - x[2 * k - 1]];
      e +=
        (n(k) / 2) * (w / roundMm) * soft(sqrt((b - a) ** 2 + dz * dz) - h(k), give(k)) -
        pressure(k) * (PI / 3) * dz * (a * a + a * b + b * b);
    }
    for (let k = max(2, i); k <= min(last, to + 2); k++) {
      const short =
        sqrt((x[2 * k] - x[2 * k - 4]) ** 2 + (x[2 * k + 1] - x[2 * k - 3]) ** 2) - h(k) - h(k - 1);
      if (short < 0) e += (n(k) / 2) * 0.05 * short * short;
    }
    return e;
  };
  const speed = new Float64Array(x.length);
  const EPS = 1e-5;
  for (let step = 0; step < 30000; step++) {
    let most = 0;
    for (let v = 0; v < x.length; v++) {
      const i = v >> 1;
      if (v === 1 || (v % 2 === 0 && fixed(i))) continue;
      const was = x[v];
      x[v] = was + EPS;
      const above = around(i);
      x[v] = was - EPS;
      const slope = (above - around(i)) / (2 * EPS);
      x[v] = was;
      const mass = v % 2 === 0 ? 40 / n(i) + 2.2 * n(i) : 2.4 * n(i);
      speed[v] = 0.9 * speed[v] - (0.25 * slope) / mass;
      most = max(most, abs(speed[v]));
    }
    for (let v = 0; v < x.length; v++) x[v] = v % 2 === 0 ? max(0, x[v] + speed[v]) : x[v] + speed[v];
    if (most < 3e-6 && step > 200) break;
  }
  return {
    r: x.filter((_, v) => v % 2 === 0),
    z: x.filter((_, v) => v % 2 === 1),
    energy: around(0, last),
  };
}
