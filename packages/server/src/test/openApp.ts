import { randomBytes, randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import { ask, type Told } from './ask.js';
import { createApp } from '../app.js';
import { observationsOf, type ScaleAct } from '@ember-fold/core/ledger';
import { planTrays } from '@ember-fold/core/plan';
import { dayPart, supperDay } from '@ember-fold/core/supper';
import { openGate, type Gate } from '../db/gate.js';
import { migrate } from '../db/migrate.js';
import { columnsOf, letRowsWait } from '../copies/wholeDatabaseTable.js';
import { CopyKeeper } from '../copies/copyKeeper.js';
import { USUAL_RULE } from '../copies/keepCopies.js';
import { DeviceHub } from '../devices/deviceHub.js';
import { HomeDoor } from '../home/homeDoor.js';
import { homeServer } from '../home/homeServer.js';
import { secureServer } from '../home/secureServer.js';
import { startClock } from '../live/startClock.js';
import { LiveHub } from '../live/liveHub.js';
import { StoveHub } from '../devices/stoveHub.js';
import { SimulatedScale } from '../simulated/simulatedScale.js';
import { SimulatedStoves } from '../simulated/simulatedStoves.js';
import { Relay } from '../servers/relay.js';
import { StoveOwner } from '../servers/stoveOwner.js';
import { DiskGuard } from '../http/diskGuard.js';
import { KeptPlans } from '../planning/keptPlans.js';
import type { Observe } from '../ledger/lessons.js';
import type { PlanSupperDay, PlanTrays, PlanPart } from '../planning/planThread.js';

export interface Answer {
  readonly status: number;
  // oxlint-disable-next-line typescript/no-explicit-any -- answers are looked into freely by tests
  readonly body: any;
  readonly headers: Told['headers'];
}

/** The whole server on a database of its own, with a clock the test moves. */
export interface TestApp {
  readonly url: string;
  /** HTTPS on 127.0.0.2, where the home network is served. */
  readonly homePort: number;
  readonly databaseUrl: string;
  readonly gate: Gate;
  readonly clock: { ms: number };
  /** The folder of whole copies. */
  readonly folder: string;
  /** How often another kitchen has taken the place of this one: the product starts its server again then. */
  readonly restored: { times: number };
  stoves: StoveHub;
  /** Connections that the server of the home network has now. */
  homeConnections(): Promise<number>;
  /** Pages and devices that listen to the live stream, beside the simulated stoves. */
  follows(): number;
  /** Waits until the simulated stove of a batch burns. */
  burns(batchId: string): Promise<void>;
  call(method: string, path: string, body?: unknown, headers?: Record<string, string>): Promise<Answer>;
  /** Stops the server and starts another on the same database, as after a crash. */
  restart(): Promise<void>;
  /** Whether the simulated stove of a batch burns here. */
  hasStove(batchId: string): boolean;
  /** Ends as a machine does that loses its power: gives up nothing, tells nobody. */
  die(): Promise<void>;
  close(): Promise<void>;
}

export const T0 = Date.UTC(2026, 0, 10, 12);
const log = pino({ level: 'silent' });

/** Address of the test server, or of a database of it. */
export function serverOfTests(database?: string): string {
  const base = process.env['TEST_DATABASE_URL'];
  if (!base) throw new Error('TEST_DATABASE_URL is not set; npm test sets it.');
  return database === undefined ? base : base.replace(/\/[^/]*$/, `/${database}`);
}

/** A fresh, empty database on the test server. @returns its address and a gate to it */
export async function openDatabase(): Promise<{ url: string; gate: Gate; drop: () => Promise<void> }> {
  const name = `ember_t${randomBytes(6).toString('hex')}`;
  const admin = openGate(serverOfTests());
  await admin.change(`CREATE DATABASE ${name}`);
  await admin.close();
  const url = serverOfTests(name);
  const gate = openGate(url);
  // The whole server goes with the tests: dropping each costs as much as making it.
  return { url, gate, drop: () => gate.close() };
}

/** Databases that tests of this file are done with, empty again: emptying one takes a tenth of making it. */
const emptied: string[] = [];
let kitchenTables: readonly string[] = [];

/** Deletes every row but the schema's; counters go on. */
async function empty(url: string): Promise<void> {
  const gate = openGate(url);
  await gate.withConnection(async (q) => {
    if (kitchenTables.length === 0) kitchenTables = [...(await columnsOf(q)).keys()];
    await letRowsWait(q);
    for (const table of kitchenTables) if (table !== 'schema_version') await q.change(`DELETE FROM ${table}`);
  });
  await gate.close();
}

/** An empty kitchen: a database that a test before has left, or a new one. */
async function openKitchen(): ReturnType<typeof openDatabase> {
  const url = emptied.pop();
  if (url === undefined) {
    const made = await openDatabase();
    await migrate(made.gate);
    return { ...made, drop: () => putBack(made) };
  }
  const again = { url, gate: openGate(url) };
  return { ...again, drop: () => putBack(again) };
}

/** What is still on its way there ends with the gate. */
async function putBack({ url, gate }: { readonly url: string; readonly gate: Gate }): Promise<void> {
  await gate.close();
  await empty(url);
  emptied.push(url);
}

/** The database of another server. */
function openBeside(url: string): Awaited<ReturnType<typeof openDatabase>> {
  const gate = openGate(url);
  return { url, gate, drop: () => gate.close() };
}

interface OpenOptions {
  readonly webDir?: string;
  /** Serves the home network too, under these names. */
  readonly names?: readonly string[];
  /** One of several servers. */
  readonly isShared?: boolean;
  /** Works on the records of another server. */
  readonly beside?: TestApp;
}

export async function openApp({ webDir, names, isShared = false, beside }: OpenOptions = {}): Promise<TestApp> {
  const database = beside ? openBeside(beside.databaseUrl) : await openKitchen();
  const { gate } = database;
  const clock = { ms: T0 };
  const folder = mkdtempSync(join(tmpdir(), 'ember-copies-'));
  const restored = { times: 0 };
  const copies = new CopyKeeper({
    gate,
    log,
    folder,
    databaseUrl: database.url,
    rule: USUAL_RULE,
    clockMs: () => clock.ms,
    silentMs: 1500,
    onRestored: () => (restored.times += 1),
  });
  const home = names ? await homeServer({ names, folder: join(folder, 'home-network') }, clock.ms) : null;
  let homePort = 0;
  const beOneOfSeveral = async (live: LiveHub, stoves: StoveHub, own: (ids: readonly string[]) => void) => {
    const shared = { gate, stoves, server: randomUUID(), log };
    const relay = new Relay({ ...shared, live, onRestored: () => (restored.times += 1) });
    await relay.start();
    return { relay, owner: new StoveOwner({ ...shared, own }) };
  };
  const start = async (port: number) => {
    // As main does: a clock set back over a restart goes on from the latest record.
    const behindMs = (await startClock(gate, clock.ms)) - clock.ms;
    const clockMs = () => clock.ms + behindMs;
    const live = new LiveHub();
    const stoves = new StoveHub(gate, clockMs, live);
    await stoves.resumeAll(gate);
    const devices = new DeviceHub();
    // In the product they are a process of their own; here the test holds their clock.
    const simulated = {
      token: 'token-of-the-simulated-devices',
      handAtScale: (act: ScaleAct) => {
        if (act.do === 'load') scale.load(act.loadKg);
        else if (act.do === 'tare') scale.tare();
        else scale.switchOn();
      },
    };
    // In the product a thread of its own plans; `planThread.test` tries that one.
    const planPart: PlanPart = async (id, draft, kitchen) =>
      dayPart(id, draft, planTrays(draft, kitchen, null), kitchen);
    const planTraysHere: PlanTrays = async (draft, kitchen) => planTrays(draft, kitchen, null);
    // Day plans are searched to their end, whatever it takes: the same on a slow machine. Ways out are only weighed.
    const planSupperDay: PlanSupperDay = async (dayPlan, mostMs) => {
      const untilMs = mostMs < 1000 ? Date.now() + mostMs : Infinity;
      return supperDay(dayPlan, { isOver: () => Date.now() > untilMs });
    };
    const observe: Observe = async (happened) => observationsOf(happened);
    const plans = { planPart, planTrays: planTraysHere, planSupperDay, observe, kept: new KeptPlans(null) };
    const door = new HomeDoor(gate, clockMs, home);
    const app = createApp({
      gate,
      stoves,
      devices,
      simulated,
      live,
      copies,
      disk: new DiskGuard(null, live),
      clockMs,
      ...plans,
      door,
      log,
      webDir: webDir ?? null,
    });
    const server = await new Promise<ReturnType<typeof app.listen>>((resolve) => {
      const made = app.listen(port, '127.0.0.1', () => resolve(made));
      // As in the product: a connection must not end just when it is used again.
      made.keepAliveTimeout = 65_000;
    });
    const secure = home && secureServer(home.tls, app, { keepAliveTimeout: 65_000 });
    if (secure) {
      await new Promise<void>((resolve) => secure.listen(homePort, '127.0.0.2', resolve));
      homePort = (secure.address() as AddressInfo).port;
      home.opened(homePort);
    }
    const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    const { token } = simulated;
    const quiet = () => undefined;
    const scale = new SimulatedScale({ url, token, log: quiet });
    const simulatedStoves = new SimulatedStoves({ url, token, log: quiet, clockMs, isOneOfSeveral: isShared });
    const several = isShared ? await beOneOfSeveral(live, stoves, (ids) => simulatedStoves.own(ids)) : null;
    return { stoves, scale, simulatedStoves, server, secure, door, live, several };
  };
  let running = await start(0);
  const { port } = running.server.address() as AddressInfo;
  const halt = async () => {
    running.simulatedStoves.close();
    await running.several?.owner.close();
    await running.several?.relay.close();
    running.scale.close();
    running.server.closeAllConnections();
    await new Promise((resolve) => running.server.close(resolve));
    running.door.close();
    running.secure?.closeAllConnections();
    await new Promise((resolve) => (running.secure ? running.secure.close(resolve) : resolve(null)));
  };
  const url = `http://127.0.0.1:${port}`;
  const app: TestApp = {
    url,
    homePort,
    databaseUrl: database.url,
    gate,
    clock,
    folder,
    restored,
    stoves: running.stoves,
    homeConnections: () =>
      new Promise((resolve, reject) =>
        running.secure!.getConnections((cause, count) => (cause ? reject(cause) : resolve(count))),
      ),
    follows: () => running.live.following - 1,
    hasStove: (batchId) => running.simulatedStoves.follows(batchId),
    async die() {
      running.several?.relay.stop();
      running.several?.owner.stop();
      await halt();
    },
    async burns(batchId) {
      await until(async () => running.simulatedStoves.follows(batchId));
    },
    async call(method, path, body, headers = {}) {
      const sent = body === undefined || typeof body === 'string' ? body : JSON.stringify(body);
      const type: Record<string, string> = body === undefined ? {} : { 'content-type': 'application/json' };
      const answer = await ask(`${url}${path}`, method, { ...type, ...headers }, sent);
      const isJson = answer.headers['content-type']?.includes('json');
      return { ...answer, body: isJson ? JSON.parse(answer.text) : answer.text };
    },
    async restart() {
      await halt();
      running = await start(port);
      app.stoves = running.stoves;
    },
    async close() {
      await halt();
      await copies.close();
      rmSync(folder, { recursive: true, force: true });
      await database.drop();
    },
  };
  return app;
}

/** Waits until `look` gives something; fails after `mostMs`. */
export async function until<T>(look: () => Promise<T | null | undefined | false>, mostMs = 25_000): Promise<T> {
  const end = Date.now() + mostMs;
  for (;;) {
    const found = await look();
    if (found) return found;
    if (Date.now() > end) throw new Error('What was waited for did not come.');
    await new Promise((resolve) => setTimeout(resolve, 40));
  }
}
