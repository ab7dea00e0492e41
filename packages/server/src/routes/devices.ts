import { createHash, randomBytes } from 'node:crypto';
import { type Request, type Response, Router } from 'express';
import { deleteDevice, deviceOfToken, type DeviceRow, insertDevice, listDevices } from '../db/deviceTable.js';
import { type DeviceReading, readLine } from '../devices/readingLine.js';
import type { StoveRow } from '../db/stoveTable.js';
import { SIMULATED_SCALE } from '../simulated/simulatedScale.js';
import { SIMULATED_STOVE } from '../simulated/simulatedStoves.js';
import { ApiError } from '../errors.js';
import type { Context } from './context.js';
import { SCHEMAS, type ScaleAct, validate } from './validate.js';

const HEARTBEAT_MS = 15_000;
const MOST_LINES = 1000;
const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
const SIMULATED: readonly DeviceRow[] = [
  { id: SIMULATED_SCALE, kind: 'scale', name: 'Simulated scale' },
  { id: SIMULATED_STOVE, kind: 'probe', name: 'Simulated stove' },
];

/** The devices a token speaks for. The simulated ones are this server's own: they are not in the table. */
async function devicesOf({ gate, simulated }: Context, token: string): Promise<readonly DeviceRow[]> {
  if (token === simulated.token) return SIMULATED;
  const device = await deviceOfToken(gate, hashOf(token));
  return device ? [device] : [];
}

/** `POST /api/devices/readings`: lines from a device, one or many. What a probe sends is committed before the answer. */
export function readingRoute(context: Context) {
  const { devices, stoves } = context;
  return async (req: Request, res: Response): Promise<void> => {
    if (typeof req.body !== 'string') throw new ApiError('NOT_LINES');
    const token = /^Bearer ([\w-]{16,128})$/.exec(req.headers.authorization ?? '')?.[1];
    const known = token ? await devicesOf(context, token) : [];
    if (known.length === 0) throw new ApiError('BAD_TOKEN');
    const lines = req.body.split(/\r?\n/).filter((line) => line.trim() !== '');
    if (lines.length > MOST_LINES) throw new ApiError('TOO_LARGE', `At most ${MOST_LINES} lines at a time.`);
    const refused: { line: number; message: string }[] = [];
    const good: DeviceReading[] = [];
    const kept: { row: StoveRow; reading: { atMs: number; probeC: number } }[] = [];
    lines.forEach((line, i) => {
      const reading = readLine(line);
      const problem = 'problem' in reading ? reading.problem : problemFor(known, reading);
      if (problem !== null) return void refused.push({ line: i + 1, message: problem });
      const read = reading as DeviceReading;
      good.push(read);
      if (read.kind !== 'temperature') return;
      const row = stoves.stoveOf(read.device, read.batchId);
      const atMs = Date.parse(read.at);
      // A reading from before the stove was lit is shown, and is no record of it.
      if (row && atMs >= row.startedAt.getTime()) kept.push({ row, reading: { atMs, probeC: read.value } });
    });
    await stoves.take(kept);
    // Shown only once it is kept. A late one is kept in its place, and is not the newest.
    const taken = good.filter((reading) => devices.take(reading)).length;
    res.set('Cache-Control', 'no-store').json({ taken, late: good.length - taken, refused });
  };
}

function problemFor(known: readonly DeviceRow[], reading: DeviceReading): string | null {
  const device = known.find((one) => one.id === reading.device);
  if (!device) return `This token belongs to ${known.map((one) => one.id).join(', ')}.`;
  const kind = device.kind === 'scale' ? 'mass' : 'temperature';
  return reading.kind === kind ? null : `A ${device.kind} sends ${kind}.`;
}

/** Devices: listed, added, removed, followed; and the keys of the simulated scale. */
export function deviceRoutes(context: Context): Router {
  const { gate, devices, simulated } = context;
  const router = Router();

  router.get('/', async (_req, res) => {
    res.json([...SIMULATED, ...(await listDevices(gate))]);
  });

  router.post('/', async (req, res) => {
    const device = validate<DeviceRow>(SCHEMAS.device, req.body);
    const token = randomBytes(24).toString('hex');
    if (!(await insertDevice(gate, device, hashOf(token)))) throw new ApiError('ID_TAKEN', undefined, 'id');
    res.status(201).json({ ...device, token });
  });

  router.post(`/${SIMULATED_SCALE}`, (req, res) => {
    const act = validate<ScaleAct>(SCHEMAS.simulatedScale, req.body);
    simulated.handAtScale(act);
    res.json({ ok: true });
  });

  router.delete('/:id', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.deviceId, { id: req.params['id'] });
    if (!(await deleteDevice(gate, id))) throw new ApiError('NO_DEVICE');
    devices.forget(id);
    res.status(204).end();
  });

  router.get('/:id/stream', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.deviceId, { id: req.params['id'] });
    const all = [...SIMULATED, ...(await listDevices(gate))];
    if (!all.some((device) => device.id === id)) {
      throw new ApiError('NO_DEVICE');
    }
    streamDevice(context, id, req, res);
  });

  return router;
}

/** Server-sent events: what is still here of what was missed, then each reading as it comes. */
function streamDevice({ devices, simulated }: Context, id: string, req: Request, res: Response): void {
  const mark = Number(req.headers['last-event-id'] ?? req.query['seq'] ?? -1);
  res.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform' });
  const send = (reading: DeviceReading) =>
    res.write(`id: ${reading.seq}\nevent: reading\ndata: ${JSON.stringify(reading)}\n\n`);
  const missed = devices.after(id, Number.isSafeInteger(mark) ? mark : -1);
  // An old figure is of no use to a hand at the scale: the last second is enough.
  missed.slice(-5).forEach(send);
  const stop = devices.follow(id, send);
  const beat = setInterval(() => {
    res.write(': here\n\n');
    // A page that looks keeps it awake.
    if (id === SIMULATED_SCALE) simulated.handAtScale({ do: 'on' });
  }, HEARTBEAT_MS);
  res.on('close', () => {
    clearInterval(beat);
    stop();
  });
  res.flushHeaders();
  if (id === SIMULATED_SCALE) simulated.handAtScale({ do: 'on' });
}
