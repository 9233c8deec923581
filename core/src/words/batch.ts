import { language, type Language } from './language';
import { plural } from './plural';

/** Days are said as in Britain where English is spoken: the day before its month. */
const DAYS_AS = { en: 'en-GB', de: 'de' } as const;
const DAY = { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' } as const;
const printers = new Map<Language, Intl.DateTimeFormat>();

function printer(): Intl.DateTimeFormat {
  const now = language();
  const found = printers.get(now) ?? new Intl.DateTimeFormat(DAYS_AS[now], DAY);
  printers.set(now, found);
  return found;
}

/** A day, `YYYY-MM-DD`, as it is said: "Thu 10 Dec". */
export const daySaid = (day: string): string =>
  printer()
    .format(new Date(`${day}T00:00:00Z`))
    .replace(',', '');

/** Words of batches, on screens, on the command line and in calendars. */
export const batchWords = {
  stages: {
    rounds: 'Rounds',
    eyes: 'Eyes and washers',
    stuffing: 'Stuffing',
    closing: 'Closing',
    embroidery: 'Embroidery and hanging',
    together: 'Putting together',
    finishing: 'Ends and looking over',
  },
  unnamed: 'Batch',
  titled: (name: string, toy: string, count: number) => `${name || 'Batch'}: ${count} × ${toy}`,
  event: (stage: string, toy: string, count: number) => `${stage}: ${plural(count, 'piece')} of ${toy}`,
  doneBy: (toy: string, count: number) => `Done: ${plural(count, 'piece')} of ${toy}`,
  due: (toy: string) => `Wanted: ${toy}`,
  range: (low: string, high: string) => `between ${low} and ${high}`,
  minutes: (hours: string) => `about ${hours} hours of work`,
} as const;
