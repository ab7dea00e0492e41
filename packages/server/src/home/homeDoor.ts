import type { HomeNetwork, PairedDevice } from '@ember-fold/core/files';
import { parseCookie } from 'cookie';
import { randomBytes } from 'node:crypto';
import type { NextFunction, Request, Response } from 'express';
import { TLSSocket } from 'node:tls';
import { homeDeviceOf, insertHomeDevice, listHomeDevices, noteSeen } from './homeTable.js';
import type { Gate } from '../db/gate.js';
import { ApiError } from '../errors.js';
import { secretHash } from '../secretHash.js';
import type { Certificate } from './certificate.js';

/** Where the kitchen is served to the home network. */
export interface HomeServer {
  readonly port: () => number;
  /** Names and addresses it answers to, the surest first. */
  readonly names: () => readonly string[];
  readonly certificate: Certificate;
}

const DAY_MS = 86_400_000;
/** A device that was not seen for so long is let in again by somebody who is in. */
const STAYS_MS = 180 * DAY_MS;
/** When a device was seen last is written at most so often. */
const SEEN_EACH_MS = 60_000;
const RECHECK_MS = 10_000;
/** Only over HTTPS, only from this host, for every path: the browser holds to it by this beginning. */
const COOKIE = '__Host-ember';

/** Whether it came over the home network; what came over loopback is from this machine itself. */
export const isFromHome = (req: Request): boolean => req.socket instanceof TLSSocket;

/** A thermometer has a token of its own, and no browser. */
const BY_TOKEN = 'POST /api/devices/readings';
/** A calendar app sends no cookie. Its address contains a secret instead, which the calendar route checks. */
const BY_ADDRESS = /^GET \/api\/calendar\//;
/** What a browser may ask before it is let in. */
const OPEN = new Set(['POST /api/home/enter', 'GET /api/home/certificate']);

/**
 * Who may come in over the home network: hosts and origins by name, then a cookie that stands for a
 * paired device. What is open for a device that is forgotten is closed.
 */
export class HomeDoor {
  private readonly open = new Map<string, Set<Response>>();
  private readonly timer: NodeJS.Timeout;

  constructor(
    private readonly gate: Gate,
    private readonly clockMs: () => number,
    private readonly server: HomeServer | null,
  ) {
    // Another server on the same records may have forgotten it.
    this.timer = setInterval(() => void this.recheck().catch(() => undefined), RECHECK_MS);
    this.timer.unref();
  }

  get certificate(): Certificate | null {
    return this.server?.certificate ?? null;
  }

  network(hasPassphrase: boolean): HomeNetwork | null {
    const names = this.server?.names() ?? [];
    // A machine that no network reaches has no address to give.
    if (!this.server || names.length === 0) return null;
    const { certificate } = this.server;
    return {
      addresses: names.map((name) => this.address(name)),
      fingerprint: certificate.fingerprint,
      hasPassphrase,
    };
  }

  private address(name: string): string {
    const port = this.server!.port();
    return `https://${name}${port === 443 ? '' : `:${port}`}/`;
  }

  /** The first thing a request over the home network passes. */
  readonly hosts = (req: Request, _res: Response, next: NextFunction): void => {
    if (!isFromHome(req)) return next();
    const { host = '', origin } = req.headers;
    const here = this.server?.names().some((name) => this.address(name) === `https://${host.toLowerCase()}/`);
    if (!here) throw new ApiError('BAD_HOST');
    if (origin !== undefined && origin !== `https://${host}`) throw new ApiError('BAD_HOST');
    next();
  };

  /** Lets paired devices through. */
  readonly devices = async (req: Request, res: Response, next: NextFunction): Promise<void> => {
    if (!isFromHome(req)) return next();
    const asks = `${req.method} ${req.baseUrl}${req.path}`;
    if (asks === BY_TOKEN) return next();
    const isWrite = req.method !== 'GET' && req.method !== 'HEAD';
    // Every browser says where a write comes from; a page of another site is refused by what it says.
    if (isWrite && req.headers.origin === undefined) throw new ApiError('BAD_HOST');
    if (req.headers['sec-fetch-site'] === 'cross-site') throw new ApiError('BAD_HOST');
    if (OPEN.has(asks) || BY_ADDRESS.test(asks)) return next();
    const token = parseCookie(req.headers.cookie ?? '')[COOKIE];
    const nowMs = this.clockMs();
    const device = token ? await homeDeviceOf(this.gate, secretHash(token), new Date(nowMs - STAYS_MS)) : null;
    if (!device) throw new ApiError('NOT_PAIRED');
    if (nowMs - device.seenAt.getTime() > SEEN_EACH_MS) await noteSeen(this.gate, device.id, new Date(nowMs));
    res.locals['homeDevice'] = device.id;
    const open = this.open.get(device.id) ?? new Set();
    this.open.set(device.id, open.add(res));
    res.on('close', () => {
      open.delete(res);
      if (open.size === 0 && this.open.get(device.id) === open) this.open.delete(device.id);
    });
    next();
  };

  /** Pairs a device: from now on its cookie lets it in. */
  async letIn(res: Response, id: string, name: string, how: PairedDevice['how']): Promise<void> {
    const token = randomBytes(32).toString('base64url');
    await insertHomeDevice(this.gate, { id, name, how }, secretHash(token), new Date(this.clockMs()));
    res.cookie(COOKIE, token, { httpOnly: true, secure: true, sameSite: 'strict', path: '/', maxAge: 400 * DAY_MS });
  }

  /** Ends what is open for a device that was forgotten. */
  end(id: string): void {
    for (const res of this.open.get(id) ?? []) res.destroy();
  }

  private async recheck(): Promise<void> {
    if (this.open.size === 0) return;
    const known = new Set((await listHomeDevices(this.gate)).map(({ id }) => id));
    for (const id of this.open.keys()) if (!known.has(id)) this.end(id);
  }

  close(): void {
    clearInterval(this.timer);
  }
}
