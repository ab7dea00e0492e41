/** One step of the schema: numbered, forward-only, re-runnable, for MariaDB commits at each DDL statement. */
export interface Migration {
  readonly version: number;
  readonly name: string;
  readonly statements: readonly string[];
}
