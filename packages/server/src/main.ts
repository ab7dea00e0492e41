import type { Server } from 'node:http';
import { extname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { createApp } from './app.js';
import { readConfig } from './config.js';
import { openGate } from './db/gate.js';
import { migrate } from './db/migrate.js';
import { forgetGone, latestMoment } from './db/stoveTable.js';
import { loadDemo } from './demo/loadDemo.js';
import { DeviceHub } from './devices/deviceHub.js';
import { LiveHub } from './live/liveHub.js';
import { steadyClock } from './live/steadyClock.js';
import { StoveHub } from './devices/stoveHub.js';
import { Lessons } from './services/lessons.js';
import { PlanThread } from './services/planThread.js';
import { startSimulated } from './simulated/simulatedLink.js';

/** A record that was deleted can be put back for so long, ms. */
const GONE_MS = 30 * 86_400_000;

/** Leaves with one sentence on stderr. */
function giveUp(message: string): never {
  process.stderr.write(`${message}\n`);
  process.exit(1);
}

function listen(server: { listen: (port: number, host: string) => Server }, port: number): Promise<Server> {
  return new Promise((resolve, reject) => {
    const listening = server.listen(port, '127.0.0.1');
    listening.once('listening', () => resolve(listening));
    listening.once('error', reject);
  });
}

async function main(): Promise<void> {
  const config = readConfig(process.env);
  const log = pino({ level: config.logLevel }, pino.destination(2));
  const gate = openGate(config.databaseUrl);
  await migrate(gate);
  if (config.demo) await loadDemo(gate, Date.now());
  // A clock that was set back while we were away must not put what happens now before what happened.
  const clockMs = steadyClock(Math.max(Date.now(), (await latestMoment(gate)) ?? 0));
  const live = new LiveHub();
  const stoves = new StoveHub(gate, clockMs, live);
  await stoves.resumeAll(gate);
  const devices = new DeviceHub();
  let port = config.port;
  const script = fileURLToPath(new URL('./simulated/main.js', import.meta.url));
  const simulated = startSimulated(
    script,
    () => port,
    (problem) => log.warn(problem),
  );
  const planning = new URL(`./planning${extname(import.meta.url)}`, import.meta.url);
  // Evenings have a thread of their own: what is asked of one batch does not wait for them.
  const [batches, evenings] = [new PlanThread(planning), new PlanThread(planning)];
  const plans = { planPart: batches.planPart, planEvening: evenings.planEvening, observe: evenings.observe };
  const app = createApp({ gate, stoves, devices, simulated, live, clockMs, ...plans, log, webDir: config.webDir });
  const server = await listen(app, config.port);
  const address = server.address();
  if (typeof address === 'object' && address) port = address.port;
  simulated.connect();
  process.send?.({ ready: true, port });
  const lessons = new Lessons({ gate, clockMs, log, live, observe: evenings.observe });
  await forgetGone(gate, new Date(clockMs() - GONE_MS));
  void lessons.catchUp().catch((cause: unknown) => log.error({ cause }, 'Records could not be learnt from.'));
  log.info({ port }, 'listening');

  let closing = false;
  const close = async () => {
    if (closing) return;
    closing = true;
    simulated.close();
    server.closeAllConnections();
    server.close();
    await Promise.all([batches.close(), evenings.close()]);
    await gate.close().catch(() => undefined);
    process.exit(0);
  };
  process.on('SIGTERM', close);
  process.on('SIGINT', close);
  // Started by scripts/start.mjs: when the parent is gone, so is the reason to hold the port.
  process.on('disconnect', close);
}

main().catch((cause: unknown) => {
  const { code, message } = (cause ?? {}) as { code?: string; message?: string };
  if (code === 'EADDRINUSE') giveUp('The port is already taken; start with --port and another number.');
  if (code === 'ECONNREFUSED') giveUp('The database does not answer; check DATABASE_URL or start again.');
  if (code === 'ER_ACCESS_DENIED_ERROR') giveUp('The database refused the user or password in DATABASE_URL.');
  if (code === 'ER_BAD_DB_ERROR') giveUp('The database named in DATABASE_URL does not exist; create it first.');
  giveUp(message ?? 'The server could not start.');
});
