import { networkPrefix } from './network';

test.each([
  ['203.0.113.7', '203.0.113.7'],
  ['::ffff:203.0.113.7', '203.0.113.7'],
  ['2001:db8:1:2:3:4:5:6', '2001:db8:1:2'],
  ['2001:db8:1:2:ffff::1', '2001:db8:1:2'],
  ['2001:db8::1', '2001:db8:0:0'],
  ['::1', '0:0:0:0'],
  ['', ''],
])('the network of %s is %s', (address, network) => expect(networkPrefix(address)).toBe(network));
