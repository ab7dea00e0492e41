import type { Gate } from '../db/gate.js';
import { latestMoment, moveOpenStoves } from '../stove/stoveTable.js';

/** A clock that went back by no more than this over a restart is waited for, ms; by more, what it dated moves with it. */
const WAITED_MS = 60_000;

/**
 * The moment a server's clock starts from. Nothing may happen before what happened already; but a clock that
 * was once ahead by days must not stay ahead for as long as a stove is on, so its records are moved to now.
 *
 * @param nowMs by the machine's clock
 */
export async function startClock(gate: Gate, nowMs: number): Promise<number> {
  const latestMs = (await latestMoment(gate)) ?? nowMs;
  const aheadMs = latestMs - nowMs;
  if (aheadMs <= 0) return nowMs;
  if (aheadMs <= WAITED_MS) return latestMs;
  await moveOpenStoves(gate, aheadMs);
  return nowMs;
}
