import type { z } from 'zod';
import type { Result } from '../../result';
import type { Zod } from '../../zod';
import type { Block } from '../document';

/** A block after an edit, and the inverse edit. */
export interface Applied<E> {
  readonly block: Block;
  readonly inverse: E;
}

/** The paths an edit touches; a path includes everything below it. */
export interface Touches {
  /** Paths it writes. */
  readonly writes: readonly string[];
  /** Paths that must still exist. */
  readonly needs: readonly string[];
}

/**
 * A kind of edit: one object, one file, one line in the registry.
 * @typeParam E the edits of this kind
 * @typeParam All every edit: the inverse may be of another kind
 */
export interface EditKind<E, All> {
  readonly kind: string;
  /** The schema of its serialised edits. */
  readonly schema: (z: Zod) => z.ZodType<E>;
  /** The block with the edit applied and the inverse, or why it is refused. Nothing is mutated. */
  readonly apply: (block: Block, edit: E) => Result<Applied<All>>;
  readonly touches: (block: Block, edit: E) => Touches;
}
