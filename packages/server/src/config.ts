import { join, resolve } from 'node:path';
import { type CopyRule, USUAL_RULE } from './copies/keepCopies.js';

/** Everything the environment may say; read once. */
export interface Config {
  readonly databaseUrl: string;
  readonly port: number;
  readonly demo: boolean;
  /** Built pages, or `null` to serve the API alone. */
  readonly webDir: string | null;
  readonly logLevel: string;
  /** A folder on the disk of the records; `null`: they are on another machine. */
  readonly data: string | null;
  /** Where what was planned is put down when the server ends; `null`: it is planned anew at each start. */
  readonly plans: string | null;
  /** The folder of whole copies, and how many nights are kept. */
  readonly copies: string;
  readonly copyRule: CopyRule;
  /** Other servers may work on the same records. */
  readonly isShared: boolean;
  /** The home network: its port, names beside the usual ones, where the certificate is kept; `null`: loopback alone. */
  readonly home: { readonly port: number; readonly names: readonly string[]; readonly folder: string } | null;
}

function wholeNumber(name: string, env: NodeJS.ProcessEnv, usual: number): number {
  const value = Number(env[name] ?? usual);
  if (!Number.isInteger(value) || value < 0 || value > 1000)
    throw new Error(`${name} must be a whole number up to 1000.`);
  return value;
}

function portOf(name: string, env: NodeJS.ProcessEnv, usual: number): number {
  const port = Number(env[name] ?? usual);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`${name} must be a whole number up to 65535.`);
  return port;
}

function homeOf(env: NodeJS.ProcessEnv): Config['home'] {
  if (env['EMBER_LAN'] !== '1') return null;
  const names = (env['EMBER_LAN_NAMES'] ?? '').split(',').filter((name) => name !== '');
  return {
    port: portOf('EMBER_LAN_PORT', env, 4643),
    names,
    folder: join(env['EMBER_DATA'] ?? '.data', 'home-network'),
  };
}

/** @throws Error with one sentence when something is missing or wrong */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const databaseUrl = env['DATABASE_URL'];
  if (!databaseUrl) throw new Error('DATABASE_URL is not set; npm start sets it by itself.');
  const data = env['EMBER_DATA'] ?? null;
  return {
    databaseUrl,
    port: portOf('PORT', env, 4600),
    demo: env['EMBER_DEMO'] === '1',
    webDir: env['EMBER_WEB_DIR'] ?? null,
    logLevel: env['EMBER_LOG'] ?? 'warn',
    data,
    plans: data === null ? null : join(data, 'plans'),
    copies: env['EMBER_COPIES'] ?? resolve('.data/copies'),
    copyRule: {
      daily: wholeNumber('EMBER_COPIES_DAILY', env, USUAL_RULE.daily),
      weekly: wholeNumber('EMBER_COPIES_WEEKLY', env, USUAL_RULE.weekly),
    },
    isShared: env['EMBER_SHARED'] === '1',
    home: homeOf(env),
  };
}
