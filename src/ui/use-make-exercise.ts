import { useRouter } from 'next/navigation';

/** In the Library's address, before the name of an exercise to create. */
export const NEW_EXERCISE = 'new:';

/** Opens the Library's form for a custom exercise with its name filled in. */
export function useMakeExercise(): (name: string) => void {
  const router = useRouter();
  return (name) => router.push(`/library#${NEW_EXERCISE}${encodeURIComponent(name)}`);
}
