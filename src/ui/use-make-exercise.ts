import { useRouter } from 'next/navigation';

/** In the Library's address, before the name of an exercise that is to be made. */
export const NEW_EXERCISE = 'new:';

/** Leads to the Library's form for an exercise of one's own, with its name filled in. */
export function useMakeExercise(): (name: string) => void {
  const router = useRouter();
  return (name) => router.push(`/library#${NEW_EXERCISE}${encodeURIComponent(name)}`);
}
