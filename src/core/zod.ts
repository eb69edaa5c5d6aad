import type { z } from 'zod';

/**
 * The schema library, passed in where unchecked data is read. Code can declare its schema in its own file while the
 * engine does not include the library: the browser loads it only when needed.
 */
export type Zod = typeof z;
