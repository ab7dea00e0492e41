import { SimulatedScale } from './simulatedScale.js';
import { SimulatedStoves } from './simulatedStoves.js';

/**
 * The simulated stove and scale as a process of their own: started by the server beside it, with
 * the server's address and their token; all they say goes over HTTP, as from a real device.
 */
const url = process.env['EMBER_URL'];
const token = process.env['EMBER_DEVICE_TOKEN'];
if (!url || !token) {
  process.stderr.write('EMBER_URL and EMBER_DEVICE_TOKEN say where the readings go.\n');
  process.exit(1);
}
const log = (problem: string) => process.stderr.write(`${problem}\n`);
const stoves = new SimulatedStoves({ url, token, log, isOneOfSeveral: process.env['EMBER_SHARED'] === '1' });
const scale = new SimulatedScale({ url, token, log });

/** The hand that puts something on the scale, or presses its key; or which stoves burn here. */
process.on('message', (told: { do: 'on' | 'tare' | 'load'; loadKg?: number } | { own: readonly string[] }) => {
  if ('own' in told) stoves.own(told.own);
  else if (told.do === 'load') scale.load(told.loadKg ?? 0);
  else if (told.do === 'tare') scale.tare();
  else scale.switchOn();
});

const close = () => {
  stoves.close();
  scale.close();
  process.exit(0);
};
process.on('SIGTERM', close);
process.on('SIGINT', close);
// The server is gone: there is nobody left to tell.
process.on('disconnect', close);
// It may have gone while this process was still starting: that is told to nobody.
if (!process.connected) close();
