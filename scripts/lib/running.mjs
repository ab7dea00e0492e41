// What a start says of itself in its data folder. Node built-ins only.
import { existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { isAlive } from './database.mjs';
import { say } from './ensure.mjs';

const fileIn = (data) => join(data, 'start.json');

/** The start that runs from this folder; `null`: none, or what is written there is not whole. */
export function runningIn(data) {
  const file = fileIn(data);
  if (!existsSync(file)) return null;
  try {
    const held = JSON.parse(readFileSync(file, 'utf8'));
    if (!Number.isInteger(held?.pid) || !isAlive(held.pid)) return null;
    return readFileSync(`/proc/${held.pid}/cmdline`, 'utf8').includes('start.mjs') ? held : null;
  } catch {
    return null;
  }
}

/** Writes down what a start says of itself, for a second start, backups and tests; one that cannot be written is said once. */
export function startRecord(data) {
  const file = fileIn(data);
  let now = {};
  let isSaid = false;
  return (change, isWritten = true) => {
    now = { ...now, ...change };
    if (!isWritten) return;
    try {
      // Whoever reads it finds the whole of it, at any moment.
      writeFileSync(`${file}.new`, JSON.stringify({ pid: process.pid, ...now }));
      renameSync(`${file}.new`, file);
    } catch (cause) {
      if (!isSaid) say(`The folder ${data} cannot be written (${cause.code}); the kitchen goes on.`);
      isSaid = true;
    }
  };
}
