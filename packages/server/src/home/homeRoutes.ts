import type { CalendarAddress, HomeNow, Pairing } from '@ember-fold/core/files';
import { randomBytes, randomInt, randomUUID } from 'node:crypto';
import { type RequestHandler, Router } from 'express';
import { rateLimit } from 'express-rate-limit';
import {
  deleteHomeDevice,
  hasCalendar,
  listHomeDevices,
  passphraseOf,
  takePairing,
  writeCalendarSecret,
  writePairing,
  writePassphrase,
} from './homeTable.js';
import { ApiError } from '../errors.js';
import { isFromHome } from './homeDoor.js';
import { isPassphrase, storedPassphrase } from './passphrase.js';
import { secretHash } from '../secretHash.js';
import type { Context } from '../http/context.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';

const PAIRING_MS = 2 * 60_000;
const TRIES_MS = 10 * 60_000;
const TRIES_EACH = 10;
/** Of passphrases alone: what strangers try must not keep out somebody who has a code. */
const TRIES_ALL = 100;

const isByPassphrase = (body: unknown): boolean => typeof body === 'object' && body !== null && 'passphrase' in body;

/** Wrong tries from one address, and of passphrases from all of them. */
function fewTries(): RequestHandler[] {
  const usual = { windowMs: TRIES_MS, skipSuccessfulRequests: true, legacyHeaders: false } as const;
  const tooMany: RequestHandler = () => {
    throw new ApiError('MANY_TRIES');
  };
  return [
    rateLimit({ ...usual, limit: TRIES_EACH, handler: tooMany }),
    rateLimit({
      ...usual,
      limit: TRIES_ALL,
      handler: tooMany,
      keyGenerator: () => 'all',
      skip: ({ body }) => !isByPassphrase(body),
    }),
  ];
}

const fromHome: RequestHandler = (req, _res, next) => {
  if (!isFromHome(req)) throw new ApiError('IS_HERE');
  next();
};

/** Devices of the home network: let in, listed, forgotten. It is long because it is a list of handlers; none knows another. */
export function homeRoutes({ gate, door, live, clockMs }: Context): Router {
  const router = Router();
  const device = (res: { locals: Record<string, unknown> }) => res.locals['homeDevice'] as string | undefined;

  router.get('/', async (req, res) => {
    const devices = await listHomeDevices(gate);
    const now: HomeNow = {
      isHere: !isFromHome(req),
      network: door.network((await passphraseOf(gate)) !== null),
      hasCalendar: await hasCalendar(gate),
      devices: devices.map((one) => ({ ...one, isThis: one.id === device(res) })),
    };
    res.json(now);
  });

  router.get('/certificate', (_req, res) => {
    const { certificate } = door;
    if (!certificate) throw new ApiError('NOT_ON_NETWORK');
    res.type('application/x-x509-ca-cert').attachment('ember-fold.crt').send(certificate.certificate);
  });

  router.post('/pairings', async (req, res) => {
    const network = door.network(false);
    if (!network) throw new ApiError('NOT_ON_NETWORK');
    const secret = randomBytes(18).toString('base64url');
    const digits = String(randomInt(1_000_000)).padStart(6, '0');
    const endsAt = new Date(clockMs() + PAIRING_MS);
    await writePairing(gate, { secretHash: secretHash(secret), digitsHash: secretHash(digits), endsAt });
    const address = isFromHome(req) ? `https://${req.headers.host}/` : network.addresses[0]!;
    const pairing: Pairing = { digits, link: `${address}enter#${secret}`, endsAt: endsAt.toISOString() };
    res.status(201).json(pairing);
  });

  router.post('/enter', fromHome, ...fewTries(), async (req, res) => {
    const entry = validate(SCHEMAS.homeEntry, req.body);
    const at = new Date(clockMs());
    const isRight =
      'passphrase' in entry
        ? await isPassphrase(entry.passphrase, await passphraseOf(gate))
        : await takePairing(
            gate,
            'secret' in entry ? { secretHash: secretHash(entry.secret) } : { digitsHash: secretHash(entry.digits) },
            at,
          );
    if (!isRight) throw new ApiError('passphrase' in entry ? 'WRONG_PASSPHRASE' : 'WRONG_CODE');
    const how = 'passphrase' in entry ? 'passphrase' : 'secret' in entry ? 'picture' : 'digits';
    await door.letIn(res, randomUUID(), entry.name, how);
    live.changed('home');
    res.status(204).end();
  });

  router.put('/passphrase', async (req, res) => {
    if (isFromHome(req)) throw new ApiError('ONLY_HERE');
    const { passphrase } = validate(SCHEMAS.passphrase, req.body);
    await writePassphrase(gate, passphrase === null ? null : await storedPassphrase(passphrase));
    live.changed('home');
    res.status(204).end();
  });

  router.post('/calendar', async (req, res) => {
    const network = door.network(false);
    if (!network) throw new ApiError('NOT_ON_NETWORK');
    const secret = randomBytes(24).toString('base64url');
    await writeCalendarSecret(gate, secretHash(secret));
    live.changed('home');
    const base = isFromHome(req) ? `https://${req.headers.host}/` : network.addresses[0]!;
    res.status(201).json({ address: `${base}api/calendar/${secret}.ics` } satisfies CalendarAddress);
  });

  router.delete('/calendar', async (_req, res) => {
    await writeCalendarSecret(gate, null);
    live.changed('home');
    res.status(204).end();
  });

  router.delete('/devices/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, { id: req.params['id'] });
    if (!(await deleteHomeDevice(gate, id))) throw new ApiError('NOT_FOUND');
    live.changed('home');
    res.status(204).end();
    res.on('finish', () => door.end(id));
  });

  return router;
}
