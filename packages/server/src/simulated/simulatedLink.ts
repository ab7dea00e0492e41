import { type ChildProcess, fork } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import type { ScaleAct } from '@ember-fold/core/ledger';

/** What the server knows of the simulated devices: their token, and the hand at the scale. */
export interface SimulatedLink {
  readonly token: string;
  handAtScale(act: ScaleAct): void;
}

/** Its other side is a process of its own. */
interface SimulatedProcess extends SimulatedLink {
  connect(): void;
  /** Says which stoves burn here. */
  own(batchIds: readonly string[]): void;
  close(): void;
}

const RESTART_MS = 1000;

/** Starts the simulated devices beside the server, and again should they fall over. */
export function startSimulated(script: string, port: () => number, log: (problem: string) => void): SimulatedProcess {
  const token = randomBytes(24).toString('hex');
  let child: ChildProcess | null = null;
  let closed = false;
  let owned: readonly string[] | null = null;
  const connect = () => {
    child = fork(script, [], {
      env: { ...process.env, EMBER_URL: `http://127.0.0.1:${port()}`, EMBER_DEVICE_TOKEN: token },
    });
    if (owned) child.send({ own: owned });
    child.once('exit', (code) => {
      child = null;
      if (closed) return;
      log(`The simulated devices ended with ${code}; they are started again.`);
      setTimeout(() => !closed && connect(), RESTART_MS);
    });
  };
  return {
    token,
    connect,
    own: (batchIds) => {
      owned = batchIds;
      child?.send({ own: batchIds });
    },
    handAtScale: (act) => void child?.send(act),
    close: () => {
      closed = true;
      child?.kill('SIGTERM');
    },
  };
}
