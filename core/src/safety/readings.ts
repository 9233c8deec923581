import { own } from '../own';

/** Newtons in one of what a gauge may show. */
const NEWTONS: Readonly<Record<string, number>> = {
  n: 1,
  kn: 1000,
  mn: 0.001,
  kgf: 9.80665,
  kg: 9.80665,
  gf: 0.00980665,
  lbf: 4.4482216,
  lb: 4.4482216,
  ozf: 0.2780139,
};

/**
 * What one line of a gauge's cable says, N: a number with a unit (`12.3 N`, `+0012.3,N`, `1.25 kgf`); a bare number is in N. A torque in N·m or N·cm is
 * in N·m. Null for a line that is no reading.
 */
export function readingIn(line: string): number | null {
  const found = /^\s*([+-]?\d+(?:[.,]\d+)?)\s*[,;]?\s*([a-zA-Z·*.]*)\s*$/.exec(line);
  if (!found) return null;
  const value = Number(found[1].replace(',', '.'));
  const unit = found[2].toLowerCase().replace(/[·*.]/g, '');
  if (unit === '' || unit === 'nm') return value;
  if (unit === 'ncm') return value / 100;
  const newtons = own(NEWTONS, unit);
  return newtons === undefined ? null : value * newtons;
}
