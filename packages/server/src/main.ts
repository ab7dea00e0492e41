import { randomUUID } from 'node:crypto';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { extname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { createApp } from './app.js';
import { CopyKeeper } from './copies/copyKeeper.js';
import { readConfig } from './config.js';
import { countBatches } from './batches/batchTable.js';
import { openGate } from './db/gate.js';
import { withLease } from './servers/leaseTable.js';
import { migrate } from './db/migrate.js';
import { deleteForGood } from './stove/stoveTable.js';
import { loadDemo } from './demo/loadDemo.js';
import { DeviceHub } from './devices/deviceHub.js';
import { LiveHub } from './live/liveHub.js';
import { startClock } from './live/startClock.js';
import { steadyClock } from './live/steadyClock.js';
import { StoveHub } from './devices/stoveHub.js';
import { HomeDoor } from './home/homeDoor.js';
import { homeServer } from './home/homeServer.js';
import { secureServer } from './home/secureServer.js';
import { Relay } from './servers/relay.js';
import { StoveOwner } from './servers/stoveOwner.js';
import { Lessons } from './ledger/lessons.js';
import { DiskGuard } from './http/diskGuard.js';
import { KeptPlans } from './planning/keptPlans.js';
import { PlanThread } from './planning/planThread.js';
import { startSimulated } from './simulated/simulatedLink.js';

/** A record that was deleted can be put back for so long, ms. */
const GONE_MS = 30 * 86_400_000;

/** The nightly copy is looked for so long after the start, ms: what is hurried at the start has no part in it. */
const FIRST_COPY_MS = 5 * 60_000;
/** How this process ends once another kitchen has taken the place of its own. */
const RESTORED = 75;
/** A connection may rest so long, ms: one that is given up after five seconds is given up just when it is asked again. */
const RESTS_MS = 65_000;
/** What was asked for is answered first, ms. */
const ANSWERED_MS = 200;

/** Leaves with one sentence on stderr. */
function giveUp(message: string): never {
  process.stderr.write(`${message}\n`);
  process.exit(1);
}

/** @returns the port */
function listen(server: Server, port: number, host?: string): Promise<number> {
  return new Promise((resolve, reject) => {
    server.listen(port, host);
    server.once('listening', () => resolve((server.address() as AddressInfo).port));
    server.once('error', reject);
  });
}

/** Starts the server. It is long because everything is started here, in order. */
async function main(): Promise<void> {
  const config = readConfig(process.env);
  const log = pino({ level: config.logLevel, serializers: { cause: pino.stdSerializers.err } }, pino.destination(2));
  const gate = openGate(config.databaseUrl);
  const copies = new CopyKeeper({
    gate,
    log,
    databaseUrl: config.databaseUrl,
    folder: config.copies,
    rule: config.copyRule,
    clockMs: Date.now,
    // Everything in memory is of the kitchen before: whoever started this process starts it again.
    onRestored: () => {
      if (config.isShared) relay.tell({ kind: 'restored' });
      setTimeout(() => void close(RESTORED), ANSWERED_MS);
    },
  });
  await migrate(gate, undefined, () => copies.make('upgrade'));
  const server = randomUUID();
  if (config.demo && (await countBatches(gate)) === 0)
    await withLease(gate, { name: 'demo', owner: server }, () => loadDemo(gate, Date.now()));
  const clockMs = steadyClock(await startClock(gate, Date.now()));
  const live = new LiveHub();
  const stoves = new StoveHub(gate, clockMs, live);
  await stoves.resumeAll(gate);
  const relay = new Relay({ gate, live, stoves, server, log, onRestored: () => void close(RESTORED) });
  let owner: StoveOwner | null = null;
  const disk = new DiskGuard(config.data, live);
  await disk.start();
  const home = config.home && (await homeServer(config.home, clockMs()));
  const door = new HomeDoor(gate, clockMs, home);
  const devices = new DeviceHub();
  let port = config.port;
  const script = fileURLToPath(new URL('./simulated/main.js', import.meta.url));
  const simulated = startSimulated(
    script,
    () => port,
    (problem) => log.warn(problem),
  );
  const planning = new URL(`./planning${extname(import.meta.url)}`, import.meta.url);
  // Day plans have a thread of their own: what is asked of one batch does not wait for them.
  const [batches, dayPlans] = [new PlanThread(planning), new PlanThread(planning)];
  const kept = new KeptPlans(config.plans === null ? null : { file: config.plans, planner: planning, log });
  await kept.takeUp();
  const plans = {
    planPart: batches.planPart,
    planTrays: batches.planTrays,
    planSupperDay: dayPlans.planSupperDay,
    observe: dayPlans.observe,
    kept,
  };
  const app = createApp({
    gate,
    stoves,
    devices,
    simulated,
    live,
    copies,
    disk,
    door,
    clockMs,
    ...plans,
    log,
    webDir: config.webDir,
  });
  const atLoopback = createServer({ keepAliveTimeout: RESTS_MS }, app);
  port = await listen(atLoopback, config.port, '127.0.0.1');
  const atHome = home && secureServer(home.tls, app, { keepAliveTimeout: RESTS_MS });
  if (atHome) home.opened(await listen(atHome, config.home!.port));
  simulated.connect();
  if (config.isShared) {
    await relay.start();
    owner = new StoveOwner({ gate, stoves, server, log, own: simulated.own });
  }
  process.send?.({ ready: true, port, home: door.network(false) });
  const lessons = new Lessons({ gate, clockMs, log, live, observe: dayPlans.observe });
  await deleteForGood(gate, new Date(clockMs() - GONE_MS));
  void lessons.catchUp().catch((cause: unknown) => log.error({ cause }, 'Records could not be learnt from.'));
  await copies.sweep();
  copies.start(FIRST_COPY_MS);
  log.info({ port }, 'listening');

  let closing = false;
  const close = async (code = 0) => {
    if (closing) return;
    closing = true;
    simulated.close();
    disk.close();
    await owner?.close();
    if (config.isShared) await relay.close();
    door.close();
    for (const one of [atLoopback, ...(atHome ? [atHome] : [])]) {
      one.closeAllConnections();
      one.close();
    }
    await Promise.all([kept.putDown(), batches.close(), dayPlans.close(), copies.close()]);
    await gate.close().catch(() => undefined);
    process.exit(code);
  };
  process.on('SIGTERM', () => void close());
  process.on('SIGINT', () => void close());
  // Started by scripts/start.mjs: when the parent is gone, so is the reason to hold the port.
  process.on('disconnect', () => void close());
  // It may have gone a moment ago, unheard; without a parent this is not false.
  if (process.connected === false) void close();
}

main().catch((cause: unknown) => {
  const { code, message, port } = (cause ?? {}) as { code?: string; message?: string; port?: number };
  if (code === 'EADDRINUSE') {
    const isHome = process.env['EMBER_LAN'] === '1' && String(port) === process.env['EMBER_LAN_PORT'];
    giveUp(`The port is already taken; start with ${isHome ? '--lan-port' : '--port'} and another number.`);
  }
  if (code === 'ECONNREFUSED') giveUp('The database does not answer; check DATABASE_URL or start again.');
  if (code === 'ER_ACCESS_DENIED_ERROR') giveUp('The database refused the user or password in DATABASE_URL.');
  if (code === 'ER_BAD_DB_ERROR') giveUp('The database named in DATABASE_URL does not exist; create it first.');
  giveUp(message ?? 'The server could not start.');
});
