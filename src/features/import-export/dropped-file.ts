/** A file that was dropped on a screen which does not take any in, on its way to the one that does. */
let held: File | null = null;

export function holdDropped(file: File): void {
  held = file;
}

/** The file that is on its way, once. */
export function droppedFile(): File | null {
  const file = held;
  held = null;
  return file;
}
