import type { QueryInterface } from 'sequelize';
import { up as firstRung } from './001-first-rung';

/** Migrations in the order they are applied. A landed one is never changed; the next goes below it. */
export const MIGRATIONS: readonly {
  readonly name: string;
  readonly up: (queryInterface: QueryInterface) => Promise<void>;
}[] = [{ name: '001-first-rung', up: firstRung }];
