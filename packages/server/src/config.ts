/** Everything the environment may say; read once. */
export interface Config {
  readonly databaseUrl: string;
  readonly port: number;
  readonly demo: boolean;
  /** Built pages, or `null` to serve the API alone. */
  readonly webDir: string | null;
  readonly logLevel: string;
}

/** @throws Error with one sentence when something is missing or wrong */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const databaseUrl = env['DATABASE_URL'];
  if (!databaseUrl) throw new Error('DATABASE_URL is not set; npm start sets it by itself.');
  const port = Number(env['PORT'] ?? 4600);
  if (!Number.isInteger(port) || port < 0 || port > 65535) throw new Error('PORT must be a whole number up to 65535.');
  return {
    databaseUrl,
    port,
    demo: env['EMBER_DEMO'] === '1',
    webDir: env['EMBER_WEB_DIR'] ?? null,
    logLevel: env['EMBER_LOG'] ?? 'warn',
  };
}
