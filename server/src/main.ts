import { resolve } from 'node:path';
import { createApp } from './app';
import { hostFrom, listenTrouble, portFrom } from './listen';
import { stopCleanly, withBounds } from './bounds';

try {
  const port = portFrom(process.argv, process.env);
  const host = hostFrom(process.argv);
  const server = withBounds(createApp(resolve('app/dist')).listen(port, host));
  server.on('listening', () => {
    const address = server.address();
    const real = typeof address === 'object' && address ? address.port : port;
    const at = host.includes(':') ? `[${host}]` : host;
    process.stdout.write(`Hoppla: http://${at}:${real}/${process.env.HOPPLA_DEMO ? '?demo=workshop' : ''}\n`);
  });
  server.on('error', (error: NodeJS.ErrnoException) => {
    process.stderr.write(`${listenTrouble(error, port)}\n`);
    process.exitCode = 1;
  });
  stopCleanly(server);
} catch (error) {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
}
