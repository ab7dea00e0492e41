import { createServer, type Server } from 'node:https';
import type { RequestListener } from 'node:http';
import type { Socket } from 'node:net';
import type { SecureContextOptions } from 'node:tls';

/** Connections of one address, and of the whole home network: strangers must leave room for this machine's own. */
const MOST = { each: 48, all: 256 };
/** Who does not finish a handshake or the head of a request in this time is let go, ms. */
const SLOW_MS = { handshake: 5000, headers: 10_000 };

/** The server for the home network, with limits of its own: what strangers take of it, loopback never misses. */
export function secureServer(
  tls: SecureContextOptions,
  app: RequestListener,
  { keepAliveTimeout }: { readonly keepAliveTimeout: number },
): Server {
  const limits = { handshakeTimeout: SLOW_MS.handshake, headersTimeout: SLOW_MS.headers, keepAliveTimeout };
  const server = createServer({ ...tls, ...limits }, app);
  server.maxConnections = MOST.all;
  const open = new Map<string, number>();
  // Before the handshake, which costs more than all else.
  server.on('connection', (socket: Socket) => {
    const address = socket.remoteAddress ?? '';
    const now = (open.get(address) ?? 0) + 1;
    if (now > MOST.each) return void socket.destroy();
    open.set(address, now);
    socket.once('close', () => {
      const left = open.get(address)! - 1;
      if (left === 0) open.delete(address);
      else open.set(address, left);
    });
  });
  return server;
}
