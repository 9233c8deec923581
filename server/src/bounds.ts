import type { Server } from 'node:http';

/** How long a caller may take to say what it wants, and to send it, ms: nobody holds a socket without a call. */
const HEADERS_MS = 10_000;
const REQUEST_MS = 30_000;
/** How long a socket stays open between calls, ms. */
const IDLE_MS = 5_000;
/** Sockets at once; more are turned away, those that are there are served. */
const MOST_SOCKETS = 4096;
/** How long calls that are being answered may take to end when the server stops, ms. */
const STOP_MS = 2_000;

/** A server that bears idle, slow and many callers: each costs a bounded time and a bounded number of sockets. */
export function withBounds(server: Server): Server {
  server.headersTimeout = HEADERS_MS;
  server.requestTimeout = REQUEST_MS;
  server.keepAliveTimeout = IDLE_MS;
  server.maxConnections = MOST_SOCKETS;
  return server;
}

/** Ends a server: no new call, what is being answered ends, streams are cut off. */
export function stop(server: Server): Promise<void> {
  return new Promise((done) => {
    const late = setTimeout(() => server.closeAllConnections(), STOP_MS);
    server.close(() => {
      clearTimeout(late);
      done();
    });
    server.closeIdleConnections();
  });
}

/** Ends the program cleanly when it is told to. */
export function stopCleanly(server: Server): void {
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => void stop(server).then(() => process.exit(0)));
}
