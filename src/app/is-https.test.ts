import { isHttps } from './is-https';

const came = (proto?: string) =>
  isHttps(new Headers(proto === undefined ? {} : { 'x-forwarded-proto': proto }));

afterEach(() => Reflect.deleteProperty(process.env, 'PUBLIC_URL'));

test("HTTPS is what the proxy's first value says; without a value it was not used", () => {
  expect([came('https'), came('https, http'), came('http'), came('http, https'), came()]).toEqual([
    true,
    true,
    false,
    false,
    false,
  ]);
});

test('the operator can set it where the proxy does not', () => {
  process.env.PUBLIC_URL = 'https://ladder.example.org';
  expect([came(), came('http')]).toEqual([true, true]);
  process.env.PUBLIC_URL = 'http://ladder.example.org';
  expect(came()).toBe(false);
});
