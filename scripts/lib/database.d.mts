/** Types of database.mjs for the tests that start a database of their own. */
export interface Database {
  readonly url: string;
  readonly port: number;
  readonly pid: number;
  stop(): Promise<void>;
}
export function freePort(): Promise<number>;
export function startDatabase(folder: string, log?: string): Promise<Database>;
