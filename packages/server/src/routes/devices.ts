import { createHash, randomBytes } from 'node:crypto';
import { type Request, type Response, Router } from 'express';
import { deleteDevice, deviceOfToken, type DeviceRow, insertDevice, listDevices } from '../db/deviceTable.js';
import { type DeviceReading, readLine } from '../devices/readingLine.js';
import { SIMULATED_SCALE } from '../devices/simulatedScaleRunner.js';
import { ApiError } from '../errors.js';
import type { Context } from './context.js';
import { SCHEMAS, type ScaleAct, validate } from './validate.js';

const HEARTBEAT_MS = 15_000;
const MOST_LINES = 1000;
const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
const SIMULATED: DeviceRow = { id: SIMULATED_SCALE, kind: 'scale', name: 'Simulated scale' };

/** `POST /api/devices/readings`: lines from a device, one or many. */
export function readingRoute({ gate, devices, scale }: Context) {
  return async (req: Request, res: Response): Promise<void> => {
    if (typeof req.body !== 'string') throw new ApiError('NOT_LINES');
    const token = /^Bearer ([\w-]{16,128})$/.exec(req.headers.authorization ?? '')?.[1];
    if (!token) throw new ApiError('BAD_TOKEN');
    // The simulated one is this server's own: it is not in the table.
    const device = token === scale.token ? SIMULATED : await deviceOfToken(gate, hashOf(token));
    if (!device) throw new ApiError('BAD_TOKEN');
    const lines = req.body.split(/\r?\n/).filter((line) => line.trim() !== '');
    if (lines.length > MOST_LINES) throw new ApiError('TOO_LARGE', `At most ${MOST_LINES} lines at a time.`);
    const refused: { line: number; message: string }[] = [];
    let taken = 0;
    let late = 0;
    lines.forEach((line, i) => {
      const reading = readLine(line);
      const problem = 'problem' in reading ? reading.problem : problemFor(device, reading);
      if (problem !== null) refused.push({ line: i + 1, message: problem });
      else if (devices.take(reading as DeviceReading)) taken += 1;
      else late += 1;
    });
    res.set('Cache-Control', 'no-store').json({ taken, late, refused });
  };
}

function problemFor(device: DeviceRow, reading: DeviceReading): string | null {
  if (reading.device !== device.id) return `This token belongs to ${device.id}.`;
  const kind = device.kind === 'scale' ? 'mass' : 'temperature';
  return reading.kind === kind ? null : `A ${device.kind} sends ${kind}.`;
}

/** Devices: listed, added, removed, followed; and the keys of the simulated scale. */
export function deviceRoutes(context: Context): Router {
  const { gate, devices, scale } = context;
  const router = Router();

  router.get('/', async (_req, res) => {
    res.json([SIMULATED, ...(await listDevices(gate))]);
  });

  router.post('/', async (req, res) => {
    const device = validate<DeviceRow>(SCHEMAS.device, req.body);
    const token = randomBytes(24).toString('hex');
    if (!(await insertDevice(gate, device, hashOf(token)))) throw new ApiError('ID_TAKEN', undefined, 'id');
    res.status(201).json({ ...device, token });
  });

  router.post(`/${SIMULATED_SCALE}`, (req, res) => {
    const act = validate<ScaleAct>(SCHEMAS.simulatedScale, req.body);
    if (act.do === 'load') scale.load(act.loadKg);
    else if (act.do === 'tare') scale.tare();
    else scale.switchOn();
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
    if (id !== SIMULATED_SCALE && !(await listDevices(gate)).some((device) => device.id === id)) {
      throw new ApiError('NO_DEVICE');
    }
    streamDevice(context, id, req, res);
  });

  return router;
}

/** Server-sent events: what is still here of what was missed, then each reading as it comes. */
function streamDevice({ devices, scale }: Context, id: string, req: Request, res: Response): void {
  const mark = Number(req.headers['last-event-id'] ?? req.query['seq'] ?? -1);
  res.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform' });
  const send = (reading: DeviceReading) =>
    res.write(`id: ${reading.seq}\nevent: reading\ndata: ${JSON.stringify(reading)}\n\n`);
  const missed = devices.after(id, Number.isSafeInteger(mark) ? mark : -1);
  // An old figure is of no use to a hand at the scale: the last second is enough.
  missed.slice(-5).forEach(send);
  const stop = devices.follow(id, send);
  const beat = setInterval(() => res.write(': here\n\n'), HEARTBEAT_MS);
  res.on('close', () => {
    clearInterval(beat);
    stop();
  });
  if (id === SIMULATED_SCALE) scale.switchOn();
  res.flushHeaders();
}
