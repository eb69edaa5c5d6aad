import { isByTls } from './by-tls';

const came = (proto?: string) =>
  isByTls(new Headers(proto === undefined ? {} : { 'x-forwarded-proto': proto }));

afterEach(() => Reflect.deleteProperty(process.env, 'PUBLIC_URL'));

test('by what the proxy in front says, the first of several; without a word it was not', () => {
  expect([came('https'), came('https, http'), came('http'), came('http, https'), came()]).toEqual([
    true,
    true,
    false,
    false,
    false,
  ]);
});

test('whoever runs the server says it where the proxy does not', () => {
  process.env.PUBLIC_URL = 'https://ladder.example.org';
  expect([came(), came('http')]).toEqual([true, true]);
  process.env.PUBLIC_URL = 'http://ladder.example.org';
  expect(came()).toBe(false);
});
