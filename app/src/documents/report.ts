import { exportFile } from '@hoppla/core/files';
import type { ToyFile } from '@hoppla/core/toy';

/** A piece of the page could not be fetched: a newer build has taken its place, or there is no network. */
export const isPieceMissing = (error: unknown): boolean =>
  error instanceof Error &&
  /dynamically imported module|Loading (chunk|module)|Failed to fetch|error loading|Importing a module/i.test(
    `${error.name} ${error.message}`,
  );

/**
 * A report of what broke, as a file that the maker may share. Nothing of hers is in it unless she says so: where in the program it broke, but not
 * what was said there (a message may quote a text); how large the toy is, not the toy; the station, no address.
 */
export function reportOf(
  error: unknown,
  file: ToyFile | null,
  { withToy, at }: { withToy: boolean; at: string },
): string {
  const said = error instanceof Error ? error : new Error(String(error));
  // Some browsers begin the stack with the message, which may quote what she wrote.
  const where = (said.stack ?? '')
    .replaceAll(said.message, '')
    .split('\n')
    .filter((line) => /^\s*at |@/.test(line))
    .slice(0, 30)
    .map((line) =>
      line
        .trim()
        .replace(/\w+:\/\/[^\s)]*\//g, '')
        .replace(/\?[^\s):]*/g, ''),
    );
  const station = window.location.pathname.split('/')[3] ?? 'bench';
  const toy = file?.toy;
  return `${JSON.stringify(
    {
      format: 'hoppla report',
      at,
      broke: said.name,
      where,
      station: /^[a-z]+$/.test(station) ? station : 'bench',
      browser: navigator.userAgent,
      window: [window.innerWidth, window.innerHeight],
      toy: toy &&
        file && {
          schema: file.schema,
          parts: toy.parts.length,
          letters: toy.parts.reduce((sum, p) => sum + p.text.length, 0),
          features: toy.features.map((f) => f.kind),
          joins: toy.joins.map((j) => j.kind),
          deeds: file.log.length,
        },
      ...(withToy && file ? { message: said.message, file: exportFile(file) } : {}),
    },
    null,
    2,
  )}\n`;
}
