// npm run dev: database, server that reloads, pages that reload.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { startDatabase } from './lib/database.mjs';
import { checkNode, ensurePackages, ROOT } from './lib/ensure.mjs';

checkNode();
ensurePackages();
const database = await startDatabase(join(ROOT, '.data'));
const env = { ...process.env, DATABASE_URL: database.url, PORT: '4601', EMBER_DEMO: '1', EMBER_LOG: 'info' };
const bin = (name) => join(ROOT, 'node_modules', '.bin', name);
const children = [
  spawn(bin('tsx'), ['watch', 'src/main.ts'], { cwd: join(ROOT, 'packages/server'), stdio: 'inherit', env }),
  spawn(bin('vite'), ['--port', '4600'], { cwd: join(ROOT, 'packages/web'), stdio: 'inherit', env }),
];
const stop = async () => {
  children.forEach((child) => child.kill('SIGTERM'));
  await database.stop();
  process.exit(0);
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
