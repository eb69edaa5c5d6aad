import type { z } from 'zod';

/**
 * The schema library, passed in where unchecked data is read. What belongs together can so say its schema in its own
 * file while the engine carries none of the library: the browser fetches it only when it has something to read.
 */
export type Zod = typeof z;
