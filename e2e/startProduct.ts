import { startProduct } from './product';

/** One product for the whole run. @returns what stops it */
export default async function setup(): Promise<() => Promise<void>> {
  const product = await startProduct('e2e');
  process.env['EMBER_URL'] = product.address;
  process.env['EMBER_SERVER_PIDS'] = JSON.stringify(product.state());
  return () => product.stop();
}
