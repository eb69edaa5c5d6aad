import type { z } from 'zod';
import type { Result } from '../../result';
import type { Zod } from '../../zod';
import type { Block } from '../document';

/** A block after an edit, and the edit that takes it back. */
export interface Applied<E> {
  readonly block: Block;
  readonly inverse: E;
}

/** What an edit reaches, as paths; a path covers all below it. */
export interface Touches {
  /** Paths the edit writes. */
  readonly writes: readonly string[];
  /** Paths that must still exist. */
  readonly needs: readonly string[];
}

/**
 * A kind of edit. One object, one file, one line in the registry.
 * @typeParam E the edits of this kind
 * @typeParam All every edit there is: the inverse of one may be of another kind
 */
export interface EditKind<E, All> {
  readonly kind: string;
  /** The shapes of its edits as they come over the wire. */
  readonly schema: (z: Zod) => z.ZodType<E>;
  /** The block with the edit applied and what takes it back, or why it is refused. Nothing is changed in place. */
  readonly apply: (block: Block, edit: E) => Result<Applied<All>>;
  readonly touches: (block: Block, edit: E) => Touches;
}
