import { resolve } from 'node:path';
import { createApp } from './app';
import { listenTrouble, portFrom } from './port';

try {
  const port = portFrom(process.argv, process.env);
  const server = createApp(resolve('app/dist')).listen(port, '127.0.0.1');
  server.on('listening', () => {
    const address = server.address();
    const real = typeof address === 'object' && address ? address.port : port;
    process.stdout.write(
      `Hoppla: http://127.0.0.1:${real}/${process.env.HOPPLA_DEMO ? '?demo=workshop' : ''}\n`,
    );
  });
  server.on('error', (error: NodeJS.ErrnoException) => {
    process.stderr.write(`${listenTrouble(error, port)}\n`);
    process.exitCode = 1;
  });
} catch (error) {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
}
