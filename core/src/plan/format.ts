/** How numbers are printed (numbers of the house): mm to 1; grams to 1, below 5 g to 0.1, never a false nought; ends in whole cm. */
export const mm = (value: number): string => String(Math.round(value));
export const cm = (lengthMm: number): string => String(Math.round(lengthMm) / 10);
export const grams = (value: number): string => (value > 0 && value < 0.05 ? 'under 0.1' : value < 4.95 ? (Math.round(value * 10) / 10).toFixed(1) : String(Math.round(value)));
export const metres = (lengthMm: number): string => (lengthMm / 1000).toFixed(1);
/** Minutes as hours, to a tenth. */
export const hours = (minutes: number): string => (minutes / 60).toFixed(1);
