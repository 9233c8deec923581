export const DEFAULT_PORT = 4173;

/** The port to listen on: `--port N`, else PORT, else the default. Throws a sentence when it is no port. */
export function portFrom(argv: readonly string[], env: { PORT?: string }): number {
  const flag = argv.indexOf('--port');
  const said = flag >= 0 ? argv[flag + 1] : env.PORT;
  if (said === undefined || said === '') return DEFAULT_PORT;
  const port = Number(said);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new RangeError(`“${said}” is not a port; choose a number from 1 to 65535.`);
  return port;
}

/** What to say when listening fails. */
export function listenTrouble(error: { code?: string; message: string }, port: number): string {
  if (error.code === 'EADDRINUSE')
    return `Port ${port} is taken by another program. Choose another one: npm run demo -- --port ${port + 1}`;
  if (error.code === 'EACCES')
    return `Port ${port} needs more rights than this program has. Choose one above 1024.`;
  return `The server cannot start: ${error.message}`;
}
