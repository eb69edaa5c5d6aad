import { deviceName } from './device-name';

test.each([
  [
    'Mozilla/5.0 (Linux; Android 14; Pixel 8) AppleWebKit/537.36 Chrome/126.0 Mobile Safari/537.36',
    'Android phone, Chrome',
  ],
  [
    'Mozilla/5.0 (iPhone; CPU iPhone OS 17_5 like Mac OS X) Version/17.5 Mobile/15E148 Safari/604.1',
    'iPhone, Safari',
  ],
  [
    'Mozilla/5.0 (Windows NT 10.0; Win64; x64; rv:127.0) Gecko/20100101 Firefox/127.0',
    'Windows computer, Firefox',
  ],
  ['', 'device'],
])('%s is called %s', (agent, name) => {
  expect(deviceName(agent)).toBe(name);
});
