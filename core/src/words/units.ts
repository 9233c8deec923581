import { decimals, numberSaid } from './number';

/** How a maker reads lengths, weights and yarn. Everything is stored in mm and g (decision 18). */
export type Units = 'mm' | 'inch';

/** Numbers printed in a maker's units. `bare` forms leave the unit to the words beside them. */
export interface UnitWords {
  system: Units;
  /** a length on the toy: whole mm, or inches to a hundredth */
  length: (mm: number) => string;
  bare: (mm: number) => string;
  /** small differences: tenths of a mm, hundredths of an inch */
  fine: (mm: number) => string;
  /** several lengths of one thing, the longest first */
  size: (mm: readonly number[]) => string;
  /** what a rule or a figure of the house gives in mm: those are always said */
  figure: (mm: number) => string;
  of: 'mm' | 'in';
  /** one of `of` in mm, one of `weightOf` in g, one of `yarnOf` in m: what a typed number is multiplied by */
  oneMm: number;
  oneG: number;
  oneM: number;
  /** a yarn end, in whole cm or inches rounded up */
  end: (mm: number) => string;
  weight: (g: number) => string;
  bareWeight: (g: number) => string;
  weightOf: 'g' | 'oz';
  /** metres or yards of yarn */
  yarn: (mm: number) => string;
  bareYarn: (mm: number) => string;
  yarnOf: 'm' | 'yd';
}

const MM_PER_INCH = 25.4;
const G_PER_OUNCE = 28.349523125;
const MM_PER_YARD = 914.4;

/** Words that stand beside a number. */
export const unitSigns = { under: (least: string) => `under ${least}` };

const grams = (g: number): string =>
  g > 0 && g < 0.05
    ? unitSigns.under(decimals(0.1, 1))
    : g < 4.95
      ? decimals(Math.round(g * 10) / 10, 1)
      : String(Math.round(g));
const ounces = (g: number): string =>
  g > 0 && g / G_PER_OUNCE < 0.005
    ? unitSigns.under(decimals(0.01, 2))
    : decimals(g / G_PER_OUNCE, g / G_PER_OUNCE < 1 ? 2 : 1);
const inches = (mm: number): string => decimals(mm / MM_PER_INCH, Math.abs(mm) < 10 * MM_PER_INCH ? 2 : 1);

const inOrder = (mm: readonly number[]): number[] => [...mm].sort((a, b) => b - a);

/** How numbers are printed (numbers of the house): mm to 1; grams to 1, below 5 g to 0.1, never a false nought; ends in whole cm. */
const METRIC: UnitWords = {
  system: 'mm',
  of: 'mm',
  oneMm: 1,
  oneG: 1,
  oneM: 1,
  weightOf: 'g',
  yarnOf: 'm',
  length: (mm) => `${Math.round(mm)} mm`,
  bare: (mm) => String(Math.round(mm)),
  fine: (mm) => `${decimals(Math.round(mm * 10 + 1e-6) / 10, 1)} mm`,
  size: (mm) => `${inOrder(mm).map(Math.round).join(' × ')} mm`,
  figure: (mm) => `${numberSaid(mm)} mm`,
  end: (mm) => `${numberSaid(Math.round(mm) / 10)} cm`,
  weight: (g) => `${grams(g)} g`,
  bareWeight: grams,
  yarn: (mm) => `${decimals(mm / 1000, 1)} m`,
  bareYarn: (mm) => decimals(mm / 1000, 1),
};
const IMPERIAL: UnitWords = {
  system: 'inch',
  of: 'in',
  oneMm: MM_PER_INCH,
  oneG: G_PER_OUNCE,
  oneM: MM_PER_YARD / 1000,
  weightOf: 'oz',
  yarnOf: 'yd',
  length: (mm) => `${inches(mm)} in`,
  bare: inches,
  fine: (mm) => `${decimals(mm / MM_PER_INCH, 2)} in`,
  size: (mm) => `${inOrder(mm).map(inches).join(' × ')} in`,
  figure: (mm) => `${decimals(mm / MM_PER_INCH, 2)} in (${numberSaid(mm)} mm)`,
  end: (mm) => `${Math.ceil(mm / MM_PER_INCH - 1e-9)} in`,
  weight: (g) => `${ounces(g)} oz`,
  bareWeight: ounces,
  yarn: (mm) => `${decimals(mm / MM_PER_YARD, 1)} yd`,
  bareYarn: (mm) => decimals(mm / MM_PER_YARD, 1),
};

/** The printer of numbers for a maker's units. */
export const unitWords = (units: Units): UnitWords => (units === 'inch' ? IMPERIAL : METRIC);

/** A typed length in mm: a bare number is in the maker's units, `mm`, `cm`, `in` and `"` say their own, and `2 1/4 in` is read; null when it is none. */
export function lengthMm(said: string, units: Units): number | null {
  const m = /^\s*(?:(\d+)\s+)?(\d+(?:[.,]\d+)?)(?:\s*\/\s*(\d+))?\s*(mm|cm|in|inch|inches|")?\s*$/i.exec(
    said,
  );
  if (!m) return null;
  const part = Number(m[2].replace(',', '.')) / (m[3] ? Number(m[3]) : 1);
  const value = (m[1] && m[3] ? Number(m[1]) : 0) + part;
  if ((m[1] && !m[3]) || !Number.isFinite(value)) return null;
  const unit = m[4]?.toLowerCase() ?? (units === 'inch' ? 'in' : 'mm');
  return value * (unit === 'mm' ? 1 : unit === 'cm' ? 10 : MM_PER_INCH);
}

/** Minutes as hours, to a tenth. */
export const hours = (minutes: number): string => decimals(minutes / 60, 1);
