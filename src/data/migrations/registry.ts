import type { QueryInterface } from 'sequelize';
import { up as firstRung } from './001-first-rung';
import { up as athletesExercises } from './002-athletes-exercises';
import { up as templates } from './003-templates';
import { up as setDetails } from './004-set-details';

/** Migrations in the order they are applied. A landed one is never changed; the next goes below it. */
export const MIGRATIONS: readonly {
  readonly name: string;
  readonly up: (queryInterface: QueryInterface) => Promise<void>;
}[] = [
  { name: '001-first-rung', up: firstRung },
  { name: '002-athletes-exercises', up: athletesExercises },
  { name: '003-templates', up: templates },
  { name: '004-set-details', up: setDetails },
];
