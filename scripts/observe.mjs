// Server logs: one line of JSON per response, and figures for monitoring. Neither contains who asked, for what or
// with which arguments: ids, tokens and searches are left out.
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

/** Routes by the first word of their path; every other path counts as one route. */
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

/** The route of a path: fixed words stay, everything else becomes `:id`. */
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

/** Observes a response until it is sent. */
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

/** Figures in Prometheus's text format, on loopback only. */
export function serveMetrics(port) {
  const server = createServer(async (request, response) => {
    if (request.url !== '/metrics') return response.writeHead(404).end();
    response.writeHead(200, { 'Content-Type': registry.contentType });
    response.end(await registry.metrics());
  });
  server.listen(port, '127.0.0.1');
  return server;
}
