import { readFileSync } from 'node:fs';
import type { Result } from '../core';

/** Exits with an error. */
export function exitWith(message: string): never {
  console.error(message);
  process.exit(2);
}

/** The bytes of a named file. */
export function readBytes(file: string): Buffer {
  try {
    return readFileSync(file);
  } catch (error) {
    return exitWith(`${file}: ${error instanceof Error ? error.message : error}`);
  }
}

export function readJsonFile(file: string): unknown {
  try {
    return JSON.parse(readBytes(file).toString('utf8'));
  } catch (error) {
    return exitWith(`${file}: ${error instanceof Error ? error.message : error}`);
  }
}

/** What was read, or exit with its problems. */
export function valueOrExit<T>(read: Result<T>): T {
  return read.ok ? read.value : exitWith(JSON.stringify({ problems: read.problems }, null, 2));
}
