import type { Express, Request, Response } from 'express';
import expressStaticGzip from 'express-static-gzip';
import { readFileSync } from 'node:fs';
import path from 'node:path';

/** What means something for a document, or for a worker of its own, and nothing for its scripts, styles and fonts. */
const OF_DOCUMENTS = [
  'Content-Security-Policy',
  'Cross-Origin-Opener-Policy',
  'Origin-Agent-Cluster',
  'Referrer-Policy',
  'X-DNS-Prefetch-Control',
  'X-Download-Options',
  'X-Frame-Options',
  'X-Permitted-Cross-Domain-Policies',
  'X-XSS-Protection',
];
/** A file whose name carries a hash of its content. */
const HASHED = /-[A-Z0-9]{8}\.(js|css|woff2)$/;

/** Serves the built page. Every address that names no file answers with the page itself; a file that is not there, with 404. */
export function servePage(app: Express, webRoot: string): void {
  const files = (serveStatic: object) =>
    expressStaticGzip(webRoot, { enableBrotli: true, orderPreference: ['br', 'gz'], index: false, serveStatic });
  const hashed = { immutable: true, maxAge: '1y', etag: false, lastModified: false, acceptRanges: false };
  // Some fifty parts make a screen, and with all that is said of a document, headers would be a fifth of what is sent.
  const parts = files({
    ...hashed,
    setHeaders: (response: Response) => {
      OF_DOCUMENTS.forEach((one) => response.removeHeader(one));
      // A connection is kept without that being said (RFC 9112, 9.3).
      response.removeHeader('Connection');
    },
  });
  const workers = files(hashed);
  const others = files({
    cacheControl: false,
    setHeaders: (response: Response) => response.setHeader('Cache-Control', 'no-cache'),
  });
  app.use((request, response, next) => {
    const name = path.basename(request.path);
    const serve = !HASHED.test(name) ? others : name.startsWith('worker-') ? workers : parts;
    return serve(request, response, next);
  });
  const html = readFileSync(path.join(webRoot, 'index.html'), 'utf8');
  app.get(/^\/(?!api\/).*/, (request: Request, response: Response) => {
    // The dots of an address of the page stand in its query, never in its path.
    if (path.extname(request.path) !== '') return void response.sendStatus(404);
    const theme = themeOf(request);
    response
      .type('html')
      .set('Cache-Control', 'no-store')
      .send(html.replaceAll('NONCE', response.locals['nonce']).replace('data-theme="system"', `data-theme="${theme}"`));
  });
}

// The theme stands in the page itself, so that nothing flashes while scripts load.
function themeOf(request: Request): string {
  const match = /(?:^|;\s*)theme=(light|dark|system)(?:;|$)/.exec(request.headers.cookie ?? '');
  return match?.[1] ?? 'system';
}
