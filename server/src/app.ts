import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import staticPacked from 'express-static-gzip';
import helmet, { type HelmetOptions } from 'helmet';
import { join } from 'node:path';
import { instruments } from './instruments';

/** Files whose names carry a hash of their content; they can be kept for ever. */
const HASHED = /[.-][0-9a-f]{16,}\./;
const YEAR_S = 31_536_000;

/** The page takes nothing from anywhere else and sends nothing anywhere else. */
const HEADERS: HelmetOptions = {
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
};

/** What of the machine the page may ask for: the cable of a gauge, and a screen that stays on. */
const POLICY =
  'camera=(), microphone=(), geolocation=(), payment=(), usb=(), serial=(self), screen-wake-lock=(self)';

/** What may be asked of an address that is none of the instruments. */
const METHODS = ['GET', 'HEAD'];

/** The server of the built app: security headers, files as the build has compressed them, caching of hashed files, one page for every address. */
export function createApp(distFolder: string): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(helmet(HEADERS));
  app.use((_, res, next) => {
    res.setHeader('Permissions-Policy', POLICY);
    next();
  });
  app.get('/health', (_, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json({ ok: true, seconds: Math.floor(process.uptime()) });
  });
  app.use('/instruments', instruments());
  app.use((req, res, next) => {
    if (METHODS.includes(req.method)) return next();
    res.setHeader('Allow', METHODS.join(', '));
    refuse(res, 405, 'Nothing can be sent here: Hoppla keeps toys in the browser alone.');
  });
  app.use(
    staticPacked(distFolder, {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      index: false,
      serveStatic: {
        setHeaders: (res, path) =>
          void res.setHeader(
            'Cache-Control',
            HASHED.test(path) ? `public, max-age=${YEAR_S}, immutable` : 'no-cache',
          ),
      },
    }),
  );
  app.get('/{*splat}', (req, res) => {
    if (/\.[a-z0-9]+$/i.test(req.path)) return void refuse(res, 404, 'Not here.');
    res.setHeader('Cache-Control', 'no-cache');
    res.sendFile(join(distFolder, 'index.html'));
  });
  app.use((error: { status?: number }, _: Request, res: Response, next: NextFunction) => {
    if (res.headersSent) return next(error);
    const status =
      error.status !== undefined && error.status >= 400 && error.status < 500 ? error.status : 500;
    refuse(res, status, status === 500 ? 'The server could not answer this.' : 'This cannot be asked for.');
  });
  return app;
}

/** Says no in one sentence; never where in the program, and never with a folder of this machine. */
const refuse = (res: Response, status: number, sentence: string): void => {
  res.status(status).type('text/plain').send(`${sentence}\n`);
};
