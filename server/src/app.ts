import compression from 'compression';
import express, { type Express } from 'express';
import helmet from 'helmet';
import { join } from 'node:path';
import { instruments } from './instruments';

/** Files whose names carry a hash of their content; they can be kept for ever. */
const HASHED = /[.-][0-9a-f]{16,}\./;
const YEAR_S = 31_536_000;

/** The server of the built app: security headers, compression, caching of hashed files, one page for every address. */
export function createApp(distFolder: string): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          workerSrc: ["'self'", 'blob:'],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'self'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      // Loopback is plain http; asking for https would lock the maker out.
      strictTransportSecurity: false,
      crossOriginEmbedderPolicy: false,
    }),
  );
  app.use(
    compression({
      filter: (req, res) =>
        !String(res.getHeader('Content-Type')).includes('text/event-stream') && compression.filter(req, res),
    }),
  );
  app.use('/instruments', instruments());
  app.use(
    express.static(distFolder, {
      index: false,
      setHeaders: (res, path) =>
        res.setHeader(
          'Cache-Control',
          HASHED.test(path) ? `public, max-age=${YEAR_S}, immutable` : 'no-cache',
        ),
    }),
  );
  app.get('/{*splat}', (req, res) => {
    if (/\.[a-z0-9]+$/i.test(req.path)) return void res.status(404).type('text/plain').send('Not here.');
    res.setHeader('Cache-Control', 'no-cache');
    res.sendFile(join(distFolder, 'index.html'));
  });
  return app;
}
