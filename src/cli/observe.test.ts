import { execFileSync } from 'node:child_process';
import { join } from 'node:path';

const MODULE = join(__dirname, '..', '..', 'scripts', 'observe.mjs');
const said = (script: string): string =>
  execFileSync(
    'node',
    ['--input-type=module', '-e', `const observe = await import('${MODULE}'); ${script}`],
    {
      encoding: 'utf8',
    },
  );

test('a route contains no id, token or search', () => {
  const routes = {
    '/': '/',
    '/desk?find=Maren': '/desk',
    '/blocks/7dc31c29-3f2a-4da1-adb2-030e01aacbae/print/3': '/blocks/:id/print/:id',
    '/import-export/athletes/6557c2cb/log.csv': '/import-export/athletes/:id/log.csv',
    '/join/abcdefghijkl': '/join/:id',
    '/calendar/abcdefghijkl.ics': '/calendar/:id',
    '/_next/static/chunk.js': '/_next',
    '/of-somebody-else/x': '/other',
  };
  const asked = JSON.stringify(Object.keys(routes));
  expect(JSON.parse(said(`console.log(JSON.stringify(${asked}.map(observe.routeOf)))`))).toEqual(
    Object.values(routes),
  );
});

test('a response is one line of JSON and one count of a histogram', () => {
  const out = said(`
    const { EventEmitter } = await import('node:events');
    const response = Object.assign(new EventEmitter(), { statusCode: 503 });
    observe.watch({ method: 'POST', url: '/training/log?secret=1' }, response);
    response.emit('close');
    const server = observe.serveMetrics(0);
    await new Promise((listening) => server.once('listening', listening));
    const text = await (await fetch('http://127.0.0.1:' + server.address().port + '/metrics')).text();
    console.log(text.split('\\n').find((line) => line.startsWith('ladder_answer_seconds_count')));
    server.close();
    process.exit(0);
  `);
  const [line = '', figure] = out.trim().split('\n');
  expect(JSON.parse(line)).toMatchObject({
    level: 50,
    msg: 'answered',
    method: 'POST',
    route: '/training/log',
    status: '503',
  });
  expect(out).not.toContain('secret');
  expect(figure).toBe('ladder_answer_seconds_count{method="POST",route="/training/log",status="503"} 1');
});
