// The demo kitchen in a data folder, with all that the product works out of it in its first minutes.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { setTimeout } from 'node:timers/promises';
import { ROOT } from './ensure.mjs';

/** Starts the built product there, waits until it has learnt from its records and planned its day plans, and stops it. */
export async function setUpDemo(folder) {
  const product = spawn(process.execPath, [join(ROOT, 'scripts/start.mjs'), '--port', '0', '--data', folder], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = once(product, 'exit');
  // Whoever is ended meanwhile leaves nothing running.
  const end = () => product.kill('SIGINT');
  process.once('exit', end);
  try {
    let address = null;
    for await (const line of createInterface(product.stdout)) {
      address = /ready at (http:\S+?)\/?(?:\s|$)/.exec(line)?.[1];
      if (address) break;
    }
    if (!address) throw new Error('The product with the demo kitchen did not start.');
    product.stdout.resume();
    const ask = async (path) => await (await fetch(`${address}/api${path}`)).json();
    // What its records taught is learnt in the minute after the start.
    let [before, same] = [-1, 0];
    for (let asked = 0; same < 4 && asked < 200; asked++) {
      const { seen } = await ask('/learnt/told');
      same = seen.length > 0 && seen.length === before ? same + 1 : 0;
      before = seen.length;
      await setTimeout(500);
    }
    // Its day plans are put down with it.
    for (const { id } of await ask('/suppers')) await ask(`/suppers/${id}/plan`);
  } finally {
    end();
    await ended;
    process.off('exit', end);
  }
}
