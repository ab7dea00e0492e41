import { recordRoutes } from './ledger/recordRoutes.js';
import { photoRoutes } from './ledger/photoRoutes.js';
import { noteRoutes } from './ledger/noteRoutes.js';
import type { BatchDraft } from '@ember-fold/core/plan';
import compression from 'compression';
import packed from 'express-static-gzip';
import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import { join } from 'node:path';
import type { Logger } from 'pino';
import { ApiError, type ErrorCode, toApiError } from './errors.js';
import { BatchParts } from './batches/batchParts.js';
import type { KeptPlans } from './planning/keptPlans.js';
import { Lessons, type Observe } from './ledger/lessons.js';
import { isFromHome } from './home/homeDoor.js';
import type { PlanSupperDay, PlanPart } from './planning/planThread.js';
import { SupperDays } from './supper/supperDays.js';
import { kitchenFor } from './kitchen/kitchenNow.js';
import { batchRoutes } from './batches/batchRoutes.js';
import type { Context } from './http/context.js';
import { calendarRoutes } from './supper/calendarRoutes.js';
import { copyRoutes, takeCopyRoute } from './copies/copyRoutes.js';
import { cookRoutes } from './batches/cookRoutes.js';
import { deviceRoutes, readingRoute } from './devices/deviceRoutes.js';
import { homeRoutes } from './home/homeRoutes.js';
import { exchangeRoutes } from './files/fileRoutes.js';
import { flourRoutes } from './store/flourRoutes.js';
import { learntRoutes } from './ledger/learntRoutes.js';
import { formulaRoutes } from './store/formulaRoutes.js';
import { ingredientRoutes } from './store/ingredientRoutes.js';
import { jsonBody, longJsonBody } from './http/jsonBody.js';
import { kitchenRoutes } from './kitchen/kitchenRoutes.js';
import { liveRoute } from './live/liveRoutes.js';
import { timerRoutes } from './kitchen/timerRoutes.js';
import { ledgerRoutes } from './ledger/ledgerRoutes.js';
import { oilRoutes } from './store/oilRoutes.js';
import { storedRoutes } from './store/storedRoutes.js';
import { supperRoutes } from './supper/supperRoutes.js';
import { storeRoutes } from './store/storeRoutes.js';
import { stoveRoutes } from './stove/stoveRoutes.js';
import { stovesRoutes } from './stove/stovesRoutes.js';

export interface AppOptions extends Omit<Context, 'jobs' | 'dayPlans' | 'lessons'> {
  /** Plans what a batch is for its day plan. */
  readonly planPart: PlanPart;
  readonly planSupperDay: PlanSupperDay;
  readonly observe: Observe;
  readonly kept: KeptPlans;
  readonly log: Logger;
  /** Built pages, or `null`. */
  readonly webDir: string | null;
}

const LOG_AGAIN_MS = 60_000;
const LOCAL_HOST = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/i;

/** Pages of other sites must not reach this server through a name that points at it. */
function onlyLocal(req: Request, _res: Response, next: NextFunction): void {
  if (isFromHome(req)) return next();
  const { host, origin } = req.headers;
  if (!host || !LOCAL_HOST.test(host)) throw new ApiError('BAD_HOST');
  // A page from another port of this machine belongs to another program: a different origin, refused like any other.
  if (origin !== undefined && origin.toLowerCase() !== `http://${host.toLowerCase()}`) throw new ApiError('BAD_HOST');
  next();
}

/** What lasts a while is logged once a minute, not with each request: a full disk has no room for lines of that. */
function seldom(): (code: ErrorCode) => boolean {
  const lastMs = new Map<ErrorCode, number>();
  return (code) => {
    if (code !== 'DISK_FULL' && code !== 'NO_DATABASE') return true;
    const nowMs = performance.now();
    if (nowMs - (lastMs.get(code) ?? -Infinity) < LOG_AGAIN_MS) return false;
    lastMs.set(code, nowMs);
    return true;
  };
}

/** Reading and deleting need no room. */
function roomFor({ disk }: Pick<Context, 'disk'>) {
  return async ({ method }: Request, _res: Response, next: NextFunction): Promise<void> => {
    if ((method === 'POST' || method === 'PUT') && !(await disk.hasRoom())) throw new ApiError('DISK_FULL');
    next();
  };
}

function onlyJson(req: Request, _res: Response, next: NextFunction): void {
  const hasBody = req.method === 'POST' || req.method === 'PUT';
  if (hasBody && !req.is('application/json')) throw new ApiError('NOT_JSON');
  next();
}

