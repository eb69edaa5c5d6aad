// Serves the production build. Scripts and styles are sent as compressed at build time: Next would compress them for
// each request, a fifth larger.
import { createReadStream, existsSync, readdirSync } from 'node:fs';
import { createServer } from 'node:http';
import { join, relative } from 'node:path';
import { constants } from 'node:zlib';
import compression from 'compression';
import next from 'next';
import { parseAndValidateFlightRouterState as readPlace } from 'next/dist/server/app-render/parse-and-validate-flight-router-state.js';
import { PACKED, ROOT } from './machine.mjs';
import { log, serveMetrics, watch } from './observe.mjs';

const [, , hostname = '127.0.0.1', port = '3000'] = process.argv;
const TYPES = { js: 'application/javascript; charset=utf-8', css: 'text/css; charset=utf-8' };

/** Compressed files by request path; any other path is not one of them. */
const packed = new Map(
  (existsSync(PACKED) ? readdirSync(PACKED, { withFileTypes: true, recursive: true }) : [])
    .filter((entry) => entry.isFile() && entry.name.endsWith('.br'))
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .map((file) => [`/_next/static/${relative(PACKED, file).slice(0, -'.br'.length)}`, file]),
);

/** Sends a compressed file if one exists and can be read. @returns whether it did */
function sentPacked(request, response) {
  const path = request.url?.split('?')[0] ?? '';
  const file = request.method === 'GET' ? packed.get(path) : undefined;
  if (file === undefined || !/\bbr\b/.test(String(request.headers['accept-encoding'] ?? ''))) return false;
  response.writeHead(200, {
    'Content-Type': TYPES[path.split('.').at(-1)],
    'Content-Encoding': 'br',
    'Cache-Control': 'public, max-age=31536000, immutable',
    'X-Content-Type-Options': 'nosniff',
    Vary: 'Accept-Encoding',
  });
  createReadStream(file).pipe(response);
  return true;
}

/** Request methods that anything here answers. */
const METHODS = ['GET', 'HEAD', 'OPTIONS', 'POST'];

/**
 * Why a request cannot be meant for this server, in cases where Next would answer with an error 500; undefined if it
 * can.
 */
function refusalOf({ method, url = '', headers }) {
  if (!METHODS.includes(method)) return { status: 405, reason: 'This method is not allowed.' };
  const path = url.split('?')[0];
  // Next's own pages for "not found" and "error" are not addresses.
  if (path.startsWith('/_') && !path.startsWith('/_next/')) return { status: 404, reason: 'Not found.' };
  try {
    decodeURIComponent(path);
    // The path of the page that sent the request, from its headers.
    readPlace(headers['next-router-state-tree']);
  } catch {
    return { status: 400, reason: 'This address cannot be read.' };
  }
}

/** Answers a request that cannot be meant for this server. @returns whether it did */
function sentRefusal(request, response) {
  const refusal = refusalOf(request);
  if (refusal === undefined) return false;
  response.writeHead(refusal.status, { 'Content-Type': 'text/plain', Allow: METHODS.join(', ') });
  response.end(`${refusal.reason}\n`);
  return true;
}

/**
 * The client's address: of the connection itself or, behind a proxy on this machine, the last one the proxy names.
 * Headers set by the client do not count.
 */
function addressOf(request) {
  const near = request.socket.remoteAddress ?? '';
  const isProxied = ['127.0.0.1', '::1', '::ffff:127.0.0.1'].includes(near);
  const named = String(request.headers['x-forwarded-for'] ?? '')
    .split(',')
    .at(-1)
    .trim();
  return isProxied && named !== '' ? named : near;
}

const application = next({ dev: false, dir: ROOT, hostname, port: Number(port) });
await application.prepare();
const handle = application.getRequestHandler();
// Dynamic responses are compressed on the fly, at a lower level.
const compress = compression({ brotli: { params: { [constants.BROTLI_PARAM_QUALITY]: 4 } } });
const server = createServer((request, response) => {
  watch(request, response);
  request.headers['x-client-address'] = addressOf(request);
  if (sentRefusal(request, response) || sentPacked(request, response)) return;
  compress(request, response, () => void handle(request, response));
});
server.listen(Number(port), hostname, () => log.info({ port: Number(port) }, 'listening'));
const figures = process.env.METRICS_PORT;
if (figures !== undefined) serveMetrics(Number(figures));
for (const signal of ['SIGTERM', 'SIGINT'])
  process.once(signal, () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 3000).unref();
  });
