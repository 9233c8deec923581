import { isIP } from 'node:net';

export const DEFAULT_PORT = 4173;
export const LOOPBACK = '127.0.0.1';

/** What stands behind a flag; null where the flag is not there. @throws RangeError where nothing stands behind it */
function behind(argv: readonly string[], flag: string, is: string): string | null {
  const at = argv.findIndex((word) => word === flag || word.startsWith(`${flag}=`));
  if (at < 0) return null;
  const said = argv[at].includes('=') ? argv[at].slice(flag.length + 1) : argv[at + 1];
  if (said === undefined || said === '' || said.startsWith('--'))
    throw new RangeError(
      `${flag} wants ${is} behind it: ${flag} ${flag === '--port' ? DEFAULT_PORT : LOOPBACK}.`,
    );
  return said;
}

/** The port to listen on: `--port N`, else PORT, else the default. Throws a sentence when it is no port. */
export function portFrom(argv: readonly string[], env: { PORT?: string }): number {
  const said = behind(argv, '--port', 'a number') ?? env.PORT;
  if (said === undefined || said === '') return DEFAULT_PORT;
  const port = Number(said);
  if (!/^\d{1,5}$/.test(said.trim()) || port > 65535)
    throw new RangeError(`“${said}” is not a port; choose a number from 1 to 65535.`);
  return port;
}

/** The address to listen on: loopback, unless `--host ADDRESS` says another. Throws a sentence when it is no address. */
export function hostFrom(argv: readonly string[]): string {
  const said = behind(argv, '--host', 'an address') ?? LOOPBACK;
  if (said !== 'localhost' && isIP(said) === 0)
    throw new RangeError(
      `“${said}” is not an address of this machine; ${LOOPBACK} is only for this machine.`,
    );
  return said;
}

/** What to say when listening fails. */
export function listenTrouble(error: { code?: string; message: string }, port: number): string {
  if (error.code === 'EADDRINUSE')
    return `Port ${port} is taken by another program. Choose another one: npm run demo -- --port ${port + 1}`;
  if (error.code === 'EACCES')
    return `Port ${port} needs more rights than this program has. Choose one above 1024.`;
  if (error.code === 'EADDRNOTAVAIL')
    return 'This machine has no such address. Leave --host out to listen on this machine alone.';
  return `The server cannot start: ${error.message}`;
}
