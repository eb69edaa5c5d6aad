// What a server of this process says of itself: a line of JSON for each answer, figures for whoever watches it. Neither tells
// who asked, what for or with what: ids, tokens and what is searched are left out.
import { createServer } from 'node:http';
import pino from 'pino';
import { collectDefaultMetrics, Histogram, Registry } from 'prom-client';

export const log = pino({ level: process.env.LOG_LEVEL ?? 'info', base: null });

const registry = new Registry();
collectDefaultMetrics({ register: registry });
const seconds = new Histogram({
  name: 'ladder_answer_seconds',
  help: 'Time until an answer was sent, by method, route and status.',
  labelNames: ['method', 'route', 'status'],
  buckets: [0.01, 0.03, 0.1, 0.3, 1, 3, 10],
  registers: [registry],
});

/** Places of the application by the first word of their paths; what is asked for beside them is one. */
const PLACES = new Set([
  'account',
  'athletes',
  'blocks',
  'calendar',
  'desk',
  'import-export',
  'glossary',
  'join',
  'invite',
  'library',
  'second-factor',
  'sign-in',
  'status',
  'templates',
  'training',
]);

/** The route of a path: words that every installation has stand, whatever belongs to one is `:id`. */
export function routeOf(url) {
  const [, first = '', ...rest] = (url.split('?')[0] ?? '').split('/');
  if (first === '') return '/';
  if (first === '_next') return '/_next';
  if (!PLACES.has(first)) return '/other';
  const isSecret = ['join', 'calendar', 'invite'].includes(first);
  const parts = rest.map((part) =>
    !isSecret && /^[a-z-]{2,20}(?:\.[a-z]{2,4})?$/.test(part) ? part : ':id',
  );
  return `/${[first, ...parts].join('/')}`;
}

/** Watches an answer until it is sent. */
export function watch(request, response) {
  const begun = process.hrtime.bigint();
  response.once('close', () => {
    const took = Number(process.hrtime.bigint() - begun) / 1e9;
    const route = routeOf(request.url ?? '/');
    const labels = { method: request.method, route, status: String(response.statusCode) };
    seconds.observe(labels, took);
    if (route === '/_next') return;
    const level = response.statusCode >= 500 ? 'error' : 'info';
    log[level]({ ...labels, ms: Math.round(took * 1000) }, 'answered');
  });
}

/** Figures as Prometheus reads them, on loopback alone. */
export function serveMetrics(port) {
  const server = createServer(async (request, response) => {
    if (request.url !== '/metrics') return response.writeHead(404).end();
    response.writeHead(200, { 'Content-Type': registry.contentType });
    response.end(await registry.metrics());
  });
  server.listen(port, '127.0.0.1');
  return server;
}
