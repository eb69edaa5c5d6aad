import fc from 'fast-check';
import { hundredths } from '../units';
import { valueIn } from './weight';

test('100 lb are 45.359237 kg, and a weight in its own unit is unchanged', () => {
  expect(valueIn('kg', { value: 100, unit: 'lb' })).toBeCloseTo(45.359237, 9);
  expect(valueIn('lb', { value: 62.5, unit: 'lb' })).toBe(62.5);
});

test('converting there and back gives the same hundredth', () => {
  fc.assert(
    fc.property(fc.integer({ min: -50000, max: 150000 }), (at) => {
      const kg = { value: at / 100, unit: 'kg' as const };
      return hundredths(valueIn('kg', { value: valueIn('lb', kg), unit: 'lb' })) === at;
    }),
  );
});
