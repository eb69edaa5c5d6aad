/** A file dropped on a screen without import, on its way to the import screen. */
let held: File | null = null;

export function holdDropped(file: File): void {
  held = file;
}

/** Returns that file, once. */
export function droppedFile(): File | null {
  const file = held;
  held = null;
  return file;
}