/** Builds the application; does not listen. It is long because it is the list of what a request passes through, in its order. */
export function createApp({ log, webDir, planPart, planSupperDay, observe, kept, ...given }: AppOptions): Express {
  const { gate, clockMs } = given;
  const jobs = new BatchParts(planPart, kept.parts);
  const atKitchen = (draft: BatchDraft) => kitchenFor(gate, draft, clockMs());
  const dayPlans = new SupperDays({
    gate,
    clockMs,
    jobs,
    planSupperDay,
    known: kept.dayPlans,
    kitchenFor: atKitchen,
  });
  const lessons = new Lessons({ gate, clockMs, log, observe, live: given.live });
  const context: Context = { ...given, jobs, dayPlans, lessons };
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          // styled-components writes its rules into the page.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          frameAncestors: ["'none'"],
          formAction: ["'self'"],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(onlyLocal, context.door.hosts);
  app.use(compression());

  const api = express.Router();
  api.use(context.door.devices, roomFor(context));
  // Devices speak lines, not JSON; and often, so what a browser may cache is said before.
  api.post('/devices/readings', express.text({ limit: '256kb', type: 'text/plain' }), readingRoute(context));
  // A whole kitchen is handed in as its packed file.
  api.post('/copies/given', takeCopyRoute(context));
  api.use((_req, res, next) => {
    res.set('Cache-Control', 'no-store');
    next();
  });
  // Files of a kitchen are longer than what is typed; a longer one is a copy.
  api.use('/exchange', onlyJson, ...longJsonBody('48mb'), exchangeRoutes(context));
  api.use(onlyJson, jsonBody('256kb'));
  api.get('/health', async (_req, res) => {
    const [row] = await context.gate.rows<{ ms: string }>('SELECT UNIX_TIMESTAMP(NOW(3)) * 1000 AS ms');
    // `npm run doctor` compares the clocks.
    res.json({ ok: true, nowMs: context.clockMs(), databaseMs: Math.round(Number(row!.ms)) });
  });
  api.use('/kitchen', kitchenRoutes(context));
  api.use('/batches/:id/stove', stoveRoutes(context));
  api.use('/stoves', stovesRoutes(context));
  api.use('/batches/:id/cook', cookRoutes(context));
  api.use('/batches', batchRoutes(context));
  api.use('/timers', timerRoutes(context));
  api.get('/live', liveRoute(context));
  api.use('/flours', flourRoutes(context));
  api.use('/learnt', learntRoutes(context));
  api.use('/ledger', ledgerRoutes(context));
  api.use('/ledger', recordRoutes(context));
  api.use('/ledger', noteRoutes(context));
  api.use('/ledger', photoRoutes(context));
  api.use('/ingredients', ingredientRoutes(context));
  api.use('/formulas', formulaRoutes(context));
  api.use('/oils', oilRoutes(context));
  api.use('/suppers', supperRoutes(context));
  api.use('/store/stored', storedRoutes(context));
  api.use('/store', storeRoutes(context));
  api.use('/devices', deviceRoutes(context));
  api.use('/copies', copyRoutes(context));
  api.use('/home', homeRoutes(context));
  api.use('/calendar', calendarRoutes(context));
  api.use(() => {
    throw new ApiError('NOT_FOUND');
  });
  app.use('/api', api);

  if (webDir) {
    app.use(
      '/assets',
      packed(join(webDir, 'assets'), {
        enableBrotli: true,
        orderPreference: ['br'],
        serveStatic: { immutable: true, maxAge: '1y' },
      }),
    );
    // A page of an older build asks for parts that are gone: it is told so, and not handed the front page.
    app.use('/assets', () => {
      throw new ApiError('NOT_FOUND');
    });
    app.use(express.static(webDir, { index: false, maxAge: 0 }));
    app.get('/*path', (_req, res) => res.sendFile(join(webDir, 'index.html')));
    app.get('/', (_req, res) => res.sendFile(join(webDir, 'index.html')));
  }

  const isNews = seldom();
  app.use((cause: unknown, req: Request, res: Response, _next: NextFunction) => {
    // The client left and its work was aborted for that (`whileAsked`): there is nobody to answer and no fault to log.
    if (res.destroyed && (cause as { name?: unknown } | null)?.name === 'AbortError') return;
    const error = toApiError(cause);
    if (error.status >= 500 && isNews(error.code))
      log.error({ cause, method: req.method, url: req.url }, error.message);
    if (res.headersSent || res.destroyed) return void res.end();
    res
      .status(error.status)
      .json({ code: error.code, message: error.message, ...(error.path ? { path: error.path } : {}) });
  });
  return app;
}
