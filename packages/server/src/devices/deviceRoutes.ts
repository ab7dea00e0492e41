import type { DeviceNow } from '@ember-fold/core/ledger';
import type { TakenReadings } from '@ember-fold/core/stove';
import { randomBytes } from 'node:crypto';
import { type Request, type Response, Router } from 'express';
import { deleteDevice, deviceOfToken, type DeviceRow, insertDevice, listDevices } from './deviceTable.js';
import type { DeviceLag } from './deviceLag.js';
import { type DeviceReading, readLine } from './readingLine.js';
import { SIMULATED_SCALE } from '../simulated/simulatedScale.js';
import { SIMULATED_STOVE } from '../simulated/simulatedStoves.js';
import { ApiError } from '../errors.js';
import { secretHash } from '../secretHash.js';
import type { Context } from '../http/context.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';

const MOST_LINES = 1000;
const SIMULATED: readonly DeviceRow[] = [
  { id: SIMULATED_SCALE, kind: 'scale', name: 'Simulated scale' },
  { id: SIMULATED_STOVE, kind: 'probe', name: 'Simulated stove' },
];

/** The devices a token speaks for. The simulated ones are this server's own: they are not in the table. */
async function devicesOf({ gate, simulated }: Context, token: string): Promise<readonly DeviceRow[]> {
  if (token === simulated.token) return SIMULATED;
  const device = await deviceOfToken(gate, secretHash(token));
  return device ? [device] : [];
}

/** `POST /api/devices/readings`: lines from a device, one or many. What a probe sends is committed before the answer. */
export function readingRoute(context: Context) {
  const { devices, stoves, live, clockMs } = context;
  const { lag } = devices;
  return async (req: Request, res: Response): Promise<void> => {
    if (typeof req.body !== 'string') throw new ApiError('NOT_LINES');
    const token = /^Bearer ([\w-]{16,128})$/.exec(req.headers.authorization ?? '')?.[1];
    const known = token ? await devicesOf(context, token) : [];
    if (known.length === 0) throw new ApiError('BAD_TOKEN');
    const lines = req.body.split(/\r?\n/).filter((line) => line.trim() !== '');
    if (lines.length > MOST_LINES) throw new ApiError('TOO_LARGE', `At most ${MOST_LINES} lines at a time.`);
    const refused: { line: number; message: string }[] = [];
    const good: DeviceReading[] = [];
    lines.forEach((line, i) => {
      const reading = readLine(line);
      const problem = 'problem' in reading ? reading.problem : problemFor(known, reading);
      if (problem !== null) return void refused.push({ line: i + 1, message: problem });
      good.push(reading as DeviceReading);
    });
    const { readings, moved, behindMs } = placed(good, clockMs(), lag);
    const inPots = readings.flatMap(({ reading, atMs }) => {
      const row = reading.kind === 'temperature' ? stoves.stoveOf(reading.device, reading.batchId) : null;
      // A reading from before the stove was lit is no record of it.
      return row && atMs >= row.startedAt.getTime() ? [{ row, reading: { atMs, probeC: reading.value } }] : [];
    });
    const kept = await stoves.take(inPots);
    // Shown only once it is kept. A late one is kept in its place, and is not the newest.
    const shown = good.filter((reading) => devices.take(reading));
    for (const { device, seq, value, tareKg, isSteady } of shown.filter(({ kind }) => kind === 'mass')) {
      live.tell({ kind: 'scale', device, figure: { seq, value, tareKg, isSteady } });
    }
    const masses = good.filter(({ kind }) => kind === 'mass').length;
    const weighed = shown.filter(({ kind }) => kind === 'mass').length;
    const answer: TakenReadings = {
      taken: kept + weighed,
      late: inPots.length - kept + masses - weighed,
      notKept: good.length - masses - inPots.length,
      movedToArrival: moved,
      clockBehindS: Math.round(behindMs / 1000),
      refused,
    };
    res.set('Cache-Control', 'no-store').json(answer);
  };
}

/** A device's clock may be so far ahead of this one before its readings are moved, ms. */
const AHEAD_MS = 2000;

/**
 * When each reading was taken, by the server's clock. Those dated ahead of it come from a clock
 * that runs ahead: the newest is placed at its arrival and the others before it, as far apart as
 * they were. So none can lie in the future and hide what comes after it. Those of a clock that runs
 * behind are moved on by what it is known to be behind: else all of them would lie before the stove was lit.
 */
function placed(
  good: readonly DeviceReading[],
  nowMs: number,
  lag: DeviceLag,
): {
  readonly readings: readonly { readonly reading: DeviceReading; readonly atMs: number }[];
  readonly moved: number;
  /** How far the clock of a device is behind, ms; of several the most. */
  readonly behindMs: number;
} {
  const dated = good.map((reading) => ({ reading, atMs: Date.parse(reading.at) }));
  const newestMs = new Map<string, number>();
  for (const { reading, atMs } of dated) {
    newestMs.set(reading.device, Math.max(newestMs.get(reading.device) ?? -Infinity, atMs));
  }
  let moved = 0;
  const added = new Map([...newestMs].map(([device, atMs]) => [device, lag.note(device, atMs, nowMs)]));
  const readings = dated.map(({ reading, atMs }) => {
    if (atMs <= nowMs + AHEAD_MS) return { reading, atMs: atMs + added.get(reading.device)! };
    moved += 1;
    return { reading, atMs: nowMs - (newestMs.get(reading.device)! - atMs) };
  });
  return { readings, moved, behindMs: Math.max(0, ...added.values()) };
}

function problemFor(known: readonly DeviceRow[], reading: DeviceReading): string | null {
  const device = known.find((one) => one.id === reading.device);
  if (!device) return `This token belongs to ${known.map((one) => one.id).join(', ')}.`;
  const kind = device.kind === 'scale' ? 'mass' : 'temperature';
  return reading.kind === kind ? null : `A ${device.kind} sends ${kind}.`;
}

/** Devices: listed, added, removed, followed; and the keys of the simulated scale. */
export function deviceRoutes(context: Context): Router {
  const { gate, devices, simulated, live } = context;
  const router = Router();

  router.get('/', async (_req, res) => {
    const all = [...SIMULATED, ...(await listDevices(gate))];
    res.json(all.map((one): DeviceNow => ({ ...one, clockBehindS: Math.round(devices.lag.behindMs(one.id) / 1000) })));
  });

  router.post('/', async (req, res) => {
    const device = validate(SCHEMAS.device, req.body);
    const token = randomBytes(24).toString('hex');
    if (!(await insertDevice(gate, device, secretHash(token)))) throw new ApiError('ID_TAKEN', undefined, 'id');
    live.changed('devices');
    res.status(201).json({ ...device, token });
  });

  router.post(`/${SIMULATED_SCALE}`, (req, res) => {
    const act = validate(SCHEMAS.simulatedScale, req.body);
    simulated.handAtScale(act);
    res.json({ ok: true });
  });

  router.delete('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.deviceId, { id: req.params['id'] });
    if (!(await deleteDevice(gate, id))) throw new ApiError('NO_DEVICE');
    devices.forget(id);
    live.changed('devices');
    res.status(204).end();
  });

  return router;
}
