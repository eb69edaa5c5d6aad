import { readLocalStorageValue, useLocalStorage } from '@mantine/hooks';
import { useCallback } from 'react';
import { type Clock, moment, timeOfDay } from './words/dates';

/** The reader's choice of 12 or 24 hours, stored on this device like the theme. */
const CHOICE = { key: 'clock', defaultValue: '24' as Clock };

/** The reader's clock and a way to change it; 24 hours on the server and before hydration. */
export const useClock = () => useLocalStorage<Clock>(CHOICE);

/** The reader's clock, outside a component. */
export const chosenClock = () => readLocalStorageValue<Clock>(CHOICE);

/**
 * Times in the reader's clock: `time` alone, `when` with the day. `zone` is the athlete's, otherwise the device's.
 */
export function useTimes() {
  const [clock] = useClock();
  const time = useCallback((at: string | number, zone?: string) => timeOfDay(at, clock, zone), [clock]);
  const when = useCallback((at: string | number, zone?: string) => moment(at, clock, zone), [clock]);
  return { time, when };
}
