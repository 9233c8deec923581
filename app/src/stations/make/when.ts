import { daySaid } from '@hoppla/core/words';

const two = (n: number): string => String(n).padStart(2, '0');

/** The maker's own day of a time (ISO 8601), in words. */
export function dayOf(at: string): string {
  const when = new Date(at);
  return daySaid(`${when.getFullYear()}-${two(when.getMonth() + 1)}-${two(when.getDate())}`);
}

/** The maker's own time of day. */
export function timeOfDay(at: string): string {
  const when = new Date(at);
  return `${two(when.getHours())}:${two(when.getMinutes())}`;
}
