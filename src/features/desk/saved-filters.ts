import { useLocalStorage } from '@mantine/hooks';

const MOST = 8;

/** Roster filters saved on this device. */
export function useSavedFilters() {
  const [kept, setKept] = useLocalStorage<readonly string[]>({ key: 'desk-filters', defaultValue: [] });
  return {
    kept,
    keep: (filter: string) => setKept([...kept.filter((one) => one !== filter), filter].slice(-MOST)),
    drop: (filter: string) => setKept(kept.filter((one) => one !== filter)),
  };
}
