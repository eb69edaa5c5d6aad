import { isOwnOrigin } from './own-origin';

test.each([
  [{ origin: 'https://ladder.example', host: 'ladder.example' }, true],
  [{ origin: 'http://127.0.0.1:3000', host: '127.0.0.1:3000' }, true],
  [{ origin: 'https://ladder.example', host: '127.0.0.1:3000', 'x-forwarded-host': 'ladder.example' }, true],
  [{ origin: 'https://other.example', host: 'ladder.example' }, false],
  [{ origin: 'null', host: 'ladder.example' }, false],
  [{ host: 'ladder.example' }, false],
  [{ origin: 'https://ladder.example' }, false],
])('%o: %s', (headers, own) => {
  expect(isOwnOrigin(new Headers(headers as Record<string, string>))).toBe(own);
});
